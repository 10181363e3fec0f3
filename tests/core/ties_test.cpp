// Strips that hold what pierced letters enclose.
#include "../sample_cards.hpp"
#include "blank/blank.hpp"
#include "working/ties.hpp"
#include <cmath>
#include <random>

using namespace bollard;
using plane::Region, plane::Vector;
using working::TiePlace, working::TieStyle;

namespace {

constexpr double mm = plane::unitsPerMillimetre;

plane::Ring circle(Vector middle, double radius, bool hole) {
    plane::Ring ring;
    constexpr int corners = 360;
    for (int i = 0; i < corners; ++i) {
        const double a = (hole ? -1 : 1) * 2 * M_PI * i / corners;
        ring.push_back(plane::onGrid(mm * (middle + radius * Vector{std::cos(a), std::sin(a)})));
    }
    return ring;
}
Region ring(double outer, double inner) {
    return {{circle({}, outer, false), circle({}, inner, true)}};
}
TieStyle style(double width) {
    return {width * mm, working::TieCount::asNeeded, working::TieDirection::asLetter, 0, false, 0};
}
Region tied(const Region& cut, const std::vector<TiePlace>& ties, const TieStyle& how) {
    Region left = cut;
    for (const TiePlace& tie : ties)
        left = plane::without(left, working::stripOf(cut, tie, how));
    return left;
}
size_t holesIn(const Region& cut) {
    return size_t(
        std::ranges::count_if(cut.rings, [](const plane::Ring& r) { return plane::areaOf(r) < 0; }));
}
card::Card pierced(const std::string& words, double width = 1.2) {
    card::Card card = samples::plate(words, working::Kind::pierced);
    card.blank.width = 200;
    card.inscriptions[0].placing.x = 100;
    card.inscriptions[0].style.size = 16;
    card.inscriptions[0].ties.kind = working::TieKind::automatic;
    card.inscriptions[0].ties.width = width;
    return card;
}
const working::PlacedLetters& lettersOf(const card::Made& made) {
    return made.lettering->inscriptions[0];
}
int piecesOf(const card::Made& made) {
    return made.solid->dropOuts.pieces;
}

} // namespace

class TiesTest : public QObject {
    Q_OBJECT
  private slots:
    void aWideRingGetsAnUprightPairAndANarrowOneASingleTie() {
        const TieStyle how = style(1);
        const auto wide = working::tiesOf(ring(10, 7), how);
        QCOMPARE(wide.size(), size_t(2));
        for (const TiePlace& tie : wide) { // as long as the stroke is wide, in its middle, upright
            QVERIFY(std::fabs(tie.length / mm - 3) < 0.05);
            QVERIFY2(std::fabs(tie.at.x / mm) < 0.3, qPrintable(QString::number(tie.at.x / mm)));
            QVERIFY(std::fabs(std::fabs(tie.at.y / mm) - 8.5) < 0.05);
            QVERIFY(std::fabs(std::fabs(tie.turn) - 90) < 1e-9);
        }
        QVERIFY(wide[0].at.y * wide[1].at.y < 0);
        QCOMPARE(working::tiesOf(ring(3, 1.5), how).size(), size_t(1));
    }

    void countAndDirectionAreAsTold() {
        TieStyle how = style(1);
        how.count = working::TieCount::one;
        QCOMPARE(working::tiesOf(ring(10, 7), how).size(), size_t(1));
        how.count = working::TieCount::two;
        QCOMPARE(working::tiesOf(ring(3, 1.5), how).size(), size_t(2));
        how.direction = working::TieDirection::level;
        for (const TiePlace& tie : working::tiesOf(ring(10, 7), how))
            QVERIFY(std::fabs(tie.at.y / mm) < 0.3 && std::fabs(tie.turn) < 1e-9);
        how.direction = working::TieDirection::angle;
        how.angle = 30;
        for (const TiePlace& tie : working::tiesOf(ring(10, 7), how))
            QVERIFY(std::fabs(tie.turn - 30) < 1e-9);
        how = style(1);
        how.baseline = 20; // of a letter that is turned
        for (const TiePlace& tie : working::tiesOf(ring(10, 7), how))
            QVERIFY(std::fabs(std::remainder(tie.turn - 20, 90)) < 1e-9);
    }

    void aTieIsExactlyAsWideAsTold() {
        for (const double width : {0.4, 1.0, 2.5})
            for (const bool tapered : {false, true}) {
                TieStyle how = style(width);
                how.tapered = tapered;
                const Region cut{{{{0, 0}, {300000, 0}, {300000, 40000}, {0, 40000}}}};
                const Region strip = working::stripOf(cut, {{150000, 20000}, 90, 0}, how);
                const Region waist =
                    plane::common(strip, {{{{0, 19990}, {300000, 19990}, {300000, 20010}, {0, 20010}}}});
                const plane::Box box = plane::boxOf(waist);
                QVERIFY(std::fabs((box.high.x - box.low.x) / mm - width) < 0.002);
                const plane::Box ends = plane::boxOf(strip);
                QVERIFY(std::fabs((ends.high.x - ends.low.x) / mm - (tapered ? 1.5 : 1) * width) < 0.002);
            }
    }

