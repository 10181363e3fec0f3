#include "window_fixture.hpp"
#include <QCheckBox>
#include <QSlider>
#include <QWheelEvent>

using namespace bollard;
using namespace bollard::app;

/// The solid looked at: from all sides, cut open, seen through.
class BodyViewTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    BodyView& view() { return f_->window->bodyView(); }
    BodyCanvas& canvas() { return view().canvas(); }
    QImage picture() {
        settle(*f_->window);
        return canvas().grab().toImage();
    }
    QPushButton* named(const QString& name) {
        for (auto* button : view().findChildren<QPushButton*>())
            if (button->accessibleName() == name)
                return button;
        return nullptr;
    }
    QCheckBox* seeThrough() { return view().findChild<QCheckBox*>(); }
    QSlider* section() { return view().findChild<QSlider*>(); }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        f_->openSample("berth-14");
        f_->window->showView(MainWindow::body);
        settle(*f_->window);
    }
    void cleanup() { f_.reset(); }

    void standingViewsLookFromWhereTheySay() {
        const struct {
            const char* name;
            double turn, tilt;
        } stands[]{
            {"Look at the front", 0, 0}, {"Look at the back", 180, 180}, {"Look from the side", 0, 90}};
        QList<QImage> seen;
        for (const auto& stand : stands) {
            QVERIFY2(named(stand.name), stand.name);
            named(stand.name)->click();
            QCOMPARE(canvas().view().camera.turn, stand.turn);
            QCOMPARE(canvas().view().camera.tilt, stand.tilt);
            const QImage now = picture();
            QVERIFY(!seen.contains(now));
            seen << now;
        }
    }

    void theSectionCutsWhereItsSliderIs() {
        const QImage whole = picture();
        QVERIFY(!section()->isEnabled());
        view().setSection(0, 0.25);
        QVERIFY(section()->isEnabled());
        QVERIFY(canvas().view().section);
        QVERIFY(std::fabs(canvas().view().section->at - 30) < 0.2); // of 120 mm
        const QImage cut = picture();
        QVERIFY(cut != whole);
        section()->setValue(750);
        QVERIFY(std::fabs(canvas().view().section->at - 90) < 0.2);
        QVERIFY(picture() != cut);
        view().setSection(-1, 0.5);
        QVERIFY(!canvas().view().section);
        QVERIFY(picture() == whole);
    }

    void theSectionFollowsTheCard() {
        view().setSection(0, 0.5);
        f_->window->editor().edit("x", {}, [](card::Card& card) { card.blank.width = 200; });
        settle(*f_->window);
        QVERIFY(std::fabs(canvas().view().section->at - 100) < 0.2);
    }

    void heightsAreDraggedAndSteppedOnTheBody() {
        for (const char* sample : {"berth-14", "oak-name", "fender-pin", "mooring-tag"}) {
            f_->openSample(sample);
            f_->window->showView(MainWindow::body);
            settle(*f_->window);
            BodyCanvas& canvas = view().canvas();
            const working::Working before = f_->inscription().working;
            const bool stands = working::rowOf(before.kind).has(working::Uses::height);
            const auto reach = [&] {
                const working::Working& now = f_->inscription().working;
                return stands ? now.height : now.depth;
            };
            const double start = stands ? before.height : before.depth;
            f_->window->editor().history().clear();
            canvas.stand(0, 60); // from the side, so that heights are seen
            settle(*f_->window);
            const auto handle = canvas.heightTip();
            QVERIFY2(handle && QRectF(canvas.rect()).contains(*handle), sample);
            // Where more of it lies on the screen.
            QTest::keyClick(&canvas, Qt::Key_PageUp);
            const QLineF more(*handle, *canvas.heightTip());
            f_->window->editor().history().undo();
            f_->window->editor().history().clear();
            QVERIFY2(more.length() > 0.1, sample);
            // A drag changes it, and is one step back.
            const QPoint from = handle->toPoint();
            QTest::mousePress(&canvas, Qt::LeftButton, {}, from);
            for (int i = 1; i <= 6; ++i) {
                const QPoint at =
                    (*handle + 4 * i * QPointF(more.unitVector().dx(), more.unitVector().dy())).toPoint();
                QMouseEvent move(QEvent::MouseMove, at, canvas.mapToGlobal(at), Qt::NoButton, Qt::LeftButton,
                                 Qt::NoModifier);
                QApplication::sendEvent(&canvas, &move);
            }
            QTest::mouseRelease(&canvas, Qt::LeftButton, {}, from);
            const double dragged = reach();
            QVERIFY2(dragged > start,
                     qPrintable(QString("%1: %2 and %3").arg(sample).arg(start).arg(dragged)));
            QVERIFY(std::fabs(dragged * 10 - std::round(dragged * 10)) < 1e-9);
            QCOMPARE(f_->window->editor().history().count(), 1);
            f_->window->editor().history().undo();
            QCOMPARE(reach(), start);
            QTest::keyClick(&canvas, Qt::Key_PageUp);
            QVERIFY(std::fabs(reach() - start - 0.1) < 1e-9);
            QTest::keyClick(&canvas, Qt::Key_PageDown, Qt::ShiftModifier);
            QVERIFY(std::fabs(reach() - start - 0.09) < 1e-9);
        }
    }

    void seeThroughShowsLettersThroughTheBlank() {
        named("Look at the back")->click();
        const QImage plain = picture();
        seeThrough()->click();
        QVERIFY(picture() != plain);
        seeThrough()->click();
        QVERIFY(picture() == plain);
    }

    void theWheelZoomsAroundThePointerAndHomeFits() {
        const double fitted = canvas().view().camera.mmPerPixel;
        const QPointF at(200, 150);
        QWheelEvent wheel(at, canvas().mapToGlobal(at), {}, {0, 240}, Qt::NoButton, Qt::NoModifier,
                          Qt::NoScrollPhase, false);
        QApplication::sendEvent(&canvas(), &wheel);
        QVERIFY(canvas().view().camera.mmPerPixel < fitted * 0.8);
        canvas().setFocus();
        QTest::keyClick(&canvas(), Qt::Key_Home);
        QVERIFY(std::fabs(canvas().view().camera.mmPerPixel - fitted) < 1e-9);
        QTest::keyClick(&canvas(), Qt::Key_Plus);
        QVERIFY(canvas().view().camera.mmPerPixel < fitted);
    }

    void movingIsCoarseAndRestIsSharp() {
        settle(*f_->window);
        QVERIFY(canvas().sharp());
        canvas().setFocus();
        QTest::keyClick(&canvas(), Qt::Key_Right);
        QTRY_VERIFY(!canvas().sharp());
        QTRY_VERIFY(canvas().sharp());
    }

    void draggingWithShiftMovesTheView() {
        const auto before = canvas().view().camera;
        QTest::mousePress(&canvas(), Qt::LeftButton, Qt::ShiftModifier, {200, 200});
        QMouseEvent move(QEvent::MouseMove, QPointF(230, 200), canvas().mapToGlobal(QPointF(230, 200)),
                         Qt::NoButton, Qt::LeftButton, Qt::ShiftModifier);
        QApplication::sendEvent(&canvas(), &move);
        QCOMPARE(canvas().view().camera.turn, before.turn);
        const auto& centre = canvas().view().camera.centre;
        const double moved =
            std::hypot(centre.x - before.centre.x, centre.y - before.centre.y, centre.z - before.centre.z);
        QVERIFY(std::fabs(moved - 30 * before.mmPerPixel) < 1e-6);
    }

    void withoutASolidThereIsNoPointAndNoHarm() {
        f_->window->editor().edit("x", {}, [](card::Card& card) {
            card.blank.kind = blank::Kind::none;
            card.inscriptions.clear();
        });
        settle(*f_->window);
        QSignalSpy pointed(&canvas(), &BodyCanvas::pointed);
        QTest::mouseMove(&canvas(), canvas().rect().center());
        QVERIFY(pointed.isEmpty() || pointed.last().first().toString().isEmpty());
        view().setSection(2, 0.5);
        (void)picture();
    }
};
QTEST_MAIN(BodyViewTest)
#include "body_view_test.moc"
