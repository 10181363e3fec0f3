#include "cut/operation.hpp"
#include "quantity/field.hpp"

namespace bollard::cut {
namespace {

using quantity::Named;

constexpr std::array kinds{Named{OperationKind::scribe, "scribe"}, Named{OperationKind::carve, "v-carve"},
                           Named{OperationKind::pocket, "pocket"}, Named{OperationKind::cutOut, "cut-out"},
                           Named{OperationKind::clear, "clear"},   Named{OperationKind::drill, "drill"},
                           Named{OperationKind::raster, "raster"}};
static_assert(kinds.size() == operationKinds);

bool takeToolName(Tool& tool, const std::string& text) {
    tool = {};
    tool.name = text;
    return true;
}
std::string tellToolName(const Tool& tool) {
    return tool.kind == ToolKind::none ? tool.name : std::string();
}

} // namespace

std::string_view nameOf(OperationKind kind) {
    return kinds[size_t(kind)].name;
}

} // namespace bollard::cut

namespace bollard::quantity {

using namespace cut;

template<> const PartFields& fieldsOf<Lead>() {
    static constexpr std::array leads{Named{LeadKind::none, "none"}, Named{LeadKind::line, "line"},
                                      Named{LeadKind::arc, "arc"}};
    const auto some = [](const Lead& lead) { return lead.kind != LeadKind::none; };
    static const PartFields fields =
        std::move(Describing<Lead>()
                      .choice("kind", &Lead::kind, leads)
                      .number("length", &Lead::length, Dimension::length, ranges::optionalLength)
                      .when(some)
                      .about("mm")
                      .number("angle", &Lead::angle, Dimension::angle, Range{1, 179})
                      .when(some)
                      .quiet()
                      .about("to the cut, degrees"));
    return fields;
}

template<> const PartFields& fieldsOf<Tab>() {
    static const PartFields fields =
        std::move(Describing<Tab>()
                      .number("width", &Tab::width, Dimension::length, ranges::height)
                      .about("of what stays, mm")
                      .number("height", &Tab::height, Dimension::length, ranges::height)
                      .about("the same"));
    return fields;
}

template<> const PartFields& fieldsOf<Spot>() {
    static const PartFields fields = std::move(Describing<Spot>()
                                                   .number("x", &Spot::x, Dimension::length, ranges::position)
                                                   .about("on the side, mm")
                                                   .number("y", &Spot::y, Dimension::length, ranges::position)
                                                   .about("the same"));
    return fields;
}

template<> const PartFields& fieldsOf<Operation>() {
    using enum OperationKind;
    const auto is = [](std::initializer_list<OperationKind> of) {
        return
            [of = std::vector(of)](const Operation& o) { return std::ranges::find(of, o.kind) != of.end(); };
    };
    static constexpr std::array rasters{Named{RasterAlong::axis, "axis"}, Named{RasterAlong::round, "round"}};
    static constexpr std::array depths{Named{DepthAlong::normal, "normal"}, Named{DepthAlong::z, "z"}};
    static const PartFields fields = std::move(
        Describing<Operation>()
            .choice("kind", &Operation::kind, cut::kinds)
            .references("of", &Operation::of)
            .quiet()
            .about("the inscriptions it is done to; none: all that it can be done to, and of `cut-out` the "
                   "blank's outline, its holes and its pierced letters; with no blank the letters")
            .part("tool", &Operation::tool)
            .orText(takeToolName, tellToolName)
            .quiet()
            .about("or the name of one in the rack; none: the usual one")
            .number("depth", &Operation::depth, Dimension::length, ranges::optionalLength)
            .when(is({scribe, pocket, clear, drill}))
            .quiet()
            .about("mm; 0: that of its working")
            .number("depthCap", &Operation::depthCap, Dimension::length, ranges::optionalLength)
            .when(is({carve}))
            .quiet()
            .about("no deeper, with a flat floor there, mm; 0: the depth of its working")
            .number("pass", &Operation::pass, Dimension::length, ranges::optionalLength)
            .quiet()
            .about("how deep at a time, mm; 0: at once")
            .number("stepover", &Operation::stepover, Dimension::length, ranges::optionalLength)
            .when(is({carve, pocket, clear, raster}))
            .quiet()
            .about("between neighbouring ways, mm; 0: worked out, of V-carving for ridges of 0.05 mm")
            .choice("along", &Operation::along, rasters)
            .when(is({raster}))
            .about("raster: ways along the bar's axis, or round it")
            .number("scallop", &Operation::scallop, Dimension::length, ranges::optionalLength)
            .when(is({raster}))
            .quiet()
            .about("raster: how high what stays between ways may be, mm; 0: the stepover tells, else 0.01")
            .number("from", &Operation::from, Dimension::length, ranges::position)
            .when(is({raster}))
            .about("raster: where the tool's middle begins along the blank, mm")
            .number("to", &Operation::to, Dimension::length, ranges::position)
            .when(is({raster}))
            .about("raster: where it ends")
            .flag("oneWay", &Operation::oneWay)
            .when(is({raster}))
            .quiet()
            .about("raster: all ways the same way; round the bar it goes on turning")
            .choice("depthAlong", &Operation::depthAlong, depths)
            .when(is({scribe, carve, pocket}))
            .quiet()
            .about("on curved sides cut from above: depths along the side's `normal`, or along `z`")
            .number("allowance", &Operation::allowance, Dimension::length, ranges::optionalLength)
            .when(is({pocket, clear}))
            .quiet()
            .about("left at the walls, and taken by a last pass, mm")
            .flag("rest", &Operation::rest)
            .when(is({pocket}))
            .quiet()
            .about("only what wider tools of pockets before it left")
            .flag("raster", &Operation::raster)
            .when(is({pocket, clear}))
            .quiet()
            .about("in straight ways side by side, then once along the walls; else along the walls inwards")
            .references("around", &Operation::around)
            .when(is({clear}))
            .quiet()
            .about("clear: the raised inscriptions that stay; none: all")
            .reference("within", &Operation::within)
            .when(is({clear}))
            .quiet()
            .about("clear: the ornament within which it is done; -1: the blank's edge")
            .number("peck", &Operation::peck, Dimension::length, ranges::optionalLength)
            .when(is({drill}))
            .quiet()
            .about("drill: how deep at a time, mm; 0: at once")
            .number("through", &Operation::through, Dimension::length, ranges::through)
            .when(is({cutOut, drill}))
            .quiet()
            .about("how far below the stock, mm")
            .number("cutHeight", &Operation::cutHeight, Dimension::length, ranges::optionalLength)
            .when([](const Operation& o) { return o.tool.burns(); })
            .quiet()
            .about("torch, laser: how high above the stock's top it runs, mm")
            .number("tabs", &Operation::tabs, Dimension::count, ranges::tabs)
            .when(is({cutOut}))
            .quiet()
            .about("cut-out: how many on each outline")
            .number("tabSpacing", &Operation::tabSpacing, Dimension::length, ranges::optionalLength)
            .when(is({cutOut}))
            .quiet()
            .about("cut-out: without a count, how far apart they are, mm")
            .part("tab", &Operation::tab)
            .when(is({cutOut}))
            .quiet()
            .about("cut-out: how much of the stock each leaves")
            .parts("tabsAt", &Operation::tabsAt)
            .when(is({cutOut}))
            .quiet()
            .about("cut-out: by hand, instead of evenly, on outlines that are near to them")
            .parts("startsAt", &Operation::startsAt)
            .when(is({cutOut}))
            .quiet()
            .about("cut-out: by hand, where outlines that are near to them are begun")
            .part("lead", &Operation::lead)
            .when(is({cutOut}))
            .quiet()
            .about("cut-out: the way in and out, in the waste")
            .number("feed", &Operation::feed, Dimension::ratio, ranges::feed)
            .quiet()
            .about("mm/min; 0: the rack's")
            .number("plunge", &Operation::plunge, Dimension::ratio, ranges::feed)
            .quiet()
            .about("downwards, mm/min; 0: the rack's")
            .number("speed", &Operation::speed, Dimension::ratio, ranges::speed)
            .quiet()
            .about("1/min; 0: the rack's")
            .number("clearance", &Operation::clearance, Dimension::length, ranges::height)
            .quiet()
            .about("above the stock's top, where nothing is in the way, mm")
            .flag("reading", &Operation::reading)
            .when(is({scribe, carve, pocket}))
            .quiet()
            .about("letter by letter as they are read, instead of by the shortest way")
            .flag("conventional", &Operation::conventional)
            .quiet()
            .about("against the turn of the cutter, instead of along with it")
            .flag("back", &Operation::back)
            .quiet()
            .about("on the blank's back, in a file of its own")
            .flag("off", &Operation::off)
            .quiet()
            .about("kept, not made")
            .text("id", &Operation::id)
            .quiet()
            .about("what findings call it; one without is called by its place, `o0` for the first"));
    return fields;
}

} // namespace bollard::quantity
