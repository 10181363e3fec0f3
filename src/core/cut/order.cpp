// One cut after the other with little way in the air.
#include "cut/chains.hpp"
#include <limits>
#include <numeric>
#include <unordered_map>

namespace bollard::cut {
namespace {

using plane::Vector;

/// What is cut in one go: a chain, or all of a shape.
struct Run {
    size_t first = 0, count = 1;
    Vector in{}, out{};
    bool turns = false; ///< may be cut from its other end
};

/// A tour through blocks from a place: the nearest next one, then moved and turned as long as it helps.
class Tour {
  public:
    Tour(std::vector<Run> blocks, Vector from) : blocks_(std::move(blocks)), from_(from) {}

    /// Their order, and whether each is turned.
    std::vector<std::pair<size_t, bool>> order() {
        nearestNext();
        improve();
        return std::move(tour_);
    }

  private:
    Vector in(const std::pair<size_t, bool>& at) const {
        return at.second ? blocks_[at.first].out : blocks_[at.first].in;
    }
    Vector out(const std::pair<size_t, bool>& at) const {
        return at.second ? blocks_[at.first].in : blocks_[at.first].out;
    }

    /// Ends in cells of a grid; rings of cells around a place are looked at until nothing can be nearer.
    void nearestNext() {
        const size_t n = blocks_.size();
        Vector low = from_, high = from_;
        for (const Run& block : blocks_)
            for (const Vector v : {block.in, block.out}) {
                low = {std::min(low.x, v.x), std::min(low.y, v.y)};
                high = {std::max(high.x, v.x), std::max(high.y, v.y)};
            }
        const double area = std::max((high.x - low.x) * (high.y - low.y), 1e-6);
        const double cell = std::max(std::sqrt(area / double(n)), 1e-3);
        const auto columns = int((high.x - low.x) / cell) + 1, rows = int((high.y - low.y) / cell) + 1;
        std::unordered_map<std::int64_t, std::vector<std::pair<size_t, bool>>> cells;
        const auto columnOf = [&](Vector v) { return int((v.x - low.x) / cell); };
        const auto rowOf = [&](Vector v) { return int((v.y - low.y) / cell); };
        for (size_t i = 0; i < n; ++i)
            for (const bool turned : {false, true})
                if (!turned || blocks_[i].turns) {
                    const Vector v = in({i, turned});
                    cells[std::int64_t(rowOf(v)) * columns + columnOf(v)].emplace_back(i, turned);
                }
        std::vector<bool> done(n);
        Vector here = from_;
        for (size_t step = 0; step < n; ++step) {
            std::pair<size_t, bool> best{n, false};
            double least = std::numeric_limits<double>::infinity();
            const int column = columnOf(here), row = rowOf(here);
            for (int ring = 0; ring <= std::max(columns, rows); ++ring) {
                if (best.first < n && (ring - 1) * cell > least)
                    break;
                for (int r = row - ring; r <= row + ring; ++r)
                    for (int c = column - ring; c <= column + ring; ++c) {
                        if (std::max(std::abs(r - row), std::abs(c - column)) != ring || r < 0 || c < 0 ||
                            r >= rows || c >= columns)
                            continue;
                        const auto found = cells.find(std::int64_t(r) * columns + c);
                        if (found == cells.end())
                            continue;
                        std::erase_if(found->second, [&](const auto& one) { return done[one.first]; });
                        for (const auto& one : found->second)
                            if (const double far = plane::length(in(one)-here); far < least) {
                                least = far;
                                best = one;
                            }
                    }
            }
            done[best.first] = true;
            tour_.push_back(best);
            here = out(best);
        }
    }

    double gap(size_t after) const { // before tour_[after]
        if (after >= tour_.size())
            return 0;
        return plane::length(in(tour_[after]) - (after == 0 ? from_ : out(tour_[after - 1])));
    }

