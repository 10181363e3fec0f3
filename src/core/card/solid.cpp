#include "card/solid.hpp"
#include "blank/material.hpp"
#include "blank/shape.hpp"
#include "body/faults.hpp"
#include "card/clashes.hpp"
#include "plane/point_hash.hpp"
#include "working/tiling.hpp"
#include <cassert>
#include <limits>
#include <map>
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>
#include <tbb/parallel_invoke.h>
#include <unordered_map>

namespace bollard::card {

std::vector<body::PanelColumns> Solid::parts() const {
    std::vector<body::PanelColumns> parts;
    for (size_t i = 0; i < columns.size(); ++i)
        parts.push_back({(*panels)[i], columns[i]});
    for (const body::PlacedTile& placed : tiles)
        parts.push_back({panels->front(), placed.tile->columns, placed.tile.get(), placed.at});
    return parts;
}

body::Mesh Solid::bodyOf(body::Selection selection) const {
    if (selection == body::Selection::everything)
        return mesh;
    if (bodies)
        return selection == body::Selection::blank ? bodies->blank : bodies->letters;
    return body::meshOf(parts(), selection);
}

namespace {

bool isFlatWall(const blank::Panel& panel) {
    return panel.wall() && !panel.frontRay && panel.backRise == 0;
}

/// Where nothing of a wall's edge reaches.
plane::Region withinEdge(const blank::Panel& panel) {
    double reach = 0;
    for (const working::Change& change : working::edgeChanges(panel))
        if (change.does == working::Change::Does::take)
            reach = std::max(reach, double(change.reach()));
    return reach > 0 ? plane::grown(panel.outline, -reach) : panel.outline;
}

/// Of a box of the plan, from its corner.
plane::Cuts cutsWithin(const plane::Cuts& cuts, const plane::Box& box) {
    const auto within = [](const std::vector<std::int32_t>& all, std::int32_t low, std::int32_t high) {
        std::vector<std::int32_t> own{0};
        for (auto cut = std::ranges::upper_bound(all, low); cut != all.end() && *cut < high; ++cut)
            own.push_back(*cut - low);
        own.push_back(high - low);
        return own;
    };
    return {within(cuts.u, box.low.x, box.high.x), within(cuts.v, box.low.y, box.high.y)};
}

/// The tiles of a panel, those that are not known made side by side.
std::vector<quantity::Result<std::shared_ptr<const body::Tile>>>
tilesOf(const blank::Panel& panel, const Lettering& lettering, std::span<const working::TileLetters> tiles,
        body::TileMemory& memory, const std::stop_token& stop) {
    using Made = quantity::Result<std::shared_ptr<const body::Tile>>;
    const plane::Box whole = plane::boxOf(panel.outline);
    memory.makeRoom(2 * tiles.size());
    std::vector<Made> made(tiles.size(), Made(quantity::Problem{quantity::ProblemKind::stopped}));
    constexpr size_t worthATask = 8;
    tbb::parallel_for(tbb::blocked_range<size_t>(0, tiles.size(), worthATask), [&](const auto& range) {
        for (size_t i = range.begin(); i < range.end() && !stop.stop_requested(); ++i) {
            const auto& [box, letters] = tiles[i];
            body::TileKey key{
                box.high - box.low, whole.empty() ? 0 : working::Thickness(panel).least, {}, {}, {}};
            if (panel.turned)
                key.on = {lettering.blank, box.low.y, cutsWithin(panel.cuts, box)};
            key.front = working::lettersOn(panel, lettering.inscriptions, letters, false, box.low);
            key.behind = working::lettersOn(panel, lettering.inscriptions, letters, true, box.low);
            if (auto known = memory.find(key)) {
                made[i] = *std::move(known);
                continue;
            }
            made[i] = body::tileOf(key, panel, box.low, stop);
            if (made[i] && !stop.stop_requested())
                made[i] = memory.keep(key, *made[i]);
        }
    });
    return made;
}

/// The pieces of all parts of a flat wall, those of tiles joined to what is around them.
struct WallPieces {
    std::vector<body::Piece> pieces{};
    std::vector<std::vector<int>>
        numbers{}; ///< of each part's own pieces; the panel's first, then the tiles'
};

WallPieces wallPiecesOf(const working::Columns& rest, const body::Pieces& ofRest,
                        std::span<const body::PlacedTile> tiles) {
    WallPieces all;
    all.pieces = ofRest.pieces;
    std::vector<int>& own = all.numbers.emplace_back();
    for (size_t i = 0; i < ofRest.pieces.size(); ++i)
        own.push_back(int(i));
    std::unordered_map<plane::Point, int, plane::PointHash> pieceAt; // corners of tiles
    for (const body::PlacedTile& placed : tiles)
        if (placed.tile->onBlank)
            pieceAt.emplace(placed.at, -1);
    std::vector<int*> ofCorner(rest.plan.points.size()); // by point
    for (size_t p = 0; p < ofCorner.size() && !pieceAt.empty(); ++p)
        if (const auto found = pieceAt.find(rest.plan.points[p]); found != pieceAt.end())
            ofCorner[p] = &found->second;
    for (const plane::Triangle& triangle : rest.plan.triangles)
        for (const int corner : triangle.corners)
            if (int* const piece = ofCorner[size_t(corner)])
                if (const auto& over = ofRest.ofInterval[size_t(triangle.cell)]; !over.empty())
                    *piece = over.front();
    for (const auto& [tile, at] : tiles) {
        std::vector<int>& numbers = all.numbers.emplace_back();
        for (size_t i = 0; i < tile->pieces.pieces.size(); ++i) {
            const body::Piece& piece = tile->pieces.pieces[i];
            const int around = int(i) == tile->borderPiece ? pieceAt.at(at) : -1;
            numbers.push_back(around >= 0 ? around : int(all.pieces.size()));
            if (around < 0) {
                all.pieces.push_back(piece);
                continue;
            }
            all.pieces[size_t(around)].volume += piece.volume;
            all.pieces[size_t(around)].blank |= piece.blank;
        }
    }
    return all;
}

/// Where each letter of a flat wall is: the part, and its number.
std::map<std::pair<int, int>, size_t> partsOf(const working::Tiling& tiling) {
    std::map<std::pair<int, int>, size_t> parts;
    for (size_t i = 0; i < tiling.tiles.size(); ++i)
        for (const working::PlanLetter& letter : tiling.tiles[i].letters)
            parts.emplace(std::pair(letter.slot, letter.letter), i + 1);
    return parts;
}

/// Pieces and drop-outs of all panels together: what has some of the blank hangs together inside it.
check::DropOuts dropOutsOf(const Solid& solid, const Lettering& lettering, const working::Tiling& tiling,
                           const std::stop_token& stop) {
    check::DropOuts all;
    for (size_t i = 0; i < solid.columns.size(); ++i) {
        const blank::Panel& panel = (*solid.panels)[i];
        const body::Pieces ofRest = body::piecesOf(solid.columns[i]);
        const WallPieces wall = wallPiecesOf(
            solid.columns[i], ofRest, i == 0 ? std::span(solid.tiles) : std::span<const body::PlacedTile>());
        std::map<std::pair<int, int>, size_t> parts;
        if (i == 0 && wall.pieces.size() > 1)
            parts = partsOf(tiling);
        int hint = 0;
        const auto pieceAt = [&](int slot, int letter, plane::Point at) {
            const bool behind = panel.wall() && lettering.inscriptions[size_t(slot)].side == panel.back;
            const auto found = parts.find({slot, letter});
            const size_t part = found == parts.end() ? 0 : found->second;
            int own = -1;
            if (part == 0) {
                own = body::pieceAt(solid.columns[i], ofRest, at, hint, behind);
            } else {
                const body::PlacedTile& placed = solid.tiles[part - 1];
                int start = 0;
                own = body::pieceAt(placed.tile->columns, placed.tile->pieces, at - placed.at, start, behind);
            }
            return own < 0 ? -1 : wall.numbers[part][size_t(own)];
        };
        check::DropOuts here = check::dropOutsOf(wall.pieces, pieceAt, panel, lettering.inscriptions, stop);
        all.pieces += i == 0 ? here.pieces : std::max(0, here.pieces - 1);
        all.strayPieces += here.strayPieces;
        std::ranges::move(here.loose, std::back_inserter(all.loose));
    }
    return all;
}

/// The columns of a panel on which nothing is worked.
quantity::Result<working::Columns> bareColumns(const blank::Panel& panel) {
    return working::columnsOf(
        working::changesOf(panel.outline, working::Thickness(panel), {}, {}, working::edgeChanges(panel)), {},
        panel.cuts);
}

/// Between a pole and the tiles: strips that narrow to it have no corners along them, which would lie in a
/// line.
void cutBesidePoles(blank::Panel& panel, std::span<const working::TileLetters> tiles) {
    plane::Box all;
    for (const working::TileLetters& tile : tiles)
        all.include(tile.box);
    std::vector<std::int32_t>& v = panel.cuts.v;
    constexpr double pole = 1e-3; // mm
    const auto isPole = [&](std::int32_t at) {
        return panel.frontRadius.at(plane::toMillimetres(at)) < pole;
    };
    const std::int32_t low = v.front() + (all.low.y - v.front()) / 2,
                       high = v.back() - (v.back() - all.high.y) / 2;
    if (isPole(v.back()) && all.high.y > v[v.size() - 2] && high < v.back())
        v.insert(v.end() - 1, high);
    if (isPole(v.front()) && all.low.y < v[1] && low > v.front())
        v.insert(v.begin() + 1, low);
}

/// What can be worked out apart on the first panel, whose strips are then put round it.
working::Tiling tilingOf(Solid& solid, const Lettering& lettering) {
    const blank::Panel& panel = solid.panels->front();
    std::vector<working::PlanLetter> letters = working::lettersOf(panel, lettering.inscriptions);
    if (isFlatWall(panel)) {
        const plane::Region within = withinEdge(panel);
        // An edge may take all there is: then no letter is clear of it.
        if (within.empty() == panel.outline.empty())
            return working::tilingOf(within, std::move(letters));
    } else if (panel.turned) {
        working::TurnedTiling turned = working::turnedTilingOf(panel, letters);
        if (!turned.tiling.tiles.empty()) {
            blank::Rise rise = riseOf(lettering);
            rise.ends = std::move(turned.ends);
            std::vector<blank::Panel> parted =
                blank::shapeOf(lettering.blank).panelsOf(lettering.blank, rise);
            cutBesidePoles(parted.front(), turned.tiling.tiles);
            solid.panels = std::make_shared<const std::vector<blank::Panel>>(std::move(parted));
            return std::move(turned.tiling);
        }
    }
    return {{}, std::move(letters)};
}

/// Tiles and columns of all panels; a problem where they cannot be made.
std::optional<quantity::Problem> makeColumns(Solid& solid, const Lettering& lettering,
                                             const working::Tiling& tiling, body::TileMemory& memory,
                                             const std::stop_token& stop) {
    std::vector<bool> isWorked;
    for (const blank::Panel& panel : *solid.panels) {
        const bool first = &panel == &solid.panels->front();
        plane::Region around = panel.outline;
        if (first) {
            const auto tiles = tilesOf(panel, lettering, tiling.tiles, memory, stop);
            for (size_t i = 0; i < tiles.size(); ++i) {
                if (!tiles[i])
                    return tiles[i].problem();
                const auto& [low, high] = tiling.tiles[i].box;
                solid.tiles.push_back({*tiles[i], low});
                if ((*tiles[i])->onBlank)
                    around.rings.push_back({low, {low.x, high.y}, high, {high.x, low.y}});
            }
        }
        const std::vector<working::Change> changes =
            changesOn(panel, around, lettering,
                      first ? tiling.rest : working::lettersOf(panel, lettering.inscriptions), stop);
        if (reachesRim(panel, changes))
            return quantity::Problem{quantity::ProblemKind::rimCrossed};
        auto columns = working::columnsOf(changes, stop, panel.cuts);
        if (!columns)
            return columns.problem();
        solid.columns.push_back(*std::move(columns));
        isWorked.push_back(changes.size() > 1);
    }
    std::vector<body::PanelColumns> worked; // the bare blank was sound
    for (size_t i = 0; i < isWorked.size(); ++i)
        if (isWorked[i])
            worked.push_back({(*solid.panels)[i], solid.columns[i]});
    return body::problemOf(body::clashOf(worked));
}

} // namespace

std::vector<blank::Panel> panelsOf(const blank::Blank& blank, const blank::Rise& rise) {
    std::vector<blank::Panel> panels = blank::shapeOf(blank).panelsOf(blank, rise);
    for (const blank::Panel& panel : panels) {
        if (!panel.frontRay)
            continue;
        const auto columns = bareColumns(panel);
        if (!columns || body::clashOf(std::array{body::PanelColumns{panel, *columns}}) != body::Clash::none)
            return {};
    }
    return panels;
}

quantity::Result<std::vector<working::Columns>>
columnsOf(const Lettering& lettering, std::span<const blank::Panel> panels, const std::stop_token& stop) {
    std::vector<working::Columns> all;
    for (const blank::Panel& panel : panels) {
        const std::vector<working::PlanLetter> letters = working::lettersOf(panel, lettering.inscriptions);
        auto columns =
            working::columnsOf(changesOn(panel, panel.outline, lettering, letters, stop), stop, panel.cuts);
        if (!columns)
            return columns.problem();
        all.push_back(*std::move(columns));
    }
    return all;
}

double massOf(const Made& made) {
    if (!made.card || !made.solid || made.solid->problem)
        return 0;
    const double density = blank::densityOf(made.card->blank.material);
    constexpr double perGram = 1000; // mm³ in a cm³
    return density > 0 ? density * body::volumeOf(made.solid->mesh) / perGram : 0;
}

namespace {

/// The part of a blank; with tiles or without.
Solid wholeOf(const Lettering& lettering, const std::shared_ptr<const std::vector<blank::Panel>>& panels,
              body::TileMemory& memory, const std::stop_token& stop, bool tiled) {
    Solid solid;
    solid.panels = panels;
    const working::Tiling tiling =
        tiled ? tilingOf(solid, lettering)
              : working::Tiling{{}, working::lettersOf(panels->front(), lettering.inscriptions)};
    if (const auto problem = makeColumns(solid, lettering, tiling, memory, stop)) {
        solid = {};
        solid.panels = panels;
        solid.problem = problem;
        return solid;
    }
    const std::vector<body::PanelColumns> parts = solid.parts();
    const auto mesh = [&] { solid.mesh = body::meshOf(parts, body::Selection::everything, stop); };
    const auto pieces = [&] { solid.dropOuts = dropOutsOf(solid, lettering, tiling, stop); };
    if (lettering.letters() < lettersWorthTasks) {
        mesh();
        pieces();
    } else {
        tbb::parallel_invoke(mesh, pieces);
    }
    if (stop.stop_requested())
        solid.problem = quantity::Problem{quantity::ProblemKind::stopped};
    else if (std::ranges::any_of(solid.columns, &working::Columns::slope)) {
        // Where slopes taper to nothing just where others do. Tiles have been looked at by themselves.
        const size_t around = solid.mesh.blocks.empty() ? solid.mesh.triangles.size()
                                                        : size_t(solid.mesh.blocks.front().triangle);
        if (body::wallsMeetAlongEdges(solid.mesh, around)) {
            solid.problem = quantity::Problem{quantity::ProblemKind::geometryFailed, {}, "walls"};
            solid.mesh = {};
        }
    }
    assert(solid.problem || body::faultsOf(solid.mesh).none());
    return solid;
}

} // namespace

Solid solidOf(const Lettering& lettering, std::shared_ptr<const std::vector<blank::Panel>> panels,
              body::TileMemory& memory, const std::stop_token& stop) {
    const auto refused = [&](const quantity::Problem& problem) {
        Solid solid;
        solid.panels = panels;
        solid.problem = problem;
        return solid;
    };
    if (lettering.partProblem)
        return refused(*lettering.partProblem);
    if (lettering.part) { // what lies on it is joined to it
        Solid solid;
        solid.panels = panels;
        solid.mesh = *lettering.part;
        solid.bodies = Solid::Bodies{solid.mesh, {}};
        solid.dropOuts.pieces = body::shellsOf(solid.mesh);
        return solid;
    }
    if (panels->empty())
        return refused(quantity::Problem{quantity::ProblemKind::blankUnmade});
    if (std::ranges::count(meeting(*panels, lettering), true) > 0)
        return refused(quantity::Problem{quantity::ProblemKind::sidesMeet});
    if (const auto problem = impossible(*panels, lettering))
        return refused(*problem);
    Solid solid = wholeOf(lettering, panels, memory, stop, true);
    // On other strips it may come out.
    if (panels->front().turned && solid.problem &&
        solid.problem->kind == quantity::ProblemKind::geometryFailed)
        solid = wholeOf(lettering, panels, memory, stop, false);
    return solid;
}

} // namespace bollard::card
