// How letters meet the blank.
#pragma once
#include "blank/edge.hpp"
#include "plane/region.hpp"
#include "plane/stretch.hpp"
#include "working/profile.hpp"
#include <cstdint>
#include <string_view>

namespace bollard::working {

using blank::Edge, blank::EdgeKind, blank::leastEdge, blank::uprightLeft;

enum class Kind {
    raised,
    sunk,
    pierced,
    freeStanding,
    scribed, ///< lines cut as wide as the stroke: those of a single-line typeface, or along outlines
    carved,  ///< sunk as a V-bit leaves it: deeper where strokes are wider
    inlaid   ///< a second material, flush with the front
};
constexpr int kinds = 7;

/// On a side that bends: as far off the side everywhere, or each letter's in one plane.
enum class Tops { even, flat };

/// Lengths in mm, all above 0 but where from 0 is told; angles in degrees. Fields of other kinds are kept, so
/// that trying another kind and going back loses nothing.
struct Working {
    Kind kind = Kind::raised;
    double height = 1.6;    ///< raised, free-standing: above the front side
    double depth = 0.8;     ///< sunk, scribed, inlaid: below the front side; carved: at most
    double bedding = 0.4;   ///< raised, from 0: how far the letters reach into the blank
    double angle = 60;      ///< carved: between the flanks
    Edge edge{};            ///< raised, free-standing: of the top; sunk, pierced: of the mouth
    double foot = 0;        ///< raised, from 0: radius of the fillet where letters meet the blank
    double colourFrom = 0;  ///< raised, from 0: up to here they are of the blank's material
    double clearance = 0;   ///< inlaid, from 0: between the inlay and the walls around it
    Tops tops = Tops::even; ///< raised, free-standing
    bool operator==(const Working&) const = default;
};

/// Which numbers of a working decide what a kind of it makes.
enum class Uses : std::uint16_t {
    height = 1,
    depth = 2,
    bedding = 4,
    angle = 8,
    edge = 16,
    foot = 32,
    colourFrom = 64,
    clearance = 128,
    tops = 256
};

/// A kind of working. What it does to the material stands in changes.cpp.
struct KindRow {
    Kind kind{};
    std::string_view name{}; ///< in cards
    bool cuts = false;       ///< takes material away
    bool leavesFloor = false;
    std::uint16_t uses = 0;

    bool has(Uses number) const { return (uses & std::uint16_t(number)) != 0; }
};
/// By kind.
const KindRow& rowOf(Kind kind);

inline std::string_view nameOf(Kind kind) {
    return rowOf(kind).name;
}
inline bool cuts(Kind kind) {
    return rowOf(kind).cuts;
}
/// Whether a floor is left under it.
inline bool leavesFloor(Kind kind) {
    return rowOf(kind).leavesFloor;
}
/// Whether its edges can be broken.
inline bool hasEdge(Kind kind) {
    return rowOf(kind).has(Uses::edge);
}

/// How far the walls of letters so worked go up or down from the side, mm.
double riseOf(const Working& working, double thickness_mm);
/// The edge of letters so worked, on material so thick (mm), no larger than there is room for; crisp where
/// the kind has none.
Edge edgeOf(const Working& working, double thickness_mm);
/// How much of that slopes, mm: edges, feet, leaning walls, the flanks of what is carved.
double slopingOf(const Working& working, double thickness_mm);
/// The fillet at the foot of raised letters, mm, no larger than they are high; 0 for none.
double footOf(const Working& working);
/// How far beyond their outline letters reach, mm: the mouths of cuts, feet, clearance, walls that lean
/// outwards.
double reachBeyond(const Working& working, double thickness_mm);

/// The fields of a working that decide the material; the others as they start.
Working deciding(const Working& working);

/// What is made of strips beside the letters; lengths in mm.
struct Slab {
    enum class Does {
        leavesAtBack,   ///< so thick, of what pierced letters would take
        leavesInMiddle, ///< the same, halfway
        takesOff,       ///< so deep from the side
        standsClear     ///< so thick, `from` above the side
    };
    double thickness = 0; ///< 0: there are no strips
    Does does = Does::leavesAtBack;
    double from = 0;
    bool operator==(const Slab&) const = default;
};

/// All letters that are worked alike, as one region on the side, before it is stretched to the plan.
struct Worked {
    Working working{};
    plane::Region region{};
    Slab slab{};
    plane::Stretch stretch{};
    Lift lift{}; ///< of the tops
};

} // namespace bollard::working

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::working::Working>();
