#include "setting/setting.hpp"

namespace bollard::setting {
namespace {

using plane::Box, plane::Point, plane::toUnits;

bool isSpace(char32_t c) {
    return c == U' ' || c == U'\u00A0' || c == U'\t' || (c >= U'\u2000' && c <= U'\u200B') || c == U'\u3000';
}

bool isInvisible(std::u32string_view text) {
    return std::ranges::all_of(text, [](char32_t c) {
        return isSpace(c) || c < 0x20 || c == U'\u00AD' || (c >= U'\u200B' && c <= U'\u200F') ||
               c == U'\u2060' || c == U'\uFEFF' || (c >= U'\uFE00' && c <= U'\uFE0F');
    });
}

struct LineText {
    int first;
    std::u32string text;
};

std::vector<LineText> linesOf(const std::string& words) {
    std::vector<LineText> lines{{0, {}}};
    int index = 0;
    for (const char32_t c : type::codePoints(words)) {
        ++index;
        if (c == U'\n')
            lines.push_back({index, {}});
        else
            lines.back().text.push_back(c);
    }
    return lines;
}

/// One line on the way: pen positions in font units.
class LineSetter {
  public:
    LineSetter(const LineText& line, const std::shared_ptr<const type::Typeface>& typeface,
               const TextStyle& style, double scale)
        : line_(line), typeface_(*typeface), style_(style), scale_(scale) {}

    void set(int lineNumber, double baseline_mm, Setting& out) {
        const bool spaced = style_.letterSpace != 0;
        const auto glyphs = type::shaped(typeface_, line_.text, {true, !spaced});
        std::vector<double> carets(line_.text.size() + 1, 0);
        const size_t firstLetter = out.letters.size();
        double pen = 0; // grid units
        for (size_t i = 0; i < glyphs.size(); ++i) {
            const type::ShapedGlyph& glyph = glyphs[i];
            const std::u32string text = line_.text.substr(size_t(glyph.first), size_t(glyph.count));
            const double start = pen;
            place(glyph, text, pen, lineNumber, baseline_mm, out);
            pen += glyph.advance * scale_ + spaceAfter(glyphs, i, text);
            for (int k = 0; k < glyph.count; ++k) {
                const double share = (pen - start) / glyph.count;
                const auto place = size_t(glyph.first + k);
                carets[place] = glyph.rightToLeft ? pen - share * k : start + share * k;
                if (place + 1 == carets.size() - 1)
                    carets[place + 1] = glyph.rightToLeft ? pen - share * (k + 1) : start + share * (k + 1);
            }
        }
        align(firstLetter, pen, carets, out);
        for (double& caret : carets)
            caret = plane::toMillimetres(caret);
        out.lines.push_back({line_.first, baseline_mm, std::move(carets)});
    }

  private:
    void place(const type::ShapedGlyph& glyph, const std::u32string& text, double pen, int lineNumber,
               double baseline_mm, Setting& out) {
        static const auto nothing = std::make_shared<const plane::Region>();
        Letter letter;
        letter.glyph = glyph.glyph;
        letter.index = line_.first + glyph.first;
        letter.line = lineNumber;
        letter.text = type::utf8(text);
        letter.missing = glyph.missing && !isInvisible(text);
        letter.region = glyph.missing ? nothing : typeface_.region(glyph.glyph, scale_);
        letter.drawsNothing =
            !glyph.missing && glyph.count > 0 && letter.region->empty() && !isInvisible(text);
        letter.at = {static_cast<std::int32_t>(std::lround(pen + glyph.shift.x * scale_)),
                     static_cast<std::int32_t>(std::lround(glyph.shift.y * scale_)) + toUnits(baseline_mm)};
        letter.box = plane::shifted(plane::boxOf(*letter.region), letter.at);
        if (!letter.region->empty() || letter.missing || letter.drawsNothing)
            out.letters.push_back(std::move(letter));
    }

    double spaceAfter(const std::vector<type::ShapedGlyph>& glyphs, size_t i,
                      const std::u32string& text) const {
        double space_mm = !text.empty() && isSpace(text.front()) ? style_.wordSpace : 0;
        const bool groupEnds = i + 1 < glyphs.size() && glyphs[i + 1].count > 0;
        if (groupEnds)
            space_mm += style_.letterSpace;
        return space_mm * plane::unitsPerMillimetre;
    }

    /// Moves the line so that its ink (its pen line when there is none) starts, is centred, or ends at x = 0.
    void align(size_t firstLetter, double pen, std::vector<double>& carets, Setting& out) const {
        Box ink;
        for (size_t i = firstLetter; i < out.letters.size(); ++i)
            ink.include(out.letters[i].box);
        const double left = ink.empty() ? 0 : ink.low.x, right = ink.empty() ? pen : ink.high.x;
        const double from = style_.align == Align::left     ? left
                            : style_.align == Align::centre ? (left + right) / 2
                                                            : right;
        const Point by{-static_cast<std::int32_t>(std::lround(from)), 0};
        for (size_t i = firstLetter; i < out.letters.size(); ++i) {
            out.letters[i].at = out.letters[i].at + by;
            out.letters[i].box = plane::shifted(out.letters[i].box, by);
        }
        for (double& caret : carets)
            caret += by.x;
    }

    const LineText& line_;
    const type::Typeface& typeface_;
    const TextStyle& style_;
    double scale_;
};

} // namespace

Setting set(const std::string& words, std::shared_ptr<const type::Typeface> typeface,
            const TextStyle& style) {
    Setting result;
    result.typeface = typeface;
    if (!typeface || !(style.capitalHeight > 0))
        return result;
    result.scale = style.capitalHeight * plane::unitsPerMillimetre / typeface->capitalHeight();
    const double lineHeight_mm =
        plane::toMillimetres(typeface->lineHeight() * result.scale) + style.lineSpace;
    int number = 0;
    double baseline_mm = 0;
    for (const LineText& line : linesOf(words)) {
        baseline_mm = -lineHeight_mm * number;
        LineSetter(line, typeface, style, result.scale).set(number++, baseline_mm, result);
    }
    for (const Letter& letter : result.letters)
        result.ink.include(letter.box);
    const bool hasInk = !result.ink.empty();
    result.frame = {{hasInk ? result.ink.low.x : 0, toUnits(baseline_mm)},
                    {hasInk ? result.ink.high.x : 0, toUnits(style.capitalHeight)}};
    return result;
}

} // namespace bollard::setting
