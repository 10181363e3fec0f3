#include "send/sender.hpp"
#include "quantity/quantity.hpp"
#include <algorithm>
#include <charconv>
#include <cmath>

namespace bollard::send {

using quantity::Problem, quantity::ProblemKind, quantity::Result;

namespace {

std::vector<std::string> partsOf(const std::string& text, char between) {
    std::vector<std::string> parts;
    for (size_t from = 0; from <= text.size();) {
        const size_t end = std::min(text.find(between, from), text.size());
        parts.push_back(text.substr(from, end - from));
        from = end + 1;
    }
    return parts;
}

std::optional<double> numberIn(const std::string& text) {
    double value = 0;
    const auto [end, wrong] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (wrong != std::errc() || end != text.data() + text.size() || !std::isfinite(value))
        return std::nullopt;
    return value;
}

std::string text(double value) {
    return quantity::roundedText(value, 4);
}

} // namespace

Result<Program> programFrom(const std::string& text, const std::string& file) {
    Program program;
    Modal modal;
    std::array<double, 3> low{1e18, 1e18, 1e18}, high{-1e18, -1e18, -1e18};
    bool anyCode = false;
    int number = 0;
    for (const std::string& raw : partsOf(text, '\n')) {
        ++number;
        const std::string bare = bareLine(raw);
        if (bare.empty())
            continue;
        Modal::Way way;
        if (!modal.take(bare, way)) {
            std::string shown = raw.substr(0, 40);
            std::erase_if(shown, [](char c) { return c >= 0 && c < ' '; });
            return Problem{ProblemKind::notAProgram, file, shown, number};
        }
        anyCode = anyCode || bare.find_first_of("GM") != std::string::npos;
        program.arcs = program.arcs || (way.arc && way.moves);
        for (size_t i = 0; i < 3; ++i)
            if (modal.known[i]) {
                low[i] = std::min(low[i], modal.at[i]);
                high[i] = std::max(high[i], modal.at[i]);
            }
        std::string line = raw;
        while (!line.empty() && (line.back() == '\r' || line.back() == ' '))
            line.pop_back();
        program.lines.push_back({number, line, program.seconds() + way.seconds});
    }
    program.last = text.empty() ? 0 : number - (text.back() == '\n' ? 1 : 0);
    if (!anyCode)
        return Problem{ProblemKind::notAProgram, file, "there is no line of it", 0};
    for (size_t i = 0; i < 3; ++i)
        program.span[i] = std::max(0.0, high[i] - low[i]);
    return program;
}

Resumption resumptionAt(const Program& program, int line) {
    // The clearance is as low as the tool goes sideways in the air.
    Modal modal;
    Modal::Way way;
    double clearance = 1e18;
    for (const Program::Line& one : program.lines) {
        const Modal before = modal;
        modal.take(bareLine(one.text), way);
        if (way.moves && way.rapid && way.level && before.known[2])
            clearance = std::min(clearance, std::min(before.at[2], modal.at[2]));
    }
    Resumption resumption;
    if (program.lines.empty())
        return resumption;
    resumption.line = program.lines.front().number;
    modal = {};
    Modal there;
    bool found = false;
    for (const Program::Line& one : program.lines) {
        if (one.number > line)
            break;
        constexpr double hair = 1e-9;
        if (modal.known[2] && modal.at[2] >= clearance - hair) {
            resumption.line = one.number;
            there = modal;
            found = true;
        }
        modal.take(bareLine(one.text), way);
    }
    if (!found)
        return resumption;
    const double unit = there.inches ? 25.4 : 1;
    resumption.before.push_back("G" + std::to_string(there.plane) + (there.inches ? " G20" : " G21") +
                                " G90 G40 G49 G94");
    if (there.spindle != 5)
        resumption.before.push_back("M" + std::to_string(there.spindle) + " S" + text(there.speed));
    if (there.coolant)
        resumption.before.push_back("M8");
    resumption.before.push_back("G0 Z" + text(there.at[2] / unit));
    std::string place;
    for (size_t i = 0; i < 2; ++i)
        if (there.known[i])
            place += std::string(" ") + "XY"[i] + text(there.at[i] / unit);
    for (size_t i = 0; i < 3; ++i)
        if (there.knownTurned[i])
            place += std::string(" ") + "ABC"[i] + text(there.turned[i]);
    if (!place.empty())
        resumption.before.push_back("G0" + place);
    if (there.relative)
        resumption.before.push_back("G91");
    if (there.perTime)
        resumption.before.push_back("G93");
    if (there.motion != 0)
        resumption.before.push_back("G1" + (there.feed > 0 ? " F" + text(there.feed) : std::string()));
    else if (there.feed > 0)
        resumption.before.push_back("F" + text(there.feed));
    return resumption;
}

std::string_view nameOf(SendState state) {
    constexpr std::array<std::string_view, 9> names{"greeting", "running", "holding", "done",   "refused",
                                                    "error",    "restart", "lost",    "stopped"};
    return names[size_t(state)];
}

Sender::Sender(Program program, Protocol protocol, SendChoices choices)
    : program_(std::move(program)), protocol_(std::move(protocol)), choices_(choices) {
    resumption_.line = program_.lines.empty() ? 1 : program_.lines.front().number;
    if (choices_.from > 0)
        resumption_ = resumptionAt(program_, choices_.from);
    while (first_ < program_.lines.size() && program_.lines[first_].number < resumption_.line)
        ++first_;
}

double Sender::secondsAll() const {
    return program_.seconds();
}

double Sender::secondsDone() const {
    const size_t done = first_ + confirmed_;
    return done == 0 ? 0 : program_.lines[done - 1].seconds;
}

void Sender::opened(double now) {
    openedAt_ = heardAt_ = now;
}

void Sender::received(std::string_view bytes, double now) {
    for (const char c : bytes) {
        if (c != '\n' && c != '\r') {
            constexpr size_t most = 4096; // no answer is so long
            if (in_.size() < most)
                in_ += c;
            continue;
        }
        const std::string line = std::exchange(in_, {});
        if (!line.empty() && !over())
            understood(line, now);
    }
    fill(now);
}

void Sender::understood(const std::string& line, double now) {
    if (const auto told = matched(protocol_.greeting, line)) {
        heardAt_ = now;
        // Before the first line it may come more than once: late, and asked for.
        if (before_ + next_ > 0)
            return end(SendState::restart, {ProblemKind::deviceRestarted, std::to_string(line_)});
        return greeted(*told, now);
    }
    if (const auto told = matched(protocol_.position, line)) {
        // An idle machine that never gets on is as good as silent.
        if (line != lastPosition_)
            heardAt_ = now;
        lastPosition_ = line;
        const auto of = [&](const char* name) {
            const auto at = told->find(name);
            return at == told->end() ? std::nullopt : numberIn(at->second);
        };
        const auto x = of("x"), y = of("y"), z = of("z");
        if (x && y && z)
            position_ = {*x, *y, *z};
        const auto state = told->find("state");
        if (state != told->end() && (state->second == "run" || state->second == "hold"))
            heardAt_ = now;
        return;
    }
    for (const std::string& pattern : protocol_.good)
        if (matched(pattern, line)) {
            heardAt_ = now;
            return good(now);
        }
    for (const std::string& pattern : protocol_.bad)
        if (const auto told = matched(pattern, line)) {
            const auto words = told->find("text");
            Problem problem{ProblemKind::deviceError, std::to_string(line_),
                            words == told->end() ? line : words->second};
            return end(SendState::error, std::move(problem));
        }
}

void Sender::greeted(const std::map<std::string, std::string>& told, double now) {
    const auto of = [&](const char* name) {
        const auto at = told.find(name);
        return at == told.end() ? std::string() : at->second;
    };
    name_ = of("name");
    const auto buffer = numberIn(of("buffer"));
    buffer_ = buffer && *buffer >= 1 ? size_t(*buffer) : size_t(std::max(protocol_.buffer, 1));
    const std::vector<std::string> travel = partsOf(of("travel"), ',');
    for (size_t i = 0; i < 3 && i < travel.size(); ++i)
        if (const auto most = numberIn(travel[i]); most && *most > 0 && program_.span[i] > *most + 1e-6)
            return end(SendState::refused, {ProblemKind::deviceTravel, std::string(1, "xyz"[i]),
                                            quantity::roundedText(program_.span[i], 1) + " > " +
                                                quantity::roundedText(*most, 1)});
    if (const std::string dialects = of("dialects"); !dialects.empty()) {
        const std::vector<std::string> all = partsOf(dialects, ',');
        const auto takes = [&](const char* name) { return std::ranges::find(all, name) != all.end(); };
        const bool fine = takes("arcs") || (!program_.arcs && takes("lines"));
        if (!fine)
            return end(SendState::refused,
                       {ProblemKind::deviceDialect, program_.arcs ? "arcs" : "lines", dialects});
    }
    for (const Program::Line& line : program_.lines)
        if (line.text.size() + protocol_.lineEnd.size() > buffer_)
            return end(SendState::refused, {ProblemKind::notAProgram, name_,
                                            "it is longer than the controller's buffer", line.number});
    learnt_ = true;
    learntAt_ = now;
}

void Sender::good(double now) {
    if (waiting_.empty())
        return;
    const auto [size, line] = waiting_.front();
    waiting_.pop_front();
    waitingSize_ -= size;
    if (line > 0) {
        line_ = line;
        ++confirmed_;
    }
    if (first_ + confirmed_ == program_.lines.size())
        state_ = SendState::done;
    (void)now;
}

void Sender::fill(double now) {
    // A greeting may come twice: one that was asked for by whoever was there before, late, or of its own.
    constexpr double settling = 0.25;
    if (state_ == SendState::greeting && learnt_ && now - learntAt_ >= settling) {
        state_ = SendState::running;
        heardAt_ = now;
    }
    if (state_ != SendState::running)
        return;
    while (true) {
        const bool first = before_ < resumption_.before.size();
        if (!first && first_ + next_ >= program_.lines.size())
            break;
        const std::string text =
            (first ? resumption_.before[before_] : program_.lines[first_ + next_].text) + protocol_.lineEnd;
        if (waitingSize_ + text.size() > buffer_)
            break;
        out_ += text;
        waitingSize_ += text.size();
        waiting_.emplace_back(text.size(), first ? 0 : program_.lines[first_ + next_].number);
        ++(first ? before_ : next_);
    }
}

void Sender::tick(double now) {
    if (over())
        return;
    constexpr double patience = 0.5, interval = 0.25; // seconds
    if (state_ == SendState::greeting && !learnt_ && !asked_ && now - openedAt_ >= patience) {
        asked_ = true;
        out_ += protocol_.cancel;
    }
    if (state_ != SendState::greeting && now - askedPositionAt_ >= interval) {
        askedPositionAt_ = now;
        out_ += protocol_.ask;
    }
    const bool waits = state_ == SendState::greeting ? !learnt_ : !waiting_.empty();
    if (state_ == SendState::holding || !waits)
        heardAt_ = now;
    if (now - heardAt_ >= choices_.timeout)
        return end(SendState::lost, {ProblemKind::deviceSilent, std::to_string(line_)});
    fill(now);
}

void Sender::hold(double now) {
    if (state_ != SendState::running)
        return;
    state_ = SendState::holding;
    out_ += protocol_.hold;
    heardAt_ = now;
}

void Sender::resume(double now) {
    if (state_ != SendState::holding)
        return;
    state_ = SendState::running;
    out_ += protocol_.resume;
    heardAt_ = now;
    fill(now);
}

void Sender::stop(double) {
    if (over())
        return;
    out_ += protocol_.hold + protocol_.cancel;
    state_ = SendState::stopped;
}

void Sender::closed(double) {
    if (over())
        return;
    out_.clear();
    state_ = SendState::lost;
    problem_ = Problem{ProblemKind::deviceLost, std::to_string(line_)};
}

void Sender::end(SendState state, Problem problem) {
    out_.clear();
    if (state != SendState::refused)
        out_ = protocol_.hold + protocol_.cancel;
    state_ = state;
    problem_ = std::move(problem);
}

} // namespace bollard::send