    /// Stretches turned round, and short ones moved elsewhere. Looks a bounded way ahead, so that many cost
    /// in proportion.
    void improve() {
        constexpr int mostRounds = 8;
        constexpr size_t ahead = 60;
        for (int round = 0; round < mostRounds; ++round) {
            bool better = false;
            for (size_t i = 0; i < tour_.size(); ++i) {
                for (size_t k = i; k < std::min(tour_.size(), i + ahead); ++k)
                    better = turnedIfBetter(i, k) || better;
                for (size_t count = 1; count <= 3 && i + count < tour_.size(); ++count)
                    better = movedIfBetter(i, count, ahead) || better;
            }
            if (!better)
                return;
        }
    }
    bool turnedIfBetter(size_t i, size_t k) {
        for (size_t m = i; m <= k; ++m)
            if (!blocks_[tour_[m].first].turns)
                return false;
        const Vector before = i == 0 ? from_ : out(tour_[i - 1]);
        double now = gap(i) + gap(k + 1);
        double then = plane::length(out(tour_[k]) - before);
        if (k + 1 < tour_.size())
            then += plane::length(in(tour_[k + 1]) - in(tour_[i]));
        if (then >= now - 1e-9)
            return false;
        std::reverse(tour_.begin() + std::ptrdiff_t(i), tour_.begin() + std::ptrdiff_t(k) + 1);
        for (size_t m = i; m <= k; ++m)
            tour_[m].second = !tour_[m].second;
        return true;
    }
    bool movedIfBetter(size_t i, size_t count, size_t ahead) {
        const Vector before = i == 0 ? from_ : out(tour_[i - 1]);
        const Vector first = in(tour_[i]), last = out(tour_[i + count - 1]);
        const double taken = gap(i) + gap(i + count) -
                             (i + count < tour_.size() ? plane::length(in(tour_[i + count]) - before) : 0);
        size_t best = 0;
        double least = taken - 1e-9;
        for (size_t k = i + count; k < std::min(tour_.size(), i + ahead); ++k) { // after tour_[k]
            const Vector end = out(tour_[k]);
            const double put =
                plane::length(first - end) +
                (k + 1 < tour_.size() ? plane::length(in(tour_[k + 1]) - last) - gap(k + 1) : 0);
            if (put < least) {
                least = put;
                best = k;
            }
        }
        if (best == 0)
            return false;
        std::rotate(tour_.begin() + std::ptrdiff_t(i), tour_.begin() + std::ptrdiff_t(i + count),
                    tour_.begin() + std::ptrdiff_t(best) + 1);
        return true;
    }

    std::vector<Run> blocks_;
    Vector from_;
    std::vector<std::pair<size_t, bool>> tour_;
};

} // namespace

double airOf(const std::vector<Chain>& chains, Vector from) {
    double air = 0;
    for (const Chain& chain : chains) {
        air += plane::length(planOf(chain.points.front()) - from);
        from = planOf(chain.points.back());
    }
    return air;
}

void putInOrder(std::vector<Chain>& chains, Vector from, bool together) {
    std::erase_if(chains, [](const Chain& chain) { return chain.points.empty(); });
    std::ranges::stable_sort(chains, std::greater{}, &Chain::after);
    std::vector<Chain> ordered;
    for (size_t begin = 0; begin < chains.size();) {
        size_t end = begin;
        while (end < chains.size() && chains[end].after == chains[begin].after)
            ++end;
        std::vector<Run> blocks;
        for (size_t i = begin; i < end; ++i) {
            const Chain& chain = chains[i];
            if (together && !blocks.empty() && chain.shape == chains[i - 1].shape && i > begin) {
                ++blocks.back().count;
                blocks.back().out = planOf(chain.points.back());
                continue;
            }
            const bool turns = !together && chain.leadIn == 0 && chain.leadOut == 0 &&
                               chain.points.front().z == chain.points.back().z;
            blocks.push_back({i, 1, planOf(chain.points.front()), planOf(chain.points.back()), turns});
        }
        for (const auto& [number, turned] : Tour(blocks, from).order()) {
            for (size_t i = 0; i < blocks[number].count; ++i) {
                Chain& chain = chains[blocks[number].first + i];
                if (turned)
                    std::ranges::reverse(chain.points);
                ordered.push_back(std::move(chain));
            }
            from = planOf(ordered.back().points.back());
        }
        begin = end;
    }
    chains = std::move(ordered);
}

} // namespace bollard::cut
