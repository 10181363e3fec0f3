#include "ordinary_way.hpp"
#include "working/changes.hpp"
#include <CGAL/Exact_predicates_inexact_constructions_kernel.h>
#include <CGAL/Polygon_mesh_processing/corefinement.h>
#include <CGAL/Surface_mesh.h>

namespace bench {
namespace {

using namespace bollard;
using Kernel = CGAL::Exact_predicates_inexact_constructions_kernel;
using SurfaceMesh = CGAL::Surface_mesh<Kernel::Point_3>;

SurfaceMesh surfaceOf(const body::Mesh& mesh) {
    SurfaceMesh surface;
    for (const body::Vertex& v : mesh.vertices)
        surface.add_vertex({v.x, v.y, v.z});
    for (const auto& t : mesh.triangles)
        surface.add_face(SurfaceMesh::Vertex_index(unsigned(t[0])), SurfaceMesh::Vertex_index(unsigned(t[1])),
                         SurfaceMesh::Vertex_index(unsigned(t[2])));
    return surface;
}

/// A closed prism from -bedding to the letters' height.
body::Mesh prism(const plane::Region& letters, const working::Working& working) {
    working::Working standing{working::Kind::freeStanding, working.height + working.bedding, 0, 0};
    const auto columns = working::columnsOf(working::changesOf(working::Worked{standing, letters}, 0));
    body::Mesh mesh = body::meshOf(*columns);
    for (body::Vertex& v : mesh.vertices)
        v.z -= working.bedding;
    return mesh;
}

SurfaceMesh plateOf(const card::Made& made) {
    return surfaceOf(body::meshOf(
        *working::columnsOf(working::changesOf(made.lettering->firstSide, made.card->blank.thickness))));
}

} // namespace

size_t unitedLetterByLetter(const card::Made& made) {
    SurfaceMesh part = plateOf(made);
    for (const working::PlacedLetters& letters : made.lettering->inscriptions)
        for (const plane::Region& region : letters.onSide) {
            SurfaceMesh letter = surfaceOf(prism(region, letters.working));
            SurfaceMesh result;
            CGAL::Polygon_mesh_processing::corefine_and_compute_union(part, letter, result);
            part = std::move(result);
        }
    return part.number_of_faces();
}

size_t unitedAtOnce(const card::Made& made) {
    SurfaceMesh part = plateOf(made), result;
    for (const working::Worked& worked : working::workedOf(made.lettering->inscriptions)) {
        SurfaceMesh letters = surfaceOf(prism(worked.region, worked.working));
        CGAL::Polygon_mesh_processing::corefine_and_compute_union(part, letters, result);
    }
    return result.number_of_faces();
}

} // namespace bench
