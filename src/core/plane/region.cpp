#include "plane/region.hpp"
#include "plane/near_boxes.hpp"
#include <map>
#include <numeric>
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
            ring.push_back({static_cast<std::int32_t>(p.X), static_cast<std::int32_t>(p.Y)});
        region.rings.push_back(std::move(ring));
    }
    return region;
}

Region combined(const std::vector<Ring>& subject, const std::vector<Ring>& clip, ClipperLib::ClipType kind) {
    ClipperLib::Clipper clipper;
    clipper.StrictlySimple(true);
    clipper.AddPaths(toClipper(subject), ClipperLib::ptSubject, true);
    clipper.AddPaths(toClipper(clip), ClipperLib::ptClip, true);
    ClipperLib::Paths result;
    clipper.Execute(kind, result, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
    return fromClipper(result);
}

/// Groups of indices whose boxes meet, directly or through others.
std::vector<std::vector<size_t>> meetingGroups(std::span<const Box> boxes) {
    std::vector<size_t> parent(boxes.size());
    std::iota(parent.begin(), parent.end(), size_t{0});
    const auto root = [&](size_t i) {
        while (parent[i] != i)
            i = parent[i] = parent[parent[i]];
        return i;
    };
    for (const auto& [i, j] : nearBoxes(boxes))
        parent[root(size_t(i))] = root(size_t(j));
    std::map<size_t, std::vector<size_t>> groups;
    for (size_t i = 0; i < boxes.size(); ++i)
        if (!boxes[i].empty())
            groups[root(i)].push_back(i);
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
    return combined(rings, {}, ClipperLib::ctUnion);
}

Region united(std::span<const Region> regions) {
    std::vector<Box> boxes;
    boxes.reserve(regions.size());
    for (const Region& region : regions)
        boxes.push_back(boxOf(region));
    Region all;
    for (const std::vector<size_t>& group : meetingGroups(boxes)) {
        std::vector<Ring> rings;
        for (const size_t i : group)
            rings.insert(rings.end(), regions[i].rings.begin(), regions[i].rings.end());
        if (group.size() > 1)
            rings = filled(rings).rings;
        std::ranges::move(rings, std::back_inserter(all.rings));
    }
    return all;
}

Region common(const Region& a, const Region& b) {
    return combined(a.rings, b.rings, ClipperLib::ctIntersection);
}

Region without(const Region& a, const Region& b) {
    return combined(a.rings, b.rings, ClipperLib::ctDifference);
}

Region grown(const Region& region, double by, Corners corners) {
    ClipperLib::ClipperOffset offset(2.0, arcTolerance);
    const auto join = corners == Corners::round ? ClipperLib::jtRound : ClipperLib::jtMiter;
    offset.AddPaths(toClipper(region.rings), join, ClipperLib::etClosedPolygon);
    ClipperLib::Paths result;
    offset.Execute(result, by);
    return fromClipper(result);
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

std::vector<Region> parts(const Region& region) {
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

Region shifted(const Region& region, Point by) {
    Region result = region;
    for (Ring& ring : result.rings)
        for (Point& p : ring)
            p = p + by;
    return result;
}

Region turned(const Region& region, double degrees, Point by, double zoom) {
    if (degrees == 0 && zoom == 1)
        return shifted(region, by);
    const double angle = degrees * M_PI / 180;
    const double c = zoom * std::cos(angle), s = zoom * std::sin(angle);
    std::vector<Ring> rings = region.rings;
    for (Ring& ring : rings)
        for (Point& p : ring)
            p = Point{static_cast<std::int32_t>(std::lround(c * p.x - s * p.y)),
                      static_cast<std::int32_t>(std::lround(s * p.x + c * p.y))} +
                by;
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
    return {static_cast<std::int32_t>(std::lround(middle.x)),
            static_cast<std::int32_t>(std::lround(middle.y))};
}

} // namespace bollard::plane
