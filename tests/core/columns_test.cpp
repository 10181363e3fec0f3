#include "../boxes.hpp"
#include "../sample_cards.hpp"
#include "body/mesh.hpp"
#include "body/pieces.hpp"
#include "working/changes.hpp"
#include <random>

using namespace bollard;
using working::Kind, working::Substance;

namespace {

working::Columns columns(const plane::Region& blank, double thickness, std::vector<working::Worked> worked) {
    const auto made = working::columnsOf(working::changesOf(blank, thickness, worked));
    [&] { QVERIFY(made); }();
    return made ? *made : working::Columns{};
}
constexpr std::array everySelection{body::Selection::everything, body::Selection::blank,
                                    body::Selection::letters};
void verifyClosed(const working::Columns& c) {
    for (const auto selection : everySelection) {
        const body::MeshFaults faults = body::faultsOf(body::meshOf(c, selection));
        QVERIFY2(faults.none(),
                 qPrintable(QString("selection %1: open %2 crowded %3 pinched %4 flat %5 doubled %6")
                                .arg(int(selection))
                                .arg(faults.openEdges)
                                .arg(faults.crowdedEdges)
                                .arg(faults.pinchedVertices)
                                .arg(faults.flatTriangles)
                                .arg(faults.doubledTriangles)));
    }
}
working::Working raised(double height, double bedding) {
    return {Kind::raised, height, 0.8, bedding};
}
working::Working sunk(double depth) {
    return {Kind::sunk, 1, depth, 0};
}
const working::Working pierced{Kind::pierced, 1, 1, 0};

const plane::Region plate{{box(0, 0, 100, 40)}};

} // namespace

class ColumnsTest : public QObject {
    Q_OBJECT
  private slots:
    void raisedLetterStandsOnItsBedding() {
        const auto c = columns(plate, 4, {{raised(2, 0.5), {{box(10, 10, 20, 30)}}}});
        verifyClosed(c);
        COMPARE_NEAR(body::volumeOf(body::meshOf(c)), 16000 + 200 * 2, 1e-6);
        COMPARE_NEAR(body::volumeOf(body::meshOf(c, body::Selection::letters)), 200 * 2.5, 1e-6);
        COMPARE_NEAR(body::volumeOf(body::meshOf(c, body::Selection::blank)), 16000 - 200 * 0.5, 1e-6);
    }

    void theBackIsFlatAndPlain() {
        const auto made = samples::made(samples::plate("BERTH 14"));
        const body::Mesh& mesh = made.solid->mesh;
        int below = 0;
        for (const auto& t : mesh.triangles)
            below += std::ranges::all_of(t, [&](int v) { return mesh.vertices[size_t(v)].z == -4; }) ? 1 : 0;
        QCOMPARE(below, 2); // the letters' corners do not show on the back of a plain plate
    }

    void sunkAndPiercedTakeFromTheBlankOnly() {
        const auto s = columns(plate, 4, {{sunk(1), {{box(90, 10, 120, 20)}}}});
        verifyClosed(s);
        COMPARE_NEAR(body::volumeOf(body::meshOf(s)), 16000 - 100, 1e-6);
        const auto p = columns(plate, 4, {{pierced, {{box(90, 10, 120, 20)}}}});
        verifyClosed(p);
        COMPARE_NEAR(body::volumeOf(body::meshOf(p)), 16000 - 400, 1e-6);
        verifyClosed(columns(plate, 4, {{sunk(9), {{box(30, 10, 50, 20)}}}})); // deeper than the plate
    }

    void raisedLettersPastTheEdgeAreKeptWhole() {
        for (const double bedding : {0.0, 0.4, 4.0, 9.0}) {
            const auto c = columns(plate, 4, {{raised(2, bedding), {{box(90, 10, 120, 20)}}}});
            verifyClosed(c);
            COMPARE_NEAR(body::volumeOf(body::meshOf(c)), 16000 + 300 * 2 + 200 * std::min(bedding, 4.0),
                         1e-6);
        }
    }

    void lettersThatMeetInAPointStay2Manifold() {
        const plane::Region corners =
            plane::united(std::vector<plane::Region>{{{box(10, 10, 20, 20)}}, {{box(20, 20, 30, 30)}}});
        for (const auto& working : {raised(2, 0.4), raised(2, 0), sunk(1), pierced}) {
            const auto c = columns(plate, 4, {{working, corners}});
            verifyClosed(c);
        }
        const auto free = columns({}, 0, {{{Kind::freeStanding, 3, 1, 0}, corners}});
        verifyClosed(free);
        QCOMPARE(body::piecesOf(free).pieces.size(), size_t(1));
        COMPARE_NEAR(body::volumeOf(body::meshOf(free)), 600, 0.001);
    }

    void materialThatMeetsAlongAnEdgeInHeightIsJoined() {
        // A letter without bedding over a hole that ends where the letter does: plate 0..-4 beside letter
        // 0..2.
        const auto c =
            columns(plate, 4, {{pierced, {{box(10, 10, 30, 30)}}}, {raised(2, 0), {{box(10, 10, 30, 30)}}}});
        verifyClosed(c);
        QCOMPARE(body::piecesOf(c).pieces.size(), size_t(1));
        COMPARE_NEAR(body::volumeOf(body::meshOf(c)), 16000 - 1600 + 800, 400 * 0.011);
    }

