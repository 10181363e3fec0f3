// Sides that go all the way round: even heights, true lengths, no seam, and what is told of them.
#include "../sample_cards.hpp"
#include "blank/ready.hpp"
#include "blank/ring_sizes.hpp"
#include "blank/shape.hpp"
#include "body/probe.hpp"
#include "card/sides.hpp"
#include "working/tiling.hpp"
#include <numbers>

using namespace bollard;
using blank::Kind, check::FindingKind, std::numbers::pi;

namespace {

struct Side {
    const char* name;
    blank::Blank blank;
    const char* side;
    double size; ///< of capitals, mm
    /// How far a point lies off the true surface, away from the material, mm.
    std::function<double(const space::Vertex&)> off;
};

double round(const space::Vertex& v) {
    return std::hypot(v.x, v.z);
}

std::vector<Side> sides() {
    std::vector<Side> all;
    blank::Blank bar;
    bar.kind = Kind::bar;
    bar.diameter = 25.4;
    bar.length = 60;
    all.push_back({"bar", bar, "outside", 8, [](const auto& v) { return round(v) - 12.7; }});
    blank::Blank tube = bar;
    tube.kind = Kind::tube;
    tube.bore = 18;
    tube.edge = {blank::EdgeKind::round, 0.5, 45, 5};
    tube.edgeBoth = true;
    all.push_back({"tube", tube, "outside", 8, [](const auto& v) { return round(v) - 12.7; }});
    all.push_back({"tube, inside", tube, "inside", 6, [](const auto& v) { return 9 - round(v); }});
    blank::Blank ring;
    ring.kind = Kind::ring;
    ring.bore = 18;
    ring.thickness = 2.4;
    ring.width = 8;
    ring.edge = {blank::EdgeKind::round, 0.3, 45, 5};
    all.push_back({"ring", ring, "outside", 4, [](const auto& v) { return round(v) - 11.4; }});
    all.push_back({"ring, inside", ring, "inside", 3, [](const auto& v) { return 9 - round(v); }});
    ring.inside = blank::Inside::comfort;
    const double arc = (16 + 0.09) / 0.6; // through the bore in the middle and 0.3 farther out at the ends
    all.push_back({"ring, comfort", ring, "inside", 3,
                   [arc](const auto& v) { return std::hypot(9 + arc - round(v), v.y - 4) - arc; }});
    blank::Blank cone;
    cone.kind = Kind::cone;
    cone.diameter = 40;
    cone.topDiameter = 20;
    cone.length = 50;
    all.push_back({"cone", cone, "outside", 7,
                   [](const auto& v) { return (round(v) - (20 - v.y / 5)) * 50 / std::hypot(50, 10); }});
    blank::Blank sphere;
    sphere.kind = Kind::sphere;
    sphere.diameter = 50;
    all.push_back(
        {"sphere", sphere, "outside", 7, [](const auto& v) { return std::hypot(v.x, v.y - 25, v.z) - 25; }});
    blank::Blank turned;
    turned.kind = Kind::turned;
    turned.profile = {{0, 0, true}, {16, 14, true}, {0, 40, true}};
    const blank::Profile egg = blank::profileOf(turned.profile);
    all.push_back({"turned", turned, "outside", 6, [egg](const space::Vertex& v) {
                       double least = 1e9, sign = 1;
                       constexpr int steps = 1500;
                       plane::Vector before{0, 0};
                       for (int i = 1; i <= steps; ++i) {
                           const auto place = egg.meridian.at(egg.meridian.length * i / steps);
                           const plane::Vector here{place.r, place.y}, p{round(v), v.y};
                           if (const double off = plane::distanceToSegment(p, before, here); off < least) {
                               least = off;
                               sign = plane::cross(here - before, p - before) < 0 ? 1 : -1;
                           }
                           before = here;
                       }
                       return sign * least;
                   }});
    blank::Blank faceted;
    faceted.kind = Kind::faceted;
    faceted.facets = 10;
    faceted.across = 26;
    faceted.bore = 20;
    faceted.length = 8;
    all.push_back({"faceted", faceted, "outside", 5, [](const space::Vertex& v) {
                       double most = -1e9;
                       for (int i = 0; i < 10; ++i) {
                           const double angle = 2 * pi * i / 10;
                           most = std::max(most, v.x * std::sin(angle) + v.z * std::cos(angle) - 13);
                       }
                       return most;
                   }});
    faceted.edge = {blank::EdgeKind::chamfer, 0.5, 45, 5};
    all.push_back({"faceted, chamfered", faceted, "outside", 4, all.back().off});
    faceted.edgeBoth = true;
    all.push_back({"faceted, inside", faceted, "inside", 4, [](const auto& v) { return 10 - round(v); }});
    blank::Blank signet = ring;
    signet.inside = blank::Inside::flat;
    signet.flat = 12;
    signet.flatThickness = 3.2;
    // Its flat, and the shoulders that touch the circle of its band.
    const double reach = std::hypot(12.2, 6), lean = std::atan2(6, 12.2) + std::acos(11.4 / reach);
    all.push_back({"ring with a flat", signet, "outside", 4, [lean](const space::Vertex& v) {
                       const double shoulder = std::fabs(v.x) * std::sin(lean) + v.z * std::cos(lean) - 11.4;
                       const bool onBand = std::fabs(std::atan2(v.x, v.z)) > lean;
                       return onBand ? round(v) - 11.4 : std::max(v.z - 12.2, shoulder);
                   }});
    all.push_back(
        {"ring with a flat, inside", signet, "inside", 3, [](const auto& v) { return 9 - round(v); }});
    return all;
}

card::Card cardOn(const Side& side, const std::string& words, working::Kind kind, double shareRound = 0.5) {
    card::Card card;
    card.blank = side.blank;
    card.blank.margin = 0;
    card::Inscription inscription;
    inscription.words = words;
    inscription.side = side.side;
    inscription.style.size = side.size;
    inscription.working.kind = kind;
    inscription.working.height = inscription.working.depth = 0.6;
    inscription.working.bedding = 0.2;
    inscription.placing.anchor = setting::Anchor::centre;
    const plane::Vector size = blank::sizeOf(card.blank, side.side);
    inscription.placing.x = size.x * shareRound;
    inscription.placing.y = size.y / 2;
    card.inscriptions = {inscription};
    return card;
}

void verifySound(const card::Made& made) {
    QVERIFY2(!made.solid->problem,
             made.solid->problem ? qPrintable(QString::number(int(made.solid->problem->kind))) : "");
    QVERIFY(body::faultsOf(made.solid->mesh).none());
}
bool has(const card::Made& made, FindingKind kind) {
    return samples::finding(made, kind) != nullptr;
}

void forEachSide() {
    QTest::addColumn<int>("number");
    const auto all = sides();
    for (size_t i = 0; i < all.size(); ++i)
        QTest::newRow(all[i].name) << int(i);
}

} // namespace

