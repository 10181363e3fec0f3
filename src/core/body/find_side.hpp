// The side of a part that a place of it lies on.
#pragma once
#include "blank/part.hpp"
#include "body/mesh.hpp"
#include "quantity/result.hpp"

namespace bollard::body {

/// The flat face, cylinder or cone that the surface nearest to the side's place belongs to; of a closed mesh.
/// Faces are told apart where they turn by more than a chord of something round would, or off what fits.
/// `turn` turns it. sideBent (detail: mm off the nearest fit) where the surface is none of these; sideSmall
/// for less than a square millimetre. O(n log n).
quantity::Result<blank::FoundSide> sideAt(const Mesh& part, const std::array<double, 3>& place, double turn);

} // namespace bollard::body
