// Segments on the grid, exactly.
#pragma once
#include "plane/point.hpp"
#include <algorithm>

namespace bollard::plane {

/// Whether the point lies on the segment and is none of its ends.
inline bool strictlyWithin(Point from, Point to, Point p) {
    if (p == from || p == to || turn(from, to, p) != 0)
        return false;
    return std::min(from.x, to.x) <= p.x && p.x <= std::max(from.x, to.x) && std::min(from.y, to.y) <= p.y &&
           p.y <= std::max(from.y, to.y);
}

} // namespace bollard::plane
