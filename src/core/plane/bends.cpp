#include "plane/bends.hpp"
#include "plane/boundary_cells.hpp"

namespace bollard::plane {
namespace {

using Cell = BoundaryCells::Cell;
using Edge = BoundaryCells::Edge;

/// Walls so little out of parallel that their axis only seems to cross an inset.
constexpr double even = 1;
constexpr double leastSpokeTurn = 3 * M_PI / 180;

/// A point of a Voronoi edge. `cut`: it was put where that inset crosses.
struct InsetPlace {
    Vector at{};
    double inset = 0;
    int cut = -1;
};

double between(double angle, double from) {
    return std::remainder(angle - from, 2 * M_PI);
}

class BendFinder {
  public:
    BendFinder(const Region& region, std::span<const double> insets, double tolerance)
        : cells_(region), insets_(insets), tolerance_(tolerance), places_(cells_.diagram().edges().size()),
          placed_(places_.size()) {}

    std::vector<Bend> bends() {
        for (const Edge& edge : cells_.diagram().edges())
            if (edge.is_primary() && &edge < edge.twin())
                addRidge(placesOf(edge));
        for (const Cell& cell : cells_.diagram().cells())
            if (cell.incident_edge())
                addCell(cell);
        return std::move(bends_);
    }

  private:
    size_t last() const { return insets_.size() - 1; }
    bool reaches(const InsetPlace& place, size_t inset) const {
        return place.cut == int(inset) || place.inset >= insets_[inset] - even;
    }
    void add(const InsetPlace& from, const InsetPlace& to) {
        const Point a = onGrid(from.at), b = onGrid(to.at);
        if (a != b)
            bends_.push_back({a, b, from.inset, to.inset});
    }

    /// The part of an edge that lies inside the region, from its start to its end; empty when none does.
    const std::vector<InsetPlace>& placesOf(const Edge& edge) {
        std::vector<InsetPlace>& places = places_[cells_.indexOf(edge)];
        if (!placed_[cells_.indexOf(edge)]) {
            places = edge.is_primary() ? placesBetween(edge) : placesFromCorner(edge);
            std::vector<InsetPlace>& back = places_[cells_.indexOf(*edge.twin())];
            back.assign(places.rbegin(), places.rend());
            placed_[cells_.indexOf(edge)] = placed_[cells_.indexOf(*edge.twin())] = true;
        }
        return places;
    }

    std::vector<InsetPlace> placesBetween(const Edge& edge) const {
        if (!edge.is_finite() || !cells_.inside(edge))
            return {};
        const auto end = [&](const auto* vertex) {
            const Vector at = BoundaryCells::place(vertex);
            return InsetPlace{at, length(cells_.foot(edge.cell(), at) - at), -1};
        };
        const InsetPlace from = end(edge.vertex0()), to = end(edge.vertex1());
        std::vector<InsetPlace> places{from};
        if (edge.cell()->contains_segment() && edge.twin()->cell()->contains_segment())
            addCuts(from, to, places);
        else
            addCurve(edge, places);
        places.push_back(to);
        return places;
    }

    /// Between a wall and its own end: upright on the wall through that corner, perhaps on both sides of it.
    std::vector<InsetPlace> placesFromCorner(const Edge& edge) const {
        const bool wallFirst = edge.cell()->contains_segment();
        const Cell* wall = wallFirst ? edge.cell() : edge.twin()->cell();
        const Vector corner = cells_.site(wallFirst ? edge.twin()->cell() : edge.cell());
        const Vector start = vectorOf(cells_.side(wall).from), along = vectorOf(cells_.side(wall).to) - start;
        std::optional<InsetPlace> ends[2];
        for (size_t k = 0; k < 2; ++k)
            if (const auto* vertex = k == 0 ? edge.vertex0() : edge.vertex1())
                if (const Vector at = BoundaryCells::place(vertex); cross(along, at - start) > 0)
                    ends[k] = InsetPlace{at, length(at - corner), -1};
        if (!ends[0] && !ends[1])
            return {};
        const InsetPlace from = ends[0].value_or(InsetPlace{corner, 0, -1}),
                         to = ends[1].value_or(InsetPlace{corner, 0, -1});
        std::vector<InsetPlace> places{from};
        addCuts(from, to, places);
        places.push_back(to);
        return places;
    }

