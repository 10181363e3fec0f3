#include "cli/command.hpp"
#include "drawing/job_sheet.hpp"
#include <filesystem>
#include <iostream>

namespace bollard::cli {
namespace {

int writeSheet(const Arguments& arguments) {
    const std::string path = withAnEnding(arguments.outputs.front(), "pdf");
    const bool picture = files::withEnding(path, "png") == path;
    if (!picture && files::withEnding(path, "pdf") != path)
        return complain({quantity::ProblemKind::unknownFormat, path}, "", unreadable);
    std::error_code unknown;
    if (!arguments.force && std::filesystem::exists(path, unknown))
        return complain({quantity::ProblemKind::fileExists, path}, "", notWritten);
    const auto bytesOfCard = files::readWhole(arguments.card);
    if (!bytesOfCard)
        return complain(bytesOfCard.problem(), "", unreadable);
    const Run run(arguments);
    if (run.code != done)
        return run.code;
    if (refuses(run.made, arguments.accept))
        return stopFinding;
    drawing::JobSheet sheet;
    sheet.made = run.made;
    const std::filesystem::path file(arguments.card);
    sheet.card = file.stem().string();
    sheet.fileName = file.filename().string();
    sheet.digest = drawing::sha256Of(*bytesOfCard);
    sheet.accepts = arguments.accept;
    sheet.reason = arguments.reason;
    sheet.paper = arguments.paper == "letter" ? QPageSize::Letter : QPageSize::A4;
    sheet.files.emplace_back(sheet.fileName, sheet.digest);
    if (!run.card.operations.empty()) // what goes to the machine with it
        if (const auto programs = card::outputOf(run.made, *formatOf("x.nc"), sheet.card + ".nc"))
            for (const files::WholeFile& program : *programs)
                sheet.files.emplace_back(program.path, drawing::sha256Of(program.bytes));
    const auto bytes = picture ? drawing::jobSheetPng(sheet) : drawing::jobSheetPdf(sheet);
    if (!bytes)
        return complain(bytes.problem(), "", notWritten);
    const auto written = files::writeWhole(path, *bytes, ifThere(arguments));
    return written ? done : complain(written.problem(), "", notWritten);
}

} // namespace

Command sheetCommand() {
    return {"sheet",
            "Write the job sheet: what goes to the machine with the work, as PDF or PNG. Exit 1 when a stop "
            "finding "
            "stands.",
            {"CARD", "row", "output", "paper", "accept", "reason", "force"},
            writeSheet,
            true};
}

} // namespace bollard::cli
