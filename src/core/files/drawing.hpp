// Drawings for machines that follow lines: SVG and DXF, in mm at true size.
#pragma once
#include "plane/stamp.hpp"
#include "quantity/result.hpp"
#include <optional>
#include <string>
#include <vector>

namespace bollard::files {

/// What belongs together in a drawing: closed contours are cut round, open ones followed.
struct DrawingLayer {
    std::string name{};                 ///< ASCII
    std::vector<plane::Stamp> stamps{}; ///< mm, y up
};

/// How DXF gets its curves: both within 0.005 mm of the outline.
enum class DxfCurves {
    arcs,   ///< polylines of lines and arcs
    splines ///< cubic splines, exact where the outline is cubic; lines stay lines
};

/// What of the plane a page shows, from its lower left, mm.
struct Page {
    double left = 0, bottom = 0, width = 1, height = 1;
};

/// An SVG 1.1 drawing; one group a layer. Without a page, that of the drawing's extent.
std::string svgOf(const std::vector<DrawingLayer>& layers, const std::string& title,
                  const std::optional<Page>& page = {});

/// A DXF drawing (R2000) with layers and units set. Arcs are fitted once to what several stamps share.
std::string dxfOf(const std::vector<DrawingLayer>& layers, DxfCurves curves = DxfCurves::arcs);

} // namespace bollard::files
