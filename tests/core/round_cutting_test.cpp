// Words cut on bars: where the machine goes, how fast, that nothing is gouged, and what is told before.
#include "../cut_cards.hpp"
#include "card/cutting_findings.hpp"
#include <cmath>
#include <map>
#include <random>

using namespace bollard;
using check::FindingKind;
using cut::OperationKind, cut::ToolKind;
using samples::made;

namespace {

/// A program as another reader finds it: each move with all its words.
struct Line {
    double x = 0, y = 0, z = 0, a = 0; ///< where it goes
    double fromX = 0, fromY = 0, fromZ = 0, fromA = 0;
    bool rapid = false, inverse = false;
    double feed = 0; ///< of this line, or as told before
    bool hasFeed = false;
    std::string text{};
};
std::vector<Line> linesOf(const std::string& program, char axis) {
    std::vector<Line> all;
    double at[4] = {0, 0, 0, 0}, feed = 0;
    int mode = -1;
    bool inverse = false;
    for (const QString& text : QString::fromStdString(program).split(QLatin1Char('\n'))) {
        if (text.isEmpty() || text.startsWith(QLatin1Char('(')))
            continue;
        Line line;
        line.text = text.toStdString();
        bool moves = false;
        double from[4];
        std::copy(at, at + 4, from);
        for (const QString& word : text.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
            const char letter = word[0].toLatin1();
            const double value = word.mid(1).toDouble();
            if (letter == 'G' && (value == 0 || value == 1))
                mode = int(value);
            if (letter == 'G' && (value == 93 || value == 94))
                inverse = value == 93;
            if (letter == 'F') {
                feed = value;
                line.hasFeed = true;
            }
            const size_t which = letter == axis ? 3 : size_t(letter - 'X');
            if (letter == axis || (letter >= 'X' && letter <= 'Z')) {
                at[which] = value;
                moves = true;
            }
        }
        if (!moves)
            continue;
        line.x = at[0];
        line.y = at[1];
        line.z = at[2];
        line.a = at[3];
        line.fromX = from[0];
        line.fromY = from[1];
        line.fromZ = from[2];
        line.fromA = from[3];
        line.rapid = mode == 0;
        line.inverse = inverse;
        line.feed = feed;
        all.push_back(line);
    }
    return all;
}

card::Card barCard(const std::string& words, working::Kind kind, OperationKind operation) {
    card::Card card = samples::cutCard(words, kind, operation);
    card.blank.kind = blank::Kind::bar;
    card.blank.diameter = 25.4;
    card.blank.length = 60;
    card.stock = {};
    card.stock.diameter = 25.4;
    card.stock.length = 80;
    card.stock.before = 20;
    card.stock.chuck = {cut::ChuckEnd::start, 15};
    card.zero.place.at = cut::ZeroAt::start;
    card.zero.on = cut::ZeroOn::axis;
    card.machine.travel = {200, 300, 150};
    card.machine.dialect = "lines";
    card.machine.axis.letter = cut::AxisLetter::a;
    card::Inscription& inscription = card.inscriptions[0];
    inscription.side = "outside";
    inscription.style.size = 8;
    inscription.placing.anchor = setting::Anchor::centre;
    inscription.placing.x = M_PI * 12.7;
    inscription.placing.y = 30;
    inscription.working.depth = 1;
    inscription.working.height = 1;
    cut::Operation& one = card.operations[0];
    one.tool = operation == OperationKind::pocket   ? samples::tool(ToolKind::flat, 1)
               : operation == OperationKind::raster ? samples::tool(ToolKind::ball, 2)
                                                    : samples::taper(60, 0.1);
    one.tool.diameter =
        operation == OperationKind::scribe || operation == OperationKind::carve ? 3 : one.tool.diameter;
    one.feed = 600;
    one.plunge = 200;
    one.speed = 18000;
    one.clearance = 4;
    return card;
}

std::vector<std::pair<FindingKind, double>> stopsOf(const card::Made& made) {
    std::vector<std::pair<FindingKind, double>> all;
    for (const check::Finding& finding : card::cuttingFindings(*made.card, *made.cuttings, *made.shop))
        if (finding.severity == check::Severity::stop)
            all.emplace_back(finding.kind, finding.measured);
    return all;
}
bool stops(const card::Card& card, FindingKind kind) {
    const auto all = stopsOf(made(card));
    return std::ranges::find(all, kind, &std::pair<FindingKind, double>::first) != all.end();
}

} // namespace

