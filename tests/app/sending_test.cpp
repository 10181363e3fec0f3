// Programs sent from the command line: to the stand-in with each of its faults, and to a controller that
// talks otherwise.
#include <QLocalServer>
#include <QLocalSocket>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>
#include <csignal>
#include <nlohmann/json.hpp>

using Json = nlohmann::json;

class SendingTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> folder_;
    std::unique_ptr<QProcess> standin_;
    QByteArray out_, err_;

    QString at(const QString& name) const { return folder_->filePath(name); }
    QByteArray bytesOf(const QString& name) const {
        QFile file(at(name));
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    }

    void write(const QString& name, const QByteArray& text) {
        QFile file(at(name));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(text) == text.size());
    }

    /// A program of so many lines that go to and fro.
    void program(int lines) {
        QByteArray text("(to and fro)\n%\nG17 G21 G90\nM3 S9000\nG0 Z5\n\nG0 X0 Y0\n");
        for (int i = 0; text.count('\n') < lines - 3; ++i)
            text += "G1 Z-1 F300\nX" + QByteArray::number(20 + i % 7) + " F900\n(back)\nG0 Z5\nX" +
                    QByteArray::number(i % 5) + "\n";
        text += "G0 Z5\nM5\nM30\n";
        write("program.nc", text);
    }
    QStringList codeLines() const {
        QStringList lines;
        for (const QByteArray& line : bytesOf("program.nc").split('\n'))
            if (!line.isEmpty() && !line.startsWith('(') && line != "%")
                lines << QString::fromLatin1(line);
        return lines;
    }
    /// The file's line that is the nth of G-code, from 1.
    int fileLine(int nth) const {
        int line = 0;
        for (const QByteArray& text : bytesOf("program.nc").split('\n')) {
            ++line;
            if (!text.isEmpty() && !text.startsWith('(') && text != "%" && --nth == 0)
                return line;
        }
        return 0;
    }

    void start(const QStringList& more = {}) {
        standin_ = std::make_unique<QProcess>();
        standin_->start(QStringLiteral(BOLLARD_STANDIN),
                        QStringList{"--pty", at("tty"), "--trace", at("trace")} + more);
        QVERIFY(standin_->waitForStarted());
        QTRY_VERIFY_WITH_TIMEOUT(QFileInfo(at("tty")).isSymLink(), 5000);
    }
    std::unique_ptr<QProcess> sending(const QStringList& more = {}) {
        auto sender = std::make_unique<QProcess>();
        sender->start(QStringLiteral(BOLLARD_CLI),
                      QStringList{"send", at("program.nc"), "--to", at("tty"), "--json", "--timeout", "2"} +
                          more);
        return sender;
    }
    int finish(QProcess& sender) {
        if (!sender.waitForFinished(60000))
            return -1;
        out_ = sender.readAllStandardOutput();
        err_ = sender.readAllStandardError();
        return sender.exitStatus() == QProcess::NormalExit ? sender.exitCode() : -1;
    }
    int send(const QStringList& more = {}) {
        auto sender = sending(more);
        sender->closeWriteChannel();
        return finish(*sender);
    }
    Json told() const { return Json::parse(out_.trimmed().split('\n').last().toStdString(), nullptr, false); }
    std::vector<Json> trace() const {
        std::vector<Json> all;
        for (const QByteArray& line : bytesOf("trace").split('\n'))
            if (!line.isEmpty())
                all.push_back(Json::parse(line.toStdString()));
        return all;
    }
    QStringList traced(const std::string& what) const {
        QStringList texts;
        for (const Json& one : trace())
            if (one["what"] == what)
                texts << QString::fromStdString(one["text"].get<std::string>());
        return texts;
    }

  private slots:
    void init() { folder_ = std::make_unique<QTemporaryDir>(); }
    void cleanup() {
        if (standin_) {
            standin_->terminate();
            QVERIFY(standin_->waitForFinished(5000));
            QCOMPARE(standin_->exitCode(), 0);
            QVERIFY(!QFileInfo(at("tty")).isSymLink());
        }
        standin_.reset();
    }

    void everyLineGoesOnceAndInOrder_data() {
        QTest::addColumn<QStringList>("faults");
        QTest::newRow("none") << QStringList();
        QTest::newRow("slow") << QStringList{"--fault", "slow"};
        QTest::newRow("garbage") << QStringList{"--fault", "garbage"};
    }
    void everyLineGoesOnceAndInOrder() {
        QFETCH(QStringList, faults);
        program(faults.contains("slow") ? 120 : 600);
        start(faults);
        QCOMPARE(send(), 0);
        const QStringList wanted = codeLines();
        QCOMPARE(traced("line"), wanted);
        const Json json = told();
        QCOMPARE(json["state"], "done");
        QCOMPARE(json["sent"], wanted.size());
        QCOMPARE(json["confirmed"], wanted.size());
        QCOMPARE(json["line"], fileLine(int(wanted.size())));
        QCOMPARE(json["from"], 1);
        // Where it is was asked for all the time.
        double before = -1, longest = 0;
        for (const Json& one : trace())
            if (one["what"] == "status") {
                if (before >= 0)
                    longest = std::max(longest, one["at"].get<double>() - before);
                before = one["at"].get<double>();
            }
        QVERIFY2(longest < 0.5 * BOLLARD_PATIENCE + 0.5,
                 qPrintable(QString::number(longest))); // on a busy machine
    }

    void afterAFaultNothingMoreIsSent_data() {
        QTest::addColumn<QString>("fault");
        QTest::addColumn<QString>("state");
        QTest::newRow("error") << "error:40"
                               << "error";
        QTest::newRow("restart") << "restart:40"
                                 << "restart";
        QTest::newRow("silent") << "silent:40"
                                << "lost";
        QTest::newRow("unplugged") << "unplug:40"
                                   << "lost";
    }
    void afterAFaultNothingMoreIsSent() {
        QFETCH(QString, fault);
        QFETCH(QString, state);
        program(300);
        start({"--fault", fault});
        QCOMPARE(send(), 3);
        const Json json = told();
        QCOMPARE(QString::fromStdString(json["state"].get<std::string>()), state);
        QCOMPARE(json["confirmed"], 39);
        QCOMPARE(json["line"], fileLine(39));
        QVERIFY2(err_.contains(QByteArray::number(fileLine(39))), err_.constData());
        QCOMPARE(json["sent"], traced("line").size());
        QVERIFY(json["sent"] < 60);
        QCOMPARE(traced("line"), codeLines().mid(0, json["sent"].get<int>()));
        if (fault.startsWith("unplug"))
            return;
        // Held, then cancelled, after the last line.
        const std::vector<Json> all = trace();
        std::vector<std::string> last;
        for (const Json& one : all)
            if (one["what"] != "status")
                last.push_back(one["what"].get<std::string>());
        QVERIFY(last.size() > 2);
        QCOMPARE(last[last.size() - 2], std::string("hold"));
        QCOMPARE(last.back(), std::string("cancel"));
    }

    void aProgramThatDoesNotFitIsRefused() {
        program(100);
        start({"--travel", "22,100,50"});
        QCOMPARE(send(), 1);
        QCOMPARE(told()["state"], "refused");
        QCOMPARE(told()["sent"], 0);
        QVERIFY(traced("line").isEmpty());
        QVERIFY2(err_.contains("X"), err_.constData());
    }

    void itIsHeldGoneOnAndStopped() {
        program(400);
        start({"--fault", "slow"});
        auto sender = sending();
        QTRY_VERIFY_WITH_TIMEOUT(traced("line").size() > 10, 10000);
        sender->write("hold\n");
        QTRY_VERIFY_WITH_TIMEOUT(!traced("hold").isEmpty(), 5000);
        QTest::qWait(300);
        const auto held = traced("line").size();
        QTest::qWait(2500); // longer than silence is borne
        QCOMPARE(traced("line").size(), held);
        QVERIFY(sender->state() == QProcess::Running);
        sender->write("resume\n");
        QTRY_VERIFY_WITH_TIMEOUT(traced("line").size() > held + 5, 5000);
        sender->write("stop\n");
        QCOMPARE(finish(*sender), 3);
        QCOMPARE(told()["state"], "stopped");
        QTRY_COMPARE_WITH_TIMEOUT(traced("cancel").size(), 1, 3000);
        QVERIFY(traced("hold").size() == 2 && traced("resume").size() == 1);
        QVERIFY(traced("line").size() < 300);
    }

    void signalsStopItAsWell() {
        for (const int signal : {SIGINT, SIGTERM}) {
            program(400);
            start({"--fault", "slow"});
            auto sender = sending();
            QTRY_VERIFY_WITH_TIMEOUT(traced("line").size() > 10, 10000);
            ::kill(pid_t(sender->processId()), signal);
            QCOMPARE(finish(*sender), 3);
            QCOMPARE(told()["state"], "stopped");
            QTRY_COMPARE_WITH_TIMEOUT(traced("cancel").size(), 1, 3000);
            cleanup();
        }
    }

    void itGoesOnFromASafeLine() {
        program(300);
        start();
        QCOMPARE(send({"--from", "150"}), 0);
        const int from = told()["from"].get<int>();
        QVERIFY(from <= 150 && from > 140);
        const QStringList lines = traced("line"), all = codeLines();
        int skipped = 0;
        while (fileLine(skipped + 1) < from)
            ++skipped;
        const QStringList rest = all.mid(skipped);
        QCOMPARE(lines.mid(lines.size() - rest.size()), rest);
        const QStringList before = lines.mid(0, lines.size() - rest.size());
        QVERIFY2(before.size() >= 3 && before[0].contains("G21") && before[1] == "M3 S9000" &&
                     before[2] == "G0 Z5",
                 qPrintable(before.join("|")));
        QCOMPARE(told()["confirmed"], rest.size());
        QCOMPARE(send({"--from", "9999"}), 2);
        QCOMPARE(send({"--from", "0"}), 2);
    }

    void aControllerThatIsLateIsAskedForItsGreeting() {
        program(60);
        start();
        QCOMPARE(send(), 0);
        // It said what it is to the one before; the next one finds it again.
        QCOMPARE(send(), 0);
        QCOMPARE(traced("line").size(), 2 * codeLines().size());
    }

    void wrongUseIsToldAndNothingIsSent() {
        program(60);
        start();
        QCOMPARE(send({"--protocol", "nobody"}), 2);
        QVERIFY2(err_.contains("plain") && err_.contains("tally"), err_.constData());
        write("program.nc", "this is no program\n");
        QCOMPARE(send(), 2);
        QFile::remove(at("program.nc"));
        QCOMPARE(send(), 2);
        program(60);
        const auto to = [&](const QString& device) {
            QProcess sender;
            sender.start(QStringLiteral(BOLLARD_CLI), {"send", at("program.nc"), "--to", device});
            return finish(sender);
        };
        QCOMPARE(to(at("nothing")), 2);
        QCOMPARE(to(at("program.nc")), 2);
        QVERIFY(traced("line").isEmpty());
        QProcess other;
        other.start(QStringLiteral(BOLLARD_STANDIN), {"--pty", at("x"), "--fault", "sulking"});
        QCOMPARE(finish(other), 2);
        other.start(QStringLiteral(BOLLARD_STANDIN), {"--pty", at("x"), "--fault", "error"});
        QCOMPARE(finish(other), 2);
        other.start(QStringLiteral(BOLLARD_STANDIN), {"--version"});
        QCOMPARE(finish(other), 0);
    }

    void anotherProtocolIsOnlyData() {
        // A controller at a local socket that talks as protocols/tally.json has it.
        program(80);
        QLocalServer server;
        QVERIFY(server.listen(at("socket")));
        QProcess sender;
        sender.start(QStringLiteral(BOLLARD_CLI),
                     {"send", at("program.nc"), "--to", at("socket"), "--protocol", "tally", "--json"});
        QVERIFY(server.waitForNewConnection(5000));
        QLocalSocket* const client = server.nextPendingConnection();
        client->write("here is tally one\r\n");
        QByteArray all;
        int taken = 0, asked = 0, waiting = 0, most = 0;
        while (sender.state() != QProcess::NotRunning && client->state() == QLocalSocket::ConnectedState) {
            client->waitForReadyRead(50);
            for (const char c : client->readAll()) {
                if (c == 6) {
                    ++asked;
                    client->write("x1.5y2z-0.5 run\r\n");
                } else {
                    all += c;
                    most = std::max(most, ++waiting);
                }
            }
            while (all.count("\r\n") > taken) {
                int from = 0;
                for (int i = 0; i < taken; ++i)
                    from = int(all.indexOf("\r\n", from)) + 2;
                waiting -= int(all.indexOf("\r\n", from)) + 2 - from;
                client->write("taken " + QByteArray::number(++taken) + "\r\n");
            }
            client->flush();
            QCoreApplication::processEvents();
        }
        QCOMPARE(finish(sender), 0);
        QCOMPARE(told()["state"], "done");
        QStringList lines;
        for (const QByteArray& line : all.split('\n'))
            if (!line.trimmed().isEmpty())
                lines << QString::fromLatin1(line.trimmed());
        QCOMPARE(lines, codeLines());
        QVERIFY2(most <= 80, qPrintable(QString::number(most)));
    }
};

QTEST_GUILESS_MAIN(SendingTest)
#include "sending_test.moc"
