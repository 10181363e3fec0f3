// What carries the tool.
#pragma once
#include "quantity/fields_of.hpp"
#include <array>
#include <string>
#include <vector>

namespace bollard::cut {

/// Lengths in mm, feeds in mm/min, acceleration in mm/s².
struct Machine {
    std::string name{};
    std::array<double, 3> travel{0, 0, 0}; ///< 0: not told
    std::string dialect = "lines";
    double rapid = 3000;
    double feedMost = 6000;
    double acceleration = 300;
    double speedLeast = 0, speedMost = 24000; ///< of the spindle, 1/min
    bool torch = false;                       ///< carries a torch or laser, not a spindle
    bool fileATool = false; ///< a file for each tool, for machines without a change of tools
    bool airRun = false;    ///< beside each program one that runs round the work in the air
    std::string coolant{};  ///< words that switch it on, "M8"; empty: none
    bool operator==(const Machine&) const = default;
};

/// Those that ship: a small router and a torch table.
const std::vector<Machine>& shippedMachines();

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Machine>();
