// Every sign of Latin-1 in each typeface, raised, sunk and pierced: closed bodies of the right volume.
#include "../sample_cards.hpp"
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
        const plane::Region plate{
            {{{-400000, -400000}, {600000, -400000}, {600000, 600000}, {-400000, 600000}}}};
        constexpr double thickness = 4, plateVolume = 100 * 100 * thickness;
        setting::TextStyle style;
        style.size = 20;
        style.align = setting::Align::left;
        int made = 0;
        for (char32_t c = 0x21; c <= 0xFF; ++c) {
            if (c == 0x7F || (c >= 0x80 && c <= 0xA0) || c == 0xAD)
                continue;
            const setting::Setting set = setting::set(type::utf8({&c, 1}), typeface, style);
            std::vector<plane::Region> parts;
            for (const setting::Letter& letter : set.letters)
                parts.push_back(plane::shifted(*letter.region, letter.at));
            const plane::Region letter = plane::united(parts);
            if (letter.empty())
                continue; // told as missing; see TypeTest
            ++made;
            const double area =
                plane::areaOf(letter) / (plane::unitsPerMillimetre * plane::unitsPerMillimetre);
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
        QVERIFY2(made > 90, qPrintable(QString("%1 letters").arg(made)));
    }
};
QTEST_GUILESS_MAIN(EveryLetterTest)
#include "every_letter_test.moc"
