#include "body/mesh.hpp"
#include "body/extraction.hpp"
#include "body/tile.hpp"
#include <cmath>
#include <numeric>

namespace bollard::body {
namespace {

constexpr int unused = -1;

/// Gives the new number of each vertex, or unused.
std::vector<int> dropUnused(Mesh& mesh) {
    std::vector<int> renamed(mesh.vertices.size(), unused);
    std::vector<Vertex> used;
    for (auto& triangle : mesh.triangles)
        for (int& corner : triangle) {
            int& name = renamed[size_t(corner)];
            if (name == unused) {
                name = int(used.size());
                used.push_back(mesh.vertices[size_t(corner)]);
            }
            corner = name;
        }
    mesh.vertices = std::move(used);
    return renamed;
}

/// A tile's surface in its place, welded to what is around it.
void addTile(const std::shared_ptr<const TileSurface>& surface, const PanelColumns& part, const Rims& rims,
             Mesh& mesh) {
    const Mesh& own = surface->mesh;
    const Point at = part.at;
    const auto first = int(mesh.vertices.size());
    const int inside = int(own.vertices.size() - surface->border.size());
    const double turn =
        part.tile->panel ? 2 * M_PI * (double(at.x) - part.tile->madeAt) / part.panel.cuts.turn() : 0;
    mesh.blocks.push_back({surface, int(mesh.triangles.size()), first, turn});
    const double cosine = std::cos(turn), sine = std::sin(turn);
    const auto placed = [&](const Vertex& v) {
        if (part.tile->panel)
            return Vertex{v.x * cosine + v.z * sine, v.y, v.z * cosine - v.x * sine};
        return Vertex{plane::toMillimetres(v.x + at.x), plane::toMillimetres(v.y + at.y),
                      plane::toMillimetres(v.z)};
    };
    for (int v = 0; v < inside; ++v)
        mesh.vertices.push_back(placed(own.vertices[size_t(v)]));
    std::vector<int> border; // their numbers
    for (const TileSurface::AtBorder& shared : surface->border)
        border.push_back(rims.at(keyOf(Stand(part.panel, at + shared.at).at(shared.height))));
    const auto number = [&](int v) { return v < inside ? first + v : border[size_t(v - inside)]; };
    for (const auto& [a, b, c] : own.triangles)
        mesh.triangles.push_back({number(a), number(b), number(c)});
    mesh.faces.insert(mesh.faces.end(), own.faces.begin(), own.faces.end());
}

/// The back of a tile where it is flat and not part of a larger face.
void addBack(const Tile& tile, const Panel& panel, Point at, const Rims& rims, Mesh& mesh) {
    const auto corner = [&](std::int32_t x, std::int32_t y) {
        return rims.at({plane::toMillimetres(at.x + x), plane::toMillimetres(at.y + y),
                        plane::toMillimetres(-plane::toUnits(panel.thickness))});
    };
    const int a = corner(0, 0), b = corner(tile.size.x, 0), c = corner(tile.size.x, tile.size.y),
              d = corner(0, tile.size.y);
    for (const auto& triangle : {std::array{a, c, b}, std::array{a, d, c}}) {
        mesh.triangles.push_back(triangle);
        mesh.faces.push_back(Face::blank);
    }
}

} // namespace

std::shared_ptr<const TileSurface> surfaceOf(const Tile& tile, Selection selection) {
    const Panel flat;
    const Panel& panel = tile.panel ? *tile.panel : flat;
    const TileCorners none;
    const std::stop_token never;
    Rims rims;
    auto surface = std::make_shared<TileSurface>();
    Mesh& mesh = surface->mesh;
    Extraction extraction({panel, tile.columns, none, true, tile.onBlank}, selection, mesh, rims, never);
    surface->flatBack = extraction.add();
    const std::map<int, TileSurface::AtBorder> border = extraction.borderVertices(tile.size);
    const std::vector<int> renamed = dropUnused(mesh);
    // Those at the border come last.
    std::vector<const TileSurface::AtBorder*> atBorder(mesh.vertices.size());
    for (const auto& [vertex, shared] : border)
        if (tile.onBlank && renamed[size_t(vertex)] != unused)
            atBorder[size_t(renamed[size_t(vertex)])] = &shared;
    std::vector<int> number(mesh.vertices.size());
    std::vector<Vertex> sorted;
    for (const bool last : {false, true})
        for (size_t v = 0; v < number.size(); ++v)
            if (bool(atBorder[v]) == last) {
                number[v] = int(sorted.size());
                sorted.push_back(mesh.vertices[v]);
                if (last)
                    surface->border.push_back(*atBorder[v]);
            }
    mesh.vertices = std::move(sorted);
    for (auto& triangle : mesh.triangles)
        for (int& corner : triangle)
            corner = number[size_t(corner)];
    surface->creases = creasesOf(mesh.vertices, mesh.triangles, mesh.faces);
    return surface;
}

Mesh meshOf(std::span<const PanelColumns> parts, Selection selection, const std::stop_token& stop,
            Origins* origins) {
    Mesh mesh;
    Rims rims;
    std::vector<std::shared_ptr<const TileSurface>> chosen; // of tiles, by part
    TileCorners corners;
    const TileCorners none;
    size_t triangles = 0;
    std::map<const Tile*, std::shared_ptr<const TileSurface>> ofTile; // equal words are one tile
    for (const PanelColumns& part : parts) {
        auto& surface = ofTile[part.tile];
        if (part.tile && !surface)
            surface =
                selection == Selection::everything ? part.tile->surface : surfaceOf(*part.tile, selection);
        chosen.push_back(surface);
    }
    for (size_t i = 0; i < parts.size(); ++i) {
        triangles +=
            parts[i].tile ? chosen[i]->mesh.triangles.size() : parts[i].columns.plan.triangles.size() * 3;
        if (!parts[i].tile || !parts[i].tile->onBlank)
            continue;
        const Point size = parts[i].tile->size;
        for (const TileSurface::AtBorder& shared : chosen[i]->border)
            corners.all.insert(parts[i].at + shared.at);
        for (const Point corner : {Point{0, 0}, {size.x, 0}, size, {0, size.y}}) {
            corners.all.insert(parts[i].at + corner);
            if (chosen[i]->flatBack)
                corners.ofFlatBacks.insert(parts[i].at + corner);
        }
    }
    mesh.triangles.reserve(triangles);
    mesh.faces.reserve(triangles);
    bool backDone = false; // of the panel that tiles lie on, which is the first
    for (const PanelColumns& part : parts) {
        if (part.tile)
            continue;
        const bool first = &part == &parts.front();
        const bool done = Extraction({part.panel, part.columns, first ? std::as_const(corners) : none, false,
                                      false, origins, int(&part - parts.data())},
                                     selection, mesh, rims, stop)
                              .add();
        backDone |= first && done;
    }
    const std::vector<int> renamed = dropUnused(mesh);
    if (origins) {
        for (auto& [vertex, origin] : origins->vertices)
            vertex = renamed[size_t(vertex)];
        std::erase_if(origins->vertices, [](const auto& of) { return of.first == unused; });
        std::ranges::stable_sort(origins->vertices, {}, &std::pair<int, Origin>::first);
    }
    if (!corners.all.empty())
        for (auto& [place, vertex] : rims)
            vertex = renamed[size_t(vertex)];
    for (size_t i = 0; i < parts.size() && !stop.stop_requested(); ++i) {
        if (!parts[i].tile)
            continue;
        addTile(chosen[i], parts[i], rims, mesh);
        if (chosen[i]->flatBack && !backDone)
            addBack(*parts[i].tile, parts[i].panel, parts[i].at, rims, mesh);
    }
    return mesh;
}

Mesh meshOf(const Columns& columns, Selection selection, const std::stop_token& stop) {
    const Panel flat;
    return meshOf(std::array{PanelColumns{flat, columns}}, selection, stop);
}

double volumeOf(const Mesh& mesh) {
    double sixfold = 0;
    if (mesh.empty())
        return 0;
    const Vertex origin = mesh.vertices.front();
    for (const auto& t : mesh.triangles) {
        const Vertex a = mesh.vertices[size_t(t[0])] - origin;
        const Vertex n =
            space::cross(mesh.vertices[size_t(t[1])] - origin, mesh.vertices[size_t(t[2])] - origin);
        sixfold += space::dot(a, n);
    }
    return sixfold / 6;
}

int shellsOf(const Mesh& mesh) {
    std::vector<int> leader(mesh.vertices.size());
    std::iota(leader.begin(), leader.end(), 0);
    const auto leaderOf = [&](int v) {
        while (leader[size_t(v)] != v)
            v = leader[size_t(v)] = leader[size_t(leader[size_t(v)])];
        return v;
    };
    for (const auto& [a, b, c] : mesh.triangles) {
        leader[size_t(leaderOf(a))] = leaderOf(b);
        leader[size_t(leaderOf(b))] = leaderOf(c);
    }
    std::map<int, double> sixfold; // by leader
    for (const auto& [a, b, c] : mesh.triangles) {
        const Vertex& origin = mesh.vertices[size_t(leaderOf(a))];
        sixfold[leaderOf(a)] +=
            space::dot(mesh.vertices[size_t(a)] - origin,
                       space::cross(mesh.vertices[size_t(b)] - origin, mesh.vertices[size_t(c)] - origin));
    }
    return int(std::ranges::count_if(sixfold, [](const auto& shell) { return shell.second > 0; }));
}

Extent extentOf(const Mesh& mesh) {
    if (mesh.vertices.empty())
        return {};
    Extent extent{mesh.vertices.front(), mesh.vertices.front()};
    for (const Vertex& v : mesh.vertices) {
        extent.low = {std::min(extent.low.x, v.x), std::min(extent.low.y, v.y), std::min(extent.low.z, v.z)};
        extent.high = {std::max(extent.high.x, v.x), std::max(extent.high.y, v.y),
                       std::max(extent.high.z, v.z)};
    }
    return extent;
}

} // namespace bollard::body
