#include "check/checks.hpp"

namespace bollard::check {

void checkEdges(Looking& looking, int slot) {
    Finding outside = looking.finding(FindingKind::outsideBlank, Severity::stop, slot);
    for (const Overhang* overhang : looking.overhangs(slot))
        outside.places.push_back(looking.place(slot, overhang->letter, overhang->at));
    looking.addCounted(std::move(outside));

    Finding margin = looking.finding(FindingKind::insideMargin, Severity::watch, slot);
    margin.limit = looking.in.blank.margin;
    const auto ofLetter =
        Looking::extremes(looking.readings(slot), std::ranges::less{}, [&](const Reading& reading) {
            return reading.kind == ReadingKind::edge && reading.width < margin.limit;
        });
    for (const auto& [letter, reading] : ofLetter)
        margin.places.push_back(looking.place(slot, letter, reading->at, reading->width));
    looking.addNarrow(std::move(margin));
}

void checkPieces(Looking& looking) {
    if (!looking.in.dropOuts)
        return;
    const DropOuts& dropOuts = *looking.in.dropOuts;
    std::map<std::pair<DropOut::Kind, int>, Finding> byKind;
    for (const DropOut& loose : dropOuts.loose) {
        const auto kind =
            loose.kind == DropOut::Kind::counter ? FindingKind::counterLoose : FindingKind::letterLoose;
        Finding& f = byKind
                         .try_emplace({loose.kind, loose.inscription},
                                      looking.finding(kind, Severity::stop, loose.inscription))
                         .first->second;
        const plane::Box box = plane::boxOf(loose.shape);
        FindingPlace where = looking.place(loose.inscription, loose.letter,
                                           0.5 * (plane::vectorOf(box.low) + plane::vectorOf(box.high)));
        where.shape = loose.shape;
        f.places.push_back(std::move(where));
    }
    const auto add = [&](Finding f, int count) {
        f.count = count;
        f.measured = dropOuts.pieces;
        f.limit = 1;
        f.whenAbove = true;
        looking.found.push_back(std::move(f));
    };
    for (auto& [key, f] : byKind) {
        const int count = int(f.places.size());
        add(std::move(f), count);
    }
    if (dropOuts.strayPieces > 0)
        add(looking.finding(FindingKind::pieceLoose, Severity::stop), dropOuts.strayPieces);
}

} // namespace bollard::check
