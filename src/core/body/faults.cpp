#include "body/faults.hpp"
#include <algorithm>

namespace bollard::body {
namespace {

struct HalfEdge {
    std::uint64_t ends; ///< lower vertex in the high half
    int number;         ///< triangle * 3 + corner it starts at
    bool upwards;       ///< from the lower vertex
};

std::vector<HalfEdge> halfEdgesOf(const Mesh& mesh) {
    std::vector<HalfEdge> edges;
    edges.reserve(mesh.triangles.size() * 3);
    for (size_t t = 0; t < mesh.triangles.size(); ++t)
        for (size_t k = 0; k < 3; ++k) {
            const auto& c = mesh.triangles[t];
            const auto [low, high] = std::minmax(c[k], c[(k + 1) % 3]);
            edges.push_back(
                {std::uint64_t(std::uint32_t(low)) << 32 | std::uint32_t(high), int(t * 3 + k), c[k] == low});
        }
    return edges;
}

/// The one that runs back along each, -1 where there is none or are more; those are counted.
std::vector<int> oppositesOf(std::vector<HalfEdge> edges, MeshFaults& faults) {
    std::ranges::sort(edges, {}, &HalfEdge::ends);
    std::vector<int> opposite(edges.size(), -1);
    for (size_t i = 0, end = 0; i < edges.size(); i = end) {
        size_t upwards = 0;
        for (end = i; end < edges.size() && edges[end].ends == edges[i].ends; ++end)
            upwards += edges[end].upwards ? 1 : 0;
        const size_t downwards = end - i - upwards;
        if (upwards == 1 && downwards == 1) {
            opposite[size_t(edges[i].number)] = edges[i + 1].number;
            opposite[size_t(edges[i + 1].number)] = edges[i].number;
        } else if (upwards == 0 || downwards == 0) {
            ++faults.openEdges;
        } else {
            faults.crowdedEdges += 2;
        }
    }
    return opposite;
}

/// Vertices whose triangles form more than one fan. `opposite`: the half edge that runs back along each, -1
/// for none.
int countPinched(const Mesh& mesh, const std::vector<int>& opposite) {
    std::vector<int> fans(mesh.vertices.size(), 0);
    std::vector<bool> seen(opposite.size());
    for (const bool open : {true, false}) // those that begin at a border, then closed ones
        for (size_t first = 0; first < opposite.size(); ++first) {
            if (seen[first] || (open && opposite[first] >= 0))
                continue;
            ++fans[size_t(mesh.triangles[first / 3][first % 3])];
            for (int h = int(first); h >= 0 && !seen[size_t(h)];) {
                seen[size_t(h)] = true;
                h = opposite[size_t(h / 3 * 3 + (h % 3 + 2) % 3)];
            }
        }
    return int(std::ranges::count_if(fans, [](int count) { return count > 1; }));
}

} // namespace

MeshFaults faultsOf(const Mesh& mesh) {
    MeshFaults faults;
    std::vector<std::array<int, 3>> corners = mesh.triangles;
    for (size_t t = 0; t < mesh.triangles.size(); ++t) {
        const auto& c = mesh.triangles[t];
        const Vertex& a = mesh.vertices[size_t(c[0])];
        const Vertex n = space::cross(mesh.vertices[size_t(c[1])] - a, mesh.vertices[size_t(c[2])] - a);
        if (n == Vertex{})
            ++faults.flatTriangles;
        std::ranges::sort(corners[t]);
    }
    std::ranges::sort(corners);
    for (size_t t = 1; t < corners.size(); ++t)
        faults.doubledTriangles += corners[t] == corners[t - 1] ? 1 : 0;

    const std::vector<int> opposite = oppositesOf(halfEdgesOf(mesh), faults);
    if (faults.openEdges == 0 && faults.crowdedEdges == 0)
        faults.pinchedVertices = countPinched(mesh, opposite);
    return faults;
}

bool isPinched(const Mesh& mesh) {
    MeshFaults faults;
    return countPinched(mesh, oppositesOf(halfEdgesOf(mesh), faults)) > 0;
}

bool wallsMeetAlongEdges(const Mesh& mesh, size_t triangles) {
    std::vector<std::uint64_t> edges;
    edges.reserve(triangles * 3);
    for (size_t t = 0; t < triangles; ++t)
        for (size_t k = 0; k < 3; ++k)
            edges.push_back(std::uint64_t(std::uint32_t(mesh.triangles[t][k])) << 32 |
                            std::uint32_t(mesh.triangles[t][(k + 1) % 3]));
    std::ranges::sort(edges);
    return std::ranges::adjacent_find(edges) != edges.end();
}

} // namespace bollard::body
