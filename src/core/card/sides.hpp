// The sides of a blank together.
#pragma once
#include "card/card.hpp"

namespace bollard::card {

/// What lies on the side once more for each other side that words can lie on, as far from the middle there;
/// without ids. Sides that have no size are left out.
std::vector<Inscription> copiesOnOtherSides(const Card& card, std::string_view side);

} // namespace bollard::card
