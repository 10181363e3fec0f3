// How a program goes to a controller, without one: what waits, what answers mean, where it can be gone on.
#include "quantity/read_whole.hpp"
#include "send/sender.hpp"
#include <QtTest>

using namespace bollard;
using quantity::ProblemKind;
using send::Sender, send::SendState;

namespace {

send::Protocol shipped(const char* name) {
    const auto all = send::protocolsIn(BOLLARD_SOURCE "/protocols");
    if (all)
        for (const send::Protocol& one : *all)
            if (one.name == name)
                return one;
    return {};
}

/// A square cut twice, with a lift between.
const char* const square =
    "(a comment)\n%\nG17 G21 G90\nG0 Z5\nM3 S9000\n\nG0 X0 Y0\nG1 Z-1 F100\nX40 F600\nY30\n"
    "X0\nY0\nG0 Z5\nX50 Y0\nG1 Z-1 F100\nX90 F600\nG0 Z5\nM30\n";

send::Program programOf(const std::string& text) {
    auto program = send::programFrom(text, "square.nc");
    return program ? *program : send::Program{};
}

std::vector<std::string> linesOf(const std::string& sent) {
    std::vector<std::string> lines;
    for (const QString& line : QString::fromStdString(sent).split('\n'))
        if (!line.isEmpty())
            lines.push_back(line.toStdString());
    return lines;
}

/// Greets, and answers every line.
struct Answering {
    Sender& sender;
    std::string all{};
    size_t waiting = 0, most = 0, mostLines = 0;
    std::deque<size_t> sizes{};

    void take() {
        for (const char c : sender.take()) {
            if (c > 0 && c < 32 && c != '\n')
                continue; // a byte of its own
            all += c;
            ++waiting;
            if (c == '\n') {
                const size_t before = all.rfind('\n', all.size() - 2);
                sizes.push_back(all.size() - (before == std::string::npos ? 0 : before + 1));
                mostLines = std::max(mostLines, sizes.size());
            }
        }
        most = std::max(most, waiting);
    }
    void answer(double now) {
        take();
        if (sizes.empty())
            return;
        waiting -= sizes.front();
        sizes.pop_front();
        sender.received("ok\n", now);
        take();
    }
};

} // namespace

class SenderTest : public QObject {
    Q_OBJECT

  private slots:
    void patternsTellWhatTheirNamesStandFor() {
        const auto told = send::matched("ready {name} buffer={buffer} travel={travel}",
                                        "ready a b buffer=128 travel=1,2,3");
        QVERIFY(told);
        QCOMPARE(told->at("name"), std::string("a b"));
        QCOMPARE(told->at("buffer"), std::string("128"));
        QCOMPARE(told->at("travel"), std::string("1,2,3"));
        QVERIFY(send::matched("ok", "ok"));
        QVERIFY(!send::matched("ok", "okay") && !send::matched("ok", "") &&
                !send::matched("error {n} {t}", "error 3"));
        QVERIFY(send::matched("x{x}y{y}z{z} {state}", "x1.5y-2z0 run"));
        QVERIFY(!send::matched("broken {name", "broken it"));
    }

    void protocolsAreReadAndWhatIsWrongIsTold_data() {
        QTest::addColumn<QString>("from");
        QTest::addColumn<QString>("to");
        QTest::addColumn<QString>("told");
        QTest::newRow("no name") << "\"name\": \"plain\""
                                 << "\"name\": \"\""
                                 << "name";
        QTest::newRow("bytes") << "\"ask\": [5]"
                               << "\"ask\": [500]"
                               << "ask";
        QTest::newRow("bytes as words") << "\"hold\": [19]"
                                        << "\"hold\": \"x\""
                                        << "hold";
        QTest::newRow("no answers") << "\"good\": [\"ok\"]"
                                    << "\"good\": []"
                                    << "good";
        QTest::newRow("baud") << "115200"
                              << "-3"
                              << "baud";
        QTest::newRow("buffer") << "buffer={buffer} "
                                << ""
                                << "buffer";
        QTest::newRow("no object") << "{"
                                   << "["
                                   << "JSON";
    }
    void protocolsAreReadAndWhatIsWrongIsTold() {
        QFETCH(QString, from);
        QFETCH(QString, to);
        QFETCH(QString, told);
        const auto text = quantity::readWhole(BOLLARD_SOURCE "/protocols/plain.json");
        QVERIFY(bool(text));
        QVERIFY(bool(send::protocolFrom(*text, "plain.json")));
        QString wrong = QString::fromStdString(*text);
        const auto at = wrong.indexOf(from);
        QVERIFY(at >= 0);
        wrong.replace(at, from.size(), to);
        const auto read = send::protocolFrom(wrong.toStdString(), "plain.json");
        QVERIFY(!read);
        QVERIFY(read.problem().kind == ProblemKind::protocolBroken);
        QVERIFY2(read.problem().detail.find(told.toStdString()) != std::string::npos,
                 read.problem().detail.c_str());
    }

