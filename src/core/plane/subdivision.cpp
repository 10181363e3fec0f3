#include "plane/subdivision.hpp"
#include "plane/noding.hpp"
#include <CGAL/Constrained_Delaunay_triangulation_2.h>
#include <CGAL/Exact_predicates_inexact_constructions_kernel.h>
#include <CGAL/Spatial_sort_traits_adapter_2.h>
#include <CGAL/Triangulation_face_base_with_info_2.h>
#include <CGAL/Triangulation_vertex_base_with_info_2.h>
#include <CGAL/spatial_sort.h>
#include <map>
#include <numeric>
#include <optional>
#include <span>

namespace bollard::plane {

using quantity::Problem, quantity::ProblemKind;

namespace {

using Kernel = CGAL::Exact_predicates_inexact_constructions_kernel;
using VertexBase = CGAL::Triangulation_vertex_base_with_info_2<int, Kernel>;
using FaceBase =
    CGAL::Triangulation_face_base_with_info_2<int, Kernel,
                                              CGAL::Constrained_triangulation_face_base_2<Kernel>>;
using Delaunay =
    CGAL::Constrained_Delaunay_triangulation_2<Kernel,
                                               CGAL::Triangulation_data_structure_2<VertexBase, FaceBase>,
                                               CGAL::No_constraint_intersection_requiring_constructions_tag>;

/// Thrown out of a sort that is no longer wanted.
struct Stopped {};

/// Points for CGAL's sort, which can be left by this alone.
class SortedPlaces {
  public:
    using value_type = Kernel::Point_2;
    using key_type = std::size_t;
    using reference = const value_type&;
    using category = boost::readable_property_map_tag;

    SortedPlaces(const std::vector<Kernel::Point_2>& points, size_t& looks, const std::stop_token& stop)
        : points_(&points), looks_(&looks), stop_(&stop) {}
    friend reference get(const SortedPlaces& map, key_type i) {
        constexpr size_t often = 1 << 16;
        if (++*map.looks_ % often == 0 && map.stop_->stop_requested())
            throw Stopped{};
        return (*map.points_)[i];
    }

