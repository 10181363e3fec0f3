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

/// Adds one line to a setting whose scale and form are known.
class LineSetter {
  public:
    LineSetter(const LineText& line, const std::shared_ptr<const type::Typeface>& typeface,
               const TextStyle& style, Setting& out)
        : line_(line), typeface_(*typeface), style_(style), out_(out) {}

    void set(int lineNumber, double baseline_mm) {
        const bool spaced = style_.letterSpace != 0;
        const auto glyphs = type::shaped(typeface_, line_.text, {true, !spaced});
        std::vector<double> carets(line_.text.size() + 1, 0);
        const size_t firstLetter = out_.letters.size();
        double pen = 0; // grid units
        for (size_t i = 0; i < glyphs.size(); ++i) {
            const type::ShapedGlyph& glyph = glyphs[i];
            const std::u32string text = line_.text.substr(size_t(glyph.first), size_t(glyph.count));
            const double start = pen;
            place(glyph, text, pen, lineNumber, baseline_mm);
            pen += glyph.advance * out_.form.width * out_.scale + spaceAfter(glyphs, i, text);
            for (int k = 0; k < glyph.count; ++k) {
                const double share = (pen - start) / glyph.count;
                const auto place = size_t(glyph.first + k);
                carets[place] = glyph.rightToLeft ? pen - share * k : start + share * k;
                if (place + 1 == carets.size() - 1)
                    carets[place + 1] = glyph.rightToLeft ? pen - share * (k + 1) : start + share * (k + 1);
            }
        }
        align(firstLetter, pen, carets);
        for (double& caret : carets)
            caret = plane::toMillimetres(caret);
        out_.lines.push_back({line_.first, baseline_mm, std::move(carets)});
    }

  private:
    void place(const type::ShapedGlyph& glyph, const std::u32string& text, double pen, int lineNumber,
               double baseline_mm) {
        static const auto nothing = std::make_shared<const plane::Region>();
        Letter letter;
        letter.glyph = glyph.glyph;
        letter.index = line_.first + glyph.first;
        letter.line = lineNumber;
        letter.text = type::utf8(text);
        letter.missing = glyph.missing && !isInvisible(text);
        letter.region = glyph.missing ? nothing : typeface_.region(glyph.glyph, out_.scale, out_.form);
        // A weight change can leave nothing of a letter; that is found elsewhere, with its measure.
        const bool hasOutline =
            !letter.region->empty() ||
            (!glyph.missing && out_.form.weight < 0 && !typeface_.region(glyph.glyph, out_.scale)->empty());
        letter.drawsNothing = !glyph.missing && glyph.count > 0 && !hasOutline && !isInvisible(text);
        const plane::Vector shift = out_.scale * out_.form.moved(glyph.shift);
        letter.at = {static_cast<std::int32_t>(std::lround(pen + shift.x)),
                     static_cast<std::int32_t>(std::lround(shift.y)) + toUnits(baseline_mm)};
        letter.box = plane::shifted(plane::boxOf(*letter.region), letter.at);
        if (hasOutline || letter.missing || letter.drawsNothing)
            out_.letters.push_back(std::move(letter));
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
    void align(size_t firstLetter, double pen, std::vector<double>& carets) {
        Box ink;
        for (size_t i = firstLetter; i < out_.letters.size(); ++i)
            ink.include(out_.letters[i].box);
        const double left = ink.empty() ? 0 : ink.low.x, right = ink.empty() ? pen : ink.high.x;
        const double from = style_.align == Align::left     ? left
                            : style_.align == Align::centre ? (left + right) / 2
                                                            : right;
        const Point by{-static_cast<std::int32_t>(std::lround(from)), 0};
        for (size_t i = firstLetter; i < out_.letters.size(); ++i) {
            out_.letters[i].at = out_.letters[i].at + by;
            out_.letters[i].box = plane::shifted(out_.letters[i].box, by);
        }
        for (double& caret : carets)
            caret += by.x;
    }

    const LineText& line_;
    const type::Typeface& typeface_;
    const TextStyle& style_;
    Setting& out_;
};

/// Grid units per font unit at which a letter as high as `height` font units measures `size_mm`.
double scaleFor(double size_mm, double height, const TextStyle& style) {
    return std::max(size_mm - 2 * style.weight, 0.0) * plane::unitsPerMillimetre / height;
}

Setting setAtScale(const std::string& words, const std::shared_ptr<const type::Typeface>& typeface,
                   const TextStyle& style, double scale) {
    Setting result;
    result.typeface = typeface;
    if (!(scale > 0))
        return result;
    result.scale = scale;
    result.form = {style.width / 100, style.slant, style.weight * plane::unitsPerMillimetre / scale};
    const double lineHeight_mm = plane::toMillimetres(typeface->lineHeight() * scale) + style.lineSpace;
    int number = 0;
    double baseline_mm = 0;
    for (const LineText& line : linesOf(words)) {
        baseline_mm = -lineHeight_mm * number;
        LineSetter(line, typeface, style, result).set(number++, baseline_mm);
    }
    for (const Letter& letter : result.letters)
        result.ink.include(letter.box);
    const bool hasInk = !result.ink.empty();
    const double capital_mm = measureOf(result, SizeBy::capital);
    result.frame = {{hasInk ? result.ink.low.x : 0, toUnits(baseline_mm - style.weight)},
                    {hasInk ? result.ink.high.x : 0, toUnits(capital_mm - style.weight)}};
    return result;
}

/// The words so large that they measure what is asked for. The measure is nearly straight in the scale, so
/// following the line through the last two tries gets there in a few.
Setting setToMeasure(const std::string& words, const std::shared_ptr<const type::Typeface>& typeface,
                     const TextStyle& style) {
    constexpr double start_mm = 10, smallest_mm = 0.1, near_mm = 0.0002;
    constexpr int mostTries = 12;
    const double smallest =
        scaleFor(smallest_mm + 2 * std::max(style.weight, 0.0), typeface->capitalHeight(), style);
    double scale = scaleFor(start_mm + 2 * std::max(style.weight, 0.0), typeface->capitalHeight(), style);
    Setting setting = setAtScale(words, typeface, style, scale);
    if (setting.ink.empty())
        return setting;
    double scaleBefore = 0, measureBefore = 0;
    for (int tries = 0; tries < mostTries; ++tries) {
        const double measured = measureOf(setting, style.sizeBy);
        if (std::fabs(measured - style.size) <= near_mm)
            break;
        const double steepness = (measured - measureBefore) / (scale - scaleBefore);
        scaleBefore = scale;
        measureBefore = measured;
        scale = std::max(scale + (style.size - measured) / steepness, smallest);
        if (scale == scaleBefore)
            break;
        setting = setAtScale(words, typeface, style, scale);
    }
    return setting;
}

} // namespace

