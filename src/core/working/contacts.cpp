#include "working/contacts.hpp"
#include "quantity/groups.hpp"
#include <array>
#include <map>
#include <optional>
#include <set>

namespace bollard::working {
namespace {

using plane::Point, plane::Subdivision, plane::Triangle;

using Sector = std::vector<Held>;

/// What of the cell's material stands between the heights that `heightOf` gives its levels.
template<class HeightOf> Sector heldIn(const Columns& columns, size_t cell, HeightOf heightOf) {
    Sector held;
    for (const Interval& interval : columns.material[cell]) {
        const Held here{heightOf(columns.levels[size_t(interval.low)]),
                        heightOf(columns.levels[size_t(interval.high)]), interval.substance};
        if (here.low < here.high)
            held.push_back(here);
    }
    return held;
}

bool solidBetween(const Sector& material, std::int32_t low, std::int32_t high) {
    return std::ranges::any_of(material, [&](const Held& i) { return i.low <= low && i.high >= high; });
}

/// Solid just below and just above `height`.
std::pair<bool, bool> solidAround(const Sector& material, std::int32_t height) {
    return {solidBetween(material, height - 1, height), solidBetween(material, height, height + 1)};
}

/// A ring piece between two cells, from one point to another.
struct Border {
    int left = 0;
    int right = 0;
    int from = 0;
    int to = 0;
};

/// One border of each two cells that meet, and all where material may slope.
std::vector<Border> bordersOf(const Columns& columns) {
    const Subdivision& plan = columns.plan;
    std::vector<bool> slopes;
    for (const std::vector<Interval>& material : columns.material)
        slopes.push_back(std::ranges::any_of(material, [&](const Interval& i) {
            return columns.levels[size_t(i.low)].slopes() || columns.levels[size_t(i.high)].slopes();
        }));
    const auto cells = [](const Border& border) { return std::pair(border.left, border.right); };
    const auto like = [&](const Border& a, const Border& b) {
        return cells(a) == cells(b) && !slopes[size_t(a.left)] && !slopes[size_t(a.right)];
    };
    std::vector<Border> borders;
    for (const Triangle& triangle : plan.triangles)
        for (int k = 0; k < 3; ++k)
            if (const int across = plan.cellAcross(triangle, k); across != triangle.cell) {
                const Border border{std::min(across, triangle.cell), std::max(across, triangle.cell),
                                    triangle.corners[size_t(k + 1) % 3], triangle.corners[size_t(k + 2) % 3]};
                if (borders.empty() || !like(borders.back(), border))
                    borders.push_back(border);
            }
    std::ranges::stable_sort(borders, {}, cells);
    borders.erase(std::unique(borders.begin(), borders.end(), like), borders.end());
    return borders;
}

/// Feet lowered by the overlap, each level once.
class Lowered {
  public:
    explicit Lowered(Columns& columns) : columns_(columns) {}

    /// Of all material, and of each substance, which is a body of its own too.
    bool overlap(const Border& border) {
        const Sector left = beside(border.left, border), right = beside(border.right, border);
        const auto only = [](Sector sector, Substance substance) {
            std::erase_if(sector, [&](const Held& held) { return held.substance != substance; });
            return sector;
        };
        if (overlap(border, left, right))
            return true;
        return std::ranges::any_of(
            std::array{Substance::blank, Substance::letters}, [&](Substance substance) {
                return overlap(border, only(left, substance), only(right, substance), substance);
            });
    }

  private:
    bool overlap(const Border& border, const Sector& left, const Sector& right,
                 std::optional<Substance> substance = {}) {
        std::vector<std::int32_t> heights;
        for (const Held& held : left)
            heights.insert(heights.end(), {held.low, held.high});
        for (const std::int32_t height : heights) {
            const auto [leftBelow, leftAbove] = solidAround(left, height);
            const auto [rightBelow, rightAbove] = solidAround(right, height);
            if (leftBelow && !leftAbove && !rightBelow && rightAbove)
                return lowerFoot(border.right, border, height, substance);
            if (!leftBelow && leftAbove && rightBelow && !rightAbove)
                return lowerFoot(border.left, border, height, substance);
        }
        return false;
    }