class RoundSidesTest : public QObject {
    Q_OBJECT
  private slots:
    void heightsAreEvenAlongTheNormal_data() { forEachSide(); }
    void heightsAreEvenAlongTheNormal() {
        QFETCH(int, number);
        const Side side = sides()[size_t(number)];
        constexpr double chord = 0.012;
        for (const auto kind : {working::Kind::raised, working::Kind::sunk}) {
            const auto made = samples::made(cardOn(side, "N8", kind));
            verifySound(made);
            const double height = kind == working::Kind::raised ? 0.6 : -0.6;
            const body::Mesh& mesh = made.solid->mesh;
            int even = 0;
            for (const auto& t : mesh.triangles) {
                std::array<double, 3> off{};
                for (size_t k = 0; k < 3; ++k)
                    off[k] = side.off(mesh.vertices[size_t(t[k])]) - height;
                if (std::ranges::any_of(off, [](double o) { return std::fabs(o) > 0.05; }))
                    continue;
                // Walls are parted in height; tops face along the normal.
                const auto &p = mesh.vertices[size_t(t[0])], &q = mesh.vertices[size_t(t[1])],
                           &r = mesh.vertices[size_t(t[2])];
                const space::Vertex n = space::cross(q - p, r - p);
                const space::Vertex middleOf = 1.0 / 3 * (p + q + r);
                const double outwards =
                    side.off(middleOf + 0.02 / std::sqrt(space::dot(n, n)) * n) - side.off(middleOf);
                if (outwards < 0.018)
                    continue;
                ++even;
                for (size_t k = 0; k < 3; ++k) {
                    QVERIFY2(std::fabs(off[k]) <= chord, qPrintable(QString::number(off[k], 'f', 5)));
                    const space::Vertex middle =
                        0.5 * (mesh.vertices[size_t(t[k])] + mesh.vertices[size_t(t[(k + 1) % 3])]);
                    const double there = side.off(middle) - height;
                    QVERIFY2(std::fabs(there) <= chord, qPrintable(QString::number(there, 'f', 5)));
                }
            }
            QVERIFY(even > 20);
        }
    }

    /// Of the letters' outlines on the surface the angles round the axis, times the radius at their latitude.
    void lengthsRoundAreTrue_data() { forEachSide(); }
    void lengthsRoundAreTrue() {
        QFETCH(int, number);
        const Side side = sides()[size_t(number)];
        if (!(blank::radiusOf(side.blank, side.side).own > 0))
            QSKIP("round the axis a facet is not as long as along it");
        const auto made = samples::made(cardOn(side, "I", working::Kind::raised));
        verifySound(made);
        const plane::Box box = plane::boxOf(made.lettering->inscriptions[0].onSide[0]);
        const blank::Radius radius = blank::radiusOf(side.blank, side.side);
        const double y = made.card->inscriptions[0].placing.y, here = radius.at(y);
        double low = 1e9, high = -1e9;
        const bool inside = std::string(side.side) == "inside";
        const body::Mesh letters = body::meshOf(made.solid->parts(), body::Selection::letters);
        for (const space::Vertex& v : letters.vertices)
            if (side.off(v) > 0.55) {
                const double angle = inside ? std::atan2(v.x, -v.z) : std::atan2(v.x, v.z);
                low = std::min(low, angle);
                high = std::max(high, angle);
            }
        COMPARE_NEAR((high - low) * here, plane::toMillimetres(double(box.high.x) - box.low.x), 0.02);
        COMPARE_NEAR((high + low) / 2 * here, 0, 0.02);
    }

    void theSeamIsAsTrueAsWhatLiesOpposite_data() { forEachSide(); }
    void theSeamIsAsTrueAsWhatLiesOpposite() {
        QFETCH(int, number);
        const Side side = sides()[size_t(number)];
        if (side.blank.flat > 0)
            QSKIP("a flat lies opposite");
        using working::EdgeKind;
        for (const auto kind :
             {working::Kind::raised, working::Kind::sunk, working::Kind::carved, working::Kind::inlaid})
            for (const auto edge : {EdgeKind::crisp, EdgeKind::chamfer, EdgeKind::round, EdgeKind::draft}) {
                std::array<double, 2> volumes{};
                for (const int opposite : {0, 1}) {
                    card::Card card = cardOn(side, "N8", kind, 0.5 * opposite);
                    card.inscriptions[0].working.edge = {edge, 0.15, 45, 6};
                    const auto made = samples::made(card);
                    verifySound(made);
                    volumes[size_t(opposite)] = body::volumeOf(made.solid->mesh);
                }
                COMPARE_NEAR(volumes[0] / volumes[1], 1, 1e-6);
            }
    }

    void wordsGoThroughWalls() {
        for (const Side& side : sides()) {
            const bool wall = side.blank.kind == Kind::tube || side.blank.kind == Kind::ring ||
                              side.blank.kind == Kind::faceted;
            if (!wall)
                continue;
            card::Card card = cardOn(side, "II", working::Kind::pierced);
            card.inscriptions[0].style.size = side.size * 0.8;
            const auto made = samples::made(card);
            verifySound(made);
            QCOMPARE(made.solid->dropOuts.pieces, 1);
            card.inscriptions[0].words = "";
            const double whole = body::volumeOf(samples::made(card).solid->mesh);
            double area = 0;
            for (const plane::Region& letter : made.lettering->inscriptions[0].onSide)
                area += plane::areaOf(letter) / 1e8;
            // Walls of letters stand along the normals, so that a cut is narrower towards the axis; on facets
            // it goes straight in.
            const double x = card.inscriptions[0].placing.x,
                         thick = blank::depthBehind(card.blank, side.side, x, x);
            const double taken = (whole - body::volumeOf(made.solid->mesh)) / (area * thick);
            QVERIFY2(taken > 0.8 && taken < 1.3, qPrintable(QString::number(taken)));
        }
    }

