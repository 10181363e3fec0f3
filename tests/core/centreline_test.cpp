#include "../sample_cards.hpp"
#include "plane/centreline.hpp"
#include <random>

using namespace bollard;
using plane::Contour, plane::Vector;

namespace {

std::shared_ptr<const type::Typeface> centreline(const char* family, const char* style = "") {
    return *samples::catalogue()->open({family, style, {}, 0, true});
}

const type::Glyph& glyphOf(const type::Typeface& typeface, char32_t letter) {
    return typeface.glyph(type::shaped(typeface, std::u32string_view(&letter, 1)).front().glyph);
}

double distanceTo(const std::vector<plane::Line>& lines, Vector p) {
    double least = 1e18;
    for (const plane::Line& line : lines)
        for (size_t i = 0; i < line.size(); ++i)
            least = std::min(
                least, plane::distanceToSegment(p, plane::vectorOf(line[i]),
                                                plane::vectorOf(line[std::min(i + 1, line.size() - 1)])));
    return least;
}

/// The farthest that any point of `these` lies from `those`, ends of open lines left out up to `ends`.
double farthest(const std::vector<plane::Line>& these, const std::vector<plane::Line>& those, double ends) {
    double most = 0;
    for (const plane::Line& line : these) {
        const bool closed = line.size() > 2 && line.front() == line.back();
        for (size_t i = 0; i + 1 < line.size(); ++i)
            for (int part = 0; part <= 10; ++part) {
                const Vector a = plane::vectorOf(line[i]), b = plane::vectorOf(line[i + 1]);
                const Vector p = a + (part / 10.0) * (b - a);
                const bool atEnd = !closed && (plane::length(p - plane::vectorOf(line.front())) < ends ||
                                               plane::length(p - plane::vectorOf(line.back())) < ends);
                if (!atEnd)
                    most = std::max(most, distanceTo(those, p));
            }
    }
    return most;
}

constexpr double fine = 20;
constexpr double mm = plane::unitsPerMillimetre;

plane::Line line(std::initializer_list<Vector> places) {
    plane::Line made;
    for (const Vector place : places)
        made.push_back({plane::toUnits(place.x), plane::toUnits(place.y)});
    return made;
}

std::vector<plane::Line> middleOf(const std::vector<plane::Line>& strokes, double width, plane::Ends ends) {
    return plane::lines(plane::centrelineOf(plane::stroked(strokes, width, ends), fine), 1, fine);
}

} // namespace

/// Middle lines of strokes, held against strokes that are known.
class CentrelineTest : public QObject {
    Q_OBJECT
  private slots:
    void strokesComeBackAsTheLinesTheyWereDrawnFrom_data() {
        QTest::addColumn<double>("width");
        QTest::addColumn<plane::Ends>("ends");
        for (const double width : {0.6, 1.2, 1.8}) {
            QTest::addRow("%.1f round", width) << width << plane::Ends::round;
            QTest::addRow("%.1f flat", width) << width << plane::Ends::flat;
            QTest::addRow("%.1f square", width) << width << plane::Ends::square;
        }
    }
    void strokesComeBackAsTheLinesTheyWereDrawnFrom() {
        QFETCH(double, width);
        QFETCH(plane::Ends, ends);
        const auto face = samples::typeface("Bollard Mark");
        const double scale = 10 * mm / face->capitalHeight();
        for (const char32_t letter : std::u32string_view(U"ACDEFHIJLMNOSTUVWXYZcolv0127/+-=")) {
            const std::vector<plane::Line> drawn = plane::lines(glyphOf(*face, letter).outline, scale, fine);
            const std::vector<plane::Line> found = middleOf(drawn, width * mm, ends);
            const QByteArray name = QString::fromUcs4(&letter, 1).toUtf8();
            QVERIFY2(!found.empty(), name);
            // Where strokes meet, the meeting place is a matter of taste within the stroke.
            const double off = farthest(found, drawn, 0) / (width * mm);
            QVERIFY2(off < 0.3, qPrintable(QString("%1: off by %2 of the width").arg(name).arg(off)));
            const double missed = farthest(drawn, found, 1.05 * width * mm) / (width * mm);
            QVERIFY2(missed < 0.45, qPrintable(QString("%1: misses %2 of the width").arg(name).arg(missed)));
        }
    }

