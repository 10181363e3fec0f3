// Where a slope that starts at a region's boundary bends.
#pragma once
#include "plane/region.hpp"
#include <span>
#include <vector>

namespace bollard::plane {

/// A straight piece of a bend inside the region, grid units. The insets are the distances of its ends from
/// the boundary, before they were rounded to the grid.
struct Bend {
    Point from{};
    Point to{};
    double fromInset = 0;
    double toInset = 0;
};

/// The lines inside the region that lie `insets` from its boundary (above 0, ascending), and, nearer to the
/// boundary than the last of them, the medial axis and spokes at corners that reach in by more than 3
/// degrees. Between them the distance to the boundary is linear but for cones at corners that hardly turn.
/// From the Voronoi cells of the boundary, exact but for chords of curves within `tolerance`. Pieces may
/// coincide, and cross where rounding makes them. O(n log n).
std::vector<Bend> bendsOf(const Region& region, std::span<const double> insets, double tolerance);

} // namespace bollard::plane
