// Toolpaths: depths, sides, leads, tabs, order and time, and the files they are written to.
#include "../cut_cards.hpp"
#include "cut/chains.hpp"
#include "cut/timing.hpp"
#include "plane/gap.hpp"
#include <cmath>
#include <random>
#include <set>

using namespace bollard;
using cut::Chain, cut::OperationKind, cut::ToolKind, cut::Toolpath;
using plane::Vector;
using samples::cutCard, samples::made, samples::programOf;

namespace {

constexpr double mm = plane::unitsPerMillimetre;

const Toolpath& pathOf(const card::Made& made) {
    return made.cuttings->front.paths.at(0);
}
double areaOf(const Chain& chain) {
    double twice = 0;
    for (size_t i = chain.leadIn; i + 1 + chain.leadOut < chain.points.size(); ++i)
        twice += chain.points[i].x * chain.points[i + 1].y - chain.points[i + 1].x * chain.points[i].y;
    return twice / 2;
}

} // namespace

class CuttingTest : public QObject {
    Q_OBJECT
  private slots:
    void aCarvedPointIsAsDeepAsItIsFarFromTheWalls() {
        for (const double cap : {10.0, 1.0})
            for (const double tip : {0.0, 0.2, 0.5}) {
                card::Card card = cutCard("HSeg&", working::Kind::carved, OperationKind::carve);
                card.operations[0].tool = samples::taper(60, tip);
                card.operations[0].depthCap = cap;
                const card::Made with = made(card);
                const Toolpath& path = pathOf(with);
                std::vector<std::unique_ptr<plane::BoundaryIndex>> walls;
                for (const cut::Shape& shape : path.job.shapes)
                    walls.push_back(std::make_unique<plane::BoundaryIndex>(shape.region));
                const double spread = std::tan(30 * M_PI / 180);
                int points = 0;
                for (const Chain& chain : path.chains)
                    for (const space::Vertex& p : chain.points) {
                        const double far = plane::toMillimetres(
                            walls[size_t(chain.shape)]->distanceTo(mm * Vector{p.x, p.y}, 1e6));
                        const double deep = std::min(cap, (far - tip / 2) / spread);
                        // Floors are cleared at the cap, wherever they are wide enough.
                        QVERIFY2(std::fabs(p.z + deep) < 0.01,
                                 qPrintable(QStringLiteral("%1 %2 %3").arg(p.z).arg(far).arg(cap)));
                        ++points;
                    }
                QVERIFY(points > 1000);
            }
    }

    void carvingRisesIntoEveryCorner() {
        card::Card card = cutCard("L", working::Kind::carved, OperationKind::carve);
        card.operations[0].tool = samples::taper(60, 0);
        const card::Made with = made(card);
        const plane::Region& letter = pathOf(with).job.shapes[0].region;
        int corners = 0;
        for (const plane::Point corner : letter.rings[0]) {
            double nearest = 1e9;
            for (const Chain& chain : pathOf(with).chains)
                for (const space::Vertex& p : chain.points)
                    if (p.z > -1e-3)
                        nearest = std::min(nearest, std::hypot(p.x - corner.x / mm, p.y - corner.y / mm));
            corners += nearest < 0.01 ? 1 : 0;
        }
        QCOMPARE(corners, 5); // five of six stick out
    }

    void whatIsWrittenTwiceIsScribedOnce() {
        const auto line = [](std::initializer_list<Vector> points) {
            plane::Line made;
            for (const Vector p : points)
                made.push_back(plane::onGrid(mm * p));
            return made;
        };
        const auto strokes =
            cut::strokesOf({line({{0, 0}, {10, 0}}), line({{10, 0}, {0, 0}}), line({{4, 0}, {8, 0}}),
                            line({{5, -5}, {5, 5}}), line({{10, 0}, {20, 0.1}})});
        double length = 0;
        for (const auto& stroke : strokes)
            for (size_t i = 0; i + 1 < stroke.size(); ++i)
                length += plane::length(stroke[i + 1] - stroke[i]);
        QVERIFY2(std::fabs(length - 30) < 0.01, qPrintable(QString::number(length)));
        QCOMPARE(strokes.size(), size_t(2)); // straight on at the crossing, and on into the next line
    }

    void scribingGoesDownInPasses() {
        card::Card card = cutCard("HELM 07", working::Kind::scribed, OperationKind::scribe);
        card.inscriptions[0].typeface = {"Bollard Mark", {}, {}, 0};
        card.operations[0].depth = 0.5;
        card.operations[0].pass = 0.2;
        const card::Made with = made(card);
        QVERIFY(!pathOf(with).chains.empty());
        for (const Chain& chain : pathOf(with).chains) {
            std::set<double> depths;
            for (const space::Vertex& p : chain.points)
                depths.insert(p.z);
            QCOMPARE(depths, (std::set<double>{-0.2, -0.4, -0.5}));
        }
    }

