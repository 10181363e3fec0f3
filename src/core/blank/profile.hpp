// The profile of a turned shape.
#pragma once
#include "blank/revolved.hpp"
#include "plane/outline.hpp"
#include "quantity/fields_of.hpp"
#include <vector>

namespace bollard::blank {

/// A point of a profile in the half plane of radius and y, mm. Through smooth points a curve goes, a
/// centripetal cubic spline; between others it is straight.
struct ProfilePoint {
    double r = 0;
    double y = 0;
    bool smooth = false;
    auto operator<=>(const ProfilePoint&) const = default;
};

/// By true length from the first point, whose y is least, with the material on its left. Length 0 for fewer
/// than two places or none off the axis. Corners lie where the normal is that of neither side.
struct Profile {
    Meridian meridian{};
    double widest = 0;             ///< its largest radius, mm
    std::vector<double> corners{}; ///< and both ends, by length

    bool empty() const { return !(meridian.length > 0); }
};
Profile profileOf(const std::vector<ProfilePoint>& points);
/// Whether it runs through itself, to the axis and off it again, or back below its first point or above its
/// last.
bool crossesItself(const std::vector<ProfilePoint>& points);

/// Whether what reaches `height` mm above it between two places of its length (below 0: into it) stays clear
/// of the rest of it. O(steps of the stretch times those of the whole).
bool hasRoom(const Profile& profile, double from, double to, double height);

/// The profile in a drawing, mm: of an open line, whose axis is x = 0 of the drawing; else of the first
/// closed shape, of which the right half is taken, its axis in the middle. Begins at y = 0. Empty where there
/// is none.
std::vector<ProfilePoint> profileFrom(const plane::Outline& drawing);

/// What lies `wall` mm within it, over the same lengths: open where it ends farther than that from the axis,
/// else closed. Null where there is no room for it.
PlaceAt within(const Profile& profile, double wall);

/// Those of a ball, by its formula, and of a cone; mm.
Profile ballOf(double diameter);
Profile coneOf(double diameter, double topDiameter, double length);

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::ProfilePoint>();
