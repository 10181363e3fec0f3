// Triangle meshes of solids.
#pragma once
#include "blank/panel.hpp"
#include "body/creases.hpp"
#include "working/columns.hpp"
#include <array>
#include <memory>
#include <stop_token>
#include <vector>

namespace bollard::body {

using space::Vertex;

struct TileSurface;

/// A stretch of a mesh that is a tile's surface, shifted, or turned about the y axis.
struct Block {
    std::shared_ptr<const TileSurface> surface{};
    int triangle = 0; ///< the first
    int vertex = 0;   ///< the first; those at the tile's border are elsewhere
    double turn = 0;  ///< from +z to +x, radians
};

/// A closed surface: corners counter-clockwise seen from outside.
struct Mesh {
    std::vector<Vertex> vertices{};
    std::vector<std::array<int, 3>> triangles{};
    std::vector<Face> faces{};   ///< of each triangle
    std::vector<Block> blocks{}; ///< of some of it, in order

    bool empty() const { return triangles.empty(); }
};

/// Which of the material to put a surface around.
enum class Selection { everything, blank, letters };

struct Tile;
struct Origins;

/// Columns over one panel of a blank, or over a part of a flat wall.
struct PanelColumns {
    const blank::Panel& panel;
    const working::Columns& columns;
    const Tile* tile = nullptr; ///< null: the panel but for its tiles
    plane::Point at{};          ///< where the tile's plan begins
};

/// The surface of a tile, open at its border and at its back where that is all blank.
struct TileSurface {
    struct AtBorder {
        plane::Point at{};
        std::int32_t height = 0;
    };
    Mesh mesh{};                    ///< grid units; of a turned side mm, where it was made
    std::vector<AtBorder> border{}; ///< the last vertices, which lie on the edges of its box
    bool flatBack = false;
    Creases creases{}; ///< none ends at the border
};
std::shared_ptr<const TileSurface> surfaceOf(const Tile& tile, Selection selection);

/// What keeps the columns of a blank's panels from being one body as they are.
enum class Clash {
    none,
    turnedOver, ///< rays have met: a cut reaches the axis, or something raised in a hollow its other side
    throughRim  ///< what is worked on a side runs over its edge, where another side goes on
};
/// Found without three-dimensional booleans, exactly; tiles have been looked at by themselves. O(triangles).
Clash clashOf(std::span<const PanelColumns> parts);
/// As the part's problem; nothing for none.
std::optional<quantity::Problem> problemOf(Clash clash);

/// One surface around the chosen columns of all panels, welded where they meet: closed when there is no
/// clash. `origins`, where it is not null, hears where everything comes from; there are no tiles then.
Mesh meshOf(std::span<const PanelColumns> parts, Selection selection = Selection::everything,
            const std::stop_token& stop = {}, Origins* origins = nullptr);

/// The surface around the chosen columns of a flat panel, z = 0 at its front: closed, consistently oriented,
/// no vertex unused. Where the back is one flat face it is triangulated anew, without the letters' corners.
/// Stopped, it returns part of it.
Mesh meshOf(const working::Columns& columns, Selection selection = Selection::everything,
            const std::stop_token& stop = {});

/// mm3; right for closed meshes.
double volumeOf(const Mesh& mesh);
/// How many pieces a closed mesh is of: shells that hold something, not those around hollows shut in.
int shellsOf(const Mesh& mesh);

struct Extent {
    Vertex low{};
    Vertex high{};
};
/// All zero for an empty mesh.
Extent extentOf(const Mesh& mesh);

} // namespace bollard::body
