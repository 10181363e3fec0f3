// The handles of the line that words run along: a bead that slides them, points that bend it.
#pragma once
#include "card/card.hpp"
#include "working/placed_letters.hpp"
#include <QPainterPath>
#include <vector>

namespace bollard::app {

struct LineHandle {
    enum class Kind { bead, first, middle, last, radius, point, before, after };
    Kind kind{};
    int point = 0;      ///< of the free curve
    plane::Vector at{}; ///< on the side, mm
};

/// The handles of an inscription as it is shown; none where its words run straight.
std::vector<LineHandle> lineHandles(const card::Inscription& inscription,
                                    const working::PlacedLetters& letters);

/// The line itself and the arms of the handles, on the side in mm.
QPainterPath linePath(const card::Inscription& inscription, const working::PlacedLetters& letters);

/// The inscription after a handle was dragged to a place on the side, mm. `letters` as shown when it began.
card::Inscription dragged(const card::Inscription& atStart, const working::PlacedLetters& letters,
                          const LineHandle& handle, plane::Vector to);

} // namespace bollard::app
