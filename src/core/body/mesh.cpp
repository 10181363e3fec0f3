#include "body/mesh.hpp"
#include <map>
#include <unordered_map>

namespace bollard::body {
namespace {

using plane::Point, plane::Subdivision, plane::Triangle;
using working::Columns, working::Interval, working::Substance;

/// A set of ranks into the list of all heights of the part.
class HeightSet {
  public:
    static constexpr size_t most = 256;
    void add(size_t rank) { words_[rank / 64] |= std::uint64_t{1} << (rank % 64); }
    bool has(size_t rank) const { return words_[rank / 64] >> (rank % 64) & 1; }
    HeightSet& operator|=(const HeightSet& other) {
        for (size_t i = 0; i < words_.size(); ++i)
            words_[i] |= other.words_[i];
        return *this;
    }
    int below(size_t rank) const {
        int count = 0;
        for (size_t i = 0; i < rank / 64; ++i)
            count += bitsIn(words_[i]);
        const std::uint64_t rest = (std::uint64_t{1} << (rank % 64)) - 1;
        return count + bitsIn(words_[rank / 64] & rest);
    }
    int size() const { return below(most - 1) + (has(most - 1) ? 1 : 0); }

  private:
    /// Few bits are set at any point: faster than std::popcount, which is a call on plain x86-64.
    static int bitsIn(std::uint64_t word) {
        int count = 0;
        for (; word; word &= word - 1)
            ++count;
        return count;
    }
    std::array<std::uint64_t, most / 64> words_{};
};

/// Chosen material of a cell in ranks. `joins` tells that the one above continues without a surface between.
struct Span {
    size_t low, high;
    Substance substance;
    bool joinsBelow, joinsAbove;
};

class Extraction {
  public:
    Extraction(const Columns& columns, Selection selection, const std::stop_token& stop)
        : columns_(columns), plan_(columns.plan), stop_(stop) {
        rankHeights();
        for (const auto& material : columns.material)
            spans_.push_back(spansOf(material, selection));
        findBack();
        numberVertices();
    }

    Mesh mesh() && {
        mesh_.triangles.reserve(plan_.triangles.size() * 3);
        mesh_.substances.reserve(plan_.triangles.size() * 3);
        const bool backDone = addFlatBack();
        for (const Triangle& triangle : plan_.triangles) {
            if (stop_.stop_requested())
                break;
            addCaps(triangle, backDone);
            for (int k = 0; k < 3; ++k)
                addWalls(triangle, k);
        }
        dropUnused();
        return std::move(mesh_);
    }

  private:
    void rankHeights() {
        for (const auto& material : columns_.material)
            for (const Interval& interval : material)
                heights_.insert(heights_.end(), {interval.low, interval.high});
        std::ranges::sort(heights_);
        heights_.erase(std::unique(heights_.begin(), heights_.end()), heights_.end());
    }
    size_t rankOf(std::int32_t height) const {
        return size_t(std::ranges::lower_bound(heights_, height) - heights_.begin());
    }

    std::vector<Span> spansOf(const std::vector<Interval>& material, Selection selection) const {
        std::vector<Span> spans;
        for (const Interval& interval : material) {
            const bool wanted = selection == Selection::everything ||
                                (selection == Selection::blank) == (interval.substance == Substance::blank);
            if (!wanted)
                continue;
            Span span{rankOf(interval.low), rankOf(interval.high), interval.substance, false, false};
            if (!spans.empty() && spans.back().high == span.low)
                spans.back().joinsAbove = span.joinsBelow = true;
            spans.push_back(span);
        }
        return spans;
    }

    /// The cells whose lowest material is of the same substance as the first that rests on the back.
    void findBack() {
        const auto rests = [](const std::vector<Span>& spans) {
            return !spans.empty() && spans.front().low == 0;
        };
        const auto first = std::ranges::find_if(spans_, rests);
        if (first != spans_.end())
            backSubstance_ = first->front().substance;
        for (const auto& spans : spans_)
            reachesBack_.push_back(rests(spans) && spans.front().substance == backSubstance_);
    }

    void numberVertices() {
        std::vector<HeightSet> ofCell(spans_.size());
        for (size_t cell = 0; cell < spans_.size(); ++cell)
            for (const Span& span : spans_[cell]) {
                ofCell[cell].add(span.low);
                ofCell[cell].add(span.high);
            }
        levels_.resize(plan_.points.size());
        for (const Triangle& triangle : plan_.triangles)
            for (const int corner : triangle.corners)
                levels_[size_t(corner)] |= ofCell[size_t(triangle.cell)];
        firstVertex_.reserve(plan_.points.size());
        for (size_t p = 0; p < plan_.points.size(); ++p) {
            firstVertex_.push_back(int(mesh_.vertices.size()));
            const Point at = plan_.points[p];
            for (size_t rank = 0; rank < heights_.size(); ++rank)
                if (levels_[p].has(rank))
                    mesh_.vertices.push_back({plane::toMillimetres(at.x), plane::toMillimetres(at.y),
                                              plane::toMillimetres(heights_[rank])});
        }
    }
    int vertex(int point, size_t rank) const {
        return firstVertex_[size_t(point)] + levels_[size_t(point)].below(rank);
    }
    void add(int a, int b, int c, Substance substance) {
        mesh_.triangles.push_back({a, b, c});
        mesh_.substances.push_back(substance);
    }

