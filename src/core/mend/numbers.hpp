// What mends of inscriptions share. For the sources of this folder only.
#pragma once
#include "mend/mend.hpp"
#include <cmath>

namespace bollard::mend {

using check::Finding, check::FindingKind;

inline card::Inscription& of(card::Card& card, const Finding& finding) {
    return card.inscriptions[size_t(finding.inscription)];
}
inline const card::Inscription& of(const card::Card& card, const Finding& finding) {
    return card.inscriptions[size_t(finding.inscription)];
}
inline bool isOfOne(const Finding& finding) {
    return finding.inscription >= 0;
}
inline bool isOfWords(const Finding& finding, const card::Card& card) {
    return isOfOne(finding) && !of(card, finding).isOrnament();
}

constexpr double tenths = 10, twentieths = 20, hundredths = 100;

/// As a person would type it: to the next of so many parts of a millimetre.
inline double upTo(double value, double parts) {
    return std::ceil(value * parts - 1e-6) / parts;
}
inline double downTo(double value, double parts) {
    return std::floor(value * parts + 1e-6) / parts;
}

/// The letters of an inscription where they lie; null when it has none.
inline const working::PlacedLetters* placedOf(const Matter& matter) {
    for (const working::PlacedLetters& letters : matter.made.lettering->inscriptions)
        if (letters.inscription == matter.finding.inscription)
            return &letters;
    return nullptr;
}

} // namespace bollard::mend