    /// Where the second colour begins just below a rounded top it tapers to nothing in places.
    void aColourThatTapersToNothingLeavesNoHole() {
        card::Card card = cardOn(sides()[1], "O8", working::Kind::raised);
        card.blank.diameter = 51.85514487542555;
        card.blank.length = 51.95507803085755;
        card.blank.bore = 23.892708255165083;
        card.blank.edge = {blank::EdgeKind::chamfer, 0.7401372650814555, 41.817986042515635, 5};
        card::Inscription& words = card.inscriptions[0];
        words.typeface = {"GFS Didot", {}, {}, 0};
        words.style.size = 18.472308318329087;
        words.style.width = 138.29532445290292;
        words.style.slant = 14.644058340188586;
        words.placing.x = 85.32689644135688;
        words.placing.y = 35.142041547551656;
        words.working.height = 1.2485491243426192;
        words.working.bedding = 0.5978229773828799;
        words.working.edge = {working::EdgeKind::round, 0.17306182274289078, 45, 5};
        words.working.foot = 0.2;
        words.working.colourFrom = 1.1321468770535996;
        verifySound(samples::made(card));
    }

    void manyInscriptionsLieOnATurnedSide() {
        for (const int count : {1, 30, 300}) {
            card::Card card = cardOn(sides()[0], "8", working::Kind::sunk);
            card.blank.diameter = 60;
            card.blank.length = 120;
            card.inscriptions[0].style.size = 3;
            const plane::Vector size = blank::sizeOf(card.blank);
            const card::Inscription one = card.inscriptions[0];
            card.inscriptions.assign(size_t(count), one);
            const int columns = std::max(1, count / 10);
            for (int i = 0; i < count; ++i) {
                setting::Placing& placing = card.inscriptions[size_t(i)].placing;
                placing.x = size.x * (i % columns + 0.5) / columns;
                placing.y = size.y * (i / columns + 0.5) / std::ceil(double(count) / columns);
            }
            const auto made = samples::made(card);
            verifySound(made);
            double area = 0;
            for (const auto& inscription : made.lettering->inscriptions)
                area += plane::areaOf(inscription.onSide[0]) / 1e8;
            const double taken = samples::blankVolumeOf(made) - body::volumeOf(made.solid->mesh);
            COMPARE_NEAR(taken / (area * 0.6 * (30 - 0.3) / 30), 1, 2e-3);
        }
    }

    void aBallHasItsVolumeAndPolesAreClosed() {
        card::Card card;
        card.blank.kind = Kind::sphere;
        card.blank.diameter = 50;
        const auto ball = samples::made(card);
        verifySound(ball);
        const double exact = 4.0 / 3 * pi * 25 * 25 * 25, volume = body::volumeOf(ball.solid->mesh);
        QVERIFY(volume < exact && volume > exact * (1 - 3 * 0.012 / 25));
        card.blank.kind = Kind::cone;
        card.blank.diameter = 40;
        card.blank.topDiameter = 0;
        card.blank.length = 30;
        const auto cone = samples::made(card);
        verifySound(cone);
        COMPARE_NEAR(body::volumeOf(cone.solid->mesh) / (pi * 400 * 30 / 3), 1, 2e-3);
        card.blank.topDiameter = 20;
        const auto frustum = samples::made(card);
        COMPARE_NEAR(body::volumeOf(frustum.solid->mesh) / (pi * 30 * (400 + 200 + 100) / 3), 1, 2e-3);
    }

    void aRingIsWhatItsMeasuresSay() {
        card::Card card;
        card.blank.kind = Kind::ring;
        card.blank.bore = 18;
        card.blank.thickness = 2;
        card.blank.width = 8;
        const double flat = pi * (121 - 81) * 8;
        const auto made = samples::made(card);
        verifySound(made);
        COMPARE_NEAR(body::volumeOf(made.solid->mesh), flat, 1.5);
        const body::Extent extent = body::extentOf(made.solid->mesh);
        QCOMPARE(extent.low.y, 0.0);
        QCOMPARE(extent.high.y, 8.0);
        COMPARE_NEAR(extent.high.x, 11, 0.012);
        // What the arc of a comfort inside takes is a third of 0.3 by the width, nearer to the ends, turned
        // about the axis.
        card.blank.inside = blank::Inside::comfort;
        const auto comfort = samples::made(card);
        verifySound(comfort);
        COMPARE_NEAR(body::volumeOf(made.solid->mesh) - body::volumeOf(comfort.solid->mesh),
                     8 * 0.3 / 3 * 2 * pi * 9.09, 0.0067 * 2 * pi * 9 * 8);
        card.blank.edge = {blank::EdgeKind::chamfer, 0.3, 45, 5};
        const double one = body::volumeOf(samples::made(card).solid->mesh);
        card.blank.edgeBoth = true;
        const auto both = samples::made(card);
        verifySound(both);
        QVERIFY(body::volumeOf(both.solid->mesh) < one - 1);
    }

    void wordsAreTrueAtTheirOwnLatitude() {
        // On a ball, at 40 degrees from its equator, a word is as wide as at the equator.
        card::Card card = cardOn(sides()[7], "HULL", working::Kind::raised);
        const double radius = 25, up = 40 * pi / 180;
        card.inscriptions[0].style.size = 4;
        for (const double latitude : {0.0, up, -up}) {
            card.inscriptions[0].placing.y = radius * (pi / 2 + latitude);
            card.inscriptions[0].placing.x = 30; // not in the middle
            const auto made = samples::made(card);
            verifySound(made);
            plane::Box box;
            for (const plane::Region& letter : made.lettering->inscriptions[0].onSide)
                box.include(plane::boxOf(letter));
            double low = 1e9, high = -1e9;
            for (const space::Vertex& v :
                 body::meshOf(made.solid->parts(), body::Selection::letters).vertices) {
                low = std::min(low, std::atan2(v.x, v.z));
                high = std::max(high, std::atan2(v.x, v.z));
            }
            const double width = plane::toMillimetres(double(box.high.x) - box.low.x);
            COMPARE_NEAR((high - low) * radius * std::cos(latitude), width, 0.02);
            // Its anchor lies where the development says: angle = x / R.
            COMPARE_NEAR((high + low) / 2, 30 / radius - pi, 0.01);
            QVERIFY(has(made, FindingKind::latitudeUneven) == (latitude != 0));
        }
    }

