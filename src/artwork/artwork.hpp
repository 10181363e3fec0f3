// Drawings read from files, as outlines that the card can keep.
#pragma once
#include "plane/outline.hpp"
#include "quantity/result.hpp"
#include <stop_token>
#include <string>

namespace bollard::artwork {

/// What a drawing file holds that can be worked. Lengths in the file's own unit, y up.
struct Drawing {
    plane::Outline outline{};      ///< closed contours are areas (holes run the other way), open ones lines
    double millimetresPerUnit = 0; ///< 0 where the file does not tell
    int texts = 0;                 ///< left out: they need turning into curves first
    int others = 0;                ///< left out: dimensions, pictures and the like
};

/// Reads an SVG or DXF file by its ending. SVG: paths, shapes, groups, transforms, `use`, styles; filled
/// shapes are areas, strokes wider than 0.3 mm the area they cover, thinner ones lines. DXF: lines, arcs,
/// circles, ellipses, polylines with bulges, splines, blocks; ends that meet are joined. Problems tell the
/// line where the reader can. DXF files of more than a million pieces are refused. Reading can be
/// stopped.
quantity::Result<Drawing> drawingFromFile(const std::string& path, std::stop_token stop = {});

/// The outline in mm, its middle at the origin, rounded to what a card keeps. Points of straight lines that
/// lie within 0.002 mm of where the line would pass without them are left out.
plane::Outline asArtwork(const Drawing& drawing, double millimetresPerUnit);

/// The same of a file's text; `path` names it in problems.
quantity::Result<Drawing> drawingFromSvg(const std::string& text, const std::string& path,
                                         std::stop_token stop = {});
quantity::Result<Drawing> drawingFromDxf(const std::string& text, const std::string& path,
                                         std::stop_token stop = {});

/// Joins contours whose ends meet within `reach`; what comes back to its start is closed.
plane::Outline joined(const plane::Outline& outline, double reach);
/// Turns closed contours so that those within an odd number of others are holes.
void orientByDepth(plane::Outline& outline);

} // namespace bollard::artwork
