#include "card/lines.hpp"

namespace bollard::card {

using plane::Vector, setting::Baseline, setting::BaselineKind, setting::CurvePoint;

namespace {

double rounded(double value, double step) {
    return std::round(value / step) * step;
}

double widthOf(const setting::Setting& shown) {
    return shown.flat.empty() ? 0 : plane::toMillimetres(double(shown.flat.high.x) - shown.flat.low.x);
}

/// A wave as wide as the words, about their middle.
std::vector<CurvePoint> wave(double width) {
    const double half = std::max(width, 10.0) / 2, rise = half / 5, reach = half / 2;
    return {{-half, 0, {}, {reach, rise}, false},
            {0, 0, {-reach, rise}, {reach, -rise}, true},
            {half, 0, {-reach, -rise}, {}, false}};
}

/// How far the corners of letters that turn as they are stand beyond the circle their tops touch.
double cornersBeyond(double capital, double radius) {
    return capital * capital / (6 * std::max(radius, capital));
}

void placeOnEdge(const Card& card, Inscription& inscription, double capital) {
    inscription.placing = {setting::Anchor::centre, 0, 0, 0, inscription.placing.reading};
    const Vector size = blank::sizeOf(card.blank, inscription.side);
    const double beyond = std::ceil(cornersBeyond(capital, std::min(size.x, size.y) / 2) * 10) / 10;
    inscription.baseline.offset = inscription.baseline.atBottom
                                      ? card.blank.margin + beyond
                                      : -(card.blank.margin + beyond + rounded(capital, 0.01));
}

void placeOnCircle(const Card& card, Inscription& inscription, double capital) {
    const Vector size = blank::sizeOf(card.blank, inscription.side);
    const double room = std::min(size.x, size.y) / 2 - card.blank.margin;
    if (room <= capital)
        return;
    inscription.placing.anchor = setting::Anchor::centre;
    inscription.placing.x = size.x / 2;
    inscription.placing.y = size.y / 2;
    inscription.placing.turn = 0;
    const double taken = (inscription.baseline.inside ? 0 : capital) + cornersBeyond(capital, room);
    inscription.baseline.radius = std::floor((room - taken) * 10) / 10;
}

} // namespace

void changeBaseline(const Card& card, Inscription& inscription, const setting::Setting& shown,
                    BaselineKind kind) {
    Baseline& baseline = inscription.baseline;
    const BaselineKind was = baseline.kind;
    if (was == kind)
        return;
    baseline.kind = kind;
    baseline.slide = 0;
    baseline.offset = 0;
    const double capital = setting::measureOf(shown, setting::SizeBy::capital);
    const bool hadNoPlace = was == BaselineKind::edge; // it lay at the blank's corner
    const Vector size = blank::sizeOf(card.blank, inscription.side);
    if (hadNoPlace && size.x > 0) {
        inscription.placing.x = size.x / 2;
        inscription.placing.y = size.y / 2;
    }
    switch (kind) {
    case BaselineKind::straight:
        break;
    case BaselineKind::arc:
        baseline.radius = std::max(rounded(widthOf(shown), 1), 2 * rounded(capital, 1));
        break;
    case BaselineKind::circle:
        baseline.radius = std::max(std::fabs(baseline.radius), 1.0);
        placeOnCircle(card, inscription, capital);
        break;
    case BaselineKind::curve:
        if (baseline.points.size() < 2) {
            baseline.points = wave(rounded(widthOf(shown) * 1.1, 1));
            for (CurvePoint& point : baseline.points)
                point.y -= rounded(capital / 2, 0.1); // the words' middle stays about where it is
        }
        break;
    case BaselineKind::edge:
        placeOnEdge(card, inscription, capital);
        break;
    }
}

void readAtBottom(const Card& card, Inscription& inscription, const setting::Setting& shown, bool atBottom) {
    if (inscription.baseline.atBottom == atBottom)
        return;
    inscription.baseline.atBottom = atBottom;
    if (inscription.baseline.kind == BaselineKind::edge)
        placeOnEdge(card, inscription, setting::measureOf(shown, setting::SizeBy::capital));
}

void bendThrough(Inscription& inscription, const setting::Setting& shown, Vector first, Vector middle,
                 Vector last) {
    const Vector chord = last - first;
    const double length = plane::length(chord), area = plane::cross(chord, middle - first);
    if (length < 1e-6 || std::fabs(area) < 1e-9 * length * length)
        return;
    // The circle through three points; it lies on the right of the chord when the middle lies on the left.
    const double radius =
        length * plane::length(middle - first) * plane::length(last - middle) / (2 * std::fabs(area));
    const double step = 0.01;
    if (!ranges::radius.holds(radius) || radius < step)
        return;
    const Vector along = (1 / length) * chord, up{-along.y, along.x};
    const bool above = area > 0;
    const Vector half = 0.5 * (first + last);
    const double inward = std::sqrt(std::max(0.0, radius * radius - length * length / 4));
    // Of the two centres the one that is as far from the middle point as from the ends.
    Vector centre = half - inward * up;
    if (std::fabs(plane::length(centre - middle) - radius) >
        std::fabs(plane::length(half + inward * up - middle) - radius))
        centre = half + inward * up;
    const Vector top = centre + (above ? radius : -radius) * up;

    const setting::Place before(shown, inscription.placing);
    const double turn = std::atan2(along.y, along.x) * 180 / M_PI;
    inscription.baseline.radius = rounded(above ? radius : -radius, step);
    inscription.baseline.slide = 0;
    const bool mirrors = before.mirrors();
    inscription.placing.turn =
        rounded(std::remainder(inscription.placing.turn + (mirrors ? -turn : turn), 360), 0.01);
    // The anchor as it stands to the top of the arc, in the new frame, put back onto the side.
    const Vector held =
        (1 / plane::unitsPerMillimetre) *
        before.toSetting(plane::unitsPerMillimetre * Vector{inscription.placing.x, inscription.placing.y});
    const Vector from = top + held.x * along + held.y * up;
    const Vector at = (1 / plane::unitsPerMillimetre) * before.toSide(plane::unitsPerMillimetre * from);
    inscription.placing.x = rounded(at.x, 0.001);
    inscription.placing.y = rounded(at.y, 0.001);
}

void movePoint(Baseline& baseline, int number, PointPart part, Vector to) {
    if (number < 0 || size_t(number) >= baseline.points.size())
        return;
    CurvePoint& point = baseline.points[size_t(number)];
    constexpr double step = 0.01;
    to = {rounded(to.x, step), rounded(to.y, step)};
    if (part == PointPart::point) {
        point.x = to.x;
        point.y = to.y;
        return;
    }
    Vector& handle = part == PointPart::before ? point.before : point.after;
    Vector& other = part == PointPart::before ? point.after : point.before;
    handle = to - Vector{point.x, point.y};
    if (const double size = plane::length(handle); point.smooth && size > 0 && plane::length(other) > 0)
        other = (-plane::length(other) / size) * handle;
}

void smoothPoint(Baseline& baseline, int number, bool smooth) {
    if (number < 0 || size_t(number) >= baseline.points.size())
        return;
    const auto count = int(baseline.points.size());
    CurvePoint& point = baseline.points[size_t(number)];
    point.smooth = smooth;
    const auto neighbour = [&](int by) -> const CurvePoint* {
        const int at = number + by;
        if (at >= 0 && at < count)
            return &baseline.points[size_t(at)];
        return baseline.closed ? &baseline.points[size_t((at + count) % count)] : nullptr;
    };
    const CurvePoint *last = neighbour(-1), *next = neighbour(1);
    if (!smooth || !last || !next)
        return;
    // In the direction from neighbour to neighbour, each handle a third of the way.
    const Vector at{point.x, point.y}, from{last->x, last->y}, to{next->x, next->y};
    const double size = plane::length(to - from);
    if (size == 0)
        return;
    const Vector along = (1 / size) * (to - from);
    point.before = (-plane::length(at - from) / 3) * along;
    point.after = (plane::length(to - at) / 3) * along;
}

int addPoint(Baseline& baseline, int number) {
    const auto count = int(baseline.points.size());
    if (count < 2)
        return number;
    const int from = std::clamp(number, 0, baseline.closed ? count - 1 : count - 2);
    const int to = (from + 1) % count;
    CurvePoint &a = baseline.points[size_t(from)], &d = baseline.points[size_t(to)];
    const Vector p{a.x, a.y}, s{d.x, d.y};
    CurvePoint added;
    if (a.after == Vector{} && d.before == Vector{}) {
        const Vector middle = 0.5 * (p + s);
        added = {middle.x, middle.y, {}, {}, false};
    } else {
        const Vector q = p + a.after, r = s + d.before;
        const Vector pq = 0.5 * (p + q), qr = 0.5 * (q + r), rs = 0.5 * (r + s);
        const Vector left = 0.5 * (pq + qr), right = 0.5 * (qr + rs), middle = 0.5 * (left + right);
        added = {middle.x, middle.y, left - middle, right - middle, true};
        a.after = pq - p;
        d.before = rs - s;
    }
    baseline.points.insert(baseline.points.begin() + from + 1, added);
    return from + 1;
}

void removePoint(Baseline& baseline, int number) {
    if (number >= 0 && size_t(number) < baseline.points.size() && baseline.points.size() > 2)
        baseline.points.erase(baseline.points.begin() + number);
}

} // namespace bollard::card