    void cuttingOutKeepsThePartOnTheRightOfItsTravel() {
        card::Card card = cutCard("O", working::Kind::pierced, OperationKind::cutOut);
        card.operations[0].of.clear();
        card.operations[0].tool = samples::tool(ToolKind::flat, 2);
        const card::Made with = made(card);
        QCOMPARE(pathOf(with).chains.size(), size_t(3));
        // The hole of the O goes first, round the counter with it on the right; the outline last.
        std::vector<double> areas;
        for (const Chain& chain : pathOf(with).chains)
            areas.push_back(areaOf(chain));
        QVERIFY(areas.back() < -120 * 45); // clockwise, outside the plate
        const auto within = std::ranges::count_if(areas, [](double area) { return area > 0; });
        QCOMPARE(within, 1);            // counter-clockwise inside the letter's outer wall
        card.operations[0].of = {"i0"}; // only the letter, and the plate's edge stays
        const card::Made letter = made(card);
        QCOMPARE(pathOf(letter).chains.size(), size_t(2));
        for (const Chain& chain : pathOf(letter).chains)
            QVERIFY(std::fabs(areaOf(chain)) < 60 * 22);
        card.operations[0].of.clear();
        card.operations[0].conventional = true;
        QVERIFY(areaOf(pathOf(made(card)).chains.back()) > 120 * 45);
    }

    void leadsBeginInTheWasteAwayFromEveryPart() {
        for (const auto kind : {cut::LeadKind::line, cut::LeadKind::arc}) {
            card::Card card = cutCard("BOARD", working::Kind::pierced, OperationKind::cutOut);
            card.inscriptions[0].style.size = 20;
            card.operations[0].of.clear();
            card.operations[0].tool = samples::tool(ToolKind::torch, 1.2);
            card.operations[0].lead = {kind, 4, 90};
            const card::Made with = made(card);
            const Toolpath& path = pathOf(with);
            QCOMPARE(path.noRoom, 0);
            const plane::BoundaryIndex part(path.job.part);
            for (const Chain& chain : path.chains) {
                QVERIFY(chain.leadIn > 0 && chain.leadOut > 0);
                const Vector pierce{chain.points.front().x, chain.points.front().y};
                QVERIFY(!plane::contains(path.job.part, plane::onGrid(mm * pierce)));
                QVERIFY(plane::toMillimetres(part.distanceTo(mm * pierce, 1e6)) >= 0.6 + 0.25 - 0.01);
                for (const space::Vertex& p : chain.points)
                    QVERIFY(plane::toMillimetres(part.distanceTo(mm * Vector{p.x, p.y}, 1e6)) > 0.6 - 0.01);
            }
        }
    }

    void tabsLeaveAsMuchAsToldOnStraightRuns() {
        card::Card card = cutCard("O", working::Kind::pierced, OperationKind::cutOut);
        cut::Operation& o = card.operations[0];
        o.of.clear();
        o.tool = samples::tool(ToolKind::flat, 2);
        o.tabs = 4;
        o.tab = {5, 1.5};
        o.pass = 2;
        const card::Made with = made(card);
        const double top = -6 + 1.5, bottom = -6 - 0.3;
        const Chain& outline = pathOf(with).chains.back();
        double above = 0, all = 0;
        for (size_t i = 0; i + 1 < outline.points.size(); ++i) {
            const auto &a = outline.points[i], &b = outline.points[i + 1];
            const double way = std::hypot(b.x - a.x, b.y - a.y);
            all += a.z == bottom && b.z == bottom ? way : 0;
            above += a.z == top && b.z == top ? way : 0;
        }
        // Over a tab the tool's axis goes the tab's width and its own, in both passes that are below its top.
        QVERIFY2(std::fabs(above - 2 * 4 * (5 + 2)) < 0.01, qPrintable(QString::number(above)));
        QVERIFY(all > 200);
    }

    void holesAreDrilledByPecksAndTheGroundIsClearedRoundWhatStays() {
        card::Card card = cutCard("BO", working::Kind::raised, OperationKind::drill);
        card.blank.holes = {{10, 10, 4}, {110, 35, 4}};
        card.operations[0].of.clear();
        card.operations[0].tool = samples::tool(ToolKind::drill, 4);
        card.operations[0].peck = 2;
        const card::Made drilled = made(card);
        QCOMPARE(pathOf(drilled).chains.size(), size_t(2));
        for (const Chain& chain : pathOf(drilled).chains) {
            QCOMPARE(chain.points.size(), size_t(7)); // 2, 4, 6, 6.3 deep, and out in between
            QCOMPARE(chain.points.back().z, -6.3);
        }
        cut::Operation ground;
        ground.kind = OperationKind::clear;
        ground.around = {"i0"};
        ground.depth = 1;
        ground.tool = samples::tool(ToolKind::flat, 2);
        card.operations = {ground};
        const card::Made cleared = made(card);
        const proof::Proof proof = proof::proofOf(programOf(cleared), cleared.cuttings->front);
        QVERIFY(proof.isSound() && proof.left.area < 0.02);
        const auto at = [&](double x, double y) {
            const proof::HeightField& field = *proof.field;
            return field.at(int((x - proof.windowLow.x) / field.cell()),
                            int((y - proof.windowLow.y) / field.cell()));
        };
        QVERIFY(std::fabs(at(20, 35) + 1) < 1e-3); // the ground
        const plane::Box letter = plane::boxOf(cleared.lettering->inscriptions[0].onSide[0]);
        QCOMPARE(at(plane::toMillimetres(letter.low.x) + 1, 22.5), 0.0f); // the stem of the B
    }

