#include "../sample_cards.hpp"
#include "blank/blank.hpp"
#include "blank/material.hpp"
#include "card/solid.hpp"
#include "plane/path_data.hpp"
#include <random>
#include <set>

using namespace bollard;
using blank::Blank, blank::Kind;

namespace {

double areaOf(const Blank& blank) {
    return plane::areaOf(blank::regionOf(blank)) /
           (double(plane::unitsPerMillimetre) * plane::unitsPerMillimetre);
}
Blank disc(double diameter, double centreHole) {
    Blank blank;
    blank.kind = Kind::disc;
    blank.diameter = diameter;
    blank.centreHole = centreHole;
    return blank;
}

} // namespace

class BlankTest : public QObject {
    Q_OBJECT
  private slots:
    void platesHaveTheirArea() {
        Blank plate;
        COMPARE_NEAR(areaOf(plate), 120 * 45, 1e-9);
        plate.corner = 6;
        COMPARE_NEAR(areaOf(plate), 120 * 45 - (4 - M_PI) * 36, 0.5);
        plate.corner = 500; // as round as it can be
        COMPARE_NEAR(areaOf(plate), 75 * 45 + M_PI * 22.5 * 22.5, 2);
    }

    void discsHaveTheirAreaAndCentreHole() {
        COMPARE_NEAR(areaOf(disc(50, 0)), M_PI * 625, 1);
        COMPARE_NEAR(areaOf(disc(50, 20)), M_PI * (625 - 100), 1);
        const plane::Box box = plane::boxOf(blank::regionOf(disc(50, 0)));
        QVERIFY(box.low == plane::Point({0, 0}) && box.high == plane::Point({500000, 500000}));
    }

    void holesAreTakenOutOnceWhereTheyOverlap() {
        Blank plate;
        plate.holes = {{20, 20, 10}, {60, 20, 10}};
        COMPARE_NEAR(areaOf(plate), 120 * 45 - 2 * M_PI * 25, 0.3); // chords within 0.01 mm
        plate.holes = {{20, 20, 10}, {20, 20, 10}};
        COMPARE_NEAR(areaOf(plate), 120 * 45 - M_PI * 25, 0.2);
        plate.holes = {{0, 0, 10}};
        COMPARE_NEAR(areaOf(plate), 120 * 45 - M_PI * 25 / 4, 0.1);
        plate.holes = {{500, 500, 10}};
        COMPARE_NEAR(areaOf(plate), 120 * 45, 1e-9);
    }

    void noBlankIsNothing() {
        Blank none;
        none.kind = Kind::none;
        QVERIFY(blank::regionOf(none).empty());
        const plane::Vector size = blank::sizeOf(none);
        QVERIFY(size.x == 0 && size.y == 0);
    }

    void everyBlankMakesAClosedSolidOfItsVolume() {
        Blank holed;
        holed.corner = 6;
        holed.thickness = 2.5;
        holed.holes = {{8, 22.5, 4}, {112, 22.5, 4}};
        for (const Blank& blank : {Blank{}, holed, disc(50, 0), disc(50, 20)}) {
            card::Card card;
            card.blank = blank;
            const auto made = samples::made(card);
            const auto faults = body::faultsOf(made.solid->mesh);
            QVERIFY(faults.openEdges == 0 && faults.crowdedEdges == 0 && faults.pinchedVertices == 0);
            COMPARE_NEAR(body::volumeOf(made.solid->mesh) / (areaOf(blank) * blank.thickness), 1, 1e-6);
        }
    }

    void outlinesHaveTheirAreaAndSize() {
        using enum blank::OutlineKind;
        Blank plate; // 120 x 45
        plate.outline.kind = oval;
        COMPARE_NEAR(areaOf(plate), M_PI * 60 * 22.5, 1.5); // chords within 0.01 mm
        plate.outline.kind = polygon;
        plate.outline.corners = 4;
        COMPARE_NEAR(areaOf(plate), 120 * 45, 1e-6);
        plate.outline.corners = 3;
        COMPARE_NEAR(areaOf(plate), 120 * 45 / 2.0, 1e-2);
        plate.outline.corners = 6; // its flat side is half as long as it is wide
        COMPARE_NEAR(areaOf(plate), (120 + 60) / 2.0 * 45, 1e-2);
        plate.outline.kind = tag;
        plate.outline.ear = 15;
        plate.outline.earHole = 6;
        COMPARE_NEAR(areaOf(plate), 105 * 45 + 15 * 7.5 + M_PI * 7.5 * 7.5 / 2 - M_PI * 9, 0.5);
        plate.outline.kind = drawing; // stretched to the plate
        plate.outline.path = *plane::outlineFromPathData("M 5 5 L 25 5 L 5 15 Z");
        COMPARE_NEAR(areaOf(plate), 120 * 45 / 2.0, 1e-2);
        for (const auto kind : {rectangle, oval, polygon, tag, drawing}) {
            plate.outline.kind = kind;
            const plane::Box box = plane::boxOf(blank::wholeRegionOf(plate));
            QVERIFY(box.low == plane::Point({0, 0}) && box.high == plane::Point({1200000, 450000}));
            const plane::Region front = blank::regionOf(plate), back = blank::regionOf(plate, "back");
            const plane::Region turned = plane::shifted(plane::mirrored(front), {1200000, 0});
            QVERIFY(plane::areaOf(plane::without(turned, back)) +
                        plane::areaOf(plane::without(back, turned)) <
                    1e-6 * plane::areaOf(front));
        }
    }

