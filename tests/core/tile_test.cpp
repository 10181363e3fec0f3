// Letters worked out by themselves give the part that all of them together give.
#include "../random_cards.hpp"
#include "working/tiling.hpp"
#include <set>

using namespace bollard;

namespace {

/// Words on a plate, away from its edges and from each other.
card::Card lines(int count) {
    card::Card card = samples::plate("");
    card.blank.width = 400;
    card.blank.height = 30.0 + 12 * count;
    card.inscriptions.clear();
    for (int i = 0; i < count; ++i) {
        card::Inscription words;
        words.words = "BERTH " + std::to_string(i) + " äöü";
        words.style.size = 6;
        words.placing = {setting::Anchor::centre, 200, 20.0 + 12 * i, 0};
        words.working.kind = static_cast<working::Kind>(i % 3);
        card.inscriptions.push_back(words);
    }
    return card;
}
card::Made made(card::Pipeline& pipeline, const card::Card& card, const std::stop_token& stop = {}) {
    return pipeline.run(std::make_shared<const card::Card>(card), {}, stop);
}

} // namespace

class TileTest : public QObject {
    Q_OBJECT
  private slots:
    void lettersClearOfTheEdgesAreTilesAndOthersAreNot() {
        card::Card card = lines(3);
        card.inscriptions[1].placing.x = 4; // across the edge
        const auto all = samples::made(card);
        const working::Tiling tiling =
            working::tilingOf(all.lettering->firstSide,
                              working::lettersOf(all.solid->panels->front(), all.lettering->inscriptions));
        for (const working::TileLetters& tile : tiling.tiles) {
            for (const working::PlanLetter& letter : tile.letters)
                QVERIFY(letter.slot != 1 || letter.letter > 0);
            for (const working::TileLetters& other : tiling.tiles)
                QVERIFY(&tile == &other || !tile.box.meets(other.box));
        }
        QVERIFY(!tiling.rest.empty());
        QVERIFY(tiling.tiles.size() >= 3);
        size_t letters = tiling.rest.size();
        for (const working::TileLetters& tile : tiling.tiles)
            letters += tile.letters.size();
        size_t drawn = 0;
        for (const auto& inscription : all.lettering->inscriptions)
            for (const plane::Region& letter : inscription.onSide)
                drawn += letter.empty() ? 0 : 1;
        QCOMPARE(letters, drawn);
    }

    void equalWordsAreOneTileWhereverTheyLie() {
        card::Card card = lines(1);
        card.blank.height = 200;
        for (int i = 1; i < 5; ++i) {
            card.inscriptions.push_back(card.inscriptions[0]);
            card.inscriptions.back().placing.y += 15 * i;
        }
        const auto all = samples::made(card);
        std::set<const body::Tile*> distinct;
        for (const body::PlacedTile& placed : all.solid->tiles)
            distinct.insert(placed.tile.get());
        QCOMPARE(all.solid->tiles.size(), 5 * distinct.size());
    }

    void aChangeMakesOnlyTheTileItIsIn() {
        card::Card card = lines(30);
        card::Pipeline pipeline(samples::catalogue());
        const auto before = made(pipeline, card);
        card.inscriptions[7].words[0] = 'W';
        const auto after = made(pipeline, card);
        std::set<const body::Tile*> known;
        for (const body::PlacedTile& placed : before.solid->tiles)
            known.insert(placed.tile.get());
        const auto fresh = std::ranges::count_if(after.solid->tiles, [&](const body::PlacedTile& placed) {
            return !known.contains(placed.tile.get());
        });
        QVERIFY2(fresh >= 1 && fresh <= 2, qPrintable(QString::number(fresh)));
    }

    void theBackOfManyLettersIsOneFace() {
        const auto all = samples::made(lines(2));
        int below = 0;
        const double back = -all.card->blank.thickness;
        for (const auto& triangle : all.solid->mesh.triangles)
            below += std::ranges::all_of(
                triangle, [&](int corner) { return all.solid->mesh.vertices[size_t(corner)].z == back; });
        QCOMPARE(below, 2);
        QVERIFY(body::faultsOf(all.solid->mesh).none());
    }

    void whatWasMadeBeforeAndStoppedInBetweenChangesNothing() {
        samples::RandomCards cards(99);
        card::Pipeline warm(samples::catalogue());
        for (int i = 0; i < 25; ++i) {
            card::Card card = cards.next();
            for (int edits = 0; edits < 4; ++edits) {
                for (card::Inscription& inscription : card.inscriptions) {
                    inscription.placing.x += cards.between(-5, 5);
                    if (cards.number(3) == 0)
                        inscription.working.kind = static_cast<working::Kind>(cards.number(working::kinds));
                    if (cards.number(3) == 0)
                        inscription.words += static_cast<char>('A' + cards.number(26));
                }
                std::stop_source stop;
                if (cards.number(2)) { // as far as its letters
                    (void)warm.run(std::make_shared<const card::Card>(card), {}, stop.get_token(),
                                   [&](const card::Made&) { stop.request_stop(); });
                }
                const auto kept = made(warm, card), fresh = samples::made(card);
                QCOMPARE(bool(kept.solid->problem), bool(fresh.solid->problem));
                QVERIFY(kept.solid->mesh.triangles == fresh.solid->mesh.triangles);
                QVERIFY(kept.solid->mesh.vertices == fresh.solid->mesh.vertices);
                QCOMPARE(kept.solid->dropOuts.pieces, fresh.solid->dropOuts.pieces);
                QCOMPARE(kept.checked->findings.size(), fresh.checked->findings.size());
                for (size_t f = 0; f < kept.checked->findings.size(); ++f) {
                    QCOMPARE(kept.checked->findings[f].id, fresh.checked->findings[f].id);
                    QCOMPARE(kept.checked->findings[f].measured, fresh.checked->findings[f].measured);
                }
            }
        }
    }
};
QTEST_GUILESS_MAIN(TileTest)
#include "tile_test.moc"
