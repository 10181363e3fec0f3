#include "../sample_cards.hpp"
#include "card/fit.hpp"
#include "card/lines.hpp"
#include <random>

using namespace bollard;
using plane::toMillimetres, plane::Vector;
using setting::Baseline, setting::BaselineKind;

namespace {

setting::Setting along(const std::string& words, const Baseline& baseline,
                       const setting::TextStyle& style = {}, const std::vector<setting::Nudge>& nudges = {}) {
    return setting::set(words, samples::typeface("League Spartan", "Bold"), style,
                        {baseline, nudges, false, {}});
}

/// Where the middle of a letter's advance stands on its line, from its place and turn.
Vector foot(const setting::Letter& letter, const setting::Setting& s) {
    const double half = s.typeface->glyph(letter.glyph).advance * s.scale / 2;
    return (1 / plane::unitsPerMillimetre) * letter.toFrame({half, 0});
}

Baseline circle(double radius, bool atBottom = false, bool inside = false) {
    Baseline baseline;
    baseline.kind = BaselineKind::circle;
    baseline.radius = radius;
    baseline.atBottom = atBottom;
    baseline.inside = inside;
    return baseline;
}

} // namespace

class BaselineTest : public QObject {
    Q_OBJECT
  private slots:
    void lettersStandOnTheCircleWithTheirOwnSpacing() {
        setting::TextStyle style;
        style.letterSpace = 0.4;
        const auto flat = along("NORTH QUAY 14", {}, style),
                   round = along("NORTH QUAY 14", circle(30), style);
        QCOMPARE(round.letters.size(), flat.letters.size());
        for (size_t i = 0; i < round.letters.size(); ++i) {
            COMPARE_NEAR(plane::length(foot(round.letters[i], round)), 30, 0.001);
            if (i == 0)
                continue;
            const Vector a = foot(round.letters[i - 1], round), b = foot(round.letters[i], round);
            const double angle = std::atan2(plane::cross(b, a), plane::dot(a, b)); // clockwise
            const double apart = foot(flat.letters[i], flat).x - foot(flat.letters[i - 1], flat).x;
            COMPARE_NEAR(30 * angle, apart, 0.001);
        }
    }

    void spacingIsTrueAlongAnyCurve() {
        std::mt19937 random(4);
        std::uniform_real_distribution<double> share(-1, 1);
        for (int i = 0; i < 20; ++i) {
            Baseline baseline;
            baseline.kind = BaselineKind::curve;
            baseline.offset = 3 * share(random);
            for (int k = 0; k < 4; ++k)
                baseline.points.push_back({60.0 * k + 10 * share(random),
                                           20 * share(random),
                                           {-18, 8 * share(random)},
                                           {18, 8 * share(random)},
                                           false});
            const auto flat = along("TIDE GAUGE", {}), bent = along("TIDE GAUGE", baseline);
            const plane::Curve& curve = *bent.lines.front().curve;
            for (size_t k = 0; k < bent.letters.size(); ++k) {
                const double distance = bent.lines.front().home + foot(flat.letters[k], flat).x * 1e4;
                COMPARE_NEAR(plane::length(1e-4 * curve.at(distance).at - foot(bent.letters[k], bent)), 0,
                             0.001);
            }
        }
    }

    void wordsReadAtTheBottomTooOutsideAndInside() {
        struct Case {
            bool atBottom, inside;
            double inner, outer; ///< where feet and heads of capitals lie
        };
        for (const Case& c : {Case{false, false, 30, 40}, Case{false, true, 20, 30},
                              Case{true, false, 30, 40}, Case{true, true, 20, 30}}) {
            const auto s = along("HHH", circle(30, c.atBottom, c.inside));
            double least = 1e9, most = 0;
            for (const setting::Letter& letter : s.letters)
                for (const plane::Ring& ring : setting::shapeOf(letter).rings)
                    for (const plane::Point p : ring) {
                        const double r = toMillimetres(plane::length(plane::vectorOf(p)));
                        least = std::min(least, r);
                        most = std::max(most, r);
                    }
            // Straight letters cut the corners of the ring they stand in.
            COMPARE_NEAR(least, c.inner, 0.9);
            COMPARE_NEAR(most, c.outer, 0.9);
            const Vector first = foot(s.letters.front(), s), last = foot(s.letters.back(), s);
            QVERIFY(first.x < last.x); // left to right either way
            QCOMPARE(first.y < 0, c.atBottom);
        }
    }

