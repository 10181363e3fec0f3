// Every sign of Latin-1 in each typeface, raised, sunk and pierced: closed bodies of the right volume.
#include "../sample_cards.hpp"
#include "plane/gap.hpp"
#include "working/changes.hpp"

using namespace bollard;
using working::Kind;

namespace {

std::shared_ptr<const type::Typeface> faceOf(const QString& name) {
    const std::map<QString, type::TypefaceChoice> faces{
        {"LeagueSpartan", {"League Spartan", "Bold", {}, 0}},
        {"Quicksand", {"Quicksand", "Bold", {}, 0}},
        {"DancingScript", {"Dancing Script", "Bold", {}, 0}},
        {"LeckerliOne", {"Leckerli One", "Regular", {}, 0}},
        {"Allerta", {"Allerta", "Stencil", {}, 0}},
        {"GfsDidot", {"GFS Didot", "Regular", {}, 0}},
        {"Ecolier", {{}, {}, "/usr/share/fonts/truetype/ecolier-court/Ecolier-court.ttf", 0}},
        {"InterVariable", {{}, {}, "/usr/share/fonts/truetype/inter-vf/Inter-roman.var.ttf", 0}},
    };
    const auto opened = samples::catalogue()->open(faces.at(name));
    return opened ? *opened : nullptr;
}

} // namespace

namespace {

constexpr double squareUnits = plane::unitsPerMillimetre * plane::unitsPerMillimetre;

/// Every sign of Latin-1 that the typeface has, 20 mm high.
std::vector<std::pair<char32_t, plane::Region>>
lettersOf(const std::shared_ptr<const type::Typeface>& typeface) {
    setting::TextStyle style;
    style.size = 20;
    style.align = setting::Align::left;
    std::vector<std::pair<char32_t, plane::Region>> letters;
    for (char32_t c = 0x21; c <= 0xFF; ++c) {
        if (c == 0x7F || (c >= 0x80 && c <= 0xA0) || c == 0xAD)
            continue;
        const setting::Setting set = setting::set(type::utf8({&c, 1}), typeface, style);
        std::vector<plane::Region> parts;
        for (const setting::Letter& letter : set.letters)
            parts.push_back(plane::shifted(*letter.region, letter.at));
        if (plane::Region letter = plane::united(parts);
            !letter.empty()) // else told as missing; see TypeTest
            letters.emplace_back(c, std::move(letter));
    }
    return letters;
}

/// What lies under a slope that rises by 1 with every `run` inwards, up to `rise`; mm3. From the areas of the
/// shrunk letter (Simpson's rule).
double wedgeUnder(const plane::Region& letter, double run, double rise) {
    constexpr int steps = 32;
    double sum = 0;
    for (int i = 0; i <= steps; ++i) {
        const double area =
            plane::areaOf(plane::grown(letter, -plane::unitsPerMillimetre * run * rise * i / steps)) /
            squareUnits;
        sum += area * (i == 0 || i == steps ? 1 : i % 2 ? 4 : 2);
    }
    return sum * rise / steps / 3;
}

/// How far the slope of the last change lies off where it belongs, in the middles of triangles; mm.
double farthestOff(const working::Columns& columns, const working::Change& change, int level) {
    const plane::BoundaryIndex boundary(change.region);
    const working::Profile& profile = level % 2 ? change.roof : change.floor;
    double most = 0;
    for (const plane::Triangle& triangle : columns.plan.triangles) {
        if (!columns.plan.inLayer(triangle.cell, level / 2))
            continue;
        plane::Vector middle;
        double height = 0;
        for (const int corner : triangle.corners) {
            middle = middle + (1.0 / 3) * plane::vectorOf(columns.plan.points[size_t(corner)]);
            height += columns.levels[size_t(level)].at(corner) / 3.0;
        }
        const double wanted = profile.at(boundary.distanceTo(middle, profile.reach() + 1));
        most = std::max(most, std::fabs(height - wanted) / plane::unitsPerMillimetre);
    }
    return most;
}

/// What lies beyond the outline under a profile that ends at 0 as far out as it reaches; mm3. From the areas
/// of the grown letter.
double beyond(const plane::Region& letter, const working::Profile& profile) {
    constexpr int steps = 48;
    const double reach = profile.reach();
    double sum = 0, before = plane::areaOf(letter);
    for (int i = 1; i <= steps; ++i) {
        const double area = plane::areaOf(plane::grown(letter, reach * i / steps));
        sum += (area - before) * profile.at(reach * (i - 0.5) / steps);
        before = area;
    }
    return sum / squareUnits / plane::unitsPerMillimetre;
}
/// The same within the outline, of a profile that is level beyond its reach.
double within(const plane::Region& letter, const working::Profile& profile) {
    constexpr int steps = 48;
    const double reach = profile.reach();
    double sum = 0, before = plane::areaOf(letter);
    for (int i = 1; i <= steps; ++i) {
        const double area = plane::areaOf(plane::grown(letter, -reach * i / steps));
        sum += (before - area) * profile.at(reach * (i - 0.5) / steps);
        before = area;
    }
    return (sum + before * profile.at(reach)) / squareUnits / plane::unitsPerMillimetre;
}

/// Workings with edges, and by how much each changes the volume of the plate.
struct Edged {
    working::Working working{};
    double (*change)(const plane::Region&);
};
working::Working edged(Kind kind, working::EdgeKind edge, double size, double leaning = 5, double foot = 0) {
    working::Working w;
    w.kind = kind;
    w.height = 1.6;
    w.depth = 0.8;
    w.edge = {edge, size, 45, leaning};
    w.foot = foot;
    return w;
}
const std::vector<Edged>& workingsWithEdges() {
    using working::EdgeKind;
    using Letter = const plane::Region&;
    const auto area = [](Letter l) { return plane::areaOf(l) / squareUnits; };
    static const auto areaOf = area;
    static const std::vector<Edged> all{
        {edged(Kind::raised, EdgeKind::round, 0.5, 5, 0.6),
         [](Letter l) {
             return within(l, working::roundedTop(1.6, 0.5)) + beyond(l, working::filletedFoot(0.6));
         }},
        {edged(Kind::raised, EdgeKind::draft, 0, 9),
         [](Letter l) { return within(l, working::draftedTop(1.6, 9)); }},
        {edged(Kind::raised, EdgeKind::draft, 0, -9),
         [](Letter l) {
             working::Profile above = working::draftedTop(1.6, 9);
             for (auto& step : above.steps)
                 step.height = plane::toUnits(1.6) - step.height;
             return areaOf(l) * 1.6 + beyond(l, above);
         }},
        {edged(Kind::sunk, EdgeKind::chamfer, 0.5),
         [](Letter l) { return -areaOf(l) * 0.8 + beyond(l, working::chamferedMouth(0.5)); }},
        {edged(Kind::sunk, EdgeKind::round, 0.6),
         [](Letter l) { return -areaOf(l) * 0.8 + beyond(l, working::roundedMouth(0.6)); }},
        {edged(Kind::sunk, EdgeKind::draft, 0, 12),
         [](Letter l) { return within(l, working::draftedTop(-0.8, 12)); }},
        {edged(Kind::pierced, EdgeKind::chamfer, 0.7),
         [](Letter l) { return -areaOf(l) * 4 + beyond(l, working::chamferedMouth(0.7)); }},
        {edged(Kind::carved, EdgeKind::crisp, 0),
         [](Letter l) { return within(l, working::carvedFloor(0.8, 60)); }},
        {edged(Kind::inlaid, EdgeKind::crisp, 0), [](Letter) { return 0.0; }},
    };
    return all;
}

const plane::Region plate{{{{-400000, -400000}, {600000, -400000}, {600000, 600000}, {-400000, 600000}}}};
constexpr double thickness = 4, plateVolume = 100 * 100 * thickness;

} // namespace

