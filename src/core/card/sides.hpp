// The sides of a blank together.
#pragma once
#include "card/card.hpp"

namespace bollard::card {

/// What lies on the side once more for each other side that words can lie on, as far from the middle there;
/// without ids. Sides that have no size are left out.
std::vector<Inscription> copiesOnOtherSides(const Card& card, std::string_view side);

/// Turns all that lies on a side that goes all the way round by so much (mm of its own circumference), so
/// that the seam comes elsewhere; nothing on others. Places are kept within once round.
void turnSide(Card& card, std::string_view side, double by);

} // namespace bollard::card
