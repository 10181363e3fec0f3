#include "plane/development.hpp"
#include "plane/filling.hpp"
#include "plane/gap.hpp"
#include "plane/near_boxes.hpp"
#include "plane/segment.hpp"
#include "plane/subdivision.hpp"
#include <QtTest>
#include <random>

using namespace bollard::plane;

namespace {

Ring square(int x, int y, int size) {
    return {{x, y}, {x + size, y}, {x + size, y + size}, {x, y + size}};
}
Ring reversed(Ring ring) {
    std::ranges::reverse(ring);
    return ring;
}
Region randomStar(std::mt19937& random, int reach) {
    std::uniform_int_distribution<int> at(-reach, reach);
    Ring ring;
    for (int i = 0; i < 9; ++i)
        ring.push_back({at(random), at(random)});
    return filled({ring});
}
/// Of all that lies in these layers and no other.
double areaUnder(const Subdivision& plan, const std::vector<int>& layers) {
    double twice = 0;
    for (const Triangle& t : plan.triangles)
        if (std::ranges::equal(plan.sets.layers(plan.cells[size_t(t.cell)]), layers))
            twice += double(turn(plan.points[size_t(t.corners[0])], plan.points[size_t(t.corners[1])],
                                 plan.points[size_t(t.corners[2])]));
    return twice / 2;
}

} // namespace

class PlaneTest : public QObject {
    Q_OBJECT
  private slots:
    void curvesStayWithinTheirTolerance() {
        const double radius = 30 * unitsPerMillimetre, tolerance = 100;
        const auto rings = flattened({{circle({0, 0}, radius)}}, 1, tolerance);
        QCOMPARE(rings.size(), size_t(1));
        for (size_t i = 0; i < rings[0].size(); ++i) {
            const Vector a = vectorOf(rings[0][i]), b = vectorOf(rings[0][(i + 1) % rings[0].size()]);
            const double off = radius - length(0.5 * (a + b));
            QVERIFY(std::fabs(off) <= tolerance + 0.0003 * radius);
        }
        QVERIFY(rings[0].size() < 200); // and no finer than needed
    }

    void crossingContoursComeOutFilled() {
        const Region overlap = filled({square(0, 0, 100), square(50, 50, 100)});
        QCOMPARE(overlap.rings.size(), size_t(1));
        QCOMPARE(areaOf(overlap), 17500.0);
        const Region bowTie = filled({{{0, 0}, {100, 100}, {100, 0}, {0, 100}}});
        QCOMPARE(areaOf(bowTie), 5000.0);
        const Region ring = filled({square(0, 0, 100), reversed(square(25, 25, 50))});
        QCOMPARE(areaOf(ring), 7500.0);
    }

    void unitesOnlyWhatMeetsAndKeepsTheRest() {
        std::vector<Region> regions;
        for (int i = 0; i < 50; ++i)
            regions.push_back({{square(i * 80, 0, i % 10 == 0 ? 100 : 60)}});
        const Region all = united(regions);
        QCOMPARE(all.rings.size(), size_t(45));
        QCOMPARE(areaOf(all), 45 * 3600.0 + 5 * 10000 - 5 * 20 * 60);
    }

    void knowsInsideFromOutside() {
        const Region ring = filled({square(0, 0, 100), reversed(square(25, 25, 50))});
        QVERIFY(contains(ring, {10, 10}));
        QVERIFY(contains(ring, {0, 50}));
        QVERIFY(!contains(ring, {50, 50}));
        QVERIFY(!contains(ring, {-1, 50}));
        QVERIFY(contains(ring, pointBeside(ring.rings[0], true)));
        QVERIFY(!contains(ring, pointBeside(ring.rings[1], false)));
    }

    void gapIsTheTrueDistance() {
        std::mt19937 random(3);
        for (int i = 0; i < 200; ++i) {
            const Region a = randomStar(random, 500), b = randomStar(random, 500);
            const Point offset{1500, 300};
            const Gap gap = gapBetween(a, b, offset, 1e6);
            double least = 1e9;
            for (const Ring& r : a.rings)
                for (const Point p : r)
                    for (const Ring& s : b.rings)
                        for (size_t k = 0; k < s.size(); ++k) {
                            const Vector from = vectorOf(s[k] + offset),
                                         d = vectorOf(s[(k + 1) % s.size()] + offset) - from;
                            const double t = std::clamp(dot(vectorOf(p) - from, d) / dot(d, d), 0.0, 1.0);
                            least = std::min(least, length(vectorOf(p) - (from + t * d)));
                        }
            QVERIFY(gap.inReach && gap.least <= least + 1e-6);
            QVERIFY(std::fabs(gap.least - gapBetween(b, a, Point{} - offset, 1e6).least) < 1e-6);
        }
    }

