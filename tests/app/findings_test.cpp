#include "../sample_cards.hpp"
#include "window_fixture.hpp"
#include <QEnterEvent>
#include <QLabel>
#include <QPointer>

using namespace bollard;
using namespace bollard::app;

/// The findings panel: what it says, where it points, and how it follows the card.
class FindingsTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    FindingsPanel& panel() { return window().findings(); }
    void edit(const card::Card& card) {
        window().editor().edit("x", {}, [&](card::Card& now) { now = card; });
        settle(window());
    }
    static QStringList textOf(const FindingRow& row) {
        QStringList all;
        for (auto* label : row.findChildren<QLabel*>())
            all << label->text();
        return all;
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        f_->openSample("valve-tag");
    }
    void cleanup() { f_.reset(); }

    void pointingLightsThePlacesAndLeavingTakesThemAway() {
        QSignalSpy lit(&panel(), &FindingsPanel::lit);
        FindingRow* row = panel().rows().first();
        QEnterEvent enter(QPointF(5, 5), QPointF(5, 5), row->mapToGlobal(QPointF(5, 5)));
        QApplication::sendEvent(row, &enter);
        QCOMPARE(lit.size(), 1);
        const auto places = lit.last()[0].value<std::vector<check::FindingPlace>>();
        QCOMPARE(places.size(), row->finding().places.size());
        QVERIFY(!places.empty() && lit.last()[1].toBool()); // a stop
        QEvent leave(QEvent::Leave);
        QApplication::sendEvent(row, &leave);
        QVERIFY(lit.last()[0].value<std::vector<check::FindingPlace>>().empty());
    }

    void aRowStaysWithItsFindingAndTellsItsNumberAnew() {
        card::Card card = samples::plate("e");
        card.inscriptions[0].style.size = 2.2;
        edit(card);
        FindingRow* row = nullptr;
        for (FindingRow* one : panel().rows())
            if (one->finding().kind == check::FindingKind::counterNarrow)
                row = one;
        QVERIFY(row);
        const QPointer<FindingRow> kept = row;
        const QStringList before = textOf(*row);
        row->setFocus();
        card.inscriptions[0].style.size = 2.1;
        edit(card);
        QVERIFY(kept && panel().rows().contains(kept));
        QVERIFY(kept->hasFocus());
        QVERIFY(textOf(*kept) != before);
        card.inscriptions[0].hidden = true;
        edit(card);
        QVERIFY(!panel().rows().contains(kept));
    }

    void aClickBringsThePlaceIntoView() {
        FlatView& flat = window().flatView();
        const double before = flat.scale().pixelsPerMm;
        FindingRow* row = panel().rows().first();
        QTest::mouseClick(row, Qt::LeftButton);
        QVERIFY(flat.scale().pixelsPerMm > before);
        const plane::Vector at = (1 / plane::unitsPerMillimetre) * row->finding().places.front().at;
        QVERIFY(flat.rect().contains(flat.scale().toPixels({at.x, at.y}).toPoint()));
    }

    void whatIsMendedGoesAndTheRestStaysInOrder() {
        QVERIFY(panel().verdict().startsWith("Cannot be made"));
        card::Card card = window().editor().card();
        card.inscriptions[0].typeface = {"Allerta", "", {}, 0};
        edit(card); // a stencil face has no loose counters
        for (const FindingRow* row : panel().rows())
            QVERIFY(row->finding().kind != check::FindingKind::counterLoose);
        check::Severity last = check::Severity::stop;
        for (const FindingRow* row : panel().rows()) {
            QVERIFY(row->finding().severity <= last);
            last = row->finding().severity;
        }
        window().editor().history().undo();
        settle(window());
        QVERIFY(panel().verdict().startsWith("Cannot be made"));
    }

    void measuresAreInTheCardsUnit() {
        card::Card card = window().editor().card();
        card.inscriptions[0].working.kind = working::Kind::raised;
        card.inscriptions[0].style.size = 2; // far too small for the nozzle
        edit(card);
        const auto measured = [&] {
            for (const FindingRow* row : panel().rows())
                if (row->finding().kind == check::FindingKind::strokeNarrow)
                    return textOf(*row).join(' ');
            return QString();
        };
        const QString mm = measured();
        QVERIFY(mm.contains('<'));
        card.unit = quantity::Unit::inch;
        edit(card);
        QVERIFY(!measured().isEmpty() && measured() != mm);
    }

    void stationsCarryTheMarksOfTheirFindings() {
        window().routeCard().open(RouteCard::working);
        QStringList heads;
        for (int i = 0; i < RouteCard::count; ++i)
            for (auto* label : window().routeCard().station(i).findChildren<QLabel*>())
                if (label->text().contains("stop"))
                    heads << QString::number(i + 1) + " " + label->text();
        QVERIFY2(!heads.isEmpty(), "no station is marked");
        card::Card card = window().editor().card();
        card.inscriptions.clear();
        edit(card);
        for (int i = 0; i < RouteCard::count; ++i)
            for (auto* label : window().routeCard().station(i).findChildren<QLabel*>())
                QVERIFY(!label->isVisible() || !label->text().contains(" stop"));
    }

    void theFocusStaysInTheListWhileItChanges() {
        panel().rows().first()->setFocus();
        card::Card card = window().editor().card();
        card.inscriptions[0].placing.x += 0.5;
        edit(card);
        QVERIFY(!panel().rows().isEmpty());
        QVERIFY(panel().rows().first()->hasFocus());
    }

    void aMendIsOfferedAndTakesTheFindingAwayInOneStep() {
        card::Card card = window().editor().card();
        card.inscriptions.resize(1);
        card.inscriptions[0].words = "HULL";
        card.inscriptions[0].style.size = 1.8;
        card.inscriptions[0].working.kind = working::Kind::raised;
        card.inscriptions[0].baseline = {};
        edit(card);
        const auto buttonOf = [&](const char* starts) -> QPushButton* {
            for (FindingRow* row : panel().rows())
                for (auto* button : row->findChildren<QPushButton*>())
                    if (button->text().startsWith(QLatin1String(starts)))
                        return button;
            return nullptr;
        };
        QTRY_VERIFY_WITH_TIMEOUT(buttonOf("Size "), 5000 * BOLLARD_PATIENCE);
        QPushButton* size = buttonOf("Size ");
        QVERIFY(size->accessibleName().startsWith("Mend: Make the size "));
        QTRY_VERIFY(size->sizeHint().width() <= size->width()); // all of it can be read
        for (const FindingRow* row : panel().rows())
            QVERIFY(row->width() <= panel().width());
        const QString id = QString::fromStdString(panel().rows().first()->finding().id);
        const int steps = window().editor().history().count();
        QTest::mouseClick(size, Qt::LeftButton);
        settle(window());
        QVERIFY(window().editor().card().inscriptions[0].style.size > 1.8);
        QVERIFY(std::ranges::none_of(panel().rows(), [&](const FindingRow* row) {
            return QString::fromStdString(row->finding().id) == id;
        }));
        QCOMPARE(window().editor().history().count(), steps + 1);
        window().editor().history().undo();
        QCOMPARE(window().editor().card().inscriptions[0].style.size, 1.8);
    }

    void everyRowIsReadAloudWhole() {
        for (const FindingRow* row : panel().rows()) {
            QVERIFY(row->accessibleName().startsWith("Stop: ") ||
                    row->accessibleName().startsWith("Watch: ") ||
                    row->accessibleName().startsWith("Note: "));
            QVERIFY(row->accessibleDescription().size() > 20);
            for (const QString& text : textOf(*row)) // nothing shown that is not said
                QVERIFY2((row->accessibleName() + row->accessibleDescription()).contains(text),
                         qPrintable(text));
        }
    }
};
QTEST_MAIN(FindingsTest)
#include "findings_test.moc"
