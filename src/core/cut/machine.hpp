// What carries the tool.
#pragma once
#include "quantity/fields_of.hpp"
#include <array>
#include <string>

namespace bollard::cut {

/// Lengths in mm, feeds in mm/min, acceleration in mm/s².
struct Machine {
    std::string name{};
    std::array<double, 3> travel{0, 0, 0}; ///< 0: not told
    std::string dialect = "lines";
    double rapid = 3000;
    double feedMost = 2000;
    double acceleration = 300;
    double speedMost = 24000; ///< 1/min
    std::string coolant{};    ///< words that switch it on, "M8"; empty: none
    bool operator==(const Machine&) const = default;
};

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Machine>();
