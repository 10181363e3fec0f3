#include "blank/shape.hpp"

namespace bollard::blank {

Shape plate() {
    return {Kind::plate,
            "plate",
            {"front", "back"},
            [](const Blank& b, std::string_view) {
                return plane::Vector{b.width, b.height};
            },
            [](const Blank& b, std::string_view) {
                return contoursOf(b.outline, {b.width, b.height}, b.corner);
            },
            [](const Blank& b, std::string_view, double) { return b.thickness; },
            true,
            [](const Blank& b, std::string_view) {
                return earHoleOf(b.outline, {b.width, b.height});
            },
            {},
            [](const Blank& b, const Rise&) { return std::vector{flatWall(b)}; },
            wallEdge};
}

/// A plate whose back leans: everything else, and all that is measured, is as on a plate.
Shape wedge() {
    Shape wedge = plate();
    wedge.kind = Kind::wedge;
    wedge.name = "wedge";
    wedge.depthBehind = [](const Blank& b, std::string_view side, double x) {
        const double fromLeft = std::clamp((side == "back" ? b.width - x : x) / b.width, 0.0, 1.0);
        return b.thickness + fromLeft * (b.endThickness - b.thickness);
    };
    wedge.panelsOf = [](const Blank& b, const Rise&) {
        Panel panel = flatWall(b);
        panel.thickness = std::min(b.thickness, b.endThickness);
        panel.thicker = std::max(b.thickness, b.endThickness) - panel.thickness;
        panel.backRise = (b.thickness - b.endThickness) / b.width;
        panel.backFrom = b.thickness;
        return std::vector{std::move(panel)};
    };
    return wedge;
}

} // namespace bollard::blank
