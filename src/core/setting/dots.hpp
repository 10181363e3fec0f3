// Dots and marks that hang together with their letter.
#pragma once
#include "plane/region.hpp"
#include <memory>

namespace bollard::setting {

/// A letter of separate parts.
bool hasDots(const plane::Region& letter);

/// The letter with each part that stands over others brought down onto them until what they have in common
/// is `joint` across (grid units), as far as it is so wide itself. Parts with nothing below them stay. Kept
/// by letter and joint.
std::shared_ptr<const plane::Region> withDotsDown(const std::shared_ptr<const plane::Region>& letter,
                                                  double joint);

} // namespace bollard::setting