    void acuteCornersArePointed() {
        for (const double angle : {12.0, 20.0, 35.0, 50.0, 80.0, 110.0})
            for (const double turn : {0.0, 31.0, 90.0}) {
                const auto at = [&](double degrees) {
                    const double a = (degrees + turn) * M_PI / 180;
                    return Vector{20 * std::cos(a), 20 * std::sin(a)};
                };
                const auto found =
                    middleOf({line({at(-angle / 2), {0, 0}, at(angle / 2)})}, mm, plane::Ends::flat);
                const QByteArray told = QString("%1 turned %2").arg(angle).arg(turn).toUtf8();
                QVERIFY2(found.size() == 1, told);
                QVERIFY2(distanceTo(found, {0, 0}) < 0.15 * mm,
                         told); // rounded corners are a little less far out
                QVERIFY2(farthest(found, {line({at(-angle / 2), {0, 0}, at(angle / 2)})}, 0) < 0.15 * mm,
                         told);
            }
    }

    void strokesThatCrossGoOn() {
        const auto count = [](std::initializer_list<plane::Line> strokes) {
            return middleOf(strokes, mm, plane::Ends::flat).size();
        };
        QCOMPARE(count({line({{0, 0}, {0, 10}}), line({{-5, 5}, {5, 5}})}), size_t{2});   // a cross
        QCOMPARE(count({line({{0, 0}, {6, 10}}), line({{6, 0}, {0, 10}})}), size_t{2});   // X
        QCOMPARE(count({line({{0, 0}, {0, 10}}), line({{-5, 10}, {5, 10}})}), size_t{2}); // T
        QCOMPARE(count({line({{0, 0}, {0, 10}}), line({{0, 5}, {8, 5}}), line({{8, 0}, {8, 10}})}),
                 size_t{3}); // H
    }

    void ringsAreClosedAndDotsAreDots() {
        plane::Outline ring{{plane::circle({0, 0}, 10 * mm)}};
        const auto found = plane::centrelineOf(
            plane::stroked(plane::lines(ring, 1, fine), 2 * mm, plane::Ends::round), fine);
        QCOMPARE(found.contours.size(), size_t{1});
        QVERIFY(!found.contours[0].open);
        for (const plane::Segment& segment : found.contours[0].segments)
            COMPARE_NEAR(plane::length(segment.end), 10 * mm, 2 * fine);
        const auto dot = plane::centrelineOf(
            plane::filled(plane::flattened({{plane::circle({3 * mm, 4 * mm}, mm)}}, 1, fine)), fine);
        QCOMPARE(dot.contours.size(), size_t{1});
        QVERIFY(plane::length(dot.contours[0].start - Vector{3 * mm, 4 * mm}) < 0.05 * mm);
        QVERIFY(plane::centrelineOf({}, fine).contours.empty());
    }

    void centrelinesOfASansAreItsStrokes() {
        const auto face = centreline("DejaVu Sans", "Book");
        QVERIFY(face->singleLine());
        const auto count = [&](char32_t letter, bool open) {
            return std::ranges::count_if(glyphOf(*face, letter).outline.contours,
                                         [&](const Contour& c) { return c.open == open; });
        };
        QCOMPARE(count(U'I', true), 1);
        QCOMPARE(count(U'O', false), 1);
        QCOMPARE(count(U'O', true), 0);
        QCOMPARE(count(U'H', true), 3); // two stems and the bar
        QCOMPARE(count(U'S', true), 1);
        QCOMPARE(count(U'i', true), 2); // with its dot
        // A stem's middle line is straight up and half a stem from both sides.
        const Contour& stem = glyphOf(*face, U'I').outline.contours.front();
        COMPARE_NEAR(stem.segments.back().end.x - stem.start.x, 0, 1);
        // Set with the width of its strokes it covers nearly the letters it comes from.
        setting::TextStyle style;
        style.size = 20;
        const auto solid = setting::set("RAMS", samples::typeface("DejaVu Sans", "Book"), style);
        style.stroke = check::thinnestStroke(solid);
        QVERIFY(style.stroke > 1);
        COMPARE_NEAR(setting::measureOf(setting::set("H", face, style), setting::SizeBy::capital), 20, 1e-6);
    }

