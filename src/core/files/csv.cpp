#include "files/csv.hpp"
#include <algorithm>

namespace bollard::files {
namespace {

char separatorOf(const std::string& text) {
    const std::string first = text.substr(0, text.find_first_of("\r\n"));
    for (const char separator : {',', ';', '\t'})
        if (first.find(separator) != std::string::npos)
            return separator;
    return ',';
}

} // namespace

quantity::Result<Table> tableFromCsv(const std::string& text) {
    const std::string mark = "\xEF\xBB\xBF";
    const char separator = separatorOf(text);
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
