#include "card/travelling.hpp"
#include <filesystem>

namespace bollard::card {

type::TypefaceChoice resolved(type::TypefaceChoice choice, const std::string& folder) {
    if (!choice.file.empty() && !folder.empty() && std::filesystem::path(choice.file).is_relative())
        choice.file = (std::filesystem::path(folder) / choice.file).string();
    return choice;
}

std::vector<quantity::Problem> takeTypefaces(Card& card, const type::Catalogue* catalogue,
                                             const std::string& folder) {
    std::vector<quantity::Problem> left;
    std::vector<type::CarriedTypeface> taken;
    for (const Inscription& inscription : card.inscriptions) {
        const type::TypefaceChoice& choice = inscription.typeface;
        if (!card.travels || inscription.isOrnament() || type::find(taken, choice))
            continue;
        if (const type::CarriedTypeface* const carried = type::find(card.typefaces, choice)) {
            taken.push_back(*carried);
            continue;
        }
        auto carried = type::carriedOf(choice, resolved(choice, folder), catalogue);
        if (!carried) {
            const auto same = [&](const quantity::Problem& one) {
                return one.kind == carried.problem().kind && one.subject == carried.problem().subject;
            };
            if (std::ranges::none_of(left, same))
                left.push_back(carried.problem());
        } else if (*carried) {
            taken.push_back(**std::move(carried));
        }
    }
    card.typefaces = std::move(taken);
    return left;
}

} // namespace bollard::card
