// Points in space, mm. x to the right, y up, z towards whoever looks at the front.
#pragma once
#include <cmath>

namespace bollard::space {

struct Vertex {
    double x = 0;
    double y = 0;
    double z = 0;
    bool operator==(const Vertex&) const = default;
};

inline Vertex operator+(const Vertex& a, const Vertex& b) {
    return {a.x + b.x, a.y + b.y, a.z + b.z};
}
inline Vertex operator-(const Vertex& a, const Vertex& b) {
    return {a.x - b.x, a.y - b.y, a.z - b.z};
}
inline Vertex operator*(double k, const Vertex& a) {
    return {k * a.x, k * a.y, k * a.z};
}
inline double dot(const Vertex& a, const Vertex& b) {
    return a.x * b.x + a.y * b.y + a.z * b.z;
}
inline Vertex cross(const Vertex& a, const Vertex& b) {
    return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
}
inline double length(const Vertex& a) {
    return std::sqrt(dot(a, a));
}

} // namespace bollard::space
