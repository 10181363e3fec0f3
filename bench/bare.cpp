// bare: what the two longest steps of a whole body cost against the least they could: triangulating 1,000
// letters against CGAL with the same segments, and their mesh against writing its bytes.
#include "bench_cards.hpp"
#include "body/mesh.hpp"
#include "clocks.hpp"
#include "plane/subdivision.hpp"
#include "working/changes.hpp"
#include "working/columns.hpp"
#include <CGAL/Constrained_Delaunay_triangulation_2.h>
#include <CGAL/Exact_predicates_inexact_constructions_kernel.h>
#include <algorithm>
#include <cstdio>

using namespace bollard;

namespace {

using bench::processorSeconds;

template<class Act> double best(Act act) {
    double least = 1e9;
    for (int i = 0; i < 7; ++i) {
        const double before = processorSeconds();
        act();
        least = std::min(least, processorSeconds() - before);
    }
    return 1e3 * least;
}

using Kernel = CGAL::Exact_predicates_inexact_constructions_kernel;
using Delaunay =
    CGAL::Constrained_Delaunay_triangulation_2<Kernel, CGAL::Default,
                                               CGAL::No_constraint_intersection_requiring_constructions_tag>;

size_t bareTriangulation(const plane::Subdivision& plan) {
    std::vector<Kernel::Point_2> points;
    std::vector<std::pair<size_t, size_t>> segments;
    for (const plane::Point p : plan.points)
        points.emplace_back(p.x, p.y);
    for (const plane::GraphEdge& edge : plan.edges)
        segments.emplace_back(edge.low, edge.high);
    Delaunay delaunay;
    delaunay.insert_constraints(points.begin(), points.end(), segments.begin(), segments.end());
    return delaunay.number_of_faces();
}

} // namespace

int main() {
    card::Pipeline pipeline(bench::catalogue());
    const auto made = pipeline.run(std::make_shared<const card::Card>(bench::plate(1000)), {});
    std::vector<plane::Region> regions;
    for (const working::PlacedLetters& letters : made.lettering->inscriptions)
        regions.push_back(plane::united(letters.onSide));
    const std::vector<plane::Region> layers{made.lettering->firstSide, regions.front()};
    const auto plan = plane::subdivided(layers);
    const double ours = best([&] { (void)plane::subdivided(layers); });
    size_t faces = 0;
    const double bare = best([&] { faces += bareTriangulation(*plan); });
    std::printf("triangulating %zu points: %.1f ms, bare %.1f ms, ratio %.2f\n", plan->points.size(), ours,
                bare, ours / bare);
    const working::Worked worked{made.lettering->inscriptions.front().working, regions.front()};
    const auto columns = working::columnsOf(
        working::changesOf(made.lettering->firstSide, made.card->blank.thickness, std::span(&worked, 1)));
    const body::Mesh mesh = body::meshOf(*columns);
    const double meshed = best([&] { (void)body::meshOf(*columns); });
    size_t written = 0;
    const double writing = best([&] {
        std::FILE* const file = std::tmpfile();
        written += std::fwrite(mesh.vertices.data(), sizeof(space::Vertex), mesh.vertices.size(), file);
        written += std::fwrite(mesh.triangles.data(), sizeof(mesh.triangles[0]), mesh.triangles.size(), file);
        std::fclose(file);
    });
    std::printf("mesh of %zu triangles: %.1f ms, writing its bytes %.1f ms, ratio %.1f\n",
                mesh.triangles.size(), meshed, writing, meshed / writing);
    return faces > 0 && written > 0 ? 0 : 1;
}