class EveryLetterTest : public QObject {
    Q_OBJECT
  private slots:
    void everyLetterGivesAClosedBodyOfTheRightVolume_data() {
        QTest::addColumn<QString>("face");
        for (const char* face : {"LeagueSpartan", "Quicksand", "DancingScript", "LeckerliOne", "Allerta",
                                 "GfsDidot", "Ecolier", "InterVariable"})
            QTest::newRow(face) << QString(face);
    }
    void everyLetterGivesAClosedBodyOfTheRightVolume() {
        QFETCH(QString, face);
        const auto typeface = faceOf(face);
        QVERIFY(typeface);
        const auto letters = lettersOf(typeface);
        for (const auto& [c, letter] : letters) {
            const double area = plane::areaOf(letter) / squareUnits;
            for (const auto& [kind, expected] : {std::pair{Kind::raised, plateVolume + area * 1.6},
                                                 {Kind::sunk, plateVolume - area * 0.8},
                                                 {Kind::pierced, plateVolume - area * thickness}}) {
                const auto columns = working::columnsOf(working::changesOf(
                    plate, thickness,
                    std::vector<working::Worked>{{edged(kind, working::EdgeKind::crisp, 0), letter}}));
                const QString where = QString("%1 U+%2 kind %3").arg(face).arg(uint(c), 4, 16).arg(int(kind));
                QVERIFY2(columns, qPrintable(where));
                const body::Mesh mesh = body::meshOf(*columns);
                QVERIFY2(body::faultsOf(mesh).none(), qPrintable(where));
                const double off = std::fabs(body::volumeOf(mesh) - expected);
                // One part in 10,000 of what the letter itself adds or takes.
                QVERIFY2(off <= 1e-4 * std::fabs(expected - plateVolume) + 1e-7,
                         qPrintable(where + QString(": off by %1").arg(off)));
            }
        }
        QVERIFY2(letters.size() > 90, qPrintable(QString("%1 letters").arg(letters.size())));
    }

