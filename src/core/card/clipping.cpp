#include "card/clipping.hpp"
#include <algorithm>
#include <map>

namespace bollard::card {

Card clippingOf(const Card& card, std::vector<int> chosen) {
    std::ranges::sort(chosen);
    Card clipping;
    clipping.unit = card.unit;
    clipping.blank.kind = blank::Kind::none;
    std::map<int, int> placeOf;
    for (const int number : chosen)
        if (number >= 0 && size_t(number) < card.inscriptions.size()) {
            placeOf[number] = int(clipping.inscriptions.size());
            clipping.inscriptions.push_back(card.inscriptions[size_t(number)]);
        }
    for (Inscription& inscription : clipping.inscriptions) {
        const auto along = placeOf.find(inscription.ornament.around);
        inscription.ornament.around = along == placeOf.end() ? -1 : along->second;
    }
    return clipping;
}

std::string wordsOf(const Card& clipping) {
    std::string words;
    for (const Inscription& inscription : clipping.inscriptions)
        if (!inscription.isOrnament())
            words += (words.empty() ? "" : "\n") + inscription.words;
    return words;
}

std::vector<Inscription> insertable(const Card& clipping, const Card& into) {
    std::vector<Inscription> inscriptions = clipping.inscriptions;
    int highestGroup = 0;
    for (const Inscription& other : into.inscriptions)
        highestGroup = std::max(highestGroup, other.group);
    std::map<int, int> groups;
    const auto there = [&](const Inscription& added) {
        return std::ranges::any_of(into.inscriptions, [&](const Inscription& other) {
            return other.words == added.words && other.ornament.kind == added.ornament.kind &&
                   other.placing == added.placing;
        });
    };
    plane::Vector aside{};
    constexpr double step = 3;
    const auto moved = [&](Inscription inscription) {
        inscription.placing.x += aside.x;
        inscription.placing.y += aside.y;
        return inscription;
    };
    while (std::ranges::any_of(inscriptions, [&](const Inscription& added) { return there(moved(added)); }))
        aside = aside + plane::Vector{step, -step};
    for (Inscription& added : inscriptions) {
        added = moved(added);
        if (added.ornament.around >= 0)
            added.ornament.around += int(into.inscriptions.size());
        if (added.group > 0)
            added.group =
                groups.try_emplace(added.group, highestGroup + 1 + int(groups.size())).first->second;
        if (std::ranges::any_of(into.inscriptions,
                                [&](const Inscription& other) { return other.id == added.id; }))
            added.id.clear();
    }
    return inscriptions;
}

} // namespace bollard::card
