#include "card/solid.hpp"
#include "body/pieces.hpp"
#include "plane/near_boxes.hpp"
#include "working/changes.hpp"
#include <limits>
#include <tbb/parallel_invoke.h>

namespace bollard::card {

std::vector<body::PanelColumns> Solid::parts() const {
    std::vector<body::PanelColumns> parts;
    for (size_t i = 0; i < columns.size(); ++i)
        parts.push_back({(*panels)[i], columns[i]});
    return parts;
}

namespace {

/// What is done to a panel, on its front and from behind.
std::vector<working::Change> changesOn(const blank::Panel& panel, const Lettering& lettering,
                                       const std::stop_token& stop) {
    const double thickness = panel.wall() ? panel.thickness : working::endless;
    std::vector<working::Change> changes = working::changesOf(
        panel.outline, thickness, working::workedOf(lettering.inscriptions, stop, panel.front));
    if (!panel.wall())
        return changes;
    const plane::Box box = plane::boxOf(panel.outline);
    for (working::Worked worked : working::workedOf(lettering.inscriptions, stop, panel.back)) {
        worked.region = plane::shifted(plane::mirrored(worked.region), {box.low.x + box.high.x, 0});
        for (working::Change& change : working::changesOf(worked, thickness))
            changes.push_back(working::fromBehind(std::move(change), thickness));
    }
    return changes;
}

/// Pieces and drop-outs of all panels together: what has some of the blank hangs together inside it.
check::DropOuts dropOutsOf(const Solid& solid, const Lettering& lettering, const std::stop_token& stop) {
    check::DropOuts all;
    for (size_t i = 0; i < solid.columns.size(); ++i) {
        check::DropOuts here = check::dropOutsOf(solid.columns[i], body::piecesOf(solid.columns[i]),
                                                 (*solid.panels)[i], lettering.inscriptions, stop);
        all.pieces += i == 0 ? here.pieces : std::max(0, here.pieces - 1);
        all.strayPieces += here.strayPieces;
        std::ranges::move(here.loose, std::back_inserter(all.loose));
    }
    return all;
}

std::optional<quantity::Problem> problemOf(body::Clash clash) {
    switch (clash) {
    case body::Clash::turnedOver:
        return quantity::Problem{quantity::ProblemKind::cutTooDeep};
    case body::Clash::throughRim:
        return quantity::Problem{quantity::ProblemKind::rimCrossed};
    case body::Clash::none:
        break;
    }
    return std::nullopt;
}

/// What is worked on a side that others join must not reach its edge: past it its plan could not be laid out.
bool reachesRim(const blank::Panel& panel, std::span<const working::Change> changes) {
    if (panel.wall() || changes.empty())
        return false;
    const plane::Box box = plane::boxOf(panel.outline);
    for (const working::Change& change : changes.subspan(1)) {
        const plane::Box own = plane::boxOf(change.region);
        if (own.empty())
            continue;
        if (own.low.y <= box.low.y || own.high.y >= box.high.y)
            return true;
        if (!panel.cuts.around && !plane::without(change.region, panel.outline).empty())
            return true;
    }
    return false;
}

/// How deep and how high above their side letters reach, mm.
std::pair<double, double> heightsOf(const working::Working& working) {
    return working::cuts(working.kind) ? std::pair{-working.depth, 0.0}
                                       : std::pair{-working.bedding, working.height};
}

/// Letters of sides that join may reach into each other inside the blank. By their boxes in space, so it may
/// be said too often.
bool sidesMeet(std::span<const blank::Panel> panels, const Lettering& lettering) {
    struct Reach {
        const blank::Panel* panel;
        double low, high; // along y
    };
    std::vector<Reach> reaches;
    std::vector<plane::Box> boxes; // across y
    for (const working::PlacedLetters& letters : lettering.inscriptions) {
        const auto panel = std::ranges::find(panels, letters.side, &blank::Panel::front);
        if (panel == panels.end() || panel->wall())
            continue;
        const auto [lowest, highest] = heightsOf(letters.working);
        for (const plane::Region& letter : letters.onSide) {
            Reach reach{&*panel, std::numeric_limits<double>::max(), std::numeric_limits<double>::lowest()};
            plane::Box box;
            for (const plane::Ring& ring : letter.rings)
                for (plane::Point p : ring) {
                    p.x = panel->cuts.within(p.x);
                    const blank::Ray ray = panel->frontRay(p);
                    for (const double height : {lowest, highest}) {
                        const space::Vertex at = ray.at(height);
                        box.include(plane::Point{plane::toUnits(at.x), plane::toUnits(at.z)});
                        reach.low = std::min(reach.low, at.y);
                        reach.high = std::max(reach.high, at.y);
                    }
                }
            if (box.empty())
                continue;
            reaches.push_back(reach);
            boxes.push_back(box);
        }
    }
    return std::ranges::any_of(plane::nearBoxes(boxes), [&](const auto& pair) {
        const Reach &a = reaches[size_t(pair.first)], &b = reaches[size_t(pair.second)];
        return a.panel != b.panel && a.low < b.high && b.low < a.high;
    });
}

} // namespace

double tallestOf(const Lettering& lettering) {
    double tallest = 0;
    for (const working::PlacedLetters& letters : lettering.inscriptions) {
        const auto [lowest, highest] = heightsOf(letters.working);
        tallest = std::max(tallest, highest - lowest);
    }
    return tallest;
}

Solid solidOf(const Lettering& lettering, std::shared_ptr<const std::vector<blank::Panel>> panels,
              const std::stop_token& stop) {
    Solid solid;
    solid.panels = std::move(panels);
    if (sidesMeet(*solid.panels, lettering)) {
        solid.problem = quantity::Problem{quantity::ProblemKind::sidesMeet};
        return solid;
    }
    for (const blank::Panel& panel : *solid.panels) {
        const std::vector<working::Change> changes = changesOn(panel, lettering, stop);
        if (reachesRim(panel, changes)) {
            solid.problem = quantity::Problem{quantity::ProblemKind::rimCrossed};
            return solid;
        }
        auto columns = working::columnsOf(changes, stop, panel.cuts);
        if (!columns) {
            solid.problem = columns.problem();
            return solid;
        }
        solid.columns.push_back(*std::move(columns));
    }
    const std::vector<body::PanelColumns> parts = solid.parts();
    if (const auto problem = problemOf(body::clashOf(parts))) {
        solid.problem = problem;
        return solid;
    }
    const auto mesh = [&] { solid.mesh = body::meshOf(parts, body::Selection::everything, stop); };
    const auto pieces = [&] { solid.dropOuts = dropOutsOf(solid, lettering, stop); };
    if (lettering.letters() < lettersWorthTasks) {
        mesh();
        pieces();
    } else {
        tbb::parallel_invoke(mesh, pieces);
    }
    if (stop.stop_requested())
        solid.problem = quantity::Problem{quantity::ProblemKind::stopped};
    return solid;
}

} // namespace bollard::card
