// Surfaces that others made, as bodies.
#pragma once
#include "body/mesh.hpp"
#include "quantity/result.hpp"

namespace bollard::body {

/// What was done to a surface.
struct Repaired {
    Mesh body{};
    int welded = 0;  ///< corners made one
    int dropped = 0; ///< triangles without area, or there twice
    int flipped = 0; ///< that faced the other way
    int closed = 0;  ///< holes of no more than holeEdges edges, none wider than holeShare of the whole
};
constexpr int holeEdges = 60;
constexpr double holeShare = 0.2;

/// The surface as a closed body, each shell facing outwards (hollows inwards): corners nearer than a
/// micrometre are one, triangles without area or there twice go, those that face the other way are turned,
/// small holes are closed. partEmpty; partOpen (detail: holes left); partCrossed where it runs through
/// itself; `faults` hears of places where that is. O(n log n).
quantity::Result<Repaired> repaired(const Mesh& surface, const std::stop_token& stop = {},
                                    std::vector<Vertex>* faults = nullptr);

} // namespace bollard::body
