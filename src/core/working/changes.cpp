#include "working/changes.hpp"
#include <algorithm>
#include <array>

namespace bollard::working {
namespace {

const Profile everUp{{{0, farUp}}}, everDown{{{0, farDown}}};

std::vector<Change> raised(const Worked& worked, double thickness) {
    const double foot = thickness > 0 ? -std::min(worked.working.bedding, thickness) : 0;
    return {{worked.region, Change::Does::add, levelAt(foot), levelAt(worked.working.height),
             Substance::letters, thickness > 0}};
}
std::vector<Change> freeStanding(const Worked& worked, double) {
    return {{worked.region, Change::Does::add, levelAt(0), levelAt(worked.working.height), Substance::letters,
             false}};
}
std::vector<Change> sunk(const Worked& worked, double) {
    return {{worked.region, Change::Does::take, levelAt(-worked.working.depth), everUp, {}, false}};
}
std::vector<Change> pierced(const Worked& worked, double) {
    return {{worked.region, Change::Does::take, everDown, everUp, {}, false}};
}

/// By kind; scribed lines are cut as sunk letters are.
constexpr std::array<std::vector<Change> (*)(const Worked&, double), kinds> table{raised, sunk, pierced,
                                                                                  freeStanding, sunk};

} // namespace

std::vector<Change> changesOf(const plane::Region& blank, double thickness_mm) {
    if (blank.empty() || !(thickness_mm > 0))
        return {};
    return {{blank, Change::Does::add, levelAt(-thickness_mm), levelAt(0), Substance::blank, false}};
}

std::vector<Change> changesOf(const Worked& worked, double thickness_mm) {
    return table[size_t(worked.working.kind)](worked, thickness_mm);
}

std::vector<Change> changesOf(const plane::Region& blank, double thickness_mm,
                              std::span<const Worked> worked) {
    std::vector<Change> changes = changesOf(blank, thickness_mm);
    const double thickness = changes.empty() ? 0 : thickness_mm;
    for (const Worked& one : worked)
        for (Change& change : changesOf(one, thickness))
            changes.push_back(std::move(change));
    return changes;
}

} // namespace bollard::working
