// Polylines as few lines and arcs.
#pragma once
#include "plane/point.hpp"
#include <span>
#include <vector>

namespace bollard::plane {

/// A stretch of a path from the end of the one before: straight, or an arc that turns by `sweep` degrees
/// (counter-clockwise when positive) on its way.
struct ArcSegment {
    Vector end{};
    double sweep = 0;
};

struct ArcPath {
    Vector start{};
    std::vector<ArcSegment> segments{};
    bool closed = false;
};

/// The points as lines and arcs that stay within `tolerance` of the chain of points (their own unit) and
/// begin and end at points; corners stay corners. `closed`: the last point leads back to the first, which is
/// not repeated. An arc replaces three chords or more, and never turns by more than 180 degrees.
ArcPath arcsThrough(std::span<const Vector> points, bool closed, double tolerance);

} // namespace bollard::plane
