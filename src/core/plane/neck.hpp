// Where a shape is narrower than on both sides of it.
#pragma once
#include "plane/medial_axis.hpp"

namespace bollard::plane {

/// A place narrower than on both sides of it. Grid units.
struct Neck {
    Vector at{};
    double width = 0;
    bool inside = true; ///< of the region, or of its surroundings
};

/// Places at which the circle between the walls is smallest, from which it grows along the axis both ways, by
/// a twentieth of its radius and by `leastGrowth`. What stays narrow for longer than it is wide is a stroke.
/// O(edges).
std::vector<Neck> necksOf(const MedialAxis& axis, double leastGrowth);

/// How far from its middle a neck depends on what lies there, in radii: the way to where it has grown, and
/// the circle there.
constexpr double neckSees = 3.5;

/// The necks that come from shapes running into each other: of what the shapes make together, those no wider
/// than `across` that lie no farther than that from `meeting`, where two of them overlap. Looks at the shapes
/// near there only. `leastGrowth` as above.
std::vector<Neck> necksWhereShapesMeet(std::span<const Region> shapes, const Box& meeting, double across,
                                       double leastGrowth);
/// What of shapes it looks at.
Box seenWhereShapesMeet(const Box& meeting, double across);

} // namespace bollard::plane
