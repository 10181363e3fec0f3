// Letters are not as wide at every height: their edges are broken, their walls lean.
#pragma once
#include "blank/blank.hpp"
#include "check/measures.hpp"

namespace bollard::check {

/// The width of a reading at the height and the latitude where it is least, mm, at least 0: strokes at the
/// narrow end of leaning walls, what is between letters where these reach farthest beyond their outlines, and
/// all that is nearer to the axis of a round side than the letters are drawn for.
class WorstHeight {
  public:
    WorstHeight(std::span<const working::PlacedLetters> inscriptions, const blank::Blank& blank);
    double width(const Reading& reading) const;

  private:
    struct Slot {
        double taper = 0;    ///< by so much strokes are narrower at their other end
        double beyond = 0;   ///< so far they reach beyond their outlines
        double inwards = 0;  ///< so far they reach towards the axis
        double drawnFor = 0; ///< the radius at their placing's latitude; 0: the side is not round
        blank::Radius radius{};
    };
    double shareOf(const Slot& slot, double y_mm) const;
    std::vector<Slot> slots_;
};

} // namespace bollard::check
