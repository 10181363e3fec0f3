#include "mend/mend.hpp"
#include "card/card_json.hpp"
#include "card/ranges.hpp"
#include <algorithm>
#include <cmath>
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

/// Changes the card until the finding is gone. `whatever`: though something else may stop then.
std::optional<Offer> tried(const Mend& mend, const Subject& subject, const check::Finding& finding,
                           card::Pipeline& trial, const type::Catalogue* catalogue,
                           const std::stop_token& stop, bool whatever = false) {
    Offer offer{&mend, finding.inscription, {}, {}, {}, subject.card, {}, {}};
    const auto number = [&](const card::Card& card) {
        return mend.number ? std::optional(mend.number(card, finding)) : std::nullopt;
    };
    offer.from = number(offer.card);
    card::Made made = subject.made;
    check::Finding now = finding;
    const std::set<std::string> before = idsOf(subject.made.checked->findings, false),
                                stops = idsOf(subject.made.checked->findings, true);
    constexpr int most = 6;
    for (int step = 0; step < most && !stop.stop_requested(); ++step) {
        card::Card next = offer.card;
        if (!mend.step(next, {made, now, catalogue}))
            return std::nullopt;
        card::Card kept = next;
        card::keepWithinRanges(kept);
        if (!(kept == next) || next == offer.card)
            return std::nullopt; // more than a field holds, or no change at all
        offer.card = std::move(next);
        made = trial.run(std::make_shared<const card::Card>(offer.card), subject.folder, stop);
        if (!made.checked || !made.checked->complete)
            return std::nullopt;
        const auto& findings = made.checked->findings;
        const auto still = std::ranges::find(findings, finding.id, &check::Finding::id);
        if (still != findings.end()) {
            now = *still;
            continue;
        }
        if (const auto others = missingIn(stops, idsOf(findings, true)); !others.empty() && !whatever) {
            // Something else stops now; perhaps more of the same helps.
            const auto other = std::ranges::find(findings, others.front(), &check::Finding::id);
            if (!mend.mayClear(*other, offer.card))
                return std::nullopt;
            now = *other;
            continue;
        }
        offer.clears = missingIn(idsOf(findings, false), before);
        for (const check::Finding& one : findings)
            if (!before.contains(one.id) && one.severity == check::Severity::watch &&
                std::ranges::find(offer.brings, one.kind) == offer.brings.end())
                offer.brings.push_back(one.kind);
        offer.to = number(offer.card);
        if (mend.subject)
            offer.subject = mend.subject(offer.card, finding);
        return offer;
    }
    return std::nullopt;
}

bool isWhole(const card::Made& made) {
    return made.card && made.checked && made.checked->complete;
}

} // namespace

std::vector<process::Rule> Matter::rules(process::Measured what) const {
    const card::Inscription* const inscription =
        finding.inscription >= 0 ? &made.card->inscriptions[size_t(finding.inscription)] : nullptr;
    std::vector<process::Rule> all = card::rulesFor(*made.card, inscription);
    std::erase_if(all, [&](const process::Rule& rule) { return rule.what != what; });
    std::ranges::stable_sort(all, std::greater{}, &process::Rule::severity);
    return all;
}

std::optional<double> Matter::least(process::Measured what) const {
    std::optional<double> least;
    for (const process::Rule& rule : rules(what))
        if (rule.bound == process::Bound::least)
            least = std::max(least.value_or(rule.value), rule.value);
    return least;
}

const std::vector<Mend>& mends() {
    static const std::vector<Mend> all{
        anotherTool(),    depthOfWorking(),  lessDeep(),       stockAsBlank(), stockMargin(),
        cutOutLast(),     spindleSpeed(),    plainDialect(),   ties(),         onceRound(),
        oneByOne(),       offTheRim(),       shallower(),      pairSpace(),    letterSpace(),
        closingUp(),      barsBehind(),      linksBetween(),   plateBehind(),  inwards(),
        height(),         depth(),           bedding(),        brokenEdge(),   draft(),
        heavierStrokes(), lighterStrokes(),  largerSize(),     smallerWords(), largerBlank(),
        thickerBlank(),   thinnerBlank(),    wholeLayers(),    lieOtherwise(), turnOnBed(),
        floor(),          smallerEdges(),    crispEdges(),     firstSide(),    readOnPart(),
        heavierFace(),    thickerTypeface(), anotherProcess(), sidesAnew(),    withoutSide(),
        holdOtherEnd()};
    return all;
}

bool mayBeMended(const check::Finding& finding, const card::Card& card) {
    return !finding.accepted && finding.inscription < int(card.inscriptions.size()) &&
           std::ranges::any_of(mends(), [&](const Mend& mend) { return mend.mayClear(finding, card); });
}

std::vector<Offer> offersFor(const Subject& subject, const check::Finding& finding, card::Pipeline& trial,
                             const type::Catalogue* catalogue, const std::stop_token& stop, int most) {
    std::vector<Offer> offers;
    if (!isWhole(subject.made) || finding.accepted ||
        finding.inscription >= int(subject.card.inscriptions.size()))
        return offers;
    for (const Mend& mend : mends()) {
        if (int(offers.size()) >= most || stop.stop_requested())
            break;
        if (mend.mayClear(finding, subject.card))
            if (auto offer = tried(mend, subject, finding, trial, catalogue, stop))
                offers.push_back(*std::move(offer));
    }
    return offers;
}

