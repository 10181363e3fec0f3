#include "body/section.hpp"
#include "body/stand.hpp"
#include "body/tile.hpp"
#include "plane/region.hpp"
#include <algorithm>
#include <cmath>
#include <optional>
#include <set>

namespace bollard::body {
namespace {

using plane::Triangle, plane::Vector;
using working::Columns, working::Interval, working::Substance;

/// What is shown below all that is worked, where there is no end to the material; mm.
constexpr double below_mm = 3;

/// Where a point of the side lies on the panel's plan, grid units.
Vector toPlan(const Panel& panel, bool behind, Vector drawn_mm) {
    const Vector drawn = plane::unitsPerMillimetre * drawn_mm;
    if (!behind)
        return drawn;
    const double own = panel.backRadius.own;
    if (!(own > 0)) {
        const plane::Box box = plane::boxOf(panel.outline);
        return {double(box.low.x) + box.high.x - drawn.x, drawn.y};
    }
    const double round = M_PI * own * plane::unitsPerMillimetre - drawn.x; // as blank::nearestSide() has it
    return {panel.backStretch.bends ? panel.backStretch.toPlan(round) : round * panel.frontRadius.own / own,
            drawn.y};
}

/// Collects what lies along one line.
class Cutting {
  public:
    Cutting(bool behind, double length) : behind_(behind), length_(length) {}

    void add(const PanelColumns& part, Vector from, Vector to) {
        const Columns& columns = part.columns;
        const Vector at = plane::vectorOf(part.at);
        from = from - at;
        const Vector way = to - at - from;
        const double size = plane::length(way);
        const Vector along = 1 / size * way, aside{-along.y, along.x};
        for (const Triangle& triangle : columns.plan.triangles) {
            const auto& material = columns.material[size_t(triangle.cell)];
            if (material.empty())
                continue;
            const std::array<Vector, 3> corners = cornersOf(columns, triangle, part.panel.cuts);
            std::vector<End> ends;
            for (size_t k = 0; k < 3; ++k) {
                // In the same order for both triangles of an edge, which then find the same place.
                size_t a = k, b = (k + 1) % 3;
                if (triangle.corners[b] < triangle.corners[a])
                    std::swap(a, b);
                const double offA = plane::dot(corners[a] - from, aside),
                             offB = plane::dot(corners[b] - from, aside);
                if ((offA >= 0) == (offB >= 0))
                    continue;
                const double t = offA / (offA - offB);
                const Vector place = corners[a] + t * (corners[b] - corners[a]);
                ends.push_back({plane::dot(place - from, along) / size * length_, triangle.corners[a],
                                triangle.corners[b], t});
            }
            if (ends.size() != 2 || ends[0].along == ends[1].along)
                continue;
            if (ends[0].along > ends[1].along)
                std::swap(ends[0], ends[1]);
            for (const Interval& interval : material)
                addPiece(part, interval, ends);
        }
    }

    Section section() const {
        Section section;
        const auto loopsOf = [](const std::vector<Piece>& pieces, double lowest) {
            std::vector<plane::Region> regions;
            for (const Piece& piece : pieces) {
                const auto at = [&](double along, double z) {
                    return plane::Point{plane::toUnits(along), plane::toUnits(std::max(z, lowest))};
                };
                plane::Ring ring{at(piece.from, piece.low[0]), at(piece.to, piece.low[1]),
                                 at(piece.to, piece.high[1]), at(piece.from, piece.high[0])};
                regions.push_back({{std::move(ring)}});
            }
            std::vector<SectionLoop> loops;
            for (const plane::Ring& ring : plane::united(regions).rings) {
                SectionLoop& loop = loops.emplace_back();
                for (const plane::Point p : ring)
                    loop.push_back({plane::toMillimetres(p.x), plane::toMillimetres(p.y)});
            }
            return loops;
        };
        const double lowest = endless_ ? lowest_ - below_mm : -1e6;
        section.blank = loopsOf(blank_, lowest);
        section.letters = loopsOf(letters_, lowest);
        std::set<double> levels;
        for (const auto* loops : {&section.blank, &section.letters})
            for (const SectionLoop& loop : *loops)
                for (size_t i = 0; i < loop.size(); ++i) {
                    const SectionPoint &a = loop[i], &b = loop[(i + 1) % loop.size()];
                    constexpr double stretch = 0.05; // mm
                    const bool cutOff = endless_ && a.z <= lowest;
                    if (a.z == b.z && std::fabs(a.along - b.along) > stretch && !cutOff)
                        levels.insert(a.z);
                }
        section.levels.assign(levels.begin(), levels.end());
        return section;
    }

