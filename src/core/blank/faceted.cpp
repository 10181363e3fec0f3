#include "blank/prism.hpp"
#include "blank/shape.hpp"

namespace bollard::blank {
namespace {

constexpr double leastWall = 0.01; // mm, between the middle of a facet and the bore

double boreOf(const Blank& b) {
    const double apothem = b.across / 2;
    return std::clamp(b.bore / 2, leastWall, std::max(leastWall, apothem - leastWall));
}

Prism prismOf(const Blank& b) {
    Prism prism{facetsOf(b.facets, b.across / 2), {}, boreOf(b)};
    prism.band = {b.across / 2, b.length, b.across / 2 - prism.bore, 0, edgeOf(b), b.edgeBoth};
    return prism;
}

} // namespace

Shape faceted() {
    Shape shape;
    shape.kind = Kind::faceted;
    shape.name = "faceted";
    shape.sides = {"outside", "inside"};
    shape.sizeOf = [](const Blank& b, std::string_view side) {
        return plane::Vector{side == "inside" ? 2 * M_PI * boreOf(b) : prismOf(b).turn(), b.length};
    };
    shape.outlineOf = [](const Blank& b, std::string_view side) { // without what the broken edges take
        const double up = heightOf(edgeOf(b));
        const double wide = side == "inside" ? 2 * M_PI * boreOf(b) : prismOf(b).turn();
        return plane::Outline{{plane::roundedRectangle({0, up}, {wide, b.length - up}, 0)}};
    };
    shape.depthBehind = [](const Blank& b, std::string_view, double) { return b.across / 2 - boreOf(b); };
    shape.round = {"outside", "inside"};
    shape.radiusOf = [](const Blank& b, std::string_view side) {
        return side == "inside" ? Radius{boreOf(b), [r = boreOf(b)](double) { return r; }} : Radius{};
    };
    shape.facetBordersOf = [](const Blank& b, std::string_view side) {
        return side == "outside" ? bordersOf(prismOf(b)) : std::vector<double>{};
    };
    shape.panelsOf = [](const Blank& b, const Rise& rise) { return panelsOf(prismOf(b), rise, false); };
    shape.edgeOf = [](const Blank& b) {
        const double wall = b.across / 2 - boreOf(b);
        return b.edge.kind == EdgeKind::draft ? Edge{}
                                              : fitted(b.edge, b.length / 2 - uprightLeft,
                                                       (b.edgeBoth ? wall / 2 : wall) - uprightLeft, 0);
    };
    return shape;
}

} // namespace bollard::blank
