// Shapes that ornaments are made of, mm. For the sources of this folder only.
#pragma once
#include "plane/region.hpp"
#include <algorithm>
#include <utility>
#include <vector>

namespace bollard::setting {

/// What an outline encloses, flattened within 0.01 mm.
inline plane::Region filledOf(const plane::Outline& outline) {
    constexpr double tolerance = 0.01 * plane::unitsPerMillimetre;
    return plane::filled(plane::flattened(outline, plane::unitsPerMillimetre, tolerance));
}

/// Where a level line runs within a region: from and to, rising.
inline std::vector<std::pair<double, double>> chordsAt(const plane::Region& region, double y) {
    std::vector<double> walls;
    for (const plane::Ring& ring : region.rings)
        for (size_t i = 0; i < ring.size(); ++i) {
            const plane::Point a = ring[i], b = ring[(i + 1) % ring.size()];
            if ((a.y <= y) != (b.y <= y))
                walls.push_back(a.x + (y - a.y) * (double(b.x) - a.x) / (double(b.y) - a.y));
        }
    std::ranges::sort(walls);
    std::vector<std::pair<double, double>> chords;
    for (size_t i = 0; i + 1 < walls.size(); i += 2)
        chords.emplace_back(walls[i], walls[i + 1]);
    return chords;
}

inline plane::Outline ellipse(plane::Vector low, plane::Vector high) {
    const plane::Vector middle = 0.5 * (low + high), half = 0.5 * (high - low);
    return plane::mapped(plane::Outline{{plane::circle({}, 1)}}, [&](plane::Vector v) {
        return plane::Vector{middle.x + half.x * v.x, middle.y + half.y * v.y};
    });
}

} // namespace bollard::setting
