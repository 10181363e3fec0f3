// Areas cleared down to a level floor.
#include "cut/clearing.hpp"

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

/// In a circle where there is room for one; along the way where there is not.
Chain entered(const Chain& loop, double from, const Tool& tool) {
    if (tool.entry == Entry::plunge || from <= loop.points.front().z)
        return loop;
    return ramped(loop, from);
}

} // namespace

std::vector<Chain> pocket(const Job& job) {
    const Operation& o = job.operation;
    const Tool& tool = o.tool;
    std::vector<Chain> chains;
    for (size_t s = 0; s < job.shapes.size() && !job.stop.stop_requested(); ++s) {
        const Shape& shape = job.shapes[s];
        for (const plane::Region& part : plane::parts(shape.region)) {
            double above = job.stock.high.z;
            for (const double z : passesTo(above, -shape.depth, o.pass)) {
                Clearing clearing;
                clearing.region =
                    plane::grown(part, -tool.radius() * unit, plane::Corners::round, exactWalls);
                clearing.stepover = o.stepover > 0 ? std::min(o.stepover, 2 * tool.radius())
                                                   : 2 * tool.radius() * usualStepover;
                clearing.reach = tool.kind == ToolKind::ball ? clearing.stepover / 2 : tool.radius();
                clearing.z = z;
                clearing.shape = int(s);
                clearing.clockwise = o.conventional;
                std::vector<Chain> ways;
                if (o.allowance > 0) {
                    Clearing rough = clearing;
                    rough.region = plane::grown(part, -(tool.radius() + o.allowance) * unit);
                    addClearing(ways, rough);
                    for (const plane::Ring& ring : clearing.region.rings) {
                        ways.push_back(loopAt(ring, z));
                        ways.back().shape = int(s);
                    }
                } else {
                    addClearing(ways, clearing);
                }
                for (const Chain& way : ways)
                    chains.push_back(entered(way, above, tool));
                above = z;
            }
        }
    }
    return chains;
}

} // namespace bollard::cut
