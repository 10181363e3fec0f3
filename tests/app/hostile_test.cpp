// Cards that ask for too much: refused with their number, or worked within their memory.
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>
#include <sys/resource.h>

namespace {

using Object = QJsonObject;
using List = QJsonArray;

Object words(const QString& text) {
    return {{"words", text}, {"placing", Object{{"x", 60}, {"y", 22}}}};
}

Object cardOf(const List& inscriptions, const Object& more = {}) {
    Object card{{"bollard", 1}, {"inscriptions", inscriptions}};
    for (auto at = more.begin(); at != more.end(); ++at)
        card[at.key()] = at.value();
    return card;
}

template<class Make> List listOf(int count, Make make) {
    List all;
    for (int i = 0; i < count; ++i)
        all.append(make(i));
    return all;
}

QString squares(int count) {
    QString path;
    for (int i = 0; i < count; ++i)
        path += QStringLiteral("M%1 %2h1v1h-1Z").arg(i % 100 * 2).arg(i / 100 * 2);
    return path;
}

/// A line that runs to and fro, each time across all that were before.
QString tangle(int count) {
    QString path = QStringLiteral("M0 0");
    unsigned seed = 14;
    const auto next = [&] {
        seed = seed * 1103515245u + 12345u;
        return seed / 65536 % 1000;
    };
    for (int i = 0; i < count; ++i) {
        const unsigned x = next();
        path += QStringLiteral("L%1 %2").arg(x).arg(next());
    }
    return path + QLatin1Char('Z');
}

Object artwork(const QString& path) {
    return {{"ornament", Object{{"kind", "artwork"}, {"artwork", path}}},
            {"placing", Object{{"x", 60}, {"y", 22}}}};
}

Object plateWithHoles(int count) {
    return {{"blank",
             Object{{"kind", "plate"},
                    {"width", 1000},
                    {"height", 1000},
                    {"thickness", 3},
                    {"holes", listOf(count, [](int i) {
                         return Object{{"x", i % 100 * 10 + 5}, {"y", i / 100 * 10 + 5}, {"diameter", 2}};
                     })}}}};
}

struct Ran {
    int exit = -1;
    QString error{}, said{};
    double seconds = 0;
    long megabytes = 0; ///< at most, of this and earlier ones
};

Ran check(const QByteArray& card) {
    const QTemporaryDir folder;
    const QString path = folder.filePath("quay.bollard");
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly) || file.write(card) != card.size())
        return {};
    file.close();
    QElapsedTimer clock;
    clock.start();
    QProcess program;
    program.start(QStringLiteral(BOLLARD_BIN "/bollard-cli"), {"check", path});
    constexpr int patience = 300000; // ms
    if (!program.waitForFinished(patience))
        program.kill();
    rusage used{};
    getrusage(RUSAGE_CHILDREN, &used);
    return {program.exitCode(), QString::fromUtf8(program.readAllStandardError()),
            QString::fromUtf8(program.readAllStandardOutput()), double(clock.elapsed()) / 1000,
            used.ru_maxrss / 1024};
}

QByteArray bytesOf(const Object& card) {
    return QJsonDocument(card).toJson(QJsonDocument::Compact);
}

} // namespace

class HostileTest : public QObject {
    Q_OBJECT

