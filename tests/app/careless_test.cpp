#include "card/card_json.hpp"
#include "window_fixture.hpp"
#include <QAbstractButton>
#include <QComboBox>
#include <QMenu>
#include <QWheelEvent>
#include <random>

using namespace bollard;
using namespace bollard::app;

/// Someone presses, drags and types without looking. Nothing breaks, and every state is a card that can be
/// saved; a failure names its seed and step.
class CarelessTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;
    std::mt19937 random_;

    int number(int below) { return int(random_() % unsigned(std::max(below, 1))); }
    template<class T> const T& oneOf(const std::vector<T>& all) {
        return all[size_t(number(int(all.size())))];
    }

    QPoint somewhereOn(const QWidget& widget) { return {number(widget.width()), number(widget.height())}; }

    /// What can be reached without a file dialog or a menu, which would wait for an answer.
    QWidget* someWidget() {
        std::vector<QWidget*> all;
        for (auto* widget : f_->window->findChildren<QWidget*>()) {
            if (!widget->isVisible() || !widget->isEnabled() || widget->focusPolicy() == Qt::NoFocus)
                continue;
            const auto* button = qobject_cast<QAbstractButton*>(widget);
            const auto* push = qobject_cast<QPushButton*>(widget);
            if ((button && (button->text().contains(QChar(0x2026)) || button->text().startsWith("Write") ||
                            button->text() == "Open the folder")) ||
                (push && push->menu()) || qobject_cast<QComboBox*>(widget))
                continue;
            all.push_back(widget);
        }
        return oneOf(all);
    }

    void drag(QWidget& on) {
        const QPoint from = somewhereOn(on), to = somewhereOn(on);
        const auto with = oneOf<Qt::KeyboardModifiers>({Qt::NoModifier, Qt::NoModifier, Qt::ShiftModifier});
        const QPointer<QWidget> there(&on);
        QTest::mousePress(&on, Qt::LeftButton, with, from);
        for (int i = 1; i <= 3 && there; ++i) {
            const QPoint at = from + (to - from) * i / 3;
            QMouseEvent move(QEvent::MouseMove, at, on.mapToGlobal(at), Qt::NoButton, Qt::LeftButton, with);
            QApplication::sendEvent(&on, &move);
            if (number(2))
                QCoreApplication::processEvents();
        }
        if (there)
            QTest::mouseRelease(&on, Qt::LeftButton, with, to);
    }

    void key(QWidget& on) {
        static const std::vector<Qt::Key> keys{
            Qt::Key_Left, Qt::Key_Right,     Qt::Key_Up,   Qt::Key_Down,   Qt::Key_Tab,      Qt::Key_Escape,
            Qt::Key_F2,   Qt::Key_Delete,    Qt::Key_F8,   Qt::Key_Return, Qt::Key_PageDown, Qt::Key_Home,
            Qt::Key_End,  Qt::Key_Backspace, Qt::Key_Plus, Qt::Key_Space,  Qt::Key_M};
        static const std::vector<Qt::KeyboardModifiers> with{Qt::NoModifier, Qt::NoModifier,
                                                             Qt::ShiftModifier, Qt::AltModifier};
        const Qt::Key pressed = oneOf(keys);
        const auto modifiers = pressed == Qt::Key_M ? Qt::KeyboardModifiers() : oneOf(with);
        QTest::keyClick(&on, pressed, modifiers);
    }

    void type(QWidget& on) {
        static const std::vector<const char*> texts{"Q",   "14",    "3/16 in", "-7", "{no}",
                                                    "1e9", " quay", "*",       "0"};
        QTest::keyClicks(&on, oneOf(texts));
        if (number(2))
            QTest::keyClick(f_->window->focusWidget() ? f_->window->focusWidget() : f_->window.get(),
                            Qt::Key_Return);
    }

    void doSomething() {
        MainWindow& window = *f_->window;
        switch (number(16)) {
        case 0:
            return window.routeCard().open(number(RouteCard::count));
        case 1:
            return window.showView(
                oneOf<MainWindow::View>({MainWindow::flat, MainWindow::body, MainWindow::both}));
        case 2:
            return QTest::keyClick(&window, Qt::Key_Z, Qt::ControlModifier);
        case 3:
            return QTest::keyClick(&window, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        case 4:
        case 5:
            return drag(window.flatView());
        case 6:
            return QTest::mouseDClick(&window.flatView(), Qt::LeftButton, {}, somewhereOn(window.flatView()));
        case 7: {
            QWidget& on = window.view() == MainWindow::body
                              ? static_cast<QWidget&>(window.bodyView().canvas())
                              : window.flatView();
            const QPoint at = somewhereOn(on);
            QWheelEvent wheel(at, on.mapToGlobal(at), {}, {0, 120 * (number(5) - 2)}, Qt::NoButton,
                              Qt::NoModifier, Qt::NoScrollPhase, false);
            QApplication::sendEvent(&on, &wheel);
            return;
        }
        case 8:
            return drag(*someWidget());
        case 9:
        case 10:
            return key(*someWidget());
        case 11:
            return type(*someWidget());
        case 12: {
            const auto combos = window.routeCard().findChildren<QComboBox*>();
            for (auto* combo : combos)
                if (combo->isVisible() && combo->isEnabled() && number(3) == 0) {
                    combo->setCurrentIndex(number(combo->count()));
                    emit combo->activated(combo->currentIndex());
                    return;
                }
            return;
        }
        case 13:
            return window.editor().select(number(int(window.editor().card().inscriptions.size())));
        default: {
            QWidget* widget = someWidget();
            QTest::mouseClick(widget, Qt::LeftButton,
                              oneOf<Qt::KeyboardModifiers>({Qt::NoModifier, Qt::ControlModifier}),
                              somewhereOn(*widget));
        }
        }
    }

  private slots:
    void init() { f_ = std::make_unique<WindowFixture>(); }
    void cleanup() { f_.reset(); }

    void nothingBreaksWhateverIsPressed_data() {
        QTest::addColumn<unsigned>("seed");
        QTest::addColumn<QByteArray>("sample");
        unsigned seed = 1;
        for (const char* sample : {"berth-14", "mooring-ring", "transom", "tide-board", "valve-serial",
                                   "valve-tag", "tidewater", "fender-pin"})
            QTest::newRow(sample) << seed++ << QByteArray(sample);
    }
    void nothingBreaksWhateverIsPressed() {
        QFETCH(unsigned, seed);
        QFETCH(QByteArray, sample);
        random_.seed(seed);
        f_->openSample(sample);
        const std::string before = card::jsonOf(f_->window->editor().card());
        for (int step = 0; step < 150; ++step) {
            doSomething();
            if (step % 10 == 0)
                QCoreApplication::processEvents();
            if (f_->window->showsStart()) // the card was closed, all by keyboard
                f_->openSample(sample);
            const card::Card& card = f_->window->editor().card();
            const auto again = card::cardFromJson(card::jsonOf(card));
            QVERIFY2(again,
                     qPrintable(QString("step %1: %2 %3")
                                    .arg(step)
                                    .arg(QString::fromStdString(again ? "" : again.problem().subject),
                                         QString::fromStdString(again ? "" : again.problem().detail))));
            QVERIFY(f_->window->editor().selected() < int(card.inscriptions.size()));
        }
        QVERIFY(settle(*f_->window));
        while (f_->window->editor().history().canUndo())
            f_->window->editor().history().undo();
        QVERIFY(card::jsonOf(f_->window->editor().card()) == before);
    }
};
QTEST_MAIN(CarelessTest)
#include "careless_test.moc"
