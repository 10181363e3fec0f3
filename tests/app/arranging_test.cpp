#include "window_fixture.hpp"
#include <QComboBox>

using namespace bollard;
using namespace bollard::app;

/// Several inscriptions put in order by the buttons of the Placing station, and where the gauge points.
class ArrangingTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    CardEditor& editor() { return window().editor(); }
    card::Extent extent(int inscription) {
        settle(window());
        return *card::extentOf(*window().maker().shown().made.lettering, inscription);
    }
    void choose(const char* target) {
        for (auto* combo : window().routeCard().findChildren<QComboBox*>())
            if (combo->accessibleName() == "What the inscriptions are put in line with")
                combo->setCurrentText(QLatin1String(target));
    }
    bool press(const QString& name) {
        for (auto* button :
             window().routeCard().station(RouteCard::placing).body()->findChildren<QPushButton*>())
            if (button->accessibleName() == "Arrange: " + name ||
                (button->text() == name && button->accessibleName().isEmpty())) {
                button->click();
                return true;
            }
        return false;
    }
    void chooseAll() {
        editor().select(0);
        for (int i = 1; i < int(editor().card().inscriptions.size()); ++i)
            editor().toggle(i);
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        f_->openSample("berth-14");
        editor().edit("x", {}, [](card::Card& card) {
            card.blank.holes.clear();
            card.blank.margin = 5;
            card::Inscription third = card.inscriptions[1];
            third.words = "slip";
            third.placing = {setting::Anchor::centre, 30, 20, 0};
            card.inscriptions.push_back(third);
            card.inscriptions[0].style.size = 6;
            card.inscriptions[0].placing = {setting::Anchor::centre, 90, 36, 15};
        });
        window().routeCard().open(RouteCard::placing);
        settle(window());
        editor().history().clear();
    }
    void cleanup() { f_.reset(); }

    void everyEdgeOfTheBlankAndItsMargin() {
        const struct {
            const char* button;
            double plate, margin; // of a plate of 120 x 45 with a margin of 5
            double (*where)(const card::Extent&);
        } cases[]{{"left", 0, 5, [](const card::Extent& e) { return e.low.x; }},
                  {"right", 120, 115, [](const card::Extent& e) { return e.high.x; }},
                  {"top", 45, 40, [](const card::Extent& e) { return e.high.y; }},
                  {"bottom", 0, 5, [](const card::Extent& e) { return e.low.y; }},
                  {"centre", 60, 60, [](const card::Extent& e) { return (e.low.x + e.high.x) / 2; }},
                  {"middle", 22.5, 22.5, [](const card::Extent& e) { return (e.low.y + e.high.y) / 2; }}};
        for (const auto& one : cases)
            for (const bool margin : {false, true}) {
                chooseAll();
                choose(margin ? "the margin" : "the blank");
                QVERIFY2(press(one.button), one.button); // at once: it waits for where things are now
                for (int i = 0; i < 3; ++i)
                    QVERIFY2(
                        std::fabs(one.where(extent(i)) - (margin ? one.margin : one.plate)) < 0.01,
                        qPrintable(QString("%1 of %2: %3").arg(one.button).arg(i).arg(one.where(extent(i)))));
                editor().history().undo();
                QVERIFY(!editor().history().canUndo()); // all of them in one step
            }
    }

    void inLineWithTheLastWhichStays() {
        editor().select(0);
        editor().toggle(2);
        editor().toggle(1);
        choose("the one chosen last");
        const card::Extent before = extent(1);
        QVERIFY(press("right"));
        for (const int i : {0, 2})
            QVERIFY(std::fabs(extent(i).high.x - before.high.x) < 0.01);
        QVERIFY(extent(1).high.x == before.high.x);
    }

    void spreadLeavesEqualRoom() {
        chooseAll();
        QVERIFY(press("spread up"));
        std::vector<card::Extent> all{extent(0), extent(1), extent(2)};
        std::ranges::sort(all, {}, [](const card::Extent& e) { return e.low.y; });
        QVERIFY(std::fabs((all[1].low.y - all[0].high.y) - (all[2].low.y - all[1].high.y)) < 0.01);
        editor().history().undo();
        editor().select(0);
        editor().toggle(1);
        QVERIFY(press("spread across")); // two have nothing between them
        QVERIFY(!editor().history().canUndo());
    }

    void theSizeOfTheLastIsGivenToAll() {
        chooseAll();
        QVERIFY(press("Same size as the last"));
        const auto& all = editor().card().inscriptions;
        for (const card::Inscription& inscription : all)
            QCOMPARE(inscription.style.size, all[2].style.size);
    }

    void aGroupStaysTogether() {
        editor().select(0);
        editor().toggle(2);
        QVERIFY(press("Make a group"));
        editor().select(0);
        const card::Extent first = extent(0), third = extent(2);
        choose("the blank");
        QVERIFY(press("left"));
        const double moved = extent(0).low.x - first.low.x;
        QVERIFY(std::fabs((extent(2).low.x - third.low.x) - moved) < 0.01);
        QVERIFY(std::fabs(std::min(extent(0).low.x, extent(2).low.x)) < 0.01); // as one
        editor().select(2);
        editor().toggle(0);
        QVERIFY(press("Take the group apart"));
        QVERIFY(!card::areGroup(editor().card(), {0, 2}));
    }

    void theGaugeShowsWhereABarComesFrom() {
        Gauge& gauge = window().gauge();
        QSignalSpy lit(&gauge, &Gauge::lit);
        const auto& bars = gauge.bars();
        const auto tallest =
            std::ranges::max_element(bars, {}, [](const Gauge::Bar& bar) { return bar.stroke; }) -
            bars.begin();
        const double mm = (double(tallest) + 0.5) * gauge.barWidth();
        // The mark of a limit tells where its number of millimetres stands.
        const double stop = gauge.markPosition("strokeStop").x();
        const double watch = gauge.markPosition("strokeWatch").x();
        const auto limit = [&](const char* which) {
            return process::limitOf(card::rulesFor(editor().card(), &f_->inscription()), which).value_or(0);
        };
        const double perMm = (watch - stop) / (limit("strokeWatch") - limit("strokeStop"));
        const QPoint over(int(stop + (mm - limit("strokeStop")) * perMm), gauge.height() / 2 - 20);
        QMouseEvent move(QEvent::MouseMove, over, gauge.mapToGlobal(over), Qt::NoButton, Qt::NoButton, {});
        QApplication::sendEvent(&gauge, &move);
        QVERIFY(!lit.isEmpty());
        const auto places = lit.last().first().value<std::vector<check::FindingPlace>>();
        QVERIFY(!places.empty());
        for (const check::FindingPlace& place : places)
            QVERIFY(std::fabs(place.width - mm) <= gauge.barWidth());
        QEvent leave(QEvent::Leave);
        QApplication::sendEvent(&gauge, &leave);
        QVERIFY(lit.last().first().value<std::vector<check::FindingPlace>>().empty());
    }
};
QTEST_MAIN(ArrangingTest)
#include "arranging_test.moc"
