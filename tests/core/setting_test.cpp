#include "../sample_cards.hpp"
#include "card/fit.hpp"
#include "setting/placing.hpp"
#include <random>

using namespace bollard;
using setting::Align, setting::Anchor, setting::SizeBy;

namespace {

setting::Setting set(const std::string& words, const setting::TextStyle& style) {
    return setting::set(words, samples::typeface("League Spartan", "Bold"), style);
}
double widthOf(const setting::Setting& s) {
    return plane::toMillimetres(double(s.ink.high.x) - s.ink.low.x);
}

} // namespace

class SettingTest : public QObject {
    Q_OBJECT
  private slots:
    void spacesAreExact() {
        setting::TextStyle plain, spaced;
        spaced.letterSpace = 0.7;
        spaced.wordSpace = 2;
        const double before = widthOf(set("QUAY 7", plain)), after = widthOf(set("QUAY 7", spaced));
        COMPARE_NEAR(after - before, 5 * 0.7 + 2, 0.001);
    }

    void eachMeasureOfSizeGivesThatMeasure_data() {
        QTest::addColumn<int>("by");
        QTest::addColumn<QString>("family");
        for (const QString& family : QStringList{"League Spartan", "Dancing Script", "GFS Didot"})
            for (int by = 0; by < 5; ++by)
                QTest::newRow(qPrintable(QString("%1 %2").arg(family).arg(by))) << by << family;
    }
    void eachMeasureOfSizeGivesThatMeasure() {
        QFETCH(int, by);
        QFETCH(QString, family);
        std::mt19937 random(33);
        std::uniform_real_distribution<double> share(0, 1);
        for (int i = 0; i < 12; ++i) {
            setting::TextStyle style;
            style.sizeBy = static_cast<SizeBy>(by);
            style.size = 15 + 60 * share(random);
            style.width = 60 + 80 * share(random);
            style.slant = 30 * share(random) - 15;
            style.weight = 0.3 * share(random); // thinned hairlines vanish, and with them the measure jumps
            style.letterSpace = share(random) - 0.3;
            style.wordSpace = share(random);
            const auto s = setting::set("Tide quay\n14 E", samples::typeface(family.toStdString()), style);
            COMPARE_NEAR(setting::measureOf(s, style.sizeBy), style.size, 0.001);
            // The same seen on the letters: H and x with a level top really are that high.
            if (family != "Dancing Script" &&
                (style.sizeBy == SizeBy::capital || style.sizeBy == SizeBy::xHeight)) {
                const bool capital = style.sizeBy == SizeBy::capital;
                const auto one = setting::set(capital ? "H" : "x", s.typeface, style);
                COMPARE_NEAR(plane::toMillimetres(one.ink.high.y) + style.weight, style.size, 0.02);
            }
        }
    }

    void wordsWithoutInkAndImpossibleWidthsStillSet() {
        setting::TextStyle style;
        style.sizeBy = SizeBy::width;
        style.size = 20;
        QVERIFY(set("   ", style).letters.empty());
        style.letterSpace = 30; // wider than asked for by itself
        const auto s = set("QUAY", style);
        QCOMPARE(s.letters.size(), size_t(4));
        COMPARE_NEAR(setting::measureOf(s, SizeBy::capital), 0.1, 0.001);
    }

