#include "working/changes.hpp"
#include <algorithm>
#include <array>
#include <cmath>

namespace bollard::working {
namespace {

const Profile everUp{{{0, farUp}}}, everDown{{{0, farDown}}};

Profile backOf(const Thickness& thickness) {
    Profile back = levelAt(-thickness.from);
    back.tilt = thickness.rise;
    return back;
}

/// The top of what stands `height` high.
Profile topOf(double height, const Edge& edge) {
    switch (edge.kind) {
    case EdgeKind::chamfer:
        return chamferedTop(height, edge.size, edge.slope);
    case EdgeKind::round:
        return roundedTop(height, edge.size);
    case EdgeKind::draft:
        return edge.leaning > 0 ? draftedTop(height, edge.leaning) : levelAt(height);
    case EdgeKind::crisp:
        break;
    }
    return levelAt(height);
}

/// What slopes go out from: not from specks, which nobody could see, and from which more lines would fan out
/// than there is grid for.
plane::Region slopedOf(const plane::Region& region) {
    constexpr std::int32_t speck = 500; // grid units, 0.05 mm
    const auto isSpeck = [](const plane::Ring& ring) {
        const plane::Box box = plane::boxOf(ring);
        return box.high.x - box.low.x < speck && box.high.y - box.low.y < speck;
    };
    const auto isSmall = [&](const plane::Ring& ring) { return plane::areaOf(ring) > 0 && isSpeck(ring); };
    if (std::ranges::none_of(region.rings, isSmall))
        return region;
    plane::Region large;
    for (const plane::Region& part : plane::parts(region))
        if (!isSpeck(part.rings.front()))
            large.rings.insert(large.rings.end(), part.rings.begin(), part.rings.end());
    return large;
}

/// Walls that lean outwards beyond the outline, up (or down) to `height`.
Change leaningOut(const Worked& worked, Change::Does does, double height, double degrees) {
    const Profile wall = draftedTop(height, degrees);
    // What lies between the wall and the height that it reaches.
    const bool up = height > 0;
    Change change{slopedOf(worked.region),
                  does,
                  up ? wall : levelAt(height),
                  up ? levelAt(height) : wall,
                  Substance::letters,
                  {},
                  true};
    return change;
}

std::vector<Change> standing(const Worked& worked, double foot, Change::Reaches reaches) {
    const Working& w = worked.working;
    const Edge edge = edgeOf(w, 0);
    std::vector<Change> changes;
    const double colourFrom = w.kind == Kind::raised ? std::min(w.colourFrom, w.height) : 0;
    Profile top = topOf(w.height, edge);
    top.lift = worked.lift;
    if (top.steps.front().height <= plane::toUnits(foot)) // leaning walls begin where the letters do
        top.steps.front().height = plane::toUnits(std::min(uprightLeft, w.height / 2));
    changes.push_back({worked.region, Change::Does::add, levelAt(foot), std::move(top), Substance::letters,
                       reaches, false});
    if (edge.kind == EdgeKind::draft && edge.leaning < 0) {
        changes.push_back(leaningOut(worked, Change::Does::add, w.height, -edge.leaning));
    }
    if (const double fillet = footOf(w); fillet > 0 && foot < 0) // on a blank
        changes.push_back({slopedOf(worked.region), Change::Does::add, levelAt(foot), filletedFoot(fillet),
                           Substance::letters, Change::Reaches::no, true});
    if (colourFrom > 0) {
        // The same once more, up to where the colour changes: what is put later is what it is of.
        std::vector<Change> below;
        for (Change change : changes) {
            change.roof = cappedAt(change.roof, colourFrom); // level, whatever tops are
            change.substance = Substance::blank;
            below.push_back(std::move(change));
        }
        std::ranges::move(below, std::back_inserter(changes));
    }
    return changes;
}

std::vector<Change> raised(const Worked& worked, const Thickness& thickness) {
    if (!(thickness.least > 0))
        return standing(worked, 0, Change::Reaches::no);
    const double bedding = std::max(worked.working.bedding, footOf(worked.working) > 0 ? uprightLeft : 0);
    return standing(worked, -std::min(bedding, thickness.least), Change::Reaches::down);
}
std::vector<Change> freeStanding(const Worked& worked, const Thickness&) {
    return standing(worked, 0, Change::Reaches::no);
}

/// What a cut with that floor takes, and its mouth.
std::vector<Change> cut(const Worked& worked, const Profile& floor, const Thickness& thickness) {
    const Edge edge = edgeOf(worked.working, thickness.least);
    std::vector<Change> changes{
        {worked.region, Change::Does::take, floor, everUp, Substance::letters, {}, false}};
    if (edge.kind == EdgeKind::chamfer || edge.kind == EdgeKind::round)
        changes.push_back(
            {slopedOf(worked.region),
             Change::Does::take,
             edge.kind == EdgeKind::round ? roundedMouth(edge.size) : chamferedMouth(edge.size, edge.slope),
             levelAt(0),
             Substance::letters,
             {},
             true});
    return changes;
}
std::vector<Change> sunk(const Worked& worked, const Thickness& thickness) {
    const Working& w = worked.working;
    const Edge edge = edgeOf(w, thickness.least);
    if (edge.kind != EdgeKind::draft)
        return cut(worked, levelAt(-w.depth), thickness);
    std::vector<Change> changes =
        cut(worked, edge.leaning > 0 ? draftedTop(-w.depth, edge.leaning) : levelAt(-w.depth), thickness);
    if (edge.leaning < 0)
        changes.push_back(leaningOut(worked, Change::Does::take, -w.depth, -edge.leaning));
    return changes;
}
std::vector<Change> pierced(const Worked& worked, const Thickness& thickness) {
    const Edge edge = edgeOf(worked.working, thickness.least);
    if (edge.kind != EdgeKind::draft)
        return cut(worked, everDown, thickness);
    const double through = -thickness.most - 1; // beyond the back, so that it comes out there
    std::vector<Change> changes =
        cut(worked, edge.leaning > 0 ? draftedTop(through, edge.leaning) : everDown, thickness);
    if (edge.leaning < 0)
        changes.push_back(leaningOut(worked, Change::Does::take, through, -edge.leaning));
    return changes;
}
std::vector<Change> carved(const Worked& worked, const Thickness& thickness) {
    return cut(worked, carvedFloor(worked.working.depth, worked.working.angle), thickness);
}
std::vector<Change> inlaid(const Worked& worked, const Thickness& thickness) {
    const Working& w = worked.working;
    Worked pocket = worked;
    if (w.clearance >= leastEdge)
        pocket.region = plane::grown(worked.region, w.clearance * plane::unitsPerMillimetre);
    std::vector<Change> changes = cut(pocket, levelAt(-w.depth), thickness);
    changes.push_back(
        {worked.region, Change::Does::add, levelAt(-w.depth), levelAt(0), Substance::letters, {}, false});
    return changes;
}

std::vector<Change> slabbed(const Worked& worked, const Thickness& thickness) {
    const Slab& slab = worked.slab;
    if (slab.does == Slab::Does::takesOff)
        return {{worked.region,
                 Change::Does::take,
                 slab.thickness < thickness.least ? levelAt(-slab.thickness) : everDown,
                 everUp,
                 Substance::letters,
                 {},
                 false}};
    if (slab.does == Slab::Does::standsClear)
        return {{worked.region,
                 Change::Does::add,
                 levelAt(slab.from),
                 levelAt(slab.from + slab.thickness),
                 Substance::letters,
                 {},
                 false}};
    // Cut from both sides, but for what is left
    const double all = thickness.from, left = std::min(slab.thickness, all);
    const double below = slab.does == Slab::Does::leavesAtBack ? 0 : (all - left) / 2;
    const auto levelOverBack = [&](double above) {
        Profile level = levelAt(-all + above);
        level.tilt = thickness.rise;
        return level;
    };
    std::vector<Change> changes;
    if (below + left < all)
        changes.push_back({worked.region,
                           Change::Does::take,
                           levelOverBack(below + left),
                           everUp,
                           Substance::letters,
                           {},
                           false});
    if (below > 0)
        changes.push_back({worked.region,
                           Change::Does::take,
                           everDown,
                           levelOverBack(below),
                           Substance::letters,
                           {},
                           false});
    return changes;
}

/// By kind; scribed lines are cut as sunk letters are.
constexpr std::array<std::vector<Change> (*)(const Worked&, const Thickness&), kinds> table{
    raised, sunk, pierced, freeStanding, sunk, carved, inlaid};

} // namespace

Thickness::Thickness(const blank::Panel& panel)
    : least(panel.wall() ? panel.thickness : endless), most(least + panel.thicker),
      from(panel.backRise == 0 ? least : panel.backFrom), rise(panel.backRise) {}

std::vector<Change> changesOf(const plane::Region& blank, const Thickness& thickness) {
    if (blank.empty() || !(thickness.least > 0))
        return {};
    const Profile floor = thickness.least >= endless ? everDown : backOf(thickness);
    return {{blank, Change::Does::add, floor, levelAt(0), Substance::blank, Change::Reaches::no, false}};
}

Change fromBehind(Change change, const Thickness& thickness) {
    const auto turned = [&](Profile profile) {
        for (Profile::Step& step : profile.steps) {
            const bool far = step.height >= farUp || step.height <= farDown;
            step.height = (far ? 0 : -plane::toUnits(thickness.from)) - step.height;
            profile.tilt = far ? 0 : thickness.rise;
        }
        if (profile.lift)
            profile.lift = std::make_shared<const std::function<std::int32_t(plane::Point)>>(
                [lift = profile.lift](plane::Point p) { return -(*lift)(p); });
        return profile;
    };
    std::swap(change.floor, change.roof);
    change.floor = turned(std::move(change.floor));
    change.roof = turned(std::move(change.roof));
    if (change.reaches == Change::Reaches::down)
        change.reaches = Change::Reaches::up;
    return change;
}

std::vector<Change> changesOf(const Worked& worked, const Thickness& thickness) {
    if (worked.slab.thickness > 0)
        return slabbed(worked, thickness);
    return table[size_t(worked.working.kind)](worked, thickness);
}

std::vector<Change> edgeChanges(const blank::Panel& panel) {
    std::vector<Change> changes;
    for (const blank::Panel::Flare& flare : panel.flares)
        changes.push_back(
            {flare.hole, Change::Does::take, chamferedMouth(flare.size, flare.slope), everUp, {}, {}, true});
    if (panel.edge.kind == EdgeKind::crisp || panel.edged.empty())
        return changes;
    const Thickness thickness(panel);
    if (panel.edge.kind == EdgeKind::draft) {
        Profile wall = draftedTop(-thickness.most, std::fabs(panel.edge.leaning));
        if (panel.edge.leaning > 0) {
            changes.insert(
                changes.begin(),
                {panel.edged, Change::Does::add, backOf(thickness), wall, Substance::blank, {}, true});
            return changes;
        }
        wall.steps.front().height = -plane::toUnits(std::min(blank::uprightLeft, thickness.least / 2));
        changes.push_back({panel.edged, Change::Does::take, everDown, wall, {}, {}, false});
        return changes;
    }
    changes.push_back({panel.edged, Change::Does::take, topOf(0, panel.edge), everUp, {}, {}, false});
    if (panel.edgeBehind)
        changes.push_back(fromBehind(changes.back(), thickness));
    return changes;
}

std::vector<Change> changesOf(const plane::Region& blank, const Thickness& thickness,
                              std::span<const Worked> worked, std::span<const Worked> behind,
                              std::vector<Change> edge) {
    std::vector<Change> changes = changesOf(blank, thickness);
    std::ranges::move(edge, std::back_inserter(changes));
    const Thickness there = changes.empty() ? Thickness(0) : thickness;
    for (const std::span<const Worked> side : {worked, behind})
        for (const Worked& one : side)
            for (Change& change : changesOf(one, there)) {
                change.stretch = one.stretch;
                changes.push_back(side.data() == behind.data() ? fromBehind(std::move(change), thickness)
                                                               : std::move(change));
            }
    return changes;
}

} // namespace bollard::working
