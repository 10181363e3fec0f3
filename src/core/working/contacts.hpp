// Where columns would touch in a point or an edge only, and what joins them there.
#pragma once
#include "working/columns.hpp"

namespace bollard::working {

/// Material between two heights at one place, grid units; low < high.
struct Held {
    std::int32_t low = 0;
    std::int32_t high = 0;
    Substance substance = Substance::blank;
};

/// A small octagon around a point contact, filled with all the material that meets there.
struct Pad {
    plane::Point centre{};
    std::int32_t radius = 100; ///< 10 micrometres
    std::vector<Held> material{};
};

/// The octagons as one region.
plane::Region regionOf(const std::vector<Pad>& pads);

/// Gives the cells under the pad layer the material of their pads (nearest centre).
void fillPads(Columns& columns, int padLayer, const std::vector<Pad>& pads);

/// Lowers by 10 micrometres the foot of material that meets a neighbouring column only along an edge in
/// height.
void overlapEdgeContacts(Columns& columns);

/// A pad for every point where the surface would not be 2-manifold. Beside one of the pads that are there
/// already it is twice as large as that: in a wedge thinner than the grid the next contact is at the pad's
/// rim.
std::vector<Pad> padsAtPointContacts(const Columns& columns, const std::vector<Pad>& there);

} // namespace bollard::working
