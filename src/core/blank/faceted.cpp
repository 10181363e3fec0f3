#include "blank/chords.hpp"
#include "blank/revolved.hpp"
#include "blank/shape.hpp"

namespace bollard::blank {
namespace {

using plane::Point;

constexpr double leastWall = 0.01; // mm, between the middle of a facet and the bore

struct Faceted {
    int facets;
    double apothem, bore, length, half; // half a facet's width; bore: its radius

    double turn() const { return 2 * half * facets; }
};

Faceted facetedOf(const Blank& b) {
    const double apothem = b.across / 2;
    return {b.facets, apothem, std::clamp(b.bore / 2, leastWall, std::max(leastWall, apothem - leastWall)),
            b.length, apothem * std::tan(M_PI / b.facets)};
}

/// Straight behind the middle of a facet the bore lies straight; towards its borders it is drawn together.
/// mm.
double straightOf(const Faceted& f) {
    constexpr double share = 0.96;
    return f.bore * std::sin(M_PI / f.facets) * share;
}
/// Across the facet from its middle, to the same in the bore.
double behind(const Faceted& f, double across) {
    const double straight = straightOf(f), sector = f.bore * std::sin(M_PI / f.facets);
    if (std::fabs(across) <= straight)
        return across;
    return std::copysign(
        straight + (std::fabs(across) - straight) / (f.half - straight) * (sector - straight), across);
}

/// A place of the plan: which facet, how far across it from its middle, and which way that faces.
struct OnFacet {
    double across = 0;
    double angle = 0; // of the facet's middle, from +z to +x
};
/// The middle of the plan is that of a facet.
OnFacet onFacet(const Faceted& f, double x) {
    const double middle = f.turn() / 2, facet = std::round((x - middle) / (2 * f.half));
    return {x - middle - facet * 2 * f.half, 2 * M_PI * facet / f.facets};
}

/// Which way the bore behind it faces, from +z to +x.
double angleBehind(const Faceted& f, const OnFacet& on) {
    return on.angle + std::asin(behind(f, on.across) / f.bore);
}

std::vector<Panel> panelsOf(const Faceted& f, const Rise& rise) {
    Panel panel;
    panel.front = "outside";
    panel.back = "inside";
    panel.countsApart = true;
    panel.thickness = countedApart;
    panel.cuts.around = true;
    const std::int32_t turn = plane::toUnits(f.turn());
    // Strips so that the bore's chords are true; borders of facets are cuts, and so is the seam.
    const double within = std::asin(straightOf(f) / f.bore);
    const int strips = std::max(2, int(std::ceil(stripsOf(f.bore, rise) * within / M_PI)));
    // Towards its borders what stands on a facet leans, so that on both sides of a border it meets as mitred,
    // and nothing folds over.
    const double mitre = std::tan(M_PI / f.facets),
                 leans = std::clamp(3 * rise.tallest * mitre, 0.02, f.half / 2);
    // Leaning walls twist, by about height * lean / 4 a strip.
    const int leaningStrips = std::max(1, int(std::ceil(rise.sloping * mitre / (4 * chord_mm))));
    std::vector<std::int32_t>& u = panel.cuts.u;
    u = {0, turn};
    for (int facet = -f.facets; facet <= f.facets; ++facet) {
        const double middle = f.turn() / 2 + facet * 2 * f.half;
        const auto add = [&](double across) {
            const std::int32_t at = plane::toUnits(middle + across);
            if (at > 0 && at < turn)
                u.push_back(at);
        };
        add(f.half);
        for (int i = 1; i <= leaningStrips; ++i) {
            add(f.half - leans * i / leaningStrips);
            add(leans * i / leaningStrips - f.half);
        }
        for (int i = 0; i <= strips; ++i)
            add(f.bore * std::sin(within * (2.0 * i / strips - 1)));
    }
    std::ranges::sort(u);
    u.erase(std::unique(u.begin(), u.end(), [](auto a, auto b) { return b - a < 2; }), u.end());
    u.back() = turn;
    const std::int32_t length = plane::toUnits(f.length);
    panel.cuts.v = {0, length};
    panel.outline = {{{{0, 0}, {turn, 0}, {turn, length}, {0, length}}}};
    const auto frontAt = [f, turn, mitre, leans](std::int32_t x, double y) {
        const OnFacet on = onFacet(f, plane::toMillimetres(x == turn ? 0 : x));
        const double c = std::cos(on.angle), s = std::sin(on.angle);
        const double share = std::clamp((std::fabs(on.across) - f.half + leans) / leans, 0.0, 1.0);
        const double lean = std::copysign(mitre * share, on.across);
        return Ray{{f.apothem * s + on.across * c, y, f.apothem * c - on.across * s},
                   {s + lean * c, 0, c - lean * s}};
    };
    const auto backAt = [f, turn](std::int32_t x, double y) {
        const double angle = angleBehind(f, onFacet(f, plane::toMillimetres(x == turn ? 0 : x)));
        const double c = std::cos(angle), s = std::sin(angle);
        return Ray{{f.bore * s, y, f.bore * c}, {-s, 0, -c}};
    };
    // A facet is flat, and its normals are alike but at its borders.
    panel.frontRay = [frontAt](Point p) { return frontAt(p.x, plane::toMillimetres(p.y)); };
    panel.backRay = onChords(u, [u, backAt](double y) {
        return [&u, &backAt, y](int border) { return backAt(u[size_t(border)], y); };
    });
    panel.backRadius = {f.bore, [r = f.bore](double) { return r; }};
    panel.straightBehind = [f, straight = straightOf(f)](double fromX, double toX) {
        const OnFacet from = onFacet(f, fromX), to = onFacet(f, toX);
        return toX - fromX < 2 * straight && std::fabs(from.across) <= straight &&
               std::fabs(to.across) <= straight;
    };
    // What is drawn in the bore, by its length there, lies on the plan strip by strip.
    auto bends = std::make_shared<std::vector<plane::Stretch::Bend>>();
    for (const std::int32_t x : u) {
        const double angle = M_PI + angleBehind(f, onFacet(f, plane::toMillimetres(x)));
        bends->push_back({f.bore * angle * plane::unitsPerMillimetre, double(x)});
    }
    panel.backStretch.bends = std::move(bends);
    return {panel};
}

} // namespace

Shape faceted() {
    Shape shape;
    shape.kind = Kind::faceted;
    shape.name = "faceted";
    shape.sides = {"outside", "inside"};
    shape.sizeOf = [](const Blank& b, std::string_view side) {
        const Faceted f = facetedOf(b);
        return plane::Vector{side == "inside" ? 2 * M_PI * f.bore : f.turn(), f.length};
    };
    shape.outlineOf = [](const Blank& b, std::string_view side) {
        const Faceted f = facetedOf(b);
        return plane::Outline{{plane::roundedRectangle(
            {0, 0}, {side == "inside" ? 2 * M_PI * f.bore : f.turn(), f.length}, 0)}};
    };
    shape.depthBehind = [](const Blank& b, std::string_view, double) {
        const Faceted f = facetedOf(b);
        return f.apothem - f.bore;
    };
    shape.round = {"outside", "inside"};
    shape.radiusOf = [](const Blank& b, std::string_view side) {
        const Faceted f = facetedOf(b);
        return side == "inside" ? Radius{f.bore, [r = f.bore](double) { return r; }} : Radius{};
    };
    shape.facetBordersOf = [](const Blank& b, std::string_view side) {
        std::vector<double> borders;
        const Faceted f = facetedOf(b);
        for (int i = 0; side == "outside" && i <= f.facets; ++i) // an even number has a middle on the seam
            if (const double x = (i + (f.facets % 2 ? 0 : 0.5)) * 2 * f.half; x <= f.turn())
                borders.push_back(x);
        return borders;
    };
    shape.panelsOf = [](const Blank& b, const Rise& rise) { return panelsOf(facetedOf(b), rise); };
    return shape;
}

} // namespace bollard::blank
