#include "card/boundaries.hpp"
#include "blank/blank.hpp"
#include "card/solid.hpp"
#include "working/drawn_outlines.hpp"
#include "working/tiling.hpp"

namespace bollard::card {
namespace {

using plane::Vector;

/// What the letters on one side of a panel were drawn with, on its plan, mm.
void addLetters(const Lettering& lettering, const blank::Panel& panel, bool behind, plane::Outline& drawn) {
    const std::string_view side = behind ? panel.back : panel.front;
    for (const working::PlacedLetters& letters : lettering.inscriptions) {
        if (letters.side != side)
            continue;
        const blank::Drawn on = working::drawnOn(panel, letters);
        if (on.stretch.bends) // its lines are no longer what they were
            continue;
        const auto toPlan = [&](Vector v) {
            return Vector{on.stretch.scale * ((on.mirrored ? -v.x : v.x) + plane::toMillimetres(on.shift)),
                          v.y};
        };
        const plane::Outline own = plane::outlineOf(working::glyphOutlinesOf(letters));
        for (const plane::Contour& contour : own.contours)
            drawn.contours.push_back(plane::mapped(contour, toPlan));
    }
}

std::vector<plane::CurvePiece> curvesOf(const Lettering& lettering, const blank::Panel& panel) {
    plane::Outline drawn;
    if (panel.cuts.empty())
        for (const plane::Outline& outline :
             {blank::outlineOf(lettering.blank, panel.front), blank::holesOf(lettering.blank, panel.front)})
            drawn.contours.insert(drawn.contours.end(), outline.contours.begin(), outline.contours.end());
    addLetters(lettering, panel, false, drawn);
    if (panel.wall())
        addLetters(lettering, panel, true, drawn);
    return plane::piecesOf(drawn);
}

void lay(body::Boundary& boundary, const space::Pose& pose) {
    const auto layCurve = [&](body::SpaceCurve& curve) {
        curve.centre = pose.at(curve.centre);
        curve.x = pose.turned(curve.x);
        curve.y = pose.turned(curve.y);
        for (space::Vertex& pole : curve.poles)
            pole = pose.at(pole);
    };
    for (space::Vertex& vertex : boundary.vertices)
        vertex = pose.at(vertex);
    for (body::BoundaryEdge& edge : boundary.edges)
        layCurve(edge.curve);
    for (body::BoundaryFace& face : boundary.faces) {
        face.surface.origin = pose.at(face.surface.origin);
        face.surface.x = pose.turned(face.surface.x);
        face.surface.axis = pose.turned(face.surface.axis);
        for (body::SpaceCurve& curve : face.surface.curves)
            layCurve(curve);
    }
    for (body::Boundary::Shell& shell : boundary.shells) {
        body::Mesh corners; // of its box: what lay within another still does
        const auto& [low, high] = shell.extent;
        for (const double x : {low.x, high.x})
            for (const double y : {low.y, high.y})
                for (const double z : {low.z, high.z})
                    corners.vertices.push_back(pose.at({x, y, z}));
        shell.extent = body::extentOf(corners);
    }
}

quantity::Result<body::Boundary> asItStands(const Made& made, body::Selection selection,
                                            const std::stop_token& stop) {
    if (made.solid->bodies)
        return body::boundaryOf(made.solid->bodyOf(selection), stop);
    const std::vector<blank::Panel>& panels = *made.solid->panels;
    const auto columns = columnsOf(*made.lettering, panels, stop);
    if (!columns)
        return columns.problem();
    std::vector<body::PanelColumns> parts;
    std::vector<std::vector<plane::CurvePiece>> curves;
    for (size_t i = 0; i < panels.size(); ++i) {
        parts.push_back({panels[i], (*columns)[i]});
        curves.push_back(curvesOf(*made.lettering, panels[i]));
    }
    return body::boundaryOf(parts, curves, selection, stop);
}

} // namespace

quantity::Result<body::Boundary> boundaryOf(const Made& made, body::Selection selection,
                                            const std::stop_token& stop) {
    auto standing = asItStands(made, selection, stop);
    if (!standing)
        return standing;
    if (stop.stop_requested())
        return quantity::Problem{quantity::ProblemKind::stopped};
    body::Boundary boundary = *std::move(standing);
    if (const auto pose = poseOf(made.card->lying, *made.solid->panels, made.solid->mesh))
        lay(boundary, *pose);
    return boundary;
}

} // namespace bollard::card
