// Several regions laid over each other and triangulated together.
#pragma once
#include "plane/region.hpp"
#include "quantity/result.hpp"
#include <array>
#include <cstdint>
#include <span>
#include <stop_token>
#include <vector>

namespace bollard::plane {

/// Which of up to 64 layers, one bit each.
using LayerSet = std::uint64_t;
constexpr size_t mostLayers = 64;

/// A triangle, corners counter-clockwise; neighbour i lies across from corner i, -1 past the hull.
struct Triangle {
    std::array<int, 3> corners{};
    std::array<int, 3> neighbours{};
    int cell = 0;
};

/// The plane cut up by all rings of all layers. A cell is a largest set of triangles joined without crossing
/// a ring; every cell lies wholly inside or outside each layer. Corners lie on the grid, no triangle is flat.
struct Subdivision {
    std::vector<Point> points{};
    std::vector<Triangle> triangles{};
    std::vector<LayerSet> cells{}; ///< the layers over each cell
    std::vector<int> ringEnds{};   ///< per point: how many ring pieces end there
    int outside = 0;               ///< the cell beyond the hull; it is in no layer

    int cellAcross(const Triangle& triangle, int corner) const {
        const int next = triangle.neighbours[size_t(corner)];
        return next < 0 ? outside : triangles[size_t(next)].cell;
    }
};

/// A piece of boundary: the layers whose inside changes across it. Pieces of one layer must form closed
/// chains.
struct LayerEdge {
    Point from{};
    Point to{};
    LayerSet layers = 1;
};

/// Cuts the plane along the edges; otherwise as below.
quantity::Result<Subdivision> subdivided(std::span<const LayerEdge> edges, std::stop_token stop = {});

/// Lays the layers over each other; O(n log n). Where rings of different layers cross, the crossing is
/// rounded to the grid. More than 64 layers are a tooManyWorkings problem; geometryFailed when rounding does
/// not settle.
quantity::Result<Subdivision> subdivided(std::span<const Region> layers, std::stop_token stop = {});

/// The triangle that holds `p` (or touches it), walking from `hint`; -1 outside the hull.
int triangleAt(const Subdivision& subdivision, Point p, int hint = 0);

} // namespace bollard::plane
