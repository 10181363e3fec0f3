// The lines, arcs and cubics that an outline is made of, each measured by a parameter from 0 to 1.
#pragma once
#include "plane/outline.hpp"
#include <array>
#include <optional>

namespace bollard::plane {

struct CurvePiece {
    enum class Kind { line, cubic, arc };
    Kind kind = Kind::line;
    std::array<Vector, 4> poles{}; ///< of a cubic; a line has its thirds, so that all three count alike
    Vector centre{};               ///< of an arc
    double radius = 0, from = 0, sweep = 0; ///< radians, counter-clockwise

    Vector at(double t) const;
    Vector along(double t) const; ///< how it goes on a unit of t
    /// Where it is nearest to a point.
    double nearest(Vector p) const;
    /// Where it has that x, beside a place near by.
    double whereX(double x, double near) const;
};

CurvePiece lineFrom(Vector a, Vector b);

/// Its pieces in order, closing lines too. Cubics that run along a circle within a millionth of its radius
/// are arcs, and those that go on round the same one are one, of half a turn at most.
std::vector<CurvePiece> piecesOf(const Outline& outline);

} // namespace bollard::plane
