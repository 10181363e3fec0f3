// Letters are not as wide at every height: their edges are broken, their walls lean.
#pragma once
#include "check/measures.hpp"
#include <functional>

namespace bollard::check {

/// The width of a reading at the height where it is least, mm, at least 0: strokes at the narrow end of
/// leaning walls, what is between letters where these reach farthest beyond their outlines. `thickness_mm` is
/// of the material behind a side.
class WorstHeight {
  public:
    WorstHeight(std::span<const working::PlacedLetters> inscriptions,
                const std::function<double(std::string_view side)>& thickness_mm);
    double width(const Reading& reading) const;

  private:
    struct Slot {
        double taper = 0;  ///< by so much strokes are narrower at their other end
        double beyond = 0; ///< so far they reach beyond their outlines
    };
    std::vector<Slot> slots_;
};

} // namespace bollard::check