    void endsOfConesAndTurnedShapesAreBroken() {
        // What the profile's polygon sweeps, by Pappus; r is narrower by the chords.
        const auto swept = [](const std::vector<plane::Vector>& points) {
            double volume = 0;
            for (size_t i = 0; i < points.size(); ++i) {
                const plane::Vector a = points[i], b = points[(i + 1) % points.size()];
                volume += (b.y - a.y) * (a.x * a.x + a.x * b.x + b.x * b.x) * pi / 3;
            }
            return volume;
        };
        card::Card card = cardOn(sides()[6], "", working::Kind::raised);
        card.inscriptions.clear();
        const double length = std::hypot(50, 10), up = 2 * std::tan(60 * pi / 180);
        const auto onSide = [&](double v) { return plane::Vector{20 - 10 * v / length, 50 * v / length}; };
        const double crisp = body::volumeOf(samples::made(card).solid->mesh);
        const double chords = crisp / swept({{0, 0}, {20, 0}, {10, 50}, {0, 50}});
        card.blank.edge = {blank::EdgeKind::chamfer, 2, 60, 5};
        const auto chamfered = samples::made(card);
        verifySound(chamfered);
        COMPARE_NEAR(body::volumeOf(chamfered.solid->mesh) / chords,
                     swept({{0, 0}, {18, 0}, onSide(up), onSide(length - up), {8, 50}, {0, 50}}), 0.5);
        card.blank.edge = {blank::EdgeKind::round, 3, 45, 5};
        for (const double hole : {0.0, 6.0}) {
            card.blank.axisHole.diameter = hole;
            const auto rounded = samples::made(card);
            verifySound(rounded);
            // Every place of its wide end's arc is as far from its middle: 3 mm in from face and side.
            const double lean = std::atan2(10, 50), middle = 20 - 3 * std::tan(lean) - 3 / std::cos(lean);
            int onArc = 0;
            for (const space::Vertex& v : rounded.solid->mesh.vertices)
                if (round(v) > middle + 0.01 && v.y < 3 + 3 * std::sin(lean) - 0.01) {
                    COMPARE_NEAR(std::hypot(round(v) - middle, v.y - 3), 3, 1e-3);
                    ++onArc;
                }
            QVERIFY(onArc > 100);
        }
        card.blank.axisHole.diameter = 0;
        card.blank.edge.size = 50; // no larger than there is room for
        verifySound(samples::made(card));
        card.blank.kind = Kind::turned;
        for (const double size : {0.3, 2.0, 60.0})
            for (const bool smooth : {false, true}) {
                card.blank.profile = {{12, 0, smooth}, {20, 18, smooth}, {6, 44, smooth}};
                card.blank.edge = {blank::EdgeKind::round, size, 45, 5};
                verifySound(samples::made(card));
                card.blank.edge = {blank::EdgeKind::chamfer, size, 45, 5};
                verifySound(samples::made(card));
            }
    }

    void counterTiesHoldThroughRoundWalls() {
        for (const size_t number : {size_t(1), size_t(2), size_t(3), size_t(9)}) { // tube, ring, facets
            card::Card card = cardOn(sides()[number], "BO", working::Kind::pierced);
            card.inscriptions[0].style.size = sides()[number].size * 0.7;
            card.inscriptions[0].giveOut.by =
                number == 9 ? setting::GiveOut::By::letter : setting::GiveOut::By::no;
            const auto loose = samples::made(card);
            verifySound(loose);
            QCOMPARE(loose.solid->dropOuts.pieces, 4); // the blank, two counters of B, one of O
            card.inscriptions[0].ties.kind = working::TieKind::automatic;
            card.inscriptions[0].ties.width = 0.5;
            const auto held = samples::made(card);
            verifySound(held);
            QCOMPARE(held.solid->dropOuts.pieces, 1);
        }
    }

    void framesGoRoundWordsOnRoundSides() {
        for (const size_t number : {size_t(0), size_t(2), size_t(6), size_t(7)}) {
            card::Card card = cardOn(sides()[number], "QUAY", working::Kind::raised);
            card.inscriptions[0].style.size = sides()[number].size / 2;
            const double bare = body::volumeOf(samples::made(card).solid->mesh);
            card::Inscription frame = card.inscriptions[0];
            frame.words.clear();
            frame.ornament.kind = setting::OrnamentKind::frame;
            frame.ornament.around = card::idsOf(card)[0];
            frame.ornament.band = 0.5;
            frame.ornament.distance = 0.6;
            card.inscriptions.push_back(frame);
            const auto framed = samples::made(card);
            verifySound(framed);
            QVERIFY(body::volumeOf(framed.solid->mesh) > bare + 1);
            QCOMPARE(framed.solid->dropOuts.pieces, 1);
        }
    }

    void flatTopsLieInOnePlane_data() {
        QTest::addColumn<int>("number");
        QTest::addColumn<double>("chamfer");
        for (const int number : {0, 1, 6, 7, 8})
            for (const double chamfer : {0.0, 0.3})
                QTest::addRow("%s, chamfer %g", sides()[size_t(number)].name, chamfer) << number << chamfer;
    }
    void flatTopsLieInOnePlane() {
        QFETCH(int, number);
        QFETCH(double, chamfer);
        const Side side = sides()[size_t(number)];
        card::Card card = cardOn(side, "H", working::Kind::raised);
        working::Working& w = card.inscriptions[0].working;
        w.tops = working::Tops::flat;
        if (chamfer > 0)
            w.edge = {working::EdgeKind::chamfer, chamfer, 45, 5};
        const auto made = samples::made(card);
        verifySound(made);
        const body::Mesh letter = made.solid->bodyOf(body::Selection::letters);
        // The letter faces +z; the plane's normal is that of the side in its middle.
        const auto on = blank::nearestSide(*made.solid->panels, {0, card.inscriptions[0].placing.y, 1000});
        QVERIFY(on.has_value());
        plane::Box box = plane::boxOf(made.lettering->inscriptions[0].onSide[0]);
        const plane::Point middle =
            plane::onGrid(0.5 * (plane::vectorOf(box.low) + plane::vectorOf(box.high)));
        const blank::Panel& panel = made.solid->panels->front();
        const blank::Ray ray = blank::standOn(
            panel, false, working::drawnOn(panel, made.lettering->inscriptions[0]).toPlan(middle));
        double least = 1e9, most = -1e9, highest = -1e9;
        for (const auto& t : letter.triangles) {
            const auto corner = [&](size_t k) { return letter.vertices[size_t(t[k])]; };
            const space::Vertex n = space::cross(corner(1) - corner(0), corner(2) - corner(0));
            if (space::dot(n, ray.along) < 0.95 * std::sqrt(space::dot(n, n)))
                continue;
            for (size_t k = 0; k < 3; ++k) {
                const double height = space::dot(corner(k) - ray.foot, ray.along);
                least = std::min(least, height);
                most = std::max(most, height);
                highest = std::max(highest, side.off(corner(k)));
            }
        }
        COMPARE_NEAR(least, w.height, 3e-4);
        COMPARE_NEAR(most, w.height, 3e-4);
        // As uneven as is told, but for what the chamfer takes at the ends and how the side bends along y.
        const auto told =
            std::ranges::find(made.checked->findings, FindingKind::topsUneven, &check::Finding::kind);
        QVERIFY(told != made.checked->findings.end());
        if (chamfer == 0 && number < 6)
            COMPARE_NEAR(told->measured, highest - w.height, 0.013);
        else
            QVERIFY(highest > w.height + 0.3 * told->measured);
    }

