// Clearing an area way by way. For the sources of this folder only.
#pragma once
#include "cut/chains.hpp"

namespace bollard::cut {

struct Clearing {
    plane::Region region{}; ///< where the tool's axis may go, grid units
    double stepover = 1;    ///< mm
    double reach = 1;       ///< how far to each side the tool clears, mm
    double z = 0;
    int shape = -1;
    bool clockwise = false; ///< along outer walls
    double allowance = 0;   ///< mm kept off the walls until the last way
};

/// Ways along the walls and inwards from them, the innermost first, so that every point of the region is
/// within reach of one.
void addClearing(std::vector<Chain>& chains, const Clearing& clearing);

} // namespace bollard::cut
