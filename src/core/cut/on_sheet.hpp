// Several cuttings on one sheet of stock, cut at one go.
#pragma once
#include "cut/cutting.hpp"
#include "plane/stamp.hpp"

namespace bollard::cut {

/// Where a part lies on the sheet: turned about its origin, then moved, mm.
struct OnSheet {
    const Cutting* cutting = nullptr; ///< flat, of its first side; not null
    plane::Similarity place{};
};

/// What the parts come to on a sheet so wide and high, which is the stock; zero lies at its lower left, as
/// high as the parts have it. An operation is done to all parts, one after the other and the nearest next,
/// before the next one; nothing is cut out before all else is done. Parts keep their own order of cuts.
Cutting onSheet(std::span<const OnSheet> parts, double width, double height);

} // namespace bollard::cut
