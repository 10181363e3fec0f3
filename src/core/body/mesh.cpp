#include "body/mesh.hpp"
#include <limits>
#include <map>

namespace bollard::body {
namespace {

using blank::Panel, space::Vertex;
using plane::Point, plane::Subdivision, plane::Triangle;
using working::Columns, working::Interval, working::Level, working::Substance;

/// Chosen material of a cell. `joins` tells that what comes next continues without a surface between.
struct Span {
    int low, high; // levels
    Substance substance;
    bool joinsBelow, joinsAbove;
};

/// Where heights over one point of the plan lie.
class Stand {
  public:
    Stand(const Panel& panel, Point p) : thickness_(plane::toUnits(panel.thickness)), wall_(panel.wall()) {
        front_ = panel.frontRay
                     ? panel.frontRay(p)
                     : blank::Ray{{plane::toMillimetres(p.x), plane::toMillimetres(p.y), 0}, {0, 0, 1}};
        separate_ = bool(panel.backRay);
        if (separate_)
            back_ = panel.backRay(p);
        if (const auto exact = panel.rim.find(p); exact != panel.rim.end())
            front_.foot = exact->second;
    }
    Vertex at(std::int32_t height) const {
        if (separate_ && wall_ && height < -thickness_ / 2)
            return back_.at(plane::toMillimetres(-double(height) - thickness_));
        return front_.at(plane::toMillimetres(height));
    }
    const Vertex& outwards() const { return front_.along; }

  private:
    blank::Ray front_{}, back_{};
    std::int32_t thickness_;
    bool wall_, separate_ = false;
};

/// Whether a neighbouring panel goes on across that corner of a triangle.
bool isRim(const Panel& panel, const Subdivision& plan, const Triangle& triangle, int corner) {
    return !panel.wall() && plan.inLayer(triangle.cell, 0) &&
           !plan.inLayer(plan.cellAcross(triangle, corner), 0);
}

/// The surface of one panel's columns, added to a mesh.
class Extraction {
  public:
    Extraction(const PanelColumns& part, Selection selection, Mesh& mesh,
               std::map<std::array<double, 3>, int>& rims, const std::stop_token& stop)
        : panel_(part.panel), columns_(part.columns), plan_(columns_.plan), mesh_(mesh), rims_(rims),
          stop_(stop) {
        for (const auto& material : columns_.material)
            spans_.push_back(spansOf(material, selection));
        numberVertices();
    }

    void add() {
        const bool backDone = !panel_.frontRay && findBack() && addFlatBack();
        for (const Triangle& triangle : plan_.triangles) {
            if (stop_.stop_requested())
                break;
            addCaps(triangle, backDone);
            for (int k = 0; k < 3; ++k)
                addWalls(triangle, k);
        }
    }

  private:
    const Level& level(int number) const { return columns_.levels[size_t(number)]; }
    /// The far end of a panel without a back: there is no surface.
    bool endless(int number) const { return level(number).height <= working::farDown; }

    std::vector<Span> spansOf(const std::vector<Interval>& material, Selection selection) const {
        std::vector<Span> spans;
        for (const Interval& interval : material) {
            const bool wanted = selection == Selection::everything ||
                                (selection == Selection::blank) == (interval.substance == Substance::blank);
            if (!wanted)
                continue;
            Span span{interval.low, interval.high, interval.substance, false, false};
            if (!spans.empty() && level(spans.back().high) == level(span.low))
                spans.back().joinsAbove = span.joinsBelow = true;
            spans.push_back(span);
        }
        return spans;
    }

    /// The cells whose lowest material is of the same substance as the first that rests on the back, where
    /// that is flat.
    bool findBack() {
        backHeight_ = std::numeric_limits<std::int32_t>::max();
        for (const auto& spans : spans_)
            for (const Span& span : spans) {
                backHeight_ = std::min(backHeight_, level(span.low).height);
                for (const auto& [point, height] : level(span.low).byPoint)
                    backHeight_ = std::min(backHeight_, height);
            }
        const auto rests = [&](const std::vector<Span>& spans) {
            return !spans.empty() && level(spans.front().low).height == backHeight_ &&
                   !level(spans.front().low).slopes();
        };
        const auto first = std::ranges::find_if(spans_, rests);
        if (first == spans_.end())
            return false;
        backSubstance_ = first->front().substance;
        for (const auto& spans : spans_)
            reachesBack_.push_back(rests(spans) && spans.front().substance == backSubstance_);
        return true;
    }

