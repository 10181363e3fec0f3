// The middle lines of strokes.
#pragma once
#include "plane/region.hpp"
#include <vector>

namespace bollard::plane {

/// The middle lines of a region's strokes as smooth curves, in grid units: open from end to end or from
/// junction to junction, closed round rings, a dot (an open contour that goes nowhere) for a part without
/// direction. They come from the medial axis: branches that only lead into corners are left out, and what the
/// axis swerves at junctions is straightened. Curves pass within `tolerance` of that line; where it turns by
/// more than 40 degrees there is a corner. Ends lie half a stroke within the region's ends.
Outline centrelineOf(const Region& region, double tolerance);

/// Points as few smooth cubics that pass within `tolerance`, with corners where the direction changes by more
/// than `corner` degrees (P. J. Schneider, "An algorithm for automatically fitting digitized curves", 1990).
Contour curveThrough(const std::vector<Vector>& points, bool closed, double tolerance, double corner);

} // namespace bollard::plane
