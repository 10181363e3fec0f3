#include "../sample_cards.hpp"
#include "plane/arc_fit.hpp"
#include "plane/curve.hpp"
#include "plane/path_data.hpp"
#include <random>

using namespace bollard;
using plane::Contour, plane::Curve, plane::Segment, plane::Vector;

namespace {

std::mt19937 random_(20);

double between(double low, double high) {
    return std::uniform_real_distribution<double>(low, high)(random_);
}
Vector point() {
    return {between(-80, 80), between(-80, 80)};
}

/// A curve of a few cubics that go on smoothly into each other.
Contour smoothContour(bool open) {
    Contour contour{point(), {}, open};
    Vector handle = 0.3 * point();
    for (int i = 0; i < 3; ++i) {
        const Vector from = contour.segments.empty() ? contour.start : contour.segments.back().end;
        const Vector to = point(), next = 0.3 * point();
        contour.segments.push_back({Segment::Kind::cubic, from + handle, to - next, to});
        handle = next;
    }
    return contour;
}

/// The length along a curve between two distances, measured in very small steps.
double walked(const Curve& curve, double from, double to) {
    constexpr int steps = 60000;
    double sum = 0;
    Vector last = curve.at(from).at;
    for (int i = 1; i <= steps; ++i) {
        const Vector next = curve.at(from + (to - from) * i / steps).at;
        sum += plane::length(next - last);
        last = next;
    }
    return sum;
}

/// Turns back within a few steps of the walk.
bool hasTip(const Curve& curve) {
    constexpr int steps = 20000;
    Vector last = curve.at(0).along;
    for (int i = 1; i <= steps; ++i) {
        const Vector along = curve.at(curve.length() * i / steps).along;
        if (plane::dot(last, along) < 0.98)
            return true;
        last = along;
    }
    return false;
}

} // namespace

class CurveTest : public QObject {
    Q_OBJECT
  private slots:
    void distancesAlongAnyCurveAreTrue() {
        int measured = 0;
        for (int i = 0; measured < 12; ++i) {
            const Curve curve(smoothContour(i % 2 == 0));
            if (hasTip(curve))
                continue; // small steps cut a tip short: nothing to compare with
            ++measured;
            const double from = between(0, 0.4) * curve.length(), to = between(0.6, 1) * curve.length();
            COMPARE_NEAR(walked(curve, from, to), to - from, 0.001);
        }
    }

    void distancesAlongACurveMovedSidewaysAreTrue() {
        for (const double off : {-8.0, -1.0, 3.0, 12.0}) {
            Contour arc{{40, 0}, {}, true};
            plane::addArc(arc, {0, 0}, 250);
            const Curve curve(arc, off); // counter-clockwise: left is inwards
            COMPARE_NEAR(curve.length(), (40 - off) * 250 * M_PI / 180, 1e-4);
            COMPARE_NEAR(plane::length(curve.at(30).at), 40 - off, 1e-4);
            COMPARE_NEAR(walked(curve, 5, 70), 65, 0.001);
        }
    }

    void anOpenCurveGoesOnStraightAndAClosedOneRound() {
        const Curve open(Contour{{0, 0}, {{Segment::Kind::line, {}, {}, {10, 0}}}, true});
        COMPARE_NEAR(open.at(14).at.x, 14, 1e-9);
        COMPARE_NEAR(open.at(-3).at.x, -3, 1e-9);
        const Curve closed(plane::circle({5, 5}, 20));
        QVERIFY(closed.closed());
        COMPARE_NEAR(closed.length(), 40 * M_PI, 1e-4);
        COMPARE_NEAR(plane::length(closed.at(7).at - closed.at(7 + closed.length()).at), 0, 1e-6);
        COMPARE_NEAR(plane::length(closed.at(-7).at - closed.at(closed.length() - 7).at), 0, 1e-6);
    }

    void theNearestPlaceIsFoundAgain() {
        for (int i = 0; i < 20; ++i) {
            const Curve curve(smoothContour(true));
            const double distance = between(0.1, 0.9) * curve.length();
            const double found = curve.nearest(curve.at(distance).at);
            COMPARE_NEAR(plane::length(curve.at(found).at - curve.at(distance).at), 0, 1e-3);
        }
    }

    void aCurveOfNoLengthIsHarmless() {
        const Curve nothing(Contour{{3, 3}, {{Segment::Kind::line, {}, {}, {3, 3}}}, true});
        QVERIFY(nothing.straight());
        QCOMPARE(nothing.length(), 0.0);
        const Curve still(Contour{{3, 3}, {}, false});
        QVERIFY(!still.closed());
    }

    void pathDataIsRead() {
        const auto square = plane::outlineFromPathData("M 1,1 h8 v8 H1 z m20 0 l1e1-2.5");
        QVERIFY(square);
        QCOMPARE(square->contours.size(), size_t{2});
        QVERIFY(!square->contours[0].open && square->contours[1].open);
        QCOMPARE(square->contours[1].segments.front().end, (Vector{31, -1.5}));
        COMPARE_NEAR(plane::areaOf(plane::flattened(*square, 100, 1).front()), 64e4, 1);
        // An arc with flags run together, a smooth cubic, a smooth quadratic.
        const auto curved = plane::outlineFromPathData("M0 0A10 10 0 0110 10S20 20 30 10Q35 0 40 10T50 10");
        QVERIFY(curved);
        const Curve quarter(plane::outlineFromPathData("M0 0A10 10 0 0 1 10 10")->contours.front());
        COMPARE_NEAR(quarter.length(), 5 * M_PI, 1e-4);
    }