double measureOf(const Setting& setting, SizeBy by) {
    const auto lettersHigh = [&](double height) {
        return plane::toMillimetres((height + 2 * setting.form.weight) * setting.scale);
    };
    switch (by) {
    case SizeBy::capital:
        return setting.typeface ? lettersHigh(setting.typeface->capitalHeight()) : 0;
    case SizeBy::xHeight:
        return setting.typeface ? lettersHigh(setting.typeface->xHeight()) : 0;
    case SizeBy::line:
        return setting.typeface ? plane::toMillimetres(setting.typeface->lineHeight() * setting.scale) : 0;
    case SizeBy::width:
        return setting.ink.empty() ? 0 : plane::toMillimetres(double(setting.ink.high.x) - setting.ink.low.x);
    case SizeBy::height:
        break;
    }
    return setting.ink.empty() ? 0 : plane::toMillimetres(double(setting.ink.high.y) - setting.ink.low.y);
}

Setting set(const std::string& words, std::shared_ptr<const type::Typeface> typeface,
            const TextStyle& style) {
    if (!typeface || !(style.size > 0))
        return {typeface};
    switch (style.sizeBy) {
    case SizeBy::capital:
        return setAtScale(words, typeface, style, scaleFor(style.size, typeface->capitalHeight(), style));
    case SizeBy::xHeight:
        return setAtScale(words, typeface, style, scaleFor(style.size, typeface->xHeight(), style));
    case SizeBy::line:
        return setAtScale(words, typeface, style,
                          style.size * plane::unitsPerMillimetre / typeface->lineHeight());
    case SizeBy::width:
    case SizeBy::height:
        break;
    }
    return setToMeasure(words, typeface, style);
}

} // namespace bollard::setting
