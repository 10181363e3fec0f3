// A part from a file in the window: chosen, its sides pointed at, named, turned and taken away.
#include "app/board/body_view.hpp"
#include "app/card/part_panel.hpp"
#include "app/card/route_card.hpp"
#include "window_fixture.hpp"
#include <QLineEdit>

using namespace bollard;
using namespace bollard::app;

class PartInWindowTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    BodyCanvas& canvas() { return window().bodyView().canvas(); }
    PartPanel& panel() { return *window().findChild<PartPanel*>(); }
    const std::vector<blank::PartSide>& sides() { return window().editor().card().blank.part.sides; }
    /// What is found in its file is told to the card, which is made once more then.
    bool made() {
        const auto solid = [&] {
            settle(window());
            return window().maker().shown().made.solid;
        };
        constexpr int patience = 20000 * BOLLARD_PATIENCE;
        const bool there = QTest::qWaitFor([&] { return solid() && !solid()->problem; }, patience);
        if (!there && solid() && solid()->problem)
            qWarning("%d %s", int(solid()->problem->kind), solid()->problem->detail.c_str());
        return there;
    }
    /// Where a place of the part is seen.
    QPoint seen(double x, double y, double z) {
        const picture::Point3 at =
            picture::inPicture(canvas().view().camera, canvas().width(), canvas().height(), {x, y, z});
        return {int(std::lround(at.x)), int(std::lround(at.y))};
    }
    void click(const QPoint& at) {
        QTRY_VERIFY_WITH_TIMEOUT(canvas().sharp(), 20000);
        QTest::mouseClick(&canvas(), Qt::LeftButton, {}, at);
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        window().resize(1280, 800);
        f_->openSample("horn-cleat");
        QVERIFY(made());
        window().routeCard().open(RouteCard::blank);
        window().showView(MainWindow::body);
        canvas().stand(30, 40);
        QTRY_VERIFY_WITH_TIMEOUT(canvas().sharp(), 20000);
    }
    void cleanup() { f_.reset(); }

    void whatTheFileHoldsIsLearntWithoutAnEdit() {
        QCOMPARE(sides().size(), size_t(2));
        QVERIFY(sides()[0].found.kind == blank::FoundSide::Kind::cylinder);
        QVERIFY(std::fabs(sides()[0].found.radius - 8.5) < 0.01);
        QVERIFY(sides()[1].found.kind == blank::FoundSide::Kind::flat);
        QCOMPARE(sides()[1].found.outline->contours.size(), size_t(5)); // two holes, two posts
        QVERIFY(!window().editor().edited() && !window().editor().history().canUndo());
    }

    void aSideIsPointedAt() {
        auto* const point = f_->button("Point at a side");
        QVERIFY(point && point->isEnabled());
        point->click();
        QVERIFY(canvas().pointing() && point->isChecked());
        // Turning the body is no pointing.
        QTest::mousePress(&canvas(), Qt::LeftButton, {}, {300, 300});
        QTest::mouseMove(&canvas(), {340, 300});
        QMouseEvent move(QEvent::MouseMove, QPointF(360, 300), canvas().mapToGlobal(QPointF(360, 300)),
                         Qt::NoButton, Qt::LeftButton, {});
        QApplication::sendEvent(&canvas(), &move);
        QTest::mouseRelease(&canvas(), Qt::LeftButton, {}, {360, 300});
        QCOMPARE(sides().size(), size_t(2));
        QVERIFY(canvas().pointing());
        canvas().stand(30, 40);
        click(seen(20, -17, 3)); // the base's long edge
        QTRY_COMPARE_WITH_TIMEOUT(sides().size(), size_t(3), 20000);
        QVERIFY(!canvas().pointing() && !point->isChecked());
        QVERIFY(sides()[2].found.kind == blank::FoundSide::Kind::flat);
        QVERIFY(std::fabs(sides()[2].found.facing[0] - 1) < 1e-6 &&
                std::fabs(sides()[2].found.up[2] - 1) < 1e-6);
        QVERIFY2(panel().told().contains("flat"), qPrintable(panel().told()));
        QCOMPARE(window().editor().side(), sides()[2].name);
        QVERIFY(made());
        // The same again is the same side.
        point->click();
        click(seen(10, -17, 3));
        QTRY_VERIFY_WITH_TIMEOUT(panel().told().contains("That is"), 20000);
        QCOMPARE(sides().size(), size_t(3));
        window().editor().history().undo();
        QCOMPARE(sides().size(), size_t(2));
        QVERIFY(made());
    }

    void escapeLeavesAndAPlaceCanBeTyped() {
        auto* const point = f_->button("Point at a side");
        point->click();
        QTest::keyClick(&canvas(), Qt::Key_Escape);
        QVERIFY(!canvas().pointing() && !point->isChecked());
        auto* const place = panel().findChild<QLineEdit*>(QString(), Qt::FindDirectChildrenOnly);
        QVERIFY(place);
        place->setFocus();
        QTest::keyClicks(place, "17, nowhere");
        QTest::keyClick(place, Qt::Key_Return);
        QVERIFY2(panel().told().contains("Three lengths"), qPrintable(panel().told()));
        QCOMPARE(sides().size(), size_t(2));
        place->clear();
        QTest::keyClicks(place, "24, 0, 12"); // a post
        QTest::keyClick(place, Qt::Key_Return);
        QTRY_COMPARE_WITH_TIMEOUT(sides().size(), size_t(3), 20000);
        QVERIFY(sides()[2].found.kind == blank::FoundSide::Kind::cylinder);
        QVERIFY(std::fabs(sides()[2].found.radius - 7) < 0.01);
    }

    void sidesAreNamedTurnedAndRemoved() {
        QLineEdit* name = nullptr;
        for (auto* field : panel().findChildren<QLineEdit*>())
            if (field->text() == "base")
                name = field;
        QVERIFY(name);
        name->setFocus();
        name->selectAll();
        QTest::keyClicks(name, "foot");
        QTest::keyClick(name, Qt::Key_Return);
        QCOMPARE(sides()[1].name, std::string("foot"));
        QCOMPARE(window().editor().card().inscriptions[1].side, std::string("foot"));
        QVERIFY(made());
        const double before = blank::sizeOf(window().editor().card().blank, "foot").x;
        QPushButton* turn = nullptr;
        for (auto* button : panel().findChildren<QPushButton*>())
            if (button->text() == QString::fromUtf8("90°"))
                turn = button;
        QVERIFY(turn);
        turn->click();
        settle(window());
        QTRY_VERIFY_WITH_TIMEOUT(sides()[1].found.kind == blank::FoundSide::Kind::flat, 20000);
        QVERIFY(std::fabs(blank::sizeOf(window().editor().card().blank, "foot").y - before) < 1e-6);
        window().editor().history().undo();
        window().editor().history().undo();
        QVERIFY(made());
        QCOMPARE(sides()[1].name, std::string("base"));
        f_->window->findChild<PartPanel*>();
        QPushButton* remove = nullptr;
        for (auto* button : panel().findChildren<QPushButton*>())
            if (button->accessibleName().contains("base") && button->accessibleName().contains("Remove"))
                remove = button;
        QVERIFY(remove);
        remove->click();
        settle(window());
        QCOMPARE(sides().size(), size_t(1));
        const auto& findings = window().maker().shown().made.checked->findings;
        QVERIFY(std::ranges::any_of(
            findings, [](const check::Finding& f) { return f.kind == check::FindingKind::sideMissing; }));
    }

    void whatIsWrongWithAPartIsShownOnIt() {
        // A box without its top.
        QFile file(f_->path("open.obj"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("v 0 0 0\nv 40 0 0\nv 40 20 0\nv 0 20 0\nv 0 0 10\nv 40 0 10\nv 40 20 10\nv 0 20 10\n"
                   "f 1 4 3 2\nf 1 2 6 5\nf 2 3 7 6\nf 3 4 8 7\nf 4 1 5 8\n");
        file.close();
        window().usePart(f_->path("open.obj"));
        settle(window());
        const auto& made = window().maker().shown().made;
        QVERIFY(made.solid && made.solid->problem);
        QVERIFY(window().maker().shown().scene->triangles.size() == 10); // as its file has it
        QTRY_VERIFY_WITH_TIMEOUT(canvas().sharp(), 20000);
        const QImage before = canvas().grab().toImage();
        const auto& findings = made.checked->findings;
        const auto problem =
            std::ranges::find(findings, check::FindingKind::partProblem, &check::Finding::kind);
        QVERIFY(problem != findings.end() && problem->places.size() == 1);
        canvas().light(problem->places, true);
        const QImage lit = canvas().grab().toImage();
        QVERIFY(lit != before);
        // A ring round the middle of the hole
        const QPoint middle = seen(20, 10, 10);
        bool there = false;
        for (int i = -60; i <= 60; ++i)
            there = there || lit.pixel(middle + QPoint(i, 0)) != before.pixel(middle + QPoint(i, 0));
        QVERIFY(there);
    }

    void anotherFileTakesItsPlace() {
        window().usePart(QStringLiteral(BOLLARD_SOURCE "/samples/horn-cleat.stl"));
        QVERIFY(made());
        // Kept where it was found, or beside the card that is saved there.
        QCOMPARE(window().editor().card().blank.part.file,
                 std::string(BOLLARD_SOURCE "/samples/horn-cleat.stl"));
        QVERIFY(bool(window().editor().saveAs(f_->path("cleat"))));
        QCOMPARE(window().editor().card().blank.part.file,
                 std::string(BOLLARD_SOURCE "/samples/horn-cleat.stl"));
        QVERIFY(QFile::copy(QStringLiteral(BOLLARD_SOURCE "/samples/horn-cleat.stl"), f_->path("own.stl")));
        window().usePart(f_->path("own.stl"));
        QCOMPARE(window().editor().card().blank.part.file, std::string("own.stl"));
        QVERIFY(made());
        QTRY_VERIFY_WITH_TIMEOUT(sides()[0].found.kind == blank::FoundSide::Kind::cylinder, 20000);
        window().usePart(f_->path("nothing.stl"));
        settle(window());
        const auto& findings = window().maker().shown().made.checked->findings;
        QVERIFY(std::ranges::any_of(
            findings, [](const check::Finding& f) { return f.kind == check::FindingKind::partProblem; }));
        QVERIFY(!f_->button("Point at a side")->isEnabled());
        window().editor().history().undo();
        QVERIFY(made());
    }
};

QTEST_MAIN(PartInWindowTest)
#include "part_in_window_test.moc"