    /// The back as one face, when most of its triangles only repeat the letters' corners. True when done.
    bool addFlatBack() {
        std::vector<plane::LayerEdge> edges;
        std::vector<std::pair<int, int>> ends;
        for (const Triangle& triangle : plan_.triangles) {
            if (!reachesBack_[size_t(triangle.cell)])
                continue;
            for (int k = 0; k < 3; ++k) {
                if (reachesBack_[size_t(plan_.cellAcross(triangle, k))])
                    continue;
                const int a = triangle.corners[size_t(k + 1) % 3], b = triangle.corners[size_t(k + 2) % 3];
                edges.push_back({plan_.points[size_t(a)], plan_.points[size_t(b)], 1});
                ends.emplace_back(a, b);
            }
        }
        if (edges.empty() || edges.size() * 3 > plan_.points.size())
            return false;
        const auto back = plane::subdivided(edges, stop_);
        if (!back)
            return false;
        std::map<Point, int> pointAt;
        for (size_t i = 0; i < edges.size(); ++i) {
            pointAt[edges[i].from] = ends[i].first;
            pointAt[edges[i].to] = ends[i].second;
        }
        if (back->points.size() != pointAt.size())
            return false;
        for (const Triangle& triangle : back->triangles) {
            if (!back->cells[size_t(triangle.cell)])
                continue;
            std::array<int, 3> corners{};
            for (size_t k = 0; k < 3; ++k)
                corners[k] = vertex(pointAt.at(back->points[size_t(triangle.corners[k])]), 0);
            add(corners[0], corners[2], corners[1], backSubstance_);
        }
        return true;
    }
    void addCaps(const Triangle& triangle, bool backDone) {
        for (const Span& span : spans_[size_t(triangle.cell)]) {
            std::array<int, 3> low{}, high{};
            for (size_t k = 0; k < 3; ++k) {
                low[k] = vertex(triangle.corners[k], span.low);
                high[k] = vertex(triangle.corners[k], span.high);
            }
            if (!span.joinsAbove)
                add(high[0], high[1], high[2], span.substance);
            const bool inBack = backDone && span.low == 0 && span.substance == backSubstance_;
            if (!span.joinsBelow && !inBack)
                add(low[0], low[2], low[1], span.substance);
        }
    }

    /// Walls of this triangle's material towards the emptier cell across corner k.
    void addWalls(const Triangle& triangle, int k) {
        const int across = plan_.cellAcross(triangle, k);
        if (across == triangle.cell)
            return;
        const int a = triangle.corners[size_t(k + 1) % 3], b = triangle.corners[size_t(k + 2) % 3];
        for (const Span& span : spans_[size_t(triangle.cell)]) {
            size_t from = span.low;
            for (const Span& other : spans_[size_t(across)]) {
                if (other.high <= from)
                    continue;
                if (other.low >= span.high)
                    break;
                if (other.low > from)
                    addStrip(a, b, from, other.low, span.substance);
                from = other.high;
            }
            if (from < span.high)
                addStrip(a, b, from, span.high, span.substance);
        }
    }

    /// The wall between two ranks, through every vertex on both upright ends, so that no T-junction is left.
    void addStrip(int a, int b, size_t low, size_t high, Substance substance) {
        int left = vertex(a, low), right = vertex(b, low);
        const int leftEnd = vertex(a, high), rightEnd = vertex(b, high);
        const auto height = [&](int v) { return mesh_.vertices[size_t(v)].z; };
        while (left < leftEnd || right < rightEnd) {
            const bool onLeft =
                right >= rightEnd || (left < leftEnd && height(left + 1) <= height(right + 1));
            if (onLeft) {
                add(left, right, left + 1, substance);
                ++left;
            } else {
                add(left, right, right + 1, substance);
                ++right;
            }
        }
    }

    void dropUnused() {
        constexpr int unused = -1;
        std::vector<int> renamed(mesh_.vertices.size(), unused);
        std::vector<Vertex> used;
        for (auto& triangle : mesh_.triangles)
            for (int& corner : triangle) {
                int& name = renamed[size_t(corner)];
                if (name == unused) {
                    name = int(used.size());
                    used.push_back(mesh_.vertices[size_t(corner)]);
                }
                corner = name;
            }
        mesh_.vertices = std::move(used);
    }

