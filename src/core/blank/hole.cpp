#include "blank/hole.hpp"
#include "quantity/field.hpp"
#include <algorithm>
#include <cmath>

namespace bollard::blank {

using plane::Contour, plane::Segment, plane::Vector;

double flareOf(const Hole& hole) {
    return hole.kind == HoleKind::countersunk ? std::max(0.0, (hole.head - hole.diameter) / 2) : 0;
}

Contour contourOf(const Hole& hole) {
    const Vector middle{hole.x, hole.y};
    const double radius = hole.diameter / 2;
    if (hole.kind != HoleKind::slot || !(hole.length > hole.diameter))
        return plane::circle(middle, radius);
    const double angle = hole.turn * M_PI / 180;
    const Vector along{std::cos(angle), std::sin(angle)}, across{-along.y, along.x};
    const Vector half = (hole.length / 2 - radius) * along, side = radius * across;
    Contour slot{middle - half - side, {}};
    slot.segments.push_back({Segment::Kind::line, {}, {}, middle + half - side});
    plane::addArc(slot, middle + half, 180);
    slot.segments.push_back({Segment::Kind::line, {}, {}, middle - half + side});
    plane::addArc(slot, middle - half, 180);
    return slot;
}

Contour mouthOf(const Hole& hole) {
    const double flare = flareOf(hole);
    return flare > 0 ? plane::circle({hole.x, hole.y}, hole.diameter / 2 + flare) : contourOf(hole);
}

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Hole>() {
    using blank::Hole, blank::HoleKind;
    static constexpr std::array kinds{Named{HoleKind::round, "round"}, Named{HoleKind::slot, "slot"},
                                      Named{HoleKind::countersunk, "countersunk"}};
    static_assert(kinds.size() == blank::holeKinds);
    const auto slot = [](const Hole& h) { return h.kind == HoleKind::slot; };
    const auto countersunk = [](const Hole& h) { return h.kind == HoleKind::countersunk; };
    static const PartFields fields =
        std::move(Describing<Hole>()
                      .number("x", &Hole::x, Dimension::length, ranges::position)
                      .about("its middle from the blank's left, mm")
                      .number("y", &Hole::y, Dimension::length, ranges::position)
                      .about("its middle from the blank's bottom, mm")
                      .number("diameter", &Hole::diameter, Dimension::length, ranges::holeDiameter)
                      .about("mm; of a slot how wide it is")
                      .choice("kind", &Hole::kind, kinds)
                      .quiet()
                      .about("`countersunk`: wider at the front, for the head of a screw")
                      .number("length", &Hole::length, Dimension::length, ranges::holeDiameter)
                      .when(slot)
                      .about("slot: overall, mm")
                      .number("turn", &Hole::turn, Dimension::angle, ranges::turn)
                      .when(slot)
                      .about("slot: from lying along x, counter-clockwise, degrees")
                      .number("head", &Hole::head, Dimension::length, ranges::holeDiameter)
                      .when(countersunk)
                      .about("countersunk: diameter at the front, mm")
                      .number("angle", &Hole::headAngle, Dimension::angle, ranges::headAngle)
                      .when(countersunk)
                      .about("countersunk: of its cone, degrees"));
    return fields;
}
