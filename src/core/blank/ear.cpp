#include "blank/ear.hpp"
#include "plane/filling.hpp"
#include "plane/outline.hpp"
#include "quantity/field.hpp"
#include <algorithm>
#include <cmath>
#include <limits>

namespace bollard::blank {
namespace {

/// The lowest and highest y of all panels.
std::pair<double, double> endsOf(std::span<const Panel> panels) {
    double low = std::numeric_limits<double>::max(), high = std::numeric_limits<double>::lowest();
    for (const Panel& panel : panels)
        for (const plane::Ring& ring : panel.outline.rings)
            for (const plane::Point p : ring) {
                const double y = standOn(panel, false, p).foot.y;
                low = std::min(low, y);
                high = std::max(high, y);
            }
    return {low, high};
}

/// How wide the side is about the axis at steps from that end, and where.
std::vector<std::pair<double, double>> radiiFrom(const Panel& side, bool atStart) {
    constexpr int steps = 400;
    const double low = side.cuts.v.front(), high = side.cuts.v.back();
    std::vector<std::pair<double, double>> radii; // y, radius
    for (int i = 0; i <= steps; ++i) {
        const double share = double(atStart ? i : steps - i) / steps;
        const space::Vertex at =
            side.frontRay({side.cuts.u.front(), plane::onGrid(low + share * (high - low))}).foot;
        radii.emplace_back(at.y, std::hypot(at.x, at.z));
    }
    return radii;
}

} // namespace

StandingEar standing(const Ear& ear, std::span<const Panel> panels) {
    const Panel& side = panels.front();
    if (!(ear.hole > 0) || !side.frontRay || side.cuts.empty())
        return {};
    const auto [low, high] = endsOf(panels);
    const auto radii = radiiFrom(side, ear.atStart);
    const double widest = std::ranges::max_element(radii, {}, [](const auto& r) { return r.second; })->second;
    constexpr double within_mm = 0.3, share = 0.9;
    const double radius = ear.hole / 2 + ear.wall, away = ear.atStart ? -1 : 1;
    // Where the blank is wide enough that its corners lie inside it
    const double half = std::min(radius, share * widest - within_mm);
    const double needed = std::hypot(half, ear.thickness / 2) + within_mm;
    const auto wide = std::ranges::find_if(radii, [&](const auto& r) { return r.second >= needed; });
    const double end = ear.atStart ? low : high,
                 into = (wide != radii.end() ? wide->first : (low + high) / 2) - away * 2 * within_mm;
    const double middle = end + away * (ear.hole / 2 + ear.wall / 2);
    const auto regionOf = [](const plane::Contour& contour) {
        constexpr double tolerance = 0.005 * plane::unitsPerMillimetre;
        return plane::filled(
            plane::flattened(plane::Outline{{contour}}, plane::unitsPerMillimetre, tolerance));
    };
    const plane::Vector from{-half, std::min(into, middle)}, to{half, std::max(into, middle)};
    const plane::Region neck = regionOf(plane::roundedRectangle(from, to, 0)),
                        eye = regionOf(plane::circle({0, middle}, radius)),
                        hole = regionOf(plane::circle({0, middle}, ear.hole / 2));
    return {plane::without(plane::united(std::vector{neck, eye}), hole), ear.thickness};
}

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Ear>() {
    using blank::Ear;
    static constexpr std::array ends{Named{false, "end"}, Named{true, "start"}};
    const auto there = [](const Ear& ear) { return ear.hole > 0; };
    static const PartFields fields =
        std::move(Describing<Ear>()
                      .number("hole", &Ear::hole, Dimension::length, ranges::centreHole)
                      .about("diameter of its hole, mm; 0 for none")
                      .number("wall", &Ear::wall, Dimension::length, ranges::thickness)
                      .when(there)
                      .about("how wide it is round the hole, mm")
                      .number("thickness", &Ear::thickness, Dimension::length, ranges::thickness)
                      .when(there)
                      .about("mm")
                      .choice("at", &Ear::atStart, ends)
                      .when(there)
                      .about("which end it stands on"));
    return fields;
}