  private:
    struct End {
        double along;
        int a, b;
        double t; ///< from a to b
    };
    struct Piece {
        double from = 0, to = 0;
        double low[2]{}, high[2]{};
    };

    /// Those beside the seam have its points in common: they are put back to their own end.
    static std::array<Vector, 3> cornersOf(const Columns& columns, const Triangle& triangle,
                                           const plane::Cuts& cuts) {
        const double turn = cuts.turn();
        std::array<Vector, 3> corners;
        for (size_t k = 0; k < 3; ++k)
            corners[k] = plane::vectorOf(columns.plan.points[size_t(triangle.corners[k])]);
        const auto [least, most] = std::minmax({corners[0].x, corners[1].x, corners[2].x});
        for (Vector& corner : corners)
            if (turn > 0 && most - least > turn / 2 && corner.x < cuts.u.front() + turn / 2)
                corner.x += turn;
        return corners;
    }

    /// Above the side, mm.
    double heightAt(const Panel& panel, std::int32_t height, plane::Point p) const {
        double thickness = panel.thickness, above = plane::toMillimetres(height);
        if (panel.backRise != 0)
            thickness = panel.backFrom - panel.backRise * plane::toMillimetres(p.x);
        if (panel.countsApart) {
            const Vertex through = panel.backRay(p).foot - panel.frontRay(p).foot;
            thickness = std::sqrt(space::dot(through, through));
            if (above < -panel.thickness / 2)
                above += panel.thickness - thickness;
        }
        return behind_ ? -thickness - above : above;
    }

    void addPiece(const PanelColumns& part, const Interval& interval, const std::vector<End>& ends) {
        constexpr double nowhere = -1e5;
        const auto heights = [&](int level, double(&into)[2]) {
            const working::Level& l = part.columns.levels[size_t(level)];
            for (size_t k = 0; k < 2; ++k) {
                if (l.height <= working::farDown) {
                    into[k] = nowhere;
                    endless_ = true;
                    continue;
                }
                const auto at = [&](int point) {
                    return heightAt(part.panel, l.at(point),
                                    part.at + part.columns.plan.points[size_t(point)]);
                };
                into[k] = at(ends[k].a) + ends[k].t * (at(ends[k].b) - at(ends[k].a));
            }
        };
        Piece piece{ends[0].along, ends[1].along, {}, {}};
        heights(interval.low, piece.low);
        heights(interval.high, piece.high);
        if (behind_)
            std::swap(piece.low, piece.high);
        const Piece whole = piece;
        const auto between = [&](double along, const double(&of)[2]) {
            return of[0] + (along - whole.from) / (whole.to - whole.from) * (of[1] - of[0]);
        };
        piece.from = std::max(piece.from, 0.0);
        piece.to = std::min(piece.to, length_);
        if (!(piece.from < piece.to))
            return;
        for (size_t k = 0; k < 2; ++k) {
            const double along = k == 0 ? piece.from : piece.to;
            piece.low[k] = between(along, whole.low);
            piece.high[k] = between(along, whole.high);
            lowest_ = std::min({lowest_, piece.high[k], piece.low[k] < nowhere / 2 ? 0 : piece.low[k]});
        }
        (interval.substance == Substance::letters ? letters_ : blank_).push_back(piece);
    }

    bool behind_;
    double length_;
    std::vector<Piece> blank_, letters_;
    bool endless_ = false;
    double lowest_ = 0;
};

} // namespace

Section sectionOf(std::span<const PanelColumns> parts, std::string_view side, Vector from, Vector to) {
    const double length = plane::length(to - from);
    if (!(length > 0))
        return {};
    std::optional<Cutting> cutting;
    for (const PanelColumns& part : parts) {
        const Panel& panel = part.panel;
        const bool behind = panel.wall() && panel.back == side;
        if (panel.front != side && !behind)
            continue;
        if (!cutting)
            cutting.emplace(behind, length);
        const Vector a = toPlan(panel, behind, from), b = toPlan(panel, behind, to);
        // What runs past the seam comes in from the other end.
        const double turn = panel.cuts.turn();
        cutting->add(part, a, b);
        if (turn > 0)
            for (const Vector by : {Vector{-turn, 0}, Vector{turn, 0}})
                cutting->add(part, a + by, b + by);
    }
    return cutting ? cutting->section() : Section{};
}

} // namespace bollard::body
