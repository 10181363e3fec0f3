// Letters and blank as lines to be followed: with the typeface's own curves wherever that is still what is
// made.
#pragma once
#include "blank/blank.hpp"
#include "plane/stamp.hpp"
#include "working/placed_letters.hpp"

namespace bollard::working {

/// What is cut round (or, scribed, followed) of all inscriptions of one kind of working, on the side in mm,
/// each line once. Letters that stand alone as their glyph is drawn keep its lines and curves; letters that
/// meet, of one inscription or of several, were changed or given a stroke have the outline of their united
/// area, within 0.002 mm. Scribed single-line letters give open lines. `left` tells letters that are not
/// wanted, by inscription and letter; empty wants all.
std::vector<plane::Stamp> outlinesOf(std::span<const PlacedLetters> inscriptions, Kind kind,
                                     const std::vector<std::vector<bool>>& left = {});

/// The outlines of all letters that are glyphs, where they lie on the side, mm, as their typeface draws them,
/// whatever was changed of them since; none of those that were grown, or are single lines.
std::vector<plane::Stamp> glyphOutlinesOf(const PlacedLetters& letters);

/// The blank, and what is pierced through it, as the lines along which material ends.
struct CutThrough {
    std::vector<plane::Stamp> blank{};   ///< edge and holes; with what letters at the edge leave of it
    std::vector<plane::Stamp> pierced{}; ///< letters wholly within it
};

/// Of one side, with the inscriptions on it. Holes and pierced letters that cross the edge or each other are
/// cut off there; what lies beyond the blank is left out, and the rest keeps its curves.
CutThrough cutThrough(const blank::Blank& blank, std::span<const PlacedLetters> inscriptions,
                      std::string_view side = {});

} // namespace bollard::working
