#include "plane/filling.hpp"
#include "plane/near_boxes.hpp"
#include "quantity/groups.hpp"
#include <algorithm>
#include <map>

namespace bollard::plane {
namespace {

struct Side {
    Point from, to;
    int ring;
};

/// Anything in common, corners included.
bool meet(const Side& a, const Side& b) {
    const auto sign = [](auto v) { return v > 0 ? 1 : v < 0 ? -1 : 0; };
    const int p = sign(turn(a.from, a.to, b.from)), q = sign(turn(a.from, a.to, b.to));
    const int r = sign(turn(b.from, b.to, a.from)), s = sign(turn(b.from, b.to, a.to));
    return p * q <= 0 && r * s <= 0; // their boxes meet already
}

/// The rings in groups that meet, and which rings meet themselves.
class Contacts {
  public:
    explicit Contacts(const std::vector<Ring>& rings) : groups_(rings.size()), self_(rings.size()) {
        std::vector<Side> sides;
        std::vector<Box> boxes;
        for (size_t r = 0; r < rings.size(); ++r)
            for (size_t i = 0; i < rings[r].size(); ++i) {
                sides.push_back({rings[r][i], rings[r][(i + 1) % rings[r].size()], int(r)});
                boxes.emplace_back();
                boxes.back().include(sides.back().from);
                boxes.back().include(sides.back().to);
            }
        for (const auto& [i, j] : nearBoxes(boxes)) {
            const Side &a = sides[size_t(i)], &b = sides[size_t(j)];
            if (!meet(a, b))
                continue;
            if (a.ring != b.ring) {
                groups_.join(size_t(a.ring), size_t(b.ring));
                continue;
            }
            // Neighbours share a corner; more than that only when one runs back over the other.
            const bool shared = a.to == b.from || b.to == a.from;
            const Point corner = a.to == b.from ? a.to : a.from;
            const Point before = a.to == b.from ? a.from : b.from, after = a.to == b.from ? b.to : a.to;
            const bool back = turn(before, corner, after) == 0 && dot(vectorOf(before) - vectorOf(corner),
                                                                      vectorOf(after) - vectorOf(corner)) > 0;
            if (!shared || back)
                self_[size_t(a.ring)] = true;
        }
    }
    int of(int ring) { return int(groups_.of(size_t(ring))); }
    bool meetsItself(int ring) const { return self_[size_t(ring)]; }

  private:
    quantity::Groups groups_;
    std::vector<bool> self_;
};

/// How often the ring winds round the point, counter-clockwise; the point lies on no side of it.
int windingOf(const Ring& ring, Point p) {
    int winding = 0;
    for (size_t i = 0, j = ring.size() - 1; i < ring.size(); j = i++) {
        const Point a = ring[j], b = ring[i];
        if (a.y <= p.y && b.y > p.y && turn(a, b, p) > 0)
            ++winding;
        else if (a.y > p.y && b.y <= p.y && turn(a, b, p) < 0)
            --winding;
    }
    return winding;
}

Ring boxAround(Box box) {
    constexpr std::int32_t room = 1000;
    const Point low{box.low.x - room, box.low.y - room}, high{box.high.x + room, box.high.y + room};
    return {low, {high.x, low.y}, high, {low.x, high.y}};
}

} // namespace

Region filledApart(const std::vector<Ring>& rings,
                   const std::function<Region(const std::vector<Ring>&)>& unite) {
    Contacts contacts(rings);
    std::map<int, std::vector<int>> groups;
    std::vector<Box> boxes;
    for (size_t r = 0; r < rings.size(); ++r) {
        boxes.push_back(boxOf(rings[r]));
        if (rings[r].size() >= 3)
            groups[contacts.of(int(r))].push_back(int(r));
    }
    // The first point of a group's first ring stands for all of the group: nothing else passes it.
    std::map<int, int> around;
    const auto windsRound = [&](int outer, int group) {
        const Point p = rings[size_t(group)].front();
        const Box& box = boxes[size_t(outer)];
        if (contacts.of(outer) != group && box.low.x <= p.x && p.x <= box.high.x && box.low.y <= p.y &&
            p.y <= box.high.y)
            around[group] += windingOf(rings[size_t(outer)], p);
    };
    for (const auto& [i, j] : nearBoxes(boxes)) {
        if (groups.contains(j))
            windsRound(i, j);
        if (groups.contains(i))
            windsRound(j, i);
    }
    Region result;
    for (const auto& [group, members] : groups) {
        const int outside = around[group];
        if (members.size() == 1 && !contacts.meetsItself(members.front())) {
            Ring ring = rings[size_t(members.front())];
            const bool left = areaOf(ring) > 0;
            const int inside = outside + (left ? 1 : -1);
            if ((outside == 0) == (inside == 0))
                continue;
            if (left != (outside == 0))
                std::ranges::reverse(ring);
            result.rings.push_back(std::move(ring));
            continue;
        }
        std::vector<Ring> together;
        Box box;
        for (const int member : members) {
            together.push_back(rings[size_t(member)]);
            box.include(boxes[size_t(member)]);
        }
        // What winds round all of them does so here too; its ring is taken off again.
        Ring frame = boxAround(box);
        if (outside < 0)
            std::ranges::reverse(frame);
        together.insert(together.end(), size_t(std::abs(outside)), frame);
        Region filled = unite(together);
        if (outside != 0)
            std::erase_if(filled.rings, [&](const Ring& ring) { return boxOf(ring) == boxOf(frame); });
        std::ranges::move(filled.rings, std::back_inserter(result.rings));
    }
    return result;
}

} // namespace bollard::plane
