// Operations are set in the Process station; the Proof view shows what the written program makes.
#include "app/card/operations_list.hpp"
#include "app/proof/proof_view.hpp"
#include "window_fixture.hpp"
#include <QListView>
#include <QListWidget>
#include <QMenu>
#include <QSlider>

using namespace bollard;
using namespace bollard::app;

class CuttingInWindowTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    ProofView& view() { return window().proofView(); }
    const std::vector<cut::Operation>& operations() { return window().editor().card().operations; }
    void proveNow() {
        QSignalSpy proved(&view(), &ProofView::proved);
        window().showView(MainWindow::proof);
        settle(window());
        if (!view().proof())
            QVERIFY(proved.wait(20000));
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        window().resize(1280, 800);
        f_->openSample("valve-scribed");
        settle(window());
    }
    void cleanup() { f_.reset(); }

    void operationsArePutInMovedSwitchedAndTakenAway() {
        window().routeCard().open(RouteCard::process);
        auto* const list = window().findChild<OperationsList*>();
        auto* const rows = list->findChild<QListWidget*>();
        QVERIFY(list && list->isVisible() && rows->count() == 1);
        const auto button = [&](const QString& name) {
            const auto all = list->findChildren<QPushButton*>();
            return *std::ranges::find_if(
                all, [&](const QPushButton* one) { return one->accessibleName() == name; });
        };
        auto* const add = list->findChild<QPushButton*>();
        QVERIFY(add->menu() && add->menu()->actions().size() == cut::operationKinds);
        add->menu()->actions()[int(cut::OperationKind::cutOut)]->trigger();
        QCOMPARE(operations().size(), size_t(2));
        QCOMPARE(operations()[1].kind, cut::OperationKind::cutOut);
        QCOMPARE(list->chosen(), 1);
        QCOMPARE(rows->count(), 2);
        button("Do it earlier")->click();
        QCOMPARE(operations()[0].kind, cut::OperationKind::cutOut);
        rows->item(0)->setCheckState(Qt::Unchecked);
        QVERIFY(operations()[0].off);
        button("Take the operation away")->click();
        QCOMPARE(operations().size(), size_t(1));
        for (int i = 0; i < 4; ++i)
            window().editor().history().undo();
        QCOMPARE(operations().size(), size_t(1));
        QCOMPARE(operations()[0].kind, cut::OperationKind::scribe);
    }

    void theProofIsOfTheProgramThatIsWritten() {
        proveNow();
        QVERIFY(!window().gauge().isVisible());
        const auto first = view().proof();
        QVERIFY(first && first->isSound() && first->program.errors.empty());
        QVERIFY(view().told().contains("gouged 0"));
        const int moves = view().scrubber().maximum();
        QCOMPARE(moves, int(first->program.motions.size()));
        QCOMPARE(view().scrubber().value(), moves);
        // The line shown is the one of the move, and a line that is clicked is gone to.
        const QImage whole = view().grab().toImage();
        view().scrubber().setValue(moves / 2);
        QTest::qWait(400);
        QVERIFY(view().grab().toImage() != whole);
        const int line = first->program.motions[size_t(moves / 2) - 1].line;
        auto* const lines = view().findChild<QListView*>();
        QCOMPARE(lines->currentIndex().row(), line - 1);
        const QModelIndex later = lines->model()->index(line + 9, 0);
        emit lines->clicked(later);
        QVERIFY(view().scrubber().value() > moves / 2);
        QVERIFY(std::abs(lines->currentIndex().row() - later.row()) <= 3);
        // Other words, another program.
        window().editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "VALVE 7"; });
        QTRY_VERIFY_WITH_TIMEOUT(view().proof() != first && view().isCurrent(), 20000);
        QVERIFY(view().proof()->program.motions.size() != first->program.motions.size());
        window().showView(MainWindow::flat);
        QVERIFY(window().gauge().isVisible());
    }

    void aTipThatIsTooWideIsToldBeforeAnyFileIsWritten() {
        window().editor().edit("x", {}, [](card::Card& card) {
            for (card::Inscription& inscription : card.inscriptions) {
                inscription.typeface = {"League Spartan", "Bold", {}, 0};
                inscription.working.kind = working::Kind::carved;
            }
            card.operations[0].kind = cut::OperationKind::carve;
            card.operations[0].tool = cut::Tool{};
            card.operations[0].tool.kind = cut::ToolKind::vBit;
            card.operations[0].tool.tip = 4;
        });
        settle(window());
        const auto& findings = window().maker().shown().made.checked->findings;
        QVERIFY(std::ranges::any_of(findings, [](const check::Finding& finding) {
            return finding.kind == check::FindingKind::toolWide && finding.severity == check::Severity::stop;
        }));
    }
};

QTEST_MAIN(CuttingInWindowTest)
#include "cutting_in_window_test.moc"
