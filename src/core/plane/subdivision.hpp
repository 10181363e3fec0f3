// Several regions laid over each other and triangulated together.
#pragma once
#include "plane/layers.hpp"
#include "plane/region.hpp"
#include "quantity/result.hpp"
#include <array>
#include <optional>
#include <span>
#include <stop_token>
#include <vector>

namespace bollard::plane {

/// A triangle, corners counter-clockwise; neighbour i lies across from corner i, -1 past the hull.
struct Triangle {
    std::array<int, 3> corners{};
    std::array<int, 3> neighbours{};
    int cell = 0;
};

/// An edge between two numbered points, low < high, with the layers whose inside changes across it.
struct GraphEdge {
    int low = 0;
    int high = 0;
    LayerSet layers = noLayer;
    bool crease = false; ///< it stays even when no layer changes
};

/// The plane cut up by all rings of all layers. A cell is a largest set of triangles joined without crossing
/// a ring; every cell lies wholly inside or outside each layer. Corners lie on the grid, no triangle is flat.
struct Subdivision {
    std::vector<Point> points{};
    std::vector<Triangle> triangles{};
    std::vector<GraphEdge> edges{}; ///< all rings and creases, where they run now
    LayerSets sets{};
    std::vector<LayerSet> cells{}; ///< the layers over each cell
    int outside = 0;               ///< the cell beyond the hull; it is in no layer

    /// Whether the cell lies in the layer.
    bool inLayer(int cell, int layer) const { return sets.has(cells[size_t(cell)], layer); }

    int cellAcross(const Triangle& triangle, int corner) const {
        const int next = triangle.neighbours[size_t(corner)];
        return next < 0 ? outside : triangles[size_t(next)].cell;
    }
};

/// A piece of boundary: the inside of its layer changes across it. Pieces of one layer must form closed
/// chains. A crease bounds nothing: triangles end at it, cells go on.
struct LayerEdge {
    static constexpr int crease = -1;
    Point from{};
    Point to{};
    int layer = 0;
};

/// Adds the rings of a region as edges of the layer.
void addEdges(std::vector<LayerEdge>& edges, const Region& region, int layer);

/// Cuts the plane along the edges; O(n log n). Where edges cross, the crossing is rounded to the grid.
/// geometryFailed when rounding does not settle.
quantity::Result<Subdivision> subdivided(std::span<const LayerEdge> edges, std::stop_token stop = {});

/// A point put into the edge between two points of a plan; it may lie a grid unit beside it.
struct Split {
    int low = 0;
    int high = 0;
    Point at{};
};

/// The plan with edges split and more edges added.
quantity::Result<Subdivision> refined(const Subdivision& plan, std::span<const Split> splits,
                                      std::span<const LayerEdge> more, std::stop_token stop = {});

/// Lays the layers over each other.
quantity::Result<Subdivision> subdivided(std::span<const Region> layers, std::stop_token stop = {});

/// The same of one region that is a ring, or what lies between two of as many corners each, where it can be
/// put together in order: without edges, in no time. Nothing where it cannot. O(corners).
std::optional<Subdivision> ringedPlan(const Region& region);

/// The triangle that holds `p` (or touches it), walking from `hint`; -1 outside the hull.
int triangleAt(const Subdivision& subdivision, Point p, int hint = 0);

} // namespace bollard::plane
