#include "check/checks.hpp"
#include <cmath>

namespace bollard::check {

using process::Measured;
using working::Kind;
using Kinds = std::vector<ReadingKind>;

void checkWidths(Looking& looking, int slot) {
    const Kind kind = looking.letters(slot).working.kind;
    // Between cuts the land is measured; its distance to the blank's edge is land too.
    looking.addBelow(slot, FindingKind::strokeNarrow, Measured::stroke, {ReadingKind::stroke});
    looking.addBelow(slot, FindingKind::gapNarrow, Measured::gap,
                     looking.stands(slot) ? Kinds{ReadingKind::gap}
                                          : Kinds{ReadingKind::gap, ReadingKind::edge});
    looking.addBelow(slot, FindingKind::counterNarrow, Measured::counter, {ReadingKind::counter});
    looking.addBelow(slot, FindingKind::openingNarrow, Measured::opening,
                     kind == Kind::pierced ? Kinds{ReadingKind::opening}
                                           : Kinds{ReadingKind::opening, ReadingKind::bridge});
}

void checkLost(Looking& looking, int slot) {
    const setting::Setting& setting = *looking.letters(slot).setting;
    const auto find = [&](FindingKind kind, ReadingKind what, Severity severity) {
        const auto ofLetter = Looking::extremes(looking.lost(slot), std::ranges::greater{},
                                                [&](const Reading& reading) { return reading.kind == what; });
        Finding f = looking.finding(kind, severity, slot);
        f.limit = 2 * std::fabs(plane::toMillimetres(setting.form.weight * setting.scale));
        for (const auto& [letter, reading] : ofLetter)
            f.places.push_back(looking.place(slot, letter, reading->at, reading->width));
        looking.addNarrow(std::move(f));
    };
    find(FindingKind::strokeLost, ReadingKind::stroke, Severity::stop);
    find(FindingKind::counterLost, ReadingKind::counter, Severity::watch);
}

void checkNecks(Looking& looking, int slot) {
    looking.addBelow(slot, FindingKind::neckNarrow, Measured::neck,
                     looking.letters(slot).working.kind == Kind::pierced
                         ? Kinds{ReadingKind::neck, ReadingKind::bridge}
                         : Kinds{ReadingKind::neck});
}

/// A round cutter leaves its radius in the corners of what it clears.
void checkCorners(Looking& looking, int slot) {
    const std::vector<process::Rule> rules = looking.rules(slot, Measured::insideCorner);
    if (rules.empty() || looking.corners(slot).empty())
        return;
    Finding f = looking.finding(FindingKind::cornerRounded, rules.front(), slot);
    for (const CornersLeft* left : looking.corners(slot)) {
        f.places.push_back(looking.place(slot, left->letter, left->at));
        f.measured += left->area;
    }
    f.count = int(f.places.size());
    f.whenAbove = true; // more left is worse
    looking.found.push_back(std::move(f));
}

} // namespace bollard::check
