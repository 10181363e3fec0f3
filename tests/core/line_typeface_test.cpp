#include "../sample_cards.hpp"
#include "type/line_font.hpp"
#include <QDir>
#include <QTemporaryDir>
#include <random>

using namespace bollard;
using plane::Contour, plane::Segment, plane::Vector;

namespace {

const type::Glyph& glyphOf(const type::Typeface& typeface, char32_t letter) {
    return typeface.glyph(type::shaped(typeface, std::u32string_view(&letter, 1)).front().glyph);
}

/// The largest change of direction where two curves of one stroke meet, degrees; line to line is a corner on
/// purpose.
double sharpestBend(const Contour& contour) {
    double most = 0;
    Vector from = contour.start;
    std::optional<Vector> arrives;
    bool arrivedByCurve = false;
    for (const Segment& segment : contour.segments) {
        const bool curve = segment.kind == Segment::Kind::cubic;
        const Vector leaves = (curve ? segment.first : segment.end) - from;
        if (arrives && curve && arrivedByCurve)
            most = std::max(
                most, std::fabs(std::atan2(plane::cross(*arrives, leaves), plane::dot(*arrives, leaves))) *
                          180 / M_PI);
        arrives = segment.end - (curve ? segment.second : from);
        arrivedByCurve = curve;
        from = segment.end;
    }
    return most;
}

QByteArray bytesOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

} // namespace

class LineTypefaceTest : public QObject {
    Q_OBJECT
  private slots:
    void ownTypefacesHaveLatinWithAllItsSigns_data() {
        QTest::addColumn<QString>("family");
        QTest::newRow("Bollard Mark") << "Bollard Mark";
        QTest::newRow("Bollard Wake") << "Bollard Wake";
    }
    void ownTypefacesHaveLatinWithAllItsSigns() {
        QFETCH(QString, family);
        const auto face = samples::typeface(family.toStdString());
        QVERIFY(face && face->singleLine());
        QCOMPARE(face->kind(), type::TypefaceKind::singleLine);
        std::u32string wanted = U"–—‘’“”„•…€™←→↑↓⌀≤≥≠ΩµΔ";
        for (char32_t c = 0x21; c < 0x180; ++c)
            if ((c < 0x7F || c > 0xA0) && c != 0xAD)
                wanted.push_back(c);
        for (const char32_t c : wanted) {
            const auto glyph = type::shaped(*face, std::u32string_view(&c, 1)).front();
            QVERIFY2(!glyph.missing && glyph.advance > 0, qPrintable(QString::number(c, 16)));
            QVERIFY2(!face->glyph(glyph.glyph).outline.contours.empty(), qPrintable(QString::number(c, 16)));
        }
    }

    void roundStrokesHaveNoCorner() {
        const auto face = samples::typeface("Bollard Mark");
        for (const char32_t letter : U"CDGOQSUabcdeghnopqsu0269&") {
            if (letter == 0)
                continue;
            for (const Contour& contour : glyphOf(*face, letter).outline.contours)
                QVERIFY2(sharpestBend(contour) < 2, qPrintable(QString::fromUcs4(&letter, 1)));
        }
    }

    void theyAreSetLikeAnyOther() {
        setting::TextStyle style;
        style.size = 7;
        style.stroke = 0.8;
        const auto face = samples::typeface("Bollard Mark");
        const auto s = setting::set("VALVE 7", face, style);
        COMPARE_NEAR(setting::measureOf(s, setting::SizeBy::capital), 7, 1e-9);
        COMPARE_NEAR(plane::toMillimetres(double(s.ink.high.y) - s.ink.low.y), 7.8,
                     0.01); // the stroke's own half
        style.ends = plane::Ends::flat;
        const auto flat = setting::set("I", face, style);
        COMPARE_NEAR(plane::areaOf(*flat.letters[0].region) * 1e-8, 7 * 0.8, 0.01);
        style.ends = plane::Ends::square;
        COMPARE_NEAR(plane::areaOf(*setting::set("I", face, style).letters[0].region) * 1e-8, 7.8 * 0.8,
                     0.01);
        // Kerning by rule: A and V come closer than A and H.
        const auto room = [&](const char* pair) {
            const auto two = setting::set(pair, face, style);
            return two.letters[1].at.x - two.letters[0].at.x;
        };
        QVERIFY(room("AV") < room("AH") - 500);
        style.kerning = false;
        QVERIFY(room("AV") > room("AH") - 5000);
        QCOMPARE(room("11"), room("14")); // figures stand in columns
    }

