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
                      .text("coolant", &Machine::coolant)
                      .quiet()
                      .about("words that switch it on"));
    return fields;
}
