#include "cli/command.hpp"
#include "card/card_json.hpp"
#include "card/output.hpp"
#include "card/step.hpp"
#include "drawing/output_formats.hpp"
#include "drawing/tokens.hpp"
#include "wording/wording.hpp"
#include <QStandardPaths>
#include <array>
#include <filesystem>
#include <iostream>

namespace bollard::cli {

int complain(const quantity::Problem& problem, const std::string& about, int code) {
    std::cerr << (about.empty() ? "" : about + ": ") << wording::sentenceOf(problem).toStdString() << "\n";
    return code;
}

std::shared_ptr<const type::Catalogue> catalogue() {
    return std::make_shared<const type::Catalogue>((drawing::shareFolder() + "/fonts").toStdString());
}

quantity::Result<cut::Shop> shop() {
    const QString file =
        QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + "/Bollard/bollard/shop.json";
    return card::shopAtHand(file.toStdString());
}

std::shared_ptr<const cut::Shop> shopOrComplaint() {
    auto tools = shop();
    if (!tools) {
        complain(tools.problem(), "shop.json", unreadable);
        return nullptr;
    }
    return std::make_shared<const cut::Shop>(*std::move(tools));
}

std::optional<card::Card> cardOrComplaint(const std::string& path, std::string* text) {
    auto file = files::readWhole(path);
    if (!file) {
        complain(file.problem(), "", unreadable);
        return std::nullopt;
    }
    if (text)
        *text = *file;
    auto read = card::cardFromJson(*file);
    if (!read) {
        complain(read.problem(), path, unreadable);
        return std::nullopt;
    }
    return *std::move(read);
}

Run::Run(const Arguments& arguments) {
    const auto& path = arguments.card;
    const int row = arguments.row;
    auto read = cardOrComplaint(path, &text);
    if (!read) {
        code = unreadable;
        return;
    }
    if (row < 1 || row > read->rows->count()) {
        code = complain(
            {quantity::ProblemKind::rowMissing, std::to_string(row), std::to_string(read->rows->count())},
            path, unreadable);
        return;
    }
    card = *std::move(read);
    card.row = row - 1;
    const auto tools = shopOrComplaint();
    if (!tools) {
        code = unreadable;
        return;
    }
    card::Pipeline pipeline(faces);
    pipeline.useShop(tools);
    folder = std::filesystem::path(path).parent_path().string();
    made = pipeline.run(std::make_shared<const card::Card>(card), folder);
    if (arguments.trace)
        for (const card::Journal::Entry& entry : pipeline.journal().entries())
            std::cerr << entry.step << ' ' << entry.milliseconds << " ms\n";
    for (const check::Finding& problem : made.lettering->problems)
        if (problem.kind == check::FindingKind::typefaceProblem)
            code = complain(problem.problem, path, unreadable);
}

std::string withAnEnding(const std::string& path, const std::string& usual) {
    const std::string ending = std::filesystem::path(path).extension().string();
    constexpr size_t longest = 5;
    const bool told =
        drawing::formatOf(path) ||
        (ending.size() > 2 && ending.size() <= longest &&
         std::ranges::all_of(ending.substr(1), [](unsigned char c) { return std::isalpha(c) != 0; }));
    return told ? path : files::withEnding(path, usual);
}

const card::OutputFormat* formatOf(const std::string& path) {
    if (const card::OutputFormat* const known = drawing::formatOf(path))
        return known;
    const auto tools = shop();
    const bool ofDialect = tools && std::ranges::any_of(tools->dialects, [&](const cut::Dialect& dialect) {
                               return files::withEnding(path, dialect.ending) == path;
                           });
    return ofDialect ? drawing::formatOf("program.nc") : nullptr;
}

files::IfThere ifThere(const Arguments& arguments) {
    return arguments.force ? files::IfThere::replace : files::IfThere::refuse;
}

bool refuses(const card::Made& made, bool accept) {
    if (accept || check::worstOf(made.checked->findings) != check::Severity::stop)
        return false;
    for (const check::Finding& finding : made.checked->findings)
        if (finding.severity == check::Severity::stop && !finding.accepted)
            std::cerr << wording::lineOf(finding, *made.card).toStdString() << "\n";
    std::cerr << "Nothing was written. Mend the card, or write all the same with --accept.\n";
    return true;
}

int write(const Arguments& arguments, const std::vector<std::string>& outputs) {
    card::OutputChoices choices;
    choices.curves = arguments.curves == "splines" ? files::DxfCurves::splines : files::DxfCurves::arcs;
    choices.cutsOnly = arguments.cuts;
    std::error_code unknown;
    for (const std::string& output : outputs)
        if (!arguments.force && std::filesystem::exists(output, unknown))
            return complain({quantity::ProblemKind::fileExists, output}, "", notWritten);
    const Run run(arguments);
    if (run.code != done)
        return run.code;
    if (refuses(run.made, arguments.accept))
        return stopFinding;
    std::vector<files::WholeFile> made;
    for (const std::string& output : outputs) {
        auto files = card::outputOf(run.made, *formatOf(output), output, choices);
        if (!files)
            return complain(files.problem(), "", notWritten);
        std::ranges::move(*files, std::back_inserter(made));
    }
    const auto written = files::writeTogether(made, ifThere(arguments));
    if (!written)
        return complain(written.problem(), "", notWritten);
    for (const files::WholeFile& file : made)
        if (file.note)
            complain(*file.note, "", done);
    return done;
}

} // namespace bollard::cli
