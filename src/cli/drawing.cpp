#include "card/output.hpp"
#include "cli/command.hpp"

namespace bollard::cli {
namespace {

int drawLines(const Arguments& arguments) {
    const std::string output = withAnEnding(arguments.outputs.front(), "dxf");
    const card::OutputFormat* format = card::formatOf(output);
    if (!format || format->what != card::Output::drawing)
        return complain({quantity::ProblemKind::unknownFormat, output, "svg dxf"}, "", unreadable);
    return write(arguments, {output});
}

} // namespace

Command drawingCommand() {
    return {"drawing",
            "Write outlines and scribed lines at true size, or only what is cut.",
            {"CARD", "row", "output", "curves", "cuts", "accept", "force"},
            drawLines};
}

} // namespace bollard::cli
