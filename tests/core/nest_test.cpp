// Parts on sheets: that they lie apart, within, alike ones in order, and never worse than boxes on shelves.
#include "nest/nest.hpp"
#include <QtTest>
#include <algorithm>
#include <random>

using namespace bollard;
using nest::Board, nest::Turning;

namespace {

using Corners = std::vector<std::pair<double, double>>;

plane::Region polygon(const Corners& corners, plane::Vector shift = {}) {
    plane::Ring ring;
    for (const auto& [x, y] : corners)
        ring.push_back({plane::toUnits(x + shift.x), plane::toUnits(y + shift.y)});
    return plane::filled({ring});
}
plane::Region box(double width, double height, plane::Vector shift = {}) {
    return polygon({{0, 0}, {width, 0}, {width, height}, {0, height}}, shift);
}

/// V, L, T, A and 7 as bars of 8 mm make them, 50 mm high.
const std::vector<Corners>& letters() {
    static const std::vector<Corners> all{
        {{0, 50}, {8, 50}, {20, 10}, {32, 50}, {40, 50}, {24, 0}, {16, 0}},
        {{0, 0}, {28, 0}, {28, 8}, {8, 8}, {8, 50}, {0, 50}},
        {{14, 0}, {22, 0}, {22, 42}, {36, 42}, {36, 50}, {0, 50}, {0, 42}, {14, 42}},
        {{0, 0}, {8, 0}, {11, 10}, {29, 10}, {32, 0}, {40, 0}, {24, 50}, {16, 50}},
        {{6, 0}, {14, 0}, {30, 42}, {30, 50}, {0, 50}, {0, 42}, {21, 42}}};
    return all;
}

double areaOf(const std::vector<plane::Region>& parts) {
    double area = 0;
    for (const plane::Region& part : parts)
        area += plane::areaOf(part) / 1e8;
    return area;
}

/// Area of the parts by that of the sheets, the last up to its parts' reach.
double shareOf(const nest::Nest& nest, const Board& board, double area) {
    double sheets = 0;
    for (size_t i = 0; i < nest.sheets.size(); ++i)
        sheets += board.width * (i + 1 < nest.sheets.size() ? board.height : nest.sheets[i].reach);
    return area / sheets;
}

/// Sheets and share of boxes on shelves, first fit, highest first.
std::pair<int, double> shelves(const std::vector<plane::Region>& parts, const Board& board) {
    std::vector<std::pair<double, double>> sizes;
    for (const plane::Region& part : parts) {
        const plane::Box of = plane::boxOf(part);
        sizes.emplace_back(plane::toMillimetres(of.high.y - of.low.y),
                           plane::toMillimetres(of.high.x - of.low.x));
    }
    std::ranges::stable_sort(sizes, std::greater{}, &std::pair<double, double>::first);
    struct Shelf {
        double y, high, right;
    };
    std::vector<std::vector<Shelf>> sheets;
    const double right = board.width - board.margin + 1e-9, top = board.height - board.margin + 1e-9;
    for (const auto& [high, wide] : sizes) {
        const auto layOn = [&, high = high, wide = wide](std::vector<Shelf>& sheet) {
            for (Shelf& shelf : sheet)
                if (high <= shelf.high && shelf.right + board.spacing + wide <= right) {
                    shelf.right += board.spacing + wide;
                    return true;
                }
            const double y =
                sheet.empty() ? board.margin : sheet.back().y + sheet.back().high + board.spacing;
            if (y + high > top)
                return false;
            sheet.push_back({y, high, board.margin + wide});
            return true;
        };
        if (std::ranges::none_of(sheets, layOn))
            layOn(sheets.emplace_back());
    }
    const Shelf& last = sheets.back().back();
    const double whole =
        double(sheets.size() - 1) * board.width * board.height + board.width * (last.y + last.high);
    return {int(sheets.size()), areaOf(parts) / whole};
}

/// Why it is no nest of those parts; empty: it is one.
QString wrongWith(const nest::Nest& nest, const std::vector<plane::Region>& parts, const Board& board) {
    std::vector<int> seen(parts.size());
    for (const int part : nest.tooLarge)
        ++seen[size_t(part)];
    for (const nest::Sheet& sheet : nest.sheets) {
        std::vector<plane::Region> grown;
        double reach = 0, area = 0;
        for (const nest::Place& place : sheet.places) {
            ++seen[size_t(place.part)];
            const plane::Region laid =
                plane::turned(parts[size_t(place.part)], place.turn, plane::onGrid(1e4 * place.at));
            const plane::Box of = plane::boxOf(laid);
            const double off = std::min({plane::toMillimetres(of.low.x), plane::toMillimetres(of.low.y),
                                         board.width - plane::toMillimetres(of.high.x),
                                         board.height - plane::toMillimetres(of.high.y)});
            if (off < board.margin - 0.01)
                return QString("part %1 is %2 from the edge").arg(place.part).arg(off);
            reach = std::max(reach, plane::toMillimetres(of.high.y));
            area += plane::areaOf(laid) / 1e8;
            grown.push_back(plane::grown(laid, plane::toUnits(board.spacing / 2 - 0.005)));
        }
        for (size_t i = 0; i < grown.size(); ++i)
            for (size_t k = 0; k < i; ++k)
                if (!plane::common(grown[i], grown[k]).empty())
                    return QString("%1 and %2 are too near")
                        .arg(sheet.places[i].part)
                        .arg(sheet.places[k].part);
        if (std::fabs(reach - sheet.reach) > 0.02)
            return QString("reach %1 is told as %2").arg(reach).arg(sheet.reach);
        if (std::fabs(area / board.width / board.height - sheet.used) > 1e-3)
            return QString("used is told as %1").arg(sheet.used);
    }
    for (size_t i = 0; i < seen.size(); ++i)
        if (seen[i] != 1)
            return QString("part %1 lies %2 times").arg(i).arg(seen[i]);
    return {};
}

} // namespace

