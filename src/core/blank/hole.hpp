// Holes through a blank.
#pragma once
#include "plane/outline.hpp"
#include "quantity/fields_of.hpp"

namespace bollard::blank {

enum class HoleKind {
    round,
    slot,       ///< round at both ends
    countersunk ///< wider at the front, for the head of a screw
};
constexpr int holeKinds = 3;

/// mm from the blank's lower left, degrees. What other kinds use is kept.
struct Hole {
    double x = 0;
    double y = 0;
    double diameter = 4; ///< slot: how wide it is
    HoleKind kind = HoleKind::round;
    double length = 10;    ///< slot: overall; no less than its width is used
    double turn = 0;       ///< slot: from lying along x, counter-clockwise
    double head = 8;       ///< countersunk: diameter at the front
    double headAngle = 90; ///< countersunk: of the cone
    bool operator==(const Hole&) const = default;
};

/// Through the blank, counter-clockwise.
plane::Contour contourOf(const Hole& hole);
/// The same at the front, where a countersunk one is wider.
plane::Contour mouthOf(const Hole& hole);
/// How much wider its mouth is all round, mm; 0 unless it is countersunk.
double flareOf(const Hole& hole);

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Hole>();
