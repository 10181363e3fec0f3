#include "type/catalogue.hpp"
#include "quantity/kept.hpp"
#include "type/carried.hpp"
#include "type/line_font.hpp"
#include <algorithm>
#include <filesystem>
#include <fontconfig/fontconfig.h>
#include <map>
#include <set>
#include <tuple>

namespace bollard::type {
namespace {

std::string textIn(FcPattern* pattern, const char* field) {
    FcChar8* text = nullptr;
    return FcPatternGetString(pattern, field, 0, &text) == FcResultMatch ? reinterpret_cast<const char*>(text)
                                                                         : std::string();
}
int numberIn(FcPattern* pattern, const char* field) {
    int number = 0;
    FcPatternGetInteger(pattern, field, 0, &number);
    return number;
}
bool flagIn(FcPattern* pattern, const char* field) {
    FcBool flag = FcFalse;
    FcPatternGetBool(pattern, field, 0, &flag);
    return flag == FcTrue;
}

TypefaceEntry entryOf(FcPattern* font, const std::string& shippedFolder) {
    const int index = numberIn(font, FC_INDEX);
    TypefaceEntry entry;
    entry.family = textIn(font, FC_FAMILY);
    entry.style = textIn(font, FC_STYLE);
    entry.file = textIn(font, FC_FILE);
    entry.index = index & 0xFFFF;
    entry.namedInstance = index >> 16;
    double weight = 80;
    FcPatternGetDouble(font, FC_WEIGHT, 0, &weight);
    entry.weight = int(weight);
    entry.slanted = numberIn(font, FC_SLANT) != FC_SLANT_ROMAN;
    entry.shipped = !shippedFolder.empty() && entry.file.starts_with(shippedFolder);
    return entry;
}

bool usable(FcPattern* font) {
    const std::string format = textIn(font, FC_FONTFORMAT);
    return (format == "TrueType" || format == "CFF") && !flagIn(font, FC_COLOR) && !flagIn(font, FC_VARIABLE);
}

std::string lowered(std::string text) {
    std::ranges::transform(text, text.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

/// Fonts of paths, which Fontconfig does not know.
void addLineFonts(const std::string& folder, bool shipped, std::vector<TypefaceEntry>& entries) {
    std::error_code none;
    for (std::filesystem::directory_iterator file(folder, none), end; !none && file != end;
         file.increment(none)) {
        const std::string path = file->path().string(), ending = file->path().extension().string();
        const auto [family, style] = ending == ".svg"   ? nameOfSvgFont(path)
                                     : ending == ".jhf" ? nameOfHersheyFont(path)
                                                        : std::pair<std::string, std::string>{};
        if (family.empty())
            continue;
        TypefaceEntry entry{family, style, path};
        entry.weight = style.find("Bold") != std::string::npos ? 200 : 80;
        entry.slanted = style.find("Italic") != std::string::npos;
        entry.shipped = shipped;
        entry.singleLine = true;
        entries.push_back(std::move(entry));
    }
}

constexpr auto hersheyFolder = "/usr/share/hershey-fonts";

} // namespace

/// The faces in use are held by their settings; these are for going back and forth.
constexpr size_t mostOpen = 48;

struct Catalogue::Opened {
    quantity::Kept<std::tuple<std::string, int, int, bool, std::map<std::string, double>>,
                   std::shared_ptr<const Typeface>>
        typefaces{mostOpen};
};

void readInstalledFonts() {
    FcInit();
}

Catalogue::Catalogue(const std::string& shippedFolder) : opened_(std::make_shared<Opened>()) {
    readInstalledFonts();
    // A configuration of its own: Qt adds the interface's fonts to the common one meanwhile.
    FcConfig* const shipped = FcConfigCreate();
    constexpr auto cache = R"(<fontconfig><cachedir prefix="xdg">fontconfig</cachedir></fontconfig>)";
    FcConfigParseAndLoadFromMemory(shipped, reinterpret_cast<const FcChar8*>(cache), FcTrue);
    if (!shippedFolder.empty())
        FcConfigAppFontAddDir(shipped, reinterpret_cast<const FcChar8*>(shippedFolder.c_str()));
    std::vector<FcFontSet*> sets{FcConfigGetFonts(nullptr, FcSetSystem),
                                 FcConfigGetFonts(shipped, FcSetApplication)};
    std::erase(sets, nullptr);
    FcPattern* const wanted = FcPatternCreate();
    FcPatternAddBool(wanted, FC_SCALABLE, FcTrue);
    FcObjectSet* const fields = FcObjectSetBuild(FC_FAMILY, FC_STYLE, FC_FILE, FC_INDEX, FC_WEIGHT, FC_SLANT,
                                                 FC_COLOR, FC_VARIABLE, FC_FONTFORMAT, nullptr);
    FcFontSet* const fonts = FcFontSetList(nullptr, sets.data(), int(sets.size()), wanted, fields);
    for (int i = 0; fonts && i < fonts->nfont; ++i)
        if (usable(fonts->fonts[i]))
            entries_.push_back(entryOf(fonts->fonts[i], shippedFolder));
    if (fonts)
        FcFontSetDestroy(fonts);
    FcObjectSetDestroy(fields);
    FcPatternDestroy(wanted);
    FcConfigDestroy(shipped);
    if (!shippedFolder.empty())
        addLineFonts(shippedFolder, true, entries_);
    addLineFonts(hersheyFolder, false, entries_);

    std::ranges::sort(entries_, {}, [](const TypefaceEntry& e) {
        return std::tuple(lowered(e.family), e.slanted, e.weight, lowered(e.style), !e.shipped, e.file);
    });
    const auto sameName = [](const TypefaceEntry& a, const TypefaceEntry& b) {
        return a.family == b.family && a.style == b.style;
    };
    // The shipped one comes first and stays
    entries_.erase(std::unique(entries_.begin(), entries_.end(), sameName), entries_.end());
}

Catalogue::Catalogue(std::vector<TypefaceEntry> entries)
    : entries_(std::move(entries)), opened_(std::make_shared<Opened>()) {}

const TypefaceEntry* Catalogue::relative(const std::string& family, bool bold, bool slanted) const {
    constexpr int regularWeight = 80, boldWeight = 200, leastBold = 180;
    const TypefaceEntry* best = nullptr;
    const auto off = [&](const TypefaceEntry& e) {
        return std::abs(e.weight - (bold ? boldWeight : regularWeight));
    };
    for (const TypefaceEntry& entry : entries_)
        if (entry.family == family && entry.slanted == slanted && (entry.weight >= leastBold) == bold &&
            (!best || off(entry) < off(*best)))
            best = &entry;
    return best;
}

const TypefaceEntry* Catalogue::find(const std::string& family, const std::string& style) const {
    const TypefaceEntry* best = nullptr;
    const auto strangeness = [](const TypefaceEntry& e) {
        return std::abs(e.weight - 80) + (e.slanted ? 1000 : 0);
    };
    for (const TypefaceEntry& entry : entries_) {
        if (style.empty() && lowered(entry.family + " " + entry.style) == lowered(family))
            return &entry;
        if (lowered(entry.family) != lowered(family))
            continue;
        if (!style.empty() && lowered(entry.style) == lowered(style))
            return &entry;
        if (style.empty() && (!best || strangeness(entry) < strangeness(*best)))
            best = &entry;
    }
    return best;
}

quantity::Result<std::shared_ptr<const Typeface>> Catalogue::open(const TypefaceChoice& choice,
                                                                  const CarriedTypeface* carried) const {
    std::string file = choice.file;
    int index = choice.index, namedInstance = 0;
    if (carried) {
        // Of like bytes, whatever card they came with.
        file = "carried/" + std::to_string(std::hash<std::string>()(*carried->bytes)) + "/" +
               std::to_string(carried->bytes->size()) + "/" + carried->name;
        index = carried->index;
        namedInstance = carried->namedInstance;
    } else if (file.empty()) {
        const TypefaceEntry* const entry = find(choice.family, choice.style);
        if (!entry)
            return quantity::Problem{quantity::ProblemKind::typefaceUnknown,
                                     choice.style.empty() ? choice.family
                                                          : choice.family + " " + choice.style};
        file = entry->file;
        index = entry->index;
        namedInstance = entry->namedInstance;
    }
    const std::tuple key{file, index, namedInstance, choice.centreline, choice.axes};
    if (auto kept = opened_->typefaces.find(key))
        return *std::move(kept);
    auto typeface = carried
                        ? typefaceFromBytes(*carried->bytes, carried->name, index, namedInstance, choice.axes)
                        : openTypeface(file, index, namedInstance, choice.axes);
    if (typeface && choice.centreline)
        typeface = centrelineTypeface(*typeface);
    if (!typeface)
        return typeface;
    return opened_->typefaces.keep(key, *typeface);
}

} // namespace bollard::type
