// The upright walls over a plan, and in how many parts those of a side that bends are made. For the sources
// of this folder only.
#pragma once
#include "body/stand.hpp"
#include "plane/subdivision.hpp"
#include <functional>
#include <span>

namespace bollard::body {

/// By point of the plan.
struct Walls {
    static constexpr double blunt = M_PI / 6;
    std::vector<std::vector<int>> ends{}; ///< what lies at the other end of each wall that begins there
    std::vector<double> sharpest{};       ///< the angle between two of them, radians, no larger than blunt
    std::vector<double> room{};           ///< how near other corners come to them, mm, no more than 1
};
Walls wallsOf(const plane::Subdivision& plan);

/// Into how many parts in height each point's walls go: so many that their triangles leave the true wall,
/// which is twisted, by no more than 0.002 mm and than a quarter of the room beside them, and turn by less
/// than there is between two that meet sharply; 48 at most. `heightsAt`: the heights over a point, upwards.
/// O(walls times heights).
std::vector<int> partsOf(const Walls& walls, std::span<const Stand> stands,
                         const std::function<std::vector<std::int32_t>(int point)>& heightsAt);

} // namespace bollard::body
