// Ties put, moved, turned and taken away by hand. From the first change on, a letter's ties are its own: the
// automatic ones it had are kept where they are, and come along when the words change.
#pragma once
#include "card/card.hpp"
#include "working/placed_letters.hpp"
#include <optional>

namespace bollard::card {

/// What is changed: an inscription (its number) of the card, and its letters as they were made of it.
struct Tied {
    Card& card;
    int inscription = 0;
    const working::PlacedLetters& letters;
};

/// Moves the tie (its place in PlacedLetters::placedTies) to a place on the side, grid units, and turns it to
/// `turn` degrees there. Nothing for a tie that is not there.
void moveTie(const Tied& tied, int tie, plane::Vector to, double turn);
void removeTie(const Tied& tied, int tie);
/// A tie through that place of the side, straight across the stroke, or level or upright where that is
/// shorter by no more than a tenth. False where no letter of the inscription is cut there.
bool addTie(const Tied& tied, plane::Vector at);
/// All ties are automatic again.
void clearOwnTies(Card& card, int inscription);

} // namespace bollard::card
