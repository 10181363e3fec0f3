#include "blank/profile.hpp"
#include "blank/shape.hpp"
#include "quantity/kept.hpp"

namespace bollard::blank {
namespace {

constexpr double leastRadius = 1e-4; // mm: below it there is no end, but a pole

struct TurnedBody {
    Profile profile{};
    double wall = 0;      ///< 0: it is solid
    bool rounded = false; ///< its profile bends
    bool narrow = false;  ///< what is worked may run into its other parts or out of its ends
    bool crossed = false; ///< it runs through itself
    AxisHole hole{};
    Edge edge{}; ///< of its ends
};

Meridian::Place endOf(const TurnedBody& body, bool atEnd) {
    return body.profile.meridian.at(atEnd ? body.profile.meridian.length : 0);
}

/// How long the first or last stretch between its corners is, mm.
double shortestBeside(const TurnedBody& body, bool atEnd) {
    const std::vector<double>& corners = body.profile.corners;
    if (corners.size() < 2)
        return body.profile.meridian.length;
    return atEnd ? corners.back() - corners[corners.size() - 2] : corners[1] - corners[0];
}

/// Its edge, no larger than its ends and its side have room for.
Edge edgeFor(const TurnedBody& body, const Edge& edge) {
    if (body.profile.empty() || body.wall > 0 || edge.kind == EdgeKind::draft)
        return {};
    Edge own = edge;
    const Meridian& outside = body.profile.meridian;
    for (const bool atEnd : {false, true}) {
        const Meridian::Place end = endOf(body, atEnd);
        if (end.r <= leastRadius)
            continue;
        // A face that the side runs into nearly flat has no edge.
        const double slant = std::fabs(end.normalY) / std::hypot(end.normalR, end.normalY);
        constexpr double flat = 0.9;
        if (slant > flat)
            return {};
        const EdgeReach whole = reachOf(own, outside, atEnd);
        const double room = std::min(outside.length / 2, shortestBeside(body, atEnd)) - uprightLeft,
                     across = end.r - body.hole.diameter / 2 - uprightLeft;
        const double share = std::min(
            {1.0, room / std::max(whole.along, leastEdge), across / std::max(whole.across, leastEdge)});
        own.size *= std::max(share, 0.0);
    }
    return own.kind == EdgeKind::crisp || own.size < leastEdge ? Edge{} : own;
}

TurnedBody edged(TurnedBody body, const Edge& edge) {
    body.edge = edgeFor(body, edge);
    return body;
}
TurnedBody ball(const Blank& b) {
    return {ballOf(b.diameter), 0, true, false, false, b.axisHole, {}};
}
TurnedBody cone(const Blank& b) {
    return edged({coneOf(b.diameter, b.topDiameter, b.length), 0, false, true, false, b.axisHole, {}},
                 b.edge);
}
/// What a drawn profile is, which takes a while to find out and is asked for often.
struct DrawnProfile {
    Profile profile{};
    bool crossed = false;
};
std::shared_ptr<const DrawnProfile> drawnProfile(const std::vector<ProfilePoint>& points) {
    constexpr size_t lately = 8;
    static quantity::Kept<std::vector<ProfilePoint>, std::shared_ptr<const DrawnProfile>> known(lately);
    return known.of(points, [&] {
        return std::make_shared<const DrawnProfile>(DrawnProfile{profileOf(points), crossesItself(points)});
    });
}

TurnedBody turnedBody(const Blank& b) {
    const auto drawn = drawnProfile(b.profile);
    return edged(
        {drawn->profile, b.wall, true, true, drawn->crossed, b.wall > 0 ? AxisHole{} : b.axisHole, {}},
        b.edge);
}

/// How far its edge reaches from that end.
EdgeReach edgeAt(const TurnedBody& body, bool atEnd) {
    return endOf(body, atEnd).r > leastRadius ? reachOf(body.edge, body.profile.meridian, atEnd)
                                              : EdgeReach{};
}

/// Where the body ends: at a face, or where its hole opens in a pole.
AxisEnd axisEndOf(const TurnedBody& body, bool atEnd) {
    const Meridian& outside = body.profile.meridian;
    const bool through = !(body.hole.depth > 0);
    const bool opens = body.hole.diameter > 0 && (through || body.hole.fromEnd == atEnd);
    AxisEnd end{atEnd ? outside.length : 0, endOf(body, atEnd)};
    if (!opens || end.place.r > leastRadius)
        return end;
    // From the pole outwards to where it is as wide
    double near = end.v, far = near;
    const double step = (atEnd ? -1 : 1) * outside.length / 200;
    while (far + step >= 0 && far + step <= outside.length && outside.at(far).r < body.hole.diameter / 2)
        far += step;
    constexpr int halvings = 40;
    for (int i = 0; i < halvings; ++i) {
        const double middle = (near + far) / 2;
        (outside.at(middle).r < body.hole.diameter / 2 ? near : far) = middle;
    }
    end.v = plane::toMillimetres(plane::toUnits(far));
    end.place = outside.at(end.v);
    return end;
}

/// Whether something is left round its hole.
bool holdsHole(const TurnedBody& body, const AxisEnd& start, const AxisEnd& end) {
    const double radius = body.hole.diameter / 2;
    constexpr double leastLeft = 0.01; // mm
    for (const AxisEnd* at : {&start, &end}) {
        const bool isPole = at->v > 0 && at->v < body.profile.meridian.length;
        if (!isPole && at->place.r > leastRadius && at->place.r < radius + leastLeft)
            return false;
    }
    constexpr int steps = 200;
    for (int i = 1; i < steps; ++i) {
        const auto place = body.profile.meridian.at(start.v + (end.v - start.v) * i / steps);
        const double from = body.hole.fromEnd ? end.place.y - place.y : place.y - start.place.y;
        const bool beside = !(body.hole.depth > 0) || from < body.hole.depth + leastLeft;
        if (beside && place.r < radius)
            return false;
    }
    return end.v - start.v > leastLeft;
}

std::vector<Panel> panelsOf(const TurnedBody& body, const Rise& rise) {
    if (body.profile.empty() || body.crossed)
        return {};
    const Meridian& outside = body.profile.meridian;
    const double tolerance = body.rounded ? chord_mm / 2 : chord_mm;
    const Strips strips = stripsOf(body.profile.widest, rise, tolerance);
    const PlaceAt inside = body.wall > 0 ? within(body.profile, body.wall) : PlaceAt{};
    if (body.wall > 0 && !inside)
        return {};
    const AxisEnd start = axisEndOf(body, false), end = axisEndOf(body, true);
    if (body.hole.diameter > 0 && !holdsHole(body, start, end))
        return {};
    const double from = start.v + edgeAt(body, false).along, to = end.v - edgeAt(body, true).along;
    std::vector<double> borders{from};
    for (const double corner : body.profile.corners)
        if (corner > from && corner < to)
            borders.push_back(corner);
    borders.push_back(to);
    std::vector<double> bands = bandsOf(outside.at, borders, rise, tolerance);
    std::vector<Panel> panels{revolved("outside", outside, body.profile.widest, bands, strips)};
    Panel& round = panels.front();
    if (body.narrow)
        round.hasRoom = [profile = body.profile](double low, double high, double height) {
            return blank::hasRoom(profile, low, high, height);
        };
    if (inside) {
        round.countsApart = true;
        makeHollow(round, "hollow", inside, body.profile.widest, body.wall, strips);
    }
    const DrilledAlong drilled = drilledAlong(body.hole, start, end, body.profile.widest, strips);
    std::vector<Panel> ends = drilled.panels;
    for (const bool atEnd : {false, true}) {
        if (endOf(body, atEnd).r <= leastRadius)
            continue;
        const Panel* around = &panels.front();
        if (edgeAt(body, atEnd).along > 0) {
            const BrokenEdge edge = brokenEdge(body.edge, outside, atEnd);
            ends.push_back(revolved(atEnd ? "edge at the end" : "edge at the start", edge.meridian,
                                    body.profile.widest, edge.cuts, strips));
            around = &ends.back();
        }
        const bool open = inside && inside(atEnd ? outside.length : 0).r > leastRadius;
        const bool drilledHere = atEnd ? drilled.opensAtEnd : drilled.opensAtStart;
        const Panel* const bore = open ? &round : drilledHere ? &drilled.panels.front() : nullptr;
        Panel face = endFace(atEnd ? "end" : "start", *around, endOf(body, atEnd).r, atEnd, bore);
        ends.push_back(std::move(face));
    }
    std::ranges::move(ends, std::back_inserter(panels));
    return panels;
}

template<TurnedBody (*bodyOf)(const Blank&)>
Shape turnedShape(Kind kind, std::string_view name, std::vector<std::string_view> sides) {
    Shape shape;
    shape.kind = kind;
    shape.name = name;
    shape.sides = std::move(sides);
    shape.sizeOf = [](const Blank& b, std::string_view side) {
        const TurnedBody body = bodyOf(b);
        if (body.profile.empty())
            return plane::Vector{};
        if (side == "outside")
            return plane::Vector{2 * M_PI * body.profile.widest, body.profile.meridian.length};
        const double across = 2 * endOf(body, side == "end").r;
        return plane::Vector{across, across};
    };
    shape.outlineOf = [](const Blank& b, std::string_view side) {
        const TurnedBody body = bodyOf(b);
        if (body.profile.empty())
            return plane::Outline{};
        if (side == "outside") // without what a hole takes of its poles, and edges of its ends
            return plane::Outline{{plane::roundedRectangle(
                {0, axisEndOf(body, false).v + edgeAt(body, false).along},
                {2 * M_PI * body.profile.widest, axisEndOf(body, true).v - edgeAt(body, true).along}, 0)}};
        const double radius = endOf(body, side == "end").r;
        return plane::Outline{{plane::circle({radius, radius}, radius - edgeAt(body, side == "end").across)}};
    };
    shape.depthBehind = [](const Blank& b, std::string_view side, double) {
        const TurnedBody body = bodyOf(b);
        if (body.profile.empty())
            return 0.0;
        if (side == "outside")
            return body.wall > 0 ? body.wall : 2 * body.profile.widest;
        return endOf(body, true).y - endOf(body, false).y;
    };
    shape.ownHole = [](const Blank& b, std::string_view side) {
        const TurnedBody body = bodyOf(b);
        const double radius = side == "outside" || body.profile.empty() ? 0 : endOf(body, side == "end").r;
        if (radius > 0 && body.hole.diameter > 0) {
            const bool opens = !(body.hole.depth > 0) || body.hole.fromEnd == (side == "end");
            return Hole{radius, radius, opens ? body.hole.diameter : 0};
        }
        if (!(body.wall > 0) || radius <= body.wall)
            return Hole{0, 0, 0};
        const PlaceAt inside = within(body.profile, body.wall);
        const double hole = inside ? inside(side == "end" ? body.profile.meridian.length : 0).r : 0;
        return Hole{radius, radius, 2 * hole};
    };
    shape.round = {"outside"};
    shape.radiusOf = [](const Blank& b, std::string_view side) {
        const TurnedBody body = bodyOf(b);
        if (side != "outside" || body.profile.empty())
            return Radius{};
        return Radius{body.profile.widest, [at = body.profile.meridian.at](double v) { return at(v).r; }};
    };
    shape.panelsOf = [](const Blank& b, const Rise& rise) { return panelsOf(bodyOf(b), rise); };
    if (kind != Kind::sphere) // it has no ends
        shape.edgeOf = [](const Blank& b) { return bodyOf(b).edge; };
    return shape;
}

} // namespace

Shape cone() {
    return turnedShape<cone>(Kind::cone, "cone", {"outside", "start", "end"});
}
Shape sphere() {
    return turnedShape<ball>(Kind::sphere, "sphere", {"outside"});
}
Shape turned() {
    return turnedShape<turnedBody>(Kind::turned, "turned", {"outside", "start", "end"});
}

} // namespace bollard::blank
