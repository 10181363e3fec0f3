// All files a card can be written to: those of the core, and those that Qt paints.
#pragma once
#include "card/output.hpp"

namespace bollard::drawing {

/// stl, 3mf, svg, dxf, pdf, png. The last two need an application with graphics.
const std::vector<card::OutputFormat>& outputFormats();
/// The format of a path by its ending; null when it has none of them.
const card::OutputFormat* formatOf(const std::string& path);
/// Whether it is painted.
bool needsGraphics(const std::string& path);

} // namespace bollard::drawing
