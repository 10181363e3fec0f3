#include "app/controls/number_field.hpp"
#include <QtTest>

using bollard::app::NumberField;

class NumberFieldTest : public QObject {
    Q_OBJECT
    std::unique_ptr<NumberField> field_;
    std::unique_ptr<QSignalSpy> edited_;

    void type(const char* text) {
        field_->selectAll();
        QTest::keyClicks(field_.get(), text);
        QTest::keyClick(field_.get(), Qt::Key_Return);
    }

  private slots:
    void init() {
        field_ = std::make_unique<NumberField>("Capital height", NumberField::Kind::length,
                                               bollard::card::Range{1, 100}, 0.5);
        field_->setUnit(bollard::quantity::Unit::millimetre);
        field_->setValue(14);
        edited_ = std::make_unique<QSignalSpy>(field_.get(), &NumberField::edited);
        field_->show();
        QVERIFY(QTest::qWaitForWindowExposed(field_.get()));
        field_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(field_.get()));
        field_->setFocus();
    }

    void takesUnitsAndArithmetic() {
        type("3/4 in + 0.4");
        QCOMPARE(edited_->size(), 1);
        QCOMPARE(field_->value(), 19.05 + 0.4);
        QVERIFY(field_->refusal().isEmpty());
    }

    void refusesWithTheRangeAndLosesNothing() {
        type("250");
        QCOMPARE(edited_->size(), 0);
        QCOMPARE(field_->value(), 14.0);
        QVERIFY(field_->refusal().contains("100"));
        QCOMPARE(field_->text(), QString("250")); // what was typed can be mended
        QTest::keyClick(field_.get(), Qt::Key_Escape);
        QCOMPARE(field_->text(), QString("14"));
        QVERIFY(field_->refusal().isEmpty());
    }

    void saysWhatIsWrongWithTheText() {
        type("12 hands");
        QVERIFY(field_->refusal().contains("hands"));
        type("12");
        QVERIFY(field_->refusal().isEmpty());
    }

    void stepsByKeyAndWheelAndTenthsWithShift() {
        QTest::keyClick(field_.get(), Qt::Key_Up);
        QCOMPARE(field_->value(), 14.5);
        QTest::keyClick(field_.get(), Qt::Key_Down, Qt::ShiftModifier);
        QCOMPARE(field_->value(), 14.45);
        QWheelEvent wheel(QPointF(5, 5), field_->mapToGlobal(QPointF(5, 5)), {}, {0, 120}, Qt::NoButton,
                          Qt::NoModifier, Qt::NoScrollPhase, false);
        QApplication::sendEvent(field_.get(), &wheel);
        QCOMPARE(field_->value(), 14.95);
        field_->setValue(100);
        QTest::keyClick(field_.get(), Qt::Key_Up);
        QCOMPARE(field_->value(), 100.0);
    }

    void showsTheCardsUnit() {
        field_->setUnit(bollard::quantity::Unit::inch);
        field_->setValue(25.4);
        QCOMPARE(field_->text(), QString("1"));
        type("1.5");
        QCOMPARE(field_->value(), 38.1);
        QCOMPARE(field_->accessibleName(), QString("Capital height"));
    }

    void anUntouchedFieldEditsNothing() {
        field_->setValue(1.0 / 3);
        QTest::keyClick(field_.get(), Qt::Key_Return);
        field_->clearFocus();
        QCOMPARE(edited_->size(), 0);
        QCOMPARE(field_->value(), 1.0 / 3);
    }
};
QTEST_MAIN(NumberFieldTest)
#include "number_field_test.moc"