    void pocketsAreClearedIntoTheirCornersWithAWideStepover() {
        card::Card card = cutCard("M8", working::Kind::sunk, OperationKind::pocket);
        card.operations[0].tool = samples::tool(ToolKind::flat, 1);
        card.operations[0].stepover = 0.9;
        const card::Made with = made(card);
        const proof::Proof proof = proof::proofOf(programOf(with), with.cuttings->front);
        QVERIFY(proof.isSound());
        QVERIFY2(proof.left.area < 0.01, qPrintable(QString::number(proof.left.area)));
    }

    void theWayInTheAirIsShorterThanFromOneToTheNearestNext() {
        std::mt19937 random(7);
        std::uniform_real_distribution<double> somewhere(0, 200);
        std::vector<Chain> chains;
        for (int i = 0; i < 150; ++i) {
            Chain chain;
            const Vector a{somewhere(random), somewhere(random)};
            chain.points = {{a.x, a.y, -1}, {a.x + somewhere(random) / 40, a.y + somewhere(random) / 40, -1}};
            chains.push_back(chain);
        }
        std::vector<Chain> nearest;
        Vector here{};
        for (std::vector<Chain> open = chains; !open.empty();) {
            const auto next = std::ranges::min_element(open, {}, [&](const Chain& chain) {
                return std::hypot(chain.points[0].x - here.x, chain.points[0].y - here.y);
            });
            here = {next->points.back().x, next->points.back().y};
            nearest.push_back(*next);
            open.erase(next);
        }
        std::vector<Chain> ordered = chains;
        cut::putInOrder(ordered, {}, false);
        QCOMPARE(ordered.size(), chains.size());
        QVERIFY2(
            cut::airOf(ordered, {}) < 0.95 * cut::airOf(nearest, {}),
            qPrintable(QStringLiteral("%1 %2").arg(cut::airOf(ordered, {})).arg(cut::airOf(nearest, {}))));
    }

    void movesTakeAsLongAsTheyMust() {
        // 100 mm at 100 mm/s with 1,000 mm/s²: a tenth of a second up, a tenth down, 90 mm between.
        const std::vector<cut::TimedMove> one{{{100, 0, 0}, 6000}};
        QVERIFY(std::fabs(cut::secondsOf({}, one, 1000) - 1.1) < 1e-9);
        // Straight on in two moves is no slower; there and back stops between.
        const std::vector<cut::TimedMove> two{{{50, 0, 0}, 6000}, {{100, 0, 0}, 6000}};
        QVERIFY(std::fabs(cut::secondsOf({}, two, 1000) - 1.1) < 1e-9);
        const std::vector<cut::TimedMove> back{{{50, 0, 0}, 6000}, {{0, 0, 0}, 6000}};
        QVERIFY(std::fabs(cut::secondsOf({}, back, 1000) - 1.2) < 1e-6);
        // Too short to get as fast as it may
        const std::vector<cut::TimedMove> shorter{{{1, 0, 0}, 60000}};
        QVERIFY(std::fabs(cut::secondsOf({}, shorter, 1000) - 2 * std::sqrt(1.0 / 1000)) < 1e-9);
    }

