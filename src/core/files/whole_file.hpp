// Files are written whole or not at all.
#pragma once
#include "quantity/read_whole.hpp"
#include "quantity/result.hpp"
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace bollard::files {

enum class IfThere {
    refuse,
    replace,        ///< but not files that are read-only
    replaceReadOnly ///< those too
};

struct WholeFile {
    std::string path{};
    std::string bytes{};
    std::optional<quantity::Problem> note{}; ///< what a person should know of it
};

/// Writes all the files or none. Each goes into a draft without a name in its folder, is flushed to the disk,
/// and then takes its place; when anything fails, what was there is as it was and nothing is left behind,
/// also when the program is killed while it writes. Links are followed, old files keep their mode, and new
/// ones get what the process gives new files. Where a draft must have a name, what a killed program left is
/// taken away by the next one. fileExists, fileReadOnly, or fileUnwritable with what the system says; the
/// subject tells which file.
quantity::Result<quantity::Done> writeTogether(std::span<const WholeFile> files, IfThere ifThere);

/// The same for one file.
quantity::Result<quantity::Done> writeWhole(const std::string& path, std::string_view bytes, IfThere ifThere);

using quantity::readWhole;

/// `path` with `.ending` added unless it already ends so (in any letter case). A dot elsewhere does not
/// matter.
std::string withEnding(const std::string& path, std::string_view ending);

} // namespace bollard::files