    void everyLetterSlopesAndStaysClosed_data() { everyLetterGivesAClosedBodyOfTheRightVolume_data(); }
    void everyLetterSlopesAndStaysClosed() {
        QFETCH(QString, face);
        const auto typeface = faceOf(face);
        QVERIFY(typeface);
        using working::Change;
        const Change blank = working::changesOf(plate, thickness).front();
        for (const auto& [c, letter] : lettersOf(typeface)) {
            const double area = plane::areaOf(letter) / squareUnits;
            const Change chamfered{letter,
                                   Change::Does::add,
                                   working::levelAt(-0.4),
                                   working::chamferedTop(1.6, 0.6),
                                   working::Substance::letters,
                                   Change::Reaches::down,
                                   false};
            const Change carved{letter,
                                Change::Does::take,
                                working::carvedFloor(3, 60),
                                working::levelAt(1000),
                                {},
                                Change::Reaches::no,
                                false};
            const double run = std::tan(M_PI / 6);
            const std::array expected{plateVolume + area * 1.0 + wedgeUnder(letter, 1, 0.6),
                                      plateVolume - wedgeUnder(letter, run, 3)};
            int which = 0;
            for (const Change& change : {chamfered, carved}) {
                const QString where = QString("%1 U+%2 %3").arg(face).arg(uint(c), 4, 16).arg(which);
                const auto columns = working::columnsOf(std::vector<Change>{blank, change});
                QVERIFY2(columns, qPrintable(where));
                const double crooked = farthestOff(*columns, change, which == 0 ? 3 : 2);
                QVERIFY2(crooked <= 0.03, qPrintable(where + QString(": off by %1 mm").arg(crooked)));
                const body::Mesh mesh = body::meshOf(*columns);
                const body::MeshFaults faults = body::faultsOf(mesh);
                QVERIFY2(faults.none(),
                         qPrintable(where + QString(" open %1 crowded %2 pinched %3 flat %4 doubled %5")
                                                .arg(faults.openEdges)
                                                .arg(faults.crowdedEdges)
                                                .arg(faults.pinchedVertices)
                                                .arg(faults.flatTriangles)
                                                .arg(faults.doubledTriangles)));
                const double wanted = expected[size_t(which)];
                const double off = std::fabs(body::volumeOf(mesh) - wanted);
                QVERIFY2(off <= 2e-3 * std::fabs(wanted - plateVolume) + 1e-3 * area, // a micrometre over it
                         qPrintable(where + QString(": off by %1 of %2").arg(off).arg(wanted - plateVolume)));
                ++which;
            }
        }
    }

    /// Each letter has some of the workings, so that all are seen by many.
    void everyEdgeOfEveryLetterIsClosedAndOfTheRightVolume_data() {
        everyLetterGivesAClosedBodyOfTheRightVolume_data();
    }
    void everyEdgeOfEveryLetterIsClosedAndOfTheRightVolume() {
        QFETCH(QString, face);
        const auto typeface = faceOf(face);
        QVERIFY(typeface);
        size_t next = 0;
        for (const auto& [c, letter] : lettersOf(typeface))
            for (int turn = 0; turn < 2; ++turn) {
                const size_t which = next++ % workingsWithEdges().size();
                const auto& [working, change] = workingsWithEdges()[which];
                const QString where = QString("%1 U+%2 working %3").arg(face).arg(uint(c), 4, 16).arg(which);
                const auto columns = working::columnsOf(
                    working::changesOf(plate, thickness, std::vector<working::Worked>{{working, letter}}));
                QVERIFY2(columns, qPrintable(where));
                const body::Mesh mesh = body::meshOf(*columns);
                QVERIFY2(body::faultsOf(mesh).none(), qPrintable(where));
                const double wanted = change(letter);
                const double off = std::fabs(body::volumeOf(mesh) - plateVolume - wanted);
                const double area = plane::areaOf(letter) / squareUnits;
                QVERIFY2(off <= 2e-3 * std::fabs(wanted) + 1e-3 * area,
                         qPrintable(where + QString(": off by %1 of %2").arg(off).arg(wanted)));
            }
    }
};
QTEST_GUILESS_MAIN(EveryLetterTest)
#include "every_letter_test.moc"
