// A whole part as someone works it who hears the window and has a keyboard.
#include "app/card/slips.hpp"
#include "app/controls/drawer.hpp"
#include "window_fixture.hpp"
#include <QAccessible>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPlainTextEdit>
#include <private/qguiapplication_p.h>
#include <qpa/qplatformaccessibility.h>
#include <qpa/qplatformintegration.h>

using namespace bollard;
using namespace bollard::app;

namespace {

struct Heard {
    QAccessible::Event event;
    QString name;
};
QList<Heard> heard;

void hear(QAccessibleEvent* event) {
    if (event->type() != QAccessible::Alert && event->type() != QAccessible::NameChanged)
        return;
    if (QAccessibleInterface* at = event->accessibleInterface())
        heard << Heard{event->type(), at->text(QAccessible::Name)};
}

bool heardOf(QAccessible::Event event, const QString& part) {
    return std::ranges::any_of(
        heard, [&](const Heard& one) { return one.event == event && one.name.contains(part); });
}

/// Interfaces in the tree below one, those on the screen.
void walk(QAccessibleInterface* at, QList<QAccessibleInterface*>& all, int depth = 0) {
    constexpr int deepest = 40;
    if (!at || depth > deepest || at->state().invisible)
        return;
    all << at;
    for (int i = 0; i < at->childCount(); ++i)
        walk(at->child(i), all, depth + 1);
}

QString pathOf(const QWidget* widget) {
    QStringList names;
    for (; widget; widget = widget->parentWidget())
        names.prepend(QLatin1String(widget->metaObject()->className()));
    return names.join('/');
}

} // namespace

class AccessibilityTest : public QObject {
    Q_OBJECT

  private slots:
    void initTestCase() {
        // As if a screen reader was there; the offscreen platform has none that could say so.
        QGuiApplicationPrivate::platformIntegration()->accessibility()->setActive(true);
        QVERIFY(QAccessible::isActive());
        QAccessible::installUpdateHandler(hear);
    }
    void cleanupTestCase() { QAccessible::installUpdateHandler(nullptr); }
    void init() {
        heard.clear();
        f_ = std::make_unique<WindowFixture>();
    }
    void cleanup() { f_.reset(); }

    void everyControlOfEveryStationHasANameAndARole() {
        int seen = 0;
        for (const char* sample : {"berth-14", "osprey-transom", "mooring-ring", "crew-tags"}) {
            f_->openSample(sample);
            for (int number = 0; number < RouteCard::count; ++number) {
                f_->window->routeCard().open(number);
                for (auto* fold : f_->window->routeCard().station(number).body()->findChildren<QPushButton*>(
                         QStringLiteral("fold")))
                    if (fold->isVisible() && fold->text().startsWith('+'))
                        fold->click();
                QApplication::processEvents();
                for (const QWidget* widget : f_->window->findChildren<QWidget*>()) {
                    if (!widget->isVisible() || !(widget->focusPolicy() & Qt::TabFocus))
                        continue;
                    QAccessibleInterface* at =
                        QAccessible::queryAccessibleInterface(const_cast<QWidget*>(widget));
                    QVERIFY2(at, qPrintable(pathOf(widget)));
                    QVERIFY2(
                        !at->text(QAccessible::Name).trimmed().isEmpty(),
                        qPrintable(
                            QStringLiteral("%1 %2: %3").arg(sample).arg(number + 1).arg(pathOf(widget))));
                    QVERIFY2(at->role() != QAccessible::NoRole, qPrintable(pathOf(widget)));
                    ++seen;
                }
            }
        }
        QVERIFY2(seen > 500, qPrintable(QString::number(seen)));
    }

    void theTreeHoldsTheWholeWindow() {
        f_->openSample("berth-14");
        QList<QAccessibleInterface*> all;
        walk(QAccessible::queryAccessibleInterface(f_->window.get()), all);
        QStringList names;
        for (QAccessibleInterface* at : all)
            names << at->text(QAccessible::Name);
        for (const char* part : {"Route card", "Findings", "Words"})
            QVERIFY2(names.contains(part), part);
        QVERIFY(std::ranges::any_of(names, [](const QString& name) { return name.startsWith("Verdict: "); }));
    }

