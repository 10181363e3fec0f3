// Saving that is cut short: at each of its steps, and at random moments of someone's work.
#include "app/session/card_editor.hpp"
#include "app/session/recovery.hpp"
#include "card/card_json.hpp"
#include <QCoreApplication>
#include <QElapsedTimer>
#include <QProcess>
#include <QTemporaryDir>
#include <QTextStream>
#include <QtTest>
#include <csignal>
#include <random>

using namespace bollard;
using namespace bollard::app;

namespace {

const auto cli = QStringLiteral(BOLLARD_BIN "/bollard-cli");

QByteArray contentsOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

/// What the edit of that number makes of the card.
void edited(card::Card& card, int number) {
    card.blank.width = 100 + number;
}
int numberOf(const std::string& json) {
    const auto card = card::cardFromJson(json);
    return card ? int(card->blank.width) - 100 : -1;
}

/// Someone at work: an edit every moment, a save every few; tells each when it is done. Ends when it is
/// killed.
int work(const QString& folder) {
    CardEditor editor;
    Recovery recovery(editor, folder + "/unsaved");
    card::Card card;
    edited(card, 0);
    editor.start(card, {});
    (void)editor.saveAs(folder + "/quay.bollard");
    QTextStream out(stdout);
    constexpr int moment = 12, often = 7; // ms; edits
    for (int number = 1; number < 100000; ++number) {
        editor.edit("x", {}, [number](card::Card& now) { edited(now, number); });
        QElapsedTimer clock;
        clock.start();
        while (clock.elapsed() < moment)
            QCoreApplication::processEvents(QEventLoop::AllEvents, moment);
        out << "edited " << number << "\n";
        out.flush();
        if (number % often != 0)
            continue;
        if (!editor.saveAs(folder + "/quay.bollard"))
            return 1;
        out << "saved " << number << "\n";
        out.flush();
    }
    return 0;
}

/// Runs a program under the layer that faults the given call; how many calls there were, by the one before.
struct Run {
    int exit = 0;
    bool killed = false;
    int calls = 0;
};
Run runWithFault(const QStringList& arguments, const QString& folder, const QString& told, const char* fault,
                 int at) {
    QProcess program;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert("LD_PRELOAD", BOLLARD_FAULTS);
    environment.insert("BOLLARD_FAULT", fault);
    environment.insert("BOLLARD_FAULT_IN", folder);
    environment.insert("BOLLARD_FAULT_AT", QString::number(at));
    environment.insert("BOLLARD_FAULT_COUNT", told);
    program.setProcessEnvironment(environment);
    program.start(cli, arguments);
    program.waitForFinished(120000);
    return {program.exitCode(), program.exitStatus() == QProcess::CrashExit, contentsOf(told).toInt()};
}

} // namespace

class FaultsTest : public QObject {
    Q_OBJECT

  private slots:
    /// Two files at once, one of them there before: whichever call fails, both are new or both are as before.
    void filesAreAllThereOrNoneWhicheverStepFails_data() {
        QTest::addColumn<QByteArray>("fault");
        for (const char* fault : {"full", "broken", "kill"})
            QTest::newRow(fault) << QByteArray(fault);
    }
    void filesAreAllThereOrNoneWhicheverStepFails() {
        QFETCH(QByteArray, fault);
        const QTemporaryDir aside;
        int calls = 0, failed = 0;
        for (int at = 0; at <= calls; ++at) {
            const QTemporaryDir folder;
            const QString first = folder.filePath("a.svg"), second = folder.filePath("b.dxf"),
                          told = aside.filePath("told");
            QFile old(first);
            QVERIFY(old.open(QIODevice::WriteOnly) && old.write("as it was") > 0);
            old.close();
            const Run run = runWithFault({"make", QStringLiteral(BOLLARD_SOURCE "/samples/berth-14.bollard"),
                                          "--force", "-o", first, "-o", second},
                                         folder.path(), told, fault.constData(), at);
            const QString where = QStringLiteral("%1 at %2 of %3").arg(fault).arg(at).arg(calls);
            if (at == 0) {
                QCOMPARE(run.exit, 0);
                calls = run.calls;
                QVERIFY2(calls >= 8, qPrintable(QString::number(calls)));
            }
            const QByteArray a = contentsOf(first), b = contentsOf(second);
            const bool isNew = a.startsWith("<?xml") && a.trimmed().endsWith("</svg>");
            QVERIFY2(isNew || a == "as it was", qPrintable(where));
            const bool secondIsNew = b.contains("SECTION") && b.trimmed().endsWith("EOF");
            QVERIFY2(secondIsNew || !QFile::exists(second), qPrintable(where));
            if (run.killed)
                continue; // what was put in place before the end stays, each whole
            if (run.exit == 0)
                QVERIFY2(isNew && secondIsNew, qPrintable(where));
            else
                QVERIFY2(run.exit == 3 && !isNew && !secondIsNew, qPrintable(where));
            failed += run.exit == 3;
            QVERIFY2(QDir(folder.path()).entryList(QDir::Files | QDir::Hidden).size() ==
                         (secondIsNew ? 2 : 1),
                     qPrintable(where)); // nothing is left about
        }
        QVERIFY(fault == "kill" || failed >= 4);
    }

