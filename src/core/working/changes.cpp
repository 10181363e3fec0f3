#include "working/changes.hpp"
#include <algorithm>
#include <array>
#include <cmath>

namespace bollard::working {
namespace {

const Profile everUp{{{0, farUp}}}, everDown{{{0, farDown}}};

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

/// Walls that lean outwards beyond the outline, up (or down) to `height`.
Change leaningOut(const Worked& worked, Change::Does does, double height, double degrees) {
    const Profile wall = draftedTop(height, degrees);
    // What lies between the wall and the height that it reaches.
    const bool up = height > 0;
    Change change{worked.region, does, up ? wall : levelAt(height), up ? levelAt(height) : wall, {}, {},
                  true};
    return change;
}

std::vector<Change> standing(const Worked& worked, double foot, Change::Reaches reaches) {
    const Working& w = worked.working;
    const Edge edge = edgeOf(w, 0);
    std::vector<Change> changes;
    const double colourFrom = w.kind == Kind::raised ? std::min(w.colourFrom, w.height) : 0;
    changes.push_back({worked.region, Change::Does::add, levelAt(foot), topOf(w.height, edge),
                       Substance::letters, reaches, false});
    if (edge.kind == EdgeKind::draft && edge.leaning < 0) {
        changes.push_back(leaningOut(worked, Change::Does::add, w.height, -edge.leaning));
        changes.back().substance = Substance::letters;
    }
    if (const double fillet = footOf(w); fillet > 0 && foot < 0) // on a blank
        changes.push_back({worked.region, Change::Does::add, levelAt(foot), filletedFoot(fillet),
                           Substance::letters, Change::Reaches::no, true});
    if (colourFrom > 0) {
        // The same once more, up to where the colour changes: what is put later is what it is of.
        std::vector<Change> below;
        for (Change change : changes) {
            change.roof = cappedAt(change.roof, colourFrom);
            change.substance = Substance::blank;
            below.push_back(std::move(change));
        }
        std::ranges::move(below, std::back_inserter(changes));
    }
    return changes;
}

std::vector<Change> raised(const Worked& worked, double thickness) {
    if (!(thickness > 0))
        return standing(worked, 0, Change::Reaches::no);
    const double bedding = std::max(worked.working.bedding, footOf(worked.working) > 0 ? uprightLeft : 0);
    return standing(worked, -std::min(bedding, thickness), Change::Reaches::down);
}
std::vector<Change> freeStanding(const Worked& worked, double) {
    return standing(worked, 0, Change::Reaches::no);
}

/// What a cut with that floor takes, and its mouth.
std::vector<Change> cut(const Worked& worked, const Profile& floor, double thickness) {
    const Edge edge = edgeOf(worked.working, thickness);
    std::vector<Change> changes{{worked.region, Change::Does::take, floor, everUp, {}, {}, false}};
    if (edge.kind == EdgeKind::chamfer || edge.kind == EdgeKind::round)
        changes.push_back(
            {worked.region,
             Change::Does::take,
             edge.kind == EdgeKind::round ? roundedMouth(edge.size) : chamferedMouth(edge.size, edge.slope),
             levelAt(0),
             {},
             {},
             true});
    return changes;
}
std::vector<Change> sunk(const Worked& worked, double thickness) {
    const Working& w = worked.working;
    const Edge edge = edgeOf(w, thickness);
    if (edge.kind != EdgeKind::draft)
        return cut(worked, levelAt(-w.depth), thickness);
    std::vector<Change> changes =
        cut(worked, edge.leaning > 0 ? draftedTop(-w.depth, edge.leaning) : levelAt(-w.depth), thickness);
    if (edge.leaning < 0)
        changes.push_back(leaningOut(worked, Change::Does::take, -w.depth, -edge.leaning));
    return changes;
}
std::vector<Change> pierced(const Worked& worked, double thickness) {
    const Edge edge = edgeOf(worked.working, thickness);
    if (edge.kind != EdgeKind::draft)
        return cut(worked, everDown, thickness);
    const double through = -thickness - 1; // beyond the back, so that it comes out there
    std::vector<Change> changes =
        cut(worked, edge.leaning > 0 ? draftedTop(through, edge.leaning) : everDown, thickness);
    if (edge.leaning < 0)
        changes.push_back(leaningOut(worked, Change::Does::take, through, -edge.leaning));
    return changes;
}
std::vector<Change> carved(const Worked& worked, double thickness) {
    return cut(worked, carvedFloor(worked.working.depth, worked.working.angle), thickness);
}
std::vector<Change> inlaid(const Worked& worked, double thickness) {
    const Working& w = worked.working;
    Worked pocket = worked;
    if (w.clearance >= leastEdge)
        pocket.region = plane::grown(worked.region, w.clearance * plane::unitsPerMillimetre);
    std::vector<Change> changes = cut(pocket, levelAt(-w.depth), thickness);
    changes.push_back(
        {worked.region, Change::Does::add, levelAt(-w.depth), levelAt(0), Substance::letters, {}, false});
    return changes;
}

/// By kind; scribed lines are cut as sunk letters are.
constexpr std::array<std::vector<Change> (*)(const Worked&, double), kinds> table{
    raised, sunk, pierced, freeStanding, sunk, carved, inlaid};

} // namespace

std::vector<Change> changesOf(const plane::Region& blank, double thickness_mm) {
    if (blank.empty() || !(thickness_mm > 0))
        return {};
    const Profile floor = thickness_mm >= endless ? everDown : levelAt(-thickness_mm);
    return {{blank, Change::Does::add, floor, levelAt(0), Substance::blank, Change::Reaches::no, false}};
}

Change fromBehind(Change change, double thickness_mm) {
    const auto turned = [&](Profile profile) {
        for (Profile::Step& step : profile.steps) {
            const bool far = step.height >= farUp || step.height <= farDown;
            step.height = (far ? 0 : -plane::toUnits(thickness_mm)) - step.height;
        }
        return profile;
    };
    std::swap(change.floor, change.roof);
    change.floor = turned(std::move(change.floor));
    change.roof = turned(std::move(change.roof));
    if (change.reaches == Change::Reaches::down)
        change.reaches = Change::Reaches::up;
    return change;
}

std::vector<Change> changesOf(const Worked& worked, double thickness_mm) {
    return table[size_t(worked.working.kind)](worked, thickness_mm);
}

std::vector<Change> edgeChanges(const blank::Panel& panel) {
    if (panel.edge.kind == EdgeKind::crisp || panel.edged.empty())
        return {};
    const double thickness = panel.thickness;
    if (panel.edge.kind == EdgeKind::draft) {
        Profile wall = draftedTop(-thickness, std::fabs(panel.edge.leaning));
        if (panel.edge.leaning > 0)
            return {{panel.edged, Change::Does::add, levelAt(-thickness), wall, Substance::blank, {}, true}};
        wall.steps.front().height = -plane::toUnits(std::min(blank::uprightLeft, thickness / 2));
        return {{panel.edged, Change::Does::take, everDown, wall, {}, {}, false}};
    }
    std::vector<Change> changes{
        {panel.edged, Change::Does::take, topOf(0, panel.edge), everUp, {}, {}, false}};
    if (panel.edgeBehind)
        changes.push_back(fromBehind(changes.front(), thickness));
    return changes;
}

std::vector<Change> changesOf(const plane::Region& blank, double thickness_mm, std::span<const Worked> worked,
                              std::span<const Worked> behind, std::vector<Change> edge) {
    std::vector<Change> changes = changesOf(blank, thickness_mm);
    std::ranges::move(edge, std::back_inserter(changes));
    const double thickness = changes.empty() ? 0 : thickness_mm;
    for (const Worked& one : worked)
        for (Change& change : changesOf(one, thickness))
            changes.push_back(std::move(change));
    for (const Worked& one : behind)
        for (Change& change : changesOf(one, thickness))
            changes.push_back(fromBehind(std::move(change), thickness_mm));
    return changes;
}

} // namespace bollard::working
