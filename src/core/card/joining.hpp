// Bodies put together where columns alone cannot make the part: letters through a rim, or of sides
// that meet; an ear.
#pragma once
#include "card/solid.hpp"

namespace bollard::card {

/// Whether bodies joined may make what columns could not, or an ear is still to be put to it.
bool isUnjoined(const Lettering& lettering, const Solid& solid);

/// The part of such a solid, its letters that columns cannot carry taken from the rest and put to it, and its
/// ear; with a problem as solidOf() where that fails too. Takes seconds. `onProgress` hears how much is done,
/// 0 to 1.
Solid joinedOf(const Lettering& lettering, const Solid& unjoined, body::TileMemory& tiles,
               const std::stop_token& stop = {}, const std::function<void(double)>& onProgress = {});

} // namespace bollard::card
