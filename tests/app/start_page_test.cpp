#include "window_fixture.hpp"
#include <QToolButton>

using namespace bollard;
using namespace bollard::app;

/// What is shown before a card is open.
class StartPageTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    StartPage& page() { return window().startPage(); }
    QStringList recentShown() {
        QStringList shown;
        for (auto* button : page().findChildren<QPushButton*>("link"))
            if (button->isVisible())
                shown << button->text();
        return shown;
    }

  private slots:
    void init() { f_ = std::make_unique<WindowFixture>(); }
    void cleanup() { f_.reset(); }

    void samplesAreDrawnBesideTheWork() {
        const auto samples = page().findChildren<QToolButton*>();
        QVERIFY(samples.size() >= 7);
        for (auto* sample : samples) {
            QVERIFY(sample->accessibleName().startsWith("Sample: "));
            QTRY_VERIFY_WITH_TIMEOUT(!sample->icon().isNull(), 20000 * BOLLARD_PATIENCE);
        }
        QList<QImage> seen;
        for (auto* sample : samples) {
            const QImage picture = sample->icon().pixmap(sample->iconSize()).toImage();
            QVERIFY(!seen.contains(picture));
            seen << picture;
        }
    }

    void everySampleOpensAndCanBeLookedAt() {
        for (int i = 0; i < 7; ++i) {
            WindowFixture fresh;
            const auto samples = fresh.window->startPage().findChildren<QToolButton*>();
            samples[i]->click();
            QVERIFY(settle(*fresh.window));
            QVERIFY(!fresh.window->showsStart());
            QVERIFY(fresh.window->maker().shown().made.solid);
            QVERIFY2(!fresh.window->maker().shown().made.solid->problem,
                     qPrintable(fresh.window->editor().title()));
            fresh.window->showView(MainWindow::body);
            QVERIFY(settle(*fresh.window));
        }
    }

    void savedCardsAreRecentTheLastFirst() {
        QVERIFY(recentShown().isEmpty());
        for (const char* name : {"one", "two", "three"}) {
            window().newCard();
            QVERIFY(window().editor().saveAs(f_->path(name)));
            window().openCard(window().editor().path());
        }
        WindowFixture* const old = f_.get();
        const QString folder = old->folder.path();
        // The next start of the program, with the same settings.
        Session nextSession(folder + "/unsaved2");
        MainWindow next(nextSession);
        next.show();
        QStringList shown;
        for (auto* button : next.startPage().findChildren<QPushButton*>("link"))
            shown << button->text();
        QCOMPARE(shown, (QStringList{"three", "two", "one"}));
        QFile::remove(folder + "/two.bollard"); // gone meanwhile
        Session laterSession(folder + "/unsaved3");
        MainWindow later(laterSession);
        later.show();
        shown.clear();
        for (auto* button : later.startPage().findChildren<QPushButton*>("link"))
            shown << button->text();
        QCOMPARE(shown, (QStringList{"three", "one"}));
    }

    void unsavedWorkIsOfferedAndDiscarded() {
        LeftOver first, second;
        first.title = "Berth";
        second.title = "Tag";
        QSignalSpy discarded(&page(), &StartPage::discardWanted);
        page().setLeftOvers({first, second});
        QTRY_VERIFY(f_->button("Recover Berth") && f_->button("Recover Tag"));
        for (auto* button : page().findChildren<QPushButton*>())
            if (button->accessibleName() == "Discard the unsaved Tag") {
                connect(&page(), &StartPage::discardWanted, this,
                        [&](const LeftOver&) { page().setLeftOvers({first}); });
                button->click(); // it goes while it is pressed
                break;
            }
        QCOMPARE(discarded.size(), 1);
        QTRY_VERIFY(f_->button("Recover Berth"));
        QVERIFY(!f_->button("Recover Tag"));
    }
};
QTEST_MAIN(StartPageTest)
#include "start_page_test.moc"
