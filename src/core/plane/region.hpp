// Filled shapes of the plane and their unions.
#pragma once
#include "plane/outline.hpp"
#include <span>
#include <stop_token>
#include <vector>

namespace bollard::plane {

/// A shape bounded by simple rings that do not cross: outer rings run counter-clockwise, holes clockwise,
/// so the shape is always on the left. Rings may meet in single points.
struct Region {
    std::vector<Ring> rings{};

    bool empty() const { return rings.empty(); }
    bool operator==(const Region&) const = default;
};

/// What the rings fill by the non-zero rule, whichever way round they run.
Region filled(const std::vector<Ring>& rings);

/// All that lies in any of the regions. Only regions whose boxes meet are worked on together,
/// so n separate letters cost n log n. Stopped, it returns part of it.
Region united(std::span<const Region> regions, const std::stop_token& stop = {});

/// What lies in both.
Region common(const Region& a, const Region& b);

/// What lies in `a` but not in `b`.
Region without(const Region& a, const Region& b);

/// What becomes of corners that stick out when a region grows, or that reach in when it shrinks.
enum class Corners {
    round, ///< every point of the new edge is exactly as far off as asked
    sharp  ///< corners of 60 degrees and more stay corners; narrower ones are cut off square
};

/// The region grown by `by` grid units on every side, or shrunk when negative. Round corners are chords that
/// are off by about `tolerance` grid units, at most twice that.
Region grown(const Region& region, double by, Corners corners = Corners::round, double tolerance = 50);

/// How the ends of a line look when it is given a width.
enum class Ends {
    round,
    flat,  ///< cut off at the end point
    square ///< half the width beyond the end point
};

/// What a line of that width covers, corners rounded; dots give discs. Empty for a width of 0 or less.
Region stroked(std::span<const Line> lines, double width, Ends ends);

/// The connected parts, each an outer ring followed by its holes.
std::vector<Region> parts(const Region& region);

Region shifted(const Region& region, Point by);

/// Its rings as contours of straight lines, mm.
Outline outlineOf(const Region& region);

/// Mirrored at the upright line x = 0.
Region mirrored(const Region& region);

/// Made `zoom` times as large, turned about the origin by `degrees`, counter-clockwise, then shifted by `by`.
/// Rounding to the grid can make rings touch, so turned regions are united anew.
Region turned(const Region& region, double degrees, Point by, double zoom = 1);

Box boxOf(const Ring& ring);
Box boxOf(const Region& region);

/// Signed area in square grid units: positive for counter-clockwise rings, net of holes for regions.
double areaOf(const Ring& ring);
double areaOf(const Region& region);

/// Inside or on the boundary.
bool contains(const Region& region, Point p);

/// A point strictly on the left of the ring, a few grid units off its longest edge.
Point pointBeside(const Ring& ring, bool left);

} // namespace bollard::plane
