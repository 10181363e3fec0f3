// Files are written whole or not at all.
#pragma once
#include "quantity/result.hpp"
#include <string>
#include <string_view>

namespace bollard::files {

enum class IfThere { refuse, replace };

/// Writes `bytes` to `path`: into a temporary file of the same folder, flushed to the disk, then renamed.
/// When anything fails the old file, if any, is as it was and no other file is left behind.
quantity::Result<quantity::Done> writeWhole(const std::string& path, std::string_view bytes, IfThere ifThere);

/// The bytes of a file; fileMissing or fileUnreadable.
quantity::Result<std::string> readWhole(const std::string& path);

/// `path` with `.ending` added unless it already ends so (in any letter case). A dot elsewhere does not
/// matter.
std::string withEnding(const std::string& path, std::string_view ending);

} // namespace bollard::files
