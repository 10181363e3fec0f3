// Necks of what letters that stand free make together.
#pragma once
#include "check/known_shapes.hpp"

namespace bollard::check {

/// Of the letters' own necks in `out` only those stay that no other letter widens; those of the places where
/// letters meet are added. `shapes` by inscription and letter; `near` are the pairs that `gaps` are of.
void measureNecks(std::span<const working::PlacedLetters> inscriptions,
                  const std::vector<std::vector<KnownShape>>& shapes, const std::vector<NearPair>& near,
                  const std::vector<PairGap>& gaps, MeasureMemory::State& memory, const std::stop_token& stop,
                  Measures& out);

} // namespace bollard::check
