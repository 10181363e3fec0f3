#include "body/walls.hpp"
#include <algorithm>
#include <cmath>

namespace bollard::body {

using plane::Subdivision, plane::Triangle;

namespace {

/// Calls with the two ends of each wall and the corner of a triangle beside it.
template<class Found> void forEachWall(const Subdivision& plan, Found found) {
    for (const Triangle& triangle : plan.triangles)
        for (size_t k = 0; k < 3; ++k)
            if (plan.cellAcross(triangle, int(k)) != triangle.cell)
                found(triangle.corners[(k + 1) % 3], triangle.corners[(k + 2) % 3], triangle.corners[k]);
}

/// How a wall between two points is bent, at its worst height.
struct Twist {
    double shear = 0; ///< mm that it is out of one plane
    double turn = 0;  ///< radians between its foot and its top
};
Twist twistOf(const Stand& own, const Stand& there, const std::vector<std::int32_t>& heights) {
    Twist worst;
    for (size_t i = 0; i + 1 < heights.size(); ++i) {
        const Vertex apart = there.at(heights[i]) - own.at(heights[i]),
                     turned = there.at(heights[i + 1]) - own.at(heights[i + 1]) - apart;
        const double far = std::sqrt(space::dot(apart, apart)), by = std::sqrt(space::dot(turned, turned));
        // What is only drawn together or apart is flat: it is the rest that twists.
        const double along = far > 0 ? space::dot(apart, turned) / far : by;
        worst.shear = std::max(worst.shear, std::sqrt(std::max(0.0, by * by - along * along)));
        worst.turn = std::max(worst.turn, far > 0 ? by / far : 0);
    }
    return worst;
}

/// Alike at both ends of walls that meet others sharply, or these would run through each other elsewhere.
void makeAlike(const Walls& walls, std::vector<int>& parts) {
    for (bool changed = true; changed;) {
        changed = false;
        for (size_t p = 0; p < walls.ends.size(); ++p) {
            if (!(walls.sharpest[p] < Walls::blunt))
                continue;
            int all = parts[p];
            for (const int end : walls.ends[p])
                all = std::max(all, parts[size_t(end)]);
            const auto raise = [&](int& own) {
                changed |= own < all;
                own = all;
            };
            for (const int end : walls.ends[p])
                raise(parts[size_t(end)]);
            raise(parts[p]);
        }
    }
}

} // namespace

Walls wallsOf(const Subdivision& plan) {
    const size_t points = plan.points.size();
    const auto at = [&](int point) { return plane::vectorOf(plan.points[size_t(point)]); };
    Walls walls{std::vector<std::vector<int>>(points), std::vector<double>(points, Walls::blunt),
                std::vector<double>(points, 1)};
    std::vector<std::vector<std::pair<double, int>>> ways(points); // which way, and to where
    forEachWall(plan, [&](int a, int b, int beside) {
        const plane::Vector way = at(b) - at(a);
        ways[size_t(a)].emplace_back(std::atan2(way.y, way.x), b);
        ways[size_t(b)].emplace_back(std::atan2(-way.y, -way.x), a);
        const double away = plane::toMillimetres(plane::distanceToSegment(at(beside), at(a), at(b)));
        for (const int p : {a, b, beside})
            walls.room[size_t(p)] =
                std::min(walls.room[size_t(p)], std::max(away, 1 / plane::unitsPerMillimetre));
    });
    constexpr double same = 1e-9;
    for (size_t p = 0; p < points; ++p) {
        std::ranges::sort(ways[p]);
        for (size_t i = 0; i < ways[p].size(); ++i) {
            const bool last = i + 1 == ways[p].size();
            const double angle = last ? ways[p][0].first + 2 * M_PI - ways[p][i].first
                                      : ways[p][i + 1].first - ways[p][i].first;
            if (angle > same)
                walls.sharpest[p] = std::min(walls.sharpest[p], angle);
            walls.ends[p].push_back(ways[p][i].second);
        }
    }
    return walls;
}

std::vector<int> partsOf(const Walls& walls, std::span<const Stand> stands,
                         const std::function<std::vector<std::int32_t>(int point)>& heightsAt) {
    constexpr double flat = 0.002; // mm
    constexpr int most = 48;
    std::vector<int> parts(walls.ends.size(), 1);
    for (size_t p = 0; p < walls.ends.size(); ++p) {
        if (walls.ends[p].empty())
            continue;
        const std::vector<std::int32_t> heights = heightsAt(int(p));
        for (const int end : walls.ends[p]) {
            const Twist twist = twistOf(stands[p], stands[size_t(end)], heights);
            const double least = std::min({flat, walls.room[p] / 4, walls.room[size_t(end)] / 4});
            const double sharp = walls.sharpest[p] < Walls::blunt ? twist.turn / (2 * walls.sharpest[p]) : 0;
            const int asked = std::clamp(int(std::ceil(std::max(twist.shear / 4 / least, sharp))), 1, most);
            parts[p] = std::max(parts[p], asked);
            parts[size_t(end)] = std::max(parts[size_t(end)], asked);
        }
    }
    makeAlike(walls, parts);
    return parts;
}

} // namespace bollard::body
