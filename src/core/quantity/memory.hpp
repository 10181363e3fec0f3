// How much memory a program may have.
#pragma once
#include <cstdint>
#include <sys/resource.h>

namespace bollard::quantity {

/// Bytes. What takes more is refused, or given up with a sentence.
inline constexpr std::uint64_t mostMemory = std::uint64_t(4) << 30;

/// From now on memory beyond that is not had (std::bad_alloc), so that no card makes the whole machine slow.
inline void keepWithinMemory() {
#if !defined(__SANITIZE_ADDRESS__) && !defined(__SANITIZE_THREAD__) // whose own memory would count
    rlimit limit{};
    if (getrlimit(RLIMIT_DATA, &limit) == 0 &&
        (limit.rlim_cur == RLIM_INFINITY || limit.rlim_cur > mostMemory)) {
        limit.rlim_cur = mostMemory;
        setrlimit(RLIMIT_DATA, &limit);
    }
#endif
}

} // namespace bollard::quantity
