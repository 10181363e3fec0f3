#include "blank/prism.hpp"
#include "blank/shape.hpp"

namespace bollard::blank {
namespace {

/// What is left between outside and inside at least, mm.
constexpr double leastWall = 0.01;

bool isEnd(std::string_view side) {
    return side == "start" || side == "end";
}

Band tubeOf(const Blank& b) {
    const double bore =
        std::clamp(b.bore, 2 * leastWall, std::max(2 * leastWall, b.diameter - 2 * leastWall));
    return {b.diameter / 2, b.length, (b.diameter - bore) / 2, 0, edgeOf(b), b.edgeBoth};
}
Band ringOf(const Blank& b) {
    const double comfort = b.inside == Inside::comfort
                               ? std::clamp(b.comfort, 0.0, std::min(b.thickness - leastWall, b.width / 2))
                               : 0;
    return {b.bore / 2 + b.thickness, b.width, b.thickness, comfort, edgeOf(b), b.edgeBoth};
}

double widestInside(const Band& band) {
    return band.radius - band.thickness + band.comfort;
}

template<Band (*bandOf)(const Blank&)> Shape bandShape(Kind kind, std::string_view name) {
    Shape shape;
    shape.kind = kind;
    shape.name = name;
    shape.sides = {"outside", "inside", "start", "end"};
    shape.sizeOf = [](const Blank& b, std::string_view side) {
        const Band band = bandOf(b);
        if (isEnd(side))
            return plane::Vector{2 * band.radius, 2 * band.radius};
        return plane::Vector{2 * M_PI * (side == "inside" ? widestInside(band) : band.radius), band.length};
    };
    shape.outlineOf = [](const Blank& b, std::string_view side) { // without what the broken edges take
        const Band band = bandOf(b);
        const double up = heightOf(band.edge), in = band.edge.kind == EdgeKind::crisp ? 0 : band.edge.size;
        if (isEnd(side))
            return plane::Outline{{plane::circle({band.radius, band.radius}, band.radius - in)}};
        const double radius = side == "inside" ? widestInside(band) : band.radius;
        return plane::Outline{{plane::roundedRectangle({0, up}, {2 * M_PI * radius, band.length - up}, 0)}};
    };
    shape.depthBehind = [](const Blank& b, std::string_view side, double) {
        const Band band = bandOf(b);
        return isEnd(side) ? band.length : band.thickness - band.comfort;
    };
    shape.ownHole = [](const Blank& b, std::string_view side) { // through its ends
        const Band band = bandOf(b);
        const double wider = band.edgeInside && band.edge.kind != EdgeKind::crisp ? band.edge.size : 0;
        return Hole{band.radius, band.radius, isEnd(side) ? 2 * (widestInside(band) + wider) : 0};
    };
    shape.round = {"outside", "inside"};
    shape.radiusOf = [](const Blank& b, std::string_view side) {
        const Band band = bandOf(b);
        if (isEnd(side))
            return Radius{};
        if (side == "outside")
            return Radius{band.radius, [r = band.radius](double) { return r; }};
        return Radius{widestInside(band), [band](double y) { return insideOf(band, y).r; }};
    };
    shape.panelsOf = [](const Blank& b, const Rise& rise) { return panelsOf(bandOf(b), rise); };
    return shape;
}

} // namespace

Shape tube() {
    Shape shape = bandShape<tubeOf>(Kind::tube, "tube");
    shape.edgeOf = [](const Blank& b) {
        const double wall = (b.diameter - std::min(b.bore, b.diameter - 2 * leastWall)) / 2;
        return b.edge.kind == EdgeKind::draft ? Edge{}
                                              : fitted(b.edge, b.length / 2 - uprightLeft,
                                                       (b.edgeBoth ? wall / 2 : wall) - uprightLeft, 0);
    };
    return shape;
}

namespace {

const Shape& roundRing() {
    static const Shape shape = bandShape<ringOf>(Kind::ring, "ring");
    return shape;
}

/// Of a ring with a flat.
Prism flattenedRing(const Blank& b) {
    Prism prism;
    prism.band = ringOf(b);
    prism.bore = prism.band.radius - prism.band.thickness;
    const double apothem =
        std::max(prism.bore + b.flatThickness, prism.bore + prism.band.comfort + leastWall);
    prism.stretches = flattenedCircle(prism.band.radius, b.flat, apothem);
    prism.band.thickness = std::min(prism.band.thickness, apothem - prism.bore);
    prism.band.radius = prism.bore + prism.band.thickness; // of which the inside's lines count from
    return prism;
}

} // namespace

Shape ring() {
    Shape shape = roundRing();
    shape.sizeOf = [](const Blank& b, std::string_view side) {
        if (!(b.flat > 0) || side == "inside")
            return roundRing().sizeOf(b, side);
        const Prism prism = flattenedRing(b);
        const double across = 2 * prism.farthest();
        return isEnd(side) ? plane::Vector{across, across} : plane::Vector{prism.turn(), prism.band.length};
    };
    shape.outlineOf = [](const Blank& b, std::string_view side) {
        if (!(b.flat > 0) || side == "inside")
            return roundRing().outlineOf(b, side);
        const Prism prism = flattenedRing(b);
        const Edge& edge = prism.band.edge;
        if (isEnd(side))
            return crossSectionOf(prism, edge.kind == EdgeKind::crisp ? 0 : edge.size, side == "start");
        return plane::Outline{{plane::roundedRectangle(
            {0, heightOf(edge)}, {prism.turn(), prism.band.length - heightOf(edge)}, 0)}};
    };
    shape.depthBehind = [](const Blank& b, std::string_view side, double x) {
        const double depth = roundRing().depthBehind(b, side, x);
        if (!(b.flat > 0) || isEnd(side))
            return depth;
        const Prism prism = flattenedRing(b);
        const std::vector<double> borders = bordersOf(prism);
        const double there = b.flatThickness - prism.band.comfort;
        const bool onFlat = side == "outside" && x > borders.front() && x < borders.back();
        return onFlat ? there : std::min(depth, there);
    };
    shape.ownHole = [](const Blank& b, std::string_view side) {
        Hole hole = roundRing().ownHole(b, side);
        if (b.flat > 0)
            hole.x = hole.y = flattenedRing(b).farthest();
        return hole;
    };
    shape.radiusOf = [](const Blank& b, std::string_view side) {
        return b.flat > 0 && side == "outside" ? Radius{} : roundRing().radiusOf(b, side);
    };
    shape.facetBordersOf = [](const Blank& b, std::string_view side) {
        return b.flat > 0 && side == "outside" ? bordersOf(flattenedRing(b)) : std::vector<double>{};
    };
    shape.panelsOf = [](const Blank& b, const Rise& rise) {
        return b.flat > 0 ? panelsOf(flattenedRing(b), rise, true) : roundRing().panelsOf(b, rise);
    };
    shape.edgeOf = [](const Blank& b) {
        const double thinnest = b.flat > 0 ? std::min(b.thickness, b.flatThickness) : b.thickness;
        const double wall = thinnest - (b.inside == Inside::comfort ? b.comfort : 0);
        return b.edge.kind == EdgeKind::draft
                   ? Edge{}
                   : fitted(b.edge, b.width / 2 - uprightLeft,
                            std::max(0.0, (b.edgeBoth ? wall / 2 : wall) - uprightLeft), 0);
    };
    return shape;
}

} // namespace bollard::blank
