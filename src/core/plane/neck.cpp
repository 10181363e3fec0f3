#include "plane/neck.hpp"
#include <algorithm>
#include <limits>

namespace bollard::plane {
namespace {

constexpr double growth = 0.05; // of the radius; what tapers less is a stroke, see widthsOf
constexpr double hair = 1e-6;   // of the radius: equal but for rounding

class Search {
  public:
    Search(const MedialAxis& axis, double leastGrowth)
        : axis_(axis), leastGrowth_(leastGrowth), at_(size_t(axis.nodes) * 2),
          radius_(size_t(axis.nodes) * 2, 0) {
        for (size_t i = 0; i < axis.edges.size(); ++i) {
            const MedialEdge& edge = axis.edges[i];
            for (const bool to : {false, true}) {
                at_[slot(edge, to)].push_back(i);
                radius_[slot(edge, to)] = to ? edge.radiusTo : edge.radiusFrom;
            }
        }
    }

    std::vector<Neck> find() {
        for (size_t i = 0; i < axis_.edges.size(); ++i) {
            const MedialEdge& edge = axis_.edges[i];
            const double ends = std::min(edge.radiusFrom, edge.radiusTo);
            const bool apex = edge.radiusLeast < ends * (1 - hair);
            const bool level = std::fabs(edge.radiusFrom - edge.radiusTo) <= hair * ends;
            if (!apex && !level)
                continue;
            const Vector at = apex ? edge.least : 0.5 * (edge.from + edge.to);
            note(at, edge.radiusLeast, edge.inside,
                 {{i, slot(edge, false), length(edge.from - at), 0, edge.radiusLeast},
                  {i, slot(edge, true), length(edge.to - at), 0, edge.radiusLeast}});
        }
        for (size_t node = 0; node < at_.size(); ++node)
            noteNode(node);
        return std::move(found_);
    }

  private:
    /// A way off a place: along an edge, or the rest of it, to one of its ends.
    struct Way {
        size_t edge;
        size_t to;
        double far;        ///< at that end
        double before = 0; ///< how far it began
        double radius = 0; ///< there
    };

    static size_t slot(const MedialEdge& edge, bool to) {
        return size_t(to ? edge.toNode : edge.fromNode) * 2 + (edge.inside ? 1 : 0);
    }

    /// Nodes from which no edge becomes narrower.
    void noteNode(size_t node) {
        const double radius = radius_[node];
        std::vector<Way> ways;
        for (const size_t i : at_[node]) {
            const MedialEdge& edge = axis_.edges[i];
            if (edge.radiusLeast < radius * (1 - hair))
                return;
            const bool forward = slot(edge, false) == node;
            ways.push_back({i, slot(edge, forward), length(edge.to - edge.from), 0, radius});
        }
        if (ways.size() < 2)
            return;
        const MedialEdge& edge = axis_.edges[ways.front().edge];
        note(slot(edge, false) == node ? edge.from : edge.to, radius, edge.inside, ways);
    }

    void note(Vector at, double radius, bool inside, const std::vector<Way>& ways) {
        if (!(radius > 1) || known(at, radius))
            return;
        // The two shortest ways out of what is narrow.
        double first = never, second = never;
        for (const Way& way : ways) {
            const double out = wayOut(way, radius);
            second = std::min(second, std::max(first, out));
            first = std::min(first, out);
        }
        if (first + second <= 2 * radius)
            found_.push_back({at, 2 * radius, inside});
    }

    /// The same stretch of parallel walls, found at another of its edges.
    bool known(Vector at, double radius) const {
        return std::ranges::any_of(found_, [&](const Neck& neck) {
            return std::fabs(neck.width - 2 * radius) <= 2 * hair * neck.width &&
                   length(neck.at - at) <= neck.width;
        });
    }

    /// How far it is to where the radius has grown, without passing what is narrower.
    double wayOut(const Way& first, double radius) const {
        const double wanted = radius + std::max(growth * radius, leastGrowth_), farthest = 2 * radius;
        double out = never;
        std::vector<Way> next{first};
        std::vector<std::pair<size_t, double>> seen; // nodes and how far they are
        while (!next.empty()) {
            const Way way = next.back();
            next.pop_back();
            const double reached = radius_[way.to];
            if (reached >= wanted) {
                const double share = way.radius < wanted ? (wanted - way.radius) / (reached - way.radius) : 0;
                out = std::min(out, way.before + share * (way.far - way.before));
                continue;
            }
            if (axis_.open[way.to / 2]) {
                out = std::min(out, way.far);
                continue;
            }
            const auto known = std::ranges::find(seen, way.to, &std::pair<size_t, double>::first);
            if (way.far > farthest || (known != seen.end() && known->second <= way.far))
                continue;
            if (known != seen.end())
                known->second = way.far;
            else
                seen.emplace_back(way.to, way.far);
            for (const size_t i : at_[way.to]) {
                const MedialEdge& edge = axis_.edges[i];
                if (i == way.edge || i == first.edge || edge.radiusLeast < radius * (1 - hair))
                    continue;
                const bool forward = slot(edge, false) == way.to;
                next.push_back(
                    {i, slot(edge, forward), way.far + length(edge.to - edge.from), way.far, reached});
            }
        }
        return out;
    }

    static constexpr double never = std::numeric_limits<double>::infinity();

    const MedialAxis& axis_;
    double leastGrowth_;
    std::vector<std::vector<size_t>> at_; // edges by node; inside and outside meet in corners: kept apart
    std::vector<double> radius_;
    std::vector<Neck> found_;
};

Box widened(Box box, double by) {
    const std::int32_t room = onGrid(std::ceil(by));
    const auto within = [](std::int64_t v) {
        return std::int32_t(std::clamp<std::int64_t>(v, -gridLimit, gridLimit));
    };
    box.low = {within(std::int64_t(box.low.x) - room), within(std::int64_t(box.low.y) - room)};
    box.high = {within(std::int64_t(box.high.x) + room), within(std::int64_t(box.high.y) + room)};
    return box;
}

bool holds(const Box& box, Vector at, double radius) {
    return at.x - radius >= box.low.x && at.y - radius >= box.low.y && at.x + radius <= box.high.x &&
           at.y + radius <= box.high.y;
}

} // namespace

std::vector<Neck> necksOf(const MedialAxis& axis, double leastGrowth) {
    return Search(axis, leastGrowth).find();
}

Box seenWhereShapesMeet(const Box& meeting, double across) {
    return widened(meeting, (1 + neckSees / 2) * across);
}

std::vector<Neck> necksWhereShapesMeet(std::span<const Region> shapes, const Box& meeting, double across,
                                       double leastGrowth) {
    const Box seen = seenWhereShapesMeet(meeting, across), near = widened(meeting, across);
    const Region window{{{seen.low, {seen.high.x, seen.low.y}, seen.high, {seen.low.x, seen.high.y}}}};
    std::vector<Region> parts;
    for (const Region& shape : shapes)
        if (boxOf(shape).meets(seen))
            parts.push_back(common(shape, window));
    std::vector<Neck> necks = necksOf(medialAxis(united(parts)), leastGrowth);
    std::erase_if(necks, [&](const Neck& neck) {
        return !neck.inside || neck.width > across || !holds(near, neck.at, 0) ||
               !holds(seen, neck.at, neckSees * neck.width / 2);
    });
    return necks;
}

} // namespace bollard::plane
