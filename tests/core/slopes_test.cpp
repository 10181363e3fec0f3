// Material whose ends slope: every combination is one closed body without hollows, and holds what it should.
#include "../boxes.hpp"
#include "../hollows.hpp"
#include "body/faults.hpp"
#include "body/pieces.hpp"
#include "plane/gap.hpp"
#include "working/changes.hpp"
#include <QtTest>
#include <map>
#include <random>

using namespace bollard;
using working::Change, working::Substance;

namespace {

const plane::Region plate{{box(0, 0, 30, 20)}};
constexpr double thickness = 3;

Change raised(plane::Region region, working::Profile top) {
    return {std::move(region), Change::Does::add,  working::levelAt(-0.4),
            std::move(top),    Substance::letters, Change::Reaches::down};
}
Change around(Change change) {
    change.outside = true;
    return change;
}
Change grooved(plane::Region region, working::Profile floor) {
    return {std::move(region),  Change::Does::take, std::move(floor), {{{0, working::farUp}}}, {},
            Change::Reaches::no};
}

/// What stands over one place after all changes, mm, worked out number by number.
double heldAt(const std::vector<Change>& changes,
              const std::vector<std::unique_ptr<plane::BoundaryIndex>>& edges, plane::Point p) {
    std::vector<std::pair<double, double>> held;
    for (size_t i = 0; i < changes.size(); ++i) {
        const double inset = edges[i]->distanceTo(plane::vectorOf(p), 300000);
        const bool within = plane::contains(changes[i].region, p);
        if (changes[i].outside ? within || inset > changes[i].reach() : !within)
            continue;
        double low = changes[i].floor.at(inset);
        const double high = changes[i].roof.at(inset);
        if (changes[i].reaches == Change::Reaches::down) {
            double below = low;
            bool standing = false;
            for (const auto& [l, h] : held) {
                if (h < low && (below == low || h > below))
                    below = h;
                standing |= l <= low && low <= h;
            }
            low = standing ? low : below;
        }
        if (low >= high)
            continue;
        std::vector<std::pair<double, double>> left;
        for (const auto& [l, h] : held) {
            if (l < low)
                left.emplace_back(l, std::min(h, low));
            if (h > high)
                left.emplace_back(std::max(l, high), h);
        }
        if (changes[i].does == Change::Does::add)
            left.emplace_back(low, high);
        held = left;
    }
    double sum = 0;
    for (const auto& [l, h] : held)
        sum += h - l;
    return sum / plane::unitsPerMillimetre;
}

double volumeBySampling(const std::vector<Change>& changes, double step) {
    std::vector<std::unique_ptr<plane::BoundaryIndex>> edges;
    for (const Change& change : changes)
        edges.push_back(std::make_unique<plane::BoundaryIndex>(change.region));
    double volume = 0;
    for (double x = -20 + step / 2; x < 55; x += step)
        for (double y = -20 + step / 2; y < 50; y += step)
            volume += step * step * heldAt(changes, edges, {plane::toUnits(x), plane::toUnits(y)});
    return volume;
}

QString faultIn(const std::vector<Change>& changes) {
    const auto columns = working::columnsOf(changes);
    if (!columns)
        return "not made: " + QString::fromStdString(columns.problem().detail);
    const body::Mesh mesh = body::meshOf(*columns);
    for (const auto selection :
         {body::Selection::everything, body::Selection::blank, body::Selection::letters}) {
        const body::MeshFaults f = body::faultsOf(body::meshOf(*columns, selection));
        if (!f.none())
            return QString("selection %1: open %2 crowded %3 pinched %4 flat %5 doubled %6")
                .arg(int(selection))
                .arg(f.openEdges)
                .arg(f.crowdedEdges)
                .arg(f.pinchedVertices)
                .arg(f.flatTriangles)
                .arg(f.doubledTriangles);
    }
    double held = 0;
    for (const body::Piece& piece : body::piecesOf(*columns).pieces)
        held += piece.volume;
    if (const double volume = body::volumeOf(mesh); std::fabs(volume - held) > 1e-6 * held)
        return QString("volume %1, held %2").arg(volume).arg(held);
    return hollowsOf(mesh) ? "a hollow is shut in" : QString();
}

class Random {
  public:
    explicit Random(unsigned seed) : engine_(seed) {}
    double between(double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(engine_);
    }
    int below(int count) { return int(engine_() % unsigned(count)); }

