// From one kind of baseline to another, and changes of its shape by hand.
#pragma once
#include "card/card.hpp"

namespace bollard::card {

/// Gives the inscription another kind of baseline with values to begin with: an arc about as wide as the
/// words are, a circle just within the blank, a gently waved curve through the words, the blank's edge with
/// the words inside its margin. `shown` is how the words are set now. Values given before are kept where they
/// are not the defaults.
void changeBaseline(const Card& card, Inscription& inscription, const setting::Setting& shown,
                    setting::BaselineKind kind);

/// Lets words on a circle or the blank's edge be read at the bottom, or at the top; along the edge they stay
/// within the margin, which lies on the other side of the line then.
void readAtBottom(const Card& card, Inscription& inscription, const setting::Setting& shown, bool atBottom);

/// The arc that goes through three points of the setting's frame (mm), for words that begin at the first and
/// end at the last: the radius, and the placing that puts it there. Nothing changes when the points lie in
/// one line or the arc would be larger than radii may be.
void bendThrough(Inscription& inscription, const setting::Setting& shown, plane::Vector first,
                 plane::Vector middle, plane::Vector last);

/// Moves a point of the free curve, or one of its handles (`before`, `after`), to a place in the setting's
/// frame, mm. At a smooth point the other handle stays in line.
enum class PointPart { point, before, after };
void movePoint(setting::Baseline& baseline, int point, PointPart part, plane::Vector to);
/// Smooth or corner.
void smoothPoint(setting::Baseline& baseline, int point, bool smooth);
/// Puts a point in the middle of the stretch after `point`; the curve keeps its shape. Its number is
/// returned.
int addPoint(setting::Baseline& baseline, int point);
/// Nothing happens when only two are left.
void removePoint(setting::Baseline& baseline, int point);

} // namespace bollard::card
