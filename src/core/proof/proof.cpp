#include "proof/proof.hpp"
#include "cut/timing.hpp"
#include "proof/design.hpp"
#include <cmath>
#include <span>

namespace bollard::proof {
namespace {

using plane::Vector;
using space::Vertex;

/// All that is cut lies within: the moves, and what operations mean to cut; no larger than the stock and a
/// little round it.
std::pair<Vector, Vector> windowOf(const std::vector<Motion>& motions, const cut::Cutting& cutting) {
    Vector low{1e9, 1e9}, high{-1e9, -1e9};
    const auto include = [&](Vector v) {
        low = {std::min(low.x, v.x), std::min(low.y, v.y)};
        high = {std::max(high.x, v.x), std::max(high.y, v.y)};
    };
    double reach = 0.2;
    for (const cut::Toolpath& path : cutting.paths) {
        reach = std::max(reach, path.job.operation.tool.radius());
        for (const cut::Chain& chain : path.chains)
            for (const Vertex& p : chain.points)
                include({p.x, p.y});
        for (const cut::Shape& shape : path.job.shapes)
            for (const plane::Ring& ring : shape.region.rings)
                for (const plane::Point p : ring)
                    include({plane::toMillimetres(p.x), plane::toMillimetres(p.y)});
    }
    for (const Motion& motion : motions)
        if (motion.on && std::min(motion.from.z, motion.to.z) < cutting.stock.high.z) {
            include({motion.from.x, motion.from.y});
            include({motion.to.x, motion.to.y});
        }
    constexpr double beside = 20; // mm round the stock
    low = {std::max(low.x - reach, cutting.stock.low.x - beside),
           std::max(low.y - reach, cutting.stock.low.y - beside)};
    high = {std::min(high.x + reach, cutting.stock.high.x + beside),
            std::min(high.y + reach, cutting.stock.high.y + beside)};
    if (low.x >= high.x || low.y >= high.y)
        return {{cutting.stock.low.x, cutting.stock.low.y},
                {cutting.stock.low.x + 1, cutting.stock.low.y + 1}};
    return {low, high};
}

/// In the side's coordinates. Where the tool stood before the first move is not known, so that one takes
/// nothing on its way.
std::vector<Motion> onSide(std::span<const Motion> written, const space::Vertex& zero) {
    std::vector<Motion> motions(written.begin(), written.end());
    for (Motion& motion : motions) {
        motion.from = motion.from + zero;
        motion.to = motion.to + zero;
    }
    if (!motions.empty())
        motions.front().from = motions.front().to;
    return motions;
}

/// What burns goes so far below the stock, mm.
constexpr double belowStock = 0.3;

} // namespace

double cellFor(const cut::Cutting& cutting) {
    constexpr double finest = 0.025, usual = 0.05, mostCells = 12e6;
    double area = 0, tip = 1;
    for (const cut::Toolpath& path : cutting.paths)
        if (path.job.operation.tool.tapers())
            tip = std::min(tip, path.job.operation.tool.tip);
    area = (cutting.stock.high.x - cutting.stock.low.x) * (cutting.stock.high.y - cutting.stock.low.y);
    const double wanted = tip < 0.15 ? finest : usual;
    return std::max(wanted, std::sqrt(std::max(area, 1.0) / mostCells));
}

Proof proofOf(std::string_view text, const cut::Cutting& cutting, const ProofChoices& choices,
              const std::stop_token& stop, const std::function<void(double)>& progress) {
    Proof proof;
    proof.program = programFrom(text);
    const std::vector<Motion>& written = proof.program.motions;
    const std::vector<Motion> motions = onSide(written, cutting.zero);
    double clearance = cutting.stock.high.z;
    for (size_t i = 0; i < cutting.paths.size(); ++i)
        clearance = i == 0 ? cutting.paths[i].clearance : std::min(clearance, cutting.paths[i].clearance);
    const std::vector<cut::Tool> tools = cutting.tools();
    bool any = false;
    for (size_t i = 0; i < motions.size(); ++i) {
        const Motion& motion = motions[i];
        for (const Vertex& v : {written[i].from, written[i].to}) {
            if (!any) {
                proof.low = proof.high = v;
                any = true;
            }
            proof.low = {std::min(proof.low.x, v.x), std::min(proof.low.y, v.y), std::min(proof.low.z, v.z)};
            proof.high = {std::max(proof.high.x, v.x), std::max(proof.high.y, v.y),
                          std::max(proof.high.z, v.z)};
        }
        const double length = space::length(written[i].to - written[i].from);
        (motion.rapid ? proof.rapidLength : proof.cutLength) += length;
        constexpr double hair = 1e-3;
        const bool sideways = std::hypot(motion.to.x - motion.from.x, motion.to.y - motion.from.y) > hair;
        const bool low = motion.rapid && std::min(motion.from.z, motion.to.z) < clearance - hair;
        const bool first = i == 0; // from wherever the machine stood
        proof.rapidsBelowClearance += low && !first && (sideways || motion.to.z < motion.from.z) ? 1 : 0;
        const bool known = motion.tool >= 1 && size_t(motion.tool) <= tools.size();
        const cut::Tool tool = known ? tools[size_t(motion.tool) - 1] : cut::Tool{};
        const bool cuts = tool.burns() ? motion.on && !motion.rapid
                                       : std::min(motion.from.z, motion.to.z) < cutting.stock.high.z - hair;
        const double beyond = tool.radius() + 1;
        const auto outside = [&](const Vertex& v) {
            return v.x < cutting.stock.low.x - beyond || v.x > cutting.stock.high.x + beyond ||
                   v.y < cutting.stock.low.y - beyond || v.y > cutting.stock.high.y + beyond ||
                   (!tool.burns() && v.z < cutting.stock.low.z - 0.5 - hair);
        };
        proof.outsideStock += cuts && !first && (outside(motion.from) || outside(motion.to)) ? 1 : 0;
    }
    std::vector<cut::TimedMove> timed;
    for (const Motion& motion : written)
        timed.push_back({motion.to, motion.rapid ? cutting.machine.rapid : double(motion.feed)});
    proof.seconds = proof.program.dwell + cut::secondsOf(written.empty() ? Vertex{} : written.front().from,
                                                         timed, cutting.machine.acceleration);

    const auto [low, high] = windowOf(motions, cutting);
    const double asked = choices.cell > 0 ? choices.cell : cellFor(cutting);
    constexpr double mostCells = 60e6;
    const double cell = std::max(asked, std::sqrt((high.x - low.x) * (high.y - low.y) / mostCells));
    auto field = std::make_shared<HeightField>(low, high, cell, cutting.stock.high.z);
    field->cut(motions, tools, cutting.stock.low.z - belowStock, stop, progress);
    Design design = designOf(cutting, *field, stop);
    const Allowance allowance(cutting);
    const double area = cell * cell;
    constexpr double seen = 1e-3, far = 1;
    for (int row = 0; row < field->rows() && !stop.stop_requested(); ++row)
        for (int column = 0; column < field->columns(); ++column) {
            const size_t i = size_t(row) * size_t(field->columns()) + size_t(column);
            const double z = field->heights()[i];
            const Vector at = field->middle(column, row);
            const bool inStock = at.x > cutting.stock.low.x && at.x < cutting.stock.high.x &&
                                 at.y > cutting.stock.low.y && at.y < cutting.stock.high.y;
            if (const double deep = design.allowed[i] - z; deep > seen && inStock) {
                const double way = std::min(deep, allowance.sideways(at, z, std::min(deep, far)));
                const double gouge = deep > far && way >= far ? deep : way;
                proof.gouge.note(gouge, at, area, Proof::tolerance);
            }
            if (!inStock)
                continue;
            // Below the stock there is nothing to be left.
            const double bottom = cutting.stock.low.z;
            const double wanted = std::max(double(design.wanted[i]), bottom);
            proof.left.note(std::max(z, bottom) - wanted, at, area, Proof::tolerance);
            proof.unreachable.note(wanted - std::max(double(design.designed[i]), bottom), at, area,
                                   Proof::tolerance);
        }
    proof.windowLow = low;
    proof.windowHigh = high;
    proof.field = std::move(field);
    proof.allowed = std::move(design.allowed);
    proof.wanted = std::move(design.wanted);
    return proof;
}

Proof partly(const Proof& proof, const cut::Cutting& cutting, size_t moves, const std::stop_token& stop) {
    Proof partly;
    if (!proof.field)
        return partly;
    const std::span<const Motion> written(proof.program.motions);
    const std::vector<Motion> motions = onSide(written.first(std::min(moves, written.size())), cutting.zero);
    auto field = std::make_shared<HeightField>(proof.windowLow, proof.windowHigh, proof.field->cell(),
                                               cutting.stock.high.z);
    const std::vector<cut::Tool> tools = cutting.tools();
    field->cut(motions, tools, cutting.stock.low.z - belowStock, stop);
    partly.field = std::move(field);
    partly.allowed = proof.allowed;
    const bool whole = moves >= proof.program.motions.size();
    partly.wanted =
        whole ? proof.wanted : std::vector<float>(proof.wanted.size(), float(cutting.stock.high.z));
    return partly;
}

} // namespace bollard::proof
