#include "../sample_cards.hpp"
#include "blank/blank.hpp"

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
};
QTEST_APPLESS_MAIN(BlankTest)
#include "blank_test.moc"
