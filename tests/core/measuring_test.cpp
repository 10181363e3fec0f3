// Widths and necks against what geometry says of known shapes, and against brute force on letters.
#include "../sample_cards.hpp"
#include "plane/gap.hpp"
#include "plane/medial_axis.hpp"
#include "plane/neck.hpp"
#include <cmath>
#include <map>

using namespace bollard;
using plane::Region, plane::Ring, plane::Vector, plane::WidthKind, plane::WidthSample;

namespace {

constexpr double mm = plane::unitsPerMillimetre, micrometre = mm / 1000;

Ring polygon(std::initializer_list<Vector> corners, double turn = 0) {
    Ring ring;
    for (const Vector c : corners) {
        const Vector turned{c.x * std::cos(turn) - c.y * std::sin(turn),
                            c.x * std::sin(turn) + c.y * std::cos(turn)};
        ring.push_back(plane::onGrid(mm * turned));
    }
    return ring;
}
Region bar(double width, double length, double turn = 0) {
    const double x = length / 2, y = width / 2;
    return {{polygon({{-x, -y}, {x, -y}, {x, y}, {-x, y}}, turn)}};
}
Ring circle(Vector middle, double radius, int corners, bool hole = false) {
    Ring ring;
    for (int i = 0; i < corners; ++i) {
        const double a = (hole ? -1 : 1) * 2 * M_PI * (i + 0.5) / corners;
        ring.push_back(plane::onGrid(mm * (middle + radius * Vector{std::cos(a), std::sin(a)})));
    }
    return ring;
}
std::vector<WidthSample> widthsOf(const Region& region, WidthKind kind) {
    std::vector<WidthSample> found;
    for (const WidthSample& sample : plane::widthsOf(plane::medialAxis(region), region))
        if (sample.kind == kind)
            found.push_back(sample);
    return found;
}
double nearest(const Region& region, Vector at) {
    double least = 1e18;
    for (const Ring& ring : region.rings)
        for (size_t i = 0; i < ring.size(); ++i) {
            const Vector foot = plane::nearestOnSegment(at, plane::vectorOf(ring[i]),
                                                        plane::vectorOf(ring[(i + 1) % ring.size()]));
            least = std::min(least, plane::length(foot - at));
        }
    return least;
}

} // namespace

class MeasuringTest : public QObject {
    Q_OBJECT
  private slots:
    void barsAreAsWideAsTheyAre() {
        for (const double width : {0.3, 1.0, 7.77})
            for (const double turn : {0.0, 0.3, 1.1}) {
                const auto found = widthsOf(bar(width, 60, turn), WidthKind::stroke);
                QVERIFY(!found.empty());
                for (const WidthSample& sample : found)
                    QVERIFY2(std::fabs(sample.width - width * mm) < micrometre,
                             qPrintable(QString::number(sample.width / mm)));
            }
    }

    void ringsAndTheirCountersAreAsWideAsTheyAre() {
        constexpr int corners = 720;
        const double flat = std::cos(M_PI / corners); // the chords lie so much nearer
        const Region ring{{circle({}, 10, corners), circle({}, 7, corners, true)}};
        const auto strokes = widthsOf(ring, WidthKind::stroke);
        const double least = std::ranges::min(strokes, {}, &WidthSample::width).width;
        QVERIFY2(std::fabs(least - 3 * flat * mm) < micrometre,
                 qPrintable(QString::number(least / mm, 'f', 5)));
        const auto counters = widthsOf(ring, WidthKind::counter);
        QVERIFY(!counters.empty());
        const double across = std::ranges::min(counters, {}, &WidthSample::width).width;
        QVERIFY2(std::fabs(across - 14 * flat * mm) < micrometre,
                 qPrintable(QString::number(across / mm, 'f', 5)));
    }

    void aWedgeIsAsWideAsItIsThere() {
        constexpr double half = 0.02; // radians; tapers by 0.02 of the way
        const Region wedge{{polygon({{20, -20 * std::tan(half)},
                                     {80, -80 * std::tan(half)},
                                     {80, 80 * std::tan(half)},
                                     {20, 20 * std::tan(half)}})}};
        int within = 0;
        for (const WidthSample& sample : widthsOf(wedge, WidthKind::stroke)) {
            const double x = sample.at.x / mm;
            if (x > 74) // the circle touches only the end there
                continue;
            ++within;
            QVERIFY(std::fabs(sample.width - 2 * x * std::sin(half) * mm) < micrometre);
        }
        QVERIFY(within > 0);
    }

