#include "body/section.hpp"
#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace bollard::body {

Section sectionOf(const Mesh& mesh, plane::Vector from, plane::Vector to) {
    Section section;
    const plane::Vector way = to - from;
    const double length = plane::length(way);
    if (!(length > 0))
        return section;
    const plane::Vector u = (1 / length) * way, v{-u.y, u.x};
    std::vector<double> off(mesh.vertices.size());
    for (size_t i = 0; i < off.size(); ++i)
        off[i] = plane::dot(plane::Vector{mesh.vertices[i].x, mesh.vertices[i].y} - from, v);
    // An edge is cut where its ends lie on different sides; what lies in the plane counts as before it. Both
    // triangles of an edge find the same point, so the pieces close by themselves.
    using Edge = std::pair<int, int>;
    const auto pointOn = [&](Edge edge) {
        const Vertex &a = mesh.vertices[size_t(edge.first)], &b = mesh.vertices[size_t(edge.second)];
        const double t = off[size_t(edge.first)] / (off[size_t(edge.first)] - off[size_t(edge.second)]);
        const plane::Vector at{a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)};
        return SectionPoint{plane::dot(at - from, u), a.z + t * (b.z - a.z)};
    };
    std::multimap<Edge, Edge> next;
    for (const auto& corners : mesh.triangles) {
        Edge in{-1, -1}, out{-1, -1};
        for (size_t k = 0; k < 3; ++k) {
            const int a = corners[k], b = corners[(k + 1) % 3];
            const bool before = off[size_t(a)] >= 0, after = off[size_t(b)] >= 0;
            if (before && !after)
                in = std::minmax(a, b);
            else if (!before && after)
                out = std::minmax(a, b);
        }
        if (in.first >= 0 && out.first >= 0)
            next.emplace(in, out);
    }
    std::set<double> levels;
    while (!next.empty()) {
        std::vector<SectionPoint> loop;
        const Edge start = next.begin()->first;
        for (Edge at = start;;) {
            const auto step = next.find(at);
            if (step == next.end())
                break;
            loop.push_back(pointOn(at));
            at = step->second;
            next.erase(step);
            if (at == start)
                break;
        }
        for (size_t i = 0; i < loop.size(); ++i) {
            const SectionPoint &a = loop[i], &b = loop[(i + 1) % loop.size()];
            constexpr double level = 1e-6, stretch = 0.05; // mm
            if (std::fabs(a.z - b.z) < level && std::fabs(a.along - b.along) > stretch)
                levels.insert(std::round(a.z * 1e4) / 1e4);
        }
        section.loops.push_back(std::move(loop));
    }
    section.levels.assign(levels.begin(), levels.end());
    return section;
}

Section turnedOver(Section section, double thickness_mm) {
    for (std::vector<SectionPoint>& loop : section.loops)
        for (SectionPoint& point : loop)
            point.z = -thickness_mm - point.z;
    for (double& level : section.levels)
        level = -thickness_mm - level;
    std::ranges::reverse(section.levels);
    return section;
}

} // namespace bollard::body
