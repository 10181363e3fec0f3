#include "app/controls/choice.hpp"
#include "app/controls/number_field.hpp"
#include "window_fixture.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>

using namespace bollard;
using namespace bollard::app;

/// What holds for every field and choice of every station alike.
class StationsTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    CardEditor& editor() { return window().editor(); }
    StationBody& body(int station) {
        window().routeCard().open(station);
        return *window().routeCard().station(station).body();
    }
    template<class Widget> QList<Widget*> shown(int station) {
        QList<Widget*> found;
        for (Widget* widget : body(station).template findChildren<Widget*>())
            if (widget->isVisibleTo(&body(station)) && widget->isEnabled())
                found.append(widget);
        return found;
    }
    void start(const char* sample, int selected) {
        f_->openSample(sample);
        editor().edit("x", {}, [](card::Card& card) {
            card.rows = setting::Rows{{"no"}, {{"1"}}, {"count", 5, 1, 2}};
        });
        editor().select(selected);
        editor().history().clear();
    }
    static void cardsOfAllKinds() {
        QTest::addColumn<QByteArray>("sample");
        QTest::addColumn<int>("selected");
        QTest::addColumn<bool>("letter");
        const auto row = [](const char* name, const char* sample, int selected, bool letter = false) {
            QTest::newRow(name) << QByteArray(sample) << selected << letter;
        };
        row("straight words", "berth-14", 0);
        row("one letter", "berth-14", 0, true);
        row("round a circle", "mooring-ring", 0);
        row("along a curve", "transom", 0);
        row("a bar", "tide-board", 1);
        row("a border", "mooring-ring", 2);
        row("single lines", "valve-serial", 0);
    }
    void startRow() {
        QFETCH(QByteArray, sample);
        QFETCH(int, selected);
        QFETCH(bool, letter);
        start(sample, selected);
        if (letter)
            editor().chooseLetters({1});
        if (!f_->inscription().baseline.points.empty())
            editor().chooseCurvePoint(1);
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        start("berth-14", 0);
    }
    void cleanup() { f_.reset(); }

    void everyNumberEditsTheCardAndIsUndone_data() { cardsOfAllKinds(); }
    void everyNumberEditsTheCardAndIsUndone() {
        startRow();
        int fields = 0;
        for (int station = 0; station < RouteCard::count; ++station)
            for (int i = 0; i < shown<NumberField>(station).size(); ++i) {
                NumberField* field = shown<NumberField>(station)[i];
                const card::Card before = editor().card();
                const QString text = field->text();
                const double value = field->value();
                const QString name = field->accessibleName();
                QVERIFY(!name.isEmpty());
                WindowFixture::typeInto(*field, "(" + text + ")+1");
                QVERIFY2(!(editor().card() == before), qPrintable(name));
                QVERIFY2(std::fabs(field->value() - value - 1) < 1e-9, qPrintable(name));
                QVERIFY(editor().history().undoText().size() > 3);
                QTest::keyClick(&window(), Qt::Key_Z, Qt::ControlModifier);
                QVERIFY2(editor().card() == before, qPrintable(name));
                field = shown<NumberField>(station)[i]; // lists are built anew
                QCOMPARE(field->text(), text);
                ++fields;
            }
        QVERIFY2(fields > 20, qPrintable(QString::number(fields)));
    }

    void everyNumberRefusesNonsenseInPlaceAndKeepsItsValue_data() { cardsOfAllKinds(); }
    void everyNumberRefusesNonsenseInPlaceAndKeepsItsValue() {
        startRow();
        for (int station = 0; station < RouteCard::count; ++station)
            for (int i = 0; i < shown<NumberField>(station).size(); ++i) {
                NumberField* field = shown<NumberField>(station)[i];
                const card::Card before = editor().card();
                for (const char* nonsense : {"1 +", "quay", "99999999"}) {
                    WindowFixture::typeInto(*field, nonsense);
                    QVERIFY2(!field->refusal().isEmpty(), qPrintable(field->accessibleName()));
                    QVERIFY(editor().card() == before);
                }
                QTest::keyClick(field, Qt::Key_Escape);
                QVERIFY(field->refusal().isEmpty());
            }
        QVERIFY(!editor().history().canUndo());
    }

    void everyChoiceEditsTheCardAndIsUndone_data() { cardsOfAllKinds(); }
    void everyChoiceEditsTheCardAndIsUndone() {
        startRow();
        int choices = 0;
        for (int station = 0; station < RouteCard::count; ++station)
            for (int c = 0; c < shown<Choice>(station).size(); ++c) {
                const int were = shown<Choice>(station)[c]->chosen();
                const card::Card before = editor().card();
                for (int i = 0; shown<Choice>(station)[c]->button(i); ++i) {
                    if (i == were)
                        continue;
                    shown<Choice>(station)[c]->button(i)->click();
                    QVERIFY2(!(editor().card() == before), qPrintable(QString::number(station)));
                    QCOMPARE(shown<Choice>(station)[c]->chosen(), i);
                    editor().history().undo();
                    QVERIFY(editor().card() == before);
                    QCOMPARE(shown<Choice>(station)[c]->chosen(), were);
                    ++choices;
                }
            }
        QVERIFY2(choices >= 8, qPrintable(QString::number(choices)));
    }

    void nothingReachesBeyondThePanel_data() { cardsOfAllKinds(); }
    void nothingReachesBeyondThePanel() {
        startRow();
        for (int station = 0; station < RouteCard::count; ++station) {
            StationBody& shownBody = body(station);
            for (auto* fold : shownBody.findChildren<QPushButton*>("fold"))
                if (fold->accessibleName().contains("closed"))
                    fold->click();
            QTest::qWait(1); // lays out
            const int right = window().routeCard().mapToGlobal(window().routeCard().rect().bottomRight()).x();
            for (const auto* widget : shownBody.findChildren<QWidget*>())
                if (widget->isVisible())
                    QVERIFY2(
                        widget->mapToGlobal(widget->rect().bottomRight()).x() <= right,
                        qPrintable(QString("station %1: %2 %3")
                                       .arg(station + 1)
                                       .arg(widget->metaObject()->className(), widget->accessibleName())));
        }
    }

    void theUnitOfTheCardIsTheUnitOfEveryLength() {
        editor().edit("x", {}, [](card::Card& card) { card.unit = quantity::Unit::inch; });
        const card::Card before = editor().card();
        auto* thickness = shown<NumberField>(RouteCard::blank).last();
        for (NumberField* field : shown<NumberField>(RouteCard::blank))
            if (field->accessibleName() == "Thickness")
                thickness = field;
        WindowFixture::typeInto(*thickness, "3/16");
        QVERIFY(std::fabs(editor().card().blank.thickness - 25.4 * 3 / 16) < 1e-9);
        WindowFixture::typeInto(*thickness, "4 mm");
        QCOMPARE(editor().card().blank.thickness, 4.0);
        QVERIFY(before.blank.width == editor().card().blank.width);
    }

    void aPrintIsToldHowItLies() {
        start("berth-14", 0);
        body(RouteCard::process);
        settle(*f_->window);
        const auto foldCalled = [&](const char* title) -> QPushButton* {
            for (auto* heading : f_->window->routeCard().findChildren<QPushButton*>())
                if (heading->isVisible() && heading->text().endsWith(QLatin1String(title)))
                    return heading;
            return nullptr;
        };
        QVERIFY(foldCalled("Lying and layers"));
        foldCalled("Lying and layers")->click();
        QComboBox* on = nullptr;
        for (auto* box : f_->window->routeCard().findChildren<QComboBox*>())
            if (box->accessibleName() == "What the print lies on")
                on = box;
        QVERIFY(on && on->isVisible());
        QCOMPARE(on->currentIndex(), 0);
        on->setCurrentIndex(2);
        emit on->activated(2);
        settle(*f_->window);
        QCOMPARE(f_->window->editor().card().lying.on, std::string("front"));
        const auto& findings = f_->window->maker().shown().made.checked->findings;
        QVERIFY(std::ranges::count(findings, check::FindingKind::overhangSteep, &check::Finding::kind) == 1);
        f_->window->editor().history().undo();
        settle(*f_->window);
        QCOMPARE(on->currentIndex(), 0);
        // What is cut does not lie on a bed.
        f_->window->editor().edit({}, {}, [](card::Card& card) { card.process.kind.choose("milling"); });
        settle(*f_->window);
        QVERIFY(!foldCalled("Lying and layers"));
    }

    void aProcessIsChosenKeptForOtherCardsAndForgotten() {
        start("berth-14", 0);
        QComboBox* const kinds = shown<QComboBox>(RouteCard::process).value(0);
        QVERIFY(kinds && kinds->accessibleName() == "Process");
        const auto choose = [&](const QString& name) {
            kinds->setCurrentIndex(kinds->findText(name));
            emit kinds->activated(kinds->currentIndex());
        };
        const auto field = [&](const QString& name) -> NumberField* {
            for (NumberField* each : shown<NumberField>(RouteCard::process))
                if (each->accessibleName() == name)
                    return each;
            return nullptr;
        };
        const process::Process filament = editor().card().process;
        choose("Torch cutting");
        QVERIFY(editor().card().process.kind.is<process::Torch>());
        QVERIFY(field("Kerf") && !field("Nozzle") && field("Stroke, stop below"));
        WindowFixture::typeInto(*field("Kerf"), "2");
        WindowFixture::typeInto(*field("Stroke, stop below"), "1.25");
        QCOMPARE(editor().card().process.own.at("raised.strokeStop"), 1.25);

        for (QLineEdit* edit : shown<QLineEdit>(RouteCard::process))
            if (edit->accessibleName().startsWith("Name to keep")) {
                edit->setText("Yard torch / 2");
                QTest::keyClick(edit, Qt::Key_Return);
            }
        const process::Process torch = editor().card().process;
        QCOMPARE(torch.name, std::string("Yard torch / 2"));
        QVERIFY(
            window().routeCard().station(RouteCard::process).summary().startsWith("Yard torch / 2, kerf 2"));
        choose("Laser cutting"); // has the kerf, but not the limits
        QCOMPARE(editor().card().process.kind.as<process::Laser>().kerf, 2.0);
        QVERIFY(editor().card().process.own.empty() && editor().card().process.name.empty());
        choose("Yard torch / 2");
        QVERIFY(editor().card().process == torch);

        QPushButton* const forget = f_->button("Forget Yard torch / 2");
        QVERIFY(forget);
        forget->click();
        QVERIFY(kinds->findText("Yard torch / 2") < 0 && editor().card().process == torch);
        while (editor().history().canUndo())
            editor().history().undo();
        QVERIFY(editor().card().process == filament);
    }

    void headsStayInSight() {
        start("berth-14", 0);
        window().resize(1024, 640);
        for (int open = 0; open < RouteCard::count; ++open) {
            (void)body(open);
            settle(window());
            RouteCard& card = window().routeCard();
            constexpr int headHeight = 50;
            for (int i = 0; i < RouteCard::count; ++i) {
                const Station& station = card.station(i);
                QVERIFY2(station.y() >= 0 && station.y() + headHeight <= card.height(),
                         qPrintable(QString("%1 with %2 open").arg(i).arg(open)));
                QVERIFY(i == open || station.height() < 2 * headHeight);
            }
            // What is open can be reached to its end.
            QWidget* const last = shown<QWidget>(open).last();
            auto* const scroll = qobject_cast<QScrollArea*>(body(open).parentWidget()->parentWidget());
            QVERIFY(scroll);
            scroll->ensureWidgetVisible(last, 0, 0);
            QVERIFY(last->visibleRegion().boundingRect().height() > 0);
        }
    }

    void summariesFollowEveryEdit() {
        const auto summary = [&](int station) { return window().routeCard().station(station).summary(); };
        const QString blank = summary(RouteCard::blank), process = summary(RouteCard::process);
        editor().edit("x", {}, [](card::Card& card) {
            card.blank.kind = blank::Kind::disc;
            card.process.kind.as<process::Filament>().layer = 0.1;
        });
        QVERIFY(summary(RouteCard::blank) != blank && summary(RouteCard::process) != process);
        editor().history().undo();
        QCOMPARE(summary(RouteCard::blank), blank);
        while (editor().inscription())
            editor().deleteInscription();
        for (int station = 0; station < RouteCard::count; ++station) {
            (void)body(station);
            QVERIFY(!summary(station).isEmpty());
        }
    }

    void withoutAnInscriptionItsStationsAreOffButTheRestWorks() {
        while (editor().inscription())
            editor().deleteInscription();
        for (const int station : {RouteCard::lettering, RouteCard::placing, RouteCard::working})
            for (NumberField* field : shown<NumberField>(station))
                QCOMPARE(field->accessibleName(), QString("Margin")); // belongs to the blank
        QVERIFY(!shown<NumberField>(RouteCard::blank).isEmpty());
        settle(window());
        QCOMPARE(window().findings().verdict(), QString("No words yet"));
    }

    void stationsStandBelowEachOtherAndNothingInThemOverlaps() {
        RouteCard& card = window().routeCard();
        // What is wrong with how they stand; layouts take a moment.
        const auto wrong = [&](int opened) -> QString {
            for (int k = 1; k < RouteCard::count; ++k) {
                const Station &above = card.station(k - 1), &below = card.station(k);
                if (below.y() != above.y() + above.height())
                    return QStringLiteral("station %1").arg(k);
            }
            QList<QPushButton*> buttons = card.station(opened).findChildren<QPushButton*>();
            erase_if(buttons, [](const QPushButton* b) { return !b->isVisible(); });
            for (const QPushButton* a : buttons)
                for (const QPushButton* b : buttons)
                    if (a != b && a->parentWidget() == b->parentWidget() &&
                        a->geometry().intersects(b->geometry()))
                        return a->text() + " / " + b->text();
            return {};
        };
        for (int i = 0; i < RouteCard::count; ++i) {
            card.open(i);
            QTest::qWait(30);
            QTRY_COMPARE(wrong(i), QString());
        }
    }
};
QTEST_MAIN(StationsTest)
#include "stations_test.moc"
