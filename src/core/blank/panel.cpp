#include "blank/panel.hpp"
#include <limits>

namespace bollard::blank {

space::Vertex Swept::at(double x, double planY, double turn, double height) const {
    const double far = r + rise * planY + height * normalR, a = angle(x, turn);
    return {far * std::sin(a), y + along * planY + height * normalY, far * std::cos(a)};
}

plane::Region Drawn::unstretched(const plane::Region& region) const {
    return plane::shifted(mirrored ? plane::mirrored(region) : region, {shift, 0});
}

plane::Box Drawn::unstretched(const plane::Box& box) const {
    const plane::Point by{shift, 0};
    return mirrored ? plane::Box{plane::Point{-box.high.x, box.low.y} + by,
                                 plane::Point{-box.low.x, box.high.y} + by}
                    : plane::Box{box.low + by, box.high + by};
}

Ray standOn(const Panel& panel, bool behind, plane::Point onPlan) {
    const plane::Point p{panel.cuts.within(onPlan.x), onPlan.y};
    if (behind && panel.backRay)
        return panel.backRay(p);
    const double x = plane::toMillimetres(p.x), y = plane::toMillimetres(p.y);
    Ray ray = panel.frontRay ? panel.frontRay(p) : Ray{{x, y, 0}, {0, 0, 1}};
    if (behind) {
        const double thickness = panel.backRise == 0 ? panel.thickness : panel.backFrom - panel.backRise * x;
        ray = {ray.at(-thickness), -1 * ray.along};
    }
    return ray;
}

Drawn drawnOn(const Panel& panel, bool behind, double x, double y) {
    const Radius& radius = behind ? panel.backRadius : panel.frontRadius;
    Drawn drawn;
    drawn.mirrored = behind;
    if (behind)
        drawn.stretch = panel.backStretch;
    if (!(radius.own > 0)) {
        const plane::Box whole = plane::boxOf(panel.outline);
        drawn.shift = behind ? whole.low.x + whole.high.x : 0;
        return drawn;
    }
    const double here = std::max(radius.at(y), leastNarrowing * radius.own), share = here / radius.own;
    drawn.stretch.scale = (drawn.stretch.bends ? radius.own : panel.frontRadius.own) / here;
    // The middle of an inside lies across from that of the outside.
    drawn.shift = plane::toUnits(behind ? M_PI * here + x * (1 - share) : x * (share - 1));
    return drawn;
}

namespace {

double distanceTo(const Ray& ray, const space::Vertex& point) {
    const space::Vertex off = point - ray.foot;
    return std::sqrt(space::dot(off, off));
}

/// Where along one way of the plan the side is nearest: looked for at steps, then between the nearest.
template<class At> double nearestAlong(double from, double to, int steps, At distanceAt) {
    double best = from, least = distanceAt(from);
    for (int i = 1; i <= steps; ++i)
        if (const double at = from + (to - from) * i / steps, far = distanceAt(at); far < least) {
            least = far;
            best = at;
        }
    double step = (to - from) / steps;
    constexpr int halvings = 24;
    for (int i = 0; i < halvings; ++i, step /= 2)
        for (const double at : {best - step / 2, best + step / 2})
            if (const double far = at >= from && at <= to ? distanceAt(at) : least; far < least) {
                least = far;
                best = at;
            }
    return best;
}

/// On the plan, mm.
plane::Vector onPlan(const Panel& panel, bool behind, const space::Vertex& point) {
    const plane::Box box = plane::boxOf(panel.outline);
    const plane::Vector low = 1 / plane::unitsPerMillimetre * plane::vectorOf(box.low),
                        high = 1 / plane::unitsPerMillimetre * plane::vectorOf(box.high);
    const auto rayAt = [&](double x, double y) {
        return standOn(panel, behind, {plane::toUnits(x), plane::toUnits(y)});
    };
    if (panel.cuts.empty()) { // flat: along the plan's own axes in space
        const Ray corner = rayAt(low.x, low.y), right = rayAt(high.x, low.y), up = rayAt(low.x, high.y);
        const auto along = [&](const Ray& end, double from, double to) {
            const space::Vertex way = end.foot - corner.foot;
            const double size = space::dot(way, way);
            return std::clamp(from + (to - from) * space::dot(point - corner.foot, way) / size, from, to);
        };
        return {along(right, low.x, high.x), along(up, low.y, high.y)};
    }
    constexpr int around = 360, up = 240, rounds = 3;
    plane::Vector at = 0.5 * (low + high);
    if (panel.frontRadius.own > 0) // its strips are even
        at.x = (std::atan2(point.x, point.z) + M_PI) * panel.frontRadius.own;
    for (int i = 0; i < rounds; ++i) {
        at.y = nearestAlong(low.y, high.y, up, [&](double y) { return distanceTo(rayAt(at.x, y), point); });
        if (panel.frontRadius.own == 0)
            at.x = nearestAlong(low.x, high.x, around,
                                [&](double x) { return distanceTo(rayAt(x, at.y), point); });
    }
    return at;
}

/// As it is drawn on the side, from the plan.
double drawnX(const Panel& panel, bool behind, double x) {
    if (!behind)
        return x;
    const double own = panel.backRadius.own;
    if (!(own > 0)) {
        const plane::Box box = plane::boxOf(panel.outline);
        return plane::toMillimetres(double(box.low.x) + box.high.x) - x;
    }
    const double round = panel.backStretch.bends
                             ? plane::toMillimetres(panel.backStretch.toDrawn(x * plane::unitsPerMillimetre))
                             : x * own / panel.frontRadius.own;
    const double turn = 2 * M_PI * own, drawn = M_PI * own - round;
    return drawn - std::floor(drawn / turn) * turn;
}

} // namespace

std::optional<OnSide> nearestSide(std::span<const Panel> panels, const space::Vertex& point) {
    std::optional<OnSide> nearest;
    double least = std::numeric_limits<double>::max();
    for (const Panel& panel : panels)
        for (const bool behind : {false, true}) {
            if (panel.outline.empty() || (behind && !panel.wall()))
                continue;
            const plane::Vector at = onPlan(panel, behind, point);
            const Ray ray = standOn(panel, behind, {plane::toUnits(at.x), plane::toUnits(at.y)});
            const space::Vertex off = point - ray.foot;
            const double height = space::dot(off, ray.along) / space::dot(ray.along, ray.along);
            const double far = distanceTo(ray, point);
            if (far < least) {
                least = far;
                nearest = OnSide{behind ? panel.back : panel.front, drawnX(panel, behind, at.x), at.y, height,
                                 1 / std::sqrt(space::dot(ray.along, ray.along)) * ray.along};
            }
        }
    return nearest;
}

} // namespace bollard::blank
