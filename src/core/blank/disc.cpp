#include "blank/shape.hpp"

namespace bollard::blank {

Shape disc() {
    return {Kind::disc,
            "disc",
            {"front", "back"},
            [](const Blank& b, std::string_view) {
                return plane::Vector{b.diameter, b.diameter};
            },
            [](const Blank& b, std::string_view) { return b.diameter / 2; },
            [](const Blank& b, std::string_view) { return b.thickness; },
            true,
            {},
            [](const Blank& b, double) { return std::vector{flatWall(b)}; }};
}

} // namespace bollard::blank
