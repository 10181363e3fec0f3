// The clear distance between two shapes, found directly from their boundaries.
#pragma once
#include "plane/region.hpp"
#include <vector>

namespace bollard::plane {

/// How near one boundary segment of the first shape comes to the second shape. Grid units.
struct GapSample {
    Vector at{};
    double distance = 0;
    double length = 0; ///< of the segment
};

struct Gap {
    enum class Kind { apart, touching, overlapping };
    Kind kind = Kind::apart;
    double least = 0;     ///< smallest clear distance; 0 unless apart
    Vector at{};          ///< middle of the narrowest place, or of the common part
    double neck = 0;      ///< when overlapping: the longest way across any one common part, which joins them
    bool inReach = false; ///< false: farther apart than the reach, and nothing below holds
    std::vector<GapSample> samples{}; ///< segments of the first shape within reach
};

/// The gap between `a` and `b` shifted by `offset`, looking no farther than `reach`. Exact to rounding.
/// O(n m) over the segments near the other's box.
Gap gapBetween(const Region& a, const Region& b, Point offset, double reach);

/// The same between the boundaries alone: one shape may lie inside the other. Where boundaries cross, the
/// kind is overlapping, and the neck is not measured.
Gap boundaryGap(const Region& a, const Region& b, double reach);

} // namespace bollard::plane
