// Letters of a wall, or of a side that is turned, worked out apart from all others, in a box of their own
// (working/tiling).
#pragma once
#include "blank/blank.hpp"
#include "body/mesh.hpp"
#include "body/pieces.hpp"
#include "quantity/kept.hpp"
#include "working/placed_letters.hpp"
#include <memory>
#include <unordered_map>

namespace bollard::body {

/// Where on a side that is turned about an axis, all the way round which it is alike.
struct OnTurned {
    blank::Blank blank{};
    std::int32_t from = 0; ///< along the axis, grid units
    plane::Cuts cuts{};    ///< the tile's own, from its corner
    bool operator==(const OnTurned&) const = default;
};

/// What a tile is made from; tiles of one key are alike wherever they lie.
struct TileKey {
    plane::Point size{};  ///< of the box, grid units
    double thickness = 0; ///< of the blank, mm; 0: there is none
    std::vector<working::WorkedLetters> front{}, behind{};
    std::optional<OnTurned> on{}; ///< nothing: a flat wall
    bool operator==(const TileKey&) const = default;
};
struct TileKeyHash {
    std::size_t operator()(const TileKey& key) const;
};

struct Tile {
    plane::Point size{};
    std::shared_ptr<const blank::Panel>
        panel{};                ///< on a turned side: it where the tile was made; null: it is flat
    std::int32_t madeAt = 0;    ///< and where that is, round it
    bool onBlank = false;       ///< the blank goes on across its border
    working::Columns columns{}; ///< its plan begins at the box's low corner
    Pieces pieces{};
    int borderPiece = -1; ///< the piece that goes on across the border; -1 without a blank
    std::shared_ptr<const TileSurface> surface{}; ///< around all of it
};

/// In a box of that panel's plan.
quantity::Result<std::shared_ptr<const Tile>> tileOf(const TileKey& key, const blank::Panel& panel,
                                                     plane::Point at, const std::stop_token& stop = {});

/// Tiles of earlier runs.
using TileMemory = quantity::Kept<TileKey, std::shared_ptr<const Tile>,
                                  std::unordered_map<TileKey, std::shared_ptr<const Tile>, TileKeyHash>>;

/// A tile in its place on the panel's plan.
struct PlacedTile {
    std::shared_ptr<const Tile> tile{};
    plane::Point at{};
};

} // namespace bollard::body
