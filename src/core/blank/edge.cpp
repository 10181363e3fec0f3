#include "blank/edge.hpp"
#include "quantity/field.hpp"
#include <cmath>

namespace bollard::blank {
namespace {

constexpr std::array edgeNames{
    quantity::Named{EdgeKind::crisp, "crisp"}, quantity::Named{EdgeKind::chamfer, "chamfer"},
    quantity::Named{EdgeKind::round, "round"}, quantity::Named{EdgeKind::draft, "draft"}};
static_assert(edgeNames.size() == edgeKinds);

} // namespace

Edge deciding(const Edge& edge) {
    Edge own;
    own.kind = edge.kind;
    if (edge.kind == EdgeKind::chamfer || edge.kind == EdgeKind::round)
        own.size = edge.size;
    if (edge.kind == EdgeKind::chamfer)
        own.slope = edge.slope;
    if (edge.kind == EdgeKind::draft)
        own.leaning = edge.leaning;
    return own;
}

Edge fitted(const Edge& edge, double room, double across, double rise) {
    Edge own = deciding(edge);
    double size = own.size;
    if (own.kind == EdgeKind::chamfer) {
        const double steepness = std::tan(own.slope * M_PI / 180);
        size = own.size = steepness > 0 ? std::min({own.size, across, room / steepness}) : 0;
    } else if (own.kind == EdgeKind::round) {
        size = own.size = std::min({own.size, across, room});
    } else if (own.kind == EdgeKind::draft) {
        size = rise * std::tan(std::fabs(own.leaning) * M_PI / 180);
    }
    return size < leastEdge ? Edge{} : own;
}

void takeRadius(Edge& edge, double radius_mm) {
    edge.kind = EdgeKind::round;
    edge.size = radius_mm;
}

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Edge>() {
    using blank::Edge, blank::EdgeKind;
    static const PartFields fields = std::move(
        Describing<Edge>()
            .choice("kind", &Edge::kind, blank::edgeNames)
            .about("`draft`: the walls lean, and the outline is true at the side")
            .number("size", &Edge::size, Dimension::length, ranges::edge)
            .when([](const Edge& e) { return e.kind == EdgeKind::chamfer || e.kind == EdgeKind::round; })
            .about("chamfer: how wide, along the side; round: its radius, mm")
            .number(
                "angle", [](Edge& e) -> double& { return e.kind == EdgeKind::draft ? e.leaning : e.slope; },
                Dimension::angle, ranges::edgeAngle)
            .when([](const Edge& e) { return e.kind == EdgeKind::chamfer || e.kind == EdgeKind::draft; })
            .about("chamfer: between it and the side; draft: of the walls from upright, below 0 outwards, "
                   "degrees"));
    return fields;
}