class RoundCuttingTest : public QObject {
    Q_OBJECT
  private slots:
    void theMachineGoesWhereTheDevelopmentSays_data() {
        QTest::addColumn<int>("at");
        QTest::addColumn<int>("on");
        QTest::addColumn<double>("y");
        QTest::addColumn<double>("z");
        using cut::ZeroAt, cut::ZeroOn;
        QTest::newRow("from the start, on the axis")
            << int(ZeroAt::start) << int(ZeroOn::axis) << 20.0 << 12.7;
        QTest::newRow("from the end, on top") << int(ZeroAt::end) << int(ZeroOn::top) << -60.0 << 0.0;
        QTest::newRow("from a place, on the part") << int(ZeroAt::point) << int(ZeroOn::part) << -12.5 << 0.0;
    }
    void theMachineGoesWhereTheDevelopmentSays() {
        QFETCH(int, at);
        QFETCH(int, on);
        QFETCH(double, y);
        QFETCH(double, z);
        card::Card card = barCard("TERN", working::Kind::carved, OperationKind::carve);
        card.zero.place = {cut::ZeroAt(at), 0, 12.5};
        card.zero.on = cut::ZeroOn(on);
        for (const bool reverse : {false, true})
            for (const bool alongX : {false, true}) {
                card.machine.axis.reverse = reverse;
                card.machine.axis.along = alongX ? cut::AxisAlong::x : cut::AxisAlong::y;
                const card::Made with = made(card);
                const auto lines = linesOf(samples::programOf(with), 'A');
                // All points of the development, each by the contract's formula.
                std::vector<const Line*> cuts;
                for (const Line& line : lines)
                    if (!line.rapid)
                        cuts.push_back(&line);
                size_t next = 0;
                for (const cut::Chain& chain : with.cuttings->front.paths[0].chains)
                    for (const space::Vertex& p : chain.points) {
                        const double angle = (p.x - M_PI * 12.7) / 12.7 * 180 / M_PI * (reverse ? -1 : 1);
                        const auto isThere = [&](const Line& line) {
                            return std::fabs(line.a - angle) < 6e-5 &&
                                   std::fabs((alongX ? line.x : line.y) - (p.y + y)) < 6e-4 &&
                                   std::fabs(line.z - (p.z + z)) < 6e-4;
                        };
                        if (next > 0 && isThere(*cuts[next - 1]))
                            continue; // no move at all
                        while (next < cuts.size() && !isThere(*cuts[next]))
                            ++next; // between, where it is bent
                        QVERIFY2(next < cuts.size(),
                                 qPrintable(QString("%1 %2 %3").arg(angle).arg(p.y).arg(p.z)));
                        ++next;
                    }
                // The cross word is told once, as 0.
                int cross = 0;
                for (const Line& line : lines) {
                    QCOMPARE(alongX ? line.y : line.x, 0.0);
                    cross += line.text.find(alongX ? "Y" : "X") != std::string::npos;
                }
                QCOMPARE(cross, 1);
            }
    }

    void itIsAsFastOverTheSurfaceAsAsked() {
        for (const auto feed : {cut::AxisFeed::inverse, cut::AxisFeed::degrees}) {
            card::Card card = barCard("QUAY", working::Kind::carved, OperationKind::carve);
            card.machine.axis.feed = feed;
            const std::string program = samples::programOf(made(card));
            int counted = 0;
            for (const Line& line : linesOf(program, 'A')) {
                if (line.rapid)
                    continue;
                QCOMPARE(line.inverse, feed == cut::AxisFeed::inverse);
                QVERIFY(line.hasFeed || feed == cut::AxisFeed::degrees);
                const double dy = line.y - line.fromY, dz = line.z - line.fromZ, da = line.a - line.fromA;
                const double minutes = line.inverse ? 1 / line.feed : std::hypot(dy, dz, da) / line.feed;
                const double round = da * M_PI / 180 * (line.z + line.fromZ) / 2;
                const double length = std::hypot(round, dy, dz), speed = length / minutes;
                if (length < 0.05) // numbers are rounded
                    continue;
                ++counted;
                if (dy == 0 && da == 0 && dz < 0)
                    QVERIFY(std::fabs(speed - 200) < 2);
                else if (dz >= 0)
                    QVERIFY2(std::fabs(speed - 600) < 6, line.text.c_str());
                else
                    QVERIFY2(speed < 606 && speed * -dz / length < 202, line.text.c_str());
            }
            QVERIFY(counted > 100);
            const size_t last93 = program.rfind("G93"), last94 = program.rfind("G94");
            QVERIFY(feed == cut::AxisFeed::inverse ? last93 < last94 : last93 == std::string::npos);
        }
    }

    void theAirIsACylinderAndTurnsAreShort() {
        for (const char* words : {"TERN", "OSPREY OF THE QUAY"}) {
            card::Card card = barCard(words, working::Kind::carved, OperationKind::carve);
            card.inscriptions[0].style.size = 5;
            card.inscriptions[0].placing.x = 76; // across the seam
            const card::Made with = made(card);
            const auto lines = linesOf(samples::programOf(with), 'A');
            double low = 1e9, high = -1e9;
            bool first = true;
            for (const Line& line : lines) {
                QVERIFY2(first || std::fabs(line.a - line.fromA) <= 180 + 1e-9, line.text.c_str());
                const bool sideways = line.a != line.fromA || line.y != line.fromY;
                if (!first && sideways)
                    QVERIFY2(line.rapid ? std::min(line.z, line.fromZ) >= 16.7 - 1e-9
                                        : std::max(line.z, line.fromZ) <= 12.7 + 1e-9,
                             line.text.c_str());
                if (line.rapid && line.z < line.fromZ)
                    QVERIFY(line.z >= 16.7 - 1e-9);
                if (!line.rapid) {
                    low = std::min(low, line.a);
                    high = std::max(high, line.a);
                }
                first = false;
            }
            plane::Box box;
            for (const plane::Region& letter : with.lettering->inscriptions[0].onSide)
                box.include(plane::boxOf(letter));
            QVERIFY(high - low <= plane::toMillimetres(box.high.x - box.low.x) / 12.7 * 180 / M_PI + 1e-3);
            QVERIFY(high > 180); // not folded at the seam
        }
    }

