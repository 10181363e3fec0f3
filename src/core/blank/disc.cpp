#include "blank/shape.hpp"

namespace bollard::blank {

Shape disc() {
    return {Kind::disc,
            "disc",
            {"front", "back"},
            [](const Blank& b, std::string_view) {
                return plane::Vector{b.diameter, b.diameter};
            },
            [](const Blank& b, std::string_view) {
                return plane::Outline{
                    {plane::roundedRectangle({0, 0}, {b.diameter, b.diameter}, b.diameter / 2)}};
            },
            [](const Blank& b, std::string_view, double) { return b.thickness; },
            true,
            [](const Blank& b, std::string_view) {
                return Hole{b.diameter / 2, b.diameter / 2, b.centreHole};
            },
            {},
            [](const Blank& b, const Rise&) { return std::vector{flatWall(b)}; },
            wallEdge};
}

} // namespace bollard::blank
