#include "plane/path_data.hpp"
#include "type/line_font.hpp"
#include "type/shaping.hpp"
#include <algorithm>
#include <array>
#include <fstream>
#include <pugixml.hpp>

namespace bollard::type {

using quantity::Problem, quantity::ProblemKind;

namespace {

pugi::xml_node firstFont(const pugi::xml_document& document) {
    return document.find_node(
        [](const pugi::xml_node& node) { return std::string_view(node.name()) == "font"; });
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
    std::array<char, 4096> head{};
    std::ifstream in(file, std::ios::binary);
    in.read(head.data(), head.size());
    pugi::xml_document document; // a cut-off text keeps what was read before the cut
    document.load_buffer(head.data(), size_t(in.gcount()));
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
    font.unitsPerEm = face.attribute("units-per-em").as_double(1000);
    if (!(font.unitsPerEm > 0))
        return Problem{ProblemKind::fontBroken, file, {}, lineAt(text, face.offset_debug())};
    font.capitalHeight = face.attribute("cap-height").as_double();
    font.xHeight = face.attribute("x-height").as_double();
    font.ascender = face.attribute("ascent").as_double(0.8 * font.unitsPerEm);
    font.descender = face.attribute("descent").as_double(-0.2 * font.unitsPerEm);
    const double advance = source.attribute("horiz-adv-x").as_double(0.5 * font.unitsPerEm);
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
        glyph.advance = node.attribute("horiz-adv-x").as_double(advance);
        for (const plane::Contour& contour : glyph.outline.contours)
            font.singleLine = font.singleLine || (contour.open && !contour.segments.empty());
        codesByName.emplace(node.attribute("glyph-name").as_string(), glyph.code);
        font.glyphs.push_back(std::move(glyph));
    }
    std::ranges::stable_sort(font.glyphs, {}, &LineFont::Glyph::code);
    const auto doubles = std::ranges::unique(font.glyphs, {}, &LineFont::Glyph::code);
    font.glyphs.erase(doubles.begin(), doubles.end());
    if (std::ranges::all_of(font.glyphs, [](const auto& glyph) { return glyph.outline.contours.empty(); }))
        return Problem{ProblemKind::fontNoLines, file};
    for (const pugi::xml_node& kern : source.children("hkern"))
        for (const char32_t first : kernSide(kern, "u1", "g1", codesByName))
            for (const char32_t second : kernSide(kern, "u2", "g2", codesByName))
                font.kerning[{first, second}] = kern.attribute("k").as_double();
    return font;
}

} // namespace bollard::type