    void nothingIsGougedAndTheProofSeesWhatIs() {
        for (const auto& [kind, operation] : {std::pair{working::Kind::carved, OperationKind::carve},
                                              {working::Kind::sunk, OperationKind::pocket},
                                              {working::Kind::scribed, OperationKind::scribe}}) {
            card::Card card = barCard("B 9", kind, operation);
            if (operation == OperationKind::scribe)
                card.inscriptions[0].working.depth = 0.3;
            const card::Made with = made(card);
            QVERIFY(stopsOf(with).empty());
            const std::string program = samples::programOf(with);
            const proof::Proof proof = proof::proofOf(program, with.cuttings->front);
            QVERIFY(proof.program.errors.empty());
            QVERIFY2(proof.gouge.largest <= 0.01 && proof.outsideStock == 0 &&
                         proof.rapidsBelowClearance == 0,
                     qPrintable(QString("%1 %2").arg(int(operation)).arg(proof.gouge.largest)));
            QVERIFY2(proof.left.largest <= 0.01,
                     qPrintable(QString("%1 %2").arg(int(operation)).arg(proof.left.largest)));
            // A wrong number is seen: deeper, and turned.
            const double deepest = operation == OperationKind::scribe ? 12.4 : 11.7;
            std::string deeper = program, turned = program;
            const std::string before = QString("Z%1").arg(deepest).toStdString(),
                              after = QString("Z%1").arg(deepest - 0.1).toStdString();
            for (size_t i = deeper.find(before); i != std::string::npos;
                 i = deeper.find(before, i + after.size()))
                deeper.replace(i, before.size(), after);
            QVERIFY(proof::proofOf(deeper, with.cuttings->front).gouge.largest > 0.05);
            const size_t at = turned.rfind(" A");
            turned.insert(at + 2, turned[at + 2] == '-' ? "" : "-");
            QVERIFY(turned != program);
            QVERIFY(proof::proofOf(turned, with.cuttings->front).gouge.largest > 0.05);
        }
    }

