#include "setting/links.hpp"
#include "plane/gap.hpp"
#include "plane/near_boxes.hpp"
#include "quantity/groups.hpp"
#include "setting/shapes.hpp"
#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <optional>

namespace bollard::setting {
namespace {

using plane::Box, plane::Region, plane::Vector;

struct Link {
    Vector from{}, to{}; ///< the wall of one shape and that of the other
    double cost = std::numeric_limits<double>::infinity();
    int a = 0, b = 0;
};

Region upended(const Region& region) {
    return plane::turned(region, -90, {});
}
Vector upright(Vector v) {
    return {-v.y, v.x};
}

/// The shortest level way from one shape to the other on which a strip lands with its whole width, or
/// nothing.
std::optional<Link> levelLink(const Region& a, const Region& b, double width) {
    const Box boxA = plane::boxOf(a), boxB = plane::boxOf(b);
    const double low = std::max(boxA.low.y, boxB.low.y) + width / 2,
                 high = std::min(boxA.high.y, boxB.high.y) - width / 2;
    if (low > high)
        return std::nullopt;
    constexpr int steps = 24;
    constexpr double offMiddle = 0.05; // what a place off the middle costs, by how far
    const double middle = (low + high) / 2;
    std::optional<Link> best;
    for (int i = 0; i <= steps; ++i) {
        const double y = low + (high - low) * i / steps;
        // The same two walls across the strip's whole width
        double least = std::numeric_limits<double>::infinity(), x0 = 0, x1 = 0;
        const auto chordsA = chordsAt(a, y), chordsB = chordsAt(b, y);
        for (const auto& [fromA, toA] : chordsA)
            for (const auto& [fromB, toB] : chordsB) {
                if (fromB >= toA && fromB - toA < least) {
                    least = fromB - toA;
                    x0 = toA;
                    x1 = fromB;
                }
                if (fromA >= toB && fromA - toB < least) {
                    least = fromA - toB;
                    x0 = fromA;
                    x1 = toB;
                }
            }
        if (!(least < std::numeric_limits<double>::infinity()))
            continue;
        // Walls that lean too much let a corner stick out.
        const bool toRight = x1 > x0;
        double spread = 0;
        bool lands = true;
        for (const double edge : {y - width / 2, y + width / 2}) {
            const auto wallAt = [&](const Region& shape, double near, bool right) {
                double wall = std::numeric_limits<double>::infinity();
                for (const auto& [from, to] : chordsAt(shape, edge))
                    if (std::fabs((right ? to : from) - near) < std::fabs(wall - near))
                        wall = right ? to : from;
                return std::fabs(wall - near);
            };
            const double off = std::max(wallAt(a, x0, toRight), wallAt(b, x1, !toRight));
            lands = lands && off <= width;
            spread = std::max(spread, off);
        }
        if (!lands)
            continue;
        const double cost = least + spread + offMiddle * std::fabs(y - middle);
        if (!best || cost < best->cost)
            best = Link{{x0, y}, {x1, y}, cost, 0, 0};
    }
    return best;
}

/// Between the two points that come nearest to each other.
Link straightLink(const Region& a, const Region& b) {
    Link best;
    const auto tryFrom = [&](const Region& corners, const Region& walls, bool swapped) {
        for (const plane::Ring& ring : corners.rings)
            for (const plane::Point corner : ring)
                for (const plane::Ring& wall : walls.rings)
                    for (size_t i = 0; i < wall.size(); ++i) {
                        const Vector p = plane::vectorOf(corner), q = plane::vectorOf(wall[i]),
                                     along = plane::vectorOf(wall[(i + 1) % wall.size()]) - q;
                        const double squared = plane::dot(along, along);
                        const double share =
                            squared > 0 ? std::clamp(plane::dot(p - q, along) / squared, 0.0, 1.0) : 0;
                        const Vector foot = q + share * along;
                        if (const double far = plane::length(foot - p); far < best.cost) {
                            best.from = swapped ? foot : p;
                            best.to = swapped ? p : foot;
                            best.cost = far;
                        }
                    }
    };
    tryFrom(a, b, false);
    tryFrom(b, a, true);
    return best;
}

Link linkBetween(const Region& a, const Region& b, double width) {
    std::optional<Link> best = levelLink(a, b, width);
    if (auto up = levelLink(upended(a), upended(b), width); up && (!best || up->cost < best->cost)) {
        up->from = upright(up->from);
        up->to = upright(up->to);
        best = up;
    }
    constexpr double dearer = 2; // a slanted one is taken where it is so much shorter
    const Link straight = straightLink(a, b);
    return best && best->cost <= dearer * straight.cost + width ? *best : straight;
}

/// From as far within the one as within the other.
Region stripOf(const Link& link, double width, double reach) {
    Vector along = link.to - link.from;
    const double length = plane::length(along);
    along = length > 0 ? (1 / length) * along : Vector{1, 0};
    const Vector across = (width / 2) * upright(along), from = link.from - reach * along,
                 to = link.to + reach * along;
    return plane::filled({{plane::onGrid(from - across), plane::onGrid(to - across),
                           plane::onGrid(to + across), plane::onGrid(from + across)}});
}

/// How far the strip may reach without coming out on the other side.
double reachWithin(const Link& link, const Region& both, double width, double reach) {
    for (double tried = reach; tried > reach / 8; tried /= 1.5) {
        const Region strip = stripOf(link, width, tried), between = stripOf(link, width, width / 2);
        const Region out = plane::without(strip, plane::united(std::vector{both, between}));
        constexpr double hardly = 0.01;
        if (plane::areaOf(out) <= hardly * width * width)
            return tried;
    }
    return width / 2;
}

} // namespace

Region linksBetween(const std::vector<Region>& all, double width, double reach, const std::stop_token& stop) {
    const std::vector<Region> parts = plane::parts(plane::united(all, stop));
    if (parts.size() < 2 || !(width > 0))
        return {};
    std::vector<Box> boxes;
    Box box;
    for (const Region& part : parts) {
        boxes.push_back(plane::boxOf(part));
        box.include(boxes.back());
    }
    const double whole = std::max(double(box.high.x) - box.low.x, double(box.high.y) - box.low.y);
    std::map<std::pair<int, int>, Link> known;
    // Those near each other are looked at first; farther ones only while something is left alone.
    for (double near = 4 * width;; near *= 2) {
        std::vector<Link> links;
        for (const auto& [a, b] : plane::nearBoxes(boxes, std::int32_t(std::min(near, whole)))) {
            if (stop.stop_requested())
                return {};
            auto found = known.find({a, b});
            if (found == known.end()) {
                Link link = linkBetween(parts[size_t(a)], parts[size_t(b)], width);
                link.a = a;
                link.b = b;
                found = known.emplace(std::pair(a, b), link).first;
            }
            links.push_back(found->second);
        }
        std::ranges::stable_sort(links, {}, &Link::cost);
        quantity::Groups groups(parts.size());
        std::vector<Region> strips;
        for (const Link& link : links) {
            if (groups.of(size_t(link.a)) == groups.of(size_t(link.b)))
                continue;
            groups.join(size_t(link.a), size_t(link.b));
            const Region both = plane::united(std::vector{parts[size_t(link.a)], parts[size_t(link.b)]});
            strips.push_back(stripOf(link, width, reachWithin(link, both, width, reach)));
        }
        if (strips.size() + 1 == parts.size() || near > whole)
            return plane::united(strips, stop);
    }
}

} // namespace bollard::setting
