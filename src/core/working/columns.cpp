#include "working/columns.hpp"
#include "working/contacts.hpp"
#include "working/slopes.hpp"
#include <cmath>
#include <map>
#include <optional>

namespace bollard::working {

using plane::LayerEdge, plane::LayerSet, plane::Point, plane::Subdivision, plane::Triangle;
using quantity::Problem, quantity::ProblemKind;

std::int32_t Level::lookUp(int point) const {
    // Points are distinct and rise, most of them one by one: so many lie before it at most, and so many
    // after.
    const auto after =
        byPoint.begin() + std::min<std::ptrdiff_t>(point - byPoint.front().first, std::ssize(byPoint) - 1);
    const auto before =
        byPoint.end() - 1 - std::min<std::ptrdiff_t>(byPoint.back().first - point, std::ssize(byPoint) - 1);
    if (after < byPoint.begin() || before >= byPoint.end())
        return height;
    const auto found =
        std::lower_bound(before, after, point, [](const auto& own, int p) { return own.first < p; });
    return found->first == point ? found->second : height;
}

namespace {

using Material = std::vector<Interval>;
using Triple = std::array<int, 3>;

int floorOf(size_t change) {
    return int(2 * change);
}
int roofOf(size_t change) {
    return int(2 * change) + 1;
}

/// Carries out changes on what stands over one place, where `heightOf` tells how high levels lie.
template<class HeightOf> class Stack {
  public:
    explicit Stack(HeightOf heightOf) : heightOf_(heightOf) {}

    void carryOut(const Change& change, int floor, int roof) {
        if (change.reaches == Change::Reaches::down)
            floor = below(floor);
        if (change.reaches == Change::Reaches::up)
            roof = above(roof);
        if (!(heightOf_(floor) < heightOf_(roof)))
            return;
        take(floor, roof);
        if (change.does == Change::Does::add)
            put({floor, roof, change.substance});
    }
    Material material() && { return std::move(material_); }

  private:
    /// The top of what lies clear below the floor, or the floor.
    int below(int floor) const {
        int found = floor;
        for (const Interval& there : material_) {
            if (heightOf_(there.high) < heightOf_(floor))
                found = there.high;
            else if (heightOf_(there.low) <= heightOf_(floor))
                return floor; // it stands in or on this one
        }
        return found;
    }
    /// The bottom of what lies clear above the roof, or the roof.
    int above(int roof) const {
        int found = roof;
        for (auto there = material_.rbegin(); there != material_.rend(); ++there) {
            if (heightOf_(there->low) > heightOf_(roof))
                found = there->low;
            else if (heightOf_(there->high) >= heightOf_(roof))
                return roof;
        }
        return found;
    }
    void take(int low, int high) {
        Material left;
        for (const Interval& there : material_) {
            if (heightOf_(there.low) < heightOf_(low))
                left.push_back(
                    {there.low, heightOf_(there.high) < heightOf_(low) ? there.high : low, there.substance});
            if (heightOf_(there.high) > heightOf_(high))
                left.push_back(
                    {heightOf_(there.low) > heightOf_(high) ? there.low : high, there.high, there.substance});
        }
        material_ = std::move(left);
    }
    /// Into room that was made for it; of the same substance it grows together with what it abuts.
    void put(Interval interval) {
        Material grown;
        for (const Interval& there : material_) {
            if (there.substance == interval.substance && heightOf_(there.high) == heightOf_(interval.low))
                interval.low = there.low;
            else if (there.substance == interval.substance &&
                     heightOf_(there.low) == heightOf_(interval.high))
                interval.high = there.high;
            else
                grown.push_back(there);
        }
        grown.insert(
            std::ranges::find_if(
                grown, [&](const Interval& i) { return heightOf_(i.low) >= heightOf_(interval.high); }),
            interval);
        material_ = std::move(grown);
    }

    HeightOf heightOf_;
    Material material_;
};

class Builder {
  public:
    Builder(std::span<const Change> changes, const plane::Cuts& cuts, const std::stop_token& stop)
        : changes_(changes), cuts_(cuts), slopes_(changes, cuts.turn()), stop_(stop),
          padLayer_(int(changes.size())) {
        if (!cuts.empty() &&
            !changes.empty()) // the side itself comes with the cuts; but what is left out of it
            for (size_t i = 1; i < changes.front().region.rings.size(); ++i)
                plane::addEdges(edges_, {{changes.front().region.rings[i]}}, 0);
        for (size_t i = cuts.empty() ? 0 : 1; i < changes.size(); ++i)
            if (!changes[i].outside || changes[i].reach() > 0)
                plane::addEdges(edges_, plane::stretched(changes[i].region, changes[i].stretch), int(i));
        slopes_.addBends(edges_);
    }

    quantity::Result<Columns> columns() {
        auto plain = plainPlan();
        if (plain) {
            columns_.plan = *std::move(plain);
            slopes_.findLevels(columns_);
            fillCells();
            return std::move(columns_);
        }
        auto plan = laidOut(edges_);
        constexpr int rounds = 12;
        for (int round = 0; round < rounds; ++round) {
            if (!plan)
                return plan.problem();
            if (stop_.stop_requested())
                return Problem{ProblemKind::stopped};
            columns_ = {*std::move(plan), {}, {}};
            slopes_.findLevels(columns_);
            fillCells();
            if (round + 1 < rounds && slopes_.cross(columns_)) {
                plan = plane::refined(columns_.plan, slopes_.splits(), slopes_.creases(), cuts_, stop_);
                continue;
            }
            fillPads(columns_, padLayer_, pads_);
            overlapEdgeContacts(columns_);
            if (!slopes_.settle(columns_))
                break;
            const std::vector<Pad> more = padsAtPointContacts(columns_, pads_);
            if (more.empty())
                return std::move(columns_);
            pads_.insert(pads_.end(), more.begin(), more.end());
            std::vector<LayerEdge> edges = edges_;
            plane::addEdges(edges, regionOf(pads_), padLayer_);
            plan = laidOut(edges);
        }
        return Problem{ProblemKind::geometryFailed, {}, "contacts"};
    }

