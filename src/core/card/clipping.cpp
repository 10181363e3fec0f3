#include "card/clipping.hpp"
#include <algorithm>
#include <map>
#include <set>

namespace bollard::card {

Card clippingOf(const Card& card, std::vector<int> chosen) {
    std::ranges::sort(chosen);
    Card clipping;
    clipping.unit = card.unit;
    clipping.blank.kind = blank::Kind::none;
    const std::vector<std::string> ids = idsOf(card);
    std::map<std::string, size_t> placeOf;
    for (const int number : chosen)
        if (number >= 0 && size_t(number) < ids.size()) {
            placeOf[ids[size_t(number)]] = clipping.inscriptions.size();
            clipping.inscriptions.push_back(card.inscriptions[size_t(number)]);
        }
    for (Inscription& inscription : clipping.inscriptions) {
        std::string& around = inscription.ornament.around;
        if (const auto along = placeOf.find(around); along != placeOf.end())
            clipping.inscriptions[along->second].id = around;
        else
            around.clear();
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
        if (added.group > 0)
            added.group =
                groups.try_emplace(added.group, highestGroup + 1 + int(groups.size())).first->second;
    }
    // Names that are taken are changed, also where frames speak of them.
    const std::vector<std::string> idsThere = idsOf(into);
    std::set<std::string> taken(idsThere.begin(), idsThere.end());
    for (size_t i = 0; i < inscriptions.size(); ++i) {
        std::string& id = inscriptions[i].id;
        if (id.empty())
            continue;
        const std::string before = id;
        for (int next = 0; !taken.insert(id).second; ++next)
            id = idAtPlace(next);
        for (Inscription& other : inscriptions)
            if (id != before && other.ornament.around == before)
                other.ornament.around = id;
    }
    return inscriptions;
}

} // namespace bollard::card
