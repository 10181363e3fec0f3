#include "type/typeface.hpp"
#include "plane/centreline.hpp"
#include "quantity/kept.hpp"
#include "quantity/read_whole.hpp"
#include "type/line_font.hpp"
#include <array>
#include <cmath>
#include <filesystem>
#include <ft2build.h>
#include <hb-ot.h>
#include <hb.h>
#include <map>
#include <mutex>
#include <set>
#include <unordered_map>
#include FT_FREETYPE_H
#include FT_TRUETYPE_TABLES_H

namespace bollard::type {

using quantity::Problem, quantity::ProblemKind;

namespace {

constexpr double solidTolerance_mm = 0.01, finestOfEm = 1.0 / 50000;
constexpr double widthGridPerEm = 100000; // the grid widths are measured on
constexpr double widthTolerance = 25;     // em / 4,000
constexpr double centrelineTolerance = 100;

struct FreeType {
    FT_Library library = nullptr;
    FT_Face face = nullptr;
    ~FreeType() {
        if (face)
            FT_Done_Face(face);
        if (library)
            FT_Done_FreeType(library);
    }
};

bool isCompressed(const std::string& file) {
    return file.starts_with("wOFF") || file.starts_with("wOF2");
}

/// Takes the file's bytes, or, where it is compressed, what FreeType unpacked. Null when that is too large.
hb_blob_t* blobOf(std::string file, FT_Face face) {
    auto bytes = std::make_unique<std::string>();
    if (isCompressed(file)) {
        constexpr FT_ULong most = 256u << 20;
        FT_ULong size = 0;
        if (FT_Load_Sfnt_Table(face, 0, 0, nullptr, &size) != 0 || size > most)
            return nullptr;
        bytes->resize(size);
        if (FT_Load_Sfnt_Table(face, 0, 0, reinterpret_cast<FT_Byte*>(bytes->data()), &size) != 0)
            return nullptr;
    } else {
        *bytes = std::move(file);
    }
    std::string* const kept = bytes.release();
    return hb_blob_create(kept->data(), static_cast<unsigned>(kept->size()), HB_MEMORY_MODE_READONLY, kept,
                          [](void* data) { delete static_cast<std::string*>(data); });
}

plane::Contour& openContour(void* data) {
    return static_cast<plane::Outline*>(data)->contours.back();
}
plane::Vector vector(float x, float y) {
    return {double(x), double(y)};
}
using plane::Segment;

hb_draw_funcs_t* outlineFunctions() {
    static hb_draw_funcs_t* const functions = [] {
        hb_draw_funcs_t* f = hb_draw_funcs_create();
        hb_draw_funcs_set_move_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t*, float x, float y, void*) {
                static_cast<plane::Outline*>(data)->contours.push_back({vector(x, y), {}});
            },
            nullptr, nullptr);
        hb_draw_funcs_set_line_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t*, float x, float y, void*) {
                openContour(data).segments.push_back({Segment::Kind::line, {}, {}, vector(x, y)});
            },
            nullptr, nullptr);
        hb_draw_funcs_set_quadratic_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t*, float cx, float cy, float x, float y, void*) {
                openContour(data).segments.push_back(
                    {Segment::Kind::quadratic, vector(cx, cy), {}, vector(x, y)});
            },
            nullptr, nullptr);
        hb_draw_funcs_set_cubic_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t*, float cx, float cy, float dx, float dy,
               float x, float y, void*) {
                openContour(data).segments.push_back(
                    {Segment::Kind::cubic, vector(cx, cy), vector(dx, dy), vector(x, y)});
            },
            nullptr, nullptr);
        hb_draw_funcs_make_immutable(f);
        return f;
    }();
    return functions;
}

plane::Outline outlineOf(hb_font_t* font, std::uint32_t id) {
    plane::Outline outline;
    hb_font_get_glyph_shape(font, id, outlineFunctions(), &outline);
    return outline;
}

/// Uniting changed what the contours say: rings merged, or areas were counted twice.
bool wasMended(const std::vector<plane::Ring>& before, const plane::Region& after) {
    double signedArea = 0;
    size_t rings = 0;
    for (const plane::Ring& ring : before) {
        const double area = plane::areaOf(ring);
        signedArea += area;
        rings +=
            std::fabs(area) > 1 ? 1 : 0; // some fonts carry contours of no area; dropping them is no mend
    }
    const double area = plane::areaOf(after);
    return rings != after.rings.size() || std::fabs(std::fabs(signedArea) - area) > 1e-4 * area;
}