    void bentLettersKeepTheirDistancesFromTheLine() {
        Baseline baseline = circle(30);
        baseline.bend = true;
        const auto s = along("HIH", baseline);
        double least = 1e9, most = 0;
        for (const setting::Letter& letter : s.letters) {
            QVERIFY(letter.own);
            for (const plane::Ring& ring : letter.region->rings)
                for (const plane::Point p : ring) {
                    const double r = toMillimetres(plane::length(plane::vectorOf(p)));
                    least = std::min(least, r);
                    most = std::max(most, r);
                }
        }
        COMPARE_NEAR(least, 30, 0.02);
        COMPARE_NEAR(most, 40, 0.02);
    }

    void offsetAndSlideAreExact() {
        Baseline baseline = circle(30);
        baseline.offset = 4;
        const Vector before = foot(along("O", baseline).letters.front(), along("O", baseline));
        baseline.slide = 10;
        const auto s = along("O", baseline);
        const Vector after = foot(s.letters.front(), s);
        COMPARE_NEAR(plane::length(after), 34, 0.001);
        COMPARE_NEAR(34 * std::atan2(plane::cross(after, before), plane::dot(before, after)), 10, 0.001);
    }

    void sizesAreTheSameOnALineOfAnyKind() {
        for (const auto by : {setting::SizeBy::capital, setting::SizeBy::width, setting::SizeBy::height}) {
            setting::TextStyle style;
            style.sizeBy = by;
            style.size = by == setting::SizeBy::width ? 70 : 12;
            COMPARE_NEAR(setting::measureOf(along("HARBOUR", circle(40), style), by), style.size, 0.001);
        }
    }

    void equalLettersStandAtEqualAnglesOnEveryCircle() {
        std::mt19937 random(11);
        std::uniform_real_distribution<double> exponent(std::log10(6.0), 4), share(-1, 1);
        constexpr double micrometre = 0.001;
        for (int k = 0; k < 400; ++k) {
            Baseline baseline = circle(k == 0 ? 18 : std::pow(10, exponent(random)), k % 2 == 0, k % 4 < 2);
            baseline.kind = k % 8 == 7 ? BaselineKind::arc : BaselineKind::circle;
            if (k % 3 > 0)
                baseline.offset = 5 * share(random);
            setting::TextStyle style;
            style.size = 5;
            const auto s = along("HHHH\nHHHH", baseline, style);
            for (const int line : {0, 1}) {
                const plane::Curve& curve = *s.lines[size_t(line)].curve;
                const double radius = curve.length() / (2 * M_PI * plane::unitsPerMillimetre);
                if (radius < 5)
                    continue; // letters reach the centre
                const Vector centre = {0, baseline.kind == BaselineKind::arc ? -baseline.radius : 0};
                std::vector<double> steps;
                const setting::Letter* before = nullptr;
                for (const setting::Letter& letter : s.letters) {
                    if (letter.line != line)
                        continue;
                    if (before) {
                        const Vector a = foot(*before, s) - centre, b = foot(letter, s) - centre;
                        steps.push_back(radius * std::atan2(plane::cross(a, b), plane::dot(a, b)));
                        // It turns by as much as it goes round.
                        COMPARE_NEAR(
                            std::remainder((letter.turn - before->turn) * M_PI / 180 - steps.back() / radius,
                                           2 * M_PI),
                            0, 1e-3 / radius);
                    }
                    before = &letter;
                }
                for (const double step : steps)
                    QVERIFY2(std::fabs(step - steps.front()) < micrometre,
                             qPrintable(QStringLiteral("radius %1 offset %2: %3, %4")
                                            .arg(baseline.radius)
                                            .arg(baseline.offset)
                                            .arg(steps.front())
                                            .arg(step)));
            }
        }
    }

    void lettersAlongARoundEdgeStandEvenlyToo() {
        Baseline baseline;
        baseline.kind = BaselineKind::edge;
        baseline.offset = -4;
        for (const double diameter : {20.0, 61.3, 4000.0}) {
            blank::Blank disc{blank::Kind::disc};
            disc.diameter = diameter;
            const auto s = setting::set("HHHHH", samples::typeface("League Spartan", "Bold"), {},
                                        {baseline, {}, false, blank::outlineOf(disc)});
            const Vector centre{diameter / 2, diameter / 2};
            double first = 0;
            for (size_t i = 1; i < s.letters.size(); ++i) {
                const Vector a = foot(s.letters[i - 1], s) - centre, b = foot(s.letters[i], s) - centre;
                const double step = plane::length(a) * std::atan2(plane::cross(a, b), plane::dot(a, b));
                first = i == 1 ? step : first;
                COMPARE_NEAR(step, first, 0.001);
            }
        }
    }