    void rigidLettersAreAsWideAboveAsBelow() {
        card::Card card = cardOn(sides()[7], "H", working::Kind::raised);
        const double radius = 25;
        card.inscriptions[0].placing.y = radius * (pi / 2 + 40 * pi / 180);
        const auto widths = [&] { // of its lower and of its upper end
            const auto made = samples::made(card);
            double lowest = 1e9, highest = -1e9;
            const body::Mesh letter = made.solid->bodyOf(body::Selection::letters);
            const auto latitude = [&](const space::Vertex& v) { return std::atan2(v.y - radius, round(v)); };
            for (const space::Vertex& v : letter.vertices) {
                lowest = std::min(lowest, latitude(v));
                highest = std::max(highest, latitude(v));
            }
            const auto widthAt = [&](double at) {
                double from = 1e9, to = -1e9;
                for (const space::Vertex& v : letter.vertices)
                    if (std::fabs(latitude(v) - at) < 1e-4) {
                        from = std::min(from, std::atan2(v.x, v.z));
                        to = std::max(to, std::atan2(v.x, v.z));
                    }
                return (to - from) * radius * std::cos(at);
            };
            return std::pair(widthAt(lowest), widthAt(highest));
        };
        const auto [wide, narrow] = widths();
        QVERIFY(narrow < 0.9 * wide);
        card.inscriptions[0].placing.shape = setting::LetterShape::rigid;
        const auto [below, above] = widths();
        COMPARE_NEAR(below, above, 0.02);
        const auto made = samples::made(card);
        verifySound(made);
        QVERIFY(!has(made, FindingKind::latitudeUneven));
        // It is as wide as its typeface draws it.
        const plane::Box drawn = plane::boxOf(*made.lettering->inscriptions[0].setting->letters[0].region);
        COMPARE_NEAR(above, plane::toMillimetres(double(drawn.high.x) - drawn.low.x), 0.02);
    }

    void chamfersAreAsWideWhereTheBlankIsThin() {
        // Half of the way to a pole the plan is stretched to twice the letters; a chamfer is not.
        card::Card card = cardOn(sides()[7], "I", working::Kind::raised);
        card.inscriptions[0].style.size = 4;
        const auto taken = [&](double latitude) {
            card.inscriptions[0].placing.y = 25 * (pi / 2 + latitude);
            card.inscriptions[0].working.edge = {};
            const double crisp = body::volumeOf(samples::made(card).solid->mesh);
            card.inscriptions[0].working.edge = {working::EdgeKind::chamfer, 0.3, 45, 5};
            const auto made = samples::made(card);
            return body::faultsOf(made.solid->mesh).none() ? crisp - body::volumeOf(made.solid->mesh) : -1.0;
        };
        COMPARE_NEAR(taken(pi / 3) / taken(0), 1, 0.02);
    }

    void aProfileGoesThroughItsPoints() {
        const std::vector<blank::ProfilePoint> points{
            {8, 0, false}, {20, 18, true}, {14, 30, true}, {6, 44, false}, {6, 50, false}};
        const blank::Profile profile = blank::profileOf(points);
        QVERIFY(!blank::crossesItself(points));
        for (const blank::ProfilePoint& point : points) {
            double least = 1e9;
            for (int i = 0; i <= 5000; ++i) {
                const auto place = profile.meridian.at(profile.meridian.length * i / 5000);
                least = std::min(least, std::hypot(place.r - point.r, place.y - point.y));
            }
            QVERIFY2(least < 0.01, qPrintable(QString::number(least)));
        }
        QCOMPARE(profile.corners.size(), size_t(3)); // both ends, and where it becomes straight
        // By true length
        const auto a = profile.meridian.at(10), b = profile.meridian.at(10.01);
        COMPARE_NEAR(std::hypot(b.r - a.r, b.y - a.y), 0.01, 1e-5);
        COMPARE_NEAR(std::hypot(a.normalR, a.normalY), 1, 1e-9);
        // Straight lines only
        const blank::Profile line = blank::profileOf({{10, 0, false}, {10, 5, false}, {4, 5, false}});
        COMPARE_NEAR(line.meridian.length, 11, 1e-9);
        QVERIFY(blank::profileOf({{5, 5, false}}).empty());
        QVERIFY(blank::profileOf({{0, 0, false}, {0, 5, false}}).empty());
    }

    void holesGoAlongTheAxis() {
        card::Card card;
        card.blank.length = 40;
        card.blank.diameter = 30;
        card.blank.topDiameter = 20;
        card.blank.profile = {{6, 0, false}, {14, 15, true}, {0, 40, true}};
        for (const Kind kind : {Kind::bar, Kind::cone, Kind::sphere, Kind::turned}) {
            card.blank.kind = kind;
            card.blank.axisHole = {};
            const double whole = body::volumeOf(samples::made(card).solid->mesh);
            for (const bool fromEnd : {false, true})
                for (const double depth : {0.0, 9.0}) {
                    card.blank.axisHole = {6, depth, fromEnd};
                    const auto made = samples::made(card);
                    verifySound(made);
                    const double taken = whole - body::volumeOf(made.solid->mesh);
                    // As deep as it is told, or as there is; a pole is rounded off where it opens.
                    const double deep = depth > 0 ? depth : kind == Kind::sphere ? 30 : 40;
                    const bool pole =
                        kind == Kind::sphere || (kind == Kind::turned && (fromEnd || depth == 0));
                    const double part = taken / (pi * 9 * deep);
                    QVERIFY2(part < 1.12 && part > (pole ? 0.7 : 0.985), qPrintable(QString::number(part)));
                    const auto again = card::cardFromJson(card::jsonOf(card));
                    QVERIFY(again && again->blank.axisHole == card.blank.axisHole);
                }
        }
        // Words on an end keep clear of it.
        card = cardOn(sides()[0], "I", working::Kind::sunk);
        card.blank.axisHole = {8, 12, true};
        card.inscriptions[0].side = "end";
        card.inscriptions[0].placing.x = card.inscriptions[0].placing.y = 12.7;
        card.inscriptions[0].style.size = 3;
        QVERIFY(has(samples::made(card), FindingKind::outsideBlank));
        card.inscriptions[0].side = "start";
        QVERIFY(!has(samples::made(card), FindingKind::outsideBlank));
        // One that leaves nothing round it is told.
        card.blank = sides()[6].blank;
        card.inscriptions.clear();
        card.blank.axisHole.diameter = 24;
        QVERIFY(samples::made(card).solid->problem);
    }

