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

Ray rayAt(const Meridian::Place& place, plane::Vector direction) {
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
    const Point low{0, 0}, high{panel.cuts.u.back(), panel.cuts.v.back()};
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

Panel endFace(std::string_view side, const Meridian& meridian, double ownRadius, int strips, bool atEnd) {
    Panel panel;
    panel.front = side;
    panel.back = {};
    const Panel neighbour = revolved(side, meridian, ownRadius, {0, meridian.length}, strips);
    const Meridian::Place place = meridian.at(atEnd ? meridian.length : 0);
    const double up = atEnd ? -1 : 1; // z on the plan
    const std::int32_t v = atEnd ? neighbour.cuts.v.back() : neighbour.cuts.v.front();
    plane::Ring ring;
    for (int i = 0; i < strips; ++i) {
        const Vertex corner = neighbour.frontRay({neighbour.cuts.u[size_t(i)], v}).foot;
        const Point onPlan{plane::toUnits(place.r + corner.x), plane::toUnits(place.r + up * corner.z)};
        ring.push_back(onPlan);
        panel.rim[onPlan] = corner;
    }
    if (!atEnd)
        std::ranges::reverse(ring);
    panel.outline = {{ring}};
    panel.frontRay = [place, up, atEnd](Point p) {
        return Ray{{plane::toMillimetres(p.x) - place.r, place.y, up * (plane::toMillimetres(p.y) - place.r)},
                   {0, atEnd ? 1.0 : -1.0, 0}};
    };
    return panel;
}

} // namespace bollard::blank
