#include "../sample_cards.hpp"
#include <random>

using namespace bollard;

namespace {

/// Random but repeatable: words, faces, sizes, forms, places, turns and workings of all kinds.
class RandomCards {
  public:
    explicit RandomCards(unsigned seed) : random_(seed) {}

    card::Card next() {
        card::Card card;
        card.blank.kind = static_cast<blank::Kind>(random_() % 3);
        card.blank.thickness = between(1, 6);
        card.blank.corner = between(0, 10);
        for (auto holes = random_() % 3; holes > 0; --holes)
            card.blank.holes.push_back({between(0, 120), between(0, 45), between(1, 8)});
        for (auto count = 1 + random_() % 3; count > 0; --count)
            card.inscriptions.push_back(inscription(card.blank));
        card.process.nozzle = between(0.2, 0.8);
        return card;
    }

  private:
    double between(double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random_);
    }
    std::string words() {
        static const std::vector<std::string> some{"B",    "tide & quay", "O8", "BERTH\n14",
                                                   "Ägir", "%§",          "il", "ff"};
        return some[random_() % some.size()];
    }
    card::Inscription inscription(const blank::Blank& blank) {
        static const std::vector<type::TypefaceChoice> faces{{"League Spartan", "Bold", {}, 0},
                                                             {"Dancing Script", "Bold", {}, 0},
                                                             {"GFS Didot", "", {}, 0},
                                                             {"Leckerli One", "", {}, 0}};
        card::Inscription made;
        made.words = words();
        made.typeface = faces[random_() % faces.size()];
        made.style.sizeBy = static_cast<setting::SizeBy>(random_() % 5);
        made.style.size = between(6, 30);
        made.style.width = between(60, 140);
        made.style.slant = between(-20, 20);
        made.style.weight = random_() % 2 ? between(-0.2, 0.3) : 0;
        made.style.letterSpace = between(-2, 2);
        made.placing.x = between(0, 120);
        made.placing.y = between(0, 45);
        made.placing.turn = random_() % 2 ? between(-180, 180) : 90.0 * double(random_() % 4);
        made.placing.anchor = static_cast<setting::Anchor>(random_() % 9);
        made.placing.reading = static_cast<setting::ReadingSide>(random_() % 3);
        made.working.kind = static_cast<working::Kind>(random_() % 4);
        made.working.height = between(0.4, 4);
        made.working.depth = between(0.2, blank.thickness);
        made.working.bedding = random_() % 2 ? between(0, 1) : 0;
        return made;
    }

    std::mt19937 random_;
};

/// What the columns hold, mm3.
double volumeOf(const working::Columns& columns) {
    double volume = 0;
    for (const plane::Triangle& triangle : columns.plan.triangles) {
        const auto corner = [&](size_t k) { return columns.plan.points[size_t(triangle.corners[k])]; };
        const double area = double(plane::turn(corner(0), corner(1), corner(2))) / 2;
        for (const working::Interval& interval : columns.material[size_t(triangle.cell)])
            volume += area * double(interval.high - interval.low);
    }
    const double unit = plane::unitsPerMillimetre;
    return volume / (unit * unit * unit);
}

} // namespace

/// Whatever a card asks for, the solid is sound; a failure prints the card to try again with.
class RandomCardTest : public QObject {
    Q_OBJECT
  private slots:
    void everySolidIsClosedAndHoldsWhatItsColumnsHold() {
        RandomCards cards(20261124);
        card::Pipeline pipeline(samples::catalogue());
        for (int i = 0; i < 60; ++i) {
            const card::Card card = cards.next();
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
            const std::string text = card::jsonOf(card);
            QVERIFY2(!made.solid->problem, text.c_str());
            const body::MeshFaults faults = body::faultsOf(made.solid->mesh);
            QVERIFY2(faults.openEdges == 0 && faults.crowdedEdges == 0, text.c_str());
            QVERIFY2(faults.pinchedVertices == 0 && faults.flatTriangles == 0, text.c_str());
            QVERIFY2(faults.doubledTriangles == 0, text.c_str());
            const double held = volumeOf(made.solid->columns);
            QVERIFY2(std::fabs(body::volumeOf(made.solid->mesh) - held) <= 1e-6 * held + 1e-9, text.c_str());
        }
    }

    void theSameCardAlwaysMakesTheSamePart() {
        RandomCards cards(7);
        card::Pipeline kept(samples::catalogue());
        for (int i = 0; i < 12; ++i) {
            const card::Card card = cards.next();
            const auto again = card::cardFromJson(card::jsonOf(card));
            QVERIFY(again);
            const auto first = kept.run(std::make_shared<const card::Card>(card), {});
            const auto second = samples::made(*again);
            QVERIFY(first.solid->mesh.triangles == second.solid->mesh.triangles);
            QCOMPARE(first.checked->findings.size(), second.checked->findings.size());
        }
    }

    void everyFindingPointsAtWhatItMeasures() {
        RandomCards cards(99);
        card::Pipeline pipeline(samples::catalogue());
        for (int i = 0; i < 30; ++i) {
            const card::Card card = cards.next();
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
            check::Severity last = check::Severity::stop;
            for (const check::Finding& finding : made.checked->findings) {
                QVERIFY(finding.severity <= last); // worst first
                last = finding.severity;
                QVERIFY(finding.inscription >= -1 && finding.inscription < int(card.inscriptions.size()));
                for (const check::FindingPlace& place : finding.places) {
                    QVERIFY(std::isfinite(place.at.x) && std::isfinite(place.at.y));
                    QVERIFY(std::fabs(plane::toMillimetres(place.at.x)) < 1000);
                }
            }
        }
    }
};
QTEST_APPLESS_MAIN(RandomCardTest)
#include "random_card_test.moc"
