// The plan of a curved side: flat, cut where the side bends, and closed on itself where it goes all the way
// round.
#pragma once
#include "plane/subdivision.hpp"

namespace bollard::plane {

/// Where triangles must end so that the bent surface is true. Sorted; the first and last are the plan's ends.
struct Cuts {
    std::vector<std::int32_t> u{};
    std::vector<std::int32_t> v{};
    bool around = false; ///< the last u is the first again

    bool operator==(const Cuts&) const = default;
    bool empty() const { return u.empty(); }
    /// How far it is round; 0 where the plan does not close.
    std::int32_t turn() const { return around ? u.back() - u.front() : 0; }
    /// Where it lies within the plan: what runs past an end of one that closes comes in at the other.
    std::int32_t within(std::int32_t at) const {
        return around ? u.front() + ((at - u.front()) % turn() + turn()) % turn() : at;
    }
};

/// The plan with the edges of layers and creases over the rectangle of the cuts, which are the edges of layer
/// 0. What lies past the ends of a closed plan comes in from the other end. Triangles on both sides of the
/// seam are neighbours and have its points in common, so that nothing after this knows of it.
quantity::Result<Subdivision> developed(std::span<const LayerEdge> edges, const Cuts& cuts,
                                        std::stop_token stop = {});

/// The same where nothing is drawn but boxes that are left out, in no time: without edges, and without
/// triangles in the boxes. They meet no other and no end of the cuts; their sides are cuts. O(triangles).
Subdivision griddedPlan(const Cuts& cuts, std::span<const Box> leftOut);

/// As of a flat plan, and closed again where the cuts go round; no cuts: flat.
quantity::Result<Subdivision> refined(const Subdivision& plan, std::span<const Split> splits,
                                      std::span<const LayerEdge> more, const Cuts& cuts,
                                      std::stop_token stop = {});

} // namespace bollard::plane
