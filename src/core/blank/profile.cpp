#include "blank/profile.hpp"
#include "quantity/field.hpp"
#include <algorithm>
#include <array>
#include <memory>
#include <numbers>

namespace bollard::blank {
namespace {

using plane::Vector; // x: radius

constexpr double same = 5e-5; // mm, half a unit of the grid
constexpr int stepsOfSpan = 400;

Vector normalOf(Vector from, Vector to) {
    const Vector along = plane::unit(to - from);
    return {along.y, -along.x};
}

/// Second derivatives, or rather the slopes at the knots, of a cubic spline in one coordinate; straight at
/// free ends, or of the given slope there.
std::vector<double> slopesOf(const std::vector<double>& t, const std::vector<double>& x,
                             std::optional<double> first, std::optional<double> last) {
    // The tridiagonal system for slopes m: h1 m0 + 2 (h0 + h1) m1 + h0 m2 = 3 (h1 d0 + h0 d1), by Thomas.
    const size_t n = t.size();
    std::vector<double> a(n), b(n), c(n), d(n);
    const auto h = [&](size_t i) { return t[i + 1] - t[i]; };
    const auto rise = [&](size_t i) { return (x[i + 1] - x[i]) / h(i); };
    b[0] = first ? 1 : 2;
    c[0] = first ? 0 : 1;
    d[0] = first ? *first : 3 * rise(0);
    b[n - 1] = last ? 1 : 2;
    a[n - 1] = last ? 0 : 1;
    d[n - 1] = last ? *last : 3 * rise(n - 2);
    for (size_t i = 1; i + 1 < n; ++i) {
        a[i] = h(i);
        b[i] = 2 * (h(i - 1) + h(i));
        c[i] = h(i - 1);
        d[i] = 3 * (h(i) * rise(i - 1) + h(i - 1) * rise(i));
    }
    for (size_t i = 1; i < n; ++i) {
        const double w = a[i] / b[i - 1];
        b[i] -= w * c[i - 1];
        d[i] -= w * d[i - 1];
    }
    std::vector<double> m(n);
    m[n - 1] = d[n - 1] / b[n - 1];
    for (size_t i = n - 1; i-- > 0;)
        m[i] = (d[i] - c[i] * m[i + 1]) / b[i];
    return m;
}

struct Sample {
    Vector at{};
    Vector normal{}; ///< just after it
    Vector before{}; ///< just before it
    double v = 0;
};

/// The points of a run from one corner to the next, curved where any between is smooth.
void addRun(const std::vector<ProfilePoint>& points, size_t from, size_t to, std::vector<Vector>& places) {
    if (to == from + 1 && !points[from].smooth && !points[to].smooth) {
        places.push_back({points[to].r, points[to].y});
        return;
    }
    std::vector<double> t{0}, r{points[from].r}, y{points[from].y};
    for (size_t i = from + 1; i <= to; ++i) {
        const double size = std::hypot(points[i].r - points[i - 1].r, points[i].y - points[i - 1].y);
        if (size < same)
            continue;
        t.push_back(t.back() + std::sqrt(size)); // centripetal
        r.push_back(points[i].r);
        y.push_back(points[i].y);
    }
    if (t.size() < 2)
        return;
    // A smooth end on the axis goes on across it.
    std::optional<double> firstY, lastY;
    if (points[from].smooth && points[from].r < same)
        firstY = 0;
    if (points[to].smooth && points[to].r < same)
        lastY = 0;
    const std::vector<double> mr = slopesOf(t, r, {}, {}), my = slopesOf(t, y, firstY, lastY);
    for (size_t i = 0; i + 1 < t.size(); ++i) {
        const double h = t[i + 1] - t[i];
        for (int k = 1; k <= stepsOfSpan; ++k) {
            const double s = double(k) / stepsOfSpan, s2 = s * s, s3 = s2 * s;
            const auto at = [&](const std::vector<double>& x, const std::vector<double>& m) {
                return (2 * s3 - 3 * s2 + 1) * x[i] + (s3 - 2 * s2 + s) * h * m[i] +
                       (3 * s2 - 2 * s3) * x[i + 1] + (s3 - s2) * h * m[i + 1];
            };
            const bool end = k == stepsOfSpan;
            places.push_back({end ? r[i + 1] : std::max(0.0, at(r, mr)), end ? y[i + 1] : at(y, my)});
        }
    }
}

/// Flattened, with the numbers of its corners.
std::vector<Vector> placesOf(const std::vector<ProfilePoint>& points, std::vector<size_t>& corners) {
    std::vector<Vector> places;
    if (points.size() < 2)
        return places;
    places.push_back({points[0].r, points[0].y});
    corners.push_back(0);
    for (size_t from = 0; from + 1 < points.size();) {
        size_t to = from + 1;
        while (to + 1 < points.size() && points[to].smooth)
            ++to;
        addRun(points, from, to, places);
        corners.push_back(places.size() - 1);
        from = to;
    }
    return places;
}

/// Between samples; at corners, where both sides have normals of their own, the longer one between them.
Meridian::Place placeAt(const std::vector<Sample>& samples, double v) {
    const auto next = std::ranges::lower_bound(samples, v - same, {}, &Sample::v);
    const auto i = size_t(std::min(next - samples.begin(), std::ssize(samples) - 1));
    const Sample& b = samples[i];
    if (std::fabs(b.v - v) <= same || i == 0) {
        constexpr double sharpest = 0.1;
        const Vector sum = b.before + b.normal;
        const Vector normal = (1 / std::max(sharpest, 1 + plane::dot(b.before, b.normal))) * sum;
        return {b.at.x, b.at.y, normal.x, normal.y};
    }
    const Sample& a = samples[i - 1];
    const double t = (v - a.v) / (b.v - a.v);
    const Vector at = a.at + t * (b.at - a.at), normal = plane::unit(a.normal + t * (b.before - a.normal));
    return {at.x, at.y, normal.x, normal.y};
}

Profile sampled(const std::vector<Vector>& places, const std::vector<size_t>& corners) {
    auto samples = std::make_shared<std::vector<Sample>>();
    Profile profile;
    size_t corner = 0;
    for (size_t i = 0; i < places.size(); ++i) {
        profile.widest = std::max(profile.widest, places[i].x);
        while (corner < corners.size() && corners[corner] < i)
            ++corner;
        const bool isCorner = corner < corners.size() && corners[corner] == i;
        Sample sample{places[i], {}, {}, 0};
        if (!samples->empty()) {
            const double step = plane::length(places[i] - samples->back().at);
            if (step < 1e-9)
                continue;
            sample.v = samples->back().v + step;
        }
        if (i > 0)
            sample.before = normalOf(places[i - 1], places[i]);
        sample.normal = i + 1 < places.size() ? normalOf(places[i], places[i + 1]) : sample.before;
        if (i == 0)
            sample.before = sample.normal;
        if (!isCorner) // a point of a curve
            sample.before = sample.normal = plane::unit(sample.before + sample.normal);
        if (isCorner)
            profile.corners.push_back(sample.v);
        samples->push_back(sample);
    }
    if (samples->size() < 2 || !(profile.widest > same))
        return {};
    // A curve's ends have its own direction there, not that of its first chord.
    for (size_t i = 0; i < samples->size(); ++i) {
        Sample& own = (*samples)[i];
        const auto turned = [&](const Sample& near, Vector chord) {
            return plane::unit(2 * plane::dot(near.normal, chord) * chord - near.normal);
        };
        const bool curvedAfter =
            i + 2 < samples->size() && (*samples)[i + 1].before == (*samples)[i + 1].normal;
        const bool curvedBefore = i > 1 && (*samples)[i - 1].before == (*samples)[i - 1].normal;
        const bool isCorner = !(own.before == own.normal) || i == 0 || i + 1 == samples->size();
        if (!isCorner)
            continue;
        const Vector chordAfter = own.normal, chordBefore = own.before;
        if (curvedAfter)
            own.normal = turned((*samples)[i + 1], chordAfter);
        if (curvedBefore)
            own.before = turned((*samples)[i - 1], chordBefore);
        if (i == 0)
            own.before = own.normal;
        if (i + 1 == samples->size())
            own.normal = own.before;
    }
    profile.meridian.length = samples->back().v;
    profile.meridian.at = [samples](double v) { return placeAt(*samples, v); };
    return profile;
}

} // namespace

Profile profileOf(const std::vector<ProfilePoint>& points) {
    std::vector<size_t> corners;
    const std::vector<Vector> places = placesOf(points, corners);
    return sampled(places, corners);
}

namespace {

bool runsThroughItself(const std::vector<Vector>& line) {
    const auto side = [](Vector a, Vector b, Vector p) { return plane::cross(b - a, p - a); };
    for (size_t i = 0; i + 1 < line.size(); ++i)
        for (size_t j = i + 2; j + 1 < line.size(); ++j) {
            const Vector &a = line[i], &b = line[i + 1], &c = line[j], &d = line[j + 1];
            if (side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0)
                return true;
        }
    return false;
}

} // namespace

bool crossesItself(const std::vector<ProfilePoint>& points) {
    std::vector<size_t> corners;
    const std::vector<Vector> all = placesOf(points, corners);
    std::vector<Vector> places;
    // Every twentieth of a curve is enough to see it.
    for (size_t i = 0; i < all.size(); ++i)
        if (i % 20 == 0 || std::ranges::find(corners, i) != corners.end())
            places.push_back(all[i]);
    if (runsThroughItself(places))
        return true;
    for (size_t i = 1; i + 1 < all.size(); ++i)
        if (!(all[i].x > 0)) // it would be thinner than nothing there
            return true;
    // The flat ends lie across what is between.
    return !places.empty() && std::ranges::any_of(places, [&](Vector p) {
        return (p.y < places.front().y - same && p.x < places.front().x) ||
               (p.y > places.back().y + same && p.x < places.back().x);
    });
}

namespace {

/// The corners of a contour, and points on its curves.
std::vector<ProfilePoint> pointsAlong(const plane::Contour& contour) {
    std::vector<ProfilePoint> points{{contour.start.x, contour.start.y, false}};
    for (const plane::Segment& segment : contour.segments) {
        using Kind = plane::Segment::Kind;
        const Vector from{points.back().r, points.back().y};
        constexpr int parts = 4;
        for (int i = 1; i < parts && segment.kind != Kind::line; ++i) {
            const double t = double(i) / parts, u = 1 - t;
            const Vector at = segment.kind == Kind::quadratic
                                  ? u * u * from + 2 * u * t * segment.first + t * t * segment.end
                                  : u * u * u * from + 3 * u * u * t * segment.first +
                                        3 * u * t * t * segment.second + t * t * t * segment.end;
            points.push_back({at.x, at.y, true});
        }
        points.push_back({segment.end.x, segment.end.y, false});
    }
    return points;
}

} // namespace

std::vector<ProfilePoint> profileFrom(const plane::Outline& drawing) {
    const auto open = std::ranges::find(drawing.contours, true, &plane::Contour::open);
    const bool isLine = open != drawing.contours.end();
    if (drawing.contours.empty())
        return {};
    std::vector<ProfilePoint> points = pointsAlong(isLine ? *open : drawing.contours.front());
    if (!isLine) {
        const auto [left, right] = std::ranges::minmax(points, {}, &ProfilePoint::r);
        const double middle = (left.r + right.r) / 2;
        for (ProfilePoint& point : points)
            point.r -= middle;
        // From the lowest point round the right to the highest
        if (points.size() > 1 && points.front().r == points.back().r && points.front().y == points.back().y)
            points.pop_back();
        constexpr double near = 1e-6;
        const auto rank = [](const ProfilePoint& p) { return std::pair(p.y, -p.r); };
        std::ranges::rotate(points, std::ranges::min_element(points, {}, rank));
        const auto highest = std::ranges::max_element(points, {}, &ProfilePoint::y);
        std::vector<ProfilePoint> up(points.begin(), highest + 1), down(highest, points.end());
        down.push_back(points.front());
        const auto reach = [](const std::vector<ProfilePoint>& chain) {
            return std::ranges::max_element(chain, {}, &ProfilePoint::r)->r;
        };
        std::ranges::reverse(down);
        points = reach(up) >= reach(down) ? up : down;
        std::erase_if(points, [](const ProfilePoint& p) { return p.r < -near; });
    }
    if (points.size() < 2)
        return {};
    if (points.front().y > points.back().y)
        std::ranges::reverse(points);
    const double low = points.front().y;
    for (ProfilePoint& point : points) {
        point.r = std::max(0.0, std::fabs(point.r));
        point.y -= low;
    }
    return profileOf(points).empty() ? std::vector<ProfilePoint>{} : points;
}

namespace {

int stepsOf(const Meridian& meridian) {
    return std::clamp(int(meridian.length / 0.1), 200, 2000);
}
std::vector<Vector> flattened(const Meridian& meridian, int steps) {
    std::vector<Vector> places;
    for (int i = 0; i <= steps; ++i) {
        const Meridian::Place place = meridian.at(meridian.length * i / steps);
        places.push_back({place.r, place.y});
    }
    return places;
}
bool isClear(const std::vector<Vector>& line, Vector p, double distance) {
    constexpr double share = 1 - 2e-3; // of chords
    for (size_t i = 0; i + 1 < line.size(); ++i)
        if (plane::distanceToSegment(p, line[i], line[i + 1]) < distance * share)
            return false;
    return true;
}

} // namespace

bool hasRoom(const Profile& profile, double from, double to, double height) {
    const Meridian& meridian = profile.meridian;
    const std::vector<Vector> line = flattened(meridian, stepsOf(meridian));
    const Meridian::Place first = meridian.at(0), last = meridian.at(meridian.length);
    constexpr int parts = 24;
    for (int i = 0; i <= parts; ++i) {
        const Meridian::Place place =
            meridian.at(std::clamp(from + (to - from) * i / parts, 0.0, meridian.length));
        const Vector p{place.r + height * place.normalR, place.y + height * place.normalY};
        // Into the body it stays between the flat ends too; poles are no ends.
        const bool out =
            height < 0 && ((first.r > same && p.y <= first.y) || (last.r > same && p.y >= last.y));
        if (p.x < 0 || out || !isClear(line, p, std::fabs(height)))
            return false;
    }
    return true;
}

PlaceAt within(const Profile& profile, double wall) {
    const Meridian& outside = profile.meridian;
    const Meridian::Place first = outside.at(0), last = outside.at(outside.length);
    const int steps = stepsOf(outside);
    const std::vector<Vector> outer = flattened(outside, steps);
    struct Near {
        double v;
        Vector at;
    };
    std::vector<Near> kept;
    for (int i = 0; i <= steps; ++i) {
        const double v = outside.length * i / steps;
        const Meridian::Place place = outside.at(v);
        const Vector p{place.r - wall * place.normalR, place.y - wall * place.normalY};
        if (p.x >= 0 && p.y >= first.y && p.y <= last.y && isClear(outer, p, wall))
            kept.push_back({v, p});
    }
    if (kept.size() < 2)
        return {};
    // To where it ends: in the plane of the profile's end, or on the axis.
    const auto endOf = [&](const Near& end, const Near& before, const Meridian::Place& there) -> Vector {
        const Vector way = plane::unit(end.at - before.at);
        if (there.r <= wall)
            return {0, way.x < -1e-6 ? end.at.y - end.at.x / way.x * way.y : end.at.y};
        const double rise = there.y - end.at.y;
        const double t = std::fabs(way.y) > 1e-6 ? rise / way.y : 0;
        return {std::max(0.0, end.at.x + t * way.x), there.y};
    };
    const Vector start = endOf(kept[0], kept[1], first),
                 end = endOf(kept[kept.size() - 1], kept[kept.size() - 2], last);
    auto places = std::make_shared<std::vector<Sample>>();
    const auto add = [&](double v, Vector at) {
        if (!places->empty() && v - places->back().v < same)
            places->back().at = at;
        else
            places->push_back({at, {}, {}, v});
    };
    add(0, start);
    for (const Near& near : kept)
        if (near.v > 0 && near.v < outside.length)
            add(near.v, near.at);
    add(outside.length, end);
    for (size_t i = 0; i < places->size(); ++i) {
        const Vector a = (*places)[i > 0 ? i - 1 : i].at,
                     b = (*places)[std::min(i + 1, places->size() - 1)].at;
        (*places)[i].before = (*places)[i].normal = -1 * normalOf(a, b);
    }
    // Where it cannot be so thick, as in a flange at its end, it would come near the outside or run through
    // itself.
    std::vector<Vector> inner;
    for (const Sample& sample : *places)
        inner.push_back(sample.at);
    constexpr double nearest = 0.5; // of the wall
    for (size_t i = 0; i + 1 < inner.size(); ++i)
        if (!isClear(outer, 0.5 * (inner[i] + inner[i + 1]), nearest * wall))
            return {};
    if (runsThroughItself(inner))
        return {};
    return [places](double v) { return placeAt(*places, v); };
}

Profile ballOf(double diameter) {
    const double radius = diameter / 2;
    Profile ball;
    ball.widest = radius;
    ball.meridian.length = std::numbers::pi * radius;
    ball.corners = {0, ball.meridian.length};
    ball.meridian.at = [radius, length = ball.meridian.length](double v) {
        const bool pole = v <= same || v >= length - 2 * same;
        const double angle = std::clamp(v / radius, 0.0, std::numbers::pi);
        const double s = pole ? 0 : std::sin(angle), c = pole ? (v < radius ? 1 : -1) : std::cos(angle);
        return Meridian::Place{radius * s, radius * (1 - c), s, -c};
    };
    return ball;
}

Profile coneOf(double diameter, double topDiameter, double length) {
    return profileOf({{diameter / 2, 0, false}, {topDiameter / 2, length, false}});
}

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::ProfilePoint>() {
    using blank::ProfilePoint;
    static const PartFields fields =
        std::move(Describing<ProfilePoint>()
                      .number("r", &ProfilePoint::r, Dimension::length, ranges::profile)
                      .about("how far from the axis, mm")
                      .number("y", &ProfilePoint::y, Dimension::length, ranges::position)
                      .about("along the axis, mm")
                      .flag("smooth", &ProfilePoint::smooth)
                      .quiet()
                      .about("a curve goes through it: a centripetal cubic spline; else it is a corner"));
    return fields;
}