/// The middle lines of a glyph's strokes, within em / 1,000 of its medial axis.
plane::Outline centrelineOf(const Typeface& typeface, std::uint32_t id, double drop) {
    const double scale = widthGridPerEm / typeface.unitsPerEm();
    return plane::mapped(plane::centrelineOf(*typeface.region(id, scale), centrelineTolerance),
                         [&](plane::Vector v) {
                             return (1 / scale) * v - plane::Vector{0, drop};
                         });
}

/// Contours that run out and come back the same way enclose nothing: they are open strokes, as a format of
/// closed contours has to write them.
bool runsBack(const plane::Contour& contour) {
    const size_t size = contour.segments.size();
    if (size < 2 || size % 2 != 0 || contour.open)
        return false;
    const auto from = [&](size_t i) { return i == 0 ? contour.start : contour.segments[i - 1].end; };
    for (size_t i = 0; i < size / 2; ++i) {
        const plane::Segment &out = contour.segments[i], &back = contour.segments[size - 1 - i];
        const bool same =
            out.kind == back.kind && from(i) == back.end && out.end == from(size - 1 - i) &&
            (out.kind == Segment::Kind::line ||
             (out.kind == Segment::Kind::quadratic && out.first == back.first) ||
             (out.kind == Segment::Kind::cubic && out.first == back.second && out.second == back.first));
        if (!same)
            return false;
    }
    return true;
}

/// The same outline with such contours as open lines.
plane::Outline unfolded(plane::Outline outline) {
    for (plane::Contour& contour : outline.contours)
        if (runsBack(contour)) {
            contour.segments.resize(contour.segments.size() / 2);
            contour.open = true;
        }
    return outline;
}

/// The glyph in its form on the grid, `scale` grid units per font unit.
plane::Region formed(const Glyph& glyph, bool singleLine, const GlyphForm& form, double scale,
                     double tolerance) {
    const double lean = std::tan(form.slant * M_PI / 180);
    const bool upright = form.width == 1 && lean == 0;
    const plane::Outline& drawn =
        upright ? glyph.outline
                : plane::mapped(glyph.outline, [&](plane::Vector v) { return form.moved(v); });
    if (singleLine || form.traced)
        return plane::stroked(plane::lines(drawn, scale, tolerance), form.stroke * scale, form.ends);
    plane::Region region = plane::filled(plane::flattened(drawn, scale, tolerance));
    return form.weight == 0 ? region : plane::grown(region, form.weight * scale, plane::Corners::sharp);
}

double topOf(const plane::Outline& outline) {
    double top = 0;
    for (const plane::Line& line : plane::lines(outline, 16, 4))
        top = std::max(top, plane::boxOf(line).high.y / 16.0);
    return top;
}

/// How high a letter is: drawn, else by the font's table, else as given.
double heightOf(hb_font_t* font, hb_codepoint_t letter, hb_ot_metrics_tag_t table, double otherwise) {
    hb_codepoint_t glyph = 0;
    double height = hb_font_get_nominal_glyph(font, letter, &glyph) ? topOf(outlineOf(font, glyph)) : 0;
    hb_position_t told = 0;
    if (height <= 0 && hb_ot_metrics_get_position(font, table, &told))
        height = told;
    return height > 0 ? height : otherwise;
}

std::string nameOf(const char* text, const std::string& otherwise) {
    return text && *text ? text : otherwise;
}

} // namespace

/// Sizes and weights tried one after another must not fill the memory.
constexpr size_t mostKept = 4096;

struct Typeface::State {
    struct FormKey {
        std::uint32_t id;
        GlyphForm form;
        auto operator<=>(const FormKey&) const = default;
    };
    struct ScaledKey {
        std::uint32_t id;
        double scale;
        GlyphForm form;
        auto operator<=>(const ScaledKey&) const = default;
    };
    hb_font_t* font = nullptr;
    std::shared_ptr<const LineFont> lineFont;  ///< where glyphs are written as paths
    std::shared_ptr<const Typeface> drawnFrom; ///< of a centreline: the typeface whose strokes it follows
    double drop = 0; ///< of a centreline: how far it is moved down onto the baseline
    bool singleLine = false;
    std::string family, style;
    std::vector<Axis> axes;
    std::vector<std::string> features;
    double unitsPerEm = 1000, capitalHeight = 700, xHeight = 500, ascender = 800, lineHeight = 1200;

