// Fonts whose glyphs are written as paths: SVG 1.1 fonts and Hershey's (jhf).
#pragma once
#include "plane/outline.hpp"
#include "quantity/result.hpp"
#include <cstdint>
#include <map>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace bollard::type {

/// A font as its file gives it. Lengths are in font units, y up, the baseline at 0.
struct LineFont {
    struct Glyph {
        char32_t code = 0;
        plane::Outline outline{};
        double advance = 0;
    };
    std::string family{};
    std::string style{"Regular"};
    double unitsPerEm = 1000;
    double capitalHeight = 0; ///< 0 where the file does not tell
    double xHeight = 0;
    double ascender = 0;
    double descender = 0;                                      ///< below 0
    std::vector<Glyph> glyphs{};                               ///< rising by code
    std::map<std::pair<char32_t, char32_t>, double> kerning{}; ///< how much closer two glyphs come
    bool singleLine = false; ///< glyphs are lines to follow, not areas to fill

    const Glyph* find(char32_t code) const;
    /// How much closer `second` comes to `first`: from the file's own pairs, or, where it has none and glyphs
    /// are lines, so that the narrowest place between them is about as wide as between two upright stems.
    double closer(const Glyph& first, const Glyph& second) const;
};

/// Family and style as told at the head of an SVG font, without reading its glyphs; empty where it is none.
std::pair<std::string, std::string> nameOfSvgFont(const std::string& file);

/// Reads the first <font> of an SVG file. Glyphs of several characters are left out. `file` names it in
/// problems.
quantity::Result<LineFont> lineFontFromSvg(const std::string& text, const std::string& file);

/// Family and style of a Hershey font by its file's name.
std::pair<std::string, std::string> nameOfHersheyFont(const std::string& file);

/// Reads Hershey's glyphs: the 95 signs of ASCII in order, Greek and Cyrillic ones at their own code points.
quantity::Result<LineFont> lineFontFromHershey(std::string_view text, const std::string& file);

} // namespace bollard::type
