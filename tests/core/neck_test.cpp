// Necks: by hand, and against brute force on random groups of letters, bars and frames.
#include "../sample_cards.hpp"
#include "plane/neck.hpp"
#include <random>
#include <set>

using namespace bollard::plane;
namespace card = bollard::card;
namespace check = bollard::check;
namespace setting = bollard::setting;
namespace working = bollard::working;

namespace {

Region box(int x0, int y0, int x1, int y1) {
    return {{{{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}}}};
}
Region all(const std::vector<Region>& regions) {
    return united(regions);
}
std::vector<Neck> necks(const Region& region, bool inside = true) {
    std::vector<Neck> found = necksOf(medialAxis(region), 100);
    std::erase_if(found, [&](const Neck& neck) { return neck.inside != inside; });
    return found;
}

/// The distance to the nearest boundary, below 0 outside.
class Field {
  public:
    explicit Field(const Region& region) : region_(region) {
        for (const Ring& ring : region.rings)
            for (size_t i = 0; i < ring.size(); ++i)
                sides_.emplace_back(vectorOf(ring[i]), vectorOf(ring[(i + 1) % ring.size()]));
    }
    double clear(Vector p) const {
        double least = 1e18;
        for (const auto& [a, b] : sides_)
            least = std::min(least, distanceToSegment(p, a, b));
        return least;
    }
    /// Going uphill from `p`, how far it is to where the clear distance is as wanted.
    double wayOut(Vector p, Vector heading, double radius, double wanted) const {
        const double step = radius / 40;
        for (double gone = step; gone < 2.5 * radius; gone += step) {
            Vector best = p;
            double highest = -1;
            for (int degrees = -60; degrees <= 60; degrees += 3) {
                const double a = degrees * M_PI / 180;
                const Vector to = p + step * Vector{heading.x * std::cos(a) - heading.y * std::sin(a),
                                                    heading.x * std::sin(a) + heading.y * std::cos(a)};
                if (const double here = clear(to); here > highest) {
                    highest = here;
                    best = to;
                }
            }
            if (highest >= wanted)
                return gone;
            if (highest < radius * 0.98)
                break;
            heading = unit(best - p);
            p = best;
        }
        return 1e18;
    }
    /// The narrowest place that is narrower than on both sides, from all pairs of corners and walls; -1 when
    /// there is none, and `doubtful` when a narrower one grows by hardly as much as it should.
    double narrowest(bool& doubtful) const {
        struct Chord {
            Vector a, b;
        };
        std::vector<Chord> chords;
        for (size_t i = 0; i < sides_.size(); ++i)
            for (size_t k = 0; k < sides_.size(); ++k) {
                const Vector p = sides_[i].first;
                if (k > i)
                    chords.push_back({p, sides_[k].first});
                const Vector foot = nearestOnSegment(p, sides_[k].first, sides_[k].second);
                if (length(foot - sides_[k].first) > 1 && length(foot - sides_[k].second) > 1)
                    chords.push_back({p, foot});
            }
        std::erase_if(chords, [](const Chord& chord) { return length(chord.b - chord.a) < 4; });
        std::ranges::sort(chords, {}, [](const Chord& chord) { return length(chord.b - chord.a); });
        for (const auto& [a, b] : chords) {
            const double radius = length(b - a) / 2;
            const Vector middle = 0.5 * (a + b);
            if (!contains(region_, onGrid(middle)) || clear(middle) < radius * (1 - 1e-9) - 1e-3)
                continue;
            const Vector across = unit(b - a), heading{-across.y, across.x};
            const auto isNeck = [&](double growth, double way) {
                return wayOut(middle, heading, radius, radius + growth) +
                           wayOut(middle, -1.0 * heading, radius, radius + growth) <=
                       way * radius;
            };
            const double wanted = std::max(0.05 * radius, 100.0);
            const bool found = isNeck(wanted, 2);
            doubtful = isNeck(0.7 * wanted, 2.3) != isNeck(1.4 * wanted, 1.7);
            if (doubtful || found)
                return 2 * radius;
        }
        return -1;
    }

  private:
    const Region& region_;
    std::vector<std::pair<Vector, Vector>> sides_;
};

double smallestOf(const check::Measures& measures) {
    const check::Reading* neck = check::narrowest(measures, check::ReadingKind::neck);
    return neck ? neck->width * unitsPerMillimetre : -1;
}

} // namespace

