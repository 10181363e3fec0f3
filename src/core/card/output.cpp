#include "card/output.hpp"
#include "blank/shape.hpp"
#include "card/boundaries.hpp"
#include "cut/gcode.hpp"
#include "files/step.hpp"
#include "files/stl.hpp"
#include "working/drawn_outlines.hpp"
#include <cmath>
#include <filesystem>
#include <map>

namespace bollard::card {
namespace {

quantity::Result<std::string> stl(const Made& made, const OutputChoices&) {
    const auto pose = poseOf(made.card->lying, *made.solid->panels, made.solid->mesh);
    return files::stlOf(pose ? posed(made.solid->mesh, *pose) : made.solid->mesh);
}

quantity::Result<std::string> threeMf(const Made& made, const OutputChoices& choices) {
    const std::vector<OwnBody> own = ownBodiesOf(made);
    std::vector<files::NamedBody> bodies;
    for (const OwnBody& one : own)
        bodies.push_back({one.name, one.colour, &one.mesh});
    return files::threeMfOf(bodies, choices.title);
}

quantity::Result<std::vector<OutputPart>> step(const Made& made, const OutputChoices& choices) {
    OutputPart part;
    std::vector<body::Boundary> boundaries;
    std::vector<files::NamedBoundary> bodies;
    for (const OwnBody& own : ownBodiesOf(*made.card)) {
        auto boundary = boundaryOf(made, own.selection);
        if (!boundary)
            return boundary.problem();
        if (boundary->faces.empty())
            continue;
        part.facets += boundary->facets;
        boundaries.push_back(*std::move(boundary));
        bodies.push_back({own.name, own.colour, nullptr});
    }
    for (size_t i = 0; i < bodies.size(); ++i)
        bodies[i].boundary = &boundaries[i];
    auto bytes = files::stepOf(bodies, choices.title);
    if (!bytes)
        return bytes.problem();
    part.bytes = *std::move(bytes);
    return std::vector{std::move(part)};
}

quantity::Result<std::string> svg(const Made& made, const OutputChoices& choices) {
    const auto layers = choices.cutsOnly ? cutLayersOf(made) : layersOf(made);
    if (layers.empty())
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    return files::svgOf(layers, choices.title);
}

quantity::Result<std::string> dxf(const Made& made, const OutputChoices& choices) {
    const auto layers = choices.cutsOnly ? cutLayersOf(made) : layersOf(made);
    if (layers.empty())
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    return files::dxfOf(layers, choices.curves);
}

quantity::Result<std::vector<OutputPart>> programs(const Made& made, const OutputChoices& choices) {
    const std::shared_ptr<const Cuttings> cuttings = cuttingsOf(made);
    const cut::Dialect* const dialect = made.shop->dialect(made.card->machine.dialect);
    if (!dialect)
        return quantity::Problem{quantity::ProblemKind::dialectUnknown, made.card->machine.dialect};
    cut::GcodeTitle title{choices.title, {}};
    for (const check::Finding& finding : made.checked->findings)
        if (finding.severity == check::Severity::stop)
            title.accepted.push_back(finding.id);
    std::vector<OutputPart> parts;
    std::optional<quantity::Problem> problem;
    const auto add = [&](const std::string& suffix, const cut::Cutting& cutting) {
        auto bytes = cut::gcodeOf(cutting, *dialect, title);
        if (bytes)
            parts.push_back({suffix, *std::move(bytes)});
        else if (!problem)
            problem = bytes.problem();
    };
    const auto addSide = [&](const std::string& side, const cut::Cutting& cutting) {
        if (!cutting.cuts())
            return;
        if (made.card->machine.fileATool) {
            int number = 0;
            for (const cut::Cutting& one : cut::byTool(cutting))
                add(side + "-" + std::to_string(++number), one);
        } else {
            add(side, cutting);
        }
        if (made.card->machine.airRun)
            if (auto air = cut::airRunOf(cutting, *dialect, title))
                parts.push_back({side + "-air", *std::move(air)});
    };
    const bool both = cuttings->front.cuts() && cuttings->back.cuts();
    addSide("", cuttings->front);
    addSide(both ? "-back" : "", cuttings->back);
    if (problem)
        return *problem;
    if (parts.empty())
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    return parts;
}

} // namespace

std::vector<OutputFormat> formatsOfOneFile(
    std::vector<
        std::tuple<std::string, Output, quantity::Result<std::string> (*)(const Made&, const OutputChoices&)>>
        formats) {
    std::vector<OutputFormat> all;
    for (const auto& [ending, what, bytes] : formats)
        all.push_back({ending, what,
                       [bytes = bytes](const Made& made, const OutputChoices& choices)
                           -> quantity::Result<std::vector<OutputPart>> {
                           auto one = bytes(made, choices);
                           if (!one)
                               return one.problem();
                           return std::vector{OutputPart{"", *std::move(one)}};
                       }});
    return all;
}

std::array<OwnBody, 2> ownBodiesOf(const Card& card) {
    return {
        OwnBody{std::string(blank::shapeOf(card.blank).name), {0xE0, 0xCD, 0xA2}, body::Selection::blank, {}},
        OwnBody{"letters", {0x2B, 0x6A, 0x8C}, body::Selection::letters, {}}};
}

std::vector<OwnBody> ownBodiesOf(const Made& made) {
    const auto pose = poseOf(made.card->lying, *made.solid->panels, made.solid->mesh);
    std::vector<OwnBody> bodies;
    for (OwnBody& own : ownBodiesOf(*made.card)) {
        own.mesh = made.solid->bodyOf(own.selection);
        if (own.mesh.empty())
            continue;
        if (pose)
            own.mesh = posed(std::move(own.mesh), *pose);
        bodies.push_back(std::move(own));
    }
    return bodies;
}

const std::vector<OutputFormat>& outputFormats() {
    static const std::vector<OutputFormat> formats = [] {
        std::vector<OutputFormat> all = formatsOfOneFile({{"stl", Output::body, stl},
                                                          {"3mf", Output::body, threeMf},
                                                          {"svg", Output::drawing, svg},
                                                          {"dxf", Output::drawing, dxf}});
        all.insert(all.begin() + 2, {"step", Output::body, step});
        all.push_back({"nc", Output::cuts, programs});
        return all;
    }();
    return formats;
}

const OutputFormat* formatOf(const std::string& path) {
    for (const OutputFormat& format : outputFormats())
        if (files::withEnding(path, format.ending) == path)
            return &format;
    return nullptr;
}

namespace {

/// How much wider than its letters a cut is at the side: its mouth where its edges are broken, or the pocket
/// of an inlay; mm.
double widerAtTheSide(const working::Working& working, double thickness) {
    if (working.kind == working::Kind::inlaid)
        return working.clearance;
    const working::Edge edge = working::edgeOf(working, thickness);
    const bool broken = edge.kind == working::EdgeKind::chamfer || edge.kind == working::EdgeKind::round;
    return working::cuts(working.kind) && broken ? edge.size : 0;
}

/// The outlines of cuts of a kind where they are wider than their letters.
std::vector<plane::Stamp> widerOutlines(std::span<const working::PlacedLetters> inscriptions,
                                        working::Kind kind, double thickness) {
    std::vector<plane::Region> grown;
    for (const working::PlacedLetters& letters : inscriptions) {
        const double wider = letters.working.kind == kind ? widerAtTheSide(letters.working, thickness) : 0;
        if (wider >= working::leastEdge)
            grown.push_back(plane::grown(plane::united(letters.onSide), plane::toUnits(wider)));
    }
    if (grown.empty())
        return {};
    return {plane::stampOf(plane::outlineOf(plane::united(grown)))};
}

} // namespace

std::vector<files::DrawingLayer> layersOf(const Made& made, std::string_view side) {
    std::vector<files::DrawingLayer> layers;
    std::vector<working::PlacedLetters> inscriptions;
    std::ranges::copy_if(made.lettering->inscriptions, std::back_inserter(inscriptions),
                         [&](const working::PlacedLetters& letters) { return letters.side == side; });
    const bool first = side == blank::sidesOf(made.card->blank).front();
    if (!first && inscriptions.empty())
        return layers;
    // Other sides are drawn where they would lie seen from outside, on layers of their own.
    const std::string prefix = first ? std::string() : std::string(side).append(" ");
    working::CutThrough through = working::cutThrough(made.card->blank, inscriptions, side);
    if (!through.blank.empty())
        layers.push_back({prefix + "blank", std::move(through.blank)});
    for (int number = 0; number < working::kinds; ++number) {
        const auto kind = static_cast<working::Kind>(number);
        std::vector<plane::Stamp> stamps = kind == working::Kind::pierced
                                               ? std::move(through.pierced)
                                               : working::outlinesOf(inscriptions, kind);
        const std::string name = prefix + std::string(working::nameOf(kind));
        if (!stamps.empty())
            layers.push_back({name, std::move(stamps)});
        std::vector<plane::Stamp> wider =
            widerOutlines(inscriptions, kind, blank::depthBehind(made.card->blank, side));
        if (wider.empty())
            continue;
        files::DrawingLayer& layer = layers.emplace_back();
        layer.name = name + (kind == working::Kind::inlaid ? " pocket" : " mouth");
        layer.stamps = std::move(wider);
    }
    return layers;
}

namespace {

void addCutLayers(std::vector<files::DrawingLayer>& layers, const cut::Cutting& cutting,
                  const std::string& suffix) {
    const space::Vertex zero = cutting.zero;
    std::map<std::string, int> named;
    for (const cut::Toolpath& path : cutting.paths) {
        std::string name = std::string(cut::nameOf(path.job.operation.kind)) + suffix;
        if (const int before = named[name]++; before > 0)
            name += "-" + std::to_string(before + 1);
        plane::Outline cuts, leads;
        std::vector<std::vector<plane::Vector>> drawn; // passes lie over each other
        for (const cut::Chain& chain : path.chains) {
            std::vector<plane::Vector> way;
            const auto add = [&](plane::Outline& outline, size_t from, size_t to, bool closed) {
                plane::Contour contour;
                contour.open = !closed;
                for (size_t i = from; i <= to; ++i) {
                    const plane::Vector p{chain.points[i].x - zero.x, chain.points[i].y - zero.y};
                    if (i == from)
                        contour.start = p;
                    else if (!(p == (contour.segments.empty() ? contour.start : contour.segments.back().end)))
                        contour.segments.push_back({plane::Segment::Kind::line, {}, {}, p});
                }
                if (!contour.segments.empty())
                    outline.contours.push_back(std::move(contour));
            };
            const size_t first = chain.leadIn, last = chain.points.size() - 1 - chain.leadOut;
            // Once round; what the overrun adds is drawn already
            size_t end = last;
            if (chain.closed)
                for (size_t i = first + 2; i <= last; ++i)
                    if (std::hypot(chain.points[i].x - chain.points[first].x,
                                   chain.points[i].y - chain.points[first].y) < 1e-6) {
                        end = i;
                        break;
                    }
            for (size_t i = first; i <= end; ++i)
                way.push_back({chain.points[i].x, chain.points[i].y});
            if (std::ranges::find(drawn, way) != drawn.end())
                continue;
            drawn.push_back(way);
            add(cuts, first, end, chain.closed);
            if (chain.leadIn > 0)
                add(leads, 0, first, false);
            if (chain.leadOut > 0)
                add(leads, last, chain.points.size() - 1, false);
        }
        if (!cuts.contours.empty())
            layers.push_back({name, {plane::stampOf(std::move(cuts))}});
        if (!leads.contours.empty())
            layers.push_back({name + "-lead", {plane::stampOf(std::move(leads))}});
    }
}

} // namespace

std::vector<files::DrawingLayer> cutLayersOf(const Made& made) {
    const std::shared_ptr<const Cuttings> cuttings = cuttingsOf(made);
    std::vector<files::DrawingLayer> layers;
    addCutLayers(layers, cuttings->front, "");
    addCutLayers(layers, cuttings->back, cuttings->front.cuts() ? "-back" : "");
    return layers;
}

std::vector<files::DrawingLayer> layersOf(const Made& made) {
    std::vector<files::DrawingLayer> layers;
    for (const std::string_view side : blank::sidesOf(made.card->blank))
        std::ranges::move(layersOf(made, side), std::back_inserter(layers));
    return layers;
}

quantity::Result<std::vector<files::WholeFile>> outputOf(const Made& made, const OutputFormat& format,
                                                         const std::string& path, OutputChoices choices) {
    const bool body = format.what == Output::body;
    if (body && made.solid->problem)
        return *made.solid->problem;
    if (body && made.solid->mesh.empty())
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    const std::filesystem::path whole(path);
    choices.title = whole.stem().string();
    try {
        auto parts = format.parts(made, choices);
        if (!parts)
            return parts.problem();
        std::vector<files::WholeFile> written;
        for (const OutputPart& part : *parts) {
            const std::string name = whole.stem().string() + part.suffix + whole.extension().string();
            files::WholeFile& file = written.emplace_back();
            file.path = (whole.parent_path() / name).string();
            file.bytes = part.bytes;
            if (part.facets > 0)
                file.note =
                    quantity::Problem{quantity::ProblemKind::inFacets, name, std::to_string(part.facets)};
        }
        return written;
    } catch (const std::exception& error) {
        return quantity::Problem{quantity::ProblemKind::stepFailed, format.ending, error.what()};
    }
}

} // namespace bollard::card
