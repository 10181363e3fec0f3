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
                                                             {"Leckerli One", "", {}, 0},
                                                             {"Bollard Mark", "", {}, 0},
                                                             {"Bollard Wake", "", {}, 0},
                                                             {"League Spartan", "Bold", {}, 0, true}};
        card::Inscription made;
        made.words = words();
        made.typeface = faces[random_() % faces.size()];
        made.style.sizeBy = static_cast<setting::SizeBy>(random_() % 5);
        made.style.size = between(6, 30);
        made.style.width = between(60, 140);
        made.style.slant = between(-20, 20);
        made.style.weight = random_() % 2 ? between(-0.2, 0.3) : 0;
        made.style.letterSpace = between(-2, 2);
        made.style.stroke = between(0.2, 2.5);
        made.style.ends = static_cast<plane::Ends>(random_() % 3);
        made.placing.x = between(0, 120);
        made.placing.y = between(0, 45);
        made.placing.turn = random_() % 2 ? between(-180, 180) : 90.0 * double(random_() % 4);
        made.placing.anchor = static_cast<setting::Anchor>(random_() % 9);
        made.placing.reading = static_cast<setting::ReadingSide>(random_() % 3);
        made.working.kind = static_cast<working::Kind>(random_() % working::kinds);
        made.working.height = between(0.4, 4);
        made.working.depth = between(0.2, blank.thickness);
        made.working.bedding = random_() % 2 ? between(0, 1) : 0;
        made.cutsOut = random_() % 5 == 0;
        if (random_() % 2)
            made.baseline = baseline();
        for (auto nudges = random_() % 3; nudges > 0; --nudges)
            made.nudges.push_back({int(nudges), between(-3, 3), between(-3, 3), between(-60, 60),
                                   between(40, 200), between(-1, 2)});
        if (random_() % 4 == 0)
            made.ornament = ornament();
        return made;
    }
    setting::Baseline baseline() {
        setting::Baseline made;
        made.kind = static_cast<setting::BaselineKind>(random_() % 5);
        made.radius = between(8, 60) * (made.kind == setting::BaselineKind::arc && random_() % 2 ? -1 : 1);
        made.atBottom = random_() % 2;
        made.inside = random_() % 2;
        made.closed = random_() % 3 == 0;
        made.offset = between(-4, 4);
        made.slide = between(-20, 20);
        made.bend = random_() % 2;
        for (auto points = 2 + random_() % 3; points > 0; --points)
            made.points.push_back({between(-60, 60),
                                   between(-20, 20),
                                   {between(-20, 0), between(-10, 10)},
                                   {between(0, 20), between(-10, 10)},
                                   random_() % 2 == 0});
        return made;
    }
    setting::Ornament ornament() {
        setting::Ornament made;
        made.kind = static_cast<setting::OrnamentKind>(1 + random_() % (setting::ornamentKinds - 1));
        made.shape = static_cast<setting::FrameShape>(random_() % setting::frameShapes);
        made.width = between(5, 120);
        made.height = between(1, 45);
        made.corner = between(0, 12);
        made.band = between(0.3, 8);
        made.distance = between(0, 8);
        made.around = int(random_() % 3) - 1;
        made.stroke = between(0.3, 3);
        made.scale = between(30, 200);
        const auto place = [&] { // as the card file keeps it
            return plane::Vector{std::round(between(-20e4, 20e4)) / 1e4,
                                 std::round(between(-20e4, 20e4)) / 1e4};
        };
        plane::Contour line{{0, 0}, {}, true};
        for (int i = 0; i < 3; ++i)
            line.segments.push_back({plane::Segment::Kind::cubic, place(), place(), place()});
        plane::Contour area{place(), {}, false};
        for (int i = 0; i < 4; ++i)
            area.segments.push_back({plane::Segment::Kind::line, {}, {}, place()});
        made.artwork.contours = {line, area};
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
            QVERIFY2(first.solid->mesh.triangles == second.solid->mesh.triangles,
                     qPrintable(QString("card %1").arg(i)));
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
