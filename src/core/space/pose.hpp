// How a body is turned and where it then lies.
#pragma once
#include "space/vertex.hpp"

namespace bollard::space {

/// Rows of a rotation, then a shift, mm.
struct Pose {
    Vertex x{1, 0, 0}, y{0, 1, 0}, z{0, 0, 1}, shift{};

    Vertex turned(const Vertex& v) const { return {dot(x, v), dot(y, v), dot(z, v)}; }
    Vertex at(const Vertex& v) const { return turned(v) + shift; }
    bool operator==(const Pose&) const = default;
};

} // namespace bollard::space
