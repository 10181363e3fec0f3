// Tops of letters that lie in one plane over a side that bends.
#pragma once
#include "blank/panel.hpp"
#include "working/working.hpp"

namespace bollard::working {

bool hasFlatTops(const Working& working);

/// What the tops of letters `height` (mm) above a side grow by, so that each lies in the plane that is
/// upright to the side's normal over its middle; `boxes`: where they are on the plan. Where letters overlap
/// the higher plane counts. It never grows to more than five times as far from the middle of bending.
Lift flatTops(const blank::Panel& panel, bool behind, double height, std::vector<plane::Box> boxes);

/// How much higher a flat top is above a side of that radius `beside` its middle than over it, mm; below 0
/// (lower) in a hollow. From h = (r + height) / cos(beside / r) - r.
double unevennessOf(double radius, bool hollow, double height, double beside);

} // namespace bollard::working
