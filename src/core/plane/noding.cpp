#include "plane/noding.hpp"
#include <optional>

namespace bollard::plane {
namespace {

struct GraphEdge {
    std::uint64_t key;
    Point from, to;
    std::vector<Point> splits{};
};

bool strictlyWithin(const GraphEdge& edge, Point p) {
    if (p == edge.from || p == edge.to || turn(edge.from, edge.to, p) != 0)
        return false;
    return std::min(edge.from.x, edge.to.x) <= p.x && p.x <= std::max(edge.from.x, edge.to.x) &&
           std::min(edge.from.y, edge.to.y) <= p.y && p.y <= std::max(edge.from.y, edge.to.y);
}

std::optional<Point> crossing(const GraphEdge& a, const GraphEdge& b) {
    const auto p = turn(a.from, a.to, b.from), q = turn(a.from, a.to, b.to);
    const auto r = turn(b.from, b.to, a.from), s = turn(b.from, b.to, a.to);
    const bool proper = ((p > 0 && q < 0) || (p < 0 && q > 0)) && ((r > 0 && s < 0) || (r < 0 && s > 0));
    if (!proper)
        return std::nullopt;
    const double t = double(r) / (double(r) - double(s));
    const Vector at = vectorOf(a.from) + t * vectorOf(a.to - a.from);
    return Point{static_cast<std::int32_t>(std::lround(at.x)), static_cast<std::int32_t>(std::lround(at.y))};
}

bool splitPair(GraphEdge& a, GraphEdge& b) {
    const size_t before = a.splits.size() + b.splits.size();
    if (const std::optional<Point> p = crossing(a, b)) {
        if (*p != a.from && *p != a.to)
            a.splits.push_back(*p);
        if (*p != b.from && *p != b.to)
            b.splits.push_back(*p);
    }
    for (const Point p : {b.from, b.to})
        if (strictlyWithin(a, p))
            a.splits.push_back(p);
    for (const Point p : {a.from, a.to})
        if (strictlyWithin(b, p))
            b.splits.push_back(p);
    return a.splits.size() + b.splits.size() > before;
}

/// Finds all crossings by sweeping along x over edges sorted by their left end.
bool splitAll(std::vector<GraphEdge>& edges) {
    struct Span {
        std::int32_t left, right, low, high;
        size_t edge;
    };
    std::vector<Span> spans;
    for (size_t i = 0; i < edges.size(); ++i) {
        const auto [x0, x1] = std::minmax(edges[i].from.x, edges[i].to.x);
        const auto [y0, y1] = std::minmax(edges[i].from.y, edges[i].to.y);
        spans.push_back({x0, x1, y0, y1, i});
    }
    std::ranges::sort(spans, {}, &Span::left);
    std::vector<Span> open;
    bool any = false;
    for (const Span& span : spans) {
        std::erase_if(open, [&](const Span& other) { return other.right < span.left; });
        for (const Span& other : open)
            if (other.low <= span.high && span.low <= other.high)
                any |= splitPair(edges[span.edge], edges[other.edge]);
        open.push_back(span);
    }
    return any;
}

EdgeGraph rebuilt(std::vector<GraphEdge>& edges, const EdgeGraph& old) {
    EdgeGraph graph;
    for (GraphEdge& edge : edges) {
        const Vector start = vectorOf(edge.from), along = vectorOf(edge.to - edge.from);
        std::ranges::sort(edge.splits, {}, [&](Point p) { return dot(vectorOf(p) - start, along); });
        edge.splits.push_back(edge.to);
        const LayerSet layers = old.edges.at(edge.key);
        int last = graph.indexOf(edge.from);
        for (const Point p : edge.splits) {
            const int next = graph.indexOf(p);
            graph.toggle(last, next, layers);
            last = next;
        }
    }
    return graph;
}

} // namespace

std::uint64_t edgeKey(int a, int b) {
    const auto [low, high] = std::minmax(a, b);
    return std::uint64_t(std::uint32_t(low)) << 32 | std::uint32_t(high);
}

std::pair<int, int> edgeEnds(std::uint64_t key) {
    return {int(key >> 32), int(key & 0xFFFFFFFFu)};
}

int EdgeGraph::indexOf(Point p) {
    const std::uint64_t key = std::uint64_t(std::uint32_t(p.x)) << 32 | std::uint32_t(p.y);
    const auto [place, isNew] = index_.emplace(key, int(points.size()));
    if (isNew)
        points.push_back(p);
    return place->second;
}

void EdgeGraph::toggle(int a, int b, LayerSet layers) {
    if (a == b)
        return;
    const auto place = edges.emplace(edgeKey(a, b), LayerSet{}).first;
    place->second ^= layers;
    if (place->second == 0)
        edges.erase(place);
}

std::pair<EdgeGraph, bool> noded(EdgeGraph graph) {
    constexpr int rounds = 8;
    for (int round = 0; round < rounds; ++round) {
        std::vector<GraphEdge> edges;
        edges.reserve(graph.edges.size());
        for (const auto& [key, layers] : graph.edges) {
            const auto [a, b] = edgeEnds(key);
            edges.push_back({key, graph.points[size_t(a)], graph.points[size_t(b)]});
        }
        std::ranges::sort(edges, {}, &GraphEdge::key); // the same result whatever the hashing
        if (!splitAll(edges))
            return {std::move(graph), true};
        graph = rebuilt(edges, graph);
    }
    return {std::move(graph), false};
}

} // namespace bollard::plane
