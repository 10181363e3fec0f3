// From a line of text to positioned glyphs.
#pragma once
#include "type/typeface.hpp"
#include <map>
#include <string>
#include <string_view>
#include <vector>

namespace bollard::type {

/// A glyph in visual order, lengths in font units.
struct ShapedGlyph {
    std::uint32_t glyph = 0;
    int first = 0; ///< the first code point it stands for, counted from the start of the line
    int count = 1; ///< how many code points it stands for; 0 for marks after the first glyph of a group
    plane::Vector shift{}; ///< from the pen to the glyph's origin
    double advance = 0;
    bool missing = false; ///< the font has no glyph for this
    bool rightToLeft = false;
};

struct ShapingRules {
    bool kerning = true;
    bool ligatures = true;
    std::map<std::string, int> features{}; ///< OpenType features by tag, 0 off, 1 on, more for an alternate
};

/// Shapes one line (no line breaks) with kerning, marks, ligatures and right-to-left runs, left to right as
/// seen.
std::vector<ShapedGlyph> shaped(const Typeface& typeface, std::u32string_view line,
                                const ShapingRules& rules = {});

/// UTF-8 to code points; bad bytes become U+FFFD.
std::u32string codePoints(std::string_view utf8);
/// Code points to UTF-8.
std::string utf8(std::u32string_view text);

} // namespace bollard::type
