#include "plane/arc_fit.hpp"
#include <optional>

namespace bollard::plane {
namespace {

/// The arc from the first point through the middle one to the last, when all points and the middles of their
/// chords lie on it within the tolerance.
std::optional<double> sweepOfArc(std::span<const Vector> points, double tolerance) {
    const Vector a = points.front(), m = points[points.size() / 2], b = points.back();
    const double twice = cross(m - a, b - a);
    const double chord = length(b - a);
    if (chord == 0 || std::fabs(twice) < 1e-12 * chord * chord)
        return std::nullopt;
    const Vector u = m - a, v = b - a;
    const double below = 2 * cross(u, v);
    const Vector centre =
        a + (1 / below) * Vector{v.y * dot(u, u) - u.y * dot(v, v), u.x * dot(v, v) - v.x * dot(u, u)};
    const double radius = length(a - centre);
    double turned = 0;
    for (size_t i = 0; i < points.size(); ++i) {
        if (std::fabs(length(points[i] - centre) - radius) > tolerance)
            return std::nullopt;
        if (i == 0)
            continue;
        const Vector p = points[i - 1] - centre, q = points[i] - centre;
        const double step = std::atan2(cross(p, q), dot(p, q));
        // The points are all there is to tell by: between two of them the arc may leave the chord by no more
        // than a point may be off it, both together.
        const double off = std::max(std::fabs(length(p) - radius), std::fabs(length(q) - radius));
        if (off + radius - radius * std::cos(step / 2) > tolerance || (twice > 0) != (step > 0))
            return std::nullopt;
        turned += step;
    }
    if (std::fabs(turned) > M_PI + 1e-9)
        return std::nullopt;
    return turned * 180 / M_PI;
}

bool isStraight(std::span<const Vector> points, double tolerance) {
    for (size_t i = 1; i + 1 < points.size(); ++i)
        if (distanceToSegment(points[i], points.front(), points.back()) > tolerance)
            return false;
    return true;
}

/// How many points from the front one stretch can take, and its sweep.
struct FittedArc {
    size_t last = 1;
    double sweep = 0;
};

FittedArc longestFrom(std::span<const Vector> points, double tolerance) {
    FittedArc best;
    constexpr size_t leastForArc = 3; // chords
    // Lengths are tried in growing steps, then halved: what fits nearly always fits a little shorter too.
    const auto grow = [&](auto fits, size_t from) {
        size_t good = 0, step = 1;
        for (size_t last = from; last < points.size();) {
            if (fits(last)) {
                good = last;
                step *= 2;
                last = std::min(good + step, points.size() - 1);
                if (last == good)
                    break;
            } else if (step > 1) {
                step = std::max<size_t>(1, step / 4);
                last = good + step;
                if (good == 0)
                    break;
            } else {
                break;
            }
        }
        return good;
    };
    best.last = std::max<size_t>(
        1, grow([&](size_t last) { return isStraight(points.first(last + 1), tolerance); }, 1));
    const size_t arc = grow(
        [&](size_t last) { return sweepOfArc(points.first(last + 1), tolerance).has_value(); }, leastForArc);
    if (arc > best.last)
        best = {arc, *sweepOfArc(points.first(arc + 1), tolerance)};
    return best;
}

} // namespace

ArcPath arcsThrough(std::span<const Vector> points, bool closed, double tolerance) {
    ArcPath path;
    path.closed = closed;
    if (points.empty())
        return path;
    std::vector<Vector> all(points.begin(), points.end());
    if (closed && all.size() > 2) {
        // Begin at the sharpest corner, so that no stretch is cut in two there.
        size_t sharpest = 0;
        double most = -1;
        for (size_t i = 0; i < all.size(); ++i) {
            const Vector in = all[i] - all[(i + all.size() - 1) % all.size()],
                         out = all[(i + 1) % all.size()] - all[i];
            const double turn = std::fabs(std::atan2(cross(in, out), dot(in, out)));
            if (turn > most + 1e-9) {
                most = turn;
                sharpest = i;
            }
        }
        std::rotate(all.begin(), all.begin() + std::ptrdiff_t(sharpest), all.end());
        all.push_back(all.front());
    }
    path.start = all.front();
    for (size_t at = 0; at + 1 < all.size();) {
        const FittedArc stretch = longestFrom(std::span(all).subspan(at), tolerance);
        at += stretch.last;
        path.segments.push_back({all[at], stretch.sweep});
    }
    return path;
}

} // namespace bollard::plane
