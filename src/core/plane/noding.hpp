// Making edges meet in common points only.
#pragma once
#include "plane/subdivision.hpp"
#include <utility>

namespace bollard::plane {

/// An edge on its way into a graph.
struct LooseEdge {
    Point from{};
    Point to{};
    LayerSet layers = noLayer;
    bool crease = false;
};

/// Adds the edge, cut at points of it in any order.
void addPieces(std::vector<LooseEdge>& pieces, const LooseEdge& edge, std::vector<Point> splits);

/// Points, each once, and the edges between them. Edges given twice cancel out layer by layer, as two
/// coinciding boundaries do; creases do not.
class EdgeGraph {
  public:
    EdgeGraph(std::span<const LooseEdge> edges, LayerSets& sets);

    const std::vector<Point>& points() const& { return points_; }
    std::vector<Point> points() && { return std::move(points_); }
    /// Sorted by their points, each pair once; those without layers are creases.
    const std::vector<GraphEdge>& edges() const& { return edges_; }
    std::vector<GraphEdge> edges() && { return std::move(edges_); }
    /// The edge between two points; null when there is none.
    const GraphEdge* between(int a, int b) const;

  private:
    int indexOf(Point p);

    std::vector<Point> points_;
    std::vector<int> slots_; ///< an open hash table of point numbers, -1 where empty
    std::vector<GraphEdge> edges_;
    std::vector<int> firstEdge_; ///< by low point
};

/// The same edges split wherever they cross or touch, crossings rounded to the grid. Closed chains of each
/// layer stay closed. False in `second` when rounding did not settle in a few rounds, when there are more
/// pairs of edges near each other than can be looked at, or stopped.
std::pair<EdgeGraph, bool> noded(const EdgeGraph& graph, LayerSets& sets, const std::stop_token& stop = {});

} // namespace bollard::plane
