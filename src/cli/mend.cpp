#include "card/json_text.hpp"
#include "cli/command.hpp"
#include "wording/wording.hpp"
#include <filesystem>
#include <iostream>

namespace bollard::cli {
namespace {

int writeMended(const Arguments& arguments, const Run& run, const card::Card& mended) {
    const std::string output = files::withEnding(arguments.outputs.front(), "bollard");
    const auto written = files::writeWhole(
        output, card::patchedText(run.text, mend::patchOf(run.text, mended)), ifThere(arguments));
    return written ? done : complain(written.problem(), "", notWritten);
}

int mendAll(const Arguments& arguments, const Run& run) {
    card::Pipeline trial(run.faces);
    const mend::Plan plan = mend::planFor({run.card, run.made, run.folder}, trial, run.faces.get());
    if (!plan.left.empty()) {
        for (const check::Finding& finding : plan.left) {
            std::cerr << wording::lineOf(finding, *plan.made.card).toStdString() << "\n";
            const auto tried = plan.tried.find(finding.id);
            std::cerr << (tried == plan.tried.end() || tried->second.empty()
                              ? "  No mend is known for it."
                              : "  Tried in vain: " + wording::namesOfMends(tried->second).toStdString() +
                                    ".")
                      << "\n";
        }
        std::cerr << "Not all of it can be mended; nothing was written.\n";
        return stopFinding;
    }
    for (const mend::Offer& step : plan.steps)
        std::cout << wording::sentenceOf(step).toStdString() << "\n";
    if (plan.steps.empty())
        std::cout << "Nothing stops; the card is as it was.\n";
    return writeMended(arguments, run, plan.card);
}

int mendOne(const Arguments& arguments, const Run& run) {
    const auto& findings = run.made.checked->findings;
    const auto finding = std::ranges::find(findings, arguments.finding, &check::Finding::id);
    if (finding == findings.end()) {
        std::cerr << "The card has no finding \"" << arguments.finding << "\". It has:\n";
        for (const check::Finding& one : findings)
            std::cerr << "  " << one.id << "\n";
        return unreadable;
    }
    card::Pipeline trial(run.faces);
    const auto offers = mend::offersFor({run.card, run.made, run.folder}, *finding, trial, run.faces.get());
    if (arguments.with < 1 || arguments.with > int(offers.size())) {
        std::cerr << (offers.empty() ? "No mend clears it.\n" : "It has no such mend. It has:\n");
        for (size_t i = 0; i < offers.size(); ++i)
            std::cerr << "  " << i + 1 << ": " << wording::sentenceOf(offers[i]).toStdString() << "\n";
        return offers.empty() ? stopFinding : unreadable;
    }
    const mend::Offer& offer = offers[size_t(arguments.with) - 1];
    std::cout << wording::sentenceOf(offer).toStdString() << "\n";
    return writeMended(arguments, run, offer.card);
}

int mendCard(const Arguments& arguments) {
    if (arguments.outputs.size() != 1 || arguments.all == !arguments.finding.empty()) {
        std::cerr << "Say --all or --finding ID (and --with N), and one -o FILE.\n";
        return unreadable;
    }
    const std::string output = files::withEnding(arguments.outputs.front(), "bollard");
    std::error_code unknown;
    if (!arguments.force && std::filesystem::exists(output, unknown))
        return complain({quantity::ProblemKind::fileExists, output}, "", notWritten);
    const Run run(arguments);
    if (run.code != done)
        return run.code;
    return arguments.all ? mendAll(arguments, run) : mendOne(arguments, run);
}

} // namespace

Command mendCommand() {
    return {"mend",
            "Mend a card. Exit 0: written, and with --all nothing stops; 1: it cannot be mended, and nothing "
            "is written; 2: cannot be read.",
            {"CARD", "row", "output", "force", "all", "finding", "with"},
            mendCard};
}

} // namespace bollard::cli
