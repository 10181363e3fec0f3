// Which of many rings bound what is filled, without working on those that nothing meets.
#pragma once
#include "plane/region.hpp"
#include <functional>

namespace bollard::plane {

/// What the rings fill by the non-zero rule. Rings that meet no other one and not themselves stay as they
/// are, turned or left out by how often the others wind round them; each group of those that meet is given to
/// `unite`, which fills rings by the non-zero rule. O(n log² n) but for what `unite` costs and for rings
/// within rings, each of which looks at all around it.
Region filledApart(const std::vector<Ring>& rings,
                   const std::function<Region(const std::vector<Ring>&)>& unite);

} // namespace bollard::plane