    void theirStrokesAreMeasured() {
        card::Card card = samples::plate("TAG 3", working::Kind::sunk);
        card.inscriptions[0].typeface = {"Bollard Mark", "Regular"};
        card.inscriptions[0].style.stroke = 0.3;
        const auto made = samples::made(card);
        const auto* thin = samples::finding(made, check::FindingKind::strokeNarrow);
        QVERIFY(thin);
        COMPARE_NEAR(thin->measured, 0.3, 0.01);
        QVERIFY(body::faultsOf(made.solid->mesh).none());
    }

    void scribedWordsAreGrooves() {
        card::Card card = samples::plate("TAG 3", working::Kind::scribed);
        card.inscriptions[0].typeface = {"Bollard Mark", "Regular"};
        card.inscriptions[0].working.depth = 0.5;
        const auto made = samples::made(card);
        double area = 0;
        for (const auto& worked : working::workedOf(made.lettering->inscriptions))
            area += plane::areaOf(worked.region) * 1e-8;
        COMPARE_NEAR(body::volumeOf(made.solid->mesh), 120 * 45 * 4 - 0.5 * area, 0.01);
        // An outline typeface is scribed along its outlines: a counter has a line of its own.
        card.inscriptions[0].typeface = {"League Spartan", "Bold"};
        card.inscriptions[0].style.stroke = 0.2;
        card.inscriptions[0].words = "O";
        const auto outlined = samples::made(card);
        QCOMPARE(outlined.lettering->inscriptions[0].onSide[0].rings.size(), size_t{4});
    }

    void hersheyTypefacesOpen() {
        const QDir folder("/usr/share/hershey-fonts");
        const QStringList files = folder.entryList({"*.jhf"});
        QVERIFY(files.size() >= 30);
        for (const QString& file : files) {
            const auto face = type::openTypeface(folder.filePath(file).toStdString());
            QVERIFY2(face && (*face)->singleLine(), qPrintable(file));
        }
        const auto roman = samples::typeface("Hershey Roman", "Simplex");
        QVERIFY(roman);
        QCOMPARE(type::shaped(*roman, U"Ab~").size(), size_t{3});
        QVERIFY(type::shaped(*roman, U"é").front().missing);
        const std::pair<const char*, std::u32string> others[]{{"Hershey Greek", U"ΑΩαω7"},
                                                              {"Hershey Cyrillic", U"АЩабя7"}};
        for (const auto& [family, letters] : others)
            for (const type::ShapedGlyph& glyph :
                 type::shaped(*samples::typeface(family, family[8] == 'G' ? "Simplex" : "Complex"), letters))
                QVERIFY2(!glyph.missing, family);
    }

    void brokenFontsAreRefusedWithALine() {
        QTemporaryDir folder;
        const auto open = [&](const QByteArray& bytes, const char* name) {
            QFile file(folder.filePath(name));
            if (!file.open(QIODevice::WriteOnly))
                qFatal("no file");
            file.write(bytes);
            file.close();
            return type::openTypeface(folder.filePath(name).toStdString());
        };
        const QByteArray good = bytesOf(QStringLiteral(BOLLARD_SOURCE "/fonts/bollard-mark.svg"));
        const auto cut = open(good.left(9000), "cut.svg");
        QVERIFY(!cut && cut.problem().line > 10);
        QByteArray wrongPath = good;
        wrongPath.replace("M0 0L260 700", "M0 0L260 ?00");
        wrongPath.replace("M38 0L298 700", "M38 0L298 ?00");
        const auto wrong = open(wrongPath, "path.svg");
        QVERIFY(!wrong);
        QCOMPARE(wrong.problem().kind, quantity::ProblemKind::pathDataBroken);
        QVERIFY(wrong.problem().line > 5 && wrong.problem().subject == "“A”");
        QCOMPARE(open("<svg><rect/></svg>", "none.svg").problem().kind, quantity::ProblemKind::fontBroken);
        QCOMPARE(open("<svg><font><glyph unicode=\"a\"/></font></svg>", "blank.svg").problem().kind,
                 quantity::ProblemKind::fontNoLines);
        QCOMPARE(open("12345 27H", "cut.jhf").problem().kind, quantity::ProblemKind::fontBroken);
        std::mt19937 random(3);
        const QByteArray jhf = bytesOf("/usr/share/hershey-fonts/rowmans.jhf");
        for (int i = 0; i < 150; ++i) {
            for (const auto& [bytes, name] : {std::pair(good, "x.svg"), std::pair(jhf, "x.jhf")}) {
                QByteArray changed = bytes.left(int(random() % size_t(bytes.size())));
                for (int k = 0; k < 4 && !changed.isEmpty(); ++k)
                    changed[int(random() % size_t(changed.size()))] = char(random() % 256);
                if (const auto face = open(changed, name)) // whatever opens can be used
                    (void)setting::set("Quay 7", *face, {});
            }
        }
    }
};
QTEST_GUILESS_MAIN(LineTypefaceTest)
#include "line_typeface_test.moc"
