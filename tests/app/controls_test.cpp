// Controls that give way: choices, buttons, check boxes and lines of them where there is less room; and the
// order in which Tab goes through them.
#include "app/controls/choice.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/number_field.hpp"
#include "app/controls/reading_order.hpp"
#include "app/controls/wrap_layout.hpp"
#include "app/controls/wrapped_check_box.hpp"
#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QtTest>

using namespace bollard;
using namespace bollard::app;

namespace {

/// A holder that is shown, so wide.
std::unique_ptr<QWidget> holder(int width) {
    auto made = std::make_unique<QWidget>();
    made->resize(width, 300);
    return made;
}

int linesOf(const Choice& choice, int options) {
    QSet<int> lines;
    for (int i = 0; i < options; ++i)
        lines << choice.button(i)->y();
    return int(lines.size());
}

} // namespace

class ControlsTest : public QObject {
    Q_OBJECT

  private slots:
    void initTestCase() { applyLook(*qApp, drawing::Look::light); }

    void aChoiceTakesMoreLinesWhereItsTextsNeedThem() {
        auto box = holder(400);
        (new QVBoxLayout(box.get()))->setContentsMargins(0, 0, 0, 0);
        const QStringList options{"plate", "disc", "wedge", "block", "bar", "tube"};
        auto* choice = new Choice("Blank", options, box.get(), 3);
        box->layout()->addWidget(choice);
        static_cast<QVBoxLayout*>(box->layout())->addStretch();
        box->show();
        QCOMPARE(linesOf(*choice, 6), 2);
        box->resize(choice->minimumSizeHint().width() + 2, 300);
        QApplication::processEvents();
        QCOMPARE(linesOf(*choice, 6), 6);
        for (int i = 0; i < 6; ++i)
            QVERIFY(choice->button(i)->width() >=
                    choice->button(i)->fontMetrics().horizontalAdvance(options[i]));
        box->resize(400, 300);
        QApplication::processEvents();
        QCOMPARE(linesOf(*choice, 6), 2); // and back
    }

    void aChoiceOfOneLineStaysOne() {
        auto box = holder(400);
        auto* choice = new Choice("View", {"Flat", "Body", "Proof"}, box.get());
        box->show();
        choice->resize(20, 30);
        QApplication::processEvents();
        QCOMPARE(linesOf(*choice, 3), 1);
        QVERIFY(choice->minimumSizeHint().width() == choice->sizeHint().width());
    }

    void theChosenOneIsReachedByTabTheOthersByArrows() {
        auto box = holder(400);
        auto* choice = new Choice("Blank", {"plate", "disc", "wedge"}, box.get(), 3);
        box->show();
        choice->choose(0);
        QSignalSpy picked(choice, &Choice::picked);
        QTest::keyClick(choice, Qt::Key_Right);
        QCOMPARE(choice->chosen(), 1);
        QTest::keyClick(choice, Qt::Key_Left);
        QTest::keyClick(choice, Qt::Key_Left);
        QCOMPARE(choice->chosen(), 2); // round the end
        QCOMPARE(picked.count(), 3);
        QVERIFY(choice->button(2)->focusPolicy() & Qt::TabFocus);
        QVERIFY(!(choice->button(0)->focusPolicy() & Qt::TabFocus));
    }

    void widgetsSideBySideTakeTheLinesTheyNeed() {
        auto box = holder(600);
        auto* row = new WrapLayout(10, box.get());
        QList<QPushButton*> buttons;
        for (const char* text : {"Add inscription", "Add ornament", "Add operation"}) {
            buttons << new QPushButton(text, box.get());
            row->addWidget(buttons.back());
        }
        box->show();
        QApplication::processEvents();
        QVERIFY(buttons[0]->y() == buttons[2]->y());
        QCOMPARE(buttons[1]->x(), buttons[0]->geometry().right() + 1 + 10);
        const int one = row->heightForWidth(600), three = row->heightForWidth(buttons[0]->width());
        QVERIFY(three >= 3 * one);
        box->resize(buttons[0]->width() + 5, 300);
        QApplication::processEvents();
        QVERIFY(buttons[1]->y() > buttons[0]->y() && buttons[2]->y() > buttons[1]->y());
        QVERIFY(box->rect().contains(buttons[2]->geometry()));
        buttons[1]->hide(); // takes no room
        row->invalidate();
        row->activate();
        QCOMPARE(buttons[2]->y(), buttons[0]->y() + buttons[0]->height() + 10 / 4);
    }

    void fromRightToLeftTheFirstStandsAtTheRight() {
        auto box = holder(600);
        box->setLayoutDirection(Qt::RightToLeft);
        auto* row = new WrapLayout(10, box.get());
        auto *first = new QPushButton("first", box.get()), *second = new QPushButton("second", box.get());
        row->addWidget(first);
        row->addWidget(second);
        box->show();
        QApplication::processEvents();
        QVERIFY(first->x() > second->x());
        QVERIFY(first->geometry().right() > 580);
    }

    void aCheckBoxIsAsHighAsItsTextNeeds() {
        WrappedCheckBox box(QStringLiteral("Kerning: pairs closer as the typeface says"));
        const int wide = box.sizeHint().width(), least = box.minimumSizeHint().width();
        QVERIFY(least < wide / 2);
        QVERIFY(box.heightForWidth(least) > box.heightForWidth(wide));
        box.resize(least, box.heightForWidth(least));
        box.show();
        QTest::mouseClick(&box, Qt::LeftButton, {}, {box.width() - 4, box.height() - 4}); // on its last line
        QVERIFY(box.isChecked());
    }

