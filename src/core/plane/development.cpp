#include "plane/development.hpp"
#include <map>
#include <numeric>
#include <set>

namespace bollard::plane {

using quantity::Problem, quantity::ProblemKind;

namespace {

std::int64_t floorDivided(std::int64_t a, std::int64_t b) {
    return a >= 0 ? a / b : -((-a + b - 1) / b);
}

/// Parts edges at the cut lines and puts each line's points where they are needed.
class Development {
  public:
    explicit Development(const Cuts& cuts) : cuts_(cuts), start_(cuts.u.front()) {
        for (const std::int32_t u : cuts.u)
            onU_[u] = cuts.v;
        for (const std::int32_t v : cuts.v)
            onV_[v] = cuts.u;
    }

    void add(const LayerEdge& edge) {
        std::vector<std::pair<double, Point>> places{{0, edge.from}, {1, edge.to}};
        findCrossings(edge, places);
        std::ranges::stable_sort(places, {}, &std::pair<double, Point>::first);
        for (size_t i = 0; i + 1 < places.size(); ++i) {
            LayerEdge piece{places[i].second, places[i + 1].second, edge.layer};
            if (piece.from == piece.to)
                continue;
            if (cuts_.around)
                bringIn(piece);
            keep(piece);
        }
    }

    std::vector<LayerEdge> edges() {
        if (cuts_.around) { // both ends have the same points
            auto &first = onU_[cuts_.u.front()], &last = onU_[cuts_.u.back()];
            first.insert(first.end(), last.begin(), last.end());
            last = first;
        }
        for (auto& [u, places] : onU_)
            addLine(places, u == cuts_.u.front() || u == cuts_.u.back(), [u = u](std::int32_t v) {
                return Point{u, v};
            });
        for (auto& [v, places] : onV_)
            addLine(places, v == cuts_.v.front() || v == cuts_.v.back(), [v = v](std::int32_t u) {
                return Point{u, v};
            });
        for (const auto& [from, to] : creases_)
            edges_.push_back({from, to, LayerEdge::crease});
        return std::move(edges_);
    }

  private:
    void findCrossings(const LayerEdge& edge, std::vector<std::pair<double, Point>>& places) const {
        const double du = double(edge.to.x) - edge.from.x, dv = double(edge.to.y) - edge.from.y;
        const auto [low, high] = std::minmax(edge.from.x, edge.to.x);
        const auto [below, above] = std::minmax(edge.from.y, edge.to.y);
        const std::int64_t turn = cuts_.turn();
        const std::int64_t first = turn ? floorDivided(std::int64_t(low) - start_, turn) : 0;
        const std::int64_t last = turn ? floorDivided(std::int64_t(high) - start_, turn) : 0;
        for (std::int64_t k = first; k <= last && du != 0; ++k) {
            const auto shift = std::int32_t(k * turn);
            for (auto u = std::ranges::upper_bound(cuts_.u, low - shift);
                 u != cuts_.u.end() && *u + shift < high; ++u) {
                const double t = (double(*u) + shift - edge.from.x) / du;
                places.push_back({t, {*u + shift, onGrid(edge.from.y + t * dv)}});
            }
        }
        for (auto v = std::ranges::upper_bound(cuts_.v, below); dv != 0 && v != cuts_.v.end() && *v < above;
             ++v) {
            const double t = (double(*v) - edge.from.y) / dv;
            places.push_back({t, {onGrid(edge.from.x + t * du), *v}});
        }
    }

    void bringIn(LayerEdge& piece) const {
        const auto middle = std::int32_t((std::int64_t(piece.from.x) + piece.to.x) / 2);
        const std::int32_t shift = middle - cuts_.within(middle);
        for (Point* p : {&piece.from, &piece.to}) // one that ends a hair beyond by rounding ends there
            p->x = std::clamp(p->x - shift, start_, cuts_.u.back());
    }

    void keep(const LayerEdge& piece) {
        for (const Point p : {piece.from, piece.to}) {
            if (const auto line = onU_.find(p.x); line != onU_.end())
                line->second.push_back(p.y);
            if (const auto line = onV_.find(p.y); line != onV_.end())
                line->second.push_back(p.x);
            if (piece.layer != LayerEdge::crease && cuts_.around && p.x == cuts_.u.front())
                toggle(start(p.y), piece.layer);
            if (piece.layer != LayerEdge::crease && cuts_.around && p.x == cuts_.u.back())
                toggle(end(p.y), piece.layer);
        }
        if (piece.layer == LayerEdge::crease)
            addCrease(piece.from, piece.to);
        else
            edges_.push_back(piece);
    }
    std::set<int>& start(std::int32_t v) { return odd_[0][v]; }
    std::set<int>& end(std::int32_t v) { return odd_[1][v]; }
    static void toggle(std::set<int>& layers, int layer) {
        if (!layers.erase(layer))
            layers.insert(layer);
    }
    /// Creases once only, whichever way they run.
    void addCrease(Point a, Point b) {
        if (a != b)
            creases_.insert(std::minmax(a, b));
    }

