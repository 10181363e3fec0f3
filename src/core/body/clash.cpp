#include "body/extraction.hpp"
#include <optional>

namespace bollard::body {
namespace {

/// Whether what is counted from the front and from the back of a wall has not passed each other.
bool inOrder(const Columns& columns, const std::vector<Interval>& material, const Triangle& triangle,
             const std::vector<Stand>& stands) {
    for (const int corner : triangle.corners) {
        const Stand& stand = stands[size_t(corner)];
        std::optional<std::int32_t> before;
        for (const Interval& interval : material)
            for (const std::int32_t height :
                 {columns.low(interval, corner), columns.high(interval, corner)}) {
                if (before && *before < height &&
                    space::dot(stand.at(height) - stand.at(*before), stand.outwards(height)) <= 0)
                    return false;
                before = height;
            }
    }
    return true;
}

} // namespace

Clash clashOf(std::span<const PanelColumns> parts) {
    for (const PanelColumns& part : parts) {
        const Panel& panel = part.panel;
        const Columns& columns = part.columns;
        if (!panel.frontRay || part.tile)
            continue; // flat walls have no neighbours, and their rays never meet
        const auto& plan = columns.plan;
        std::vector<Stand> stands; // by point
        for (const Point p : plan.points)
            stands.emplace_back(panel, p);
        for (const Triangle& triangle : plan.triangles) {
            const auto& material = columns.material[size_t(triangle.cell)];
            if (panel.goesOn() && !material.empty() && !plan.inLayer(triangle.cell, 0))
                return Clash::throughRim;
            if (!panel.wall() && material.empty() && plan.inLayer(triangle.cell, 0))
                return Clash::turnedOver; // cut through all there is
            const auto at = [&](const Level& level, size_t k) {
                return stands[size_t(triangle.corners[k])].at(level.at(triangle.corners[k]));
            };
            for (const Interval& interval : material)
                for (const int end : {interval.low, interval.high}) {
                    const Level& level = columns.levels[size_t(end)];
                    if (level.height <= working::farDown)
                        continue;
                    const Vertex a = at(level, 0), b = at(level, 1), c = at(level, 2);
                    if (a == b || b == c || c == a)
                        continue; // at a pole
                    const Vertex n = space::cross(b - a, c - a);
                    Vertex outwards{0, 0, 0};
                    for (const int corner : triangle.corners)
                        outwards = outwards + stands[size_t(corner)].outwards(level.at(corner));
                    if (space::dot(n, outwards) <= 0)
                        return Clash::turnedOver;
                }
            if (panel.backRay && !inOrder(columns, material, triangle, stands))
                return Clash::turnedOver;
            for (int k = 0; k < 3; ++k) {
                if (!isRim(panel, plan, triangle, k))
                    continue;
                const auto plain = [&](int corner) {
                    return columns.high(material.back(), corner) == 0 &&
                           (!panel.wall() ||
                            columns.low(material.front(), corner) == -plane::toUnits(panel.thickness));
                };
                const bool whole = material.size() == 1 && plain(triangle.corners[size_t(k + 1) % 3]) &&
                                   plain(triangle.corners[size_t(k + 2) % 3]);
                if (!whole)
                    return Clash::throughRim;
            }
        }
    }
    return Clash::none;
}

std::optional<quantity::Problem> problemOf(Clash clash) {
    switch (clash) {
    case Clash::turnedOver:
        return quantity::Problem{quantity::ProblemKind::cutTooDeep};
    case Clash::throughRim:
        return quantity::Problem{quantity::ProblemKind::rimCrossed};
    case Clash::none:
        break;
    }
    return std::nullopt;
}

} // namespace bollard::body
