// Which letters and counters are joined to nothing.
#pragma once
#include "blank/panel.hpp"
#include "body/pieces.hpp"
#include "working/placed_letters.hpp"
#include <functional>
#include <span>
#include <vector>

namespace bollard::check {

/// A letter or a counter that is no part of the main piece.
struct DropOut {
    enum class Kind { counter, letter };
    Kind kind{};
    int inscription = 0;   ///< its slot in the placed letters
    int letter = 0;        ///< its place in Setting::letters
    plane::Region shape{}; ///< what falls out, on the side
};

struct DropOuts {
    int pieces = 0;
    std::vector<DropOut> loose{};
    int strayPieces = 0; ///< loose pieces that are neither a letter nor a counter
};

/// The piece that a letter's material is of, at a point of the plan beside one of its rings: the topmost, on
/// a back the lowest; -1 where there is none.
using PieceAt = std::function<int(int slot, int letter, plane::Point at)>;

/// Counters of a letter are told one by one, loose letters once each. Where there is no blank, letters joined
/// to no other letter are loose, unless there is only one piece. Of the inscriptions on the panel's sides.
DropOuts dropOutsOf(const std::vector<body::Piece>& pieces, const PieceAt& pieceAt, const blank::Panel& panel,
                    std::span<const working::PlacedLetters> inscriptions, const std::stop_token& stop = {});

} // namespace bollard::check
