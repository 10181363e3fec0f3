// The Voronoi diagram of a region's boundary, with the questions that the medial axis and bends ask of it.
// Heavy to include: for the sources of this folder only.
#pragma once
#include "plane/region.hpp"
#include <boost/polygon/voronoi.hpp>
#include <optional>

namespace bollard::plane {

struct BoundarySide { // a boundary segment, the region on its left
    Point from;
    Point to;
    int ring;
};

} // namespace bollard::plane

namespace boost::polygon {
template<> struct geometry_concept<bollard::plane::BoundarySide> { using type = segment_concept; };
template<> struct segment_traits<bollard::plane::BoundarySide> {
    using coordinate_type = int;
    using point_type = point_data<int>;
    static point_type get(const bollard::plane::BoundarySide& side, const direction_1d& end) {
        return end.to_int() ? point_type(side.to.x, side.to.y) : point_type(side.from.x, side.from.y);
    }
};
} // namespace boost::polygon

namespace bollard::plane {

/// The Voronoi diagram with the questions the medial axis asks of it.
class BoundaryCells {
  public:
    using Diagram = boost::polygon::voronoi_diagram<double>;
    using Cell = Diagram::cell_type;
    using Edge = Diagram::edge_type;

    explicit BoundaryCells(const Region& region) : sides_(sidesOf(region)) {
        boost::polygon::construct_voronoi(sides_.begin(), sides_.end(), &diagram_);
        findSides();
    }

    const Diagram& diagram() const { return diagram_; }
    bool inside(const Edge& edge) const { return sideOf_[indexOf(edge)] > 0; }
    bool known(const Edge& edge) const { return sideOf_[indexOf(edge)] != 0; }
    const BoundarySide& side(const Cell* cell) const { return sides_[cell->source_index()]; }

    static Vector place(const Diagram::vertex_type* vertex) { return {vertex->x(), vertex->y()}; }

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
        const double before = cross(across, place(edge.vertex0()) - middle);
        const double after = cross(across, place(edge.vertex1()) - middle);
        if (before * after >= 0 || length(across) < 1e-9)
            return std::nullopt;
        return middle;
    }

    /// The point that a cell without a segment belongs to.
    Vector site(const Cell* cell) const {
        const bool start = cell->source_category() == boost::polygon::SOURCE_CATEGORY_SEGMENT_START_POINT;
        return vectorOf(start ? side(cell).from : side(cell).to);
    }

    size_t indexOf(const Edge& edge) const { return size_t(&edge - diagram_.edges().data()); }

  private:
    static std::vector<BoundarySide> sidesOf(const Region& region) {
        std::vector<BoundarySide> sides;
        for (size_t r = 0; r < region.rings.size(); ++r) {
            const Ring& ring = region.rings[r];
            for (size_t i = 0; i < ring.size(); ++i)
                sides.push_back({ring[i], ring[(i + 1) % ring.size()], int(r)});
        }
        return sides;
    }

    /// +1 inside, -1 outside, 0 when neither neighbour is a segment.
    int sideBySegment(const Edge& edge) const {
        const Cell* cell = edge.cell()->contains_segment() ? edge.cell() : edge.twin()->cell();
        if (!cell->contains_segment())
            return 0;
        const Vector a = vectorOf(side(cell).from), d = vectorOf(side(cell).to) - a;
        double farthest = 0;
        for (const auto* vertex : {edge.vertex0(), edge.vertex1()}) {
            const double height = cross(d, place(vertex) - a);
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

    std::vector<BoundarySide> sides_;
    Diagram diagram_;
    std::vector<signed char> sideOf_;
};

} // namespace bollard::plane