    void atRandomMomentsNothingIsHalfAndOneEditIsLostAtMost_data() {
        QTest::addColumn<int>("wait"); // ms
        QTest::addColumn<int>("kills");
        const int rounds = qEnvironmentVariableIntValue("BOLLARD_ROUNDS");
        QTest::newRow("on this disk") << 0 << (rounds > 0 ? rounds : 200);
        QTest::newRow("on a slow disk") << 40 << 40;
    }
    void atRandomMomentsNothingIsHalfAndOneEditIsLostAtMost() {
        QFETCH(int, wait);
        QFETCH(int, kills);
        constexpr int atOnce = 4;
        const int longest = 260 + 20 * wait; // ms
        std::mt19937 random(14);
        int worstLoss = 0, saves = 0;
        for (int done = 0; done < kills; done += atOnce) {
            struct Worker {
                QTemporaryDir folder;
                QProcess program;
                int killAt = 0;
            };
            std::array<Worker, size_t(atOnce)> workers;
            std::array<int, size_t(atOnce)> moments{};
            for (int& moment : moments)
                moment = int(random() % longest);
            std::ranges::sort(moments);
            for (size_t i = 0; i < workers.size(); ++i) {
                Worker& worker = workers[i];
                worker.killAt = moments[i];
                QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
                environment.insert("LD_PRELOAD", BOLLARD_FAULTS);
                environment.insert("BOLLARD_FAULT_IN", worker.folder.path());
                environment.insert("BOLLARD_FAULT_WAIT", QString::number(wait));
                worker.program.setProcessEnvironment(environment);
                worker.program.start(QCoreApplication::applicationFilePath(),
                                     {"--worker", worker.folder.path()});
            }
            for (Worker& worker : workers)
                QVERIFY(worker.program.waitForReadyRead(30000)); // it has begun
            QElapsedTimer clock;
            clock.start();
            for (Worker& worker : workers) {
                QThread::usleep(
                    ulong(std::max<qint64>(0, 1000 * worker.killAt - clock.nsecsElapsed() / 1000)));
                worker.program.kill();
            }
            for (Worker& worker : workers) {
                QVERIFY(worker.program.waitForFinished(30000));
                QCOMPARE(worker.program.exitStatus(), QProcess::CrashExit);
                int edits = 0, saved = 0;
                for (const QByteArray& line : worker.program.readAllStandardOutput().split('\n')) {
                    const int number = line.mid(line.lastIndexOf(' ') + 1).toInt();
                    (line.startsWith("saved") ? saved : edits) =
                        std::max(line.startsWith("saved") ? saved : edits, number);
                }
                const std::string file = contentsOf(worker.folder.filePath("quay.bollard")).toStdString();
                QVERIFY2(numberOf(file) >= saved, file.c_str()); // whole, and no older than was told
                CardEditor editor;
                const Recovery recovery(editor, worker.folder.filePath("unsaved"));
                int kept = numberOf(file);
                for (const LeftOver& leftOver : recovery.leftOvers()) {
                    QVERIFY(leftOver.readable);
                    kept = std::max(kept, numberOf(leftOver.card));
                }
                worstLoss = std::max(worstLoss, edits - kept);
                saves += saved > 0;
            }
        }
        QVERIFY2(worstLoss <= 1, qPrintable(QString::number(worstLoss)));
        QVERIFY2(saves * 4 > kills, qPrintable(QString::number(saves)));
    }
};

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    QStandardPaths::setTestModeEnabled(true);
    if (argc == 3 && QByteArray(argv[1]) == "--worker")
        return work(QString::fromLocal8Bit(argv[2]));
    FaultsTest test;
    return QTest::qExec(&test, argc, argv);
}
#include "faults_test.moc"
