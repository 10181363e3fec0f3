#include "plane/gap.hpp"

namespace bollard::plane {
namespace {

struct Stretch {
    Point from, to;
    Box box;
};

std::vector<Stretch> stretchesNear(const Region& region, Point offset, const Box& other, double reach) {
    std::vector<Stretch> near;
    for (const Ring& ring : region.rings)
        for (size_t i = 0; i < ring.size(); ++i) {
            Stretch s{ring[i] + offset, ring[(i + 1) % ring.size()] + offset, {}};
            s.box.include(s.from);
            s.box.include(s.to);
            if (s.box.meets(other, static_cast<std::int32_t>(reach)))
                near.push_back(s);
        }
    return near;
}

struct Near {
    double squared;
    Vector middle;
};

Near pointToStretch(Vector p, const Stretch& s) {
    const Vector a = vectorOf(s.from), d = vectorOf(s.to) - a;
    const double t = std::clamp(dot(p - a, d) / dot(d, d), 0.0, 1.0);
    const Vector foot = a + t * d;
    return {dot(foot - p, foot - p), 0.5 * (foot + p)};
}

/// Two segments that do not cross are nearest at an end of one of them.
Near between(const Stretch& a, const Stretch& b) {
    Near best = pointToStretch(vectorOf(a.from), b);
    for (const Near& other : {pointToStretch(vectorOf(a.to), b), pointToStretch(vectorOf(b.from), a),
                              pointToStretch(vectorOf(b.to), a)})
        if (other.squared < best.squared)
            best = other;
    return best;
}

bool crosses(const Stretch& a, const Stretch& b) {
    const auto sign = [](auto v) { return v > 0 ? 1 : v < 0 ? -1 : 0; };
    return sign(turn(a.from, a.to, b.from)) * sign(turn(a.from, a.to, b.to)) < 0 &&
           sign(turn(b.from, b.to, a.from)) * sign(turn(b.from, b.to, a.to)) < 0;
}

double boxDistanceSquared(const Box& a, const Box& b) {
    const double dx = std::max({0.0, double(a.low.x) - b.high.x, double(b.low.x) - a.high.x});
    const double dy = std::max({0.0, double(a.low.y) - b.high.y, double(b.low.y) - a.high.y});
    return dx * dx + dy * dy;
}

/// The longest distance between two points of a common part: the chord that joins the crossing outlines.
void measureNeck(const Region& a, const Region& b, Point offset, Gap& gap) {
    for (const Region& part : parts(common(a, shifted(b, offset)))) {
        const Ring& ring = part.rings.front();
        for (size_t i = 0; i < ring.size(); ++i)
            for (size_t j = i + 1; j < ring.size(); ++j)
                if (const double d = length(vectorOf(ring[i] - ring[j])); d > gap.neck) {
                    gap.neck = d;
                    gap.at = 0.5 * (vectorOf(ring[i]) + vectorOf(ring[j]));
                }
    }
    gap.kind = gap.neck > 0 ? Gap::Kind::overlapping : Gap::Kind::touching;
}

bool oneLiesInTheOther(const Region& a, const Region& b, Point offset) {
    const auto within = [](const Region& outer, const Region& inner, Point by) {
        return !inner.empty() && contains(outer, inner.rings.front().front() + by);
    };
    return within(a, b, offset) || within(b, a, Point{} - offset);
}

/// Distances between the boundaries, whatever lies inside what. `touching` only tells of crossing here.
Gap measuredGap(const Region& a, const Region& b, Point offset, double reach) {
    Gap gap;
    const Box boxA = boxOf(a), boxB = shifted(boxOf(b), offset);
    if (boxA.empty() || boxB.empty() || !boxA.meets(boxB, static_cast<std::int32_t>(reach)))
        return gap;
    const std::vector<Stretch> nearA = stretchesNear(a, {}, boxB, reach);
    const std::vector<Stretch> nearB = stretchesNear(b, offset, boxA, reach);
    const double farthest = reach * reach;
    double least = farthest;
    for (const Stretch& s : nearA) {
        Near best{farthest, {}};
        for (const Stretch& t : nearB) {
            if (boxDistanceSquared(s.box, t.box) > best.squared)
                continue;
            if (s.box.meets(t.box) && crosses(s, t))
                gap.kind = Gap::Kind::overlapping;
            if (const Near here = between(s, t); here.squared < best.squared)
                best = here;
        }
        if (best.squared >= farthest)
            continue;
        gap.samples.push_back({best.middle, std::sqrt(best.squared), length(vectorOf(s.to - s.from))});
        if (best.squared < least) {
            least = best.squared;
            gap.at = best.middle;
        }
    }
    if (least == 0 && gap.kind == Gap::Kind::apart)
        gap.kind = Gap::Kind::touching;
    gap.inReach = least < farthest || gap.kind != Gap::Kind::apart;
    gap.least = gap.kind == Gap::Kind::apart ? std::sqrt(least) : 0;
    return gap;
}

} // namespace

Gap gapBetween(const Region& a, const Region& b, Point offset, double reach) {
    Gap gap = measuredGap(a, b, offset, reach);
    const bool boxesMeet = boxOf(a).meets(shifted(boxOf(b), offset));
    if (gap.kind == Gap::Kind::apart && !(boxesMeet && oneLiesInTheOther(a, b, offset)))
        return gap;
    gap.inReach = true;
    gap.least = 0;
    gap.samples.clear();
    measureNeck(a, b, offset, gap);
    return gap;
}

Gap boundaryGap(const Region& a, const Region& b, double reach) {
    return measuredGap(a, b, {}, reach);
}

} // namespace bollard::plane
