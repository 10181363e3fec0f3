#include "plane/region.hpp"
#include "plane/filling.hpp"
#include "plane/near_boxes.hpp"
#include "plane/segment.hpp"
#include "quantity/groups.hpp"
#include <cassert>
#include <map>
#include <polyclipping/clipper.hpp>

namespace bollard::plane {
namespace {

constexpr double arcTolerance = 50; // 5 micrometres

ClipperLib::Path toClipper(const Ring& ring) {
    ClipperLib::Path path;
    path.reserve(ring.size());
    for (const Point p : ring)
        path.emplace_back(p.x, p.y);
    return path;
}

ClipperLib::Paths toClipper(const std::vector<Ring>& rings) {
    ClipperLib::Paths paths;
    paths.reserve(rings.size());
    for (const Ring& ring : rings)
        paths.push_back(toClipper(ring));
    return paths;
}

Region fromClipper(const ClipperLib::Paths& paths) {
    Region region;
    region.rings.reserve(paths.size());
    for (const ClipperLib::Path& path : paths) {
        Ring ring;
        ring.reserve(path.size());
        for (const ClipperLib::IntPoint& p : path)
            ring.push_back({onGrid(double(p.X)), onGrid(double(p.Y))});
        region.rings.push_back(std::move(ring));
    }
    return region;
}

/// What can be seen of a region's promise at once: rings of three corners and more, none of them twice in a
/// row.
[[maybe_unused]] bool isSound(const Region& region) {
    return std::ranges::all_of(region.rings, [](const Ring& ring) {
        return ring.size() >= 3 && ring.front() != ring.back() &&
               std::ranges::adjacent_find(ring) == ring.end();
    });
}

/// Up to so many, Clipper's ways that are quadratic in points are quick enough.
constexpr size_t fewPoints = 4000;

size_t pointsIn(const std::vector<Ring>& rings) {
    size_t points = 0;
    for (const Ring& ring : rings)
        points += ring.size();
    return points;
}

/// Rings that do not cross, but may touch themselves and each other, as rings that touch in corners only and
/// visit no point twice. O(n log² n), where Clipper's own way is O(n²) for each ring.
std::vector<Ring> untouching(const std::vector<Ring>& rings) {
    struct Side {
        Point from, to;
        std::vector<Point> corners{}; ///< of others that lie on it
    };
    std::vector<Side> sides;
    std::vector<Box> boxes;
    for (const Ring& ring : rings)
        for (size_t i = 0; i < ring.size(); ++i) {
            sides.push_back({ring[i], ring[(i + 1) % ring.size()]});
            boxes.emplace_back();
            boxes.back().include(sides.back().from);
            boxes.back().include(sides.back().to);
        }
    for (const auto& [i, j] : nearBoxes(boxes)) {
        Side &a = sides[size_t(i)], &b = sides[size_t(j)];
        for (const Point p : {b.from, b.to})
            if (strictlyWithin(a.from, a.to, p))
                a.corners.push_back(p);
        for (const Point p : {a.from, a.to})
            if (strictlyWithin(b.from, b.to, p))
                b.corners.push_back(p);
    }
    std::vector<Ring> result;
    size_t side = 0;
    for (const Ring& ring : rings) {
        Ring open; // the way so far; what comes back to a point of it is a ring of its own
        std::map<Point, size_t> visited;
        const auto visit = [&](Point p) {
            if (const auto there = visited.find(p); there != visited.end()) {
                Ring loop(open.begin() + std::ptrdiff_t(there->second), open.end());
                for (size_t k = 1; k < loop.size(); ++k)
                    visited.erase(loop[k]);
                open.resize(there->second + 1);
                if (loop.size() >= 3)
                    result.push_back(std::move(loop));
                return;
            }
            visited[p] = open.size();
            open.push_back(p);
        };
        for (size_t i = 0; i < ring.size(); ++i, ++side) {
            visit(ring[i]);
            std::vector<Point>& corners = sides[side].corners;
            std::ranges::sort(corners, {}, [&](Point p) {
                return std::pair(std::abs(std::int64_t(p.x) - ring[i].x),
                                 std::abs(std::int64_t(p.y) - ring[i].y));
            });
            corners.erase(std::unique(corners.begin(), corners.end()), corners.end());
            for (const Point p : corners)
                visit(p);
        }
        if (open.size() >= 3)
            result.push_back(std::move(open));
    }
    return result;
}

Region combined(const std::vector<Ring>& subject, const std::vector<Ring>& clip, ClipperLib::ClipType kind) {
    const bool few = pointsIn(subject) + pointsIn(clip) <= fewPoints;
    ClipperLib::Clipper clipper;
    clipper.StrictlySimple(few);
    clipper.AddPaths(toClipper(subject), ClipperLib::ptSubject, true);
    clipper.AddPaths(toClipper(clip), ClipperLib::ptClip, true);
    ClipperLib::Paths result;
    clipper.Execute(kind, result, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
    Region region = fromClipper(result);
    if (!few)
        region.rings = untouching(region.rings);
    assert(isSound(region));
    return region;
}

/// Groups of indices whose boxes meet, directly or through others.
std::vector<std::vector<size_t>> meetingGroups(std::span<const Box> boxes) {
    quantity::Groups together(boxes.size());
    for (const auto& [i, j] : nearBoxes(boxes))
        together.join(size_t(i), size_t(j));
    std::map<size_t, std::vector<size_t>> groups;
    for (size_t i = 0; i < boxes.size(); ++i)
        if (!boxes[i].empty())
            groups[together.of(i)].push_back(i);
    std::vector<std::vector<size_t>> result;
    for (auto& [key, members] : groups)
        result.push_back(std::move(members));
    return result;
}

void collectParts(const ClipperLib::PolyNode& node, std::vector<Region>& out) {
    for (const ClipperLib::PolyNode* outer : node.Childs) {
        ClipperLib::Paths rings{outer->Contour};
        for (const ClipperLib::PolyNode* hole : outer->Childs)
            rings.push_back(hole->Contour);
        out.push_back(fromClipper(rings));
        for (const ClipperLib::PolyNode* hole : outer->Childs)
            collectParts(*hole, out);
    }
}

} // namespace

Region filled(const std::vector<Ring>& rings) {
    const auto unite = [](const std::vector<Ring>& some) { return combined(some, {}, ClipperLib::ctUnion); };
    return rings.size() > 1 && pointsIn(rings) > fewPoints ? filledApart(rings, unite) : unite(rings);
}

namespace {

/// Many together are united in halves: what lies over each other melts away before it meets the rest, and
/// there is an end between two steps.
std::vector<Ring> unitedRings(std::span<const Region> regions, std::span<const size_t> members,
                              const std::stop_token& stop) {
    constexpr size_t mostPointsAtOnce = 20000;
    size_t points = 0;
    std::vector<Ring> rings;
    for (const size_t i : members)
        for (const Ring& ring : regions[i].rings)
            points += ring.size();
    if (stop.stop_requested())
        return {};
    if (members.size() <= 2 || points <= mostPointsAtOnce) {
        for (const size_t i : members)
            rings.insert(rings.end(), regions[i].rings.begin(), regions[i].rings.end());
    } else {
        rings = unitedRings(regions, members.first(members.size() / 2), stop);
        std::ranges::move(unitedRings(regions, members.subspan(members.size() / 2), stop),
                          std::back_inserter(rings));
    }
    return members.size() > 1 && !stop.stop_requested() ? filled(rings).rings : rings;
}

} // namespace

Region united(std::span<const Region> regions, const std::stop_token& stop) {
    std::vector<Box> boxes;
    boxes.reserve(regions.size());
    for (const Region& region : regions)
        boxes.push_back(boxOf(region));
    Region all;
    for (const std::vector<size_t>& group : meetingGroups(boxes)) {
        std::ranges::move(unitedRings(regions, group, stop), std::back_inserter(all.rings));
    }
    return all;
}

Region common(const Region& a, const Region& b) {
    return combined(a.rings, b.rings, ClipperLib::ctIntersection);
}

Region without(const Region& a, const Region& b) {
    return combined(a.rings, b.rings, ClipperLib::ctDifference);
}

Region grown(const Region& region, double by, Corners corners, double tolerance) {
    const Box box = boxOf(region);
    if (box.empty() || std::min(double(box.high.x) - box.low.x, double(box.high.y) - box.low.y) <= -2 * by)
        return {}; // nothing is that far from its edge
    ClipperLib::ClipperOffset offset(2.0, tolerance);
    const auto join = corners == Corners::round ? ClipperLib::jtRound : ClipperLib::jtMiter;
    offset.AddPaths(toClipper(region.rings), join, ClipperLib::etClosedPolygon);
    ClipperLib::Paths result;
    offset.Execute(result, by);
    Region grownBy = fromClipper(result);
    assert(isSound(grownBy));
    return grownBy;
}

Region stroked(std::span<const Line> lines, double width, Ends ends) {
    if (!(width > 0))
        return {};
    const auto open = ends == Ends::round  ? ClipperLib::etOpenRound
                      : ends == Ends::flat ? ClipperLib::etOpenButt
                                           : ClipperLib::etOpenSquare;
    ClipperLib::ClipperOffset offset(2.0, arcTolerance);
    for (const Line& line : lines) {
        const bool closed = line.size() > 3 && line.front() == line.back();
        ClipperLib::Path path = toClipper(line);
        if (closed)
            path.pop_back();
        offset.AddPath(path, ClipperLib::jtRound, closed ? ClipperLib::etClosedLine : open);
    }
    ClipperLib::Paths result;
    offset.Execute(result, width / 2);
    return filled(fromClipper(result).rings);
}

namespace {

/// Of simple rings: each hole goes with the smallest outer ring around it.
std::vector<Region> partsByNesting(const Region& region) {
    std::vector<Region> result;
    std::vector<Box> boxes;
    std::vector<double> areas;
    std::vector<int> partOf(region.rings.size(), -1);
    for (const Ring& ring : region.rings) {
        boxes.push_back(boxOf(ring));
        areas.push_back(areaOf(ring));
        if (areas.back() > 0) {
            partOf[boxes.size() - 1] = int(result.size());
            result.push_back({{ring}});
        }
    }
    std::vector<int> around(region.rings.size(), -1);
    const auto consider = [&](size_t hole, size_t outer) {
        const bool smaller = around[hole] < 0 || areas[outer] < areas[size_t(around[hole])];
        if (areas[hole] < 0 && areas[outer] > 0 && smaller && -areas[hole] < areas[outer] &&
            contains({{region.rings[outer]}}, pointBeside(region.rings[hole], true)))
            around[hole] = int(outer);
    };
    for (const auto& [i, j] : nearBoxes(boxes)) {
        consider(size_t(i), size_t(j));
        consider(size_t(j), size_t(i));
    }
    for (size_t hole = 0; hole < around.size(); ++hole)
        if (around[hole] >= 0)
            result[size_t(partOf[size_t(around[hole])])].rings.push_back(region.rings[hole]);
    return result;
}

} // namespace

std::vector<Region> parts(const Region& region) {
    if (pointsIn(region.rings) > fewPoints)
        return partsByNesting(region);
    ClipperLib::Clipper clipper;
    clipper.StrictlySimple(true);
    clipper.AddPaths(toClipper(region.rings), ClipperLib::ptSubject, true);
    ClipperLib::PolyTree tree;
    clipper.Execute(ClipperLib::ctUnion, tree, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
    std::vector<Region> result;
    collectParts(tree, result);
    return result;
}

Region mirrored(const Region& region) {
    Region result = region;
    for (Ring& ring : result.rings) {
        for (Point& p : ring)
            p.x = -p.x;
        std::ranges::reverse(ring); // the shape stays on the left
    }
    return result;
}

Outline outlineOf(const Region& region) {
    Outline outline;
    for (const Ring& ring : region.rings) {
        Contour contour{(1 / unitsPerMillimetre) * vectorOf(ring.front()), {}};
        for (size_t i = 1; i < ring.size(); ++i)
            contour.segments.push_back(
                {Segment::Kind::line, {}, {}, (1 / unitsPerMillimetre) * vectorOf(ring[i])});
        outline.contours.push_back(std::move(contour));
    }
    return outline;
}

Region shifted(const Region& region, Point by) {
    Region result = region;
    for (Ring& ring : result.rings)
        for (Point& p : ring)
            p = p + by;
    return result; // sums of two grid numbers fit; the box tells whether they are still on the grid
}

Region turned(const Region& region, double degrees, Point by, double zoom) {
    if (degrees == 0 && zoom == 1)
        return shifted(region, by);
    const double angle = degrees * M_PI / 180;
    const double c = zoom * std::cos(angle), s = zoom * std::sin(angle);
    std::vector<Ring> rings = region.rings;
    for (Ring& ring : rings)
        for (Point& p : ring)
            p = onGrid(Vector{c * p.x - s * p.y, s * p.x + c * p.y}) + by;
    return filled(rings);
}

Box boxOf(const Ring& ring) {
    Box box;
    for (const Point p : ring)
        box.include(p);
    return box;
}

Box boxOf(const Region& region) {
    Box box;
    for (const Ring& ring : region.rings)
        box.include(boxOf(ring));
    return box;
}

double areaOf(const Ring& ring) {
    if (ring.empty())
        return 0;
    double twice = 0;
    const Vector origin = vectorOf(ring.front());
    Vector last = vectorOf(ring.back()) - origin;
    for (const Point p : ring) {
        const Vector next = vectorOf(p) - origin;
        twice += cross(last, next);
        last = next;
    }
    return twice / 2;
}

double areaOf(const Region& region) {
    double area = 0;
    for (const Ring& ring : region.rings)
        area += areaOf(ring);
    return area;
}

bool contains(const Region& region, Point p) {
    bool inside = false;
    for (const Ring& ring : region.rings)
        for (size_t i = 0, j = ring.size() - 1; i < ring.size(); j = i++) {
            const Point a = ring[j], b = ring[i];
            const auto side = turn(a, b, p);
            const bool within = std::min(a.x, b.x) <= p.x && p.x <= std::max(a.x, b.x) &&
                                std::min(a.y, b.y) <= p.y && p.y <= std::max(a.y, b.y);
            if (side == 0 && within)
                return true;
            if ((a.y > p.y) != (b.y > p.y) && (b.y > a.y) == (side > 0))
                inside = !inside;
        }
    return inside;
}

Point pointBeside(const Ring& ring, bool left) {
    double longest = -1;
    Vector from, to;
    for (size_t i = 0; i < ring.size(); ++i) {
        const Vector a = vectorOf(ring[i]), b = vectorOf(ring[(i + 1) % ring.size()]);
        if (length(b - a) > longest) {
            longest = length(b - a);
            from = a;
            to = b;
        }
    }
    const double off = left ? 3.0 : -3.0;
    const Vector along = (1 / std::max(longest, 1.0)) * (to - from);
    const Vector middle = 0.5 * (from + to) + off * Vector{-along.y, along.x};
    return onGrid(middle);
}

} // namespace bollard::plane
