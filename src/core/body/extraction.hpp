// How the surface of columns is taken. For the sources of this folder only.
#pragma once
#include "body/mesh.hpp"
#include "body/origins.hpp"
#include "body/walls.hpp"
#include "plane/point_hash.hpp"
#include <limits>
#include <map>
#include <unordered_set>

namespace bollard::body {

using blank::Panel, space::Vertex;
using plane::Point, plane::Subdivision, plane::Triangle;
using working::Columns, working::Interval, working::Level, working::Substance;

/// Chosen material of a cell. `joins` tells that what comes next continues without a surface between.
struct Span {
    int low, high; // levels
    Substance substance;
    bool joinsBelow, joinsAbove;
};

inline std::array<double, 3> keyOf(const Vertex& v) {
    return {v.x, v.y, v.z};
}

/// Whether a neighbouring panel goes on across that corner of a triangle.
inline bool isRim(const Panel& panel, const Subdivision& plan, const Triangle& triangle, int corner) {
    return panel.goesOn() && plan.inLayer(triangle.cell, 0) &&
           !plan.inLayer(plan.cellAcross(triangle, corner), 0);
}

/// Vertices that parts may have in common.
using Rims = std::map<std::array<double, 3>, int>;

/// Corners of the tiles that lie on a panel.
struct TileCorners {
    std::unordered_set<Point, plane::PointHash> all{}, ofFlatBacks{};
};

/// What part of a panel columns stand for.
struct Part {
    const Panel& panel;
    const Columns& columns;
    const TileCorners& tiles;   ///< which others stand for
    bool isTile = false;        ///< itself: its vertices are in grid units
    bool onBlank = false;       ///< and other parts go on across its border
    Origins* origins = nullptr; ///< where to tell what comes from where; null: nowhere
    int number = 0;             ///< as that calls the part
};

/// The surface of one part, added to a mesh.
class Extraction {
  public:
    Extraction(const Part& part, Selection selection, Mesh& mesh, Rims& rims, const std::stop_token& stop)
        : part_(part), panel_(part.panel), columns_(part.columns), plan_(columns_.plan), mesh_(mesh),
          rims_(rims), stop_(stop) {
        for (const auto& material : columns_.material)
            spans_.push_back(spansOf(material, selection));
        numberVertices();
    }

    /// Tells whether the back is one face, of all tiles too whose backs are flat: of a tile, whether it is
    /// left to others.
    bool add() {
        if (part_.origins)
            for (size_t p = 0; p < plan_.points.size(); ++p)
                for (int i = start_[p]; i < start_[p + 1]; ++i)
                    part_.origins->vertices.emplace_back(
                        sorted_[size_t(i)].vertex, Origin{part_.number, int(p), sorted_[size_t(i)].height});
        const bool backDone =
            !panel_.frontRay && findBack() && (part_.isTile ? hasFlatBack() : addFlatBack());
        for (const Triangle& triangle : plan_.triangles) {
            if (stop_.stop_requested())
                break;
            addCaps(triangle, backDone);
            for (int k = 0; k < 3; ++k)
                addWalls(triangle, k);
        }
        const bool ofBlank = part_.isTile || (backSubstance_ == Substance::blank &&
                                              backHeight_ == -plane::toUnits(panel_.thickness));
        return backDone && ofBlank;
    }

