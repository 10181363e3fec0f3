// Which material hangs together.
#pragma once
#include "working/columns.hpp"
#include <vector>

namespace bollard::body {

struct Piece {
    double volume = 0;  ///< mm3
    bool blank = false; ///< holds some of the blank
};

/// The part's connected pieces. Material hangs together where columns share a face, not where they only
/// touch.
struct Pieces {
    std::vector<Piece> pieces{};
    /// The piece of each interval of each cell, as in Columns::material.
    std::vector<std::vector<int>> ofInterval{};
};

/// The largest piece with some of the blank; without a blank the largest; -1 when there is none.
int mainOf(const std::vector<Piece>& pieces);

Pieces piecesOf(const working::Columns& columns);

/// The piece of the topmost material over the point (of the lowest, seen from behind); -1 where there is
/// none. `hint` is a triangle near it.
int pieceAt(const working::Columns& columns, const Pieces& pieces, plane::Point p, int& hint,
            bool behind = false);

} // namespace bollard::body
