#include "../sample_cards.hpp"
#include "card/arranging.hpp"
#include "card/output.hpp"

using namespace bollard;
using card::ArrangeTo, card::Arrangement;
using setting::OrnamentKind;

namespace {

card::Inscription ornament(OrnamentKind kind) {
    card::Inscription made;
    made.ornament.kind = kind;
    made.placing = {setting::Anchor::centre, 60, 22.5, 0};
    return made;
}

/// Square millimetres of one inscription of a made card.
double areaOf(const card::Made& made, int inscription) {
    double area = 0;
    for (const auto& letters : made.lettering->inscriptions)
        if (letters.inscription == inscription)
            for (const plane::Region& region : letters.onSide)
                area += plane::areaOf(region) * 1e-8;
    return area;
}

card::Extent extentOf(const card::Card& card, int inscription) {
    return *card::extentOf(*samples::made(card).lettering, inscription);
}

card::Card three() {
    card::Card card = samples::plate("A");
    for (const auto& [words, x, y] : {std::tuple("BB", 20.0, 10.0), std::tuple("CCC", 95.0, 35.0)}) {
        card::Inscription next = card.inscriptions[0];
        next.words = words;
        next.placing.x = x;
        next.placing.y = y;
        card.inscriptions.push_back(next);
    }
    return card;
}

} // namespace

class OrnamentTest : public QObject {
    Q_OBJECT
  private slots:
    void framesAndBarsAreAsLargeAsTheySay() {
        card::Card card = samples::plate("");
        card.inscriptions = {ornament(OrnamentKind::frame), ornament(OrnamentKind::bar)};
        card.inscriptions[0].ornament.width = 50;
        card.inscriptions[0].ornament.height = 30;
        card.inscriptions[0].ornament.band = 2;
        card.inscriptions[1].ornament.width = 20;
        card.inscriptions[1].ornament.height = 1.5;
        COMPARE_NEAR(areaOf(samples::made(card), 0), 50 * 30 - 46 * 26, 0.01);
        COMPARE_NEAR(areaOf(samples::made(card), 1), 20 * 1.5, 0.001);
        card.inscriptions[0].ornament.shape = setting::FrameShape::oval;
        card.inscriptions[0].ornament.height = 50;
        COMPARE_NEAR(areaOf(samples::made(card), 0), M_PI * (25 * 25 - 23 * 23), 0.5);
        card.inscriptions[0].ornament.shape = setting::FrameShape::circle;
        card.inscriptions[0].ornament.height = 7; // does not count
        COMPARE_NEAR(areaOf(samples::made(card), 0), M_PI * (25 * 25 - 23 * 23), 0.5);
        QVERIFY(!samples::finding(samples::made(card), check::FindingKind::strokeNarrow));
    }

    void aBorderFollowsTheEdge() {
        card::Card card = samples::plate("");
        card.blank.corner = 8;
        card.inscriptions = {ornament(OrnamentKind::border)};
        card.inscriptions[0].placing = {setting::Anchor::centre, 0, 0, 0};
        card.inscriptions[0].ornament.distance = 4;
        card.inscriptions[0].ornament.band = 1.5;
        const auto made = samples::made(card);
        const card::Extent extent = extentOf(card, 0);
        COMPARE_NEAR(extent.low.x, 4, 0.001);
        COMPARE_NEAR(extent.high.y, 45 - 4, 0.001);
        const check::Reading* stroke = check::narrowest(*made.checked->measures, check::ReadingKind::stroke);
        QVERIFY(stroke);
        COMPARE_NEAR(stroke->width, 1.5, 0.02);
        card.blank.kind = blank::Kind::none;
        QVERIFY(samples::finding(samples::made(card), check::FindingKind::ornamentEmpty));
    }

