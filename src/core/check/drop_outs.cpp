#include "check/drop_outs.hpp"
#include "working/tiling.hpp"
#include <map>
#include <set>

namespace bollard::check {
namespace {

using working::PlacedLetters;

bool standing(const PlacedLetters& letters) {
    return !working::cuts(letters.working.kind);
}

/// Without a blank the main piece is the largest that joins at least two letters.
int mainPieceOfLetters(const std::vector<body::Piece>& pieces,
                       const std::map<int, std::set<std::pair<int, int>>>& lettersOf) {
    int main = -1;
    for (const auto& [piece, letters] : lettersOf)
        if (letters.size() >= 2 && (main < 0 || pieces[size_t(piece)].volume > pieces[size_t(main)].volume))
            main = piece;
    return main;
}

} // namespace

DropOuts dropOutsOf(const std::vector<body::Piece>& pieces, const PieceAt& pieceAt, const blank::Panel& panel,
                    std::span<const PlacedLetters> inscriptions, const std::stop_token& stop) {
    DropOuts result;
    result.pieces = int(pieces.size());
    if (result.pieces <= 1)
        return result;

    struct Part {
        DropOut dropOut;
        int piece;
        int index; // of the letter in the words
    };
    std::vector<Part> parts;
    std::map<int, std::set<std::pair<int, int>>> lettersOf;
    for (size_t slot = 0; slot < inscriptions.size(); ++slot) {
        const bool behind = panel.wall() && inscriptions[slot].side == panel.back;
        if (inscriptions[slot].side != panel.front && !behind)
            continue;
        const blank::Drawn drawn = working::drawnOn(panel, inscriptions[slot]);
        for (size_t i = 0; i < inscriptions[slot].onSide.size() && !stop.stop_requested(); ++i) {
            const int index = inscriptions[slot].setting->letters[i].index;
            for (const plane::Ring& ring : inscriptions[slot].onSide[i].rings) {
                const bool hole = plane::areaOf(ring) < 0;
                if (!hole && !standing(inscriptions[slot]))
                    continue;
                plane::Point at = plane::pointBeside(ring, !hole);
                at = drawn.toPlan(at);
                at.x = panel.cuts.within(at.x);
                const int piece = pieceAt(int(slot), int(i), at);
                if (piece < 0)
                    continue;
                const auto kind = hole ? DropOut::Kind::counter : DropOut::Kind::letter;
                const plane::Region shape = hole ? plane::Region{{ring}} : inscriptions[slot].onSide[i];
                parts.push_back({{kind, int(slot), int(i), shape}, piece, index});
                if (!hole)
                    lettersOf[piece].insert({int(slot), index});
            }
        }
    }

    const bool hasBlank = std::ranges::any_of(pieces, &body::Piece::blank);
    const int main = hasBlank ? body::mainOf(pieces) : mainPieceOfLetters(pieces, lettersOf);
    std::set<int> explained{main};
    std::set<std::pair<int, int>> told;
    for (Part& part : parts) {
        if (part.piece == main)
            continue;
        if (part.dropOut.kind == DropOut::Kind::counter && !pieces[size_t(part.piece)].blank)
            continue; // the hole of a standing letter, seen from a letter around it
        explained.insert(part.piece);
        const bool isNew = part.dropOut.kind == DropOut::Kind::counter ||
                           told.insert({part.dropOut.inscription, part.index}).second;
        if (isNew)
            result.loose.push_back(std::move(part.dropOut));
    }
    for (int piece = 0; piece < result.pieces; ++piece)
        result.strayPieces += explained.contains(piece) ? 0 : 1;
    return result;
}

} // namespace bollard::check
