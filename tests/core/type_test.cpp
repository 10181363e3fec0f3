#include "../sample_cards.hpp"
#include "type/shaping.hpp"
#include <QProcess>
#include <QTemporaryDir>
#include <fstream>

using namespace bollard;
using quantity::ProblemKind;

namespace {

const std::string installed = "/usr/share/fonts";

double advanceOf(const std::vector<type::ShapedGlyph>& glyphs) {
    double sum = 0;
    for (const auto& glyph : glyphs)
        sum += glyph.advance;
    return sum;
}

} // namespace

class TypeTest : public QObject {
    Q_OBJECT
  private slots:
    void shippedTypefacesAreFoundWithoutBeingInstalled() {
        for (const auto& [family, style] : {std::pair{"League Spartan", "Bold"},
                                            {"Quicksand", "Bold"},
                                            {"Dancing Script", "Bold"},
                                            {"Leckerli One", "Regular"},
                                            {"Allerta", "Stencil"},
                                            {"GFS Didot", "Regular"}}) {
            const auto* entry = samples::catalogue()->find(family, style);
            QVERIFY2(entry && entry->shipped, family);
            QVERIFY2(samples::catalogue()->open({family, style, {}, 0}), family);
        }
    }

    void aFaceIsFoundByItsWholeName() {
        const auto* entry = samples::catalogue()->find("allerta stencil", "");
        QVERIFY(entry && entry->family == "Allerta" && entry->style == "Stencil");
        QCOMPARE(samples::catalogue()->find("League Spartan Bold", ""),
                 samples::catalogue()->find("League Spartan", "Bold"));
        QVERIFY(!samples::catalogue()->find("Allerta Stencil", "Bold"));
    }

    void whateverIsListedCanBeUsed() {
        for (const type::TypefaceEntry& entry : samples::catalogue()->entries()) {
            const auto face = samples::catalogue()->open({entry.family, entry.style, {}, 0});
            QVERIFY2(face, entry.file.c_str());
            QVERIFY2((*face)->capitalHeight() > 0, entry.file.c_str());
        }
    }

    void anUnknownFamilyIsNeverReplaced() {
        const auto opened = samples::catalogue()->open({"Harbour Grotesk", "Bold", {}, 0});
        QVERIFY(!opened);
        QCOMPARE(opened.problem().kind, ProblemKind::typefaceUnknown);
        QCOMPARE(opened.problem().subject, std::string("Harbour Grotesk Bold"));
    }

    void opensAllKindsOfFontFiles_data() {
        QTest::addColumn<QString>("file");
        QTest::addColumn<int>("index");
        QTest::newRow("collection") << "truetype/wqy/wqy-microhei.ttc" << 1;
        QTest::newRow("cff") << "opentype/ebgaramond/EBGaramond12-Regular.otf" << 0;
        QTest::newRow("arabic") << "opentype/fonts-hosny-amiri/Amiri-Regular.ttf" << 0;
        QTest::newRow("devanagari") << "truetype/lohit-devanagari/Lohit-Devanagari.ttf" << 0;
    }
    void opensAllKindsOfFontFiles() {
        QFETCH(QString, file);
        QFETCH(int, index);
        const auto face = type::openTypeface(installed + "/" + file.toStdString(), index);
        QVERIFY(face);
        QVERIFY(!(*face)->family().empty());
    }

    void webFontsOpenLikeTheirSources() {
        QTemporaryDir folder;
        const QString font = folder.filePath("a.ttf");
        QVERIFY(QFile::copy(QString::fromStdString(samples::source("fonts/LeckerliOne-Regular.ttf")), font));
        QProcess::execute("woff2_compress", {font});
        const auto packed = type::openTypeface(folder.filePath("a.woff2").toStdString());
        const auto plain = type::openTypeface(font.toStdString());
        QVERIFY(packed && plain);
        const auto glyph = type::shaped(**packed, U"B").front().glyph;
        QVERIFY((*packed)->glyph(glyph).outline == (*plain)->glyph(glyph).outline);
    }

    void unusableFontsSayWhy() {
        const auto bitmap = type::openTypeface(installed + "/opentype/terminus/terminus-normal.otb");
        QVERIFY(!bitmap);
        QCOMPARE(bitmap.problem().kind, ProblemKind::fontBitmapOnly);
        const auto colour = type::openTypeface(installed + "/truetype/noto/NotoColorEmoji.ttf");
        QVERIFY(!colour);
        QCOMPARE(colour.problem().kind, ProblemKind::fontColourOnly);
        const auto missing = type::openTypeface("nowhere.ttf");
        QCOMPARE(missing.problem().kind, ProblemKind::fileMissing);
        const auto index = type::openTypeface(samples::source("fonts/Quicksand-Bold.ttf"), 3);
        QCOMPARE(index.problem().kind, ProblemKind::fontIndexMissing);
    }

