// What falls out is found, mended, looked at as it was, and stays mended when the words change.
#include "app/board/overlay_choice.hpp"
#include "app/board/section_strip.hpp"
#include "app/controls/drawer.hpp"
#include "app/findings/plan_panel.hpp"
#include "window_fixture.hpp"
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>

using namespace bollard;
using namespace bollard::app;

class MendingTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    FindingsPanel& panel() { return window().findings(); }
    const card::Made& made() { return window().maker().shown().made; }
    const std::vector<working::PlacedTie>& ties() { return made().lettering->inscriptions[0].placedTies; }
    FindingRow* rowOf(check::FindingKind kind) {
        for (FindingRow* row : panel().rows())
            if (row->finding().kind == kind)
                return row;
        return nullptr;
    }
    /// A plate whose counters fall out, and nothing else stops.
    void openPierced() {
        card::Card card;
        card.process.kind = process::Laser{};
        card.blank.thickness = 1;
        card::Inscription words;
        words.words = "BOARD";
        words.style.size = 20;
        words.placing = {setting::Anchor::centre, 60, 22.5, 0};
        words.working.kind = working::Kind::pierced;
        card.inscriptions = {words};
        window().editor().edit("x", {}, [&](card::Card& now) { now = card; });
        settle(window());
    }
    void mendByKeys() {
        while (!(panel().rows().at(0)->finding().kind == check::FindingKind::counterLoose))
            QFAIL("counters fall out first");
        QTest::keyClick(&window(), Qt::Key_F8);
        QTRY_VERIFY(!panel().rows().at(0)->offers().empty());
        QTest::keyClick(&window(), Qt::Key_Period, Qt::ControlModifier);
        settle(window());
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        window().resize(1280, 800);
        f_->openSample("valve-tag");
        openPierced();
    }
    void cleanup() { f_.reset(); }

    void f8FindsWhatFallsOutAndItsFirstMendHoldsItWhateverTheWords() {
        QCOMPARE(made().solid->dropOuts.pieces, 7); // the plate, and six counters
        mendByKeys();
        QCOMPARE(made().solid->dropOuts.pieces, 1);
        QVERIFY(!rowOf(check::FindingKind::counterLoose));
        for (const char* words : {"ABBEY 08", "QUAY @ 4", "B"}) {
            window().editor().editInscription("words", {}, [&](card::Inscription& i) {
                i.words = words;
                i.style.size = 12;
            });
            settle(window());
            QVERIFY2(made().solid->dropOuts.pieces == 1, words);
        }
        while (window().editor().history().canUndo() && made().solid->dropOuts.pieces != 7) {
            window().editor().history().undo();
            settle(window());
        }
        QCOMPARE(made().solid->dropOuts.pieces, 7);
    }

    void heldBShowsTheCardBeforeTheLastMend() {
        mendByKeys();
        window().flatView().setFocus();
        QTest::keyPress(&window().flatView(), Qt::Key_B);
        QTRY_COMPARE(made().solid ? made().solid->dropOuts.pieces : 0, 7);
        QTest::keyRelease(&window().flatView(), Qt::Key_B);
        QTRY_COMPARE(made().solid ? made().solid->dropOuts.pieces : 0, 1);
        QCOMPARE(f_->inscription().ties.kind, working::TieKind::automatic);
    }

    void aTieIsDraggedTurnedTakenAwayAndPut() {
        mendByKeys();
        const auto pixels = [&](const working::PlacedTie& tie) {
            return window().flatView().scale().toPixels(
                {plane::toMillimetres(tie.place.at.x), plane::toMillimetres(tie.place.at.y)});
        };
        const size_t before = ties().size();
        const plane::Vector at = ties()[0].place.at;
        const QPoint from = pixels(ties()[0]).toPoint(), to = from + QPoint(4, 0);
        QTest::mousePress(&window().flatView(), Qt::LeftButton, {}, from);
        QTest::mouseMove(&window().flatView(), to);
        QTest::mouseRelease(&window().flatView(), Qt::LeftButton, {}, to);
        settle(window());
        QVERIFY(!f_->inscription().ties.own.empty());
        const double moved = plane::toMillimetres(ties()[0].place.at.x - at.x);
        QVERIFY2(std::fabs(moved - 4 / window().flatView().scale().pixelsPerMm) < 0.1,
                 qPrintable(QString::number(moved)));
        QVERIFY(window().flatView().tie());
        // By keys
        const double turn = ties()[0].place.turn;
        QTest::keyClick(&window().flatView(), Qt::Key_PageUp);
        settle(window());
        QVERIFY(std::fabs(std::remainder(ties()[0].place.turn - turn - 5, 180)) < 0.1);
        QTest::keyClick(&window().flatView(), Qt::Key_Delete);
        settle(window());
        QCOMPARE(ties().size(), before - 1);
        QCOMPARE(window().editor().card().inscriptions.size(), size_t(1)); // the words stay
        window().editor().history().undo();
        settle(window());
        QCOMPARE(ties().size(), before);
    }

    void aFindingIsLetStandWithAReasonAndCountsAgain() {
        FindingRow* row = rowOf(check::FindingKind::counterLoose);
        QVERIFY(row);
        for (auto* button : row->findChildren<QPushButton*>())
            if (button->text() == "Let it stand")
                button->click();
        auto* reason = row->findChild<QLineEdit*>();
        QVERIFY(reason && reason->isVisible());
        QTest::keyClicks(reason, "they are glued back");
        QTest::keyClick(reason, Qt::Key_Return);
        settle(window());
        QCOMPARE(window().editor().card().accepted.size(), size_t(1));
        QCOMPARE(window().editor().card().accepted[0].reason, std::string("they are glued back"));
        QVERIFY(check::worstOf(made().checked->findings) != check::Severity::stop);
        row = rowOf(check::FindingKind::counterLoose);
        QVERIFY(row && row->finding().accepted);
        bool told = false;
        for (auto* label : row->findChildren<QLabel*>())
            told = told || label->text().contains("they are glued back");
        QVERIFY(told);
        for (auto* button : row->findChildren<QPushButton*>())
            if (button->text() == "Count it again")
                button->click();
        settle(window());
        QVERIFY(window().editor().card().accepted.empty());
        QVERIFY(check::worstOf(made().checked->findings) == check::Severity::stop);
    }

    void allIsMendedAtOnceAndUndoneAtOnce() {
        window().editor().editInscription("x", {}, [](card::Inscription& i) { i.placing.x = 30; });
        settle(window());
        const card::Card before = window().editor().card();
        f_->button("Mend all…")->click();
        QVERIFY(window().drawer().isVisible());
        auto* plan = window().findChild<PlanPanel*>();
        QTRY_VERIFY(plan->plan().has_value());
        QVERIFY(plan->plan()->left.empty());
        QVERIFY(plan->plan()->steps.size() >= 2);    // moved inwards, tied
        QVERIFY(window().editor().card() == before); // nothing is done before it is seen
        f_->button("Mend all of it")->click();
        settle(window());
        QVERIFY(!window().drawer().isVisible());
        QVERIFY(check::worstOf(made().checked->findings) != check::Severity::stop);
        window().editor().history().undo();
        QVERIFY(window().editor().card() == before);
    }

    void whatIsLaidOverTheLettersIsChosenByKeys() {
        FlatView& view = window().flatView();
        view.setFocus();
        const QImage plain = view.grab().toImage();
        QTest::keyClick(&view, Qt::Key_W);
        QCOMPARE(view.overlays().overlay(), drawing::Overlay::widths);
        const QImage widths = view.grab().toImage();
        QVERIFY(widths != plain);
        QTest::keyClick(&view, Qt::Key_W);
        QCOMPARE(view.overlays().overlay(), drawing::Overlay::broken);
        QVERIFY(view.grab().toImage() != widths);
        QTest::keyClick(&view, Qt::Key_P);
        QCOMPARE(view.overlays().overlay(), drawing::Overlay::pieces);
        const auto& pieces = window().maker().shown().flat->piecesOf("front");
        QCOMPARE(pieces.size(), size_t(7));
        QCOMPARE(std::ranges::count(pieces, true, &check::SidePiece::held), 1);
        const QImage byTheEdge = view.grab().toImage();
        view.holdAt(QPointF(60, 22.5)); // the counter of the A, say
        QVERIFY(view.grab().toImage() != byTheEdge);
        view.holdAt(std::nullopt);
        QCOMPARE(view.grab().toImage(), byTheEdge);
        QTest::keyClick(&view, Qt::Key_P);
        QCOMPARE(view.overlays().overlay(), drawing::Overlay::none);
    }

    void theSameLiesOverTheBodyOnTheSideThatFacesTheViewer() {
        BodyView& view = window().bodyView();
        BodyCanvas& canvas = view.canvas();
        window().showView(MainWindow::body);
        QTRY_VERIFY(canvas.isVisible());
        view.overlays().hide(); // its buttons look different too
        const auto seen = [&](drawing::Overlay overlay, double tilt) {
            view.overlays().choose(overlay);
            canvas.stand(0, tilt);
            QTest::qWait(0);
            for (int i = 0; i < 400 && !canvas.sharp(); ++i)
                QTest::qWait(10);
            return canvas.grab().toImage();
        };
        using drawing::Overlay;
        for (const double tilt : {20.0, 170.0}) { // the front, the back
            const QImage plain = seen(Overlay::none, tilt);
            const QImage pieces = seen(Overlay::pieces, tilt), widths = seen(Overlay::widths, tilt);
            QVERIFY(pieces != plain && (tilt > 90 || widths != plain));
            QVERIFY(seen(Overlay::none, tilt) == plain);
        }
        QVERIFY(seen(Overlay::pieces, 90) == seen(Overlay::none, 90)); // edge on
        view.overlays().choose(Overlay::none);
        view.overlays().show();
        canvas.setFocus();
        QTest::keyClick(&canvas, Qt::Key_W);
        QCOMPARE(view.overlays().overlay(), Overlay::widths);
        QTest::keyClick(&canvas, Qt::Key_P);
        QCOMPARE(view.overlays().overlay(), Overlay::pieces);
        window().showView(MainWindow::flat);
    }

    void aSectionIsDrawnAcrossTheFrontAndTheBack() {
        FlatView& view = window().flatView();
        view.setFocus();
        for (const char* side : {"front", "back"}) {
            window().editor().showSide(side);
            settle(window());
            const QRect board = view.rect();
            const QPoint from(board.width() / 8, board.height() / 2), to(board.width() * 7 / 8, from.y());
            QTest::keyPress(&view, Qt::Key_S);
            QTest::mousePress(&view, Qt::LeftButton, {}, from);
            QTest::mouseMove(&view, to);
            QTest::mouseRelease(&view, Qt::LeftButton, {}, to);
            QTest::keyRelease(&view, Qt::Key_S);
            const auto* strip = view.findChild<SectionStrip*>();
            QVERIFY(strip->isVisible());
            // Five letters cut the plate, which is 1 thick whichever way up, into many pieces.
            QVERIFY(strip->section().blank.size() >= 6);
            QCOMPARE(strip->section().levels.front(), -1.0);
            QCOMPARE(strip->section().levels.back(), 0.0);
            QTest::keyClick(&view, Qt::Key_Escape);
            QVERIFY(!strip->isVisible());
        }
        window().editor().showSide("front");
    }

    void theGaugeCountsNecksAndTies() {
        const double wide = 1.1;
        const auto landSoWide = [&] {
            const double bar = window().gauge().barWidth();
            double sum = 0;
            for (size_t i = 0; i < window().gauge().bars().size(); ++i)
                if (std::fabs((double(i) + 0.5) * bar - wide) < bar)
                    sum += window().gauge().bars()[i].gap;
            return sum;
        };
        const double before = landSoWide();
        window().editor().editInscription("x", {}, [&](card::Inscription& inscription) {
            inscription.ties.kind = working::TieKind::automatic;
            inscription.ties.width = wide;
        });
        settle(window());
        double ties = 0; // along them
        for (const working::PlacedTie& tie : this->ties())
            ties += tie.place.length / plane::unitsPerMillimetre;
        QVERIFY(ties > 6);
        QVERIFY2(landSoWide() - before > 0.5 * ties,
                 qPrintable(QStringLiteral("%1 of %2").arg(landSoWide() - before).arg(ties)));
    }

    void whatBecomesOfCountersIsChosenInTheWorkingStation() {
        window().routeCard().open(RouteCard::working);
        for (QComboBox* box : window().findChildren<QComboBox*>())
            if (box->accessibleName() == QLatin1String("What becomes of counters")) {
                QVERIFY(box->isVisible());
                box->setCurrentIndex(int(working::CounterKind::dropped));
                emit box->activated(int(working::CounterKind::dropped));
            }
        settle(window());
        QCOMPARE(window().editor().inscription()->counters.kind, working::CounterKind::dropped);
        QCOMPARE(made().solid->dropOuts.pieces, 1);
        window().editor().history().undo();
        settle(window());
        QCOMPARE(made().solid->dropOuts.pieces, 7);
    }
};

QTEST_MAIN(MendingTest)
#include "mending_test.moc"
