#include "card/sides.hpp"
#include <cmath>

namespace bollard::card {

std::vector<Inscription> copiesOnOtherSides(const Card& card, std::string_view side) {
    std::vector<Inscription> copies;
    const std::string_view from = blank::sideOf(card.blank, side);
    const plane::Vector middle = 0.5 * blank::sizeOf(card.blank, from);
    for (const std::string_view other : blank::sidesOf(card.blank)) {
        const plane::Vector there = 0.5 * blank::sizeOf(card.blank, other);
        if (from.empty() || other == from || !(there.x > 0 && there.y > 0))
            continue;
        for (const Inscription& inscription : card.inscriptions) {
            if (blank::sideOf(card.blank, inscription.side) != from || inscription.ornament.goesWithWords())
                continue;
            Inscription copy = inscription;
            copy.id.clear();
            copy.side = std::string(other);
            copy.placing.x += there.x - middle.x;
            copy.placing.y += there.y - middle.y;
            copies.push_back(std::move(copy));
        }
    }
    return copies;
}

double seamOf(const Card& card, std::string_view side) {
    return card.seam / 360 * blank::turnOf(card.blank, side);
}

void moveSeam(Card& card, std::string_view side, double to_mm) {
    const double turn = blank::turnOf(card.blank, side);
    if (blank::sideOf(card.blank, side).empty() || !(turn > 0))
        return;
    const double share = to_mm / turn;
    card.seam = 360 * (share - std::floor(share));
    for (Inscription& inscription : card.inscriptions) {
        const double own = blank::turnOf(card.blank, inscription.side), from = seamOf(card, inscription.side);
        if (blank::sideOf(card.blank, inscription.side).empty() || !(own > 0) ||
            inscription.ornament.goesWithWords())
            continue;
        const double x = inscription.placing.x - from;
        inscription.placing.x = from + x - std::floor(x / own) * own;
    }
}

} // namespace bollard::card
