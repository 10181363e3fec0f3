// Rings whose cross-section is no circle: with facets, or with a flat.
#pragma once
#include "blank/band.hpp"
#include <vector>

namespace bollard::blank {

/// A stretch of a cross-section, in the order it is gone round from -z by way of +z: straight, or an arc
/// about the axis. mm; angles are radians from +z to +x.
struct Stretch {
    bool arc = false;
    double angle = 0;   ///< which way it faces; of an arc that is at `from` = 0
    double apothem = 0; ///< how far from the axis its line lies; of an arc its radius
    /// Where it begins and ends, along it from the foot of the perpendicular to the axis.
    double from = 0, to = 0;
    /// How much what stands on it leans at its ends towards where it meets the next one, a mm of height, so
    /// that both are mitred there: tangent of half the angle between them; along the stretch, so below 0 at
    /// its beginning.
    double leansFrom = 0, leansTo = 0;
    double half = 0; ///< a facet's half width: the bore lies straight behind most of it; 0: towards the axis
};

/// A ring of that cross-section; of the band all but its radius counts.
struct Prism {
    std::vector<Stretch> stretches{};
    Band band{};
    double bore = 0; ///< radius, mm: its least

    double turn() const;     ///< how long the cross-section is, mm
    double farthest() const; ///< from the axis
};

/// Ten facets and the like, their apothem given, the middle one facing +z.
std::vector<Stretch> facetsOf(int facets, double apothem);
/// A circle with a flat that faces +z: `width` across, `apothem` from the axis. Where it lies outside the
/// circle straight shoulders lead to it; inside it is as wide as the circle leaves.
std::vector<Stretch> flattenedCircle(double radius, double width, double apothem);

/// Its borders where straight stretches begin and end: x of the outside, mm, ascending.
std::vector<double> bordersOf(const Prism& prism);
/// The cross-section as seen along the axis, `inset` mm within it: x to the right, y as z (`upwards`) or
/// against it, about the axis at (farthest, farthest); flattened within the chord.
plane::Outline crossSectionOf(const Prism& prism, double inset, bool upwards);

/// The wall alone, closed by itself; or joined to edges and the sides `start` and `end`.
std::vector<Panel> panelsOf(const Prism& prism, const Rise& rise, bool withEnds);

} // namespace bollard::blank
