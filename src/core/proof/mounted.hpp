// Programs for sides that go round, over the plan that they are proved on: of a bar that turns its
// development, of one that is followed from above what is seen of it.
#pragma once
#include "cut/cutting.hpp"
#include "proof/height_field.hpp"
#include "proof/rs274.hpp"
#include <span>

namespace bollard::proof {

/// The moves as they go over the plan, one for one; heights off the side's surface where it is widest.
std::vector<Motion> overMounted(std::span<const Motion> written, const cut::Cutting& cutting);

/// The same as a field over part of the development finds them: as often as they come round, and none longer
/// than it can follow.
std::vector<Motion> comingRound(std::span<const Motion> motions, const cut::Cutting& cutting,
                                plane::Vector low, plane::Vector high);

/// What the operations are planned to do, over the plan; tools by their numbers in the cutting.
std::vector<Motion> plannedOver(const cut::Toolpath& path, const cut::Cutting& cutting);

/// Part of the plan that all of it lies in, at most once round.
std::pair<plane::Vector, plane::Vector> windowOver(std::span<const Motion> motions,
                                                   const cut::Cutting& cutting);

/// The stock before anything is cut.
HeightField stockOver(plane::Vector low, plane::Vector high, double cell, const cut::Cutting& cutting);

} // namespace bollard::proof
