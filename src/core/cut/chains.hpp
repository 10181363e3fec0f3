// What operations share. For the sources of this folder only.
#pragma once
#include "cut/toolpath.hpp"
#include <cmath>

namespace bollard::cut {

constexpr double unit = plane::unitsPerMillimetre;

inline plane::Vector inMm(plane::Point p) {
    return {plane::toMillimetres(p.x), plane::toMillimetres(p.y)};
}
inline space::Vertex at(plane::Vector mm, double z) {
    return {mm.x, mm.y, z};
}
inline plane::Vector planOf(const space::Vertex& v) {
    return {v.x, v.y};
}
/// A ring as a closed chain at that height, from one of its points on.
inline Chain loopAt(const plane::Ring& ring, double z, size_t from = 0) {
    Chain chain;
    chain.closed = true;
    for (size_t i = 0; i <= ring.size(); ++i)
        chain.points.push_back(at(inMm(ring[(from + i) % ring.size()]), z));
    return chain;
}

/// Edges of lines, each once however often they are drawn, as few chains that go on as straight as they can.
std::vector<std::vector<plane::Vector>> strokesOf(const std::vector<plane::Line>& lines);

} // namespace bollard::cut