namespace {

/// What falls out is best tied, even where something else stops then, which other mends may clear.
std::optional<Offer> tiedFirst(const Subject& subject, const check::Finding& finding, card::Pipeline& trial,
                               const type::Catalogue* catalogue, const std::stop_token& stop) {
    const auto known = std::ranges::find(mends(), std::string_view("ties"), &Mend::name);
    if (!known->mayClear(finding, subject.card))
        return std::nullopt;
    return tried(*known, subject, finding, trial, catalogue, stop, true);
}

/// The same mend for everything of that kind that stops, all at once: as many steps as one would take.
/// Nothing where it does not clear all of them, or something else stops then.
std::optional<std::vector<Offer>> triedForAll(const Offer& first, const Subject& subject,
                                              const std::vector<check::Finding>& findings,
                                              card::Pipeline& trial, const type::Catalogue* catalogue,
                                              const std::stop_token& stop) {
    const Mend& mend = *first.mend;
    std::vector<Offer> offers;
    const std::set<std::string> stops = idsOf(subject.made.checked->findings, true);
    card::Card card = subject.card;
    card::Made made = subject.made;
    std::vector<check::Finding> open = findings;
    for (const check::Finding& finding : findings)
        offers.push_back({&mend, finding.inscription, {}, {}, {}, {}, {}, {}});
    for (size_t i = 0; i < findings.size() && mend.number; ++i)
        offers[i].from = mend.number(card, findings[i]);
    constexpr int most = 6;
    for (int step = 0; step < most && !open.empty(); ++step) {
        for (const check::Finding& finding : open)
            if (!mend.step(card, {made, finding, catalogue}))
                return std::nullopt;
        card::Card kept = card;
        card::keepWithinRanges(kept);
        made = trial.run(std::make_shared<const card::Card>(card), subject.folder, stop);
        if (!(kept == card) || stop.stop_requested() || !isWhole(made))
            return std::nullopt;
        std::vector<check::Finding> still;
        for (const check::Finding& finding : made.checked->findings)
            if (std::ranges::find(open, finding.id, &check::Finding::id) != open.end())
                still.push_back(finding);
        open = std::move(still);
    }
    if (!open.empty() || !missingIn(stops, idsOf(made.checked->findings, true)).empty())
        return std::nullopt;
    for (size_t i = 0; i < findings.size(); ++i) {
        Offer& offer = offers[i];
        offer.card = card;
        offer.clears = {findings[i].id};
        offer.to = mend.number ? std::optional(mend.number(card, findings[i])) : std::nullopt;
        if (mend.subject)
            offer.subject = mend.subject(card, findings[i]);
    }
    return offers;
}

Plan planned(const Subject& subject, card::Pipeline& trial, const type::Catalogue* catalogue,
             const std::stop_token& stop, bool tiesFirst) {
    Plan plan{{}, subject.card, subject.made, {}, {}};
    const auto stopping = [&] {
        std::vector<check::Finding> all;
        for (const check::Finding& finding : plan.made.checked->findings)
            if (finding.severity == check::Severity::stop && !finding.accepted)
                all.push_back(finding);
        return all;
    };
    std::map<std::string, int> aboutWords; // by the id of what was tried
    // So that mends that undo each other come to an end.
    const size_t mostSteps = 24 + 8 * subject.card.inscriptions.size();
    for (bool mended = true; mended && plan.steps.size() < mostSteps && !stop.stop_requested();) {
        mended = false;
        for (const check::Finding& finding : stopping()) {
            if (plan.tried.contains(finding.id))
                continue;
            const Subject now{plan.card, plan.made, subject.folder};
            std::optional<Offer> offer;
            if (tiesFirst)
                offer = tiedFirst(now, finding, trial, catalogue, stop);
            if (!offer)
                if (auto offers = offersFor(now, finding, trial, catalogue, stop, 1); !offers.empty())
                    offer = std::move(offers.front());
            if (!offer) {
                plan.tried.try_emplace(finding.id);
                aboutWords[finding.id] = finding.inscription;
                for (const Mend& mend : mends())
                    if (mend.mayClear(finding, plan.card))
                        plan.tried[finding.id].push_back(mend.name);
                continue;
            }
            // What stops in the same way elsewhere is likely to need the same.
            std::vector<check::Finding> alike;
            for (const check::Finding& other : stopping())
                if (other.kind == finding.kind && other.inscription >= 0 && !plan.tried.contains(other.id) &&
                    offer->mend->mayClear(other, plan.card))
                    alike.push_back(other);
            std::optional<std::vector<Offer>> all;
            if (alike.size() > 1)
                all = triedForAll(*offer, now, alike, trial, catalogue, stop);
            if (!all)
                all = std::vector{*std::move(offer)};
            plan.card = all->back().card;
            plan.made = trial.run(std::make_shared<const card::Card>(plan.card), subject.folder, stop);
            std::ranges::move(*all, std::back_inserter(plan.steps));
            mended = isWhole(plan.made);
            // What is about the same words may be possible now.
            std::erase_if(plan.tried, [&](const auto& one) {
                const auto about = aboutWords.find(one.first);
                return about == aboutWords.end() || about->second < 0 || about->second == finding.inscription;
            });
            break;
        }
    }
    if (isWhole(plan.made))
        plan.left = stopping();
    return plan;
}

} // namespace

Plan planFor(const Subject& subject, card::Pipeline& trial, const type::Catalogue* catalogue,
             const std::stop_token& stop) {
    if (!isWhole(subject.made))
        return {{}, subject.card, subject.made, {}, {}};
    Plan plan = planned(subject, trial, catalogue, stop, true);
    if (plan.left.empty())
        return plan;
    Plan other = planned(subject, trial, catalogue, stop, false);
    return other.left.size() < plan.left.size() ? other : plan;
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
