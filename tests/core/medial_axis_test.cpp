#include "../sample_cards.hpp"
#include "plane/medial_axis.hpp"

using namespace bollard::plane;

namespace {

double narrowest(const std::vector<WidthSample>& samples, WidthKind kind) {
    double least = 1e18;
    for (const WidthSample& sample : samples)
        if (sample.kind == kind)
            least = std::min(least, sample.width);
    return least;
}
std::vector<WidthSample> widths(const Region& region) {
    return widthsOf(medialAxis(region), region);
}
Ring box(int x0, int y0, int x1, int y1) {
    return {{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}};
}

} // namespace

class MedialAxisTest : public QObject {
    Q_OBJECT
  private slots:
    void aBarIsAsWideAsItIs() {
        const Region bar{{box(0, 0, 100000, 8000)}};
        COMPARE_NEAR(narrowest(widths(bar), WidthKind::stroke), 8000, 0.1);
    }

    void anElTellsItsThinnerLeg() {
        const Region el{{{{0, 0}, {60000, 0}, {60000, 5000}, {9000, 5000}, {9000, 80000}, {0, 80000}}}};
        COMPARE_NEAR(narrowest(widths(el), WidthKind::stroke), 5000, 0.1);
    }

    void cornersAndPointedEndsAreNotThin() {
        // A wedge from 10,000 down to a point, then a bar: only the bar counts.
        const Region wedge{
            {{{0, 0}, {60000, 5000}, {120000, 5000}, {120000, 15000}, {60000, 15000}, {0, 10000 + 0}}}};
        QVERIFY(narrowest(widths(wedge), WidthKind::stroke) > 9000);
        const Region tip{{{{0, 0}, {40000, -6000}, {100000, -6000}, {100000, 6000}, {40000, 6000}}}};
        COMPARE_NEAR(narrowest(widths(tip), WidthKind::stroke), 12000, 1);
    }

    void aDotIsItsLargestCircle() {
        const Region dot = filled(flattened({{circle({0, 0}, 7000)}}, 1, 5));
        COMPARE_NEAR(narrowest(widths(dot), WidthKind::stroke), 14000, 20);
    }

    void holesAndOpeningsAreMeasuredFromOutside() {
        Ring hole = box(20000, 20000, 80000, 26000);
        std::ranges::reverse(hole);
        const Region frame{{box(0, 0, 100000, 46000), hole}};
        const auto samples = widths(frame);
        COMPARE_NEAR(narrowest(samples, WidthKind::counter), 6000, 0.1);
        COMPARE_NEAR(narrowest(samples, WidthKind::stroke), 20000, 0.1);
        const Region two{{box(0, 0, 10000, 50000), box(13000, 0, 23000, 50000)}};
        COMPARE_NEAR(narrowest(widths(two), WidthKind::bridge), 3000, 0.1);
        const Region u{{{{0, 0},
                         {30000, 0},
                         {30000, 60000},
                         {20000, 60000},
                         {20000, 10000},
                         {10000, 10000},
                         {10000, 60000},
                         {0, 60000}}}};
        COMPARE_NEAR(narrowest(widths(u), WidthKind::opening), 10000, 0.1);
    }

    void stemsOfATypefaceAreMeasuredTrue() {
        // The stem of I is a plain bar: its outline tells its width.
        const auto face = samples::typeface("League Spartan", "Bold");
        const auto glyph = bollard::type::shaped(*face, U"I").front().glyph;
        double low = 1e9, high = -1e9;
        for (const Contour& contour : face->glyph(glyph).outline.contours)
            for (const Segment& segment : contour.segments) {
                low = std::min(low, segment.end.x);
                high = std::max(high, segment.end.x);
            }
        COMPARE_NEAR(narrowest(*face->widths(glyph), WidthKind::stroke), high - low, 0.5);
    }

    void scriptsAreNotCalledThinAtTheirEnds() {
        const auto face = samples::typeface("Quicksand", "Bold");
        for (const char32_t letter : U"acegmnosrtuy") {
            if (!letter)
                continue;
            const auto glyph = bollard::type::shaped(*face, std::u32string(1, letter)).front().glyph;
            const double stroke = narrowest(*face->widths(glyph), WidthKind::stroke) / face->capitalHeight();
            QVERIFY2(stroke > 0.07 && stroke < 0.16,
                     qPrintable(QString("%1: %2").arg(QChar(ushort(letter))).arg(stroke)));
        }
    }

    void aNeedlesWidthChangesByAHairWithItsShape() {
        // Triangles 20 mm long and ever blunter: what counts of the tip grows from nothing to the whole base
        // without a jump.
        double before = -1;
        for (double base = 10000; base <= 40000; base += 50) {
            const Region needle{{{{0, 0}, {200000, -int(base / 2)}, {200000, int(base / 2)}}}};
            const double width = narrowest(widths(needle), WidthKind::stroke);
            QVERIFY(width <= base);
            if (before >= 0)
                QVERIFY2(std::fabs(width - before) < 500, qPrintable(QString::number(base)));
            before = width;
        }
        QVERIFY(before > 20000);
    }
};
QTEST_APPLESS_MAIN(MedialAxisTest)
#include "medial_axis_test.moc"
