#include "blank/shape.hpp"

namespace bollard::blank {

Shape plate() {
    return {Kind::plate,
            "plate",
            {"front", "back"},
            [](const Blank& b, std::string_view) {
                return plane::Vector{b.width, b.height};
            },
            [](const Blank& b, std::string_view) { return b.corner; },
            [](const Blank& b, std::string_view) { return b.thickness; },
            true,
            {},
            [](const Blank& b, double) { return std::vector{flatWall(b)}; }};
}

} // namespace bollard::blank
