// A body made ready to be drawn: once per body, then any number of frames.
#pragma once
#include "body/mesh.hpp"
#include <vector>

namespace bollard::picture {

using space::Point3;

struct Scene {
    std::vector<Point3> vertices{};
    std::vector<std::array<int, 3>> triangles{};
    std::vector<Point3> normals{};   ///< of triangles, unit length
    std::vector<body::Face> faces{}; ///< by triangle
    std::vector<body::Crease> edges{};
    body::Extent extent{};
};

/// O(triangles); what tiles bring with them is copied.
Scene sceneOf(const body::Mesh& mesh);

} // namespace bollard::picture
