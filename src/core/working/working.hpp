// How letters meet the blank.
#pragma once
#include "plane/region.hpp"
#include "quantity/fields_of.hpp"
#include <string_view>

namespace bollard::working {

enum class Kind {
    raised,
    sunk,
    pierced,
    freeStanding,
    scribed ///< lines cut as wide as the stroke: those of a single-line typeface, or along outlines
};
constexpr int kinds = 5;

/// Lengths in mm, all above 0 (bedding from 0). Fields of other kinds are kept, so that trying another kind
/// and going back loses nothing.
struct Working {
    Kind kind = Kind::raised;
    double height = 1.6;  ///< raised, free-standing: above the front side
    double depth = 0.8;   ///< sunk, scribed: below the front side
    double bedding = 0.4; ///< raised: how far the letters reach into the blank
    bool operator==(const Working&) const = default;
};

/// raised, sunk, pierced, free-standing, scribed.
std::string_view nameOf(Kind kind);

/// Whether it takes material away.
inline bool cuts(Kind kind) {
    return kind == Kind::sunk || kind == Kind::pierced || kind == Kind::scribed;
}

/// All letters that are worked alike, as one region on the side.
struct Worked {
    Working working{};
    plane::Region region{};
};

} // namespace bollard::working

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::working::Working>();
