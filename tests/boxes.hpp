// Plain shapes for tests.
#pragma once
#include "plane/region.hpp"

/// A rectangle from its corners, mm.
inline bollard::plane::Ring box(double x0, double y0, double x1, double y1) {
    const auto u = [](double v) { return bollard::plane::toUnits(v); };
    return {{u(x0), u(y0)}, {u(x1), u(y0)}, {u(x1), u(y1)}, {u(x0), u(y1)}};
}
