#include "blank/revolved.hpp"
#include <algorithm>

namespace bollard::blank {
namespace {

using plane::Point, space::Vertex;

constexpr double chord_mm = 0.01;

/// The strips' borders on the plan: the circumference is a whole number of grid units, and so is each border.
std::vector<std::int32_t> borders(double ownRadius, int strips) {
    const double turn = plane::toUnits(2 * M_PI * ownRadius);
    std::vector<std::int32_t> u;
    for (int i = 0; i <= strips; ++i)
        u.push_back(plane::onGrid(turn * i / strips));
    return u;
}

/// The way from the axis at a strip's border, as long as 1; the first and last are the same.
plane::Vector directionAt(int border, int strips) {
    const double angle = 2 * M_PI * (border % strips) / strips - M_PI;
    return {std::sin(angle), std::cos(angle)}; // x, z
}

/// Of a side that is seen from within, the way from the axis is the other way at its middle.
Ray rayAt(const Meridian::Place& place, plane::Vector direction) {
    if (place.normalR < 0)
        direction.y = -direction.y;
    return {{place.r * direction.x, place.y, place.r * direction.y},
            {place.normalR * direction.x, place.normalY, place.normalR * direction.y}};
}

} // namespace

int stripsOf(double radius, double tallest) {
    constexpr double most = 4000;
    const double outermost = radius + std::max(tallest, 0.0);
    const double chords = M_PI / std::acos(1 - std::min(1.0, chord_mm / outermost));
    const double twist = tallest > 0 ? 2 * M_PI * tallest / (4 * chord_mm) : 0;
    constexpr int least = 12;
    return std::max(least, int(std::ceil(std::min(most, std::max(chords, twist)))));
}

Panel revolved(std::string_view side, const Meridian& meridian, double ownRadius,
               const std::vector<double>& cuts, int strips) {
    Panel panel;
    panel.front = side;
    panel.back = {};
    panel.cuts.u = borders(ownRadius, strips);
    for (const double v : cuts)
        panel.cuts.v.push_back(plane::toUnits(v));
    panel.cuts.around = true;
    const Point low{0, panel.cuts.v.front()}, high{panel.cuts.u.back(), panel.cuts.v.back()};
    panel.outline = {{{low, {high.x, low.y}, high, {low.x, high.y}}}};
    // Within a strip everything lies on its chord, so that walls and tops of neighbours meet exactly.
    panel.frontRay = [meridian, strips, u = panel.cuts.u](Point p) {
        const auto next = std::ranges::upper_bound(u, p.x);
        const int strip = std::clamp(int(next - u.begin()) - 1, 0, strips - 1);
        const double from = u[size_t(strip)], to = u[size_t(strip) + 1];
        const double t = (p.x - from) / (to - from);
        const Meridian::Place place = meridian.at(plane::toMillimetres(p.y));
        if (t <= 0 || t >= 1)
            return rayAt(place, directionAt(t <= 0 ? strip : strip + 1, strips));
        const Ray a = rayAt(place, directionAt(strip, strips)),
                  b = rayAt(place, directionAt(strip + 1, strips));
        return Ray{a.foot + t * (b.foot - a.foot), a.along + t * (b.along - a.along)};
    };
    return panel;
}

Panel endFace(std::string_view side, const Meridian& meridian, double ownRadius, int strips, bool atEnd,
              const Panel* bore) {
    Panel panel;
    panel.front = side;
    panel.back = {};
    const Panel neighbour = revolved(side, meridian, ownRadius, {0, meridian.length}, strips);
    const Meridian::Place place = meridian.at(atEnd ? meridian.length : 0);
    const double up = atEnd ? -1 : 1; // z on the plan
    const std::int32_t v = atEnd ? neighbour.cuts.v.back() : neighbour.cuts.v.front();
    const auto rimOf = [&](const Panel& beside, std::int32_t at) {
        plane::Ring ring;
        for (size_t i = 0; i + 1 < beside.cuts.u.size(); ++i) {
            const Vertex corner = beside.frontRay({beside.cuts.u[i], at}).foot;
            const Point onPlan{plane::toUnits(ownRadius + corner.x),
                               plane::toUnits(ownRadius + up * corner.z)};
            ring.push_back(onPlan);
            panel.rim[onPlan] = corner;
        }
        return ring;
    };
    const auto turned = [](plane::Ring ring, bool counterClockwise) {
        if ((plane::areaOf(ring) > 0) != counterClockwise)
            std::ranges::reverse(ring);
        return ring;
    };
    panel.outline = {{turned(rimOf(neighbour, v), true)}};
    if (bore)
        panel.outline.rings.push_back(
            turned(rimOf(*bore, atEnd ? bore->cuts.v.back() : bore->cuts.v.front()), false));
    panel.frontRay = [place, ownRadius, up, atEnd](Point p) {
        return Ray{
            {plane::toMillimetres(p.x) - ownRadius, place.y, up * (plane::toMillimetres(p.y) - ownRadius)},
            {0, atEnd ? 1.0 : -1.0, 0}};
    };
    return panel;
}

double heightOf(const Edge& edge) {
    const double height =
        edge.kind == EdgeKind::chamfer ? edge.size * std::tan(edge.slope * M_PI / 180) : edge.size;
    return edge.kind == EdgeKind::crisp ? 0 : plane::toMillimetres(plane::toUnits(height));
}

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
    places.back().y = y + into * up;
    if (atEnd)
        std::ranges::reverse(places);
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

} // namespace bollard::blank
