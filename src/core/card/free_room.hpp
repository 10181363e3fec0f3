// Where on the blank there is still room.
#pragma once
#include "card/pipeline.hpp"
#include <optional>

namespace bollard::card {

/// A place for something of that size (mm, the middle of its box), clear of all letters that are there and
/// within the blank's margin: near the middle of the blank, else where there is room; without a blank, below
/// what there is. Nothing when there is no room. O(places tried times letters near).
std::optional<plane::Vector> freeRoom(const Card& card, const Lettering& lettering, plane::Vector size_mm,
                                      std::string_view side = {});

/// A new inscription of those words in free room: like `model` (may be null) but for its line, its nudges and
/// its group, smaller where there is no room for it as large. Where there is none at all it lies in the
/// middle. `catalogue` may be null; then its size is guessed.
Inscription newInscription(const Card& card, const Lettering& lettering, const Inscription* model,
                           const std::string& words, const type::Catalogue* catalogue,
                           const std::string& side = {});

/// An inscription of that ornament in free room, worked like `model` (may be null). Borders and frames around
/// words lie where what they go along lies.
Inscription newOrnament(const Card& card, const Lettering& lettering, const Inscription* model,
                        const setting::Ornament& ornament, const std::string& side = {});

} // namespace bollard::card
