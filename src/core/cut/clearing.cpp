#include "cut/clearing.hpp"

namespace bollard::cut {
namespace {

/// As the wall is to lie: holes run the other way by themselves.
Chain wayAlong(const plane::Ring& ring, const Clearing& clearing) {
    plane::Ring turned = ring;
    if (clearing.clockwise)
        std::ranges::reverse(turned);
    Chain chain = loopAt(turned, clearing.z);
    chain.shape = clearing.shape;
    return chain;
}

/// What the ways leave: of stripes so thin that nobody would see them nothing is told.
plane::Region leftBy(const plane::Region& region, const std::vector<plane::Line>& ways, double reach) {
    const plane::Region swept = plane::stroked(ways, 2 * reach * unit, plane::Ends::round);
    return plane::without(region, swept);
}

} // namespace

void addClearing(std::vector<Chain>& chains, const Clearing& clearing) {
    std::vector<plane::Region> insets;
    plane::Region inner = clearing.region;
    constexpr int most = 20000;
    for (int i = 0; !inner.empty() && i < most; ++i) {
        insets.push_back(inner);
        inner = plane::grown(clearing.region, -(i + 1) * clearing.stepover * unit);
    }
    std::vector<plane::Line> ways;
    for (const plane::Region& inset : insets)
        for (const plane::Ring& ring : inset.rings) {
            ways.push_back(ring);
            ways.back().push_back(ring.front());
        }
    // Corners between ways farther apart than the tool is wide
    plane::Region left = leftBy(clearing.region, ways, clearing.reach);
    constexpr double speck = 1e-4; // mm²
    for (const plane::Region& piece : plane::parts(left))
        if (plane::areaOf(piece) > speck * unit * unit)
            for (const plane::Ring& ring : piece.rings)
                if (plane::areaOf(ring) > 0)
                    chains.push_back(wayAlong(ring, clearing));
    for (size_t i = insets.size(); i-- > 0;)
        for (const plane::Ring& ring : insets[i].rings)
            chains.push_back(wayAlong(ring, clearing));
}

} // namespace bollard::cut
