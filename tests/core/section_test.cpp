// The profile that an upright plane cuts out of a body.
#include "../sample_cards.hpp"
#include "body/section.hpp"
#include <cmath>

using namespace bollard;

namespace {

/// Net of holes, by the even-odd rule: loops within others count against them.
double areaOf(const body::Section& section) {
    double area = 0;
    for (const auto& loop : section.loops)
        for (size_t i = 0; i < loop.size(); ++i) {
            const body::SectionPoint &a = loop[i], &b = loop[(i + 1) % loop.size()];
            area += (a.along * b.z - b.along * a.z) / 2;
        }
    return std::fabs(area);
}

} // namespace

class SectionTest : public QObject {
    Q_OBJECT
  private slots:
    void aPlateIsARectangleWithLevels() {
        const auto made = samples::made(samples::plate(""));
        const body::Section section = body::sectionOf(made.solid->mesh, {0, 20}, {120, 20});
        QCOMPARE(section.loops.size(), size_t(1));
        QVERIFY(std::fabs(areaOf(section) - 120 * 4) < 1e-6);
        QCOMPARE(section.levels, (std::vector<double>{-4, 0}));
        // Askew it is as long as the plate is there.
        const body::Section askew = body::sectionOf(made.solid->mesh, {0, 0}, {45, 45});
        QVERIFY(std::fabs(areaOf(askew) - 45 * std::sqrt(2.0) * 4) < 1e-6);
    }

    void sectionsAddUpToTheVolume() {
        for (const auto kind :
             {working::Kind::raised, working::Kind::sunk, working::Kind::pierced, working::Kind::carved}) {
            const auto made = samples::made(samples::plate("BO8", kind));
            constexpr int slices = 1200;
            double volume = 0;
            for (int i = 0; i < slices; ++i) {
                const double y = 45.0 * (i + 0.5) / slices;
                volume += areaOf(body::sectionOf(made.solid->mesh, {0, y}, {120, y})) * 45 / slices;
            }
            const double whole = body::volumeOf(made.solid->mesh);
            QVERIFY2(std::fabs(volume - whole) < 1e-4 * whole, qPrintable(QString::number(volume / whole)));
        }
    }

    void floorHeightAndTieAreLevels() {
        card::Card card = samples::plate("I", working::Kind::raised);
        const auto made = samples::made(card);
        const body::Section section = body::sectionOf(made.solid->mesh, {0, 22}, {120, 22});
        QVERIFY(std::ranges::find(section.levels, 1.6) != section.levels.end());
        card.inscriptions[0].working.kind = working::Kind::sunk;
        const auto sunk = samples::made(card);
        const body::Section floor = body::sectionOf(sunk.solid->mesh, {0, 22}, {120, 22});
        QVERIFY(std::ranges::find(floor.levels, -0.8) != floor.levels.end());
    }

    void nothingIsCutWhereThereIsNothing() {
        const auto made = samples::made(samples::plate(""));
        QVERIFY(body::sectionOf(made.solid->mesh, {0, 100}, {120, 100}).loops.empty());
        QVERIFY(body::sectionOf(made.solid->mesh, {5, 5}, {5, 5}).loops.empty());
        QVERIFY(body::sectionOf({}, {0, 0}, {1, 0}).loops.empty());
    }
};

QTEST_GUILESS_MAIN(SectionTest)
#include "section_test.moc"
