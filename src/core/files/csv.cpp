#include "files/csv.hpp"
#include "type/shaping.hpp"
#include <algorithm>
#include <array>

namespace bollard::files {
namespace {

char separatorOf(const std::string& text) {
    const std::string first = text.substr(0, text.find_first_of("\r\n"));
    for (const char separator : {',', ';', '\t'})
        if (first.find(separator) != std::string::npos)
            return separator;
    return ',';
}

/// The letters of a byte from 0x80 to 0x9F in Windows code page 1252; the bytes above stand for themselves.
constexpr std::array<char32_t, 32> windowsLetters{
    0x20AC, 0xFFFD, 0x201A, 0x0192, 0x201E, 0x2026, 0x2020, 0x2021, 0x02C6, 0x2030, 0x0160,
    0x2039, 0x0152, 0xFFFD, 0x017D, 0xFFFD, 0xFFFD, 0x2018, 0x2019, 0x201C, 0x201D, 0x2022,
    0x2013, 0x2014, 0x02DC, 0x2122, 0x0161, 0x203A, 0x0153, 0xFFFD, 0x017E, 0x0178};

/// Tables that are not UTF-8 are read as what most spreadsheets write else.
std::string asUtf8(const std::string& text) {
    const std::string lost = "\xEF\xBF\xBD";
    const std::u32string letters = type::codePoints(text);
    if (letters.find(U'\uFFFD') == std::u32string::npos || text.find(lost) != std::string::npos)
        return text;
    std::u32string read;
    for (const char c : text) {
        const auto byte = static_cast<unsigned char>(c);
        read += byte >= 0x80 && byte < 0xA0 ? windowsLetters[byte - 0x80] : char32_t(byte);
    }
    return type::utf8(read);
}

} // namespace

quantity::Result<Table> tableFromCsv(const std::string& bytes) {
    const std::string text = asUtf8(bytes);
    return tableFromText(text, separatorOf(text));
}

quantity::Result<Table> tableFromText(const std::string& text, char separator) {
    const std::string mark = "\xEF\xBB\xBF";
    Table table;
    std::vector<std::string> line(1);
    int number = 1, quoteOpenedAt = 0;
    bool quoted = false;
    const auto endLine = [&] {
        if (line.size() > 1 || !line.front().empty())
            table.push_back(line);
        line.assign(1, {});
    };
    for (size_t at = text.starts_with(mark) ? mark.size() : 0; at < text.size(); ++at) {
        const char c = text[at];
        number += c == '\n' ? 1 : 0;
        if (quoted) {
            const bool doubled = c == '"' && at + 1 < text.size() && text[at + 1] == '"';
            if (c == '"' && !doubled)
                quoted = false;
            else
                line.back() += c;
            at += doubled ? 1 : 0;
        } else if (c == '"' && line.back().empty()) {
            quoted = true;
            quoteOpenedAt = number;
        } else if (c == separator) {
            line.emplace_back();
        } else if (c == '\n') {
            endLine();
        } else if (c != '\r') {
            line.back() += c;
        }
    }
    if (quoted)
        return quantity::Problem{quantity::ProblemKind::tableBroken, {}, {}, quoteOpenedAt};
    endLine();
    return table;
}

} // namespace bollard::files