    template<class At> void addLine(std::vector<std::int32_t>& places, bool isEnd, At at) {
        std::ranges::sort(places);
        places.erase(std::unique(places.begin(), places.end()), places.end());
        const bool seam = cuts_.around && isEnd && at(0).x == at(1).x;
        auto& odd = odd_[seam && at(0).x == cuts_.u.back() ? 1 : 0];
        std::set<int> inside; // layers that are cut open at the seam, and closed along it
        for (size_t i = 0; i + 1 < places.size(); ++i) {
            const Point from = at(places[i]), to = at(places[i + 1]);
            if (seam)
                if (const auto found = odd.find(places[i]); found != odd.end())
                    for (const int layer : found->second)
                        toggle(inside, layer);
            addCrease(from, to);
            if (!isEnd)
                continue;
            edges_.push_back({from, to, 0});
            for (const int layer : inside)
                edges_.push_back({from, to, layer});
        }
    }

    const Cuts& cuts_;
    std::int32_t start_;
    std::map<std::int32_t, std::vector<std::int32_t>> onU_, onV_; ///< places on each cut line
    std::array<std::map<std::int32_t, std::set<int>>, 2> odd_;    ///< layers that end on the seam once, by v
    std::vector<LayerEdge> edges_;
    std::set<std::pair<Point, Point>> creases_;
};

/// Joins the triangles on both sides of the seam; false when its two lists of points differ.
bool closeSeam(Subdivision& plan, const Cuts& cuts) {
    std::map<std::int32_t, int> left;
    std::vector<int> name(plan.points.size());
    std::iota(name.begin(), name.end(), 0);
    for (size_t p = 0; p < plan.points.size(); ++p)
        if (plan.points[p].x == cuts.u.front())
            left[plan.points[p].y] = int(p);
    size_t matched = 0;
    for (size_t p = 0; p < plan.points.size(); ++p) {
        if (plan.points[p].x != cuts.u.back())
            continue;
        const auto other = left.find(plan.points[p].y);
        if (other == left.end())
            return false;
        name[p] = other->second;
        ++matched;
    }
    if (matched != left.size())
        return false;
    std::map<std::pair<int, int>, std::pair<int, int>> open; // seam edge -> triangle and corner
    for (size_t t = 0; t < plan.triangles.size(); ++t) {
        Triangle& triangle = plan.triangles[t];
        for (int k = 0; k < 3; ++k) {
            const int a = triangle.corners[size_t(k + 1) % 3], b = triangle.corners[size_t(k + 2) % 3];
            const std::int32_t u = plan.points[size_t(a)].x;
            if (triangle.neighbours[size_t(k)] >= 0 || u != plan.points[size_t(b)].x ||
                (u != cuts.u.front() && u != cuts.u.back()))
                continue;
            const auto [there, isNew] =
                open.try_emplace(std::minmax(name[size_t(a)], name[size_t(b)]), int(t), k);
            if (isNew)
                continue;
            triangle.neighbours[size_t(k)] = there->second.first;
            plan.triangles[size_t(there->second.first)].neighbours[size_t(there->second.second)] = int(t);
        }
    }
    for (Triangle& triangle : plan.triangles)
        for (int& corner : triangle.corners)
            corner = name[size_t(corner)];
    return true;
}

} // namespace

namespace {

quantity::Result<Subdivision> closed(quantity::Result<Subdivision> plan, const Cuts& cuts) {
    if (!plan || !cuts.around)
        return plan;
    Subdivision result = *std::move(plan);
    if (!closeSeam(result, cuts))
        return Problem{ProblemKind::geometryFailed, {}, "seam"};
    return result;
}

} // namespace

quantity::Result<Subdivision> developed(std::span<const LayerEdge> edges, const Cuts& cuts,
                                        std::stop_token stop) {
    Development development(cuts);
    for (const LayerEdge& edge : edges)
        development.add(edge);
    return closed(subdivided(development.edges(), std::move(stop)), cuts);
}

namespace {

/// Puts triangles between each two lines of equal u, band by band.
class Gridding {
  public:
    Gridding(const Cuts& cuts, std::span<const Box> leftOut) : cuts_(cuts), strips_(cuts.u.size() - 1) {
        std::vector<std::vector<const Box*>> over(strips_); // what each strip runs through
        for (const Box& box : leftOut) {
            const auto first = size_t(std::ranges::lower_bound(cuts.u, box.low.x) - cuts.u.begin());
            for (size_t i = first; i < strips_ && cuts.u[i] < box.high.x; ++i)
                over[i].push_back(&box);
        }
        lines_.resize(cuts.around ? strips_ : strips_ + 1);
        for (size_t i = 0; i < lines_.size(); ++i)
            addLine(i, over);
        plan_.cells = {noLayer, plan_.sets.of(0)};
        for (size_t i = 0; i < strips_; ++i)
            addStrip(i, over[i]);
    }
    Subdivision plan() && { return std::move(plan_); }

