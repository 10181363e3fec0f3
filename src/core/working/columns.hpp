// The part as columns of material over the plane.
#pragma once
#include "plane/development.hpp"
#include "working/change.hpp"
#include <span>
#include <stop_token>
#include <utility>
#include <vector>

namespace bollard::working {

/// A height over every point of the plan, grid units above the front side: the same one but for some points.
struct Level {
    std::int32_t height = 0;
    std::vector<std::pair<int, std::int32_t>> byPoint{}; ///< sorted by point
    bool cut = false;                                    ///< where letters take material away

    std::int32_t at(int point) const { return byPoint.empty() ? height : lookUp(point); }
    bool slopes() const { return !byPoint.empty(); }
    /// Of equal height everywhere.
    bool operator==(const Level& other) const { return height == other.height && byPoint == other.byPoint; }

  private:
    std::int32_t lookUp(int point) const;
};

/// Material between two levels, by their numbers; low is nowhere above high. Where they meet is none.
struct Interval {
    int low = 0;
    int high = 0;
    Substance substance = Substance::blank;
    bool operator==(const Interval&) const = default;
};

/// Over each cell of the plan the material, sorted upwards, never overlapping. Intervals of different
/// substance may abut. No two columns meet in an edge or a point only, so the surface around them is
/// 2-manifold. Over one layer set there are several cells where slopes run through each other.
struct Columns {
    plane::Subdivision plan{};
    std::vector<Level> levels{};
    std::vector<std::vector<Interval>> material{}; ///< by cell

    bool slope() const { return std::ranges::any_of(levels, &Level::slopes); }
    std::int32_t low(const Interval& interval, int point) const {
        return levels[size_t(interval.low)].at(point);
    }
    std::int32_t high(const Interval& interval, int point) const {
        return levels[size_t(interval.high)].at(point);
    }
};

/// Carries out the changes one after another, the last one last. Slopes are exact but for chords within 0.005
/// mm. Where columns would meet only in a point a pad 20 micrometres across joins them (larger only in wedges
/// thinner than the grid); where they would meet only along an edge in height one is lowered by 10
/// micrometres. Where slopes run through each other the plan is cut; geometryFailed when that does not
/// settle. Over a side that is not flat the first change is all of the side, which the cuts span, but for
/// what its region's further rings leave out.
quantity::Result<Columns> columnsOf(std::span<const Change> changes, std::stop_token stop = {},
                                    const plane::Cuts& cuts = {});

} // namespace bollard::working
