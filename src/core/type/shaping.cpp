#include "type/shaping.hpp"
#include <algorithm>
#include <array>
#include <fribidi.h>
#include <hb.h>

namespace bollard::type {
namespace {

struct Run {
    int first, count;
    FriBidiLevel level;
    hb_script_t script;
};

std::vector<FriBidiLevel> levelsOf(std::u32string_view line) {
    const auto size = FriBidiStrIndex(line.size());
    std::vector<FriBidiChar> text(line.begin(), line.end());
    std::vector<FriBidiCharType> kinds(line.size());
    std::vector<FriBidiBracketType> brackets(line.size());
    std::vector<FriBidiLevel> levels(line.size());
    fribidi_get_bidi_types(text.data(), size, kinds.data());
    fribidi_get_bracket_types(text.data(), size, kinds.data(), brackets.data());
    FriBidiParType direction = FRIBIDI_PAR_ON;
    if (fribidi_get_par_embedding_levels_ex(kinds.data(), brackets.data(), size, &direction, levels.data()) ==
        0)
        levels.assign(line.size(), 0); // out of memory inside: left to right throughout
    return levels;
}

/// Runs of one level and script in reading order; signs shared by scripts go with what stands before them.
std::vector<Run> runsOf(std::u32string_view line) {
    const std::vector<FriBidiLevel> levels = levelsOf(line);
    hb_unicode_funcs_t* const unicode = hb_unicode_funcs_get_default();
    std::vector<Run> runs;
    for (size_t i = 0; i < line.size(); ++i) {
        hb_script_t script = hb_unicode_script(unicode, line[i]);
        const bool shared = script == HB_SCRIPT_COMMON || script == HB_SCRIPT_INHERITED;
        if (!runs.empty() && runs.back().level == levels[i]) {
            Run& last = runs.back();
            const bool lastShared = last.script == HB_SCRIPT_COMMON || last.script == HB_SCRIPT_INHERITED;
            if (shared || lastShared || script == last.script) {
                if (lastShared && !shared)
                    last.script = script;
                ++last.count;
                continue;
            }
        }
        runs.push_back({int(i), 1, levels[i], script});
    }
    return runs;
}

/// Rule L2 of the Unicode bidirectional algorithm: reverse from the highest level down to the lowest odd one.
void orderVisually(std::vector<Run>& runs) {
    int highest = 0;
    for (const Run& run : runs)
        highest = std::max(highest, int(run.level));
    for (int level = highest; level > 0; --level)
        for (auto from = runs.begin(); from != runs.end();) {
            from = std::find_if(from, runs.end(), [&](const Run& r) { return r.level >= level; });
            const auto to = std::find_if(from, runs.end(), [&](const Run& r) { return r.level < level; });
            std::reverse(from, to);
            from = to;
        }
}

void shapeRun(const Typeface& typeface, std::u32string_view line, const Run& run, const ShapingRules& rules,
              std::vector<ShapedGlyph>& out) {
    hb_buffer_t* const buffer = hb_buffer_create();
    hb_buffer_set_cluster_level(buffer, HB_BUFFER_CLUSTER_LEVEL_MONOTONE_GRAPHEMES);
    hb_buffer_add_utf32(buffer, reinterpret_cast<const std::uint32_t*>(line.data()), int(line.size()),
                        unsigned(run.first), run.count);
    const bool rightToLeft = run.level % 2 != 0;
    hb_buffer_set_direction(buffer, rightToLeft ? HB_DIRECTION_RTL : HB_DIRECTION_LTR);
    hb_buffer_set_script(buffer, run.script);
    hb_buffer_guess_segment_properties(buffer);
    const std::uint32_t kerning = rules.kerning ? 1 : 0, ligatures = rules.ligatures ? 1 : 0;
    std::vector features{
        hb_feature_t{HB_TAG('k', 'e', 'r', 'n'), kerning, 0, HB_FEATURE_GLOBAL_END},
        hb_feature_t{HB_TAG('l', 'i', 'g', 'a'), ligatures, 0, HB_FEATURE_GLOBAL_END},
        hb_feature_t{HB_TAG('c', 'l', 'i', 'g'), ligatures, 0, HB_FEATURE_GLOBAL_END},
    };
    for (const auto& [tag, value] : rules.features)
        features.push_back({hb_tag_from_string(tag.data(), int(tag.size())),
                            std::uint32_t(std::max(value, 0)), HB_FEATURE_GLOBAL_START,
                            HB_FEATURE_GLOBAL_END});
    hb_shape(typeface.shapingFont(), buffer, features.data(), unsigned(features.size()));
    unsigned count = 0;
    const hb_glyph_info_t* const infos = hb_buffer_get_glyph_infos(buffer, &count);
    const hb_glyph_position_t* const places = hb_buffer_get_glyph_positions(buffer, &count);
    std::vector<int> starts; // of clusters, rising, with the end of the run
    for (unsigned i = 0; i < count; ++i)
        starts.push_back(int(infos[i].cluster));
    std::ranges::sort(starts);
    starts.push_back(run.first + run.count);
    for (unsigned i = 0; i < count; ++i) {
        const int first = int(infos[i].cluster);
        const int next = *std::ranges::upper_bound(starts, first);
        const bool follows = i > 0 && infos[i - 1].cluster == infos[i].cluster;
        out.push_back({infos[i].codepoint,
                       first,
                       follows ? 0 : next - first,
                       {double(places[i].x_offset), double(places[i].y_offset)},
                       double(places[i].x_advance),
                       infos[i].codepoint == 0,
                       rightToLeft});
    }
    hb_buffer_destroy(buffer);
}

} // namespace

std::vector<ShapedGlyph> shaped(const Typeface& typeface, std::u32string_view line,
                                const ShapingRules& rules) {
    std::vector<ShapedGlyph> glyphs;
    if (line.empty())
        return glyphs;
    std::vector<Run> runs = runsOf(line);
    orderVisually(runs);
    for (const Run& run : runs)
        shapeRun(typeface, line, run, rules, glyphs);
    return glyphs;
}

std::u32string codePoints(std::string_view text) {
    std::u32string result;
    for (size_t i = 0; i < text.size();) {
        const auto byte = [&](size_t at) { return static_cast<unsigned char>(text[at]); };
        const unsigned lead = byte(i);
        const size_t size = lead < 0x80         ? 1
                            : (lead >> 5) == 6  ? 2
                            : (lead >> 4) == 14 ? 3
                            : (lead >> 3) == 30 ? 4
                                                : 0;
        char32_t code = size == 1 ? lead : size == 0 ? 0xFFFD : lead & (0x7Fu >> size);
        bool good = size > 0 && i + size <= text.size();
        for (size_t k = 1; good && k < size; ++k) {
            good = (byte(i + k) & 0xC0) == 0x80;
            code = (code << 6) | (byte(i + k) & 0x3Fu);
        }
        good = good && code <= 0x10FFFF && (code < 0xD800 || code > 0xDFFF);
        result.push_back(good ? code : U'\uFFFD');
        i += good ? size : 1;
    }
    return result;
}

std::string utf8(std::u32string_view text) {
    std::string result;
    const auto put = [&](char32_t bits) { result.push_back(static_cast<char>(bits)); };
    for (const char32_t c : text) {
        if (c < 0x80) {
            put(c);
        } else if (c < 0x800) {
            put(0xC0 | (c >> 6));
            put(0x80 | (c & 0x3F));
        } else if (c < 0x10000) {
            put(0xE0 | (c >> 12));
            put(0x80 | ((c >> 6) & 0x3F));
            put(0x80 | (c & 0x3F));
        } else {
            put(0xF0 | (c >> 18));
            put(0x80 | ((c >> 12) & 0x3F));
            put(0x80 | ((c >> 6) & 0x3F));
            put(0x80 | (c & 0x3F));
        }
    }
    return result;
}

} // namespace bollard::type
