// The help: whole, found by words, by findings and by what has the focus.
#include "app/card/slips.hpp"
#include "app/controls/drawer.hpp"
#include "app/help/help_panel.hpp"
#include "app/help/topic.hpp"
#include "app/start/first_steps.hpp"
#include "check/findings.hpp"
#include "window_fixture.hpp"
#include <QFileInfo>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QRegularExpression>
#include <QTextBrowser>

using namespace bollard;
using namespace bollard::app;

namespace {

const auto folder = QStringLiteral(BOLLARD_SOURCE "/help");

QString nameOf(int kind) {
    return QString::fromStdString(std::string(check::nameOf(static_cast<check::FindingKind>(kind))));
}

} // namespace

class HelpTest : public QObject {
    Q_OBJECT

  private slots:
    void everyKindOfFindingIsExplainedOnce() {
        const HelpBook book(folder, "en");
        QMap<QString, int> times;
        for (const HelpPage& page : book.pages())
            for (const HelpSection& section : page.sections)
                for (const QString& topic : section.topics)
                    ++times[topic];
        for (int kind = 0; kind < check::findingKinds; ++kind)
            QVERIFY2(times.value(nameOf(kind)) == 1, qPrintable(nameOf(kind)));
        for (const auto& [topic, count] : times.asKeyValueRange())
            QVERIFY2(count == 1, qPrintable(topic));
    }

    void everyPageSaysSomethingAndItsPicturesAreThere() {
        const HelpBook book(folder, "en");
        QVERIFY(book.pages().size() >= 15);
        static const QRegularExpression picture("!\\[[^]]+\\]\\(([^)]+)\\)"),
            link("[^!]\\[[^]]+\\]\\(([^)]+)\\)");
        int pictures = 0;
        for (const HelpPage& page : book.pages()) {
            QVERIFY2(!page.title.isEmpty() && !page.sections.isEmpty(), qPrintable(page.file));
            for (const HelpSection& section : page.sections)
                QVERIFY2(section.text.size() > section.title.size() + 40 && !section.topics.isEmpty(),
                         qPrintable(page.file + ": " + section.title));
            for (auto at = picture.globalMatch(page.text()); at.hasNext(); ++pictures)
                QVERIFY(QFileInfo::exists(book.folder() + "/" + at.next().captured(1)));
            for (auto at = link.globalMatch(page.text()); at.hasNext();)
                QVERIFY(book.pageOf(at.next().captured(1)) >= 0);
        }
        QVERIFY(pictures >= 4);
    }

    void otherLanguagesHaveTheSameSections_data() {
        QTest::addColumn<QString>("language");
        for (const char* language : {"de", "fr", "es", "he"})
            QTest::newRow(language) << language;
    }
    void otherLanguagesHaveTheSameSections() {
        QFETCH(QString, language);
        const HelpBook english(folder, "en"), book(folder, language);
        QCOMPARE(book.pages().size(), english.pages().size());
        for (int page = 0; page < book.pages().size(); ++page) {
            const HelpPage &own = book.pages()[page], &plain = english.pages()[page];
            QVERIFY2(QFileInfo::exists(folder + "/" + language + "/" + plain.file), qPrintable(plain.file));
            QCOMPARE(own.sections.size(), plain.sections.size());
            for (int i = 0; i < own.sections.size(); ++i) {
                QCOMPARE(own.sections[i].topics, plain.sections[i].topics);
                QVERIFY2(own.sections[i].text != plain.sections[i].text, qPrintable(plain.sections[i].title));
            }
        }
    }

    void searchFindsSectionsThatHaveAllWordsTitlesFirst() {
        const HelpBook book(folder, "en");
        const QList<HelpPlace> found = book.search("typeface");
        QVERIFY(found.size() >= 2);
        for (const HelpPlace& place : found) {
            const HelpSection& section = book.pages()[place.page].sections[place.section];
            QVERIFY((book.pages()[place.page].title + section.text + section.topics.join(' '))
                        .contains("typeface", Qt::CaseInsensitive));
        }
        const QList<HelpPlace> titled = book.search("Holes");
        QCOMPARE(book.pages()[titled.front().page].sections[titled.front().section].title, QString("Holes"));
        QVERIFY(book.search("seagull feathers").isEmpty());
        QVERIFY(book.search("raised sunk").size() >= 1);
        QVERIFY(book.search("raised sunk").size() < book.search("raised").size());
    }

