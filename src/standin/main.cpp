// bollard-standin: a controller that is not there. It takes G-code at a terminal of its own, keeps a buffer,
// plans moves in time, and does wrong what it is asked to.
#include "send/controller_lines.hpp"
#include <CLI/CLI.hpp>
#include <chrono>
#include <clocale>
#include <csignal>
#include <cstdio>
#include <cstdlib>
#include <deque>
#include <fcntl.h>
#include <filesystem>
#include <fstream>
#include <iostream>
#include <nlohmann/json.hpp>
#include <poll.h>
#include <stdexcept>
#include <termios.h>
#include <unistd.h>

namespace {

using namespace bollard;

volatile std::sig_atomic_t ended = 0;

constexpr int bufferSize = 128;
constexpr size_t planned = 16;    // moves that are planned ahead
constexpr double pace = 200;      // so many times as fast as a machine
constexpr double slowLine = 0.02; // seconds more for each line where it is slow
enum Code : char { ask = 5, resume = 17, hold = 19, cancel = 24 };

/// What goes wrong, and at which line of G-code, from 1.
struct Fault {
    std::string kind{};
    int line = 0;

    bool is(std::string_view what) const { return kind == what; }
    bool at(std::string_view what, int which) const { return kind == what && line == which; }
};

std::optional<Fault> faultFrom(const std::string& text) {
    const size_t colon = text.find(':');
    Fault fault{text.substr(0, colon), 0};
    const bool counts = fault.is("error") || fault.is("restart") || fault.is("silent") || fault.is("unplug");
    if (!counts && !fault.is("slow") && !fault.is("garbage"))
        return std::nullopt;
    if (counts != (colon != std::string::npos))
        return std::nullopt;
    if (counts) {
        char* end = nullptr;
        const long line = std::strtol(text.c_str() + colon + 1, &end, 10);
        if (*end != '\0' || line < 1 || line > 100000000)
            return std::nullopt;
        fault.line = int(line);
    }
    return fault;
}

std::optional<std::array<double, 3>> travelFrom(const std::string& text) {
    std::array<double, 3> travel{};
    const char* at = text.c_str();
    for (size_t i = 0; i < 3; ++i) {
        char* end = nullptr;
        travel[i] = std::strtod(at, &end);
        if (end == at || !(travel[i] > 0) || *end != (i < 2 ? ',' : '\0'))
            return std::nullopt;
        at = end + 1;
    }
    return travel;
}

/// A move on its way.
struct Block {
    std::array<double, 3> from{}, to{};
    double seconds = 0, done = 0;
    int line = 0;
};

class Standin {
  public:
    Standin(int terminal, Fault fault, std::array<double, 3> travel, std::ofstream* trace)
        : terminal_(terminal), fault_(std::move(fault)), travel_(travel), trace_(trace) {}

    /// Until it is ended, or its terminal is closed.
    void run() {
        greet();
        bool open = true;
        while (!ended && !unplugged_) {
            pollfd watched{terminal_, POLLIN, 0};
            constexpr int moment = 2; // ms
            poll(&watched, 1, moment);
            const bool isOpen = !(watched.revents & POLLHUP);
            if (isOpen && !open) { // someone else is there
                forget();
                greet();
            }
            open = isOpen;
            if (watched.revents & POLLIN) {
                std::array<char, 4096> bytes;
                const ssize_t count = read(terminal_, bytes.data(), bytes.size());
                for (ssize_t i = 0; i < count && !unplugged_; ++i)
                    take(bytes[size_t(i)]);
            } else if (!isOpen) {
                usleep(moment * 1000);
            }
            goOn();
        }
    }

  private:
    double now() const {
        return std::chrono::duration<double>(std::chrono::steady_clock::now() - start_).count();
    }

    void say(const std::string& line) {
        if (silent_)
            return;
        const std::string whole = line + "\n";
        for (size_t written = 0; written < whole.size() && !ended;) {
            const ssize_t count = write(terminal_, whole.data() + written, whole.size() - written);
            if (count < 0 && errno != EAGAIN && errno != EINTR)
                return; // no one is there
            if (count > 0)
                written += size_t(count);
            else
                usleep(1000);
        }
    }

