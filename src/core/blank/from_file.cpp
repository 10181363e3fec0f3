// Parts from files: only the sides that were pointed at are known here.
#include "blank/chords.hpp"
#include "blank/revolved.hpp"
#include "blank/shape.hpp"
#include "quantity/interned.hpp"
#include <algorithm>

namespace bollard::blank {
namespace {

using plane::Point, space::Vertex;
using Found = FoundSide::Kind;

/// Null where it was not found.
const FoundSide* foundOn(const Blank& b, std::string_view name) {
    const auto side = std::ranges::find(b.part.sides, name, &PartSide::name);
    return side == b.part.sides.end() || side->found.kind == Found::none ? nullptr : &side->found;
}

Vertex vertexOf(const std::array<double, 3>& v) {
    return {v[0], v[1], v[2]};
}

plane::Vector sizeOfFlat(const FoundSide& side) {
    plane::Vector size{};
    for (const plane::Contour& contour : side.outline->contours) {
        const auto include = [&](plane::Vector v) { size = {std::max(size.x, v.x), std::max(size.y, v.y)}; };
        include(contour.start);
        for (const plane::Segment& segment : contour.segments)
            include(segment.end);
    }
    return size;
}

double widthOf(const FoundSide& side) {
    return side.widest() * side.arc * M_PI / 180;
}

plane::Vector sizeOf(const FoundSide& side) {
    return side.kind == Found::flat ? sizeOfFlat(side) : plane::Vector{widthOf(side), side.slant()};
}

Radius radiusOf(const FoundSide& side) {
    if (side.kind == Found::flat)
        return {};
    return {side.widest(), [from = side.radius, to = side.endRadius, slant = side.slant()](double y) {
                return from + (to - from) * y / slant;
            }};
}

/// Of a round side at an angle from its middle, y up its slant.
Ray rayAt(const FoundSide& side, double angle, double y) {
    const Vertex facing = vertexOf(side.facing), up = vertexOf(side.up), right = space::cross(up, facing);
    const double slant = side.slant(), share = y / slant;
    const double radius = side.radius + (side.endRadius - side.radius) * share;
    const double inwards = side.hollow ? -1 : 1;
    // Away from the axis there; x grows to the right as it is seen from where it faces.
    const Vertex away = inwards * std::cos(angle) * facing + std::sin(angle) * right;
    const Vertex foot = vertexOf(side.origin) + radius * away + side.length * share * up;
    const Vertex along =
        inwards * side.length / slant * away - inwards * (side.endRadius - side.radius) / slant * up;
    return {foot, along};
}

Panel panelOf(const PartSide& part, const Rise& rise) {
    const FoundSide& side = part.found;
    Panel panel;
    panel.front = quantity::interned(part.name);
    panel.back = {};
    panel.joined = true;
    if (side.kind == Found::flat) {
        panel.outline = plane::filled(
            plane::flattened(*side.outline, plane::unitsPerMillimetre, chord_mm * plane::unitsPerMillimetre));
        const Vertex origin = vertexOf(side.origin), x = vertexOf(side.facing), y = vertexOf(side.up);
        panel.frontRay = [=](Point p) {
            return Ray{origin + plane::toMillimetres(p.x) * x + plane::toMillimetres(p.y) * y,
                       space::cross(x, y)};
        };
        return panel;
    }
    const double arc = side.arc * M_PI / 180;
    // Walls are cut through where they meet the part: half as wide, strips leave them half as twisted.
    const int strips = std::max(2, int(std::ceil(2 * stripCount(side.widest(), rise) * arc / (2 * M_PI))));
    const std::int32_t width = plane::toUnits(widthOf(side));
    for (int i = 0; i <= strips; ++i)
        panel.cuts.u.push_back(plane::onGrid(double(width) * i / strips));
    panel.cuts.v = {0, plane::toUnits(side.slant())};
    panel.cuts.around = side.closed();
    panel.outline = {{{{0, 0}, {width, 0}, {width, panel.cuts.v.back()}, {0, panel.cuts.v.back()}}}};
    panel.frontRay = onChords(panel.cuts.u, [side, arc, strips](double y) {
        return [&side, arc, strips, y](int end) {
            const int own = side.closed() ? end % strips : end;
            return rayAt(side, arc * (double(own) / strips - 0.5), y);
        };
    });
    panel.frontRadius = radiusOf(side);
    return panel;
}

} // namespace

Shape fromFile() {
    Shape shape;
    shape.kind = blank::Kind::file;
    shape.name = "file";
    shape.sides = {"part"}; // while nothing was pointed at
    shape.sizeOf = [](const Blank& b, std::string_view name) {
        const FoundSide* const side = foundOn(b, name);
        return side ? sizeOf(*side) : plane::Vector{};
    };
    shape.outlineOf = [](const Blank& b, std::string_view name) {
        const FoundSide* const side = foundOn(b, name);
        if (!side)
            return plane::Outline{};
        return side->kind == Found::flat || !side->outline->contours.empty()
                   ? *side->outline
                   : plane::Outline{{plane::roundedRectangle({0, 0}, sizeOf(*side), 0)}};
    };
    shape.depthBehind = [](const Blank& b, std::string_view name, double) {
        const FoundSide* const side = foundOn(b, name);
        return side ? side->depth : 0;
    };
    shape.radiusOf = [](const Blank& b, std::string_view name) {
        const FoundSide* const side = foundOn(b, name);
        return side ? radiusOf(*side) : Radius{};
    };
    shape.panelsOf = [](const Blank& b, const Rise& rise) {
        std::vector<Panel> panels;
        for (const PartSide& side : b.part.sides)
            if (side.found.kind != Found::none)
                panels.push_back(panelOf(side, rise));
        return panels;
    };
    shape.ownSides = [](const Blank& b) {
        std::vector<std::string_view> names;
        for (const PartSide& side : b.part.sides)
            if (side.found.kind != Found::none)
                names.push_back(quantity::interned(side.name));
        return names;
    };
    shape.isClosed = [](const Blank& b, std::string_view name) {
        const FoundSide* const side = foundOn(b, name);
        return side && side->closed();
    };
    return shape;
}

} // namespace bollard::blank
