// bollard-cli: the pipeline of the window without a display.
#include "cli/command.hpp"
#include "drawing/output_formats.hpp"
#include "drawing/tokens.hpp"
#include "quantity/memory.hpp"
#include "wording/plurals.hpp"
#include <CLI/CLI.hpp>
#include <QGuiApplication>
#include <QTemporaryDir>
#include <clocale>
#include <functional>
#include <map>
#include <optional>

using namespace bollard;
using namespace bollard::cli;

namespace {

const std::vector<Command>& commands() {
    static const std::vector<Command> all{
        makeCommand(),    checkCommand(),  measureCommand(), pictureCommand(), typefacesCommand(),
        drawingCommand(), formatCommand(), dumpCommand(),    mendCommand(),    proofCommand(),
        shopCommand(),    seriesCommand(), sendCommand(),    sheetCommand(),   thumbnailCommand()};
    return all;
}

/// How each option is written. A command that takes one names it here.
using AddOption = std::function<void(CLI::App&, Arguments&)>;
const std::map<std::string, AddOption>& options() {
    static const std::map<std::string, AddOption> all{
        {"CARD", [](CLI::App& app, Arguments& a) { app.add_option("CARD", a.card, "The card")->required(); }},
        {"row",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--row", a.row, "The row its fields are filled from")->capture_default_str();
         }},
        {"FILE",
         [](CLI::App& app, Arguments& a) {
             app.add_option("FILE", a.program, "The program for the machine; with --print the card")
                 ->required();
         }},
        {"card",
         [](CLI::App& app, Arguments& a) {
             CLI::Option* const card = app.add_option("--card", a.card, "The card it is meant to make");
             app.add_flag("--print", a.print, "The layers of a print of the card FILE")->excludes(card);
         }},
        {"program",
         [](CLI::App& app, Arguments& a) {
             app.add_option("FILE", a.program, "The program for the machine")->required();
         }},
        {"to",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--to", a.device, "Serial port or local socket of the controller")->required();
         }},
        {"protocol",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--protocol", a.protocol, "How it is talked to")->capture_default_str();
         }},
        {"fromLine",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--from", a.fromLine,
                            "Go on at the last line not after this one where the tool is at the clearance")
                 ->check(CLI::Range(1, 1000000000));
         }},
        {"timeout",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--timeout", a.timeout, "Seconds of silence after which it is given up")
                 ->check(CLI::Range(0.1, 100000.0))
                 ->capture_default_str();
         }},
        {"picture",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--picture", a.picture, "PNG file to write of what comes out");
         }},
        {"cuts", [](CLI::App& app, Arguments& a) { app.add_flag("--cuts", a.cuts, "Only what is cut"); }},
        {"outputs",
         [](CLI::App& app, Arguments& a) {
             app.add_option(
                    "-o,--output", a.outputs,
                    "File to write; .stl, .3mf, .svg, .dxf, .nc, .pdf or .png; may be given more than once")
                 ->required();
         }},
        {"output",
         [](CLI::App& app, Arguments& a) {
             app.add_option("-o,--output", a.outputs, "File to write; its ending is added when missing")
                 ->required()
                 ->expected(1);
         }},
        {"folder",
         [](CLI::App& app, Arguments& a) {
             app.add_option("-o,--output", a.outputs, "Folder for the files; made when it is not there")
                 ->required()
                 ->expected(1);
         }},
        {"table",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--table", a.table, "CSV file whose rows take the place of the card's");
         }},
        {"rows",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--rows", a.rows, "Only rows A..B, from 1, both ends in");
         }},
        {"as",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--as", a.as, "What kind of file")
                 ->check(CLI::IsMember({"stl", "3mf", "step", "nc", "dxf", "svg", "png", "pdf"}))
                 ->capture_default_str();
         }},
        {"sheet",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--sheet", a.sheet, "Lay the rows on sheets of WIDTHxHEIGHT mm, a file a sheet");
         }},
        {"spacing",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--spacing", a.spacing, "On sheets: how far parts are apart, mm")
                 ->check(CLI::Range(0.0, 1000.0))
                 ->capture_default_str();
         }},
        {"margin",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--margin", a.margin, "On sheets: how far parts are from the edge, mm")
                 ->check(CLI::Range(0.0, 1000.0))
                 ->capture_default_str();
         }},
        {"turning",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--turn", a.turn, "On sheets: how parts may be turned")
                 ->check(CLI::IsMember({"none", "half", "quarter", "any"}))
                 ->capture_default_str();
         }},
        {"jobs",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--jobs", a.jobs, "How many rows are made side by side")
                 ->check(CLI::Range(1, 256))
                 ->capture_default_str();
         }},
        {"thumbnailFile",
         [](CLI::App& app, Arguments& a) {
             app.add_option("FILE", a.picture, "PNG file to write, replaced when it is there")->required();
         }},
        {"pixels",
         [](CLI::App& app, Arguments& a) {
             app.add_option("SIZE", a.pixels, "Pixels")->check(CLI::Range(16, 4096))->capture_default_str();
         }},
        {"paper",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--paper", a.paper, "a4 or letter")
                 ->check(CLI::IsMember({"a4", "letter"}))
                 ->capture_default_str();
         }},
        {"reason",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--reason", a.reason, "Why the findings are let pass")->needs("--accept");
         }},
        {"accept",
         [](CLI::App& app, Arguments& a) { app.add_flag("--accept", a.accept, "Let stop findings pass"); }},
        {"force", [](CLI::App& app,
                     Arguments& a) { app.add_flag("--force", a.force, "Replace files that are there"); }},
        {"json", [](CLI::App& app, Arguments& a) { app.add_flag("--json", a.json, "As JSON"); }},
        {"singleLine",
         [](CLI::App& app, Arguments& a) {
             app.add_flag("--single-line", a.singleLine, "Only those whose letters are single lines");
         }},
        {"all", [](CLI::App& app, Arguments& a) { app.add_flag("--all", a.all, "Clear all that stops"); }},
        {"finding",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--finding", a.finding,
                            "The id of the finding to clear, as check --json tells it");
         }},
        {"with",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--with", a.with, "Which of its mends, from 1")->capture_default_str();
         }},
        {"view",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--view", a.view, "flat or body")
                 ->check(CLI::IsMember({"flat", "body"}))
                 ->capture_default_str();
         }},
        {"from",
         [](CLI::App& app, Arguments& a) {
             app.add_option(
                 "--from", a.from,
                 "The body from there: front, back, start, end, left, right, top, bottom, corner, turn "
                 "and tilt in degrees (30,60), or where the eye is (1,-1,2)");
         }},
        {"side",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--side", a.side, "Side of the blank for the flat view; its first when not told");
         }},
        {"step",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--step", a.step, "letters, measures, material or findings")
                 ->check(CLI::IsMember({"letters", "measures", "material", "findings"}))
                 ->capture_default_str();
         }},
        {"trace",
         [](CLI::App& app, Arguments& a) {
             app.add_flag("--trace", a.trace, "Tell on standard error how long each step took");
         }},
        {"size",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--size", a.size, "Pixels, WIDTHxHEIGHT")->capture_default_str();
         }},
        {"curves",
         [](CLI::App& app, Arguments& a) {
             app.add_option("--curves", a.curves, "DXF: arcs or splines")
                 ->check(CLI::IsMember({"arcs", "splines"}))
                 ->capture_default_str();
         }},
    };
    return all;
}

