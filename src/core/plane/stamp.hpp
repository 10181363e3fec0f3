// Outlines drawn once and laid out in many places.
#pragma once
#include "plane/outline.hpp"
#include <memory>
#include <utility>

namespace bollard::plane {

/// A change of place that keeps shapes: mirrored at x = 0, then made larger, turned about the origin,
/// shifted.
struct Similarity {
    Vector to{};
    double scale = 1;
    double turn = 0; ///< degrees, counter-clockwise
    bool mirrored = false;

    Vector operator()(Vector v) const {
        const double c = std::cos(turn * M_PI / 180), s = std::sin(turn * M_PI / 180);
        const Vector w{scale * (mirrored ? -v.x : v.x), scale * v.y};
        return to + Vector{c * w.x - s * w.y, s * w.x + c * w.y};
    }
};

/// An outline in a place. Equal ones are shared, so that what is found out of one holds for all.
struct Stamp {
    std::shared_ptr<const Outline> outline{}; ///< never null
    Similarity place{};
};

inline Stamp stampOf(Outline outline) {
    return {std::make_shared<const Outline>(std::move(outline)), {}};
}

/// All of them where they lie.
inline Outline outlineOf(const std::vector<Stamp>& stamps) {
    Outline all;
    for (const Stamp& stamp : stamps)
        for (const Contour& contour : stamp.outline->contours)
            all.contours.push_back(mapped(contour, stamp.place));
    return all;
}

} // namespace bollard::plane