    void aTurnedCrossIsAsWideAsItsBars() {
        const Region cross = plane::united(std::vector{bar(2, 40, 0.4), bar(2, 40, 0.4 + M_PI / 2)});
        int within = 0;
        for (const WidthSample& sample : widthsOf(cross, WidthKind::stroke)) {
            const double off = plane::length(sample.at) / mm;
            if (off < 4) // where the bars cross
                continue;
            ++within;
            QVERIFY(std::fabs(sample.width - 2 * mm) < micrometre);
        }
        QVERIFY(within > 0);
    }

    void twoDiscsThatOverlapHaveTheNeckOfTheirLens() {
        constexpr int corners = 4000;
        for (const double apart : {12.0, 15.0, 18.0}) {
            const Region discs = plane::united(std::vector<Region>{{{circle({-apart / 2, 0}, 10, corners)}},
                                                                   {{circle({apart / 2, 0}, 10, corners)}}});
            double least = 1e18;
            for (const plane::Neck& neck : plane::necksOf(plane::medialAxis(discs), 10))
                if (neck.inside)
                    least = std::min(least, neck.width);
            const double lens = 2 * std::sqrt(100 - apart * apart / 4);
            QVERIFY2(std::fabs(least - lens * mm) < micrometre,
                     qPrintable(QString("%1 for %2").arg(least / mm, 0, 'f', 5).arg(lens, 0, 'f', 5)));
        }
    }

    void gapsAndOpeningsAreAsWideAsTheyAre() {
        const Region one = bar(1, 30, 0.2), two = bar(1, 30, 0.2);
        const Vector aside = mm * 2.345 * Vector{-std::sin(0.2), std::cos(0.2)};
        const plane::Gap gap = plane::gapBetween(one, two, plane::onGrid(aside), 1e9, false);
        QVERIFY(std::fabs(gap.least - 1.345 * mm) < micrometre);
        const Region comb{
            {polygon({{0, 0}, {30, 0}, {30, 20}, {16.5, 20}, {16.5, 3}, {13.5, 3}, {13.5, 20}, {0, 20}})}};
        for (const WidthSample& sample : widthsOf(comb, WidthKind::opening))
            if (sample.at.y > 6 * mm && sample.at.y < 18 * mm)
                QVERIFY(std::fabs(sample.width - 3 * mm) < micrometre);
    }

    void lettersAgreeWithBruteForce() {
        // Of strokes the tips are followed inwards, and the width where one ends is no longer that of a
        // place: their own test is that of medial_axis_test.
        const std::string letters = "ABCDEFGHJKLMNOPQRSTUVWXYZabcdefghijkmnopqrstuvw2345";
        int looked = 0;
        for (const auto& [family, style] :
             {std::pair{"League Spartan", "Bold"}, std::pair{"Quicksand", "Bold"},
              std::pair{"Dancing Script", "Bold"}, std::pair{"Leckerli One", "Regular"},
              std::pair{"Allerta", "Stencil"}, std::pair{"GFS Didot", "Regular"}}) {
            card::Card card = samples::freeStanding(letters.substr(0, 50));
            card.inscriptions[0].typeface = {family, style, {}, 0};
            card.inscriptions[0].style.size = 15;
            const auto made = samples::made(card);
            for (const setting::Letter& letter : made.lettering->inscriptions[0].setting->letters) {
                // The narrowest of each kind: what findings are made of.
                std::map<WidthKind, WidthSample> least;
                for (const WidthSample& sample :
                     plane::widthsOf(plane::medialAxis(*letter.region), *letter.region)) {
                    const auto [found, isNew] = least.try_emplace(sample.kind, sample);
                    if (!isNew && sample.width < found->second.width)
                        found->second = sample;
                }
                for (const auto& [kind, sample] : least) {
                    if (kind == WidthKind::stroke)
                        continue;
                    ++looked;
                    const double brute = 2 * nearest(*letter.region, sample.at);
                    QVERIFY2(std::fabs(brute - sample.width) < 5 * micrometre,
                             qPrintable(QString("%1 %2: %3 and %4, kind %5")
                                            .arg(family, QString::fromStdString(letter.text))
                                            .arg(sample.width / mm)
                                            .arg(brute / mm)
                                            .arg(int(kind))));
                }
            }
        }
        QVERIFY2(looked > 300, qPrintable(QString::number(looked)));
    }
};

QTEST_GUILESS_MAIN(MeasuringTest)
#include "measuring_test.moc"
