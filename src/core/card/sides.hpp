// The sides of a blank together.
#pragma once
#include "card/card.hpp"

namespace bollard::card {

/// What lies on the side once more for each other side that words can lie on, as far from the middle there;
/// without ids. Sides that have no size are left out.
std::vector<Inscription> copiesOnOtherSides(const Card& card, std::string_view side);

/// Where the seam of a side that goes all the way round is shown, mm; 0 for others.
double seamOf(const Card& card, std::string_view side);
/// Shows it there, and what lies on such sides within once round from it: in the same places as before.
void moveSeam(Card& card, std::string_view side, double to_mm);

} // namespace bollard::card
