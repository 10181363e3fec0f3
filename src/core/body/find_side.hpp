// The side of a part that a place of it lies on.
#pragma once
#include "blank/part.hpp"
#include "body/mesh.hpp"
#include "quantity/result.hpp"

namespace bollard::body {

/// Where a straight line into a part first meets it: the triangle and the place; -1 for none. O(n).
struct Met {
    int triangle = -1;
    Vertex at{};
};
Met metBy(const Mesh& part, const Vertex& from, const Vertex& way);
/// The triangle nearest to a place. O(n).
int nearestTriangle(const Mesh& part, const Vertex& place);

/// The flat face, cylinder or cone that the surface nearest to the side's place belongs to; of a closed mesh.
/// Faces are told apart where they turn by more than a chord of something round would, or off what fits.
/// `turn` turns it. sideBent (detail: mm off the nearest fit) where the surface is none of these; sideSmall
/// for less than a square millimetre. O(n log n).
quantity::Result<blank::FoundSide> sideAt(const Mesh& part, const std::array<double, 3>& place, double turn);

} // namespace bollard::body
