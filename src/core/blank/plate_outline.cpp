#include "blank/plate_outline.hpp"
#include "plane/path_data.hpp"
#include "quantity/field.hpp"
#include <algorithm>
#include <cmath>

namespace bollard::blank {

using plane::Contour, plane::Outline, plane::Segment, plane::Vector;

namespace {

constexpr int pathDecimals = 4;

/// A corner, and how far it is rounded at most.
struct Corner {
    Vector at{};
    double radius = 0;
};

void lineTo(Contour& contour, Vector to) {
    const Vector from = contour.segments.empty() ? contour.start : contour.segments.back().end;
    if (plane::length(to - from) > 1e-9)
        contour.segments.push_back({Segment::Kind::line, {}, {}, to});
}

/// Straight between its corners, which are rounded by arcs that take no more than half of a side.
Contour rounded(const std::vector<Corner>& corners) {
    Contour contour;
    const size_t n = corners.size();
    for (size_t i = 0; i < n; ++i) {
        const Vector at = corners[i].at, in = at - corners[(i + n - 1) % n].at,
                     out = corners[(i + 1) % n].at - at;
        const double before = plane::length(in), after = plane::length(out);
        const Vector way = (1 / before) * in, next = (1 / after) * out;
        const double turn = std::atan2(way.x * next.y - way.y * next.x, way.x * next.x + way.y * next.y);
        const double perRadius = std::fabs(std::tan(turn / 2));
        const double radius =
            perRadius > 0 ? std::min(corners[i].radius, std::min(before, after) / 2 / perRadius) : 0;
        const Vector from = at - (radius * perRadius) * way;
        if (i == 0)
            contour.start = from;
        else
            lineTo(contour, from);
        if (radius > 0)
            plane::addArc(contour, from + std::copysign(radius, turn) * Vector{-way.y, way.x},
                          turn * 180 / M_PI);
    }
    return contour;
}

std::pair<Vector, Vector> boxOf(const Outline& outline) {
    Vector low{1e300, 1e300}, high{-1e300, -1e300};
    constexpr double fine = 1e3; // units of a micrometre
    for (const plane::Line& line : plane::lines(outline, fine, 1))
        for (const plane::Point p : line) {
            low = {std::min(low.x, p.x / fine), std::min(low.y, p.y / fine)};
            high = {std::max(high.x, p.x / fine), std::max(high.y, p.y / fine)};
        }
    return {low, high};
}

/// A point of a box where it lies when the box is stretched to that size, its low corner at 0.
Vector stretched(Vector p, const std::pair<Vector, Vector>& box, Vector size) {
    const auto& [low, high] = box;
    return {(p.x - low.x) / (high.x - low.x) * size.x, (p.y - low.y) / (high.y - low.y) * size.y};
}

Outline rectangle(const PlateOutline&, Vector size, double corner) {
    return {{plane::roundedRectangle({0, 0}, size, corner)}};
}

Outline oval(const PlateOutline&, Vector size, double) {
    Contour contour = plane::circle({0.5, 0.5}, 0.5);
    return {{plane::mapped(std::move(contour), [&](Vector p) {
        return Vector{p.x * size.x, p.y * size.y};
    })}};
}

/// Stands on a side, and touches all four sides of its box.
Outline polygon(const PlateOutline& outline, Vector size, double corner) {
    const int n = std::max(3, outline.corners);
    std::vector<Vector> at;
    Vector low{1, 1}, high{-1, -1};
    for (int i = 0; i < n; ++i) {
        const double angle = 2 * M_PI * (i + 0.5) / n - M_PI / 2;
        at.push_back({std::cos(angle), std::sin(angle)});
        low = {std::min(low.x, at.back().x), std::min(low.y, at.back().y)};
        high = {std::max(high.x, at.back().x), std::max(high.y, at.back().y)};
    }
    std::vector<Corner> corners;
    for (const Vector p : at)
        corners.push_back({stretched(p, {low, high}, size), corner});
    return {{rounded(corners)}};
}

/// How wide the ear can be.
double earOf(const PlateOutline& outline, Vector size) {
    return std::min({outline.ear, size.y, size.x / 2});
}

Outline tag(const PlateOutline& outline, Vector size, double corner) {
    const double ear = earOf(outline, size), low = (size.y - ear) / 2, high = (size.y + ear) / 2;
    if (!(ear > 0))
        return rectangle(outline, size, corner);
    std::vector<Corner> corners{{{0, high}, ear / 2}, {{0, low}, ear / 2}};
    if (ear < size.y) {
        const double inner = std::min({corner, ear / 2, low});
        corners.insert(corners.end(), {{{ear, low}, inner}, {{ear, 0}, std::min(corner, low)}});
        corners.insert(corners.end(), {{{size.x, 0}, corner}, {{size.x, size.y}, corner}});
        corners.insert(corners.end(), {{{ear, size.y}, std::min(corner, low)}, {{ear, high}, inner}});
    } else {
        corners.insert(corners.end(), {{{size.x, 0}, corner}, {{size.x, size.y}, corner}});
    }
    return {{rounded(corners)}};
}

Outline drawing(const PlateOutline& outline, Vector size, double) {
    const auto box = boxOf(*outline.path);
    if (!(box.second.x > box.first.x) || !(box.second.y > box.first.y))
        return rectangle(outline, size, 0);
    return plane::mapped(*outline.path, [&](Vector p) { return stretched(p, box, size); });
}

Outline words(const PlateOutline& outline, Vector size, double) {
    return outline.path->contours.empty() ? rectangle(outline, size, 0) : *outline.path;
}

struct OutlineRow {
    OutlineKind kind;
    std::string_view name; ///< in cards
    Outline (*contours)(const PlateOutline&, Vector size, double corner);
};
constexpr std::array outlineRows{OutlineRow{OutlineKind::rectangle, "rectangle", rectangle},
                                 OutlineRow{OutlineKind::oval, "oval", oval},
                                 OutlineRow{OutlineKind::polygon, "polygon", polygon},
                                 OutlineRow{OutlineKind::tag, "tag", tag},
                                 OutlineRow{OutlineKind::drawing, "drawing", drawing},
                                 OutlineRow{OutlineKind::words, "words", words}};
static_assert(outlineRows.size() == outlineKinds);

} // namespace

Outline contoursOf(const PlateOutline& outline, Vector size, double corner) {
    return outlineRows[size_t(outline.kind)].contours(outline, size, corner);
}

PlateOutline outlineFrom(const Outline& drawing) {
    PlateOutline outline;
    outline.kind = OutlineKind::drawing;
    Outline closed;
    for (const Contour& contour : drawing.contours)
        if (!contour.open)
            closed.contours.push_back(contour);
    outline.path = std::move(closed);
    return outline;
}

Vector sizeOf(const PlateOutline& outline) {
    if (outline.path->contours.empty())
        return {};
    const auto [low, high] = boxOf(*outline.path);
    return high - low;
}

Hole earHoleOf(const PlateOutline& outline, Vector size) {
    const double ear = earOf(outline, size);
    return {ear / 2, size.y / 2, outline.kind == OutlineKind::tag && ear > 0 ? outline.earHole : 0};
}

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::PlateOutline>() {
    using blank::OutlineKind, blank::PlateOutline;
    static const std::vector<Named<OutlineKind>> names = [] {
        std::vector<Named<OutlineKind>> all;
        for (const blank::OutlineRow& row : blank::outlineRows)
            all.push_back({row.kind, row.name});
        return all;
    }();
    const auto is = [](OutlineKind kind) { return [kind](const PlateOutline& o) { return o.kind == kind; }; };
    static const PartFields fields = std::move(
        Describing<PlateOutline>()
            .choice("kind", &PlateOutline::kind, names)
            .number("corners", &PlateOutline::corners, Dimension::count, ranges::corners)
            .when(is(OutlineKind::polygon))
            .about("polygon: how many")
            .number("ear", &PlateOutline::ear, Dimension::length, ranges::ear)
            .when(is(OutlineKind::tag))
            .about("tag: how far its ear stands out to the left, within the width, and how wide "
                   "the ear is, mm")
            .number("earHole", &PlateOutline::earHole, Dimension::length, ranges::centreHole)
            .when(is(OutlineKind::tag))
            .about("tag: diameter of the hole in the ear, mm; 0 for none")
            .number("distance", &PlateOutline::distance, Dimension::length, ranges::outlineDistance)
            .when(is(OutlineKind::words))
            .about("words: from all that lies on the front to the edge, mm")
            .coded(
                "path", [](const PlateOutline& o) { return plane::pathDataOf(*o.path, blank::pathDecimals); },
                [](PlateOutline& o, const std::string& data) -> std::string {
                    return plane::readOnCard(data, [&](plane::Outline read) { o.path = std::move(read); });
                })
            .when(is(OutlineKind::drawing))
            .about("drawing: SVG path data, y up, stretched to width and height")
            .usual("empty")
            .text("source", &PlateOutline::source)
            .when(is(OutlineKind::drawing))
            .about("drawing: the file it came from"));
    return fields;
}
