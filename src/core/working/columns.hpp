// The part as columns of material over the plane.
#pragma once
#include "plane/subdivision.hpp"
#include "working/working.hpp"
#include <span>
#include <stop_token>
#include <vector>

namespace bollard::working {

enum class Substance { blank, letters };

/// Material from `low` to `high` above the front side, grid units; low < high.
struct Interval {
    std::int32_t low = 0;
    std::int32_t high = 0;
    Substance substance = Substance::blank;
    bool operator==(const Interval&) const = default;
};

/// Over each cell of the plan the material, sorted upwards, never overlapping. Intervals of different
/// substance may abut. No two columns meet in an edge or a point only, so the surface around them is
/// 2-manifold.
struct Columns {
    plane::Subdivision plan{};
    std::vector<std::vector<Interval>> material{}; ///< by cell
};

/// Puts blank and letters together. Sunk and pierced letters take from the blank; raised letters reach into
/// it by their bedding (never beyond its back) and are kept whole past its edge; with an empty blank raised
/// letters stand from 0. Where columns would meet only in a point a pad 20 micrometres across joins them
/// (larger only in wedges thinner than the grid); where they would meet only along an edge in height one is
/// lowered by 10 micrometres.
quantity::Result<Columns> columnsOf(const plane::Region& blank, double thickness_mm,
                                    std::span<const Worked> worked, std::stop_token stop = {});

} // namespace bollard::working
