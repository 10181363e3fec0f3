#include "body/boolean.hpp"
#include "body/faults.hpp"
#include <CGAL/Exact_predicates_inexact_constructions_kernel.h>
#include <CGAL/Polygon_mesh_processing/corefinement.h>
#include <CGAL/Polygon_mesh_processing/repair_degeneracies.h>
#include <CGAL/Polygon_mesh_processing/self_intersections.h>
#include <CGAL/Surface_mesh.h>
#include <CGAL/boost/graph/Euler_operations.h>
#include <optional>

namespace bollard::body {
namespace {

using Kernel = CGAL::Exact_predicates_inexact_constructions_kernel;
using Surface = CGAL::Surface_mesh<Kernel::Point_3>;
using FaceIndex = Surface::Face_index;
using FaceKinds = Surface::Property_map<FaceIndex, Face>;

constexpr const char* kindsName = "f:kind";
constexpr const char* cutName = "f:cut"; ///< that a face was cut up: its corners were rounded
using FaceMarks = Surface::Property_map<FaceIndex, bool>;

struct Stopped {};

/// Hands on what faces are while they are cut and copied; gives up when it is told to stop.
class KeepsKinds : public CGAL::Polygon_mesh_processing::Corefinement::Default_visitor<Surface> {
  public:
    explicit KeepsKinds(const std::stop_token& stop) : stop_(&stop) {}

    void before_subface_creations(FaceIndex face, const Surface& mesh) { kind_ = kindsOf(mesh)[face]; }
    void after_subface_created(FaceIndex face, const Surface& mesh) {
        kindsOf(mesh)[face] = kind_;
        cutOf(mesh)[face] = true;
        giveUpWhenStopped();
    }
    void after_face_copy(FaceIndex from, const Surface& source, FaceIndex to, const Surface& target) {
        kindsOf(target)[to] = kindsOf(source)[from];
        cutOf(target)[to] = bool(cutOf(source)[from]);
    }
    void progress_filtering_intersections(double) { giveUpWhenStopped(); }
    void triangulating_faces_step() { giveUpWhenStopped(); }

  private:
    static FaceKinds kindsOf(const Surface& mesh) {
        return mesh.property_map<FaceIndex, Face>(kindsName).first;
    }
    static FaceMarks cutOf(const Surface& mesh) { return mesh.property_map<FaceIndex, bool>(cutName).first; }
    void giveUpWhenStopped() const {
        if (stop_->stop_requested())
            throw Stopped();
    }

