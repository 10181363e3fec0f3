#include "blank/shape.hpp"
#include <array>

namespace bollard::blank {
namespace {

using plane::Point, space::Vertex;

/// A face as it is seen from outside: where its lower left lies, and which way x and y run from there.
struct Face {
    std::string_view name;
    Vertex corner, x, y;

    Vertex at(double across, double up) const { return corner + across * x + up * y; }
    Vertex outwards() const { return space::cross(x, y); }
};

std::array<Face, 6> facesOf(const Blank& b) {
    const double w = b.width, h = b.height, t = b.thickness;
    return {{{"front", {0, 0, 0}, {1, 0, 0}, {0, 1, 0}},
             {"back", {w, 0, -t}, {-1, 0, 0}, {0, 1, 0}},
             {"left", {0, 0, -t}, {0, 0, 1}, {0, 1, 0}},
             {"right", {w, 0, 0}, {0, 0, -1}, {0, 1, 0}},
             {"top", {0, h, 0}, {1, 0, 0}, {0, 0, -1}},
             {"bottom", {0, 0, -t}, {1, 0, 0}, {0, 0, 1}}}};
}

plane::Vector sizeOfFace(const Blank& b, std::string_view side) {
    if (side == "left" || side == "right")
        return {b.thickness, b.height};
    if (side == "top" || side == "bottom")
        return {b.width, b.thickness};
    return {b.width, b.height};
}

/// Its corners are those of the block, whatever the plan's grid makes of them, so that faces meet exactly.
Panel panelOf(const Blank& b, const Face& face) {
    Panel panel;
    panel.front = face.name;
    panel.back = {};
    const plane::Vector size = sizeOfFace(b, face.name);
    const Point high{plane::toUnits(size.x), plane::toUnits(size.y)};
    panel.outline = {{{{0, 0}, {high.x, 0}, high, {0, high.y}}}};
    for (const Point p : panel.outline.rings.front())
        panel.rim[p] = face.at(p.x > 0 ? size.x : 0, p.y > 0 ? size.y : 0);
    panel.frontRay = [face](Point p) {
        return Ray{face.at(plane::toMillimetres(p.x), plane::toMillimetres(p.y)), face.outwards()};
    };
    return panel;
}

} // namespace

Shape block() {
    return {Kind::block,
            "block",
            {"front", "back", "left", "right", "top", "bottom"},
            sizeOfFace,
            [](const Blank& b, std::string_view side) {
                return plane::Outline{{plane::roundedRectangle({0, 0}, sizeOfFace(b, side), 0)}};
            },
            [](const Blank& b, std::string_view side, double) {
                return side == "left" || side == "right"   ? b.width
                       : side == "top" || side == "bottom" ? b.height
                                                           : b.thickness;
            },
            false,
            nullptr,
            {},
            [](const Blank& b, const Rise&) {
                std::vector<Panel> panels;
                for (const Face& face : facesOf(b))
                    panels.push_back(panelOf(b, face));
                return panels;
            }};
}

} // namespace bollard::blank