    void theReadingSideMirrorsExactly() {
        const auto s = set("QUAY 7\nb", {});
        std::mt19937 random(5);
        for (int i = 0; i < 40; ++i) {
            setting::Placing plain;
            plain.anchor = static_cast<Anchor>(i % 9);
            plain.x = 31;
            plain.y = 12.3;
            plain.turn = i % 2 ? double(random() % 360) - 180 : 0;
            setting::Placing mirrored = plain;
            mirrored.reading = setting::ReadingSide(1 + i % 2);
            mirrored.turn = -plain.turn;
            mirrored.anchor =
                static_cast<Anchor>(i % 9 + 2 - 2 * (i % 3)); // what is left there is right here
            const setting::Place straight(s, plain), flipped(s, mirrored);
            for (const setting::Letter& letter : s.letters) {
                const auto seen = straight.onSide(letter), inMirror = flipped.onSide(letter);
                QCOMPARE(inMirror.rings.size(), seen.rings.size());
                COMPARE_NEAR(plane::areaOf(inMirror) / plane::areaOf(seen), 1, 1e-4);
                const plane::Box a = plane::boxOf(seen), b = plane::boxOf(inMirror);
                QVERIFY(std::abs(a.low.x + b.high.x - 2 * 310000) <= 2 && std::abs(a.low.y - b.low.y) <= 2);
            }
            const plane::Vector p{12345, -6789};
            COMPARE_NEAR(flipped.toSetting(flipped.toSide(p)).x, p.x, 1e-6);
            COMPARE_NEAR(straight.toSide(p).x + flipped.toSide(p).x, 2 * 310000, 1e-6);
        }
    }

    void widthSlantAndWeightAreExact() {
        setting::TextStyle plain, changed;
        plain.size = changed.size = 20;
        const auto i = [&](const setting::TextStyle& style) { return set("I", style); };
        const double stem = widthOf(i(plain));
        changed.width = 70;
        COMPARE_NEAR(widthOf(i(changed)), 0.7 * stem, 0.001);
        changed = plain;
        changed.slant = 12;
        COMPARE_NEAR(widthOf(i(changed)), stem + 20 * std::tan(12 * M_PI / 180), 0.001);
        for (const double weight : {0.3, -0.3}) {
            changed = plain;
            changed.weight = weight;
            const double scaled = stem * (20 - 2 * weight) / 20;
            COMPARE_NEAR(widthOf(i(changed)), scaled + 2 * weight, 0.001);
            COMPARE_NEAR(plane::toMillimetres(i(changed).frame.high.y - i(changed).frame.low.y), 20, 0.001);
            const auto widths = i(changed).typeface->widths(i(changed).letters[0].glyph, i(changed).form);
            double narrowest = 1e9;
            for (const auto& sample : *widths)
                narrowest = std::min(narrowest, plane::toMillimetres(sample.width * i(changed).scale));
            COMPARE_NEAR(narrowest, scaled + 2 * weight, 0.01);
        }
    }

    void linesAreAlignedByTheirInk() {
        for (const Align align : {Align::left, Align::centre, Align::right}) {
            setting::TextStyle style;
            style.align = align;
            const auto s = set("BERTH\n14", style);
            plane::Box line[2];
            for (const auto& letter : s.letters)
                line[letter.line].include(letter.box);
            for (const plane::Box& box : line) {
                const double at = align == Align::left    ? box.low.x
                                  : align == Align::right ? box.high.x
                                                          : (box.low.x + box.high.x) / 2.0;
                QVERIFY(std::fabs(at) <= 1);
            }
            QVERIFY(line[1].high.y < line[0].low.y);
        }
    }

    void lineSpaceIsAddedToTheTypefacesOwn() {
        setting::TextStyle tight, wide;
        wide.lineSpace = 3;
        COMPARE_NEAR(set("A\nB", tight).lines[1].baseline - set("A\nB", wide).lines[1].baseline, 3, 1e-9);
    }

    void anchorsHoldTheWordsWhereTheyAre_data() {
        QTest::addColumn<int>("anchor");
        for (int i = 0; i < 9; ++i)
            QTest::newRow(qPrintable(QString::number(i))) << i;
    }
    void anchorsHoldTheWordsWhereTheyAre() {
        QFETCH(int, anchor);
        const auto s = set("TIDE BOARD", {});
        for (const double turn : {0.0, 30.0, 90.0}) {
            const setting::Place place(s, {static_cast<Anchor>(anchor), 50, 20, turn});
            const plane::Vector held =
                plane::vectorOf(setting::anchorPoint(s.frame, static_cast<Anchor>(anchor)));
            const plane::Vector at = place.toSide(held);
            COMPARE_NEAR(plane::toMillimetres(at.x), 50, 1e-6);
            COMPARE_NEAR(plane::toMillimetres(at.y), 20, 1e-6);
            QVERIFY(plane::length(place.toSetting(at) - held) < 1e-6);
        }
    }