    void aRasterLeavesLettersAndTakesTheRest_data() {
        QTest::addColumn<int>("along");
        QTest::addColumn<bool>("oneWay");
        QTest::newRow("along the axis") << int(cut::RasterAlong::axis) << false;
        QTest::newRow("along the axis, one way") << int(cut::RasterAlong::axis) << true;
        QTest::newRow("round it") << int(cut::RasterAlong::round) << false;
        QTest::newRow("round it, one way") << int(cut::RasterAlong::round) << true;
    }
    void aRasterLeavesLettersAndTakesTheRest() {
        QFETCH(int, along);
        QFETCH(bool, oneWay);
        card::Card card = barCard("B9", working::Kind::raised, OperationKind::raster);
        card.stock.diameter = 27.4;
        cut::Operation& o = card.operations[0];
        o.along = cut::RasterAlong(along);
        o.oneWay = oneWay;
        o.stepover = 0.3;
        o.from = 22;
        o.to = 36;
        const card::Made with = made(card);
        QVERIFY(stopsOf(with).empty());
        const auto lines = linesOf(samples::programOf(with), 'A');
        // The letter's surface, in space, at angle 0.
        std::vector<std::pair<double, space::Vertex>> walls; // angle, place
        for (const plane::Region& letter : with.lettering->inscriptions[0].onSide)
            for (const plane::Ring& ring : letter.rings)
                for (size_t i = 0; i < ring.size(); ++i) {
                    const plane::Vector a = plane::vectorOf(ring[i]),
                                        b = plane::vectorOf(ring[(i + 1) % ring.size()]);
                    const int parts = std::max(1, int(plane::length(b - a) / 2000));
                    for (int k = 0; k < parts; ++k) {
                        const plane::Vector p = 1e-4 * (a + double(k) / parts * (b - a));
                        const double angle = (p.x - M_PI * 12.7) / 12.7;
                        walls.push_back({angle, {13.7 * std::sin(angle), p.y, 13.7 * std::cos(angle)}});
                    }
                }
        std::ranges::sort(walls, {}, &std::pair<double, space::Vertex>::first);
        double worst = 1e9, length = 0, least = 1e9, lowY = 1e9, highY = -1e9;
        for (const Line& line : lines) {
            if (line.rapid)
                continue;
            const double dy = line.y - line.fromY, dz = line.z - line.fromZ, da = line.a - line.fromA;
            const double way = std::hypot(dy, dz, da * M_PI / 180 * 12.7);
            if (dy != 0 || da != 0) {
                length += way;
                lowY = std::min({lowY, line.y, line.fromY});
                highY = std::max({highY, line.y, line.fromY});
            }
            least = std::min(least, line.z);
            const int steps = std::max(1, int(std::ceil(way / 0.02)));
            for (int k = 0; k <= steps; ++k) {
                const double t = double(k) / steps;
                const double angle = std::remainder((line.fromA + t * da) * M_PI / 180, 2 * M_PI);
                const double middle = line.fromZ + t * dz + 1, y = line.fromY + t * dy - 20;
                const space::Vertex centre{middle * std::sin(angle), y, middle * std::cos(angle)};
                auto wall = std::ranges::lower_bound(walls, angle - 0.09, {},
                                                     &std::pair<double, space::Vertex>::first);
                for (; wall != walls.end() && wall->first < angle + 0.09; ++wall)
                    worst = std::min(worst, space::length(centre - wall->second));
            }
        }
        QVERIFY2(worst > 1 - 0.01 && worst < 1.02, qPrintable(QString::number(worst)));
        QCOMPARE(least, 12.7);
        QVERIFY(std::fabs(lowY - 42) < 0.3 && std::fabs(highY - 56) < 0.3);
        QVERIFY2(length < 1.7 * 2 * M_PI * 12.7 * 14 / 0.3, qPrintable(QString::number(length)));
        // What it leaves, by the proof.
        const proof::Proof proof = proof::proofOf(samples::programOf(with), with.cuttings->front);
        QVERIFY2(proof.gouge.largest <= 0.01, qPrintable(QString::number(proof.gouge.largest)));
        const plane::Region near = plane::grown(plane::united(with.lettering->inscriptions[0].onSide), 12000);
        const bool axis = cut::RasterAlong(along) == cut::RasterAlong::axis;
        const double half = axis ? 0.3 / 12.7 / 2 : 0.15;
        const double cusp =
            axis ? 13.7 * std::cos(half) - std::sqrt(1 - std::pow(13.7 * std::sin(half), 2)) - 12.7
                 : 1 - std::sqrt(1 - half * half);
        double highest = 0;
        for (int row = 0; row < proof.field->rows(); ++row)
            for (int column = 0; column < proof.field->columns(); ++column) {
                const plane::Vector at = proof.field->middle(column, row);
                if (at.y > 22 && at.y < 36 && !plane::contains(near, plane::onGrid(1e4 * at)))
                    highest = std::max(highest, double(proof.field->at(column, row)));
            }
        QVERIFY2(highest <= cusp + 0.01 && highest > 0.5 * cusp,
                 qPrintable(QString("%1 for %2").arg(highest).arg(cusp)));
        if (!axis && oneWay)
            QVERIFY(lines.back().a > 360 * 14 / 0.3);
    }

    void aScallopTellsHowFarWaysLieApart() {
        card::Card card = barCard("B9", working::Kind::raised, OperationKind::raster);
        cut::Operation& o = card.operations[0];
        o.scallop = 0.01;
        o.from = 22;
        o.to = 36;
        for (const auto along : {cut::RasterAlong::axis, cut::RasterAlong::round}) {
            o.along = along;
            const double step = cut::rasterStepOf(o, 12.7);
            QVERIFY2(step > 0.2 && step < 0.3, qPrintable(QString::number(step)));
        }
    }

    void whatDoesNotGoIsToldBefore() {
        const card::Card good = barCard("TERN", working::Kind::carved, OperationKind::carve);
        QVERIFY(stopsOf(made(good)).empty());
        card::Card card = good;
        card.stock.diameter = 25.3;
        QVERIFY(stops(card, FindingKind::partOutsideStock));
        card.stock.diameter = 25.395;
        QVERIFY(stopsOf(made(card)).empty());
        card.stock.diameter = 26.4; // half a mm on the radius is none
        QVERIFY(stopsOf(made(card)).empty());
        card.stock.diameter = 26.6;
        QVERIFY(stops(card, FindingKind::stockProud));
        card = good;
        card.stock.length = 75;
        QVERIFY(stops(card, FindingKind::partOutsideStock));
        card = good;
        card.inscriptions[0].placing.y = 1;
        card.inscriptions[0].placing.turn = 90;
        QVERIFY(stops(card, FindingKind::cutOutsideStock));
        card = good;
        card.stock.chuck = {cut::ChuckEnd::start, 50};
        QVERIFY(stops(card, FindingKind::inChuck));
        card.stock.chuck = {cut::ChuckEnd::end, 15};
        QVERIFY(stopsOf(made(card)).empty());
        card = good;
        card.machine.axis.travel = {-20, 20};
        QVERIFY(stops(card, FindingKind::beyondTravel));
        card = good;
        card.machine.travel[1] = 3;
        QVERIFY(stops(card, FindingKind::beyondTravel));
        card = good;
        card.blank.diameter = card.stock.diameter = 3;
        card.inscriptions[0].placing.x = 1.5 * M_PI;
        card.inscriptions[0].style.size = 2;
        card.inscriptions[0].placing.turn = 90;
        card.operations[0].kind = OperationKind::scribe;
        card.operations[0].depth = 1.6;
        QVERIFY(stops(card, FindingKind::deeperThanStock));
        card = barCard("B9", working::Kind::raised, OperationKind::raster);
        card.operations[0].from = -10; // over the chuck
        card.operations[0].to = 36;
        QVERIFY(stops(card, FindingKind::inChuck));
        card.operations[0].from = 22;
        card.operations[0].to = 61;
        QVERIFY(stops(card, FindingKind::cutOutsideStock));
        card = good;
        card.operations[0].kind = OperationKind::cutOut;
        QVERIFY(stops(card, FindingKind::notRound));
        // A raster is of bars: on a cone it would gouge.
        card = barCard("B9", working::Kind::raised, OperationKind::raster);
        card.operations[0].from = 22;
        card.operations[0].to = 36;
        QVERIFY(!stops(card, FindingKind::notRound));
        card.blank.kind = blank::Kind::cone;
        card.blank.topDiameter = 20;
        QVERIFY(stops(card, FindingKind::notRound));
    }

