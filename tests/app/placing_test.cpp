#include "app/card/typeface_list.hpp"
#include "window_fixture.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QListView>
#include <QMenu>
#include <QPlainTextEdit>

using namespace bollard;
using namespace bollard::app;

/// Lines, nudges, several at once, ornaments and drawings, as a person works them.
class PlacingTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    FlatView& flat() { return f_->window->flatView(); }
    CardEditor& editor() { return f_->window->editor(); }
    QPoint pixelOf(plane::Vector mm) { return flat().scale().toPixels({mm.x, mm.y}).toPoint(); }
    void moveTo(QPoint at, Qt::KeyboardModifiers with = {}) {
        QMouseEvent move(QEvent::MouseMove, at, flat().mapToGlobal(at), Qt::NoButton, Qt::LeftButton, with);
        QApplication::sendEvent(&flat(), &move);
    }
    void drag(QPoint from, QPoint to) {
        QTest::mousePress(&flat(), Qt::LeftButton, {}, from);
        moveTo((from + to) / 2);
        moveTo(to);
        QTest::mouseRelease(&flat(), Qt::LeftButton, {}, to);
        settle(*f_->window);
    }
    plane::Vector handleAt(LineHandle::Kind kind, int point = 0) {
        for (const LineHandle& handle : flat().bendHandles())
            if (handle.kind == kind && handle.point == point)
                return handle.at;
        return {};
    }
    QComboBox* combo(const char* name) {
        for (auto* box : f_->window->routeCard().findChildren<QComboBox*>())
            if (box->accessibleName() == QLatin1String(name))
                return box;
        return nullptr;
    }
    void open(const char* sample, int station) {
        f_->openSample(sample);
        f_->window->routeCard().open(station);
    }

  private slots:
    void init() { f_ = std::make_unique<WindowFixture>(); }
    void cleanup() { f_.reset(); }

    void theBeadSlidesWordsRoundTheirCircle() {
        open("mooring-ring", RouteCard::placing);
        const plane::Vector bead = handleAt(LineHandle::Kind::bead);
        const double angle = 30 * M_PI / 180;
        const plane::Vector from = bead - plane::Vector{65, 65};
        const plane::Vector to{std::cos(angle) * from.x + std::sin(angle) * from.y,
                               std::cos(angle) * from.y - std::sin(angle) * from.x}; // clockwise
        drag(pixelOf(bead), pixelOf(to + plane::Vector{65, 65}));
        QVERIFY(std::fabs(f_->inscription().baseline.slide - angle * 42.5) < 0.6);
        editor().history().undo();
        QCOMPARE(f_->inscription().baseline.slide, 0.0);
    }

    void theRadiusIsDragged() {
        open("mooring-ring", RouteCard::placing);
        const plane::Vector handle = handleAt(LineHandle::Kind::radius);
        drag(pixelOf(handle), pixelOf(handle + plane::Vector{-3, 3}));
        QVERIFY(std::fabs(f_->inscription().baseline.radius - (42.5 - 3 * std::sqrt(2.0))) < 0.4);
    }

    void pointsOfACurveAreDraggedAndTyped() {
        open("transom", RouteCard::placing);
        const plane::Vector handle = handleAt(LineHandle::Kind::point, 2);
        drag(pixelOf(handle), pixelOf(handle + plane::Vector{-10, 12}));
        const setting::CurvePoint& point = f_->inscription().baseline.points[2];
        QVERIFY(std::fabs(point.x - 180) < 1 && std::fabs(point.y + 2) < 1);
        QCOMPARE(editor().curvePoint(), 2);
        QPushButton* add = f_->button("Add point");
        QVERIFY(add);
        editor().chooseCurvePoint(0);
        add->click();
        QCOMPARE(f_->inscription().baseline.points.size(), size_t{4});
        QCOMPARE(editor().curvePoint(), 1);
        f_->button("Remove")->click();
        QCOMPARE(f_->inscription().baseline.points.size(), size_t{3});
    }

    void anotherLineIsChosenAndTheArcIsBentByThreeHandles() {
        open("berth-14", RouteCard::placing);
        QComboBox* line = combo("What line the words stand on");
        QVERIFY(line);
        line->setCurrentIndex(int(setting::BaselineKind::arc));
        emit line->activated(line->currentIndex());
        settle(*f_->window);
        QCOMPARE(f_->inscription().baseline.kind, setting::BaselineKind::arc);
        QCOMPARE(flat().bendHandles().size(), size_t{3});
        const double before = f_->inscription().baseline.radius;
        const plane::Vector top = handleAt(LineHandle::Kind::middle);
        drag(pixelOf(top), pixelOf(top + plane::Vector{0, 4}));
        QVERIFY(f_->inscription().baseline.radius < before); // bent more
        // Words are still written in place: the caret stands on the curve.
        flat().setFocus();
        QTest::keyClick(&flat(), Qt::Key_F2);
        QVERIFY(flat().writing());
        QTest::keyClicks(&flat(), "X");
        QVERIFY(f_->inscription().words.ends_with("X"));
    }

    void lettersAreChosenAndNudged() {
        open("berth-14", RouteCard::lettering);
        flat().setFocus();
        QTest::keyClick(&flat(), Qt::Key_Right, Qt::AltModifier);
        QCOMPARE(editor().letters(), std::vector<int>{0});
        QTest::keyClick(&flat(), Qt::Key_Right, Qt::AltModifier | Qt::ShiftModifier);
        QCOMPARE(editor().letters(), (std::vector<int>{0, 1}));
        QTest::keyClick(&flat(), Qt::Key_Up);
        QCOMPARE(f_->inscription().nudges.size(), size_t{2});
        QVERIFY(std::fabs(f_->inscription().nudges[0].y - 0.1) < 1e-9);
        QTest::keyClick(&flat(), Qt::Key_Escape);
        QVERIFY(editor().letters().empty());
        // By the mouse, then typed words before them: the nudge goes with its letter.
        settle(*f_->window);
        const auto& letters = *f_->window->maker().shown().flat->lettersOf(0);
        const plane::Box box = plane::boxOf(letters.onSide[2]);
        const plane::Vector middle = 0.5e-4 * (plane::vectorOf(box.low) + plane::vectorOf(box.high));
        QTest::mouseClick(&flat(), Qt::LeftButton, Qt::ControlModifier, pixelOf(middle));
        QCOMPARE(editor().letters(), std::vector<int>{2});
        editor().editInscription("Typing", {}, [](card::Inscription& i) { i.words = "X" + i.words; });
        QCOMPARE(f_->inscription().nudges[0].letter, 1);
        editor().chooseLetters({});
        settle(*f_->window);
        QPushButton* clear =
            f_->window->findChild<QWidget*>("routeCard") ? f_->button("Clear all nudges") : nullptr;
        if (!clear) { // the fold is closed
            for (auto* fold : f_->window->findChildren<QPushButton*>("fold"))
                if (fold->isVisible() && fold->text().contains("Single letters"))
                    fold->click();
            clear = f_->button("Clear all nudges");
        }
        QVERIFY(clear);
        clear->click();
        QVERIFY(f_->inscription().nudges.empty());
    }

    void severalMoveTogether() {
        open("berth-14", RouteCard::placing);
        const auto before = editor().card().inscriptions;
        QTest::mouseClick(&flat(), Qt::LeftButton, Qt::ShiftModifier, pixelOf({60, 10}));
        QCOMPARE(editor().chosen(), (std::vector<int>{0, 1}));
        flat().setFocus();
        QTest::keyClick(&flat(), Qt::Key_Left);
        for (size_t i = 0; i < 2; ++i)
            QVERIFY(std::fabs(editor().card().inscriptions[i].placing.x - before[i].placing.x + 1) < 1e-9);
        QPushButton* group = f_->button("Make a group");
        QVERIFY(group && group->isEnabled());
        group->click();
        QVERIFY(card::areGroup(editor().card(), {0, 1}));
        editor().select(0);
        QTest::keyClick(&flat(), Qt::Key_Left);
        QVERIFY(std::fabs(editor().card().inscriptions[1].placing.x - before[1].placing.x + 2) < 1e-9);
        editor().toggle(1);
        QPushButton* left = nullptr;
        for (auto* button : f_->window->findChildren<QPushButton*>())
            if (button->accessibleName() == "Arrange: left")
                left = button;
        QVERIFY(left);
        left->click();
        settle(*f_->window);
        QVERIFY(editor().history().canUndo());
    }

    void ornamentsAreAddedFromTheMenu() {
        open("berth-14", RouteCard::lettering);
        QPushButton* add = f_->button("Add ornament");
        QVERIFY(add && add->menu());
        add->menu()->actions().front()->trigger(); // a frame, round the selected words
        settle(*f_->window);
        QVERIFY(f_->inscription().isOrnament());
        QCOMPARE(f_->inscription().ornament.around, card::idsOf(f_->window->editor().card())[0]);
        QVERIFY(f_->window->routeCard().station(RouteCard::lettering).summary().contains("frame"));
        for (const check::Finding& finding : f_->window->maker().shown().made.checked->findings)
            QVERIFY(finding.kind != check::FindingKind::ornamentEmpty);
        editor().history().undo();
        QVERIFY(!f_->inscription().isOrnament());
    }

    void aDrawingWithoutUnitsIsAskedAboutInPlace() {
        open("berth-14", RouteCard::lettering);
        QFile file(f_->path("star.svg"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("<svg xmlns='http://www.w3.org/2000/svg' width='20' height='10'><rect width='20' "
                   "height='10'/><text>Q</text></svg>");
        file.close();
        f_->window->readDrawing(file.fileName(), MainWindow::DrawingUse::artwork);
        QTRY_VERIFY(f_->button("1/96 inch") && f_->button("1 mm"));
        f_->button("1 mm")->click();
        settle(*f_->window);
        QCOMPARE(f_->inscription().ornament.kind, setting::OrnamentKind::artwork);
        QVERIFY(f_->inscription().ornament.source == "star.svg");
        QVERIFY(f_->window->findChild<NoticeBar*>()->text().contains("text"));
        editor().select(0);
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete); // the answers given before
        f_->window->readDrawing(file.fileName(), MainWindow::DrawingUse::line);
        QTRY_VERIFY(f_->button("1 mm"));
        f_->button("1 mm")->click();
        QCOMPARE(f_->inscription().baseline.kind, setting::BaselineKind::curve);
        QVERIFY(f_->inscription().baseline.closed);
        QFile broken(f_->path("broken.dxf"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write("nothing");
        broken.close();
        const card::Card before = editor().card();
        f_->window->readDrawing(broken.fileName(), MainWindow::DrawingUse::artwork);
        QTRY_VERIFY(f_->window->findChild<NoticeBar*>()->text().contains("broken.dxf"));
        QVERIFY(editor().card() == before);
    }

    void aLargeDrawingIsReadBesideTheWorkAndCanBeStopped() {
        open("berth-14", RouteCard::lettering);
        QFile file(f_->path("plan.dxf"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i < 400000; ++i)
            file.write("0\nLINE\n8\n0\n10\n" + QByteArray::number(i) + "\n20\n0\n11\n" +
                       QByteArray::number(i) + "\n21\n5\n");
        file.write("0\nENDSEC\n0\nEOF\n");
        file.close();
        const card::Card before = editor().card();
        f_->window->readDrawing(file.fileName(), MainWindow::DrawingUse::artwork);
        QTRY_VERIFY(f_->button("Stop"));
        editor().editInscription("Typing", {},
                                 [](card::Inscription& i) { i.words = "QUAY"; }); // goes on meanwhile
        f_->button("Stop")->click();
        QVERIFY(f_->window->findChild<NoticeBar*>()->isHidden());
        settle(*f_->window);
        QTest::qWait(50);
        QCOMPARE(editor().card().inscriptions.size(), before.inscriptions.size());
        QVERIFY(!f_->button("1 mm"));
    }

    void holdingMMeasures() {
        open("berth-14", RouteCard::lettering);
        flat().setFocus();
        QTest::keyPress(&flat(), Qt::Key_M);
        QTest::mousePress(&flat(), Qt::LeftButton, {}, pixelOf({20, 10}));
        moveTo(pixelOf({50, 10}));
        const double told = flat().measured().section(' ', 0, 0).toDouble();
        QVERIFY2(std::fabs(told - 30) < 0.3, qPrintable(flat().measured())); // to the pixel
        QTest::mouseRelease(&flat(), Qt::LeftButton, {}, pixelOf({50, 10}));
        QTest::keyRelease(&flat(), Qt::Key_M);
        QVERIFY(flat().measured().isEmpty());
        QVERIFY(!editor().history().canUndo());
    }

    void spellingIsMarkedAndMended() {
        open("berth-14", RouteCard::lettering);
        LetteringStation& station = f_->window->routeCard().letteringBody();
        if (station.spelling().languages().isEmpty())
            QSKIP("no dictionary is installed");
        editor().editInscription("Typing", {}, [](card::Inscription& i) {
            i.words = "harbuor 14";
            i.language = "en_GB";
        });
        QTRY_VERIFY_WITH_TIMEOUT(!station.spelling().misspelt().empty(), 8000 * BOLLARD_PATIENCE);
        QCOMPARE(station.words().extraSelections().size(), 1);
        QCOMPARE(flat().misspelt().size(), size_t{1}); // and on the board
        QPushButton* right = f_->button("harbour");
        QVERIFY(right);
        right->click();
        QTRY_COMPARE(f_->inscription().words, std::string("harbour 14"));
        QTRY_VERIFY_WITH_TIMEOUT(station.spelling().misspelt().empty(), 8000 * BOLLARD_PATIENCE);
        station.words().setPlainText("Grensund");
        QTRY_VERIFY_WITH_TIMEOUT(f_->button("is right"), 8000 * BOLLARD_PATIENCE);
        f_->button("is right")->click();
        QTRY_VERIFY_WITH_TIMEOUT(station.spelling().misspelt().empty(), 8000 * BOLLARD_PATIENCE);
    }

    void typefacesAreNarrowedByKindAndKept() {
        open("berth-14", RouteCard::lettering);
        LetteringStation& station = f_->window->routeCard().letteringBody();
        station.openTypefaces();
        TypefaceModel& model = station.typefaces().model();
        const int all = model.rowCount();
        TypefaceFilter filter;
        filter.kind = type::TypefaceKind::singleLine;
        model.setFilter(filter);
        QTRY_VERIFY_WITH_TIMEOUT(!model.looking(), 20000 * BOLLARD_PATIENCE);
        QVERIFY(model.rowCount() > 10 && model.rowCount() < all);
        for (int row = 0; row < model.rowCount(); ++row)
            QVERIFY2(model.choiceAt(row).family.starts_with("Hershey") ||
                         model.choiceAt(row).family.starts_with("Bollard"),
                     model.choiceAt(row).family.c_str());
        model.keep(0, true);
        const std::string kept = model.choiceAt(0).family;
        model.setFilter({{}, true, {}, 0});
        QCOMPARE(model.rowCount(), 1);
        QCOMPARE(model.choiceAt(0).family, kept);
        model.setFilter({"Bollard", false, {}, 0.8}); // lines of 1 mm are thick enough, at any size
        QTRY_VERIFY_WITH_TIMEOUT(!model.looking(), 30000);
        QCOMPARE(model.rowCount(), 2);
    }
};
QTEST_MAIN(PlacingTest)
#include "placing_test.moc"
