#include "check/worst_height.hpp"
#include <cmath>

namespace bollard::check {

WorstHeight::WorstHeight(std::span<const working::PlacedLetters> inscriptions, const blank::Blank& blank) {
    for (const working::PlacedLetters& letters : inscriptions) {
        const working::Working& w = letters.working;
        const double thickness =
            blank.kind == blank::Kind::none ? 0 : blank::depthBehind(blank, letters.side);
        Slot slot;
        working::Working withoutFoot = w; // feet that meet only fill the valley between letters
        withoutFoot.foot = 0;
        slot.beyond = working::reachBeyond(withoutFoot, thickness);
        const working::Edge edge = working::edgeOf(w, thickness);
        if (edge.kind == working::EdgeKind::draft && edge.leaning > 0) // figure: 2 h tan g
            slot.taper = 2 * working::riseOf(w, thickness) * std::tan(edge.leaning * M_PI / 180);
        slot.radius = blank::radiusOf(blank, letters.side);
        if (slot.radius.own > 0) {
            slot.drawnFor = slot.radius.own * letters.narrowing;
            // Cuts go towards the axis, and so does what is raised in a hollow.
            const bool cuts = working::cuts(w.kind), inside = letters.side == "inside";
            if (cuts != inside)
                slot.inwards = !cuts ? w.height : w.kind == working::Kind::pierced ? thickness : w.depth;
        }
        slots_.push_back(slot);
    }
}

double WorstHeight::shareOf(const Slot& slot, double y_mm) const {
    if (!(slot.drawnFor > 0))
        return 1;
    return std::clamp((slot.radius.at(y_mm) - slot.inwards) / slot.drawnFor, 0.0, 1.0);
}

double WorstHeight::width(const Reading& reading) const {
    const Slot& own = slots_[size_t(reading.inscription)];
    // Distances to edges lie along the axis.
    const double width = reading.kind == ReadingKind::edge
                             ? reading.width
                             : reading.width * shareOf(own, plane::toMillimetres(reading.at.y));
    switch (reading.kind) {
    case ReadingKind::stroke:
    case ReadingKind::neck:
        return std::max(0.0, width - own.taper);
    case ReadingKind::counter:
    case ReadingKind::opening:
    case ReadingKind::bridge:
        return std::max(0.0, width - 2 * own.beyond);
    case ReadingKind::edge:
        return std::max(0.0, width - own.beyond);
    case ReadingKind::gap: {
        const Slot& other = slots_[size_t(reading.beside < 0 ? reading.inscription : reading.beside)];
        return std::max(0.0, width - own.beyond - other.beyond);
    }
    }
    return width;
}

} // namespace bollard::check
