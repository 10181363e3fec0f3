#include "../random_cards.hpp"

using namespace bollard;

namespace {

/// What the columns hold, mm3.
double volumeOf(const working::Columns& columns) {
    double volume = 0;
    for (const plane::Triangle& triangle : columns.plan.triangles) {
        const auto corner = [&](size_t k) { return columns.plan.points[size_t(triangle.corners[k])]; };
        const double area = double(plane::turn(corner(0), corner(1), corner(2))) / 2;
        for (const working::Interval& interval : columns.material[size_t(triangle.cell)])
            for (const int p : triangle.corners)
                volume += area * double(columns.high(interval, p) - columns.low(interval, p)) / 3;
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
        samples::RandomCards cards(20261124);
        card::Pipeline pipeline(samples::catalogue());
        const int asked = qEnvironmentVariableIntValue("BOLLARD_ROUNDS"), rounds = asked ? asked : 60;
        int failed = 0;
        for (int i = 0; i < rounds; ++i) {
            const card::Card card = cards.next();
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
            const std::string text = card::jsonOf(card);
            const body::MeshFaults faults = body::faultsOf(made.solid->mesh);
            if (made.solid->problem || !faults.none())
                for (const QString& line : QString::fromStdString(text).split('\n'))
                    qWarning("%s", qPrintable(line)); // messages of failures are cut short
            // Slopes that run through each other again and again may be too much: then it is told.
            if (made.solid->problem) {
                QVERIFY2(made.solid->problem->kind == quantity::ProblemKind::geometryFailed, text.c_str());
                QVERIFY(samples::finding(made, check::FindingKind::solidFailed));
                ++failed;
                continue;
            }
            QVERIFY2(faults.openEdges == 0 && faults.crowdedEdges == 0, text.c_str());
            QVERIFY2(faults.pinchedVertices == 0 && faults.flatTriangles == 0, text.c_str());
            QVERIFY2(faults.doubledTriangles == 0, text.c_str());
            double held = 0;
            for (const body::PanelColumns& part : made.solid->parts())
                held += volumeOf(part.columns);
            QVERIFY2(std::fabs(body::volumeOf(made.solid->mesh) - held) <= 1e-6 * held + 1e-9, text.c_str());
        }
        QVERIFY2(failed * 50 <= rounds, qPrintable(QString("%1 not made").arg(failed)));
    }

    void theSameCardAlwaysMakesTheSamePart() {
        samples::RandomCards cards(7);
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
        samples::RandomCards cards(99);
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
