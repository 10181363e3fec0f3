#include "plane/inner_axis.hpp"
#include "plane/boundary_cells.hpp"

namespace bollard::plane {
namespace {

using Cell = BoundaryCells::Cell;
using Edge = BoundaryCells::Edge;

/// Between a point and a wall the axis is a parabola; between two points the radius is a hyperbola.
class CurvedEdge {
  public:
    CurvedEdge(const BoundaryCells& boundary, const Edge& edge)
        : from_(BoundaryCells::place(edge.vertex0())), to_(BoundaryCells::place(edge.vertex1())) {
        const Cell *a = edge.cell(), *b = edge.twin()->cell();
        if (a->contains_segment() && b->contains_segment())
            return;
        const bool aIsPoint = !a->contains_segment();
        focus_ = boundary.site(aIsPoint ? a : b);
        curved_ = true;
        const Cell* wall = aIsPoint ? b : a;
        if (!wall->contains_segment())
            return; // straight, but not its radius
        const Vector start = vectorOf(boundary.side(wall).from);
        along_ = unit(vectorOf(boundary.side(wall).to) - start);
        normal_ = {-along_.y, along_.x};
        foot_ = start + dot(focus_ - start, along_) * along_;
        height_ = dot(focus_ - foot_, normal_);
        parabola_ = std::fabs(height_) > 1;
    }

    bool curved() const { return curved_; }
    AxisPoint at(double share) const {
        if (!parabola_) {
            const Vector at = from_ + share * (to_ - from_);
            return {at, length(at - focus_)};
        }
        const double u0 = dot(from_ - foot_, along_), u1 = dot(to_ - foot_, along_),
                     u = u0 + share * (u1 - u0);
        const double v = (u * u + height_ * height_) / (2 * height_);
        return {foot_ + u * along_ + v * normal_, std::fabs(v)};
    }

  private:
    Vector from_, to_, focus_{}, along_{}, normal_{}, foot_{};
    double height_ = 0;
    bool curved_ = false, parabola_ = false;
};

void addBetween(const CurvedEdge& edge, double low, double high, const AxisPoint& a, const AxisPoint& b,
                double tolerance, int depth, std::vector<AxisPoint>& points) {
    const AxisPoint middle = edge.at((low + high) / 2);
    const bool straight = distanceToSegment(middle.at, a.at, b.at) <= tolerance &&
                          std::fabs(middle.radius - (a.radius + b.radius) / 2) <= tolerance;
    constexpr int deepest = 12;
    if (depth == deepest || (straight && depth > 0)) {
        points.push_back(middle);
        return;
    }
    addBetween(edge, low, (low + high) / 2, a, middle, tolerance, depth + 1, points);
    points.push_back(middle);
    addBetween(edge, (low + high) / 2, high, middle, b, tolerance, depth + 1, points);
}

} // namespace

std::vector<AxisLine> innerAxis(const Region& region, double tolerance) {
    std::vector<AxisLine> lines;
    if (region.empty())
        return lines;
    const BoundaryCells boundary(region);
    const auto* nodes = boundary.diagram().vertices().data();
    for (const Edge& edge : boundary.diagram().edges()) {
        const bool wanted = edge.is_finite() && edge.is_primary() && &edge < edge.twin() &&
                            boundary.known(edge) && boundary.inside(edge);
        if (!wanted)
            continue;
        AxisLine line{int(edge.vertex0() - nodes), int(edge.vertex1() - nodes), {}};
        const Vector from = BoundaryCells::place(edge.vertex0()), to = BoundaryCells::place(edge.vertex1());
        const auto end = [&](Vector at) {
            return AxisPoint{at, length(boundary.foot(edge.cell(), at) - at)};
        };
        line.points.push_back(end(from));
        if (const CurvedEdge curve(boundary, edge); curve.curved() && length(to - from) > tolerance)
            addBetween(curve, 0, 1, line.points.front(), end(to), tolerance, 0, line.points);
        line.points.push_back(end(to));
        lines.push_back(std::move(line));
    }
    return lines;
}

} // namespace bollard::plane