    void theCreviceBesideAnOverlapIsMeasured() {
        const auto rectangle = [](int x0, int y0, int x1, int y1) {
            return Region{{{{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}}}};
        };
        // A stem with an arm that lies over the head of another stem, 300 beside it.
        const Region arm = united(std::vector{rectangle(0, 0, 1000, 10000), rectangle(0, 9000, 3000, 10000)});
        const Region stem = rectangle(1300, -2000, 2300, 9500);
        for (const double turned : {0.0, 17.0, 90.0, 211.0}) {
            const Region a = bollard::plane::turned(arm, turned, {}),
                         b = bollard::plane::turned(stem, turned, {});
            for (const bool swapped : {false, true}) {
                const Gap gap = swapped ? gapBetween(b, a, {}, 5000) : gapBetween(a, b, {}, 5000);
                QVERIFY(gap.kind == Gap::Kind::overlapping);
                QVERIFY(!gap.samples.empty());
                double least = 1e9, length = 0;
                for (const GapSample& sample : gap.samples) {
                    least = std::min(least, sample.distance);
                    length += sample.length;
                }
                QVERIFY2(std::fabs(least - 300) < 3, qPrintable(QString::number(least)));
                QVERIFY2(std::fabs(length - 9000) < 3, qPrintable(QString::number(length)));
            }
        }
        // Shapes that cross in plain corners have none.
        QVERIFY(
            gapBetween(rectangle(0, 0, 900, 90), rectangle(400, -400, 490, 400), {}, 5000).samples.empty());
    }

    void whereShapesMeetIsTold() {
        const Region a{{square(0, 0, 1000)}}, b{{square(0, 0, 1000)}};
        const Gap gap = gapBetween(a, b, {900, 0}, 5000);
        QVERIFY(gap.kind == Gap::Kind::overlapping);
        QCOMPARE(gap.meetings.size(), size_t(1));
        QCOMPARE(gap.meetings[0].box, (Box{{900, 0}, {1000, 1000}}));
        QVERIFY(std::fabs(gap.meetings[0].across - std::hypot(1000, 100)) < 1);
        const Gap corners = gapBetween(a, b, {1000, 1000}, 5000);
        QVERIFY(corners.kind == Gap::Kind::touching && corners.meetings.empty());
        const Gap edges = gapBetween(a, b, {1000, 200}, 5000);
        QVERIFY(edges.kind == Gap::Kind::touching);
        QCOMPARE(edges.meetings.size(), size_t(1));
        QVERIFY(std::fabs(edges.meetings[0].across - 800) < 1);
        const Gap within = gapBetween(a, {{square(300, 300, 100)}}, {}, 5000);
        QVERIFY(within.kind == Gap::Kind::overlapping && within.meetings.empty());
        QVERIFY(!gapBetween(a, b, {9000, 0}, 5000).inReach);
    }

    void overlaidLayersShareThePlaneExactly() {
        std::mt19937 random(5);
        for (int i = 0; i < 60; ++i) {
            const Region a = randomStar(random, 20000), b = randomStar(random, 20000);
            const std::vector<Region> layers{a, b};
            const auto plan = subdivided(layers);
            QVERIFY(plan);
            const double both = areaUnder(*plan, {0, 1}), onlyA = areaUnder(*plan, {0}),
                         onlyB = areaUnder(*plan, {1});
            // Crossings are rounded to the grid; each moves a boundary by less than a unit.
            const double slack = 1e-3 * areaOf(united(layers)) + 40000;
            QVERIFY(std::fabs(both + onlyA - areaOf(a)) < slack);
            QVERIFY(std::fabs(both + onlyB - areaOf(b)) < slack);
            QVERIFY(std::fabs(both - areaOf(common(a, b))) < slack);
        }
    }

