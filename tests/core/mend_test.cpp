// What clears a finding, is tried before it is offered, and changes nothing else.
#include "../sample_cards.hpp"
#include "card/card_json.hpp"
#include "mend/mend.hpp"
#include <nlohmann/json.hpp>

using namespace bollard;
using check::FindingKind;

namespace {

struct Tried {
    card::Made made;
    std::vector<std::pair<check::Finding, std::vector<mend::Offer>>> offers;
};
Tried tried(const card::Card& card) {
    Tried all;
    card::Pipeline pipeline(samples::catalogue()), trial(samples::catalogue());
    all.made = pipeline.run(std::make_shared<const card::Card>(card), {});
    for (const check::Finding& finding : all.made.checked->findings)
        all.offers.emplace_back(finding, mend::offersFor(all.made, finding, trial, {}));
    return all;
}
card::Card narrow(const std::string& words, double size, double letterSpace = 0) {
    card::Card card = samples::plate(words);
    card.inscriptions[0].style.size = size;
    card.inscriptions[0].style.letterSpace = letterSpace;
    card.inscriptions[0].placing.anchor = setting::Anchor::centre;
    return card;
}
const mend::Offer* offerNamed(const Tried& all, FindingKind kind, std::string_view name) {
    for (const auto& [finding, offers] : all.offers)
        for (const mend::Offer& offer : offers)
            if (finding.kind == kind && offer.mend->name == name)
                return &offer;
    return nullptr;
}

} // namespace

class MendTest : public QObject {
    Q_OBJECT
  private slots:
    void everyOfferClearsItsFindingAndStopsNothing() {
        int offered = 0;
        for (const double size : {2.0, 3.5, 6.0})
            for (const double space : {-0.4, 0.0}) {
                const Tried all = tried(narrow("Gannet quay & Co", size, space));
                for (const auto& [finding, offers] : all.offers)
                    for (const mend::Offer& offer : offers) {
                        ++offered;
                        const auto again = samples::made(offer.card);
                        for (const check::Finding& left : again.checked->findings) {
                            QVERIFY(left.id != finding.id);
                            const bool newStop =
                                left.severity == check::Severity::stop &&
                                std::ranges::none_of(all.made.checked->findings,
                                                     [&](const auto& f) { return f.id == left.id; });
                            QVERIFY2(!newStop, left.id.c_str());
                        }
                        QVERIFY(std::ranges::count(offer.clears, finding.id) == 1);
                        // Only the one number changed.
                        card::Card back = offer.card;
                        offer.mend->set(back.inscriptions[size_t(offer.inscription)], offer.from);
                        QVERIFY(back == *all.made.card);
                    }
            }
        QVERIFY2(offered >= 8, qPrintable(QString::number(offered)));
    }

    void aLargerSizeIsNoLargerThanItMustBe() {
        const Tried all = tried(narrow("HULL", 1.5));
        const mend::Offer* offer = offerNamed(all, FindingKind::strokeNarrow, "largerSize");
        QVERIFY(offer);
        card::Card smaller = offer->card;
        smaller.inscriptions[0].style.size -= 0.2;
        const std::string id = offer->clears.front();
        const auto made = samples::made(smaller);
        QVERIFY(std::ranges::any_of(made.checked->findings, [&](const auto& f) {
            return std::ranges::count(offer->clears, f.id) > 0;
        }));
    }

    void letterSpaceIsOfferedForNarrowGaps() {
        const Tried all = tried(narrow("MILL", 8, -1.2));
        const mend::Offer* offer = offerNamed(all, FindingKind::gapNarrow, "letterSpace");
        QVERIFY(offer);
        QVERIFY(offer->to > offer->from);
    }

    void whatWouldLeaveTheBlankIsNotOffered() {
        card::Card card = narrow("BELL ROCK QUAY", 2);
        const double width = setting::measureOf(*samples::made(card).lettering->inscriptions[0].setting,
                                                setting::SizeBy::width);
        card.blank.width = width + 0.1;
        card.blank.margin = 0;
        card.inscriptions[0].placing.x = card.blank.width / 2;
        const Tried all = tried(card);
        QVERIFY(std::ranges::any_of(all.offers,
                                    [](const auto& o) { return o.first.kind == FindingKind::strokeNarrow; }));
        QVERIFY(!offerNamed(all, FindingKind::strokeNarrow, "largerSize"));
    }

    void anAcceptedFindingIsLeftAlone() {
        card::Card card = narrow("HULL", 1.5);
        const auto findings = samples::made(card).checked->findings;
        for (const check::Finding& finding : findings)
            card.accepted.push_back({finding.id, "as agreed", finding.measured});
        for (const auto& [finding, offers] : tried(card).offers)
            QVERIFY(offers.empty());
    }

    void aPatchTurnsTheFileIntoTheMendedCard() {
        using Json = nlohmann::json;
        const Tried all = tried(narrow("HULL", 1.5));
        const mend::Offer* offer = offerNamed(all, FindingKind::strokeNarrow, "largerSize");
        QVERIFY(offer);
        Json file = Json::parse(card::jsonOf(*all.made.card));
        file["ours"] = {{"keep", 7}}; // unknown to Bollard
        auto withOurs = card::cardFromJson(file.dump());
        QVERIFY(withOurs);
        card::Card mended = *withOurs;
        offer->mend->set(mended.inscriptions[0], offer->to);
        const Json patch = Json::parse(mend::patchOf(file.dump(), mended));
        for (const Json& step : patch)
            QVERIFY(step["op"] == "add" || step["op"] == "remove" || step["op"] == "replace");
        const Json patched = file.patch(patch);
        QCOMPARE(patched["ours"]["keep"].get<int>(), 7);
        const auto again = card::cardFromJson(patched.dump());
        QVERIFY(again);
        QCOMPARE(again->inscriptions[0].style.size, offer->to);
        QCOMPARE(size_t(patch.size()), size_t(1)); // and nothing else is touched
    }
};
QTEST_GUILESS_MAIN(MendTest)
#include "mend_test.moc"
