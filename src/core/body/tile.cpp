#include "body/tile.hpp"
#include "body/faults.hpp"
#include "plane/point_hash.hpp"
#include "working/changes.hpp"

namespace bollard::body {

std::size_t TileKeyHash::operator()(const TileKey& key) const {
    using quantity::mixed;
    std::size_t hash = mixed(std::size_t(key.size.x), std::size_t(key.size.y));
    for (const auto* letters : {&key.front, &key.behind})
        for (const working::WorkedLetters& alike : *letters)
            for (const plane::Region& letter : alike.letters)
                hash = mixed(hash, plane::hashOf(letter));
    return hash;
}

namespace {

/// The part of a turned side that lies in a box of its plan, the plan from the box's corner.
blank::Panel partOf(const blank::Panel& panel, plane::Point at, plane::Point size, const plane::Cuts& cuts) {
    blank::Panel part = panel;
    const auto from = [at](std::function<blank::Ray(plane::Point)> rays) {
        if (!rays)
            return rays;
        return std::function<blank::Ray(plane::Point)>(
            [at, rays = std::move(rays)](plane::Point p) { return rays(at + p); });
    };
    part.frontRay = from(panel.frontRay);
    part.backRay = from(panel.backRay);
    part.outline = {{{{0, 0}, {size.x, 0}, size, {0, size.y}}}};
    part.rim.clear();
    part.cuts = cuts;
    return part;
}

} // namespace

quantity::Result<std::shared_ptr<const Tile>> tileOf(const TileKey& key, const blank::Panel& panel,
                                                     plane::Point at, const std::stop_token& stop) {
    auto tile = std::make_shared<Tile>();
    if (key.on)
        tile->panel = std::make_shared<const blank::Panel>(partOf(panel, at, key.size, key.on->cuts));
    tile->madeAt = at.x;
    tile->size = key.size;
    tile->onBlank = key.thickness > 0;
    plane::Region box;
    if (tile->onBlank)
        box.rings.push_back({{0, 0}, {key.size.x, 0}, key.size, {0, key.size.y}});
    auto columns =
        working::columnsOf(working::changesOf(box, key.thickness, working::workedOf(key.front, stop),
                                              working::workedOf(key.behind, stop)),
                           stop, key.on ? key.on->cuts : plane::Cuts{});
    if (!columns)
        return columns.problem();
    tile->columns = *std::move(columns);
    if (tile->panel)
        if (const auto problem = problemOf(clashOf(std::array{PanelColumns{*tile->panel, tile->columns}})))
            return *problem;
    tile->pieces = piecesOf(tile->columns);
    const plane::Subdivision& plan = tile->columns.plan;
    for (const plane::Triangle& triangle : plan.triangles)
        for (int k = 0; k < 3 && tile->onBlank; ++k)
            if (plan.inLayer(triangle.cell, 0) && !plan.inLayer(plan.cellAcross(triangle, k), 0))
                tile->borderPiece = tile->pieces.ofInterval[size_t(triangle.cell)].front();
    tile->surface = surfaceOf(*tile, Selection::everything);
    const Mesh& mesh = tile->surface->mesh;
    if (tile->columns.slope() &&
        (wallsMeetAlongEdges(mesh, mesh.triangles.size()) || (tile->panel && isPinched(mesh))))
        return quantity::Problem{quantity::ProblemKind::geometryFailed, {}, "walls"};
    return std::shared_ptr<const Tile>(std::move(tile));
}

} // namespace bollard::body
