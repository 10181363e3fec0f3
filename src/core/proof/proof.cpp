#include "proof/proof.hpp"
#include "cut/timing.hpp"
#include "proof/design.hpp"
#include "proof/mounted.hpp"
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

std::vector<Motion> motionsOver(std::span<const Motion> written, const cut::Cutting& cutting) {
    return cutting.mounting ? overMounted(written, cutting) : onSide(written, cutting.zero);
}

/// The stock as those moves leave it, with tools so much wider, but for balls, whose shape that would change.
std::shared_ptr<HeightField> cutBy(std::span<const Motion> motions, const cut::Cutting& cutting, Vector low,
                                   Vector high, double cell, double wider, const std::stop_token& stop,
                                   const std::function<void(double)>& progress = {}) {
    std::vector<cut::Tool> tools = cutting.tools();
    for (cut::Tool& tool : tools)
        tool.diameter += tool.kind == cut::ToolKind::ball ? 0 : 2 * wider;
    const double bottom = cutting.stock.low.z - belowStock;
    if (!cutting.mounting) {
        auto field = std::make_shared<HeightField>(low, high, cell, cutting.stock.high.z);
        field->cut(motions, tools, bottom, stop, progress);
        return field;
    }
    auto field = std::make_shared<HeightField>(stockOver(low, high, cell, cutting));
    field->cut(comingRound(motions, cutting, low, high), tools, bottom, stop, progress);
    return field;
}

/// By how much a flank takes more on a bar than on a plan, and by how much it and a flat floor take less, mm:
/// at a place so far round from the tool, h below the surface, its height is s²/2r more, and s|h|/(r T) less,
/// T the tool's spread. Between a wall and the middle of a stroke, D from it, h = (D - s)/T: at most k²D²/(4
/// (k + 1/2) r), k = 1/T².
struct Bending {
    double deeper = 0, higher = 0;
};
Bending bendingOf(const cut::Cutting& cutting) {
    Bending all;
    const double twice = 2 * cutting.mounting->radius;
    for (const cut::Toolpath& path : cutting.paths) {
        const cut::Tool& tool = path.job.operation.tool;
        if (!tool.tapers()) {
            all.higher = std::max(all.higher, tool.radius() * tool.radius() / twice);
            continue;
        }
        double depth = 0;
        for (const cut::Shape& shape : path.job.shapes)
            depth = std::max(depth, std::min(shape.depth, tool.flute));
        const double far = tool.tip / 2 + depth * tool.spread(), k = 1 / (tool.spread() * tool.spread());
        all.higher = std::max(all.higher, far * far / twice);
        all.deeper = std::max(all.deeper, k * k * far * far / (2 * (k + 0.5) * twice));
    }
    return all;
}

/// Of each cell and those beside it the highest.
std::vector<float> highestAround(const std::vector<float>& heights, int columns, int rows) {
    std::vector<float> highest = heights;
    for (int row = 0; row < rows; ++row)
        for (int column = 0; column < columns; ++column) {
            float& own = highest[size_t(row) * size_t(columns) + size_t(column)];
            for (int r = std::max(0, row - 1); r <= std::min(rows - 1, row + 1); ++r)
                for (int c = std::max(0, column - 1); c <= std::min(columns - 1, column + 1); ++c)
                    own = std::max(own, heights[size_t(r) * size_t(columns) + size_t(c)]);
        }
    return highest;
}

/// Of a side that goes round: of bars that turn as their letters tell it; else, and of lines and rasters, as
/// low as it is planned. Walls a hair apart, as numbers in files are rounded.
Design plannedDesign(const cut::Cutting& cutting, const HeightField& cells, Vector low, Vector high,
                     const std::stop_token& stop) {
    constexpr double aside = 0.012; // mm
    const bool told = cutting.mounting->turns && cutting.mounting->isBar();
    using cut::OperationKind;
    std::vector<Motion> planned, following;
    bool upright = false; // a tool's wall
    cut::Cutting others = cutting;
    others.paths.clear();
    for (const cut::Toolpath& path : cutting.paths) {
        const OperationKind kind = path.job.operation.kind;
        const bool isRegion = told && (kind == OperationKind::carve || kind == OperationKind::pocket);
        if (told && kind != OperationKind::scribe)
            others.paths.push_back(path);
        if (isRegion)
            continue;
        const std::vector<Motion> own = plannedOver(path, cutting);
        planned.insert(planned.end(), own.begin(), own.end());
        if (kind != OperationKind::raster)
            following.insert(following.end(), own.begin(), own.end());
        const cut::Tool& tool = path.job.operation.tool;
        double lowest = path.deepest;
        for (const Motion& motion : own)
            lowest = std::min(lowest, motion.to.z);
        const double down = cutting.stock.high.z - lowest;
        upright = upright || (tool.tapers() ? down * tool.spread() + tool.tip / 2 > tool.radius()
                                            : tool.kind != cut::ToolKind::ball);
    }
    const auto lower = [&](std::vector<float>& heights, const std::vector<Motion>& motions, double wider) {
        if (motions.empty())
            return;
        const auto field = cutBy(motions, cutting, low, high, cells.cell(), upright ? wider : 0, stop);
        for (size_t i = 0; i < heights.size(); ++i)
            heights[i] = std::min(heights[i], field->heights()[i]);
    };
    Design design = designOf(others, cells, stop);
    const Bending bends = bendingOf(cutting);
    // What stands above the blank is no part of it, but for letters that a raster leaves.
    const bool leaves = std::ranges::any_of(others.paths, [](const cut::Toolpath& path) {
        return path.job.operation.kind == OperationKind::raster;
    });
    for (size_t i = 0; i < design.allowed.size(); ++i) {
        if (told && !leaves)
            design.allowed[i] = std::min(design.allowed[i], 0.0f);
        if (design.allowed[i] < 0)
            design.allowed[i] -= float(bends.deeper);
        if (design.wanted[i] < 0)
            design.wanted[i] = std::min(0.0f, design.wanted[i] + float(bends.higher));
    }
    lower(design.wanted, planned, -aside);
    if (leaves) // beside letters a ball's way ends at a wall, which is nowhere in a cell's middle
        design.wanted = highestAround(design.wanted, cells.columns(), cells.rows());
    const bool same = !upright && planned.size() == following.size();
    if (same && !planned.empty()) {
        for (size_t i = 0; i < design.allowed.size(); ++i)
            design.allowed[i] = std::min(design.allowed[i], design.wanted[i]);
    } else {
        lower(design.allowed, following, aside);
    }
    design.designed = design.wanted;
    return design;
}

} // namespace