    static std::int32_t middle(const Level& level, const Border& border) {
        return level.slopes() ? (level.at(border.from) + level.at(border.to)) / 2 : level.height;
    }
    Sector beside(int cell, const Border& border) const {
        return heldIn(columns_, size_t(cell), [&](const Level& level) { return middle(level, border); });
    }
    /// Lowers what stands on `height` in the cell; true when something was lowered.
    bool lowerFoot(int cell, const Border& border, std::int32_t height, std::optional<Substance> substance) {
        std::vector<Interval>& material = columns_.material[size_t(cell)];
        const auto foot = std::ranges::find_if(material, [&](const Interval& interval) {
            return middle(columns_.levels[size_t(interval.low)], border) == height &&
                   interval.substance == substance.value_or(interval.substance);
        });
        if (foot == material.end())
            return false;
        const int from = foot->low, to = lowered(from);
        for (Interval& below : material) // what it stands on gives way
            if (columns_.levels[size_t(below.high)] == columns_.levels[size_t(from)])
                below.high = to;
        foot->low = to;
        return true;
    }
    int lowered(int level) {
        const auto [known, isNew] = known_.try_emplace(level, int(columns_.levels.size()));
        if (isNew) {
            Level lower = columns_.levels[size_t(level)];
            lower.height -= overlap_;
            for (auto& [point, height] : lower.byPoint)
                height -= overlap_;
            columns_.levels.push_back(std::move(lower));
        }
        return known->second;
    }