    void aTieOutsideTheCutIsNone() {
        QVERIFY(working::stripOf(ring(10, 7), {{}, 90, 0}, style(1)).empty());
        QVERIFY(working::stripOf(ring(10, 7), {{20 * mm, 0}, 90, 0}, style(1)).empty());
        QVERIFY(working::stripOf(ring(10, 7), {{0, 8.5 * mm}, 90, 0}, style(0)).empty());
    }

    void whatLiesWithinAnIslandHangsOnToIt() {
        // A ring in a ring: the inner island is held by the outer one, which hangs on to the rest.
        Region cut = ring(20, 17);
        for (const plane::Ring& inner : ring(8, 5).rings)
            cut.rings.push_back(inner);
        const auto ties = working::tiesOf(cut, style(1));
        QVERIFY(ties.size() >= 2);
        QCOMPARE(holesIn(tied(cut, ties, style(1))), size_t(0));
    }

    void everyLetterIsHeldAndEveryTieLandsOnBothSides() {
        for (const auto& [family, face] : {std::pair{"League Spartan", "Bold"},
                                           {"Quicksand", "Bold"},
                                           {"Dancing Script", "Bold"},
                                           {"Leckerli One", "Regular"},
                                           {"GFS Didot", "Regular"}}) {
            for (const char* letter : {"A", "B", "D", "O", "P", "Q", "R", "0", "4", "6", "8", "9",
                                       "&", "@", "%", "a", "b", "d", "e", "g", "o", "p", "q"}) {
                card::Card card = pierced(letter);
                card.inscriptions[0].typeface = {family, face, {}, 0};
                const auto made = samples::made(card);
                const working::PlacedLetters& letters = lettersOf(made);
                for (size_t i = 0; i < letters.onSide.size(); ++i)
                    QVERIFY2(holesIn(letters.onSide[i]) == 0,
                             (std::string(letter) + " in " + family).c_str());
                const Region whole = letters.place.onSide(letters.setting->letters[0]);
                for (const working::PlacedTie& tie : letters.placedTies) {
                    // Along it everything between its ends is cut, and just beyond them nothing is.
                    const double turn = tie.place.turn * M_PI / 180;
                    const Vector u{std::cos(turn), std::sin(turn)};
                    for (const double share : {-0.3, 0.0, 0.3})
                        QVERIFY2(plane::contains(whole,
                                                 plane::onGrid(tie.place.at + share * tie.place.length * u)),
                                 (std::string(letter) + family).c_str());
                    QVERIFY(plane::contains(tie.strip, plane::onGrid(tie.place.at)));
                }
                QCOMPARE(piecesOf(made), 1);
            }
        }
    }

    void theSameLetterIsTiedAlikeWhereverItStands() {
        const auto made = samples::made(pierced("OXO"));
        const auto& ties = lettersOf(made).placedTies;
        QCOMPARE(ties.size(), size_t(4));
        const Vector apart = ties[2].place.at - ties[0].place.at;
        QVERIFY(plane::length(ties[3].place.at - ties[1].place.at - apart) < 1);
        QCOMPARE(ties[0].place.turn, ties[2].place.turn);
    }

    void lettersThatEncloseSomethingTogetherAreTiedTogether() {
        card::Card card = pierced("oo", 0.6);
        card.inscriptions[0].typeface = {"Dancing Script", "Bold", {}, 0};
        const auto made = samples::made(card);
        QCOMPARE(piecesOf(made), 1);
        card.inscriptions[0].ties.kind = working::TieKind::none;
        QVERIFY(piecesOf(samples::made(card)) > 1);
    }

    void anOrnamentAroundThePartIsTiedToo() {
        card::Card card = pierced("8");
        card.inscriptions.push_back(card.inscriptions[0]);
        card::Inscription& frame = card.inscriptions[1];
        frame.words.clear();
        frame.ornament.kind = setting::OrnamentKind::frame;
        frame.ornament.width = 60;
        frame.ornament.height = 34;
        const auto made = samples::made(card);
        QCOMPARE(piecesOf(made), 1);
        QVERIFY(!made.lettering->inscriptions[1].placedTies.empty());
    }

