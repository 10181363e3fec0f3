// Sizes of finger rings, by what is public of each scale.
#pragma once
#include <optional>
#include <string>
#include <string_view>

namespace bollard::blank {

/// How the size of a ring is told.
enum class RingScale {
    bore,          ///< diameter, mm
    circumference, ///< of the bore, mm: ISO 8653
    northAmerican, ///< 11.63 mm and 0.8128 mm (0.032 in) a size; halves and quarters
    british,       ///< BS 6820: letters; A is 37.5 mm round, each 1.25 mm more; halves; after Z come Z+1, Z+2
    japanese,      ///< JIS S 4700: 13 mm, and a third of a millimetre a size
    swiss          ///< by how many mm it is more than 40 round
};
constexpr int ringScales = 6;

/// The nearest size, with "≈" where the bore lies between two: "18", "57.5", "8 1/4", "≈ P 1/2".
std::string ringSizeText(RingScale scale, double bore_mm);
/// The bore of that size, mm; nothing for what is no size of the scale. Fractions may be written 8.25, 8 1/4
/// or ½.
std::optional<double> boreOfRingSize(RingScale scale, std::string_view size);

} // namespace bollard::blank
