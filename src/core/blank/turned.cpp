#include "blank/profile.hpp"
#include "blank/shape.hpp"

namespace bollard::blank {
namespace {

constexpr double leastRadius = 1e-4; // mm: below it there is no end, but a pole

struct TurnedBody {
    Profile profile{};
    double wall = 0;      ///< 0: it is solid
    bool rounded = false; ///< its profile bends
    bool concave = false; ///< or may do so inwards
    bool crossed = false; ///< it runs through itself
};

TurnedBody ball(const Blank& b) {
    return {ballOf(b.diameter), 0, true, false, false};
}
TurnedBody cone(const Blank& b) {
    return {coneOf(b.diameter, b.topDiameter, b.length), 0, false, false, false};
}
TurnedBody turnedBody(const Blank& b) {
    return {profileOf(b.profile), b.wall, true, true, crossesItself(b.profile)};
}

Meridian::Place endOf(const TurnedBody& body, bool atEnd) {
    return body.profile.meridian.at(atEnd ? body.profile.meridian.length : 0);
}

std::vector<Panel> panelsOf(const TurnedBody& body, const Rise& rise) {
    if (body.profile.empty() || body.crossed)
        return {};
    const Meridian& outside = body.profile.meridian;
    const double tolerance = body.rounded ? chord_mm / 2 : chord_mm;
    const int strips = stripsOf(body.profile.widest, rise, tolerance);
    const PlaceAt inside = body.wall > 0 ? within(body.profile, body.wall) : PlaceAt{};
    if (body.wall > 0 && !inside)
        return {};
    std::vector<double> bands = bandsOf(outside.at, body.profile.corners, rise, tolerance);
    std::vector<Panel> panels{revolved("outside", outside, body.profile.widest, bands, strips)};
    Panel& round = panels.front();
    if (body.concave)
        round.hasRoom = [profile = body.profile](double from, double to, double height) {
            return blank::hasRoom(profile, from, to, height);
        };
    if (inside) {
        round.countsApart = true;
        makeHollow(round, "hollow", inside, body.profile.widest, body.wall);
    }
    std::vector<Panel> ends;
    for (const bool atEnd : {false, true})
        if (endOf(body, atEnd).r > leastRadius) {
            const bool open = inside && inside(atEnd ? outside.length : 0).r > leastRadius;
            ends.push_back(endFace(atEnd ? "end" : "start", round, endOf(body, atEnd).r, atEnd,
                                   open ? &round : nullptr));
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
        if (side == "outside")
            return plane::Outline{{plane::roundedRectangle(
                {0, 0}, {2 * M_PI * body.profile.widest, body.profile.meridian.length}, 0)}};
        const double radius = endOf(body, side == "end").r;
        return plane::Outline{{plane::circle({radius, radius}, radius)}};
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