    void wordsOfAnyLengthComeOutInOnePiece() {
        card::Pipeline pipeline(samples::catalogue());
        const unsigned seed = 20261127;
        qInfo("seed %u", seed);
        std::mt19937 random(seed);
        const std::string signs = "ABDOPQR04689abdegopq&@%";
        for (int round = 0; round < 25; ++round) {
            std::string words;
            for (unsigned n = 1 + random() % 8; n > 0; --n)
                words += signs[random() % signs.size()];
            card::Card card = pierced(words, 0.4 + 0.1 * double(random() % 12));
            card.inscriptions[0].placing.turn = double(random() % 360);
            card.blank.height = 200;
            card.inscriptions[0].placing.y = 100;
            card.inscriptions[0].style.size = 12;
            if (random() % 2 == 0)
                card.inscriptions[0].baseline.kind = setting::BaselineKind::arc;
            card.inscriptions[0].baseline.radius = 70;
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), "");
            QVERIFY2(piecesOf(made) == 1, words.c_str());
        }
    }

    void tiesAtTheBackAndInTheMiddleAreAsThickAsTold() {
        for (const auto depth : {working::TieDepth::back, working::TieDepth::middle}) {
            card::Card card = pierced("O");
            const double cut = body::volumeOf(samples::made(card).solid->mesh);
            card.inscriptions[0].ties.depth = depth;
            card.inscriptions[0].ties.thickness = 1;
            const auto made = samples::made(card);
            QCOMPARE(piecesOf(made), 1);
            QVERIFY(body::faultsOf(made.solid->mesh).none());
            double strips = 0;
            for (const Region& strip : lettersOf(made).strips)
                strips += plane::areaOf(strip) / (mm * mm);
            const double thickness = card.blank.thickness;
            const double missing = cut - body::volumeOf(made.solid->mesh);
            QVERIFY2(std::fabs(missing - strips * (thickness - 1)) < 1e-3 * missing,
                     qPrintable(QString::number(missing)));
        }
    }

    void aTiePutByHandStaysWithItsLetter() {
        card::Card card = pierced("OX8");
        auto made = samples::made(card);
        const working::PlacedTie tie = lettersOf(made).placedTies.front();
        working::OwnTie own = working::ownTieAt(lettersOf(made), tie.letter, tie.place);
        card.inscriptions[0].ties.own = {own};
        made = samples::made(card);
        const auto& ties = lettersOf(made).placedTies;
        QCOMPARE(std::ranges::count_if(ties, [](const auto& one) { return one.own == 0; }), 1);
        QVERIFY(plane::length(ties.front().place.at - tie.place.at) < 2);                // where it was
        QVERIFY(std::ranges::any_of(ties, [](const auto& one) { return one.own < 0; })); // the 8's stay
        // With words before it, larger letters and another place it is still on its letter.
        card.inscriptions[0].ties.own = setting::followed(card.inscriptions[0].ties.own, "OX8", "AA OX8");
        card.inscriptions[0].words = "AA OX8";
        card.inscriptions[0].style.size = 12;
        card.inscriptions[0].placing.turn = 33;
        made = samples::made(card);
        QCOMPARE(card.inscriptions[0].ties.own.front().letter, 3);
        QCOMPARE(
            std::ranges::count_if(lettersOf(made).placedTies, [](const auto& one) { return one.own == 0; }),
            1);
        QCOMPARE(piecesOf(made), 1);
        own.none = true;
        own.letter = 3;
        card.inscriptions[0].ties.own = {own};
        QCOMPARE(piecesOf(samples::made(card)), 2);
    }

    void everyRowOfATableIsTied() {
        card::Card card = pierced("{no}");
        card.rows = setting::Rows{{"no"}, {{"80"}, {"ABBA"}, {"1"}}, {}};
        for (card.row = 0; card.row < 3; ++card.row)
            QCOMPARE(piecesOf(samples::made(card)), 1);
    }

    void aStencilTypefaceGetsNoneAndItIsToldWhy() {
        card::Card card = pierced("BOARD 08");
        card.inscriptions[0].typeface = {"Allerta", "Stencil", {}, 0};
        const auto made = samples::made(card);
        QVERIFY(lettersOf(made).placedTies.empty());
        const auto* told = samples::finding(made, check::FindingKind::tiesIdle);
        QVERIFY(told && told->severity == check::Severity::note && told->subject == "Allerta");
        card.inscriptions[0].typeface = {};
        QVERIFY(!samples::finding(samples::made(card), check::FindingKind::tiesIdle));
    }

    void aTiePutByHandThatLostItsStrokeIsTold() {
        card::Card card = pierced("O");
        card.inscriptions[0].ties.own = {{"", 0, 0, 9, 9, 90, false}};
        const auto made = samples::made(card);
        const auto* told = samples::finding(made, check::FindingKind::tieLost);
        QVERIFY(told && told->count == 1 && told->severity == check::Severity::watch);
    }

    void aCounterTooSmallForTheWholeWidthIsHeldByLess() {
        card::Card card = pierced("B", 2.5);
        card.inscriptions[0].style.size = 12;
        const auto made = samples::made(card);
        QCOMPARE(piecesOf(made), 1);
        for (const working::PlacedTie& tie : lettersOf(made).placedTies)
            QVERIFY(tie.place.width / mm < 2.5 + 1e-9 && tie.place.width / mm >= 1.25 - 1e-9);
    }

    void tiesAreReadAndWrittenAndNoneGoWithoutSaying() {
        card::Card card = pierced("O");
        card.inscriptions[0].ties.own = {{"t1", 0, 0, 0.25, 0.5, 45, false}};
        const auto read = card::cardFromJson(card::jsonOf(card));
        QVERIFY(read);
        QVERIFY(read->inscriptions[0].ties == card.inscriptions[0].ties);
        card.inscriptions[0].ties = {};
        QVERIFY(card::jsonOf(card).find("\"ties\"") == std::string::npos);
    }
};

QTEST_GUILESS_MAIN(TiesTest)
#include "ties_test.moc"
