#include "../sample_cards.hpp"
#include "blank/blank.hpp"
#include <random>

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
                COMPARE_NEAR(lands[0].width, land, 0.011); // the outline is flattened within 0.01
        }
    }

    void landsBetweenHolesAreToldInTheirMiddle() {
        blank::Blank blank;
        blank.holes = {{30, 20, 4}, {36.5, 20, 6}, {80, 20, 4}, {82, 20, 4}};
        const auto lands = blank::landsOf(blank, 5);
        QCOMPARE(lands.size(), size_t(1)); // the last two are one hole
        COMPARE_NEAR(lands[0].width, 1.5, 1e-12);
        COMPARE_NEAR(lands[0].at.x, 32.75, 1e-12);
        blank.kind = blank::Kind::disc;
        blank.diameter = 60;
        blank.centreHole = 10;
        blank.holes = {{30, 41.5, 4}};
        COMPARE_NEAR(blank::landsOf(blank, 5).at(0).width, 4.5, 1e-12);
        blank.kind = blank::Kind::none;
        QVERIFY(blank::landsOf(blank, 5).empty());
    }
};
QTEST_APPLESS_MAIN(BlankTest)
#include "blank_test.moc"