    void note(const char* what, const std::string& text = {}) {
        if (!trace_)
            return;
        *trace_ << nlohmann::ordered_json{{"at", std::round(now() * 1e4) / 1e4},
                                          {"what", what},
                                          {"text", text}}
                       .dump(-1, ' ', false, nlohmann::ordered_json::error_handler_t::replace)
                << std::endl;
    }

    static std::string text(double value) {
        std::array<char, 40> digits;
        std::snprintf(digits.data(), digits.size(), "%.3f", value == 0 ? 0.0 : value);
        return digits.data();
    }

    void greet() {
        say("ready standin buffer=" + std::to_string(bufferSize) + " travel=" + text(travel_[0]) + "," +
            text(travel_[1]) + "," + text(travel_[2]) + " dialects=lines,arcs");
    }

    void forget() {
        line_.clear();
        lines_.clear();
        blocks_.clear();
        waitingSize_ = 0;
        held_ = false;
        modal_ = {};
        low_ = high_ = {};
        here_ = {};
    }

    void take(char c) {
        switch (c) {
        case ask:
            note("status");
            return say("at " + text(here_[0]) + " " + text(here_[1]) + " " + text(here_[2]) +
                       " state=" + state() + " line=" + std::to_string(doneLine_));
        case hold:
            note("hold");
            held_ = true;
            return;
        case resume:
            note("resume");
            held_ = false;
            return;
        case cancel: {
            note("cancel");
            const std::array<double, 3> here = here_;
            forget();
            here_ = here;
            stopped_ = true;
            return greet();
        }
        default:
            break;
        }
        if (c != '\n') {
            ++waitingSize_;
            line_ += c;
            overrun_ = overrun_ || waitingSize_ > bufferSize;
            return;
        }
        ++waitingSize_;
        overrun_ = overrun_ || waitingSize_ > bufferSize;
        if (!line_.empty() && line_.back() == '\r')
            line_.pop_back();
        stopped_ = false;
        note("line", line_);
        lines_.push_back(std::exchange(line_, {}));
    }

    const char* state() const {
        return held_ ? "hold" : stopped_ ? "stopped" : blocks_.empty() && lines_.empty() ? "idle" : "run";
    }

    /// Moves go on, and lines are answered as long as there is room to plan them.
    void goOn() {
        const double at = now(), passed = std::exchange(last_, at);
        double left = held_ ? 0 : (at - passed) * pace;
        while (!blocks_.empty() && left > 0) {
            Block& block = blocks_.front();
            const double step = std::min(left, block.seconds - block.done);
            block.done += step;
            left -= step;
            const double share = block.seconds > 0 ? block.done / block.seconds : 1;
            for (size_t i = 0; i < 3; ++i)
                here_[i] = block.from[i] + share * (block.to[i] - block.from[i]);
            if (block.done >= block.seconds) {
                doneLine_ = block.line;
                blocks_.pop_front();
            }
        }
        while (!lines_.empty() && blocks_.size() < planned && !held_ && !unplugged_) {
            if (fault_.is("slow") && at < nextAnswer_)
                break;
            nextAnswer_ = at + slowLine;
            const std::string line = std::move(lines_.front());
            lines_.pop_front();
            waitingSize_ -= std::min(waitingSize_, line.size() + 1);
            answer(line);
        }
    }

    void answer(const std::string& line) {
        const std::string bare = send::bareLine(line);
        if (overrun_) {
            overrun_ = false;
            return say("error 4 more than the buffer holds");
        }
        if (bare.empty())
            return say("ok");
        ++count_;
        if (fault_.is("garbage") && count_ % 3 == 1)
            say(count_ % 2 ? "#~ noise on the line 0x7f" : "okay? ready to rumble");
        if (fault_.at("unplug", count_)) {
            unplugged_ = true;
            return;
        }
        if (fault_.at("silent", count_))
            silent_ = true;
        if (fault_.at("error", count_))
            return say("error 9 asked for");
        if (fault_.at("restart", count_)) {
            forget();
            return greet();
        }
        const send::Modal before = modal_;
        send::Modal::Way way;
        if (!modal_.take(bare, way))
            return say("error 1 not understood");
        for (size_t i = 0; i < 3; ++i) {
            if (!modal_.known[i])
                continue;
            low_[i] = before.known[i] ? std::min(low_[i], modal_.at[i]) : modal_.at[i];
            high_[i] = before.known[i] ? std::max(high_[i], modal_.at[i]) : modal_.at[i];
            if (high_[i] - low_[i] > travel_[i] + 1e-6) {
                modal_ = before;
                return say(std::string("error 2 beyond the travel of ") + "xyz"[i]);
            }
        }
        blocks_.push_back({before.at, modal_.at, way.seconds, 0, count_});
        say("ok");
    }

