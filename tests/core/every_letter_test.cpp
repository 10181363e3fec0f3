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
                    plate, thickness, std::vector<working::Worked>{{{kind, 1.6, 0.8, 0.4}, letter}}));
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
                                   Change::Reaches::down};
            const Change carved{
                letter, Change::Does::take, working::carvedFloor(3, 60), working::levelAt(1000),
                {},     Change::Reaches::no};
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
};
QTEST_GUILESS_MAIN(EveryLetterTest)
#include "every_letter_test.moc"
