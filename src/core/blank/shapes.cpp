#include "blank/shape.hpp"

namespace bollard::blank {

constexpr double chord = 0.01 * plane::unitsPerMillimetre;

const std::vector<Shape>& shapes() {
    static const std::vector<Shape> all{noBlank(), plate(), disc(),   wedge(),  bar(),     block(),   tube(),
                                        ring(),    cone(),  sphere(), turned(), faceted(), fromFile()};
    return all;
}

const Shape& shapeOf(const Blank& blank) {
    return shapes()[size_t(blank.kind)];
}

Shape noBlank() {
    return {Kind::none,
            "none",
            {"front"},
            [](const Blank&, std::string_view) { return plane::Vector{}; },
            [](const Blank&, std::string_view) { return plane::Outline{}; },
            [](const Blank&, std::string_view, double) { return 0.0; },
            false,
            nullptr,
            {},
            [](const Blank&, const Rise&) { return std::vector<Panel>(1); }};
}

Panel flatWall(const Blank& blank) {
    Panel panel;
    panel.outline = regionOf(blank);
    panel.thickness = blank.thickness;
    panel.edge = edgeOf(blank);
    panel.edgeBehind = blank.edgeBoth;
    if (panel.edge.kind != EdgeKind::crisp)
        panel.edged = wholeRegionOf(blank);
    for (const Hole& hole : drilledIn(blank))
        if (flareOf(hole) > 0)
            panel.flares.push_back(
                {plane::filled(plane::flattened({{contourOf(hole)}}, plane::unitsPerMillimetre, chord)),
                 flareOf(hole), 90 - hole.headAngle / 2});
    return panel;
}

} // namespace bollard::blank
