// A tapering tool whose depth follows the width: along the medial axis, into the corners.
#include "cut/chains.hpp"
#include "cut/clearing.hpp"
#include "plane/inner_axis.hpp"
#include "plane/point_hash.hpp"
#include "quantity/kept.hpp"
#include "quantity/mixed.hpp"
#include <map>
#include <memory>
#include <optional>
#include <unordered_map>

namespace bollard::cut {

namespace {

using plane::AxisPoint, plane::Vector;

constexpr double axisTolerance = 0.001 * unit, ridge = 0.05; // mm
constexpr double exactFloor = 5;                             // grid units

/// The axis of a shape where the tool's tip goes, as depth by place.
class Carving {
  public:
    Carving(const Tool& tool, double cap) : tip_(tool.tip / 2), spread_(tool.spread()), cap_(cap) {}

    /// The radius at which the tip begins to go in, and that from which on it is as deep as it may be; mm.
    double least() const { return tip_; }
    double most() const { return tip_ + cap_ * spread_; }
    double depthAt(double radius_mm) const { return std::clamp((radius_mm - tip_) / spread_, 0.0, cap_); }

    /// What of the lines lies between the two radii, split there.
    std::vector<std::vector<AxisPoint>> within(const std::vector<AxisPoint>& line) const {
        const double low = least() * unit, high = most() * unit;
        std::vector<std::vector<AxisPoint>> parts;
        std::vector<AxisPoint> part;
        const auto end = [&] {
            if (part.size() > 1)
                parts.push_back(part);
            part.clear();
        };
        for (size_t i = 0; i + 1 < line.size(); ++i) {
            const AxisPoint &a = line[i], &b = line[i + 1];
            const auto where = [&](double radius) {
                const double share = (radius - a.radius) / (b.radius - a.radius);
                return AxisPoint{a.at + share * (b.at - a.at), radius};
            };
            std::vector<AxisPoint> stops{a};
            std::vector<double> levels{low, high};
            if (a.radius > b.radius)
                std::ranges::reverse(levels);
            for (const double level : levels)
                if ((a.radius - level) * (b.radius - level) < 0)
                    stops.push_back(where(level));
            stops.push_back(b);
            for (size_t k = 0; k + 1 < stops.size(); ++k) {
                const double middle = (stops[k].radius + stops[k + 1].radius) / 2;
                const bool inside = middle >= low && middle <= high;
                if (!inside) {
                    end();
                    continue;
                }
                if (part.empty())
                    part.push_back(stops[k]);
                part.push_back(stops[k + 1]);
            }
        }
        end();
        return parts;
    }

