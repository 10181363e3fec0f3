// Numbers as the person's language writes them in the window, and with a point in every file.
#include "card/card_json.hpp"
#include "drawing/job_sheet.hpp"
#include "window_fixture.hpp"
#include "wording/language.hpp"
#include "wording/wording.hpp"
#include <QFile>
#include <QLabel>

using namespace bollard;
using namespace bollard::app;

class NumbersInWindowTest : public QObject {
    Q_OBJECT

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        f_->window.reset();
        wording::useLanguage(QLocale("de_DE"), QStringLiteral(BOLLARD_TRANSLATIONS));
        f_->window = std::make_unique<MainWindow>(*f_->session);
        f_->window->show();
        f_->activate();
    }
    void cleanup() {
        f_.reset();
        wording::useLanguage(QLocale("en_GB"), {});
    }

    void numbersAreToldWithAComma() {
        QCOMPARE(wording::numberText(0.25, 2), QString("0,25"));
        QCOMPARE(wording::fixedText(3, 2), QString("3,00"));
        QCOMPARE(wording::lengthText(12.5, quantity::Unit::millimetre), QString("12,50"));
        QVERIFY(wording::areaText(0.48, quantity::Unit::millimetre).startsWith("0,48"));
        f_->openSample("berth-14");
        const QString working = f_->window->routeCard().station(RouteCard::working).summary();
        QVERIFY2(working.contains("1,6") && !working.contains("1.6"), qPrintable(working));
        for (const FindingRow* row : f_->window->findings().rows())
            QVERIFY2(row->accessibleName().contains(',') && !row->accessibleName().contains('.'),
                     qPrintable(row->accessibleName()));
    }

    void fieldsTakeBothSigns() {
        f_->openSample("berth-14");
        StationBody& body = (f_->window->routeCard().open(RouteCard::working),
                             *f_->window->routeCard().station(RouteCard::working).body());
        NumberField* height = nullptr;
        for (auto* field : body.findChildren<NumberField*>())
            if (field->isVisible() && field->text() == "1,6")
                height = field;
        QVERIFY(height);
        WindowFixture::typeInto(*height, "2,4");
        QCOMPARE(f_->inscription().working.height, 2.4);
        QCOMPARE(height->text(), QString("2,4"));
        WindowFixture::typeInto(*height, "1.2");
        QCOMPARE(f_->inscription().working.height, 1.2);
        WindowFixture::typeInto(*height, "0,5+0,75");
        QCOMPARE(f_->inscription().working.height, 1.25);
        QCOMPARE(height->text(), QString("1,25"));
        QTest::keyClick(height, Qt::Key_Up);
        QVERIFY(height->text().contains(',') || !height->text().contains('.'));
    }

    void filesKeepThePoint() {
        f_->openSample("valve-scribed");
        const QString path = f_->path("quay.bollard");
        QVERIFY(f_->window->editor().saveAs(path));
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadOnly));
        QVERIFY(card::cardFromJson(file.readAll().toStdString()));
        f_->window->writeFiles({f_->path("quay.svg"), f_->path("quay.nc")});
        QTRY_VERIFY(QFile::exists(f_->path("quay.svg")) && QFile::exists(f_->path("quay.nc")));
        for (const char* name : {"quay.svg", "quay.nc"}) {
            QFile written(f_->path(name));
            QVERIFY(written.open(QIODevice::ReadOnly));
            const QString text = QString::fromUtf8(written.readAll());
            QVERIFY2(!text.contains(QRegularExpression("[XYZFxy=\" ]-?[0-9]+,[0-9]+[\" \n]")), name);
            QVERIFY2(text.contains(QRegularExpression("[0-9]\\.[0-9]")), name);
        }
    }

    void jobSheetsKeepThePoint() {
        f_->openSample("valve-scribed");
        const QString before = wording::numberText(0.5, 1);
        {
            const wording::PlainNumbers plain;
            QCOMPARE(wording::numberText(0.5, 1), QString("0.5"));
            QCOMPARE(wording::lengthText(1.5, quantity::Unit::millimetre), QString("1.50"));
        }
        QCOMPARE(wording::numberText(0.5, 1), before);
        drawing::JobSheet sheet;
        sheet.made = f_->window->maker().shown().made;
        sheet.card = "valve-scribed";
        const auto german = drawing::jobSheetPng(sheet);
        QVERIFY(german);
        QCOMPARE(before, QString("0,5"));
    }

    void nounsStayLargeWithinGermanSentencesOnly() {
        QCOMPARE(wording::withinSentence("Schicht"), QString("Schicht"));
        wording::useLanguage(QLocale("fr_FR"), QStringLiteral(BOLLARD_TRANSLATIONS));
        QCOMPARE(wording::withinSentence("Couche"), QString("couche"));
        QCOMPARE(wording::numberText(0.5, 1), QString("0,5"));
        wording::useLanguage(QLocale("en_GB"), {});
        QCOMPARE(wording::numberText(0.5, 1), QString("0.5"));
    }

    void listsAreSaidAsTheLanguageSaysThem() {
        const QStringList three{"STL", "SVG", "PDF"};
        QCOMPARE(wording::listOf({}), QString());
        QCOMPARE(wording::listOf({"STL"}), QString("STL"));
        QCOMPARE(wording::listOf(three), QString("STL, SVG und PDF"));
        const std::pair<const char*, const char*> said[]{{"fr_FR", "STL, SVG et PDF"},
                                                         {"es_ES", "STL, SVG y PDF"},
                                                         {"he_IL", "STL, SVG וPDF"},
                                                         {"en_US", "STL, SVG and PDF"}};
        for (const auto& [locale, list] : said) {
            wording::useLanguage(QLocale(locale), QStringLiteral(BOLLARD_TRANSLATIONS));
            QCOMPARE(wording::listOf(three), QString::fromUtf8(list));
        }
        QCOMPARE(wording::listOf({"STL", "SVG"}), QString("STL and SVG"));
    }

    void anotherLanguageTakesThePlaceOfTheOneBefore() {
        QCOMPARE(wording::currentLanguage(), QString("de"));
        QCOMPARE(QCoreApplication::translate("bollard::app::RouteCard", "Lettering"),
                 QString("Beschriftung"));
        wording::useLanguage(QLocale("es_ES"), QStringLiteral(BOLLARD_TRANSLATIONS));
        QCOMPARE(QCoreApplication::translate("bollard::app::RouteCard", "Lettering"), QString("Rotulación"));
        wording::useLanguage(QLocale("en_GB"), QStringLiteral(BOLLARD_TRANSLATIONS));
        QCOMPARE(QCoreApplication::translate("bollard::app::RouteCard", "Lettering"), QString("Lettering"));
    }

    void mendsAreSaidInTheLanguage() {
        f_->openSample("berth-14");
        QTRY_VERIFY(std::ranges::any_of(f_->window->findings().rows(),
                                        [](const FindingRow* row) { return !row->offers().empty(); }));
        QStringList buttons;
        for (const auto* button : f_->window->findings().findChildren<QPushButton*>())
            buttons << button->text();
        QVERIFY2(std::ranges::any_of(buttons,
                                     [](const QString& text) {
                                         return text.startsWith(QString::fromUtf8("Größe ")) &&
                                                text.contains(',');
                                     }),
                 qPrintable(buttons.join('|')));
    }

  private:
    std::unique_ptr<WindowFixture> f_;
};

QTEST_MAIN(NumbersInWindowTest)
#include "numbers_in_window_test.moc"