    void anOutlineRoundTheWordsKeepsItsDistance() {
        card::Card card = samples::plate("GULL ROCK");
        card.blank.outline.kind = blank::OutlineKind::words;
        card.blank.outline.distance = 3.5;
        const auto made = samples::made(card);
        const plane::Region edge = blank::wholeRegionOf(made.card->blank);
        double nearest = 1e9, farthest = 0;
        const plane::BoundaryIndex letters(
            plane::united(made.lettering->inscriptions[0].onSide, std::stop_token{}));
        for (const plane::Ring& ring : edge.rings)
            for (const plane::Point p : ring) {
                const double far = plane::toMillimetres(letters.distanceTo(plane::vectorOf(p), 1e9));
                nearest = std::min(nearest, far);
                farthest = std::max(farthest, far);
            }
        COMPARE_NEAR(nearest, 3.5, 0.011);
        QVERIFY(farthest < 3.5 * 1.6); // only where the way round is smoothed between letters
        QCOMPARE(edge.rings.size(), size_t(1));
        QVERIFY(!samples::finding(made, check::FindingKind::outsideBlank));
        // Other words, another outline; the card itself is as it was.
        card.inscriptions[0].words = "GULL";
        QVERIFY(plane::boxOf(blank::wholeRegionOf(samples::made(card).card->blank)).high.x <
                plane::boxOf(edge).high.x);
        QVERIFY(card.blank.outline.path->contours.empty());
    }

    void wedgesHaveTheVolumeOfTheirSlope() {
        card::Card card = samples::plate("KELPIE");
        card.blank.kind = Kind::wedge;
        card.blank.thickness = 7;
        card.blank.endThickness = 2;
        const double bare = 120 * 45 * (7 + 2) / 2.0;
        const auto volume = [&] {
            const auto made = samples::made(card);
            const body::MeshFaults faults = body::faultsOf(made.solid->mesh);
            return faults.none() && !made.solid->problem ? body::volumeOf(made.solid->mesh) : -1;
        };
        const auto area = [&] {
            return plane::areaOf(plane::united(samples::made(card).lettering->inscriptions[0].onSide, {})) *
                   1e-8;
        };
        for (const char* side : {"front", "back"}) {
            card.inscriptions[0].side = side;
            card.inscriptions[0].working = {};
            card.inscriptions[0].working.height = 1.2;
            COMPARE_NEAR(volume(), bare + 1.2 * area(), 1e-4 * bare);
            card.inscriptions[0].working.kind = working::Kind::sunk;
            card.inscriptions[0].working.depth = 0.7;
            COMPARE_NEAR(volume(), bare - 0.7 * area(), 1e-4 * bare);
        }
        // Thin towards its right end: deep letters come out behind there, and what is left is told.
        card.inscriptions[0].side = "front";
        card.inscriptions[0].working.depth = 4;
        QVERIFY(volume() > 0);
        const auto thin = samples::made(card);
        const auto* floor = samples::finding(thin, check::FindingKind::floorThin);
        QVERIFY(floor && floor->measured == 0);
        card.inscriptions[0].placing.x = 25; // there it is thick enough
        const auto moved = samples::made(card);
        const auto* thick = samples::finding(moved, check::FindingKind::floorThin);
        QVERIFY(!thick || thick->measured > 0.3);
    }

