#include "check/checks.hpp"

namespace bollard::check {

void checkBlank(Looking& looking) {
    const blank::Blank& b = looking.in.blank;
    if (b.kind == blank::Kind::none)
        return;
    const plane::Vector size = blank::sizeOf(b);
    if (!(size.x > 0 && size.y > 0 && blank::depthBehind(b) > 0))
        looking.found.push_back(looking.finding(FindingKind::blankTooThin, Severity::stop));
    Finding outside = looking.finding(FindingKind::holeOutside, Severity::watch);
    for (const blank::Hole& hole : blank::drilledIn(b)) {
        const double r = hole.diameter / 2;
        const bool within =
            hole.x - r >= 0 && hole.x + r <= size.x && hole.y - r >= 0 && hole.y + r <= size.y;
        if (!within)
            outside.places.push_back(
                {plane::unitsPerMillimetre * plane::Vector{hole.x, hole.y}, hole.diameter, -1, -1, {}, {}});
    }
    looking.addCounted(std::move(outside));
}

void checkLands(Looking& looking) {
    const blank::Blank& b = looking.in.blank;
    if (b.kind == blank::Kind::none)
        return;
    const std::vector<process::Rule> limits =
        looking.rules({}, working::Kind::pierced, process::Measured::gap);
    double reach_mm = 0;
    for (const process::Rule& rule : limits)
        reach_mm = std::max(reach_mm, rule.value);
    std::vector<FindingPlace> places;
    for (const blank::Land& land : blank::landsOf(b, reach_mm))
        places.push_back({plane::unitsPerMillimetre * land.at, land.width, -1, -1, {}, {}});
    looking.addByRule(-1, FindingKind::landNarrow, limits, places);
}

} // namespace bollard::check
