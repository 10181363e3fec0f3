// Which boxes lie near each other.
#pragma once
#include "plane/point.hpp"
#include <span>
#include <utility>
#include <vector>

namespace bollard::plane {

/// All pairs (first < second) of boxes that meet or come within `reach` grid units in both x and y, in rising
/// order. Empty boxes are near nothing. O(n log² n + pairs).
std::vector<std::pair<int, int>> nearBoxes(std::span<const Box> boxes, std::int32_t reach = 0);

} // namespace bollard::plane
