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

constexpr double nowhere = std::numeric_limits<double>::infinity();

/// How low the tool comes, and where along the move.
struct Over {
    double z = nowhere, u = 0;
};

Over flatOver(const Sweep& s, double h) {
    if (std::fabs(h) > s.radius)
        return {};
    const double half = std::sqrt(std::max(0.0, s.radius * s.radius - h * h));
    const double low = std::max(0.0, s.at - half), high = std::min(s.length, s.at + half);
    if (low > high)
        return {};
    return {s.z0 + s.rise * (s.rise > 0 ? low : high), std::clamp(s.at, low, high)};
}

Over ballOver(const Sweep& s, double h) {
    const double across = s.radius * s.radius - h * h;
    if (across < 0)
        return {};
    const double half = std::sqrt(across);
    const double low = std::max(0.0, s.at - half), high = std::min(s.length, s.at + half);
    if (low > high)
        return {};
    const double best = s.at - s.rise * half / std::sqrt(1 + s.rise * s.rise);
    const double u = std::clamp(best, low, high), off = u - s.at;
    return {s.z0 + s.rise * u + s.radius - std::sqrt(std::max(0.0, across - off * off)), u};
}

/// `slope`: how much higher the tool is a mm outwards from its tip.
Over taperedOver(const Sweep& s, double h, double tip, double slope) {
    const double half = std::sqrt(std::max(0.0, s.radius * s.radius - h * h));
    const double low = std::max(0.0, s.at - half), high = std::min(s.length, s.at + half);
    if (low > high || std::fabs(h) > s.radius)
        return {};
    Over best;
    const auto try_ = [&](double u) {
        const double off = u - s.at;
        const double z = s.z0 + s.rise * u + std::max(0.0, std::sqrt(h * h + off * off) - tip) * slope;
        if (z < best.z)
            best = {z, u};
    };
    try_(std::clamp(s.at, low, high));
    // Where the cone falls as fast as the way rises
    if (const double steep = -s.rise / slope; std::fabs(steep) < 1) {
        const double off = steep * std::fabs(h) / std::sqrt(1 - steep * steep);
        try_(std::clamp(s.at + off, low, high));
    }
    // Where the flat of the tip ends
    if (tip > std::fabs(h)) {
        const double off = std::sqrt(tip * tip - h * h);
        try_(std::clamp(s.at + (s.rise > 0 ? -off : off), low, high));
    }
    try_(low);
    try_(high);
    return best;
}

/// How far from the axis of a bar a tool leaves what lies on a ray at an angle from it and so far along: its
/// tip is that far from the axis. On the ray at p, the tool meets p cos(a) = tip + its own height at the
/// distance sqrt(p² sin²(a) + v²).
double leftOnRay(const Tool& tool, double tip, double angle, double v) {
    // By their series: a tool covers little of a turn.
    const double a2 = angle * angle;
    double c = 1 - a2 / 2 * (1 - a2 / 12 * (1 - a2 / 30)),
           s = angle * (1 - a2 / 6 * (1 - a2 / 20 * (1 - a2 / 42)));
    constexpr double little = 0.3;
    if (std::fabs(angle) > little) {
        c = std::cos(angle);
        s = std::sin(angle);
    }
    if (!(c > 0))
        return nowhere;
    const double radius = tool.radius();
    if (tool.kind == ToolKind::ball) {
        const double middle = tip + radius, inside = radius * radius - v * v - middle * middle * s * s;
        return inside < 0 ? nowhere : middle * c - std::sqrt(inside);
    }
    const double level = tip / c, squared = level * level * s * s + v * v;
    if (!tool.tapers())
        return squared <= radius * radius ? level : nowhere;
    if (squared <= tool.tip * tool.tip / 4)
        return level;
    // A cone: (p c - q)² = k² (p² s² + v²), k its slope, q where its flanks would meet.
    const double k = 1 / tool.spread(), q = tip - k * tool.tip / 2;
    const double square = c * c - k * k * s * s, root = c * c * q * q - square * (q * q - k * k * v * v);
    if (!(square > 0) || root < 0)
        return nowhere;
    const double p = (c * q + std::sqrt(root)) / square;
    return p * p * s * s + v * v <= radius * radius ? p : nowhere;
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

void HeightField::shape(const std::function<double(Vector)>& height) {
    tbb::parallel_for(0, rows_, [&](int row) {
        for (int column = 0; column < columns_; ++column)
            heights_[size_t(row) * size_t(columns_) + size_t(column)] =
                float(std::min(top_, height(middle(column, row))));
    });
}

void HeightField::cutIn(const Tile& tile, const Motion& motion, const Tool& tool, double bottom) {
    const Vector from{motion.from.x, motion.from.y}, to{motion.to.x, motion.to.y};
    const double length = plane::length(to - from);
    const bool burns = tool.burns();
    Sweep sweep{length, motion.from.z, length > 0 ? (motion.to.z - motion.from.z) / length : 0, 0, 0};
    if (!(length > 0))
        sweep.z0 = std::min(motion.from.z, motion.to.z);
    double reach = burns ? tool.radius() : reachOf(tool, std::min(motion.from.z, motion.to.z), top_);
    if (round_ > 0) // round the bar it is farther than across
        reach = round_ * std::asin(std::min(1.0, reach / round_));
    sweep.radius = reach;
    const Vector along = length > 0 ? (1 / length) * (to - from) : Vector{1, 0};
    const double slope = tool.tapers() ? 1 / tool.spread() : 0;
    const int firstRow =
        std::max(tile.firstRow, int(std::floor((std::min(from.y, to.y) - reach - low_.y) / cell_)));
    const int lastRow =
        std::min(tile.lastRow, int(std::floor((std::max(from.y, to.y) + reach - low_.y) / cell_)) + 1);
    // Rays come together below the surface: a flank reaches farther round there.
    const double deepest = std::max(0.0, -std::min(motion.from.z, motion.to.z));
    const double lower =
        round_ > deepest ? reach * deepest * std::max(slope, 1.0) / (round_ - deepest) : nowhere;
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
            Over over;
            if (burns)
                over = flatOver({length, bottom, 0, reach, sweep.at}, h);
            else if (tool.tapers())
                over = taperedOver(sweep, h, tool.tip / 2, slope);
            else if (tool.kind == ToolKind::ball)
                over = ballOver(sweep, h);
            else
                over = flatOver(sweep, h);
            // On the bar it is at most so much lower than on the plan.
            if (round_ > 0 && over.z - lower >= heights[column])
                continue;
            if (round_ > 0 && over.z < nowhere) {
                const Vector beside = off - over.u * along;
                over.z =
                    leftOnRay(tool, round_ + sweep.z0 + sweep.rise * over.u, beside.x / round_, beside.y) -
                    round_;
            }
            if (over.z < heights[column])
                heights[column] = float(over.z);
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
        double reach = tool.burns() ? tool.radius() : reachOf(tool, lowest, top_);
        if (round_ > 0)
            reach = round_ * std::asin(std::min(1.0, reach / round_));
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
