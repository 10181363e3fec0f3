#include "proof/height_field.hpp"
#include <algorithm>
#include <atomic>
#include <cmath>
#include <limits>
#include <tbb/parallel_for.h>

namespace bollard::proof {
namespace {

using cut::Tool, cut::ToolKind;
using plane::Vector;

/// How far from its axis a tool at that height touches anything below the top.
double reachOf(const Tool& tool, double z, double top) {
    if (!tool.tapers())
        return tool.radius();
    return std::clamp(tool.tip / 2 + (top - z) * tool.spread(), 0.0, tool.radius());
}

/// A move over the plan: from the middle of a cell to how low the tool comes over it. `u` counts along the
/// move from its start, `h` across it. Each profile is convex and the height along the move is a straight
/// line, so the least is where their slopes meet, or at an end.
struct Sweep {
    double length;   ///< in the plan
    double z0, rise; ///< height at the start, and its change a mm of way
    double radius;

    double at = 0; ///< the cell's own place along the move
};

double flatOver(const Sweep& s, double h) {
    if (std::fabs(h) > s.radius)
        return std::numeric_limits<double>::infinity();
    const double half = std::sqrt(std::max(0.0, s.radius * s.radius - h * h));
    const double low = std::max(0.0, s.at - half), high = std::min(s.length, s.at + half);
    if (low > high)
        return std::numeric_limits<double>::infinity();
    return s.z0 + s.rise * (s.rise > 0 ? low : high);
}

double ballOver(const Sweep& s, double h) {
    const double across = s.radius * s.radius - h * h;
    if (across < 0)
        return std::numeric_limits<double>::infinity();
    const double half = std::sqrt(across);
    const double low = std::max(0.0, s.at - half), high = std::min(s.length, s.at + half);
    if (low > high)
        return std::numeric_limits<double>::infinity();
    const double best = s.at - s.rise * half / std::sqrt(1 + s.rise * s.rise);
    const double u = std::clamp(best, low, high), off = u - s.at;
    return s.z0 + s.rise * u + s.radius - std::sqrt(std::max(0.0, across - off * off));
}

/// `slope`: how much higher the tool is a mm outwards from its tip.
double taperedOver(const Sweep& s, double h, double tip, double slope) {
    const double half = std::sqrt(std::max(0.0, s.radius * s.radius - h * h));
    const double low = std::max(0.0, s.at - half), high = std::min(s.length, s.at + half);
    if (low > high || std::fabs(h) > s.radius)
        return std::numeric_limits<double>::infinity();
    const auto over = [&](double u) {
        const double off = u - s.at;
        return s.z0 + s.rise * u + std::max(0.0, std::sqrt(h * h + off * off) - tip) * slope;
    };
    double best = over(std::clamp(s.at, low, high));
    // Where the cone falls as fast as the way rises
    if (const double steep = -s.rise / slope; std::fabs(steep) < 1) {
        const double off = steep * std::fabs(h) / std::sqrt(1 - steep * steep);
        best = std::min(best, over(std::clamp(s.at + off, low, high)));
    }
    // Where the flat of the tip ends
    if (tip > std::fabs(h)) {
        const double off = std::sqrt(tip * tip - h * h);
        best = std::min(best, over(std::clamp(s.at + (s.rise > 0 ? -off : off), low, high)));
    }
    return std::min({best, over(low), over(high)});
}

} // namespace

struct HeightField::Tile {
    int firstColumn, lastColumn, firstRow, lastRow; ///< last ones excluded
};

HeightField::HeightField(Vector low, Vector high, double cell, double top)
    : low_(low), cell_(cell), top_(top),
      columns_(std::max(1, int(std::ceil((high.x - low.x) / cell - 1e-9)))),
      rows_(std::max(1, int(std::ceil((high.y - low.y) / cell - 1e-9)))),
      heights_(size_t(columns_) * size_t(rows_), float(top)) {}

void HeightField::cutIn(const Tile& tile, const Motion& motion, const Tool& tool, double bottom) {
    const Vector from{motion.from.x, motion.from.y}, to{motion.to.x, motion.to.y};
    const double length = plane::length(to - from);
    const bool burns = tool.burns();
    Sweep sweep{length, motion.from.z, length > 0 ? (motion.to.z - motion.from.z) / length : 0, 0, 0};
    if (!(length > 0))
        sweep.z0 = std::min(motion.from.z, motion.to.z);
    const double reach = burns ? tool.radius() : reachOf(tool, std::min(motion.from.z, motion.to.z), top_);
    sweep.radius = reach;
    const Vector along = length > 0 ? (1 / length) * (to - from) : Vector{1, 0};
    const double slope = tool.tapers() ? 1 / tool.spread() : 0;
    const int firstRow =
        std::max(tile.firstRow, int(std::floor((std::min(from.y, to.y) - reach - low_.y) / cell_)));
    const int lastRow =
        std::min(tile.lastRow, int(std::floor((std::max(from.y, to.y) + reach - low_.y) / cell_)) + 1);
    for (int row = firstRow; row < lastRow; ++row) {
        const double y = low_.y + (row + 0.5) * cell_;
        // Of the row what the sweep can reach: around the stretch of the way that is near it
        double left = std::min(from.x, to.x), right = std::max(from.x, to.x);
        if (std::fabs(along.y) > 1e-9) {
            const double one = from.x + (y - reach - from.y) * along.x / along.y;
            const double other = from.x + (y + reach - from.y) * along.x / along.y;
            left = std::max(left, std::min(one, other));
            right = std::min(right, std::max(one, other));
        }
        const int first = std::max(tile.firstColumn, int(std::floor((left - reach - low_.x) / cell_)));
        const int last = std::min(tile.lastColumn, int(std::floor((right + reach - low_.x) / cell_)) + 1);
        float* heights = &heights_[size_t(row) * size_t(columns_)];
        for (int column = first; column < last; ++column) {
            const Vector off{low_.x + (column + 0.5) * cell_ - from.x, y - from.y};
            sweep.at = plane::dot(off, along);
            const double h = plane::cross(along, off);
            double z = 0;
            if (burns)
                z = flatOver({length, bottom, 0, reach, sweep.at}, h);
            else if (tool.tapers())
                z = taperedOver(sweep, h, tool.tip / 2, slope);
            else if (tool.kind == ToolKind::ball)
                z = ballOver(sweep, h);
            else
                z = flatOver(sweep, h);
            if (z < heights[column])
                heights[column] = float(z);
        }
    }
}

void HeightField::cut(std::span<const Motion> motions, std::span<const Tool> tools, double bottom,
                      const std::stop_token& stop, const std::function<void(double)>& progress) {
    constexpr int side = 128; // cells
    const int across = (columns_ + side - 1) / side, up = (rows_ + side - 1) / side;
    std::vector<std::vector<std::uint32_t>> of(size_t(across) * size_t(up));
    for (size_t i = 0; i < motions.size(); ++i) {
        const Motion& m = motions[i];
        if (m.tool < 1 || size_t(m.tool) > tools.size())
            continue;
        const Tool& tool = tools[size_t(m.tool) - 1];
        const double lowest = std::min(m.from.z, m.to.z);
        if (tool.burns() ? !m.on : lowest >= top_)
            continue;
        const double reach = tool.burns() ? tool.radius() : reachOf(tool, lowest, top_);
        const auto tileOf = [&](double mm, double low, int count) {
            return std::clamp(int(std::floor((mm - low) / cell_ / side)), -1, count);
        };
        const int left = std::max(0, tileOf(std::min(m.from.x, m.to.x) - reach, low_.x, across));
        const int right = std::min(across - 1, tileOf(std::max(m.from.x, m.to.x) + reach, low_.x, across));
        const int low = std::max(0, tileOf(std::min(m.from.y, m.to.y) - reach, low_.y, up));
        const int high = std::min(up - 1, tileOf(std::max(m.from.y, m.to.y) + reach, low_.y, up));
        for (int row = low; row <= high; ++row)
            for (int column = left; column <= right; ++column)
                of[size_t(row) * size_t(across) + size_t(column)].push_back(std::uint32_t(i));
    }
    std::atomic<size_t> done{0};
    tbb::parallel_for(size_t{0}, of.size(), [&](size_t t) {
        const int column = int(t) % across, row = int(t) / across;
        const Tile tile{column * side, std::min(columns_, (column + 1) * side), row * side,
                        std::min(rows_, (row + 1) * side)};
        for (const std::uint32_t i : of[t]) {
            if (stop.stop_requested())
                return;
            cutIn(tile, motions[i], tools[size_t(motions[i].tool) - 1], bottom);
        }
        if (progress)
            progress(double(++done) / double(of.size()));
    });
}

} // namespace bollard::proof
