// What a cut along a line on a side shows.
#pragma once
#include "body/mesh.hpp"
#include <string_view>

namespace bollard::body {

/// A point of a section, mm: `along` from the line's start, `z` above the side.
struct SectionPoint {
    double along = 0;
    double z = 0;
    bool operator==(const SectionPoint&) const = default;
};
using SectionLoop = std::vector<SectionPoint>;

/// Closed loops; what lies within an odd number of one kind is of that. Sides that bend are shown unrolled.
struct Section {
    std::vector<SectionLoop> blank{}, letters{};
    std::vector<double> levels{}; ///< heights at which surfaces lie level for a stretch, rising, mm

    bool empty() const { return blank.empty() && letters.empty(); }
};

/// The section from one place of a side to another (mm, as drawn there). Of a side without another behind it
/// as deep as anything is worked, and a little more. Empty for a line without length, and where there is
/// nothing. O(triangles of the panel).
Section sectionOf(std::span<const PanelColumns> parts, std::string_view side, plane::Vector from,
                  plane::Vector to);

} // namespace bollard::body
