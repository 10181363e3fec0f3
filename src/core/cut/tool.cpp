#include "cut/tool.hpp"
#include "quantity/field.hpp"
#include <cmath>

namespace bollard::cut {
namespace {

constexpr std::array rows{ToolRow{ToolKind::none, "rack"},           ToolRow{ToolKind::flat, "flat"},
                          ToolRow{ToolKind::ball, "ball"},           ToolRow{ToolKind::vBit, "v-bit"},
                          ToolRow{ToolKind::engraving, "engraving"}, ToolRow{ToolKind::drill, "drill"},
                          ToolRow{ToolKind::drag, "drag"},           ToolRow{ToolKind::torch, "torch"},
                          ToolRow{ToolKind::laser, "laser"}};
static_assert(rows.size() == toolKinds);

} // namespace

const ToolRow& rowOf(ToolKind kind) {
    return rows[size_t(kind)];
}

double Tool::spread() const {
    return tapers() ? std::tan(angle / 2 * M_PI / 180) : 0;
}

double Tool::heightAt(double distance) const {
    constexpr double hair = 1e-9;
    if (distance > radius() + hair)
        return std::numeric_limits<double>::infinity();
    if (tapers())
        return std::max(0.0, distance - tip / 2) / spread();
    if (kind == ToolKind::ball)
        return radius() - std::sqrt(std::max(0.0, radius() * radius() - distance * distance));
    return 0;
}

} // namespace bollard::cut

namespace bollard::quantity {

using namespace cut;

template<> const PartFields& fieldsOf<Tool>() {
    static const std::vector<Named<ToolKind>> kinds = [] { // by their rows
        std::vector<Named<ToolKind>> all;
        for (const ToolRow& row : cut::rows)
            all.push_back({row.kind, row.name});
        return all;
    }();
    static constexpr std::array entries{Named{Entry::ramp, "ramp"}, Named{Entry::helix, "helix"},
                                        Named{Entry::plunge, "plunge"}};
    const auto tapers = [](const Tool& tool) { return tool.tapers(); };
    const auto burns = [](const Tool& tool) { return tool.burns(); };
    const auto solid = [](const Tool& tool) { return tool.kind != ToolKind::none && !tool.burns(); };
    static const PartFields fields =
        std::move(Describing<Tool>()
                      .choice("kind", &Tool::kind, kinds)
                      .about("`rack`: the one of that name in the rack")
                      .text("name", &Tool::name)
                      .quiet()
                      .about("what it is called")
                      .number("diameter", &Tool::diameter, Dimension::length, ranges::toolDiameter)
                      .when(solid)
                      .about("of those that taper that of the shank, mm")
                      .number("angle", &Tool::angle, Dimension::angle, ranges::bitAngle)
                      .when(tapers)
                      .about("included, degrees")
                      .number("tip", &Tool::tip, Dimension::length, ranges::toolTip)
                      .when(tapers)
                      .about("across the flat of the tip, mm")
                      .number("kerf", &Tool::kerf, Dimension::length, ranges::kerf)
                      .when(burns)
                      .about("torch, laser: how wide it cuts, mm")
                      .number("pierce", &Tool::pierce, Dimension::ratio, ranges::seconds)
                      .when(burns)
                      .quiet()
                      .about("torch, laser: seconds it stands before it moves")
                      .number("flute", &Tool::flute, Dimension::length, ranges::height)
                      .when(solid)
                      .quiet()
                      .about("how deep it can cut, mm")
                      .number("flutes", &Tool::flutes, Dimension::count, ranges::flutes)
                      .when(solid)
                      .quiet()
                      .about("how many edges it has")
                      .choice("entry", &Tool::entry, entries)
                      .when(solid)
                      .quiet()
                      .about("how it goes down into full material: along the cut, in a helix, or straight"));
    return fields;
}

} // namespace bollard::quantity
