#include "body/overhangs.hpp"
#include <algorithm>
#include <cmath>
#include <numeric>

namespace bollard::body {
namespace {

/// As high as the bed, or as high as each other; mm.
constexpr double level_mm = 1e-4;

/// Corners that lie level and hang together.
class Plateaus {
  public:
    explicit Plateaus(const Mesh& mesh) : leader_(mesh.vertices.size()), ends_(mesh.vertices.size(), false) {
        std::iota(leader_.begin(), leader_.end(), 0);
        const auto height = [&](int v) { return mesh.vertices[size_t(v)].z; };
        const auto eachEdge = [&](auto visit) {
            for (const auto& corners : mesh.triangles)
                for (size_t k = 0; k < 3; ++k)
                    visit(corners[k], corners[(k + 1) % 3]);
        };
        eachEdge([&](int a, int b) {
            if (std::fabs(height(a) - height(b)) < level_mm)
                leader_[size_t(of(a))] = of(b);
        });
        eachEdge([&](int a, int b) {
            if (height(b) < height(a) - level_mm)
                ends_[size_t(of(a))] = true;
            else if (height(a) < height(b) - level_mm)
                ends_[size_t(of(b))] = true;
        });
    }
    int of(int v) {
        while (leader_[size_t(v)] != v)
            v = leader_[size_t(v)] = leader_[size_t(leader_[size_t(v)])];
        return v;
    }
    /// Something goes on below it.
    bool goesDown(int plateau) const { return ends_[size_t(plateau)]; }

  private:
    std::vector<int> leader_;
    std::vector<bool> ends_;
};

} // namespace

Overhangs overhangsOf(const Mesh& mesh, double degrees) {
    Overhangs found;
    if (mesh.empty())
        return found;
    const double bed = extentOf(mesh).low.z + level_mm;
    const double steepest = std::sin(degrees * M_PI / 180);
    Plateaus plateaus(mesh);
    std::vector<double> faces(
        mesh.vertices.size()); // of each plateau: how much of what is round it faces down
    double largest = 0;
    for (const auto& [a, b, c] : mesh.triangles) {
        const Vertex &p = mesh.vertices[size_t(a)], &q = mesh.vertices[size_t(b)],
                     &r = mesh.vertices[size_t(c)];
        const Vertex n = space::cross(q - p, r - p);
        const double size = space::length(n);
        for (const int corner : {a, b, c})
            faces[size_t(plateaus.of(corner))] -= n.z;
        if (!(size > 0) || -n.z <= steepest * size + 1e-9 || std::max({p.z, q.z, r.z}) < bed)
            continue;
        found.steep += size / 2;
        if (size > largest) {
            largest = size;
            found.steepest = 1.0 / 3 * (p + q + r);
        }
    }
    for (size_t v = 0; v < mesh.vertices.size(); ++v)
        if (plateaus.of(int(v)) == int(v) && !plateaus.goesDown(int(v)) && mesh.vertices[v].z > bed &&
            faces[v] > 0)
            found.inTheAir.push_back(mesh.vertices[v]);
    return found;
}

} // namespace bollard::body
