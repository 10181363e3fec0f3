// The piece that carries the words.
#pragma once
#include "blank/edge.hpp"
#include "plane/region.hpp"
#include "quantity/fields_of.hpp"
#include <span>
#include <string_view>
#include <vector>

namespace bollard::blank {

enum class Kind { none, plate, disc, bar };

/// A round hole through the blank; mm from the blank's lower left.
struct Hole {
    double x = 0;
    double y = 0;
    double diameter = 4;
    bool operator==(const Hole&) const = default;
};

/// Sizes in mm. Fields of other kinds are kept, so that changing the kind and back loses nothing.
struct Blank {
    Kind kind = Kind::plate;
    double width = 120;    ///< plate
    double height = 45;    ///< plate
    double corner = 0;     ///< plate: corner radius
    double diameter = 60;  ///< disc, bar
    double length = 60;    ///< bar
    double centreHole = 0; ///< disc: diameter; 0 for none
    double thickness = 3;  ///< plate, disc
    double margin = 3;     ///< how near the words may come to the edges
    std::vector<Hole> holes{};
    Edge edge{};           ///< plate, disc: along the outline, not of holes
    bool edgeBoth = false; ///< at the back too
    bool operator==(const Blank&) const = default;
};

// A side is named as cards do ("front", "back", "outside"). Each is seen from outside it, its origin at its
// lower left.

/// The sides that words can lie on, the first where a card names none. Never empty.
std::span<const std::string_view> sidesOf(const Blank& blank);
/// The side's name where the blank has it; its first for none; empty when it lacks that side.
std::string_view sideOf(const Blank& blank, std::string_view side);

/// How wide and high the side is, mm; 0 by 0 for no blank. Here and below an empty name is the first side.
plane::Vector sizeOf(const Blank& blank, std::string_view side = {});
/// How much material lies behind the side, mm; 0 for no blank.
double depthBehind(const Blank& blank, std::string_view side = {});
/// The circumference, mm, of a side that goes all the way round; 0 for others.
double turnOf(const Blank& blank, std::string_view side = {});

/// Whether its edge along the outline can be broken.
bool hasEdge(const Blank& blank);
/// The edge along the outline, no larger than there is room for; crisp where that kind of blank has none.
Edge edgeOf(const Blank& blank);

/// Its holes; none where that kind of blank takes none.
std::span<const Hole> drilledIn(const Blank& blank);

/// The side's outline without its holes, with true curves, mm; empty for none.
plane::Outline outlineOf(const Blank& blank, std::string_view side = {});
/// The holes on the side, mm, counter-clockwise.
plane::Outline holesOf(const Blank& blank, std::string_view side = {});

/// The side, flattened within 0.01 mm, on the grid; empty for none.
plane::Region regionOf(const Blank& blank, std::string_view side = {});

/// The same without its holes.
plane::Region wholeRegionOf(const Blank& blank, std::string_view side = {});

/// What are edges to letters on the side: those of regionOf(), but none to the left and right of a side that
/// closes.
plane::Region boundaryOf(const Blank& blank, std::string_view side = {});

/// What is left between two holes, or between a hole and the blank's edge; mm, the place in its middle.
struct Land {
    plane::Vector at{};
    double width = 0;
};
/// The lands narrower than `below` mm. Holes that meet, or lie across the edge, have none between. O(n log
/// n).
std::vector<Land> landsOf(const Blank& blank, double below);

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Hole>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Blank>();
