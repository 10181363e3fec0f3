#include "card/output.hpp"
#include "files/stl.hpp"
#include "working/drawn_outlines.hpp"
#include <filesystem>

namespace bollard::card {
namespace {

quantity::Result<std::string> stl(const Made& made, const OutputChoices&) {
    return files::stlOf(made.solid->mesh);
}

/// Blank and letters as bodies of their own that fill each other's hollows, so that each can have its colour.
quantity::Result<std::string> threeMf(const Made& made, const OutputChoices& choices) {
    const body::Mesh blank = body::meshOf(made.solid->columns, body::Selection::blank);
    const body::Mesh letters = body::meshOf(made.solid->columns, body::Selection::letters);
    std::vector<files::NamedBody> bodies;
    const std::string blankName = made.card->blank.kind == blank::Kind::disc ? "disc" : "plate";
    if (!blank.empty())
        bodies.push_back({blankName, {0xE0, 0xCD, 0xA2}, &blank});
    if (!letters.empty())
        bodies.push_back({"letters", {0x2B, 0x6A, 0x8C}, &letters});
    return files::threeMfOf(bodies, choices.title);
}

quantity::Result<std::string> svg(const Made& made, const OutputChoices& choices) {
    return files::svgOf(layersOf(made), choices.title);
}

quantity::Result<std::string> dxf(const Made& made, const OutputChoices& choices) {
    return files::dxfOf(layersOf(made), choices.curves);
}

} // namespace

const std::vector<OutputFormat>& outputFormats() {
    static const std::vector<OutputFormat> formats{
        {"stl", true, stl}, {"3mf", true, threeMf}, {"svg", false, svg}, {"dxf", false, dxf}};
    return formats;
}

const OutputFormat* formatOf(const std::string& path) {
    for (const OutputFormat& format : outputFormats())
        if (files::withEnding(path, format.ending) == path)
            return &format;
    return nullptr;
}

std::vector<files::DrawingLayer> layersOf(const Made& made) {
    std::vector<files::DrawingLayer> layers;
    plane::Outline blank = blank::outlineOf(made.card->blank);
    for (plane::Contour& hole : blank::holesOf(made.card->blank).contours)
        blank.contours.push_back(std::move(hole));
    if (!blank.contours.empty())
        layers.push_back({"blank", std::move(blank)});
    for (int kind = 0; kind < working::kinds; ++kind) {
        files::DrawingLayer layer{std::string(check::nameOf(static_cast<working::Kind>(kind))), {}};
        for (const working::PlacedLetters& letters : made.lettering->inscriptions)
            if (int(letters.working.kind) == kind)
                std::ranges::move(working::outlinesOf(letters).contours,
                                  std::back_inserter(layer.outline.contours));
        if (!layer.outline.contours.empty())
            layers.push_back(std::move(layer));
    }
    return layers;
}

quantity::Result<quantity::Done> writeOutput(const Made& made, const OutputFormat& format,
                                             const std::string& path, files::IfThere ifThere,
                                             files::DxfCurves curves) {
    if (format.solid && made.solid->problem)
        return *made.solid->problem;
    if (format.solid ? made.solid->mesh.empty() : layersOf(made).empty())
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    const auto bytes = format.bytes(made, {std::filesystem::path(path).stem().string(), curves});
    if (!bytes)
        return bytes.problem();
    return files::writeWhole(path, *bytes, ifThere);
}

} // namespace bollard::card
