// Bodies put together where columns alone cannot make the part: letters through a rim, or of sides that meet.
#pragma once
#include "card/solid.hpp"

namespace bollard::card {

/// Whether bodies joined may make what could not be made for that reason.
bool isWorthJoining(const quantity::Problem& problem);

/// The part of a solid that met such a problem, its letters that columns cannot carry taken from the rest and
/// put to it; with a problem as solidOf() where that fails too. Takes seconds. `onProgress` hears how much is
/// done, 0 to 1.
Solid joinedOf(const Lettering& lettering, const Solid& failed, body::TileMemory& tiles,
               const std::stop_token& stop = {}, const std::function<void(double)>& onProgress = {});

} // namespace bollard::card