    void wordsInHollowsAreRefusedNotForgotten() {
        card::Card card = barCard("TERN", working::Kind::scribed, OperationKind::scribe);
        card.blank.kind = blank::Kind::tube;
        card.blank.diameter = 60;
        card.blank.bore = 50;
        card.stock = {};
        QVERIFY(!stops(card, FindingKind::sideNotCut));
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].side = "inside";
        const auto all = made(card).checked->findings;
        const auto told = std::ranges::find(all, FindingKind::sideNotCut, &check::Finding::kind);
        QVERIFY(told != all.end());
        QVERIFY(told->severity == check::Severity::stop && told->inscription == 1);
        QCOMPARE(QString::fromStdString(told->subject), QString("inside"));
        card.inscriptions.pop_back();
        card.inscriptions[0].side = "inside";
        QVERIFY(stops(card, FindingKind::sideNotCut));
    }

    void facetsAreFollowedFromAboveButNotTurned() {
        card::Card card = barCard("I", working::Kind::scribed, OperationKind::scribe);
        card.blank.kind = blank::Kind::faceted;
        card.blank.facets = 6;
        card.blank.across = 40;
        card.blank.bore = 10;
        card.stock = {};
        card.zero.place.at = cut::ZeroAt::start;
        card.inscriptions[0].working.depth = 0.4;
        card.inscriptions[0].style.size = 5;
        card.inscriptions[0].style.stroke = 0.1;
        QVERIFY(stops(card, FindingKind::sideNotCut)); // it would turn
        card.machine.axis = {};
        const double turn = blank::turnOf(card.blank, "outside"), facet = turn / 6;
        // On the facet that is on top: level, at the apothem.
        const std::vector<double> borders = blank::facetBordersOf(card.blank, "outside");
        const auto next = std::ranges::upper_bound(borders, turn / 2);
        const double middle = (next == borders.end() ? turn : *next) - facet / 2;
        card.inscriptions[0].placing.x = middle;
        const card::Made with = made(card);
        QVERIFY(stopsOf(with).empty());
        const std::string program = samples::programOf(with);
        int cutting = 0;
        for (const Line& line : linesOf(program, ' ')) {
            if (line.rapid || line.z > 20)
                continue;
            ++cutting;
            QVERIFY2(std::fabs(line.z - 19.6) < 0.001 && std::fabs(line.x) < 1.5,
                     qPrintable(QString("%1 %2").arg(line.x).arg(line.z)));
        }
        QVERIFY(cutting > 2);
        const proof::Proof proof = proof::proofOf(program, with.cuttings->front);
        QVERIFY(proof.gouge.largest <= 0.01);
        // The next facet leans by 60 degrees: a point of 30 degrees reaches it, one of 90 does not; the one
        // below lies underneath.
        card.inscriptions[0].placing.x = middle + facet;
        card.operations[0].tool = samples::taper(30, 0.1);
        const card::Made beside = made(card);
        QVERIFY(stopsOf(beside).empty());
        QVERIFY(std::fabs(beside.cuttings->front.paths[0].steepest - 60) < 0.1);
        card.operations[0].tool = samples::taper(90, 0.1);
        const auto all = stopsOf(made(card));
        const auto steep =
            std::ranges::find(all, FindingKind::placeSteep, &std::pair<FindingKind, double>::first);
        QVERIFY(steep != all.end() && std::fabs(steep->second - 60) < 0.1);
        card.operations[0].tool = samples::taper(30, 0.1);
        card.inscriptions[0].placing.x = middle + 2 * facet;
        QVERIFY(stops(card, FindingKind::placeSteep));
    }

    void carvingAndPocketsAreTrueOnConesAndFromAbove_data() {
        QTest::addColumn<bool>("turns");
        QTest::addColumn<bool>("cone");
        QTest::addColumn<bool>("carve");
        for (const bool turns : {true, false})
            for (const bool cone : {true, false})
                for (const bool carve : {true, false})
                    if (cone || !turns)
                        QTest::addRow("%s, %s, %s", turns ? "turned" : "from above", cone ? "cone" : "bar",
                                      carve ? "carved" : "pocketed")
                            << turns << cone << carve;
    }
    void carvingAndPocketsAreTrueOnConesAndFromAbove() {
        QFETCH(bool, turns);
        QFETCH(bool, cone);
        QFETCH(bool, carve);
        card::Card card = barCard("TERN", carve ? working::Kind::carved : working::Kind::sunk,
                                  carve ? OperationKind::carve : OperationKind::pocket);
        card.stock = {};
        card.blank.diameter = 40;
        if (cone) {
            card.blank.kind = blank::Kind::cone;
            card.blank.topDiameter = 34;
        }
        card.zero.place.at = cut::ZeroAt::start;
        if (!turns)
            card.machine.axis = {};
        card.inscriptions[0].placing.x = M_PI * 20;
        card.inscriptions[0].style.size = 6;
        card.inscriptions[0].working.depth = 0.5;
        const card::Made with = made(card);
        QVERIFY(stopsOf(with).empty());
        const std::string program = samples::programOf(with);
        // Of a cone 40 to 34 over 60: how deep each place lies along its normal.
        const double lean = cone ? std::atan2(3, 60) : 0;
        double deepest = 0;
        int cutting = 0;
        for (const Line& line : linesOf(program, 'A')) {
            const double radius = std::hypot(line.x, line.z);
            const double depth = (20 - line.y * std::tan(lean) - radius) * std::cos(lean);
            if (line.rapid || depth < 0.01)
                continue;
            deepest = std::max(deepest, depth);
            ++cutting;
        }
        QVERIFY(cutting > 100);
        if (carve)
            QVERIFY2(deepest > 0.3, qPrintable(QString::number(deepest)));
        else
            QVERIFY2(deepest > 0.46 && deepest < 0.51, qPrintable(QString::number(deepest)));
        const proof::Proof proof = proof::proofOf(program, with.cuttings->front);
        QVERIFY2(proof.gouge.largest <= 0.02 && proof.rapidsBelowClearance == 0,
                 qPrintable(QString::number(proof.gouge.largest)));
    }

    void theTimeKnowsHowFastTheAxisTurns() {
        card::Card card = barCard("TERN", working::Kind::scribed, OperationKind::scribe);
        card.machine.axis.rapid = 36000;
        const double quick = made(card).cuttings->front.seconds();
        card.machine.axis.rapid = 90; // degrees a minute
        const card::Made slow = made(card);
        double turned = 0;
        for (const cut::MountedChain& chain : slow.cuttings->front.paths[0].mounted)
            for (size_t i = 1; i < chain.places.size(); ++i)
                turned += std::fabs(chain.places[i].angle - chain.places[i - 1].angle);
        QVERIFY(turned > 30);
        QVERIFY2(slow.cuttings->front.seconds() >= turned / 90 * 60 && quick < slow.cuttings->front.seconds(),
                 qPrintable(QString("%1 %2").arg(slow.cuttings->front.seconds()).arg(turned)));
    }

    void aBarIsFollowedFromAbove() {
        card::Card card = barCard("TERN", working::Kind::scribed, OperationKind::scribe);
        card.machine.axis = {};
        card.inscriptions[0].style.size = 6;
        card.inscriptions[0].working.depth = 0.3;
        for (const auto along : {cut::DepthAlong::normal, cut::DepthAlong::z}) {
            card.operations[0].depthAlong = along;
            const card::Made with = made(card);
            QVERIFY(stopsOf(with).empty());
            const std::string program = samples::programOf(with);
            QVERIFY(program.find(" A") == std::string::npos && program.find("G93") == std::string::npos);
            double widest = 0;
            for (const Line& line : linesOf(program, ' ')) {
                if (line.rapid || line.z > 12.75)
                    continue;
                widest = std::max(widest, std::fabs(line.x));
                for (const double t : {0.0, 0.5, 1.0}) {
                    const double x = line.fromX + t * (line.x - line.fromX),
                                 z = line.fromZ + t * (line.z - line.fromZ);
                    if (line.fromZ > 12.75 || (line.x == line.fromX && line.y == line.fromY))
                        continue;
                    const double depth = along == cut::DepthAlong::normal
                                             ? 12.7 - std::hypot(x, z)
                                             : std::sqrt(12.7 * 12.7 - x * x) - z;
                    // The tip is 0.05 to each side, so it stands a little higher where the side leans.
                    QVERIFY2(depth < 0.31 &&
                                 depth > 0.3 - 0.05 * std::fabs(x) / std::sqrt(160 - x * x) - 0.01,
                             qPrintable(QString("%1 at %2").arg(depth).arg(x)));
                }
            }
            QVERIFY(widest > 6);
            const proof::Proof proof = proof::proofOf(program, with.cuttings->front);
            QVERIFY2(proof.gouge.largest <= 0.01 && proof.outsideStock == 0,
                     qPrintable(QString("%1 %2").arg(proof.gouge.largest).arg(proof.outsideStock)));
        }
        // Farther round it is too steep for a V of 60 degrees, and then underneath.
        card.inscriptions[0].placing.x = M_PI * 12.7 + 82 * M_PI / 180 * 12.7;
        card.inscriptions[0].placing.turn = 90;
        card.inscriptions[0].style.size = 0.5;
        card.inscriptions[0].words = "I";
        const auto all = stopsOf(made(card));
        const auto steep =
            std::ranges::find(all, FindingKind::placeSteep, &std::pair<FindingKind, double>::first);
        QVERIFY(steep != all.end());
        QVERIFY2(std::fabs(steep->second - 82) < 2, qPrintable(QString::number(steep->second)));
        card.inscriptions[0].placing.x = 10;
        QVERIFY(stops(card, FindingKind::placeSteep));
    }

    void generatedBarsAreCutTrue() {
        const int rounds =
            qEnvironmentVariableIsSet("BOLLARD_ROUNDS") ? qEnvironmentVariableIntValue("BOLLARD_ROUNDS") : 12;
        const unsigned seed = 20261130;
        std::mt19937 random(seed);
        const auto between = [&](double low, double high) {
            return std::uniform_real_distribution<double>(low, high)(random);
        };
        int cut = 0;
        for (int round = 0; round < rounds; ++round) {
            const QString which = QString("round %1 of seed %2").arg(round).arg(seed);
            const std::pair<working::Kind, OperationKind> kinds[]{
                {working::Kind::carved, OperationKind::carve},
                {working::Kind::sunk, OperationKind::pocket},
                {working::Kind::scribed, OperationKind::scribe},
                {working::Kind::raised, OperationKind::raster}};
            const auto [kind, operation] = kinds[random() % 4];
            card::Card card = barCard(random() % 2 ? "QUAY" : "B 9", kind, operation);
            card.blank.diameter = between(10, 60);
            card.blank.length = between(20, 60);
            card.stock.diameter = card.blank.diameter + between(0, 0.9);
            card.stock.length = card.blank.length + 40;
            card.stock.before = -1;
            card.stock.chuck = {random() % 2 ? cut::ChuckEnd::start : cut::ChuckEnd::end, between(5, 25)};
            card.zero.place.at =
                std::array{cut::ZeroAt::start, cut::ZeroAt::end, cut::ZeroAt::point}[random() % 3];
            card.zero.on = std::array{cut::ZeroOn::axis, cut::ZeroOn::top, cut::ZeroOn::part}[random() % 3];
            cut::RotaryAxis& axis = card.machine.axis;
            axis.letter =
                std::array{cut::AxisLetter::a, cut::AxisLetter::b, cut::AxisLetter::c}[random() % 3];
            axis.along = random() % 2 ? cut::AxisAlong::x : cut::AxisAlong::y;
            axis.feed = random() % 2 ? cut::AxisFeed::inverse : cut::AxisFeed::degrees;
            axis.reverse = random() % 2;
            card.machine.travel = {0, 0, 0};
            card::Inscription& words = card.inscriptions[0];
            words.style.size = between(3, std::min(card.blank.diameter / 4, card.blank.length / 4));
            words.placing.x = between(0, M_PI * card.blank.diameter);
            words.placing.y = card.blank.length / 2;
            words.placing.turn = between(-20, 20);
            words.working.depth = operation == OperationKind::scribe ? 0.3 : between(0.3, 1);
            words.working.height = between(0.3, 1);
            cut::Operation& o = card.operations[0];
            o.along = random() % 2 ? cut::RasterAlong::axis : cut::RasterAlong::round;
            o.oneWay = random() % 2;
            o.stepover = operation == OperationKind::raster ? between(0.2, 0.5) : 0;
            o.from = card.blank.length / 2 - 2;
            o.to = card.blank.length / 2 + 2;
            const card::Made with = made(card);
            if (!stopsOf(with).empty())
                continue; // told before; nothing is written
            const std::string program = samples::programOf(with);
            const proof::Proof proof = proof::proofOf(program, with.cuttings->front);
            ++cut;
            QVERIFY2(proof.program.errors.empty(), qPrintable(which));
            QVERIFY2(
                proof.gouge.largest <= 0.01 && proof.outsideStock == 0 && proof.rapidsBelowClearance == 0,
                qPrintable(
                    QString("%1: %2, operation %3").arg(which).arg(proof.gouge.largest).arg(int(operation))));
            // Along the normal as deep as asked, where words are scribed or pocketed.
            if (operation == OperationKind::scribe || operation == OperationKind::pocket) {
                double deepest = 0;
                for (const cut::MountedChain& chain : with.cuttings->front.paths[0].mounted)
                    for (const cut::MachinePlace& place : chain.places)
                        deepest = std::max(deepest, card.blank.diameter / 2 - place.height);
                QVERIFY2(std::fabs(deepest - words.working.depth) < 0.01, qPrintable(which));
            }
            // A stock too small is found before anything is written.
            card.stock.diameter = card.blank.diameter - between(0.02, 2);
            QVERIFY2(stops(card, FindingKind::partOutsideStock), qPrintable(which));
        }
        QVERIFY2(cut > rounds / 2, qPrintable(QString::number(cut)));
    }

    void turnedShapesAreScribedSquareToTheirAxis() {
        card::Card card = barCard("TERN", working::Kind::scribed, OperationKind::scribe);
        card.blank.kind = blank::Kind::cone;
        card.blank.diameter = 40;
        card.blank.topDiameter = 20;
        card.blank.length = 60;
        card.stock = {};
        card.zero.place.at = cut::ZeroAt::start;
        card.inscriptions[0].placing.x = M_PI * 20;
        card.inscriptions[0].working.depth = 0.3;
        const card::Made with = made(card);
        const auto lines = linesOf(samples::programOf(with), 'A');
        const double lean = std::atan2(10, 60);
        int counted = 0;
        for (const Line& line : lines) {
            if (line.rapid || line.fromZ > 21)
                continue;
            ++counted;
            // The depth along the normal: how far the tip is within the cone.
            const double depth = (20 - line.y * 10 / 60 - line.z) * std::cos(lean);
            QVERIFY2(std::fabs(depth - 0.3) < 0.02, qPrintable(QString::number(depth)));
        }
        QVERIFY(counted > 50);
        const proof::Proof proof = proof::proofOf(samples::programOf(with), with.cuttings->front);
        QVERIFY2(proof.gouge.largest <= 0.02, qPrintable(QString::number(proof.gouge.largest)));
    }

    void theSameCardGivesTheSameBytesAndReadsBack() {
        card::Card card = barCard("TERN", working::Kind::carved, OperationKind::carve);
        const std::string text = card::jsonOf(card);
        const auto read = card::cardFromJson(text);
        QVERIFY2(bool(read), read ? "" : read.problem().subject.c_str());
        QVERIFY(read->stock == card.stock && read->zero == card.zero && read->machine == card.machine);
        QCOMPARE(samples::programOf(made(*read)), samples::programOf(made(card)));
        card.operations[0].kind = OperationKind::raster;
        card.operations[0].along = cut::RasterAlong::round;
        card.operations[0].oneWay = true;
        card.operations[0].from = 3;
        card.operations[0].to = 4;
        const auto raster = card::cardFromJson(card::jsonOf(card));
        QVERIFY(bool(raster));
        QCOMPARE(card::jsonOf(*raster), card::jsonOf(card));
        const cut::Operation& o = raster->operations[0];
        QVERIFY(o.along == cut::RasterAlong::round && o.oneWay && o.from == 3 && o.to == 4);
    }

    void wrongFieldsAreTold_data() {
        QTest::addColumn<QString>("from");
        QTest::addColumn<QString>("to");
        QTest::addColumn<QString>("path");
        const QString axis = "machine.axis.";
        QTest::newRow("letter") << R"("letter": "A")"
                                << R"("letter": "D")" << axis + "letter";
        QTest::newRow("along") << R"("along": "y")"
                               << R"("along": "z")" << axis + "along";
        QTest::newRow("feed") << R"("feed": "inverse")"
                              << R"("feed": "fast")" << axis + "feed";
        QTest::newRow("travel") << "-36000.0"
                                << "36001.0" << axis + "travel";
        QTest::newRow("diameter") << R"("diameter": 25.5)"
                                  << R"("diameter": -1)"
                                  << "stock.diameter";
        QTest::newRow("on") << R"("on": "axis")"
                            << R"("on": "side")"
                            << "zero.on";
        QTest::newRow("end") << R"("end": "start")"
                             << R"("end": "left")"
                             << "stock.chuck.end";
        QTest::newRow("depthAlong") << R"("depthAlong": "z")"
                                    << R"("depthAlong": "x")"
                                    << "operations[0].depthAlong";
    }
    void wrongFieldsAreTold() {
        QFETCH(QString, from);
        QFETCH(QString, to);
        QFETCH(QString, path);
        card::Card card = barCard("TERN", working::Kind::carved, OperationKind::carve);
        card.stock.diameter = 25.5;
        card.operations[0].depthAlong = cut::DepthAlong::z;
        QString text = QString::fromStdString(card::jsonOf(card));
        QVERIFY2(text.contains(from), qPrintable(text.mid(text.indexOf("axis"), 300)));
        text.replace(from, to);
        const auto read = card::cardFromJson(text.toStdString());
        QVERIFY(!read);
        QCOMPARE(QString::fromStdString(read.problem().subject), path);
    }
};

QTEST_GUILESS_MAIN(RoundCuttingTest)
#include "round_cutting_test.moc"
