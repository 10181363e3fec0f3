// Outlines written as text: the path data of SVG 1.1.
#pragma once
#include "plane/outline.hpp"
#include "quantity/result.hpp"
#include <functional>
#include <string>
#include <string_view>

namespace bollard::plane {

/// Reads path data as it stands, y where the text has it. Arcs become cubics. A contour that is not closed
/// with Z is open. The problem tells the column (from 1) of what could not be read.
/// Numbers beyond 1e12 are refused.
quantity::Result<Outline> outlineFromPathData(std::string_view text);

/// Segments that an outline on a card has at most, and how often they run across each other: what is made of
/// it grows with both.
constexpr std::size_t mostSegments = 50'000, mostCrossings = 300'000;
/// Too much of either, as "12 > 10"; empty: neither. Curves count as the chord from end to end.
std::string tooMuchOf(const Outline& outline, std::size_t segments = mostSegments,
                      std::size_t crossings = mostCrossings);
/// Reads path data of a card. What is wanted instead, or what is too much; empty where it was read.
std::string readOnCard(std::string_view text, const std::function<void(Outline)>& take);

/// The outline as path data with absolute commands; numbers rounded to `decimals`.
std::string pathDataOf(const Outline& outline, int decimals);

} // namespace bollard::plane
