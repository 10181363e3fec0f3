#include "quantity/quantity.hpp"
#include <QtTest>
#include <random>

using namespace bollard::quantity;

class QuantityTest : public QObject {
    Q_OBJECT
  private slots:
    void readsWhatPeopleType_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<double>("millimetres");
        QTest::newRow("bare") << "12" << 12.0;
        QTest::newRow("sum") << "12+0.4" << 12.4;
        QTest::newRow("comma") << "12,5" << 12.5;
        QTest::newRow("fraction of an inch") << "3/16 in" << 4.7625;
        QTest::newRow("mixed fraction") << "1 3/16 in" << 30.1625;
        QTest::newRow("inch sign") << "2\"" << 50.8;
        QTest::newRow("foot and inch") << "1 ft 2 in" << 355.6;
        QTest::newRow("points") << "72 pt" << 25.4;
        QTest::newRow("centimetres and bare") << "1 cm + 2" << 12.0;
        QTest::newRow("brackets") << "(1 + 2) * 3 mm" << 9.0;
        QTest::newRow("bracket with unit") << "(1+1) in" << 50.8;
        QTest::newRow("ratio of lengths") << "1 in / 2 mm" << 12.7;
        QTest::newRow("signs") << "-(-3)" << 3.0;
        QTest::newRow("division") << "12/4" << 3.0;
        QTest::newRow("spaces") << "  7  mm " << 7.0;
    }
    void readsWhatPeopleType() {
        QFETCH(QString, text);
        QFETCH(double, millimetres);
        const auto read = lengthFromText(text.toStdString(), Unit::millimetre);
        QVERIFY(read);
        QVERIFY(std::fabs(*read - millimetres) < 1e-12);
    }

    void tellsWhereItWentWrong_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("kind");
        QTest::addColumn<int>("column");
        QTest::newRow("empty") << "  " << int(ProblemKind::emptyText) << 1;
        QTest::newRow("sign") << "12 $ 3" << int(ProblemKind::unexpectedSign) << 4;
        QTest::newRow("unit") << "12 furlong" << int(ProblemKind::unknownUnit) << 4;
        QTest::newRow("bracket") << "2*(3+4" << int(ProblemKind::unclosedBracket) << 3;
        QTest::newRow("zero") << "5/0" << int(ProblemKind::divisionByZero) << 3;
        QTest::newRow("area") << "2 mm * 3 mm" << int(ProblemKind::wrongDimension) << 6;
        QTest::newRow("per length") << "2 / (3 mm)" << int(ProblemKind::wrongDimension) << 3;
        QTest::newRow("missing end") << "4 +" << int(ProblemKind::unexpectedSign) << 4;
    }
    void tellsWhereItWentWrong() {
        QFETCH(QString, text);
        QFETCH(int, kind);
        QFETCH(int, column);
        const auto read = lengthFromText(text.toStdString(), Unit::millimetre);
        QVERIFY(!read);
        QCOMPARE(int(read.problem().kind), kind);
        QCOMPARE(read.problem().column, column);
    }

    void textReadsBackExactly() {
        std::mt19937 random(7);
        std::uniform_real_distribution<double> lengths(-500, 500);
        for (const Unit unit :
             {Unit::millimetre, Unit::centimetre, Unit::metre, Unit::inch, Unit::foot, Unit::point})
            for (int i = 0; i < 2000; ++i) {
                const double length = i % 2 ? lengths(random) : std::round(lengths(random) * 100) / 100;
                const std::string text = textOfLength(length, unit);
                const auto back = lengthFromText(text, unit);
                QVERIFY2(back && *back == length, text.c_str());
            }
        QCOMPARE(textOfLength(12.5, Unit::millimetre), std::string("12.5"));
        QCOMPARE(textOfLength(25.4, Unit::inch), std::string("1"));
    }

    void anglesTakeDegrees() {
        QCOMPARE(*angleFromText("45°"), 45.0);
        QCOMPARE(*angleFromText("90 deg / 4"), 22.5);
        QVERIFY(!angleFromText("3 mm"));
    }

    /// Found by a fuzzer: a number in range, but not once it is taken for inches.
    void whatIsTooLargeOnlyInItsUnitIsRefused() {
        const std::string nines(308, '9');
        QVERIFY(!lengthFromText(nines, Unit::inch));
        QCOMPARE(lengthFromText(nines, Unit::inch).problem().kind, ProblemKind::numberTooLarge);
        const auto plain = lengthFromText(nines, Unit::millimetre);
        QVERIFY(plain && std::isfinite(*plain));
    }

    void nothingTypedCrashes() {
        std::mt19937 random(11);
        const std::string signs = "0123456789.,+-*/() inmft'\"°x";
        std::uniform_int_distribution<size_t> sign(0, signs.size() - 1), size(0, 12);
        for (int i = 0; i < 20000; ++i) {
            std::string text;
            for (size_t k = size(random); k > 0; --k)
                text += signs[sign(random)];
            const auto read = lengthFromText(text, Unit::inch);
            if (read)
                QVERIFY(std::isfinite(*read));
            else
                QVERIFY(read.problem().column >= 1);
        }
    }
};
QTEST_APPLESS_MAIN(QuantityTest)
#include "quantity_test.moc"