    void f1OpensThePageOfWhatHasTheFocus() {
        WindowFixture f;
        f.openSample("berth-14");
        MainWindow& window = *f.window;
        const auto titleAt = [&](QWidget* widget) {
            widget->setFocus();
            QTest::keyClick(widget, Qt::Key_F1);
            const HelpPlace at = window.help().shown();
            window.drawer().shut();
            const HelpBook book(folder, "en");
            return at.page < 0 ? QString() : book.pages()[at.page].sections[at.section].title;
        };
        QCOMPARE(titleAt(&window.routeCard().letteringBody().words()), QString("Words"));
        window.routeCard().open(RouteCard::placing);
        window.routeCard().station(RouteCard::placing).focusHead();
        QCOMPARE(titleAt(window.focusWidget()), QString("Sides"));
        window.routeCard().open(RouteCard::process);
        NumberField* limit = nullptr;
        for (auto* field : window.routeCard().processBody().findChildren<NumberField*>())
            if (field->isVisible())
                limit = field;
        QVERIFY(limit);
        QCOMPARE(titleAt(limit), QString("Limits"));
        QCOMPARE(titleAt(&window.flatView()), QString("The board"));
    }

    void eachFindingLinksToItsSection() {
        WindowFixture f;
        f.openSample("pilot-loose-dot");
        MainWindow& window = *f.window;
        const QList<FindingRow*> rows = window.findings().rows();
        QVERIFY(!rows.isEmpty());
        const QString kind = nameOf(int(rows.front()->finding().kind));
        f.button("Why?")->click();
        QVERIFY(window.drawer().holds(&window.help()));
        const HelpBook book(folder, "en");
        const HelpPlace at = window.help().shown();
        QVERIFY(book.pages()[at.page].sections[at.section].topics.contains(kind));
        auto* page = window.help().findChild<QTextBrowser*>();
        QVERIFY(page->isVisible() && page->toPlainText().contains(book.pages()[at.page].title));
    }

    void searchingInThePanelOpensWhatIsChosen() {
        WindowFixture f;
        f.openSample("berth-14");
        f.window->showHelp({"nothing"});
        HelpPanel& help = f.window->help();
        QCOMPARE(help.shown().page, -1);
        const HelpBook book(folder, "en");
        QCOMPARE(help.list().count(), int(book.pages().size()));
        QTest::keyClicks(&help.searchField(), "profile");
        QVERIFY(help.list().count() >= 1 && help.list().count() < 10);
        QTest::keyClick(&help.searchField(), Qt::Key_Return);
        QVERIFY(help.shown().page >= 0);
        QTest::keyClicks(&help.searchField(), " seagull");
        QCOMPARE(help.list().count(), 1); // told that there is nothing
        QVERIFY(!(help.list().item(0)->flags() & Qt::ItemIsEnabled));
    }

    void firstStepsGoFromWordsToFiles() {
        WindowFixture f;
        MainWindow& window = *f.window;
        window.firstSteps().start();
        settle(window);
        QCOMPARE(window.firstSteps().step(), 0);
        QVERIFY(window.firstSteps().isVisible() && !window.showsStart());
        f.button("Next step")->click();
        QCOMPARE(window.firstSteps().step(), 1);
        QTRY_VERIFY(std::ranges::any_of(window.findings().rows(),
                                        [](const FindingRow* row) { return !row->offers().empty(); }));
        window.findings().mendFirst();
        QTRY_COMPARE(window.firstSteps().step(), 2); // it was done
        QCOMPARE(window.routeCard().openStation(), int(RouteCard::output));
        f.button("Done")->click();
        QVERIFY(!window.firstSteps().isVisible());
        window.firstSteps().start();
        QTest::keyClick(&window.firstSteps(), Qt::Key_Escape);
        QVERIFY(!window.firstSteps().isVisible());
    }
};

QTEST_MAIN(HelpTest)
#include "help_test.moc"
