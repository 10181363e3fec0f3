// The piece that carries the words.
#pragma once
#include "blank/axis_hole.hpp"
#include "blank/ear.hpp"
#include "blank/edge.hpp"
#include "blank/hole.hpp"
#include "blank/panel.hpp"
#include "blank/part.hpp"
#include "blank/plate_outline.hpp"
#include "blank/profile.hpp"
#include "plane/region.hpp"
#include <span>
#include <string_view>
#include <vector>

namespace bollard::blank {

enum class Kind { none, plate, disc, wedge, bar, block, tube, ring, cone, sphere, turned, faceted, file };
/// What the inside of a ring looks like along its axis.
enum class Inside { flat, comfort };

/// Sizes in mm. Fields of other kinds are kept, so that changing the kind and back loses nothing.
struct Blank {
    Kind kind = Kind::plate;
    double width = 120;           ///< plate, wedge, block; ring: along its axis
    double height = 45;           ///< plate, wedge, block
    double corner = 0;            ///< plate, wedge: corner radius
    PlateOutline outline{};       ///< plate, wedge
    double diameter = 60;         ///< disc, bar, tube, sphere; cone: at its start
    double length = 60;           ///< bar, tube, cone, faceted
    double bore = 40;             ///< tube, ring, faceted: diameter of the hollow
    Inside inside = Inside::flat; ///< ring
    double comfort = 0.3;         ///< ring: how much wider its inside is at its ends, in radius
    double flat = 0;              ///< ring: how wide a flat its outside has in the middle; 0: none
    double flatThickness = 3;     ///< ring: how thick it is there
    double topDiameter = 20;      ///< cone: at its end
    /// turned: from its start to its end
    std::vector<ProfilePoint> profile{{8, 0, false}, {20, 18, true}, {6, 44, false}};
    AxisHole axisHole{};     ///< bar, cone, sphere, turned that is solid
    Ear ear{};               ///< the same
    double wall = 0;         ///< turned: how thick it is; 0: solid
    int facets = 8;          ///< faceted
    double across = 50;      ///< faceted: from facet to opposite facet: twice the apothem
    double centreHole = 0;   ///< disc: diameter; 0 for none
    double thickness = 3;    ///< plate, disc, block, ring; wedge: at its left
    double endThickness = 1; ///< wedge: at its right
    double margin = 3;       ///< how near the words may come to the edges
    std::vector<Hole> holes{};
    Edge edge{};            ///< of flat walls: along the outline, not of holes
    bool edgeBoth = false;  ///< at the back too
    PartFile part{};        ///< file
    std::string material{}; ///< what it is made of; mass is told where its density is known
    bool operator==(const Blank&) const = default;

    /// A plate whose outline depends on what lies on it.
    bool followsWords() const {
        return (kind == Kind::plate || kind == Kind::wedge) && outline.kind == OutlineKind::words;
    }
};

// A side is named as cards do ("front", "back", "outside"). Each is seen from outside it, its origin at its
// lower left.

/// The sides that words can lie on, the first where a card names none. Never empty.
std::vector<std::string_view> sidesOf(const Blank& blank);
/// The side's name where the blank has it; its first for none; empty when it lacks that side.
std::string_view sideOf(const Blank& blank, std::string_view side);

/// What lies behind a side of a flat wall: the other one; empty for others.
std::string_view sideAcross(const Blank& blank, std::string_view side);

/// How wide and high the side is, mm; 0 by 0 for no blank. Here and below an empty name is the first side.
plane::Vector sizeOf(const Blank& blank, std::string_view side = {});
/// How much material lies behind the side, mm; where that differs, in its thinnest place. 0 for no blank.
double depthBehind(const Blank& blank, std::string_view side = {});
/// The same, at the thinnest place between two x of the side, mm.
double depthBehind(const Blank& blank, std::string_view side, double fromX, double toX);
/// The circumference, mm, of a side that goes all the way round; 0 for others.
double turnOf(const Blank& blank, std::string_view side = {});

/// How far the places of a side are from the axis that it is turned about; of own radius 0: it is not round.
Radius radiusOf(const Blank& blank, std::string_view side);
/// Whether it is wider round in one place than in another.
bool isUneven(const Blank& blank, std::string_view side);
/// How far it is round the side at that y, mm; 0 where it does not go all the way round.
double turnAt(const Blank& blank, std::string_view side, double y);
/// The same as a share of the widest turn; 1 for sides that are not round, above 0 for all.
double narrowingAt(const Blank& blank, std::string_view side, double y);
/// Where a facet ends and the next begins: x of the side, mm, ascending; none on smooth sides.
std::vector<double> facetBordersOf(const Blank& blank, std::string_view side);

/// Whether its edge can be broken: along the outline, or of a bar at its ends.
bool hasEdge(const Blank& blank);
/// Whether it has an ear at one of its ends.
bool hasEar(const Blank& blank);
/// Whether holes can be drilled through it.
bool takesHoles(const Blank& blank);
/// The edge along the outline, no larger than there is room for; crisp where that kind of blank has none.
Edge edgeOf(const Blank& blank);

/// Its holes; none where that kind of blank takes none.
std::span<const Hole> drilledIn(const Blank& blank);
/// The same, and what its shape brings along: a disc's centre hole, that of a tag's ear, a tube's in its
/// ends.
std::vector<Hole> holesIn(const Blank& blank, std::string_view side = {});

/// The side's outline without its holes, with true curves, mm; empty for none.
plane::Outline outlineOf(const Blank& blank, std::string_view side = {});
/// The holes through the side, mm, counter-clockwise.
plane::Outline holesOf(const Blank& blank, std::string_view side = {});
/// The wider mouths of countersunk ones, where they are on the side.
plane::Outline mouthsOf(const Blank& blank, std::string_view side = {});

/// The side, flattened within 0.01 mm, on the grid; empty for none.
plane::Region regionOf(const Blank& blank, std::string_view side = {});

/// The same without its holes.
plane::Region wholeRegionOf(const Blank& blank, std::string_view side = {});

/// What are edges to letters on the side: those of regionOf() with the mouths of its holes, but none to the
/// left and right of a side that closes.
plane::Region boundaryOf(const Blank& blank, std::string_view side = {});

/// What is left between two holes, or between a hole and the blank's edge; mm, the place in its middle.
struct Land {
    plane::Vector at{};
    double width = 0;
};
/// The lands narrower than `below` mm. Holes that meet, or lie across the edge, have none between. O(n log
/// n).
std::vector<Land> landsOf(const Blank& blank, double below);

/// The blank whose outline follows what lies on its front; others as they are.
Blank aroundWords(Blank blank, const std::vector<plane::Region>& onFront);

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Blank>();