    /// Along a straight edge the inset grows evenly.
    void addCuts(const InsetPlace& from, const InsetPlace& to, std::vector<InsetPlace>& places) const {
        const size_t before = places.size();
        for (size_t i = 0; i < insets_.size(); ++i) {
            if (reaches(from, i) == reaches(to, i) || from.inset == to.inset)
                continue;
            const double t = std::clamp((insets_[i] - from.inset) / (to.inset - from.inset), 0.0, 1.0);
            places.push_back({from.at + t * (to.at - from.at), insets_[i], int(i)});
        }
        if (from.inset > to.inset)
            std::reverse(places.begin() + std::ptrdiff_t(before), places.end());
    }

    /// A bisector of a point and a wall is a parabola, that of two points a line.
    void addCurve(const Edge& edge, std::vector<InsetPlace>& places) const {
        const Cell* a = edge.cell();
        const Cell* b = edge.twin()->cell();
        const Cell* wall = a->contains_segment() ? a : b->contains_segment() ? b : nullptr;
        const Vector focus = cells_.site(wall == a ? b : a);
        Vector origin, along;
        if (wall) {
            const Vector start = vectorOf(cells_.side(wall).from);
            along = unit(vectorOf(cells_.side(wall).to) - start);
            origin = start + dot(focus - start, along) * along;
        } else {
            origin = 0.5 * (focus + cells_.site(b));
            const Vector across = unit(focus - origin);
            along = {-across.y, across.x};
        }
        const double h = length(focus - origin);
        if (h < 1e-6)
            return;
        const Vector up = (1 / h) * (focus - origin);
        const double t0 = dot(BoundaryCells::place(edge.vertex0()) - origin, along);
        const double t1 = dot(BoundaryCells::place(edge.vertex1()) - origin, along);
        struct Step {
            double t;
            int cut;
        };
        std::vector<Step> steps;
        constexpr double mostPieces = 200;
        const int pieces =
            int(std::min(mostPieces, std::ceil(std::fabs(t1 - t0) / std::sqrt(8 * h * tolerance_))));
        for (int i = 1; i < pieces; ++i)
            steps.push_back({t0 + (t1 - t0) * i / pieces, -1});
        if (t0 * t1 < 0)
            steps.push_back({0, -1});
        for (size_t i = 0; i < insets_.size(); ++i) {
            const double c = insets_[i], square = wall ? 2 * h * c - h * h : c * c - h * h;
            if (square <= 0)
                continue;
            for (const double t : {-std::sqrt(square), std::sqrt(square)})
                if ((t - t0) * (t - t1) < 0)
                    steps.push_back({t, int(i)});
        }
        std::ranges::sort(steps, {}, [&](const Step& step) { return t1 > t0 ? step.t : -step.t; });
        for (const auto& [t, cut] : steps) {
            const double radius = wall ? (t * t + h * h) / (2 * h) : std::hypot(t, h);
            const Vector at = wall ? origin + t * along + radius * up : origin + t * along;
            places.push_back({at, cut >= 0 ? insets_[size_t(cut)] : radius, cut});
        }
    }

    void addRidge(const std::vector<InsetPlace>& places) {
        for (size_t i = 0; i + 1 < places.size(); ++i)
            if (!reaches(places[i], last()) || !reaches(places[i + 1], last()))
                add(places[i], places[i + 1]);
    }

    void addCell(const Cell& cell) {
        std::vector<InsetPlace> chain; // round the part of the cell that lies inside
        const Edge* edge = cell.incident_edge();
        do {
            const std::vector<InsetPlace>& places = placesOf(*edge);
            chain.insert(chain.end(), places.begin(), places.end());
            edge = edge->next();
        } while (edge != cell.incident_edge());
        if (chain.empty())
            return;
        spokes_.clear();
        if (!cell.contains_segment())
            for (const InsetPlace& place : chain)
                if (place.inset > even && (!reaches(place, last()) || place.cut == int(last())))
                    spokes_.push_back(place);
        for (size_t i = 0; i < insets_.size(); ++i)
            addLevel(cell, chain, i);
        if (!cell.contains_segment())
            addSpokes(cells_.site(&cell), chain);
    }