    void brokenFilesNeverCrash() {
        QTemporaryDir folder;
        const std::string path = folder.filePath("broken.ttf").toStdString();
        const std::string whole = *files::readWhole(samples::source("fonts/LeckerliOne-Regular.ttf"));
        for (size_t keep = 0; keep < whole.size(); keep += whole.size() / 23) {
            std::string bytes = whole.substr(0, keep);
            for (size_t i = 40; i < bytes.size(); i += 997)
                bytes[i] = char(bytes[i] ^ 0x5A);
            std::ofstream(path, std::ios::binary) << bytes;
            const auto face = type::openTypeface(path);
            if (face)
                for (const auto& glyph : type::shaped(**face, U"Berth"))
                    (*face)->glyph(glyph.glyph);
        }
        std::ofstream(path, std::ios::binary) << "no font at all";
        QCOMPARE(type::openTypeface(path).problem().kind, ProblemKind::fontBroken);
    }

    void capitalsMeasureWhatTheFontSays() {
        const auto face = samples::typeface("League Spartan", "Bold");
        setting::TextStyle style;
        style.size = 14;
        const auto set = setting::set("H", face, style);
        COMPARE_NEAR(plane::toMillimetres(set.ink.high.y - set.ink.low.y), 14, 0.001);
    }

    void pairsAreKernedAndLettersJoin() {
        const auto face = samples::typeface("EB Garamond", "12 Regular");
        QVERIFY(face);
        QVERIFY(advanceOf(type::shaped(*face, U"AVAV")) <
                advanceOf(type::shaped(*face, U"AVAV", {false, true})));
        const auto joining = samples::typeface("DejaVu Sans", "Book");
        QCOMPARE(type::shaped(*joining, U"fi").size(), size_t(1));
        QCOMPARE(type::shaped(*joining, U"fi", {true, false}).size(), size_t(2));
    }

    void rightToLeftRunsAreReversedAndNumbersAreNot() {
        const auto amiri = type::openTypeface(installed + "/opentype/fonts-hosny-amiri/Amiri-Regular.ttf");
        QVERIFY(amiri);
        const auto glyphs = type::shaped(**amiri, U"مرسى 14");
        QVERIFY(glyphs.size() >= 6);
        QVERIFY(glyphs.back().rightToLeft && glyphs.back().first == 0); // the first letter stands rightmost
        const auto one = std::ranges::find(glyphs, 5, &type::ShapedGlyph::first);
        const auto four = std::ranges::find(glyphs, 6, &type::ShapedGlyph::first);
        QVERIFY(one < four);
    }

    void marksSitOnTheirLetters() {
        const auto face = samples::typeface("DejaVu Sans", "Book");
        QVERIFY(face);
        const auto glyphs = type::shaped(*face, U"e\u0302\u0323");
        int covered = 0;
        for (const auto& glyph : glyphs)
            covered += glyph.count;
        QCOMPARE(covered, 3);
        QVERIFY(!glyphs.front().missing);
    }

    void missingCharactersAreTold() {
        const auto made = samples::made(samples::plate("A龍B"));
        const auto* finding = samples::finding(made, check::FindingKind::characterMissing);
        QVERIFY(finding);
        QCOMPARE(finding->severity, check::Severity::stop);
        QCOMPARE(finding->subject, std::string("League Spartan"));
        QCOMPARE(finding->places.front().text, std::string("龍"));
    }

    void overlappingContoursAreMended() {
        const auto ecolier = samples::typeface("Ecolier_court");
        QVERIFY(ecolier);
        int mended = 0;
        for (const char32_t c : U"abcdefghijklmnopqrstuvwxyz")
            if (c)
                mended +=
                    ecolier->glyph(type::shaped(*ecolier, std::u32string(1, c)).front().glyph).mended ? 1 : 0;
        QVERIFY(mended > 3);
        const auto clean = samples::typeface("League Spartan", "Bold");
        QVERIFY(!clean->glyph(type::shaped(*clean, U"O").front().glyph).mended);
    }

    void badUtf8IsShownNotSwallowed() {
        QCOMPARE(type::codePoints("a\xFF"
                                  "b"),
                 std::u32string(U"a\uFFFDb"));
        const std::u32string all = U"Aß€\U0001F600";
        QCOMPARE(type::codePoints(type::utf8(all)), all);
    }
};
QTEST_GUILESS_MAIN(TypeTest)
#include "type_test.moc"