    int terminal_;
    Fault fault_;
    std::array<double, 3> travel_;
    std::ofstream* trace_;
    std::chrono::steady_clock::time_point start_ = std::chrono::steady_clock::now();
    std::string line_{};
    std::deque<std::string> lines_{};
    std::deque<Block> blocks_{};
    size_t waitingSize_ = 0; ///< characters that came and were not answered
    send::Modal modal_{};
    std::array<double, 3> here_{}, low_{}, high_{};
    int count_ = 0, doneLine_ = 0;
    bool held_ = false, stopped_ = false, silent_ = false, unplugged_ = false, overrun_ = false;
    double last_ = 0, nextAnswer_ = 0;
};

int run(int argc, char** argv) {
    CLI::App app{"A controller that is not there: takes G-code at a terminal of its own."};
    app.set_version_flag("--version", "bollard-standin " BOLLARD_VERSION);
    std::string path, trace, faultText, travelText = "600,400,90";
    app.add_option("--pty", path, "Where the link to its terminal is made; removed at its end")->required();
    app.add_option("--trace", trace, "File to tell in what it does, a JSON object a line");
    app.add_option("--fault", faultText,
                   "slow | garbage | error:N | restart:N | silent:N | unplug:N, at line N");
    app.add_option("--travel", travelText, "How far it reaches, X,Y,Z in mm")->capture_default_str();
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        return app.exit(error) == 0 ? 0 : 2;
    }
    std::optional<Fault> fault = faultText.empty() ? Fault{} : faultFrom(faultText);
    if (!fault) {
        std::cerr << "There is no fault “" << faultText
                  << "”: slow, garbage, or error:N, restart:N, silent:N, unplug:N." << std::endl;
        return 2;
    }
    const auto travel = travelFrom(travelText);
    if (!travel) {
        std::cerr << "The travel is three lengths above 0: X,Y,Z." << std::endl;
        return 2;
    }
    const auto fail = [](const std::string& what) {
        std::cerr << what << std::endl;
        return 3;
    };
    std::ofstream told;
    if (!trace.empty()) {
        told.open(trace, std::ios::trunc);
        if (!told)
            return fail("“" + trace + "” cannot be written.");
    }
    const int terminal = posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK);
    if (terminal < 0 || grantpt(terminal) != 0 || unlockpt(terminal) != 0)
        return fail("There is no terminal to be had.");
    termios raw{};
    tcgetattr(terminal, &raw);
    cfmakeraw(&raw);
    tcsetattr(terminal, TCSANOW, &raw);
    std::error_code problem;
    if (std::filesystem::is_symlink(path, problem))
        std::filesystem::remove(path, problem);
    std::filesystem::create_symlink(ptsname(terminal), path, problem);
    if (problem)
        return fail("“" + path + "” cannot be made (" + problem.message() + ").");
    for (const int signal : {SIGTERM, SIGINT, SIGHUP})
        std::signal(signal, [](int) { ended = 1; });
    std::signal(SIGPIPE, SIG_IGN);
    Standin(terminal, *std::move(fault), *travel, trace.empty() ? nullptr : &told).run();
    std::filesystem::remove(path, problem);
    close(terminal);
    return 0;
}

} // namespace

int main(int argc, char** argv) {
    std::setlocale(LC_NUMERIC, "C");
    try {
        return run(argc, argv);
    } catch (const std::exception& error) {
        std::cerr << error.what() << std::endl;
        return 2;
    }
}