bool isInStock(const cut::Cutting& cutting, Vector at) {
    const cut::Block& stock = cutting.stock;
    const cut::Mounting* const on = cutting.mounting.get();
    const bool across = !on         ? at.x > stock.low.x && at.x < stock.high.x
                        : on->turns ? true
                                    : std::fabs(at.x - on->width / 2) < on->stockAt(at.y);
    return across && at.y > stock.low.y && at.y < stock.high.y;
}

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
    const std::vector<Motion> motions = motionsOver(written, cutting);
    const cut::Mounting* const mounting = cutting.mounting.get();
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
        const double length = mounting ? space::length(motion.to - motion.from)
                                       : space::length(written[i].to - written[i].from);
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
            if (mounting) // beside the stock, in the chuck, or below the axis
                return v.y < cutting.stock.low.y - beyond || v.y > cutting.stock.high.y + beyond ||
                       v.z < cutting.stock.low.z + hair;
            return v.x < cutting.stock.low.x - beyond || v.x > cutting.stock.high.x + beyond ||
                   v.y < cutting.stock.low.y - beyond || v.y > cutting.stock.high.y + beyond ||
                   (!tool.burns() && v.z < cutting.stock.low.z - 0.5 - hair);
        };
        proof.outsideStock += cuts && !first && (outside(motion.from) || outside(motion.to)) ? 1 : 0;
        proof.outsideStock +=
            !first && mounting && known && mounting->stock.inChuck(motion.to.y, tool.radius()) > hair;
    }
    std::vector<cut::TimedMove> timed;
    for (size_t i = 0; i < written.size(); ++i) {
        const double length = space::length(motions[i].to - motions[i].from);
        const double turned = std::fabs(written[i].turnedTo - written[i].turnedFrom);
        double feed = written[i].rapid         ? cutting.machine.rapid
                      : written[i].minutes > 0 ? length / double(written[i].minutes)
                                               : double(written[i].feed);
        if (turned > 0 && cutting.machine.axis.there())
            feed = std::min(feed, cutting.machine.axis.rapid * length / turned);
        timed.push_back({mounting ? motions[i].to : written[i].to, feed});
    }
    const Vertex begins = written.empty() ? Vertex{} : mounting ? motions.front().from : written.front().from;
    proof.seconds = proof.program.dwell + cut::secondsOf(begins, timed, cutting.machine.acceleration);

    const auto [low, high] = mounting ? windowOver(motions, cutting) : windowOf(motions, cutting);
    const double asked = choices.cell > 0 ? choices.cell : cellFor(cutting);
    constexpr double mostCells = 60e6;
    const double cell = std::max(asked, std::sqrt((high.x - low.x) * (high.y - low.y) / mostCells));
    auto field = cutBy(motions, cutting, low, high, cell, 0, stop, progress);
    Design design =
        mounting ? plannedDesign(cutting, *field, low, high, stop) : designOf(cutting, *field, stop);
    const Allowance allowance(cutting);
    const double area = cell * cell;
    constexpr double seen = 1e-3, far = 1;
    for (int row = 0; row < field->rows() && !stop.stop_requested(); ++row)
        for (int column = 0; column < field->columns(); ++column) {
            const size_t i = size_t(row) * size_t(field->columns()) + size_t(column);
            const double z = field->heights()[i];
            const Vector at = field->middle(column, row);
            const bool inStock = isInStock(cutting, at);
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
    proof.over = motions;
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
    const std::vector<Motion> motions = motionsOver(written.first(std::min(moves, written.size())), cutting);
    partly.field = cutBy(motions, cutting, proof.windowLow, proof.windowHigh, proof.field->cell(), 0, stop);
    partly.allowed = proof.allowed;
    const bool whole = moves >= proof.program.motions.size();
    partly.wanted =
        whole ? proof.wanted : std::vector<float>(proof.wanted.size(), float(cutting.stock.high.z));
    return partly;
}

} // namespace bollard::proof
