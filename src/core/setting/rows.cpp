#include "setting/rows.hpp"
#include <algorithm>
#include <fmt/format.h>
#include <optional>

namespace bollard::setting {
namespace {

std::optional<std::string> valueOf(const std::string& field, const Rows& rows, int row) {
    if (!field.empty() && field == rows.numbering.field) {
        const long value = long(rows.numbering.start) + long(rows.numbering.step) * row;
        return fmt::format("{:0{}}", value, rows.numbering.digits);
    }
    const auto named = std::ranges::find(rows.fields, field);
    if (named == rows.fields.end() || row < 0 || size_t(row) >= rows.values.size())
        return std::nullopt;
    const auto column = size_t(named - rows.fields.begin());
    const auto& values = rows.values[size_t(row)];
    return column < values.size() ? values[column] : std::string();
}

} // namespace

Filled filled(const std::string& words, const Rows& rows, int row) {
    Filled result;
    for (size_t at = 0; at < words.size();) {
        const char c = words[at];
        const bool brace = c == '{' || c == '}';
        if (brace && at + 1 < words.size() && words[at + 1] == c) {
            result.words += c;
            at += 2;
            continue;
        }
        const size_t end = c == '{' ? words.find_first_of("{}\n", at + 1) : std::string::npos;
        if (end == std::string::npos || words[end] != '}') {
            result.words += c;
            ++at;
            continue;
        }
        const std::string field = words.substr(at + 1, end - at - 1);
        if (const auto value = valueOf(field, rows, row)) {
            result.words += *value;
        } else {
            result.words += "{" + field + "}";
            result.unknown.push_back(field);
        }
        at = end + 1;
    }
    return result;
}

bool hasFields(const std::string& words) {
    const Filled none = filled(words, {}, 0);
    return none.words != words || !none.unknown.empty();
}

} // namespace bollard::setting