    const Columns& columns_;
    const Subdivision& plan_;
    const std::stop_token& stop_;
    std::vector<std::int32_t> heights_;
    std::vector<std::vector<Span>> spans_; ///< by cell
    std::vector<bool> reachesBack_;        ///< by cell
    Substance backSubstance_ = Substance::blank;
    std::vector<HeightSet> levels_; ///< by point
    std::vector<int> firstVertex_;  ///< by point
    Mesh mesh_;
};

Vertex difference(const Vertex& a, const Vertex& b) {
    return {a.x - b.x, a.y - b.y, a.z - b.z};
}
Vertex crossProduct(const Vertex& a, const Vertex& b) {
    return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
}

struct HalfEdge {
    std::uint64_t ends; ///< from in the high half
    int number;         ///< triangle * 3 + corner it starts at
};

std::uint64_t reversed(std::uint64_t ends) {
    return ends << 32 | ends >> 32;
}

/// Vertices whose triangles do not form one closed fan; `opposite` must be complete.
int countPinched(const Mesh& mesh, const std::vector<int>& opposite) {
    std::vector<int> valence(mesh.vertices.size(), 0), start(mesh.vertices.size(), -1);
    for (size_t h = 0; h < opposite.size(); ++h) {
        const auto v = size_t(mesh.triangles[h / 3][h % 3]);
        ++valence[v];
        start[v] = int(h);
    }
    int pinched = 0;
    for (size_t v = 0; v < start.size(); ++v) {
        if (start[v] < 0)
            continue;
        int fan = 0;
        for (int h = start[v];;) {
            ++fan;
            h = opposite[size_t(h / 3 * 3 + (h % 3 + 2) % 3)];
            if (h == start[v] || fan > valence[v])
                break;
        }
        pinched += fan != valence[v] ? 1 : 0;
    }
    return pinched;
}

} // namespace

Mesh meshOf(const Columns& columns, Selection selection, const std::stop_token& stop) {
    return Extraction(columns, selection, stop).mesh();
}

double volumeOf(const Mesh& mesh) {
    double sixfold = 0;
    if (mesh.empty())
        return 0;
    const Vertex origin = mesh.vertices.front();
    for (const auto& t : mesh.triangles) {
        const Vertex a = difference(mesh.vertices[size_t(t[0])], origin);
        const Vertex n = crossProduct(difference(mesh.vertices[size_t(t[1])], origin),
                                      difference(mesh.vertices[size_t(t[2])], origin));
        sixfold += a.x * n.x + a.y * n.y + a.z * n.z;
    }
    return sixfold / 6;
}

Extent extentOf(const Mesh& mesh) {
    if (mesh.vertices.empty())
        return {};
    Extent extent{mesh.vertices.front(), mesh.vertices.front()};
    for (const Vertex& v : mesh.vertices) {
        extent.low = {std::min(extent.low.x, v.x), std::min(extent.low.y, v.y), std::min(extent.low.z, v.z)};
        extent.high = {std::max(extent.high.x, v.x), std::max(extent.high.y, v.y),
                       std::max(extent.high.z, v.z)};
    }
    return extent;
}

MeshFaults faultsOf(const Mesh& mesh) {
    MeshFaults faults;
    std::vector<HalfEdge> edges;
    edges.reserve(mesh.triangles.size() * 3);
    std::vector<std::array<int, 3>> corners = mesh.triangles;
    for (size_t t = 0; t < mesh.triangles.size(); ++t) {
        const auto& c = mesh.triangles[t];
        const Vertex& a = mesh.vertices[size_t(c[0])];
        const Vertex n = crossProduct(difference(mesh.vertices[size_t(c[1])], a),
                                      difference(mesh.vertices[size_t(c[2])], a));
        if (n == Vertex{})
            ++faults.flatTriangles;
        std::ranges::sort(corners[t]);
        for (int k = 0; k < 3; ++k)
            edges.push_back(
                {std::uint64_t(std::uint32_t(c[size_t(k)])) << 32 | std::uint32_t(c[size_t(k + 1) % 3]),
                 int(t) * 3 + k});
    }
    std::ranges::sort(corners);
    for (size_t t = 1; t < corners.size(); ++t)
        faults.doubledTriangles += corners[t] == corners[t - 1] ? 1 : 0;

    std::ranges::sort(edges, {}, &HalfEdge::ends);
    std::vector<int> opposite(edges.size(), -1);
    for (size_t i = 0; i < edges.size();) {
        const auto like = [&](std::uint64_t ends) {
            return std::pair(std::ranges::lower_bound(edges, ends, {}, &HalfEdge::ends),
                             std::ranges::upper_bound(edges, ends, {}, &HalfEdge::ends));
        };
        const auto same = like(edges[i].ends), back = like(reversed(edges[i].ends));
        const auto count = size_t(same.second - same.first);
        if (back.first == back.second)
            ++faults.openEdges;
        else if (count > 1 || back.second - back.first > 1)
            ++faults.crowdedEdges;
        else
            opposite[size_t(edges[i].number)] = back.first->number;
        i += count;
    }
    if (faults.openEdges == 0 && faults.crowdedEdges == 0)
        faults.pinchedVertices = countPinched(mesh, opposite);
    return faults;
}

} // namespace bollard::body
