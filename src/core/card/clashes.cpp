#include "card/clashes.hpp"
#include "plane/near_boxes.hpp"
#include "working/flat_tops.hpp"
#include <limits>
#include <map>
#include <set>

namespace bollard::card {

const blank::Panel* panelOf(std::span<const blank::Panel> panels, std::string_view side) {
    const auto found = std::ranges::find_if(panels, [&](const blank::Panel& panel) {
        return panel.front == side || (panel.wall() && panel.back == side);
    });
    return found == panels.end() ? nullptr : &*found;
}

namespace {

/// Into the side, by its depth.
bool goesIn(working::Kind kind) {
    return working::rowOf(kind).has(working::Uses::depth) || kind == working::Kind::pierced;
}

/// How deep and how high above their side letters reach, mm.
std::pair<double, double> heightsOf(const working::Working& working, const blank::Blank& blank,
                                    std::string_view side) {
    if (working.kind == working::Kind::pierced)
        return {-blank::depthBehind(blank, side), 0};
    return goesIn(working.kind) ? std::pair{-working.depth, 0.0}
                                : std::pair{-working.bedding, working.height};
}

/// What is cut as deep as there is material behind its side would come out on another.
bool comesOut(std::span<const blank::Panel> panels, const Lettering& lettering) {
    return std::ranges::any_of(lettering.inscriptions, [&](const working::PlacedLetters& letters) {
        const blank::Panel* const panel = panelOf(panels, letters.side);
        if (!panel || (panel->wall() && !panel->countsApart) || !goesIn(letters.working.kind) ||
            letters.onSide.empty() || lettering.blank.kind == blank::Kind::none)
            return false;
        if (letters.working.kind == working::Kind::pierced)
            return !panel->wall();
        return letters.working.depth >= blank::depthBehind(lettering.blank, letters.side);
    });
}

/// Leaning walls through a wall that counts apart: how far they lean there is not known.
bool leansThrough(std::span<const blank::Panel> panels, const Lettering& lettering) {
    return std::ranges::any_of(lettering.inscriptions, [&](const working::PlacedLetters& letters) {
        const blank::Panel* const panel = panelOf(panels, letters.side);
        const double behind = blank::depthBehind(lettering.blank, letters.side);
        return panel && panel->countsApart && letters.working.kind == working::Kind::pierced &&
               !plane::boxOf(plane::united(letters.onSide)).empty() &&
               working::edgeOf(letters.working, behind).kind == working::EdgeKind::draft;
    });
}

/// What stands in a hollow of a panel, or is cut into a narrow part of it, would run into its other side.
bool runsIntoOther(std::span<const blank::Panel> panels, const Lettering& lettering) {
    return std::ranges::any_of(lettering.inscriptions, [&](const working::PlacedLetters& letters) {
        const blank::Panel* const panel = panelOf(panels, letters.side);
        if (!panel || !panel->hasRoom || panel->front != letters.side)
            return false;
        const auto [lowest, highest] = heightsOf(letters.working, lettering.blank, letters.side);
        const double height = goesIn(letters.working.kind) ? lowest : highest;
        const double beyond = working::reachBeyond(
            letters.working, blank::depthBehind(lettering.blank, letters.side)); // mouths, clearance
        const auto isTight = [&](const plane::Box& box) {
            return !box.empty() && !panel->hasRoom(plane::toMillimetres(box.low.y) - beyond,
                                                   plane::toMillimetres(box.high.y) + beyond, height);
        };
        plane::Box all; // where there is room for all there is for each
        for (const plane::Region& letter : letters.onSide)
            all.include(plane::boxOf(letter));
        return isTight(all) && std::ranges::any_of(letters.onSide, [&](const plane::Region& letter) {
                   return isTight(plane::boxOf(letter));
               });
    });
}

/// What is cut through a wall where its other side does not lie straight behind.
bool cutsAslant(std::span<const blank::Panel> panels, const Lettering& lettering) {
    return std::ranges::any_of(lettering.inscriptions, [&](const working::PlacedLetters& letters) {
        const blank::Panel* const panel = panelOf(panels, letters.side);
        if (!panel || !panel->straightBehind || letters.working.kind != working::Kind::pierced)
            return false;
        const blank::Drawn drawn = working::drawnOn(*panel, letters);
        return std::ranges::any_of(letters.onSide, [&](const plane::Region& letter) {
            if (letter.empty())
                return false;
            const plane::Box box = plane::stretched(drawn.unstretched(plane::boxOf(letter)), drawn.stretch);
            return !panel->straightBehind(plane::toMillimetres(box.low.x), plane::toMillimetres(box.high.x));
        });
    });
}

/// How much more flat tops rise at their ends, mm.
double liftOf(const working::PlacedLetters& letters, const blank::Blank& blank) {
    const double radius = blank::radiusOf(blank, letters.side).own * letters.narrowing;
    if (!working::hasFlatTops(letters.working) || !(radius > 0))
        return 0;
    double most = 0;
    for (const plane::Region& letter : letters.onSide) {
        const plane::Box box = plane::boxOf(letter);
        if (box.empty())
            continue;
        const double beside = plane::toMillimetres(double(box.high.x) - box.low.x) / 2;
        most = std::max(
            most, working::unevennessOf(radius, letters.side == "inside", letters.working.height, beside));
    }
    return most;
}

} // namespace

std::vector<bool> meeting(std::span<const blank::Panel> panels, const Lettering& lettering) {
    struct Reach {
        const blank::Panel* panel;
        size_t slot;
        double low, high; // along y
    };
    std::vector<Reach> reaches;
    std::vector<plane::Box> boxes; // across y
    std::set<const blank::Panel*> used;
    for (const working::PlacedLetters& letters : lettering.inscriptions)
        used.insert(panelOf(panels, letters.side));
    if (used.size() < 2)
        return std::vector<bool>(lettering.inscriptions.size());
    for (size_t slot = 0; slot < lettering.inscriptions.size(); ++slot) {
        const working::PlacedLetters& letters = lettering.inscriptions[slot];
        const blank::Panel* const panel = panelOf(panels, letters.side);
        if (!panel || !panel->goesOn())
            continue;
        const bool behind = panel->front != letters.side;
        const blank::Drawn drawn = working::drawnOn(*panel, letters);
        const auto [lowest, highest] = heightsOf(letters.working, lettering.blank, letters.side);
        for (const plane::Region& letter : letters.onSide) {
            Reach reach{panel, slot, std::numeric_limits<double>::max(),
                        std::numeric_limits<double>::lowest()};
            plane::Box box;
            for (const plane::Ring& ring : letter.rings)
                for (const plane::Point p : ring) {
                    const blank::Ray ray = blank::standOn(*panel, behind, drawn.toPlan(p));
                    for (const double height : {lowest, highest}) {
                        const space::Vertex at = ray.at(height);
                        box.include(plane::Point{plane::toUnits(at.x), plane::toUnits(at.z)});
                        reach.low = std::min(reach.low, at.y);
                        reach.high = std::max(reach.high, at.y);
                    }
                }
            if (box.empty())
                continue;
            reaches.push_back(reach);
            boxes.push_back(box);
        }
    }
    std::vector<bool> meet(lettering.inscriptions.size());
    for (const auto& [first, second] : plane::nearBoxes(boxes)) {
        const Reach &a = reaches[size_t(first)], &b = reaches[size_t(second)];
        if (a.panel != b.panel && a.low < b.high && b.low < a.high)
            meet[a.slot] = meet[b.slot] = true;
    }
    return meet;
}

std::vector<working::Change> changesOn(const blank::Panel& panel, const plane::Region& outline,
                                       const Lettering& lettering,
                                       std::span<const working::PlanLetter> letters,
                                       const std::stop_token& stop) {
    const auto worked = [&](bool behind) {
        return working::workedOf(working::lettersOn(panel, lettering.inscriptions, letters, behind, {}),
                                 stop);
    };
    return working::changesOf(outline, working::Thickness(panel), worked(false), worked(true),
                              working::edgeChanges(panel));
}

bool reachesRim(const blank::Panel& panel, std::span<const working::Change> changes) {
    if ((panel.wall() && panel.cuts.empty()) || changes.empty())
        return false;
    const plane::Box box = plane::boxOf(panel.outline);
    for (const working::Change& change : changes.subspan(1)) {
        plane::Box own = plane::boxOf(change.region);
        if (own.empty())
            continue;
        if (change.outside) {
            const plane::Point reach{change.reach(), change.reach()};
            own = {own.low - reach, own.high + reach};
        }
        if (own.low.y <= box.low.y || own.high.y >= box.high.y)
            return true;
        if (!panel.cuts.around && !plane::without(change.region, panel.outline).empty())
            return true;
    }
    return false;
}

std::vector<bool> crossingRim(std::span<const blank::Panel> panels, const Lettering& lettering,
                              const std::stop_token& stop) {
    std::vector<bool> crossing(lettering.inscriptions.size());
    for (const blank::Panel& panel : panels) {
        std::map<int, std::vector<working::PlanLetter>> bySlot;
        for (const working::PlanLetter& letter : working::lettersOf(panel, lettering.inscriptions))
            bySlot[letter.slot].push_back(letter);
        for (const auto& [slot, letters] : bySlot)
            if (reachesRim(panel, changesOn(panel, panel.outline, lettering, letters, stop)))
                crossing[size_t(slot)] = true;
    }
    return crossing;
}

blank::Rise riseOf(const Lettering& lettering) {
    blank::Rise rise;
    for (const working::PlacedLetters& letters : lettering.inscriptions) {
        const auto [lowest, highest] = heightsOf(letters.working, lettering.blank, letters.side);
        const double behind = blank::depthBehind(lettering.blank, letters.side);
        rise.tallest = std::max(rise.tallest, highest - lowest + liftOf(letters, lettering.blank));
        rise.sloping = std::max(rise.sloping, working::slopingOf(letters.working, behind));
    }
    return rise;
}

std::optional<quantity::Problem> impossible(std::span<const blank::Panel> panels,
                                            const Lettering& lettering) {
    using quantity::Problem, quantity::ProblemKind;
    if (comesOut(panels, lettering) || runsIntoOther(panels, lettering))
        return Problem{ProblemKind::cutTooDeep};
    if (leansThrough(panels, lettering))
        return Problem{ProblemKind::leaningThrough};
    if (cutsAslant(panels, lettering))
        return Problem{ProblemKind::facetPierced};
    return std::nullopt;
}

} // namespace bollard::card
