#include "blank/revolved.hpp"
#include "blank/shape.hpp"

namespace bollard::blank {
namespace {

/// Its hole, no wider than leaves some of the end faces.
AxisHole drilledIn(const Blank& b, const Edge& edge) {
    AxisHole hole = b.axisHole;
    const double in = edge.kind == EdgeKind::crisp ? 0 : edge.size;
    hole.diameter = std::min(hole.diameter, std::max(0.0, b.diameter - 2 * in - 2 * uprightLeft));
    return hole;
}

} // namespace

Shape bar() {
    return {
        Kind::bar,
        "bar",
        {"outside", "start", "end"},
        [](const Blank& b, std::string_view side) {
            return side == "outside" ? plane::Vector{M_PI * b.diameter, b.length}
                                     : plane::Vector{b.diameter, b.diameter};
        },
        [](const Blank& b, std::string_view side) {
            // Without what the broken edges take.
            const Edge edge = edgeOf(b);
            const double up = heightOf(edge), in = edge.kind == EdgeKind::crisp ? 0 : edge.size;
            if (side == "outside")
                return plane::Outline{
                    {plane::roundedRectangle({0, up}, {M_PI * b.diameter, b.length - up}, 0)}};
            return plane::Outline{{plane::circle({b.diameter / 2, b.diameter / 2}, b.diameter / 2 - in)}};
        },
        [](const Blank& b, std::string_view side, double) {
            return side == "outside" ? b.diameter : b.length;
        },
        false,
        [](const Blank& b, std::string_view side) {
            const bool opens =
                side != "outside" && (!(b.axisHole.depth > 0) || b.axisHole.fromEnd == (side == "end"));
            return Hole{b.diameter / 2, b.diameter / 2, opens ? drilledIn(b, edgeOf(b)).diameter : 0};
        },
        {"outside"},
        [](const Blank& b, const Rise& rise) {
            const double radius = b.diameter / 2;
            const Meridian line{[=](double v) { return Meridian::Place{radius, v, 1, 0}; }, b.length};
            const Strips strips = stripsOf(radius, rise);
            const Edge edge = edgeOf(b);
            const double whole = plane::toMillimetres(plane::toUnits(b.length));
            const DrilledAlong drilled =
                drilledAlong(drilledIn(b, edge), {0, line.at(0)}, {whole, line.at(whole)}, radius, strips);
            const auto withHole = [&](std::vector<Panel> panels, const Panel& atStart, const Panel& atEnd) {
                const Panel* const hole = drilled.panels.empty() ? nullptr : &drilled.panels.front();
                panels.push_back(
                    endFace("start", atStart, radius, false, drilled.opensAtStart ? hole : nullptr));
                panels.push_back(endFace("end", atEnd, radius, true, drilled.opensAtEnd ? hole : nullptr));
                panels.insert(panels.end(), drilled.panels.begin(), drilled.panels.end());
                return panels;
            };
            if (edge.kind == EdgeKind::crisp) {
                const Panel outside = revolved("outside", line, radius, {0, whole}, strips);
                return withHole({outside}, outside, outside);
            }
            const double up = heightOf(edge);
            const BrokenEdge start = brokenEdge(edge, radius, 0, false),
                             end = brokenEdge(edge, radius, whole, true);
            const Panel startEdge = revolved("edge at the start", start.meridian, radius, start.cuts, strips),
                        endEdge = revolved("edge at the end", end.meridian, radius, end.cuts, strips);
            return withHole({revolved("outside", line, radius, {up, whole - up}, strips), startEdge, endEdge},
                            startEdge, endEdge);
        },
        [](const Blank& b) {
            const double room = b.length / 2 - uprightLeft, across = b.diameter / 2 - uprightLeft;
            return b.edge.kind == EdgeKind::draft ? Edge{} : fitted(b.edge, room, across, 0);
        },
        [](const Blank& b, std::string_view side) {
            return side == "outside" ? Radius{b.diameter / 2, [r = b.diameter / 2](double) { return r; }}
                                     : Radius{};
        }};
}

} // namespace bollard::blank