    void bentLettersHaveTheAreaThatTheIntegralGives() {
        // Bent round a centre at distance r from their line, an area element at height y is (r + y) / r as
        // wide when heads point outwards, (r - y) / r when they point inwards.
        for (const bool atBottom : {false, true})
            for (const double radius : {12.0, 18.0, 40.0}) {
                Baseline baseline = circle(radius, atBottom);
                baseline.offset = atBottom ? 2 : -1.5;
                baseline.bend = true;
                setting::TextStyle style;
                style.size = 5;
                const auto flat = along("HO", {}, style), bent = along("HO", baseline, style);
                const double own = bent.lines[0].curve->length() / (2 * M_PI);
                QCOMPARE(bent.letters.size(), flat.letters.size());
                for (size_t i = 0; i < flat.letters.size(); ++i) {
                    double area = 0, moment = 0; // of the flat letter, about its line
                    for (const plane::Ring& ring : setting::shapeOf(flat.letters[i]).rings)
                        for (size_t k = 0; k < ring.size(); ++k) {
                            const Vector a = plane::vectorOf(ring[k]),
                                         b = plane::vectorOf(ring[(k + 1) % ring.size()]);
                            area += plane::cross(a, b) / 2;
                            moment += plane::cross(a, b) * (a.y + b.y) / 6;
                        }
                    const bool outwards = !atBottom;
                    const double expected = area + (outwards ? 1 : -1) * moment / own;
                    COMPARE_NEAR(plane::areaOf(*bent.letters[i].region) / expected, 1, 2e-3);
                }
            }
    }

    void wordsLongerThanTheirLineAreFound() {
        card::Card card = samples::plate("A VERY LONG NAME FOR A SMALL RING");
        card.blank = {blank::Kind::disc};
        card.blank.diameter = 60;
        card.inscriptions[0].placing = {setting::Anchor::centre, 30, 30, 0};
        card.inscriptions[0].baseline = circle(15);
        const auto made = samples::made(card);
        const auto* finding = samples::finding(made, check::FindingKind::baselineShort);
        QVERIFY(finding);
        COMPARE_NEAR(finding->limit, 30 * M_PI, 0.01);
        QVERIFY(finding->measured > 10);
        card.inscriptions[0].words = "RING";
        QVERIFY(!samples::finding(samples::made(card), check::FindingKind::baselineShort));
    }

    void lettersCrowdedInATightCurveBecomeOnePiece() {
        card::Card card = samples::freeStanding("HHHHHH");
        QCOMPARE(samples::made(card).solid->dropOuts.pieces, 6);
        card.inscriptions[0].baseline.kind = BaselineKind::arc;
        card.inscriptions[0].baseline.radius = -22; // heads together
        QCOMPARE(samples::made(card).solid->dropOuts.pieces, 1);
    }

    void anotherLineBeginsWithGoodValues() {
        card::Card card = samples::plate("BERTH 9");
        card.blank = {blank::Kind::disc};
        card.blank.diameter = 90;
        for (const auto kind : {BaselineKind::arc, BaselineKind::circle, BaselineKind::curve,
                                BaselineKind::edge, BaselineKind::straight}) {
            card::Inscription& inscription = card.inscriptions[0];
            const auto made = samples::made(card);
            card::changeBaseline(card, inscription, *made.lettering->inscriptions[0].setting, kind);
            QCOMPARE(inscription.baseline.kind, kind);
            inscription.style.size = 8;
            if (kind == BaselineKind::circle || kind == BaselineKind::edge) {
                const auto placed = samples::made(card);
                QVERIFY(!samples::finding(placed, check::FindingKind::outsideBlank));
                QVERIFY(!samples::finding(placed, check::FindingKind::insideMargin));
            }
        }
    }

    void anArcGoesThroughThreePoints() {
        card::Inscription inscription = samples::plate("QUAY").inscriptions[0];
        inscription.baseline.kind = BaselineKind::arc;
        inscription.placing.turn = 30;
        const auto shown = along("QUAY", inscription.baseline);
        const setting::Place before(shown, inscription.placing);
        const Vector points[]{{-20, -5}, {3, 4}, {24, -2}};
        card::bendThrough(inscription, shown, points[0], points[1], points[2]);
        const auto bent = along("QUAY", inscription.baseline);
        const setting::Place after(bent, inscription.placing);
        for (const Vector p : points) { // each lies on the line as it is placed now
            const Vector onSide = before.toSide(1e4 * p);
            const Vector inFrame = after.toSetting(onSide);
            const plane::Curve& curve = *bent.lines.front().curve;
            COMPARE_NEAR(1e-4 * plane::length(curve.at(curve.nearest(inFrame)).at - inFrame), 0, 0.03);
        }
        const card::Inscription unchanged = inscription;
        card::bendThrough(inscription, bent, {0, 0}, {5, 0}, {10, 0});
        QVERIFY(inscription == unchanged);
    }

