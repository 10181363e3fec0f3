#include "card/travelling.hpp"
#include "card/part.hpp"
#include "quantity/read_whole.hpp"
#include <filesystem>

namespace bollard::card {

type::TypefaceChoice resolved(type::TypefaceChoice choice, const std::string& folder) {
    if (!choice.file.empty() && !folder.empty() && std::filesystem::path(choice.file).is_relative())
        choice.file = (std::filesystem::path(folder) / choice.file).string();
    return choice;
}

namespace {

std::optional<quantity::Problem> takePart(Card& card, const std::string& folder) {
    blank::PartFile& part = card.blank.part;
    if (!card.travels || card.blank.kind != blank::Kind::file || part.file.empty()) {
        part.carried = std::string();
        return std::nullopt;
    }
    const std::string path = partKeyOf(part, folder).path;
    auto bytes = quantity::readWhole(path);
    if (!bytes) // what it has already stays
        return part.carried->empty() ? std::optional(bytes.problem()) : std::nullopt;
    constexpr size_t most = 32'000'000;
    if (bytes->size() > most)
        return quantity::Problem{quantity::ProblemKind::partTooLarge, path};
    part.carried = *std::move(bytes);
    return std::nullopt;
}

} // namespace

std::vector<quantity::Problem> takeAlong(Card& card, const type::Catalogue* catalogue,
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
    if (const auto problem = takePart(card, folder))
        left.push_back(*problem);
    return left;
}

} // namespace bollard::card