    void filesAreWrittenSoThatAnyControllerTakesThem() {
        card::Card card = cutCard("Quay (G0 X900) ; M3", working::Kind::sunk, OperationKind::pocket);
        card.inscriptions[0].style.size = 6;
        card.operations.push_back(card.operations[0]);
        card.operations[1].tool = samples::tool(ToolKind::flat, 0.8);
        for (const char* dialect : {"lines", "arcs"}) {
            card.machine.dialect = dialect;
            const card::Made with = made(card);
            const auto bytes = cut::gcodeOf(with.cuttings->front, *cut::shippedShop().dialect(dialect),
                                            {"tag) G0 X5 (\nM3", {}});
            QVERIFY(bool(bytes));
            QCOMPARE(programOf(with), programOf(made(card)));
            const QStringList lines = QString::fromStdString(*bytes).split('\n');
            bool modes = false, moved = false;
            for (const QString& line : lines) {
                QVERIFY(line.size() <= 255);
                for (const QChar c : line)
                    QVERIFY(c.unicode() >= 32 && c.unicode() < 127);
                QVERIFY(!line.contains("G53") && !line.contains("G28"));
                const QString words = QString(line).remove(QRegularExpression("\\([^)]*\\)"));
                QVERIFY(!words.contains('(') && !words.contains(')'));
                modes = modes || words.contains("G17 G21 G90 G40 G49 G94");
                if (!moved && words.contains(QRegularExpression("[XYZ]"))) {
                    QVERIFY(modes && words.startsWith("G0 Z"));
                    moved = true;
                }
                QVERIFY(QString::fromLatin1(dialect) == "arcs" ||
                        !words.contains(QRegularExpression("G[23]\\b")));
            }
            QVERIFY(lines.contains("M30") && lines.contains("M5") && lines.contains("T2 M6"));
            const proof::Program program = proof::programFrom(*bytes);
            QVERIFY(program.errors.empty() && program.ends);
            for (const proof::Motion& motion : program.motions)
                QVERIFY(space::length(motion.to - motion.from) > 0);
        }
    }

    void whatGoesDownIsNeverFasterThanThePlunge() {
        card::Card card = cutCard("Vx", working::Kind::carved, OperationKind::carve);
        card.operations[0].tool = samples::taper(30, 0.1);
        card.operations[0].feed = 1200;
        card.operations[0].plunge = 150;
        const proof::Program program = proof::programFrom(programOf(made(card)));
        int down = 0;
        for (const proof::Motion& motion : program.motions) {
            const double falls = motion.from.z - motion.to.z, way = space::length(motion.to - motion.from);
            if (motion.rapid || !(falls > 0.01))
                continue;
            ++down;
            QVERIFY(motion.feed * falls / way < 150 * 1.02);
        }
        QVERIFY(down > 10);
    }

    void cutsAreDrawnOnLayersOfTheirOwn() {
        card::Card card = cutCard("BO", working::Kind::pierced, OperationKind::cutOut);
        card.operations[0].of.clear();
        card.operations[0].tool = samples::tool(ToolKind::torch, 1.2);
        card.operations[0].lead = {cut::LeadKind::line, 3, 90};
        const card::Made with = made(card);
        const auto layers = card::cutLayersOf(with);
        QCOMPARE(layers.size(), size_t(2));
        QCOMPARE(layers[0].name, std::string("cut-out"));
        QCOMPARE(layers[1].name, std::string("cut-out-lead"));
        const plane::Outline cuts = plane::outlineOf(layers[0].stamps);
        QCOMPARE(cuts.contours.size(), size_t(6)); // the plate, two letters, three counters
        for (const plane::Contour& contour : cuts.contours) {
            QVERIFY(!contour.open);
            const Vector end = contour.segments.back().end;
            QVERIFY(std::hypot(end.x - contour.start.x, end.y - contour.start.y) < 1e-6);
        }
    }

    void stockTravelAndToolsAreHeldAgainstTheWork() {
        card::Card card = cutCard("Helm", working::Kind::carved, OperationKind::carve);
        card.operations[0].tool = samples::taper(60, 0.2);
        QVERIFY(!samples::finding(made(card), check::FindingKind::toolWide));
        const auto finds = [&](check::FindingKind kind, process::Severity severity) {
            const card::Made with = made(card);
            const check::Finding* const found = samples::finding(with, kind);
            return found && found->severity == severity;
        };
        using enum check::FindingKind;
        card::Card good = card;
        card.operations[0].tool.tip = 8;
        QVERIFY(finds(toolWide, process::Severity::stop));
        card = good;
        card.operations[0].depthCap = 7;
        card.inscriptions[0].style.size = 40;
        QVERIFY(finds(deeperThanStock, process::Severity::stop));
        card = good;
        card.operations[0].tool.flute = 0.5;
        card.operations[0].depthCap = 2;
        QVERIFY(finds(depthTwice, process::Severity::watch));
        card = good;
        card.machine.travel = {30, 400, 90};
        QVERIFY(finds(beyondTravel, process::Severity::stop));
        card = good;
        card.stock.x = 40;
        card.stock.width = 200;
        card.stock.height = 60;
        QVERIFY(finds(partOutsideStock, process::Severity::stop));
        QVERIFY(finds(cutOutsideStock, process::Severity::stop));
        card = good;
        card.machine.dialect = "nobody's";
        QVERIFY(finds(dialectUnknown, process::Severity::stop));
    }