    void aFrameGoesWithItsWords() {
        card::Card card = samples::plate("QUAY");
        card.inscriptions[0].placing.turn = 20;
        card.inscriptions.push_back(ornament(OrnamentKind::frame));
        card.inscriptions[1].ornament.around = "i0";
        card.inscriptions[1].ornament.distance = 2;
        card.inscriptions[1].ornament.band = 1;
        for (const auto shape : {setting::FrameShape::rectangle, setting::FrameShape::oval,
                                 setting::FrameShape::circle, setting::FrameShape::outline}) {
            card.inscriptions[1].ornament.shape = shape;
            const auto made = samples::made(card);
            const card::Extent words = extentOf(card, 0), frame = extentOf(card, 1);
            QVERIFY(frame.low.x < words.low.x && frame.high.y > words.high.y);
            if (shape == setting::FrameShape::circle)
                COMPARE_NEAR(frame.high.x - frame.low.x, frame.high.y - frame.low.y, 0.02);
            const double before = areaOf(made, 1);
            card::Card longer = card;
            longer.inscriptions[0].words = "QUAYSIDE";
            QVERIFY(areaOf(samples::made(longer), 1) > before);
            // Clear of the letters, and all one solid.
            QVERIFY(body::faultsOf(made.solid->mesh).none());
        }
        card.inscriptions[0].hidden = true;
        QVERIFY(samples::finding(samples::made(card), check::FindingKind::ornamentEmpty));
    }

