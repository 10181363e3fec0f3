// The files a card can be written to.
#pragma once
#include "card/pipeline.hpp"
#include "files/drawing.hpp"
#include "files/three_mf.hpp"
#include "files/whole_file.hpp"
#include <array>
#include <functional>
#include <string>
#include <tuple>
#include <vector>

namespace bollard::card {

struct OutputChoices {
    std::string title{};
    files::DxfCurves curves = files::DxfCurves::arcs;
    bool cutsOnly = false; ///< drawings: see cutLayersOf()
};

/// One file of an output; most come to one only.
struct OutputPart {
    std::string suffix{}; ///< to the name, before its ending: "", "-back", "-1"
    std::string bytes{};
    int facets = 0; ///< of solids with true curves: faces that stand for something bent
};

enum class Output {
    body,
    drawing, ///< of lines
    picture,
    cuts ///< for a machine
};

struct OutputFormat {
    std::string ending;
    Output what{};
    std::function<quantity::Result<std::vector<OutputPart>>(const Made&, const OutputChoices&)> parts;
};

/// Blank and letters as bodies of their own that fill each other's hollows, so that each can have its colour.
struct OwnBody {
    std::string name{};
    files::Rgb colour{};
    body::Selection selection{};
    body::Mesh mesh{}; ///< mm, as the print lies
};
/// Those there can be, without meshes.
std::array<OwnBody, 2> ownBodiesOf(const Card& card);
/// Those there are.
std::vector<OwnBody> ownBodiesOf(const Made& made);

/// All formats: stl, 3mf, step, svg, dxf, nc.
const std::vector<OutputFormat>& outputFormats();

/// The format of a path by its ending; null when it has none of them.
const OutputFormat* formatOf(const std::string& path);

/// The lines of a drawing: the blank with its holes, then one layer for each kind of working that is used,
/// and one for what is wider at the side: the mouths of cuts whose edges are broken, pockets of inlays.
std::vector<files::DrawingLayer> layersOf(const Made& made);
/// The same of one side; nothing for others than the first without letters.
std::vector<files::DrawingLayer> layersOf(const Made& made, std::string_view side);

/// Only what is cut: a layer for each operation, leads on one of their own, from the machine's zero.
std::vector<files::DrawingLayer> cutLayersOf(const Made& made);

/// Formats of one file.
std::vector<OutputFormat> formatsOfOneFile(
    std::vector<
        std::tuple<std::string, Output, quantity::Result<std::string> (*)(const Made&, const OutputChoices&)>>
        formats);

/// The file titled by its name, and those that go beside it: what is cut on the back has one of its own.
/// `made` must hold letters, and a solid for solid formats. nothingToMake when there is nothing to write;
/// exceptions of libraries end in stepFailed.
quantity::Result<std::vector<files::WholeFile>> outputOf(const Made& made, const OutputFormat& format,
                                                         const std::string& path, OutputChoices choices = {});

} // namespace bollard::card
