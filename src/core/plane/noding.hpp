// Making edges meet in common points only.
#pragma once
#include "plane/subdivision.hpp"
#include <utility>

namespace bollard::plane {

/// An edge between two numbered points, low < high, with the layers whose inside changes across it.
struct GraphEdge {
    int low = 0;
    int high = 0;
    LayerSet layers = 0;
};

/// Points, each once, and the edges between them. Edges given twice cancel out layer by layer, as two
/// coinciding boundaries do.
class EdgeGraph {
  public:
    explicit EdgeGraph(std::span<const LayerEdge> edges);

    const std::vector<Point>& points() const { return points_; }
    /// Sorted by their points, each pair once, none without layers.
    const std::vector<GraphEdge>& edges() const { return edges_; }
    /// The layers of the edge between two points; empty when there is no such edge.
    LayerSet layersBetween(int a, int b) const;

  private:
    int indexOf(Point p);

    std::vector<Point> points_;
    std::vector<int> slots_; ///< an open hash table of point numbers, -1 where empty
    std::vector<GraphEdge> edges_;
    std::vector<int> firstEdge_; ///< by low point
};

/// The same edges split wherever they cross or touch, crossings rounded to the grid. Closed chains of each
/// layer stay closed. False in `second` when rounding did not settle in a few rounds, or stopped.
std::pair<EdgeGraph, bool> noded(const EdgeGraph& graph, const std::stop_token& stop = {});

} // namespace bollard::plane
