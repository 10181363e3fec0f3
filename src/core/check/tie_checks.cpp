#include "check/checks.hpp"
#include <algorithm>

namespace bollard::check {

/// Ties that hold nothing, and ties put by hand that found no place.
void checkTies(Looking& looking, int slot) {
    const working::PlacedLetters& letters = looking.letters(slot);
    if (!working::isTied(letters) || letters.setting->letters.empty())
        return;
    Finding lost = looking.finding(FindingKind::tieLost, Severity::watch, slot);
    for (size_t i = 0; i < letters.ties.own.size(); ++i) {
        const working::OwnTie& own = letters.ties.own[i];
        const auto letter = std::ranges::find(letters.setting->letters, own.letter, &setting::Letter::index);
        const bool placed = std::ranges::find(letters.placedTies, int(i), &working::PlacedTie::own) !=
                            letters.placedTies.end();
        if (!own.none && !placed && letter != letters.setting->letters.end())
            lost.places.push_back(looking.place(slot, int(letter - letters.setting->letters.begin()),
                                                letters.place.toSide(plane::vectorOf(letter->at))));
    }
    looking.addCounted(std::move(lost));
    const auto encloses = [](const setting::Letter& letter) {
        return std::ranges::any_of(letter.region->rings,
                                   [](const plane::Ring& ring) { return plane::areaOf(ring) < 0; });
    };
    const bool automatic = letters.ties.kind == working::TieKind::automatic;
    if (automatic && letters.placedTies.empty() && std::ranges::none_of(letters.setting->letters, encloses)) {
        Finding idle = looking.finding(FindingKind::tiesIdle, Severity::note, slot);
        idle.subject = letters.setting->typeface ? letters.setting->typeface->family() : "";
        looking.found.push_back(std::move(idle));
    }
}

} // namespace bollard::check
