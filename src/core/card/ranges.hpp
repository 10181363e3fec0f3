// Every number of a card within the range that its file allows.
#pragma once
#include "card/card.hpp"
#include "quantity/field.hpp"

namespace bollard::card {

/// Calls with each number of the card but those of its rows; see quantity::eachNumber.
void eachNumber(Card& card, const std::function<void(double&, const quantity::Field&)>& onNumber,
                const std::function<void(int&, const quantity::Field&)>& onWhole);

/// Brings every number of the card into the range its file allows, so that what is edited can always be saved
/// and opened again. Turns beyond a whole one go on from its start; no number becomes the least.
void keepWithinRanges(Card& card);

} // namespace bollard::card