class NestTest : public QObject {
    Q_OBJECT

  private slots:
    void lettersLieCloserThanTheirBoxes_data() {
        QTest::addColumn<int>("turning");
        QTest::addColumn<double>("least");
        QTest::newRow("none") << int(Turning::none) << 1.08;
        QTest::newRow("half") << int(Turning::half) << 1.12;
        QTest::newRow("quarter") << int(Turning::quarter) << 1.12;
        QTest::newRow("any") << int(Turning::any) << 1.12;
    }
    void lettersLieCloserThanTheirBoxes() {
        QFETCH(int, turning);
        QFETCH(double, least);
        for (const plane::Vector size : {plane::Vector{300, 200}}) {
            Board board{size.x, size.y, 3, 5, Turning(turning)};
            std::vector<plane::Region> parts;
            for (int i = 0; i < 40; ++i)
                parts.push_back(polygon(letters()[size_t(i) % letters().size()], {double(i), 2.5 * i}));
            const nest::Nest nest = nest::nestOf(parts, board);
            QCOMPARE(wrongWith(nest, parts, board), QString());
            const auto [sheets, share] = shelves(parts, board);
            QVERIFY(int(nest.sheets.size()) <= sheets);
            const double own = shareOf(nest, board, areaOf(parts));
            QVERIFY2(own >= least * share, qPrintable(QString("%1 of %2").arg(own).arg(share)));
        }
    }

    void itIsNeverWorseThanShelves() {
        std::mt19937 random(20261201);
        const auto between = [&](double low, double high) {
            return std::uniform_real_distribution<double>(low, high)(random);
        };
        for (int round = 0; round < 6; ++round) {
            const Board board{between(150, 400), between(150, 400), between(0, 6), between(0, 12),
                              Turning(round % 4)};
            std::vector<plane::Region> parts;
            const int count = 1 + int(random() % 30);
            for (int i = 0; i < count; ++i) {
                const plane::Vector at{between(-50, 50), between(-50, 50)};
                Corners corners = random() % 2 ? letters()[random() % letters().size()] : Corners();
                if (corners.empty())
                    corners = {{0, 0}, {between(10, 70), 0}, {between(10, 70), between(10, 70)}};
                parts.push_back(polygon(corners, at));
            }
            const nest::Nest nest = nest::nestOf(parts, board);
            QCOMPARE(wrongWith(nest, parts, board), QString());
            const auto [sheets, share] = shelves(parts, board);
            QVERIFY(nest.tooLarge.empty() && int(nest.sheets.size()) <= sheets);
            const double own = shareOf(nest, board, areaOf(parts));
            QVERIFY2(own >= share - 1e-4, qPrintable(QString("%1: %2 of %3").arg(round).arg(own).arg(share)));
        }
    }

