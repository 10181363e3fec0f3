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

    PlacedLetters(int number, std::shared_ptr<const setting::Setting> letters,
                  const setting::Placing& placing, const Working& how);
};

/// Letters of like working united, across inscriptions.
std::vector<Worked> workedOf(std::span<const PlacedLetters> inscriptions);

} // namespace bollard::working