    void addHeight(int point, std::int32_t height) {
        int* link = &firstOf_[size_t(point)];
        while (*link >= 0 && heights_[size_t(*link)].height < height)
            link = &heights_[size_t(*link)].next;
        if (*link >= 0 && heights_[size_t(*link)].height == height)
            return;
        const int next = *link;
        *link = int(heights_.size()); // before the list grows
        heights_.push_back({height, next});
    }

    void numberVertices() {
        firstOf_.assign(plan_.points.size(), -1);
        heights_.reserve(plan_.points.size() * 3);
        struct Seen {
            int last = -1, before = -1;
        };
        std::vector<Seen> seen(
            plan_.points.size()); // the cells whose heights a point had last; most lie at two
        for (const Triangle& triangle : plan_.triangles)
            for (const int corner : triangle.corners) {
                Seen& cells = seen[size_t(corner)];
                if (cells.last == triangle.cell || cells.before == triangle.cell)
                    continue;
                cells = {triangle.cell, cells.last};
                for (const Span& span : spans_[size_t(triangle.cell)])
                    for (const int end : {span.low, span.high})
                        if (!endless(end))
                            addHeight(corner, level(end).at(corner));
            }
        const std::vector<bool> onRim = rimPoints();
        start_.reserve(plan_.points.size() + 1);
        sorted_.reserve(heights_.size());
        const bool plain = !panel_.frontRay && panel_.rim.empty();
        for (size_t p = 0; p < plan_.points.size(); ++p) {
            start_.push_back(int(sorted_.size()));
            if (firstOf_[p] < 0)
                continue;
            if (plain) {
                const double x = plane::toMillimetres(plan_.points[p].x),
                             y = plane::toMillimetres(plan_.points[p].y);
                for (int h = firstOf_[p]; h >= 0; h = heights_[size_t(h)].next) {
                    sorted_.push_back({heights_[size_t(h)].height, int(mesh_.vertices.size())});
                    mesh_.vertices.push_back({x, y, plane::toMillimetres(heights_[size_t(h)].height)});
                }
                continue;
            }
            const Stand stand(panel_, plan_.points[p]);
            for (int h = firstOf_[p]; h >= 0; h = heights_[size_t(h)].next) {
                const std::int32_t height = heights_[size_t(h)].height;
                int number = int(mesh_.vertices.size());
                const Vertex at = stand.at(height);
                if (!onRim.empty() && onRim[p])
                    number = rims_.try_emplace({at.x, at.y, at.z}, number).first->second;
                if (number == int(mesh_.vertices.size()))
                    mesh_.vertices.push_back(at);
                sorted_.push_back({height, number});
            }
        }
        start_.push_back(int(sorted_.size()));
    }

    /// The points where a neighbouring panel goes on; none for walls.
    std::vector<bool> rimPoints() const {
        if (panel_.wall())
            return {};
        std::vector<bool> on(plan_.points.size());
        for (const Triangle& triangle : plan_.triangles)
            for (size_t k = 0; k < 3; ++k)
                if (isRim(panel_, plan_, triangle, int(k)))
                    on[size_t(triangle.corners[(k + 1) % 3])] = on[size_t(triangle.corners[(k + 2) % 3])] =
                        true;
        return on;
    }

    /// The place among a point's vertices of that height.
    int placeOf(int point, std::int32_t height) const {
        int place = start_[size_t(point)];
        while (sorted_[size_t(place)].height < height)
            ++place;
        return place;
    }
    int vertex(int point, int number) const {
        return sorted_[size_t(placeOf(point, level(number).at(point)))].vertex;
    }
    void add(int a, int b, int c, Substance substance) {
        if (a == b || b == c || a == c)
            return; // ends that taper to nothing
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
                edges.push_back({plan_.points[size_t(a)], plan_.points[size_t(b)], 0});
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
            if (back->cells[size_t(triangle.cell)] == plane::noLayer)
                continue;
            std::array<int, 3> corners{};
            for (size_t k = 0; k < 3; ++k) {
                const int point = pointAt.at(back->points[size_t(triangle.corners[k])]);
                corners[k] = sorted_[size_t(placeOf(point, backHeight_))].vertex;
            }
            add(corners[0], corners[2], corners[1], backSubstance_);
        }
        return true;
    }