    void aHelixGoesDownInCirclesWithinTheLetter() {
        card::Card card = cutCard("HO", working::Kind::sunk, OperationKind::pocket);
        card.inscriptions[0].style.size = 30;
        card.operations[0].tool = samples::tool(ToolKind::flat, 1);
        card.operations[0].tool.entry = cut::Entry::helix;
        const card::Made with = made(card);
        const Toolpath& path = pathOf(with);
        int spirals = 0;
        for (const Chain& chain : path.chains) {
            // Down, once round, at least two full circles of one radius
            double turned = 0;
            for (size_t i = 2; i < chain.points.size() && chain.points[i].z > -1.2 + 1e-9; ++i) {
                const Vector a = cut::planOf(chain.points[i - 1]) - cut::planOf(chain.points[i - 2]),
                             b = cut::planOf(chain.points[i]) - cut::planOf(chain.points[i - 1]);
                turned += std::atan2(plane::cross(a, b), plane::dot(a, b));
            }
            spirals += std::fabs(turned) > 4 * M_PI ? 1 : 0;
            for (const space::Vertex& p : chain.points) {
                const plane::Region& shape = path.job.shapes[size_t(chain.shape)].region;
                const plane::Point there = plane::onGrid(mm * cut::planOf(p));
                QVERIFY(plane::contains(shape, there));
                QVERIFY(plane::BoundaryIndex(shape).distanceTo(mm * cut::planOf(p), 1e6) > 0.495 * mm);
            }
        }
        QVERIFY(spirals > 0);
    }

    void straightWaysLeaveNoMoreThanThoseAlongTheWalls() {
        for (const bool raster : {false, true}) {
            card::Card card = cutCard("BORE 8", working::Kind::sunk, OperationKind::pocket);
            card.operations[0].tool = samples::tool(ToolKind::flat, 1);
            card.operations[0].stepover = 0.45;
            card.operations[0].raster = raster;
            const card::Made with = made(card);
            const proof::Proof proof = proof::proofOf(programOf(with), with.cuttings->front);
            QVERIFY(proof.gouge.largest <= 0.01);
            QVERIFY2(proof.left.area < 0.05, qPrintable(QString::number(proof.left.area)));
        }
    }

    void onlyWhatAWiderToolLeftIsClearedByTheNext() {
        card::Card card = cutCard("REST", working::Kind::sunk, OperationKind::pocket);
        card.inscriptions[0].style.size = 24;
        card.operations[0].tool = samples::tool(ToolKind::flat, 2);
        card.operations.push_back(card.operations[0]);
        card.operations[1].tool = samples::tool(ToolKind::flat, 0.6);
        const card::Made whole = made(card);
        card.operations[1].rest = true;
        const card::Made rest = made(card);
        const auto& all = whole.cuttings->front.paths;
        const auto& only = rest.cuttings->front.paths;
        QCOMPARE(only[0].cutLength, all[0].cutLength);
        QVERIFY(only[1].cutLength > 0 && only[1].cutLength < 0.5 * all[1].cutLength);
        const proof::Proof proof = proof::proofOf(programOf(rest), rest.cuttings->front);
        QVERIFY(proof.gouge.largest <= 0.01);
        QVERIFY2(proof.left.area < 0.05, qPrintable(QString::number(proof.left.area)));
    }

    void theGroundRoundRaisedLettersIsCarvedByAPointedTool() {
        card::Card card = cutCard("SEA", working::Kind::raised, OperationKind::clear);
        card.blank.width = 60;
        card.blank.height = 30;
        card.inscriptions[0].placing.x = 30;
        card.inscriptions[0].placing.y = 15;
        card.inscriptions[0].working.height = 1;
        card.stock = {};
        card.stock.top = 1;
        card.operations[0].of.clear();
        card.operations[0].around = {"i0"};
        card.operations[0].tool = samples::taper(60, 0.2);
        card.operations[0].stepover = 0.25;
        const card::Made with = made(card);
        const Toolpath& path = pathOf(with);
        COMPARE_NEAR(path.deepest, 0, 1e-9); // down to the front, from a stock that stands above it
        const proof::Proof proof = proof::proofOf(programOf(with), with.cuttings->front);
        QVERIFY2(proof.gouge.largest <= 0.01, qPrintable(QString::number(proof.gouge.largest)));
        QVERIFY2(proof.left.area < 0.5, qPrintable(QString::number(proof.left.area)));
        // At their tops the letters are whole: nothing within them is ever passed through.
        for (const Chain& chain : path.chains)
            for (const space::Vertex& p : chain.points)
                QVERIFY(plane::contains(path.job.shapes[size_t(chain.shape)].region,
                                        plane::onGrid(mm * cut::planOf(p))));
    }

