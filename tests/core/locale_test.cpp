// Numbers of files are the same in every country: run under a locale with a decimal comma.
#include "../sample_cards.hpp"
#include <clocale>
#include <locale>

using namespace bollard;

class LocaleTest : public QObject {
    Q_OBJECT
  private slots:
    void initTestCase() {
        if (!std::setlocale(LC_ALL, "de_DE.UTF-8"))
            QFAIL("the locale of this test is not there: see tests/with_locale.sh");
        QCOMPARE(*std::localeconv()->decimal_point, ',');
    }

    void linesOfAnSvgFontAreAsLong() {
        const auto face = type::openTypeface(samples::source("fonts/bollard-mark.svg"));
        QVERIFY(face);
        const auto fonts = type::typefaceFromBytes(
            R"(<svg><font horiz-adv-x="600.5"><font-face font-family="Gull" units-per-em="1000" cap-height="700.5"
               x-height="500.25"/><glyph unicode="H" horiz-adv-x="680.75" d="M0 0L0.5 700.5"/>
               <glyph unicode="I" d="M0 0L0 7e2"/></font></svg>)",
            "gull.svg");
        QVERIFY(fonts);
        QCOMPARE((*fonts)->capitalHeight(), 700.5);
        QCOMPARE((*fonts)->xHeight(), 500.25);
        const auto set = setting::set("H", *fonts, {}, {{}, {}, true, {}});
        COMPARE_NEAR(setting::measureOf(set, setting::SizeBy::capital), 10, 1e-9);
    }

    void cardsComeBackWithTheirNumbers() {
        card::Card card = samples::fullCard();
        card.blank.width = 120.375;
        card.inscriptions[0].style.size = 7.5;
        const std::string text = card::jsonOf(card);
        QVERIFY(text.find("120.375") != std::string::npos);
        const auto back = card::cardFromJson(text);
        QVERIFY(back);
        QCOMPARE(back->blank.width, 120.375);
        QCOMPARE(*quantity::lengthFromText("3/16 in", quantity::Unit::millimetre), 4.7625);
    }

    void filesAreTheSameAsEverywhere() {
        const auto made = samples::made(samples::read("berth-14"));
        for (const char* ending : {"stl", "3mf", "svg", "dxf"}) {
            const std::string path = std::string("x.") + ending;
            const auto here = card::outputOf(made, *card::formatOf(path), path);
            std::setlocale(LC_ALL, "C");
            const auto there = card::outputOf(made, *card::formatOf(path), path);
            std::setlocale(LC_ALL, "de_DE.UTF-8");
            QVERIFY2(here && there && here->front().bytes == there->front().bytes, ending);
        }
    }
};
QTEST_APPLESS_MAIN(LocaleTest)
#include "locale_test.moc"