    void countersunkHolesAreConesAndSlotsAreStadiums() {
        Blank blank;
        blank.thickness = 5;
        blank::Hole hole{30, 22, 4};
        hole.kind = blank::HoleKind::countersunk;
        hole.head = 8;
        hole.headAngle = 90;
        blank.holes = {hole};
        card::Card card;
        card.blank = blank;
        const auto volume = [&] {
            const auto made = samples::made(card);
            return body::faultsOf(made.solid->mesh).none() ? body::volumeOf(made.solid->mesh) : -1;
        };
        // A cone frustum 2 mm deep above a cylinder.
        const double cone = M_PI * 2 / 3 * (4 * 4 + 4 * 2 + 2 * 2), rest = M_PI * 2 * 2 * 3;
        COMPARE_NEAR(volume(), 120 * 45 * 5 - cone - rest, 1);
        card.blank.holes[0].kind = blank::HoleKind::slot;
        card.blank.holes[0].length = 12;
        card.blank.holes[0].turn = 30;
        COMPARE_NEAR(volume(), (120 * 45 - 8 * 4 - M_PI * 4) * 5, 1);
        // Letters are kept from the mouth, not only from the hole.
        card = samples::plate("I");
        card.blank.margin = 0;
        card.blank.holes = {hole};
        card.inscriptions[0].placing.x = 30 + 3.6;
        card.inscriptions[0].placing.y = 22;
        card.inscriptions[0].style.size = 3;
        QVERIFY(samples::finding(samples::made(card), check::FindingKind::outsideBlank));
        card.blank.holes[0].kind = blank::HoleKind::round;
        QVERIFY(!samples::finding(samples::made(card), check::FindingKind::outsideBlank));
    }

    void theMassIsThatOfTheMaterial() {
        card::Card card;
        QCOMPARE(card::massOf(samples::made(card)), 0.0);
        card.blank.material = "brass";
        COMPARE_NEAR(card::massOf(samples::made(card)), 120 * 45 * 3 * 1e-3 * 8.47, 1e-6);
        card.blank.material = "driftwood"; // of our own: kept, but its density is not known
        QCOMPARE(card::massOf(samples::made(card)), 0.0);
        QVERIFY(card::cardFromJson(card::jsonOf(card))->blank.material == "driftwood");
        std::set<std::string_view> names;
        for (const blank::Material& material : blank::materials())
            QVERIFY(names.insert(material.name).second && material.density > 0.4 && material.density < 20);
    }

    void landsAreThoseOfTheOutline() {
        // Holes anywhere within plates and discs, against the distance from each to the flattened outline.
        std::mt19937 random(7);
        const auto between = [&](double low, double high) {
            return std::uniform_real_distribution<double>(low, high)(random);
        };
        for (int k = 0; k < 200; ++k) {
            blank::Blank blank;
            blank.kind = k % 2 ? blank::Kind::disc : blank::Kind::plate;
            blank.width = between(20, 60);
            blank.height = between(20, 60);
            blank.corner = between(0, 15);
            blank.diameter = between(20, 60);
            const plane::Vector size = blank::sizeOf(blank);
            blank.holes = {{between(3, size.x - 3), between(3, size.y - 3), 2}};
            const blank::Hole hole = blank.holes[0];
            blank::Blank whole = blank;
            whole.holes.clear();
            const plane::Vector middle = plane::unitsPerMillimetre * plane::Vector{hole.x, hole.y};
            const plane::Region outline = blank::regionOf(whole);
            double nearest = 1e9;
            const plane::Ring& ring = outline.rings[0];
            for (size_t i = 0; i < ring.size(); ++i)
                nearest =
                    std::min(nearest, plane::distanceToSegment(middle, plane::vectorOf(ring[i]),
                                                               plane::vectorOf(ring[(i + 1) % ring.size()])));
            const double land = plane::contains(outline, plane::onGrid(middle))
                                    ? plane::toMillimetres(nearest) - hole.diameter / 2
                                    : -1;
            const auto lands = blank::landsOf(blank, 100);
            QCOMPARE(lands.size(), size_t(land > 0 ? 1 : 0));
            if (land > 0)
                COMPARE_NEAR(lands[0].width, land, 0.021); // both outlines are flattened within 0.01
        }
    }

    void landsBetweenHolesAreToldInTheirMiddle() {
        blank::Blank blank;
        blank.holes = {{30, 20, 4}, {36.5, 20, 6}, {80, 20, 4}, {82, 20, 4}};
        const auto lands = blank::landsOf(blank, 5);
        QCOMPARE(lands.size(), size_t(1)); // the last two are one hole
        COMPARE_NEAR(lands[0].width, 1.5, 0.011);
        COMPARE_NEAR(lands[0].at.x, 32.75, 0.02);
        blank.kind = blank::Kind::disc;
        blank.diameter = 60;
        blank.centreHole = 10;
        blank.holes = {{30, 41.5, 4}};
        COMPARE_NEAR(blank::landsOf(blank, 5).at(0).width, 4.5, 0.011);
        blank.kind = blank::Kind::none;
        QVERIFY(blank::landsOf(blank, 5).empty());
    }
};
QTEST_APPLESS_MAIN(BlankTest)
#include "blank_test.moc"