    /// The lines at one inset within a cell: from where its border rises to the inset to where it falls
    /// below.
    void addLevel(const Cell& cell, const std::vector<InsetPlace>& chain, size_t inset) {
        const auto below =
            std::ranges::find_if(chain, [&](const InsetPlace& p) { return !reaches(p, inset); });
        if (below == chain.end())
            return;
        const auto start = size_t(below - chain.begin());
        const InsetPlace* rise = nullptr;
        for (size_t k = 1; k <= chain.size(); ++k) {
            const InsetPlace& place = chain[(start + k) % chain.size()];
            const InsetPlace& before = chain[(start + k - 1) % chain.size()];
            const bool above = reaches(place, inset), wasAbove = reaches(before, inset);
            if (above && !wasAbove)
                rise = &place;
            if (!above && wasAbove && rise) {
                addStretch(cell, *rise, before, insets_[inset]);
                rise = nullptr;
            }
        }
    }

    void addStretch(const Cell& cell, InsetPlace from, InsetPlace to, double inset) {
        from.inset = to.inset = inset;
        if (cell.contains_segment()) {
            add(from, to);
            return;
        }
        const Vector centre = cells_.site(&cell);
        const auto angleOf = [&](Vector at) { return std::atan2(at.y - centre.y, at.x - centre.x); };
        const double start = angleOf(from.at), sweep = between(angleOf(to.at), start);
        // As many pieces on each inset as on the widest, so that spokes run through their ends.
        const double step = 2 * std::acos(1 - std::min(1.0, tolerance_ / insets_[last()]));
        const int pieces = std::max(1, int(std::ceil(std::fabs(sweep) / step)));
        InsetPlace before = from;
        for (int i = 1; i <= pieces; ++i) {
            const double angle = start + sweep * i / pieces;
            const InsetPlace next =
                i == pieces
                    ? to
                    : InsetPlace{centre + inset * Vector{std::cos(angle), std::sin(angle)}, inset, -1};
            add(before, next);
            if (i < pieces)
                spokes_.push_back(next);
            before = next;
        }
    }

    /// From a corner that reaches in outwards, through all that lies in one direction.
    void addSpokes(Vector corner, const std::vector<InsetPlace>& chain) {
        const auto angleOf = [&](Vector at) { return std::atan2(at.y - corner.y, at.x - corner.x); };
        const auto seen = std::ranges::find_if(chain, [](const InsetPlace& p) { return p.inset > even; });
        if (seen == chain.end())
            return;
        const double first = angleOf(seen->at);
        double low = 0, high = 0;
        for (const InsetPlace& place : chain)
            if (place.inset > even) {
                const double angle = between(angleOf(place.at), first);
                low = std::min(low, angle);
                high = std::max(high, angle);
            }
        if (high - low <= leastSpokeTurn)
            return;
        struct Spoke {
            double angle;
            InsetPlace place;
        };
        std::vector<Spoke> spokes;
        for (const InsetPlace& place : spokes_)
            spokes.push_back({between(angleOf(place.at), first), place});
        std::ranges::sort(spokes, {}, &Spoke::angle);
        for (size_t i = 0; i < spokes.size();) {
            size_t end = i + 1;
            constexpr double same = 1e-6;
            while (end < spokes.size() && spokes[end].angle - spokes[end - 1].angle < same)
                ++end;
            std::sort(spokes.begin() + std::ptrdiff_t(i), spokes.begin() + std::ptrdiff_t(end),
                      [](const Spoke& a, const Spoke& b) { return a.place.inset < b.place.inset; });
            InsetPlace before{corner, 0, -1};
            for (; i < end; ++i) {
                add(before, spokes[i].place);
                before = spokes[i].place;
            }
        }
    }

    BoundaryCells cells_;
    std::span<const double> insets_;
    double tolerance_;
    std::vector<std::vector<InsetPlace>> places_; ///< by Voronoi edge, when asked for
    std::vector<bool> placed_;
    std::vector<InsetPlace> spokes_; ///< of the cell at hand
    std::vector<Bend> bends_;
};

} // namespace

std::vector<Bend> bendsOf(const Region& region, std::span<const double> insets, double tolerance) {
    if (region.empty() || insets.empty())
        return {};
    return BendFinder(region, insets, tolerance).bends();
}

} // namespace bollard::plane