    void aTurnedShapeMayBeHollow() {
        card::Card card = cardOn(sides()[8], "NET", working::Kind::pierced);
        card.blank.profile = {{12, 0, false}, {18, 15, true}, {12, 30, false}};
        card.blank.wall = 2;
        card.inscriptions[0].placing.x = blank::sizeOf(card.blank, "outside").x / 2;
        card.inscriptions[0].placing.y = blank::sizeOf(card.blank, "outside").y / 2;
        const auto open = samples::made(card);
        verifySound(open);
        // About its surface times the wall
        card.inscriptions.clear();
        const auto bare = samples::made(card);
        card.blank.wall = 0;
        const double solid = body::volumeOf(samples::made(card).solid->mesh);
        const double share = body::volumeOf(bare.solid->mesh) / solid;
        QVERIFY2(share > 0.2 && share < 0.35, qPrintable(QString::number(share)));
        // Where it ends within its wall it is closed: a hollow ball of two surfaces.
        card.blank.profile = {{0, 0, true}, {15, 15, true}, {0, 30, true}};
        card.blank.wall = 2;
        const auto ball = samples::made(card);
        verifySound(ball);
    }

    void aPointOfThePartTellsItsSide_data() { forEachSide(); }
    void aPointOfThePartTellsItsSide() {
        QFETCH(int, number);
        const Side side = sides()[size_t(number)];
        const auto panels = blank::shapeOf(side.blank).panelsOf(side.blank, {1, 0});
        const plane::Vector size = blank::sizeOf(side.blank, side.side);
        const auto panel = std::ranges::find_if(panels, [&](const blank::Panel& p) {
            return p.front == side.side || (p.wall() && p.back == side.side);
        });
        const bool behind = panel->front != side.side;
        for (const double x : {0.13, 0.47, 0.81})
            for (const double y : {0.3, 0.62}) {
                const plane::Vector at{x * size.x, y * size.y};
                const plane::Point onPlan =
                    blank::drawnOn(*panel, behind, at.x, at.y)
                        .toPlan(plane::Point{plane::toUnits(at.x), plane::toUnits(at.y)});
                const auto found = blank::nearestSide(panels, blank::standOn(*panel, behind, onPlan).at(0.2));
                QVERIFY(found);
                QCOMPARE(std::string(found->side), std::string(side.side));
                COMPARE_NEAR(found->x, at.x, 0.05);
                COMPARE_NEAR(found->y, at.y, 0.05);
                COMPARE_NEAR(found->height, 0.2, 0.012);
            }
    }

    void thePartIsAsThickAsItIs() {
        const auto bar = samples::made(cardOn(sides()[0], "", working::Kind::raised));
        const auto thick = [](const card::Made& made, const space::Vertex& at, const space::Vertex& inwards) {
            return body::thicknessAt(made.solid->mesh, at, inwards).value_or(-1);
        };
        COMPARE_NEAR(thick(bar, {0, 30, 12.7}, {0, 0, -1}), 25.4, 0.03);
        COMPARE_NEAR(thick(bar, {2, 0, 3}, {0, 5, 0}), 60, 1e-6);
        const auto tube = samples::made(cardOn(sides()[1], "", working::Kind::raised));
        COMPARE_NEAR(thick(tube, {0, 30, 12.7}, {0, 0, -1}), 12.7 - 9, 0.03); // only the wall
        QCOMPARE(thick(tube, {0, 30, 12.7}, {0, 0, 1}), -1.0);                // out of it
        QCOMPARE(thick(tube, {0, 30, 12.7}, {0, 0, 0}), -1.0);
        // Under a sunk stroke less is left.
        card::Card sunk = cardOn(sides()[1], "I", working::Kind::sunk);
        COMPARE_NEAR(thick(samples::made(sunk), {0, 30, 12.1}, {0, 0, -1}), 3.1, 0.03);
    }

    void lettersGoOneByOneToFacets() {
        card::Card card = cardOn(sides()[9], "QUAY 38", working::Kind::sunk);
        card.inscriptions[0].giveOut.by = setting::GiveOut::By::letter;
        card.inscriptions[0].style.size = 3;
        const double facet = blank::sizeOf(card.blank, "outside").x / 10;
        card.inscriptions[0].placing.x += 0.3 * facet; // on the same facet still
        const auto middleOf = [](const plane::Region& letter) {
            const plane::Box box = plane::boxOf(letter);
            return plane::toMillimetres((double(box.low.x) + box.high.x) / 2);
        };
        const auto given = samples::made(card);
        verifySound(given);
        QVERIFY(!has(given, FindingKind::facetCrossed));
        const auto& letters = given.lettering->inscriptions[0];
        const std::vector<int> facetOf{0, 1, 2, 3, 5, 6}; // the space is one too
        QCOMPARE(letters.onSide.size(), facetOf.size());
        for (size_t i = 0; i < facetOf.size(); ++i)
            COMPARE_NEAR(middleOf(letters.onSide[i]), (5 + facetOf[i]) * facet, 1e-3);
        // By words, and turned: an I lies on its side.
        card.inscriptions[0].words = "II II";
        card.inscriptions[0].giveOut = {setting::GiveOut::By::word, 90};
        const auto words = samples::made(card);
        verifySound(words);
        const auto& two = words.lettering->inscriptions[0];
        COMPARE_NEAR((middleOf(two.onSide[0]) + middleOf(two.onSide[1])) / 2, 5 * facet, 1e-3);
        COMPARE_NEAR((middleOf(two.onSide[2]) + middleOf(two.onSide[3])) / 2, 6 * facet, 1e-3);
        const plane::Box lying = plane::boxOf(two.onSide[0]);
        QVERIFY(lying.high.x - lying.low.x > lying.high.y - lying.low.y);
        // On a smooth band as many parts as there were facets
        card::Card band = cardOn(sides()[3], "ABCD", working::Kind::raised);
        band.inscriptions[0].giveOut.by = setting::GiveOut::By::letter;
        band.blank.facets = 10;
        const auto smooth = samples::made(band);
        const double part = blank::sizeOf(band.blank, "outside").x / 10;
        const auto& on = smooth.lettering->inscriptions[0];
        COMPARE_NEAR(middleOf(on.onSide[3]) - middleOf(on.onSide[0]), 3 * part, 1e-3);
        const auto again = card::cardFromJson(card::jsonOf(band));
        QVERIFY(again && card::jsonOf(*again) == card::jsonOf(band));
    }

