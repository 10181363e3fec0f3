#include "blank/blank.hpp"
#include "blank/shape.hpp"
#include "plane/gap.hpp"
#include "plane/near_boxes.hpp"
#include "quantity/field.hpp"
#include <algorithm>

namespace bollard::blank {
namespace {

constexpr double tolerance = 0.01 * plane::unitsPerMillimetre;

} // namespace

std::span<const std::string_view> sidesOf(const Blank& blank) {
    return shapeOf(blank).sides;
}

std::string_view sideOf(const Blank& blank, std::string_view side) {
    const auto& sides = shapeOf(blank).sides;
    if (side.empty())
        return sides.front();
    const auto found = std::ranges::find(sides, side);
    return found == sides.end() ? std::string_view{} : *found;
}

plane::Vector sizeOf(const Blank& blank, std::string_view side) {
    return shapeOf(blank).sizeOf(blank, sideOf(blank, side));
}

double depthBehind(const Blank& blank, std::string_view side) {
    return shapeOf(blank).depthBehind(blank, sideOf(blank, side));
}

double turnOf(const Blank& blank, std::string_view side) {
    const std::string_view round = shapeOf(blank).round;
    return !round.empty() && sideOf(blank, side) == round ? sizeOf(blank, side).x : 0;
}

bool hasEdge(const Blank& blank) {
    return blank.kind == Kind::plate || blank.kind == Kind::disc;
}

Edge edgeOf(const Blank& blank) {
    if (!hasEdge(blank))
        return {};
    const plane::Vector size = sizeOf(blank);
    const double room = (blank.edgeBoth ? blank.thickness / 2 : blank.thickness) - uprightLeft;
    return fitted(blank.edge, room, std::min(size.x, size.y) / 2, blank.thickness);
}

std::span<const Hole> drilledIn(const Blank& blank) {
    return shapeOf(blank).takesHoles ? std::span<const Hole>(blank.holes) : std::span<const Hole>{};
}

plane::Outline outlineOf(const Blank& blank, std::string_view side) {
    const plane::Vector size = sizeOf(blank, side);
    if (!(size.x > 0) || !(size.y > 0))
        return {};
    return {{plane::roundedRectangle({0, 0}, size, shapeOf(blank).cornerOf(blank, sideOf(blank, side)))}};
}

plane::Outline holesOf(const Blank& blank, std::string_view side) {
    plane::Outline holes;
    const double width = sizeOf(blank, side).x;
    const auto add = [&](double x, double y, double diameter) {
        if (diameter > 0)
            holes.contours.push_back(
                plane::circle({sideOf(blank, side) == "back" ? width - x : x, y}, diameter / 2));
    };
    if (!shapeOf(blank).takesHoles)
        return holes;
    for (const Hole& hole : blank.holes)
        add(hole.x, hole.y, hole.diameter);
    if (blank.kind == Kind::disc)
        add(blank.diameter / 2, blank.diameter / 2, blank.centreHole);
    return holes;
}

plane::Region wholeRegionOf(const Blank& blank, std::string_view side) {
    return plane::filled(plane::flattened(outlineOf(blank, side), plane::unitsPerMillimetre, tolerance));
}

plane::Region regionOf(const Blank& blank, std::string_view side) {
    const plane::Region whole = wholeRegionOf(blank, side);
    if (whole.empty())
        return whole;
    // Holes that stand alone are boundaries as they are, so that many cost no more than their number.
    const std::vector<plane::Ring> holes =
        plane::flattened(holesOf(blank, side), plane::unitsPerMillimetre, tolerance);
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

plane::Region boundaryOf(const Blank& blank, std::string_view side) {
    const plane::Region region = regionOf(blank, side);
    const std::int32_t turn = plane::toUnits(turnOf(blank, side));
    if (turn == 0 || region.empty())
        return region;
    const plane::Box box = plane::boxOf(region);
    // So far that no words reach the ends, and the grid still holds it.
    const auto beyond = std::int32_t(std::min<std::int64_t>(8 * std::int64_t(turn), plane::gridLimit / 2));
    const std::int32_t left = -beyond, right = turn + beyond;
    return {{{{left, box.low.y}, {right, box.low.y}, {right, box.high.y}, {left, box.high.y}}}};
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
    if (!shapeOf(blank).takesHoles)
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
                                      Named{Kind::disc, "disc"}, Named{Kind::bar, "bar"}};
    const auto plate = [](const Blank& b) { return b.kind == Kind::plate; };
    const auto disc = [](const Blank& b) { return b.kind == Kind::disc; };
    const auto bar = [](const Blank& b) { return b.kind == Kind::bar; };
    const auto round = [](const Blank& b) { return b.kind == Kind::disc || b.kind == Kind::bar; };
    const auto wall = [](const Blank& b) { return b.kind == Kind::plate || b.kind == Kind::disc; };
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
                      .when(round)
                      .about("disc, bar, mm; a disc's lower left is that of the square around it")
                      .number("length", &Blank::length, Dimension::length, ranges::blankSize)
                      .when(bar)
                      .about("bar: along its axis, mm")
                      .number("centreHole", &Blank::centreHole, Dimension::length, ranges::centreHole)
                      .when(disc)
                      .about("disc: diameter of the hole in its middle, mm; 0 for none")
                      .number("thickness", &Blank::thickness, Dimension::length, ranges::thickness)
                      .when(wall)
                      .about("mm")
                      .number("margin", &Blank::margin, Dimension::length, ranges::margin)
                      .when(any)
                      .about("how near words may come to edges and holes, mm")
                      .part("edge", &Blank::edge)
                      .orNumber(blank::takeRadius, ranges::edge)
                      .when(wall)
                      .quiet()
                      .about("along the outline, not of holes; with `draft` the back is larger than the "
                             "front. A number is "
                             "the radius of a round one")
                      .flag("edgeBoth", &Blank::edgeBoth)
                      .when(wall)
                      .quiet()
                      .about("the edge is at the back too")
                      .parts("holes", &Blank::holes)
                      .when(wall)
                      .about("round holes through the blank"));
    return fields;
}
