// Which letters of a wall, or of a side that is turned, can be worked out apart from all others, each group
// in a box of its own.
#pragma once
#include "blank/panel.hpp"
#include "working/changes.hpp"
#include "working/placed_letters.hpp"

namespace bollard::working {

/// A letter where its wall's plan has it.
struct PlanLetter {
    int slot = 0;
    int letter = 0;
    bool behind = false;      ///< on the back, which the plan sees through the front
    plane::Box box{};         ///< with room for what is added where columns would only touch
    bool unlike = false;      ///< it is not the same in another place
    std::int32_t brought = 0; ///< by how much the box was brought in, whole turns, grid units
};

/// Letters whose boxes meet, or that follow each other closely, in a box that meets no other.
struct TileLetters {
    plane::Box box{};
    std::vector<PlanLetter> letters{}; ///< in card order
};

struct Tiling {
    std::vector<TileLetters> tiles{}; ///< wholly on the blank and clear of its edges; of no blank all are
    std::vector<PlanLetter> rest{};
};

/// All letters of a panel, in card order.
std::vector<PlanLetter> lettersOf(const blank::Panel& panel, std::span<const PlacedLetters> inscriptions);

/// How the letters lie on the panel's plan.
blank::Drawn drawnOn(const blank::Panel& panel, const PlacedLetters& letters);

/// `letters` in card order. O(n log n) for letters whose boxes hardly meet.
Tiling tilingOf(const plane::Region& blank, std::vector<PlanLetter> letters);

/// Over a side that is turned: no two tiles lie beside each other along its axis, so that each has its own
/// strips. Letters are brought in to one turn from where the plan can begin; `ends` tells where strips then
/// have to end.
struct TurnedTiling {
    Tiling tiling{}; ///< no tiles: where there are letters all the way round
    std::vector<std::int32_t> ends{};
};
TurnedTiling turnedTilingOf(const blank::Panel& panel, std::vector<PlanLetter> letters);

/// The chosen letters, by inscription, as the plan has them, shifted by -`from`; what is stretched there is
/// shifted before.
std::vector<WorkedLetters> lettersOn(const blank::Panel& panel, std::span<const PlacedLetters> inscriptions,
                                     std::span<const PlanLetter> chosen, bool behind, plane::Point from);

} // namespace bollard::working