    void boxesThatFitExactlyLieInOrder() {
        // 3 by 4 boxes with 3 between them fill it to the margin; the seventh to the twelfth lie elsewhere.
        const Board board{10 + 3 * 60.3 + 6, 10 + 4 * 20.1 + 9, 3, 5, Turning::none};
        std::vector<plane::Region> parts;
        for (int i = 0; i < 18; ++i)
            parts.push_back(box(60.3, 20.1, {i < 6 ? 0.0 : 11.5, 7.25}));
        const nest::Nest nest = nest::nestOf(parts, board);
        QCOMPARE(wrongWith(nest, parts, board), QString());
        QCOMPARE(nest.sheets.size(), size_t(2));
        QCOMPARE(nest.sheets[0].places.size(), size_t(12));
        for (int i = 0; i < 12; ++i) {
            const nest::Place& place = nest.sheets[0].places[size_t(i)];
            QCOMPARE(place.part, i);
            const double x = place.at.x + (i < 6 ? 0 : 11.5), y = place.at.y + 7.25;
            QVERIFY2(std::fabs(x - 5 - 63.3 * (i % 3)) < 0.01 && std::fabs(y - 5 - 23.1 * (i / 3)) < 0.01,
                     qPrintable(QString("%1: %2 %3").arg(i).arg(x).arg(y)));
        }
        QCOMPARE(nest.sheets[1].places.front().part, 12);
    }

    void whatGoesOnNoSheetIsTold() {
        Board board{100, 60, 3, 5, Turning::none};
        const std::vector<plane::Region> parts{box(20, 20), box(20, 80), box(91, 10), {}, box(90, 50)};
        nest::Nest nest = nest::nestOf(parts, board);
        QCOMPARE(nest.tooLarge, std::vector({1, 2, 3}));
        QCOMPARE(wrongWith(nest, parts, board), QString());
        board.turning = Turning::quarter; // turned, one of them fits
        nest = nest::nestOf(parts, board);
        QCOMPARE(nest.tooLarge, std::vector({2, 3}));
        QCOMPARE(wrongWith(nest, parts, board), QString());
        QVERIFY(nest::nestOf({}, board).sheets.empty());
    }

    void holesAreOffWhatIsUsedAndStayEmpty() {
        const Board board{100, 100, 3, 5, Turning::none};
        const std::vector<plane::Region> parts{plane::without(box(80, 80), box(60, 60, {10, 10})),
                                               box(20, 20)};
        const nest::Nest nest = nest::nestOf(parts, board);
        QCOMPARE(nest.sheets.size(), size_t(2));
        QVERIFY(std::fabs(nest.sheets[0].used - 0.28) < 1e-6);
    }

    void theSamePartsGiveTheSameNest() {
        const Board board{220, 180, 2, 4, Turning::half};
        std::vector<plane::Region> parts;
        for (int i = 0; i < 15; ++i)
            parts.push_back(polygon(letters()[size_t(i) % letters().size()]));
        const nest::Nest one = nest::nestOf(parts, board), other = nest::nestOf(parts, board);
        QCOMPARE(one.sheets.size(), other.sheets.size());
        for (size_t i = 0; i < one.sheets.size(); ++i)
            for (size_t k = 0; k < one.sheets[i].places.size(); ++k) {
                const nest::Place &a = one.sheets[i].places[k], &b = other.sheets[i].places[k];
                QVERIFY(a.part == b.part && a.turn == b.turn && a.at == b.at);
            }
    }

    void stoppedItLeavesOutWhatHadNoPlaceYet() {
        const std::vector<plane::Region> parts{box(20, 20), polygon(letters()[0]), polygon(letters()[1])};
        std::stop_source stop;
        stop.request_stop();
        const nest::Nest nest = nest::nestOf(parts, {200, 200, 3, 5, Turning::half}, stop.get_token());
        QVERIFY(nest.sheets.empty() && nest.tooLarge.empty());
    }

    void aPartThatOnlyBoxesFindRoomForLiesAllTheSame() {
        // As high as the sheet has room for, beside one whose height makes strips that do not come out even.
        const Board board{120, 60, 3, 5, Turning::half};
        const std::vector<plane::Region> parts{box(20, 50), box(20, 17.3), polygon(letters()[4])};
        const nest::Nest nest = nest::nestOf(parts, board);
        QCOMPARE(wrongWith(nest, parts, board), QString());
        QCOMPARE(nest.sheets.size(), size_t(1));
    }

    void tenTimesTheTagsCostAboutTenTimes() {
        const auto secondsFor = [](int count) {
            std::vector<plane::Region> parts(size_t(count), box(62, 21));
            QElapsedTimer timer;
            timer.start();
            const nest::Nest nest = nest::nestOf(parts, {300, 200, 3, 5, Turning::none});
            return nest.sheets.empty() ? 0.0 : double(timer.nsecsElapsed()) / 1e9;
        };
        const double few = std::max({secondsFor(300), secondsFor(300), 1e-3}), many = secondsFor(3000);
        QVERIFY2(many < 25 * few, qPrintable(QString("%1 and %2 s").arg(few).arg(many)));
    }
};

QTEST_APPLESS_MAIN(NestTest)
#include "nest_test.moc"
