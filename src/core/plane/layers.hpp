// Which of any number of layers.
#pragma once
#include <cstdint>
#include <map>
#include <span>
#include <unordered_map>
#include <vector>

namespace bollard::plane {

/// A set of layers, known by its number in LayerSets; `noLayer` is the empty one.
using LayerSet = std::uint32_t;
constexpr LayerSet noLayer = 0;

/// Sets of layers, each different one kept once.
class LayerSets {
  public:
    /// The set of that layer alone; layers are numbered from 0.
    LayerSet of(int layer) { return numberOf({layer}); }
    /// The layers that are in one of the two, but not in both.
    LayerSet difference(LayerSet a, LayerSet b);
    /// The layers of a set, ascending.
    std::span<const int> layers(LayerSet set) const { return sets_[set]; }
    bool has(LayerSet set, int layer) const;
    /// How many different ones there are; their numbers are all below it.
    std::size_t size() const { return sets_.size(); }

  private:
    LayerSet numberOf(const std::vector<int>& layers);

    std::vector<std::vector<int>> sets_{{}};
    std::map<std::vector<int>, LayerSet> numbers_{{{}, noLayer}};
    std::unordered_map<std::uint64_t, LayerSet> differences_{};
};

} // namespace bollard::plane
