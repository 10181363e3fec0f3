#include "plane/curve_piece.hpp"
#include <cmath>

namespace bollard::plane {
namespace {

Vector onCircle(Vector centre, double radius, double angle) {
    return centre + radius * Vector{std::cos(angle), std::sin(angle)};
}

/// The arc that a cubic runs along; nothing where it does not.
std::optional<CurvePiece> arcOf(const CurvePiece& cubic) {
    const Vector a = cubic.at(0), b = cubic.at(0.5), c = cubic.at(1);
    const double twice = 2 * cross(b - a, c - a), size = dot(c - a, c - a);
    constexpr double straight = 1e-3;
    if (!(std::fabs(twice) > straight * size))
        return std::nullopt;
    const Vector ab = b - a, ac = c - a;
    const double abSize = dot(ab, ab), acSize = dot(ac, ac);
    CurvePiece arc;
    arc.kind = CurvePiece::Kind::arc;
    arc.centre = a + Vector{(ac.y * abSize - ab.y * acSize) / twice, (ab.x * acSize - ac.x * abSize) / twice};
    arc.radius = length(a - arc.centre);
    constexpr int places = 8;
    constexpr double off = 1e-6; // cubics of 30 degrees are off by 4e-7
    for (int i = 1; i < places; ++i)
        if (std::fabs(length(cubic.at(double(i) / places) - arc.centre) - arc.radius) > off * arc.radius)
            return std::nullopt;
    arc.from = std::atan2(a.y - arc.centre.y, a.x - arc.centre.x);
    arc.sweep = std::remainder(std::atan2(c.y - arc.centre.y, c.x - arc.centre.x) - arc.from, 2 * M_PI);
    if ((arc.sweep > 0) != (cross(ab, c - b) > 0))
        arc.sweep += arc.sweep > 0 ? -2 * M_PI : 2 * M_PI;
    return arc;
}

/// Whether the second goes on where the first ends, on the same circle.
bool goesOn(const CurvePiece& first, const CurvePiece& second) {
    constexpr double off = 2e-6, half = M_PI + 1e-6;
    return first.kind == CurvePiece::Kind::arc && second.kind == CurvePiece::Kind::arc &&
           (first.sweep > 0) == (second.sweep > 0) && std::fabs(first.sweep + second.sweep) <= half &&
           length(first.centre - second.centre) <= off * first.radius &&
           std::fabs(first.radius - second.radius) <= off * first.radius &&
           length(first.at(1) - second.at(0)) <= off * first.radius;
}

} // namespace

Vector CurvePiece::at(double t) const {
    if (kind == Kind::arc)
        return onCircle(centre, radius, from + t * sweep);
    const double u = 1 - t;
    return u * u * u * poles[0] + 3 * u * u * t * poles[1] + 3 * u * t * t * poles[2] + t * t * t * poles[3];
}

Vector CurvePiece::along(double t) const {
    if (kind == Kind::arc) {
        const double angle = from + t * sweep;
        return radius * sweep * Vector{-std::sin(angle), std::cos(angle)};
    }
    const double u = 1 - t;
    return 3 * (u * u * (poles[1] - poles[0]) + 2 * u * t * (poles[2] - poles[1]) +
                t * t * (poles[3] - poles[2]));
}

double CurvePiece::nearest(Vector p) const {
    if (kind == Kind::line) {
        const Vector way = poles[3] - poles[0];
        const double size = dot(way, way);
        return size > 0 ? std::clamp(dot(p - poles[0], way) / size, 0.0, 1.0) : 0;
    }
    if (kind == Kind::arc) {
        const double middle = from + sweep / 2;
        const double angle = std::atan2(p.y - centre.y, p.x - centre.x);
        return std::clamp(0.5 + std::remainder(angle - middle, 2 * M_PI) / sweep, 0.0, 1.0);
    }
    constexpr int steps = 12;
    double best = 0, least = -1;
    for (int i = 0; i <= steps; ++i) {
        const double t = double(i) / steps;
        const Vector off = at(t) - p;
        if (const double far = dot(off, off); least < 0 || far < least) {
            least = far;
            best = t;
        }
    }
    constexpr int rounds = 12;
    for (int i = 0; i < rounds; ++i) {
        const Vector off = at(best) - p, way = along(best);
        const double size = dot(way, way);
        if (!(size > 0))
            break;
        best = std::clamp(best - std::clamp(dot(off, way) / size, -1.0 / steps, 1.0 / steps), 0.0, 1.0);
    }
    return best;
}

double CurvePiece::whereX(double x, double near) const {
    double t = near;
    constexpr int rounds = 20;
    for (int i = 0; i < rounds; ++i) {
        const double slope = along(t).x;
        if (slope == 0)
            break;
        t = std::clamp(t - std::clamp((at(t).x - x) / slope, -0.1, 0.1), 0.0, 1.0);
    }
    return t;
}

CurvePiece lineFrom(Vector a, Vector b) {
    CurvePiece line;
    line.poles = {a, a + (1.0 / 3) * (b - a), b - (1.0 / 3) * (b - a), b};
    return line;
}

std::vector<CurvePiece> piecesOf(const Outline& outline) {
    std::vector<CurvePiece> pieces;
    for (const Contour& contour : outline.contours) {
        const size_t first = pieces.size();
        Vector at = contour.start;
        const auto add = [&](CurvePiece piece) {
            if (pieces.size() > first && goesOn(pieces.back(), piece))
                pieces.back().sweep += piece.sweep;
            else
                pieces.push_back(piece);
        };
        for (const Segment& segment : contour.segments) {
            CurvePiece piece = lineFrom(at, segment.end);
            if (segment.kind == Segment::Kind::quadratic)
                piece.poles = {at, at + (2.0 / 3) * (segment.first - at),
                               segment.end + (2.0 / 3) * (segment.first - segment.end), segment.end};
            else if (segment.kind == Segment::Kind::cubic)
                piece.poles = {at, segment.first, segment.second, segment.end};
            if (segment.kind != Segment::Kind::line) {
                piece.kind = CurvePiece::Kind::cubic;
                if (const auto arc = arcOf(piece))
                    piece = *arc;
            }
            if (!(at == segment.end))
                add(piece);
            at = segment.end;
        }
        if (!contour.open && !(at == contour.start))
            add(lineFrom(at, contour.start));
    }
    return pieces;
}

} // namespace bollard::plane