    static constexpr std::int32_t overlap_ = 100;
    Columns& columns_;
    std::map<int, int> known_;
};

/// The cells around a point in order, each run of one cell once. `open` at the hull is the outside cell.
std::vector<int> cellsAround(const Subdivision& plan, int start, int point) {
    std::vector<int> cells;
    const auto add = [&](int cell) {
        if (cells.empty() || cells.back() != cell)
            cells.push_back(cell);
    };
    const auto corner = [&](int t) {
        const auto& corners = plan.triangles[size_t(t)].corners;
        return size_t(std::ranges::find(corners, point) - corners.begin());
    };
    // Clockwise to the hull, if there is one, then counter-clockwise all the way round.
    int first = start;
    for (int t = start;;) {
        const int next = plan.triangles[size_t(t)].neighbours[(corner(t) + 2) % 3];
        if (next < 0 || next == start)
            break;
        first = t = next;
    }
    for (int t = first;;) {
        add(plan.triangles[size_t(t)].cell);
        t = plan.triangles[size_t(t)].neighbours[(corner(t) + 1) % 3];
        if (t < 0)
            add(plan.outside);
        if (t < 0 || t == first)
            break;
    }
    if (cells.size() > 1 && cells.front() == cells.back())
        cells.pop_back();
    return cells;
}

/// Around one height at a point, sectors below and above: solid must hang together, and so must the empty.
bool pinchedAt(const std::vector<Sector>& sectors, std::int32_t height) {
    const size_t n = sectors.size();
    std::vector<bool> solid(2 * n); // below, then above
    for (size_t i = 0; i < n; ++i) {
        const auto [below, above] = solidAround(sectors[i], height);
        solid[i] = below;
        solid[n + i] = above;
    }
    quantity::Groups groups(2 * n);
    const auto join = [&](size_t i, size_t j) {
        if (solid[i] == solid[j])
            groups.join(i, j);
    };
    for (size_t i = 0; i < n; ++i) {
        join(i, n + i);
        join(i, (i + 1) % n);
        join(n + i, n + (i + 1) % n);
    }
    std::set<size_t> solids, empties;
    for (size_t i = 0; i < 2 * n; ++i)
        (solid[i] ? solids : empties).insert(groups.of(i));
    // Two solid sectors of one band that meet only along the upright line through the point.
    const auto runs = [&](size_t from) {
        int count = 0;
        for (size_t i = 0; i < n; ++i)
            count += solid[from + i] && !solid[from + (i + n - 1) % n] ? 1 : 0;
        return count;
    };
    return solids.size() > 1 || empties.size() > 1 || runs(0) > 1 || runs(n) > 1;
}

/// Pinched in the whole part, in the blank alone, or in the letters alone: each is written as a body.
bool pinched(const std::vector<Sector>& sectors) {
    std::set<std::int32_t> heights;
    for (const Sector& material : sectors)
        for (const Held& held : material)
            heights.insert({held.low, held.high});
    const auto anyPinched = [&](const std::vector<Sector>& some) {
        return std::ranges::any_of(heights, [&](std::int32_t h) { return pinchedAt(some, h); });
    };
    if (anyPinched(sectors))
        return true;
    return std::ranges::any_of(std::array{Substance::blank, Substance::letters}, [&](Substance left) {
        std::vector<Sector> some = sectors;
        for (Sector& material : some)
            std::erase_if(material, [&](const Held& i) { return i.substance == left; });
        return anyPinched(some);
    });
}

Sector unitedMaterial(const std::vector<Sector>& sectors) {
    Sector all;
    for (const Sector& material : sectors)
        all.insert(all.end(), material.begin(), material.end());
    std::ranges::sort(all, {}, &Held::low);
    Sector result;
    for (Held next : all) {
        if (!result.empty() && next.low < result.back().high) {
            if (next.high <= result.back().high)
                continue;
            next.low = result.back().high;
        }
        result.push_back(next);
    }
    return result;
}

std::int32_t radiusBeside(Point at, const std::vector<Pad>& there) {
    std::int32_t radius = Pad{}.radius;
    for (const Pad& pad : there)
        if (plane::length(plane::vectorOf(pad.centre - at)) < 2 * pad.radius)
            radius = std::max(radius, 2 * pad.radius);
    return radius;
}

} // namespace

plane::Region regionOf(const std::vector<Pad>& pads) {
    std::vector<plane::Region> octagons;
    for (const Pad& pad : pads) {
        plane::Ring ring;
        for (int k = 0; k < 8; ++k) {
            const double angle = (k + 0.5) * M_PI / 4;
            ring.push_back(pad.centre +
                           onGrid(plane::Vector{pad.radius * std::cos(angle), pad.radius * std::sin(angle)}));
        }
        octagons.push_back({{ring}});
    }
    return plane::united(octagons);
}

void fillPads(Columns& columns, int padLayer, const std::vector<Pad>& pads) {
    std::map<std::int32_t, int> known;
    const auto levelAt = [&](std::int32_t height) {
        const auto [level, isNew] = known.try_emplace(height, int(columns.levels.size()));
        if (isNew)
            columns.levels.push_back({height, {}});
        return level->second;
    };
    std::vector<bool> done(columns.plan.cells.size());
    for (const Triangle& triangle : columns.plan.triangles) {
        const auto cell = size_t(triangle.cell);
        if (done[cell] || !columns.plan.inLayer(triangle.cell, padLayer))
            continue;
        done[cell] = true;
        const Point corner = columns.plan.points[size_t(triangle.corners[0])];
        const auto nearest = std::ranges::min_element(
            pads, {}, [&](const Pad& pad) { return plane::length(plane::vectorOf(pad.centre - corner)); });
        columns.material[cell].clear();
        for (const Held& held : nearest->material)
            columns.material[cell].push_back({levelAt(held.low), levelAt(held.high), held.substance});
    }
}

void overlapEdgeContacts(Columns& columns) {
    const std::vector<Border> borders = bordersOf(columns);
    Lowered lowered(columns);
    for (bool changed = true; changed;) {
        changed = false;
        for (const Border& border : borders)
            changed |= lowered.overlap(border);
    }
}

std::vector<Pad> padsAtPointContacts(const Columns& columns, const std::vector<Pad>& there) {
    const Subdivision& plan = columns.plan;
    std::vector<int> someTriangle(plan.points.size(), -1), borderEnds(plan.points.size(), 0);
    for (size_t t = 0; t < plan.triangles.size(); ++t) {
        const Triangle& triangle = plan.triangles[t];
        for (size_t k = 0; k < 3; ++k) {
            someTriangle[size_t(triangle.corners[k])] = int(t);
            if (triangle.neighbours[k] > int(t) || plan.cellAcross(triangle, int(k)) == triangle.cell)
                continue; // counted from there, or no border
            ++borderEnds[size_t(triangle.corners[(k + 1) % 3])];
            ++borderEnds[size_t(triangle.corners[(k + 2) % 3])];
        }
    }
    std::vector<Pad> pads;
    for (size_t p = 0; p < plan.points.size(); ++p) {
        if (borderEnds[p] <= 2)
            continue; // a point inside one ring piece has two smooth sides
        std::vector<Sector> sectors;
        for (const int cell : cellsAround(plan, someTriangle[p], int(p)))
            sectors.push_back(
                heldIn(columns, size_t(cell), [&](const Level& level) { return level.at(int(p)); }));
        if (pinched(sectors))
            pads.push_back({plan.points[p], radiusBeside(plan.points[p], there), unitedMaterial(sectors)});
    }
    return pads;
}

} // namespace bollard::working