    void caretsRunAlongTheLine() {
        const auto s = set("AB CD\nE", {});
        QCOMPARE(s.lines.size(), size_t(2));
        QCOMPARE(s.lines[0].carets.size(), size_t(6));
        QVERIFY(std::ranges::is_sorted(s.lines[0].carets));
        QCOMPARE(s.lines[1].first, 6);
        QCOMPARE(set("", {}).lines[0].carets.size(), size_t(1));
    }

    void lettersKnowTheirPlaceInTheWords() {
        const auto s = set("BERTH 14", {});
        QCOMPARE(s.letters.back().text, std::string("4"));
        QCOMPARE(s.letters.back().index, 7);
        QCOMPARE(s.letters.size(), size_t(7)); // a space has no outline
    }

    void turnedLettersKeepTheirArea() {
        const auto s = set("R", {});
        const double area = plane::areaOf(*s.letters[0].region);
        for (const double turn : {1.0, 33.3, 90.0, 181.0}) {
            const setting::Place place(s, {Anchor::centre, 0, 0, turn});
            COMPARE_NEAR(plane::areaOf(place.onSide(s.letters[0])) / area, 1, 1e-5);
        }
    }

    void largestThatFitsTouchesTheMargin() {
        for (const bool disc : {false, true})
            for (const double turn : {0.0, 20.0}) {
                card::Card card = samples::plate("OARLOCK");
                card.blank.kind = disc ? blank::Kind::disc : blank::Kind::plate;
                card.blank.diameter = 80;
                card.blank.corner = 8;
                card.inscriptions[0].placing = {Anchor::centre, disc ? 40.0 : 60.0, disc ? 40.0 : 22.5, turn};
                const auto face = samples::typeface("League Spartan", "Bold");
                card.blank.margin = 4;
                const auto fit = card::largestThatFits(card, card.inscriptions[0], face);
                QVERIFY(fit);
                card.blank.margin = 3.98;
                card.inscriptions[0].style.size = fit->size;
                QVERIFY(!samples::finding(samples::made(card), check::FindingKind::insideMargin));
                card.blank.margin = 4;
                card.inscriptions[0].style.size = fit->size * 1.01;
                QVERIFY(samples::finding(samples::made(card), check::FindingKind::insideMargin));
            }
        card::Card nowhere = samples::plate("X");
        nowhere.inscriptions[0].placing.x = -50;
        QVERIFY(
            !card::largestThatFits(nowhere, nowhere.inscriptions[0], samples::typeface("Quicksand", "Bold")));
    }

    void noWeightMakesWordsVanishThatHaveAWidth() {
        for (const double size : {7.98, 8.0, 12.0, 3.0})
            for (const double weight : {0.6, -0.2, -0.05, 0.3}) {
                setting::TextStyle style;
                style.sizeBy = setting::SizeBy::width;
                style.size = size;
                style.weight = weight;
                const auto s = setting::set("Harbour", samples::typeface("GFS Didot"), style);
                QVERIFY(!s.letters.empty() && std::isfinite(s.scale) && s.scale > 0);
                const double measured = setting::measureOf(s, setting::SizeBy::width);
                QVERIFY2(measured > 0, qPrintable(QStringLiteral("%1 %2").arg(size).arg(weight)));
                if (weight > 0)
                    COMPARE_NEAR(measured, size, 0.001);
            }
    }

    void aZeroWidthSpaceHasNoWidth() {
        setting::TextStyle style;
        style.wordSpace = 7;
        const auto width = [&](const std::string& words) {
            return setting::measureOf(setting::set(words, samples::typeface("League Spartan", "Bold"), style),
                                      setting::SizeBy::width);
        };
        COMPARE_NEAR(width("A\u200BB"), width("AB"), 0.001);
        QVERIFY(width("A B") > width("AB") + 7);
    }
};
QTEST_GUILESS_MAIN(SettingTest)
#include "setting_test.moc"