    void aProgramIsReadAsItIsSent() {
        const send::Program program = programOf(square);
        QCOMPARE(program.lines.size(), size_t(15));
        QCOMPARE(program.lines[0].number, 3);
        QCOMPARE(program.last, 18);
        QCOMPARE(program.span[0], 90.0);
        QCOMPARE(program.span[1], 30.0);
        QCOMPARE(program.span[2], 6.0);
        QVERIFY(!program.arcs && program.seconds() > 18 && program.seconds() < 40);
        QVERIFY(programOf("G2 X5 Y5 I5 J0 F100\n").arcs);
        QCOMPARE(programOf("G20\nG0 X1\nX2\n").span[0], 25.4);
        for (const char* none : {"hello world\n", "", "(only words)\n", "X1 Y2\n", "solid ascii\nfacet\n"}) {
            const auto read = send::programFrom(none, "x.nc");
            QVERIFY2(!read && read.problem().kind == ProblemKind::notAProgram, none);
        }
    }

    void noMoreWaitsThanTheBufferHolds() {
        for (const char* buffer : {"24", "60", "128"}) {
            Sender sender(programOf(square), shipped("plain"), {});
            Answering controller{sender};
            sender.opened(0);
            sender.received(std::string("ready it buffer=") + buffer + " travel=100,100,50 dialects=lines\n",
                            0.1);
            for (int i = 0; i < 100 && !sender.over(); ++i) {
                controller.answer(0.2 + i);
                sender.tick(0.2 + i);
            }
            QVERIFY(sender.state() == SendState::done);
            QVERIFY2(controller.most <= size_t(atoi(buffer)), qPrintable(QString::number(controller.most)));
            QVERIFY(controller.mostLines > 1);
            const send::Program program = programOf(square);
            std::vector<std::string> wanted;
            for (const auto& line : program.lines)
                wanted.push_back(line.text);
            QVERIFY(linesOf(controller.all) == wanted);
            QCOMPARE(sender.confirmed(), 15);
            QCOMPARE(sender.line(), 18);
            QVERIFY(std::fabs(sender.secondsDone() - sender.secondsAll()) < 1e-9);
        }
    }

    void nothingIsSentToAControllerThatCannot() {
        const auto refusedFor = [](const char* greeting, const char* text) {
            Sender sender(programOf(text), shipped("plain"), {});
            sender.opened(0);
            sender.received(std::string(greeting) + "\n", 0.1);
            sender.tick(0.3);
            const bool refused =
                sender.state() == SendState::refused && sender.take().empty() && sender.sent() == 0;
            return refused && sender.problem() ? sender.problem()->subject : std::string("let pass");
        };
        QCOMPARE(refusedFor("ready it buffer=128 travel=89,100,50 dialects=lines", square), std::string("x"));
        QCOMPARE(refusedFor("ready it buffer=128 travel=90,29,50 dialects=lines", square), std::string("y"));
        QCOMPARE(refusedFor("ready it buffer=128 travel=90,30,5.9 dialects=lines", square), std::string("z"));
        QCOMPARE(refusedFor("ready it buffer=128 travel=90,30,6 dialects=lines", square),
                 std::string("let pass"));
        const char* const arc = "G21\nG0 X0 Y0\nG2 X5 Y5 I5 J0 F100\n";
        QCOMPARE(refusedFor("ready it buffer=128 travel=90,30,6 dialects=lines", arc), std::string("arcs"));
        QCOMPARE(refusedFor("ready it buffer=128 travel=90,30,6 dialects=lines,arcs", arc),
                 std::string("let pass"));
        QCOMPARE(refusedFor("ready it buffer=128 travel=90,30,6 dialects=turns", square),
                 std::string("lines"));
    }

    void aGreetingIsAskedForAndASecondIsARestart() {
        Sender sender(programOf(square), shipped("plain"), {});
        sender.opened(0);
        sender.tick(0.3);
        QCOMPARE(sender.take(), std::string());
        sender.tick(0.55);
        QCOMPARE(sender.take(), std::string("\x18"));
        const std::string greeting = "ready it buffer=128 travel=100,100,50 dialects=lines\n";
        sender.received(greeting, 0.6);
        sender.received(greeting, 0.65); // the late one
        sender.tick(0.9);
        QVERIFY(sender.state() == SendState::running && sender.sent() > 1);
        sender.take();
        sender.received("ok\nok\n" + greeting, 1);
        QVERIFY(sender.state() == SendState::restart);
        QCOMPARE(sender.take(), std::string("\x13\x18"));
        QCOMPARE(sender.confirmed(), 2);
        QCOMPARE(sender.line(), 4);
        QCOMPARE(sender.problem()->subject, std::string("4"));
    }

