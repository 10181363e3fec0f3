#include "blank/blank.hpp"

namespace bollard::blank {
namespace {

constexpr double tolerance = 0.01 * plane::unitsPerMillimetre;

} // namespace

plane::Vector sizeOf(const Blank& blank) {
    switch (blank.kind) {
    case Kind::plate:
        return {blank.width, blank.height};
    case Kind::disc:
        return {blank.diameter, blank.diameter};
    case Kind::none:
        break;
    }
    return {};
}

plane::Outline outlineOf(const Blank& blank) {
    const plane::Vector size = sizeOf(blank);
    if (!(size.x > 0) || !(size.y > 0))
        return {};
    const double corner = blank.kind == Kind::disc ? blank.diameter / 2 : blank.corner;
    return {{plane::roundedRectangle({0, 0}, size, corner)}};
}

plane::Outline holesOf(const Blank& blank) {
    plane::Outline holes;
    const auto add = [&](double x, double y, double diameter) {
        if (diameter > 0)
            holes.contours.push_back(plane::circle({x, y}, diameter / 2));
    };
    if (blank.kind == Kind::none)
        return holes;
    for (const Hole& hole : blank.holes)
        add(hole.x, hole.y, hole.diameter);
    if (blank.kind == Kind::disc)
        add(blank.diameter / 2, blank.diameter / 2, blank.centreHole);
    return holes;
}

plane::Region regionOf(const Blank& blank) {
    const auto flat = [](const plane::Outline& outline) {
        return plane::filled(plane::flattened(outline, plane::unitsPerMillimetre, tolerance));
    };
    const plane::Region holes = flat(holesOf(blank));
    return holes.empty() ? flat(outlineOf(blank)) : plane::without(flat(outlineOf(blank)), holes);
}

} // namespace bollard::blank
