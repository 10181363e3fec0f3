// Words filled in from rows: the same card for many names and numbers.
#pragma once
#include <compare>
#include <map>
#include <string>
#include <vector>

namespace bollard::setting {

/// A number that goes on from row to row.
struct Numbering {
    std::string field{}; ///< the name it is called by in words; empty for none
    int start = 1;
    int step = 1;
    int digits = 1; ///< at least so many, filled up with zeros
    bool operator==(const Numbering&) const = default;
};

/// What stands in for {field} in words, row by row.
struct Rows {
    std::vector<std::string> fields{};
    std::vector<std::vector<std::string>> values{}; ///< by row, then field; short rows have empty ends
    Numbering numbering{};
    /// By row, from 0: what is changed of the card for that row alone, a JSON Patch (RFC 6902).
    std::map<int, std::string> own{};

    /// The rows there are; one when there are none, since a card without rows is one part.
    int count() const { return values.empty() ? 1 : int(values.size()); }
    bool operator==(const Rows&) const = default;
};

/// Where a letter of filled-in words comes from. The same letter of the same name whatever the row.
struct Origin {
    int letter = 0; ///< its code point in the words as they are typed; of a field: that of its opening brace
    int within = 0; ///< its code point in what the field stands for
    auto operator<=>(const Origin&) const = default;
};

struct Filled {
    std::string words{};
    std::vector<Origin> origins{};      ///< by code point of `words`
    bool tooLong = false;               ///< longer than longestWords, and not all of it
    std::vector<std::string> unknown{}; ///< fields that no row has, as they stand in the words
};

/// Bytes of an inscription's words with what is filled in; longer ones are not set.
constexpr std::size_t longestWords = 200'000;

/// Words with every {field} filled in from a row (0 for the first). Doubled braces become single ones; braces
/// that do not pair stay, and so do fields that are not known.
Filled filled(const std::string& words, const Rows& rows, int row);

/// Whether the words hold a field or a doubled brace, so that what is made differs from what is typed.
bool hasFields(const std::string& words);

} // namespace bollard::setting
