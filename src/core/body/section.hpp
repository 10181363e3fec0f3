// Where an upright plane cuts a body.
#pragma once
#include "body/mesh.hpp"

namespace bollard::body {

/// A point of a section, mm: `along` from the line's start, `z` up.
struct SectionPoint {
    double along = 0;
    double z = 0;
    bool operator==(const SectionPoint&) const = default;
};

struct Section {
    std::vector<std::vector<SectionPoint>> loops{}; ///< closed; what lies within an odd number is material
    std::vector<double> levels{}; ///< heights at which surfaces lie level for a stretch, rising, mm
};

/// The section along the line from one point of the plan to another (mm), beyond its ends too. Empty for a
/// line without length, an empty mesh, and where the plane misses it. O(triangles).
Section sectionOf(const Mesh& mesh, plane::Vector from, plane::Vector to);

/// As seen from behind material so thick: heights are above the back side.
Section turnedOver(Section section, double thickness_mm);

} // namespace bollard::body
