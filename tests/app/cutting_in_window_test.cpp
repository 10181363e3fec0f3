// Operations are set in the Process station; the Proof view shows what the written program makes.
#include "app/card/operations_list.hpp"
#include "app/proof/proof_view.hpp"
#include "window_fixture.hpp"
#include <QComboBox>
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

    void aBarIsSetUpToTurn() {
        f_->openSample("brass-bar");
        settle(window());
        window().routeCard().open(RouteCard::process);
        const auto box = [&](const char* name) {
            for (auto* one : window().routeCard().findChildren<QComboBox*>())
                if (one->accessibleName() == QLatin1String(name))
                    return one;
            return static_cast<QComboBox*>(nullptr);
        };
        auto* const axis = box("The axis that turns the bar");
        auto* const chuck = box("Which end of the bar the chuck holds");
        auto* const along = box("Which axis of the machine the bar lies along");
        auto* const zero = box("Where the machine's zero lies on the stock");
        QVERIFY(axis && chuck && along && zero);
        if (!axis->isVisibleTo(&window()))
            for (auto* heading : window().routeCard().findChildren<QPushButton*>())
                if (heading->isVisible() && heading->text().endsWith(QStringLiteral("Cutting")))
                    heading->click();
        QVERIFY(along->isVisibleTo(&window()));
        QCOMPARE(axis->currentText(), QString("A"));
        QCOMPARE(zero->currentText(), QString("the bar's start"));
        const auto choose = [](QComboBox* from, int item) {
            from->setCurrentIndex(item);
            emit from->activated(item);
        };
        choose(chuck, 2);
        QVERIFY(window().editor().card().stock.chuck.end == cut::ChuckEnd::end);
        choose(zero, 11);
        QVERIFY(window().editor().card().zero.place.at == cut::ZeroAt::end);
        choose(axis, 0); // from above: then the bar has no way to lie
        QVERIFY(!window().editor().card().machine.axis.there());
        QVERIFY(!along->isVisibleTo(&window()));
        settle(window());
        const auto& cutting = window().maker().shown().made.cuttings->front;
        QVERIFY(cutting.mounting && !cutting.mounting->turns);
        for (int i = 0; i < 3; ++i)
            window().editor().history().undo();
        settle(window());
        QVERIFY(window().maker().shown().made.cuttings->front.mounting->turns);
        QCOMPARE(axis->currentText(), QString("A"));
        // How much of the bar lies before the blank, and how far the machine goes, which is never the wrong
        // way.
        const auto type = [&](const char* name, const char* text) {
            for (auto* field : window().routeCard().findChildren<app::NumberField*>())
                if (field->accessibleName() == QLatin1String(name)) {
                    field->selectAll();
                    QTest::keyClick(field, Qt::Key_Delete);
                    QTest::keyClicks(field, text);
                    QTest::keyClick(field, Qt::Key_Return);
                    return field->refusal().isEmpty();
                }
            return false;
        };
        QVERIFY(type("Bar before", "7"));
        QCOMPARE(window().editor().card().stock.before, 7.0);
        QVERIFY(type("Bar before", ""));
        QCOMPARE(window().editor().card().stock.before, -1.0);
        QVERIFY(type("Reaches along y", "345"));
        QCOMPARE(window().editor().card().machine.travel[1], 345.0);
        QVERIFY(type("Turns to", "90"));
        QCOMPARE(window().editor().card().machine.axis.travel.y, 90.0);
        QVERIFY(!type("Turns from", "400"));
        QVERIFY(window().editor().card().machine.axis.travel.x < 0);
        // A plate has none of this.
        f_->openSample("valve-scribed");
        settle(window());
        QVERIFY(!axis->isVisibleTo(&window()) && !chuck->isVisibleTo(&window()));
    }

    void aBarIsProvedAsItTurns() {
        for (const char* sample : {"brass-bar", "float-seal", "net-egg"}) {
            f_->openSample(sample);
            settle(window());
            proveNow();
            QTRY_VERIFY_WITH_TIMEOUT(view().isCurrent(), 20000);
            const auto proof = view().proof();
            QVERIFY2(proof && proof->isSound() && proof->program.errors.empty(), sample);
            QVERIFY2(view().told().contains("gouged 0"), qPrintable(view().told()));
            const bool turns = QLatin1String(sample) != QLatin1String("net-egg");
            QCOMPARE(proof->program.axis, turns ? 'A' : ' ');
            const int moves = view().scrubber().maximum();
            QVERIFY(moves > 100);
            const QImage whole = view().grab().toImage();
            view().scrubber().setValue(moves / 2);
            QTest::qWait(400);
            QVERIFY(view().grab().toImage() != whole);
        }
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

    void theStockIsSeenRoundTheBody() {
        window().showView(MainWindow::body);
        settle(window());
        const auto seen = [&] { return window().bodyView().canvas().grab().toImage(); };
        const QImage with = seen();
        window().editor().edit("x", {}, [](card::Card& card) { card.zero.place.at = cut::ZeroAt::topRight; });
        settle(window());
        const QImage moved = seen();
        QVERIFY(moved != with);
        window().editor().edit("x", {}, [](card::Card& card) { card.clamps = {{0, 0, 8, 8, 6}}; });
        settle(window());
        QVERIFY(seen() != moved);
        window().editor().edit("x", {}, [](card::Card& card) { card.operations.clear(); });
        settle(window());
        QVERIFY(seen() != moved && seen() != with);
    }

    void aTabAndAStartAreDraggedInTheProof() {
        window().editor().edit("x", {}, [](card::Card& card) {
            card.stock.margin = 6;
            cut::Operation out;
            out.kind = cut::OperationKind::cutOut;
            out.tool = cut::shippedShop().tool("Flat 3")->tool;
            out.tabs = 3;
            card.operations = {out};
        });
        settle(window());
        proveNow();
        QTRY_VERIFY_WITH_TIMEOUT(view().isCurrent(), 20000);
        const auto path = [&] { return window().maker().shown().made.cuttings->front.paths.at(0); };
        const cut::Spot tab = path().tabs.at(0);
        const size_t tabsBefore = path().tabs.size();
        QVERIFY(path().tabs.size() >= 3 && path().starts.size() >= 1);
        const auto drag = [&](cut::Spot from, cut::Spot to) {
            ProofCanvas& canvas = view().canvas();
            QTest::mousePress(&canvas, Qt::LeftButton, {}, canvas.onScreen(from.x, from.y).toPoint());
            QTest::mouseMove(&canvas, canvas.onScreen(to.x, to.y).toPoint());
            QTest::mouseRelease(&canvas, Qt::LeftButton, {}, canvas.onScreen(to.x, to.y).toPoint());
            settle(window());
            QTRY_VERIFY_WITH_TIMEOUT(view().isCurrent(), 20000);
        };
        const auto distance = [](cut::Spot a, cut::Spot b) { return std::hypot(a.x - b.x, a.y - b.y); };
        const cut::Spot next = path().tabs.at(1);
        const cut::Spot to{tab.x + 0.2 * (next.x - tab.x), tab.y + 0.2 * (next.y - tab.y)};
        drag(tab, to);
        QCOMPARE(operations()[0].tabsAt.size(), tabsBefore);
        QCOMPARE(path().tabs.size(), tabsBefore);
        QVERIFY(distance(path().tabs[0], tab) > 1 && distance(path().tabs[1], next) < 0.01);
        const cut::Spot start = path().starts.at(0), other = path().tabs.at(1);
        drag(start, other);
        QVERIFY(distance(path().starts[0], other) < 1.5);
        window().editor().history().undo();
        window().editor().history().undo();
        QVERIFY(operations()[0].tabsAt.empty() && operations()[0].startsAt.empty());
    }

    void aToolAndAMachineOfOnesOwnAreKeptForEveryCard() {
        window().routeCard().open(RouteCard::process);
        settle(window());
        auto& station = window().routeCard().station(RouteCard::process);
        const auto named = [&]<class Widget>(std::type_identity<Widget>, const QString& name) {
            for (Widget* widget : station.findChildren<Widget*>())
                if (widget->accessibleName() == name)
                    return widget;
            return static_cast<Widget*>(nullptr);
        };
        auto* const rack = named(std::type_identity<QComboBox>{}, "Tool of the rack for the operation");
        auto* const machines = named(std::type_identity<QComboBox>{}, "Machine that cuts it");
        QVERIFY(rack && machines && rack->count() > 10 && machines->count() == 3);
        rack->setCurrentIndex(rack->findText("Point 20"));
        emit rack->activated(rack->currentIndex());
        QCOMPARE(operations()[0].tool.tip, 0.05);
        machines->setCurrentIndex(machines->findText("Quay router"));
        emit machines->activated(machines->currentIndex());
        QCOMPARE(window().editor().card().machine.speedLeast, 5000.0);
        window().editor().edit("x", {}, [](card::Card& card) {
            card.operations[0].tool.tip = 0.3;
            card.machine.rapid = 1234;
        });
        settle(window());
        for (const char* name : {"Name to keep this tool under", "Name to keep this machine under"}) {
            auto* const field = named(std::type_identity<QLineEdit>{}, name);
            QVERIFY(field);
            field->setText("Boatyard");
            QTest::keyClick(field, Qt::Key_Return);
        }
        settle(window());
        QCOMPARE(rack->currentText(), QString("Boatyard"));
        QCOMPARE(machines->currentText(), QString("Boatyard"));
        // Another window of the same person
        const KeptShop again;
        QVERIFY(again.problem().isEmpty());
        QCOMPARE(again.shop()->tool("Boatyard")->tool.tip, 0.3);
        QCOMPARE(again.shop()->machine("Boatyard")->rapid, 1234.0);
        // A broken file is told, and never written over.
        QFile file(KeptShop::file());
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("{\"shop\": 1, \"rack\": 7}");
        file.close();
        KeptShop broken;
        QVERIFY(broken.problem().contains("rack"));
        QVERIFY(!broken.keep(cut::Machine{}).isEmpty());
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(file.readAll(), QByteArray("{\"shop\": 1, \"rack\": 7}"));
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
