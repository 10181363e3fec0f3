#include "working/flat_tops.hpp"
#include <algorithm>
#include <cmath>
#include <optional>

namespace bollard::working {
namespace {

/// Nearer than that to a right angle to its normal a ray hardly meets a plane.
constexpr double leastCosine = 0.2;

struct Top {
    plane::Box box{};
    space::Vertex through{}, normal{};
};

/// The height above the side at which the ray meets the plane, mm.
double heightIn(const Top& top, const blank::Ray& ray) {
    const double rises = space::dot(ray.along, top.normal);
    return space::dot(top.through - ray.foot, top.normal) / std::max(rises, leastCosine);
}

} // namespace

bool hasFlatTops(const Working& working) {
    return rowOf(working.kind).has(Uses::tops) && working.tops == Tops::flat;
}

Lift flatTops(const blank::Panel& panel, bool behind, double height, std::vector<plane::Box> boxes) {
    std::vector<Top> tops;
    std::int32_t widest = 0;
    for (const plane::Box& box : boxes) {
        const plane::Point middle =
            plane::onGrid(0.5 * (plane::vectorOf(box.low) + plane::vectorOf(box.high)));
        const blank::Ray ray = blank::standOn(panel, behind, middle);
        const double size = std::sqrt(space::dot(ray.along, ray.along));
        tops.push_back({box, ray.at(height), 1 / size * ray.along});
        widest = std::max(widest, box.high.x - box.low.x);
    }
    std::ranges::sort(tops, {}, [](const Top& top) { return top.box.low.x; });
    const auto rays = behind ? panel.backRay : panel.frontRay;
    const std::int32_t turn = panel.cuts.turn();
    return std::make_shared<const std::function<std::int32_t(plane::Point)>>(
        [tops = std::move(tops), rays, turn, widest, height](plane::Point p) {
            std::optional<double> highest;
            const blank::Ray ray = rays(p);
            // What runs past the seam comes in from the other end.
            for (const std::int32_t x : {p.x, p.x - turn, p.x + turn}) {
                auto top =
                    std::ranges::lower_bound(tops, x - widest, {}, [](const Top& t) { return t.box.low.x; });
                for (; top != tops.end() && top->box.low.x <= x; ++top)
                    if (x <= top->box.high.x && p.y >= top->box.low.y && p.y <= top->box.high.y)
                        highest = std::max(highest.value_or(-1e9), heightIn(*top, ray));
                if (turn == 0)
                    break;
            }
            return highest ? plane::toUnits(*highest - height) : 0;
        });
}

double unevennessOf(double radius, bool hollow, double height, double beside) {
    const double grows = 1 / std::max(std::cos(beside / radius), leastCosine) - 1;
    return hollow ? -(radius - height) * grows : (radius + height) * grows;
}

} // namespace bollard::working
