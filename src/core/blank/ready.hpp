// Blanks that people ask for by name. They are ordinary values afterwards.
#pragma once
#include "blank/blank.hpp"

namespace bollard::blank {

struct ReadyBlank {
    std::string_view name{};             ///< English; wording translates it
    Blank (*make)(Blank from) = nullptr; ///< keeps what has nothing to do with its shape
};
/// Dome, egg, bead, roller, cap, spindle, finger ring, signet, key ring.
std::span<const ReadyBlank> readyBlanks();

/// The blank as another kind: sizes that mean the same are kept, and where those kept would leave nothing of
/// it they become usual ones.
Blank asKind(Blank blank, Kind kind);

} // namespace bollard::blank
