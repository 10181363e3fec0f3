// What is changed of a card for one of its rows alone.
#pragma once
#include "card/card.hpp"
#include <memory>

namespace bollard::card {

/// The card as its row is made: with the changes of that row, which it has no more. A change that no longer
/// finds its place is left out. The card itself where there are none.
std::shared_ptr<const Card> cardOfRow(const std::shared_ptr<const Card>& card);

/// The card with what makes `changed` of its row (as cardOfRow() gives it) kept for that row alone.
Card withOwnRow(const Card& card, const Card& changed);

/// The card with what was changed from `before` to `after`, which are its row's, for all rows.
Card withForAll(const Card& card, const Card& before, const Card& after);

/// Takes a row away with all that is told of it; those behind it move up.
void removeRow(setting::Rows& rows, int row);

} // namespace bollard::card