    void pointsOfACurveAreAddedAndTakenWithoutChangingIt() {
        Baseline baseline;
        baseline.points = {
            {0, 0, {}, {10, 12}, false}, {40, 5, {-12, -3}, {12, 3}, true}, {80, -4, {-9, 8}, {}, false}};
        const plane::Curve before(setting::contourOf(baseline.points, false));
        QCOMPARE(card::addPoint(baseline, 0), 1);
        QCOMPARE(baseline.points.size(), size_t{4});
        const plane::Curve after(setting::contourOf(baseline.points, false));
        COMPARE_NEAR(after.length(), before.length(), 1e-3);
        for (const double at : {5.0, 20.0, 50.0})
            COMPARE_NEAR(plane::length(before.at(at).at - after.at(at).at), 0, 1e-3);
        card::movePoint(baseline, 2, card::PointPart::after, {50, 20});
        const setting::CurvePoint& smooth = baseline.points[2];
        COMPARE_NEAR(plane::cross(smooth.before, smooth.after), 0, 1e-9);
        card::removePoint(baseline, 1);
        card::removePoint(baseline, 1);
        card::removePoint(baseline, 0);
        QCOMPARE(baseline.points.size(), size_t{2}); // never fewer
        const auto again = setting::pointsOf(setting::contourOf(baseline.points, false));
        QCOMPARE(again.size(), size_t{2});
        QCOMPARE(again[0].after, baseline.points[0].after);
    }

    void nudgesMoveTurnAndSizeOneLetter() {
        const auto plain = along("TIDE", {});
        const auto nudged =
            along("TIDE", {}, {}, {{1, 0.5, 1.5, 0, 100, 0}, {2, 0, 0, 90, 100, 0}, {3, 0, 0, 0, 150, 2}});
        const auto middle = [](const plane::Box& box) {
            return 0.5e-4 * (plane::vectorOf(box.low) + plane::vectorOf(box.high));
        };
        const Vector moved = middle(nudged.letters[1].box) - middle(plain.letters[1].box);
        const Vector anchor =
            middle(nudged.letters[0].box) - middle(plain.letters[0].box); // lines are centred anew
        COMPARE_NEAR(moved.x - anchor.x, 0.5, 0.001);
        COMPARE_NEAR(moved.y, 1.5, 0.001);
        const auto size = [](const plane::Box& box) {
            return 1e-4 * (plane::vectorOf(box.high) - plane::vectorOf(box.low));
        };
        COMPARE_NEAR(size(nudged.letters[2].box).x, size(plain.letters[2].box).y, 0.02);
        COMPARE_NEAR(size(nudged.letters[3].box).y, 1.5 * size(plain.letters[3].box).y, 0.02);
    }

    void nudgesFollowTheirLetters() {
        const std::vector<setting::Nudge> nudges{{2, 1, 0, 0, 100, 0}, {5, 2, 0, 0, 100, 0}};
        const auto longer = setting::followed(nudges, "QUAY 7", "OLD QUAY 7");
        QCOMPARE(longer[0].letter, 6);
        QCOMPARE(longer[1].letter, 9);
        const auto inside = setting::followed(nudges, "QUAY 7", "QUAY NO 7");
        QCOMPARE(inside[0].letter, 2);
        QCOMPARE(inside[1].letter, 8);
        const auto gone = setting::followed(nudges, "QUAY 7", "QU 7");
        QCOMPARE(gone.size(), size_t{1});
        QCOMPARE(gone[0].letter, 3);
    }

    void largestThatFitsWorksOnACircleAndByWidth() {
        card::Card card = samples::plate("MOORING");
        card.blank = {blank::Kind::disc};
        card.blank.diameter = 80;
        card.blank.margin = 4;
        card.inscriptions[0].placing = {setting::Anchor::centre, 40, 40, 0};
        card.inscriptions[0].baseline = circle(24);
        const auto face = samples::typeface("League Spartan", "Bold");
        const auto fit = card::largestThatFits(card, card.inscriptions[0], face);
        QVERIFY(fit);
        QVERIFY2(fit->size > 10.5 && fit->size < 12.01, qPrintable(QString::number(fit->size)));
        card::Card plate = samples::plate("A LONG HARBOUR NAME");
        const auto plain = card::largestThatFits(plate, plate.inscriptions[0], face);
        const auto squeezed = card::largestThatFits(plate, plate.inscriptions[0], face, 70);
        QVERIFY(plain && squeezed && squeezed->size > plain->size * 1.2);
        QVERIFY(squeezed->width >= 70 && squeezed->width < 100);
    }
};
QTEST_GUILESS_MAIN(BaselineTest)
#include "baseline_test.moc"
