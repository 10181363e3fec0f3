#include "files/stl.hpp"
#include <bit>
#include <cmath>
#include <cstring>
#include <map>

namespace bollard::files {
namespace {

static_assert(std::endian::native == std::endian::little, "STL numbers are little-endian");

constexpr size_t headerSize = 80, countSize = 4, triangleSize = 50;
using Floats = std::array<float, 3>;

Floats cornerOf(const body::Mesh& mesh, int corner) {
    const body::Vertex& v = mesh.vertices[size_t(corner)];
    return {float(v.x), float(v.y), float(v.z)};
}

Floats normalOf(const Floats& a, const Floats& b, const Floats& c) {
    const std::array<double, 3> u{double(b[0]) - a[0], double(b[1]) - a[1], double(b[2]) - a[2]};
    const std::array<double, 3> v{double(c[0]) - a[0], double(c[1]) - a[1], double(c[2]) - a[2]};
    const std::array<double, 3> n{u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2],
                                  u[0] * v[1] - u[1] * v[0]};
    const double size = std::hypot(n[0], n[1], n[2]);
    return size > 0 ? Floats{float(n[0] / size), float(n[1] / size), float(n[2] / size)} : Floats{};
}

} // namespace

std::string stlOf(const body::Mesh& mesh) {
    std::string bytes(headerSize + countSize + triangleSize * mesh.triangles.size(), '\0');
    constexpr std::string_view header = "Bollard, mm";
    header.copy(bytes.data(), header.size());
    const auto count = static_cast<std::uint32_t>(mesh.triangles.size());
    std::memcpy(bytes.data() + headerSize, &count, countSize);
    char* at = bytes.data() + headerSize + countSize;
    for (const auto& triangle : mesh.triangles) {
        const Floats a = cornerOf(mesh, triangle[0]), b = cornerOf(mesh, triangle[1]),
                     c = cornerOf(mesh, triangle[2]);
        const std::array<Floats, 4> numbers{normalOf(a, b, c), a, b, c};
        std::memcpy(at, numbers.data(), sizeof numbers);
        at += triangleSize;
    }
    return bytes;
}

quantity::Result<body::Mesh> meshFromStl(const std::string& bytes, const std::string& name) {
    std::uint32_t count = 0;
    if (bytes.size() >= headerSize + countSize)
        std::memcpy(&count, bytes.data() + headerSize, countSize);
    if (bytes.size() < headerSize + countSize ||
        bytes.size() != headerSize + countSize + triangleSize * size_t(count))
        return quantity::Problem{quantity::ProblemKind::fileUnreadable, name, "not a whole binary STL file"};
    body::Mesh mesh;
    std::map<Floats, int> known;
    const char* at = bytes.data() + headerSize + countSize;
    for (std::uint32_t t = 0; t < count; ++t, at += triangleSize) {
        std::array<Floats, 4> numbers;
        std::memcpy(numbers.data(), at, sizeof numbers);
        auto& triangle = mesh.triangles.emplace_back();
        for (size_t k = 0; k < 3; ++k) {
            const Floats& p = numbers[k + 1];
            const auto [place, isNew] = known.emplace(p, int(mesh.vertices.size()));
            if (isNew)
                mesh.vertices.push_back({p[0], p[1], p[2]});
            triangle[k] = place->second;
        }
    }
    mesh.faces.assign(mesh.triangles.size(), body::Face::blank);
    return mesh;
}

} // namespace bollard::files
