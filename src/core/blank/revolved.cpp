#include "blank/revolved.hpp"
#include "blank/chords.hpp"

namespace bollard::blank {
namespace {

using plane::Point, space::Vertex;

/// The way from the axis, as long as 1, at a share of the turn.
plane::Vector directionAt(double share) {
    const double angle = 2 * M_PI * share - M_PI;
    return {std::sin(angle), std::cos(angle)}; // x, z
}

Ray rayAt(const Meridian::Place& place, plane::Vector direction) {
    return {{place.r * direction.x, place.y, place.r * direction.y},
            {place.normalR * direction.x, place.normalY, place.normalR * direction.y}};
}

std::function<Ray(Point)> raysOf(const Strips& strips, PlaceAt placeAt) {
    return onChords(strips.ends, [placeAt = std::move(placeAt), directions = strips.directions](double y) {
        return [place = placeAt(y), &directions](int end) { return rayAt(place, directions[size_t(end)]); };
    });
}

/// Where the line between two of its places is straight.
std::optional<Swept> sweptBy(const PlaceAt& placeAt, double from, double to, bool mirrored) {
    const Meridian::Place a = placeAt(from), b = placeAt(to);
    if (!(to > from))
        return std::nullopt;
    Swept swept;
    swept.rise = (b.r - a.r) / (to - from);
    swept.along = (b.y - a.y) / (to - from);
    swept.r = a.r - swept.rise * from;
    swept.y = a.y - swept.along * from;
    swept.normalR = a.normalR;
    swept.normalY = a.normalY;
    swept.mirrored = mirrored;
    constexpr int places = 8;
    constexpr double even = 6e-5; // a line's end is that of the plan, on the grid
    constexpr double alike = 1e-9;
    for (int i = 0; i <= places; ++i) {
        const double v = from + (to - from) * i / places;
        const Meridian::Place place = placeAt(v);
        if (std::fabs(place.r - swept.r - swept.rise * v) > even ||
            std::fabs(place.y - swept.y - swept.along * v) > even ||
            std::hypot(place.normalR - a.normalR, place.normalY - a.normalY) > alike)
            return std::nullopt;
    }
    return swept;
}

/// The ring of corners at one of its ends, in front or at its back.
std::vector<Vertex> rimOf(const Panel& panel, bool behind, bool atEnd) {
    std::vector<Vertex> corners;
    for (size_t i = 0; i + 1 < panel.cuts.u.size(); ++i)
        corners.push_back(
            standOn(panel, behind, {panel.cuts.u[i], atEnd ? panel.cuts.v.back() : panel.cuts.v.front()})
                .foot);
    return corners;
}

} // namespace

int stripCount(double radius, const Rise& rise, double tolerance) {
    constexpr double most = 4000;
    const double outermost = radius + rise.tallest;
    const double chords = M_PI / std::acos(1 - std::min(1.0, tolerance / outermost));
    const double twist = 2 * M_PI * rise.sloping / (4 * chord_mm);
    constexpr int least = 12;
    const int strips = std::max(least, int(std::ceil(std::min(most, std::max(chords, twist)))));
    return (strips + 3) / 4 * 4; // alike at all quarters
}

Strips stripsOf(double radius, const Rise& rise, double tolerance) {
    const int count = stripCount(radius, rise, tolerance);
    const std::int32_t turn = plane::toUnits(2 * M_PI * radius); // a whole number of grid units
    Strips strips;
    if (rise.ends.empty()) {
        for (int i = 0; i <= count; ++i) {
            strips.ends.push_back(plane::onGrid(double(turn) * i / count));
            strips.directions.push_back(directionAt(double(i % count) / count));
        }
        return strips;
    }
    std::vector<std::int32_t> ends = rise.ends;
    ends.push_back(ends.front() + turn);
    for (size_t i = 0; i + 1 < ends.size(); ++i) {
        const double wide = double(ends[i + 1]) - ends[i];
        const int parts = std::max(1, int(std::ceil(wide * count / turn)));
        for (int k = 0; k < parts; ++k)
            strips.ends.push_back(ends[i] + plane::onGrid(wide * k / parts));
    }
    for (const std::int32_t end : strips.ends)
        strips.directions.push_back(directionAt(double(end) / turn));
    strips.ends.push_back(ends.back());
    strips.directions.push_back(strips.directions.front());
    return strips;
}

Strips Strips::mirrored() const {
    Strips seen{{}, {directions.rbegin(), directions.rend()}};
    const std::int32_t turn = ends.back() - ends.front();
    for (auto end = ends.rbegin(); end != ends.rend(); ++end)
        seen.ends.push_back(turn - *end);
    return seen;
}

std::vector<double> bandsOf(const PlaceAt& placeAt, const std::vector<double>& borders, const Rise& rise,
                            double tolerance) {
    const auto deviates = [&](double from, double to) {
        const Meridian::Place a = placeAt(from), b = placeAt(to), m = placeAt((from + to) / 2);
        const double between =
            std::acos(std::clamp(a.normalR * b.normalR + a.normalY * b.normalY, -1.0, 1.0));
        if (between * rise.sloping / 4 > chord_mm)
            return true;
        for (const double h : {-rise.tallest, 0.0, rise.tallest}) {
            const auto at = [h](const Meridian::Place& p) {
                return plane::Vector{p.r + h * p.normalR, p.y + h * p.normalY};
            };
            if (plane::distanceToSegment(at(m), at(a), at(b)) > tolerance)
                return true;
        }
        return false;
    };
    std::vector<double> bands{borders.front()};
    for (size_t i = 0; i + 1 < borders.size(); ++i) {
        const double from = borders[i], to = borders[i + 1];
        if (!deviates(from, to)) {
            bands.push_back(to);
            continue;
        }
        // How many bands it takes up to each of many places, the steps there as wide as they may be.
        constexpr int places = 96;
        std::vector<double> count{0};
        for (int k = 0; k < places; ++k) {
            const double at = from + (to - from) * k / places;
            double fine = 0, coarse = (to - from) / 2;
            constexpr int halvings = 14;
            for (int round = 0; round < halvings; ++round) {
                const double step = (fine + coarse) / 2, middle = at + (to - from) / places / 2;
                const double low = std::clamp(middle - step / 2, from, to - step);
                (deviates(low, low + step) ? coarse : fine) = step;
            }
            constexpr double finest = 1e-3;
            count.push_back(count.back() + (to - from) / places / std::max(fine, finest));
        }
        const int parts = std::max(2, int(std::ceil(count.back())));
        for (int k = 1; k < parts; ++k) {
            const double wanted = count.back() * k / parts;
            const auto next = size_t(std::ranges::upper_bound(count, wanted) - count.begin());
            const double t = (wanted - count[next - 1]) / (count[next] - count[next - 1]);
            bands.push_back(from + (to - from) * (double(next - 1) + t) / places);
        }
        bands.push_back(borders[i + 1]);
    }
    return bands;
}

Panel revolved(std::string_view side, const Meridian& meridian, double ownRadius,
               const std::vector<double>& cuts, const Strips& strips, bool ofHollow) {
    const Strips own = ofHollow ? strips.mirrored() : strips;
    Panel panel;
    panel.front = side;
    panel.back = {};
    panel.cuts.u = own.ends;
    for (const double v : cuts)
        panel.cuts.v.push_back(plane::toUnits(v));
    panel.cuts.around = true;
    panel.turned = true;
    const Point low{panel.cuts.u.front(), panel.cuts.v.front()},
        high{panel.cuts.u.back(), panel.cuts.v.back()};
    panel.outline = {{{low, {high.x, low.y}, high, {low.x, high.y}}}};
    panel.frontRay = raysOf(own, meridian.at);
    panel.frontRadius = {ownRadius, [at = meridian.at](double v) { return at(v).r; }};
    panel.frontSwept = sweptBy(meridian.at, plane::toMillimetres(panel.cuts.v.front()),
                               plane::toMillimetres(panel.cuts.v.back()), ofHollow);
    return panel;
}

void makeHollow(Panel& panel, std::string_view side, PlaceAt inside, double ownRadius, double thickness,
                const Strips& strips) {
    panel.back = side;
    panel.joined = true;
    panel.backRadius = {ownRadius, [inside](double v) { return inside(v).r; }};
    panel.backSwept = sweptBy(inside, plane::toMillimetres(panel.cuts.v.front()),
                              plane::toMillimetres(panel.cuts.v.back()), false);
    panel.backRay = raysOf(strips, std::move(inside));
    panel.thickness = panel.countsApart ? countedApart : thickness;
}

namespace {

/// A flat side across the axis where `around` ends, whose normal points along +y or not.
Panel acrossAxis(std::string_view side, const Panel& around, double ownRadius, bool atEnd, bool upwards,
                 const Panel* bore) {
    Panel panel;
    panel.front = side;
    panel.back = {};
    const double up = upwards ? -1 : 1; // z on the plan
    const auto ringOf = [&](const std::vector<Vertex>& corners, bool counterClockwise) {
        plane::Ring ring;
        for (const Vertex& corner : corners) {
            const Point onPlan{plane::toUnits(ownRadius + corner.x),
                               plane::toUnits(ownRadius + up * corner.z)};
            ring.push_back(onPlan);
            panel.rim[onPlan] = corner;
        }
        if ((plane::areaOf(ring) > 0) != counterClockwise)
            std::ranges::reverse(ring);
        return ring;
    };
    const std::vector<Vertex> rim = rimOf(around, false, atEnd);
    panel.outline = {{ringOf(rim, true)}};
    if (bore)
        panel.outline.rings.push_back(ringOf(rimOf(*bore, bore->wall(), atEnd), false));
    panel.frontRay = [y = rim.front().y, ownRadius, up, upwards](Point p) {
        return Ray{{plane::toMillimetres(p.x) - ownRadius, y, up * (plane::toMillimetres(p.y) - ownRadius)},
                   {0, upwards ? 1.0 : -1.0, 0}};
    };
    return panel;
}

} // namespace

Panel endFace(std::string_view side, const Panel& around, double ownRadius, bool atEnd, const Panel* bore) {
    return acrossAxis(side, around, ownRadius, atEnd, atEnd, bore);
}

Panel floorOf(std::string_view side, const Panel& hollow, double ownRadius, bool atEnd) {
    return acrossAxis(side, hollow, ownRadius, atEnd, !atEnd, nullptr);
}

double heightOf(const Edge& edge) {
    const double height =
        edge.kind == EdgeKind::chamfer ? edge.size * std::tan(edge.slope * M_PI / 180) : edge.size;
    return edge.kind == EdgeKind::crisp ? 0 : plane::toMillimetres(plane::toUnits(height));
}

namespace {

/// The line through some places, cut at each.
BrokenEdge through(std::vector<Meridian::Place> places) {
    BrokenEdge broken;
    for (size_t i = 0; i < places.size(); ++i) {
        const double before = broken.cuts.empty() ? 0 : broken.cuts.back();
        const double step =
            i == 0 ? 0 : std::hypot(places[i].r - places[i - 1].r, places[i].y - places[i - 1].y);
        broken.cuts.push_back(plane::toMillimetres(plane::toUnits(before + step)));
        const double size = std::hypot(places[i].normalR, places[i].normalY);
        places[i].normalR /= size;
        places[i].normalY /= size;
    }
    broken.meridian.length = broken.cuts.back();
    broken.meridian.at = [places, cuts = broken.cuts](double v) {
        const auto next = std::ranges::lower_bound(cuts, v - 1e-9);
        if (next == cuts.end())
            return places.back();
        const auto i = size_t(next - cuts.begin());
        if (i == 0 || *next - v < 1e-9)
            return places[i];
        const double t = (v - cuts[i - 1]) / (cuts[i] - cuts[i - 1]);
        const Meridian::Place &a = places[i - 1], &b = places[i];
        return Meridian::Place{a.r + t * (b.r - a.r), a.y + t * (b.y - a.y),
                               a.normalR + t * (b.normalR - a.normalR),
                               a.normalY + t * (b.normalY - a.normalY)};
    };
    return broken;
}

} // namespace

BrokenEdge brokenEdge(const Edge& edge, double radius, double y, bool atEnd) {
    // Places from the end face to the side, and the way out between them.
    std::vector<Meridian::Place> places;
    const double across = edge.size, up = heightOf(edge), into = atEnd ? -1 : 1;
    int steps = 1;
    if (edge.kind == EdgeKind::round)
        steps = std::max(2, int(std::ceil(M_PI / 4 / std::acos(1 - std::min(0.5, chord_mm / across)))));
    for (int i = 0; i <= steps; ++i) {
        const double angle = M_PI / 2 * i / steps, s = std::sin(angle), c = std::cos(angle);
        if (edge.kind == EdgeKind::round)
            places.push_back({radius - across * (1 - s), y + into * up * (1 - c), s, -into * c});
        else
            places.push_back({radius - across * (1 - double(i)), y + into * up * i, up, -into * across});
    }
    places.back().r = radius; // exactly, so that the side's rim is the same
    places.back().y = plane::toMillimetres(plane::toUnits(y + into * up));
    if (atEnd)
        std::ranges::reverse(places);
    return through(std::move(places));
}

namespace {

/// Where the side is at its end or some way from it, as its plan has it: on the grid.
Meridian::Place fromEnd(const Meridian& outside, bool atEnd, double along) {
    return outside.at(plane::toMillimetres(plane::toUnits(atEnd ? outside.length - along : along)));
}

/// The angle within the material between the side and its end face.
double angleAt(const Meridian& outside, bool atEnd) {
    const Meridian::Place end = fromEnd(outside, atEnd, 0);
    // The way along the side, away from the end; the face runs towards the axis.
    return std::acos(
        std::clamp((atEnd ? -1 : 1) * end.normalY / std::hypot(end.normalR, end.normalY), -1.0, 1.0));
}

} // namespace

EdgeReach reachOf(const Edge& edge, const Meridian& outside, bool atEnd) {
    if (edge.kind != EdgeKind::chamfer && edge.kind != EdgeKind::round)
        return {};
    if (edge.kind == EdgeKind::chamfer)
        return {heightOf(edge), edge.size};
    const double touches = edge.size / std::tan(angleAt(outside, atEnd) / 2);
    return {plane::toMillimetres(plane::toUnits(touches)), touches};
}

BrokenEdge brokenEdge(const Edge& edge, const Meridian& outside, bool atEnd) {
    const EdgeReach reach = reachOf(edge, outside, atEnd);
    const Meridian::Place end = fromEnd(outside, atEnd, 0), side = fromEnd(outside, atEnd, reach.along);
    const plane::Vector face{end.r - reach.across, end.y}, to{side.r, side.y};
    std::vector<Meridian::Place> places;
    if (edge.kind == EdgeKind::chamfer) {
        const plane::Vector way = to - face;
        const double turn = atEnd ? -1 : 1;
        const Meridian::Place from{face.x, face.y, turn * way.y, -turn * way.x};
        places = {from, {to.x, to.y, from.normalR, from.normalY}};
    } else {
        // An arc that touches both: of a circle where the side is straight. About the corner of their
        // tangents.
        const plane::Vector along{-side.normalY, side.normalR}; // upwards
        const double t = std::fabs(along.y) > 1e-9 ? (end.y - side.y) / along.y : 0;
        const plane::Vector corner = to + t * along;
        const double turned = std::acos(std::clamp((atEnd ? 1 : -1) * side.normalY, -1.0, 1.0)),
                     weight = std::cos(turned / 2);
        const int steps = std::max(
            2, int(std::ceil(turned / 2 /
                             std::acos(1 - std::min(0.5, chord_mm / std::max(edge.size, chord_mm))))));
        for (int i = 0; i <= steps; ++i) {
            const double u = double(i) / steps, a = (1 - u) * (1 - u), b = 2 * u * (1 - u) * weight,
                         c = u * u;
            const plane::Vector at = 1 / (a + b + c) * (a * face + b * corner + c * to);
            const double share = turned * u, towards = atEnd ? 1 : -1; // of the normals, from the face's
            const double first = std::sin(turned - share) / std::sin(turned),
                         last = std::sin(share) / std::sin(turned);
            places.push_back({at.x, at.y, last * side.normalR, first * towards + last * side.normalY});
        }
    }
    places.back() = {side.r, side.y, places.back().normalR, places.back().normalY}; // the side's rim, exactly
    if (atEnd)
        std::ranges::reverse(places);
    return through(std::move(places));
}

} // namespace bollard::blank
