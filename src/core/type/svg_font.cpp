#include "plane/path_data.hpp"
#include "quantity/read_whole.hpp"
#include "type/line_font.hpp"
#include "type/shaping.hpp"
#include <algorithm>
#include <charconv>
#include <pugixml.hpp>

namespace bollard::type {

using quantity::Problem, quantity::ProblemKind;

namespace {

pugi::xml_node firstFont(const pugi::xml_document& document) {
    return document.find_node(
        [](const pugi::xml_node& node) { return std::string_view(node.name()) == "font"; });
}

/// A number as XML has them; pugixml's own reader goes by the locale.
double numberIn(const pugi::xml_attribute& attribute, double otherwise = 0) {
    std::string_view text = attribute.as_string();
    text.remove_prefix(std::min(text.find_first_not_of(" \t\r\n"), text.size()));
    if (text.starts_with('+'))
        text.remove_prefix(1);
    double value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    constexpr double most = 1e7; // beyond it no unit of an em is left
    return error == std::errc() && std::fabs(value) <= most ? value : otherwise;
}

int lineAt(const std::string& text, std::ptrdiff_t offset) {
    const auto end = text.begin() + std::clamp<std::ptrdiff_t>(offset, 0, std::ptrdiff_t(text.size()));
    return int(std::count(text.begin(), end, '\n')) + 1;
}

std::pair<std::string, std::string> nameIn(const pugi::xml_node& font) {
    const pugi::xml_node face = font.child("font-face");
    const std::string family = face.attribute("font-family").as_string(font.attribute("id").as_string());
    const std::string style = face.attribute("font-style").as_string();
    const std::string weight = face.attribute("font-weight").as_string();
    std::string name = weight == "bold" || weight == "700" ? "Bold" : "";
    if (style == "italic" || style == "oblique")
        name += name.empty() ? "Italic" : " Italic";
    return {family, name.empty() ? "Regular" : name};
}

/// The one code point that `unicode` stands for; 0 for several or none.
char32_t codeOf(const char* unicode) {
    const std::u32string codes = codePoints(unicode);
    return codes.size() == 1 ? codes.front() : 0;
}

/// The glyphs that one side of an <hkern> names: characters, or glyph names.
std::vector<char32_t> kernSide(const pugi::xml_node& kern, const char* characters, const char* names,
                               const std::map<std::string, char32_t>& codesByName) {
    std::vector<char32_t> codes;
    const auto eachPart = [](std::string_view list, auto take) {
        while (!list.empty()) {
            const size_t comma = std::min(list.find(','), list.size());
            if (comma > 0)
                take(std::string(list.substr(0, comma)));
            list.remove_prefix(std::min(comma + 1, list.size()));
        }
    };
    const std::string_view text = kern.attribute(characters).as_string();
    if (text == ",")
        codes.push_back(U',');
    else
        eachPart(text, [&](const std::string& part) {
            if (const char32_t code = codeOf(part.c_str()))
                codes.push_back(code);
        });
    eachPart(kern.attribute(names).as_string(), [&](const std::string& part) {
        if (const auto named = codesByName.find(part); named != codesByName.end())
            codes.push_back(named->second);
    });
    return codes;
}

} // namespace

std::pair<std::string, std::string> nameOfSvgFont(const std::string& file) {
    constexpr size_t head = 4096;
    const auto text = quantity::readWhole(file, head);
    if (!text)
        return {};
    pugi::xml_document document; // a cut-off text keeps what was read before the cut
    document.load_buffer(text->data(), text->size());
    const pugi::xml_node font = firstFont(document);
    return font ? nameIn(font) : std::pair<std::string, std::string>{};
}

quantity::Result<LineFont> lineFontFromSvg(const std::string& text, const std::string& file) {
    pugi::xml_document document;
    const pugi::xml_parse_result parsed = document.load_buffer(text.data(), text.size());
    if (!parsed)
        return Problem{ProblemKind::artworkBroken, file, parsed.description(), lineAt(text, parsed.offset)};
    const pugi::xml_node source = firstFont(document);
    if (!source)
        return Problem{ProblemKind::fontBroken, file};

    const pugi::xml_node face = source.child("font-face");
    LineFont font;
    std::tie(font.family, font.style) = nameIn(source);
    font.unitsPerEm = numberIn(face.attribute("units-per-em"), 1000);
    if (!(font.unitsPerEm > 0))
        return Problem{ProblemKind::fontBroken, file, {}, lineAt(text, face.offset_debug())};
    font.capitalHeight = numberIn(face.attribute("cap-height"));
    font.xHeight = numberIn(face.attribute("x-height"));
    font.ascender = numberIn(face.attribute("ascent"), 0.8 * font.unitsPerEm);
    font.descender = numberIn(face.attribute("descent"), -0.2 * font.unitsPerEm);
    const double advance = numberIn(source.attribute("horiz-adv-x"), 0.5 * font.unitsPerEm);
    std::map<std::string, char32_t> codesByName;
    for (const pugi::xml_node& node : source.children("glyph")) {
        LineFont::Glyph glyph{codeOf(node.attribute("unicode").as_string()), {}, advance};
        if (glyph.code == 0)
            continue;
        auto outline = plane::outlineFromPathData(node.attribute("d").as_string());
        if (!outline) {
            Problem problem = outline.problem();
            problem.subject = "“" + std::string(node.attribute("unicode").as_string()) + "”";
            problem.line = lineAt(text, node.offset_debug());
            return problem;
        }
        glyph.outline = *std::move(outline);
        glyph.advance = numberIn(node.attribute("horiz-adv-x"), advance);
        for (const plane::Contour& contour : glyph.outline.contours)
            font.singleLine = font.singleLine || (contour.open && !contour.segments.empty());
        codesByName.emplace(node.attribute("glyph-name").as_string(), glyph.code);
        font.glyphs.push_back(std::move(glyph));
    }
    std::ranges::stable_sort(font.glyphs, {}, &LineFont::Glyph::code);
    const auto sameCode = [](const auto& a, const auto& b) { return a.code == b.code; };
    font.glyphs.erase(std::unique(font.glyphs.begin(), font.glyphs.end(), sameCode), font.glyphs.end());
    if (std::ranges::all_of(font.glyphs, [](const auto& glyph) { return glyph.outline.contours.empty(); }))
        return Problem{ProblemKind::fontNoLines, file};
    for (const pugi::xml_node& kern : source.children("hkern"))
        for (const char32_t first : kernSide(kern, "u1", "g1", codesByName))
            for (const char32_t second : kernSide(kern, "u2", "g2", codesByName))
                font.kerning[{first, second}] = numberIn(kern.attribute("k"));
    return font;
}

} // namespace bollard::type