    void coincidingBoundariesAreOneEdge() {
        const Region a{{square(0, 0, 1000)}}, b{{square(1000, 0, 1000)}}, c{{square(0, 0, 1000)}};
        const auto plan = subdivided(std::vector<Region>{a, b, c});
        QVERIFY(plan);
        QCOMPARE(areaUnder(*plan, {0, 2}), 1e6);
        QCOMPARE(areaUnder(*plan, {1}), 1e6);
    }

    void findsTheTriangleUnderAPoint() {
        std::mt19937 random(9);
        const Region star = randomStar(random, 30000);
        const auto plan = subdivided(std::vector<Region>{star});
        std::uniform_int_distribution<int> at(-30000, 30000);
        int hint = 0;
        for (int i = 0; i < 500; ++i) {
            const Point p{at(random), at(random)};
            const int triangle = triangleAt(*plan, p, hint);
            const bool inside = triangle >= 0 && plan->cells[size_t(plan->triangles[size_t(triangle)].cell)];
            QCOMPARE(inside, contains(star, p));
            hint = std::max(triangle, 0);
        }
    }

    void growingKeepsOrRoundsCorners() {
        const Region plate{{square(0, 0, 10000)}};
        const double sharp = areaOf(grown(plate, 1000, Corners::sharp));
        QCOMPARE(sharp, 12000.0 * 12000);
        const double round = areaOf(grown(plate, 10000, Corners::round));
        const double exact = 10000.0 * 10000 + 4 * 10000.0 * 10000 + M_PI * 10000 * 10000;
        QVERIFY(round <= exact && exact - round < 2 * M_PI * 10000 * 50); // within 5 micrometres at the edge
        for (const Corners corners : {Corners::sharp, Corners::round})
            QCOMPARE(areaOf(grown(plate, -1000, corners)), 8000.0 * 8000);
        QVERIFY(grown(plate, -5001, Corners::sharp).empty());
        // A hole shrinks by as much as the outside grows.
        const Region frame{{square(0, 0, 10000), reversed(square(3000, 3000, 4000))}};
        QCOMPARE(areaOf(grown(frame, 500, Corners::sharp)), 11000.0 * 11000 - 3000.0 * 3000);
    }

    void growingAndShrinkingNeverCross() {
        std::mt19937 random(41);
        for (int i = 0; i < 60; ++i) {
            const Region star = randomStar(random, 20000);
            for (const double by : {-900.0, -50.0, 50.0, 900.0})
                for (const Corners corners : {Corners::sharp, Corners::round}) {
                    const Region changed = grown(star, by, corners);
                    QVERIFY(std::fabs(areaOf(filled(changed.rings)) - areaOf(changed)) <=
                            1e-6 * areaOf(star) + 1);
                    QVERIFY((areaOf(changed) > areaOf(star)) == (by > 0));
                }
        }
    }

    void aMirroredRegionIsTheSameShapeTurnedOver() {
        std::mt19937 random(17);
        for (int i = 0; i < 40; ++i) {
            const Region star = randomStar(random, 20000);
            const Region seen = mirrored(star);
            QCOMPARE(areaOf(seen), areaOf(star)); // still on the left of its rings
            QVERIFY(mirrored(seen) == star);
            std::uniform_int_distribution<int> at(-20000, 20000);
            const Point p{at(random), at(random)};
            QCOMPARE(contains(seen, {-p.x, p.y}), contains(star, p));
        }
    }

    void nearBoxesAreJustThoseWithinReach() {
        std::mt19937 random(21);
        std::uniform_int_distribution<int> at(0, 20000), size(1, 900);
        std::vector<Box> boxes(400);
        for (Box& box : boxes)
            if (random() % 20 != 0) { // some stay empty
                box.include(Point{at(random), at(random)});
                box.include(box.low + Point{size(random), size(random)});
            }
        for (const int reach : {0, 1, 350}) {
            std::vector<std::pair<int, int>> expected;
            for (int i = 0; i < int(boxes.size()); ++i)
                for (int j = i + 1; j < int(boxes.size()); ++j)
                    if (!boxes[size_t(i)].empty() && !boxes[size_t(j)].empty() &&
                        boxes[size_t(i)].meets(boxes[size_t(j)], reach))
                        expected.emplace_back(i, j);
            QVERIFY(!expected.empty());
            QCOMPARE(nearBoxes(boxes, reach), expected);
        }
    }

