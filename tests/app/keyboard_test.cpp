#include "window_fixture.hpp"
#include <QComboBox>
#include <QPlainTextEdit>

using namespace bollard;
using namespace bollard::app;

/// A part made from the first word to the last choice without a mouse, as it would be by someone who has
/// none.
class KeyboardTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    QWidget* focus() { return window().focusWidget() ? window().focusWidget() : &window(); }
    void press(Qt::Key key, Qt::KeyboardModifiers with = {}) { QTest::keyClick(focus(), key, with); }
    void type(const QString& text) { QTest::keyClicks(focus(), text); }

    /// Goes on with Tab until something of that name (or text) has the focus.
    bool tabTo(const QString& name) {
        for (int i = 0; i < 90; ++i) {
            const auto* button = qobject_cast<QAbstractButton*>(focus());
            if (focus()->accessibleName() == name || (button && button->text() == name))
                return true;
            press(Qt::Key_Tab);
        }
        return false;
    }
    /// Puts a number into the field of that name.
    bool number(const QString& name, const QString& value) {
        if (!tabTo(name))
            return false;
        press(Qt::Key_A, Qt::ControlModifier);
        type(value);
        press(Qt::Key_Return);
        return true;
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        press(Qt::Key_N, Qt::ControlModifier);
        settle(window());
    }
    void cleanup() { f_.reset(); }

    void aRingOfWordsIsMadeWithoutAMouse() {
        press(Qt::Key_1, Qt::AltModifier);
        QVERIFY(tabTo("Blank: plate")); // arrows choose among the others
        press(Qt::Key_Right);
        QCOMPARE(window().editor().card().blank.kind, blank::Kind::disc);
        QVERIFY(number("Diameter", "90"));
        QVERIFY(number("Centre hole", "40"));
        press(Qt::Key_2, Qt::AltModifier);
        QVERIFY(tabTo("Words"));
        press(Qt::Key_A, Qt::ControlModifier);
        type("SLIP 3");
        QVERIFY(number("Capital height", "9"));
        QVERIFY(number("Letter space", "0.4"));
        press(Qt::Key_3, Qt::AltModifier);
        QVERIFY(tabTo("What line the words stand on"));
        auto* line = qobject_cast<QComboBox*>(focus());
        QVERIFY(line);
        for (int i = 0; i < int(setting::BaselineKind::circle); ++i)
            press(Qt::Key_Down);
        settle(window());
        QVERIFY(number("Radius", "27"));
        QVERIFY(number("Across, x", "45"));
        QVERIFY(number("Up, y", "45"));
        press(Qt::Key_4, Qt::AltModifier);
        QVERIFY(tabTo("Working: raised"));
        press(Qt::Key_Right);
        QVERIFY(number("Depth", "1.2"));
        settle(window());
        const card::Card& card = window().editor().card();
        const card::Inscription& words = f_->inscription();
        QCOMPARE(card.blank.diameter, 90.0);
        QCOMPARE(card.blank.centreHole, 40.0);
        QCOMPARE(words.words, std::string("SLIP 3"));
        QCOMPARE(words.style.size, 9.0);
        QCOMPARE(words.style.letterSpace, 0.4);
        QCOMPARE(words.baseline.kind, setting::BaselineKind::circle);
        QCOMPARE(words.baseline.radius, 27.0);
        QCOMPARE(words.placing.x, 45.0);
        QCOMPARE(words.working.kind, working::Kind::sunk);
        QCOMPARE(words.working.depth, 1.2);
        QVERIFY(window().findings().verdict().startsWith("Can be made"));
        // Looked at, and all of it undone again.
        press(Qt::Key_2, Qt::ControlModifier);
        QCOMPARE(window().view(), MainWindow::body);
        while (window().editor().history().canUndo())
            press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!window().editor().edited());
    }

    void lettersAreNudgedWithoutAMouse() {
        press(Qt::Key_2, Qt::AltModifier);
        QVERIFY(tabTo("Flat view"));
        press(Qt::Key_Right, Qt::AltModifier);
        press(Qt::Key_Right, Qt::AltModifier);
        QCOMPARE(window().editor().letters(), std::vector<int>{1});
        press(Qt::Key_Up);
        press(Qt::Key_Up);
        QCOMPARE(f_->inscription().nudges.size(), size_t{1});
        QVERIFY(number("Letter turn", "12"));
        QCOMPARE(f_->inscription().nudges[0].turn, 12.0);
        QVERIFY(std::fabs(f_->inscription().nudges[0].y - 0.2) < 1e-9);
        QVERIFY(tabTo("Clear these nudges"));
        press(Qt::Key_Space);
        QVERIFY(f_->inscription().nudges.empty());
    }

    void inscriptionsAreAddedOrderedAndDeletedWithoutAMouse() {
        press(Qt::Key_2, Qt::AltModifier);
        QVERIFY(tabTo("Add inscription"));
        press(Qt::Key_Space);
        QCOMPARE(window().editor().card().inscriptions.size(), size_t{2});
        QCOMPARE(window().editor().selected(), 1);
        QVERIFY(tabTo("Move inscription up"));
        press(Qt::Key_Space);
        QCOMPARE(window().editor().selected(), 0);
        QVERIFY(tabTo("Delete inscription"));
        press(Qt::Key_Space);
        QCOMPARE(window().editor().card().inscriptions.size(), size_t{1});
    }

    void findingsAreGoneThroughWithoutAMouse() {
        f_->openSample("valve-tag");
        press(Qt::Key_F8);
        const auto rows = window().findings().rows();
        QVERIFY(!rows.isEmpty());
        QVERIFY(rows.first()->hasFocus());
        const double near = window().flatView().scale().pixelsPerMm;
        press(Qt::Key_F8);
        QVERIFY(rows.size() == 1 ? rows.first()->hasFocus() : rows[1]->hasFocus());
        press(Qt::Key_Return);
        QVERIFY(window().flatView().scale().pixelsPerMm >= near * 0.2);
        QVERIFY(tabTo("Flat view"));
        press(Qt::Key_Home); // the whole part again
        QVERIFY(window().flatView().scale().pixelsPerMm < near * 2);
    }
};
QTEST_MAIN(KeyboardTest)
#include "keyboard_test.moc"
