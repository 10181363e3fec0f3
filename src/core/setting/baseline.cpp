#include "setting/baseline.hpp"
#include "plane/region.hpp"

namespace bollard::setting {

using plane::Contour, plane::Segment, plane::Vector;

namespace {

bool inLine(Vector before, Vector after) {
    constexpr double degree = M_PI / 180;
    return plane::length(before) > 0 && plane::length(after) > 0 &&
           std::fabs(std::atan2(plane::cross(before, after), -plane::dot(before, after))) < degree;
}

} // namespace

Contour contourOf(const std::vector<CurvePoint>& points, bool closed) {
    Contour contour;
    contour.open = !closed;
    const auto at = [](const CurvePoint& p) { return Vector{p.x, p.y}; };
    if (points.empty())
        return contour;
    contour.start = at(points.front());
    const size_t count = closed ? points.size() + 1 : points.size();
    for (size_t i = 1; i < count; ++i) {
        const CurvePoint &from = points[i - 1], &to = points[i % points.size()];
        if (from.after == Vector{} && to.before == Vector{})
            contour.segments.push_back({Segment::Kind::line, {}, {}, at(to)});
        else
            contour.segments.push_back(
                {Segment::Kind::cubic, at(from) + from.after, at(to) + to.before, at(to)});
    }
    return contour;
}

std::vector<CurvePoint> pointsOf(const Contour& contour) {
    std::vector<CurvePoint> points{{contour.start.x, contour.start.y, {}, {}, false}};
    for (const Segment& segment : contour.segments) {
        CurvePoint next{segment.end.x, segment.end.y, {}, {}, false};
        const Vector from{points.back().x, points.back().y};
        if (segment.kind == Segment::Kind::cubic) {
            points.back().after = segment.first - from;
            next.before = segment.second - segment.end;
        } else if (segment.kind == Segment::Kind::quadratic) {
            points.back().after = (2.0 / 3) * (segment.first - from);
            next.before = (2.0 / 3) * (segment.first - segment.end);
        }
        points.push_back(next);
    }
    const CurvePoint last = points.back();
    if (!contour.open && points.size() > 1 && last.x == points.front().x && last.y == points.front().y) {
        points.pop_back();
        points.front().before = last.before;
    }
    for (CurvePoint& point : points)
        point.smooth = inLine(point.before, point.after);
    return points;
}

Track::Track(const Baseline& baseline, const plane::Outline& edge, double capital_mm)
    : off_(baseline.offset * plane::unitsPerMillimetre), slide_(baseline.slide * plane::unitsPerMillimetre) {
    switch (baseline.kind) {
    case BaselineKind::straight:
        return;
    case BaselineKind::arc:
        if (baseline.radius == 0)
            return;
        round_ = {{0, -baseline.radius},
                  std::fabs(baseline.radius),
                  baseline.radius > 0 ? M_PI / 2 : -M_PI / 2,
                  baseline.radius > 0};
        break;
    case BaselineKind::circle: {
        if (!(baseline.radius > 0))
            return;
        round_ = {{0, 0}, baseline.radius, baseline.atBottom ? -M_PI / 2 : M_PI / 2, !baseline.atBottom};
        if (baseline.inside != baseline.atBottom)
            off_ -= capital_mm * plane::unitsPerMillimetre;
        break;
    }
    case BaselineKind::curve:
        if (baseline.points.size() < 2)
            return;
        contour_ = contourOf(baseline.points, baseline.closed);
        openEnds_ = !baseline.closed;
        break;
    case BaselineKind::edge: {
        if (edge.contours.empty())
            return;
        contour_ = edge.contours.front(); // counter-clockwise
        plane::Box box;
        for (const plane::Line& line : plane::lines({{contour_}}, plane::unitsPerMillimetre, 100))
            box.include(plane::boxOf(line));
        if (!baseline.atBottom)
            contour_ = plane::reversed(contour_);
        start_ = {(double(box.low.x) + box.high.x) / 2, double(baseline.atBottom ? box.low.y : box.high.y)};
        break;
    }
    }
    straight_ = false;
    if (round_) {
        round_->centre = plane::unitsPerMillimetre * round_->centre;
        round_->radius *= plane::unitsPerMillimetre;
        return;
    }
    contour_ = plane::mapped(std::move(contour_), [](Vector v) { return plane::unitsPerMillimetre * v; });
    if (baseline.kind != BaselineKind::edge)
        start_ = contour_.start;
}

plane::Curve Track::curve(double above_mm) const {
    const double off = off_ + above_mm * plane::unitsPerMillimetre;
    if (straight_) {
        Contour level{{-1e7, off}, {{Segment::Kind::line, {}, {}, {1e7, off}}}, true};
        return plane::Curve(level);
    }
    return round_ ? plane::Curve(*round_, off) : plane::Curve(contour_, off);
}

double Track::home(const plane::Curve& curve, double share) const {
    if (straight_)
        return 1e7 + slide_;
    if (round_) // it begins where words are centred
        return slide_;
    return (openEnds_ ? share * curve.length() : curve.nearest(start_)) + slide_;
}

} // namespace bollard::setting
