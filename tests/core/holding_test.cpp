// What holds loose parts besides ties: backing before and behind, links, dots brought down; what becomes of
// counters; and that the order on the card decides where levels overlap.
#include "../sample_cards.hpp"
#include "body/mesh.hpp"
#include "card/free_room.hpp"
#include "mend/mend.hpp"
#include "setting/dots.hpp"
#include "setting/links.hpp"

using namespace bollard;
using plane::Region;

namespace {

constexpr double mm = plane::unitsPerMillimetre;

Region box(double left, double low, double right, double high) {
    const auto at = [](double x, double y) { return plane::onGrid(mm * plane::Vector{x, y}); };
    return {{{at(left, low), at(right, low), at(right, high), at(left, high)}}};
}
int piecesOf(const card::Made& made) {
    return made.solid->dropOuts.pieces;
}
double volumeOf(const card::Made& made) {
    return body::volumeOf(made.solid->mesh);
}
double squareMm(const Region& region) {
    return plane::areaOf(region) / (mm * mm);
}
bool isSound(const card::Made& made) {
    return !made.solid->problem && body::faultsOf(made.solid->mesh).none();
}
card::Card pierced(const std::string& words) {
    card::Card card = samples::plate(words, working::Kind::pierced);
    card.blank.width = 240;
    card.blank.height = 80;
    card.inscriptions[0].placing.x = 120;
    card.inscriptions[0].placing.y = 40;
    card.inscriptions[0].style.size = 18;
    return card;
}
setting::Ornament backing(setting::BackingForm form) {
    setting::Ornament ornament;
    ornament.kind = setting::OrnamentKind::backing;
    ornament.form = form;
    ornament.around = "i0";
    ornament.band = 3;
    return ornament;
}
void back(card::Card& card, const setting::Ornament& ornament) {
    const card::Inscription words = card.inscriptions[0];
    card.inscriptions.push_back(card::newOrnament(card, {}, &words, ornament, words.side));
}

} // namespace

class HoldingTest : public QObject {
    Q_OBJECT
  private slots:
    void linksJoinEverythingAndAreAsFewAsCanBe() {
        const std::vector<Region> shapes{box(0, 0, 10, 10), box(14, 0, 24, 10), box(30, 3, 40, 9),
                                         box(0, 15, 10, 20)};
        const Region links = setting::linksBetween(shapes, 2 * mm, 1 * mm, {});
        QCOMPARE(plane::parts(links).size(), size_t(3));
        std::vector<Region> all = shapes;
        all.push_back(links);
        QCOMPARE(plane::parts(plane::united(all)).size(), size_t(1));
        // Level and upright between walls that are: as long as the gap and both reaches, as wide as told.
        QVERIFY2(std::fabs(squareMm(links) - 2 * ((4 + 2) + (6 + 2) + (5 + 2))) < 0.01,
                 qPrintable(QString::number(squareMm(links))));
        QVERIFY(setting::linksBetween({shapes[0]}, 2 * mm, mm, {}).empty());
    }

    void linksHoldWordsAndTheFrameRoundThem() {
        card::Card card = samples::freeStanding("Quill;");
        card::Inscription frame = card.inscriptions[0];
        frame.words.clear();
        frame.ornament.kind = setting::OrnamentKind::frame;
        frame.ornament.around = "i0";
        card.inscriptions.push_back(frame);
        QVERIFY(piecesOf(samples::made(card)) > 3);
        back(card, backing(setting::BackingForm::links));
        const card::Made held = samples::made(card);
        QVERIFY(isSound(held));
        QCOMPARE(piecesOf(held), 1);
        card.inscriptions[0].words = "Quay %"; // other words, and more loose parts
        QCOMPARE(piecesOf(samples::made(card)), 1);
    }

    void backingBehindPiercedWordsHoldsTheirCounters() {
        for (const auto form :
             {setting::BackingForm::bars, setting::BackingForm::plate, setting::BackingForm::oval,
              setting::BackingForm::outline, setting::BackingForm::pins})
            for (const double turn : {0.0, 12.0}) {
                card::Card card = pierced("BOARD 08");
                card.inscriptions[0].placing.turn = turn;
                QVERIFY(piecesOf(samples::made(card)) > 5);
                back(card, backing(form));
                const card::Made held = samples::made(card);
                QVERIFY2(isSound(held), qPrintable(QString::number(int(form))));
                QVERIFY2(piecesOf(held) == 1,
                         qPrintable(QStringLiteral("form %1: %2").arg(int(form)).arg(piecesOf(held))));
                // It lies behind the blank.
                QVERIFY(body::extentOf(held.solid->mesh).low.z < -card.blank.thickness - 1);
                QVERIFY(std::fabs(body::extentOf(held.solid->mesh).high.z) < 1e-9);
                card.inscriptions[0].words = "PILOT & QUAY";
                const card::Made others = samples::made(card);
                QVERIFY2(piecesOf(others) == 1,
                         qPrintable(QStringLiteral("form %1: %2").arg(int(form)).arg(piecesOf(others))));
            }
    }