    void whatComesLooseIsToldInItsOrder() {
        card::Card card = cutCard("OD", working::Kind::pierced, OperationKind::cutOut);
        card.inscriptions[0].style.size = 30;
        card.operations[0].of.clear();
        card.operations[0].tool = samples::tool(ToolKind::flat, 1);
        const card::Made with = made(card);
        const Toolpath& path = pathOf(with);
        // Of O and D a counter each, and what is left of the strokes round them; then the part.
        QCOMPARE(path.freed.size(), size_t(5));
        for (size_t i = 0; i + 1 < path.freed.size(); ++i) {
            QVERIFY(!path.freed[i].isPart);
            QVERIFY(path.freed[i].area < path.freed.back().area);
            QVERIFY(path.freed[i].chain < path.freed[i + 1].chain);
        }
        QVERIFY(path.freed.back().isPart);
        const auto* const inner = samples::finding(with, check::FindingKind::innerLoose);
        QVERIFY(inner && inner->severity == process::Severity::watch && inner->count > 0);
        // What is done after that to a part that is free is told, and mended by cutting it out last.
        card.operations.push_back(card.operations[0]);
        card.operations[1].kind = OperationKind::drill;
        card.blank.holes = {{}};
        card.blank.holes[0].x = card.blank.holes[0].y = 8;
        const auto* const before = samples::finding(made(card), check::FindingKind::looseBefore);
        QVERIFY(before);
        card.operations[0].tabs = 3; // holds it
        QVERIFY(!samples::finding(made(card), check::FindingKind::looseBefore));
    }

    void theWayInTheAirLiesAboveEveryClamp() {
        card::Card card = cutCard("BUOY", working::Kind::carved, OperationKind::carve);
        COMPARE_NEAR(pathOf(made(card)).clearance, 5, 1e-9);
        card.clamps = {{-8, 0, 6, 20, 12}, {0, 0, 5, 5, 3}};
        const card::Made with = made(card);
        QVERIFY(pathOf(with).clearance > 12);
        const proof::Program program = proof::programFrom(programOf(with));
        for (const proof::Motion& motion : program.motions)
            if (motion.rapid && (motion.from.x != motion.to.x || motion.from.y != motion.to.y))
                QVERIFY(motion.to.z + with.cuttings->front.zero.z > 12);
    }

    void tabsAreSpacedAsTold() {
        card::Card card = cutCard("", working::Kind::sunk, OperationKind::cutOut);
        card.inscriptions.clear();
        card.operations[0].of.clear();
        card.operations[0].tool = samples::tool(ToolKind::flat, 3);
        card.operations[0].tabSpacing = 40;
        const card::Made with = made(card);
        int tabs = 0;
        for (const Chain& chain : pathOf(with).chains)
            for (size_t i = 1; i < chain.points.size(); ++i)
                tabs += chain.points[i].z > chain.points[i - 1].z + 0.5 ? 1 : 0;
        const double round = 2 * (card.blank.width + card.blank.height);
        QVERIFY2(std::abs(tabs - std::lround(round / 40)) <= 1, qPrintable(QString::number(tabs)));
    }

    void tabsAndStartsGoWhereTheyArePut() {
        card::Card card = cutCard("", working::Kind::sunk, OperationKind::cutOut);
        card.inscriptions.clear();
        card.operations[0].of.clear();
        card.operations[0].tool = samples::tool(ToolKind::flat, 3);
        card.operations[0].tabsAt = {{30, 0}, {card.blank.width, 20}, {500, 500}}; // the last lies nowhere
        card.operations[0].startsAt = {{12, card.blank.height}};
        const card::Made with = made(card);
        const Toolpath& path = pathOf(with);
        QCOMPARE(path.tabs.size(), size_t(2));
        COMPARE_NEAR(path.tabs[0].x, 30, 0.01);
        COMPARE_NEAR(path.tabs[0].y, -1.5, 0.01);
        COMPARE_NEAR(path.tabs[1].y, 20, 0.01);
        QCOMPARE(path.starts.size(), size_t(1));
        COMPARE_NEAR(path.chains[0].points[0].x, 12, 0.01);
        COMPARE_NEAR(path.chains[0].points[0].y, card.blank.height + 1.5, 0.01);
        // Leads go there too, where there is room in the waste.
        card.operations[0].lead = {cut::LeadKind::line, 3, 90};
        const card::Made led = made(card);
        COMPARE_NEAR(pathOf(led).starts[0].x, 12, 0.01);
    }

    void lettersAreCutAsTheyAreReadWhereAsked() {
        card::Card card = cutCard("ANCHORAGE", working::Kind::carved, OperationKind::carve);
        card.operations[0].tool = samples::taper(60, 0.2);
        card.operations[0].reading = true;
        const card::Made with = made(card);
        double before = -1e9;
        for (const Chain& chain : pathOf(with).chains) {
            const double left = plane::boxOf(pathOf(with).job.shapes[size_t(chain.shape)].region).low.x;
            QVERIFY2(left >= before,
                     qPrintable(QStringLiteral("%1: %2 after %3").arg(chain.shape).arg(left).arg(before)));
            before = left;
        }
    }

