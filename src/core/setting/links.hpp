// Straight strips between shapes that do not touch.
#pragma once
#include "plane/region.hpp"

namespace bollard::setting {

/// The fewest strips, together as short as can be, by which all shapes hang together: each `width` wide (grid
/// units), level or upright where it can be so and land with its whole width, else the shortest way; both
/// ends reach `reach` into the shapes, as far as those go.
plane::Region linksBetween(const std::vector<plane::Region>& all, double width, double reach,
                           const std::stop_token& stop);

} // namespace bollard::setting
