// Inscriptions taken from one card to another.
#pragma once
#include "card/card.hpp"
#include <vector>

namespace bollard::card {

/// Some inscriptions (by their place) as a card of their own, in their order. Frames go on round what is
/// taken with them.
Card clippingOf(const Card& card, std::vector<int> chosen);

/// What a clipping says, an inscription after another, its lines as lines.
std::string wordsOf(const Card& clipping);

/// The clipping's inscriptions as they are added to the end of `into`: with ids and groups that are free
/// there, and a step aside where the same lies in the same place already.
std::vector<Inscription> insertable(const Card& clipping, const Card& into);

} // namespace bollard::card
