// Along lines at a depth.
#include "cut/chains.hpp"
#include "plane/noding.hpp"
#include <map>

namespace bollard::cut {

namespace {

struct Way {
    int to;
    size_t edge;
};

double turnAt(plane::Vector before, plane::Vector here, plane::Vector after) {
    const plane::Vector a = here - before, b = after - here;
    return std::fabs(std::atan2(plane::cross(a, b), plane::dot(a, b)));
}

} // namespace

std::vector<std::vector<plane::Vector>> strokesOf(const std::vector<plane::Line>& lines) {
    // Layers of two drawings of one edge cancel each other out; what is drawn twice is left out before.
    std::vector<plane::LooseEdge> loose;
    std::map<std::pair<plane::Point, plane::Point>, bool> drawn;
    std::vector<std::vector<plane::Vector>> strokes;
    for (const plane::Line& line : lines) {
        for (size_t i = 0; i + 1 < line.size(); ++i)
            if (line[i] != line[i + 1] && drawn.emplace(std::minmax(line[i], line[i + 1]), true).second)
                loose.push_back({line[i], line[i + 1], plane::noLayer, true});
        if (line.size() == 1)
            strokes.push_back({inMm(line.front())}); // a dot
    }
    plane::LayerSets sets;
    const plane::EdgeGraph graph = plane::noded(plane::EdgeGraph(loose, sets), sets).first;
    const auto& points = graph.points();
    std::vector<std::vector<Way>> ways(points.size());
    for (size_t i = 0; i < graph.edges().size(); ++i) {
        const auto& edge = graph.edges()[i];
        ways[size_t(edge.low)].push_back({edge.high, i});
        ways[size_t(edge.high)].push_back({edge.low, i});
    }
    std::vector<bool> done(graph.edges().size());
    const auto follow = [&](int start) {
        std::vector<plane::Vector> stroke{inMm(points[size_t(start)])};
        for (int here = start;;) {
            const Way* best = nullptr;
            double least = 1e9;
            for (const Way& way : ways[size_t(here)]) {
                if (done[way.edge])
                    continue;
                const double turn = stroke.size() < 2 ? 0
                                                      : turnAt(stroke[stroke.size() - 2], stroke.back(),
                                                               inMm(points[size_t(way.to)]));
                if (turn < least) {
                    least = turn;
                    best = &way;
                }
            }
            if (!best)
                break;
            done[best->edge] = true;
            here = best->to;
            stroke.push_back(inMm(points[size_t(here)]));
        }
        if (stroke.size() > 1)
            strokes.push_back(std::move(stroke));
    };
    // From ends first, then from crossings of an odd number, then what is left: rings.
    for (const bool ends : {true, false})
        for (size_t p = 0; p < points.size(); ++p)
            if (ends ? ways[p].size() == 1 : ways[p].size() % 2 == 1)
                follow(int(p));
    for (size_t p = 0; p < points.size(); ++p)
        while (std::ranges::any_of(ways[p], [&](const Way& way) { return !done[way.edge]; }))
            follow(int(p));
    return strokes;
}

std::vector<Chain> scribe(const Job& job) {
    std::vector<Chain> chains;
    for (size_t s = 0; s < job.shapes.size() && !job.stop.stop_requested(); ++s)
        for (const std::vector<plane::Vector>& stroke : strokesOf(job.shapes[s].lines)) {
            Chain chain;
            chain.shape = int(s);
            chain.closed = stroke.size() > 2 && stroke.front() == stroke.back();
            bool forward = true;
            for (const double z : passesTo(job.stock.high.z, -job.shapes[s].depth, job.operation.pass)) {
                for (size_t i = 0; i < stroke.size(); ++i)
                    chain.points.push_back(at(stroke[forward ? i : stroke.size() - 1 - i], z));
                forward = chain.closed || !forward;
            }
            chains.push_back(std::move(chain));
        }
    return chains;
}

std::vector<double> passesTo(double top, double bottom, double pass) {
    const int count = pass > 0 ? std::max(1, int(std::ceil((top - bottom) / pass - 1e-6))) : 1;
    std::vector<double> depths;
    for (int i = 1; i <= count; ++i)
        depths.push_back(i == count ? bottom : top - pass * i);
    return depths;
}

} // namespace bollard::cut
