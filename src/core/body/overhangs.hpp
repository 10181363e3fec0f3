// What a body that is printed upwards has over nothing.
#pragma once
#include "body/mesh.hpp"

namespace bollard::body {

struct Overhangs {
    double steep = 0;               ///< mm² that lean out farther than asked, but for what lies on the bed
    Vertex steepest{};              ///< the middle of the largest triangle of it
    std::vector<Vertex> inTheAir{}; ///< where something begins above the bed with nothing below it
};

/// Of a closed mesh as it is printed, z upwards, its lowest point on the bed. `degrees`: from upright, up to
/// which walls may lean out. O(n log n).
Overhangs overhangsOf(const Mesh& mesh, double degrees);

} // namespace bollard::body
