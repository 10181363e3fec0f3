#include "blank/shape.hpp"

namespace bollard::blank {

const std::vector<Shape>& shapes() {
    static const std::vector<Shape> all{noBlank(), plate(), disc(), bar()};
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
            [](const Blank&, std::string_view) { return 0.0; },
            [](const Blank&, std::string_view) { return 0.0; },
            false,
            {},
            [](const Blank&, double) { return std::vector<Panel>(1); }};
}

Panel flatWall(const Blank& blank) {
    Panel panel;
    panel.outline = regionOf(blank);
    panel.thickness = blank.thickness;
    panel.edge = edgeOf(blank);
    panel.edgeBehind = blank.edgeBoth;
    if (panel.edge.kind != EdgeKind::crisp)
        panel.edged = wholeRegionOf(blank);
    return panel;
}

} // namespace bollard::blank
