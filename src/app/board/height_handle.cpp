#include "app/board/height_handle.hpp"
#include "card/ranges.hpp"
#include "working/tiling.hpp"
#include <algorithm>

namespace bollard::app {

using working::Uses;

std::optional<HeightHandle> heightHandleOf(const card::Made& made, int number, const card::Inscription& now) {
    const working::KindRow& row = working::rowOf(now.working.kind);
    const bool stands = row.has(Uses::height);
    if (!made.solid || !made.solid->panels || !made.lettering || (!stands && !row.has(Uses::depth)))
        return std::nullopt;
    const auto& all = made.lettering->inscriptions;
    const auto letters = std::ranges::find(all, number, &working::PlacedLetters::inscription);
    if (letters == all.end())
        return std::nullopt;
    const plane::Point at =
        plane::onGrid(plane::unitsPerMillimetre * letters->place.anchorOnSide(setting::Anchor::right));
    HeightHandle handle;
    handle.reach = stands ? now.working.height : -now.working.depth;
    for (const blank::Panel& panel : *made.solid->panels) {
        const bool behind = panel.wall() && letters->side == panel.back;
        if (letters->side != panel.front && !behind)
            continue;
        const blank::Ray ray = blank::standOn(panel, behind, working::drawnOn(panel, *letters).toPlan(at));
        handle.foot = ray.foot;
        handle.along = ray.along;
        return handle;
    }
    return std::nullopt;
}

void setReach(working::Working& working, double reach_mm) {
    const bool stands = working::rowOf(working.kind).has(Uses::height);
    (stands ? working.height : working.depth) =
        std::clamp(stands ? reach_mm : -reach_mm, card::ranges::height.least, card::ranges::height.most);
}

} // namespace bollard::app
