// Clearing an area way by way. For the sources of this folder only.
#pragma once
#include "cut/chains.hpp"
#include <functional>

namespace bollard::cut {

struct Clearing {
    plane::Region region{}; ///< where the tool's axis may go, grid units
    double stepover = 1;    ///< mm
    double reach = 1;       ///< how far to each side the tool clears, mm
    double z = 0;
    int shape = -1;
    bool clockwise = false; ///< along outer walls
};

/// The ways in an order with little way in the air, from a place on: closed ones begin where they are
/// nearest, and a way goes on into the next without being lifted where that lies close by within the region.
/// `entered`: a way with how the tool goes down to its beginning.
std::vector<Chain> inOneGo(std::vector<Chain> ways, const Clearing& clearing, plane::Vector from,
                           const std::function<Chain(const Chain&)>& entered);

/// In straight ways side by side over the region, each going on into the next where that stays within it,
/// then once along its walls.
void addRaster(std::vector<Chain>& chains, const Clearing& clearing);

/// Ways along the walls and inwards from them, the innermost first, so that every point of the region is
/// within reach of one.
void addClearing(std::vector<Chain>& chains, const Clearing& clearing);

} // namespace bollard::cut
