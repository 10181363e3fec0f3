#include "plane/centreline.hpp"
#include <span>

namespace bollard::plane {
namespace {

struct Cubic {
    Vector a, b, c, d;
    Vector at(double t) const {
        const double u = 1 - t;
        return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
    }
    Vector first(double t) const {
        const double u = 1 - t;
        return 3 * u * u * (b - a) + 6 * u * t * (c - b) + 3 * t * t * (d - c);
    }
    Vector second(double t) const { return 6 * (1 - t) * (c - 2.0 * b + a) + 6 * t * (d - 2.0 * c + b); }
};

std::vector<double> chordShares(std::span<const Vector> points) {
    std::vector<double> shares{0};
    for (size_t i = 1; i < points.size(); ++i)
        shares.push_back(shares.back() + length(points[i] - points[i - 1]));
    const double whole = shares.back();
    for (double& share : shares)
        share = whole > 0 ? share / whole : 0;
    return shares;
}

/// The cubic between the ends with given directions that lies nearest to the points by least squares.
Cubic nearestCubic(std::span<const Vector> points, const std::vector<double>& shares, Vector out, Vector in) {
    const Vector a = points.front(), d = points.back();
    double c00 = 0, c01 = 0, c11 = 0, x0 = 0, x1 = 0;
    for (size_t i = 0; i < points.size(); ++i) {
        const double t = shares[i], u = 1 - t;
        const double b1 = 3 * u * u * t, b2 = 3 * u * t * t;
        const Vector p = b1 * out, q = b2 * in;
        const Vector rest = points[i] - ((u * u * u + b1) * a + (t * t * t + b2) * d);
        c00 += dot(p, p);
        c01 += dot(p, q);
        c11 += dot(q, q);
        x0 += dot(p, rest);
        x1 += dot(q, rest);
    }
    const double below = c00 * c11 - c01 * c01, chord = length(d - a);
    double first = below != 0 ? (x0 * c11 - x1 * c01) / below : 0;
    double second = below != 0 ? (c00 * x1 - c01 * x0) / below : 0;
    const double least = 1e-3 * chord;
    if (first < least || second < least || first > 3 * chord || second > 3 * chord)
        first = second = chord / 3;
    return {a, a + first * out, d + second * in, d};
}

class Fitter {
  public:
    Fitter(double tolerance, std::vector<Segment>& out) : tolerance_(tolerance), out_(out) {}

    void fit(std::span<const Vector> points, Vector out, Vector in, int depth = 0) {
        if (points.size() < 2)
            return;
        if (isStraight(points)) {
            out_.push_back({Segment::Kind::line, {}, {}, points.back()});
            return;
        }
        std::vector<double> shares = chordShares(points);
        constexpr int rounds = 6, deepest = 24;
        size_t worst = points.size() / 2;
        for (int round = 0; round < rounds; ++round) {
            const Cubic cubic = nearestCubic(points, shares, out, in);
            double far = 0;
            for (size_t i = 1; i + 1 < points.size(); ++i)
                if (const double d = length(cubic.at(shares[i]) - points[i]); d > far) {
                    far = d;
                    worst = i;
                }
            if (far <= tolerance_) {
                out_.push_back({Segment::Kind::cubic, cubic.b, cubic.c, cubic.d});
                return;
            }
            for (size_t i = 1; i + 1 < points.size(); ++i) { // Newton: to the nearest place on the curve
                const Vector off = cubic.at(shares[i]) - points[i], first = cubic.first(shares[i]);
                const double below = dot(first, first) + dot(off, cubic.second(shares[i]));
                if (below > 0)
                    shares[i] = std::clamp(shares[i] - dot(off, first) / below, 0.0, 1.0);
            }
        }
        if (points.size() == 2 || depth == deepest) {
            out_.push_back({Segment::Kind::line, {}, {}, points.back()});
            return;
        }
        worst = std::clamp<size_t>(worst, 1, points.size() - 2);
        const size_t before = worst > 2 ? worst - 2 : 0, after = std::min(worst + 2, points.size() - 1);
        const Vector along = unit(points[after] - points[before]);
        fit(points.first(worst + 1), out, -1.0 * along, depth + 1);
        fit(points.subspan(worst), along, in, depth + 1);
    }

  private:
    bool isStraight(std::span<const Vector> points) const {
        const Vector whole = points.back() - points.front(), along = unit(whole);
        const double size = length(whole);
        return std::ranges::all_of(points, [&](Vector p) {
            const double on = dot(along, p - points.front());
            return size > 0 && std::fabs(cross(along, p - points.front())) <= tolerance_ / 2 &&
                   on >= -tolerance_ && on <= size + tolerance_;
        });
    }

    double tolerance_;
    std::vector<Segment>& out_;
};

/// The direction in which points set out, felt over some way so that single steps do not matter.
Vector direction(std::span<const Vector> points, bool atEnd, double reach) {
    const Vector from = atEnd ? points.back() : points.front();
    for (size_t i = 1; i < points.size(); ++i) {
        const Vector p = atEnd ? points[points.size() - 1 - i] : points[i];
        if (length(p - from) >= reach)
            return unit(p - from);
    }
    return unit((atEnd ? points.front() : points.back()) - from);
}

} // namespace

Contour curveThrough(const std::vector<Vector>& given, bool closed, double tolerance, double corner) {
    Contour contour;
    contour.open = !closed;
    if (given.empty())
        return contour;
    std::vector<Vector> points = given;
    if (closed)
        points.push_back(points.front());
    const double reach = 6 * tolerance;
    const auto turnAt = [&](size_t i) {
        const size_t last = points.size() - 1;
        const std::span<const Vector> all(points);
        const Vector before =
            i == 0 ? direction(all.first(last + 1), true, reach) : direction(all.first(i + 1), true, reach);
        const Vector after =
            i == last ? direction(all, false, reach) : direction(all.subspan(i), false, reach);
        return std::fabs(std::atan2(cross(-1.0 * before, after), dot(-1.0 * before, after))) * 180 / M_PI;
    };
    std::vector<size_t> corners{0};
    for (size_t i = 1; i + 1 < points.size(); ++i)
        if (turnAt(i) > corner) {
            if (corners.back() > 0 && length(points[i] - points[corners.back()]) < reach) {
                if (turnAt(i) > turnAt(corners.back()))
                    corners.back() = i;
            } else {
                corners.push_back(i);
            }
        }
    corners.push_back(points.size() - 1);
    contour.start = points.front();
    Fitter fitter(tolerance, contour.segments);
    const bool smoothSeam = closed && turnAt(0) <= corner;
    for (size_t k = 0; k + 1 < corners.size(); ++k) {
        const auto run = std::span<const Vector>(points).subspan(corners[k], corners[k + 1] - corners[k] + 1);
        Vector out = direction(run, false, reach / 2), in = direction(run, true, reach / 2);
        if (smoothSeam && (k == 0 || k + 2 == corners.size())) { // one direction through the first point
            const Vector through =
                unit(direction(points, false, reach / 2) - direction(points, true, reach / 2));
            if (k == 0)
                out = through;
            if (k + 2 == corners.size())
                in = -1.0 * through;
        }
        fitter.fit(run, out, in);
    }
    return contour;
}

} // namespace bollard::plane
