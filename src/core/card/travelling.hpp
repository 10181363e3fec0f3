// Cards that take along what they are made from: typefaces, and the file of a part.
#pragma once
#include "card/card.hpp"
#include "quantity/result.hpp"

namespace bollard::card {

/// Puts the files of all the card's typefaces into it, but of those that ship with Bollard; what it carries
/// already stays as long as it is used. Relative files start at `folder`. Tells of those that stay behind,
/// and why. The file of its part too, where there is one, up to 32 MB (partTooLarge). A card that does not
/// travel carries nothing then.
std::vector<quantity::Problem> takeAlong(Card& card, const type::Catalogue* catalogue,
                                         const std::string& folder);

/// The choice with its file as it can be opened from here.
type::TypefaceChoice resolved(type::TypefaceChoice choice, const std::string& folder);

} // namespace bollard::card
