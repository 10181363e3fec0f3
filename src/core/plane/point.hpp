// Points of the plane on the integer grid all geometry shares: one unit is 0.1 micrometre.
#pragma once
#include <algorithm>
#include <cmath>
#include <compare>
#include <cstdint>
#include <limits>

namespace bollard::plane {

constexpr double unitsPerMillimetre = 10000.0;

/// How far from the origin anything may lie, grid units: 107 m. Sums and differences of two such numbers fit
/// 32 bits, and unions stay within exact 64-bit arithmetic.
constexpr std::int32_t gridLimit = (1 << 30) - 1;

/// The nearest grid number: the one way from numbers to the grid. Beyond the limit it is the limit, so that
/// nothing wraps round; what lies there counts as beyond the grid (Box::beyondGrid). No number gives 0.
inline std::int32_t onGrid(double units) {
    if (std::fabs(units) < gridLimit)
        return static_cast<std::int32_t>(std::lround(units));
    return units > 0 ? gridLimit : units < 0 ? -gridLimit : 0;
}

/// Grid units of a length in mm, rounded.
inline std::int32_t toUnits(double millimetres) {
    return onGrid(millimetres * unitsPerMillimetre);
}
inline double toMillimetres(double units) {
    return units / unitsPerMillimetre;
}

/// A point on the grid.
struct Point {
    std::int32_t x = 0;
    std::int32_t y = 0;
    auto operator<=>(const Point&) const = default;
};
inline Point operator+(Point a, Point b) {
    return {a.x + b.x, a.y + b.y};
}
inline Point operator-(Point a, Point b) {
    return {a.x - b.x, a.y - b.y};
}

/// A point or vector off the grid; its unit is told by its owner.
struct Vector {
    double x = 0;
    double y = 0;
    bool operator==(const Vector&) const = default;
};
inline Vector operator+(Vector a, Vector b) {
    return {a.x + b.x, a.y + b.y};
}
inline Vector operator-(Vector a, Vector b) {
    return {a.x - b.x, a.y - b.y};
}
inline Vector operator*(double k, Vector a) {
    return {k * a.x, k * a.y};
}
inline double dot(Vector a, Vector b) {
    return a.x * b.x + a.y * b.y;
}
inline double cross(Vector a, Vector b) {
    return a.x * b.y - a.y * b.x;
}
inline double length(Vector a) {
    return std::sqrt(a.x * a.x + a.y * a.y); // on the grid nothing is so large that squares overflow
}
inline Vector vectorOf(Point p) {
    return {double(p.x), double(p.y)};
}
inline Point onGrid(Vector v) {
    return {onGrid(v.x), onGrid(v.y)};
}
/// The same direction, 1 long; the null vector stays.
inline Vector unit(Vector a) {
    const double size = length(a);
    return size > 0 ? (1 / size) * a : Vector{};
}
/// The point of the segment from `a` to `b` that is nearest to `p`.
inline Vector nearestOnSegment(Vector p, Vector a, Vector b) {
    const Vector along = b - a;
    const double size = dot(along, along);
    const double t = size > 0 ? std::clamp(dot(p - a, along) / size, 0.0, 1.0) : 0;
    return a + t * along;
}
inline double distanceToSegment(Vector p, Vector a, Vector b) {
    return length(p - nearestOnSegment(p, a, b));
}

/// Wide enough for products of any two grid lengths.
__extension__ using Wide = __int128;

/// Twice the signed area of the triangle a b c; positive when it turns left. Exact for all grid points.
inline Wide turn(Point a, Point b, Point c) {
    return static_cast<Wide>(std::int64_t(b.x) - a.x) * (std::int64_t(c.y) - a.y) -
           static_cast<Wide>(std::int64_t(b.y) - a.y) * (std::int64_t(c.x) - a.x);
}

/// An upright box on the grid; empty until something is put in.
struct Box {
    Point low{std::numeric_limits<std::int32_t>::max(), std::numeric_limits<std::int32_t>::max()};
    Point high{std::numeric_limits<std::int32_t>::min(), std::numeric_limits<std::int32_t>::min()};

    bool empty() const { return low.x > high.x; }
    /// It reaches the end of the grid, where shapes are cut off.
    bool beyondGrid() const {
        return !empty() && (std::min(low.x, low.y) <= -gridLimit || std::max(high.x, high.y) >= gridLimit);
    }
    void include(Point p) {
        low = {std::min(low.x, p.x), std::min(low.y, p.y)};
        high = {std::max(high.x, p.x), std::max(high.y, p.y)};
    }
    void include(const Box& other) {
        if (other.empty())
            return;
        include(other.low);
        include(other.high);
    }
    bool meets(const Box& other, std::int32_t reach = 0) const {
        return low.x <= other.high.x + reach && other.low.x <= high.x + reach &&
               low.y <= other.high.y + reach && other.low.y <= high.y + reach;
    }
    bool operator==(const Box&) const = default;
};
inline Box shifted(const Box& box, Point by) {
    return box.empty() ? box : Box{box.low + by, box.high + by};
}

} // namespace bollard::plane
