#include "plane/outline.hpp"

namespace bollard::plane {
namespace {

constexpr int deepest = 12; // at most 4,096 chords to a curve, whatever it is

void add(Ring& ring, Vector p) {
    const Point q = onGrid(p);
    if (ring.empty() || ring.back() != q)
        ring.push_back(q);
}

void flattenQuadratic(Ring& ring, Vector a, Vector b, Vector c, double tolerance) {
    // A quadratic's distance to n equal chords is |a - 2b + c| / (4 n^2).
    const double bend = length(a - 2.0 * b + c);
    const double wanted = std::ceil(std::sqrt(bend / (4 * tolerance)));
    const int chords = wanted < (1 << deepest) ? std::max(int(wanted), 1) : 1 << deepest;
    for (int i = 1; i <= chords; ++i) {
        const double t = double(i) / chords;
        add(ring, (1 - t) * (1 - t) * a + 2 * t * (1 - t) * b + t * t * c);
    }
}

void flattenCubic(Ring& ring, Vector a, Vector b, Vector c, Vector d, double tolerance, int depth) {
    // Willcocks' bound on the distance between a cubic and its chord.
    const Vector u = 3.0 * b - 2.0 * a - d;
    const Vector v = 3.0 * c - 2.0 * d - a;
    const double bound = std::max(u.x * u.x, v.x * v.x) + std::max(u.y * u.y, v.y * v.y);
    if (depth == 0 || bound <= 16 * tolerance * tolerance) {
        add(ring, d);
        return;
    }
    const Vector ab = 0.5 * (a + b), bc = 0.5 * (b + c), cd = 0.5 * (c + d);
    const Vector abc = 0.5 * (ab + bc), bcd = 0.5 * (bc + cd);
    const Vector middle = 0.5 * (abc + bcd);
    flattenCubic(ring, a, ab, abc, middle, tolerance, depth - 1);
    flattenCubic(ring, middle, bcd, cd, d, tolerance, depth - 1);
}

} // namespace

Contour reversed(const Contour& contour) {
    Contour result{contour.segments.empty() ? contour.start : contour.segments.back().end, {}, contour.open};
    for (size_t i = contour.segments.size(); i-- > 0;) {
        const Segment& segment = contour.segments[i];
        const Vector to = i == 0 ? contour.start : contour.segments[i - 1].end;
        const bool cubic = segment.kind == Segment::Kind::cubic;
        result.segments.push_back({segment.kind, cubic ? segment.second : segment.first, segment.first, to});
    }
    return result;
}

void addArc(Contour& contour, Vector centre, double sweep) {
    constexpr double widest = 30, wholeTurn = 360;
    if (!std::isfinite(sweep))
        return;
    sweep = std::clamp(sweep, -wholeTurn, wholeTurn);
    const int pieces = std::max(1, int(std::ceil(std::fabs(sweep) / widest - 1e-9)));
    const double step = sweep / pieces * M_PI / 180;
    const double reach = 4.0 / 3 * std::tan(step / 4); // the usual cubic arc
    const double c = std::cos(step), s = std::sin(step);
    Vector spoke = (contour.segments.empty() ? contour.start : contour.segments.back().end) - centre;
    for (int i = 0; i < pieces; ++i) {
        const Vector next{c * spoke.x - s * spoke.y, s * spoke.x + c * spoke.y};
        contour.segments.push_back({Segment::Kind::cubic, centre + spoke + reach * Vector{-spoke.y, spoke.x},
                                    centre + next - reach * Vector{-next.y, next.x}, centre + next});
        spoke = next;
    }
}

Contour circle(Vector centre, double radius) {
    Contour contour{centre + Vector{radius, 0}, {}};
    addArc(contour, centre, 360);
    contour.segments.back().end = contour.start;
    return contour;
}

Contour roundedRectangle(Vector low, Vector high, double corner) {
    const double r = std::clamp(corner, 0.0, 0.5 * std::min(high.x - low.x, high.y - low.y));
    Contour contour{{low.x + r, low.y}, {}};
    const auto side = [&](Vector to, Vector centre) {
        contour.segments.push_back({Segment::Kind::line, {}, {}, to});
        if (r > 0)
            addArc(contour, centre, 90);
    };
    side({high.x - r, low.y}, {high.x - r, low.y + r});
    side({high.x, high.y - r}, {high.x - r, high.y - r});
    side({low.x + r, high.y}, {low.x + r, high.y - r});
    side({low.x, low.y + r}, {low.x + r, low.y + r});
    return contour;
}

namespace {

/// The contour's own points, without the way back to its start.
Line chain(const Contour& contour, double scale, double tolerance) {
    Line line;
    Vector at = scale * contour.start;
    add(line, at);
    for (const Segment& segment : contour.segments) {
        const Vector end = scale * segment.end;
        if (segment.kind == Segment::Kind::line)
            add(line, end);
        else if (segment.kind == Segment::Kind::quadratic)
            flattenQuadratic(line, at, scale * segment.first, end, tolerance);
        else
            flattenCubic(line, at, scale * segment.first, scale * segment.second, end, tolerance, deepest);
        at = end;
    }
    return line;
}

} // namespace

std::vector<Ring> flattened(const Outline& outline, double scale, double tolerance) {
    std::vector<Ring> rings;
    for (const Contour& contour : outline.contours) {
        if (contour.open)
            continue;
        Ring ring = chain(contour, scale, tolerance);
        while (ring.size() > 1 && ring.front() == ring.back())
            ring.pop_back();
        if (ring.size() >= 3)
            rings.push_back(std::move(ring));
    }
    return rings;
}

std::vector<Line> lines(const Outline& outline, double scale, double tolerance) {
    std::vector<Line> all;
    for (const Contour& contour : outline.contours) {
        Line line = chain(contour, scale, tolerance);
        if (!contour.open && line.front() != line.back())
            line.push_back(line.front());
        all.push_back(std::move(line));
    }
    return all;
}

} // namespace bollard::plane
