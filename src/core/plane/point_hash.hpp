// Points and regions as keys of hash tables.
#pragma once
#include "plane/region.hpp"
#include "quantity/mixed.hpp"
#include <cstddef>

namespace bollard::plane {

struct PointHash {
    std::size_t operator()(Point p) const {
        const std::uint64_t key = std::uint64_t(std::uint32_t(p.x)) << 32 | std::uint32_t(p.y);
        return std::size_t((key ^ key >> 29) * 0x9E3779B97F4A7C15u >> 20);
    }
};

inline std::size_t hashOf(const Region& region) {
    std::size_t hash = region.rings.size();
    for (const Ring& ring : region.rings)
        for (const Point p : ring)
            hash = quantity::mixed(hash, std::size_t(std::uint32_t(p.x)) << 32 | std::uint32_t(p.y));
    return hash;
}

} // namespace bollard::plane
