#include "blank/revolved.hpp"
#include "blank/shape.hpp"

namespace bollard::blank {

Shape bar() {
    return {Kind::bar,
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
            nullptr,
            {"outside"},
            [](const Blank& b, const Rise& rise) {
                const double radius = b.diameter / 2;
                const Meridian line{[=](double v) { return Meridian::Place{radius, v, 1, 0}; }, b.length};
                const int strips = stripsOf(radius, rise);
                const Edge edge = edgeOf(b);
                if (edge.kind == EdgeKind::crisp) {
                    const Panel outside = revolved("outside", line, radius, {0, b.length}, strips);
                    return std::vector{outside, endFace("start", outside, radius, false),
                                       endFace("end", outside, radius, true)};
                }
                const double up = heightOf(edge), length = plane::toMillimetres(plane::toUnits(b.length));
                const BrokenEdge start = brokenEdge(edge, radius, 0, false),
                                 end = brokenEdge(edge, radius, length, true);
                const Panel startEdge =
                                revolved("edge at the start", start.meridian, radius, start.cuts, strips),
                            endEdge = revolved("edge at the end", end.meridian, radius, end.cuts, strips);
                return std::vector{revolved("outside", line, radius, {up, length - up}, strips), startEdge,
                                   endEdge, endFace("start", startEdge, radius, false),
                                   endFace("end", endEdge, radius, true)};
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
