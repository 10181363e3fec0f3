#include "cut/rack.hpp"
#include "quantity/field.hpp"

namespace bollard::cut {
namespace {

Tool taper(ToolKind kind, std::string name, double angle, double tip, double diameter, double flute) {
    Tool tool;
    tool.kind = kind;
    tool.name = std::move(name);
    tool.angle = angle;
    tool.tip = tip;
    tool.diameter = diameter;
    tool.flute = flute;
    tool.flutes = 1;
    return tool;
}
Tool round(ToolKind kind, std::string name, double diameter, double flute, int flutes = 2) {
    Tool tool;
    tool.kind = kind;
    tool.name = std::move(name);
    tool.diameter = diameter;
    tool.flute = flute;
    tool.flutes = flutes;
    return tool;
}
Tool burning(ToolKind kind, std::string name, double kerf, double pierce) {
    Tool tool;
    tool.kind = kind;
    tool.name = std::move(name);
    tool.kerf = kerf;
    tool.pierce = pierce;
    return tool;
}

/// In wood and plastics, and in metals.
std::vector<Feeds> cutting(double feed, double pass, double stepover) {
    return {{"", feed, feed / 3, 18000, 0, pass, stepover},
            {"oak", 0.8 * feed, feed / 4, 18000, 0, 0.8 * pass, stepover},
            {"slate", 0.3 * feed, feed / 10, 12000, 0, 0.3 * pass, 0.6 * stepover},
            {"brass", 0.4 * feed, feed / 8, 14000, 0, 0.25 * pass, 0.6 * stepover},
            {"aluminium", 0.5 * feed, feed / 8, 16000, 0, 0.3 * pass, 0.7 * stepover},
            {"steel", 0.15 * feed, feed / 20, 6000, 0, 0.1 * pass, 0.5 * stepover}};
}
std::vector<Feeds> burningAt(double feed) {
    return {{"", feed, feed, 1000, 0, 0, 0}};
}

} // namespace

const std::vector<RackTool>& shippedRack() {
    static const std::vector<RackTool> rack{
        {taper(ToolKind::vBit, "V 60", 60, 0.2, 12, 10), cutting(900, 2, 0)},
        {taper(ToolKind::vBit, "V 90", 90, 0.2, 16, 8), cutting(900, 2, 0)},
        {taper(ToolKind::engraving, "Point 30", 30, 0.1, 3.175, 12), cutting(600, 0.4, 0)},
        {taper(ToolKind::engraving, "Point 20", 20, 0.05, 3.175, 12), cutting(400, 0.3, 0)},
        {taper(ToolKind::drag, "Drag 90", 90, 0.05, 3.175, 2), cutting(1200, 0.2, 0)},
        {round(ToolKind::flat, "Flat 1", 1, 4), cutting(400, 0.4, 0.4)},
        {round(ToolKind::flat, "Flat 1.5", 1.5, 6), cutting(500, 0.6, 0.6)},
        {round(ToolKind::flat, "Flat 3", 3, 12), cutting(900, 1.5, 1.2)},
        {round(ToolKind::flat, "Flat 6", 6, 22), cutting(1400, 3, 2.4)},
        {round(ToolKind::ball, "Ball 3", 3, 12), cutting(900, 1, 0.3)},
        {round(ToolKind::drill, "Drill 3", 3, 30), cutting(300, 2, 0)},
        {burning(ToolKind::torch, "Torch 1.2", 1.2, 0.5), burningAt(2400)},
        {burning(ToolKind::laser, "Laser 0.15", 0.15, 0.1), burningAt(900)}};
    return rack;
}

} // namespace bollard::cut

namespace bollard::quantity {

using namespace cut;

template<> const PartFields& fieldsOf<Feeds>() {
    static const PartFields fields = std::move(
        Describing<Feeds>()
            .text("material", &Feeds::material)
            .about("empty: all that are not told")
            .number("feed", &Feeds::feed, Dimension::ratio, ranges::feed)
            .about("mm/min")
            .number("plunge", &Feeds::plunge, Dimension::ratio, ranges::feed)
            .about("downwards, mm/min")
            .number("speed", &Feeds::speed, Dimension::ratio, ranges::speed)
            .about("1/min")
            .number("chip", &Feeds::chip, Dimension::length, ranges::optionalLength)
            .quiet()
            .about("what an edge takes at a time, mm: feed is then chip x flutes x speed; 0: not told")
            .number("pass", &Feeds::pass, Dimension::length, ranges::optionalLength)
            .about("how deep at a time, mm")
            .number("stepover", &Feeds::stepover, Dimension::length, ranges::optionalLength)
            .about("between neighbouring ways, mm"));
    return fields;
}

template<> const PartFields& fieldsOf<RackTool>() {
    static const PartFields fields = std::move(Describing<RackTool>()
                                                   .part("tool", &RackTool::tool)
                                                   .about("its shape")
                                                   .parts("feeds", &RackTool::feeds)
                                                   .about("by material"));
    return fields;
}

} // namespace bollard::quantity
