#include "body/probe.hpp"
#include <algorithm>
#include <cmath>
#include <limits>

namespace bollard::body {

std::optional<double> thicknessAt(const Mesh& mesh, const Vertex& point, const Vertex& inwards) {
    const double size = std::sqrt(space::dot(inwards, inwards));
    if (!(size > 0))
        return std::nullopt;
    const Vertex way = 1 / size * inwards;
    std::optional<double> least;
    constexpr double onSurface = 0.02; // mm: a point that is read from a picture lies a little off it
    for (const auto& triangle : mesh.triangles) {
        // Möller and Trumbore: the ray against the triangle, in the triangle's own coordinates.
        const Vertex a = mesh.vertices[size_t(triangle[0])], ab = mesh.vertices[size_t(triangle[1])] - a,
                     ac = mesh.vertices[size_t(triangle[2])] - a;
        const Vertex across = space::cross(way, ac);
        const double area = space::dot(ab, across);
        if (!(std::fabs(area) > 0) || space::dot(space::cross(ab, ac), way) <= 0)
            continue; // edge on, or where the way would go in
        const Vertex from = point - a;
        const double u = space::dot(from, across) / area;
        const Vertex other = space::cross(from, ab);
        const double v = space::dot(way, other) / area;
        if (u < 0 || v < 0 || u + v > 1)
            continue;
        const double far = space::dot(ac, other) / area;
        if (far > onSurface && (!least || far < *least))
            least = far;
    }
    return least;
}

int nearestTriangle(const Mesh& mesh, const Vertex& place) {
    int best = -1;
    double least = std::numeric_limits<double>::max();
    for (size_t t = 0; t < mesh.triangles.size(); ++t) {
        const auto& [i, j, k] = mesh.triangles[t];
        const Vertex a = mesh.vertices[size_t(i)], b = mesh.vertices[size_t(j)], c = mesh.vertices[size_t(k)];
        const Vertex n = space::cross(b - a, c - a);
        const double size = space::dot(n, n);
        double far = std::numeric_limits<double>::max();
        const auto toEdge = [&](const Vertex& from, const Vertex& to) {
            const Vertex way = to - from;
            const double t0 =
                std::clamp(space::dot(place - from, way) / std::max(space::dot(way, way), 1e-300), 0.0, 1.0);
            const Vertex off = place - (from + t0 * way);
            far = std::min(far, space::dot(off, off));
        };
        const bool inside = size > 0 && space::dot(space::cross(b - a, place - a), n) >= 0 &&
                            space::dot(space::cross(c - b, place - b), n) >= 0 &&
                            space::dot(space::cross(a - c, place - c), n) >= 0;
        if (inside) {
            const double h = space::dot(place - a, n);
            far = h * h / size;
        } else {
            toEdge(a, b);
            toEdge(b, c);
            toEdge(c, a);
        }
        if (far < least) {
            least = far;
            best = int(t);
        }
    }
    return best;
}

} // namespace bollard::body