    plane::Region region() {
        std::vector<plane::Region> parts;
        for (int i = 0; i < 2; ++i) {
            const double x = between(-3, 26), y = between(-3, 16);
            plane::Region part{{box(x, y, x + between(0.6, 9), y + between(0.6, 9))}};
            if (below(2))
                part = plane::turned(part, between(0, 90), {plane::toUnits(between(0, 20)), 0});
            parts.push_back(part);
        }
        return plane::united(parts);
    }
    Change change() {
        const double size = between(0.2, 0.9);
        switch (below(11)) {
        case 8:
            return around(grooved(region(), working::chamferedMouth(size, between(20, 60))));
        case 9:
            return around(grooved(region(), working::roundedMouth(size, 0.05)));
        case 10: {
            Change foot = raised(region(), working::filletedFoot(size, 0.05));
            foot.floor = working::levelAt(0);
            foot.reaches = Change::Reaches::no;
            return around(foot);
        }
        case 0:
            return raised(region(), working::levelAt(between(0.5, 2)));
        case 1:
            return raised(region(), working::chamferedTop(between(1, 2), size));
        case 2:
            return raised(region(), working::roundedTop(between(1, 2), size, 0.05));
        case 3:
            return raised(region(), working::draftedTop(between(1, 2), between(3, 30)));
        case 4:
            return grooved(region(), working::levelAt(-between(0.3, 4)));
        case 5:
            return grooved(region(), working::carvedFloor(between(0.5, 5), between(20, 100)));
        case 6:
            return grooved(region(), {{{0, working::farDown}}});
        default: {
            working::Profile leaning = working::draftedTop(between(0.5, 2), between(3, 30));
            for (auto& step : leaning.steps)
                step.height = -step.height;
            return grooved(region(), leaning);
        }
        }
    }

  private:
    std::mt19937 engine_;
};

} // namespace

class SlopesTest : public QObject {
    Q_OBJECT
  private slots:
    void aCutReachesAllThatIsThere() {
        const plane::Region low{{box(5, 5, 15, 15)}}, over{{box(8, 8, 12, 12)}};
        const std::vector<Change> sunkOverRaised{working::changesOf(plate, thickness).front(),
                                                 raised(low, working::levelAt(1)),
                                                 grooved(over, working::levelAt(-1))};
        QCOMPARE(faultIn(sunkOverRaised), QString());
        const double volume = body::volumeOf(body::meshOf(*working::columnsOf(sunkOverRaised)));
        QVERIFY(std::fabs(volume - (30 * 20 * 3 + 100 * 1 - 16 * 2)) < 1e-6);
        // The other way round the letter stands on the floor of the cut.
        const std::vector<Change> raisedOverSunk{working::changesOf(plate, thickness).front(),
                                                 grooved(over, working::levelAt(-1)),
                                                 raised(low, working::levelAt(1))};
        QCOMPARE(faultIn(raisedOverSunk), QString());
        QVERIFY(std::fabs(body::volumeOf(body::meshOf(*working::columnsOf(raisedOverSunk))) -
                          (30 * 20 * 3 + 100 * 1)) < 1e-6);
    }

    void aChamferIsExactOnStraightEdges() {
        const std::vector<Change> changes{working::changesOf(plate, thickness).front(),
                                          raised({{box(5, 5, 15, 11)}}, working::chamferedTop(2, 0.5))};
        QCOMPARE(faultIn(changes), QString());
        // A frustum of 10 x 6 on a prism.
        const double frustum = 0.5 / 6 * (60 + 9 * 5 + 4 * 9.5 * 5.5);
        QVERIFY(std::fabs(body::volumeOf(body::meshOf(*working::columnsOf(changes))) -
                          (1800 + 60 * 1.5 + frustum)) < 1e-6);
    }

