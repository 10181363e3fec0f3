// The letters of an inscription where they lie on the side, with how they are worked.
#pragma once
#include "blank/panel.hpp"
#include "setting/placing.hpp"
#include "working/ties.hpp"
#include "working/working.hpp"
#include <memory>
#include <span>
#include <stop_token>
#include <string_view>
#include <vector>

namespace bollard::working {

struct PlacedLetters {
    int inscription = 0; ///< its number on the card
    std::shared_ptr<const setting::Setting> setting{};
    setting::Place place;
    Working working{};
    std::string_view side = "front";     ///< of the blank
    std::vector<plane::Region> onSide{}; ///< by letter, grid units; true at their placing's latitude
    double narrowing = 1;        ///< how far it is round the side at that latitude, in its widest turn
    std::vector<bool> altered{}; ///< by letter: it is no longer as its glyph is drawn; empty when none is
    Ties ties{};                 ///< as the card has them, `own` by code point as made
    std::vector<PlacedTie> placedTies{};
    std::vector<plane::Region> strips{}; ///< by letter, what is made beside them, as `slab` tells; or empty
    Slab slab{};
    std::vector<bool> beyond{}; ///< by letter: it lies beyond the grid, and nothing is made of it

    PlacedLetters(int number, std::shared_ptr<const setting::Setting> letters,
                  const setting::Placing& placing, const Working& how);

    /// The letter is its typeface's glyph in its place, so that what is known of the glyph holds for it.
    bool asDrawn(size_t letter) const { return !setting->letters[letter].own && !isAltered(letter); }
    bool isAltered(size_t letter) const { return letter < altered.size() && altered[letter]; }
};

/// Tells what stands clear of the side (mm above it), on letters as its posts, as strips.
void standClear(PlacedLetters& letters, double above_mm);

/// Gives letters on a side that is turned about an axis their own shape wherever it is thinner than where
/// they are placed, instead of narrowing towards there.
void keepRigid(PlacedLetters& letters, const blank::Radius& radius);

/// Takes the shapes of `cutter` away from the letters of `others`.
void cutOut(const PlacedLetters& cutter, std::span<PlacedLetters> others, const std::stop_token& stop = {});

/// Some letters that are worked alike, or the strips across them.
struct WorkedLetters {
    Working working{};
    std::vector<plane::Region> letters{};
    Slab slab{};
    plane::Stretch stretch{};
    Lift lift{}; ///< of their tops
    bool operator==(const WorkedLetters&) const = default;
};

/// Letters of like working united, in their order: not with letters that others, worked differently, lie over
/// in between.
std::vector<Worked> workedOf(std::span<const WorkedLetters> letters, const std::stop_token& stop = {});

/// The same of inscriptions in card order: those of one side, without a name of all.
std::vector<Worked> workedOf(std::span<const PlacedLetters> inscriptions, const std::stop_token& stop = {},
                             std::string_view side = {});

} // namespace bollard::working
