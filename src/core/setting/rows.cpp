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

/// Of UTF-8.
bool beginsLetter(char byte) {
    return (static_cast<unsigned char>(byte) & 0xC0) != 0x80;
}
int lettersIn(const std::string& text) {
    return int(std::ranges::count_if(text, beginsLetter));
}

} // namespace

Filled filled(const std::string& words, const Rows& rows, int row) {
    Filled result;
    int letter = 0; // where the words are read, in code points
    const auto take = [&](const std::string& text, size_t typed) {
        result.words += text;
        for (int within = 0; within < lettersIn(text); ++within)
            result.origins.push_back({letter, within});
        letter += int(typed);
    };
    for (size_t at = 0; at < words.size();) {
        const char c = words[at];
        const bool brace = c == '{' || c == '}';
        if (brace && at + 1 < words.size() && words[at + 1] == c) {
            take({c}, 2);
            at += 2;
            continue;
        }
        const size_t end = c == '{' ? words.find_first_of("{}\n", at + 1) : std::string::npos;
        if (end == std::string::npos || words[end] != '}') {
            size_t next = at + 1; // a whole letter
            while (next < words.size() && !beginsLetter(words[next]))
                ++next;
            take(words.substr(at, next - at), 1);
            at = next;
            continue;
        }
        const std::string typed = words.substr(at, end + 1 - at), field = typed.substr(1, typed.size() - 2);
        const auto value = valueOf(field, rows, row);
        if (!value)
            result.unknown.push_back(field);
        take(value ? *value : typed, size_t(lettersIn(typed)));
        at = end + 1;
    }
    return result;
}

bool hasFields(const std::string& words) {
    const Filled none = filled(words, {}, 0);
    return none.words != words || !none.unknown.empty();
}

} // namespace bollard::setting
