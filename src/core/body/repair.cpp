#include "body/repair.hpp"
#include "body/faults.hpp"
#include <CGAL/Exact_predicates_inexact_constructions_kernel.h>
#include <CGAL/Polygon_mesh_processing/border.h>
#include <CGAL/Polygon_mesh_processing/orient_polygon_soup.h>
#include <CGAL/Polygon_mesh_processing/orientation.h>
#include <CGAL/Polygon_mesh_processing/polygon_soup_to_polygon_mesh.h>
#include <CGAL/Polygon_mesh_processing/self_intersections.h>
#include <CGAL/Polygon_mesh_processing/triangulate_hole.h>
#include <CGAL/Surface_mesh.h>
#include <set>
#include <unordered_map>

namespace bollard::body {
namespace {

using Kernel = CGAL::Exact_predicates_inexact_constructions_kernel;
using Surface = CGAL::Surface_mesh<Kernel::Point_3>;
namespace pmp = CGAL::Polygon_mesh_processing;

struct Soup {
    std::vector<Kernel::Point_3> points{};
    std::vector<std::array<std::size_t, 3>> triangles{};
};

/// Corners that lie in one place, or beside each other by less than a micrometre, are one.
Soup weldedSoup(const Mesh& surface, Repaired& told) {
    constexpr double near = 1e-3;
    using Cell = std::array<std::int64_t, 3>;
    struct Hash {
        std::size_t operator()(const Cell& c) const {
            return std::size_t(c[0] * 73856093 ^ c[1] * 19349663 ^ c[2] * 83492791);
        }
    };
    std::unordered_map<Cell, std::vector<std::size_t>, Hash> cells;
    Soup soup;
    std::vector<std::size_t> number;
    const auto cellOf = [](const Vertex& v, std::int64_t i, std::int64_t j, std::int64_t k) {
        return Cell{std::int64_t(std::floor(v.x / near)) + i, std::int64_t(std::floor(v.y / near)) + j,
                    std::int64_t(std::floor(v.z / near)) + k};
    };
    for (const Vertex& v : surface.vertices) {
        std::optional<std::size_t> known;
        for (std::int64_t i = -1; i <= 1 && !known; ++i)
            for (std::int64_t j = -1; j <= 1 && !known; ++j)
                for (std::int64_t k = -1; k <= 1 && !known; ++k)
                    if (const auto cell = cells.find(cellOf(v, i, j, k)); cell != cells.end())
                        for (const std::size_t other : cell->second) {
                            const auto& p = soup.points[other];
                            const Vertex off{p.x() - v.x, p.y() - v.y, p.z() - v.z};
                            if (space::dot(off, off) < near * near) {
                                known = other;
                                break;
                            }
                        }
        if (!known) {
            known = soup.points.size();
            soup.points.push_back({v.x, v.y, v.z});
            cells[cellOf(v, 0, 0, 0)].push_back(*known);
        }
        number.push_back(*known);
    }
    told.welded = int(surface.vertices.size() - soup.points.size());
    std::set<std::array<std::size_t, 3>> there;
    for (const auto& t : surface.triangles) {
        const std::array<std::size_t, 3> corners{number[size_t(t[0])], number[size_t(t[1])],
                                                 number[size_t(t[2])]};
        auto sorted = corners;
        std::ranges::sort(sorted);
        if (sorted[0] == sorted[1] || sorted[1] == sorted[2] || !there.insert(sorted).second) {
            ++told.dropped;
            continue;
        }
        soup.triangles.push_back(corners);
    }
    return soup;
}

/// As it was before it was turned, to count what changed.
int turnedOf(const std::vector<std::array<std::size_t, 3>>& before,
             const std::vector<std::array<std::size_t, 3>>& after) {
    int turned = 0;
    for (size_t i = 0; i < before.size(); ++i) {
        const auto at = size_t(std::ranges::find(after[i], before[i][0]) - after[i].begin());
        turned += at < 3 && after[i][(at + 1) % 3] != before[i][1];
    }
    return turned;
}

/// Of many the first tell enough.
constexpr size_t mostFaults = 50;

/// Closes what is small; tells how many are left.
int closeHoles(Surface& surface, double size, Repaired& told, std::vector<Vertex>& faults) {
    std::vector<Surface::Halfedge_index> borders;
    pmp::extract_boundary_cycles(surface, std::back_inserter(borders));
    int left = 0;
    for (const auto border : borders) {
        CGAL::Bbox_3 box;
        int edges = 0;
        for (const auto h : CGAL::halfedges_around_face(border, surface)) {
            box += surface.point(surface.target(h)).bbox();
            ++edges;
        }
        const double across =
            std::hypot(box.xmax() - box.xmin(), box.ymax() - box.ymin(), box.zmax() - box.zmin());
        std::vector<Surface::Face_index> patch;
        if (edges <= holeEdges && across <= holeShare * size)
            pmp::triangulate_hole(surface, border, std::back_inserter(patch));
        if (patch.empty()) {
            ++left;
            if (faults.size() < mostFaults)
                faults.push_back({(box.xmin() + box.xmax()) / 2, (box.ymin() + box.ymax()) / 2,
                                  (box.zmin() + box.zmax()) / 2});
        } else
            ++told.closed;
    }
    return left;
}

/// Whether it runs through itself, and where.
bool crossesItself(const Surface& surface, std::vector<Vertex>& faults) {
    if (!pmp::does_self_intersect(surface))
        return false;
    std::vector<std::pair<Surface::Face_index, Surface::Face_index>> pairs;
    pmp::self_intersections(surface, std::back_inserter(pairs));
    for (size_t i = 0; i < pairs.size() && faults.size() < mostFaults;
         i += std::max<size_t>(1, pairs.size() / mostFaults)) {
        Vertex middle{};
        for (const auto v : CGAL::vertices_around_face(surface.halfedge(pairs[i].first), surface)) {
            const auto& p = surface.point(v);
            middle = middle + 1.0 / 3 * Vertex{p.x(), p.y(), p.z()};
        }
        faults.push_back(middle);
    }
    return true;
}

} // namespace

quantity::Result<Repaired> repaired(const Mesh& given, const std::stop_token& stop,
                                    std::vector<Vertex>* tell) {
    using quantity::Problem, quantity::ProblemKind;
    std::vector<Vertex> unheard;
    std::vector<Vertex>& faults = tell ? *tell : unheard;
    Repaired made;
    Soup soup = weldedSoup(given, made);
    if (soup.triangles.empty())
        return Problem{ProblemKind::partEmpty};
    const auto before = soup.triangles;
    try {
        pmp::orient_polygon_soup(soup.points, soup.triangles); // parts corners where more than two meet
        if (stop.stop_requested())
            return Problem{ProblemKind::stopped};
        made.flipped = turnedOf(before, soup.triangles);
        Surface surface;
        pmp::polygon_soup_to_polygon_mesh(soup.points, soup.triangles, surface);
        // Points of no triangle: the library takes each for the corner of one.
        for (const auto v : surface.vertices())
            if (surface.is_isolated(v))
                surface.remove_vertex(v);
        surface.collect_garbage();
        const Extent extent = extentOf(given);
        if (const int left = closeHoles(surface, space::length(extent.high - extent.low), made, faults);
            left > 0)
            return Problem{ProblemKind::partOpen, {}, std::to_string(left)};
        if (stop.stop_requested())
            return Problem{ProblemKind::stopped};
        if (crossesItself(surface, faults))
            return Problem{ProblemKind::partCrossed};
        pmp::orient_to_bound_a_volume(surface);
        surface.collect_garbage();
        for (const auto v : surface.vertices()) {
            const auto& p = surface.point(v);
            made.body.vertices.push_back({p.x(), p.y(), p.z()});
        }
        for (const auto f : surface.faces()) {
            std::array<int, 3> corners{};
            size_t k = 0;
            for (const auto v : CGAL::vertices_around_face(surface.halfedge(f), surface))
                corners[k++] = int(v.idx());
            made.body.triangles.push_back(corners);
            made.body.faces.push_back(Face::blank);
        }
    } catch (const CGAL::Failure_exception&) {
        return Problem{ProblemKind::partCrossed};
    }
    // Turning one shell over for the others does not count; what was turned is the lesser part.
    made.flipped = std::min(made.flipped, int(before.size()) - made.flipped);
    if (const MeshFaults left = faultsOf(made.body); left.openEdges > 0)
        return Problem{ProblemKind::partOpen, {}, std::to_string(left.openEdges)};
    return made;
}

} // namespace bollard::body
