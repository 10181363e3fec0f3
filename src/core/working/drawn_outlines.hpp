// Letters as lines to be followed: with the typeface's own curves wherever that is still what is made.
#pragma once
#include "working/placed_letters.hpp"

namespace bollard::working {

/// What is cut round (or, scribed, followed) of one inscription, on the side in mm. Letters that stand alone
/// as their glyph is drawn keep its lines and curves; letters that meet, were changed or given a stroke have
/// the outline of their united area, flattened within 0.01 mm. Scribed single-line letters give open lines.
plane::Outline outlinesOf(const PlacedLetters& letters);

/// The region's rings as contours, mm.
plane::Outline outlineOf(const plane::Region& region);

} // namespace bollard::working