    std::mutex guard;
    std::unordered_map<std::uint32_t, std::unique_ptr<const Glyph>> glyphs;
    quantity::Kept<FormKey, std::shared_ptr<const std::vector<plane::WidthSample>>> widths{mostKept};
    quantity::Kept<ScaledKey, std::shared_ptr<const plane::Region>> regions{mostKept};

    ~State() { hb_font_destroy(font); }
};

Typeface::Typeface(std::unique_ptr<State> state) : state_(std::move(state)) {}
Typeface::~Typeface() = default;

const std::string& Typeface::family() const {
    return state_->family;
}
const std::string& Typeface::style() const {
    return state_->style;
}
double Typeface::unitsPerEm() const {
    return state_->unitsPerEm;
}
double Typeface::capitalHeight() const {
    return state_->capitalHeight;
}
double Typeface::xHeight() const {
    return state_->xHeight;
}
double Typeface::ascender() const {
    return state_->ascender;
}
double Typeface::lineHeight() const {
    return state_->lineHeight;
}
const std::vector<Axis>& Typeface::axes() const {
    return state_->axes;
}
const std::vector<std::string>& Typeface::features() const {
    return state_->features;
}
bool Typeface::singleLine() const {
    return state_->singleLine;
}
hb_font_t* Typeface::shapingFont() const {
    return state_->font;
}

const Glyph& Typeface::glyph(std::uint32_t id) const {
    const std::scoped_lock lock(state_->guard);
    std::unique_ptr<const Glyph>& kept = state_->glyphs[id];
    if (!kept) {
        auto glyph = std::make_unique<Glyph>();
        if (state_->drawnFrom) {
            glyph->outline = centrelineOf(*state_->drawnFrom, id, state_->drop);
        } else if (state_->lineFont) {
            if (id > 0 && id <= state_->lineFont->glyphs.size())
                glyph->outline = state_->lineFont->glyphs[id - 1].outline;
        } else {
            glyph->outline = outlineOf(state_->font, id);
        }
        if (state_->singleLine)
            glyph->outline = unfolded(std::move(glyph->outline));
        glyph->advance = hb_font_get_glyph_h_advance(state_->font, id);
        const double scale = widthGridPerEm / state_->unitsPerEm;
        const std::vector<plane::Ring> rings = plane::flattened(glyph->outline, scale, widthTolerance);
        glyph->mended = !state_->singleLine && wasMended(rings, plane::filled(rings));
        kept = std::move(glyph);
    }
    return *kept;
}

plane::Vector GlyphForm::moved(plane::Vector v) const {
    return {width * v.x + std::tan(slant * M_PI / 180) * v.y, v.y};
}

std::shared_ptr<const plane::Region> Typeface::region(std::uint32_t id, double scale,
                                                      const GlyphForm& form) const {
    return state_->regions.of({id, scale, form}, [&] {
        const double em_mm = scale * unitsPerEm() / plane::unitsPerMillimetre;
        return std::make_shared<const plane::Region>(
            fineRegion(id, scale, form, std::max(solidTolerance_mm, finestOfEm * em_mm)));
    });
}

plane::Region Typeface::fineRegion(std::uint32_t id, double scale, const GlyphForm& form,
                                   double tolerance_mm) const {
    return formed(glyph(id), state_->singleLine, form, scale, tolerance_mm * plane::unitsPerMillimetre);
}

bool Typeface::hasWidths(std::uint32_t id, const GlyphForm& form) const {
    return state_->widths.find({id, form}).has_value();
}