  private slots:
    void whatIsTooLargeIsRefusedWithItsNumber_data() {
        QTest::addColumn<QByteArray>("card");
        QTest::addColumn<QString>("number");
        QTest::newRow("a long text") << bytesOf(cardOf({words(QString("B").repeated(9'000'000))}))
                                     << "9000000 > 100000";
        QTest::newRow("long texts together")
            << bytesOf(cardOf(listOf(40, [](int) { return words(QString("B").repeated(9'000)); })))
            << "360000 > 200000";
        QTest::newRow("inscriptions")
            << bytesOf(cardOf(listOf(200'000, [](int) { return Object(); }))) << "200000 > 10000";
        QTest::newRow("holes") << bytesOf(cardOf({words("A")}, plateWithHoles(20'000))) << "20000 > 10000";
        QTest::newRow("operations")
            << bytesOf(cardOf({words("A")}, {{"operations", listOf(60'000,
                                                                   [](int) {
                                                                       return Object{{"kind", "pocket"}};
                                                                   })}}))
            << "60000 > 1000";
        QTest::newRow("segments of artwork")
            << bytesOf(cardOf({artwork(squares(20'000))})) << "80000 > 50000";
        QTest::newRow("crossings of artwork")
            << bytesOf(cardOf({artwork(tangle(4'000))})) << "300001 > 300000";
        QTest::newRow("crossings of an outline")
            << bytesOf(cardOf(
                   {words("A")},
                   {{"blank", Object{{"kind", "plate"},
                                     {"width", 200},
                                     {"height", 200},
                                     {"thickness", 3},
                                     {"outline", Object{{"kind", "drawing"}, {"path", tangle(4'000)}}}}}}))
            << "300001 > 300000";
        QTest::newRow("rows")
            << bytesOf(
                   cardOf({words("{a}")},
                          {{"rows", Object{{"fields", List{"a"}},
                                           {"values", listOf(1'200'000, [](int) { return List{"A"}; })}}}}))
            << "1200000 > 1000000";
        QTest::newRow("deep") << QByteArray("{\"bollard\":1,\"x\":" + QByteArray(3'000'000, '[')) << "64";
    }
    void whatIsTooLargeIsRefusedWithItsNumber() {
        QFETCH(QByteArray, card);
        QFETCH(QString, number);
        QVERIFY(card.size() < 10 << 20);
        const Ran ran = check(card);
        QVERIFY2(ran.exit == 2, qPrintable(QString::number(ran.exit) + " " + ran.error));
        QVERIFY2(ran.error.contains(number), qPrintable(ran.error));
        QVERIFY2(ran.seconds < 20 * BOLLARD_PATIENCE, qPrintable(QString::number(ran.seconds)));
    }

    void wordsThatGrowAsTheirFieldsAreFilledInAreAStop() {
        const Ran ran =
            check(bytesOf(cardOf({words(QString("{a}").repeated(20'000))},
                                 {{"rows", Object{{"fields", List{"a"}},
                                                  {"values", List{List{QString("W").repeated(20'000)}}}}}})));
        QCOMPARE(ran.exit, 1);
        QVERIFY2(ran.said.contains("> 200000"), qPrintable(ran.said));
    }

    void whatIsAllowedStaysWithinItsMemory_data() {
        QTest::addColumn<QByteArray>("card");
        QTest::newRow("letters") << bytesOf(cardOf({words(QString("BERTH 14 ").repeated(11'000))}));
        QTest::newRow("inscriptions") << bytesOf(cardOf(listOf(10'000, [](int i) {
            return Object{{"words", "OB"},
                          {"size", Object{{"by", "capital"}, {"value", 0.5}}},
                          {"working", Object{{"kind", "pierced"}}},
                          {"placing", Object{{"x", i % 100}, {"y", i / 100}}}};
        })));
        QTest::newRow("holes") << bytesOf(cardOf({words("A")}, plateWithHoles(10'000)));
        QTest::newRow("artwork") << bytesOf(cardOf({artwork(squares(12'000))}));
        QTest::newRow("rows") << bytesOf(cardOf(
            {words("{a}")}, {{"rows", Object{{"fields", List{"a"}},
                                             {"values", listOf(500'000, [](int) { return List{"A"}; })}}}}));
    }
    void whatIsAllowedStaysWithinItsMemory() {
        QFETCH(QByteArray, card);
        const Ran ran = check(card);
        QVERIFY2(ran.exit == 0 || ran.exit == 1, qPrintable(QString::number(ran.exit) + " " + ran.error));
        QVERIFY2(!ran.said.contains("Nothing could be made"), qPrintable(ran.said));
        QVERIFY2(ran.megabytes < 4096, qPrintable(QString::number(ran.megabytes)));
        qInfo("%.1f s, at most %ld MB so far", ran.seconds, ran.megabytes);
    }

    /// Whatever was overlooked: memory ends, and that is said.
    void whereMemoryEndsThatIsSaid() {
        const QTemporaryDir folder;
        QFile file(folder.filePath("quay.bollard"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(bytesOf(cardOf({words(QString("BERTH 14 ").repeated(11'000))})));
        file.close();
        QProcess program; // as if the machine had little
        program.start("sh",
                      {"-c", "ulimit -d 120000; exec " BOLLARD_BIN "/bollard-cli check " + file.fileName()});
        QVERIFY(program.waitForFinished(300000));
        const QString said =
            QString::fromUtf8(program.readAllStandardOutput() + program.readAllStandardError());
        QVERIFY2(program.exitStatus() == QProcess::NormalExit &&
                     (program.exitCode() == 1 || program.exitCode() == 2),
                 qPrintable(said));
        QVERIFY2(said.contains("memory"), qPrintable(said));
    }
};

QTEST_GUILESS_MAIN(HostileTest)
#include "hostile_test.moc"
