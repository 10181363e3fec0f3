// A body made ready to be drawn: once per body, then any number of frames.
#pragma once
#include "body/mesh.hpp"
#include <vector>

namespace bollard::picture {

struct Point3 {
    float x = 0, y = 0, z = 0;
};

/// An edge where the surface turns by more than 25 degrees.
struct FeatureEdge {
    int from = 0, to = 0; ///< vertices
    bool letters = false; ///< belongs to the letters
};

struct Scene {
    std::vector<Point3> vertices{};
    std::vector<std::array<int, 3>> triangles{};
    std::vector<Point3> normals{}; ///< of triangles, unit length
    std::vector<bool> letters{};   ///< by triangle
    std::vector<FeatureEdge> edges{};
    body::Extent extent{};
};

Scene sceneOf(const body::Mesh& mesh);

} // namespace bollard::picture