    void aFrameThatLettersTouchJoinsThem() {
        card::Card card = samples::freeStanding("TIDE");
        QVERIFY(samples::made(card).solid->dropOuts.pieces > 1);
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].ornament.kind = OrnamentKind::bar;
        card.inscriptions[1].ornament.width = 60;
        card.inscriptions[1].ornament.height = 2;
        QCOMPARE(samples::made(card).solid->dropOuts.pieces, 1);
    }

    void oneInscriptionCutsAnotherOut() {
        card::Card card = samples::plate("O");
        card.inscriptions.insert(card.inscriptions.begin(), ornament(OrnamentKind::bar));
        card.inscriptions[0].ornament.width = 60;
        card.inscriptions[0].ornament.height = 30;
        const double letter = areaOf(samples::made(card), 1);
        card.inscriptions[1].cutsOut = true;
        const auto made = samples::made(card);
        COMPARE_NEAR(areaOf(made, 0), 60 * 30 - letter, 0.01);
        COMPARE_NEAR(areaOf(made, 1), 0, 1e-9);
        QVERIFY(body::faultsOf(made.solid->mesh).none());
        std::swap(card.inscriptions[0], card.inscriptions[1]); // order decides: nothing before it to be cut
        COMPARE_NEAR(areaOf(samples::made(card), 1), 60 * 30, 0.01);
    }

    void inscriptionsAreAlignedAndSpread() {
        card::Card card = three();
        const auto lettering = samples::made(card).lettering;
        card::arrange(card, *lettering, {0, 1, 2}, Arrangement::left, ArrangeTo::margin);
        for (int i = 0; i < 3; ++i)
            COMPARE_NEAR(extentOf(card, i).low.x, card.blank.margin, 0.002);
        card = three();
        card::arrange(card, *lettering, {0, 1, 2}, Arrangement::middle, ArrangeTo::last);
        COMPARE_NEAR(extentOf(card, 0).low.y + extentOf(card, 0).high.y,
                     extentOf(card, 2).low.y + extentOf(card, 2).high.y, 0.004);
        QCOMPARE(card.inscriptions[2].placing.y, 35.0); // the last stays
        card = three();
        card::arrange(card, *lettering, {0, 1, 2}, Arrangement::spreadAcross, ArrangeTo::blank);
        COMPARE_NEAR(extentOf(card, 0).low.x - extentOf(card, 1).high.x,
                     extentOf(card, 2).low.x - extentOf(card, 0).high.x, 0.004);
        card = three();
        card::arrange(card, *lettering, {0}, Arrangement::bottom, ArrangeTo::blank);
        COMPARE_NEAR(extentOf(card, 0).low.y, 0, 0.002);
        card.blank.kind = blank::Kind::none;
        const card::Card before = card;
        card::arrange(card, *lettering, {0}, Arrangement::top, ArrangeTo::blank);
        QVERIFY(card == before);
    }

    void groupsMoveAsOne() {
        card::Card card = three();
        card::group(card, {0, 1});
        QVERIFY(card::areGroup(card, {0, 1}) && !card::areGroup(card, {0, 2}));
        QCOMPARE(card::withGroups(card, {0}), (std::vector<int>{0, 1}));
        const double apart = card.inscriptions[0].placing.x - card.inscriptions[1].placing.x;
        card::arrange(card, *samples::made(card).lettering, {1}, Arrangement::right, ArrangeTo::blank);
        COMPARE_NEAR(card.inscriptions[0].placing.x - card.inscriptions[1].placing.x, apart, 1e-9);
        COMPARE_NEAR(std::max(extentOf(card, 0).high.x, extentOf(card, 1).high.x), 120, 0.002);
        card::group(card, {0, 1});
        QVERIFY(!card::areGroup(card, {0, 1}));
    }

    void sameSizeIsThatOfTheLast() {
        card::Card card = three();
        card.inscriptions[2].style.size = 14;
        card::sameSize(card, {0, 1, 2});
        QCOMPARE(card.inscriptions[0].style.size, 14.0);
    }

    void framesFollowTheirWordsThroughTheList() {
        card::Card card = three();
        card::insertInscription(card, 3, ornament(OrnamentKind::frame));
        card.inscriptions[3].ornament.around = card::idsOf(card)[1];
        const auto placeGoneRound = [&](size_t frame) {
            const std::vector<std::string> ids = card::idsOf(card);
            const auto found = std::ranges::find(ids, card.inscriptions[frame].ornament.around);
            return found == ids.end() ? -1 : int(found - ids.begin());
        };
        card::moveInscription(card, 1, 0);
        QCOMPARE(placeGoneRound(3), 0);
        const auto back = card::cardFromJson(card::jsonOf(card));
        QVERIFY(back && back->inscriptions[3].ornament.around == card.inscriptions[3].ornament.around);
        card::insertInscription(card, 0, card.inscriptions[2]);
        QCOMPARE(placeGoneRound(4), 1);
        card::removeInscription(card, 0);
        QCOMPARE(placeGoneRound(3), 0);
        card::removeInscription(card, 0);
        QVERIFY(card.inscriptions[2].ornament.around.empty());
    }

    void cardsKeepAllOfIt() {
        card::Card card = three();
        card::Inscription& words = card.inscriptions[0];
        words.baseline.kind = setting::BaselineKind::curve;
        words.baseline.points = {{1, 2, {}, {3, 4}, false}, {50, 0, {-5, 6}, {}, true}};
        words.baseline.slide = -2.5;
        words.baseline.bend = true;
        words.nudges = {{0, 0.5, -0.25, 3, 110, 0.1}};
        words.typeface = {"Inter", "Regular", {}, 0, true, {{"wght", 640}}};
        words.style.features = {{"smcp", 1}, {"liga", 0}};
        words.style.kerning = false;
        words.style.stroke = 0.6;
        words.style.ends = plane::Ends::square;
        words.working.kind = working::Kind::scribed;
        words.language = "en_GB";
        words.cutsOut = true;
        words.group = 3;
        card.inscriptions.push_back(ornament(OrnamentKind::artwork));
        card.inscriptions.back().ornament.artwork = {{plane::roundedRectangle({0, 0}, {10, 5}, 0)}};
        card.inscriptions.back().ornament.source = "anchor.svg";
        const std::string text = card::jsonOf(card);
        const auto again = card::cardFromJson(text);
        QVERIFY(again);
        QCOMPARE(QString::fromStdString(card::jsonOf(*again)), QString::fromStdString(text));
        for (size_t i = 0; i < card.inscriptions.size(); ++i) {
            card::Inscription read = again->inscriptions[i];
            read.unread = std::string();
            QVERIFY(read == card.inscriptions[i]);
        }
        for (const auto& [field, wrong] : {std::pair("\"slide\": -2.5", "\"slide\": \"far\""),
                                           std::pair("\"letters\": \"bend\"", "\"letters\": \"fold\""),
                                           std::pair("\"kind\": \"artwork\"", "\"kind\": \"picture\"")}) {
            std::string broken = text;
            broken.replace(broken.find(field), std::string_view(field).size(), wrong);
            const auto refused = card::cardFromJson(broken);
            QVERIFY(!refused && refused.problem().line > 1);
        }
    }
};
QTEST_GUILESS_MAIN(OrnamentTest)
#include "ornament_test.moc"
