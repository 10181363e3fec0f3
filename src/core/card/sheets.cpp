#include "card/sheets.hpp"
#include "card/cutting_findings.hpp"
#include "card/lying.hpp"
#include "cut/gcode.hpp"
#include "cut/on_sheet.hpp"
#include "files/stl.hpp"
#include "working/drawn_outlines.hpp"
#include <cmath>

namespace bollard::card {
namespace {

using quantity::Problem, quantity::ProblemKind, quantity::Result;

/// What closed lines bound where each is the edge of material: within an even number of others it begins.
plane::Region boundedBy(const std::vector<plane::Stamp>& stamps) {
    constexpr double tolerance = 10; // grid units
    const std::vector<plane::Ring> rings =
        plane::flattened(plane::outlineOf(stamps), plane::unitsPerMillimetre, tolerance);
    std::vector<plane::Region> filled, outer, holes;
    for (const plane::Ring& ring : rings)
        filled.push_back(plane::filled({ring}));
    for (size_t i = 0; i < rings.size(); ++i) {
        const auto around = std::ranges::count_if(filled, [&](const plane::Region& other) {
            return &other != &filled[i] && plane::contains(other, rings[i].front());
        });
        (around % 2 == 0 ? outer : holes).push_back(filled[i]);
    }
    return plane::without(plane::united(outer), plane::united(holes));
}

/// As it is drawn.
plane::Region drawnBy(const Made& made) {
    const std::string_view side = blank::sidesOf(made.card->blank).front();
    std::vector<working::PlacedLetters> inscriptions;
    std::ranges::copy_if(made.lettering->inscriptions, std::back_inserter(inscriptions),
                         [&](const working::PlacedLetters& letters) { return letters.side == side; });
    const bool bare = made.card->blank.kind == blank::Kind::none;
    std::vector<plane::Region> material, pierced;
    if (!bare)
        material.push_back(boundedBy(working::cutThrough(made.card->blank, inscriptions, side).blank));
    for (const working::PlacedLetters& letters : inscriptions) {
        const working::Kind kind = letters.working.kind;
        if (bare || !working::cuts(kind))
            material.push_back(plane::united(letters.onSide));
        else if (kind == working::Kind::pierced)
            pierced.push_back(plane::united(letters.onSide));
    }
    return plane::without(plane::united(material), plane::united(pierced));
}

/// The hull of what it covers, seen from above; counter-clockwise.
plane::Region shadowOf(const std::vector<OwnBody>& bodies) {
    std::vector<plane::Point> points;
    for (const OwnBody& one : bodies)
        for (const space::Vertex& v : one.mesh.vertices)
            points.push_back({plane::toUnits(v.x), plane::toUnits(v.y)});
    std::ranges::sort(points);
    points.erase(std::ranges::unique(points).begin(), points.end());
    plane::Ring hull;
    const auto walk = [&](auto from, auto to) {
        const size_t first = hull.size();
        for (auto at = from; at != to; ++at) {
            while (hull.size() >= first + 2 &&
                   plane::cross(plane::vectorOf(hull.back()) - plane::vectorOf(hull[hull.size() - 2]),
                                plane::vectorOf(*at) - plane::vectorOf(hull.back())) <= 0)
                hull.pop_back();
            hull.push_back(*at);
        }
        hull.pop_back();
    };
    if (points.size() < 3)
        return {};
    walk(points.begin(), points.end());
    walk(points.rbegin(), points.rend());
    return plane::filled({hull});
}

bool isFlat(const Card& card) {
    return card.blank.kind == blank::Kind::none || blank::takesHoles(card.blank);
}

Result<SheetPart> drawingPart(const Made& made) {
    SheetPart part;
    part.layers = layersOf(made);
    if (!isFlat(*made.card))
        return Problem{ProblemKind::sheetNotFlat};
    if (part.layers.empty())
        return Problem{ProblemKind::nothingToMake};
    return part;
}

Result<SheetPart> cutPart(const Made& made) {
    const std::shared_ptr<const Cuttings> cuttings = cuttingsOf(made);
    if (cuttings->front.mounting || cuttings->back.cuts())
        return Problem{ProblemKind::sheetNotFlat};
    if (!cuttings->front.cuts())
        return Problem{ProblemKind::nothingToMake};
    auto cutting = std::make_shared<cut::Cutting>(cuttings->front);
    for (cut::Toolpath& path : cutting->paths) { // only ways are laid
        path.job.shapes.clear();
        path.job.part = {};
    }
    SheetPart part;
    part.cutting = std::move(cutting);
    part.shop = made.shop;
    return part;
}

Result<SheetPart> bodyPart(const Made& made) {
    if (made.solid->problem)
        return *made.solid->problem;
    SheetPart part;
    part.bodies = ownBodiesOf(made);
    if (part.bodies.empty())
        return Problem{ProblemKind::nothingToMake};
    return part;
}

body::Mesh laid(body::Mesh mesh, const plane::Similarity& place) {
    for (space::Vertex& v : mesh.vertices) {
        const plane::Vector to = place({v.x, v.y});
        v.x = to.x;
        v.y = to.y;
    }
    mesh.blocks.clear(); // which are where their surfaces were made
    return mesh;
}

Result<std::string> svg(std::span<const LaidPart> parts, const nest::Board& board, const std::string& title) {
    return files::svgOf(layersOf(parts), title, files::Page{0, 0, board.width, board.height});
}

Result<std::string> dxf(std::span<const LaidPart> parts, const nest::Board&, const std::string&) {
    return files::dxfOf(layersOf(parts));
}

Result<std::string> program(std::span<const LaidPart> parts, const nest::Board& board,
                            const std::string& title) {
    std::vector<cut::OnSheet> cuttings;
    for (const LaidPart& part : parts)
        cuttings.push_back({part.part->cutting.get(), part.place});
    const cut::Cutting sheet = cut::onSheet(cuttings, board.width, board.height);
    const cut::Dialect* const dialect = parts.front().part->shop->dialect(sheet.machine.dialect);
    if (!dialect)
        return Problem{ProblemKind::dialectUnknown, sheet.machine.dialect};
    for (const check::Finding& beyond : beyondTravel(sheet))
        return Problem{ProblemKind::sheetBeyondTravel, beyond.subject,
                       quantity::roundedText(beyond.measured, 1) + " > " +
                           quantity::roundedText(beyond.limit, 1)};
    return cut::gcodeOf(sheet, *dialect, {title, {}});
}

Result<std::string> threeMf(std::span<const LaidPart> parts, const nest::Board&, const std::string& title) {
    std::vector<OwnBody> bodies;
    for (const LaidPart& part : parts)
        for (const OwnBody& one : part.part->bodies)
            bodies.push_back(
                {part.name + " " + one.name, one.colour, one.selection, laid(one.mesh, part.place)});
    std::vector<files::NamedBody> named;
    for (const OwnBody& one : bodies)
        named.push_back({one.name, one.colour, &one.mesh});
    return files::threeMfOf(named, title);
}

Result<std::string> stl(std::span<const LaidPart> parts, const nest::Board&, const std::string&) {
    body::Mesh all;
    for (const LaidPart& part : parts)
        for (const OwnBody& one : part.part->bodies) {
            const body::Mesh mesh = laid(one.mesh, part.place);
            const int first = int(all.vertices.size());
            all.vertices.insert(all.vertices.end(), mesh.vertices.begin(), mesh.vertices.end());
            for (std::array<int, 3> triangle : mesh.triangles) {
                for (int& corner : triangle)
                    corner += first;
                all.triangles.push_back(triangle);
            }
        }
    return files::stlOf(all);
}

/// The solid as one, which a file without bodies takes.
Result<SheetPart> wholePart(const Made& made) {
    if (made.solid->problem)
        return *made.solid->problem;
    if (made.solid->mesh.empty())
        return Problem{ProblemKind::nothingToMake};
    const auto pose = poseOf(made.card->lying, *made.solid->panels, made.solid->mesh);
    SheetPart part;
    part.bodies.push_back(
        {"", {}, body::Selection::everything, pose ? posed(made.solid->mesh, *pose) : made.solid->mesh});
    return part;
}

} // namespace

plane::Similarity placeOf(const nest::Place& place) {
    return {place.at, 1, place.turn, false};
}

const std::vector<SheetFormat>& sheetFormats() {
    static const std::vector<SheetFormat> all{{"stl", Output::body, wholePart, stl},
                                              {"3mf", Output::body, bodyPart, threeMf},
                                              {"svg", Output::drawing, drawingPart, svg},
                                              {"dxf", Output::drawing, drawingPart, dxf},
                                              {"nc", Output::cuts, cutPart, program}};
    return all;
}

plane::Region coveredBy(const Made& made, Output what) {
    if (what == Output::body && (!isFlat(*made.card) || !made.card->lying.on.empty()))
        return made.solid && !made.solid->problem ? shadowOf(ownBodiesOf(made)) : plane::Region();
    return drawnBy(made);
}

std::vector<files::DrawingLayer> layersOf(std::span<const LaidPart> parts) {
    std::vector<files::DrawingLayer> layers;
    for (const LaidPart& part : parts)
        for (const files::DrawingLayer& own : part.part->layers) {
            auto layer = std::ranges::find(layers, own.name, &files::DrawingLayer::name);
            if (layer == layers.end())
                layer = layers.insert(layers.end(), {own.name, {}});
            for (plane::Stamp stamp : own.stamps) {
                stamp.place.to = part.place(stamp.place.to);
                stamp.place.turn += part.place.turn;
                layer->stamps.push_back(std::move(stamp));
            }
        }
    return layers;
}

} // namespace bollard::card
