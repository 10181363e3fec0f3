#include "body/tile.hpp"
#include "body/faults.hpp"
#include "plane/point_hash.hpp"
#include "working/changes.hpp"
#include <limits>

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

/// Whether triangles of an open mesh, no edge of which more than two share, meet at a vertex and nowhere
/// beside it.
bool isPinched(const Mesh& mesh) {
    // From each corner of a triangle on to the next one round the same vertex.
    using Edge = std::pair<std::uint64_t, size_t>; // from and to, corner
    const auto key = [](int from, int to) {
        return std::uint64_t(std::uint32_t(from)) << 32 | std::uint32_t(to);
    };
    std::vector<Edge> edges;
    for (size_t t = 0; t < mesh.triangles.size(); ++t)
        for (size_t k = 0; k < 3; ++k)
            edges.emplace_back(key(mesh.triangles[t][k], mesh.triangles[t][(k + 1) % 3]), 3 * t + k);
    std::ranges::sort(edges);
    constexpr auto none = std::numeric_limits<size_t>::max();
    std::vector<size_t> next(edges.size(), none);
    std::vector<bool> follows(edges.size()), seen(edges.size()), hasFan(mesh.vertices.size());
    for (size_t t = 0; t < mesh.triangles.size(); ++t)
        for (size_t k = 0; k < 3; ++k) {
            const auto& corners = mesh.triangles[t];
            const std::uint64_t wanted = key(corners[k], corners[(k + 2) % 3]);
            const auto found = std::ranges::lower_bound(edges, wanted, {}, &Edge::first);
            if (found != edges.end() && found->first == wanted) {
                next[3 * t + k] = found->second;
                follows[found->second] = true;
            }
        }
    for (const bool open : {true, false}) // fans that begin somewhere, then closed ones
        for (size_t corner = 0; corner < next.size(); ++corner) {
            if (seen[corner] || (open && follows[corner]))
                continue;
            for (size_t at = corner; at != none && !seen[at]; at = next[at])
                seen[at] = true;
            const auto vertex = size_t(mesh.triangles[corner / 3][corner % 3]);
            if (hasFan[vertex])
                return true;
            hasFan[vertex] = true;
        }
    return false;
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
