#include "../sample_cards.hpp"
#include "card/clipping.hpp"
#include "card/free_room.hpp"

using namespace bollard;

namespace {

plane::Box inkOf(const card::Made& made, int inscription) {
    plane::Box box;
    for (const auto& placed : made.lettering->inscriptions)
        if (placed.inscription == inscription)
            for (const plane::Region& region : placed.onSide)
                box.include(plane::boxOf(region));
    return box;
}

card::Inscription added(const card::Card& card, const card::Made& made, const char* words = "new words") {
    return card::newInscription(card, *made.lettering,
                                card.inscriptions.empty() ? nullptr : &card.inscriptions[0], words,
                                samples::catalogue().get());
}

} // namespace

/// Where new inscriptions come to lie, and what is taken from card to card.
class RoomTest : public QObject {
    Q_OBJECT
  private slots:
    void newWordsLieClearOfTheOthersAndWithinTheMargin() {
        for (const bool disc : {false, true}) {
            card::Card card = samples::plate("BERTH 14");
            if (disc) {
                card.blank.kind = blank::Kind::disc;
                card.blank.diameter = 110;
                card.inscriptions[0].placing.x = card.inscriptions[0].placing.y = 55;
            }
            card.blank.holes = {{30, 12, 6}};
            for (int i = 0; i < 2; ++i) {
                const auto before = samples::made(card);
                card.inscriptions.push_back(added(card, before));
                const auto after = samples::made(card);
                QVERIFY(!samples::finding(after, check::FindingKind::outsideBlank));
                for (const auto& finding : after.checked->findings)
                    QVERIFY(finding.kind != check::FindingKind::insideMargin || finding.inscription == 0);
                const plane::Box box = inkOf(after, i + 1);
                QVERIFY(!box.empty());
                for (int other = 0; other <= i; ++other)
                    QVERIFY2(!box.meets(inkOf(after, other)), qPrintable(QString("%1 %2").arg(i).arg(other)));
            }
        }
    }

    void withoutRoomTheyLieInTheMiddle() {
        card::Card card = samples::plate("HHHHHHH\nHHHHHHH");
        card.inscriptions[0].style.size = 20;
        card.blank.margin = 22; // a strip of a millimetre is left
        const auto words = added(card, samples::made(card));
        QCOMPARE(words.placing.x, 60.0);
        QCOMPARE(words.style.size, 20.0);
    }

    void ornamentsLieInFreeRoomOrAlongWhatTheyGoAlong() {
        card::Card card = samples::plate("BERTH 14");
        const auto made = samples::made(card);
        setting::Ornament bar;
        bar.kind = setting::OrnamentKind::bar;
        bar.width = 70;
        bar.height = 1.5;
        const auto placed = card::newOrnament(card, *made.lettering, &card.inscriptions[0], bar);
        QVERIFY(std::fabs(placed.placing.y - 22.5) > 5);
        QVERIFY(placed.working == card.inscriptions[0].working);
        bar.kind = setting::OrnamentKind::border;
        QCOMPARE(card::newOrnament(card, *made.lettering, nullptr, bar).placing.x, 0.0);
    }

    void withoutABlankTheyComeBelow() {
        card::Card card = samples::freeStanding("TIDE");
        card.inscriptions.push_back(added(card, samples::made(card)));
        const auto made = samples::made(card);
        QVERIFY(inkOf(made, 1).high.y < inkOf(made, 0).low.y);
    }

    void aClippingKeepsItsFramesGroupsAndWords() {
        card::Card card = samples::plate("A");
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].words = "B\nC";
        card.inscriptions[1].id = "quay";
        card.inscriptions[1].group = 1;
        card::Inscription frame;
        frame.ornament.kind = setting::OrnamentKind::frame;
        frame.ornament.around = "quay";
        frame.group = 1;
        card.inscriptions.push_back(frame);
        const card::Card clipping = card::clippingOf(card, {2, 1});
        QCOMPARE(clipping.inscriptions.size(), size_t{2});
        QCOMPARE(clipping.inscriptions[1].ornament.around, clipping.inscriptions[0].id);
        QCOMPARE(card::wordsOf(clipping), std::string("B\nC"));
        // Through text, as from one window to another.
        const auto read = card::cardFromJson(card::jsonOf(clipping));
        QVERIFY(read);
        const auto pasted = card::insertable(*read, card);
        QCOMPARE(pasted[1].ornament.around, pasted[0].id);
        QCOMPARE(pasted[0].group, 2);
        QCOMPARE(pasted[1].group, 2);
        QVERIFY(pasted[0].id != "quay");                                // there is one already
        QVERIFY(pasted[0].placing.x != card.inscriptions[1].placing.x); // not over its model
        const auto elsewhere = card::insertable(*read, samples::plate("Z"));
        QCOMPARE(elsewhere[0].placing.x, card.inscriptions[1].placing.x);
        QCOMPARE(elsewhere[0].id, std::string("quay"));
        QVERIFY(card::clippingOf(card, {2}).inscriptions[0].ornament.around.empty());
        card.inscriptions[1].id.clear(); // by its place
        card.inscriptions[2].ornament.around = card::idsOf(card)[1];
        const card::Card byPlace = card::clippingOf(card, {1, 2});
        QCOMPARE(byPlace.inscriptions[1].ornament.around, card::idsOf(byPlace)[0]);
    }
};
QTEST_GUILESS_MAIN(RoomTest)
#include "room_test.moc"
