// What a turned blank hangs by: a flat eye at one of its ends.
#pragma once
#include "blank/panel.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::blank {

struct Ear {
    double hole = 0;      ///< mm; 0: there is none
    double wall = 1.5;    ///< round the hole, mm
    double thickness = 3; ///< mm
    bool atStart = false;
    bool operator==(const Ear&) const = default;
};

/// An ear where it stands: in the plane of the axis that faces +z, x across the axis and y along it; its
/// outline reaches into the blank. mm.
struct StandingEar {
    plane::Region outline{}; ///< without its hole
    double thickness = 0;    ///< half of it before the plane
};
/// At an end of a blank of these panels, the first of which is its turned side. Where the blank is narrow it
/// is let in less wide than it is.
StandingEar standing(const Ear& ear, std::span<const Panel> panels);

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Ear>();
