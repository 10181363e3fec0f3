// Tools at hand, and how fast each goes through a material.
#pragma once
#include "cut/operation.hpp"
#include <string>
#include <vector>

namespace bollard::cut {

/// How a tool cuts a material. Feeds in mm/min, speed in 1/min, lengths in mm.
struct Feeds {
    std::string material{}; ///< empty: any other
    double feed = 600, plunge = 200, speed = 18000;
    double chip = 0; ///< what an edge takes at a time, mm; 0: not told, `feed` stands
    double pass = 1;
    double stepover = 0; ///< 0: of the tool
    bool operator==(const Feeds&) const = default;
};

struct RackTool {
    Tool tool{};
    std::vector<Feeds> feeds{};
    bool operator==(const RackTool&) const = default;
};

/// The tools that ship.
const std::vector<RackTool>& shippedRack();

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Feeds>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::RackTool>();
