// From words to placed letters.
#pragma once
#include "setting/baseline.hpp"
#include "setting/nudges.hpp"
#include "type/shaping.hpp"
#include <memory>
#include <stop_token>
#include <string>
#include <vector>

namespace bollard::setting {

enum class Align { left, centre, right };

/// What is measured to give the size.
enum class SizeBy {
    capital, ///< the height of H as drawn, with the weight change on both sides; of a single-line typeface
             ///< between the middles of its strokes
    xHeight, ///< the height of x
    line,    ///< baseline to baseline, without extra line space
    width,   ///< all words, leftmost to rightmost ink
    height   ///< all words, lowest to highest ink
};

/// How the words of an inscription are set. Lengths in mm, as measured on the part.
struct TextStyle {
    SizeBy sizeBy = SizeBy::capital;
    double size = 10;   ///< above 0
    double width = 100; ///< percent of the typeface's own width
    double slant = 0;   ///< degrees, tops to the right
    double weight = 0;  ///< strokes grown on each side; negative makes them lighter; not of single lines
    double stroke = 1;  ///< how wide the strokes of single-line typefaces are, and the lines that are scribed
    plane::Ends ends = plane::Ends::round; ///< of those strokes
    double letterSpace = 0;                ///< extra between letters; may be negative
    double wordSpace = 0;                  ///< extra at each space
    double lineSpace = 0;                  ///< extra between lines, on top of the typeface's own line height
    double joint = 0; ///< dots are brought down until they hang together with their letter by so much; 0: not
    Align align = Align::centre;
    bool kerning = true;                   ///< pairs of letters as the typeface spaces them
    std::map<std::string, int> features{}; ///< OpenType features by tag: 0 off, 1 on
    bool operator==(const TextStyle&) const = default;
};

/// Letters or words one by one, each centred in a room of its own, the rooms side by side.
struct GiveOut {
    enum class By { no, letter, word };
    By by = By::no;
    double turn = 0; ///< of each about its middle, degrees
    bool operator==(const GiveOut&) const = default;
};
constexpr int giveOuts = 3;

/// What besides the style decides where letters stand and what is drawn of them.
struct Laying {
    Baseline baseline{};
    std::vector<Nudge> nudges{};
    bool traced = false;   ///< outlines are lines to follow (scribed)
    plane::Outline edge{}; ///< the blank's outline, mm; for a baseline along it
    GiveOut giveOut{};
    double room = 0; ///< how wide each room is, mm; 0: nothing is given out
    bool operator==(const Laying&) const = default;
};

/// One glyph in its place. Positions are on the grid in the setting's own frame:
/// x = 0 is the line that the lines are aligned on, y = 0 the first baseline.
struct Letter {
    std::uint32_t glyph = 0;
    plane::Point at{};
    double turn = 0; ///< degrees, counter-clockwise about its origin
    double zoom = 1; ///< times as large as the others
    int index = 0;   ///< its first code point in the words, line breaks counted
    int line = 0;
    std::string text{};        ///< what it stands for; empty for a mark that belongs to the letter before
    bool missing = false;      ///< the typeface has no such character; nothing is drawn
    bool drawsNothing = false; ///< there is a glyph but it has no outline, though the text is no space
    bool beyond = false;       ///< larger or farther out than the grid reaches; nothing is drawn
    bool own = false; ///< the region is a shape of its own, no glyph of the typeface: bent letters, ornaments
    std::shared_ptr<const plane::Region>
        clear{}; ///< of a backing: what stands clear of the side, on the letter as its posts; else null
    std::shared_ptr<const plane::Region> region{}; ///< in glyph coordinates, grid units; never null
    plane::Box box{};                              ///< of the region in its place

    /// The same as its neighbours, only elsewhere.
    bool upright() const { return turn == 0 && zoom == 1; }
    /// From glyph coordinates (grid units) to the setting's frame.
    plane::Vector toFrame(plane::Vector inGlyph) const;
};

/// The letter in its place in the setting's frame.
plane::Region shapeOf(const Letter& letter);

/// Where a caret can stand in one line.
struct Line {
    int first = 0;                               ///< code point index of its first place
    double baseline = 0;                         ///< mm
    std::vector<double> carets{};                ///< x in mm of each place, one more than code points
    std::shared_ptr<const plane::Curve> curve{}; ///< what it stands on, grid units; null for a straight line
    double home = 0;                             ///< distance along the curve of x = 0
    double from = 0, to = 0;                     ///< ends of the line's ink (or pen), mm from x = 0

    /// Where a point of the line lies in the setting's frame and which way the line runs there; grid units.
    plane::Curve::Place at(double x_mm) const;
};

/// Words laid out; immutable and shared.
struct Setting {
    std::shared_ptr<const type::Typeface> typeface{};
    type::GlyphForm form{};
    double scale = 0; ///< grid units per font unit
    std::vector<Letter> letters{};
    std::vector<Line> lines{};
    plane::Box
        frame{}; ///< ink from left to right, foot of the last line's H to top of the first's; for anchors
    plane::Box ink{};  ///< all outlines
    plane::Box flat{}; ///< all outlines as they would stand on straight lines, without nudges' turns
    BaselineKind baseline = BaselineKind::straight;
    SizeBy sizeBy = SizeBy::capital;
    double asked = 0;      ///< the size that was wanted, mm, to compare with what measureOf() tells
    bool closedUp = false; ///< strokes grow by more than letters of this size are high: there are none
};

/// How large a setting is, mm, by each measure.
double measureOf(const Setting& setting, SizeBy by);

/// Lays out UTF-8 words. Ligatures are given up where letter space is asked for.
/// A style with a size of 0 or less gives an empty setting. A width or height that cannot be had (spaces
/// alone are wider, or strokes that a weight change takes away jump past it) gives the nearest that was
/// tried, between capitals of 0.1 mm and of 10 m; words without ink stay at capitals of 10 mm. Stopped, it
/// returns what it has.
Setting set(const std::string& words, std::shared_ptr<const type::Typeface> typeface, const TextStyle& style,
            const Laying& laying = {}, const std::stop_token& stop = {});

} // namespace bollard::setting