    /// Those that lie within others first, and of a letter that is cut in passes a deeper one after a
    /// shallow.
    void noSampleGoesFartherInTheAirThanToTheNearestNext() {
        for (const char* sample : {"osprey-transom", "valve-scribed", "berth-monogram", "slate-ground"}) {
            card::Card card = samples::read(sample);
            for (cut::Operation& operation : card.operations) // one pass: any order may be had
                operation.pass = operation.kind == OperationKind::cutOut ? operation.pass : 100;
            const card::Made with = made(card);
            for (const Toolpath& path : card::cuttingsOf(with)->front.paths) {
                std::vector<Chain> left = path.chains, nearest;
                const Vector from{path.job.stock.low.x, path.job.stock.low.y};
                for (Vector here = from; !left.empty(); here = cut::planOf(nearest.back().points.back())) {
                    const int deepest = std::ranges::max_element(left, {}, &Chain::after)->after;
                    auto next = left.end();
                    for (auto chain = left.begin(); chain != left.end(); ++chain)
                        if (chain->after == deepest &&
                            (next == left.end() ||
                             plane::length(cut::planOf(chain->points.front()) - here) <
                                 plane::length(cut::planOf(next->points.front()) - here)))
                            next = chain;
                    nearest.push_back(*next);
                    left.erase(next);
                }
                QVERIFY2(cut::airOf(path.chains, from) <= cut::airOf(nearest, from) * (1 + 1e-9),
                         qPrintable(QStringLiteral("%1: %2 %3")
                                        .arg(sample)
                                        .arg(cut::airOf(path.chains, from))
                                        .arg(cut::airOf(nearest, from))));
            }
        }
    }

