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

class Writer {
  public:
    Writer(const Cutting& cutting, const Dialect& dialect)
        : cutting_(cutting), dialect_(dialect), scale_(dialect.inches ? 1 / mmPerInch : 1),
          steps_(std::pow(10, dialect.decimals + (dialect.inches ? 1 : 0))) {}

    std::string take() { return std::move(out_); }

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
        comment("stock " + box(cutting_.stock) + (dialect_.inches ? " in" : " mm"));
        comment("zero at " + number(cutting_.zero.x - cutting_.stock.low.x) + " " +
                number(cutting_.zero.y - cutting_.stock.low.y) + " from the lower left of the stock");
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
    }
    void end() { lines(dialect_.footer); }

    void rapidUp(double z) { // from wherever it is
        here_.z = z;
        line("G0 Z" + number(z - cutting_.zero.z));
        mode_ = 0;
    }
    void rapid(const space::Vertex& to) { go(0, to, 0, ""); }
    void cutTo(const space::Vertex& to, double feed) { go(1, to, feed, ""); }
    void arcTo(const space::Vertex& to, plane::Vector centre, bool counterClockwise, double feed) {
        go(counterClockwise ? 3 : 2, to, feed,
           " I" + number(centre.x - rounded(here_.x)) + " J" + number(centre.y - rounded(here_.y)));
    }
    void newFeed() { feed_ = -1; }
    const space::Vertex& here() const { return here_; }

  private:
    double rounded(double mm) const { return double(inSteps(mm)) / steps_ / scale_; }
    /// In the last decimal of the file's unit.
    std::int64_t inSteps(double mm) const { return std::llround(mm * scale_ * steps_); }
    std::string number(double mm) const { return textOf(inSteps(mm)); }
    std::string textOf(std::int64_t steps) const {
        std::string text = steps < 0 ? "-" : "";
        const std::int64_t size = std::abs(steps), whole = size / std::int64_t(steps_);
        std::int64_t rest = size % std::int64_t(steps_);
        text += std::to_string(whole);
        if (rest == 0)
            return text;
        text += '.';
        for (std::int64_t place = std::int64_t(steps_) / 10; rest > 0; place /= 10) {
            text += char('0' + rest / place);
            rest %= place;
        }
        return text;
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

    void go(int mode, const space::Vertex& to, double feed, const std::string& more) {
        const std::array there{inSteps(to.x - cutting_.zero.x), inSteps(to.y - cutting_.zero.y),
                               inSteps(to.z - cutting_.zero.z)};
        const std::array here{inSteps(here_.x - cutting_.zero.x), inSteps(here_.y - cutting_.zero.y),
                              inSteps(here_.z - cutting_.zero.z)};
        std::string words;
        for (size_t axis = 0; axis < there.size(); ++axis) {
            const bool first = !known_ && axis < 2;
            if (!first && there[axis] == here[axis])
                continue;
            words += ' ';
            words += "XYZ"[axis];
            words += textOf(there[axis]);
        }
        here_ = to;
        if (words.empty() && more.empty())
            return; // no move at all
        known_ = true;
        if (mode != mode_)
            words = "G" + std::to_string(mode) + words;
        else
            words.erase(0, 1);
        mode_ = mode;
        words += more;
        const double whole =
            std::floor(feed * scale_ * (dialect_.inches ? 10 : 1)) / (dialect_.inches ? 10 : 1);
        if (mode != 0 && whole != feed_) {
            feed_ = whole;
            std::array<char, 32> text{};
            const auto end = std::to_chars(text.data(), text.data() + text.size(), std::max(whole, 1.0));
            words += " F" + std::string(text.data(), end.ptr);
        }
        line(words);
    }

    const Cutting& cutting_;
    const Dialect& dialect_;
    double scale_;
    double steps_; ///< in a unit of the file
    std::string out_;
    std::int64_t count_ = 0;
    space::Vertex here_{};
    bool known_ = false; ///< where it stands in the plan
    int mode_ = -1;
    double feed_ = -1;
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
                writer.cutTo(points[i], feedOf(points[i - 1], points[i], operation.feed, operation.plunge));
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
                writer.cutTo(to, operation.feed);
            } else {
                const double off = plane::length(way) / 2 / std::tan(half);
                const plane::Vector left = plane::unit(plane::Vector{-way.y, way.x});
                writer.arcTo(to, 0.5 * (from + segment.end) + off * left, segment.sweep > 0, operation.feed);
            }
            from = segment.end;
        }
        i = end;
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
    }
    if (!any)
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    Writer writer(cutting, dialect);
    writer.begin(title, deepest);
    const std::vector<Tool> tools = cutting.tools();
    std::optional<Tool> now;
    double speed = 0;
    bool standsUp = false;
    for (const Toolpath& path : cutting.paths) {
        if (path.chains.empty())
            continue;
        const Operation& operation = path.job.operation;
        const Tool& tool = operation.tool;
        if (!standsUp)
            writer.rapidUp(path.clearance);
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
        for (const Chain& chain : path.chains) {
            const plane::Vector first = planOf(chain.points.front()), last = planOf(chain.points.back());
            if (std::fabs(writer.here().z - path.clearance) > 0)
                writer.rapidUp(path.clearance);
            writer.rapid(at(first, path.clearance));
            writer.cutTo(chain.points.front(), operation.plunge);
            if (tool.burns()) {
                writer.lines(filled(dialect.burnOn, "speed", wholeText(operation.speed)));
                if (tool.pierce > 0)
                    writer.lines(filled(dialect.dwell, "seconds", tenthsText(tool.pierce)));
            }
            writeChain(writer, chain, operation, dialect);
            if (tool.burns())
                writer.lines(dialect.burnOff);
            writer.rapid(at(last, path.clearance));
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
    writer.rapidUp(clearance);
    for (const plane::Vector corner : {low, {high.x, low.y}, high, {low.x, high.y}, low})
        writer.rapid(at(corner, clearance));
    writer.end();
    return writer.take();
}

} // namespace bollard::cut