std::shared_ptr<const std::vector<plane::WidthSample>> Typeface::widths(std::uint32_t id,
                                                                        const GlyphForm& form) const {
    if (auto kept = state_->widths.find({id, form}))
        return *std::move(kept);
    const Glyph& drawn = glyph(id);
    const double scale = widthGridPerEm / state_->unitsPerEm;
    const plane::Region region = formed(drawn, state_->singleLine, form, scale, widthTolerance);
    auto samples =
        std::make_shared<std::vector<plane::WidthSample>>(plane::widthsOf(plane::medialAxis(region), region));
    for (plane::WidthSample& sample : *samples) {
        sample.at = (1 / scale) * sample.at;
        sample.width /= scale;
        sample.length /= scale;
    }
    return state_->widths.keep({id, form}, std::move(samples));
}

namespace {

/// Letters told from a font of paths by its own table.
hb_font_funcs_t* lineFontFunctions() {
    static hb_font_funcs_t* const functions = [] {
        hb_font_funcs_t* f = hb_font_funcs_create();
        hb_font_funcs_set_nominal_glyph_func(
            f,
            [](hb_font_t*, void* data, hb_codepoint_t code, hb_codepoint_t* glyph, void*) -> hb_bool_t {
                const auto* font = static_cast<const LineFont*>(data);
                const LineFont::Glyph* found = font->find(code);
                if (!found && code == U'\u00A0')
                    found = font->find(U' ');
                if (!found)
                    return false;
                *glyph = hb_codepoint_t(found - font->glyphs.data()) + 1;
                return true;
            },
            nullptr, nullptr);
        hb_font_funcs_set_glyph_h_advance_func(
            f,
            [](hb_font_t*, void* data, hb_codepoint_t glyph, void*) -> hb_position_t {
                const auto* font = static_cast<const LineFont*>(data);
                return glyph == 0 || glyph > font->glyphs.size()
                           ? hb_position_t(font->unitsPerEm / 2)
                           : hb_position_t(std::lround(font->glyphs[glyph - 1].advance));
            },
            nullptr, nullptr);
        hb_font_funcs_set_glyph_h_kerning_func(
            f,
            [](hb_font_t*, void* data, hb_codepoint_t first, hb_codepoint_t second, void*) -> hb_position_t {
                const auto* font = static_cast<const LineFont*>(data);
                if (first == 0 || second == 0)
                    return 0;
                return -hb_position_t(
                    std::lround(font->closer(font->glyphs[first - 1], font->glyphs[second - 1])));
            },
            nullptr, nullptr);
        hb_font_funcs_make_immutable(f);
        return f;
    }();
    return functions;
}

bool startsWith(const std::string& bytes, std::string_view start) {
    std::string_view text(bytes);
    if (text.starts_with("\xEF\xBB\xBF"))
        text.remove_prefix(3);
    text.remove_prefix(std::min(text.find_first_not_of(" \t\r\n"), text.size()));
    return text.starts_with(start);
}

/// Fonts of open strokes in a format of closed contours: every contour of some usual letters runs back.
bool drawsLines(hb_font_t* font) {
    bool any = false;
    for (const hb_codepoint_t letter : {U'H', U'x', U'S', U'1', U'n'}) {
        hb_codepoint_t glyph = 0;
        if (!hb_font_get_nominal_glyph(font, letter, &glyph))
            continue;
        for (const plane::Contour& contour : outlineOf(font, glyph).contours) {
            if (!runsBack(contour))
                return false;
            any = true;
        }
    }
    return any;
}

} // namespace

quantity::Result<std::shared_ptr<const Typeface>> openLineFont(const std::string& bytes,
                                                               const std::string& file) {
    auto read = startsWith(bytes, "<") ? lineFontFromSvg(bytes, file) : lineFontFromHershey(bytes, file);
    if (!read)
        return read.problem();
    auto state = std::make_unique<Typeface::State>();
    const auto font = std::make_shared<const LineFont>(*std::move(read));
    state->lineFont = font;
    state->singleLine = font->singleLine;
    // A face without tables; HarfBuzz does not shape with its own empty one.
    hb_face_t* const bare = hb_face_create(hb_blob_get_empty(), 0);
    state->font = hb_font_create(bare);
    hb_face_destroy(bare);
    hb_font_set_funcs(state->font, lineFontFunctions(), const_cast<LineFont*>(font.get()), nullptr);
    const int unitsPerEm = int(std::lround(font->unitsPerEm));
    hb_font_set_scale(state->font, unitsPerEm, unitsPerEm);
    hb_font_make_immutable(state->font);
    const auto height = [&](char32_t letter, double told, double otherwise) {
        const LineFont::Glyph* glyph = font->find(letter);
        const double top = told > 0 || !glyph ? 0 : topOf(glyph->outline);
        return told > 0 ? told : top > 0 ? top : otherwise * font->unitsPerEm;
    };
    state->family = nameOf(font->family.c_str(), std::filesystem::path(file).stem().string());
    state->style = font->style;
    state->unitsPerEm = font->unitsPerEm;
    state->ascender = font->ascender;
    state->lineHeight = std::max(font->ascender - font->descender, font->unitsPerEm / 2);
    state->capitalHeight = height(U'H', font->capitalHeight, 0.7);
    state->xHeight = height(U'x', font->xHeight, 0.5);
    return std::shared_ptr<const Typeface>(new Typeface(std::move(state)));
}