    const std::stop_token* stop_;
    Face kind_ = Face::blank;
};

/// Nothing when it is not a 2-manifold.
std::optional<Surface> surfaceOf(const Mesh& mesh) {
    Surface surface;
    FaceKinds kinds = surface.add_property_map<FaceIndex, Face>(kindsName, Face::blank).first;
    surface.add_property_map<FaceIndex, bool>(cutName, false);
    std::vector<Surface::Vertex_index> corners;
    corners.reserve(mesh.vertices.size());
    for (const Vertex& v : mesh.vertices)
        corners.push_back(surface.add_vertex({v.x, v.y, v.z}));
    for (size_t t = 0; t < mesh.triangles.size(); ++t) {
        const auto& [a, b, c] = mesh.triangles[t];
        const FaceIndex face = surface.add_face(corners[size_t(a)], corners[size_t(b)], corners[size_t(c)]);
        if (face == Surface::null_face())
            return std::nullopt;
        kinds[face] = mesh.faces[t];
    }
    if (!CGAL::is_closed(surface))
        return std::nullopt;
    return surface;
}

/// Corners that fell nearly into one, where edges all but meet, are made one; triangles without area go.
/// False where that cannot be.
bool clean(Surface& surface) {
    constexpr double atOnce_mm = 2e-5;
    std::vector<Surface::Edge_index> around;
    for (const auto edge : surface.edges())
        around.push_back(edge);
    for (const auto edge : around) {
        if (surface.is_removed(edge))
            continue;
        const auto half = surface.halfedge(edge);
        const auto &a = surface.point(surface.source(half)), &b = surface.point(surface.target(half));
        if (CGAL::squared_distance(a, b) < atOnce_mm * atOnce_mm &&
            CGAL::Euler::does_satisfy_link_condition(edge, surface))
            CGAL::Euler::collapse_edge(edge, surface);
    }
    const bool none = CGAL::Polygon_mesh_processing::remove_degenerate_faces(surface);
    surface.collect_garbage();
    return none;
}

/// Those whose corners are not as they were given, and what lies beside them: only they can cross each other.
std::vector<FaceIndex> roundedFaces(const Surface& surface) {
    const FaceMarks cut = surface.property_map<FaceIndex, bool>(cutName).first;
    std::vector<bool> wanted(surface.number_of_faces());
    for (const FaceIndex face : surface.faces())
        if (cut[face])
            for (const auto v : CGAL::vertices_around_face(surface.halfedge(face), surface))
                for (const FaceIndex around : CGAL::faces_around_target(surface.halfedge(v), surface))
                    if (around != Surface::null_face())
                        wanted[size_t(around)] = true;
    std::vector<FaceIndex> faces;
    for (const FaceIndex face : surface.faces())
        if (wanted[size_t(face)])
            faces.push_back(face);
    return faces;
}

Mesh meshOf(const Surface& surface) {
    Mesh mesh;
    const FaceKinds kinds = surface.property_map<FaceIndex, Face>(kindsName).first;
    std::vector<int> number(surface.number_of_vertices(), -1);
    for (const auto v : surface.vertices()) {
        number[size_t(v)] = int(mesh.vertices.size());
        const auto& p = surface.point(v);
        mesh.vertices.push_back({p.x(), p.y(), p.z()});
    }
    for (const FaceIndex face : surface.faces()) {
        const auto edge = surface.halfedge(face);
        mesh.triangles.push_back({number[size_t(surface.source(edge))], number[size_t(surface.target(edge))],
                                  number[size_t(surface.target(surface.next(edge)))]});
        mesh.faces.push_back(kinds[face]);
    }
    return mesh;
}

quantity::Problem failed(const char* why) {
    return {quantity::ProblemKind::geometryFailed, {}, why};
}

/// The second aside by `aside`, mm.
quantity::Result<Mesh> triedOf(const Mesh& first, const Mesh& second, Boolean what, const Vertex& aside,
                               const std::stop_token& stop) {
    std::optional<Surface> a = surfaceOf(first), b = surfaceOf(second);
    if (!a || !b)
        return failed("open");
    for (const auto v : b->vertices()) {
        auto& p = b->point(v);
        p = {p.x() + aside.x, p.y() + aside.y, p.z() + aside.z};
    }
    namespace pmp = CGAL::Polygon_mesh_processing;
    Surface out;
    out.add_property_map<FaceIndex, Face>(kindsName, Face::blank);
    out.add_property_map<FaceIndex, bool>(cutName, false);
    try {
        const auto careful = CGAL::parameters::visitor(KeepsKinds(stop)).throw_on_self_intersection(true);
        const bool made = what == Boolean::unite ? pmp::corefine_and_compute_union(*a, *b, out, careful)
                                                 : pmp::corefine_and_compute_difference(*a, *b, out, careful);
        if (!made)
            return failed("edges");
        if (!clean(out))
            return failed("slivers");
        if (pmp::does_self_intersect(roundedFaces(out), out))
            return failed("rounding");
    } catch (const Stopped&) {
        return quantity::Problem{quantity::ProblemKind::stopped};
    } catch (const pmp::Corefinement::Self_intersection_exception&) {
        return failed("crossing");
    } catch (const CGAL::Failure_exception&) {
        return failed("boolean");
    }
    Mesh mesh = meshOf(out);
    if (!faultsOf(mesh).none())
        return failed("open");
    return mesh;
}

} // namespace

quantity::Result<Mesh> booleanOf(const Mesh& first, const Mesh& second, Boolean what,
                                 const std::stop_token& stop) {
    if (second.empty() || (first.empty() && what == Boolean::subtract))
        return first;
    if (first.empty())
        return second;
    // Where faces of both lie in one plane, or nearly, what comes out may not hold together: a hair aside it
    // does.
    constexpr double hair = 1e-5, finer = 1e-6;
    constexpr Vertex asides[] = {{0, 0, 0},
                                 {4 * finer, -3 * finer, 5 * finer},
                                 {3 * hair, 5 * hair, 4 * hair},
                                 {-7 * hair, 4 * hair, -5 * hair}};
    std::optional<quantity::Result<Mesh>> made;
    for (const Vertex& aside : asides) {
        made = triedOf(first, second, what, aside, stop);
        if (*made || made->problem().kind == quantity::ProblemKind::stopped)
            break;
    }
    return *std::move(made);
}

} // namespace bollard::body
