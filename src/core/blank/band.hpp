// A wall bent round the y axis: tubes and rings.
#pragma once
#include "blank/revolved.hpp"

namespace bollard::blank {

struct Band {
    double radius = 0;    ///< outside, mm
    double length = 0;    ///< along the axis
    double thickness = 0; ///< where it is thickest
    double comfort = 0;   ///< its inside is by so much wider at its ends: an arc; 0: flat
    Edge edge{};          ///< outside, at both ends; no draft
    bool edgeInside = false;
};

/// How far its inside lies from the axis, and where that faces.
Meridian::Place insideOf(const Band& band, double y);
std::vector<Panel> panelsOf(const Band& band, const Rise& rise);

} // namespace bollard::blank
