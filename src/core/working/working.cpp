#include "working/working.hpp"
#include "quantity/field.hpp"
#include <cmath>
#include <limits>

namespace bollard::working {
namespace {

constexpr std::array names{
    quantity::Named{Kind::raised, "raised"},   quantity::Named{Kind::sunk, "sunk"},
    quantity::Named{Kind::pierced, "pierced"}, quantity::Named{Kind::freeStanding, "free-standing"},
    quantity::Named{Kind::scribed, "scribed"}, quantity::Named{Kind::carved, "carved"},
    quantity::Named{Kind::inlaid, "inlaid"}};
static_assert(names.size() == kinds);

} // namespace

std::string_view nameOf(Kind kind) {
    return names[size_t(kind)].name;
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

double footOf(const Working& working) {
    const double foot = working.kind == Kind::raised ? std::min(working.foot, working.height) : 0;
    return foot < leastEdge ? 0 : foot;
}

Working deciding(const Working& working) {
    Working own{working.kind, 0, 0, 0, 0, {}, 0, 0, 0};
    switch (working.kind) {
    case Kind::raised:
        own.bedding = working.bedding;
        own.foot = working.foot;
        own.colourFrom = working.colourFrom;
        [[fallthrough]];
    case Kind::freeStanding:
        own.height = working.height;
        own.edge = blank::deciding(working.edge);
        break;
    case Kind::scribed: // the same material as sunk
        own.kind = Kind::sunk;
        own.depth = working.depth;
        break;
    case Kind::carved:
        own.angle = working.angle;
        own.depth = working.depth;
        break;
    case Kind::inlaid:
        own.clearance = working.clearance;
        own.depth = working.depth;
        break;
    case Kind::sunk:
        own.depth = working.depth;
        [[fallthrough]];
    case Kind::pierced:
        own.edge = blank::deciding(working.edge);
        break;
    }
    return own;
}

} // namespace bollard::working

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::working::Working>() {
    using working::Working, working::Kind;
    const auto of = [](std::initializer_list<Kind> some) {
        return [some = std::vector<Kind>(some)](const Working& w) {
            return std::ranges::find(some, w.kind) != some.end();
        };
    };
    static const PartFields fields = std::move(
        Describing<Working>()
            .choice("kind", &Working::kind, working::names)
            .about("`scribed`: a line as wide as the stroke along single lines, or along outlines; `carved`: "
                   "as a V-bit "
                   "leaves it; `inlaid`: a second material, flush with the front")
            .number("height", &Working::height, Dimension::length, ranges::height)
            .when(of({Kind::raised, Kind::freeStanding}))
            .about("raised, free-standing: above the front side, mm")
            .number("depth", &Working::depth, Dimension::length, ranges::height)
            .when(of({Kind::sunk, Kind::scribed, Kind::carved, Kind::inlaid}))
            .about(
                "sunk, scribed, inlaid: below the front side, mm; carved: at most, with a flat floor beyond")
            .number("bedding", &Working::bedding, Dimension::length, ranges::bedding)
            .when(of({Kind::raised}))
            .about("raised: how far letters reach into the blank, mm")
            .number("angle", &Working::angle, Dimension::angle, ranges::bitAngle)
            .when(of({Kind::carved}))
            .about("carved: between the flanks, degrees")
            .part("edge", &Working::edge)
            .orNumber(blank::takeRadius, ranges::edge)
            .when([](const Working& w) { return working::hasEdge(w.kind); })
            .quiet()
            .about("raised, free-standing: of the tops; sunk, pierced: of the mouths, which grow by it. A "
                   "number "
                   "is the radius of a round one")
            .number("foot", &Working::foot, Dimension::length, ranges::foot)
            .when(of({Kind::raised}))
            .quiet()
            .about("raised: radius of the fillet where letters meet the blank, mm")
            .number("colourFrom", &Working::colourFrom, Dimension::length, ranges::foot)
            .when(of({Kind::raised}))
            .quiet()
            .about("raised: up to this height they are of the blank's material, mm")
            .number("clearance", &Working::clearance, Dimension::length, ranges::clearance)
            .when(of({Kind::inlaid}))
            .quiet()
            .about("inlaid: between the inlay and the walls round it, mm; with it the inlay is a piece to be "
                   "glued in"));
    return fields;
}
