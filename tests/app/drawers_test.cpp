#include "app/card/typeface_list.hpp"
#include "app/controls/drawer.hpp"
#include "app/help/help_panel.hpp"
#include "window_fixture.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QListView>
#include <QTextBrowser>
#include <set>

using namespace bollard;
using namespace bollard::app;

/// What opens beside the route card, and the stations that were laid out anew with it.
class DrawersTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    StationBody& body(int station) {
        window().routeCard().open(station);
        settle(window());
        return *window().routeCard().station(station).body();
    }
    template<class Widget> Widget* named(QWidget& in, const QString& name) {
        for (Widget* widget : in.findChildren<Widget*>())
            if (widget->accessibleName() == name && widget->isVisible())
                return widget;
        return nullptr;
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        window().resize(1280, 800);
        f_->openSample("berth-14");
    }
    void cleanup() { f_.reset(); }

    void typefacesAreTriedOnTheBoardBesideThem() {
        LetteringStation& station = window().routeCard().letteringBody();
        const int boardBefore = window().flatView().width();
        station.openTypefaces();
        settle(window());
        QVERIFY(window().drawer().isVisible() && station.typefaces().isVisible());
        // The board is seen beside it, whole.
        const QRect drawer(window().drawer().mapTo(&window(), QPoint()), window().drawer().size());
        const QRect board(window().flatView().mapTo(&window(), QPoint()), window().flatView().size());
        QVERIFY(!drawer.intersects(board) && board.width() > 300);
        auto* name = station.typefaces().findChild<QLineEdit*>();
        const std::string before = f_->inscription().typeface.family;
        station.typefaces().view().setCurrentIndex(station.typefaces().model().index(0));
        QTest::keyClick(name, Qt::Key_Down);
        QVERIFY(f_->inscription().typeface.family != before);
        QTest::keyClick(name, Qt::Key_Escape); // goes back
        QCOMPARE(f_->inscription().typeface.family, before);
        QVERIFY(!window().drawer().isVisible());
        QTRY_COMPARE(window().flatView().width(), boardBefore);
        station.openTypefaces();
        QTest::keyClick(name, Qt::Key_Down);
        QTest::keyClick(name, Qt::Key_Return); // takes it
        QVERIFY(!window().drawer().isVisible());
        QVERIFY(!(f_->inscription().typeface.family == before && f_->inscription().typeface.style == "Bold"));
    }

    void anotherStationOrCardPutsTheDrawerAway() {
        window().routeCard().letteringBody().openTypefaces();
        window().routeCard().open(RouteCard::working);
        QVERIFY(!window().drawer().isVisible());
        QTest::keyClick(&window(), Qt::Key_F1);
        QVERIFY(window().drawer().isVisible());
        f_->openSample("berth-9");
        QVERIFY(!window().drawer().isVisible());
    }

    void f1OpensHelpAndTheKeysAreInIt() {
        window().showHelp({"keys"});
        QVERIFY(window().drawer().isVisible());
        const QString told = window().help().findChild<QTextBrowser*>()->toPlainText();
        for (const char* key : {"F8", "F2", "Ctrl+E", "Alt+1 … Alt+6"})
            QVERIFY2(told.contains(key), key);
        QTest::keyClick(&window(), Qt::Key_F1);
        QVERIFY(!window().drawer().isVisible());
        QTest::keyClick(&window(), Qt::Key_F1);
        QTest::keyClick(&window().drawer(), Qt::Key_Escape);
        QVERIFY(!window().drawer().isVisible());
    }

    void helpOpensOnTheStartPageToo() {
        WindowFixture fresh;
        QVERIFY(fresh.window->showsStart());
        QTest::keyClick(fresh.window.get(), Qt::Key_F1);
        QVERIFY(fresh.window->showsStart() && fresh.window->drawer().isVisible());
        QTest::keyClick(fresh.window.get(), Qt::Key_F1);
        QVERIFY(!fresh.window->drawer().isVisible());
        fresh.window->showHelp();
        fresh.openSample("berth-9"); // a card opens, the drawer is put away
        QVERIFY(!fresh.window->drawer().isVisible());
    }

    void allThatIsTickedIsWrittenAtOnceUnderOneName() {
        QVERIFY(window().editor().saveAs(f_->path("quay.bollard"))); // files go beside the card
        StationBody& output = body(RouteCard::output);
        for (auto* box : output.findChildren<QCheckBox*>())
            box->setChecked(QStringList{"STL", "SVG", "PDF"}.contains(box->text()));
        f_->button("Write what is ticked")->click();
        QTRY_VERIFY(QFile::exists(f_->path("quay.stl")) && QFile::exists(f_->path("quay.svg")) &&
                    QFile::exists(f_->path("quay.pdf")));
        QVERIFY(!QFile::exists(f_->path("quay.3mf")) && !QFile::exists(f_->path("quay.png")));
        QTRY_VERIFY(std::ranges::any_of(output.findChildren<QLabel*>(), [](const QLabel* label) {
            return label->text().contains("quay.stl") && label->text().contains("quay.pdf");
        }));
        QVERIFY(f_->button("Open the folder"));
        // One of them is there already: none is written without being asked.
        QFile::remove(f_->path("quay.svg"));
        f_->button("Write what is ticked")->click();
        QVERIFY(window().notice().text().contains("quay.stl"));
        f_->button("Leave it")->click();
        QTest::qWait(50);
        QVERIFY(!QFile::exists(f_->path("quay.svg")));
        // A name that is none is told in place.
        auto* name = named<QLineEdit>(output, "Name of the files, without their endings");
        name->setFocus();
        name->selectAll();
        QTest::keyClicks(name, "a/b");
        f_->button("Write what is ticked")->click();
        QVERIFY(std::ranges::any_of(output.findChildren<QLabel*>(), [](const QLabel* label) {
            return label->isVisible() && label->text().contains("without a slash");
        }));
    }

    void plainWordsFitTheStationWithoutScrolling() {
        for (const int station : {RouteCard::lettering, RouteCard::placing, RouteCard::working}) {
            QWidget* const inside = &body(station);
            const QWidget* const seen = inside->parentWidget();
            QVERIFY2(
                inside->height() <= seen->height(),
                qPrintable(
                    QString("station %1: %2 in %3").arg(station).arg(inside->height()).arg(seen->height())));
        }
        for (int station = 0; station < RouteCard::count; ++station) {
            const QWidget* head = &window().routeCard().station(station);
            QVERIFY(head->mapTo(&window(), QPoint(0, 40)).y() <= window().height());
        }
    }

    void aRefusedNumberMovesNothingBelowIt() {
        StationBody& placing = body(RouteCard::placing);
        auto* x = named<NumberField>(placing, "Across, x");
        auto* turn = named<NumberField>(placing, "Turn");
        QVERIFY(x && turn);
        const QPoint before = turn->mapTo(&window(), QPoint());
        WindowFixture::typeInto(*x, "12 ells");
        QTest::qWait(30);
        QVERIFY(std::ranges::any_of(placing.findChildren<QLabel*>(), [](const QLabel* label) {
            return label->objectName() == "problem" && label->isVisible() && !label->text().isEmpty();
        }));
        QCOMPARE(turn->mapTo(&window(), QPoint()), before);
    }

    void anOutlineAndItsHolesAreSetInTheirStation() {
        StationBody& blank = body(RouteCard::blank);
        auto* outline = named<QComboBox>(blank, "What the plate looks like from the front");
        QVERIFY(outline);
        outline->setCurrentIndex(int(blank::OutlineKind::tag));
        emit outline->activated(int(blank::OutlineKind::tag));
        settle(window());
        QVERIFY(window().editor().card().blank.outline.kind == blank::OutlineKind::tag);
        auto* ear = named<NumberField>(blank, "Ear");
        QVERIFY(ear);
        WindowFixture::typeInto(*ear, "20");
        QCOMPARE(window().editor().card().blank.outline.ear, 20.0);
        auto* kind = named<QComboBox>(blank, "Hole 1, its kind");
        QVERIFY(kind);
        emit kind->activated(int(blank::HoleKind::countersunk));
        settle(window());
        auto* head = named<NumberField>(blank, "Hole 1, head");
        QVERIFY(head && head->isVisible() && !named<NumberField>(blank, "Hole 1, length"));
        WindowFixture::typeInto(*head, "9");
        QCOMPARE(window().editor().card().blank.holes[0].head, 9.0);
        auto* material = named<QComboBox>(blank, "What the blank is made of");
        material->setCurrentText("brass");
        emit material->activated(0);
        settle(window());
        QVERIFY(std::ranges::any_of(blank.findChildren<QLabel*>(), [](const QLabel* label) {
            return label->isVisible() && label->text().contains("weighs") && label->text().contains(" g");
        }));
        while (window().editor().history().canUndo())
            window().editor().history().undo();
        QVERIFY(window().editor().card().blank.outline.kind == blank::OutlineKind::rectangle);
    }

    void oneMatterIsOneRowAndItsPlacesAreSteppedThrough() {
        window().editor().edit("x", {}, [](card::Card& c) { c.inscriptions[1].style.size = 2.5; });
        settle(window());
        std::set<std::pair<check::FindingKind, int>> matters;
        FindingRow* many = nullptr;
        for (FindingRow* row : window().findings().rows()) {
            if (row->finding().inscription >= 0 && !row->finding().places.empty())
                QVERIFY(matters.insert({row->finding().kind, row->finding().inscription}).second);
            if (row->finding().places.size() > 2)
                many = row;
        }
        QVERIFY(many);
        QSignalSpy opened(&window().findings(), &FindingsPanel::opened);
        for (int i = 0; i < 3; ++i) {
            QTest::keyClick(many, Qt::Key_Return);
            const auto finding = opened.last()[0].value<check::Finding>();
            QCOMPARE(finding.places.size(), size_t(1));
            QVERIFY(finding.places[0].width == many->finding().places[size_t(i)].width);
        }
        QVERIFY(std::ranges::any_of(many->findChildren<QLabel*>(), [](const QLabel* label) {
            return label->isVisible() && label->text().startsWith("Place 3 of");
        }));
    }
};
QTEST_MAIN(DrawersTest)
#include "drawers_test.moc"