namespace {

std::string textOf(hb_tag_t tag) {
    std::array<char, 4> letters{};
    hb_tag_to_string(tag, letters.data());
    return {letters.data(), letters.size()};
}

std::string nameIn(hb_face_t* face, hb_ot_name_id_t name) {
    std::array<char, 64> text{};
    auto size = unsigned(text.size());
    hb_ot_name_get_utf8(face, name, hb_language_from_string("en", -1), &size, text.data());
    return text.data();
}

std::vector<Axis> axesOf(hb_face_t* face) {
    std::vector<hb_ot_var_axis_info_t> infos(hb_ot_var_get_axis_count(face));
    auto count = unsigned(infos.size());
    hb_ot_var_get_axis_infos(face, 0, &count, infos.data());
    std::vector<Axis> axes;
    for (const hb_ot_var_axis_info_t& info : infos)
        if ((info.flags & HB_OT_VAR_AXIS_FLAG_HIDDEN) == 0) {
            Axis axis{textOf(info.tag), nameIn(face, info.name_id), info.min_value, info.default_value,
                      info.max_value};
            if (axis.name.empty())
                axis.name = axis.tag;
            axes.push_back(std::move(axis));
        }
    return axes;
}

/// Features that are for a person to choose; the others belong to the script and are always on.
bool isForChoosing(const std::string& tag) {
    static const std::set<std::string> known{"liga", "dlig", "hlig", "smcp", "c2sc", "onum", "lnum", "tnum",
                                             "pnum", "zero", "frac", "ordn", "salt", "swsh", "titl", "case"};
    return known.contains(tag) || (tag.starts_with("ss") && std::isdigit(static_cast<unsigned char>(tag[2])));
}

std::vector<std::string> featuresOf(hb_face_t* face) {
    unsigned count = hb_ot_layout_table_get_feature_tags(face, HB_OT_TAG_GSUB, 0, nullptr, nullptr);
    std::vector<hb_tag_t> tags(count);
    hb_ot_layout_table_get_feature_tags(face, HB_OT_TAG_GSUB, 0, &count, tags.data());
    std::set<std::string> features;
    for (const hb_tag_t tag : tags)
        if (const std::string text = textOf(tag); isForChoosing(text))
            features.insert(text);
    return {features.begin(), features.end()};
}

/// Class bytes of the OS/2 table: the family class, then PANOSE.
struct Classes {
    int family = 0, panoseFamily = 0, panoseSerif = 0;
};
Classes classesOf(hb_face_t* face) {
    hb_blob_t* const table = hb_face_reference_table(face, HB_TAG('O', 'S', '/', '2'));
    unsigned size = 0;
    const auto* bytes = reinterpret_cast<const unsigned char*>(hb_blob_get_data(table, &size));
    Classes classes;
    constexpr unsigned familyAt = 30, panoseAt = 32;
    if (size > panoseAt + 1)
        classes = {bytes[familyAt], bytes[panoseAt], bytes[panoseAt + 1]};
    hb_blob_destroy(table);
    return classes;
}

/// Sets axes by hand on top of a named instance.
void setAxes(hb_font_t* font, const std::vector<Axis>& known, int namedInstance,
             const std::map<std::string, double>& wanted) {
    if (wanted.empty() || known.empty())
        return;
    hb_face_t* const face = hb_font_get_face(font);
    std::vector<hb_ot_var_axis_info_t> infos(hb_ot_var_get_axis_count(face));
    auto count = unsigned(infos.size());
    hb_ot_var_get_axis_infos(face, 0, &count, infos.data());
    std::vector<float> coordinates(infos.size());
    auto size = unsigned(coordinates.size());
    if (namedInstance > 0)
        hb_ot_var_named_instance_get_design_coords(face, unsigned(namedInstance - 1), &size,
                                                   coordinates.data());
    for (size_t i = 0; i < infos.size(); ++i) {
        if (namedInstance <= 0)
            coordinates[i] = infos[i].default_value;
        if (const auto set = wanted.find(textOf(infos[i].tag)); set != wanted.end())
            coordinates[i] = std::clamp(float(set->second), infos[i].min_value, infos[i].max_value);
    }
    hb_font_set_var_coords_design(font, coordinates.data(), unsigned(coordinates.size()));
}

bool holds(std::string name, std::initializer_list<const char*> words) {
    std::ranges::transform(name, name.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return std::ranges::any_of(words, [&](const char* word) { return name.find(word) != std::string::npos; });
}

} // namespace

TypefaceKind Typeface::kind() const {
    if (state_->singleLine)
        return TypefaceKind::singleLine;
    bool any = false, holes = false;
    for (const hb_codepoint_t letter : {U'O', U'A', U'B', U'8'}) {
        hb_codepoint_t glyph = 0;
        if (!hb_font_get_nominal_glyph(state_->font, letter, &glyph))
            continue;
        constexpr double coarse = 1000;
        const auto rings =
            plane::filled(plane::flattened(outlineOf(state_->font, glyph), coarse / state_->unitsPerEm, 5))
                .rings;
        any = any || !rings.empty();
        holes = holes || std::ranges::any_of(rings, [](const auto& ring) { return plane::areaOf(ring) < 0; });
    }
    if (any && !holes)
        return TypefaceKind::stencil;
    const Classes classes = classesOf(hb_font_get_face(state_->font));
    constexpr int handwritten = 3, latinText = 2, firstSans = 11, lastSans = 15, scriptClass = 10,
                  sansClass = 8;
    if (classes.panoseFamily == handwritten || classes.family == scriptClass ||
        holds(state_->family, {"script", "handwrit", "brush", "cursive"}))
        return TypefaceKind::script;
    if (holds(state_->family, {"sans", "gothic", "grotesk", "mono"}) || classes.family == sansClass)
        return TypefaceKind::sans;
    if (holds(state_->family, {"serif", "garamond", "didot", "antiqua", "roman"}))
        return TypefaceKind::serif;
    if (classes.panoseFamily == latinText && classes.panoseSerif >= firstSans &&
        classes.panoseSerif <= lastSans)
        return TypefaceKind::sans;
    if ((classes.panoseFamily == latinText && classes.panoseSerif >= 2 && classes.panoseSerif < firstSans) ||
        (classes.family >= 1 && classes.family <= 7))
        return TypefaceKind::serif;
    return TypefaceKind::other;
}

quantity::Result<std::shared_ptr<const Typeface>> openTypeface(const std::string& file, int index,
                                                               int namedInstance,
                                                               const std::map<std::string, double>& axes) {
    auto bytes = quantity::readWhole(file);
    if (!bytes)
        return bytes.problem();
    return typefaceFromBytes(*std::move(bytes), file, index, namedInstance, axes);
}

quantity::Result<std::shared_ptr<const Typeface>>
typefaceFromBytes(std::string bytes, const std::string& file, int index, int namedInstance,
                  const std::map<std::string, double>& axes) {
    if (startsWith(bytes, "<") || std::filesystem::path(file).extension() == ".jhf")
        return openLineFont(bytes, file);
    FreeType freeType;
    FT_Init_FreeType(&freeType.library);
    const auto open = [&](int face, FT_Face* into) {
        return FT_New_Memory_Face(freeType.library, reinterpret_cast<const FT_Byte*>(bytes.data()),
                                  FT_Long(bytes.size()), face, into) == 0;
    };
    if (!open(index, &freeType.face)) {
        FT_Face first = nullptr;
        const bool opens = open(0, &first);
        if (opens)
            FT_Done_Face(first);
        return Problem{opens ? ProblemKind::fontIndexMissing : ProblemKind::fontBroken, file,
                       opens ? std::to_string(index) : ""};
    }
    const FT_Face face = freeType.face;
    const std::string family = nameOf(face->family_name, std::filesystem::path(file).stem().string());
    if (!FT_IS_SCALABLE(face))
        return Problem{FT_HAS_COLOR(face) ? ProblemKind::fontColourOnly : ProblemKind::fontBitmapOnly,
                       family};
    if (!FT_IS_SFNT(face))
        return Problem{ProblemKind::fontUnsupported, file};

    auto state = std::make_unique<Typeface::State>();
    const bool compressed = isCompressed(bytes);
    state->style = nameOf(face->style_name, "Regular");
    hb_blob_t* const blob = blobOf(compressed ? bytes : std::string(bytes), face);
    hb_face_t* const shapingFace = hb_face_create(blob, compressed ? 0 : unsigned(index));
    state->font = hb_font_create(shapingFace);
    hb_blob_destroy(blob);
    hb_face_destroy(shapingFace);
    if (hb_face_get_glyph_count(hb_font_get_face(state->font)) == 0)
        return Problem{ProblemKind::fontBroken, file};
    const auto unitsPerEm = int(hb_face_get_upem(hb_font_get_face(state->font)));
    hb_font_set_scale(state->font, unitsPerEm, unitsPerEm);
    if (namedInstance > 0)
        hb_font_set_var_named_instance(state->font, unsigned(namedInstance - 1));
    state->axes = axesOf(hb_font_get_face(state->font));
    state->features = featuresOf(hb_font_get_face(state->font));
    setAxes(state->font, state->axes, namedInstance, axes);
    hb_font_make_immutable(state->font);

    state->family = family;
    state->unitsPerEm = unitsPerEm;
    state->singleLine = drawsLines(state->font);
    hb_font_extents_t extents{};
    hb_font_get_h_extents(state->font, &extents);
    state->ascender = extents.ascender;
    state->lineHeight = std::max(extents.ascender - extents.descender + extents.line_gap, unitsPerEm / 2);
    state->capitalHeight = heightOf(state->font, 'H', HB_OT_METRICS_TAG_CAP_HEIGHT, 0.7 * unitsPerEm);
    state->xHeight = heightOf(state->font, 'x', HB_OT_METRICS_TAG_X_HEIGHT, 0.5 * unitsPerEm);
    return std::shared_ptr<const Typeface>(new Typeface(std::move(state)));
}

quantity::Result<std::shared_ptr<const Typeface>>
centrelineTypeface(std::shared_ptr<const Typeface> drawnFrom) {
    if (drawnFrom->singleLine())
        return drawnFrom;
    auto state = std::make_unique<Typeface::State>();
    state->font = hb_font_reference(drawnFrom->shapingFont());
    state->singleLine = true;
    state->family = drawnFrom->family();
    state->style = drawnFrom->style();
    state->axes = drawnFrom->axes();
    state->features = drawnFrom->features();
    state->unitsPerEm = drawnFrom->unitsPerEm();
    state->ascender = drawnFrom->ascender();
    state->lineHeight = drawnFrom->lineHeight();
    // Middle lines begin and end half a stroke within the letters: they are put back onto the baseline by the
    // foot of H, and measured from there.
    const auto extent = [&](char32_t letter) {
        hb_codepoint_t glyph = 0;
        plane::Box box;
        constexpr double scale = 16;
        if (hb_font_get_nominal_glyph(state->font, letter, &glyph))
            for (const plane::Line& line : plane::lines(centrelineOf(*drawnFrom, glyph, 0), scale, 4))
                box.include(plane::boxOf(line));
        return box.empty() ? std::pair(0.0, 0.0) : std::pair(box.low.y / scale, box.high.y / scale);
    };
    const auto [foot, top] = extent(U'H');
    const double xTop = extent(U'x').second;
    state->drop = foot;
    state->capitalHeight = top > foot ? top - foot : drawnFrom->capitalHeight();
    state->xHeight = xTop > foot ? xTop - foot : drawnFrom->xHeight();
    state->drawnFrom = std::move(drawnFrom);
    return std::shared_ptr<const Typeface>(new Typeface(std::move(state)));
}

} // namespace bollard::type
