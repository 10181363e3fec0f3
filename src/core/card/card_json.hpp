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

} // namespace bollard::card
