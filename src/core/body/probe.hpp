// How thick a part is where it is pointed at.
#pragma once
#include "body/mesh.hpp"
#include <optional>

namespace bollard::body {

/// How far the way from a point of the surface goes through material, mm: to where it comes out first.
/// Nothing when it does not, or the way has no length. O(triangles).
std::optional<double> thicknessAt(const Mesh& mesh, const Vertex& point, const Vertex& inwards);

/// The number of the triangle nearest to a place; -1 for none. O(triangles).
int nearestTriangle(const Mesh& mesh, const Vertex& place);

} // namespace bollard::body