  private:
    double tip_, spread_, cap_;
};

/// Lines between places as chains that go on as straight as they can, each once.
std::vector<std::vector<AxisPoint>> joined(std::vector<std::vector<AxisPoint>> lines) {
    std::map<std::pair<std::int64_t, std::int64_t>, int> numbers;
    const auto nodeOf = [&](Vector at) {
        const auto key = std::pair(std::llround(at.x * 4), std::llround(at.y * 4));
        return numbers.emplace(key, int(numbers.size())).first->second;
    };
    struct Ends {
        int from, to;
    };
    std::vector<Ends> ends;
    for (const auto& line : lines) {
        const int from = nodeOf(line.front().at), to = nodeOf(line.back().at);
        ends.push_back({from, to});
    }
    std::vector<std::vector<size_t>> at(numbers.size());
    for (size_t i = 0; i < lines.size(); ++i) {
        at[size_t(ends[i].from)].push_back(i);
        if (ends[i].to != ends[i].from)
            at[size_t(ends[i].to)].push_back(i);
    }
    std::vector<bool> done(lines.size());
    std::vector<std::vector<AxisPoint>> chains;
    const auto follow = [&](int start) {
        std::vector<AxisPoint> chain;
        for (int here = start;;) {
            std::optional<size_t> best;
            double least = 1e9;
            for (const size_t i : at[size_t(here)]) {
                if (done[i])
                    continue;
                double turn = 0;
                if (chain.size() > 1) {
                    const auto& line = lines[i];
                    const bool forward = ends[i].from == here;
                    const Vector next = forward ? line[1].at : line[line.size() - 2].at;
                    const Vector a = chain.back().at - chain[chain.size() - 2].at, b = next - chain.back().at;
                    turn = std::fabs(std::atan2(plane::cross(a, b), plane::dot(a, b)));
                }
                if (turn < least) {
                    least = turn;
                    best = i;
                }
            }
            if (!best)
                break;
            done[*best] = true;
            std::vector<AxisPoint>& line = lines[*best];
            const bool forward = ends[*best].from == here;
            if (!forward)
                std::ranges::reverse(line);
            chain.insert(chain.end(), line.begin() + (chain.empty() ? 0 : 1), line.end());
            here = forward ? ends[*best].to : ends[*best].from;
        }
        if (chain.size() > 1)
            chains.push_back(std::move(chain));
    };
    for (size_t node = 0; node < at.size(); ++node)
        if (at[node].size() % 2 == 1)
            follow(int(node));
    for (size_t node = 0; node < at.size(); ++node)
        while (std::ranges::any_of(at[node], [&](size_t i) { return !done[i]; }))
            follow(int(node));
    return chains;
}

/// A line into a corner so blunt that the tool reaches all but a hair of it from where the line begins: one
/// between two chords of a curve.
bool isOfChord(const plane::AxisLine& line) {
    constexpr double wall = 1, reached = 0.002 * unit;
    const AxisPoint &front = line.points.front(), &back = line.points.back();
    const AxisPoint &corner = front.radius < back.radius ? front : back,
                    &begin = &corner == &front ? back : front;
    return corner.radius < wall && plane::length(corner.at - begin.at) - begin.radius < reached;
}

/// Letters that come again are worked out once, from their own corner.
struct CarveKey {
    plane::Region part{};
    double tip = 0, spread = 0, cap = 0, pass = 0, stepover = 0, top = 0; ///< above the surface
    bool operator==(const CarveKey&) const = default;
};
struct CarveHash {
    size_t operator()(const CarveKey& key) const {
        size_t hash = plane::hashOf(key.part);
        for (const double number : {key.tip, key.spread, key.cap, key.pass, key.stepover, key.top})
            hash = quantity::mixed(hash, std::hash<double>()(number));
        return hash;
    }
};
using Carved = std::shared_ptr<const std::vector<Chain>>;

/// With the surface at z = 0.
std::vector<Chain> carvedPart(const plane::Region& part, const Operation& o, double cap, double top) {
    const Carving carving(o.tool, cap);
    std::vector<std::vector<AxisPoint>> lines;
    for (const plane::AxisLine& line : plane::innerAxis(part, axisTolerance))
        if (!isOfChord(line))
            std::ranges::move(carving.within(line.points), std::back_inserter(lines));
    const auto ways = joined(std::move(lines));
    std::vector<Chain> whole;
    Vector from = inMm(plane::boxOf(part).low);
    for (const double level : passesTo(top, -cap, o.pass)) {
        std::vector<Chain> chains; // of this pass
        const auto end = [&] {
            putInOrder(chains, from, false);
            if (!chains.empty())
                from = planOf(chains.back().points.back());
            std::ranges::move(chains, std::back_inserter(whole));
        };
        for (const std::vector<AxisPoint>& way : ways) {
            Chain chain;
            for (const AxisPoint& point : way)
                chain.points.push_back(
                    at((1 / unit) * point.at,
                       std::max(level, -carving.depthAt(plane::toMillimetres(point.radius)))));
            chain.closed = planOf(chain.points.front()) == planOf(chain.points.back());
            chains.push_back(std::move(chain));
        }
        // The floor, where the tool may not go deeper: along its edge, then what lies within.
        const double depth = std::min(cap, -level);
        if (depth + 1e-9 < cap) {
            end();
            continue;
        }
        const double inset = o.tool.tip / 2 + depth * o.tool.spread();
        Clearing floor;
        floor.region = plane::grown(part, -inset * unit, plane::Corners::round, exactFloor);
        floor.stepover = o.stepover > 0 ? o.stepover : o.tool.tip + 2 * ridge * o.tool.spread();
        floor.reach = floor.stepover / 2; // of the tip, with ridges that may stay
        floor.z = -depth;
        addClearing(chains, floor);
        end();
    }
    return whole;
}

} // namespace

std::vector<Chain> carve(const Job& job) {
    constexpr size_t mostParts = 2000;
    static quantity::Kept<CarveKey, Carved, std::unordered_map<CarveKey, Carved, CarveHash>> known(mostParts);
    const Operation& o = job.operation;
    std::vector<Chain> chains;
    if (!(o.tool.spread() > 0))
        return chains;
    for (size_t s = 0; s < job.shapes.size() && !job.stop.stop_requested(); ++s) {
        const double cap = std::min(job.shapes[s].depth, o.tool.flute);
        for (const plane::Region& part : plane::parts(job.shapes[s].region)) {
            const plane::Point corner = plane::boxOf(part).low;
            const CarveKey key{plane::shifted(part, plane::Point{} - corner),
                               o.tool.tip,
                               o.tool.spread(),
                               cap,
                               o.pass,
                               o.stepover,
                               job.stock.high.z - job.shapes[s].surface};
            const Carved own = known.of(key, [&] {
                return std::make_shared<const std::vector<Chain>>(carvedPart(key.part, o, cap, key.top));
            });
            const Vector by = inMm(corner);
            for (Chain chain : *own) {
                chain.shape = int(s);
                for (space::Vertex& point : chain.points)
                    point = point + space::Vertex{by.x, by.y, job.shapes[s].surface};
                chains.push_back(std::move(chain));
            }
        }
    }
    return chains;
}

} // namespace bollard::cut