    void anyNumberOfLayersIsToldApart() {
        std::vector<Region> layers;
        for (int i = 0; i < 200; ++i)
            layers.push_back({{square(10 * i, 0, 1000)}});
        const auto plan = subdivided(layers);
        QVERIFY(plan);
        std::vector<int> first(100);
        std::iota(first.begin(), first.end(), 0);
        QCOMPARE(areaUnder(*plan, {0}), 10.0 * 1000);
        QCOMPARE(areaUnder(*plan, first), 10.0 * 1000);
    }

    void creasesPartTrianglesAndNoCells() {
        std::vector<LayerEdge> edges;
        addEdges(edges, {{square(0, 0, 1000)}}, 0);
        const size_t cells = subdivided(edges)->cells.size();
        edges.push_back({{100, 100}, {900, 850}, LayerEdge::crease});
        edges.push_back({{900, 850}, {100, 100}, LayerEdge::crease}); // twice is once
        const auto plan = subdivided(edges);
        QVERIFY(plan);
        QCOMPARE(plan->cells.size(), cells);
        QCOMPARE(areaUnder(*plan, {0}), 1e6);
        int ends = 0;
        for (const Triangle& t : plan->triangles)
            for (size_t k = 0; k < 3; ++k)
                ends += plan->points[size_t(t.corners[k])] == Point{100, 100} &&
                                plan->points[size_t(t.corners[(k + 1) % 3])] == Point{900, 850}
                            ? 1
                            : 0;
        QCOMPARE(ends, 1); // the crease is an edge of triangles
    }

    void fillingApartIsFillingTogether() {
        // Rings of all kinds, each way round: alone, within each other, crossing and touching.
        std::mt19937 random(3);
        const auto number = [&](int below) { return int(random() % unsigned(below)); };
        for (int round = 0; round < 60; ++round) {
            std::vector<Ring> rings;
            for (int i = 0; i < 30; ++i) {
                const Vector middle{double(number(20000)), double(number(20000))};
                const Outline drawn{{circle(middle, 100 + number(round % 2 ? 900 : 6000))}};
                for (Ring& ring : flattened(drawn, 1, 2)) {
                    if (number(2))
                        std::ranges::reverse(ring);
                    if (number(8) == 0)
                        rings.push_back(ring); // twice the same
                    rings.push_back(std::move(ring));
                }
            }
            int asked = 0;
            const auto small = [&](const std::vector<Ring>& some) {
                ++asked;
                return filled(some); // few points: together
            };
            std::vector<Ring> few(rings.begin(), rings.end());
            const Region apart = filledApart(few, small);
            double together = 0; // by the winding number of each place
            Region expected;
            expected = filled(std::vector<Ring>(few.begin(), few.end()));
            together = areaOf(expected);
            QVERIFY2(std::fabs(areaOf(apart) - together) <= 1e-6 * std::fabs(together) + 1,
                     qPrintable(QString("%1: %2 %3").arg(round).arg(areaOf(apart)).arg(together)));
            for (int k = 0; k < 200; ++k) {
                const Point p{number(26000) - 3000, number(26000) - 3000};
                QCOMPARE(contains(apart, p), contains(expected, p));
            }
        }
    }