    /// Found by a fuzzer: steps that lead together farther out than any number may.
    void stepsThatLeadTooFarAreRefused() {
        QVERIFY(plane::outlineFromPathData("M0 0l9e11 0"));
        const auto far = plane::outlineFromPathData("M0 0l9e11 0 9e11 0");
        QVERIFY(!far);
        QCOMPARE(far.problem().kind, quantity::ProblemKind::numberTooLarge);
    }

    void whatIsTooMuchForACardIsTold() {
        std::string squares;
        for (int i = 0; i < 100; ++i)
            squares += "M" + std::to_string(3 * i) + " 0h2v2h-2Z";
        const plane::Outline outline = *plane::outlineFromPathData(squares);
        QVERIFY(plane::tooMuchOf(outline).empty());
        QCOMPARE(plane::tooMuchOf(outline, 399), std::string("400 > 399"));
        QVERIFY(plane::tooMuchOf(outline, 400, 0).empty()); // they run across nothing
        int taken = 0;
        QVERIFY(plane::readOnCard(squares, [&](plane::Outline) { ++taken; }).empty());
        QVERIFY(plane::readOnCard("M0 0L", [&](plane::Outline) { ++taken; }).starts_with("SVG path data"));
        QCOMPARE(taken, 1);
    }

    /// Against every pair of chords, one by one.
    void crossingsAreCounted() {
        std::mt19937 random(3);
        for (int round = 0; round < 40; ++round) {
            const int count = 3 + int(random() % 60);
            std::string text = "M0 0";
            std::vector<Vector> points{{0, 0}};
            for (int i = 0; i < count; ++i) {
                // Some runs are steep, some level, some far out.
                const double x = double(random() % 1000) * (round % 3 == 0 ? 0.01 : 1),
                             y = double(random() % 1000);
                points.push_back({x, y});
                text += "L" + std::to_string(x) + " " + std::to_string(y);
            }
            points.push_back({0, 0});
            const auto side = [](Vector a, Vector b, Vector p) {
                return (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);
            };
            size_t crossings = 0;
            for (size_t i = 0; i + 1 < points.size(); ++i)
                for (size_t j = 0; j < i; ++j)
                    crossings += side(points[i], points[i + 1], points[j]) *
                                         side(points[i], points[i + 1], points[j + 1]) <
                                     0 &&
                                 side(points[j], points[j + 1], points[i]) *
                                         side(points[j], points[j + 1], points[i + 1]) <
                                     0;
            const plane::Outline outline = *plane::outlineFromPathData(text + "Z");
            QVERIFY(plane::tooMuchOf(outline, 1000, crossings).empty());
            if (crossings > 0)
                QCOMPARE(plane::tooMuchOf(outline, 1000, crossings - 1),
                         std::to_string(crossings) + " > " + std::to_string(crossings - 1));
        }
    }

    void brokenPathDataTellsWhere() {
        const std::pair<const char*, int> cases[]{
            {"L 1 1", 1}, {"M 1 1 L 2", 10}, {"M 1 1 X 3", 7}, {"M0 0 A 1 1 0 2 0 3 3", 14}, {"5 5", 1}};
        for (const auto& [text, column] : cases) {
            const auto read = plane::outlineFromPathData(text);
            QVERIFY2(!read, text);
            QCOMPARE(read.problem().kind, quantity::ProblemKind::pathDataBroken);
            QVERIFY2(std::abs(read.problem().column - column) <= 1, text);
        }
        QVERIFY(plane::outlineFromPathData("")->contours.empty());
        // Whatever is cut off or changed, it is read or refused.
        const std::string good = "M0 0C1 2 3 4 5 6S7 8 9 10Q1 1 2 2T4 4A5 5 30 1 0 9 9H4V2Z";
        for (int i = 0; i < 2000; ++i) {
            std::string text = good.substr(0, size_t(between(0, double(good.size()))));
            if (!text.empty())
                text[size_t(between(0, double(text.size())))] = static_cast<char>(between(32, 126));
            (void)plane::outlineFromPathData(text);
        }
    }

    void pathDataWrittenIsReadAgain() {
        for (int i = 0; i < 10; ++i) {
            plane::Outline outline{{smoothContour(i % 2 == 0)}};
            const auto again = plane::outlineFromPathData(plane::pathDataOf(outline, 6));
            QVERIFY(again);
            QCOMPARE(again->contours.size(), size_t{1});
            QCOMPARE(again->contours[0].open, outline.contours[0].open);
            COMPARE_NEAR(plane::length(again->contours[0].segments.back().end -
                                       outline.contours[0].segments.back().end),
                         0, 1e-5);
        }
    }

    void linesAndArcsAreFoundInPoints() {
        // A rounded rectangle: four sides and four arcs.
        const plane::Outline outline{{plane::roundedRectangle({0, 0}, {60, 40}, 8)}};
        std::vector<Vector> points;
        const std::vector<plane::Ring> rings = plane::flattened(outline, 1e5, 50);
        for (const plane::Point p : rings.front())
            points.push_back(1e-5 * plane::vectorOf(p));
        const plane::ArcPath path = plane::arcsThrough(points, true, 0.004);
        const auto arcs = std::ranges::count_if(path.segments, [](const auto& s) { return s.sweep != 0; });
        QVERIFY2(path.segments.size() <= 10, qPrintable(QString::number(path.segments.size())));
        QVERIFY(arcs >= 4);
        // A whole circle is two arcs or three.
        std::vector<Vector> round;
        for (int i = 0; i < 720; ++i)
            round.push_back({25 * std::cos(i * M_PI / 360), 25 * std::sin(i * M_PI / 360)});
        QVERIFY(plane::arcsThrough(round, true, 0.004).segments.size() <= 3);
    }
};
QTEST_GUILESS_MAIN(CurveTest)
#include "curve_test.moc"
