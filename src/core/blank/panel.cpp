#include "blank/panel.hpp"

namespace bollard::blank {

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
    if (!drawn.stretch.bends)
        drawn.stretch.scale = panel.frontRadius.own / here;
    // The middle of an inside lies across from that of the outside.
    drawn.shift = plane::toUnits(behind ? M_PI * here + x * (1 - share) : x * (share - 1));
    return drawn;
}

} // namespace bollard::blank
