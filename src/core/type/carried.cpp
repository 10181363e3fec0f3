#include "type/carried.hpp"
#include "quantity/base64.hpp"
#include "quantity/field.hpp"
#include "quantity/read_whole.hpp"
#include "type/catalogue.hpp"
#include <algorithm>
#include <filesystem>
#include <ft2build.h>
#include FT_FREETYPE_H
#include FT_TRUETYPE_TABLES_H

namespace bollard::type {
namespace {

constexpr size_t mostBytes = size_t(16) << 20;

/// Fonts of paths have no such bits; whoever has the file decides.
bool mayBeEmbedded(const std::string& bytes, int index) {
    FT_Library library = nullptr;
    FT_Face face = nullptr;
    FT_Init_FreeType(&library);
    FT_UShort bits = 0;
    if (FT_New_Memory_Face(library, reinterpret_cast<const FT_Byte*>(bytes.data()), FT_Long(bytes.size()),
                           index, &face) == 0) {
        bits = FT_Get_FSType_Flags(face);
        FT_Done_Face(face);
    }
    FT_Done_FreeType(library);
    constexpr FT_UShort usage = 0x000E; // where several are set, the least restrictive counts
    const bool editable = (bits & usage) == 0 || (bits & FT_FSTYPE_EDITABLE_EMBEDDING) != 0;
    return editable && (bits & FT_FSTYPE_BITMAP_EMBEDDING_ONLY) == 0;
}

} // namespace

const CarriedTypeface* find(const std::vector<CarriedTypeface>& carried, const TypefaceChoice& choice) {
    const auto found =
        std::ranges::find_if(carried, [&](const CarriedTypeface& one) { return one.isFor(choice); });
    return found == carried.end() ? nullptr : &*found;
}

quantity::Result<std::optional<CarriedTypeface>>
carriedOf(const TypefaceChoice& choice, const TypefaceChoice& asFound, const Catalogue* catalogue) {
    using quantity::Problem, quantity::ProblemKind;
    CarriedTypeface carried{choice.family, choice.style, choice.file, choice.index, 0, {}, {}};
    std::string path = asFound.file;
    if (path.empty()) {
        const TypefaceEntry* const entry = catalogue ? catalogue->find(choice.family, choice.style) : nullptr;
        if (!entry)
            return Problem{ProblemKind::typefaceUnknown, choice.family + " " + choice.style};
        if (entry->shipped)
            return std::optional<CarriedTypeface>();
        path = entry->file;
        carried.index = entry->index;
        carried.namedInstance = entry->namedInstance;
    }
    auto bytes = quantity::readWhole(path);
    if (!bytes)
        return bytes.problem();
    carried.name = std::filesystem::path(path).filename().string();
    const std::string called = choice.family.empty() ? carried.name : choice.family + " " + choice.style;
    if (bytes->size() > mostBytes)
        return Problem{ProblemKind::typefaceTooLarge, called};
    if (!mayBeEmbedded(*bytes, carried.index))
        return Problem{ProblemKind::typefaceStays, called};
    carried.bytes = *std::move(bytes);
    return std::optional(std::move(carried));
}

} // namespace bollard::type

namespace bollard::quantity {

template<> const PartFields& fieldsOf<type::CarriedTypeface>() {
    using type::CarriedTypeface;
    static const PartFields fields = std::move(
        Describing<CarriedTypeface>()
            .text("family", &CarriedTypeface::family)
            .about("as inscriptions choose it")
            .text("style", &CarriedTypeface::style)
            .about("as inscriptions choose it")
            .text("file", &CarriedTypeface::file)
            .quiet()
            .about("as inscriptions choose it")
            .number("index", &CarriedTypeface::index, Dimension::count, ranges::faceIndex)
            .quiet()
            .about("face within the file")
            .number("instance", &CarriedTypeface::namedInstance, Dimension::count, ranges::faceIndex)
            .quiet()
            .about("of a variable font, from 1; 0 for its default")
            .text("name", &CarriedTypeface::name)
            .about("of the file")
            .coded(
                "data", [](const CarriedTypeface& carried) { return base64Of(*carried.bytes); },
                [](CarriedTypeface& carried, const std::string& text) -> std::string {
                    auto bytes = bytesOfBase64(text);
                    if (!bytes)
                        return "base64";
                    carried.bytes = *std::move(bytes);
                    return {};
                })
            .asks("base64")
            .about("the file"));
    return fields;
}

} // namespace bollard::quantity
