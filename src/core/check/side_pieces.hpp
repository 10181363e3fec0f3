// The separate pieces of a part as one looks at a side.
#pragma once
#include "blank/blank.hpp"
#include "check/readings.hpp"
#include <optional>
#include <span>

namespace bollard::check {

struct SidePiece {
    plane::Region shape{}; ///< on the side, grid units
    bool held = false;     ///< by the blank's outer edge; without a blank the largest is
    /// The weakest place within it, where there is one: the width alone holds two of its parts together.
    std::optional<Reading> neck{};
};

/// What the blank leaves when all that is cut right through is taken out of it, with what stands on it and
/// beyond it; without a blank the letters. The largest first. `necks`: all readings; those of other kinds are
/// left out. O(n log n).
std::vector<SidePiece> piecesOnSide(const blank::Blank& blank, std::string_view side,
                                    std::span<const working::PlacedLetters> inscriptions,
                                    const Readings& readings, double seam_mm = 0);

} // namespace bollard::check