    void ringSizesAreThoseOfTheirScales() {
        using enum blank::RingScale;
        // By their definitions
        COMPARE_NEAR(*blank::boreOfRingSize(northAmerican, "7"), 17.32, 0.01);
        COMPARE_NEAR(*blank::boreOfRingSize(northAmerican, "8 1/4"), 11.63 + 8.25 * 0.8128, 1e-9);
        COMPARE_NEAR(*blank::boreOfRingSize(british, "A"), 37.5 / pi, 1e-9);
        COMPARE_NEAR(*blank::boreOfRingSize(british, "p 1/2"), (37.5 + 15.5 * 1.25) / pi, 1e-9);
        COMPARE_NEAR(*blank::boreOfRingSize(british, "Z+2"), (37.5 + 27 * 1.25) / pi, 1e-9);
        COMPARE_NEAR(*blank::boreOfRingSize(japanese, "13"), 17, 1e-9);
        COMPARE_NEAR(*blank::boreOfRingSize(swiss, "14"), 54 / pi, 1e-9);
        COMPARE_NEAR(*blank::boreOfRingSize(circumference, "54"), 54 / pi, 1e-9);
        COMPARE_NEAR(*blank::boreOfRingSize(bore, "17.25"), 17.25, 1e-9);
        for (const char* wrong : {"", "ring", "-3", "A+1", "1 2"})
            QVERIFY2(!blank::boreOfRingSize(british, wrong) && !blank::boreOfRingSize(northAmerican, wrong),
                     wrong);
        // Told as they are read
        for (int scale = 0; scale < blank::ringScales; ++scale)
            for (double wide = 14; wide < 23; wide += 0.37) {
                const auto own = static_cast<blank::RingScale>(scale);
                const std::string text = blank::ringSizeText(own, wide);
                const auto read = blank::boreOfRingSize(own, text);
                QVERIFY2(read, text.c_str());
                QVERIFY2(std::fabs(*read - wide) < 0.21, text.c_str());
                QCOMPARE(blank::ringSizeText(own, *read),
                         text.starts_with("≈ ") ? text.substr(std::string("≈ ").size()) : text);
            }
    }

    void readyShapesCanBeMade() {
        for (const blank::ReadyBlank& ready : blank::readyBlanks()) {
            card::Card card;
            card.blank.material = "oak";
            card.blank = ready.make(card.blank);
            verifySound(samples::made(card));
            QCOMPARE(card.blank.material, std::string("oak"));
            const auto again = card::cardFromJson(card::jsonOf(card));
            QVERIFY(again && card::jsonOf(*again) == card::jsonOf(card));
        }
        for (const blank::Shape& shape : blank::shapes()) // whatever it was before
            if (shape.kind != Kind::none && shape.kind != Kind::file) {
                card::Card card;
                card.blank = blank::asKind(card.blank, shape.kind);
                verifySound(samples::made(card));
            }
    }

    void aProfileIsTakenFromADrawing() {
        // An open line: its axis is x = 0 of the drawing; it may run down.
        plane::Contour line{{5, 30}, {}, true};
        using Segment = plane::Segment;
        line.segments = {{Segment::Kind::line, {}, {}, {12, 20}}, {Segment::Kind::line, {}, {}, {8, 10}}};
        const auto open = blank::profileFrom({{line}});
        QCOMPARE(open.size(), size_t(3));
        QVERIFY(open[0] == (blank::ProfilePoint{8, 0, false}) &&
                open[2] == (blank::ProfilePoint{5, 20, false}));
        // A closed silhouette: the right half, its axis in the middle
        plane::Contour closed{{0, 0}, {}, false};
        closed.segments = {{Segment::Kind::line, {}, {}, {20, 0}},
                           {Segment::Kind::line, {}, {}, {16, 30}},
                           {Segment::Kind::line, {}, {}, {4, 30}}};
        const auto half = blank::profileFrom({{closed}});
        QVERIFY(half.size() == 2 && half[0].r == 10 && half[1].r == 6 && half[1].y == 30);
        QVERIFY(blank::profileFrom({}).empty());
    }

    void aBorderRunsRound() {
        for (const auto kind : {working::Kind::raised, working::Kind::sunk}) {
            card::Card card = cardOn(sides()[0], "HULL", kind);
            const auto bare = samples::made(card);
            const double words = body::volumeOf(bare.solid->mesh) - samples::blankVolumeOf(bare);
            card.inscriptions.push_back(card.inscriptions[0]);
            card.inscriptions[1].ornament.kind = setting::OrnamentKind::border;
            card.inscriptions[1].placing = {};
            card.inscriptions[1].ornament.distance = 2;
            card.inscriptions[1].ornament.band = 1.5;
            const auto made = samples::made(card);
            verifySound(made);
            QCOMPARE(made.solid->dropOuts.pieces, 1);
            // Two rings of the band's width: all the way round, without a gap at the seam.
            const double change = body::volumeOf(made.solid->mesh) - samples::blankVolumeOf(made) - words;
            const double r = 12.7, to = kind == working::Kind::raised ? r + 0.6 : r - 0.6;
            COMPARE_NEAR(change / (2 * 1.5 * pi * (to * to - r * r)), 1, 2e-3);
            QVERIFY(!has(made, FindingKind::turnExceeded));
        }
    }

