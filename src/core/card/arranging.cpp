#include "card/arranging.hpp"
#include <algorithm>
#include <map>
#include <set>

namespace bollard::card {
namespace {

using plane::Vector;

/// What moves as one.
struct Bundle {
    std::vector<int> members;
    Extent extent;
};

std::vector<Bundle> bundlesOf(const Card& card, const Lettering& lettering, const std::vector<int>& chosen) {
    std::vector<Bundle> bundles;
    std::map<int, size_t> ofGroup;
    for (const int number : chosen) {
        const auto extent = extentOf(lettering, number);
        if (!extent)
            continue;
        const int group = card.inscriptions[size_t(number)].group;
        if (group > 0)
            if (const auto known = ofGroup.find(group); known != ofGroup.end()) {
                Bundle& bundle = bundles[known->second];
                bundle.members.push_back(number);
                bundle.extent.low = {std::min(bundle.extent.low.x, extent->low.x),
                                     std::min(bundle.extent.low.y, extent->low.y)};
                bundle.extent.high = {std::max(bundle.extent.high.x, extent->high.x),
                                      std::max(bundle.extent.high.y, extent->high.y)};
                continue;
            }
        if (group > 0)
            ofGroup[group] = bundles.size();
        bundles.push_back({{number}, *extent});
    }
    return bundles;
}

void moveBy(Card& card, const Bundle& bundle, Vector by) {
    constexpr double step = 0.001;
    for (const int number : bundle.members) {
        setting::Placing& placing = card.inscriptions[size_t(number)].placing;
        placing.x = std::round((placing.x + by.x) / step) * step;
        placing.y = std::round((placing.y + by.y) / step) * step;
    }
}

double along(Vector v, bool across) {
    return across ? v.x : v.y;
}
Vector shift(double by, bool across) {
    return across ? Vector{by, 0} : Vector{0, by};
}

/// Equal room between neighbours from the first to the last along one direction.
void spread(Card& card, std::vector<Bundle> bundles, bool across) {
    if (bundles.size() < 3)
        return;
    std::ranges::sort(bundles, {},
                      [&](const Bundle& b) { return along(b.extent.low + b.extent.high, across); });
    double filled = 0;
    for (const Bundle& b : bundles)
        filled += along(b.extent.high - b.extent.low, across);
    const double from = along(bundles.front().extent.low, across);
    const double room =
        (along(bundles.back().extent.high, across) - from - filled) / double(bundles.size() - 1);
    double at = from;
    for (const Bundle& b : bundles) {
        moveBy(card, b, shift(at - along(b.extent.low, across), across));
        at += along(b.extent.high - b.extent.low, across) + room;
    }
}

} // namespace

std::optional<Extent> extentOf(const Lettering& lettering, int inscription) {
    plane::Box box;
    for (const working::PlacedLetters& letters : lettering.inscriptions)
        if (letters.inscription == inscription)
            for (const plane::Region& letter : letters.onSide)
                box.include(plane::boxOf(letter));
    if (box.empty())
        return std::nullopt;
    const auto mm = [](plane::Point p) { return (1 / plane::unitsPerMillimetre) * plane::vectorOf(p); };
    return Extent{mm(box.low), mm(box.high)};
}

void arrange(Card& card, const Lettering& lettering, const std::vector<int>& chosen, Arrangement how,
             ArrangeTo to) {
    std::vector<Bundle> bundles = bundlesOf(card, lettering, withGroups(card, chosen));
    if (how == Arrangement::spreadAcross || how == Arrangement::spreadUp)
        return spread(card, std::move(bundles), how == Arrangement::spreadAcross);
    Extent target{
        {},
        blank::sizeOf(card.blank, chosen.empty()
                                      ? std::string_view{}
                                      : std::string_view(card.inscriptions[size_t(chosen.back())].side))};
    if (to == ArrangeTo::last) {
        const auto holds = [&](const Bundle& b) { return std::ranges::count(b.members, chosen.back()) > 0; };
        const auto last = chosen.empty() ? bundles.end() : std::ranges::find_if(bundles, holds);
        if (last == bundles.end())
            return;
        target = last->extent;
        bundles.erase(last);
    } else if (!(target.high.x > 0)) {
        return;
    } else if (to == ArrangeTo::margin) {
        const Vector margin{card.blank.margin, card.blank.margin};
        target = {margin, target.high - margin};
    }
    const bool across = how == Arrangement::left || how == Arrangement::centre || how == Arrangement::right;
    for (const Bundle& b : bundles) {
        const double low = along(target.low - b.extent.low, across),
                     high = along(target.high - b.extent.high, across);
        const bool atLow = how == Arrangement::left || how == Arrangement::bottom;
        const bool atHigh = how == Arrangement::right || how == Arrangement::top;
        moveBy(card, b, shift(atLow ? low : atHigh ? high : (low + high) / 2, across));
    }
}

void sameSize(Card& card, const std::vector<int>& chosen) {
    if (chosen.empty())
        return;
    const Inscription model = card.inscriptions[size_t(chosen.back())];
    for (const int number : chosen) {
        Inscription& inscription = card.inscriptions[size_t(number)];
        if (inscription.isOrnament() != model.isOrnament())
            continue;
        inscription.style.sizeBy = model.style.sizeBy;
        inscription.style.size = model.style.size;
        inscription.ornament.width = model.ornament.width;
        inscription.ornament.height = model.ornament.height;
    }
}

bool areGroup(const Card& card, const std::vector<int>& chosen) {
    std::set<int> groups;
    for (const int number : chosen)
        groups.insert(card.inscriptions[size_t(number)].group);
    return chosen.size() > 1 && groups.size() == 1 && *groups.begin() > 0;
}

void group(Card& card, const std::vector<int>& chosen) {
    int next = 1;
    for (const Inscription& inscription : card.inscriptions)
        next = std::max(next, inscription.group + 1);
    const bool apart = areGroup(card, chosen);
    for (const int number : chosen)
        card.inscriptions[size_t(number)].group = apart ? 0 : next;
}

std::vector<int> withGroups(const Card& card, const std::vector<int>& chosen) {
    std::set<int> groups, all(chosen.begin(), chosen.end());
    for (const int number : chosen)
        groups.insert(card.inscriptions[size_t(number)].group);
    groups.erase(0);
    for (size_t i = 0; i < card.inscriptions.size(); ++i)
        if (groups.contains(card.inscriptions[i].group))
            all.insert(int(i));
    return {all.begin(), all.end()};
}

} // namespace bollard::card
