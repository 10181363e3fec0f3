#include "cli/command.hpp"
#include "sending/link.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>
#include <QSocketNotifier>
#include <csignal>
#include <iostream>
#include <nlohmann/json.hpp>
#include <unistd.h>

namespace bollard::cli {
namespace {

using quantity::Problem, quantity::ProblemKind;

int signalled[2] = {-1, -1}; // where a signal writes, and where the event loop reads it

/// Lines of standard input, as they are typed; false at its end.
bool obey(sending::Link& link, std::string& typed) {
    std::array<char, 256> bytes;
    const ssize_t count = ::read(STDIN_FILENO, bytes.data(), bytes.size());
    for (ssize_t i = 0; i < count; ++i) {
        if (bytes[size_t(i)] != '\n') {
            typed += bytes[size_t(i)];
            continue;
        }
        const std::string word = std::exchange(typed, {});
        if (word == "hold")
            link.hold();
        else if (word == "resume")
            link.resume();
        else if (word == "stop")
            link.stop();
        else if (!word.empty())
            std::cerr << "hold, resume or stop" << std::endl;
    }
    return count > 0;
}

int codeOf(send::SendState state) {
    return state == send::SendState::done      ? done
           : state == send::SendState::refused ? stopFinding
                                               : notWritten;
}

int sendProgram(const Arguments& arguments) {
    const auto text = files::readWhole(arguments.program);
    if (!text)
        return complain(text.problem(), "", unreadable);
    auto program = send::programFrom(*text, arguments.program);
    if (!program)
        return complain(program.problem(), "", unreadable);
    if (arguments.fromLine < 0 || arguments.fromLine > program->last)
        return complain(
            {ProblemKind::lineMissing, std::to_string(arguments.fromLine), std::to_string(program->last)}, "",
            unreadable);
    const auto all = sending::protocols();
    if (!all)
        return complain(all.problem(), "", unreadable);
    const auto protocol = std::ranges::find(*all, arguments.protocol, &send::Protocol::name);
    if (protocol == all->end()) {
        std::string names;
        for (const send::Protocol& one : *all)
            names += (names.empty() ? "" : ", ") + one.name;
        return complain({ProblemKind::protocolUnknown, arguments.protocol, names}, "", unreadable);
    }
    sending::Link link(*std::move(program), *protocol, {arguments.fromLine, arguments.timeout});
    QEventLoop loop;
    QObject::connect(&link, &sending::Link::over, &loop, &QEventLoop::quit);
    if (const auto opened = link.open(QString::fromStdString(arguments.device)); !opened)
        return complain(opened.problem(), "", unreadable);
    QSocketNotifier input(STDIN_FILENO, QSocketNotifier::Read);
    std::string typed;
    QObject::connect(&input, &QSocketNotifier::activated, &loop, [&] {
        if (!obey(link, typed))
            input.setEnabled(false); // closed; it goes on without
    });
    if (pipe(signalled) == 0)
        for (const int signal : {SIGINT, SIGTERM})
            std::signal(signal, [](int) {
                const char one = 1;
                (void)!::write(signalled[1], &one, 1);
            });
    QSocketNotifier interrupts(signalled[0], QSocketNotifier::Read);
    QObject::connect(&interrupts, &QSocketNotifier::activated, &loop, [&] { link.stop(); });
    loop.exec();
    const send::Sender& sender = link.sender();
    if (sender.problem())
        complain(*sender.problem(), "", 0);
    else if (sender.state() == send::SendState::stopped)
        std::cerr << "Stopped. The last line it confirmed is " << sender.line() << "." << std::endl;
    if (arguments.json)
        std::cout << nlohmann::ordered_json{{"state", send::nameOf(sender.state())},
                                            {"sent", sender.sent()},
                                            {"confirmed", sender.confirmed()},
                                            {"line", sender.line()},
                                            {"from", sender.from()},
                                            {"controller", sender.controller()}}
                         .dump()
                  << std::endl;
    else if (sender.state() == send::SendState::done)
        std::cout << "Sent: " << sender.confirmed() << " lines, all confirmed." << std::endl;
    return codeOf(sender.state());
}

} // namespace

Command sendCommand() {
    return {
        "send",
        "Send a program to a controller. Exit 1 when it is refused before it starts, 2 when there is no such "
        "program, protocol or device, 3 when it did not get through. Takes hold, resume and stop on standard "
        "input.",
        {"program", "to", "protocol", "fromLine", "timeout", "json"},
        sendProgram};
}

} // namespace bollard::cli
