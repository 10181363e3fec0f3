#include "cut/gcode.hpp"
#include "cut/chains.hpp"
#include "plane/arc_fit.hpp"
#include <charconv>

namespace bollard::cut {
namespace {

constexpr double mmPerInch = 25.4;

/// Only what can never become a move.
std::string plain(const std::string& text) {
    std::string out;
    for (const char c : text) {
        const bool fine = (c >= '0' && c <= '9') || (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z');
        if (fine)
            out += c;
        else if (!out.empty() && out.back() != ' ')
            out += ' ';
    }
    constexpr size_t most = 80;
    return out.substr(0, most);
}

std::string filled(std::string words, std::string_view name, const std::string& value) {
    const std::string place = "{" + std::string(name) + "}";
    for (size_t at = words.find(place); at != std::string::npos; at = words.find(place))
        words.replace(at, place.size(), value);
    return words;
}

/// Numbers of the axes from the machine's zero: x, y, z, mm, and of one that turns, degrees.
using Words = std::array<double, 4>;

class Writer {
  public:
    Writer(const Cutting& cutting, const Dialect& dialect)
        : cutting_(cutting), dialect_(dialect), scale_(dialect.inches ? 1 / mmPerInch : 1),
          steps_(std::pow(10, dialect.decimals + (dialect.inches ? 1 : 0))) {}

    std::string take() { return std::move(out_); }

    Words wordsOf(const space::Vertex& place) const {
        return {place.x - cutting_.zero.x, place.y - cutting_.zero.y, place.z - cutting_.zero.z, 0};
    }
    Words wordsOf(const MachinePlace& place) const {
        const Mounting& mounting = *cutting_.mounting;
        const double along = place.along - mounting.zero.y, height = place.height - mounting.zero.height;
        const RotaryAxis& axis = cutting_.machine.axis;
        if (!mounting.turns)
            return {place.across, along, height, 0};
        const double angle = axis.reverse ? -place.angle : place.angle;
        return axis.along == AxisAlong::y ? Words{0, along, height, angle} : Words{along, 0, height, angle};
    }

    void comment(const std::string& text) { line("(" + text + ")"); }
    void line(const std::string& words) {
        if (words.empty())
            return;
        if (dialect_.lineNumbers)
            out_ += "N" + std::to_string(10 * ++count_) + " ";
        out_ += words;
        out_ += '\n';
    }
    void lines(const std::string& words) {
        for (size_t from = 0; from < words.size();) {
            const size_t end = std::min(words.find('\n', from), words.size());
            line(words.substr(from, end - from));
            from = end + 1;
        }
    }

    void modes() {
        std::string words = dialect_.header;
        if (dialect_.inches)
            if (const size_t at = words.find("G21"); at != std::string::npos)
                words.replace(at, 3, "G20");
        lines(words);
    }
    void begin(const GcodeTitle& title, double deepest) {
        comment("Bollard " + plain(title.card));
        if (cutting_.back)
            comment("on the back, the stock turned over about its upright middle");
        const std::string in = dialect_.inches ? " in" : " mm";
        if (const Mounting* const on = cutting_.mounting.get()) {
            comment("stock a bar " + number(2 * on->stock.radius) + " across " +
                    number(on->stock.to - on->stock.from) + " long" + in);
            comment("zero at " + number(on->zero.y - on->stock.from) + " from the start of the stock " +
                    number(on->zero.height) + " over its axis");
            comment(on->turns ? std::string("the bar turns on ") + cutting_.machine.axis.word() +
                                    (cutting_.machine.axis.along == AxisAlong::y ? " along Y" : " along X")
                              : std::string("the bar lies along Y and is followed from above"));
        } else {
            comment("stock " + box(cutting_.stock) + in);
            comment("zero at " + number(cutting_.zero.x - cutting_.stock.low.x) + " " +
                    number(cutting_.zero.y - cutting_.stock.low.y) + " from the lower left of the stock");
        }
        const std::vector<Tool> tools = cutting_.tools();
        for (size_t i = 0; i < tools.size(); ++i)
            if (std::ranges::any_of(cutting_.paths, [&](const Toolpath& path) {
                    return !path.chains.empty() && path.job.operation.tool == tools[i];
                }))
                comment("tool " + std::to_string(i + 1) + " " + describe(tools[i]));
        const auto seconds = std::int64_t(std::lround(cutting_.seconds()));
        comment("time " + std::to_string(seconds / 60) + " min " + std::to_string(seconds % 60) + " s");
        comment("deepest " + number(deepest - cutting_.zero.z));
        for (const std::string& accepted : title.accepted)
            comment("accepted " + plain(accepted));
        modes();
        if (tellsMinutes())
            line("G93");
    }
    void end() {
        if (tellsMinutes())
            line("G94");
        lines(dialect_.footer);
    }
    /// Whether feeds are told by the time of moves.
    bool tellsMinutes() const {
        return cutting_.mounting && cutting_.mounting->turns &&
               cutting_.machine.axis.feed == AxisFeed::inverse;
    }

    void rapidUp(double z) { // from wherever it is
        here_[2] = inSteps(z);
        line("G0 Z" + textOf(here_[2]));
        mode_ = 0;
    }
    void rapid(const Words& to) { go(0, to, "", {}); }
    void cutTo(const Words& to, double feed) { go(1, to, "", wholeFeed(feed)); }
    void arcTo(const Words& to, plane::Vector centre, bool counterClockwise, double feed) {
        go(counterClockwise ? 3 : 2, to,
           " I" + number(centre.x - inMm(here_[0])) + " J" + number(centre.y - inMm(here_[1])),
           wholeFeed(feed));
    }
    /// Over a side that goes round, so fast over it as the words have it that are written; `radius` of the
    /// tool's tip about the axis that turns.
    void cutOver(const Words& to, double feed, double plunge, double radius) {
        std::array<double, 4> way{};
        const Steps there = stepsOf(to);
        for (size_t axis = 0; axis < 3; ++axis)
            way[axis] = inMm(there[axis] - here_[axis]);
        way[3] = double(there[3] - here_[3]) / angleSteps;
        const double round = way[3] * M_PI / 180 * radius;
        const double length = std::hypot(std::hypot(way[0], way[1], way[2]), round);
        if (!(length > 0))
            return;
        const double down = -way[2];
        const double minutes = length / (down >= length ? plunge
                                         : down > 0     ? std::min(feed, plunge * length / down)
                                                        : feed);
        if (tellsMinutes())
            return go(1, to, "", fine(1 / minutes), true);
        const double told = std::hypot(std::hypot(way[0], way[1], way[2]) * scale_, way[3]);
        go(1, to, "", fine(told / minutes));
    }
    void newFeed() { feed_.clear(); }
    bool standsAt(double z) const { return known_ && here_[2] == inSteps(z); }

  private:
    using Steps = std::array<std::int64_t, 4>;
    static constexpr double angleSteps = 1e4; ///< in a degree
    double inMm(std::int64_t steps) const { return double(steps) / steps_ / scale_; }
    /// In the last decimal of the file's unit.
    std::int64_t inSteps(double mm) const { return std::llround(mm * scale_ * steps_); }
    Steps stepsOf(const Words& words) const {
        return {inSteps(words[0]), inSteps(words[1]), inSteps(words[2]), std::llround(words[3] * angleSteps)};
    }
    std::string number(double mm) const { return textOf(inSteps(mm)); }
    std::string textOf(std::int64_t steps) const { return textOf(steps, std::int64_t(steps_)); }
    static std::string textOf(std::int64_t steps, std::int64_t inOne) {
        std::string text = steps < 0 ? "-" : "";
        const std::int64_t size = std::abs(steps), whole = size / inOne;
        std::int64_t rest = size % inOne;
        text += std::to_string(whole);
        if (rest == 0)
            return text;
        text += '.';
        for (std::int64_t place = inOne / 10; rest > 0; place /= 10) {
            text += char('0' + rest / place);
            rest %= place;
        }
        return text;
    }
    std::string wholeFeed(double feed) const {
        const double parts = dialect_.inches ? 10 : 1;
        std::array<char, 32> text{};
        const double whole = std::max(std::floor(feed * scale_ * parts) / parts, 1.0);
        const auto end = std::to_chars(text.data(), text.data() + text.size(), whole);
        return {text.data(), end.ptr};
    }
    /// Never faster than asked, but for a part in ten thousand of the slowest.
    static std::string fine(double feed) {
        constexpr std::int64_t parts = 1000;
        return textOf(std::max<std::int64_t>(1, std::int64_t(std::floor(feed * double(parts) + 1e-6))),
                      parts);
    }
    std::string box(const Block& block) const {
        return number(block.high.x - block.low.x) + " x " + number(block.high.y - block.low.y) + " x " +
               number(block.high.z - block.low.z);
    }
    std::string describe(const Tool& tool) const {
        std::string text(rowOf(tool.kind).name);
        if (tool.burns())
            return text + " kerf " + number(tool.kerf);
        if (tool.tapers())
            text += " " + std::to_string(int(std::lround(tool.angle))) + " degrees tip " + number(tool.tip);
        return text + " diameter " + number(tool.diameter);
    }

    /// `always`: the feed is told again each time.
    void go(int mode, const Words& to, const std::string& more, const std::string& feed,
            bool always = false) {
        const Steps there = stepsOf(to);
        const bool turns = cutting_.mounting && cutting_.mounting->turns;
        std::string words;
        for (size_t axis = 0; axis < (turns ? 4 : 3); ++axis) {
            const bool first = !known_ && axis != 2;
            if (!first && there[axis] == here_[axis])
                continue;
            words += ' ';
            words += axis < 3 ? "XYZ"[axis] : cutting_.machine.axis.word();
            words += axis < 3 ? textOf(there[axis]) : textOf(there[axis], std::int64_t(angleSteps));
        }
        here_ = there;
        if (words.empty() && more.empty())
            return; // no move at all
        known_ = true;
        if (mode != mode_)
            words = "G" + std::to_string(mode) + words;
        else
            words.erase(0, 1);
        mode_ = mode;
        words += more;
        if (mode != 0 && (always || feed != feed_)) {
            feed_ = feed;
            words += " F" + feed;
        }
        line(words);
    }

    const Cutting& cutting_;
    const Dialect& dialect_;
    double scale_;
    double steps_; ///< in a unit of the file
    std::string out_;
    std::int64_t count_ = 0;
    Steps here_{};
    bool known_ = false; ///< where it stands in the plan
    int mode_ = -1;
    std::string feed_;
};

/// Level stretches of a chain, as arcs where they are some.
void writeChain(Writer& writer, const Chain& chain, const Operation& operation, const Dialect& dialect) {
    const auto& points = chain.points;
    const double arcTolerance = operation.tool.tapers() ? 0.0005 : 0.003; // slopes make more of it
    for (size_t i = 1; i < points.size();) {
        size_t end = i;
        while (end < points.size() && points[end].z == points[i - 1].z)
            ++end;
        if (!dialect.arcs || end - i < 3) {
            end = std::max(end, i + 1);
            for (; i < end; ++i)
                writer.cutTo(writer.wordsOf(points[i]),
                             feedOf(points[i - 1], points[i], operation.feed, operation.plunge));
            continue;
        }
        std::vector<plane::Vector> level;
        for (size_t k = i - 1; k < end; ++k)
            if (level.empty() || !(level.back() == planOf(points[k])))
                level.push_back(planOf(points[k]));
        const plane::ArcPath path = plane::arcsThrough(level, false, arcTolerance);
        plane::Vector from = path.start;
        for (const plane::ArcSegment& segment : path.segments) {
            const space::Vertex to = at(segment.end, points[i].z);
            const plane::Vector way = segment.end - from;
            const double half = segment.sweep / 2 * M_PI / 180;
            constexpr double flat = 1e-6;
            if (std::fabs(half) < flat || plane::length(way) < 0.01) {
                writer.cutTo(writer.wordsOf(to), operation.feed);
            } else {
                const double off = plane::length(way) / 2 / std::tan(half);
                const plane::Vector left = plane::unit(plane::Vector{-way.y, way.x});
                const plane::Vector centre = 0.5 * (from + segment.end) + off * left;
                const Words middle = writer.wordsOf(at(centre, 0));
                writer.arcTo(writer.wordsOf(to), {middle[0], middle[1]}, segment.sweep > 0, operation.feed);
            }
            from = segment.end;
        }
        i = end;
    }
}

/// In the air over a bar, turned by no more than half a turn at a time.
void rapidTo(Writer& writer, std::optional<MachinePlace>& here, MachinePlace to, double height) {
    to.height = height;
    constexpr double mostTurn = 180;
    const double turned = here ? to.angle - here->angle : 0;
    const int parts = std::max(1, int(std::ceil(std::fabs(turned) / mostTurn - 1e-9)));
    for (int i = 1; i < parts; ++i) {
        const double share = double(i) / parts;
        MachinePlace between = to;
        between.across = here->across + share * (to.across - here->across);
        between.along = here->along + share * (to.along - here->along);
        between.angle = here->angle + share * turned;
        writer.rapid(writer.wordsOf(between));
    }
    writer.rapid(writer.wordsOf(to));
    here = to;
}

void writeMounted(Writer& writer, const Toolpath& path, const Cutting& cutting,
                  std::optional<MachinePlace>& here) {
    const Operation& operation = path.job.operation;
    const double air = path.clearance + cutting.mounting->radius, zero = cutting.mounting->zero.height;
    for (const MountedChain& chain : path.mounted) {
        if (!writer.standsAt(air - zero))
            writer.rapidUp(air - zero);
        rapidTo(writer, here, chain.places.front(), air);
        const MachinePlace* before = &*here;
        for (const MachinePlace& place : chain.places) {
            writer.cutOver(writer.wordsOf(place), operation.feed, operation.plunge,
                           (before->height + place.height) / 2);
            before = &place;
        }
        here = chain.places.back();
        rapidTo(writer, here, chain.places.back(), air);
    }
}

void writeBounds(Writer& writer, const Cutting& cutting, double clearance) {
    MachinePlace low{1e9, 1e9, 0, 1e9}, high{-1e9, -1e9, 0, -1e9};
    for (const Toolpath& path : cutting.paths)
        for (const MountedChain& chain : path.mounted)
            for (const MachinePlace& place : chain.places) {
                low = {std::min(low.across, place.across), std::min(low.along, place.along), 0,
                       std::min(low.angle, place.angle)};
                high = {std::max(high.across, place.across), std::max(high.along, place.along), 0,
                        std::max(high.angle, place.angle)};
            }
    std::optional<MachinePlace> here;
    for (const auto& [right, up] :
         {std::pair{false, false}, {true, false}, {true, true}, {false, true}, {false, false}}) {
        const MachinePlace& side = right ? high : low;
        rapidTo(writer, here, {side.across, up ? high.along : low.along, 0, side.angle},
                clearance + cutting.mounting->radius);
    }
}

std::string wholeText(double value) {
    return std::to_string(std::int64_t(std::lround(value)));
}
/// To the next tenth up.
std::string tenthsText(double value) {
    const auto tenths = std::int64_t(std::ceil(value * 10 - 1e-9));
    return std::to_string(tenths / 10) + (tenths % 10 ? "." + std::to_string(tenths % 10) : "");
}

} // namespace

double feedOf(const space::Vertex& from, const space::Vertex& to, double feed, double plunge) {
    const double down = from.z - to.z, length = space::length(to - from);
    if (!(down > 0) || !(length > 0))
        return feed;
    return std::min(feed, plunge * length / down);
}

quantity::Result<std::string> gcodeOf(const Cutting& cutting, const Dialect& dialect,
                                      const GcodeTitle& title) {
    double deepest = 0;
    bool any = false;
    for (const Toolpath& path : cutting.paths) {
        deepest = std::min(deepest, path.deepest);
        any = any || !path.chains.empty();
        for (const MountedChain& chain : path.mounted) // as far over the axis as it gets
            for (const MachinePlace& place : chain.places)
                deepest = std::min(deepest, place.height - cutting.mounting->radius);
    }
    if (!any)
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    Writer writer(cutting, dialect);
    writer.begin(title, deepest);
    const std::vector<Tool> tools = cutting.tools();
    std::optional<Tool> now;
    double speed = 0;
    bool standsUp = false;
    std::optional<MachinePlace> here;
    for (const Toolpath& path : cutting.paths) {
        if (path.chains.empty())
            continue;
        const Operation& operation = path.job.operation;
        const Tool& tool = operation.tool;
        if (!standsUp)
            writer.rapidUp(path.clearance - cutting.zero.z);
        standsUp = true;
        writer.comment(std::string(nameOf(operation.kind)) + " " + std::to_string(path.number + 1));
        const auto number = std::to_string(std::ranges::find(tools, tool) - tools.begin() + 1);
        const bool change = !now || !(*now == tool);
        if (change) {
            if (now && now->turns())
                writer.lines(dialect.spindleOff);
            writer.lines(filled(now ? dialect.toolChange : dialect.firstTool, "tool", number));
        }
        if (tool.turns() && (change || speed != operation.speed)) {
            writer.lines(filled(dialect.spindleOn, "speed", wholeText(operation.speed)));
            writer.lines(filled(dialect.dwell, "seconds", tenthsText(dialect.spinUp)));
            speed = operation.speed;
        }
        now = tool;
        if (!cutting.machine.coolant.empty() && !tool.burns())
            writer.line(plain(cutting.machine.coolant));
        writer.newFeed();
        if (cutting.mounting) {
            writeMounted(writer, path, cutting, here);
            continue;
        }
        for (const Chain& chain : path.chains) {
            const plane::Vector first = planOf(chain.points.front()), last = planOf(chain.points.back());
            if (!writer.standsAt(path.clearance - cutting.zero.z))
                writer.rapidUp(path.clearance - cutting.zero.z);
            writer.rapid(writer.wordsOf(at(first, path.clearance)));
            writer.cutTo(writer.wordsOf(chain.points.front()), operation.plunge);
            if (tool.burns()) {
                writer.lines(filled(dialect.burnOn, "speed", wholeText(operation.speed)));
                if (tool.pierce > 0)
                    writer.lines(filled(dialect.dwell, "seconds", tenthsText(tool.pierce)));
            }
            writeChain(writer, chain, operation, dialect);
            if (tool.burns())
                writer.lines(dialect.burnOff);
            writer.rapid(writer.wordsOf(at(last, path.clearance)));
        }
    }
    writer.end();
    return writer.take();
}

quantity::Result<std::string> airRunOf(const Cutting& cutting, const Dialect& dialect,
                                       const GcodeTitle& title) {
    plane::Vector low{1e9, 1e9}, high{-1e9, -1e9};
    double clearance = 0;
    for (const Toolpath& path : cutting.paths) {
        clearance = std::max(clearance, path.clearance);
        for (const Chain& chain : path.chains)
            for (const space::Vertex& p : chain.points) {
                low = {std::min(low.x, p.x), std::min(low.y, p.y)};
                high = {std::max(high.x, p.x), std::max(high.y, p.y)};
            }
    }
    if (low.x > high.x)
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    Writer writer(cutting, dialect);
    writer.comment("Bollard " + plain(title.card) + " round its bounds in the air");
    writer.modes();
    writer.rapidUp(clearance - cutting.zero.z);
    if (cutting.mounting) {
        writeBounds(writer, cutting, clearance);
        writer.end();
        return writer.take();
    }
    for (const plane::Vector corner : {low, {high.x, low.y}, high, {low.x, high.y}, low})
        writer.rapid(writer.wordsOf(at(corner, clearance)));
    writer.end();
    return writer.take();
}

} // namespace bollard::cut
