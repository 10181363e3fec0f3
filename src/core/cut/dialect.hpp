// How files for a kind of controller are written.
#pragma once
#include "quantity/fields_of.hpp"
#include <string>
#include <string_view>
#include <vector>

namespace bollard::cut {

/// Words may hold {speed}, {tool}, {seconds}; several lines are parted by \n; empty: there are none.
struct Dialect {
    std::string name{};
    std::string ending = "nc";
    bool arcs = false; ///< G2 and G3 as well
    bool lineNumbers = false;
    bool inches = false;
    int decimals = 3;
    std::string header = "G17 G21 G90 G40 G49 G94";
    std::string spindleOn = "M3 S{speed}", spindleOff = "M5";
    std::string dwell = "G4 P{seconds}";
    std::string toolChange = "T{tool} M6\nM0";
    std::string firstTool = "T{tool} M6";
    std::string burnOn = "M3 S{speed}", burnOff = "M5";
    std::string footer = "M5\nM9\nM30";
    double spinUp = 2; ///< seconds
    bool operator==(const Dialect&) const = default;
};

/// Those that ship.
const std::vector<Dialect>& shippedDialects();

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Dialect>();