/// Text in pictures needs Qt's graphics, which need a folder for the session.
void startGraphics(int& argc, char** argv, std::optional<QGuiApplication>& graphics) {
    static const QTemporaryDir session;
    if (qEnvironmentVariableIsEmpty("XDG_RUNTIME_DIR"))
        qputenv("XDG_RUNTIME_DIR", session.path().toUtf8());
    qputenv("QT_QPA_PLATFORM", "offscreen");
    graphics.emplace(argc, argv);
    drawing::useInterfaceFont(drawing::shareFolder() + "/fonts");
}

int run(int argc, char** argv) {
    std::optional<QCoreApplication> console;
    std::optional<QGuiApplication> graphics;
    const auto asked = std::ranges::find(commands(), argc > 1 ? argv[1] : "", &Command::name);
    const bool paints = std::any_of(argv, argv + argc, drawing::needsGraphics);
    if (asked != commands().end() && (asked->draws || paints))
        startGraphics(argc, argv, graphics);
    else
        console.emplace(argc, argv);
    wording::usePlurals();
    std::setlocale(LC_NUMERIC, "C"); // Qt takes the person's; numbers in files have a point everywhere

    CLI::App app{"Bollard without its window: makes, checks, measures and draws cards."};
    app.set_version_flag("--version", "bollard-cli " BOLLARD_VERSION);
    app.require_subcommand(1);
    Arguments arguments;
    std::vector<std::pair<CLI::App*, const Command*>> added;
    for (const Command& command : commands()) {
        added.emplace_back(app.add_subcommand(command.name, command.help), &command);
        for (const std::string& option : command.takes)
            options().at(option)(*added.back().first, arguments);
    }
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        return app.exit(error) == 0 ? done : unreadable;
    }
    for (const auto& [parsed, command] : added)
        if (*parsed)
            return command->run(arguments);
    return unreadable;
}

} // namespace

int main(int argc, char** argv) {
    quantity::keepWithinMemory();
    try {
        return run(argc, argv);
    } catch (const std::bad_alloc&) {
        return complain({quantity::ProblemKind::memoryShort, {}, std::to_string(quantity::mostMemory >> 30)},
                        "", unreadable);
    } catch (const std::exception& error) {
        return complain({quantity::ProblemKind::stepFailed, {}, error.what()}, "", unreadable);
    }
}
