#include "series/series.hpp"
#include "cli/command.hpp"
#include "files/csv.hpp"
#include "wording/wording.hpp"
#include <charconv>
#include <filesystem>
#include <iostream>

namespace bollard::cli {
namespace {

using quantity::Problem, quantity::ProblemKind;

/// "600x400", mm.
std::optional<plane::Vector> sizeFrom(const std::string& text) {
    const size_t cross = text.find('x');
    if (cross == std::string::npos)
        return std::nullopt;
    const auto width = quantity::numberFromText(text.substr(0, cross)),
               height = quantity::numberFromText(text.substr(cross + 1));
    constexpr double most = 100000;
    if (!width || !height || !(*width > 0) || !(*height > 0) || *width > most || *height > most)
        return std::nullopt;
    return plane::Vector{*width, *height};
}

/// "A..B", from 1, both ends in; nothing for what is no range of the table's.
std::optional<std::pair<int, int>> rangeFrom(const std::string& text, int count) {
    const size_t dots = text.find("..");
    const auto number = [](std::string_view part) {
        int value = 0;
        const auto [end, wrong] = std::from_chars(part.data(), part.data() + part.size(), value);
        return wrong == std::errc() && end == part.data() + part.size() ? value : 0;
    };
    const int from = dots == std::string::npos ? 0 : number(std::string_view(text).substr(0, dots)),
              to = dots == std::string::npos ? 0 : number(std::string_view(text).substr(dots + 2));
    if (from < 1 || to < from || to > count)
        return std::nullopt;
    return std::pair(from, to);
}

/// The rows of a file instead of the card's own; not done: the exit code.
int takeTable(const std::string& path, card::Card& card) {
    const auto text = files::readWhole(path);
    if (!text)
        return complain(text.problem(), "", unreadable);
    auto table = files::tableFromCsv(*text);
    if (!table)
        return complain(table.problem(), path, unreadable);
    if (table->size() < 2)
        return complain({ProblemKind::rowMissing, "1", "0"}, path, unreadable);
    card.rows.edit([&](setting::Rows& rows) {
        rows.fields = table->front();
        rows.values.assign(table->begin() + 1, table->end());
    });
    return done;
}

int makeSeries(const Arguments& arguments) {
    auto read = cardOrComplaint(arguments.card);
    if (!read)
        return unreadable;
    series::Choices choices;
    choices.card = *std::move(read);
    if (!arguments.table.empty())
        if (const int code = takeTable(arguments.table, choices.card); code != done)
            return code;
    choices.last = choices.card.rows->count();
    if (!arguments.rows.empty()) {
        const auto range = rangeFrom(arguments.rows, choices.last);
        if (!range)
            return complain({ProblemKind::rowMissing, arguments.rows, std::to_string(choices.last)},
                            arguments.card, unreadable);
        choices.some = true;
        choices.first = range->first - 1;
        choices.last = range->second;
    }
    if (!arguments.sheet.empty()) {
        const auto size = sizeFrom(arguments.sheet);
        if (!size)
            return complain({ProblemKind::fieldWrong, "--sheet", "WIDTHxHEIGHT, in mm"}, "", unreadable);
        choices.board = {size->x, size->y, arguments.spacing, arguments.margin,
                         nest::turningCalled(arguments.turn).value_or(nest::Turning::none)};
    }
    choices.home = std::filesystem::path(arguments.card).parent_path().string();
    choices.folder = arguments.outputs.front();
    choices.as = arguments.as;
    choices.accept = arguments.accept;
    choices.force = arguments.force;
    choices.jobs = arguments.jobs;
    choices.faces = catalogue();
    choices.shop = shopOrComplaint();
    if (!choices.shop)
        return unreadable;
    auto series = series::Series::of(std::move(choices));
    if (!series)
        return complain(series.problem(), "",
                        series.problem().kind == ProblemKind::fileUnwritable ? notWritten : unreadable);
    series::Series& all = **series;
    const auto written = all.run([&](const series::Row& row) {
        const bool made = row.state == series::RowState::made || row.state == series::RowState::kept;
        if (!arguments.json && !made)
            std::cout << row.number + 1 << ": " << series::whyNot(row) << std::endl;
    });
    if (!arguments.json)
        for (const auto& [file, problem] : all.sheetProblems())
            std::cout << file << ": " << wording::sentenceOf(problem).toStdString() << std::endl;
    if (arguments.json)
        std::cout << all.told().dump() << std::endl;
    if (!written)
        return complain(written.problem(), "", notWritten);
    return all.unwritten() ? notWritten : all.allMade() ? done : stopFinding;
}

} // namespace

Command seriesCommand() {
    return {
        "series",
        "Make a file of each row into a folder, or lay the rows on sheets; files that are there already and "
        "the same are kept. Exit 1 when some cannot be made, 2 for rows that are not there, 3 when something "
        "could not be written.",
        {"CARD", "folder", "table", "rows", "as", "sheet", "spacing", "margin", "turning", "jobs", "accept",
         "force", "json"},
        makeSeries,
        true};
}

} // namespace bollard::cli
