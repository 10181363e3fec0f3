// The medial axis within a region as lines that can be followed, curved ones in chords.
#pragma once
#include "plane/region.hpp"

namespace bollard::plane {

/// A point of the axis and its distance to the boundary, grid units.
struct AxisPoint {
    Vector at{};
    double radius = 0;
};

/// From node to node; equal numbers are the same point.
struct AxisLine {
    int from = 0, to = 0;
    std::vector<AxisPoint> points{}; ///< both ends included; radii are exact, and straight in between within
                                     ///< the tolerance
};

/// All of it, into every corner, as chords within `tolerance` grid units, of places and of radii. O(n log n).
std::vector<AxisLine> innerAxis(const Region& region, double tolerance);

} // namespace bollard::plane
