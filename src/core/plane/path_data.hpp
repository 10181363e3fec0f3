// Outlines written as text: the path data of SVG 1.1.
#pragma once
#include "plane/outline.hpp"
#include "quantity/result.hpp"
#include <string>
#include <string_view>

namespace bollard::plane {

/// Reads path data as it stands, y where the text has it. Arcs become cubics. A contour that is not closed
/// with Z is open. The problem tells the column (from 1) of what could not be read.
/// Numbers beyond 1e12 are refused.
quantity::Result<Outline> outlineFromPathData(std::string_view text);

/// The outline as path data with absolute commands; numbers rounded to `decimals`.
std::string pathDataOf(const Outline& outline, int decimals);

} // namespace bollard::plane