    void workingsMayOverlapEachOther() {
        std::mt19937 random(2026);
        std::uniform_real_distribution<double> x(-10, 90), y(-10, 40), size(3, 30);
        const auto some = [&] {
            std::vector<plane::Region> parts;
            for (int i = 0; i < 3; ++i) {
                const double left = std::round(x(random)), low = std::round(y(random));
                parts.push_back(
                    {{box(left, low, left + std::round(size(random)), low + std::round(size(random)))}});
            }
            return plane::united(parts);
        };
        for (int i = 0; i < 150; ++i)
            verifyClosed(columns(plate, 4,
                                 {{raised(2, i % 2 ? 0.4 : 0), some()},
                                  {sunk(1), some()},
                                  {pierced, some()},
                                  {raised(1, 1), some()}}));
    }

    void piecesAreCountedByFacesNotByTouch() {
        plane::Ring hole = box(45, 15, 55, 25);
        std::ranges::reverse(hole);
        const plane::Region letter{{box(40, 10, 60, 30), hole}};
        const auto c = columns(plate, 4, {{pierced, letter}});
        const body::Pieces pieces = body::piecesOf(c);
        QCOMPARE(pieces.pieces.size(), size_t(2));
        int hint = 0;
        QVERIFY(body::pieceAt(c, pieces, {plane::toUnits(50), plane::toUnits(20)}, hint) !=
                body::mainOf(pieces.pieces));
        QCOMPARE(body::pieceAt(c, pieces, {plane::toUnits(42), plane::toUnits(20)}, hint), -1);
        QCOMPARE(body::pieceAt(c, pieces, {plane::toUnits(5), plane::toUnits(5)}, hint),
                 body::mainOf(pieces.pieces));
        COMPARE_NEAR(pieces.pieces[size_t(body::mainOf(pieces.pieces))].volume, 16000 - 400 * 4, 1e-6);
    }

    void faultsAreSeen() {
        body::Mesh mesh = body::meshOf(columns(plate, 4, {}));
        QVERIFY(body::faultsOf(mesh).none());
        body::Mesh open = mesh;
        open.triangles.pop_back();
        QVERIFY(body::faultsOf(open).openEdges > 0);
        body::Mesh doubled = mesh;
        doubled.triangles.push_back(doubled.triangles.back());
        QVERIFY(body::faultsOf(doubled).doubledTriangles == 1 && body::faultsOf(doubled).crowdedEdges > 0);
        body::Mesh flat = mesh;
        flat.triangles[0][2] = flat.triangles[0][1];
        QVERIFY(body::faultsOf(flat).flatTriangles == 1);
    }

    void nothingMakesNothing() {
        QVERIFY(body::meshOf(columns({}, 0, {})).empty());
        QVERIFY(body::meshOf(columns(plate, 0, {})).empty());
    }

    void turnedInscriptionsAcrossEverythingStayClosed() {
        for (int turn = 0; turn < 180; turn += 23) {
            card::Card card = samples::plate("Dragnet & co");
            card.blank.corner = 10;
            card.blank.holes = {{20, 22, 9}, {60, 22, 14}};
            card.inscriptions[0].typeface = {"Dancing Script", "Bold", {}, 0};
            card.inscriptions[0].style.size = 22;
            card.inscriptions[0].placing.turn = turn;
            card.inscriptions.push_back(card.inscriptions[0]);
            card.inscriptions[1].placing.turn = turn + 31;
            card.inscriptions[1].working = turn % 2 ? pierced : sunk(1.3);
            const auto made = samples::made(card);
            QVERIFY(!made.solid->problem);
            for (const auto selection : everySelection)
                QVERIFY(body::faultsOf(body::meshOf(made.solid->parts(), selection)).none());
        }
    }

    void whatMeetsAtAVertexOnlyIsFound() {
        // Two squares beside each other, open all round, then only corner to corner.
        const std::vector<space::Vertex> corners{{0, 0, 0}, {1, 0, 0}, {1, 1, 0}, {0, 1, 0},
                                                 {2, 1, 0}, {2, 2, 0}, {1, 2, 0}, {0, 2, 0}};
        using Triangles = std::vector<std::array<int, 3>>;
        const auto pinched = [&](const Triangles& triangles) {
            return body::isPinched({corners, triangles, std::vector<body::Face>(triangles.size()), {}});
        };
        const Triangles square{{0, 1, 2}, {0, 2, 3}}, above{{3, 2, 6}, {3, 6, 7}},
            across{{2, 4, 5}, {2, 5, 6}};
        const auto both = [](Triangles a, const Triangles& b) {
            a.insert(a.end(), b.begin(), b.end());
            return a;
        };
        QVERIFY(!pinched(square));
        QVERIFY(!pinched(both(square, above)));
        QVERIFY(pinched(both(square, across)));
        QVERIFY(!pinched(both(both(square, above), across))); // joined on the other side
    }
};
QTEST_GUILESS_MAIN(ColumnsTest)
#include "columns_test.moc"
