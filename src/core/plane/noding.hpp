// Making edges meet in common points only.
#pragma once
#include "plane/subdivision.hpp"
#include <unordered_map>
#include <utility>

namespace bollard::plane {

/// Points and the edges between them, each with the layers whose inside changes across it.
struct EdgeGraph {
    std::vector<Point> points{};
    std::unordered_map<std::uint64_t, LayerSet> edges{}; ///< by edgeKey; never an empty layer set

    int indexOf(Point p);
    /// Adds the layers to the edge; a layer added twice cancels out, as two coinciding boundaries do.
    void toggle(int a, int b, LayerSet layers);

  private:
    std::unordered_map<std::uint64_t, int> index_{};
};

std::uint64_t edgeKey(int a, int b);
std::pair<int, int> edgeEnds(std::uint64_t key);

/// The same edges split wherever they cross or touch, crossings rounded to the grid. Closed chains of each
/// layer stay closed. False in `second` when rounding did not settle in a few rounds.
std::pair<EdgeGraph, bool> noded(EdgeGraph graph);

} // namespace bollard::plane
