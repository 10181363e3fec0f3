#include "body/probe.hpp"
#include <cmath>

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

} // namespace bollard::body
