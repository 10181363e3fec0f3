// The letters of an inscription where they lie on the side, with how they are worked.
#pragma once
#include "setting/placing.hpp"
#include "working/working.hpp"
#include <memory>
#include <span>
#include <vector>

namespace bollard::working {

struct PlacedLetters {
    int inscription = 0; ///< its number on the card
    std::shared_ptr<const setting::Setting> setting{};
    setting::Place place;
    Working working{};
    std::vector<plane::Region> onSide{}; ///< by letter, grid units
    std::vector<bool> altered{}; ///< by letter: it is no longer as its glyph is drawn; empty when none is

    PlacedLetters(int number, std::shared_ptr<const setting::Setting> letters,
                  const setting::Placing& placing, const Working& how);

    /// The letter is its typeface's glyph in its place, so that what is known of the glyph holds for it.
    bool asDrawn(size_t letter) const {
        return !setting->letters[letter].own && !(letter < altered.size() && altered[letter]);
    }
};

/// Takes the shapes of `cutter` away from the letters of `others`.
void cutOut(const PlacedLetters& cutter, std::span<PlacedLetters> others);

/// Letters of like working united, across inscriptions.
std::vector<Worked> workedOf(std::span<const PlacedLetters> inscriptions);

} // namespace bollard::working
