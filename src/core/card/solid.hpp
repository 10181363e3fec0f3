// From letters in their places to the solid part.
#pragma once
#include "card/pipeline.hpp"

namespace bollard::card {

/// Below this, handing work to another thread costs more than it saves.
constexpr size_t lettersWorthTasks = 60;

/// What a blank on which so much rises is put together from; empty where it runs through itself.
std::vector<blank::Panel> panelsOf(const blank::Blank& blank, const blank::Rise& rise);

/// The part of a blank with these panels; with a problem, and the rest empty, where it cannot be built or was
/// stopped. On a flat wall, and on a side that is turned, whose strips are then put round them, only tiles
/// that are not known are made, and the blank around them.
Solid solidOf(const Lettering& lettering, std::shared_ptr<const std::vector<blank::Panel>> panels,
              body::TileMemory& tiles, const std::stop_token& stop = {});

/// The columns of all panels as a whole, without tiles.
quantity::Result<std::vector<working::Columns>>
columnsOf(const Lettering& lettering, std::span<const blank::Panel> panels, const std::stop_token& stop = {});

/// What the part weighs, g, where the density of its material is known; else 0.
double massOf(const Made& made);

} // namespace bollard::card
