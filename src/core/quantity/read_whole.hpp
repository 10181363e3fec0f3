// Files are read whole, and never wait for more.
#pragma once
#include "quantity/result.hpp"
#include <cstddef>
#include <limits>
#include <string>

namespace bollard::quantity {

/// The first `most` bytes of a file, or all of it. fileMissing; fileUnreadable with what the system says:
/// also for folders, pipes and devices, which have no end, for files of more than 1 GB read whole, and when
/// reading fails on the way.
Result<std::string> readWhole(const std::string& path,
                              std::size_t most = std::numeric_limits<std::size_t>::max());

} // namespace bollard::quantity
