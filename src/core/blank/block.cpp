#include "blank/revolved.hpp"
#include "blank/shape.hpp"
#include <algorithm>
#include <array>
#include <cmath>

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

/// Where things lie along one axis of the block, at its low and its high end.
struct Axis {
    double outer[2], inner[2]; ///< faces; where their edges begin
    double edge = 0;           ///< between them

    /// A share of the way from where the edge begins to the face; exactly at both.
    double at(bool high, double share) const {
        return share == 0   ? inner[high]
               : share == 1 ? outer[high]
                            : inner[high] + (high ? 1 : -1) * edge * share;
    }
};

/// Blocks have as much broken off both faces of an edge.
struct Rounding {
    std::array<Axis, 3> axes{};
    std::vector<double> cosines{}; ///< from a face to the next, evenly; first 1, last 0

    size_t steps() const { return cosines.size() - 1; }
    /// The other way round.
    double sine(size_t step) const { return cosines[steps() - step]; }
};

Rounding roundingOf(const Blank& b, const Edge& edge) {
    const double size = edge.kind == EdgeKind::crisp ? 0 : edge.size;
    const auto axis = [&](double low, double high) {
        return Axis{{low, high}, {size > 0 ? low + size : low, size > 0 ? high - size : high}, size};
    };
    Rounding rounding{{axis(0, b.width), axis(0, b.height), axis(-b.thickness, 0)}, {1, 0}};
    if (edge.kind == EdgeKind::round) {
        const int steps =
            std::max(2, int(std::ceil(M_PI / 4 / std::acos(1 - std::min(0.5, chord_mm / size)))));
        rounding.cosines.assign(size_t(steps) + 1, 0);
        for (int i = 0; i < steps; ++i)
            rounding.cosines[size_t(i)] = i == 0 ? 1 : std::cos(M_PI / 2 * i / steps);
    }
    return rounding;
}

double& along(Vertex& v, size_t axis) {
    return axis == 0 ? v.x : axis == 1 ? v.y : v.z;
}

/// Its corners are those of the block, whatever the plan's grid makes of them, so that faces meet exactly.
Panel panelOf(const Blank& b, const Face& face, const Rounding& rounding) {
    Panel panel;
    panel.front = face.name;
    panel.back = {};
    const plane::Vector size = sizeOfFace(b, face.name);
    const double in = rounding.axes[0].edge;
    const Point low{plane::toUnits(in), plane::toUnits(in)},
        high{plane::toUnits(size.x - in), plane::toUnits(size.y - in)};
    panel.outline = {{{low, {high.x, low.y}, high, {low.x, high.y}}}};
    const Vertex outwards = face.outwards(), middle = face.at(size.x / 2, size.y / 2);
    for (const Point p : panel.outline.rings.front()) {
        Vertex place = face.at(p.x > low.x ? size.x : 0, p.y > low.y ? size.y : 0), facing = outwards,
               centre = middle;
        for (size_t axis = 0; axis < 3; ++axis) {
            const bool isHigh =
                along(facing, axis) != 0 ? along(facing, axis) > 0 : along(place, axis) > along(centre, axis);
            along(place, axis) = rounding.axes[axis].at(isHigh, along(facing, axis) != 0 ? 1 : 0);
        }
        panel.rim[p] = place;
    }
    panel.frontRay = [face](Point p) {
        return Ray{face.at(plane::toMillimetres(p.x), plane::toMillimetres(p.y)), face.outwards()};
    };
    return panel;
}

/// A panel of an edge, that no words lie on: a grid of places.
Panel edgePanel(size_t across, size_t up, const std::function<Ray(size_t, size_t)>& at) {
    constexpr std::int32_t step = 1000; // grid units: its plan is no one's measure
    Panel panel;
    panel.front = "edge";
    panel.back = {};
    for (size_t i = 0; i <= across; ++i)
        panel.cuts.u.push_back(std::int32_t(i) * step);
    for (size_t i = 0; i <= up; ++i)
        panel.cuts.v.push_back(std::int32_t(i) * step);
    const Point high{panel.cuts.u.back(), panel.cuts.v.back()};
    panel.outline = {{{{0, 0}, {high.x, 0}, high, {0, high.y}}}};
    panel.frontRay = [at](Point p) {
        return at(size_t((p.x + step / 2) / step), size_t((p.y + step / 2) / step));
    };
    return panel;
}

/// What lies between the faces: twelve edges and eight corners.
void addEdges(const Rounding& rounding, std::vector<Panel>& panels) {
    const auto sign = [](bool high) { return high ? 1.0 : -1.0; };
    for (size_t c = 0; c < 3; ++c) { // edges along c, from a to b
        const size_t a = (c + 1) % 3, b = (c + 2) % 3;
        for (const bool highA : {false, true})
            for (const bool highB : {false, true}) {
                const bool turns = highA == highB; // the way round, so that c, then a to b, faces outwards
                panels.push_back(edgePanel(1, rounding.steps(), [=](size_t u, size_t v) {
                    const bool high = turns == (u == 0);
                    Ray ray;
                    along(ray.foot, c) = rounding.axes[c].inner[high ? 1 : 0];
                    along(ray.foot, a) = rounding.axes[a].at(highA, rounding.cosines[v]);
                    along(ray.foot, b) = rounding.axes[b].at(highB, rounding.sine(v));
                    along(ray.along, c) = 0;
                    along(ray.along, a) = sign(highA) * rounding.cosines[v];
                    along(ray.along, b) = sign(highB) * rounding.sine(v);
                    return ray;
                }));
            }
    }
    for (const bool highX : {false, true})
        for (const bool highY : {false, true})
            for (const bool highZ : {false, true}) {
                const bool turns = (highX != highY) != highZ;
                panels.push_back(edgePanel(rounding.steps(), rounding.steps(), [=](size_t u, size_t v) {
                    const size_t way = turns ? u : rounding.steps() - u;
                    const double up = rounding.sine(v), out = rounding.cosines[v];
                    const Vertex share{out * rounding.cosines[way], out * rounding.sine(way), up};
                    return Ray{{rounding.axes[0].at(highX, share.x), rounding.axes[1].at(highY, share.y),
                                rounding.axes[2].at(highZ, share.z)},
                               {sign(highX) * share.x, sign(highY) * share.y, sign(highZ) * share.z}};
                }));
            }
}

} // namespace

Shape block() {
    return {Kind::block,
            "block",
            {"front", "back", "left", "right", "top", "bottom"},
            sizeOfFace,
            [](const Blank& b, std::string_view side) {
                const Edge edge = edgeOf(b);
                const double in = edge.kind == EdgeKind::crisp ? 0 : edge.size;
                return plane::Outline{
                    {plane::roundedRectangle({in, in}, sizeOfFace(b, side) - plane::Vector{in, in}, 0)}};
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
                const Edge edge = edgeOf(b);
                const Rounding rounding = roundingOf(b, edge);
                for (const Face& face : facesOf(b))
                    panels.push_back(panelOf(b, face, rounding));
                if (edge.kind != EdgeKind::crisp)
                    addEdges(rounding, panels);
                return panels;
            },
            [](const Blank& b) {
                Edge edge = b.edge;
                edge.slope = 45; // as much off both faces
                const double room = std::min({b.width, b.height, b.thickness}) / 2 - uprightLeft;
                return edge.kind == EdgeKind::draft ? Edge{} : fitted(edge, room, room, 0);
            }};
}

} // namespace bollard::blank