    void theSeamIsMovedAndWordsStayWhereTheyAre() {
        card::Card card = cardOn(sides()[3], "ANCHOR", working::Kind::raised);
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].words = "38";
        card.inscriptions[1].placing.x = 10;
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[2].side = "start";
        card.inscriptions[2].placing.x = 5;
        const double turn = blank::turnOf(card.blank, "outside"), first = card.inscriptions[0].placing.x;
        const double volume = body::volumeOf(samples::made(card).solid->mesh);
        card::moveSeam(card, "", 20);
        COMPARE_NEAR(card::seamOf(card, "outside"), 20, 1e-9);
        COMPARE_NEAR(card::seamOf(card, "inside"), 20 * 18 / 22.8, 1e-9);
        QCOMPARE(card.inscriptions[0].placing.x, first);
        COMPARE_NEAR(card.inscriptions[1].placing.x, 10 + turn, 1e-9); // within once round from there
        QCOMPARE(card.inscriptions[2].placing.x, 5.0);
        COMPARE_NEAR(body::volumeOf(samples::made(card).solid->mesh) / volume, 1, 1e-6);
        card::moveSeam(card, "", 20 + 3 * turn);
        COMPARE_NEAR(card::seamOf(card, "outside"), 20, 1e-9);
        card::moveSeam(card, "start", 5); // does not go round
        COMPARE_NEAR(card::seamOf(card, "outside"), 20, 1e-9);
        const auto again = card::cardFromJson(card::jsonOf(card));
        QVERIFY(again);
        COMPARE_NEAR(again->seam, card.seam, 1e-6);
    }

    void anEarStandsOnTheEndOfATurnedBlank() {
        for (const Kind kind : {Kind::bar, Kind::cone, Kind::sphere, Kind::turned})
            for (const bool atStart : {false, true}) {
                card::Card card = cardOn(sides()[0], "OAR", working::Kind::raised);
                card.blank.kind = kind;
                card.blank.diameter = 30;
                card.blank.profile = {{0, 0, true}, {16, 14, true}, {0, 40, true}};
                const plane::Vector size = blank::sizeOf(card.blank);
                card.inscriptions[0].placing.x = size.x / 2;
                card.inscriptions[0].placing.y = size.y / 2;
                const auto without = samples::made(card);
                card.blank.ear = {4, 1.5, 2.5, atStart};
                const auto with = samples::made(card);
                verifySound(without);
                verifySound(with);
                QCOMPARE(with.solid->dropOuts.pieces, 1);
                const body::Extent bare = body::extentOf(without.solid->mesh),
                                   hung = body::extentOf(with.solid->mesh);
                // As high as hole and wall on both sides, but for half a wall.
                const double above = 4 + 1.5 * 1.5;
                COMPARE_NEAR(hung.high.y - bare.high.y, atStart ? 0 : above, 0.02);
                COMPARE_NEAR(bare.low.y - hung.low.y, atStart ? above : 0, 0.02);
                // Through its hole there is nothing, beside it all of its thickness.
                const double y = atStart ? bare.low.y - 2.75 : bare.high.y + 2.75;
                QVERIFY(!body::thicknessAt(with.solid->mesh, {0, y, 1.25}, {0, 0, -1}));
                COMPARE_NEAR(body::thicknessAt(with.solid->mesh, {2.75, y, 1.25}, {0, 0, -1}).value_or(0),
                             2.5, 1e-6);
                // It belongs to the blank.
                const double letters = body::volumeOf(with.solid->bodyOf(body::Selection::letters));
                COMPARE_NEAR(letters / body::volumeOf(without.solid->bodyOf(body::Selection::letters)), 1,
                             1e-6);
            }
    }

    void aSideIsCopiedToTheOthers() {
        card::Card card = cardOn(sides()[0], "BOAT", working::Kind::raised);
        card.blank.kind = Kind::block;
        card.blank.width = 60;
        card.blank.height = 40;
        card.blank.thickness = 50;
        card.inscriptions[0].side = "front";
        card.inscriptions[0].id = "name";
        card.inscriptions[0].placing.x = 32; // 2 to the right of the middle
        card.inscriptions[0].placing.y = 20;
        const auto copies = card::copiesOnOtherSides(card, "front");
        QCOMPARE(copies.size(), size_t(5));
        for (const card::Inscription& copy : copies) {
            const plane::Vector size = blank::sizeOf(card.blank, copy.side);
            COMPARE_NEAR(copy.placing.x, size.x / 2 + 2, 1e-9);
            COMPARE_NEAR(copy.placing.y, size.y / 2, 1e-9);
            QVERIFY(copy.id.empty());
            card.inscriptions.push_back(copy);
        }
        const auto made = samples::made(card);
        verifySound(made);
        QCOMPARE(made.lettering->letters(), size_t(24));
    }

    void whatIsWrongIsFound() {
        const auto all = sides();
        card::Card ring = cardOn(all[3], "MOORING RING OF THE INNER QUAY", working::Kind::raised);
        const auto lapped = samples::made(ring);
        const check::Finding* exceeded = samples::finding(lapped, FindingKind::turnExceeded);
        QVERIFY(exceeded && exceeded->severity == check::Severity::stop);
        COMPARE_NEAR(exceeded->limit, 2 * pi * 11.4, 1e-6);
        QVERIFY(
            !has(samples::made(cardOn(all[3], "MOORING", working::Kind::raised)), FindingKind::turnExceeded));
        // Ten facets of 8.45 mm each: a middle at half the turn
        card::Card key = cardOn(all[9], "I", working::Kind::raised);
        QVERIFY(!has(samples::made(key), FindingKind::facetCrossed));
        key.inscriptions[0].placing.x += 13 * std::tan(pi / 10);
        QVERIFY(has(samples::made(key), FindingKind::facetCrossed));
        key.inscriptions[0].placing.x = 0; // the seam is in the middle of a facet
        QVERIFY(!has(samples::made(key), FindingKind::facetCrossed));
        card::Card crossed = cardOn(all[8], "I", working::Kind::raised);
        crossed.blank.profile = {{10, 0, false}, {4, 20, false}, {12, 10, false}, {2, 16, false}};
        const auto broken = samples::made(crossed);
        QVERIFY(has(broken, FindingKind::profileCrossed) && broken.solid->problem);
        // Letters that would stand across a narrow neck
        card::Card neck = cardOn(all[8], "I", working::Kind::raised);
        neck.blank.profile = {{14, 0, false}, {6, 10, true}, {14, 20, false}};
        neck.inscriptions[0].placing.y = blank::sizeOf(neck.blank, "outside").y / 2;
        neck.inscriptions[0].style.size = 3;
        verifySound(samples::made(neck));
        neck.inscriptions[0].working.height = 14;
        QVERIFY(samples::made(neck).solid->problem);
        // Sunk letters close up towards the axis: the same stroke is narrower on a thinner bar.
        card::Card thin = cardOn(all[0], "I", working::Kind::sunk);
        thin.inscriptions[0].working.depth = 3;
        const auto narrowest = [&](double diameter) {
            thin.blank.diameter = diameter;
            thin.process.own["sunk.strokeStop"] = 100; // so that it is told
            const auto made = samples::made(thin);
            const check::Finding* f = samples::finding(made, FindingKind::strokeNarrow);
            return f ? f->measured : -1;
        };
        const double wide = narrowest(60), narrow = narrowest(20);
        COMPARE_NEAR(narrow / wide, (1 - 3 / 10.0) / (1 - 3 / 30.0), 1e-6);
    }
};
QTEST_GUILESS_MAIN(RoundSidesTest)
#include "round_sides_test.moc"
