#include "working/slopes.hpp"
#include "plane/bends.hpp"
#include "quantity/kept.hpp"
#include <array>
#include <cstdlib>
#include <optional>
#include <set>

namespace bollard::working {

using plane::LayerEdge, plane::Point, plane::Triangle;

namespace {

constexpr double chord = 50;          // of curved bends
constexpr std::int32_t rounding = 2;  // levels that differ by no more are the same
constexpr std::int32_t crooked = 200; // what settling may move at most: 0.02 mm

bool isFar(const Level& level) {
    return !level.slopes() && (level.height <= farDown || level.height >= farUp);
}

/// The levels of the changes over a cell that stand somewhere.
std::vector<int> levelsOver(const Columns& columns, plane::LayerSet set, size_t changes) {
    std::vector<int> levels;
    for (const int layer : columns.plan.sets.layers(set))
        if (size_t(layer) < changes)
            for (const int level : {2 * layer, 2 * layer + 1})
                if (!isFar(columns.levels[size_t(level)]))
                    levels.push_back(level);
    return levels;
}

std::vector<int> endsOf(const std::vector<Interval>& material) {
    std::vector<int> ends;
    for (const Interval& interval : material)
        ends.insert(ends.end(), {interval.low, interval.high});
    return ends;
}

/// How much higher `one` lies at the point.
std::int64_t difference(const Columns& columns, int one, int other, int point) {
    return std::int64_t(columns.levels[size_t(one)].at(point)) - columns.levels[size_t(other)].at(point);
}

void setHeight(Level& level, int point, std::int32_t height) {
    const auto place =
        std::ranges::lower_bound(level.byPoint, point, {}, &std::pair<int, std::int32_t>::first);
    if (place != level.byPoint.end() && place->first == point)
        place->second = height;
    else if (level.height != height)
        level.byPoint.insert(place, {point, height});
}

int signOf(std::int64_t difference) {
    return difference > rounding ? 1 : difference < -rounding ? -1 : 0;
}

/// All around the region, farther than `reach` and its own border's reach.
plane::Region aroundOf(const plane::Region& region, std::int32_t reach) {
    const plane::Box box = plane::boxOf(region);
    const double by = 3.0 * reach + 100;
    const Point low = plane::onGrid(plane::vectorOf(box.low) - plane::Vector{by, by}),
                high = plane::onGrid(plane::vectorOf(box.high) + plane::Vector{by, by});
    plane::Region around{{{low, {high.x, low.y}, high, {low.x, high.y}}}};
    for (const plane::Ring& ring : region.rings)
        around.rings.emplace_back(ring.rbegin(), ring.rend());
    return around;
}

struct BendKey {
    plane::Region region{};
    std::vector<double> insets{};
    bool operator==(const BendKey&) const = default;
};
struct BendHash {
    size_t operator()(const BendKey& key) const { return plane::hashOf(key.region); }
};
using Bends = std::shared_ptr<const std::vector<plane::Bend>>;

/// The bends within a region. Its parts do not know of each other, and letters come again: those of each part
/// are found once, wherever it lies.
std::vector<plane::Bend> bendsWithin(const plane::Region& region, const std::vector<double>& insets) {
    constexpr size_t mostShapes = 4000;
    static quantity::Kept<BendKey, Bends, std::unordered_map<BendKey, Bends, BendHash>> known(mostShapes);
    std::vector<plane::Bend> all;
    for (const plane::Region& part : plane::parts(region)) {
        const Point at = plane::boxOf(part).low;
        const BendKey key{plane::shifted(part, Point{} - at), insets};
        const Bends bends = known.of(key, [&] {
            return std::make_shared<const std::vector<plane::Bend>>(
                plane::bendsOf(key.region, insets, chord));
        });
        for (plane::Bend bend : *bends) {
            bend.from = bend.from + at;
            bend.to = bend.to + at;
            all.push_back(bend);
        }
    }
    return all;
}

} // namespace

Slopes::Slopes(std::span<const Change> changes, std::int32_t turn) : changes_(changes), turn_(turn) {
    for (size_t i = 0; i < changes.size(); ++i) {
        const Change& change = changes[i];
        if (change.region.empty() || (change.floor.level() && change.roof.level()))
            continue;
        std::set<std::int32_t> insets;
        for (const Profile* profile : {&change.floor, &change.roof})
            for (const Profile::Step& step : profile->steps)
                if (step.inset > 0)
                    insets.insert(step.inset);
        const bool everywhere =
            change.floor.tilt != 0 || change.roof.tilt != 0 || change.floor.lift || change.roof.lift;
        if (insets.empty() && !everywhere)
            continue; // smaller than the grid
        Sloping& sloping = sloping_[i];
        sloping.stretch = change.stretch;
        if (insets.empty())
            continue; // the same height however far in it is
        sloping.insets.assign(insets.begin(), insets.end());
        sloping.region = change.outside ? aroundOf(change.region, sloping.insets.back()) : change.region;
    }
}

void Slopes::addBends(std::vector<LayerEdge>& edges) {
    for (auto& [change, sloping] : sloping_) {
        if (sloping.insets.empty())
            continue;
        const plane::Region& region = sloping.region;
        const std::vector<double> insets(sloping.insets.begin(), sloping.insets.end());
        // Around a region, beyond the reach lies the border of what was looked at.
        plane::Box within = plane::boxOf(changes_[change].region);
        const plane::Point reach{sloping.insets.back() + 2, sloping.insets.back() + 2};
        within = {within.low - reach, within.high + reach};
        const bool outside = changes_[change].outside;
        for (const plane::Bend& bend :
             outside ? plane::bendsOf(region, insets, chord) : bendsWithin(region, insets)) {
            if (outside && !(within.meets({bend.from, bend.from}) && within.meets({bend.to, bend.to})))
                continue;
            const bool last = outside && bend.fromInset == insets.back() && bend.toInset == insets.back();
            const std::vector<Point> path = sloping.stretch.path(bend.from, bend.to);
            for (size_t i = 0; i + 1 < path.size(); ++i)
                edges.push_back({path[i], path[i + 1], last ? int(change) : LayerEdge::crease});
            sloping.known.try_emplace(path.front(), bend.fromInset);
            sloping.known.try_emplace(path.back(), bend.toInset);
        }
        for (const plane::Ring& ring : region.rings)
            for (const Point p : ring)
                sloping.known[sloping.stretch.toPlan(p)] = 0;
    }
}

/// Points that came about where bends met something lie on chords of bends: they count as being on them.
double Slopes::insetAt(const Sloping& sloping, Point p) const {
    // Letters may lie past the ends of a side that closes.
    std::vector<Point> places{p};
    if (turn_ != 0)
        places.insert(places.end(), {p + Point{turn_, 0}, p - Point{turn_, 0}});
    const auto known = std::ranges::find_if(places, [&](Point at) { return sloping.known.contains(at); });
    double inset = sloping.insets.back() + 2 * chord, near = chord + rounding;
    if (known != places.end()) {
        inset = sloping.known.at(*known);
        near = rounding;
    } else {
        if (!sloping.boundary) // most are known
            sloping.boundary = std::make_unique<const plane::BoundaryIndex>(sloping.region);
        for (const Point at : places)
            inset = std::min(inset, sloping.boundary->distanceTo(
                                        {sloping.stretch.toDrawn(double(at.x)), double(at.y)}, inset));
    }
    if (inset < near)
        return 0;
    for (const std::int32_t step : sloping.insets)
        if (std::fabs(inset - step) < near)
            return step;
    return inset;
}

void Slopes::findLevels(Columns& columns) {
    columns.levels.clear();
    for (const Change& change : changes_)
        for (const Profile* profile : {&change.floor, &change.roof})
            columns.levels.push_back(
                {profile->steps.back().height,
                 {},
                 change.does == Change::Does::take && change.substance == Substance::letters});
    const plane::Subdivision& plan = columns.plan;
    for (const auto& [change, sloping] : sloping_) {
        std::vector<bool> within(plan.cells.size());
        for (size_t cell = 0; cell < within.size(); ++cell)
            within[cell] = plan.inLayer(int(cell), int(change));
        std::vector<bool> asked(plan.points.size());
        for (const Triangle& triangle : plan.triangles)
            if (within[size_t(triangle.cell)])
                for (const int corner : triangle.corners)
                    asked[size_t(corner)] = true;
        for (size_t p = 0; p < asked.size(); ++p) {
            if (!asked[p])
                continue;
            const double inset = sloping.insets.empty() ? 0 : insetAt(sloping, plan.points[p]);
            const std::array profiles{&changes_[change].floor, &changes_[change].roof};
            for (size_t k = 0; k < 2; ++k)
                if (!profiles[k]->level())
                    columns.levels[2 * change + k].byPoint.emplace_back(
                        int(p), profiles[k]->at(inset, plan.points[p]));
        }
    }
    if (met_.empty())
        return;
    for (size_t p = 0; p < plan.points.size(); ++p)
        for (auto met = met_.lower_bound({plan.points[p], 0});
             met != met_.end() && met->first.first == plan.points[p]; ++met)
            setHeight(columns.levels[size_t(met->first.second)], int(p), met->second);
}

bool Slopes::isEdge(const Columns& columns, int a, int b) const {
    const auto& edges = columns.plan.edges;
    const auto key = [](const plane::GraphEdge& e) { return std::pair(e.low, e.high); };
    return std::ranges::binary_search(edges, std::pair(std::min(a, b), std::max(a, b)), {}, key);
}

/// Where the levels meet between two points, whose height both have from now on.
Point Slopes::meeting(const Columns& columns, int a, int b, int one, int other) {
    const auto& points = columns.plan.points;
    if (points[size_t(b)] < points[size_t(a)])
        std::swap(a, b); // so that both triangles find the same place
    const auto level = [&](int l, int p) { return double(columns.levels[size_t(l)].at(p)); };
    const double da = level(one, a) - level(other, a), db = level(one, b) - level(other, b);
    const double t = da / (da - db);
    const plane::Vector from = plane::vectorOf(points[size_t(a)]), to = plane::vectorOf(points[size_t(b)]);
    const Point at = plane::onGrid(from + t * (to - from));
    // One that is level stays so.
    const bool oneSlopes = columns.levels[size_t(one)].slopes(),
               otherSlopes = columns.levels[size_t(other)].slopes();
    const int firm = !oneSlopes ? one : !otherSlopes ? other : one;
    const std::int32_t height = plane::onGrid(level(firm, a) + t * (level(firm, b) - level(firm, a)));
    met_[{at, one}] = met_[{at, other}] = height;
    if (at != points[size_t(a)] && at != points[size_t(b)] && isEdge(columns, a, b))
        splits_.push_back({std::min(a, b), std::max(a, b), at});
    return at;
}

void Slopes::crossIn(const Columns& columns, const Triangle& triangle, int one, int other) {
    std::array<int, 3> signs{};
    for (size_t k = 0; k < 3; ++k)
        signs[k] = signOf(difference(columns, one, other, triangle.corners[k]));
    if (*std::ranges::min_element(signs) >= 0 || *std::ranges::max_element(signs) <= 0)
        return;
    std::vector<Point> ends;
    for (size_t k = 0; k < 3; ++k) {
        if (signs[k] == 0)
            ends.push_back(columns.plan.points[size_t(triangle.corners[k])]);
        if (signs[k] * signs[(k + 1) % 3] < 0)
            ends.push_back(meeting(columns, triangle.corners[k], triangle.corners[(k + 1) % 3], one, other));
    }
    if (ends.size() == 2 && ends[0] != ends[1])
        creases_.push_back({ends[0], ends[1], LayerEdge::crease});
}

void Slopes::crossAlong(const Columns& columns, int a, int b, int one, int other) {
    const std::int64_t da = difference(columns, one, other, a), db = difference(columns, one, other, b);
    if (signOf(da) * signOf(db) < 0 && std::min(std::llabs(da), std::llabs(db)) > crooked)
        meeting(columns, a, b, one, other);
}

bool Slopes::cross(const Columns& columns) {
    splits_.clear();
    creases_.clear();
    if (sloping_.empty())
        return false;
    const size_t known = met_.size();
    const plane::Subdivision& plan = columns.plan;
    std::vector<std::optional<std::vector<int>>> over(plan.sets.size());
    for (const Triangle& triangle : plan.triangles) {
        auto& levels = over[plan.cells[size_t(triangle.cell)]];
        if (!levels)
            levels = levelsOver(columns, plan.cells[size_t(triangle.cell)], changes_.size());
        for (size_t i = 0; i < levels->size(); ++i)
            for (size_t j = i + 1; j < levels->size(); ++j)
                if (columns.levels[size_t((*levels)[i])].slopes() ||
                    columns.levels[size_t((*levels)[j])].slopes())
                    crossIn(columns, triangle, (*levels)[i], (*levels)[j]);
        for (int k = 0; k < 3; ++k) {
            const int across = plan.cellAcross(triangle, k);
            if (across <= triangle.cell)
                continue;
            for (const int one : endsOf(columns.material[size_t(triangle.cell)]))
                for (const int other : endsOf(columns.material[size_t(across)]))
                    if (one != other &&
                        (columns.levels[size_t(one)].slopes() || columns.levels[size_t(other)].slopes()))
                        crossAlong(columns, triangle.corners[size_t(k + 1) % 3],
                                   triangle.corners[size_t(k + 2) % 3], one, other);
        }
    }
    return !creases_.empty() || !splits_.empty() || met_.size() > known;
}

bool Slopes::settle(Columns& columns) const {
    if (sloping_.empty())
        return true;
    bool sound = true, moved = false;
    // Makes `one` and `other` equal at the point.
    const auto join = [&](int one, int other, int point) {
        const bool firmIsOne = !columns.levels[size_t(one)].slopes();
        Level& mover = columns.levels[size_t(firmIsOne ? other : one)];
        const std::int32_t height = columns.levels[size_t(firmIsOne ? one : other)].at(point);
        sound = sound && std::abs(mover.at(point) - height) <= crooked;
        setHeight(mover, point, height);
        moved = true;
    };
    const plane::Subdivision& plan = columns.plan;
    constexpr int passes = 6;
    for (int pass = 0; pass < passes; ++pass) {
        moved = false;
        for (const Triangle& triangle : plan.triangles) {
            const auto& material = columns.material[size_t(triangle.cell)];
            const std::vector<int> ends = endsOf(material);
            for (const int corner : triangle.corners)
                for (size_t i = 1; i < ends.size(); ++i)
                    if (difference(columns, ends[i - 1], ends[i], corner) > 0)
                        join(ends[i - 1], ends[i], corner);
            for (int k = 0; k < 3; ++k) {
                const int across = plan.cellAcross(triangle, k);
                if (across <= triangle.cell || ends.empty())
                    continue;
                const int a = triangle.corners[size_t(k + 1) % 3], b = triangle.corners[size_t(k + 2) % 3];
                for (const int one : ends)
                    for (const int other : endsOf(columns.material[size_t(across)])) {
                        const std::int64_t da = difference(columns, one, other, a),
                                           db = difference(columns, one, other, b);
                        if ((da < 0 && db > 0) || (da > 0 && db < 0))
                            join(one, other, std::llabs(da) < std::llabs(db) ? a : b);
                    }
            }
        }
        if (!moved || !sound)
            break;
    }
    return sound && !moved;
}

} // namespace bollard::working
