#include "card/sides.hpp"

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

void turnSide(Card& card, std::string_view side, double by) {
    const std::string_view own = blank::sideOf(card.blank, side);
    const double turn = blank::turnOf(card.blank, own);
    if (own.empty() || !(turn > 0))
        return;
    for (Inscription& inscription : card.inscriptions)
        if (blank::sideOf(card.blank, inscription.side) == own && !inscription.ornament.goesWithWords()) {
            const double x = inscription.placing.x + by;
            inscription.placing.x = x - std::floor(x / turn) * turn;
        }
}

} // namespace bollard::card