    /// The vertices over the edges of a tile's box, where only its corners lie and, on a side that bends,
    /// cuts.
    std::map<int, TileSurface::AtBorder> borderVertices(Point size) const {
        std::map<int, TileSurface::AtBorder> found;
        for (size_t p = 0; p < plan_.points.size(); ++p) {
            const Point at = plan_.points[p];
            if (at.x == 0 || at.x == size.x || at.y == 0 || at.y == size.y)
                for (int i = start_[p]; i < start_[p + 1]; ++i)
                    found[sorted_[size_t(i)].vertex] = {at, sorted_[size_t(i)].height};
        }
        return found;
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
        std::vector<bool> seen(columns_.levels.size());
        for (const auto& spans : spans_)
            for (const Span& span : spans) {
                if (seen[size_t(span.low)])
                    continue;
                seen[size_t(span.low)] = true;
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

    /// All that a tile's box covers rests on the blank's back.
    bool hasFlatBack() const {
        if (!part_.onBlank)
            return false;
        for (size_t cell = 0; cell < spans_.size(); ++cell)
            if (plan_.inLayer(int(cell), 0) && !reachesBack_[cell])
                return false;
        return true;
    }

    /// Whether another part goes on across that corner of a triangle: there is no wall.
    bool goesOn(const Triangle& triangle, int k) const {
        if (isRim(panel_, plan_, triangle, k))
            return true;
        return plan_.inLayer(triangle.cell, 0) && !plan_.inLayer(plan_.cellAcross(triangle, k), 0) &&
               (part_.onBlank || isTileEdge(part_.tiles.all, triangle, k));
    }
    bool isTileEdge(const std::unordered_set<Point, plane::PointHash>& corners, const Triangle& triangle,
                    int k) const {
        const auto isCorner = [&](int next) {
            return corners.contains(plan_.points[size_t(triangle.corners[size_t(k + next) % 3])]);
        };
        return isCorner(1) && isCorner(2);
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
        const bool plain = !panel_.frontRay && panel_.rim.empty();
        for (size_t p = 0; p < plan_.points.size() && !plain; ++p)
            stands_.emplace_back(panel_, plan_.points[p]);
        if (panel_.frontRay)
            partWalls();
        const std::vector<bool> onRim = sharedPoints();
        std::vector<Vertex> chain; // one after the other
        const auto coordinate = [&](std::int32_t units) {
            return part_.isTile ? double(units) : plane::toMillimetres(units);
        };
        start_.reserve(plan_.points.size() + 1);
        sorted_.reserve(heights_.size());
        for (size_t p = 0; p < plan_.points.size(); ++p) {
            start_.push_back(int(sorted_.size()));
            if (firstOf_[p] < 0)
                continue;
            if (plain) {
                const double x = coordinate(plan_.points[p].x), y = coordinate(plan_.points[p].y);
                for (int h = firstOf_[p]; h >= 0; h = heights_[size_t(h)].next) {
                    const std::int32_t height = heights_[size_t(h)].height;
                    sorted_.push_back({height, int(mesh_.vertices.size())});
                    mesh_.vertices.push_back({x, y, coordinate(height)});
                    if (!onRim.empty() && onRim[p])
                        rims_.emplace(keyOf(mesh_.vertices.back()), sorted_.back().vertex);
                }
                continue;
            }
            const Stand& stand = stands_[p];
            chainAt(int(p), stand, chain);
            size_t place = 0;
            for (int h = firstOf_[p]; h >= 0; h = heights_[size_t(h)].next) {
                const std::int32_t height = heights_[size_t(h)].height;
                int number = int(mesh_.vertices.size());
                const Vertex at = chain[place++];
                if (!onRim.empty() && onRim[p])
                    number = rims_.try_emplace(keyOf(at), number).first->second;
                if (number == int(mesh_.vertices.size()))
                    mesh_.vertices.push_back(at);
                sorted_.push_back({height, number});
            }
        }
        start_.push_back(int(sorted_.size()));
    }

    /// Where the heights over a point lie.
    void chainAt(int point, const Stand& stand, std::vector<Vertex>& chain) const {
        chain.clear();
        std::vector<size_t> parting; // between front and back
        for (int h = firstOf_[size_t(point)]; h >= 0; h = heights_[size_t(h)].next) {
            const std::int32_t height = heights_[size_t(h)].height;
            if (panel_.countsApart && height > middle() && height < middle() + partHeights)
                parting.push_back(chain.size());
            chain.push_back(stand.at(height));
        }
        if (!parting.empty()) {
            const size_t low = parting.front() - 1, high = parting.back() + 1;
            const Vertex from = chain[low], way = chain[high] - from;
            for (const size_t place : parting)
                chain[place] = from + (double(place - low) / double(high - low)) * way;
        }
    }

    /// The points where a neighbouring panel or a tile goes on.
    std::vector<bool> sharedPoints() const {
        if (part_.isTile || (!panel_.goesOn() && part_.tiles.all.empty()))
            return {};
        std::vector<bool> on(plan_.points.size());
        if (!panel_.goesOn()) {
            for (size_t p = 0; p < on.size(); ++p)
                on[p] = part_.tiles.all.contains(plan_.points[p]);
            return on;
        }
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
    static Face faceOf(Substance substance) {
        return substance == Substance::letters ? Face::letters : Face::blank;
    }
    Face faceOf(const Span& span, int end) const {
        return span.substance == Substance::blank && level(end).cut ? Face::cut : faceOf(span.substance);
    }
    /// A wall of the blank towards what it would go on into, below its front, was cut.
    Face wallFace(const Span& span, int across, int from) const {
        const bool cut =
            span.substance == Substance::blank && plan_.inLayer(across, 0) && level(from).height < 0;
        return cut ? Face::cut : faceOf(span.substance);
    }
    void add(int a, int b, int c, Face face) {
        if (a == b || b == c || a == c)
            return; // ends that taper to nothing
        mesh_.triangles.push_back({a, b, c});
        mesh_.faces.push_back(face);
        if (part_.origins)
            part_.origins->triangles.push_back(of_);
    }
    Origins::Of ofCap(int level_) const { return {part_.number, -1, -1, level_, level(level_).height}; }

    /// The back as one face, when most of its triangles only repeat the letters' corners. True when done.
    bool addFlatBack() {
        std::vector<plane::LayerEdge> edges;
        std::vector<std::pair<int, int>> ends;
        for (const Triangle& triangle : plan_.triangles) {
            if (!reachesBack_[size_t(triangle.cell)])
                continue;
            for (int k = 0; k < 3; ++k) {
                const int across = plan_.cellAcross(triangle, k);
                const bool inside =
                    reachesBack_[size_t(across)] ||
                    (!plan_.inLayer(across, 0) && isTileEdge(part_.tiles.ofFlatBacks, triangle, k));
                if (inside)
                    continue;
                const int a = triangle.corners[size_t(k + 1) % 3], b = triangle.corners[size_t(k + 2) % 3];
                edges.push_back({plan_.points[size_t(a)], plan_.points[size_t(b)], 0});
                ends.emplace_back(a, b);
            }
        }
        constexpr size_t soon = 1000; // edges that are triangulated in no time
        if (edges.empty() || (edges.size() > soon && edges.size() * 3 > plan_.points.size()))
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
        of_ = {part_.number, -1, -1, -1, backHeight_};
        for (const Triangle& triangle : back->triangles) {
            if (back->cells[size_t(triangle.cell)] == plane::noLayer)
                continue;
            std::array<int, 3> corners{};
            for (size_t k = 0; k < 3; ++k) {
                const int point = pointAt.at(back->points[size_t(triangle.corners[k])]);
                corners[k] = sorted_[size_t(placeOf(point, backHeight_))].vertex;
            }
            add(corners[0], corners[2], corners[1], faceOf(backSubstance_));
        }
        return true;
    }

    /// Upright walls of a side that bends are twisted: they are parted in height, so that they hardly are.
    void partWalls() {
        constexpr size_t plain = 2; // the side, and what lies beyond it
        if (plan_.cells.size() <= plain && panel_.goesOn())
            return; // there are none
        walls_ = wallsOf(plan_);
        const std::vector<int> parts = partsOf(walls_, stands_, [this](int point) {
            std::vector<std::int32_t> heights;
            for (int h = firstOf_[size_t(point)]; h >= 0; h = heights_[size_t(h)].next)
                heights.push_back(heights_[size_t(h)].height);
            return heights;
        });
        for (size_t p = 0; p < parts.size(); ++p) {
            if (parts[p] == 1 || firstOf_[p] < 0)
                continue;
            std::vector<std::int32_t> between;
            for (int h = firstOf_[p]; heights_[size_t(h)].next >= 0; h = heights_[size_t(h)].next) {
                const auto [low, high] = betweenAt(h);
                for (int k = 1; k < parts[p]; ++k)
                    between.push_back(farBetween(low, high)
                                          ? middle() + partHeights * k / parts[p]
                                          : std::int32_t(low + (std::int64_t(high) - low) * k / parts[p]));
            }
            for (const std::int32_t height : between)
                addHeight(int(p), height);
        }
    }
    std::pair<std::int32_t, std::int32_t> betweenAt(int h) const {
        return {heights_[size_t(h)].height, heights_[size_t(heights_[size_t(h)].next)].height};
    }
    /// Into so many shares what lies between front and back is counted, just above its middle.
    static constexpr std::int32_t partHeights = 1000;
    /// From what is counted from the back of a wall to what is counted from its front, where nothing is
    /// counted: what parts it there are shares, so that those at both ends of a wall go on in their order.
    bool farBetween(std::int32_t low, std::int32_t high) const {
        return panel_.countsApart && low < middle() && high >= middle();
    }
    std::int32_t middle() const { return -plane::toUnits(panel_.thickness) / 2; }

    void addCaps(const Triangle& triangle, bool backDone) {
        const auto& spans = spans_[size_t(triangle.cell)];
        // What slopes and tapers to nothing all over the triangle bounds nothing there; what it joins ends.
        const auto isNothing = [&](const Span& span) {
            return (level(span.low).slopes() || level(span.high).slopes()) &&
                   std::ranges::all_of(triangle.corners, [&](int corner) {
                       return level(span.low).at(corner) == level(span.high).at(corner);
                   });
        };
        const auto corners = [&](int end) {
            return std::array{vertex(triangle.corners[0], end), vertex(triangle.corners[1], end),
                              vertex(triangle.corners[2], end)};
        };
        for (size_t i = 0; i < spans.size(); ++i) {
            const Span& span = spans[i];
            if (isNothing(span))
                continue;
            size_t above = i, below = i; // the last of what joins and is nothing
            while (spans[above].joinsAbove && isNothing(spans[above + 1]))
                ++above;
            while (spans[below].joinsBelow && isNothing(spans[below - 1]))
                --below;
            if (!spans[above].joinsAbove) {
                const auto [a, b, c] = corners(span.high);
                of_ = ofCap(span.high);
                add(a, b, c, faceOf(span, span.high));
            }
            const bool inBack = backDone && reachesBack_[size_t(triangle.cell)] && i == 0;
            if (!spans[below].joinsBelow && !inBack && !endless(span.low)) {
                const auto [a, b, c] = corners(span.low);
                of_ = ofCap(span.low);
                add(a, c, b, faceOf(span, span.low));
            }
        }
    }

    /// Walls of this triangle's material towards the emptier cell across corner k.
    void addWalls(const Triangle& triangle, int k) {
        const int across = plan_.cellAcross(triangle, k);
        if (across == triangle.cell)
            return;
        const auto& own = spans_[size_t(triangle.cell)];
        if (own.empty() || goesOn(triangle, k))
            return;
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
                    addStrip(a, b, from, other.low, wallFace(span, across, from));
                from = other.high;
            }
            if (heightOf(from) < heightOf(span.high))
                addStrip(a, b, from, span.high, wallFace(span, across, from));
        }
    }

    /// The wall between two levels, through every vertex on both upright ends, so that no T-junction is left.
    void addStrip(int a, int b, int low, int high, Face face) {
        of_ = {part_.number, a, b, -1, 0};
        int left = placeOf(a, level(low).at(a)), right = placeOf(b, level(low).at(b));
        const int leftEnd = placeOf(a, level(high).at(a)), rightEnd = placeOf(b, level(high).at(b));
        // Where both go on at one height, diagonals lean alike on both walls of a stroke, and on both of a
        // sharp corner: walls of round sides are twisted.
        const auto order = [&](int p) {
            return std::pair(walls_.sharpest.empty() ? Walls::blunt : walls_.sharpest[size_t(p)],
                             plan_.points[size_t(p)]);
        };
        const bool leftFirst = order(a) < order(b);
        const auto here = [&](int place) { return sorted_[size_t(place)]; };
        while (left < leftEnd || right < rightEnd) {
            bool onLeft = right >= rightEnd;
            if (!onLeft && left < leftEnd) {
                const std::int32_t l = here(left + 1).height, r = here(right + 1).height;
                onLeft = l != r ? l < r : leftFirst;
            }
            if (onLeft) {
                add(here(left).vertex, here(right).vertex, here(left + 1).vertex, face);
                ++left;
            } else {
                add(here(left).vertex, here(right).vertex, here(right + 1).vertex, face);
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

    Part part_;
    Origins::Of of_{}; ///< of what is added next
    const Panel& panel_;
    const Columns& columns_;
    const Subdivision& plan_;
    Mesh& mesh_;
    Rims& rims_;
    const std::stop_token& stop_;
    std::vector<std::vector<Span>> spans_; ///< by cell
    std::vector<bool> reachesBack_;        ///< by cell
    std::vector<Stand> stands_{};          ///< by point; empty for a flat panel
    Walls walls_{};                        ///< empty for a flat panel, where they are not twisted
    std::int32_t backHeight_ = 0;
    Substance backSubstance_ = Substance::blank;
    std::vector<int> firstOf_;     ///< by point, into heights_
    std::vector<Height> heights_;  ///< lists by point
    std::vector<int> start_;       ///< by point, into sorted_
    std::vector<Numbered> sorted_; ///< the vertices of each point upwards
};

} // namespace bollard::body
