// Hashes of several numbers.
#pragma once
#include <cstddef>

namespace bollard::quantity {

/// The hash of what `hash` is of, and `next`.
inline std::size_t mixed(std::size_t hash, std::size_t next) {
    return (hash ^ (next + 0x9E3779B97F4A7C15u + (hash << 6) + (hash >> 2))) * 0xBF58476D1CE4E5B9u;
}

} // namespace bollard::quantity
