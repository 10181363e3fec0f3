// No solid crosses itself. CGAL's test is slow to compile, so it has this file to itself.
#include "../hollows.hpp"
#include "../random_cards.hpp"
#include <CGAL/Exact_predicates_inexact_constructions_kernel.h>
#include <CGAL/Polygon_mesh_processing/self_intersections.h>
#include <CGAL/Surface_mesh.h>

using namespace bollard;

namespace {

using Kernel = CGAL::Exact_predicates_inexact_constructions_kernel;
using SurfaceMesh = CGAL::Surface_mesh<Kernel::Point_3>;

/// Where it does, as text; empty where it does not.
QString crossingOf(const body::Mesh& mesh) {
    SurfaceMesh surface;
    for (const body::Vertex& v : mesh.vertices)
        surface.add_vertex({v.x, v.y, v.z});
    for (const auto& t : mesh.triangles)
        if (surface.add_face(SurfaceMesh::Vertex_index(unsigned(t[0])),
                             SurfaceMesh::Vertex_index(unsigned(t[1])),
                             SurfaceMesh::Vertex_index(unsigned(t[2]))) == SurfaceMesh::null_face())
            return QStringLiteral("not a surface");
    if (!CGAL::Polygon_mesh_processing::does_self_intersect(surface))
        return {};
    std::vector<std::pair<SurfaceMesh::Face_index, SurfaceMesh::Face_index>> pairs;
    CGAL::Polygon_mesh_processing::self_intersections(surface, std::back_inserter(pairs));
    QString text = QStringLiteral("%1 pairs;").arg(pairs.size());
    for (const SurfaceMesh::Face_index face : {pairs.front().first, pairs.front().second}) {
        for (const int corner : mesh.triangles[size_t(face)]) {
            const body::Vertex& v = mesh.vertices[size_t(corner)];
            text += QStringLiteral(" (%1 %2 %3)").arg(v.x, 0, 'f', 4).arg(v.y, 0, 'f', 4).arg(v.z, 0, 'f', 4);
        }
        text += QStringLiteral(";");
    }
    return text;
}
bool crossesItself(const body::Mesh& mesh) {
    return !crossingOf(mesh).isEmpty();
}

} // namespace

class SelfCrossingTest : public QObject {
    Q_OBJECT
  private slots:
    void noSolidCrossesItself_data() {
        QTest::addColumn<QString>("family");
        QTest::addColumn<int>("kind");
        for (const char* family :
             {"League Spartan", "Dancing Script", "Leckerli One", "Quicksand", "Allerta", "GFS Didot"})
            for (int kind = 0; kind < working::kinds; ++kind)
                QTest::newRow(qPrintable(QString("%1 %2").arg(family).arg(kind))) << QString(family) << kind;
    }
    void noSolidCrossesItself() {
        QFETCH(QString, family);
        QFETCH(int, kind);
        card::Card card = samples::plate("Gannet & Äñ8@%\nquay fig. B", static_cast<working::Kind>(kind));
        card.blank.corner = 6;
        card.blank.holes = {{8, 22.5, 4}, {30, 22, 7}};
        card.inscriptions[0].typeface = {family.toStdString(), {}, {}, 0};
        card.inscriptions[0].style.letterSpace = -0.6; // letters run into each other
        const auto made = samples::made(card);
        QVERIFY(!made.solid->problem);
        QVERIFY(body::faultsOf(made.solid->mesh).none());
        QVERIFY(!crossesItself(made.solid->mesh));
    }

    /// BOLLARD_ROUNDS tells how many.
    void noSolidThatWordsGoRoundCrossesItself() {
        constexpr unsigned seed = 20261127;
        samples::RandomCards cards(seed);
        card::Pipeline pipeline(samples::catalogue());
        const int asked = qEnvironmentVariableIntValue("BOLLARD_ROUNDS"), rounds = asked ? asked : 60;
        int made = 0, unsettled = 0;
        for (int i = 0; i < rounds; ++i) {
            const card::Card card = cards.nextRound();
            const auto part = pipeline.run(std::make_shared<const card::Card>(card), {});
            const auto tell = [&] {
                for (const QString& line : QString::fromStdString(card::jsonOf(card)).split('\n'))
                    qWarning("%s", qPrintable(line));
            };
            if (part.solid->problem) { // told, and nothing is made
                QVERIFY(part.solid->mesh.empty());
                unsettled += part.solid->problem->kind == quantity::ProblemKind::geometryFailed;
                continue;
            }
            ++made;
            const body::MeshFaults faults = body::faultsOf(part.solid->mesh);
            const QString crossing = faults.none() ? crossingOf(part.solid->mesh) : QString();
            if (!faults.none() || !crossing.isEmpty()) {
                tell();
                qWarning("%s", qPrintable(crossing));
                QFAIL(qPrintable(QString("seed %1, card %2: open %3 crowded %4 pinched %5 flat %6 doubled %7")
                                     .arg(seed)
                                     .arg(i)
                                     .arg(faults.openEdges)
                                     .arg(faults.crowdedEdges)
                                     .arg(faults.pinchedVertices)
                                     .arg(faults.flatTriangles)
                                     .arg(faults.doubledTriangles)));
            }
        }
        qInfo("seed %u: %d of %d made, %d did not settle", seed, made, rounds, unsettled);
        QVERIFY(made * 2 > rounds);
        QVERIFY(unsettled * 50 <= rounds);
    }

    void overlappingWorkingsLeaveNoHollowAndCrossNowhere_data() {
        QTest::addColumn<int>("first");
        QTest::addColumn<int>("second");
        for (int first = 0; first < working::kinds; ++first)
            for (int second = 0; second < working::kinds; ++second)
                QTest::addRow("%s, then %s", working::nameOf(static_cast<working::Kind>(first)).data(),
                              working::nameOf(static_cast<working::Kind>(second)).data())
                    << first << second;
    }
    void overlappingWorkingsLeaveNoHollowAndCrossNowhere() {
        QFETCH(int, first);
        QFETCH(int, second);
        card::Card card = samples::plate("BERTH", static_cast<working::Kind>(first));
        card::Inscription over = samples::plate("8 & @", static_cast<working::Kind>(second)).inscriptions[0];
        over.placing.x += 1.3;
        over.placing.y += 2.1;
        over.working.depth = 1.7;
        over.working.height = 2.3;
        card.inscriptions.push_back(over);
        const auto made = samples::made(card);
        QVERIFY(!made.solid->problem);
        QVERIFY(body::faultsOf(made.solid->mesh).none());
        QVERIFY(!crossesItself(made.solid->mesh));
        QCOMPARE(hollowsOf(made.solid->mesh), 0);
    }
};
QTEST_GUILESS_MAIN(SelfCrossingTest)
#include "self_crossing_test.moc"
