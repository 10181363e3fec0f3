// How the edge of a surface is broken.
#pragma once
#include "quantity/fields_of.hpp"

namespace bollard::blank {

enum class EdgeKind {
    crisp,
    chamfer, ///< cut off at an angle
    round,   ///< a quarter of a circle
    draft    ///< no edge is broken: the walls lean, the outline being true at the side
};
constexpr int edgeKinds = 4;

/// mm and degrees. What other kinds use is kept.
struct Edge {
    EdgeKind kind = EdgeKind::crisp;
    double size = 0.4;  ///< chamfer: measured along the side; round: the radius
    double slope = 45;  ///< chamfer: between it and the side
    double leaning = 5; ///< draft: of the walls, from upright; below 0 they lean outwards
    bool operator==(const Edge&) const = default;
};

/// Smaller than this, mm, nothing is broken off or put on.
constexpr double leastEdge = 0.002;
/// So much of an upright wall stays beside an edge, mm: material that tapers to nothing could meet other in a
/// line only.
constexpr double uprightLeft = 0.01;

/// The edge where there is `room` for it above or below the side (mm) and `across` along it; crisp when
/// nothing of it is left. `rise`: how far leaning walls reach, mm.
Edge fitted(const Edge& edge, double room, double across, double rise);
/// Makes it round: what a number alone means on a card.
void takeRadius(Edge& edge, double radius_mm);

/// The numbers of the kind; of others as they start.
Edge deciding(const Edge& edge);

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Edge>();
