#include "drawing/paths.hpp"

namespace bollard::drawing {

QPainterPath pathOf(const plane::Outline& outline, double scale) {
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    const auto at = [&](plane::Vector v) { return QPointF(scale * v.x, scale * v.y); };
    for (const plane::Contour& contour : outline.contours) {
        path.moveTo(at(contour.start));
        for (const plane::Segment& segment : contour.segments) {
            if (segment.kind == plane::Segment::Kind::line)
                path.lineTo(at(segment.end));
            else if (segment.kind == plane::Segment::Kind::quadratic)
                path.quadTo(at(segment.first), at(segment.end));
            else
                path.cubicTo(at(segment.first), at(segment.second), at(segment.end));
        }
        if (!contour.open)
            path.closeSubpath();
    }
    return path;
}

QPainterPath pathOf(const plane::Region& region) {
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    for (const plane::Ring& ring : region.rings) {
        if (ring.empty())
            continue;
        path.moveTo(pointOf(plane::vectorOf(ring.front())));
        for (size_t i = 1; i < ring.size(); ++i)
            path.lineTo(pointOf(plane::vectorOf(ring[i])));
        path.closeSubpath();
    }
    return path;
}

} // namespace bollard::drawing