    void theBackHasAFileOfItsOwnFromItsOwnZero() {
        card::Card card = cutCard("BOW", working::Kind::carved, OperationKind::carve);
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].side = "back";
        card.inscriptions[1].words = "STERN";
        card.operations.push_back(card.operations[0]);
        card.operations[1].of = {"i1"};
        card.operations[1].back = true;
        card.stock = {};
        card.stock.x = -4;
        card.stock.y = -6;
        card.stock.width = card.blank.width + 12; // 4 on the left, 8 on the right
        card.stock.height = card.blank.height + 12;
        const card::Made both = made(card);
        const cut::Block& behind = both.cuttings->back.stock;
        COMPARE_NEAR(behind.low.x, -8, 1e-9); // seen from behind its right is on the left
        COMPARE_NEAR(behind.high.x, card.blank.width + 4, 1e-9);
        COMPARE_NEAR(both.cuttings->back.zero.x, -8, 1e-9);
        const auto files = card::outputOf(both, *card::formatOf("x.nc"), "quay/x.nc");
        QVERIFY(files);
        QCOMPARE(files->size(), size_t(2));
        QCOMPARE((*files)[0].path, std::string("quay/x.nc"));
        QCOMPARE((*files)[1].path, std::string("quay/x-back.nc"));
        const proof::Proof proof = proof::proofOf((*files)[1].bytes, both.cuttings->back);
        QVERIFY(proof.isSound() && proof.cutLength > 0);
        // The only side that is cut has the name it was given.
        card.operations.erase(card.operations.begin());
        const auto one = card::outputOf(made(card), *card::formatOf("x.nc"), "x.nc");
        QVERIFY(one && one->size() == 1 && one->front().path == "x.nc");
    }

    void aFileForEachToolKeepsTheirNumbers() {
        card::Card card = cutCard("HULL", working::Kind::sunk, OperationKind::pocket);
        card.operations[0].tool = samples::tool(ToolKind::flat, 1.5);
        card.operations.push_back(card.operations[0]);
        card.operations[1].tool = samples::tool(ToolKind::flat, 0.8);
        card.machine.fileATool = card.machine.airRun = true;
        const card::Made with = made(card);
        const auto files = card::outputOf(with, *card::formatOf("hull.nc"), "hull.nc");
        QVERIFY(files);
        std::vector<std::string> names;
        for (const files::WholeFile& file : *files)
            names.push_back(file.path);
        QCOMPARE(names, (std::vector<std::string>{"hull-1.nc", "hull-2.nc", "hull-air.nc"}));
        QVERIFY((*files)[0].bytes.find("T1 M6") != std::string::npos &&
                (*files)[0].bytes.find("T2") == std::string::npos);
        QVERIFY((*files)[1].bytes.find("T2 M6") != std::string::npos &&
                (*files)[1].bytes.find("T1") == std::string::npos);
        QVERIFY(proof::proofOf((*files)[1].bytes, with.cuttings->front).gouge.largest <= 0.01);
        const proof::Proof air = proof::proofOf((*files)[2].bytes, with.cuttings->front);
        QVERIFY(air.program.errors.empty() && air.cutLength == 0 && air.rapidLength > 0);
    }

    void limitsComeFromTheFinestToolThatCutsTheWords() {
        card::Card card = cutCard("FLEET", working::Kind::sunk, OperationKind::pocket);
        card.process.kind = process::Filament{};
        card.operations[0].tool = samples::tool(ToolKind::flat, 3);
        const auto stop = [&] {
            return process::limitOf(card::rulesFor(card, &card.inscriptions[0]), "strokeStop").value_or(0);
        };
        COMPARE_NEAR(stop(), 3, 1e-9);
        // It goes into some of them; into none it would stop.
        const card::Made with = made(card);
        const auto* const narrow = samples::finding(with, check::FindingKind::strokeNarrow);
        QVERIFY(narrow && narrow->severity == process::Severity::watch && narrow->limit == 3);
        card.operations.push_back(card.operations[0]);
        card.operations[1].tool = samples::tool(ToolKind::flat, 0.5);
        COMPARE_NEAR(stop(), 0.5, 1e-9);
        card.operations[1].off = true;
        COMPARE_NEAR(stop(), 3, 1e-9);
        const double own =
            process::limitOf(process::rulesOf(card.process, {working::Kind::sunk, 6, false}), "strokeStop")
                .value_or(0);
        card.operations.clear();
        COMPARE_NEAR(stop(), own, 1e-9);
    }

    void aCardWithoutOperationsHasTheUsualOnes() {
        card::Card card = cutCard("HELM", working::Kind::carved, OperationKind::carve);
        card.operations.clear();
        card.process.kind = process::VCarving{};
        const card::Made with = made(card);
        QVERIFY(!with.cuttings);
        const card::Cuttings usual = *card::cuttingsOf(with);
        QCOMPARE(usual.front.paths.size(), size_t(1));
        QCOMPARE(usual.front.paths[0].job.operation.kind, OperationKind::carve);
        card.process.kind = process::Torch{};
        card.inscriptions[0].working.kind = working::Kind::pierced;
        const card::Made torch = made(card);
        const card::Cuttings burnt = *card::cuttingsOf(torch);
        QCOMPARE(burnt.front.paths[0].job.operation.tool.kind, ToolKind::torch);
        QCOMPARE(burnt.front.paths[0].job.operation.tool.kerf, process::Torch{}.kerf);
    }

    void operationsAreReadAndWrittenAsTheyStand() {
        const std::string text = R"({"bollard":1,"inscriptions":[],
 "stock": {"margin": 5, "thickness": 12, "material": "oak"},
 "zero": {"at": {"x": 3, "y": 4}, "on": "part"},
 "machine": {"travel": [600, 400, 90], "dialect": "arcs"},
 "clamps": [{"x": 1, "y": 2, "width": 3, "height": 4, "top": 5}],
 "operations": [
   {"kind": "scribe", "of": [0], "tool": {"kind": "engraving", "angle": 30, "tip": 0.1, "diameter": 3}, "depth": 0.3},
   {"kind": "cut-out", "tool": "Flat 3", "pass": 2, "tabs": 4, "mine": true, "tab": {"width": 5, "height": 2}},
   {"kind": "clear", "around": [0], "within": 1, "tool": "Flat 6", "depth": 2},
   {"kind": "cut-out", "tool": {"kind": "torch", "kerf": 1.2, "pierce": 0.5}, "lead": {"kind": "line", "length": 4}, "off": true}]})";
        const auto read = card::cardFromJson(text);
        QVERIFY(bool(read));
        QCOMPARE(read->operations.size(), size_t(4));
        QCOMPARE(read->operations[0].of, std::vector<std::string>{"i0"});
        QCOMPARE(read->operations[0].tool.kind, ToolKind::engraving);
        QCOMPARE(read->operations[1].tool.name, std::string("Flat 3"));
        QCOMPARE(read->operations[1].tab.width, 5.0);
        QCOMPARE(read->operations[2].within, std::string("i1"));
        QVERIFY(read->operations[3].off);
        QCOMPARE(read->zero.place.x, 3.0);
        QCOMPARE(read->zero.place.at, cut::ZeroAt::point);
        QCOMPARE(cut::placeOf(read->zero, {{0, 0, -5}, {50, 40, 2}}), (space::Vertex{3, 4, 0}));
        QCOMPARE(read->machine.travel[2], 90.0);
        const auto before = QJsonDocument::fromJson(QByteArray::fromStdString(text)).object();
        const auto after = QJsonDocument::fromJson(QByteArray::fromStdString(card::jsonOf(*read))).object();
        for (const char* part : {"stock", "zero", "machine", "clamps", "operations"})
            QCOMPARE(after[QLatin1String(part)], before[QLatin1String(part)]);
        const auto again = card::cardFromJson(card::jsonOf(*read));
        QVERIFY(bool(again) && again->operations == read->operations);
    }
};

QTEST_GUILESS_MAIN(CuttingTest)
#include "cutting_test.moc"