    void addCaps(const Triangle& triangle, bool backDone) {
        for (const Span& span : spans_[size_t(triangle.cell)]) {
            const auto isNothing = [&](int corner) {
                return level(span.low).at(corner) == level(span.high).at(corner);
            };
            const bool flat = !level(span.low).slopes() && !level(span.high).slopes();
            if (!flat && std::ranges::all_of(triangle.corners, isNothing))
                continue;
            const auto corners = [&](int end) {
                return std::array{vertex(triangle.corners[0], end), vertex(triangle.corners[1], end),
                                  vertex(triangle.corners[2], end)};
            };
            if (!span.joinsAbove) {
                const auto [a, b, c] = corners(span.high);
                add(a, b, c, span.substance);
            }
            const bool inBack = backDone && reachesBack_[size_t(triangle.cell)] &&
                                &span == &spans_[size_t(triangle.cell)].front();
            if (!span.joinsBelow && !inBack && !endless(span.low)) {
                const auto [a, b, c] = corners(span.low);
                add(a, c, b, span.substance);
            }
        }
    }

    /// Walls of this triangle's material towards the emptier cell across corner k.
    void addWalls(const Triangle& triangle, int k) {
        const int across = plan_.cellAcross(triangle, k);
        if (across == triangle.cell)
            return;
        const auto& own = spans_[size_t(triangle.cell)];
        if (own.empty() || isRim(panel_, plan_, triangle, k))
            return; // a neighbouring panel goes on there
        const int a = triangle.corners[size_t(k + 1) % 3], b = triangle.corners[size_t(k + 2) % 3];
        // In the same order at both ends of the edge; equal at one of them at most.
        const auto heightOf = [&](int end) { return std::int64_t(level(end).at(a)) + level(end).at(b); };
        for (const Span& span : own) {
            int from = span.low;
            for (const Span& other : spans_[size_t(across)]) {
                if (heightOf(other.high) <= heightOf(from))
                    continue;
                if (heightOf(other.low) >= heightOf(span.high))
                    break;
                if (heightOf(other.low) > heightOf(from))
                    addStrip(a, b, from, other.low, span.substance);
                from = other.high;
            }
            if (heightOf(from) < heightOf(span.high))
                addStrip(a, b, from, span.high, span.substance);
        }
    }

    /// The wall between two levels, through every vertex on both upright ends, so that no T-junction is left.
    void addStrip(int a, int b, int low, int high, Substance substance) {
        int left = placeOf(a, level(low).at(a)), right = placeOf(b, level(low).at(b));
        const int leftEnd = placeOf(a, level(high).at(a)), rightEnd = placeOf(b, level(high).at(b));
        // Where both go on at one height, diagonals lean alike on both walls of a stroke.
        const bool leftFirst = plan_.points[size_t(a)] < plan_.points[size_t(b)];
        const auto here = [&](int place) { return sorted_[size_t(place)]; };
        while (left < leftEnd || right < rightEnd) {
            bool onLeft = right >= rightEnd;
            if (!onLeft && left < leftEnd) {
                const std::int32_t l = here(left + 1).height, r = here(right + 1).height;
                onLeft = l != r ? l < r : leftFirst;
            }
            if (onLeft) {
                add(here(left).vertex, here(right).vertex, here(left + 1).vertex, substance);
                ++left;
            } else {
                add(here(left).vertex, here(right).vertex, here(right + 1).vertex, substance);
                ++right;
            }
        }
    }

    struct Height {
        std::int32_t height;
        int next; ///< the next higher one over the same point, or -1
    };
    struct Numbered {
        std::int32_t height;
        int vertex;
    };

