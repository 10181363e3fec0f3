// Where columns would touch in a point or an edge only, and what joins them there.
#pragma once
#include "working/columns.hpp"

namespace bollard::working {

/// A small octagon around a point contact, filled with all the material that meets there.
struct Pad {
    plane::Point centre{};
    std::vector<Interval> material{};
};

/// The octagons as one region.
plane::Region regionOf(const std::vector<Pad>& pads);

/// Gives the cells under the pad layer the material of their pads (nearest centre).
void fillPads(Columns& columns, plane::LayerSet padLayer, const std::vector<Pad>& pads);

/// Lowers by 10 micrometres the foot of material that meets a neighbouring column only along an edge in
/// height.
void overlapEdgeContacts(Columns& columns);

/// A pad for every point where the surface would not be 2-manifold.
std::vector<Pad> padsAtPointContacts(const Columns& columns);

} // namespace bollard::working
