#include "plane/medial_axis.hpp"
#include "plane/boundary_cells.hpp"
#include "plane/neck.hpp"
#include "quantity/groups.hpp"

namespace bollard::plane {
namespace {

using Cell = BoundaryCells::Cell;
using Edge = BoundaryCells::Edge;

constexpr double leastFacing = 150; // degrees; see widthsOf
constexpr double taperingSlope = 0.05, pointedSlope = 0.08;
constexpr double growthOfNecks = 100; // em / 1,000 of glyphs, 0.01 mm of shapes: as far as curves may be off

double facingAt(Vector p, Vector footA, Vector footB) {
    const Vector a = footA - p, b = footB - p;
    return std::fabs(std::atan2(cross(a, b), dot(a, b))) * 180 / M_PI;
}

MedialEdge medialEdge(const BoundaryCells& boundary, const Edge& edge) {
    const Cell* a = edge.cell();
    const Cell* b = edge.twin()->cell();
    const auto* nodes = boundary.diagram().vertices().data();
    MedialEdge result;
    result.fromNode = int(edge.vertex0() - nodes);
    result.toNode = int(edge.vertex1() - nodes);
    result.from = BoundaryCells::place(edge.vertex0());
    result.to = BoundaryCells::place(edge.vertex1());
    result.radiusFrom = length(boundary.foot(a, result.from) - result.from);
    result.radiusTo = length(boundary.foot(a, result.to) - result.to);
    result.inside = boundary.inside(edge);
    result.firstRing = boundary.side(a).ring;
    result.secondRing = boundary.side(b).ring;
    result.least = result.radiusFrom <= result.radiusTo ? result.from : result.to;
    result.radiusLeast = std::min(result.radiusFrom, result.radiusTo);
    if (const std::optional<Vector> apex = boundary.apex(edge)) {
        result.least = *apex;
        result.radiusLeast = length(boundary.foot(a, *apex) - *apex);
    }
    // Where the axis runs into a corner the angle there is undefined; it is the same all along the edge.
    const Vector seenFrom = result.radiusLeast > 1                ? result.least
                            : result.radiusFrom > result.radiusTo ? result.from
                                                                  : result.to;
    result.facing = facingAt(seenFrom, boundary.foot(a, seenFrom), boundary.foot(b, seenFrom));
    return result;
}

/// Tips that taper are no strokes that become thin. From every free end inwards, as long as the radius grows
/// by more than `taperingSlope` of the way, what it loses towards the tip counts the less the steeper it
/// falls, and nothing from `pointedSlope` on: those edges are dropped. Gives the least radius that counts of
/// each edge.
std::vector<double> easeTips(const std::vector<MedialEdge>& edges, int nodes, std::vector<bool>& kept) {
    std::vector<double> counted;
    for (const MedialEdge& edge : edges)
        counted.push_back(edge.radiusLeast);
    std::vector<std::vector<size_t>> at(size_t(nodes) * 2); // inside and outside meet in corners: kept apart
    const auto slot = [&](int node, bool inside) { return size_t(node) * 2 + (inside ? 1 : 0); };
    for (size_t i = 0; i < edges.size(); ++i)
        if (kept[i]) {
            at[slot(edges[i].fromNode, edges[i].inside)].push_back(i);
            at[slot(edges[i].toNode, edges[i].inside)].push_back(i);
        }
    struct Step {
        size_t edge;
        double growth, inner, slope;
    };
    for (size_t start = 0; start < at.size(); ++start) {
        std::vector<Step> tip; // from its end inwards
        for (size_t here = start; at[here].size() == 1;) {
            const size_t i = at[here].front();
            const MedialEdge& edge = edges[i];
            const bool forward = slot(edge.fromNode, edge.inside) == here;
            const double inner = forward ? edge.radiusTo : edge.radiusFrom;
            const double growth = inner - (forward ? edge.radiusFrom : edge.radiusTo);
            const double way = length(edge.to - edge.from);
            if (growth <= taperingSlope * way)
                break;
            tip.push_back({i, growth, inner, growth / way});
            at[here].clear();
            here = slot(forward ? edge.toNode : edge.fromNode, edge.inside);
            std::erase(at[here], i);
        }
        double radius = tip.empty() ? 0 : tip.back().inner;
        for (auto step = tip.rbegin(); step != tip.rend(); ++step) {
            const double eased =
                std::clamp((step->slope - taperingSlope) / (pointedSlope - taperingSlope), 0.0, 1.0);
            const double share = edges[step->edge].inside ? eased : 1; // a notch may well end in a point
            radius -= (1 - share) * step->growth;
            counted[step->edge] = radius;
            kept[step->edge] = share < 1;
        }
    }
    return counted;
}

WidthKind kindOf(const MedialEdge& edge, const std::vector<bool>& isHole) {
    if (edge.inside)
        return WidthKind::stroke;
    const bool firstHole = isHole[size_t(edge.firstRing)], secondHole = isHole[size_t(edge.secondRing)];
    if (edge.firstRing == edge.secondRing)
        return firstHole ? WidthKind::counter : WidthKind::opening;
    return firstHole || secondHole ? WidthKind::opening : WidthKind::bridge;
}

} // namespace

MedialAxis medialAxis(const Region& region) {
    MedialAxis axis;
    if (region.empty())
        return axis;
    const BoundaryCells boundary(region);
    axis.nodes = int(boundary.diagram().vertices().size());
    axis.open.resize(size_t(axis.nodes));
    const auto* nodes = boundary.diagram().vertices().data();
    for (const Edge& edge : boundary.diagram().edges())
        if (edge.vertex0() && !edge.vertex1() && edge.is_primary())
            axis.open[size_t(edge.vertex0() - nodes)] = true;
    for (const Edge& edge : boundary.diagram().edges())
        if (edge.is_finite() && edge.is_primary() && &edge < edge.twin() && boundary.known(edge))
            axis.edges.push_back(medialEdge(boundary, edge));
    return axis;
}

std::vector<WidthSample> widthsOf(const MedialAxis& axis, const Region& region) {
    std::vector<bool> isHole;
    for (const Ring& ring : region.rings)
        isHole.push_back(areaOf(ring) < 0);

    quantity::Groups groups(size_t(axis.nodes) * 2);
    const auto groupOf = [&](const MedialEdge& edge) {
        return size_t(edge.fromNode) * 2 + (edge.inside ? 1 : 0);
    };
    std::vector<bool> kept;
    for (const MedialEdge& edge : axis.edges) {
        groups.join(groupOf(edge), size_t(edge.toNode) * 2 + (edge.inside ? 1 : 0));
        kept.push_back(edge.facing >= leastFacing);
    }
    const std::vector<double> counted = easeTips(axis.edges, axis.nodes, kept);

    std::vector<WidthSample> samples;
    std::vector<bool> measured(size_t(axis.nodes) * 2);
    for (size_t i = 0; i < axis.edges.size(); ++i) {
        const MedialEdge& edge = axis.edges[i];
        if (!kept[i])
            continue;
        measured[groups.of(groupOf(edge))] = true;
        samples.push_back({kindOf(edge, isHole), edge.least, 2 * counted[i], length(edge.to - edge.from)});
    }
    // Where nothing was left: the largest circle, but not in the open surroundings.
    std::vector<const MedialEdge*> widest(size_t(axis.nodes) * 2, nullptr);
    for (const MedialEdge& edge : axis.edges) {
        const auto group = groups.of(groupOf(edge));
        const bool bounded = edge.inside || kindOf(edge, isHole) == WidthKind::counter;
        if (measured[group] || !bounded)
            continue;
        const auto radius = [](const MedialEdge* e) { return std::max(e->radiusFrom, e->radiusTo); };
        if (!widest[group] || radius(&edge) > radius(widest[group]))
            widest[group] = &edge;
    }
    for (const MedialEdge* edge : widest)
        if (edge) {
            const double radius = std::max(edge->radiusFrom, edge->radiusTo);
            samples.push_back({kindOf(*edge, isHole),
                               edge->radiusFrom > edge->radiusTo ? edge->from : edge->to, 2 * radius,
                               2 * radius});
        }
    for (const Neck& neck : necksOf(axis, growthOfNecks))
        samples.push_back({neck.inside ? WidthKind::neck : WidthKind::throat, neck.at, neck.width, 0});
    return samples;
}

} // namespace bollard::plane
