#include "body/hollows.hpp"
#include <map>

namespace bollard::body {
namespace {

using working::Columns, working::Interval, working::Level;

/// How far hollows reach out of the side, so that no face of theirs lies on it; mm.
constexpr double mouth_mm = 0.5;

/// The rays past the ends of the plan's y, where they go on straight.
std::function<blank::Ray(plane::Point)> goingOn(std::function<blank::Ray(plane::Point)> rays,
                                                std::int32_t low, std::int32_t high) {
    if (!rays)
        return rays;
    return [rays = std::move(rays), low, high](plane::Point p) {
        const std::int32_t y = std::clamp(p.y, low, high);
        blank::Ray ray = rays({p.x, y});
        if (y == p.y)
            return ray;
        const std::int32_t step = std::min(high - low, plane::toUnits(0.01)) * (p.y > high ? 1 : -1);
        const blank::Ray before = rays({p.x, y - step});
        ray.foot = ray.foot + double(p.y - y) / step * (ray.foot - before.foot);
        return ray;
    };
}

/// So much what would only touch the side reaches through it, mm: surfaces then cross cleanly there.
constexpr double through_mm = 0.002;

/// A slope that ends hollows below, kept below the side: where it comes up to it they end upright.
Level kept(Level level) {
    const std::int32_t most = -plane::toUnits(through_mm);
    for (auto& [point, height] : level.byPoint)
        height = std::min(height, most);
    return level;
}

Level lowered(Level level) {
    const std::int32_t by = plane::toUnits(through_mm);
    level.height -= by;
    for (auto& [point, height] : level.byPoint)
        height -= by;
    return level;
}

/// Levels changed in one way, as they are asked for.
class Changed {
  public:
    Changed(std::vector<Level>& levels, Level (*change)(Level)) : levels_(levels), change_(change) {}
    int operator()(int level) {
        const auto [found, isNew] = changed_.try_emplace(level, int(levels_.size()));
        if (isNew)
            levels_.push_back(change_(levels_[size_t(level)]));
        return found->second;
    }

  private:
    std::vector<Level>& levels_;
    Level (*change_)(Level);
    std::map<int, int> changed_;
};

/// Of columns by themselves, closed on all sides.
Mesh closedMeshOf(const blank::Panel& panel, const Columns& columns, const std::stop_token& stop) {
    blank::Panel own = panel;
    own.back = "hollows";
    own.joined = false;
    return meshOf(std::vector{PanelColumns{own, columns}}, Selection::everything, stop);
}

bool isBelow(const Columns& columns, int end, const plane::Triangle& triangle) {
    return std::ranges::any_of(triangle.corners,
                               [&](int corner) { return columns.levels[size_t(end)].at(corner) < 0; });
}

} // namespace

blank::Panel goingOn(const blank::Panel& panel, double by_mm) {
    blank::Panel on = panel;
    const std::int32_t by = plane::toUnits(by_mm);
    const plane::Box box = plane::boxOf(panel.outline);
    const std::int32_t aside = panel.cuts.around ? 0 : by;
    const plane::Point low{box.low.x - aside, box.low.y - by}, high{box.high.x + aside, box.high.y + by};
    on.outline = {{{low, {high.x, low.y}, high, {low.x, high.y}}}};
    if (!panel.cuts.empty()) {
        on.cuts.v.insert(on.cuts.v.begin(), low.y);
        on.cuts.v.push_back(high.y);
        if (aside > 0) {
            on.cuts.u.insert(on.cuts.u.begin(), low.x);
            on.cuts.u.push_back(high.x);
        }
        on.frontRay = goingOn(panel.frontRay, box.low.y, box.high.y);
        on.backRay = goingOn(panel.backRay, box.low.y, box.high.y);
    }
    on.rim.clear();
    on.edge = {};
    on.joined = false;
    return on;
}

Mesh hollowsOf(const blank::Panel& panel, const Columns& columns, Selection selection,
               const std::stop_token& stop) {
    Columns hollows;
    hollows.plan = columns.plan;
    hollows.levels = columns.levels;
    const std::int32_t mouth = plane::toUnits(mouth_mm), back = -plane::toUnits(panel.thickness);
    const int above = int(hollows.levels.size()), below = above + 1;
    hollows.levels.push_back({mouth, {}, true});
    hollows.levels.push_back({back - mouth, {}, true});
    hollows.material.resize(columns.material.size());
    std::vector<bool> seen(columns.material.size());
    Changed keptBelow(hollows.levels, kept);
    const auto floorFrom = [&](int end) {
        return hollows.levels[size_t(end)].slopes() ? keptBelow(end) : end;
    };
    for (const plane::Triangle& triangle : columns.plan.triangles) {
        const auto cell = size_t(triangle.cell);
        if (!columns.plan.inLayer(triangle.cell, 0))
            continue;
        const auto& material = columns.material[cell];
        std::vector<Interval> lacking;
        int from = panel.wall() ? below : -1; // there is no end of what has no back
        for (const Interval& interval : material) {
            if (selection == Selection::blank && interval.substance != working::Substance::blank)
                continue;
            const Level& low = columns.levels[size_t(interval.low)];
            const bool atBack = from == below && low.height == back && !low.slopes();
            if (from >= 0 && !atBack && !(columns.levels[size_t(from)] == low))
                lacking.push_back({from, interval.low, working::Substance::blank});
            from = interval.high;
        }
        if (from >= 0 && (from == below || isBelow(columns, from, triangle)))
            lacking.push_back({floorFrom(from), above, working::Substance::blank});
        if (lacking.size() > hollows.material[cell].size() || !seen[cell])
            hollows.material[cell] = std::move(lacking);
        seen[cell] = true;
    }
    Mesh mesh = closedMeshOf(panel, hollows, stop);
    std::ranges::fill(mesh.faces, Face::cut);
    return mesh;
}

Mesh lettersOf(const blank::Panel& panel, const Columns& columns, const std::stop_token& stop) {
    Columns letters;
    letters.plan = columns.plan;
    letters.levels = columns.levels;
    Changed deeper(letters.levels, lowered);
    for (const auto& material : columns.material) {
        auto& own = letters.material.emplace_back();
        for (Interval interval : material) {
            if (interval.substance != working::Substance::letters)
                continue;
            const bool onOthers = !own.empty() && columns.levels[size_t(interval.low)] ==
                                                      letters.levels[size_t(own.back().high)];
            if (!onOthers)
                interval.low = deeper(interval.low);
            own.push_back(interval);
        }
    }
    return closedMeshOf(panel, letters, stop);
}

} // namespace bollard::body
