// The medial axis of a region and of what surrounds it, and the widths read off it.
#pragma once
#include "plane/region.hpp"
#include <vector>

namespace bollard::plane {

/// One edge of the medial axis. Lengths and radii are in grid units.
struct MedialEdge {
    int fromNode = 0; ///< nodes are numbered from 0; equal numbers are the same point
    int toNode = 0;
    Vector from{};
    Vector to{};
    double radiusFrom = 0; ///< distance to the nearest boundary
    double radiusTo = 0;
    double radiusLeast = 0; ///< least along the edge, at `least`
    Vector least{};
    double facing =
        0; ///< degrees between the two nearest boundary points seen from `least`; 180: parallel walls
    bool inside = true; ///< in the region, or in its surroundings
    int firstRing = 0;  ///< the rings (of the region) that the two nearest boundary points lie on
    int secondRing = 0;
};

struct MedialAxis {
    std::vector<MedialEdge> edges{};
    int nodes = 0;
    std::vector<bool> open{}; ///< by node: from there it goes on without end
};

/// The medial axis inside the region and outside it (finite edges only), O(n log n) by a Voronoi diagram
/// of the boundary's segments. The region must be simple, as all regions of this folder are.
MedialAxis medialAxis(const Region& region);

enum class WidthKind {
    stroke,  ///< inside, wall to wall
    counter, ///< across a hole
    opening, ///< outside, between walls of one outer ring, or around what lies in a hole
    bridge,  ///< outside, between two separate outer rings (the dot of an i; the web of a stencil)
    neck,    ///< inside, a place narrower than on both sides of it (see plane/neck), corners or walls
    throat   ///< the same outside
};

/// A width at a place; `length` is the length of the axis it stands for, 0 for necks. Grid units.
struct WidthSample {
    WidthKind kind{};
    Vector at{};
    double width = 0;
    double length = 0;
};

/// Local widths: twice the radius, where two walls face each other.
/// Left out are edges whose walls face by less than 150 degrees (corners). Tapering tips are followed from
/// their end inwards while the radius grows by more than 0.05 of the way; what they lose counts less and less
/// up to 0.08, and from there on nothing of them does, so that no hair's breadth decides. A part or hole
/// where nothing is left (dots, small triangles) gives its largest inscribed circle. Necks and throats come
/// last; they may be strokes and openings too.
std::vector<WidthSample> widthsOf(const MedialAxis& axis, const Region& region);

} // namespace bollard::plane
