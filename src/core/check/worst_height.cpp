#include "check/worst_height.hpp"
#include <cmath>

namespace bollard::check {

WorstHeight::WorstHeight(std::span<const working::PlacedLetters> inscriptions,
                         const std::function<double(std::string_view side)>& thickness_mm) {
    for (const working::PlacedLetters& letters : inscriptions) {
        const working::Working& w = letters.working;
        const double thickness = thickness_mm(letters.side);
        Slot slot;
        working::Working withoutFoot = w; // feet that meet only fill the valley between letters
        withoutFoot.foot = 0;
        slot.beyond = working::reachBeyond(withoutFoot, thickness);
        const working::Edge edge = working::edgeOf(w, thickness);
        if (edge.kind == working::EdgeKind::draft && edge.leaning > 0) // figure: 2 h tan g
            slot.taper = 2 * working::riseOf(w, thickness) * std::tan(edge.leaning * M_PI / 180);
        slots_.push_back(slot);
    }
}

double WorstHeight::width(const Reading& reading) const {
    const Slot& own = slots_[size_t(reading.inscription)];
    switch (reading.kind) {
    case ReadingKind::stroke:
    case ReadingKind::neck:
        return std::max(0.0, reading.width - own.taper);
    case ReadingKind::counter:
    case ReadingKind::opening:
    case ReadingKind::bridge:
        return std::max(0.0, reading.width - 2 * own.beyond);
    case ReadingKind::edge:
        return std::max(0.0, reading.width - own.beyond);
    case ReadingKind::gap: {
        const Slot& other = slots_[size_t(reading.beside < 0 ? reading.inscription : reading.beside)];
        return std::max(0.0, reading.width - own.beyond - other.beyond);
    }
    }
    return reading.width;
}

} // namespace bollard::check
