// What sides that are cut into strips share. For the sources of this folder only.
#pragma once
#include "blank/panel.hpp"
#include <algorithm>

namespace bollard::blank {

/// How far behind its front, mm, the back of a wall lies that counts apart: farther than anything reaches.
constexpr double countedApart = 1000;

/// Rays over a plan cut into strips at `u`. Within a strip everything lies on its chord, so that walls and
/// tops of neighbours meet exactly. `over` a y of the plan, mm, gives the rays at the strips' borders by
/// their numbers.
template<class Over> std::function<Ray(plane::Point)> onChords(std::vector<std::int32_t> u, Over over) {
    return [u = std::move(u), over = std::move(over)](plane::Point p) {
        const auto next = std::ranges::upper_bound(u, p.x);
        const int strip = std::clamp(int(next - u.begin()) - 1, 0, int(u.size()) - 2);
        const double from = u[size_t(strip)], to = u[size_t(strip) + 1];
        const double t = (p.x - from) / (to - from);
        const auto at = over(plane::toMillimetres(p.y));
        if (t == 0 || t == 1)
            return at(t == 0 ? strip : strip + 1);
        const Ray a = at(strip), b = at(strip + 1);
        if (t < 0 || t > 1) // past the ends of a side that does not close it goes on straight
            return Ray{a.foot + t * (b.foot - a.foot), t < 0 ? a.along : b.along};
        return Ray{a.foot + t * (b.foot - a.foot), a.along + t * (b.along - a.along)};
    };
}

} // namespace bollard::blank
