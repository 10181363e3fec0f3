#include "type/typeface.hpp"
#include <array>
#include <cmath>
#include <filesystem>
#include <fstream>
#include <ft2build.h>
#include <hb-ot.h>
#include <hb.h>
#include <map>
#include <mutex>
#include <unordered_map>
#include FT_FREETYPE_H
#include FT_TRUETYPE_TABLES_H

namespace bollard::type {

using quantity::Problem, quantity::ProblemKind;

namespace {

constexpr double solidTolerance_mm = 0.01;
constexpr double widthGridPerEm = 100000; // the grid widths are measured on
constexpr double widthTolerance = 25;     // em / 4,000

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
    std::array<char, 4> magic{};
    std::ifstream(file, std::ios::binary).read(magic.data(), magic.size());
    const std::string_view text(magic.data(), magic.size());
    return text == "wOFF" || text == "wOF2";
}

hb_blob_t* blobOf(const std::string& file, FT_Face face) {
    if (!isCompressed(file))
        return hb_blob_create_from_file(file.c_str());
    FT_ULong size = 0;
    FT_Load_Sfnt_Table(face, 0, 0, nullptr, &size);
    auto* bytes = new char[size];
    FT_Load_Sfnt_Table(face, 0, 0, reinterpret_cast<FT_Byte*>(bytes), &size);
    return hb_blob_create(bytes, static_cast<unsigned>(size), HB_MEMORY_MODE_READONLY, bytes,
                          [](void* data) { delete[] static_cast<char*>(data); });
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

/// The glyph in its form on the grid, `scale` grid units per font unit.
plane::Region formed(const Glyph& glyph, const GlyphForm& form, double scale, double tolerance) {
    const double lean = std::tan(form.slant * M_PI / 180);
    const bool upright = form.width == 1 && lean == 0;
    plane::Region region = plane::filled(plane::flattened(
        upright ? glyph.outline : plane::sheared(glyph.outline, form.width, lean), scale, tolerance));
    return form.weight == 0 ? region : plane::grown(region, form.weight * scale, plane::Corners::sharp);
}

double topOf(const plane::Outline& outline) {
    double top = 0;
    for (const plane::Ring& ring : plane::flattened(outline, 16, 4))
        top = std::max(top, plane::boxOf(ring).high.y / 16.0);
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
    std::string family, style;
    double unitsPerEm = 1000, capitalHeight = 700, xHeight = 500, ascender = 800, lineHeight = 1200;

    std::mutex guard;
    std::unordered_map<std::uint32_t, std::unique_ptr<const Glyph>> glyphs;
    std::map<FormKey, std::shared_ptr<const std::vector<plane::WidthSample>>> widths;
    std::map<ScaledKey, std::shared_ptr<const plane::Region>> regions;

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
hb_font_t* Typeface::shapingFont() const {
    return state_->font;
}

const Glyph& Typeface::glyph(std::uint32_t id) const {
    const std::scoped_lock lock(state_->guard);
    std::unique_ptr<const Glyph>& kept = state_->glyphs[id];
    if (!kept) {
        auto glyph = std::make_unique<Glyph>();
        glyph->outline = outlineOf(state_->font, id);
        glyph->advance = hb_font_get_glyph_h_advance(state_->font, id);
        const double scale = widthGridPerEm / state_->unitsPerEm;
        const std::vector<plane::Ring> rings = plane::flattened(glyph->outline, scale, widthTolerance);
        glyph->mended = wasMended(rings, plane::filled(rings));
        kept = std::move(glyph);
    }
    return *kept;
}

plane::Vector GlyphForm::moved(plane::Vector v) const {
    return {width * v.x + std::tan(slant * M_PI / 180) * v.y, v.y};
}

std::shared_ptr<const plane::Region> Typeface::region(std::uint32_t id, double scale,
                                                      const GlyphForm& form) const {
    const Glyph& drawn = glyph(id);
    const std::scoped_lock lock(state_->guard);
    if (state_->regions.size() > mostKept)
        state_->regions.clear();
    std::shared_ptr<const plane::Region>& kept = state_->regions[{id, scale, form}];
    if (!kept)
        kept = std::make_shared<const plane::Region>(
            formed(drawn, form, scale, solidTolerance_mm * plane::unitsPerMillimetre));
    return kept;
}

bool Typeface::hasWidths(std::uint32_t id, const GlyphForm& form) const {
    const std::scoped_lock lock(state_->guard);
    return state_->widths.contains({id, form});
}

std::shared_ptr<const std::vector<plane::WidthSample>> Typeface::widths(std::uint32_t id,
                                                                        const GlyphForm& form) const {
    const Glyph& drawn = glyph(id);
    {
        const std::scoped_lock lock(state_->guard);
        if (const auto kept = state_->widths.find({id, form}); kept != state_->widths.end())
            return kept->second;
    }
    const double scale = widthGridPerEm / state_->unitsPerEm;
    const plane::Region region = formed(drawn, form, scale, widthTolerance);
    auto samples =
        std::make_shared<std::vector<plane::WidthSample>>(plane::widthsOf(plane::medialAxis(region), region));
    for (plane::WidthSample& sample : *samples) {
        sample.at = (1 / scale) * sample.at;
        sample.width /= scale;
        sample.length /= scale;
    }
    const std::scoped_lock lock(state_->guard);
    if (state_->widths.size() > mostKept)
        state_->widths.clear();
    return state_->widths.try_emplace({id, form}, std::move(samples)).first->second;
}

quantity::Result<std::shared_ptr<const Typeface>> openTypeface(const std::string& file, int index,
                                                               int namedInstance) {
    if (!std::filesystem::exists(file))
        return Problem{ProblemKind::fileMissing, file};
    FreeType freeType;
    FT_Init_FreeType(&freeType.library);
    if (FT_New_Face(freeType.library, file.c_str(), index, &freeType.face) != 0) {
        FT_Face first = nullptr;
        const bool opens = FT_New_Face(freeType.library, file.c_str(), 0, &first) == 0;
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
    hb_blob_t* const blob = blobOf(file, face);
    hb_face_t* const shapingFace = hb_face_create(blob, isCompressed(file) ? 0 : unsigned(index));
    state->font = hb_font_create(shapingFace);
    hb_blob_destroy(blob);
    hb_face_destroy(shapingFace);
    if (hb_face_get_glyph_count(hb_font_get_face(state->font)) == 0)
        return Problem{ProblemKind::fontBroken, file};
    const auto unitsPerEm = int(hb_face_get_upem(hb_font_get_face(state->font)));
    hb_font_set_scale(state->font, unitsPerEm, unitsPerEm);
    if (namedInstance > 0)
        hb_font_set_var_named_instance(state->font, unsigned(namedInstance - 1));
    hb_font_make_immutable(state->font);

    state->family = family;
    state->style = nameOf(face->style_name, "Regular");
    state->unitsPerEm = unitsPerEm;
    hb_font_extents_t extents{};
    hb_font_get_h_extents(state->font, &extents);
    state->ascender = extents.ascender;
    state->lineHeight = std::max(extents.ascender - extents.descender + extents.line_gap, unitsPerEm / 2);
    state->capitalHeight = heightOf(state->font, 'H', HB_OT_METRICS_TAG_CAP_HEIGHT, 0.7 * unitsPerEm);
    state->xHeight = heightOf(state->font, 'x', HB_OT_METRICS_TAG_X_HEIGHT, 0.5 * unitsPerEm);
    return std::shared_ptr<const Typeface>(new Typeface(std::move(state)));
}

} // namespace bollard::type
