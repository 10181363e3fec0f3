// What carries the tool.
#pragma once
#include "plane/point.hpp"
#include "quantity/fields_of.hpp"
#include <array>
#include <string>
#include <vector>

namespace bollard::cut {

enum class AxisLetter { none, a, b, c };
/// Which way the bar lies that it turns.
enum class AxisAlong { y, x };
/// How feeds are told of moves that turn: minutes of the move, or degrees counted as mm.
enum class AxisFeed { inverse, degrees };
constexpr std::array<char, 4> axisLetters{' ', 'A', 'B', 'C'};

/// An axis that turns a bar under the tool; degrees.
struct RotaryAxis {
    AxisLetter letter = AxisLetter::none;
    AxisAlong along = AxisAlong::y;
    plane::Vector travel{-36000, 36000}; ///< from, to
    AxisFeed feed = AxisFeed::inverse;
    bool reverse = false; ///< it counts the other way round
    double rapid = 3600;  ///< degrees a minute
    bool operator==(const RotaryAxis&) const = default;

    bool there() const { return letter != AxisLetter::none; }
    char word() const { return axisLetters[size_t(letter)]; }
};

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
    RotaryAxis axis{};      ///< none: it has none
    std::string coolant{};  ///< words that switch it on, "M8"; empty: none
    bool operator==(const Machine&) const = default;
};

/// Those that ship: a small router and a torch table.
const std::vector<Machine>& shippedMachines();

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::RotaryAxis>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Machine>();
