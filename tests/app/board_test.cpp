#include "app/card/typeface_list.hpp"
#include "window_fixture.hpp"
#include <QLabel>
#include <QListView>
#include <QPlainTextEdit>

using namespace bollard;
using namespace bollard::app;

class BoardTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    FlatView& flat() { return f_->window->flatView(); }
    QPoint pixelOf(double x, double y) { return flat().scale().toPixels({x, y}).toPoint(); }
    void drag(QPoint from, QPoint to, Qt::KeyboardModifiers with = Qt::AltModifier) {
        QTest::mousePress(&flat(), Qt::LeftButton, with, from);
        for (int i = 1; i <= 8; ++i) {
            const QPoint at = from + (to - from) * i / 8;
            QMouseEvent move(QEvent::MouseMove, at, flat().mapToGlobal(at), Qt::NoButton, Qt::LeftButton,
                             with);
            QApplication::sendEvent(&flat(), &move);
            settle(*f_->window);
        }
        QTest::mouseRelease(&flat(), Qt::LeftButton, with, to);
        settle(*f_->window);
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        f_->openSample("berth-14");
    }
    void cleanup() { f_.reset(); }

    void clickingLettersSelectsTheirInscription() {
        QTest::mouseClick(&flat(), Qt::LeftButton, {}, pixelOf(60, 10));
        QCOMPARE(f_->window->editor().selected(), 1);
        QTest::mouseClick(&flat(), Qt::LeftButton, {}, pixelOf(60, 27));
        QCOMPARE(f_->window->editor().selected(), 0);
    }

    void aDragThatRestsIsStillOneStep() {
        const setting::Placing before = f_->inscription().placing;
        QTest::mousePress(&flat(), Qt::LeftButton, {}, pixelOf(60, 27));
        QTest::mouseMove(&flat(), pixelOf(66, 24));
        QTest::qWait(1100); // longer than the pause that parts typing
        QTest::mouseMove(&flat(), pixelOf(70, 20));
        QTest::mouseRelease(&flat(), Qt::LeftButton, {}, pixelOf(70, 20));
        QVERIFY(!(f_->inscription().placing == before));
        QTest::keyClick(f_->window.get(), Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(f_->inscription().placing == before);
    }

    void whatIsDraggedIsShownThereBeforeItIsMade() {
        // Without snapping, by whole pixels: the letters look the same in their new place at once.
        const QPoint from = pixelOf(60, 27), by(40, -30);
        const auto letters = [&](QPoint shift) {
            const QPolygonF frame = f_->window->maker().shown().flat->frameOf(0);
            const QRect box = QRectF(flat().scale().toPixels(frame[3]), flat().scale().toPixels(frame[1]))
                                  .toRect()
                                  .adjusted(12, 12, -12, -12);
            return flat().grab(box.translated(shift)).toImage();
        };
        f_->window->editor().select(-1);
        const auto inkOf = [](const QImage& image) {
            qint64 ink = 0;
            for (int y = 0; y < image.height(); ++y)
                for (int x = 0; x < image.width(); ++x)
                    ink += qGray(image.pixel(x, y)) < 100 ? 1 : 0;
            return ink;
        };
        const qint64 inkBefore = inkOf(letters({}));
        QVERIFY(inkBefore > 1000);
        const int revision = f_->window->maker().shown().revision;
        QTest::mousePress(&flat(), Qt::LeftButton, Qt::AltModifier, from);
        QMouseEvent move(QEvent::MouseMove, from + by, flat().mapToGlobal(from + by), Qt::NoButton,
                         Qt::LeftButton, Qt::AltModifier);
        QApplication::sendEvent(&flat(), &move);
        QCOMPARE(f_->window->maker().shown().revision, revision); // nothing new is made yet
        const qint64 there = inkOf(letters(by));
        QVERIFY2(std::llabs(there - inkBefore) < inkBefore / 20,
                 qPrintable(QString("%1 and %2").arg(inkBefore).arg(there)));
        QTest::mouseRelease(&flat(), Qt::LeftButton, Qt::AltModifier, from + by);
        settle(*f_->window);
        const qint64 made = inkOf(letters({}));
        QVERIFY(std::llabs(made - inkBefore) < inkBefore / 20);
    }

    void theLineOfWhatIsDraggedGoesWithIt() {
        f_->window->editor().editInscription("x", {}, [](card::Inscription& i) {
            i.baseline.kind = setting::BaselineKind::arc;
            i.baseline.radius = 120;
        });
        settle(*f_->window);
        // The lozenges of the line and what is in them, in the colour of the selection.
        const auto marks = [&](QPoint shift) {
            const QImage image = flat().grab().toImage();
            const QColor tide = drawing::tokens().tide;
            QVector<QPoint> found;
            for (int y = 0; y < image.height(); ++y)
                for (int x = 0; x < image.width(); ++x)
                    if (image.pixelColor(x, y) == tide && QRect(image.rect()).contains(QPoint(x, y) - shift))
                        found << QPoint(x, y) - shift;
            return found;
        };
        QVERIFY(f_->window->editor().inscription());
        const QPoint from = pixelOf(60, 27), by(30, -20);
        const QRect bounds = QRect(flat().rect()).adjusted(60, 60, -60, -60);
        const auto within = [&](const QVector<QPoint>& all) {
            return std::ranges::count_if(all, [&](QPoint at) { return bounds.contains(at); });
        };
        QTest::mousePress(&flat(), Qt::LeftButton, Qt::AltModifier, from);
        const QVector<QPoint> before = marks({});
        QVERIFY(within(before) > 60);
        const int revision = f_->window->maker().shown().revision;
        QMouseEvent move(QEvent::MouseMove, from + by, flat().mapToGlobal(from + by), Qt::NoButton,
                         Qt::LeftButton, Qt::AltModifier);
        QApplication::sendEvent(&flat(), &move);
        QCOMPARE(f_->window->maker().shown().revision, revision);
        const QVector<QPoint> there = marks(by);
        qsizetype kept = 0, all = 0;
        for (const QPoint at : before)
            if (bounds.contains(at)) {
                ++all;
                kept += there.contains(at) ? 1 : 0;
            }
        QVERIFY2(kept > all * 9 / 10, qPrintable(QString("%1 of %2").arg(kept).arg(all)));
        QTest::mouseRelease(&flat(), Qt::LeftButton, Qt::AltModifier, from + by);
        settle(*f_->window);
    }

    void theBoardIsDrawnAnewOnlyWhereItChanges_andEndsUpTheSame() {
        // After any edits the kept picture is what a board drawn at once shows.
        CardEditor& editor = f_->window->editor();
        const auto verify = [&] {
            settle(*f_->window);
            const QImage kept = flat().grab().toImage();
            const drawing::FlatScale scale = flat().scale();
            flat().resize(flat().size() - QSize(0, 1));
            flat().resize(flat().size() + QSize(0, 1));
            QVERIFY(flat().scale().origin == scale.origin);
            QCOMPARE(flat().grab().toImage(), kept);
        };
        verify();
        drag(pixelOf(60, 27), pixelOf(66, 24));
        verify();
        editor.editInscription("x", {}, [](card::Inscription& i) { i.words = "BERTH 15"; });
        verify();
        editor.editInscription("x", {},
                               [](card::Inscription& i) { i.working.kind = working::Kind::pierced; });
        verify();
        editor.editInscription("x", {}, [](card::Inscription& i) { i.hidden = true; });
        verify();
        editor.edit("x", {}, [](card::Card& card) { card.blank.corner = 20; });
        verify();
        while (editor.history().canUndo())
            editor.history().undo();
        verify();
    }

    void draggingMovesAndIsOneUndoStep() {
        const setting::Placing before = f_->inscription().placing;
        drag(pixelOf(60, 27), pixelOf(66, 24));
        verifyAt(before.x + 6, before.y - 3);
        QTest::keyClick(f_->window.get(), Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(f_->inscription().placing == before);
        QVERIFY(!f_->window->editor().history().canUndo());
        QTest::keyClick(f_->window.get(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        verifyAt(before.x + 6, before.y - 3);
    }

    void draggingSnapsToTheCentreLine() {
        f_->window->editor().editInscription("place", {}, [](card::Inscription& i) {
            i.placing = {setting::Anchor::centre, 70, 30, 0};
        });
        settle(*f_->window);
        drag(pixelOf(70, 30), pixelOf(60.3, 22.8), Qt::NoModifier);
        // The words' own middle, capital line to baseline, is caught by the middle of the plate.
        verifyAt(60, 22.5);
    }

    void cornersSizeAndTheStemTurns() {
        const QList<QPointF> handles = flat().handles();
        QCOMPARE(handles.size(), 5);
        const QPointF centre = (handles[0] + handles[2]) / 2;
        drag(handles[2].toPoint(), (centre + (handles[2] - centre) * 0.5).toPoint());
        QVERIFY(std::fabs(f_->inscription().style.size - 7) < 0.35);
        const QPointF stem = flat().handles()[4];
        const QPointF middle = (flat().handles()[0] + flat().handles()[2]) / 2;
        drag(stem.toPoint(), (middle + QPointF(-QLineF(middle, stem).length(), 0)).toPoint(), Qt::NoModifier);
        QCOMPARE(f_->inscription().placing.turn, 90.0);
    }

    void arrowKeysMoveByAMillimetreAndATenth() {
        flat().setFocus();
        const setting::Placing before = f_->inscription().placing;
        QTest::keyClick(&flat(), Qt::Key_Right);
        QTest::keyClick(&flat(), Qt::Key_Up, Qt::ShiftModifier);
        QCOMPARE(f_->inscription().placing.x, before.x + 1);
        QVERIFY(std::fabs(f_->inscription().placing.y - before.y - 0.1) < 1e-9);
        f_->window->editor().history().undo();
        QVERIFY(f_->inscription().placing == before); // together one step
    }

    void wordsAreWrittenInPlace() {
        QTest::keyClick(f_->window.get(), Qt::Key_F2);
        QVERIFY(flat().writing());
        QTest::keyClick(&flat(), Qt::Key_Backspace);
        QTest::keyClicks(&flat(), "7b");
        WindowFixture::commit(&flat(), QStringLiteral("ø"));
        QCOMPARE(f_->inscription().words, std::string("BERTH 17bø"));
        QTest::keyClick(&flat(), Qt::Key_Home);
        QTest::keyClick(&flat(), Qt::Key_Delete);
        QTest::keyClick(&flat(), Qt::Key_Return);
        QCOMPARE(f_->inscription().words, std::string("\nERTH 17bø"));
        QTest::keyClick(&flat(), Qt::Key_Escape);
        QVERIFY(!flat().writing());
    }

    void aDoubleClickPutsTheCaretWhereItWas() {
        QTest::mouseDClick(&flat(), Qt::LeftButton, {}, pixelOf(18, 27));
        QVERIFY(flat().writing());
        QCOMPARE(flat().caret(), 0);
        QTest::mouseClick(&flat(), Qt::LeftButton, {}, pixelOf(102, 27));
        QCOMPARE(flat().caret(), 8);
    }

    void theBodyTellsThePointUnderThePointer() {
        f_->window->showView(MainWindow::body);
        QVERIFY(settle(*f_->window));
        BodyCanvas& canvas = f_->window->bodyView().canvas();
        canvas.stand(0, 0);
        QVERIFY(settle(*f_->window));
        QSignalSpy pointed(&canvas, &BodyCanvas::pointed);
        QTest::mouseMove(&canvas, canvas.rect().center() + QPoint(1, 0));
        QTest::mouseMove(&canvas, canvas.rect().center());
        QVERIFY(!pointed.isEmpty());
        const QString text = pointed.last().first().toString();
        QVERIFY2(text.contains("x 60") || text.contains("x 59.9"), qPrintable(text));
    }

    void theBodyTurnsByMouseAndKeyboard() {
        f_->window->showView(MainWindow::body);
        settle(*f_->window);
        BodyCanvas& canvas = f_->window->bodyView().canvas();
        const picture::Camera before = canvas.view().camera;
        QTest::mousePress(&canvas, Qt::LeftButton, {}, {200, 200});
        QMouseEvent move(QEvent::MouseMove, QPointF(240, 180), canvas.mapToGlobal(QPointF(240, 180)),
                         Qt::NoButton, Qt::LeftButton, {});
        QApplication::sendEvent(&canvas, &move);
        QVERIFY(canvas.view().camera.turn > before.turn + 10);
        QVERIFY(canvas.view().camera.tilt > before.tilt + 5);
        canvas.setFocus();
        const double tilt = canvas.view().camera.tilt;
        QTest::keyClick(&canvas, Qt::Key_Down);
        QCOMPARE(canvas.view().camera.tilt, tilt - 5);
        QVERIFY(settle(*f_->window)); // and comes to rest sharp
    }

    void findingsLightZoomAndStep() {
        f_->openSample("valve-tag");
        FindingsPanel& findings = f_->window->findings();
        QVERIFY(findings.verdict().contains("1 stop"));
        const double before = flat().scale().pixelsPerMm;
        QTest::keyClick(f_->window.get(), Qt::Key_F8);
        QVERIFY(flat().scale().pixelsPerMm > before);
        QVERIFY(findings.rows().first()->hasFocus());
        QVERIFY(findings.rows().first()->accessibleName().contains("Counters fall out"));
    }

    void theGaugeCountsRealWidthsAndItsMarksMoveLimits() {
        Gauge& gauge = f_->window->gauge();
        double strokes = 0, readings = 0;
        for (const Gauge::Bar& bar : gauge.bars())
            strokes += bar.stroke;
        f_->window->maker().shown().made.checked->measures->readings.forEach(
            [&](const check::Reading& reading) {
                readings += reading.kind == check::ReadingKind::stroke ? reading.length : 0;
            });
        QVERIFY(std::fabs(strokes - readings) < 1e-6 && strokes > 50);
        const QPoint mark = gauge.markPosition("strokeStop").toPoint();
        QTest::mousePress(&gauge, Qt::LeftButton, {}, mark);
        QMouseEvent move(QEvent::MouseMove, mark + QPoint(40, 0), gauge.mapToGlobal(mark + QPoint(40, 0)),
                         Qt::NoButton, Qt::LeftButton, {});
        QApplication::sendEvent(&gauge, &move);
        QTest::mouseRelease(&gauge, Qt::LeftButton, {}, mark + QPoint(40, 0));
        const auto& own = f_->window->editor().card().process.own;
        QCOMPARE(own.size(), size_t(1));
        QVERIFY(own.at("raised.strokeStop") > 0.5);
        f_->window->editor().history().undo();
        QVERIFY(f_->window->editor().card().process.own.empty());
    }

    void aTypefaceIsChosenByKeyboardWithPreview() {
        LetteringStation& station = f_->window->routeCard().letteringBody();
        const type::TypefaceChoice before = f_->inscription().typeface;
        station.openTypefaces();
        TypefaceList& list = station.typefaces();
        auto* filter = list.findChild<QLineEdit*>();
        QVERIFY(filter->hasFocus());
        QTest::keyClicks(filter, "dancing");
        QCOMPARE(f_->inscription().typeface.family, std::string("Dancing Script")); // seen while moving
        QTest::keyClick(filter, Qt::Key_Escape);
        QVERIFY(f_->inscription().typeface == before);
        station.openTypefaces();
        QTest::keyClicks(filter, "leckerli");
        QTest::keyClick(filter, Qt::Key_Return);
        QVERIFY(!list.isVisible());
        QCOMPARE(f_->inscription().typeface.family, std::string("Leckerli One"));
        f_->window->editor().history().undo();
        QVERIFY(f_->inscription().typeface == before);
        station.openTypefaces();
        QCOMPARE(list.model().choiceAt(0).family, std::string("Leckerli One")); // used lately comes first
    }

  private:
    void verifyAt(double x, double y) {
        const setting::Placing& placing = f_->inscription().placing;
        QVERIFY2(std::fabs(placing.x - x) < 0.2 && std::fabs(placing.y - y) < 0.2,
                 qPrintable(QString("%1, %2").arg(placing.x).arg(placing.y)));
    }
};
QTEST_MAIN(BoardTest)
#include "board_test.moc"