    void pinsStandAsLongAsTold() {
        card::Card card = pierced("O");
        setting::Ornament pins = backing(setting::BackingForm::pins);
        pins.clear = 7;
        back(card, pins);
        card.inscriptions[1].working.height = 2;
        const card::Made held = samples::made(card);
        QVERIFY(std::fabs(body::extentOf(held.solid->mesh).low.z + card.blank.thickness + 7 + 2) < 1e-6);
        card.inscriptions[1].hidden = true;
        const double without = volumeOf(samples::made(card));
        card.inscriptions[1].hidden = false;
        // One bar 2 high and 3 wide, three round posts 7 high and 3 across, which reach into the blank.
        const plane::Box ink = plane::boxOf(held.lettering->inscriptions[0].onSide[0]);
        const double length = (double(ink.high.x) - ink.low.x) / mm + 2 * 3;
        const double expected = 2 * 3 * length + 3 * 7 * M_PI * 1.5 * 1.5;
        QVERIFY2(std::fabs(volumeOf(held) - without - expected) < 0.01 * expected,
                 qPrintable(QStringLiteral("%1, %2").arg(volumeOf(held) - without).arg(expected)));
    }

    void looseCountersOfPiercedWordsAreOfferedBars() {
        const card::Card card = pierced("BOARD");
        const card::Made loose = samples::made(card);
        card::Pipeline trial(samples::catalogue());
        const std::string folder;
        const auto counters = std::ranges::find(loose.checked->findings, check::FindingKind::counterLoose,
                                                &check::Finding::kind);
        QVERIFY(counters != loose.checked->findings.end());
        const auto offers = mend::offersFor({card, loose, folder}, *counters, trial, nullptr);
        QVERIFY(
            std::ranges::any_of(offers, [](const mend::Offer& offer) { return offer.mend->name == "ties"; }));
        const auto bars = std::ranges::find_if(
            offers, [](const mend::Offer& offer) { return offer.mend->name == "barsBehind"; });
        QVERIFY(bars != offers.end());
        QCOMPARE(piecesOf(samples::made(bars->card)), 1);
    }

    void countersAreLoweredPiercedOrDropped() {
        card::Card card = pierced("BOB");
        working::Working& working = card.inscriptions[0].working;
        working.kind = working::Kind::sunk;
        working.depth = 0.8;
        const card::Made kept = samples::made(card);
        double counters = 0;
        for (const Region& letter : kept.lettering->inscriptions[0].onSide)
            counters += squareMm(working::countersOf(letter));
        QVERIFY(counters > 10);
        const auto taken = [&](working::CounterKind kind, double depth) {
            card.inscriptions[0].counters = {kind, depth};
            const card::Made with = samples::made(card);
            return isSound(with) && piecesOf(with) == 1 ? volumeOf(kept) - volumeOf(with) : -1;
        };
        for (const auto& [kind, depth, expected] : {std::tuple{working::CounterKind::kept, 1.0, 0.0},
                                                    {working::CounterKind::lowered, 1.5, 1.5},
                                                    {working::CounterKind::lowered, 0.3, 0.3},
                                                    {working::CounterKind::pierced, 1.0, 4.0},
                                                    {working::CounterKind::dropped, 1.0, 0.8}})
            QVERIFY2(std::fabs(taken(kind, depth) - counters * expected) < 1e-3 * counters * expected + 1e-6,
                     qPrintable(QString::number(int(kind))));
    }

    void whatDroppedCountersWouldLeaveLooseIsNoFinding() {
        card::Card card = pierced("BOARD");
        card.inscriptions[0].counters.kind = working::CounterKind::dropped;
        const card::Made dropped = samples::made(card);
        QCOMPARE(piecesOf(dropped), 1);
        for (const check::Finding& finding : dropped.checked->findings)
            QVERIFY(finding.kind != check::FindingKind::counterLoose);
    }

