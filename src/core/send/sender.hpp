// A program on its way to a controller: what is sent when, and what its answers mean. No device and no clock
// of its own.
#pragma once
#include "send/controller_lines.hpp"
#include "send/protocol.hpp"
#include <array>
#include <deque>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace bollard::send {

/// A program as it is sent.
struct Program {
    struct Line {
        int number = 0; ///< of the file, from 1
        std::string text{};
        double seconds = 0; ///< from the start to its end, as it is told by lengths and feeds
    };
    std::vector<Line> lines{};    ///< without blank ones and those of comments only
    std::array<double, 3> span{}; ///< of all places it goes to, mm
    bool arcs = false;
    int last = 0; ///< the file's last line
    double seconds() const { return lines.empty() ? 0 : lines.back().seconds; }
};
/// notAProgram for what is no G-code.
quantity::Result<Program> programFrom(const std::string& text, const std::string& file);

/// Where a program can be gone on with.
struct Resumption {
    int line = 1;                      ///< of the file; the first that is sent
    std::vector<std::string> before{}; ///< lines that set all that holds there, the first going straight up
};
/// The last line not after `line` before which the tool is at the clearance; from the start where there is
/// none. The same as the whole for line 1 or less.
Resumption resumptionAt(const Program& program, int line);

enum class SendState {
    greeting, ///< waits for the controller to tell what it is
    running,
    holding,
    done,
    refused, ///< before any line was sent
    error,   ///< of these nothing more is sent
    restart,
    lost,
    stopped
};
std::string_view nameOf(SendState state);

struct SendChoices {
    int from = 0;        ///< line of the file to go on at; 0: all
    double timeout = 10; ///< seconds of silence
};

class Sender {
  public:
    Sender(Program program, Protocol protocol, SendChoices choices);

    // What happens; `now` in seconds from any start.
    void opened(double now);
    void received(std::string_view bytes, double now);
    void closed(double now);
    void tick(double now); ///< at least ten times a second
    void hold(double now);
    void resume(double now);
    void stop(double now); ///< holds first, then cancels

    /// What is to be written now.
    std::string take() { return std::exchange(out_, {}); }

    SendState state() const { return state_; }
    bool over() const {
        return state_ != SendState::greeting && state_ != SendState::running && state_ != SendState::holding;
    }
    /// Why it is over, where it did not go well.
    const std::optional<quantity::Problem>& problem() const { return problem_; }
    int sent() const { return int(next_); } ///< lines of the program
    int confirmed() const { return int(confirmed_); }
    int line() const { return line_; } ///< of the file, the last confirmed; 0: none
    int from() const { return choices_.from > 0 ? resumption_.line : 1; } ///< of the file
    int count() const { return int(program_.lines.size() - first_); }
    /// Seconds of the program that are confirmed, and all.
    double secondsDone() const;
    double secondsAll() const;
    const std::string& controller() const { return name_; } ///< what it calls itself
    /// Where it says the tool is, mm, from the machine's zero.
    const std::optional<std::array<double, 3>>& position() const { return position_; }

  private:
    void understood(const std::string& line, double now);
    void greeted(const std::map<std::string, std::string>& told, double now);
    void good(double now);
    void fill(double now);
    void end(SendState state, quantity::Problem problem);

    Program program_;
    Protocol protocol_;
    SendChoices choices_;
    Resumption resumption_{};
    size_t first_ = 0;                             ///< of the program's lines
    std::deque<std::pair<size_t, int>> waiting_{}; ///< unanswered: characters, and line of the file or 0
    size_t waitingSize_ = 0;
    size_t before_ = 0, next_ = 0, confirmed_ = 0; ///< of the resumption's lines, of the program's
    int line_ = 0;
    SendState state_ = SendState::greeting;
    bool asked_ = false, learnt_ = false, held_ = false;
    double learntAt_ = 0, openedAt_ = 0, heardAt_ = 0, askedPositionAt_ = -1;
    size_t buffer_ = 0;
    std::string name_{}, in_{}, out_{}, lastPosition_{};
    std::optional<std::array<double, 3>> position_{};
    std::optional<quantity::Problem> problem_{};
};

} // namespace bollard::send
