#include "blank/blank.hpp"
#include "plane/gap.hpp"
#include "plane/near_boxes.hpp"
#include "quantity/field.hpp"
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

namespace {

struct Circle {
    plane::Vector middle{};
    double radius = 0;
};

/// From a point inside to the edge, and the way there; mm.
std::pair<double, plane::Vector> toEdge(const Blank& blank, plane::Vector from) {
    const plane::Vector size = sizeOf(blank), p = from - 0.5 * size;
    if (blank.kind == Kind::disc) {
        const double out = plane::length(p);
        return {blank.diameter / 2 - out, out > 0 ? (1 / out) * p : plane::Vector{1, 0}};
    }
    // Of a rectangle whose corners are rounded: nearest to a side, or in a corner to its arc.
    const double corner = std::clamp(blank.corner, 0.0, std::min(size.x, size.y) / 2);
    const plane::Vector in{size.x / 2 - corner, size.y / 2 - corner};
    const plane::Vector beyond{std::fabs(p.x) - in.x, std::fabs(p.y) - in.y};
    const plane::Vector signs{p.x < 0 ? -1.0 : 1.0, p.y < 0 ? -1.0 : 1.0};
    if (beyond.x > 0 && beyond.y > 0) {
        const double out = plane::length(beyond);
        return {corner - out, {signs.x * beyond.x / out, signs.y * beyond.y / out}};
    }
    return beyond.x > beyond.y ? std::pair{corner - beyond.x, plane::Vector{signs.x, 0}}
                               : std::pair{corner - beyond.y, plane::Vector{0, signs.y}};
}

} // namespace

std::vector<Land> landsOf(const Blank& blank, double below) {
    std::vector<Land> lands;
    if (blank.kind == Kind::none)
        return lands;
    std::vector<Circle> circles;
    for (const Hole& hole : blank.holes)
        circles.push_back({{hole.x, hole.y}, hole.diameter / 2});
    if (blank.kind == Kind::disc && blank.centreHole > 0)
        circles.push_back({0.5 * sizeOf(blank), blank.centreHole / 2});
    const auto add = [&](const Circle& from, plane::Vector way, double width) {
        if (width > 0 && width < below)
            lands.push_back({from.middle + (from.radius + width / 2) * way, width});
    };
    std::vector<plane::Box> boxes;
    for (const Circle& circle : circles) {
        const auto [distance, way] = toEdge(blank, circle.middle);
        add(circle, way, distance - circle.radius);
        plane::Box& box = boxes.emplace_back();
        const plane::Vector r{circle.radius, circle.radius};
        box.include(plane::onGrid(plane::unitsPerMillimetre * (circle.middle - r)));
        box.include(plane::onGrid(plane::unitsPerMillimetre * (circle.middle + r)));
    }
    for (const auto& [a, b] : plane::nearBoxes(boxes, plane::toUnits(below))) {
        const Circle &first = circles[size_t(a)], &second = circles[size_t(b)];
        const plane::Vector between = second.middle - first.middle;
        const double distance = plane::length(between);
        if (distance > 0)
            add(first, (1 / distance) * between, distance - first.radius - second.radius);
    }
    return lands;
}

} // namespace bollard::blank

namespace {
namespace ranges = bollard::quantity::ranges;
}

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Hole>() {
    using blank::Hole;
    static const PartFields fields =
        std::move(Describing<Hole>()
                      .number("x", &Hole::x, Dimension::length, ranges::position)
                      .about("its middle from the blank's left, mm")
                      .number("y", &Hole::y, Dimension::length, ranges::position)
                      .about("its middle from the blank's bottom, mm")
                      .number("diameter", &Hole::diameter, Dimension::length, ranges::holeDiameter)
                      .about("mm"));
    return fields;
}

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Blank>() {
    using blank::Blank, blank::Kind;
    static constexpr std::array kinds{Named{Kind::none, "none"}, Named{Kind::plate, "plate"},
                                      Named{Kind::disc, "disc"}};
    const auto plate = [](const Blank& b) { return b.kind == Kind::plate; };
    const auto disc = [](const Blank& b) { return b.kind == Kind::disc; };
    const auto any = [](const Blank& b) { return b.kind != Kind::none; };
    static const PartFields fields =
        std::move(Describing<Blank>()
                      .choice("kind", &Blank::kind, kinds)
                      .number("width", &Blank::width, Dimension::length, ranges::blankSize)
                      .when(plate)
                      .about("plate, mm")
                      .number("height", &Blank::height, Dimension::length, ranges::blankSize)
                      .when(plate)
                      .about("plate, mm")
                      .number("corner", &Blank::corner, Dimension::length, ranges::corner)
                      .when(plate)
                      .about("plate: corner radius, mm; at most half the shorter side is used")
                      .number("diameter", &Blank::diameter, Dimension::length, ranges::blankSize)
                      .when(disc)
                      .about("disc, mm; its lower left is that of the square around it")
                      .number("centreHole", &Blank::centreHole, Dimension::length, ranges::centreHole)
                      .when(disc)
                      .about("disc: diameter of the hole in its middle, mm; 0 for none")
                      .number("thickness", &Blank::thickness, Dimension::length, ranges::thickness)
                      .when(any)
                      .about("mm")
                      .number("margin", &Blank::margin, Dimension::length, ranges::margin)
                      .when(any)
                      .about("how near words may come to edges and holes, mm")
                      .parts("holes", &Blank::holes)
                      .when(any)
                      .about("round holes through the blank"));
    return fields;
}
