#include "proof/mounted.hpp"
#include <cmath>

namespace bollard::proof {
namespace {

using cut::Mounting;
using plane::Vector;
using space::Vertex;

Vertex placeOver(const Vertex& written, double angle, const cut::Cutting& cutting) {
    const Mounting& on = *cutting.mounting;
    const cut::RotaryAxis& axis = cutting.machine.axis;
    if (!on.turns)
        return {written.x + on.width / 2, written.y + on.zero.y, written.z + cutting.zero.z};
    const double along = axis.along == cut::AxisAlong::y ? written.y : written.x;
    return {on.roundAt(axis.reverse ? -angle : angle), along + on.zero.y, written.z + cutting.zero.z};
}

bool cuts(const Motion& motion, const cut::Cutting& cutting) {
    return std::min(motion.from.z, motion.to.z) < cutting.stock.high.z;
}

} // namespace

std::vector<Motion> overMounted(std::span<const Motion> written, const cut::Cutting& cutting) {
    std::vector<Motion> motions(written.begin(), written.end());
    for (Motion& motion : motions) {
        motion.from = placeOver(motion.from, motion.turnedFrom, cutting);
        motion.to = placeOver(motion.to, motion.turnedTo, cutting);
    }
    if (!motions.empty()) // from wherever the machine stood
        motions.front().from = motions.front().to;
    return motions;
}

std::vector<Motion> plannedOver(const cut::Toolpath& path, const cut::Cutting& cutting) {
    const Mounting& on = *cutting.mounting;
    const std::vector<cut::Tool> tools = cutting.tools();
    const auto number = std::int16_t(std::ranges::find(tools, path.job.operation.tool) - tools.begin() + 1);
    std::vector<Motion> motions;
    for (const cut::MountedChain& chain : path.mounted) {
        Vertex here = on.over(chain.places.front());
        const auto go = [&](const Vertex& to) {
            Motion motion{here, to, 0, false, false, true, number, 1};
            motions.push_back(motion);
            here = to;
        };
        go(here);
        for (const cut::MachinePlace& place : chain.places)
            go(on.over(place));
    }
    return motions;
}

std::vector<Motion> comingRound(std::span<const Motion> motions, const cut::Cutting& cutting, Vector low,
                                Vector high) {
    const Mounting& on = *cutting.mounting;
    if (!on.turns)
        return {motions.begin(), motions.end()};
    std::vector<Motion> all;
    double reach = 0;
    for (const cut::Tool& tool : cutting.tools())
        reach = std::max(reach, 2 * tool.radius());
    for (const Motion& whole : motions) {
        if (!cuts(whole, cutting))
            continue;
        // On its plan a tool that turns by much is not straight above what it cuts.
        const double longest = on.width / 4, way = std::fabs(whole.to.x - whole.from.x);
        const int parts = std::max(1, int(std::ceil(way / longest)));
        for (int part = 0; part < parts; ++part) {
            Motion motion = whole;
            motion.from = whole.from + double(part) / parts * (whole.to - whole.from);
            motion.to = whole.from + double(part + 1) / parts * (whole.to - whole.from);
            const double left = std::min(motion.from.x, motion.to.x) - reach,
                         right = std::max(motion.from.x, motion.to.x) + reach;
            for (double turn = std::ceil((low.x - right) / on.width); left + turn * on.width <= high.x;
                 ++turn) {
                all.push_back(motion);
                all.back().from.x += turn * on.width;
                all.back().to.x += turn * on.width;
            }
        }
    }
    return all;
}

std::pair<Vector, Vector> windowOver(std::span<const Motion> motions, const cut::Cutting& cutting) {
    const Mounting& on = *cutting.mounting;
    Vector low{1e9, 1e9}, high{-1e9, -1e9};
    const auto include = [&](const Vertex& v) {
        low = {std::min(low.x, v.x), std::min(low.y, v.y)};
        high = {std::max(high.x, v.x), std::max(high.y, v.y)};
    };
    double reach = 0.2;
    for (const cut::Toolpath& path : cutting.paths) {
        reach = std::max(reach, path.job.operation.tool.radius());
        for (const Motion& motion : plannedOver(path, cutting))
            include(motion.to);
    }
    const bool planned = low.x <= high.x;
    for (const Motion& motion : motions) {
        if (!cuts(motion, cutting))
            continue;
        for (Vertex v : {motion.from, motion.to}) {
            if (planned && on.turns) // as near to what is planned as it comes round
                v.x -= on.width * std::round((v.x - (low.x + high.x) / 2) / on.width);
            include(v);
        }
    }
    constexpr double beside = 20; // mm
    low = {low.x - reach, std::max(low.y - reach, on.stock.from - beside)};
    high = {high.x + reach, std::min(high.y + reach, on.stock.to + beside)};
    if (!(low.x < high.x) || !(low.y < high.y))
        return {{0, 0}, {1, 1}};
    if (on.turns && high.x - low.x > on.width) {
        low.x = 0;
        high.x = on.width;
    }
    if (!on.turns) {
        const double middle = on.width / 2;
        low.x = std::max(low.x, middle - on.stock.radius - beside);
        high.x = std::min(high.x, middle + on.stock.radius + beside);
    }
    return {low, high};
}

HeightField stockOver(Vector low, Vector high, double cell, const cut::Cutting& cutting) {
    const Mounting& on = *cutting.mounting;
    HeightField field(low, high, cell, cutting.stock.high.z);
    if (on.turns)
        field.bendRound(on.radius);
    field.shape([&](Vector at) {
        const double stock = on.stockAt(at.y), x = on.turns ? 0 : at.x - on.width / 2;
        const double squared = stock * stock - x * x;
        return (squared > 0 ? std::sqrt(squared) : 0) - on.radius;
    });
    return field;
}

} // namespace bollard::proof
