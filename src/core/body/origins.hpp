// Where the vertices and triangles of a mesh come from.
#pragma once
#include <cstdint>
#include <utility>
#include <vector>

namespace bollard::body {

/// An edge between two numbered points, whichever way.
inline std::int64_t edgeKey(int a, int b) {
    return (std::int64_t(a < b ? a : b) << 32) | std::int64_t(a < b ? b : a);
}

/// A height over a point of a part's plan.
struct Origin {
    int part = 0;
    int point = 0;
    std::int32_t height = 0;
};

struct Origins {
    /// A triangle of a wall over the edge from a to b of a part's plan, or of a cap.
    struct Of {
        int part = 0;
        int a = -1, b = -1;
        int level = -1;          ///< of a cap; -1: of the flat back
        std::int32_t height = 0; ///< of a cap that does not slope
        bool wall() const { return a >= 0; }
    };
    std::vector<Of> triangles{};
    std::vector<std::pair<int, Origin>> vertices{}; ///< by vertex; those that parts share have several
};

} // namespace bollard::body
