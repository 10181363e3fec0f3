#include "setting/rows.hpp"
#include "type/shaping.hpp"
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
    int letter = 0; // where the words are read, in code points
    const auto lettersIn = [](const std::string& text) { return int(type::codePoints(text).size()); };
    const auto takeLiteral = [&](const std::string& text, int typed) {
        result.words += text;
        for (int i = 0, count = lettersIn(text); i < count; ++i)
            result.origins.push_back({letter + i, 0});
        letter += typed;
    };
    for (size_t at = 0; at < words.size() && !result.tooLong;) {
        result.tooLong = result.words.size() > longestWords;
        const char c = words[at];
        const bool brace = c == '{' || c == '}';
        if (brace && at + 1 < words.size() && words[at + 1] == c) {
            takeLiteral({c}, 2);
            at += 2;
            continue;
        }
        const size_t end = c == '{' ? words.find_first_of("{}\n", at + 1) : std::string::npos;
        if (end == std::string::npos || words[end] != '}') {
            const std::string run = words.substr(at, words.find_first_of("{}", at + 1) - at);
            takeLiteral(run, lettersIn(run));
            at += run.size();
            continue;
        }
        const std::string typed = words.substr(at, end + 1 - at), field = typed.substr(1, typed.size() - 2);
        const auto known = valueOf(field, rows, row);
        if (!known)
            result.unknown.push_back(field);
        const std::string& value = known ? *known : typed;
        result.words += value;
        for (int within = 0, count = lettersIn(value); within < count; ++within)
            result.origins.push_back({letter, within});
        letter += lettersIn(typed);
        at = end + 1;
    }
    return result;
}

bool hasFields(const std::string& words) {
    const Filled none = filled(words, {}, 0);
    return none.words != words || !none.unknown.empty();
}

} // namespace bollard::setting
