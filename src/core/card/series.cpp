#include "card/series.hpp"
#include <algorithm>

namespace bollard::card {

std::string nameOfRow(const setting::Rows& rows, int row) {
    const std::string last = std::to_string(rows.count());
    std::string number = std::to_string(row + 1);
    number.insert(0, last.size() - std::min(last.size(), number.size()), '0');
    std::string words;
    const auto add = [&](char sign) {
        const bool plain =
            (sign >= 'A' && sign <= 'Z') || (sign >= 'a' && sign <= 'z') || (sign >= '0' && sign <= '9');
        if (plain)
            words += sign;
        else if (!words.empty() && words.back() != '-')
            words += '-';
    };
    if (size_t(row) < rows.values.size())
        for (size_t field = 0; field < rows.fields.size(); ++field) {
            if (field > 0)
                add('-');
            const auto& values = rows.values[size_t(row)];
            for (const char sign : field < values.size() ? values[field] : std::string())
                add(sign);
        }
    constexpr size_t most = 60;
    words.resize(std::min(words.size(), most));
    while (!words.empty() && words.back() == '-')
        words.pop_back();
    return words.empty() ? number : number + "-" + words;
}

std::vector<std::pair<std::string, std::string>> fieldsOfRow(const setting::Rows& rows, int row) {
    std::vector<std::pair<std::string, std::string>> all;
    for (size_t field = 0; field < rows.fields.size(); ++field) {
        const bool there = size_t(row) < rows.values.size() && field < rows.values[size_t(row)].size();
        all.emplace_back(rows.fields[field], there ? rows.values[size_t(row)][field] : std::string());
    }
    if (const std::string& name = rows.numbering.field; !name.empty())
        all.emplace_back(name, setting::filled("{" + name + "}", rows, row).words);
    return all;
}

} // namespace bollard::card
