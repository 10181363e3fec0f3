// Tools at hand, and how fast each goes through a material.
#pragma once
#include "cut/operation.hpp"
#include <span>
#include <string>
#include <vector>

namespace bollard::cut {

/// How a tool cuts a material. Feeds in mm/min, speed in 1/min, lengths in mm.
struct Feeds {
    std::string material{}; ///< empty: any other
    double feed = 600, plunge = 200, speed = 18000;
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

/// The one of that name; null when there is none.
const RackTool* find(std::span<const RackTool> rack, const std::string& name);
/// The usual one for an operation.
const RackTool& usualTool(OperationKind kind);
/// How it goes through a material: of the rack's tool, else of one of that kind as near in size.
Feeds feedsOf(const Tool& tool, const std::string& material);

/// The operation with its tool from the rack, and feeds where it tells none.
Operation resolved(Operation operation, const std::string& material);

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Feeds>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::RackTool>();