class NeckTest : public QObject {
    Q_OBJECT
  private slots:
    void barsThatOverlapAtACornerAreHeldByItsDiagonal() {
        const auto found = necks(all({box(0, 0, 100000, 20000), box(96000, 17000, 116000, 90000)}));
        QCOMPARE(found.size(), size_t(1));
        COMPARE_NEAR(found[0].width, 5000, 0.5);
        COMPARE_NEAR(found[0].at.x, 98000, 1);
        COMPARE_NEAR(found[0].at.y, 18500, 1);
    }

    void aShortBarBetweenTwoBlocksIsANeckAndALongOneAStroke() {
        for (const int way : {3000, 30000}) {
            const auto found = necks(all({box(0, 0, 40000, 40000), box(39000, 18000, 41000 + way, 22000),
                                          box(40000 + way, 0, 80000 + way, 40000)}));
            QCOMPARE(found.size(), size_t(way == 3000 ? 1 : 0));
            if (!found.empty())
                COMPARE_NEAR(found[0].width, 4000, 0.5);
        }
    }

    void aFreeEndIsNoNeck() {
        QVERIFY(necks(all({box(0, 0, 40000, 40000), box(39000, 18000, 43000, 22000)})).empty());
        QVERIFY(necks(box(0, 0, 40000, 4000)).empty());
    }

    void slantedSidesThatMeetAndPartAreMeasuredWhereTheyAreNearest() {
        // Two wedges, tip in tip: the sides face each other at 100 degrees only.
        const Region glass{
            {{{0, 0}, {40000, 47000}, {80000, 0}, {80000, 100000}, {40000, 53000}, {0, 100000}}}};
        const auto found = necks(glass);
        QCOMPARE(found.size(), size_t(1));
        COMPARE_NEAR(found[0].width, 6000, 0.5);
    }

    void aRingHasANeckWhereItIsThin() {
        Region ring = box(0, 0, 100000, 100000);
        ring.rings.push_back({{70000, 30000}, {30000, 30000}, {2000, 50000}, {30000, 70000}, {70000, 70000}});
        if (areaOf(ring.rings[1]) > 0)
            std::ranges::reverse(ring.rings[1]);
        const auto found = necks(ring);
        QVERIFY(!found.empty());
        double least = 1e9;
        for (const Neck& neck : found)
            least = std::min(least, neck.width);
        COMPARE_NEAR(least, 2000, 0.5);
    }

    void theMouthOfAnOpeningIsOneOfTheSurroundings() {
        Region c = without(box(0, 0, 100000, 100000),
                           all({box(20000, 20000, 80000, 80000), box(79000, 46000, 101000, 54000)}));
        QVERIFY(necks(without(c, box(90000, 0, 101000, 100000)), true).empty());
        const Region thin = without(c, box(84000, 40000, 101000, 60000));
        const auto found = necks(thin, false);
        QCOMPARE(found.size(), size_t(1));
        COMPARE_NEAR(found[0].width, 8000, 0.5);
    }

    void aLetterThatAFrameHoldsIsMeasured() {
        card::Card made = samples::freeStanding("I");
        made.inscriptions[0].style.size = 20;
        made.inscriptions[0].id = "words";
        card::Inscription bar;
        bar.ornament.kind = setting::OrnamentKind::bar;
        bar.ornament.width = 60;
        bar.ornament.height = 4;
        bar.working.kind = working::Kind::freeStanding;
        bar.placing.x = 60;
        made.inscriptions.push_back(bar);
        const auto plain = samples::made(made);
        const Box letter = boxOf(plain.lettering->inscriptions[0].onSide[0]);
        // The letter's foot reaches into the corner of the bar's end.
        card::Inscription& moved = made.inscriptions[1];
        moved.placing.x = 60 + toMillimetres(letter.low.x + 5000) -
                          toMillimetres(boxOf(plain.lettering->inscriptions[1].onSide[0]).high.x);
        moved.placing.y = toMillimetres(letter.low.y + 3000) -
                          toMillimetres(boxOf(plain.lettering->inscriptions[1].onSide[0]).high.y);
        const auto joined = samples::made(made);
        COMPARE_NEAR(smallestOf(*joined.checked->measures), std::hypot(5000, 3000), 20);
        QVERIFY(samples::finding(joined, check::FindingKind::neckNarrow));
    }