  private:
    /// A triangle, and which of its corners lies across; none: -1.
    struct Side {
        int triangle = -1, corner = 0;
    };
    struct Line {
        std::vector<std::int32_t> v{};
        int first = 0;                     ///< the point at the lowest
        std::vector<Side> left{}, right{}; ///< of each stretch between two points
    };

    void addLine(size_t i, const std::vector<std::vector<const Box*>>& over) {
        Line& line = lines_[i];
        line.v = cuts_.v;
        const std::vector<const Box*> none;
        const auto& before = i > 0 ? over[i - 1] : cuts_.around ? over.back() : none;
        const auto& after = i < strips_ ? over[i] : none;
        for (const auto* boxes : {&before, &after})
            for (const Box* box : *boxes) {
                line.v.push_back(box->low.y);
                line.v.push_back(box->high.y);
            }
        std::ranges::sort(line.v);
        line.v.erase(std::unique(line.v.begin(), line.v.end()), line.v.end());
        for (const Box* box : after) // within it no points
            if (std::ranges::find(before, box) != before.end())
                std::erase_if(line.v, [&](std::int32_t v) { return v > box->low.y && v < box->high.y; });
        line.first = int(plan_.points.size());
        for (const std::int32_t v : line.v)
            plan_.points.push_back({cuts_.u[i], v});
        line.left.resize(line.v.size());
        line.right.resize(line.v.size());
    }

    void addStrip(size_t i, const std::vector<const Box*>& boxes) {
        std::vector<std::int32_t> levels = cuts_.v;
        for (const Box* box : boxes) {
            levels.push_back(box->low.y);
            levels.push_back(box->high.y);
        }
        std::ranges::sort(levels);
        levels.erase(std::unique(levels.begin(), levels.end()), levels.end());
        Line &left = lines_[i], &right = lines_[(i + 1) % lines_.size()];
        Side below;
        for (size_t k = 0; k + 1 < levels.size(); ++k) {
            const bool isLeftOut = std::ranges::any_of(boxes, [&](const Box* box) {
                return box->low.y <= levels[k] && levels[k + 1] <= box->high.y;
            });
            below = isLeftOut ? Side{} : addBand(left, right, levels[k], levels[k + 1], below);
        }
    }

    /// Between two levels that both lines have a point at; gives the side that lies towards the upper one.
    Side addBand(Line& left, Line& right, std::int32_t from, std::int32_t to, Side below) {
        const auto placeOf = [](const Line& line, std::int32_t v) {
            return size_t(std::ranges::lower_bound(line.v, v) - line.v.begin());
        };
        size_t l = placeOf(left, from), r = placeOf(right, from);
        const size_t lEnd = placeOf(left, to), rEnd = placeOf(right, to);
        while (l < lEnd || r < rEnd) {
            const bool onLeft = r >= rEnd || (l < lEnd && left.v[l + 1] < right.v[r + 1]);
            const auto number = int(plan_.triangles.size());
            const int a = left.first + int(l), b = right.first + int(r);
            // The one before lies across the newest corner, the next across the oldest on the other line.
            plan_.triangles.push_back({{a, b, onLeft ? a + 1 : b + 1}, {-1, -1, -1}, 1});
            join({number, 2}, below);
            if (onLeft) {
                left.right[l] = {number, 1};
                if (left.left[l].triangle >= 0)
                    join({number, 1}, left.left[l]);
                below = {number, 0};
                ++l;
            } else {
                right.left[r] = {number, 0};
                if (right.right[r].triangle >= 0)
                    join({number, 0}, right.right[r]);
                below = {number, 1};
                ++r;
            }
        }
        return below;
    }
    void join(Side a, Side b) {
        if (a.triangle < 0 || b.triangle < 0)
            return;
        plan_.triangles[size_t(a.triangle)].neighbours[size_t(a.corner)] = b.triangle;
        plan_.triangles[size_t(b.triangle)].neighbours[size_t(b.corner)] = a.triangle;
    }

    const Cuts& cuts_;
    size_t strips_;
    std::vector<Line> lines_;
    Subdivision plan_;
};

} // namespace

Subdivision griddedPlan(const Cuts& cuts, std::span<const Box> leftOut) {
    return Gridding(cuts, leftOut).plan();
}

quantity::Result<Subdivision> refined(const Subdivision& plan, std::span<const Split> splits,
                                      std::span<const LayerEdge> more, const Cuts& cuts,
                                      std::stop_token stop) {
    return closed(refined(plan, splits, more, std::move(stop)), cuts);
}

} // namespace bollard::plane
