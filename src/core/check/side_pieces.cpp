#include "check/side_pieces.hpp"
#include <algorithm>

namespace bollard::check {

std::vector<SidePiece> piecesOnSide(const blank::Blank& blank, std::string_view side,
                                    std::span<const working::PlacedLetters> inscriptions,
                                    const Readings& readings, double seam_mm) {
    const plane::Region whole = plane::shifted(blank::regionOf(blank, side), {plane::toUnits(seam_mm), 0});
    const double behind = blank::depthBehind(blank, side);
    std::vector<plane::Region> cuts, standing, strips;
    for (const working::PlacedLetters& letters : inscriptions) {
        if (letters.side != side)
            continue;
        const bool through = letters.working.kind == working::Kind::pierced ||
                             (working::leavesFloor(letters.working.kind) && letters.working.depth >= behind);
        if (through)
            cuts.insert(cuts.end(), letters.onSide.begin(), letters.onSide.end());
        else if (!working::cuts(letters.working.kind))
            standing.insert(standing.end(), letters.onSide.begin(), letters.onSide.end());
        if (letters.slab.does != working::Slab::Does::takesOff)
            strips.insert(strips.end(), letters.strips.begin(), letters.strips.end());
        else if (letters.slab.thickness >= behind)
            cuts.insert(cuts.end(), letters.strips.begin(), letters.strips.end());
    }
    std::vector<plane::Region> material{plane::without(whole, plane::united(cuts))};
    for (const auto* some : {&standing, &strips})
        material.insert(material.end(), some->begin(), some->end());
    std::vector<SidePiece> pieces;
    for (plane::Region& part : plane::parts(plane::united(material)))
        pieces.push_back({std::move(part), false, {}});
    std::ranges::stable_sort(pieces, std::greater{},
                             [](const SidePiece& piece) { return plane::areaOf(piece.shape); });
    for (SidePiece& piece : pieces)
        piece.held = std::ranges::any_of(whole.rings, [&](const plane::Ring& ring) {
            return plane::areaOf(ring) > 0 &&
                   std::ranges::any_of(ring, [&](plane::Point p) { return plane::contains(piece.shape, p); });
        });
    if (whole.empty() && !pieces.empty())
        pieces.front().held = true;
    std::vector<plane::Box> boxes;
    for (const SidePiece& piece : pieces)
        boxes.push_back(plane::boxOf(piece.shape));
    readings.forEach([&](const Reading& reading) {
        if (reading.kind != ReadingKind::neck || inscriptions[size_t(reading.inscription)].side != side)
            return;
        const plane::Point at = plane::onGrid(reading.at);
        for (size_t i = 0; i < pieces.size(); ++i) {
            std::optional<Reading>& weakest = pieces[i].neck;
            if (weakest && weakest->width <= reading.width)
                continue;
            const bool within = boxes[i].low.x <= at.x && at.x <= boxes[i].high.x && boxes[i].low.y <= at.y &&
                                at.y <= boxes[i].high.y;
            if (within && plane::contains(pieces[i].shape, at)) {
                weakest = reading;
                break;
            }
        }
    });
    return pieces;
}

} // namespace bollard::check
