#include "app/session/beginning.hpp"
#include "app/start/start_page.hpp"
#include "window_fixture.hpp"
#include <QComboBox>
#include <QLabel>
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

    void whatIsToldOnceIsWhatNewCardsBeginWith() {
        WindowFixture f;
        const auto named = [&](const QString& name) {
            for (auto* box : f.window->startPage().findChildren<QComboBox*>())
                if (box->accessibleName() == name)
                    return box;
            return static_cast<QComboBox*>(nullptr);
        };
        const auto asks = [&] {
            return std::ranges::any_of(
                f.window->startPage().findChildren<QLabel*>(), [](const QLabel* label) {
                    return label->isVisible() && label->text().contains("what do you make with");
                });
        };
        QVERIFY(asks()); // the first time
        auto* process = named("What new cards are made with");
        auto* unit = named("Unit of new cards");
        QVERIFY(process && unit);
        process->setCurrentIndex(process->findText("laser cutting"));
        emit process->activated(process->currentIndex());
        unit->setCurrentIndex(unit->findText("in"));
        emit unit->activated(unit->currentIndex());
        for (auto* field : f.window->startPage().findChildren<NumberField*>())
            WindowFixture::typeInto(*field, field->accessibleName().startsWith("Width") ? "80 mm" : "30 mm");
        QVERIFY(!asks());
        f.window->newCard();
        const card::Card& card = f.window->editor().card();
        QCOMPARE(card.process.kind.name(), std::string_view("laser"));
        QVERIFY(card.unit == quantity::Unit::inch);
        QVERIFY(card.blank.width == 80 && card.blank.height == 30 && card.inscriptions[0].placing.x == 40);
        QCOMPARE(beginning().process.kind.name(), std::string_view("laser"));
        StartPage again; // not asked again
        again.show();
        QVERIFY(std::ranges::none_of(again.findChildren<QLabel*>(), [](const QLabel* label) {
            return label->text().contains("what do you make with");
        }));
    }

    void aCardOfOnesOwnIsAStartingCard() {
        WindowFixture f;
        f.openSample("berth-14");
        QCOMPARE(keepStartingCard(f.window->editor().card(), "Berth / north"), QString());
        const QString path = startingCards().value(0);
        QVERIFY(!path.isEmpty());
        StartPage page;
        page.show();
        QSignalSpy wanted(&page, &StartPage::sampleWanted);
        for (auto* button : page.findChildren<QPushButton*>())
            if (button->text() == "Berth / north")
                button->click();
        QCOMPARE(wanted.size(), 1);
        f.window->openSample(wanted[0][0].toString());
        settle(*f.window);
        QCOMPARE(f.inscription().words, std::string("BERTH 14"));
        QVERIFY(f.window->editor().path().isEmpty()); // a new card: the starting one stays as it is
        QCOMPARE(forgetStartingCard(path), QString());
        QVERIFY(startingCards().isEmpty());
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
