// Tables as comma-separated text (RFC 4180).
#pragma once
#include "quantity/result.hpp"
#include <string>
#include <vector>

namespace bollard::files {

using Table = std::vector<std::vector<std::string>>;

/// Reads lines of fields. The separator is the first of comma, semicolon and tab that the first line has;
/// fields may be quoted, and quoted ones may hold separators, line ends and doubled quotes. Empty lines are
/// left out, and a byte order mark is. Text that is not UTF-8 is read as Windows code page 1252. An open
/// quote is a tableBroken problem that tells its line.
quantity::Result<Table> tableFromCsv(const std::string& text);

/// The same with a separator that is known: what spreadsheets copy is parted by tabs.
quantity::Result<Table> tableFromText(const std::string& text, char separator);

} // namespace bollard::files
