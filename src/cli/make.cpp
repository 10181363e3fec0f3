#include "cli/command.hpp"
#include "drawing/output_formats.hpp"

namespace bollard::cli {
namespace {

int make(const Arguments& arguments) {
    std::vector<std::string> outputs = arguments.outputs;
    for (std::string& output : outputs) {
        output = withAnEnding(output, "stl");
        if (!formatOf(output))
            return complain({quantity::ProblemKind::unknownFormat, output}, "", unreadable);
    }
    return write(arguments, outputs);
}

} // namespace

Command makeCommand() {
    return {"make",
            "Write the solid. Exit 1 when a stop finding stands.",
            {"CARD", "row", "outputs", "accept", "force"},
            make};
}

} // namespace bollard::cli
