// The card as JSON text; docs/card-format.md tells every field.
#pragma once
#include "card/card.hpp"
#include "quantity/result.hpp"
#include <string>

namespace bollard::card {

constexpr int formatVersion = 1;

/// Reads a card. Missing fields take their defaults; unknown fields are kept. Lengths may also be text with a
/// unit
/// ("3/16 in"). A problem tells the line, and for wrong fields their path ("inscriptions[0].size.value").
quantity::Result<Card> cardFromJson(const std::string& text);

/// The card as indented JSON with a newline at the end; reading it back gives the same card.
std::string jsonOf(const Card& card);

/// A process alone, as it stands in a card.
quantity::Result<process::Process> processFromJson(const std::string& text);
std::string jsonOf(const process::Process& process);

/// A shop, or what a person adds to the one that ships: `{"shop": 1, "rack": […], "machines": […], …}`.
quantity::Result<cut::Shop> shopFromJson(const std::string& text);
std::string jsonOf(const cut::Shop& shop);
/// What ships, with what a person's own file adds; where there is no such file, what ships.
quantity::Result<cut::Shop> shopAtHand(const std::string& file);

} // namespace bollard::card
