// Shapes of the core as Qt paths, in mm.
#pragma once
#include "plane/region.hpp"
#include <QPainterPath>

namespace bollard::drawing {

inline QPointF pointOf(plane::Vector gridUnits) {
    return {plane::toMillimetres(gridUnits.x), plane::toMillimetres(gridUnits.y)};
}

/// An outline with its curves, every point times `scale`, filled by the non-zero rule.
QPainterPath pathOf(const plane::Outline& outline, double scale = 1);
/// A region's rings.
QPainterPath pathOf(const plane::Region& region);

} // namespace bollard::drawing