  private:
    const std::vector<Kernel::Point_2>* points_;
    size_t* looks_; // counted over the copies that the sort makes
    const std::stop_token* stop_;
};

/// The constrained triangulation of the graph, every vertex numbered as in the graph; nothing when edges
/// cross or touch outside their ends.
std::optional<Delaunay> triangulated(const EdgeGraph& graph, const std::stop_token& stop) {
    size_t steps = 0;
    const auto stopped = [&] {
        constexpr size_t often = 1024;
        return ++steps % often == 0 && stop.stop_requested();
    };
    std::vector<Kernel::Point_2> points;
    points.reserve(graph.points().size());
    for (const Point p : graph.points())
        points.emplace_back(p.x, p.y);
    std::vector<std::size_t> order(points.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    try {
        size_t looks = 0;
        CGAL::spatial_sort(
            order.begin(), order.end(),
            CGAL::Spatial_sort_traits_adapter_2<Kernel, SortedPlaces>(SortedPlaces(points, looks, stop)));
    } catch (const Stopped&) {
        return std::nullopt;
    }
    Delaunay delaunay;
    std::vector<Delaunay::Vertex_handle> vertices(points.size());
    Delaunay::Face_handle hint;
    for (const std::size_t i : order) {
        if (stopped())
            return std::nullopt;
        vertices[i] = delaunay.insert(points[i], hint);
        vertices[i]->info() = int(i);
        hint = vertices[i]->face();
    }
    try {
        for (const GraphEdge& edge : graph.edges())
            if (stopped())
                return std::nullopt;
            else
                delaunay.insert_constraint(vertices[size_t(edge.low)], vertices[size_t(edge.high)]);
    } catch (const Delaunay::Intersection_of_constraints_exception&) {
        return std::nullopt;
    }
    return delaunay;
}

/// Gives every face its cell, crossing the graph's edges from the outside inwards. Nothing when an edge ran
/// through a point: it was split, and the layers of its parts are not known.
std::optional<std::vector<LayerSet>> floodCells(Delaunay& delaunay, const EdgeGraph& graph, LayerSets& sets) {
    constexpr int unseen = -1;
    for (auto face = delaunay.all_faces_begin(); face != delaunay.all_faces_end(); ++face)
        face->info() = unseen;
    std::vector<LayerSet> cells;
    std::vector<std::pair<Delaunay::Face_handle, LayerSet>> doors{{delaunay.infinite_face(), noLayer}};
    std::vector<Delaunay::Face_handle> room;
    while (!doors.empty()) {
        const auto [door, layers] = doors.back();
        doors.pop_back();
        if (door->info() != unseen)
            continue;
        const int cell = int(cells.size());
        cells.push_back(layers);
        door->info() = cell;
        room.assign(1, door);
        while (!room.empty()) {
            const Delaunay::Face_handle face = room.back();
            room.pop_back();
            for (int i = 0; i < 3; ++i) {
                const Delaunay::Face_handle next = face->neighbor(i);
                if (next->info() != unseen)
                    continue;
                LayerSet across = noLayer;
                if (face->is_constrained(i)) {
                    const GraphEdge* edge = graph.between(face->vertex(Delaunay::ccw(i))->info(),
                                                          face->vertex(Delaunay::cw(i))->info());
                    if (!edge)
                        return std::nullopt;
                    across = edge->layers;
                }
                if (across == noLayer) {
                    next->info() = cell;
                    room.push_back(next);
                } else {
                    doors.emplace_back(next, sets.difference(layers, across));
                }
            }
        }
    }
    return cells;
}

Subdivision collected(Delaunay& delaunay, std::vector<LayerSet> cells, EdgeGraph&& graph) {
    Subdivision result;
    result.cells = std::move(cells);
    result.outside = delaunay.infinite_face()->info();
    result.points = std::move(graph).points();
    result.edges = std::move(graph).edges();
    result.triangles.reserve(delaunay.number_of_faces());
    std::vector<Delaunay::Face_handle> faces;
    faces.reserve(delaunay.number_of_faces());
    for (const Delaunay::Face_handle face : delaunay.finite_face_handles()) {
        Triangle triangle;
        triangle.cell = face->info();
        for (int k = 0; k < 3; ++k)
            triangle.corners[size_t(k)] = face->vertex(k)->info();
        face->info() = int(faces.size()); // from here on the face's number
        faces.push_back(face);
        result.triangles.push_back(triangle);
    }
    for (size_t i = 0; i < faces.size(); ++i)
        for (int k = 0; k < 3; ++k) {
            const Delaunay::Face_handle next = faces[i]->neighbor(k);
            result.triangles[i].neighbours[size_t(k)] = delaunay.is_infinite(next) ? -1 : next->info();
        }
    return result;
}

/// Triangulation and cells together, which take over the graph; nothing, and the graph as it was, when its
/// edges meet outside their ends.
std::optional<Subdivision> overlaid(EdgeGraph& graph, LayerSets& sets, const std::stop_token& stop) {
    std::optional<Delaunay> delaunay = triangulated(graph, stop);
    if (!delaunay || stop.stop_requested())
        return std::nullopt;
    std::optional<std::vector<LayerSet>> cells = floodCells(*delaunay, graph, sets);
    if (!cells || stop.stop_requested())
        return std::nullopt;
    return collected(*delaunay, std::move(*cells), std::move(graph));
}

void addLoose(std::vector<LooseEdge>& loose, std::span<const LayerEdge> edges, LayerSets& sets) {
    for (const LayerEdge& edge : edges) {
        const bool crease = edge.layer == LayerEdge::crease;
        loose.push_back({edge.from, edge.to, crease ? noLayer : sets.of(edge.layer), crease});
    }
}

quantity::Result<Subdivision> laidOut(std::span<const LooseEdge> edges, LayerSets sets,
                                      const std::stop_token& stop) {
    EdgeGraph graph(edges, sets);
    if (graph.edges().empty()) {
        Subdivision nothing;
        nothing.cells = {noLayer};
        return nothing;
    }
    std::optional<Subdivision> plan = overlaid(graph, sets, stop);
    if (!plan && !stop.stop_requested()) {
        auto [split, settled] = noded(graph, sets, stop);
        if (settled)
            plan = overlaid(split, sets, stop);
    }
    if (stop.stop_requested())
        return Problem{ProblemKind::stopped};
    if (!plan)
        return Problem{ProblemKind::geometryFailed, {}, "subdivision"};
    plan->sets = std::move(sets);
    return *std::move(plan);
}

} // namespace

void addEdges(std::vector<LayerEdge>& edges, const Region& region, int layer) {
    for (const Ring& ring : region.rings)
        for (size_t i = 0; i < ring.size(); ++i)
            edges.push_back({ring[i], ring[(i + 1) % ring.size()], layer});
}

quantity::Result<Subdivision> subdivided(std::span<const Region> layers, std::stop_token stop) {
    std::vector<LayerEdge> edges;
    for (size_t layer = 0; layer < layers.size(); ++layer)
        addEdges(edges, layers[layer], int(layer));
    return subdivided(edges, std::move(stop));
}

quantity::Result<Subdivision> subdivided(std::span<const LayerEdge> edges, std::stop_token stop) {
    LayerSets sets;
    std::vector<LooseEdge> loose;
    loose.reserve(edges.size());
    addLoose(loose, edges, sets);
    return laidOut(loose, std::move(sets), stop);
}

quantity::Result<Subdivision> refined(const Subdivision& plan, std::span<const Split> splits,
                                      std::span<const LayerEdge> more, std::stop_token stop) {
    LayerSets sets = plan.sets;
    std::map<std::pair<int, int>, std::vector<Point>> at;
    for (const Split& split : splits)
        at[{split.low, split.high}].push_back(split.at);
    std::vector<LooseEdge> loose;
    for (const GraphEdge& edge : plan.edges) {
        const auto found = at.find({edge.low, edge.high});
        addPieces(loose,
                  {plan.points[size_t(edge.low)], plan.points[size_t(edge.high)], edge.layers, edge.crease},
                  found == at.end() ? std::vector<Point>{} : std::move(found->second));
    }
    addLoose(loose, more, sets);
    return laidOut(loose, std::move(sets), stop);
}

namespace {

/// Joins triangles along the edges that they have in common.
void joinNeighbours(Subdivision& plan) {
    std::map<std::pair<int, int>, std::pair<size_t, size_t>> open; // edge -> triangle and corner
    for (size_t t = 0; t < plan.triangles.size(); ++t)
        for (size_t k = 0; k < 3; ++k) {
            Triangle& own = plan.triangles[t];
            const auto [there, isNew] =
                open.try_emplace(std::minmax(own.corners[(k + 1) % 3], own.corners[(k + 2) % 3]), t, k);
            if (isNew)
                continue;
            own.neighbours[k] = int(there->second.first);
            plan.triangles[there->second.first].neighbours[there->second.second] = int(t);
        }
}

/// Where the corners of a hole, the other way round, begin nearest to a place.
size_t nearestTo(Point place, const Ring& ring) {
    const auto away = [&](Point p) { return length(vectorOf(p) - vectorOf(place)); };
    return size_t(std::ranges::min_element(ring, {}, away) - ring.begin());
}

} // namespace

std::optional<Subdivision> ringedPlan(const Region& region) {
    const size_t rings = region.rings.size();
    if (rings == 0 || rings > 2 || region.rings.back().size() != region.rings.front().size())
        return std::nullopt;
    const Ring& outer = region.rings.front();
    const size_t n = outer.size();
    Subdivision plan;
    plan.cells = {noLayer, plan.sets.of(0)};
    plan.points = outer;
    const auto add = [&](size_t a, size_t b, size_t c) {
        plan.triangles.push_back({{int(a), int(b), int(c)}, {-1, -1, -1}, 1});
    };
    if (rings == 1) { // to and fro between its two halves
        for (size_t low = 0, high = n - 1; low + 1 < high; ++low, --high) {
            add(low, low + 1, high);
            if (low + 1 < high - 1)
                add(low + 1, high - 1, high);
        }
    } else {
        Ring inner(region.rings[1].rbegin(), region.rings[1].rend());
        std::ranges::rotate(inner, inner.begin() + std::ptrdiff_t(nearestTo(outer[0], inner)));
        plan.points.insert(plan.points.end(), inner.begin(), inner.end());
        for (size_t i = 0; i < n; ++i) {
            const size_t next = (i + 1) % n;
            add(i, next, n + next);
            add(i, n + next, n + i);
        }
    }
    double area = 0;
    for (const Triangle& t : plan.triangles) {
        const auto twice = turn(plan.points[size_t(t.corners[0])], plan.points[size_t(t.corners[1])],
                                plan.points[size_t(t.corners[2])]);
        if (!(twice > 0))
            return std::nullopt;
        area += double(twice) / 2;
    }
    double whole = 0;
    for (const Ring& ring : region.rings)
        whole += areaOf(ring);
    if (std::fabs(area - whole) > 0.5)
        return std::nullopt; // they overlap
    joinNeighbours(plan);
    return plan;
}

int triangleAt(const Subdivision& subdivision, Point p, int hint) {
    if (subdivision.triangles.empty())
        return -1;
    int here = std::clamp(hint, 0, int(subdivision.triangles.size()) - 1);
    // A visibility walk; the changing first corner keeps it from circling.
    for (size_t step = 0; step <= 2 * subdivision.triangles.size(); ++step) {
        const Triangle& triangle = subdivision.triangles[size_t(here)];
        bool moved = false;
        for (size_t k = 0; k < 3 && !moved; ++k) {
            const size_t i = (k + step) % 3;
            const Point a = subdivision.points[size_t(triangle.corners[(i + 1) % 3])];
            const Point b = subdivision.points[size_t(triangle.corners[(i + 2) % 3])];
            if (turn(a, b, p) >= 0)
                continue;
            here = triangle.neighbours[i];
            if (here < 0)
                return -1;
            moved = true;
        }
        if (!moved)
            return here;
    }
    return -1;
}

} // namespace bollard::plane
