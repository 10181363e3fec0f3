#include "picture/scene.hpp"
#include <cmath>

namespace bollard::picture {
namespace {

constexpr float featureCosine = 0.906f; // 25 degrees

Point3 normalOf(const std::vector<Point3>& vertices, const std::array<int, 3>& triangle) {
    const Point3 a = vertices[size_t(triangle[0])], b = vertices[size_t(triangle[1])],
                 c = vertices[size_t(triangle[2])];
    const Point3 u{b.x - a.x, b.y - a.y, b.z - a.z}, v{c.x - a.x, c.y - a.y, c.z - a.z};
    const Point3 n{u.y * v.z - u.z * v.y, u.z * v.x - u.x * v.z, u.x * v.y - u.y * v.x};
    const float size = std::sqrt(n.x * n.x + n.y * n.y + n.z * n.z);
    return size > 0 ? Point3{n.x / size, n.y / size, n.z / size} : Point3{};
}

struct Side {
    std::uint64_t ends; ///< lower vertex in the high half
    int triangle;
};

} // namespace

Scene sceneOf(const body::Mesh& mesh) {
    Scene scene;
    scene.extent = body::extentOf(mesh);
    scene.triangles = mesh.triangles;
    scene.vertices.reserve(mesh.vertices.size());
    for (const body::Vertex& v : mesh.vertices)
        scene.vertices.push_back({float(v.x), float(v.y), float(v.z)});
    std::vector<Side> sides;
    sides.reserve(mesh.triangles.size() * 3);
    for (size_t t = 0; t < mesh.triangles.size(); ++t) {
        const auto& corners = mesh.triangles[t];
        scene.normals.push_back(normalOf(scene.vertices, corners));
        scene.letters.push_back(mesh.substances[t] == working::Substance::letters);
        for (size_t k = 0; k < 3; ++k) {
            const auto [low, high] = std::minmax(corners[k], corners[(k + 1) % 3]);
            sides.push_back({std::uint64_t(std::uint32_t(low)) << 32 | std::uint32_t(high), int(t)});
        }
    }
    std::ranges::sort(sides, {}, &Side::ends);
    for (size_t i = 0; i + 1 < sides.size(); ++i) {
        if (sides[i].ends != sides[i + 1].ends)
            continue;
        const auto one = size_t(sides[i].triangle), other = size_t(sides[i + 1].triangle);
        const Point3 a = scene.normals[one], b = scene.normals[other];
        if (a.x * b.x + a.y * b.y + a.z * b.z < featureCosine)
            scene.edges.push_back({int(sides[i].ends >> 32), int(sides[i].ends & 0xFFFFFFFFu),
                                   scene.letters[one] || scene.letters[other]});
        ++i;
    }
    return scene;
}

} // namespace bollard::picture