    void aGreetingThatComesTwiceIsNoRestart() {
        Sender sender(programOf(square), shipped("plain"), {});
        sender.opened(0);
        const std::string greeting = "ready it buffer=128 travel=100,100,50 dialects=lines\n";
        sender.received(greeting, 0.01); // of the one before, who cancelled
        sender.tick(0.1);
        QVERIFY(sender.state() == SendState::greeting && sender.take().empty());
        sender.received(greeting, 0.2);
        sender.tick(0.5);
        QVERIFY(sender.state() == SendState::running && sender.sent() > 1);
    }

    void silenceIsAFaultButNotWhileItHolds() {
        Sender sender(programOf(square), shipped("plain"), {0, 3});
        sender.opened(0);
        sender.received("ready it buffer=128 travel=100,100,50 dialects=lines\n", 0.1);
        sender.tick(0.5);
        sender.take();
        sender.hold(1);
        QCOMPARE(sender.take(), std::string("\x13"));
        for (double now = 1; now < 20; now += 0.1)
            sender.tick(now);
        QVERIFY(sender.state() == SendState::holding);
        sender.resume(20);
        // As long as it moves it is not silent; noise is nothing.
        for (double now = 20; now < 26; now += 0.1) {
            sender.tick(now);
            sender.received("at " + std::to_string(now) + " 0 0 state=run line=1\n", now);
        }
        QVERIFY(sender.state() == SendState::running);
        QVERIFY(sender.position() && (*sender.position())[0] > 25);
        for (double now = 26; now < 30 && !sender.over(); now += 0.1) {
            sender.tick(now);
            sender.received("at 26 0 0 state=idle line=1\nnoise\n", now);
        }
        QVERIFY(sender.state() == SendState::lost);
        QVERIFY(sender.problem()->kind == ProblemKind::deviceSilent);
    }

    void whereItIsIsAskedTwiceASecond() {
        Sender sender(programOf(square), shipped("plain"), {});
        sender.opened(0);
        sender.received("ready it buffer=20 travel=100,100,50 dialects=lines\n", 0.1);
        int asked = 0;
        for (double now = 0.1; now < 5; now += 0.05) {
            sender.tick(now);
            for (const char c : sender.take())
                asked += c == 5;
        }
        QVERIFY2(asked >= 9 && asked < 30, qPrintable(QString::number(asked)));
    }

    void aSafeLineIsFoundAndWhatHoldsThereIsSet() {
        const send::Program program = programOf(square);
        // Within the first cut: from its start; the line goes down from the clearance.
        const send::Resumption first = send::resumptionAt(program, 11);
        QCOMPARE(first.line, 8);
        QCOMPARE(first.before[0], std::string("G17 G21 G90 G40 G49 G94"));
        QCOMPARE(first.before[1], std::string("M3 S9000"));
        QCOMPARE(first.before[2], std::string("G0 Z5"));
        QCOMPARE(first.before[3], std::string("G0 X0 Y0"));
        const send::Resumption second = send::resumptionAt(program, 16);
        QCOMPARE(second.line, 15);
        QCOMPARE(second.before[3], std::string("G0 X50 Y0"));
        QCOMPARE(send::resumptionAt(program, 14).line, 14);
        QCOMPARE(send::resumptionAt(program, 1).line, 3);
        QVERIFY(send::resumptionAt(program, 1).before.empty());
        // Sent: those before do not count, and its first line is known.
        Sender sender(program, shipped("plain"), {16, 10});
        Answering controller{sender};
        sender.opened(0);
        sender.received("ready it buffer=128 travel=100,100,50 dialects=lines\n", 0.1);
        sender.tick(0.5);
        for (int i = 0; i < 40 && !sender.over(); ++i)
            controller.answer(0.6);
        QVERIFY(sender.state() == SendState::done);
        QCOMPARE(sender.confirmed(), 4);
        QCOMPARE(sender.from(), 15);
        const std::vector<std::string> lines = linesOf(controller.all);
        QCOMPARE(lines.size(), second.before.size() + 4);
        QCOMPARE(lines[second.before.size()], std::string("G1 Z-1 F100"));
    }

    void feedByTimeIsSetAgain() {
        const send::Program program =
            programOf("G21 G90\nG0 Z5\nG0 X0 Y0 A0\nG93\nG1 Z-1 F100\nG1 A90 F20\nG1 Z5 F30\n"
                      "G0 A180\nG1 Z-1 F100\nA270 F20\nG0 Z5\nG94\nM30\n");
        const send::Resumption there = send::resumptionAt(program, 10);
        QCOMPARE(there.line, 9);
        QVERIFY(std::ranges::find(there.before, "G0 X0 Y0 A180") != there.before.end());
        QVERIFY(std::ranges::find(there.before, "G93") != there.before.end());
    }
};

QTEST_APPLESS_MAIN(SenderTest)
#include "sender_test.moc"
