#include "plane/noding.hpp"
#include "plane/near_boxes.hpp"
#include "plane/point_hash.hpp"
#include "plane/segment.hpp"
#include <optional>

namespace bollard::plane {
namespace {

struct OpenEdge {
    LooseEdge edge;
    std::vector<Point> splits{};
};

std::optional<Point> crossing(const LooseEdge& a, const LooseEdge& b) {
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
    const auto split = [](OpenEdge& open, Point p) {
        if (p != open.edge.from && p != open.edge.to)
            open.splits.push_back(p);
    };
    if (const std::optional<Point> p = crossing(a.edge, b.edge)) {
        split(a, *p);
        split(b, *p);
    }
    for (const auto& [open, other] : {std::pair{&a, &b}, std::pair{&b, &a}})
        for (const Point p : {other->edge.from, other->edge.to})
            if (strictlyWithin(open->edge.from, open->edge.to, p))
                open->splits.push_back(p);
    return a.splits.size() + b.splits.size() > before;
}

/// `looked`: counts the pairs that were looked at.
bool splitAll(std::vector<OpenEdge>& edges, size_t& looked, const std::stop_token& stop) {
    std::vector<Box> boxes(edges.size());
    for (size_t i = 0; i < edges.size(); ++i) {
        boxes[i].include(edges[i].edge.from);
        boxes[i].include(edges[i].edge.to);
    }
    if (stop.stop_requested())
        return false;
    bool any = false;
    const auto pairs = nearBoxes(boxes);
    looked += pairs.size();
    for (const auto& [i, j] : pairs)
        any |= splitPair(edges[size_t(i)], edges[size_t(j)]);
    return any;
}

} // namespace

void addPieces(std::vector<LooseEdge>& pieces, const LooseEdge& edge, std::vector<Point> splits) {
    const Vector start = vectorOf(edge.from), along = vectorOf(edge.to - edge.from);
    std::ranges::sort(splits, {}, [&](Point p) { return dot(vectorOf(p) - start, along); });
    splits.push_back(edge.to);
    Point last = edge.from;
    for (const Point p : splits) {
        pieces.push_back({last, p, edge.layers, edge.crease});
        last = p;
    }
}

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
    for (size_t slot = PointHash{}(p) & (slots_.size() - 1);; slot = (slot + 1) & (slots_.size() - 1)) {
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
    // Edges that lie over each other by the million do not settle, and each round would cost as much again.
    constexpr size_t mostPairs = 30'000'000;
    size_t looked = 0;
    EdgeGraph current = graph;
    for (int round = 0; round < rounds && looked < mostPairs; ++round) {
        std::vector<OpenEdge> edges;
        edges.reserve(current.edges().size());
        for (const GraphEdge& edge : current.edges())
            edges.push_back({{current.points()[size_t(edge.low)], current.points()[size_t(edge.high)],
                              edge.layers, edge.crease}});
        const bool split = splitAll(edges, looked, stop);
        if (stop.stop_requested())
            break;
        if (!split)
            return {std::move(current), true};
        std::vector<LooseEdge> pieces;
        for (OpenEdge& edge : edges)
            addPieces(pieces, edge.edge, std::move(edge.splits));
        current = EdgeGraph(pieces, sets);
    }
    return {std::move(current), false};
}

} // namespace bollard::plane