    const Panel& panel_;
    const Columns& columns_;
    const Subdivision& plan_;
    Mesh& mesh_;
    std::map<std::array<double, 3>, int>& rims_; ///< vertices that panels may have in common
    const std::stop_token& stop_;
    std::vector<std::vector<Span>> spans_; ///< by cell
    std::vector<bool> reachesBack_;        ///< by cell
    std::int32_t backHeight_ = 0;
    Substance backSubstance_ = Substance::blank;
    std::vector<int> firstOf_;     ///< by point, into heights_
    std::vector<Height> heights_;  ///< lists by point
    std::vector<int> start_;       ///< by point, into sorted_
    std::vector<Numbered> sorted_; ///< the vertices of each point upwards
};

void dropUnused(Mesh& mesh) {
    constexpr int unused = -1;
    std::vector<int> renamed(mesh.vertices.size(), unused);
    std::vector<Vertex> used;
    for (auto& triangle : mesh.triangles)
        for (int& corner : triangle) {
            int& name = renamed[size_t(corner)];
            if (name == unused) {
                name = int(used.size());
                used.push_back(mesh.vertices[size_t(corner)]);
            }
            corner = name;
        }
    mesh.vertices = std::move(used);
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

Clash clashOf(std::span<const PanelColumns> parts) {
    for (const auto& [panel, columns] : parts) {
        if (!panel.frontRay)
            continue; // flat walls have no neighbours, and their rays never meet
        const auto& plan = columns.plan;
        std::vector<Stand> stands; // by point
        for (const Point p : plan.points)
            stands.emplace_back(panel, p);
        for (const Triangle& triangle : plan.triangles) {
            const auto& material = columns.material[size_t(triangle.cell)];
            if (!panel.wall() && !material.empty() && !plan.inLayer(triangle.cell, 0))
                return Clash::throughRim;
            if (!panel.wall() && material.empty() && plan.inLayer(triangle.cell, 0))
                return Clash::turnedOver; // cut through all there is
            const auto at = [&](const Level& level, size_t k) {
                return stands[size_t(triangle.corners[k])].at(level.at(triangle.corners[k]));
            };
            for (const Interval& interval : material)
                for (const int end : {interval.low, interval.high}) {
                    const Level& level = columns.levels[size_t(end)];
                    if (level.height <= working::farDown)
                        continue;
                    const Vertex a = at(level, 0);
                    const Vertex n = space::cross(at(level, 1) - a, at(level, 2) - a);
                    if (space::dot(n, stands[size_t(triangle.corners[0])].outwards()) <= 0)
                        return Clash::turnedOver;
                }
            for (int k = 0; k < 3; ++k) {
                if (!isRim(panel, plan, triangle, k))
                    continue;
                const auto plain = [&](int corner) { return columns.high(material.back(), corner) == 0; };
                const bool whole = material.size() == 1 && plain(triangle.corners[size_t(k + 1) % 3]) &&
                                   plain(triangle.corners[size_t(k + 2) % 3]);
                if (!whole)
                    return Clash::throughRim;
            }
        }
    }
    return Clash::none;
}

Mesh meshOf(std::span<const PanelColumns> parts, Selection selection, const std::stop_token& stop) {
    Mesh mesh;
    std::map<std::array<double, 3>, int> rims;
    size_t triangles = 0;
    for (const PanelColumns& part : parts)
        triangles += part.columns.plan.triangles.size();
    mesh.triangles.reserve(triangles * 3);
    mesh.substances.reserve(triangles * 3);
    for (const PanelColumns& part : parts)
        Extraction(part, selection, mesh, rims, stop).add();
    dropUnused(mesh);
    return mesh;
}

Mesh meshOf(const Columns& columns, Selection selection, const std::stop_token& stop) {
    const Panel flat;
    return meshOf(std::array{PanelColumns{flat, columns}}, selection, stop);
}

double volumeOf(const Mesh& mesh) {
    double sixfold = 0;
    if (mesh.empty())
        return 0;
    const Vertex origin = mesh.vertices.front();
    for (const auto& t : mesh.triangles) {
        const Vertex a = mesh.vertices[size_t(t[0])] - origin;
        const Vertex n =
            space::cross(mesh.vertices[size_t(t[1])] - origin, mesh.vertices[size_t(t[2])] - origin);
        sixfold += space::dot(a, n);
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
        const Vertex n = space::cross(mesh.vertices[size_t(c[1])] - a, mesh.vertices[size_t(c[2])] - a);
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
