#include "plane/medial_axis.hpp"
#include "quantity/groups.hpp"
#include <boost/polygon/voronoi.hpp>
#include <optional>

namespace bollard::plane {
namespace {

struct Side { // a boundary segment, the region on its left
    Point from;
    Point to;
    int ring;
};

} // namespace
} // namespace bollard::plane

namespace boost::polygon {
template<> struct geometry_concept<bollard::plane::Side> { using type = segment_concept; };
template<> struct segment_traits<bollard::plane::Side> {
    using coordinate_type = int;
    using point_type = point_data<int>;
    static point_type get(const bollard::plane::Side& side, direction_1d end) {
        return end.to_int() ? point_type(side.to.x, side.to.y) : point_type(side.from.x, side.from.y);
    }
};
} // namespace boost::polygon

namespace bollard::plane {
namespace {

using Diagram = boost::polygon::voronoi_diagram<double>;
using Cell = Diagram::cell_type;
using Edge = Diagram::edge_type;

constexpr double leastFacing = 150; // degrees; see widthsOf
constexpr double taperingSlope = 0.05, pointedSlope = 0.08;

std::vector<Side> sidesOf(const Region& region) {
    std::vector<Side> sides;
    for (size_t r = 0; r < region.rings.size(); ++r) {
        const Ring& ring = region.rings[r];
        for (size_t i = 0; i < ring.size(); ++i)
            sides.push_back({ring[i], ring[(i + 1) % ring.size()], int(r)});
    }
    return sides;
}

Vector at(const Diagram::vertex_type* vertex) {
    return {vertex->x(), vertex->y()};
}

/// The Voronoi diagram with the questions the medial axis asks of it.
class Boundary {
  public:
    explicit Boundary(const Region& region) : sides_(sidesOf(region)) {
        boost::polygon::construct_voronoi(sides_.begin(), sides_.end(), &diagram_);
        findSides();
    }

    const Diagram& diagram() const { return diagram_; }
    bool inside(const Edge& edge) const { return sideOf_[indexOf(edge)] > 0; }
    bool known(const Edge& edge) const { return sideOf_[indexOf(edge)] != 0; }
    const Side& side(const Cell* cell) const { return sides_[cell->source_index()]; }

    /// The boundary point that the cell's site offers to `p`.
    Vector foot(const Cell* cell, Vector p) const {
        if (!cell->contains_segment())
            return site(cell);
        const Vector a = vectorOf(side(cell).from), d = vectorOf(side(cell).to) - a;
        const double t = std::clamp(dot(p - a, d) / dot(d, d), 0.0, 1.0);
        return a + t * d;
    }

    /// Where a bisector with a point site comes closest to it; nothing when not inside the edge.
    std::optional<Vector> apex(const Edge& edge) const {
        const Cell* a = edge.cell();
        const Cell* b = edge.twin()->cell();
        if (a->contains_segment() && b->contains_segment())
            return std::nullopt;
        const bool aIsPoint = !a->contains_segment();
        const Vector p = site(aIsPoint ? a : b);
        Vector q = site(b);
        if (const Cell* wall = aIsPoint ? b : a; wall->contains_segment()) {
            const Vector start = vectorOf(side(wall).from), d = vectorOf(side(wall).to) - start;
            q = start + (dot(p - start, d) / dot(d, d)) * d;
        }
        const Vector middle = 0.5 * (p + q), across = q - p;
        const double before = cross(across, at(edge.vertex0()) - middle);
        const double after = cross(across, at(edge.vertex1()) - middle);
        if (before * after >= 0 || length(across) < 1e-9)
            return std::nullopt;
        return middle;
    }

  private:
    size_t indexOf(const Edge& edge) const { return size_t(&edge - diagram_.edges().data()); }

    Vector site(const Cell* cell) const {
        const bool start = cell->source_category() == boost::polygon::SOURCE_CATEGORY_SEGMENT_START_POINT;
        return vectorOf(start ? side(cell).from : side(cell).to);
    }

    /// +1 inside, -1 outside, 0 when neither neighbour is a segment.
    int sideBySegment(const Edge& edge) const {
        const Cell* cell = edge.cell()->contains_segment() ? edge.cell() : edge.twin()->cell();
        if (!cell->contains_segment())
            return 0;
        const Vector a = vectorOf(side(cell).from), d = vectorOf(side(cell).to) - a;
        double farthest = 0;
        for (const auto* vertex : {edge.vertex0(), edge.vertex1()}) {
            const double height = cross(d, at(vertex) - a);
            if (std::fabs(height) > std::fabs(farthest))
                farthest = height;
        }
        return farthest > 0 ? 1 : farthest < 0 ? -1 : 0;
    }

    /// The side of another edge of the same cell: a point's cell lies wholly on one side of the boundary.
    int sideByNeighbour(const Edge& edge) const {
        for (const Edge* start : {&edge, static_cast<const Edge*>(edge.twin())})
            for (const Edge* next = start->next(); next != start; next = next->next())
                if (const int side = sideOf_[indexOf(*next)])
                    return side;
        return 0;
    }

    void findSides() {
        sideOf_.assign(diagram_.edges().size(), 0);
        std::vector<const Edge*> open;
        for (const Edge& edge : diagram_.edges())
            if (edge.is_finite()) {
                sideOf_[indexOf(edge)] = static_cast<signed char>(sideBySegment(edge));
                if (!known(edge))
                    open.push_back(&edge);
            }
        for (size_t before = open.size() + 1; !open.empty() && open.size() < before;) {
            before = open.size();
            std::erase_if(open, [&](const Edge* edge) {
                const auto side = static_cast<signed char>(sideByNeighbour(*edge));
                sideOf_[indexOf(*edge)] = sideOf_[indexOf(*edge->twin())] = side;
                return side != 0;
            });
        }
    }

    std::vector<Side> sides_;
    Diagram diagram_;
    std::vector<signed char> sideOf_;
};

double facingAt(Vector p, Vector footA, Vector footB) {
    const Vector a = footA - p, b = footB - p;
    return std::fabs(std::atan2(cross(a, b), dot(a, b))) * 180 / M_PI;
}

MedialEdge medialEdge(const Boundary& boundary, const Edge& edge) {
    const Cell* a = edge.cell();
    const Cell* b = edge.twin()->cell();
    const auto* nodes = boundary.diagram().vertices().data();
    MedialEdge result;
    result.fromNode = int(edge.vertex0() - nodes);
    result.toNode = int(edge.vertex1() - nodes);
    result.from = at(edge.vertex0());
    result.to = at(edge.vertex1());
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
    const Boundary boundary(region);
    axis.nodes = int(boundary.diagram().vertices().size());
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
    return samples;
}

} // namespace bollard::plane
