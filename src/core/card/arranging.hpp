// Several inscriptions put in order with each other, the blank or its margin.
#pragma once
#include "card/card.hpp"
#include "card/pipeline.hpp"

namespace bollard::card {

enum class Arrangement {
    left,
    centre, ///< middles above each other
    right,
    top,
    middle, ///< middles side by side
    bottom,
    spreadAcross, ///< equal room between neighbours, the outer two stay
    spreadUp
};
constexpr int arrangements = 8;

enum class ArrangeTo {
    blank,
    margin,
    last ///< the inscription chosen last, which stays where it is
};
constexpr int arrangeTargets = 3;

/// Where an inscription's ink lies on its side, mm; nothing when it is not shown or has none.
struct Extent {
    plane::Vector low{}, high{};
};
std::optional<Extent> extentOf(const Lettering& lettering, int inscription);

/// Moves the chosen inscriptions (numbers on the card, the last one chosen last). A group moves as one.
/// Spreading needs three; with fewer nothing happens. To the blank where there is none, nothing happens
/// either.
void arrange(Card& card, const Lettering& lettering, const std::vector<int>& chosen, Arrangement how,
             ArrangeTo to);

/// Gives all chosen inscriptions the size of the last, by the same measure; frames and bars its width and
/// height.
void sameSize(Card& card, const std::vector<int>& chosen);

/// Makes a group of the chosen inscriptions, or takes them out of theirs when they are one already.
void group(Card& card, const std::vector<int>& chosen);
bool areGroup(const Card& card, const std::vector<int>& chosen);

/// The chosen ones and all that are grouped with any of them, in the order of the card.
std::vector<int> withGroups(const Card& card, const std::vector<int>& chosen);

} // namespace bollard::card
