#include "plane/noding.hpp"
#include "plane/near_boxes.hpp"
#include "plane/segment.hpp"
#include <optional>

namespace bollard::plane {
namespace {

struct OpenEdge {
    LayerSet layers;
    bool crease;
    Point from, to;
    std::vector<Point> splits{};
};

std::optional<Point> crossing(const OpenEdge& a, const OpenEdge& b) {
    const auto p = turn(a.from, a.to, b.from), q = turn(a.from, a.to, b.to);
    const auto r = turn(b.from, b.to, a.from), s = turn(b.from, b.to, a.to);
    const bool proper = ((p > 0 && q < 0) || (p < 0 && q > 0)) && ((r > 0 && s < 0) || (r < 0 && s > 0));
    if (!proper)
        return std::nullopt;
    const double t = double(r) / (double(r) - double(s));
    const Vector at = vectorOf(a.from) + t * vectorOf(a.to - a.from);
    return onGrid(at);
}

bool splitPair(OpenEdge& a, OpenEdge& b) {
    const size_t before = a.splits.size() + b.splits.size();
    if (const std::optional<Point> p = crossing(a, b)) {
        if (*p != a.from && *p != a.to)
            a.splits.push_back(*p);
        if (*p != b.from && *p != b.to)
            b.splits.push_back(*p);
    }
    for (const Point p : {b.from, b.to})
        if (strictlyWithin(a.from, a.to, p))
            a.splits.push_back(p);
    for (const Point p : {a.from, a.to})
        if (strictlyWithin(b.from, b.to, p))
            b.splits.push_back(p);
    return a.splits.size() + b.splits.size() > before;
}

bool splitAll(std::vector<OpenEdge>& edges, const std::stop_token& stop) {
    std::vector<Box> boxes(edges.size());
    for (size_t i = 0; i < edges.size(); ++i) {
        boxes[i].include(edges[i].from);
        boxes[i].include(edges[i].to);
    }
    if (stop.stop_requested())
        return false;
    bool any = false;
    for (const auto& [i, j] : nearBoxes(boxes))
        any |= splitPair(edges[size_t(i)], edges[size_t(j)]);
    return any;
}

std::vector<LooseEdge> pieces(std::vector<OpenEdge>& edges) {
    std::vector<LooseEdge> result;
    for (OpenEdge& edge : edges) {
        const Vector start = vectorOf(edge.from), along = vectorOf(edge.to - edge.from);
        std::ranges::sort(edge.splits, {}, [&](Point p) { return dot(vectorOf(p) - start, along); });
        edge.splits.push_back(edge.to);
        Point last = edge.from;
        for (const Point p : edge.splits) {
            result.push_back({last, p, edge.layers, edge.crease});
            last = p;
        }
    }
    return result;
}

size_t hashOf(Point p) {
    const std::uint64_t key = std::uint64_t(std::uint32_t(p.x)) << 32 | std::uint32_t(p.y);
    return size_t((key ^ key >> 29) * 0x9E3779B97F4A7C15u >> 20);
}

} // namespace

EdgeGraph::EdgeGraph(std::span<const LooseEdge> edges, LayerSets& sets) {
    size_t size = 16;
    while (size <= edges.size() * 4)
        size *= 2;
    slots_.assign(size, -1);
    points_.reserve(edges.size());
    std::vector<GraphEdge> given;
    given.reserve(edges.size());
    for (const LooseEdge& edge : edges) {
        const auto [low, high] = std::minmax({indexOf(edge.from), indexOf(edge.to)});
        if (low != high)
            given.push_back({low, high, edge.layers, edge.crease});
    }
    std::ranges::sort(given, {},
                      [](const GraphEdge& e) { return std::uint64_t(e.low) << 32 | std::uint64_t(e.high); });
    for (const GraphEdge& edge : given) {
        const bool again =
            !edges_.empty() && edges_.back().low == edge.low && edges_.back().high == edge.high;
        if (again) {
            edges_.back().layers = sets.difference(edges_.back().layers, edge.layers);
            edges_.back().crease |= edge.crease;
        } else {
            edges_.push_back(edge);
        }
    }
    std::erase_if(edges_, [](const GraphEdge& e) { return e.layers == noLayer && !e.crease; });
    firstEdge_.assign(points_.size() + 1, 0);
    for (const GraphEdge& edge : edges_)
        ++firstEdge_[size_t(edge.low) + 1];
    for (size_t i = 1; i < firstEdge_.size(); ++i)
        firstEdge_[i] += firstEdge_[i - 1];
}

int EdgeGraph::indexOf(Point p) {
    // At most two points an edge, and four slots: a free one is always found.
    for (size_t slot = hashOf(p) & (slots_.size() - 1);; slot = (slot + 1) & (slots_.size() - 1)) {
        int& number = slots_[slot];
        if (number < 0) {
            number = int(points_.size());
            points_.push_back(p);
            return number;
        }
        if (points_[size_t(number)] == p)
            return number;
    }
}

const GraphEdge* EdgeGraph::between(int a, int b) const {
    const auto [low, high] = std::minmax(a, b);
    for (int e = firstEdge_[size_t(low)]; e < firstEdge_[size_t(low) + 1]; ++e)
        if (edges_[size_t(e)].high == high)
            return &edges_[size_t(e)];
    return nullptr;
}

std::pair<EdgeGraph, bool> noded(const EdgeGraph& graph, LayerSets& sets, const std::stop_token& stop) {
    constexpr int rounds = 8;
    EdgeGraph current = graph;
    for (int round = 0; round < rounds; ++round) {
        std::vector<OpenEdge> edges;
        edges.reserve(current.edges().size());
        for (const GraphEdge& edge : current.edges())
            edges.push_back({edge.layers, edge.crease, current.points()[size_t(edge.low)],
                             current.points()[size_t(edge.high)]});
        const bool split = splitAll(edges, stop);
        if (stop.stop_requested())
            break;
        if (!split)
            return {std::move(current), true};
        current = EdgeGraph(pieces(edges), sets);
    }
    return {std::move(current), false};
}

} // namespace bollard::plane