    void dotsComeDownUntilTheyAreJoinedByAsMuchAsTold() {
        for (const char* family : {"League Spartan", "Quicksand", "DejaVu Serif"})
            for (const std::string letter : {"i", "j", "ä", "Ö", ";", "!", "?"})
                for (const double joint : {0.5, 1.2}) {
                    card::Card card = samples::freeStanding(letter);
                    card.inscriptions[0].typeface = {
                        family, std::string(family) == "DejaVu Serif" ? "Book" : "Bold", {}, 0};
                    card.inscriptions[0].style.size = 20;
                    card.inscriptions[0].style.joint = 0;
                    QVERIFY(piecesOf(samples::made(card)) > 1);
                    card.inscriptions[0].style.joint = joint;
                    const card::Made down = samples::made(card);
                    QVERIFY2(piecesOf(down) == 1, letter.c_str());
                    const check::Reading* neck =
                        check::narrowest(*down.checked->measures, check::ReadingKind::neck);
                    QVERIFY2(!neck || neck->width > 0.9 * joint,
                             qPrintable(QStringLiteral("%1 %2 %3")
                                            .arg(QString::fromUtf8(letter.c_str()))
                                            .arg(neck ? neck->width : 0)
                                            .arg(joint)));
                }
        // What stands within another part stays.
        const Region at{{box(0, 0, 10, 10).rings[0],
                         {{20000, 20000}, {20000, 80000}, {80000, 80000}, {80000, 20000}},
                         box(4, 4, 6, 6).rings[0]}};
        const auto down = setting::withDotsDown(std::make_shared<const Region>(at), mm);
        QVERIFY(plane::without(*down, at).empty() && plane::without(at, *down).empty());
    }

    void whereLevelsOverlapTheOrderOnTheCardDecides() {
        // A raised bar and a sunk one across it: what comes later meets what the earlier one left.
        card::Card card = samples::plate("");
        card.inscriptions.clear();
        const auto bar = [](double width, double height, working::Kind kind) {
            card::Inscription inscription;
            inscription.ornament.kind = setting::OrnamentKind::bar;
            inscription.ornament.width = width;
            inscription.ornament.height = height;
            inscription.placing.x = 60;
            inscription.placing.y = 22.5;
            inscription.working.kind = kind;
            inscription.working.height = 2;
            inscription.working.depth = 0.5;
            return inscription;
        };
        const card::Inscription raised = bar(40, 6, working::Kind::raised),
                                sunk = bar(6, 20, working::Kind::sunk);
        const double plate = 120 * 45 * 4;
        card.inscriptions = {raised, sunk}; // the groove goes through the bar as well
        const card::Made cutLast = samples::made(card);
        QVERIFY(isSound(cutLast));
        QVERIFY(std::fabs(volumeOf(cutLast) - (plate + 40 * 6 * 2 - 6 * 6 * 2 - 6 * 20 * 0.5)) < 0.01);
        card.inscriptions = {sunk, raised}; // the bar fills the groove where it stands
        const card::Made raisedLast = samples::made(card);
        QVERIFY(isSound(raisedLast));
        QVERIFY(std::fabs(volumeOf(raisedLast) - (plate + 40 * 6 * 2 - 6 * (20 - 6) * 0.5)) < 0.01);
        // Two heights: the higher one shows whichever comes first.
        for (const bool lowFirst : {true, false}) {
            card::Inscription low = raised, high = bar(6, 20, working::Kind::raised);
            low.working.height = 1;
            card.inscriptions = lowFirst ? std::vector{low, high} : std::vector{high, low};
            QVERIFY(std::fabs(volumeOf(samples::made(card)) - (plate + 40 * 6 * 1 + 6 * 20 * 2 - 6 * 6 * 1)) <
                    0.01);
        }
    }

    void manyPiercedWordsAreMendedInFewMakings() {
        card::Card card = pierced("BO");
        card.blank.width = 400;
        card.blank.height = 400;
        const card::Inscription model = card.inscriptions[0];
        card.inscriptions.clear();
        for (int i = 0; i < 30; ++i) {
            card::Inscription one = model;
            one.placing.x = 40 + 60 * (i % 6);
            one.placing.y = 40 + 60 * (i / 6);
            card.inscriptions.push_back(one);
        }
        const card::Made before = samples::made(card);
        card::Pipeline trial(samples::catalogue());
        const std::string folder;
        const mend::Plan plan = mend::planFor({card, before, folder}, trial, nullptr);
        QVERIFY(plan.left.empty());
        QCOMPARE(int(plan.steps.size()), 30);
        QVERIFY2(trial.counts().solids < 20, qPrintable(QString::number(trial.counts().solids)));
        QCOMPARE(piecesOf(samples::made(plan.card)), 1);
    }
};

QTEST_GUILESS_MAIN(HoldingTest)
#include "holding_test.moc"
