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

    /// On turned sides letters are tiles too, alike all the way round.
    void wordsRoundATurnedSideAreTilesWhereverTheyLie_data() {
        QTest::addColumn<blank::Kind>("kind");
        QTest::newRow("bar") << blank::Kind::bar;
        QTest::newRow("ring") << blank::Kind::ring;
        QTest::newRow("sphere") << blank::Kind::sphere;
        QTest::newRow("turned") << blank::Kind::turned;
    }
    void wordsRoundATurnedSideAreTilesWhereverTheyLie() {
        QFETCH(blank::Kind, kind);
        card::Card card = samples::plate("FLOAT 38");
        card.blank.kind = kind;
        card.blank.width = 12;
        const plane::Vector size = blank::sizeOf(card.blank);
        card::Inscription& words = card.inscriptions[0];
        words.style.size = 5;
        words.working.height = 0.8;
        words.working.edge = {working::EdgeKind::chamfer, 0.2, 45, 5};
        words.placing = {setting::Anchor::centre, size.x / 2, size.y / 2, 0};
        card::Pipeline pipeline(samples::catalogue());
        const card::Made here = made(pipeline, card);
        QVERIFY(!here.solid->problem);
        QVERIFY(here.solid->tiles.size() >= 2);
        std::set<const body::Tile*> known;
        for (const body::PlacedTile& tile : here.solid->tiles)
            known.insert(tile.tile.get());
        const double volume = body::volumeOf(here.solid->mesh);
        for (const double share : {0.0, 0.137, 0.81}) { // 0: across the seam
            words.placing.x = std::round(size.x * share * 1000) / 1000;
            const card::Made there = made(pipeline, card);
            QVERIFY(!there.solid->problem);
            QVERIFY(body::faultsOf(there.solid->mesh).none());
            for (const body::PlacedTile& tile : there.solid->tiles)
                QVERIFY(known.contains(tile.tile.get()));
            COMPARE_NEAR(body::volumeOf(there.solid->mesh) / volume, 1, 1e-7);
        }
        // A letter changed makes one tile.
        words.words = "FLOAT 37";
        const card::Made changed = made(pipeline, card);
        QCOMPARE(std::ranges::count_if(changed.solid->tiles,
                                       [&](const auto& tile) { return !known.contains(tile.tile.get()); }),
                 1);
        // And the part is that of a pipeline which knew of none.
        const card::Made anew = samples::made(card);
        QCOMPARE(anew.solid->mesh.triangles.size(), changed.solid->mesh.triangles.size());
        COMPARE_NEAR(body::volumeOf(anew.solid->mesh) / body::volumeOf(changed.solid->mesh), 1, 1e-9);
    }

    void tilesBesideATipLeaveNoFlatTriangles() {
        for (const bool upright : {true, false}) {
            card::Card card = samples::plate("FLOAT 38");
            card.blank.kind = blank::Kind::turned;
            card.blank.profile = {{0, 0, false}, {14, 20, false}};
            if (!upright)
                card.blank.profile = {{14, 0, false}, {0, 20, false}};
            const plane::Vector size = blank::sizeOf(card.blank);
            card.inscriptions[0].style.size = 3;
            card.inscriptions[0].placing = {setting::Anchor::centre, size.x / 2,
                                            size.y * (upright ? 0.7 : 0.3), 0};
            const card::Made made = samples::made(card);
            QVERIFY(!made.solid->problem);
            QVERIFY(!made.solid->tiles.empty());
            const body::MeshFaults faults = body::faultsOf(made.solid->mesh);
            QCOMPARE(faults.flatTriangles, 0);
            QVERIFY(faults.none());
            // Nor any that are hardly more than flat
            for (const auto& t : made.solid->mesh.triangles) {
                const auto at = [&](size_t k) { return made.solid->mesh.vertices[size_t(t[k])]; };
                const space::Vertex n = space::cross(at(1) - at(0), at(2) - at(0));
                QVERIFY(std::sqrt(space::dot(n, n)) > 1e-9);
            }
        }
    }

    void wordsAllRoundLeaveNoRoomForTiles() {
        card::Card card = samples::plate("");
        card.blank.kind = blank::Kind::bar;
        card.inscriptions[0].placing = {};
        card.inscriptions[0].ornament.kind = setting::OrnamentKind::border;
        card.inscriptions[0].ornament.distance = 4;
        card.inscriptions[0].ornament.band = 2;
        const card::Made border = samples::made(card);
        QVERIFY2(!border.solid->problem, qPrintable(QString::number(int(border.solid->problem->kind))));
        QVERIFY(border.solid->tiles.empty());
        QVERIFY(border.solid->mesh.triangles.size() > 100);
    }
};
QTEST_GUILESS_MAIN(TileTest)
#include "tile_test.moc"