  private:
    /// Of a side on which nothing is worked.
    std::optional<Subdivision> plainPlan() const {
        if (changes_.size() != 1 || changes_.front().floor.reach() > 0 || changes_.front().roof.reach() > 0)
            return std::nullopt;
        if (cuts_.empty())
            return plane::ringedPlan(changes_.front().region);
        const auto leftOut = onlyLeftOut();
        return leftOut ? std::optional(plane::griddedPlan(cuts_, *leftOut)) : std::nullopt;
    }
    /// The boxes that are left out of it.
    std::optional<std::vector<plane::Box>> onlyLeftOut() const {
        std::vector<plane::Box> boxes;
        const std::vector<plane::Ring>& rings = changes_.front().region.rings;
        for (size_t i = 1; i < rings.size(); ++i) {
            const plane::Box box = plane::boxOf(plane::Region{{rings[i]}});
            const bool isBox = rings[i].size() == 4 &&
                               std::fabs(plane::areaOf(rings[i])) ==
                                   (double(box.high.x) - box.low.x) * (double(box.high.y) - box.low.y);
            if (!isBox || !std::ranges::binary_search(cuts_.u, box.low.x) ||
                !std::ranges::binary_search(cuts_.u, box.high.x))
                return std::nullopt;
            boxes.push_back(box);
        }
        return boxes;
    }
    quantity::Result<Subdivision> laidOut(const std::vector<LayerEdge>& edges) const {
        return cuts_.empty() ? plane::subdivided(edges, stop_) : plane::developed(edges, cuts_, stop_);
    }
    template<class HeightOf> Material materialOver(LayerSet set, HeightOf heightOf) const {
        Stack stack(heightOf);
        for (const int layer : columns_.plan.sets.layers(set))
            if (layer != padLayer_)
                stack.carryOut(changes_[size_t(layer)], floorOf(size_t(layer)), roofOf(size_t(layer)));
        return std::move(stack).material();
    }
    bool sloping(LayerSet set) const {
        return std::ranges::any_of(columns_.plan.sets.layers(set), [&](int layer) {
            return layer != padLayer_ && (columns_.levels[size_t(floorOf(size_t(layer)))].slopes() ||
                                          columns_.levels[size_t(roofOf(size_t(layer)))].slopes());
        });
    }

    /// Level layer sets have the same material in each of their cells; where there are slopes, cells are
    /// parted where their order changes.
    void fillCells() {
        Subdivision& plan = columns_.plan;
        std::vector<Material> ofSet(plan.sets.size());
        std::vector<char> known(plan.sets.size(), 0);
        std::vector<bool> slopingCell;
        for (const LayerSet set : plan.cells) {
            slopingCell.push_back(sloping(set));
            if (!slopingCell.back() && !known[set]) {
                ofSet[set] =
                    materialOver(set, [&](int level) { return columns_.levels[size_t(level)].height; });
                known[set] = 1;
            }
            columns_.material.push_back(ofSet[set]);
        }
        if (std::ranges::find(slopingCell, true) == slopingCell.end())
            return;
        std::vector<Material> over(plan.triangles.size());
        for (size_t t = 0; t < plan.triangles.size(); ++t)
            if (const Triangle& triangle = plan.triangles[t]; slopingCell[size_t(triangle.cell)])
                over[t] = materialOver(plan.cells[size_t(triangle.cell)], [&](int level) {
                    std::int64_t sum = 0;
                    for (const int corner : triangle.corners)
                        sum += columns_.levels[size_t(level)].at(corner);
                    return sum;
                });
        partCells(slopingCell, over);
    }

    void partCells(std::vector<bool>& sloping, const std::vector<Material>& over) {
        Subdivision& plan = columns_.plan;
        std::vector<bool> seen(plan.triangles.size()), used(plan.cells.size());
        std::vector<size_t> room;
        for (size_t first = 0; first < plan.triangles.size(); ++first) {
            const int cell = plan.triangles[first].cell;
            if (seen[first] || !sloping[size_t(cell)])
                continue;
            int own = cell;
            if (used[size_t(cell)]) {
                own = int(plan.cells.size());
                plan.cells.push_back(plan.cells[size_t(cell)]);
                columns_.material.emplace_back();
                sloping.push_back(false); // no need to look at it again
                used.push_back(true);
            }
            used[size_t(own)] = true;
            columns_.material[size_t(own)] = over[first];
            seen[first] = true;
            room.assign(1, first);
            while (!room.empty()) {
                const size_t here = room.back();
                room.pop_back();
                for (const int next : plan.triangles[here].neighbours)
                    if (next >= 0 && !seen[size_t(next)] && plan.triangles[size_t(next)].cell == cell &&
                        over[size_t(next)] == over[first]) {
                        seen[size_t(next)] = true;
                        room.push_back(size_t(next));
                    }
                plan.triangles[here].cell = own;
            }
        }
    }

    std::span<const Change> changes_;
    const plane::Cuts& cuts_;
    Slopes slopes_;
    const std::stop_token& stop_;
    int padLayer_;
    std::vector<LayerEdge> edges_;
    std::vector<Pad> pads_;
    Columns columns_;
};

} // namespace

quantity::Result<Columns> columnsOf(std::span<const Change> changes, std::stop_token stop,
                                    const plane::Cuts& cuts) {
    return Builder(changes, cuts, stop).columns();
}

} // namespace bollard::working
