// Typefaces that a card takes along, so that it opens the same where they are not installed.
#pragma once
#include "quantity/shared.hpp"
#include "type/typeface.hpp"
#include <optional>

namespace bollard::type {

class Catalogue;

/// The file of a typeface, with what it is chosen by.
struct CarriedTypeface {
    std::string family{}, style{}; ///< as the choice says
    std::string file{};            ///< as the choice says; mostly empty
    int index = 0;                 ///< face within the file
    int namedInstance = 0;         ///< of a variable font; 0 for the default
    std::string name{};            ///< of the file, without its folder
    quantity::Shared<std::string> bytes{};
    bool operator==(const CarriedTypeface&) const = default;

    bool isFor(const TypefaceChoice& choice) const {
        return choice.family == family && choice.style == style && choice.file == file &&
               (file.empty() || choice.index == index);
    }
};

/// The one that is meant; null when it is not among them.
const CarriedTypeface* find(const std::vector<CarriedTypeface>& carried, const TypefaceChoice& choice);

/// The chosen typeface's file, to be taken along. `asFound`: the choice with its file as it can be opened
/// from here. Nothing for typefaces that ship with Bollard. Problems: what opening has; typefaceStays where
/// its licence (OS/2 fsType, bits 1 to 3 and 9: restricted, preview and print only, bitmaps only) does not
/// let it be embedded for editing; typefaceTooLarge beyond 16 MB.
quantity::Result<std::optional<CarriedTypeface>>
carriedOf(const TypefaceChoice& choice, const TypefaceChoice& asFound, const Catalogue* catalogue);

} // namespace bollard::type

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::type::CarriedTypeface>();