    void whatIsPutTogetherDirectlyIsWhole() {
        // A turn of 1,200 in uneven strips, with bands, two boxes of different rows and one across several
        // strips.
        bollard::plane::Cuts cuts{{50, 130, 300, 340, 600, 900, 1250}, {0, 90, 200, 320}, true};
        const std::vector<bollard::plane::Box> boxes{
            {{130, 30}, {300, 120}}, {{340, 95}, {900, 150}}, {{130, 210}, {300, 300}}};
        for (const bool around : {true, false}) {
            cuts.around = around;
            const Subdivision plan = bollard::plane::griddedPlan(cuts, boxes);
            double left = 1200.0 * 320;
            for (const bollard::plane::Box& box : boxes)
                left -= (double(box.high.x) - box.low.x) * (double(box.high.y) - box.low.y);
            // Those beside the seam have its points in common.
            const auto at = [&](const Triangle& t, size_t k) {
                Point p = plan.points[size_t(t.corners[k])];
                for (const int corner : t.corners)
                    if (around && p.x == 50 && plan.points[size_t(corner)].x >= 900)
                        p.x = 1250;
                return p;
            };
            double area = 0;
            std::map<std::pair<int, int>, int> sides;
            for (const Triangle& t : plan.triangles) {
                const auto twice = bollard::plane::turn(at(t, 0), at(t, 1), at(t, 2));
                QVERIFY(twice > 0);
                area += double(twice) / 2;
                for (size_t k = 0; k < 3; ++k)
                    ++sides[std::minmax(t.corners[(k + 1) % 3], t.corners[(k + 2) % 3])];
            }
            QCOMPARE(area, left);
            // No point of it lies within an edge, and only ends and boxes have nothing across.
            for (size_t number = 0; number < plan.triangles.size(); ++number)
                for (size_t k = 0; k < 3; ++k) {
                    const Triangle& t = plan.triangles[number];
                    const Point a = at(t, (k + 1) % 3), b = at(t, (k + 2) % 3);
                    for (const Point p : plan.points)
                        QVERIFY(!bollard::plane::strictlyWithin(a, b, p));
                    const int next = t.neighbours[k];
                    const auto used = sides[std::minmax(t.corners[(k + 1) % 3], t.corners[(k + 2) % 3])];
                    QCOMPARE(used, next < 0 ? 1 : 2);
                    if (next >= 0) {
                        const auto& back = plan.triangles[size_t(next)].neighbours;
                        QVERIFY(std::ranges::find(back, int(number)) != back.end());
                        continue;
                    }
                    const bool atEnd = (a.y == b.y && (a.y == 0 || a.y == 320)) ||
                                       (!around && a.x == b.x && (a.x == 50 || a.x == 1250));
                    const bool atBox = std::ranges::any_of(boxes, [&](const bollard::plane::Box& box) {
                        const auto on = [&](Point p) {
                            return p.x >= box.low.x && p.x <= box.high.x && p.y >= box.low.y &&
                                   p.y <= box.high.y;
                        };
                        return on(a) && on(b);
                    });
                    QVERIFY(atEnd || atBox);
                }
        }
    }

    void ringsArePutTogetherInOrder() {
        const auto circle = [](double radius, int corners, bool hole, double from) {
            bollard::plane::Ring ring;
            for (int i = 0; i < corners; ++i) {
                const double angle = from + (hole ? -1 : 1) * 2 * M_PI * i / corners;
                ring.push_back({bollard::plane::onGrid(radius * std::cos(angle)),
                                bollard::plane::onGrid(radius * std::sin(angle))});
            }
            return ring;
        };
        for (const int corners : {3, 4, 7, 60})
            for (const bool bored : {false, true}) {
                bollard::plane::Region region{{circle(50000, corners, false, 0.3)}};
                if (bored)
                    region.rings.push_back(circle(30000, corners, true, 2.1));
                const auto plan = bollard::plane::ringedPlan(region);
                QVERIFY(plan.has_value());
                double area = 0;
                for (const Triangle& t : plan->triangles)
                    area += double(bollard::plane::turn(plan->points[size_t(t.corners[0])],
                                                        plan->points[size_t(t.corners[1])],
                                                        plan->points[size_t(t.corners[2])])) /
                            2;
                double whole = 0;
                for (const bollard::plane::Ring& ring : region.rings)
                    whole += bollard::plane::areaOf(ring);
                QCOMPARE(area, whole);
                QCOMPARE(plan->triangles.size(), size_t(bored ? 2 * corners : corners - 2));
            }
        // Others are left to those who can: different numbers, a notch, a hole across the edge.
        bollard::plane::Region uneven{{circle(50000, 8, false, 0), circle(30000, 7, true, 0)}};
        QVERIFY(!bollard::plane::ringedPlan(uneven));
        bollard::plane::Region notched{{{{0, 0}, {1000, 0}, {1000, 1000}, {500, 100}, {0, 1000}}}};
        const auto plan = bollard::plane::ringedPlan(notched);
        QVERIFY(!plan || plan->triangles.size() == 3);
        bollard::plane::Region across{{circle(50000, 8, false, 0), circle(50500, 8, true, 0)}};
        QVERIFY(!bollard::plane::ringedPlan(across));
        QVERIFY(!bollard::plane::ringedPlan({}));
    }
};
QTEST_APPLESS_MAIN(PlaneTest)
#include "plane_test.moc"
