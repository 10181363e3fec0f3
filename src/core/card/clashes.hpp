// What of the letters columns cannot make on the sides they lie on: told before anything is made.
#pragma once
#include "card/pipeline.hpp"
#include "working/changes.hpp"
#include "working/tiling.hpp"
#include <optional>

namespace bollard::card {

/// The panel that a side is the front or the back of; null where there is none.
const blank::Panel* panelOf(std::span<const blank::Panel> panels, std::string_view side);

/// How far what is worked rises from the sides of the blank, or goes into it.
blank::Rise riseOf(const Lettering& lettering);

/// What some of the letters do to a panel, of which `outline` is left to them.
std::vector<working::Change> changesOn(const blank::Panel& panel, const plane::Region& outline,
                                       const Lettering& lettering,
                                       std::span<const working::PlanLetter> letters,
                                       const std::stop_token& stop);

/// Why the part cannot be made: cuts that come out elsewhere, or run into another side. Else nothing.
std::optional<quantity::Problem> impossible(std::span<const blank::Panel> panels, const Lettering& lettering);

// What columns alone cannot make, but bodies joined can (card/joining). By inscription, in the order of the
// lettering:

/// Those whose letters may reach into the letters of other sides inside the blank. By their boxes in space,
/// so it may be said too often.
std::vector<bool> meeting(std::span<const blank::Panel> panels, const Lettering& lettering);

/// Those that run over the edge of a side that others join.
std::vector<bool> crossingRim(std::span<const blank::Panel> panels, const Lettering& lettering,
                              const std::stop_token& stop = {});
/// Whether these do: past the edge the plan could not be laid out. The first is the blank itself.
bool reachesRim(const blank::Panel& panel, std::span<const working::Change> changes);

} // namespace bollard::card