    void aButtonWithoutRoomTellsAllInItsToolTip() {
        auto box = holder(60);
        QPushButton* button = elidedButton("Put the seam across from these words", box.get());
        button->setGeometry(0, 0, 60, 28);
        box->show();
        button->grab();
        QCOMPARE(button->toolTip(), QString("Put the seam across from these words"));
        QVERIFY(button->minimumSizeHint().width() == 0);
    }

    void aBoxThatMayShrinkTellsWhatItShows() {
        QComboBox box;
        box.addItems({"as wide as they are", "no narrower than nine tenths of it"});
        mayShrink(&box);
        QVERIFY(box.minimumSizeHint().width() < box.fontMetrics().horizontalAdvance(box.itemText(1)));
        box.show();
        box.setCurrentIndex(1);
        box.grab();
        QCOMPARE(box.toolTip(), box.itemText(1));
    }

    void tabGoesLineByLineAndPanelByPanel() {
        auto box = holder(500);
        // Made in no order at all.
        auto *right = new QWidget(box.get()), *left = new QWidget(box.get());
        left->setGeometry(0, 0, 200, 300);
        right->setGeometry(200, 0, 300, 300);
        auto *below = new QLineEdit(left), *beside = new QLineEdit(left), *top = new QLineEdit(left);
        top->setGeometry(0, 10, 80, 24);
        beside->setGeometry(90, 14, 80, 24); // not quite level
        below->setGeometry(0, 60, 80, 24);
        auto *last = new QLineEdit(right), *hidden = new QLineEdit(right), *off = new QLineEdit(right);
        last->setGeometry(0, 0, 80, 24);
        hidden->setGeometry(0, 40, 80, 24);
        off->setGeometry(0, 80, 80, 24);
        box->show();
        hidden->hide();
        off->setEnabled(false);
        QCOMPARE(inReadingOrder(*box), (QList<QWidget*>{top, beside, below, last}));
        box->setLayoutDirection(Qt::RightToLeft);
        QCOMPARE(inReadingOrder(*box), (QList<QWidget*>{last, beside, top, below}));
    }

    void whatIsScrolledOutKeepsItsPlaceInTheOrder() {
        auto box = holder(300);
        auto* scroll = new QScrollArea(box.get());
        scroll->setGeometry(0, 0, 200, 60);
        auto* after = new QLineEdit(box.get());
        after->setGeometry(0, 80, 80, 24);
        auto* inside = new QWidget;
        inside->resize(180, 400);
        QList<QWidget*> fields;
        for (int i = 0; i < 5; ++i) {
            fields << new QLineEdit(inside);
            fields.back()->setGeometry(0, i * 80, 80, 24); // the last ones lie lower than what follows
        }
        scroll->setWidget(inside);
        scroll->setFocusPolicy(Qt::NoFocus);
        box->show();
        QCOMPARE(inReadingOrder(*box), fields + QList<QWidget*>{after});
    }

    void largerTextMakesControlsLarger() {
        NumberField plain("Width", NumberField::Kind::length, {0, 100}, 1);
        const int before = plain.leastWidth();
        drawing::setTextScale(2);
        applyLook(*qApp, drawing::Look::light);
        QFont font = qApp->font();
        font.setPixelSize(drawing::scaled(13));
        qApp->setFont(font);
        NumberField large("Width", NumberField::Kind::length, {0, 100}, 1);
        QVERIFY(large.leastWidth() > before * 3 / 2);
        QCOMPARE(drawing::scaled(30), 60);
        QVERIFY(panelWidth(300) > 300 && panelWidth(300) < 600); // less, so that there is a board
        drawing::setTextScale(9);
        QCOMPARE(drawing::textScale(), drawing::largestText);
        drawing::setTextScale(0.1);
        QCOMPARE(drawing::textScale(), drawing::smallestText);
        applyLook(*qApp, drawing::Look::light);
    }

    void highContrastIsHigh_data() {
        QTest::addColumn<int>("look");
        QTest::newRow("light") << int(drawing::Look::contrastLight);
        QTest::newRow("dark") << int(drawing::Look::contrastDark);
    }
    void highContrastIsHigh() {
        QFETCH(int, look);
        // WCAG 2.1, relative luminance and contrast ratio
        const auto luminance = [](const QColor& colour) {
            const auto linear = [](double c) {
                return c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4);
            };
            return 0.2126 * linear(colour.redF()) + 0.7152 * linear(colour.greenF()) +
                   0.0722 * linear(colour.blueF());
        };
        const auto contrast = [&](const QColor& a, const QColor& b) {
            const double x = luminance(a), y = luminance(b);
            return (std::max(x, y) + 0.05) / (std::min(x, y) + 0.05);
        };
        const drawing::Tokens& t = drawing::tokensOf(static_cast<drawing::Look>(look));
        for (const QColor& text : {t.ink, t.inkSoft, t.tide, t.stop, t.watch, t.sound, t.line})
            for (const QColor& ground : {t.paper, t.field, t.ground})
                QVERIFY2(contrast(text, ground) >= 7, qPrintable(text.name() + " on " + ground.name() + ": " +
                                                                 QString::number(contrast(text, ground))));
        QVERIFY(contrast(t.ink, t.tideWash) >= 7);
        QVERIFY(contrast(t.onTide, t.tide) >= 7);
    }
};

QTEST_MAIN(ControlsTest)
#include "controls_test.moc"
