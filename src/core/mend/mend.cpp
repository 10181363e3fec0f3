#include "mend/mend.hpp"
#include "card/card_json.hpp"
#include "card/ranges.hpp"
#include <algorithm>
#include <nlohmann/json.hpp>
#include <set>

namespace bollard::mend {
namespace {

std::set<std::string> idsOf(const std::vector<check::Finding>& findings, bool stopsOnly) {
    std::set<std::string> ids;
    for (const check::Finding& finding : findings)
        if (!stopsOnly || (finding.severity == check::Severity::stop && !finding.accepted))
            ids.insert(finding.id);
    return ids;
}

std::vector<std::string> missingIn(const std::set<std::string>& now, const std::set<std::string>& before) {
    std::vector<std::string> gone;
    std::ranges::set_difference(before, now, std::back_inserter(gone));
    return gone;
}

/// Changes the value until the finding is gone: what does not grow in proportion takes more than one step.
std::optional<Offer> tried(const Mend& mend, const card::Made& made, check::Finding finding,
                           card::Pipeline& trial, const std::string& folder, const std::stop_token& stop) {
    const auto number = size_t(finding.inscription);
    Offer offer{&mend, finding.inscription, mend.value(made.card->inscriptions[number]), 0, *made.card, {}};
    offer.to = offer.from;
    constexpr int most = 6;
    for (int step = 0; step < most && !stop.stop_requested(); ++step) {
        const double value = mend.needed(finding, offer.to);
        if (!std::isfinite(value) || value == offer.to)
            return std::nullopt;
        mend.set(offer.card.inscriptions[number], value);
        card::keepWithinRanges(offer.card);
        offer.to = mend.value(offer.card.inscriptions[number]);
        if (offer.to != value)
            return std::nullopt; // more than the field holds
        const card::Made now = trial.run(std::make_shared<const card::Card>(offer.card), folder, stop);
        if (!now.checked || !now.checked->complete)
            return std::nullopt;
        const auto& findings = now.checked->findings;
        const auto still = std::ranges::find(findings, finding.id, &check::Finding::id);
        if (still != findings.end()) {
            finding = *still;
            continue;
        }
        if (!missingIn(idsOf(made.checked->findings, true), idsOf(findings, true)).empty())
            return std::nullopt; // something else stops now
        offer.clears = missingIn(idsOf(findings, false), idsOf(made.checked->findings, false));
        return offer;
    }
    return std::nullopt;
}

} // namespace

const std::vector<Mend>& mends() {
    static const std::vector<Mend> all{letterSpace(), largerSize()}; // the smaller change first
    return all;
}

std::vector<Offer> offersFor(const card::Made& made, const check::Finding& finding, card::Pipeline& trial,
                             const std::string& folder, const std::stop_token& stop) {
    std::vector<Offer> offers;
    if (!made.card || !made.checked || !made.checked->complete || finding.inscription < 0 || finding.accepted)
        return offers;
    const card::Inscription& inscription = made.card->inscriptions[size_t(finding.inscription)];
    for (const Mend& mend : mends())
        if (mend.mayClear(finding, inscription))
            if (auto offer = tried(mend, made, finding, trial, folder, stop))
                offers.push_back(*std::move(offer));
    return offers;
}

std::string patchOf(const std::string& cardText, const card::Card& mended) {
    using Json = nlohmann::json;
    const Json before = Json::parse(cardText, nullptr, false);
    const Json after = Json::parse(card::jsonOf(mended), nullptr, false);
    if (before.is_discarded() || after.is_discarded())
        return "[]";
    return Json::diff(before, after).dump();
}

} // namespace bollard::mend
