#include "cut/machine.hpp"
#include "quantity/field.hpp"

namespace bollard::cut {

const std::vector<Machine>& shippedMachines() {
    static const std::vector<Machine> all = [] {
        Machine router, table;
        router.name = "Quay router";
        router.travel = {600, 400, 90};
        router.speedLeast = 5000;
        table.name = "Slip torch table";
        table.travel = {1250, 1250, 100};
        table.rapid = 12000;
        table.acceleration = 1000;
        table.torch = true;
        table.dialect = "arcs";
        return std::vector{router, table};
    }();
    return all;
}

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::RotaryAxis>() {
    using namespace cut;
    static constexpr std::array letters{Named{AxisLetter::none, "none"}, Named{AxisLetter::a, "A"},
                                        Named{AxisLetter::b, "B"}, Named{AxisLetter::c, "C"}};
    static constexpr std::array ways{Named{AxisAlong::y, "y"}, Named{AxisAlong::x, "x"}};
    static constexpr std::array feeds{Named{AxisFeed::inverse, "inverse"},
                                      Named{AxisFeed::degrees, "degrees"}};
    const auto there = [](const RotaryAxis& axis) { return axis.there(); };
    static const PartFields fields =
        std::move(Describing<RotaryAxis>()
                      .choice("letter", &RotaryAxis::letter, letters)
                      .about("what it is called in files")
                      .choice("along", &RotaryAxis::along, ways)
                      .when(there)
                      .about("which axis of the machine the bar lies along")
                      .pair("travel", &RotaryAxis::travel, Dimension::angle, ranges::axisTravel)
                      .when(there)
                      .about("from and to how many degrees it turns")
                      .choice("feed", &RotaryAxis::feed, feeds)
                      .when(there)
                      .about("`inverse`: a move is told by its time (G93); `degrees`: degrees count as mm")
                      .flag("reverse", &RotaryAxis::reverse)
                      .when(there)
                      .quiet()
                      .about("it counts the other way round")
                      .number("rapid", &RotaryAxis::rapid, Dimension::ratio, ranges::axisSpeed)
                      .when(there)
                      .quiet()
                      .about("how fast it turns at most, degrees a minute"));
    return fields;
}

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Machine>() {
    using cut::Machine;
    static const PartFields fields =
        std::move(Describing<Machine>()
                      .text("name", &Machine::name)
                      .quiet()
                      .about("what it is called")
                      .triple("travel", &Machine::travel, Dimension::length, ranges::travel)
                      .about("how far it reaches along x, y, z, mm; 0: not told")
                      .text("dialect", &Machine::dialect)
                      .about("how its files are written")
                      .number("rapid", &Machine::rapid, Dimension::ratio, ranges::feed)
                      .quiet()
                      .about("how fast it moves in the air, mm/min")
                      .number("feedMost", &Machine::feedMost, Dimension::ratio, ranges::feed)
                      .quiet()
                      .about("how fast it cuts at most, mm/min")
                      .number("acceleration", &Machine::acceleration, Dimension::ratio, ranges::acceleration)
                      .quiet()
                      .about("mm/s²")
                      .number("speedLeast", &Machine::speedLeast, Dimension::ratio, ranges::speed)
                      .quiet()
                      .about("of the spindle, 1/min")
                      .flag("torch", &Machine::torch)
                      .quiet()
                      .about("it carries a torch or laser, not a spindle")
                      .number("speedMost", &Machine::speedMost, Dimension::ratio, ranges::speed)
                      .quiet()
                      .about("of the spindle, 1/min")
                      .flag("fileATool", &Machine::fileATool)
                      .quiet()
                      .about("a file for each tool, in the order of their use")
                      .flag("airRun", &Machine::airRun)
                      .quiet()
                      .about("and a file that runs round the work in the air")
                      .part("axis", &Machine::axis)
                      .quiet()
                      .about("a rotary axis that turns a bar under the tool")
                      .usual("none")
                      .text("coolant", &Machine::coolant)
                      .quiet()
                      .about("words that switch it on"));
    return fields;
}
