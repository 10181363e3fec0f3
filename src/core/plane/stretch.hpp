// How what is drawn true in one place lies on a plan that is wider there.
#pragma once
#include "plane/region.hpp"
#include <memory>
#include <vector>

namespace bollard::plane {

/// x times a scale, and then, where there are bends, from bend to bend, which come again after the last; grid
/// units. y stays.
struct Stretch {
    struct Bend {
        double drawn = 0;
        double plan = 0;
        bool operator==(const Bend&) const = default;
    };
    double scale = 1;                                 ///< above 0
    std::shared_ptr<const std::vector<Bend>> bends{}; ///< both rising; null: none

    bool none() const { return scale == 1 && !bends; }
    double toPlan(double x) const;
    double toDrawn(double x) const;
    Point toPlan(Point p) const { return none() ? p : Point{onGrid(toPlan(double(p.x))), p.y}; }
    /// From `a` to `b` on the plan, by way of what lies on bends; both ends too.
    std::vector<Point> path(Point a, Point b) const;
    bool operator==(const Stretch& other) const {
        return scale == other.scale &&
               (bends == other.bends || (bends && other.bends && *bends == *other.bends));
    }
};

/// The region on the plan, with points where its edges bend.
Region stretched(const Region& region, const Stretch& stretch);
/// Around the region on the plan.
Box stretched(Box box, const Stretch& stretch);

} // namespace bollard::plane
