// What a round cutter leaves in the corners of letters. For the sources of this folder only.
#pragma once
#include "check/known_shapes.hpp"

namespace bollard::check {

/// Adds each letter at which a cutter of that radius (mm, above 0) leaves material: within sunk
/// and pierced ones, around those that stand. Equal letters are worked out once.
void measureCorners(std::span<const working::PlacedLetters> inscriptions,
                    const std::vector<std::vector<KnownShape>>& shapes, double radius_mm,
                    MeasureMemory::State& memory, const std::stop_token& stop, Measures& out);

} // namespace bollard::check
