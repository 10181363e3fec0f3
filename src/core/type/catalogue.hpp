// The typefaces that can be chosen by name: those installed and those that ship with Bollard.
#pragma once
#include "type/typeface.hpp"
#include <string>
#include <vector>

namespace bollard::type {

struct CarriedTypeface;

/// A typeface that can be opened.
struct TypefaceEntry {
    std::string family{};
    std::string style{};
    std::string file{};
    int index = 0;         ///< face within the file
    int namedInstance = 0; ///< of a variable font; 0 for the default
    int weight = 0;        ///< Fontconfig's scale: 80 regular, 200 bold
    bool slanted = false;
    bool shipped = false; ///< one of Bollard's own
    bool singleLine = false;
};

/// Reads Fontconfig's list of installed fonts, once in a process: started early on a thread of its own it
/// saves that time to whoever needs it next, the interface's own fonts included.
void readInstalledFonts();

/// All typefaces that can be found by name, ordered by family, upright before slanted, light before bold:
/// outline ones, SVG fonts that ship with Bollard, and Hershey's where they are installed. Bitmap-only,
/// colour and non-OpenType fonts are left out: what is listed can be used.
class Catalogue {
  public:
    /// Reads the installed fonts and those in `shippedFolder` (which need not exist).
    explicit Catalogue(const std::string& shippedFolder);

    /// Just these, as they stand.
    explicit Catalogue(std::vector<TypefaceEntry> entries);

    const std::vector<TypefaceEntry>& entries() const { return entries_; }

    /// The entry of that family and style, letter case ignored. An empty style takes the most regular one,
    /// and then the family may also be the whole name as it is listed ("Allerta Stencil").
    /// Null when there is none; nothing is ever put in its place.
    const TypefaceEntry* find(const std::string& family, const std::string& style) const;

    /// The face of that family that is bold or not and slanted or not, nearest in weight to bold or regular;
    /// null when the family has none such.
    const TypefaceEntry* relative(const std::string& family, bool bold, bool slanted) const;

    /// Opens the chosen typeface: as a card carries it, else by file when it names one. The last
    /// ones opened are kept and shared.
    quantity::Result<std::shared_ptr<const Typeface>> open(const TypefaceChoice& choice,
                                                           const CarriedTypeface* carried = nullptr) const;

  private:
    std::vector<TypefaceEntry> entries_;
    struct Opened;
    std::shared_ptr<Opened> opened_;
};

} // namespace bollard::type
