#include "cut/machine.hpp"
#include "quantity/field.hpp"

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
                      .number("speedMost", &Machine::speedMost, Dimension::ratio, ranges::speed)
                      .quiet()
                      .about("of the spindle, 1/min")
                      .text("coolant", &Machine::coolant)
                      .quiet()
                      .about("words that switch it on"));
    return fields;
}
