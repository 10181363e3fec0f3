// What a plate looks like from the front.
#pragma once
#include "blank/hole.hpp"
#include "quantity/fields_of.hpp"
#include "quantity/shared.hpp"
#include <string>

namespace bollard::blank {

enum class OutlineKind {
    rectangle,
    oval,
    polygon, ///< regular, stretched to the plate's size
    tag,     ///< a rectangle with an ear on its left and a hole in it
    drawing, ///< of a file, stretched to the plate's size
    words    ///< all that lies on its front, at a distance
};
constexpr int outlineKinds = 6;

/// mm. What other kinds use is kept.
struct PlateOutline {
    OutlineKind kind = OutlineKind::rectangle;
    int corners = 6;                         ///< polygon
    double ear = 16;                         ///< tag: how far the ear stands out, and how wide it is
    double earHole = 6;                      ///< tag: diameter; 0 for none
    double distance = 4;                     ///< words: from letters to the edge
    quantity::Shared<plane::Outline> path{}; ///< drawing; of words, once they are there
    std::string source{};                    ///< drawing: the file it came from
    bool operator==(const PlateOutline&) const = default;
};

/// The outline of a plate of that size, its lower left at 0, counter-clockwise. `corner` rounds the corners
/// of rectangle, polygon and tag as far as there is room. Of words it is the path as it lies.
plane::Outline contoursOf(const PlateOutline& outline, plane::Vector size, double corner);
/// The closed contours of a drawing in mm, those within others being holes as the drawing has them.
PlateOutline outlineFrom(const plane::Outline& drawing);
/// How large the path is, mm.
plane::Vector sizeOf(const PlateOutline& outline);
/// The hole in a tag's ear; of diameter 0 for others.
Hole earHoleOf(const PlateOutline& outline, plane::Vector size);

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::PlateOutline>();
