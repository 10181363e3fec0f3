#include "working/changes.hpp"
#include <algorithm>
#include <array>

namespace bollard::working {
namespace {

const Profile everUp{{{0, farUp}}}, everDown{{{0, farDown}}};

std::vector<Change> raised(const Worked& worked, double thickness) {
    const double foot = thickness > 0 ? -std::min(worked.working.bedding, thickness) : 0;
    const auto reaches = thickness > 0 ? Change::Reaches::down : Change::Reaches::no;
    return {{worked.region, Change::Does::add, levelAt(foot), levelAt(worked.working.height),
             Substance::letters, reaches}};
}
std::vector<Change> freeStanding(const Worked& worked, double) {
    return {{worked.region, Change::Does::add, levelAt(0), levelAt(worked.working.height), Substance::letters,
             Change::Reaches::no}};
}
std::vector<Change> sunk(const Worked& worked, double) {
    return {
        {worked.region, Change::Does::take, levelAt(-worked.working.depth), everUp, {}, Change::Reaches::no}};
}
std::vector<Change> pierced(const Worked& worked, double) {
    return {{worked.region, Change::Does::take, everDown, everUp, {}, Change::Reaches::no}};
}

/// By kind; scribed lines are cut as sunk letters are.
constexpr std::array<std::vector<Change> (*)(const Worked&, double), kinds> table{raised, sunk, pierced,
                                                                                  freeStanding, sunk};

} // namespace

std::vector<Change> changesOf(const plane::Region& blank, double thickness_mm) {
    if (blank.empty() || !(thickness_mm > 0))
        return {};
    const Profile floor = thickness_mm >= endless ? everDown : levelAt(-thickness_mm);
    return {{blank, Change::Does::add, floor, levelAt(0), Substance::blank, Change::Reaches::no}};
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

std::vector<Change> changesOf(const plane::Region& blank, double thickness_mm, std::span<const Worked> worked,
                              std::span<const Worked> behind) {
    std::vector<Change> changes = changesOf(blank, thickness_mm);
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
