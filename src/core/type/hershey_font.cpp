#include "type/line_font.hpp"
#include <array>
#include <charconv>
#include <filesystem>
#include <span>

namespace bollard::type {

using quantity::Problem, quantity::ProblemKind;

namespace {

struct Known {
    std::string_view file, family, style;
};
/// How the files are called in lists; the names follow Hershey's own (plain, simplex, duplex, complex,
/// triplex).
constexpr std::array knownFaces{
    Known{"futural", "Hershey Plain", "Simplex"},
    Known{"futuram", "Hershey Plain", "Triplex"},
    Known{"rowmans", "Hershey Roman", "Simplex"},
    Known{"rowmand", "Hershey Roman", "Duplex"},
    Known{"rowmant", "Hershey Roman", "Triplex"},
    Known{"timesr", "Hershey Roman", "Complex"},
    Known{"timesrb", "Hershey Roman", "Bold"},
    Known{"timesi", "Hershey Roman", "Complex Italic"},
    Known{"timesib", "Hershey Roman", "Bold Italic"},
    Known{"timesg", "Hershey Greek", "Complex"},
    Known{"greek", "Hershey Greek", "Plain"},
    Known{"greeks", "Hershey Greek", "Simplex"},
    Known{"greekc", "Hershey Greek", "Complex Old"},
    Known{"cyrillic", "Hershey Cyrillic", "Complex"},
    Known{"cyrilc_1", "Hershey Cyrillic", "Duplex"},
    Known{"scripts", "Hershey Script", "Simplex"},
    Known{"scriptc", "Hershey Script", "Complex"},
    Known{"cursive", "Hershey Script", "Cursive"},
    Known{"gothgbt", "Hershey Gothic", "English"},
    Known{"gothgrt", "Hershey Gothic", "German"},
    Known{"gothitt", "Hershey Gothic", "Italian"},
    Known{"gothiceng", "Hershey Gothic", "English Triplex"},
    Known{"gothicger", "Hershey Gothic", "German Triplex"},
    Known{"gothicita", "Hershey Gothic", "Italian Triplex"},
};

const Known* knownBy(const std::string& file) {
    const std::string stem = std::filesystem::path(file).stem().string();
    for (const Known& row : knownFaces)
        if (row.file == stem)
            return &row;
    return nullptr;
}

/// What the keys stand for in files that are not Latin; other keys are themselves.
struct Keys {
    std::string_view file; ///< its stem, or the start of it
    std::u32string_view keys, codes;
};
constexpr std::u32string_view latin = U"ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz";
constexpr std::u32string_view latin24 = U"ABCDEFGHIJKLMNOPQRSTUVWXabcdefghijklmnopqrstuvwx";
constexpr std::u32string_view greek = U"ΑΒΓΔΕΖΗΘΙΚΛΜΝΞΟΠΡΣΤΥΦΧΨΩαβγδεζηθικλμνξοπρστυφχψω";
constexpr std::array otherKeys{
    Keys{"greek", latin24, greek},
    Keys{"timesg", latin24, greek},
    Keys{"cyrilc_1", latin, U"АБВГДЕЖЗИЙКЛМНОПРСТУФХЦЧШЩабвгдежзийклмнопрстуфхцчшщ"},
    Keys{"cyrillic", U"$%&ABCDEFGHIJKLMNOPQRSTUVWXYZ[]^_`abcdefghijklmnopqrstuvwxyz{|}~",
         U"ЫцыАБЭДЙФГЖИЧКЛМНОПШРСТЮВЩХУЗЕЪЯЬЦабэдйфгжичклмнопшрстювщхузеъяь"},
};

char32_t codeOfKey(char32_t key, const std::string& stem) {
    for (const Keys& other : otherKeys)
        if (stem.starts_with(other.file))
            if (const size_t at = other.keys.find(key); at != std::u32string_view::npos)
                return other.codes[at];
    return key;
}

constexpr int baseline = 9; // Hershey's y runs down from the middle of the letters

plane::Outline outlineOf(std::string_view pairs) {
    plane::Outline outline;
    bool down = false;
    for (size_t i = 2; i + 1 < pairs.size(); i += 2) {
        if (pairs[i] == ' ' && pairs[i + 1] == 'R') {
            down = false;
            continue;
        }
        const plane::Vector at{double(pairs[i] - 'R'), double(baseline - (pairs[i + 1] - 'R'))};
        if (down)
            outline.contours.back().segments.push_back({plane::Segment::Kind::line, {}, {}, at});
        else
            outline.contours.push_back({at, {}, true});
        down = true;
    }
    const plane::Vector left{double(pairs[0] - 'R'), 0};
    return plane::mapped(std::move(outline), [&](plane::Vector v) { return v - left; });
}

} // namespace

std::pair<std::string, std::string> nameOfHersheyFont(const std::string& file) {
    if (const Known* row = knownBy(file))
        return {std::string(row->family), std::string(row->style)};
    return {};
}

quantity::Result<LineFont> lineFontFromHershey(std::string_view text, const std::string& file) {
    LineFont font;
    std::tie(font.family, font.style) = nameOfHersheyFont(file);
    if (font.family.empty())
        font.family = std::filesystem::path(file).stem().string();
    font.singleLine = true;
    font.unitsPerEm = 32;
    font.capitalHeight = 21;
    font.xHeight = 14;
    font.ascender = 25;
    font.descender = -7;
    const std::string stem = std::filesystem::path(file).stem().string();
    int lineNumber = 1;
    char32_t key = U' ';
    for (size_t at = 0; at < text.size();) {
        const auto broken = [&] { return Problem{ProblemKind::fontBroken, file, {}, lineNumber}; };
        if (text[at] == '\n' || text[at] == '\r') {
            lineNumber += text[at++] == '\n' ? 1 : 0;
            continue;
        }
        constexpr size_t numberSize = 5, countSize = 3;
        if (at + numberSize + countSize > text.size())
            return broken();
        std::string_view counted = text.substr(at + numberSize, countSize);
        counted.remove_prefix(std::min(counted.find_first_not_of(' '), counted.size()));
        int pairs = 0;
        if (std::from_chars(counted.data(), counted.data() + counted.size(), pairs).ec != std::errc() ||
            pairs < 1)
            return broken();
        at += numberSize + countSize;
        std::string glyph; // long ones run on over several lines
        while (glyph.size() < 2 * size_t(pairs) && at < text.size()) {
            if (text[at] != '\n' && text[at] != '\r')
                glyph.push_back(text[at]);
            lineNumber += text[at++] == '\n' ? 1 : 0;
        }
        if (glyph.size() < 2 * size_t(pairs))
            return broken();
        font.glyphs.push_back({codeOfKey(key, stem), outlineOf(glyph), double(glyph[1] - glyph[0])});
        ++key;
    }
    if (font.glyphs.size() < 2)
        return Problem{ProblemKind::fontNoLines, file};
    std::ranges::stable_sort(font.glyphs, {}, &LineFont::Glyph::code);
    return font;
}

} // namespace bollard::type