    void aMouthIsCutExactlyRoundACut() {
        // An L: at its inner corner the mouth's two slopes meet in a valley, at the others they turn.
        const plane::Region corner =
            plane::united(std::vector<plane::Region>{{{box(5, 5, 15, 7)}}, {{box(5, 5, 7, 15)}}});
        const std::vector<Change> changes{working::changesOf(plate, thickness).front(),
                                          grooved(corner, working::levelAt(-2)),
                                          around(grooved(corner, working::chamferedMouth(0.5)))};
        QCOMPARE(faultIn(changes), QString());
        // Along 40 mm of edges a triangle; at five corners a cone's quarter, at the inner one a pyramid less.
        const double along = 40 * 0.125, cones = 5 * M_PI / 4 * 0.25 * 0.5 / 3, inner = 0.25 * 0.5 / 3;
        const double expected = 1800 - 36 * 2 - along - cones + inner;
        const double volume = body::volumeOf(body::meshOf(*working::columnsOf(changes)));
        QVERIFY2(std::fabs(volume - expected) < 2e-3, qPrintable(QString("%1 %2").arg(volume).arg(expected)));
    }

    void aStrokeNarrowerThanItsChamfersEndsInARidge() {
        const std::vector<Change> changes{working::changesOf(plate, thickness).front(),
                                          raised({{box(5, 5, 25, 5.8)}}, working::chamferedTop(2, 0.5))};
        QCOMPARE(faultIn(changes), QString());
        QVERIFY(std::fabs(body::extentOf(body::meshOf(*working::columnsOf(changes))).high.z - 1.9) < 1e-9);
    }

    void aCarvedStrokeDeeperThanThePlateIsOpenBelow() {
        const std::vector<Change> changes{working::changesOf(plate, thickness).front(),
                                          grooved({{box(5, 5, 25, 13)}}, working::carvedFloor(9, 60))};
        QCOMPARE(faultIn(changes), QString());
        // What is taken is a frustum down to the back, where it is open by 3 tan 30 less on each side.
        const double in = 3 * std::tan(M_PI / 6), top = 20 * 8.0, bottom = (20 - 2 * in) * (8 - 2 * in);
        const double middle = (20 - in) * (8 - in);
        const double taken = 3.0 / 6 * (top + 4 * middle + bottom);
        QVERIFY(std::fabs(body::volumeOf(body::meshOf(*working::columnsOf(changes))) - (1800 - taken)) <
                0.01);
    }

    void slopesThatRunThroughEachOtherAreCutThere() {
        const std::vector<Change> changes{working::changesOf(plate, thickness).front(),
                                          raised({{box(5, 5, 20, 12)}}, working::draftedTop(2, 40)),
                                          raised({{box(10, 3, 17, 18)}}, working::draftedTop(1.5, 50)),
                                          grooved({{box(12, 2, 15, 19)}}, working::carvedFloor(2, 80))};
        QCOMPARE(faultIn(changes), QString());
        const double volume = body::volumeOf(body::meshOf(*working::columnsOf(changes)));
        const double sampled = volumeBySampling(changes, 0.05);
        QVERIFY2(std::fabs(volume - sampled) < 0.5, qPrintable(QString("%1 %2").arg(volume).arg(sampled)));
    }

    void whateverOverlapsIsOneClosedBodyOfTheRightVolume() {
        const int rounds = qEnvironmentVariableIntValue("BOLLARD_ROUNDS")
                               ? qEnvironmentVariableIntValue("BOLLARD_ROUNDS")
                               : 150;
        int notMade = 0;
        for (int seed = 0; seed < rounds; ++seed) {
            Random random{unsigned(seed)};
            std::vector<Change> changes{working::changesOf(plate, thickness).front()};
            for (int i = 2 + random.below(3); i > 0; --i)
                changes.push_back(random.change());
            const QString fault = faultIn(changes);
            if (fault.startsWith("not made")) {
                ++notMade;
                qInfo() << seed << fault;
                continue;
            }
            QVERIFY2(fault.isEmpty(), qPrintable(QString("seed %1: %2").arg(seed).arg(fault)));
            if (seed % 10)
                continue;
            const double volume = body::volumeOf(body::meshOf(*working::columnsOf(changes)));
            const double sampled = volumeBySampling(changes, 0.1);
            QVERIFY2(std::fabs(volume - sampled) < 0.01 * sampled,
                     qPrintable(QString("seed %1: %2, sampled %3").arg(seed).arg(volume).arg(sampled)));
        }
        QVERIFY2(notMade * 50 <= rounds, qPrintable(QString("%1 not made").arg(notMade)));
    }
};
QTEST_APPLESS_MAIN(SlopesTest)
#include "slopes_test.moc"
