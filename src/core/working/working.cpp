#include "working/working.hpp"
#include "quantity/field.hpp"
#include <cmath>
#include <limits>

namespace bollard::working {
namespace {

constexpr std::uint16_t all(auto... uses) {
    return std::uint16_t((std::uint16_t(uses) | ...));
}

constexpr auto rows = [] {
    using enum Uses;
    return std::array{
        KindRow{Kind::raised, "raised", false, false, all(height, bedding, edge, foot, colourFrom, tops)},
        KindRow{Kind::sunk, "sunk", true, true, all(depth, edge)},
        KindRow{Kind::pierced, "pierced", true, false, all(edge)},
        KindRow{Kind::freeStanding, "free-standing", false, false, all(height, edge, tops)},
        KindRow{Kind::scribed, "scribed", true, true, all(depth)},
        KindRow{Kind::carved, "carved", true, true, all(depth, angle)},
        KindRow{Kind::inlaid, "inlaid", true, true, all(depth, clearance)}};
}();
static_assert(rows.size() == kinds);

constexpr std::array tops{quantity::Named{Tops::even, "even"}, quantity::Named{Tops::flat, "flat"}};

} // namespace

const KindRow& rowOf(Kind kind) {
    return rows[size_t(kind)];
}

double riseOf(const Working& working, double thickness_mm) {
    if (!cuts(working.kind))
        return working.height;
    return working.kind == Kind::pierced ? thickness_mm : working.depth;
}

Edge edgeOf(const Working& working, double thickness_mm) {
    if (!hasEdge(working.kind))
        return {};
    const double rise = riseOf(working, thickness_mm), room = cuts(working.kind) ? rise : rise - uprightLeft;
    return blank::fitted(working.edge, room, std::numeric_limits<double>::infinity(), room);
}

double reachBeyond(const Working& working, double thickness_mm) {
    const Edge edge = edgeOf(working, thickness_mm);
    double reach = 0;
    if (cuts(working.kind) && (edge.kind == EdgeKind::chamfer || edge.kind == EdgeKind::round))
        reach = edge.size;
    if (edge.kind == EdgeKind::draft && edge.leaning < 0)
        reach = riseOf(working, thickness_mm) * std::tan(-edge.leaning * M_PI / 180);
    if (working.kind == Kind::raised)
        reach = std::max(reach, footOf(working));
    return working.kind == Kind::inlaid ? working.clearance : reach;
}

double slopingOf(const Working& working, double thickness_mm) {
    const double foot = footOf(working);
    if (working.kind == Kind::carved)
        return working.depth;
    const Edge edge = edgeOf(working, thickness_mm);
    switch (edge.kind) {
    case EdgeKind::chamfer:
        return std::max(foot, edge.size * std::tan(edge.slope * M_PI / 180));
    case EdgeKind::round:
        return std::max(foot, edge.size);
    case EdgeKind::draft:
        return riseOf(working, thickness_mm);
    case EdgeKind::crisp:
        break;
    }
    return foot;
}

double footOf(const Working& working) {
    const double foot = working.kind == Kind::raised ? std::min(working.foot, working.height) : 0;
    return foot < leastEdge ? 0 : foot;
}

Working deciding(const Working& working) {
    // Scribed letters are of the same material as sunk ones.
    Working own{working.kind == Kind::scribed ? Kind::sunk : working.kind, 0, 0, 0, 0, {}, 0, 0, 0, {}};
    const KindRow& row = rowOf(working.kind);
    const auto take = [&](Uses number, double Working::*member) {
        if (row.has(number))
            own.*member = working.*member;
    };
    take(Uses::height, &Working::height);
    take(Uses::depth, &Working::depth);
    take(Uses::bedding, &Working::bedding);
    take(Uses::angle, &Working::angle);
    take(Uses::foot, &Working::foot);
    take(Uses::colourFrom, &Working::colourFrom);
    take(Uses::clearance, &Working::clearance);
    if (row.has(Uses::tops))
        own.tops = working.tops;
    if (row.has(Uses::edge))
        own.edge = blank::deciding(working.edge);
    return own;
}

} // namespace bollard::working

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::working::Working>() {
    using working::Working, working::Kind, working::Uses;
    static const std::vector<Named<Kind>> names = [] {
        std::vector<Named<Kind>> all;
        for (const working::KindRow& row : working::rows)
            all.push_back({row.kind, row.name});
        return all;
    }();
    const auto used = [](Uses number) {
        return [number](const Working& w) { return working::rowOf(w.kind).has(number); };
    };
    static const PartFields fields = std::move(
        Describing<Working>()
            .choice("kind", &Working::kind, names)
            .about("`scribed`: a line as wide as the stroke along single lines, or along outlines; `carved`: "
                   "as a V-bit "
                   "leaves it; `inlaid`: a second material, flush with the front")
            .number("height", &Working::height, Dimension::length, ranges::height)
            .when(used(Uses::height))
            .about("raised, free-standing: above the front side, mm")
            .number("depth", &Working::depth, Dimension::length, ranges::height)
            .when(used(Uses::depth))
            .about(
                "sunk, scribed, inlaid: below the front side, mm; carved: at most, with a flat floor beyond")
            .number("bedding", &Working::bedding, Dimension::length, ranges::bedding)
            .when(used(Uses::bedding))
            .about("raised: how far letters reach into the blank, mm")
            .number("angle", &Working::angle, Dimension::angle, ranges::bitAngle)
            .when(used(Uses::angle))
            .about("carved: between the flanks, degrees")
            .part("edge", &Working::edge)
            .orNumber(blank::takeRadius, ranges::edge)
            .when(used(Uses::edge))
            .quiet()
            .about("raised, free-standing: of the tops; sunk, pierced: of the mouths, which grow by it. A "
                   "number "
                   "is the radius of a round one")
            .number("foot", &Working::foot, Dimension::length, ranges::foot)
            .when(used(Uses::foot))
            .quiet()
            .about("raised: radius of the fillet where letters meet the blank, mm")
            .number("colourFrom", &Working::colourFrom, Dimension::length, ranges::foot)
            .when(used(Uses::colourFrom))
            .quiet()
            .about("raised: up to this height they are of the blank's material, mm")
            .number("clearance", &Working::clearance, Dimension::length, ranges::clearance)
            .when(used(Uses::clearance))
            .quiet()
            .about("inlaid: between the inlay and the walls round it, mm; with it the inlay is a piece to be "
                   "glued in")
            .choice("tops", &Working::tops, working::tops)
            .when(used(Uses::tops))
            .quiet()
            .about("raised, free-standing, on a side that bends: `even`: as high everywhere; `flat`: each "
                   "letter's top in the plane that is so high over its middle"));
    return fields;
}