    void lettersThatMeetInAPointAreHeldByNothing() {
        card::Card made = samples::freeStanding("");
        made.inscriptions.clear();
        for (const int i : {0, 1}) {
            card::Inscription bar;
            bar.ornament.kind = setting::OrnamentKind::bar;
            bar.ornament.width = 10;
            bar.ornament.height = 4;
            bar.working.kind = working::Kind::freeStanding;
            bar.placing.x = 20 + 10 * i;
            bar.placing.y = 20 + 4 * i;
            made.inscriptions.push_back(bar);
        }
        const auto run = samples::made(made);
        QCOMPARE(smallestOf(*run.checked->measures), 0);
        const check::Finding* finding = samples::finding(run, check::FindingKind::neckNarrow);
        QVERIFY(finding && finding->severity == bollard::process::Severity::stop);
        COMPARE_NEAR(toMillimetres(finding->places[0].at.x), 25, 0.001);
        COMPARE_NEAR(toMillimetres(finding->places[0].at.y), 22, 0.001);
    }

    void randomGroupsHaveTheNecksThatBruteForceFinds() {
        const int rounds = qEnvironmentVariableIntValue("BOLLARD_ROUNDS") > 0
                               ? qEnvironmentVariableIntValue("BOLLARD_ROUNDS")
                               : 12;
        int compared = 0;
        for (int round = 0; round < rounds; ++round) {
            std::mt19937 random(unsigned(round) + 100);
            const auto number = [&](double low, double high) {
                return std::uniform_real_distribution<double>(low, high)(random);
            };
            card::Card made =
                samples::freeStanding(std::string{char('A' + random() % 26), char('a' + random() % 26)});
            made.inscriptions[0].style.size = 14;
            made.inscriptions[0].style.letterSpace = number(-3, 0);
            made.inscriptions[0].typeface.family = random() % 2 ? "League Spartan" : "Dancing Script";
            for (int bars = int(random() % 3) + 1; bars > 0; --bars) {
                card::Inscription bar;
                bar.ornament.kind = random() % 3 ? setting::OrnamentKind::bar : setting::OrnamentKind::frame;
                bar.ornament.width = number(8, 30);
                const bool frame = bar.ornament.kind == setting::OrnamentKind::frame;
                bar.ornament.height = frame ? number(10, 20) : number(0.5, 3);
                bar.ornament.band = number(0.5, 3);
                bar.working.kind = working::Kind::freeStanding;
                bar.placing.x = 60 + number(-12, 12);
                bar.placing.y = 22.5 + number(-10, 10);
                bar.placing.turn = random() % 2 ? number(0, 90) : 0;
                made.inscriptions.push_back(bar);
            }
            const auto run = samples::made(made);
            std::vector<Region> shapes;
            for (const auto& letters : run.lettering->inscriptions)
                for (const Region& region : letters.onSide)
                    shapes.push_back(region);
            const Region whole = united(shapes);
            // Each letter is told once, where it is narrowest.
            if (const check::Finding* told = samples::finding(run, check::FindingKind::neckNarrow)) {
                std::set<std::pair<int, int>> letters;
                for (const check::FindingPlace& place : told->places)
                    letters.emplace(place.inscription, place.letter);
                QCOMPARE(letters.size(), told->places.size());
            }
            bool doubtful = false;
            const double brute = Field(whole).narrowest(doubtful), found = smallestOf(*run.checked->measures);
            if (doubtful)
                continue;
            ++compared;
            // A letter's own necks are those of its curves, which the group has flattened within 0.01 mm.
            QVERIFY2(std::fabs(found - brute) <= 150,
                     qPrintable(QString("round %1: %2 found, %3 by brute force, %4 %5")
                                    .arg(round)
                                    .arg(found)
                                    .arg(brute)
                                    .arg(QString::fromStdString(made.inscriptions[0].words))
                                    .arg(made.inscriptions.size())));
        }
        QVERIFY(compared > rounds / 2);
    }
};

QTEST_GUILESS_MAIN(NeckTest)
#include "neck_test.moc"
