// What a command of bollard-cli is, and what several of them need. One file a command; the table is in
// main.cpp.
#pragma once
#include "card/output.hpp"
#include "card/pipeline.hpp"
#include "files/whole_file.hpp"
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <vector>

namespace bollard::cli {

/// 2 is for wrong use too.
enum Exit { done = 0, stopFinding = 1, unreadable = 2, notWritten = 3 };

/// What was asked for; each command takes some of it, and main.cpp knows how it is written.
struct Arguments {
    std::string card;
    int row = 1; ///< from 1
    std::vector<std::string> outputs;
    bool accept = false, force = false, json = false, singleLine = false, trace = false;
    bool all = false, cuts = false, print = false;
    std::string program{}; ///< a file for a machine
    std::string picture{};
    std::string finding{};                   ///< its id
    int with = 1;                            ///< which of its mends, from 1
    std::string table{}, rows{}, as = "stl"; ///< of a series
    std::string sheet{}, turn = "none";
    double spacing = 3, margin = 5;     ///< mm
    std::string paper = "a4", reason{}; ///< of a job sheet
    int pixels = 256;                   ///< of a thumbnail
    int jobs = 1;
    std::string device{}, protocol = "plain"; ///< of sending
    int fromLine = 0;
    double timeout = 10; ///< seconds
    std::string view = "flat", from, side, step = "letters", size = "1280x800", curves = "arcs";
};

struct Command {
    std::string name;
    std::string help;
    std::vector<std::string> takes; ///< options by their names in main.cpp's table
    int (*run)(const Arguments&);
    bool draws = false; ///< needs fonts and graphics
};

Command makeCommand();
Command checkCommand();
Command measureCommand();
Command pictureCommand();
Command typefacesCommand();
Command drawingCommand();
Command formatCommand();
Command dumpCommand();
Command mendCommand();
Command proofCommand();
Command shopCommand();
Command seriesCommand();
Command sendCommand();
Command sheetCommand();
Command thumbnailCommand();

/// Tells a problem on standard error, with what it is about where that is not empty; gives the code back.
int complain(const quantity::Problem& problem, const std::string& about, int code);

std::shared_ptr<const type::Catalogue> catalogue();

/// Machines, tools and dialects: what ships, with a person's own.
quantity::Result<cut::Shop> shop();

// What cannot be read is told on standard error; then null or nothing.

std::shared_ptr<const cut::Shop> shopOrComplaint();
/// `text` gets what its file says, where it is not null.
std::optional<card::Card> cardOrComplaint(const std::string& path, std::string* text = nullptr);

/// A card read and made. Problems with the card or a file it needs end in exit code 2.
struct Run {
    card::Card card; ///< as it was read
    card::Made made;
    std::shared_ptr<const type::Catalogue> faces = catalogue();
    std::string text;   ///< of the card's file
    std::string folder; ///< it lies in
    int code = done;
    explicit Run(const Arguments& arguments);
};

/// The verdict and all findings with their mends, as `check --json` tells them.
nlohmann::ordered_json findingsJson(const Run& run);

/// The path with `usual` as its ending where it has none. What ends in a few letters means them as an ending,
/// known or not: a dot elsewhere in a name does not.
std::string withAnEnding(const std::string& path, const std::string& usual);

/// The format of a path by its ending, of programs also by that of a dialect at hand; null for none.
const card::OutputFormat* formatOf(const std::string& path);

files::IfThere ifThere(const Arguments& arguments);

/// Tells the stop findings that keep a card from being written, unless they are let pass. False: go on.
bool refuses(const card::Made& made, bool accept);

/// Makes all the outputs, then writes all of them or none; refuses while a stop finding stands.
int write(const Arguments& arguments, const std::vector<std::string>& outputs);

} // namespace bollard::cli
