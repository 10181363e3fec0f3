#include "plane/gap.hpp"
#include <algorithm>
#include <boost/geometry/geometries/box.hpp>
#include <boost/geometry/geometries/point_xy.hpp>
#include <boost/geometry/index/rtree.hpp>
#include <numeric>
#include <optional>

namespace bollard::plane {
namespace {

struct Stretch {
    Point from, to;
    Box box;
};

Stretch stretchOf(Point from, Point to) {
    Stretch s{from, to, {}};
    s.box.include(from);
    s.box.include(to);
    return s;
}

std::vector<Stretch> stretchesNear(const Region& region, Point offset, const Box& other, double reach) {
    std::vector<Stretch> near;
    for (const Ring& ring : region.rings)
        for (size_t i = 0; i < ring.size(); ++i) {
            const Stretch s = stretchOf(ring[i] + offset, ring[(i + 1) % ring.size()] + offset);
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

/// Where two shapes that cross overlap, or share a piece of edge.
void findMeetings(const Region& a, const Region& b, Point offset, Gap& gap) {
    const Region other = shifted(b, offset);
    double most = 0;
    for (const Region& part : parts(common(a, other))) {
        const auto [p, q] = farthestApart(part.rings.front());
        const double across = length(vectorOf(p - q));
        gap.meetings.push_back({boxOf(part), across});
        if (across > most) {
            most = across;
            gap.at = 0.5 * (vectorOf(p) + vectorOf(q));
        }
    }
    gap.kind = Gap::Kind::overlapping;
    if (!gap.meetings.empty())
        return;
    gap.kind = Gap::Kind::touching;
    // Along an edge they become one, at points they do not.
    if (parts(united(std::vector{a, other})).size() == parts(a).size() + parts(other).size())
        return;
    const Box one = boxOf(a), two = boxOf(other);
    const Box shared{{std::max(one.low.x, two.low.x), std::max(one.low.y, two.low.y)},
                     {std::min(one.high.x, two.high.x), std::min(one.high.y, two.high.y)}};
    gap.meetings.push_back({shared, length(vectorOf(shared.high - shared.low))});
}

/// The part of two boundary segments (their shapes on their left) that runs side by side, facing each other:
/// its middle and width. Walls that close by more than 6 degrees end in a corner, and are no crevice.
struct Facing {
    GapSample narrowest{};
    Vector between{}; ///< in the middle of it
};
std::optional<Facing> facing(const Stretch& s, const Stretch& t) {
    const Vector from = vectorOf(s.from), along = vectorOf(s.to - s.from), other = vectorOf(t.to - t.from);
    const double size = length(along);
    constexpr double leastCosine = 0.9945; // of 6 degrees
    if (dot(along, other) > -leastCosine * size * length(other))
        return std::nullopt;
    // Of t in the frame of s: u along it, v to its right, where it is empty.
    const Vector direction = (1 / size) * along, right{direction.y, -direction.x};
    const Vector a = vectorOf(t.to) - from, b = vectorOf(t.from) - from;
    const double ua = dot(a, direction), ub = dot(b, direction), va = dot(a, right), vb = dot(b, right);
    const double low = std::max(0.0, ua), high = std::min(size, ub);
    if (!(high > low) || !(ub > ua))
        return std::nullopt;
    const auto across = [&](double u) { return va + (vb - va) * (u - ua) / (ub - ua); };
    const double narrow = across(low) <= across(high) ? low : high, width = across(narrow);
    if (width <= 0)
        return std::nullopt;
    const auto halfway = [&](double u) { return from + u * direction + (across(u) / 2) * right; };
    return Facing{{halfway(narrow), width, high - low}, halfway((low + high) / 2)};
}

/// The crevices beside where two shapes meet.
void measureCrevices(const Region& a, const Region& b, Point offset, double reach, Gap& gap) {
    const std::vector<Stretch> nearA = stretchesNear(a, {}, shifted(boxOf(b), offset), reach);
    std::vector<Stretch> nearB = stretchesNear(b, offset, boxOf(a), reach);
    const auto left = [](const Stretch& s) { return double(s.box.low.x); };
    std::ranges::sort(nearB, {}, left);
    double widest = 0;
    for (const Stretch& t : nearB)
        widest = std::max(widest, double(t.box.high.x) - t.box.low.x);
    for (const Stretch& s : nearA) {
        std::optional<GapSample> best;
        for (auto t = std::ranges::lower_bound(nearB, s.box.low.x - reach - widest, {}, left);
             t != nearB.end() && left(*t) <= s.box.high.x + reach; ++t) {
            if (!s.box.meets(t->box, static_cast<std::int32_t>(reach)))
                continue;
            const auto here = facing(s, *t);
            if (!here || here->narrowest.distance >= (best ? best->distance : reach))
                continue;
            const Point middle = onGrid(here->between);
            if (!contains(a, middle) && !contains(b, middle - offset))
                best = here->narrowest;
        }
        if (best)
            gap.samples.push_back(*best);
    }
}

bool oneLiesInTheOther(const Region& a, const Region& b, Point offset) {
    const auto within = [](const Region& outer, const Region& inner, Point by) {
        return !inner.empty() && contains(outer, inner.rings.front().front() + by);
    };
    return within(a, b, offset) || within(b, a, Point{} - offset);
}

/// Distances between stretches of two boundaries, whatever lies inside what. `touching` only tells of
/// crossing here. When `wholly` is false nothing more is measured once they are known to meet.
Gap gapOf(const std::vector<Stretch>& nearA, const std::vector<Stretch>& nearB, double reach, bool wholly) {
    Gap gap;
    const double farthest = reach * reach;
    double least = farthest;
    // Those of the other shape from left to right, so that each side looks only at what is as near in x.
    std::vector<size_t> order(nearB.size());
    std::iota(order.begin(), order.end(), size_t{0});
    const auto left = [&](size_t i) { return double(nearB[i].box.low.x); };
    std::ranges::sort(order, {}, left);
    double widest = 0;
    for (const Stretch& t : nearB)
        widest = std::max(widest, double(t.box.high.x) - t.box.low.x);
    for (const Stretch& s : nearA) {
        Near best{farthest, {}};
        size_t bestOf = 0;
        for (auto next = std::ranges::lower_bound(order, s.box.low.x - reach - widest, {}, left);
             next != order.end() && left(*next) <= s.box.high.x + reach; ++next) {
            const Stretch& t = nearB[*next];
            if (boxDistanceSquared(s.box, t.box) > best.squared)
                continue;
            if (s.box.meets(t.box) && crosses(s, t))
                gap.kind = Gap::Kind::overlapping;
            const Near here = between(s, t);
            if (here.squared < best.squared ||
                (here.squared == best.squared && here.squared < farthest && *next < bestOf)) {
                best = here;
                bestOf = *next;
            }
            if (!wholly && (best.squared == 0 || gap.kind != Gap::Kind::apart)) {
                gap.kind = gap.kind == Gap::Kind::apart ? Gap::Kind::touching : gap.kind;
                gap.inReach = true;
                gap.at = best.middle;
                return gap;
            }
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

namespace geo = boost::geometry;
using TreeCorner = geo::model::d2::point_xy<double>;
using TreeBox = geo::model::box<TreeCorner>;
template<class Of> using Tree = geo::index::rtree<std::pair<TreeBox, Of>, geo::index::rstar<16>>;

TreeBox treeBox(const Box& box, double reach = 0) {
    return {{box.low.x - reach, box.low.y - reach}, {box.high.x + reach, box.high.y + reach}};
}

} // namespace

std::pair<Point, Point> farthestApart(const Ring& ring) {
    // They are corners of the convex hull (A. Andrew's monotone chain, 1979).
    Ring sorted = ring, hull;
    std::ranges::sort(sorted);
    for (int way = 0; way < 2; ++way) {
        const size_t base = hull.size();
        for (const Point p : sorted) {
            while (hull.size() >= base + 2 && turn(hull[hull.size() - 2], hull.back(), p) <= 0)
                hull.pop_back();
            hull.push_back(p);
        }
        std::ranges::reverse(sorted);
    }
    std::pair<Point, Point> farthest{sorted.front(), sorted.front()};
    double most = 0;
    for (size_t i = 0; i < hull.size(); ++i)
        for (size_t j = i + 1; j < hull.size(); ++j)
            if (const double d = length(vectorOf(hull[i]) - vectorOf(hull[j])); d > most) {
                most = d;
                farthest = {hull[i], hull[j]};
            }
    return farthest;
}

Gap gapBetween(const Region& a, const Region& b, Point offset, double reach, bool meetings) {
    Gap gap;
    const Box boxA = boxOf(a), boxB = shifted(boxOf(b), offset);
    if (boxA.empty() || boxB.empty())
        return gap;
    if (boxA.meets(boxB, static_cast<std::int32_t>(reach)))
        gap = gapOf(stretchesNear(a, {}, boxB, reach), stretchesNear(b, offset, boxA, reach), reach, false);
    const bool cross = gap.kind != Gap::Kind::apart;
    if (!cross && !(boxA.meets(boxB) && oneLiesInTheOther(a, b, offset)))
        return gap;
    gap.inReach = true;
    gap.kind = Gap::Kind::overlapping;
    gap.least = 0;
    gap.samples.clear();
    if (!cross)
        return gap; // one lies in the other
    measureCrevices(a, b, offset, reach, gap);
    if (meetings)
        findMeetings(a, b, offset, gap);
    return gap;
}

struct BoundaryIndex::Index {
    Region region{};
    std::vector<Stretch> stretches{};
    Tree<int> sides{}, rings{};

    std::vector<Stretch> near(const Box& box, double reach) const {
        std::vector<std::pair<TreeBox, int>> found;
        sides.query(geo::index::intersects(treeBox(box, reach)), std::back_inserter(found));
        std::ranges::sort(found, {}, &std::pair<TreeBox, int>::second);
        std::vector<Stretch> result;
        for (const auto& [where, side] : found)
            result.push_back(stretches[size_t(side)]);
        return result;
    }

    /// Whether a point that lies on no boundary lies inside.
    bool holds(Point p) const { return contains(about({p, p}), p); }

    /// The rings that decide about a box: what does not meet it winds round it not at all.
    Region about(const Box& box) const {
        std::vector<std::pair<TreeBox, int>> found;
        rings.query(geo::index::intersects(treeBox(box)), std::back_inserter(found));
        std::ranges::sort(found, {}, &std::pair<TreeBox, int>::second);
        Region local;
        for (const auto& [where, ring] : found)
            local.rings.push_back(region.rings[size_t(ring)]);
        return local;
    }
};

BoundaryIndex::BoundaryIndex(const Region& region, const Box& about) {
    auto index = std::make_unique<Index>();
    index->region = region;
    std::vector<std::pair<TreeBox, int>> sides, rings;
    for (const Ring& ring : region.rings) {
        rings.emplace_back(treeBox(boxOf(ring)), int(rings.size()));
        for (size_t i = 0; i < ring.size(); ++i) {
            const Stretch side = stretchOf(ring[i], ring[(i + 1) % ring.size()]);
            if (!about.empty() && !side.box.meets(about))
                continue;
            index->stretches.push_back(side);
            sides.emplace_back(treeBox(index->stretches.back().box), int(sides.size()));
        }
    }
    index->sides = Tree<int>(sides);
    index->rings = Tree<int>(rings);
    index_ = std::move(index);
}

BoundaryIndex::~BoundaryIndex() = default;

bool BoundaryIndex::clearOf(const Box& box) const {
    return index_->near(box, 0).empty();
}

bool BoundaryIndex::holds(Point point) const {
    return index_->holds(point);
}

bool BoundaryIndex::passes(Vector point) const {
    constexpr double rounding = 2;
    const Point near = onGrid(point);
    return std::ranges::any_of(index_->near({near, near}, 2 * rounding), [&](const Stretch& s) {
        return distanceToSegment(point, vectorOf(s.from), vectorOf(s.to)) <= rounding;
    });
}

BoundaryIndex::Lies BoundaryIndex::lies(const Region& shape) const {
    const Box box = boxOf(shape);
    if (box.empty())
        return Lies::inside;
    if (clearOf(box))
        return index_->holds(shape.rings.front().front()) ? Lies::inside : Lies::outside;
    // What of the shape sticks out, but for slivers that rounding leaves along a common edge.
    const auto wide = [](const Region& region) {
        return std::ranges::any_of(parts(region), [](const Region& part) {
            double round = 0;
            for (const Ring& ring : part.rings)
                for (size_t i = 0; i < ring.size(); ++i)
                    round += length(vectorOf(ring[(i + 1) % ring.size()]) - vectorOf(ring[i]));
            return areaOf(part) > round / 2;
        });
    };
    const Region local = index_->about(box);
    if (!wide(without(shape, local)))
        return Lies::inside;
    return wide(common(shape, local)) ? Lies::across : Lies::outside;
}

Gap BoundaryIndex::gapTo(const Region& shape, double reach) const {
    const Box box = boxOf(shape);
    if (box.empty())
        return {};
    std::vector<Stretch> near = index_->near(box, reach);
    if (near.empty())
        return {};
    Box boundary;
    for (const Stretch& s : near)
        boundary.include(s.box);
    return gapOf(stretchesNear(shape, {}, boundary, reach), near, reach, true);
}

double BoundaryIndex::distanceTo(Vector point, double reach) const {
    const Point near = onGrid(point);
    constexpr double rounding = 1;
    for (double within = std::min(reach, std::max(1.0, reach / 16)); reach > 0;
         within = std::min(2 * within, reach)) {
        double least = reach;
        for (const Stretch& s : index_->near({near, near}, within + rounding))
            least = std::min(least, distanceToSegment(point, vectorOf(s.from), vectorOf(s.to)));
        if (least <= within || within >= reach)
            return least;
    }
    return 0;
}

} // namespace bollard::plane
