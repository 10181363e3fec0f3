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
                return plane::Outline{
                    {side == "outside"
                         ? plane::roundedRectangle({0, 0}, {M_PI * b.diameter, b.length}, 0)
                         : plane::roundedRectangle({0, 0}, {b.diameter, b.diameter}, b.diameter / 2)}};
            },
            [](const Blank& b, std::string_view side, double) {
                return side == "outside" ? b.diameter : b.length;
            },
            false,
            nullptr,
            "outside",
            [](const Blank& b, double tallest) {
                const double radius = b.diameter / 2;
                const Meridian line{[=](double v) { return Meridian::Place{radius, v, 1, 0}; }, b.length};
                const int strips = stripsOf(radius, tallest);
                return std::vector{revolved("outside", line, radius, {0, b.length}, strips),
                                   endFace("start", line, radius, strips, false),
                                   endFace("end", line, radius, strips, true)};
            }};
}

} // namespace bollard::blank
