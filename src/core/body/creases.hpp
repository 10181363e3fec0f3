// Where the surface of a body turns.
#pragma once
#include "space/point3.hpp"
#include "space/vertex.hpp"
#include "working/change.hpp"
#include <array>
#include <span>
#include <vector>

namespace bollard::body {

/// What a triangle is of.
enum class Face : std::uint8_t {
    blank,
    letters,
    cut ///< floors and walls that letters cut into the blank
};

/// An edge where the surface turns by more than 25 degrees.
struct Crease {
    int from = 0, to = 0; ///< vertices
    bool letters = false; ///< belongs to the letters
};

struct Creases {
    std::vector<space::Point3> normals{}; ///< of the triangles, unit length; null of flat ones
    std::vector<Crease> edges{};
};

/// Of some of a mesh's triangles; edges that only one of them has are none. O(n).
Creases creasesOf(std::span<const space::Vertex> vertices, std::span<const std::array<int, 3>> triangles,
                  std::span<const Face> faces);

} // namespace bollard::body
