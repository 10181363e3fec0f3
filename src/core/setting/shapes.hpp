// Shapes that ornaments are made of, mm. For the sources of this folder only.
#pragma once
#include "plane/region.hpp"

namespace bollard::setting {

/// What an outline encloses, flattened within 0.01 mm.
inline plane::Region filledOf(const plane::Outline& outline) {
    constexpr double tolerance = 0.01 * plane::unitsPerMillimetre;
    return plane::filled(plane::flattened(outline, plane::unitsPerMillimetre, tolerance));
}

inline plane::Outline ellipse(plane::Vector low, plane::Vector high) {
    const plane::Vector middle = 0.5 * (low + high), half = 0.5 * (high - low);
    return plane::mapped(plane::Outline{{plane::circle({}, 1)}}, [&](plane::Vector v) {
        return plane::Vector{middle.x + half.x * v.x, middle.y + half.y * v.y};
    });
}

} // namespace bollard::setting
