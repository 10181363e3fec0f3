// Which letters of a flat wall can be worked out apart from all others, each group in a box of its own.
#pragma once
#include "blank/panel.hpp"
#include "working/changes.hpp"
#include "working/placed_letters.hpp"

namespace bollard::working {

/// A letter where its wall's plan has it.
struct PlanLetter {
    int slot = 0;
    int letter = 0;
    bool behind = false; ///< on the back, which the plan sees through the front
    plane::Box box{};    ///< with room for what is added where columns would only touch
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
Tiling tilingOf(const plane::Region& blank, const std::vector<PlanLetter>& letters);

/// The chosen letters, by inscription, as the plan has them, shifted by -`from`.
std::vector<WorkedLetters> lettersOn(const blank::Panel& panel, std::span<const PlacedLetters> inscriptions,
                                     std::span<const PlanLetter> chosen, bool behind, plane::Point from);

} // namespace bollard::working
