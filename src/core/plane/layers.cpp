#include "plane/layers.hpp"
#include <algorithm>
#include <iterator>

namespace bollard::plane {

LayerSet LayerSets::difference(LayerSet a, LayerSet b) {
    if (a == noLayer)
        return b;
    if (b == noLayer)
        return a;
    const auto [low, high] = std::minmax(a, b);
    const auto [known, isNew] = differences_.try_emplace(std::uint64_t(low) << 32 | high, noLayer);
    if (isNew) {
        std::vector<int> layers;
        std::ranges::set_symmetric_difference(sets_[a], sets_[b], std::back_inserter(layers));
        known->second = numberOf(layers);
    }
    return known->second;
}

bool LayerSets::has(LayerSet set, int layer) const {
    return std::ranges::binary_search(sets_[set], layer);
}

LayerSet LayerSets::numberOf(const std::vector<int>& layers) {
    const auto [known, isNew] = numbers_.try_emplace(layers, LayerSet(sets_.size()));
    if (isNew)
        sets_.push_back(layers);
    return known->second;
}

} // namespace bollard::plane