    void tabGoesThroughAStationFromTopToBottom() {
        f_->openSample("berth-14");
        MainWindow& window = *f_->window;
        for (const int number : {RouteCard::lettering, RouteCard::placing, RouteCard::working}) {
            window.routeCard().open(number);
            QApplication::processEvents();
            Station& station = window.routeCard().station(number);
            station.focusHead();
            int last = -1, passed = 0;
            for (int i = 0; i < 60; ++i) {
                QTest::keyClick(window.focusWidget(), Qt::Key_Tab);
                const QWidget* at = window.focusWidget();
                if (!station.isAncestorOf(at))
                    break;
                const QRect there(at->mapTo(station.body(), QPoint(0, 0)), at->size());
                // Side by side counts as the same height.
                QVERIFY2(there.bottom() >= last || last - there.bottom() < there.height(),
                         qPrintable(QStringLiteral("%1: %2 after one at %3")
                                        .arg(pathOf(at))
                                        .arg(there.bottom())
                                        .arg(last)));
                last = std::max(last, there.bottom());
                ++passed;
            }
            QVERIFY2(passed >= 4, qPrintable(QString::number(passed)));
        }
    }

    void aPartIsMadeByKeyboardAndItsFindingsAreSaid() {
        MainWindow& window = *f_->window;
        QTest::keyClick(&window, Qt::Key_N, Qt::ControlModifier);
        QTRY_VERIFY(!window.showsStart());
        settle(window);
        QTest::keyClick(&window, Qt::Key_2, Qt::AltModifier);
        QPlainTextEdit& words = window.routeCard().letteringBody().words();
        words.setFocus();
        words.selectAll();
        QTest::keyClicks(&words, "SLIP 3");
        settle(window);
        QCOMPARE(f_->inscription().words, std::string("SLIP 3"));
        heard.clear();
        // Cut through, the counters fall out: that is said at once, and by name.
        QTest::keyClick(&window, Qt::Key_4, Qt::AltModifier);
        window.editor().editInscription("x", {}, [](card::Inscription& inscription) {
            inscription.working.kind = working::Kind::pierced;
        });
        settle(window);
        QTRY_VERIFY(heardOf(QAccessible::Alert, "stop"));
        QVERIFY(heardOf(QAccessible::NameChanged, "Cannot be made"));
        // To the finding, and its first mend.
        QTest::keyClick(&window, Qt::Key_F8);
        auto* row = qobject_cast<FindingRow*>(window.focusWidget());
        QVERIFY(row);
        QAccessibleInterface* at = QAccessible::queryAccessibleInterface(row);
        QVERIFY(at->text(QAccessible::Name).startsWith("Stop: "));
        QVERIFY(at->text(QAccessible::Description).size() > 10);
        QTRY_VERIFY(std::ranges::any_of(window.findings().rows(),
                                        [](const FindingRow* one) { return !one->offers().empty(); }));
        heard.clear();
        QTest::keyClick(&window, Qt::Key_Period, Qt::ControlModifier);
        settle(window);
        QTRY_VERIFY(heardOf(QAccessible::NameChanged, "Can be made"));
        QVERIFY(!heardOf(QAccessible::Alert, "stop"));
        // Files, by the keyboard too.
        QVERIFY(window.editor().saveAs(f_->path("slip.bollard")));
        QTest::keyClick(&window, Qt::Key_E, Qt::ControlModifier);
        QCOMPARE(window.routeCard().openStation(), int(RouteCard::output));
        QVERIFY(window.routeCard().station(RouteCard::output).isAncestorOf(window.focusWidget()));
    }

    void noticesAreSaid() {
        f_->openSample("berth-14");
        heard.clear();
        f_->window->notice().say("The tide is out.", NoticeBar::Tone::problem);
        QVERIFY(heardOf(QAccessible::Alert, "The tide is out."));
    }

  private:
    std::unique_ptr<WindowFixture> f_;
};

QTEST_MAIN(AccessibilityTest)
#include "accessibility_test.moc"
