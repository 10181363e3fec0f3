#include "body/creases.hpp"
#include <algorithm>
#include <cmath>

namespace bollard::body {
namespace {

constexpr float turnCosine = 0.906f; // 25 degrees

using space::Point3, space::Vertex;

Point3 normalOf(std::span<const Vertex> vertices, const std::array<int, 3>& triangle) {
    const Vertex &a = vertices[size_t(triangle[0])], &b = vertices[size_t(triangle[1])],
                 &c = vertices[size_t(triangle[2])];
    const Vertex n = space::cross(b - a, c - a);
    const double size = std::sqrt(space::dot(n, n));
    return size > 0 ? Point3{float(n.x / size), float(n.y / size), float(n.z / size)} : Point3{};
}

struct Side {
    int high; ///< vertex
    int triangle;
};

} // namespace

Creases creasesOf(std::span<const Vertex> vertices, std::span<const std::array<int, 3>> triangles,
                  std::span<const Face> faces) {
    Creases result;
    // Sides in buckets by their lower vertex, where there are few.
    std::vector<int> start(vertices.size() + 1, 0);
    const auto eachSide = [&](auto&& use) {
        for (size_t t = 0; t < triangles.size(); ++t)
            for (size_t k = 0; k < 3; ++k) {
                const auto [low, high] = std::minmax(triangles[t][k], triangles[t][(k + 1) % 3]);
                use(size_t(low), Side{high, int(t)});
            }
    };
    eachSide([&](size_t low, const Side&) { ++start[low + 1]; });
    for (size_t v = 1; v < start.size(); ++v)
        start[v] += start[v - 1];
    std::vector<Side> sides(triangles.size() * 3);
    std::vector<int> next(start.begin(), start.end() - 1);
    eachSide([&](size_t low, const Side& side) { sides[size_t(next[low]++)] = side; });
    for (const auto& triangle : triangles)
        result.normals.push_back(normalOf(vertices, triangle));
    const auto ofLetters = [&](int triangle) { return faces[size_t(triangle)] == Face::letters; };
    for (size_t low = 0; low < vertices.size(); ++low) {
        const std::span bucket(sides.begin() + start[low], sides.begin() + start[low + 1]);
        for (size_t i = 0; i < bucket.size(); ++i)
            for (size_t j = i + 1; j < bucket.size(); ++j) {
                if (bucket[i].high != bucket[j].high)
                    continue;
                const int one = bucket[i].triangle, other = bucket[j].triangle;
                const Point3 a = result.normals[size_t(one)], b = result.normals[size_t(other)];
                if (a.x * b.x + a.y * b.y + a.z * b.z < turnCosine)
                    result.edges.push_back({int(low), bucket[i].high, ofLetters(one) || ofLetters(other)});
                break;
            }
    }
    return result;
}

} // namespace bollard::body