    void centrelinesStayInsideTheirStrokes() {
        const auto drawn = samples::typeface("DejaVu Sans", "Book");
        constexpr double scale = 50;
        for (const char32_t letter : U"IOAMRS8&@BEKQgkx5") {
            if (letter == 0)
                continue;
            const auto glyph = type::shaped(*drawn, std::u32string_view(&letter, 1)).front().glyph;
            const auto region = drawn->region(glyph, scale);
            for (const plane::Line& line : plane::lines(plane::centrelineOf(*region, 100), 1, 20))
                for (const plane::Point p : line)
                    QVERIFY2(plane::contains(*region, p), qPrintable(QString::fromUcs4(&letter, 1)));
        }
    }

    void tipsReachAsFarAsOtherStrokes() {
        for (const char* family : {"DejaVu Sans", "Inter", "League Spartan", "Quicksand"}) {
            const auto face = centreline(family);
            const auto top = [&](char32_t letter) {
                double most = -1e9;
                for (const plane::Line& line : plane::lines(glyphOf(*face, letter).outline, 10, 1))
                    for (const plane::Point p : line)
                        most = std::max(most, double(p.y) / 10);
                return most;
            };
            for (const char32_t letter : std::u32string_view(U"AMN4W")) {
                const double share = top(letter) / top(U'H');
                QVERIFY2(
                    share > 0.93 && share < 1.07,
                    qPrintable(
                        QString("%1 of %2: %3").arg(QString::fromUcs4(&letter, 1)).arg(family).arg(share)));
            }
        }
    }

    void everyGlyphOfAnyFaceHasMiddleLinesWithinIt() {
        for (const char* family :
             {"League Spartan", "Dancing Script", "GFS Didot", "Allerta", "EB Garamond"}) {
            const auto drawn = samples::typeface(family);
            QVERIFY2(drawn, family);
            for (char32_t letter = 0x21; letter < 0x180; ++letter) {
                const auto shaped = type::shaped(*drawn, std::u32string_view(&letter, 1));
                const auto region = drawn->region(shaped.front().glyph, 20);
                if (region->empty())
                    continue;
                const auto found = plane::lines(plane::centrelineOf(*region, 100), 1, 50);
                QVERIFY(!found.empty());
                const plane::Box box = plane::boxOf(*region);
                for (const plane::Line& line : found)
                    for (const plane::Point p : line)
                        QVERIFY2(p.x >= box.low.x && p.x <= box.high.x && p.y >= box.low.y &&
                                     p.y <= box.high.y,
                                 qPrintable(QString("%1 U+%2 at %3, %4 in %5..%6, %7..%8")
                                                .arg(family)
                                                .arg(uint(letter), 4, 16)
                                                .arg(p.x / 20)
                                                .arg(p.y / 20)
                                                .arg(box.low.x / 20)
                                                .arg(box.high.x / 20)
                                                .arg(box.low.y / 20)
                                                .arg(box.high.y / 20)));
            }
        }
    }

    void anyTangleOfStrokesIsHarmless() {
        std::mt19937 random(20261125);
        const auto between = [&](double low, double high) {
            return std::uniform_real_distribution<double>(low, high)(random);
        };
        for (int round = 0; round < 60; ++round) {
            std::vector<plane::Line> strokes;
            for (auto count = 1 + random() % 5; count > 0; --count) {
                plane::Line stroke;
                for (auto corners = 1 + random() % 5; corners > 0; --corners)
                    stroke.push_back({plane::toUnits(between(0, 20)), plane::toUnits(between(0, 20))});
                strokes.push_back(std::move(stroke));
            }
            const double width = between(0.2, 3) * mm;
            const auto region = plane::stroked(strokes, width, static_cast<plane::Ends>(random() % 3));
            if (region.empty())
                continue;
            const auto found = plane::lines(plane::centrelineOf(region, 100), 1, 50);
            QVERIFY(!found.empty());
            for (const plane::Line& line : found)
                for (const plane::Point p : line) {
                    const double off =
                        plane::contains(region, p) ? 0 : distanceTo(strokes, plane::vectorOf(p));
                    QVERIFY2(off < width,
                             qPrintable(QString("round %1: off by %2").arg(round).arg(off / width)));
                }
        }
    }
};
QTEST_GUILESS_MAIN(CentrelineTest)
#include "centreline_test.moc"
