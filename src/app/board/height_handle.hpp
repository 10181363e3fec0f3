// Where the height or depth of an inscription can be taken hold of on the body.
#pragma once
#include "card/pipeline.hpp"
#include <optional>

namespace bollard::app {

/// A line that stands on the side, at the letters: from their side to their top or floor.
struct HeightHandle {
    space::Vertex foot{};  ///< on the side, mm
    space::Vertex along{}; ///< outwards
    double reach = 0;      ///< mm from the foot; below 0 into the blank

    space::Vertex tip() const { return foot + reach * along; }
};

/// Nothing where the inscription is not shown, or its working has neither height nor depth. `now` is the
/// inscription as it is set at this moment, which may not be made yet.
std::optional<HeightHandle> heightHandleOf(const card::Made& made, int number, const card::Inscription& now);

/// The working with that reach, mm; heights and depths stay within their ranges.
void setReach(working::Working& working, double reach_mm);

} // namespace bollard::app
