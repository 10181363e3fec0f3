#include "check/checks.hpp"
#include "plane/gap.hpp"

namespace bollard::check {

void checkBlank(Looking& looking) {
    const blank::Blank& b = looking.in.blank;
    if (b.kind == blank::Kind::none)
        return;
    const plane::Vector size = blank::sizeOf(b);
    if (!(size.x > 0 && size.y > 0 && blank::depthBehind(b) > 0))
        looking.found.push_back(looking.finding(FindingKind::blankTooThin, Severity::stop));
    if (b.kind == blank::Kind::turned && blank::crossesItself(b.profile))
        looking.found.push_back(looking.finding(FindingKind::profileCrossed, Severity::stop));
    Finding outside = looking.finding(FindingKind::holeOutside, Severity::watch);
    const auto holes = blank::drilledIn(b);
    const plane::BoundaryIndex edge(holes.empty() ? plane::Region{} : blank::wholeRegionOf(b));
    for (const blank::Hole& hole : holes) {
        const plane::Region region = plane::filled(plane::flattened(
            {{blank::contourOf(hole)}}, plane::unitsPerMillimetre, 0.01 * plane::unitsPerMillimetre));
        if (edge.lies(region) != plane::BoundaryIndex::Lies::inside)
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
