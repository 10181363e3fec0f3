// A hole along the axis of a turned blank.
#pragma once
#include "blank/revolved.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::blank {

struct AxisHole {
    double diameter = 0; ///< mm; 0: there is none
    double depth = 0;    ///< mm from where it opens; 0: right through
    bool fromEnd = false;
    bool operator==(const AxisHole&) const = default;
};

/// The end of a turned body, or where its hole opens in a pole.
struct AxisEnd {
    double v = 0; ///< along the meridian
    Meridian::Place place{};
};

/// What a hole adds to a body between its ends, and what the end faces are then bored by.
struct DrilledAlong {
    std::vector<Panel> panels{}; ///< its wall, and its floor
    bool opensAtStart = false, opensAtEnd = false;
};
/// `ends`: the place where it opens, where it does so. Empty for no hole, or one wider than what it opens in
/// leaves.
DrilledAlong drilledAlong(const AxisHole& hole, const AxisEnd& start, const AxisEnd& end, double ownRadius,
                          const Strips& strips);

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::AxisHole>();
