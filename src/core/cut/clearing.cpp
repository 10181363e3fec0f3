#include "cut/clearing.hpp"
#include "plane/gap.hpp"
#include <optional>

namespace bollard::cut {
namespace {

using plane::Vector;

/// As the wall is to lie: holes run the other way by themselves.
Chain wayAlong(const plane::Ring& ring, const Clearing& clearing) {
    plane::Ring turned = ring;
    if (clearing.clockwise)
        std::ranges::reverse(turned);
    Chain chain = loopAt(turned, clearing.z);
    chain.shape = clearing.shape;
    return chain;
}

/// Where the tool's axis may go on without being lifted.
class Room {
  public:
    /// A grid unit more, as what lies on the wall is in.
    explicit Room(const plane::Region& region) : walls_(plane::grown(region, 2)) {}
    /// Between two places within it: always as far on as the nearest wall is away.
    bool reaches(Vector a, Vector b) const {
        constexpr int most = 400;
        const double length = plane::length(b - a);
        double gone = 0;
        for (int i = 0; i < most && gone < length; ++i) {
            const double far = walls_.distanceTo(unit * (a + (gone / length) * (b - a)), length * unit + 1);
            if (far < 1)
                return false; // on a wall
            gone += far / unit;
        }
        return gone >= length;
    }

  private:
    plane::BoundaryIndex walls_;
};

/// What the ways leave: of stripes so thin that nobody would see them nothing is told.
plane::Region leftBy(const plane::Region& region, const std::vector<plane::Line>& ways, double reach) {
    const plane::Region swept = plane::stroked(ways, 2 * reach * unit, plane::Ends::round);
    return plane::without(region, swept);
}

} // namespace

void addClearing(std::vector<Chain>& chains, const Clearing& clearing) {
    std::vector<plane::Region> insets;
    plane::Region inner = clearing.region;
    constexpr int most = 20000;
    for (int i = 0; !inner.empty() && i < most; ++i) {
        insets.push_back(inner);
        inner = plane::grown(clearing.region, -(i + 1) * clearing.stepover * unit);
    }
    std::vector<plane::Line> ways;
    for (const plane::Region& inset : insets)
        for (const plane::Ring& ring : inset.rings) {
            ways.push_back(ring);
            ways.back().push_back(ring.front());
        }
    // Corners between ways farther apart than the tool is wide
    plane::Region left = leftBy(clearing.region, ways, clearing.reach);
    constexpr double speck = 1e-4; // mm²
    for (const plane::Region& piece : plane::parts(left))
        if (plane::areaOf(piece) > speck * unit * unit)
            for (const plane::Ring& ring : piece.rings)
                if (plane::areaOf(ring) > 0)
                    chains.push_back(wayAlong(ring, clearing));
    for (size_t i = insets.size(); i-- > 0;)
        for (const plane::Ring& ring : insets[i].rings)
            chains.push_back(wayAlong(ring, clearing));
}

std::vector<Chain> inOneGo(std::vector<Chain> ways, const Clearing& clearing, Vector from,
                           const std::function<Chain(const Chain&)>& entered) {
    putInOrder(ways, from, false);
    const Room room(clearing.region);
    const double near = 2 * clearing.stepover;
    std::vector<Chain> whole;
    for (Chain& way : ways) {
        if (way.closed && way.points.size() > 2) {  // it begins where it is nearest
            const auto last = way.points.end() - 1; // the first once more
            const auto nearest =
                std::ranges::min_element(way.points.begin(), last, {}, [&](const space::Vertex& p) {
                    return plane::length(planOf(p) - from);
                });
            std::rotate(way.points.begin(), nearest, last);
            way.points.back() = way.points.front();
        }
        const Vector to = planOf(way.points.front());
        const bool goesOn = !whole.empty() && plane::length(to - from) <= near && room.reaches(from, to);
        from = planOf(way.points.back());
        if (!goesOn) {
            whole.push_back(entered(way));
            continue;
        }
        Chain& chain = whole.back();
        chain.closed = false;
        chain.points.insert(chain.points.end(), way.points.begin(), way.points.end());
    }
    return whole;
}

void addRaster(std::vector<Chain>& chains, const Clearing& clearing) {
    const plane::Box box = plane::boxOf(clearing.region);
    if (box.empty())
        return;
    const plane::Vector low = inMm(box.low), high = inMm(box.high);
    const int rows = std::max(1, int(std::ceil((high.y - low.y) / clearing.stepover)));
    struct Way {
        double y, from, to;
    };
    std::vector<std::vector<Way>> ways(static_cast<size_t>(rows));
    for (int row = 0; row < rows; ++row) {
        const double y = low.y + (high.y - low.y) * (row + 0.5) / rows;
        std::vector<double> walls;
        for (const plane::Ring& ring : clearing.region.rings)
            for (size_t i = 0; i < ring.size(); ++i) {
                const Vector a = inMm(ring[i]), b = inMm(ring[(i + 1) % ring.size()]);
                if ((a.y <= y) != (b.y <= y))
                    walls.push_back(a.x + (y - a.y) * (b.x - a.x) / (b.y - a.y));
            }
        std::ranges::sort(walls);
        for (size_t i = 0; i + 1 < walls.size(); i += 2)
            ways[size_t(row)].push_back({y, walls[i], walls[i + 1]});
    }
    const Room room(clearing.region);
    std::vector<std::vector<bool>> done;
    for (const auto& row : ways)
        done.emplace_back(row.size());
    for (size_t first = 0; first < ways.size(); ++first)
        for (size_t start = 0; start < ways[first].size(); ++start) {
            if (done[first][start])
                continue;
            Chain chain;
            chain.shape = clearing.shape;
            bool forward = true;
            std::optional<size_t> way = start;
            for (size_t row = first; way; forward = !forward) {
                const Way& here = ways[row][*way];
                done[row][*way] = true;
                chain.points.push_back(at({forward ? here.from : here.to, here.y}, clearing.z));
                chain.points.push_back(at({forward ? here.to : here.from, here.y}, clearing.z));
                way.reset();
                if (++row == ways.size())
                    break;
                for (size_t next = 0; next < ways[row].size() && !way; ++next) {
                    const Way& there = ways[row][next];
                    if (!done[row][next] &&
                        room.reaches(planOf(chain.points.back()), {forward ? there.to : there.from, there.y}))
                        way = next;
                }
            }
            chains.push_back(std::move(chain));
        }
    for (const plane::Ring& ring : clearing.region.rings)
        chains.push_back(wayAlong(ring, clearing));
}

} // namespace bollard::cut
