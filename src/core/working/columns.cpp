#include "working/columns.hpp"
#include "working/contacts.hpp"

namespace bollard::working {

using plane::LayerSet, plane::Region, plane::toUnits;
using quantity::Problem, quantity::ProblemKind;

namespace {

/// Adds `interval` to sorted material of the same substance, merging what it meets.
void addMaterial(std::vector<Interval>& material, Interval interval) {
    std::vector<Interval> result;
    for (const Interval& other : material) {
        const bool meets = other.low <= interval.high && interval.low <= other.high;
        if (meets && other.substance == interval.substance)
            interval = {std::min(interval.low, other.low), std::max(interval.high, other.high),
                        other.substance};
        else
            result.push_back(other);
    }
    result.insert(std::ranges::find_if(result, [&](const Interval& o) { return o.low > interval.low; }),
                  interval);
    material = std::move(result);
}

void takeMaterial(std::vector<Interval>& material, std::int32_t low, std::int32_t high) {
    std::vector<Interval> result;
    for (const Interval& other : material) {
        if (other.low < low)
            result.push_back({other.low, std::min(other.high, low), other.substance});
        if (other.high > high)
            result.push_back({std::max(other.low, high), other.high, other.substance});
    }
    material = std::move(result);
}

/// What stands over a cell: layer 0 is the blank, layer i + 1 is worked[i].
std::vector<Interval> materialOver(LayerSet layers, std::int32_t back, bool anyBlank,
                                   std::span<const Worked> worked) {
    std::vector<Interval> blank, letters;
    if (layers & 1)
        blank.push_back({back, 0, Substance::blank});
    for (size_t i = 0; i < worked.size(); ++i) {
        if (!(layers >> (i + 1) & 1))
            continue;
        const Working& working = worked[i].working;
        switch (working.kind) {
        case Kind::sunk:
        case Kind::scribed:
            takeMaterial(blank, -toUnits(working.depth), 0);
            break;
        case Kind::pierced:
            blank.clear();
            break;
        case Kind::raised: {
            const std::int32_t foot = anyBlank ? std::max(-toUnits(working.bedding), back) : 0;
            addMaterial(letters, {foot, toUnits(working.height), Substance::letters});
            break;
        }
        case Kind::freeStanding:
            addMaterial(letters, {0, toUnits(working.height), Substance::letters});
            break;
        }
    }
    for (const Interval& letter : letters)
        takeMaterial(blank, letter.low, letter.high);
    for (const Interval& letter : letters)
        addMaterial(blank, letter);
    return blank;
}

} // namespace

quantity::Result<Columns> columnsOf(const Region& blank, double thickness_mm, std::span<const Worked> worked,
                                    std::stop_token stop) {
    if (worked.size() + 2 > plane::mostLayers)
        return Problem{ProblemKind::tooManyWorkings};
    std::vector<Region> layers{blank};
    for (const Worked& w : worked)
        layers.push_back(w.region);
    layers.emplace_back(); // pads
    const LayerSet padLayer = LayerSet{1} << (layers.size() - 1);
    const bool anyBlank = !blank.empty() && thickness_mm > 0;
    const std::int32_t back = -toUnits(thickness_mm);

    std::vector<Pad> pads;
    constexpr int rounds = 6;
    for (int round = 0; round < rounds; ++round) {
        auto plan = plane::subdivided(layers, stop);
        if (!plan)
            return plan.problem();
        Columns columns{*std::move(plan), {}};
        for (const LayerSet cell : columns.plan.cells)
            columns.material.push_back(
                materialOver(anyBlank ? cell : cell & ~LayerSet{1}, back, anyBlank, worked));
        fillPads(columns, padLayer, pads);
        overlapEdgeContacts(columns);
        std::vector<Pad> more = padsAtPointContacts(columns, pads);
        if (more.empty())
            return columns;
        pads.insert(pads.end(), more.begin(), more.end());
        layers.back() = regionOf(pads);
        if (stop.stop_requested())
            return Problem{ProblemKind::stopped};
    }
    return Problem{ProblemKind::geometryFailed, {}, "contacts"};
}

} // namespace bollard::working
