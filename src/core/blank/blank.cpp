#include "blank/blank.hpp"
#include "plane/gap.hpp"
#include "plane/near_boxes.hpp"
#include <algorithm>

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
    const plane::Region whole = flat(outlineOf(blank));
    if (whole.empty())
        return whole;
    // Holes that stand alone are boundaries as they are, so that many cost no more than their number.
    const std::vector<plane::Ring> holes =
        plane::flattened(holesOf(blank), plane::unitsPerMillimetre, tolerance);
    std::vector<plane::Box> boxes;
    for (const plane::Ring& hole : holes)
        boxes.push_back(plane::boxOf(hole));
    std::vector<bool> meets(holes.size());
    for (const auto& [i, j] : plane::nearBoxes(boxes))
        meets[size_t(i)] = meets[size_t(j)] = true;
    const plane::BoundaryIndex edge(whole);
    std::vector<plane::Ring> crossing, alone;
    for (size_t i = 0; i < holes.size(); ++i) {
        const bool within = !meets[i] && edge.clearOf(boxes[i]) &&
                            edge.lies({{holes[i]}}) == plane::BoundaryIndex::Lies::inside;
        (within ? alone : crossing).push_back(holes[i]);
    }
    plane::Region region = crossing.empty() ? whole : plane::without(whole, plane::filled(crossing));
    for (plane::Ring& hole : alone) {
        std::ranges::reverse(hole);
        region.rings.push_back(std::move(hole));
    }
    return region;
}

} // namespace bollard::blank
