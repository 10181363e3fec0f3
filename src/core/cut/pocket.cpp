// Areas cleared down to a level floor.
#include "cut/clearing.hpp"
#include <array>
#include <optional>

namespace bollard::cut {

namespace {

constexpr double usualStepover = 0.4; // of the diameter
constexpr double exactWalls = 15;     // grid units
constexpr double rampSlope = 0.05;    // down a mm of way

/// Down along itself, round and round, then once round at its depth.
Chain ramped(const Chain& loop, double from) {
    const double bottom = loop.points.front().z;
    Chain chain = loop;
    chain.points = {at(planOf(loop.points.front()), from)};
    constexpr int mostRounds = 2000;
    double z = from;
    for (int round = 0; round < mostRounds && z > bottom; ++round)
        for (size_t i = 1; i < loop.points.size(); ++i) {
            const plane::Vector a = planOf(loop.points[i - 1]), b = planOf(loop.points[i]);
            const double down = rampSlope * plane::length(b - a);
            if (z > bottom && z - down < bottom)
                chain.points.push_back(at(a + ((z - bottom) / down) * (b - a), bottom));
            z = std::max(bottom, z - down);
            chain.points.push_back(at(b, z));
        }
    // Once more where the way down was above the floor
    chain.points.insert(chain.points.end(), loop.points.begin() + 1, loop.points.end());
    return chain;
}

/// Down along its first run and back, as often as it takes, then on.
Chain zigzagged(const Chain& way, double from) {
    const plane::Vector a = planOf(way.points.front()), b = planOf(way.points[1]);
    const double bottom = way.points.front().z, run = plane::length(b - a);
    Chain chain = way;
    if (!(run > 0))
        return chain;
    const int times = std::max(1, int(std::ceil((from - bottom) / (2 * rampSlope * run))));
    constexpr int most = 2000; // of a run too short to go down along
    if (times > most)
        return chain;
    chain.points = {at(a, from)};
    for (int i = 1; i <= times; ++i) {
        chain.points.push_back(at(b, from - (from - bottom) * (i - 0.5) / times));
        chain.points.push_back(at(a, from - (from - bottom) * i / times));
    }
    chain.points.insert(chain.points.end(), way.points.begin() + 1, way.points.end());
    return chain;
}

/// Down in circles beside its start to where it begins, where the tool's axis has room for them.
std::optional<Chain> spiralled(const Chain& loop, double from, const Tool& tool, const plane::Region& axis) {
    const plane::Vector start = planOf(loop.points.front());
    constexpr std::array shares{0.7, 0.45, 0.25}; // of the tool's radius: no core stays in the middle
    constexpr int directions = 16, corners = 36;
    for (const double share : shares)
        for (int d = 0; d < directions; ++d) {
            const double radius = share * tool.radius(), turn = 2 * M_PI * d / directions;
            const plane::Vector centre = start + radius * plane::Vector{std::cos(turn), std::sin(turn)};
            const auto on = [&](double angle) {
                return centre +
                       radius * plane::Vector{std::cos(turn + M_PI + angle), std::sin(turn + M_PI + angle)};
            };
            bool fits = true;
            for (int k = 1; k < corners && fits; ++k)
                fits = plane::contains(axis, plane::onGrid(unit * on(2 * M_PI * k / corners)));
            if (!fits)
                continue;
            Chain chain = loop;
            const double down = from - loop.points.front().z;
            const int rounds = std::max(1, int(std::ceil(down / (rampSlope * 2 * M_PI * radius))));
            chain.points.clear();
            for (int k = 0; k < rounds * corners; ++k)
                chain.points.push_back(at(on(2 * M_PI * k / corners), from - down * k / (rounds * corners)));
            chain.points.insert(chain.points.end(), loop.points.begin(), loop.points.end());
            return chain;
        }
    return std::nullopt;
}

/// In circles where there is room for them and the tool asks for that; else along the way.
Chain entered(const Chain& loop, double from, const Tool& tool, const plane::Region& axis) {
    if (tool.entry == Entry::plunge || from <= loop.points.front().z)
        return loop;
    if (tool.entry == Entry::helix)
        if (auto spiral = spiralled(loop, from, tool, axis))
            return *std::move(spiral);
    return loop.closed ? ramped(loop, from) : zigzagged(loop, from);
}

} // namespace

std::vector<Chain> pocket(const Job& job) {
    const Operation& o = job.operation;
    const Tool& tool = o.tool;
    std::vector<Chain> chains;
    plane::Vector from{job.stock.low.x, job.stock.low.y};
    for (size_t s = 0; s < job.shapes.size() && !job.stop.stop_requested(); ++s) {
        const Shape& shape = job.shapes[s];
        for (const plane::Region& part : plane::parts(shape.region)) {
            Clearing clearing;
            clearing.region = plane::grown(part, -tool.radius() * unit, plane::Corners::round, exactWalls);
            if (!shape.rest.empty()) // wherever it is within reach of what was left
                clearing.region =
                    plane::common(clearing.region, plane::grown(shape.rest, tool.radius() * unit,
                                                                plane::Corners::round, exactWalls));
            clearing.stepover =
                o.stepover > 0 ? std::min(o.stepover, 2 * tool.radius()) : 2 * tool.radius() * usualStepover;
            clearing.reach = tool.kind == ToolKind::ball ? clearing.stepover / 2 : tool.radius();
            clearing.shape = int(s);
            clearing.clockwise = o.conventional;
            Clearing rough = clearing;
            if (o.allowance > 0)
                rough.region = plane::grown(part, -(tool.radius() + o.allowance) * unit);
            std::vector<Chain> plan; // the same at every depth
            (o.raster ? addRaster : addClearing)(plan, rough);
            double above = job.stock.high.z;
            for (const double z : passesTo(above, shape.floor(), o.pass)) {
                const auto enter = [&](const Chain& way) {
                    return entered(way, above, tool, clearing.region);
                };
                std::vector<Chain> ways = plan;
                for (Chain& way : ways)
                    for (space::Vertex& point : way.points)
                        point.z = z;
                ways = inOneGo(std::move(ways), rough, from, enter);
                if (!ways.empty())
                    from = planOf(ways.back().points.back());
                if (o.allowance > 0)
                    for (const plane::Ring& ring : clearing.region.rings)
                        ways.push_back(enter(loopAt(ring, z)));
                for (Chain& way : ways) {
                    way.shape = int(s);
                    chains.push_back(std::move(way));
                }
                above = z;
            }
        }
    }
    return chains;
}

} // namespace bollard::cut
