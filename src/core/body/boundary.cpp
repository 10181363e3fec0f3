#include "body/boundary.hpp"
#include "body/true_plan.hpp"
#include "quantity/groups.hpp"
#include <cmath>
#include <unordered_map>

namespace bollard::body {
namespace {

using plane::CurvePiece, plane::Vector;

std::int64_t wayOf(int from, int to) {
    return (std::int64_t(from) << 32) | std::int64_t(to);
}
Vertex unit(const Vertex& v) {
    return 1 / space::length(v) * v;
}
/// Away from the y axis, at an angle from +z towards +x.
Vertex awayAt(double angle) {
    return {std::sin(angle), 0, std::cos(angle)};
}

/// A cubic spline through places, and along their ways, at some values of its parameter.
SpaceCurve splineThrough(const std::vector<double>& knots, const std::function<Vertex(double)>& at,
                         const std::function<Vertex(double)>& along) {
    SpaceCurve curve;
    curve.kind = SpaceCurve::Kind::spline;
    curve.from = knots.front();
    curve.to = knots.back();
    curve.knots = knots;
    for (size_t i = 0; i < knots.size(); ++i) {
        const Vertex place = at(knots[i]), way = along(knots[i]);
        if (i == 0)
            curve.poles.push_back(place);
        else
            curve.poles.push_back(place - (knots[i] - knots[i - 1]) / 3 * way);
        if (i + 1 == knots.size())
            curve.poles.push_back(place);
        else
            curve.poles.push_back(place + (knots[i + 1] - knots[i]) / 3 * way);
    }
    return curve;
}

std::vector<double> knotsBetween(double from, double to, int spans) {
    std::vector<double> knots;
    for (int i = 0; i <= spans; ++i)
        knots.push_back(from + (to - from) * i / spans);
    return knots;
}

/// Where a spline is at its knots, and how it goes on there.
Vertex placeAt(const SpaceCurve& curve, size_t knot) {
    const size_t last = curve.knots.size() - 1;
    if (knot == 0 || knot == last)
        return knot == 0 ? curve.poles.front() : curve.poles.back();
    const double before = curve.knots[knot] - curve.knots[knot - 1],
                 after = curve.knots[knot + 1] - curve.knots[knot];
    return 1 / (before + after) * (after * curve.poles[2 * knot] + before * curve.poles[2 * knot + 1]);
}
Vertex wayAt(const SpaceCurve& curve, size_t knot) {
    const size_t last = curve.knots.size() - 1;
    if (knot == last)
        return 3 / (curve.knots[last] - curve.knots[last - 1]) *
               (curve.poles.back() - curve.poles[curve.poles.size() - 2]);
    return 3 / (curve.knots[knot + 1] - curve.knots[knot]) *
           (curve.poles[2 * knot + 1] - placeAt(curve, knot));
}

/// What an edge of the mesh between two faces lies on. Edges of one carrier that follow each other are one.
struct Carrier {
    enum class Kind { straight, upright, along, border };
    Kind kind = Kind::straight;
    int part = -1;
    int number = 0; ///< of what is along a piece that; upright the point; straight its own
    std::int64_t height = 0;
    int lean = -1;
    int sector = 0;
    bool operator==(const Carrier&) const = default;
};

/// An edge of the mesh where two faces meet.
struct Seam {
    int from = 0, to = 0;
    Carrier carrier{};
    int edge = -1;       ///< that it becomes a part of
    bool turned = false; ///< against that
};

class Bounding {
  public:
    Bounding(const Mesh& mesh, const Origins& origins, std::vector<TruePlan> plans)
        : mesh_(mesh), origins_(origins), plans_(std::move(plans)), groups_(mesh.triangles.size()) {}

    Boundary made(const std::stop_token& stop) {
        for (TruePlan& plan : plans_)
            plan.match();
        findOrigins();
        for (size_t t = 0; t < mesh_.triangles.size(); ++t)
            for (size_t k = 0; k < 3; ++k)
                across_[wayOf(mesh_.triangles[t][k], mesh_.triangles[t][(k + 1) % 3])] = int(t);
        if (stop.stop_requested())
            return {};
        join();
        findSeams();
        makeEdges();
        makeFaces();
        findShells();
        return std::move(made_);
    }

  private:
    struct Nature {
        enum class Kind { facet, cap, wall };
        Kind kind = Kind::facet;
        int part = 0;
        int number = 0; ///< of a wall its piece
        std::int64_t height = 0;
        int lean = -1;
        int sector = 0;
        bool reversed = false; ///< a wall whose piece has the body on its right
        bool operator==(const Nature&) const = default;
    };

    void findOrigins() {
        firstOrigin_.assign(mesh_.vertices.size() + 1, int(origins_.vertices.size()));
        for (size_t i = origins_.vertices.size(); i-- > 0;)
            firstOrigin_[size_t(origins_.vertices[i].first)] = int(i);
        for (size_t v = mesh_.vertices.size(); v-- > 0;)
            if (firstOrigin_[v] > firstOrigin_[v + 1])
                firstOrigin_[v] = firstOrigin_[v + 1];
    }
    const Origin* originIn(int part, int vertex) const {
        for (int i = firstOrigin_[size_t(vertex)]; i < firstOrigin_[size_t(vertex) + 1]; ++i)
            if (origins_.vertices[size_t(i)].second.part == part)
                return &origins_.vertices[size_t(i)].second;
        return nullptr;
    }
    const TruePlan& plan(int part) const { return plans_[size_t(part)]; }

    Nature natureOf(int triangle) const {
        Nature nature;
        if (origins_.triangles.empty())
            return nature;
        const Origins::Of& of = origins_.triangles[size_t(triangle)];
        const TruePlan& on = plan(of.part);
        nature.part = of.part;
        if (on.kind() == TruePlan::Kind::faceted)
            return nature;
        if (of.wall()) {
            nature.number = on.pieceOf(of.a, of.b);
            if (nature.number < 0)
                return nature;
            nature.kind = Nature::Kind::wall;
            nature.sector = on.sectorOf(of.a, of.b, of.a);
            nature.reversed = on.on(nature.number, of.b) < on.on(nature.number, of.a);
            return nature;
        }
        nature.lean = of.level < 0 ? -1 : on.leanOf(of.level);
        if (nature.lean == -2) // it slopes
            return {Nature::Kind::facet, of.part, of.level, 0, -1, 0, false};
        nature.kind = Nature::Kind::cap;
        nature.height = nature.lean < 0 ? of.height : 0;
        const auto& corners = mesh_.triangles[size_t(triangle)];
        std::array<int, 3> points{};
        for (size_t k = 0; k < 3; ++k)
            points[k] = originIn(of.part, corners[k])->point;
        nature.sector = on.sectorOf(points[0], points[1], points[2]);
        return nature;
    }

    Vertex normalOf(int triangle) const {
        const auto& [a, b, c] = mesh_.triangles[size_t(triangle)];
        const Vertex &p = mesh_.vertices[size_t(a)], &q = mesh_.vertices[size_t(b)],
                     &r = mesh_.vertices[size_t(c)];
        return space::cross(q - p, r - p);
    }

    /// Facets in one plane, as well as corners on the grid can lie in it.
    bool liesInOnePlane(int first, int second) const {
        const Vertex a = normalOf(first), b = normalOf(second);
        constexpr double even = 1e-6;
        return space::length(space::cross(a, b)) <= even * space::length(a) * space::length(b) &&
               space::dot(a, b) > 0;
    }

    void join() {
        for (size_t t = 0; t < mesh_.triangles.size(); ++t)
            natures_.push_back(natureOf(int(t)));
        for (size_t t = 0; t < mesh_.triangles.size(); ++t)
            for (size_t k = 0; k < 3; ++k) {
                const int other = across_.at(wayOf(mesh_.triangles[t][(k + 1) % 3], mesh_.triangles[t][k]));
                if (other < int(t) || !(natures_[t] == natures_[size_t(other)]))
                    continue;
                if (natures_[t].kind != Nature::Kind::facet || liesInOnePlane(int(t), other))
                    groups_.join(t, size_t(other));
            }
        // Where facets turn little by little no plane goes through all of them.
        std::unordered_map<size_t, int> firstOf;
        std::vector<bool> bent(mesh_.triangles.size());
        constexpr double flat_mm = 1e-4;
        for (size_t t = 0; t < mesh_.triangles.size(); ++t) {
            if (natures_[t].kind != Nature::Kind::facet)
                continue;
            const int first = firstOf.try_emplace(groups_.of(t), int(t)).first->second;
            const Vertex normal = unit(normalOf(first));
            const Vertex& on = mesh_.vertices[size_t(mesh_.triangles[size_t(first)][0])];
            for (const int corner : mesh_.triangles[t])
                if (std::fabs(space::dot(mesh_.vertices[size_t(corner)] - on, normal)) > flat_mm)
                    bent[groups_.of(t)] = true;
        }
        for (size_t t = 0; t < mesh_.triangles.size(); ++t) {
            const size_t group = groups_.of(t);
            group_.push_back(bent[group] ? int(mesh_.triangles.size() + t) : int(group));
        }
    }

    Carrier carrierOf(int from, int to, int left, int right) const {
        Carrier carrier;
        carrier.number = int(seams_.size());
        if (origins_.triangles.empty())
            return carrier;
        // Sides that bend know best what their borders are.
        std::array<int, 2> parts{origins_.triangles[size_t(left)].part,
                                 origins_.triangles[size_t(right)].part};
        if (plan(parts[1]).kind() == TruePlan::Kind::swept)
            std::swap(parts[0], parts[1]);
        for (const int part : parts) {
            const TruePlan& on = plan(part);
            const Origin *a = originIn(part, from), *b = originIn(part, to);
            if (on.kind() == TruePlan::Kind::faceted || !a || !b)
                continue;
            if (a->point == b->point)
                return {Carrier::Kind::upright, part, a->point, 0, -1, 0};
            const int piece = on.pieceOf(a->point, b->point);
            const int lean = on.leanAt(a->point, a->height);
            const bool level = lean >= 0 ? lean == on.leanAt(b->point, b->height) : a->height == b->height;
            if (!level || (piece < 0 && !on.onBorder(a->point, b->point)))
                continue;
            const std::int64_t height = lean < 0 ? a->height : 0;
            if (piece >= 0)
                return {Carrier::Kind::along,
                        part,
                        piece,
                        height,
                        lean,
                        on.sectorOf(a->point, b->point, a->point)};
            return {
                Carrier::Kind::border, part, on.columns().plan.points[size_t(a->point)].x, height, lean, 0};
        }
        return carrier;
    }

    void findSeams() {
        for (size_t t = 0; t < mesh_.triangles.size(); ++t)
            for (size_t k = 0; k < 3; ++k) {
                const int from = mesh_.triangles[t][k], to = mesh_.triangles[t][(k + 1) % 3];
                const int other = across_.at(wayOf(to, from));
                if (group_[t] == group_[size_t(other)] || from > to)
                    continue;
                seamAt_[edgeKey(from, to)] = int(seams_.size());
                seams_.push_back({from, to, carrierOf(from, to, int(t), other)});
            }
        // Vertices are where more than two meet, or two that are not one.
        isVertex_.assign(mesh_.vertices.size(), false);
        std::vector<int> last(mesh_.vertices.size(), -1), count(mesh_.vertices.size());
        for (size_t s = 0; s < seams_.size(); ++s)
            for (const int v : {seams_[s].from, seams_[s].to}) {
                const int before = std::exchange(last[size_t(v)], int(s));
                if (++count[size_t(v)] > 2 ||
                    (before >= 0 && !(seams_[size_t(before)].carrier == seams_[s].carrier)))
                    isVertex_[size_t(v)] = true;
            }
    }

    int vertexOf(int meshVertex) {
        const auto [known, isNew] = vertices_.try_emplace(meshVertex, int(made_.vertices.size()));
        if (isNew)
            made_.vertices.push_back(placeOf(meshVertex));
        return known->second;
    }
    /// Exactly, where that is known.
    Vertex placeOf(int v) const {
        std::optional<Vertex> flat;
        for (int i = firstOrigin_[size_t(v)]; i < firstOrigin_[size_t(v) + 1]; ++i) {
            const Origin& origin = origins_.vertices[size_t(i)].second;
            const TruePlan& on = plan(origin.part);
            if (on.kind() == TruePlan::Kind::swept)
                return on.at(origin.point, origin.height);
            if (on.kind() == TruePlan::Kind::flat &&
                !on.panel().rim.contains(on.columns().plan.points[size_t(origin.point)]))
                flat = on.at(origin.point, origin.height);
        }
        return flat ? *flat : mesh_.vertices[size_t(v)];
    }

    void makeEdges() {
        std::unordered_map<int, std::vector<int>> seamsAt;
        for (size_t s = 0; s < seams_.size(); ++s)
            for (const int v : {seams_[s].from, seams_[s].to})
                seamsAt[v].push_back(int(s));
        const auto follow = [&](int start, int seam) {
            std::vector<std::pair<int, bool>> way; // with their turn
            int at = start;
            for (int s = seam; seams_[size_t(s)].edge < 0;) {
                Seam& here = seams_[size_t(s)];
                here.edge = int(made_.edges.size());
                here.turned = here.from != at;
                way.emplace_back(s, here.turned);
                at = here.turned ? here.from : here.to;
                if (isVertex_[size_t(at)])
                    break;
                const auto& next = seamsAt.at(at);
                s = next[0] == s ? next[1] : next[0];
            }
            addEdge(start, at, seams_[size_t(seam)].carrier, way);
        };
        for (size_t s = 0; s < seams_.size(); ++s)
            for (const int v : {seams_[s].from, seams_[s].to})
                if (isVertex_[size_t(v)] && seams_[s].edge < 0)
                    follow(v, int(s));
        for (size_t s = 0; s < seams_.size(); ++s) // closed ones without a vertex
            if (seams_[s].edge < 0) {
                isVertex_[size_t(seams_[s].from)] = true;
                follow(seams_[s].from, int(s));
            }
    }

    void addEdge(int from, int to, const Carrier& carrier, const std::vector<std::pair<int, bool>>& way) {
        BoundaryEdge edge;
        if (carrier.kind == Carrier::Kind::along) {
            const TruePlan& on = plan(carrier.part);
            const Origin *a = originIn(carrier.part, from), *b = originIn(carrier.part, to);
            double start = on.on(carrier.number, a->point), end = on.on(carrier.number, b->point);
            if (start > end) {
                std::swap(start, end);
                std::swap(from, to);
                for (const auto& [s, turned] : way)
                    seams_[size_t(s)].turned = !turned;
            }
            edge.curve = curveAlong(on, carrier, start, end, a->height);
        }
        edge.from = vertexOf(from);
        edge.to = vertexOf(to);
        if (edge.curve.kind == SpaceCurve::Kind::spline) { // corners were rounded before curves were known
            edge.curve.poles.front() = made_.vertices[size_t(edge.from)];
            edge.curve.poles.back() = made_.vertices[size_t(edge.to)];
        }
        if (edge.curve.kind == SpaceCurve::Kind::line)
            edge.curve.to =
                space::length(made_.vertices[size_t(edge.to)] - made_.vertices[size_t(edge.from)]);
        made_.edges.push_back(std::move(edge));
        ends_.push_back({from, to});
    }

    /// Directions of a turned side grow with x, or against it; angles that fall are told backwards.
    static int spansOf(double angle) {
        constexpr double atOnce = 0.03; // radians; off by a tenth of a nanometre a millimetre
        return std::max(2, int(std::ceil(std::fabs(angle) / atOnce)));
    }

    static SpaceCurve curveAlong(const TruePlan& on, const Carrier& carrier, double start, double end,
                                 std::int32_t height) {
        const CurvePiece& piece = on.piece(carrier.number);
        if (on.kind() == TruePlan::Kind::flat) {
            const auto at = [&](double t) { return on.at(piece.at(t), height, carrier.lean); };
            const auto along = [&](double t) {
                const Vector way = piece.along(t);
                const double out = carrier.lean >= 0 ? on.rise() * way.x : 0;
                return way.x * on.right() + way.y * on.up() + out * on.out();
            };
            if (piece.kind == CurvePiece::Kind::line)
                return {};
            if (piece.kind == CurvePiece::Kind::cubic)
                return splineThrough({start, end}, at, along);
            if (carrier.lean >= 0)
                return splineThrough(knotsBetween(start, end, spansOf(piece.sweep * (end - start))), at,
                                     along);
            SpaceCurve circle;
            circle.kind = SpaceCurve::Kind::circle;
            circle.radius = piece.radius;
            circle.centre = on.at(piece.centre, height, -1);
            circle.x = on.right();
            circle.y = piece.sweep > 0 ? on.up() : -1 * on.up();
            const double first = piece.sweep > 0 ? piece.from : -piece.from, size = std::fabs(piece.sweep);
            circle.from = first + size * start;
            circle.to = first + size * end;
            return circle;
        }
        const blank::Swept& side = on.swept(on.isBehind(height));
        const double out = on.heightOf(height), turn = on.turn();
        const Vector a = piece.at(start), b = piece.at(end);
        if (piece.kind == CurvePiece::Kind::line && a.x == b.x)
            return {};
        if (piece.kind == CurvePiece::Kind::line && a.y == b.y) {
            SpaceCurve circle;
            circle.kind = SpaceCurve::Kind::circle;
            const Vertex place = side.at(a.x, a.y, turn, out);
            circle.radius = std::hypot(place.x, place.z);
            circle.centre = {0, place.y, 0};
            circle.x = {0, 0, 1};
            circle.from = side.angle(a.x, turn);
            circle.to = side.angle(b.x, turn);
            const bool falls = circle.to < circle.from;
            circle.y = {falls ? -1.0 : 1.0, 0, 0};
            if (falls) {
                circle.from = -circle.from;
                circle.to = -circle.to;
            }
            return circle;
        }
        return splineThrough(
            knotsBetween(start, end, spansOf(2 * M_PI * (b.x - a.x) / turn)),
            [&](double t) {
                const Vector p = piece.at(t);
                return side.at(p.x, p.y, turn, out);
            },
            [&](double t) { return wayOn(side, piece, t, turn, out); });
    }

    static Vertex wayOn(const blank::Swept& side, const CurvePiece& piece, double t, double turn,
                        double out) {
        const Vector p = piece.at(t), way = piece.along(t);
        const double angle = side.angle(p.x, turn),
                     turning = (side.mirrored ? -1 : 1) * 2 * M_PI / turn * way.x;
        const double far = side.r + side.rise * p.y + out * side.normalR, growing = side.rise * way.y;
        const double s = std::sin(angle), c = std::cos(angle);
        return {growing * s + far * turning * c, side.along * way.y, growing * c - far * turning * s};
    }

    void makeFaces() {
        // Loops of seams with their face on the left, in order.
        std::unordered_map<int, int> faceOf; // by group
        std::unordered_map<std::int64_t, bool> seen;
        for (size_t t = 0; t < mesh_.triangles.size(); ++t)
            for (size_t k = 0; k < 3; ++k) {
                const int from = mesh_.triangles[t][k], to = mesh_.triangles[t][(k + 1) % 3];
                if (!seamAt_.contains(edgeKey(from, to)) || seen[wayOf(from, to)])
                    continue;
                const auto [face, isNew] = faceOf.try_emplace(group_[t], int(made_.faces.size()));
                if (isNew) {
                    made_.faces.emplace_back();
                    triangleOf_.push_back(int(t));
                }
                made_.faces[size_t(face->second)].loops.push_back(loopFrom(int(t), k, seen));
            }
        for (size_t f = 0; f < made_.faces.size(); ++f) {
            describe(made_.faces[f], triangleOf_[f]);
            if (made_.faces[f].surface.kind != FaceSurface::Kind::plane)
                for (auto& loop : made_.faces[f].loops)
                    for (EdgeUse& use : loop)
                        use.onSurface = wayOnSurface(made_.faces[f], use, natures_[size_t(triangleOf_[f])]);
        }
        const bool bends = std::ranges::any_of(plans_, [](const TruePlan& plan) {
            return plan.kind() == TruePlan::Kind::faceted ||
                   std::ranges::any_of(plan.columns().levels, &working::Level::slopes);
        });
        if (bends || origins_.triangles.empty())
            made_.facets = int(std::ranges::count_if(
                triangleOf_, [&](int t) { return natures_[size_t(t)].kind == Nature::Kind::facet; }));
    }

    std::vector<EdgeUse> loopFrom(int triangle, size_t corner, std::unordered_map<std::int64_t, bool>& seen) {
        std::vector<EdgeUse> uses;
        int t = triangle;
        size_t k = corner;
        for (;;) {
            const int from = mesh_.triangles[size_t(t)][k], to = mesh_.triangles[size_t(t)][(k + 1) % 3];
            bool& done = seen[wayOf(from, to)];
            if (done)
                break;
            done = true;
            const Seam& seam = seams_[size_t(seamAt_.at(edgeKey(from, to)))];
            const bool reversed = seam.turned != (seam.from != from);
            if (uses.empty() || uses.back().edge != seam.edge || isVertex_[size_t(from)])
                uses.push_back({seam.edge, reversed, {}});
            // On round the vertex to the next one of the face.
            k = (k + 1) % 3;
            while (!seamAt_.contains(
                edgeKey(mesh_.triangles[size_t(t)][k], mesh_.triangles[size_t(t)][(k + 1) % 3]))) {
                const int here = mesh_.triangles[size_t(t)][k];
                t = across_.at(wayOf(mesh_.triangles[size_t(t)][(k + 1) % 3], here));
                const auto& corners = mesh_.triangles[size_t(t)];
                k = size_t(std::ranges::find(corners, here) - corners.begin());
            }
        }
        // It may have begun within an edge.
        if (uses.size() > 1 && uses.front().edge == uses.back().edge &&
            uses.front().reversed == uses.back().reversed &&
            !isVertex_[size_t(mesh_.triangles[size_t(triangle)][corner])])
            uses.pop_back();
        return uses;
    }

    void describe(BoundaryFace& face, int triangle) const {
        const Nature& nature = natures_[size_t(triangle)];
        FaceSurface& surface = face.surface;
        const Vertex normal = unit(normalOf(triangle));
        const Vertex& corner = mesh_.vertices[size_t(mesh_.triangles[size_t(triangle)][0])];
        const auto plane = [&](const Vertex& exactNormal, const Vertex& on) {
            surface.kind = FaceSurface::Kind::plane;
            surface.axis = space::dot(exactNormal, normal) < 0 ? -1 * exactNormal : exactNormal;
            surface.x = anyAcross(surface.axis);
            surface.origin = on;
        };
        if (nature.kind == Nature::Kind::facet) {
            facetPlane(face, normal);
            return;
        }
        const Vertex on = made_.vertices[size_t(made_.edges[size_t(face.loops.front().front().edge)].from)];
        const TruePlan& plan = this->plan(nature.part);
        if (plan.kind() == TruePlan::Kind::flat) {
            if (nature.kind == Nature::Kind::cap) {
                plane(unit(plan.out() - (nature.lean >= 0 ? plan.rise() : 0) * plan.right()), on);
                return;
            }
            const CurvePiece& piece = plan.piece(nature.number);
            if (piece.kind == CurvePiece::Kind::line) {
                const Vector way = piece.poles[3] - piece.poles[0];
                plane(unit(way.y * plan.right() - way.x * plan.up()), on);
            } else if (piece.kind == CurvePiece::Kind::arc) {
                surface.kind = FaceSurface::Kind::cone;
                surface.origin = plan.at(piece.centre, 0, -1);
                surface.axis = plan.out();
                surface.x = plan.right();
                surface.radius = piece.radius;
                surface.middle = piece.from + piece.sweep / 2;
                face.inwards = facesAxis(surface, corner, normal);
            } else {
                surface.kind = FaceSurface::Kind::extruded;
                surface.origin = plan.at({0, 0}, 0, -1);
                surface.axis = plan.out();
                surface.curves[0] = splineThrough(
                    {0, 1}, [&](double t) { return plan.at(piece.at(t), 0, -1); },
                    [&](double t) {
                        const Vector way = piece.along(t);
                        return way.x * plan.right() + way.y * plan.up();
                    });
                face.inwards = nature.reversed;
            }
            return;
        }
        if (nature.kind == Nature::Kind::cap)
            sweptCap(face, nature, corner, normal);
        else
            sweptWall(face, nature, plane);
    }

    static Vertex anyAcross(const Vertex& axis) {
        const Vertex aside = std::fabs(axis.x) < 0.6 ? Vertex{1, 0, 0} : Vertex{0, 1, 0};
        return unit(space::cross(space::cross(axis, aside), axis));
    }
    /// Whether the surface's side that faces away from its axis is within the body.
    static bool facesAxis(const FaceSurface& cone, const Vertex& place, const Vertex& normal) {
        const Vertex off = place - cone.origin;
        return space::dot(off - space::dot(off, cone.axis) * cone.axis, normal) < 0;
    }

    /// Through corners that were rounded, as well as it can.
    void facetPlane(BoundaryFace& face, const Vertex& roughly) const {
        Vertex sum{}, middle{};
        int count = 0;
        for (const auto& loop : face.loops) {
            std::vector<Vertex> corners;
            for (const EdgeUse& use : loop) {
                const BoundaryEdge& edge = made_.edges[size_t(use.edge)];
                corners.push_back(made_.vertices[size_t(use.reversed ? edge.to : edge.from)]);
            }
            for (size_t i = 0; i < corners.size(); ++i) {
                sum = sum +
                      space::cross(corners[i] - corners[0], corners[(i + 1) % corners.size()] - corners[0]);
                middle = middle + corners[i];
                ++count;
            }
        }
        face.surface.axis = space::length(sum) > 0 ? unit(sum) : roughly;
        face.surface.x = anyAcross(face.surface.axis);
        face.surface.origin = 1.0 / count * middle;
    }

    void sweptCap(BoundaryFace& face, const Nature& nature, const Vertex& corner,
                  const Vertex& normal) const {
        FaceSurface& surface = face.surface;
        const TruePlan& plan = this->plan(nature.part);
        const auto height = std::int32_t(nature.height);
        const blank::Swept& side = plan.swept(plan.isBehind(height));
        const double out = plan.heightOf(height);
        const auto& cuts = plan.panel().cuts.v;
        const Vertex first = side.at(0, plane::toMillimetres(cuts.front()), plan.turn(), out),
                     last = side.at(0, plane::toMillimetres(cuts.back()), plan.turn(), out);
        constexpr double level = 1e-9;
        if (std::fabs(side.along) < level) {
            surface.kind = FaceSurface::Kind::plane;
            surface.axis = {0, normal.y < 0 ? -1.0 : 1.0, 0};
            surface.x = {1, 0, 0};
            surface.origin = first;
            return;
        }
        surface.kind = FaceSurface::Kind::cone;
        const double farFirst = std::hypot(first.x, first.z), farLast = std::hypot(last.x, last.z);
        surface.radius = std::max(farFirst, farLast);
        surface.origin = {0, farFirst >= farLast ? first.y : last.y, 0};
        surface.axis = {0, 1, 0};
        surface.slope = std::fabs(side.rise) < level ? 0 : std::atan(side.rise / side.along);
        const Vector sector = plan.sector(nature.sector);
        surface.x = awayAt(side.angle(sector.x, plan.turn()));
        surface.middle = (side.angle(sector.y, plan.turn()) - side.angle(sector.x, plan.turn())) / 2;
        face.inwards = facesAxis(surface, corner, normal);
    }

    template<class Plane> void sweptWall(BoundaryFace& face, const Nature& nature, const Plane& plane) const {
        FaceSurface& surface = face.surface;
        const TruePlan& plan = this->plan(nature.part);
        const CurvePiece& piece = plan.piece(nature.number);
        const blank::Swept& side = plan.swept(false);
        const double turn = plan.turn();
        const Vector a = piece.at(0), b = piece.at(1);
        const bool line = piece.kind == CurvePiece::Kind::line;
        if (line && a.x == b.x) {
            plane(awayAt(side.angle(a.x, turn) + M_PI / 2), side.at(a.x, a.y, turn, 0));
            return;
        }
        if (line && a.y == b.y && side.normalY == 0) {
            plane(Vertex{0, 1, 0}, side.at(a.x, a.y, turn, 0));
            return;
        }
        surface.kind = FaceSurface::Kind::ruled;
        // From the lowest to the highest of its corners.
        double low = 0, high = 0;
        for (const auto& loop : face.loops)
            for (const EdgeUse& use : loop)
                for (const int end : ends_[size_t(use.edge)]) {
                    const double out = outOf(nature, end);
                    low = std::min(low, out);
                    high = std::max(high, out);
                }
        surface.heights = {low, high};
        const std::vector<double> knots = knotsBetween(0, 1, spansOf(2 * M_PI * (b.x - a.x) / turn) * 2);
        for (size_t i = 0; i < 2; ++i)
            surface.curves[i] = splineThrough(
                knots,
                [&](double t) {
                    const Vector p = piece.at(t);
                    return side.at(p.x, p.y, turn, surface.heights[i]);
                },
                [&](double t) { return wayOn(side, piece, t, turn, surface.heights[i]); });
        face.inwards = nature.reversed;
    }

    /// How far above the front of a wall's panel a vertex stands, mm, as it is.
    double outOf(const Nature& nature, int meshVertex) const {
        const TruePlan& plan = this->plan(nature.part);
        const Origin& origin = *originIn(nature.part, meshVertex);
        if (plan.kind() == TruePlan::Kind::flat)
            return space::dot(placeOf(meshVertex) - plan.at({0, 0}, 0, -1), plan.out());
        const Vector p = plan.exact(origin.point);
        const blank::Swept& side = plan.swept(false);
        const Vertex foot = side.at(p.x, p.y, plan.turn(), 0), beyond = side.at(p.x, p.y, plan.turn(), 1);
        return space::dot(placeOf(meshVertex) - foot, beyond - foot);
    }

    std::vector<Vector> wayOnSurface(const BoundaryFace& face, const EdgeUse& use,
                                     const Nature& nature) const {
        const BoundaryEdge& edge = made_.edges[size_t(use.edge)];
        const FaceSurface& surface = face.surface;
        if (surface.kind == FaceSurface::Kind::cone) {
            if (edge.curve.kind != SpaceCurve::Kind::spline)
                return {onCone(surface, made_.vertices[size_t(edge.from)]),
                        onCone(surface, made_.vertices[size_t(edge.to)])};
            const SpaceCurve& curve = edge.curve;
            const auto at = [&](size_t knot) {
                const Vector p = onCone(surface, placeAt(curve, knot));
                return Vertex{p.x, p.y, 0};
            };
            const auto along = [&](size_t knot) {
                const Vertex off = placeAt(curve, knot) - surface.origin, way = wayAt(curve, knot);
                const Vertex y = space::cross(surface.axis, surface.x);
                const double p = space::dot(off, surface.x), q = space::dot(off, y);
                const double turning =
                    (p * space::dot(way, y) - q * space::dot(way, surface.x)) / (p * p + q * q);
                return Vertex{turning, space::dot(way, surface.axis) / std::cos(surface.slope), 0};
            };
            return splineOf(curve, at, along);
        }
        const TruePlan& plan = this->plan(nature.part);
        std::array<Vector, 2> ends;
        for (size_t i = 0; i < 2; ++i) {
            const int vertex = ends_[size_t(use.edge)][i];
            ends[i] = {plan.on(nature.number, originIn(nature.part, vertex)->point), outOf(nature, vertex)};
        }
        const bool leans = surface.kind == FaceSurface::Kind::extruded &&
                           edge.curve.kind == SpaceCurve::Kind::spline && ends[0].y != ends[1].y;
        if (!leans)
            return {ends[0], ends[1]};
        const SpaceCurve& curve = edge.curve;
        return splineOf(
            curve,
            [&](size_t knot) {
                return Vertex{curve.knots[knot],
                              space::dot(placeAt(curve, knot) - surface.origin, surface.axis), 0};
            },
            [&](size_t knot) {
                return Vertex{1, space::dot(wayAt(curve, knot), surface.axis), 0};
            });
    }

    template<class At, class Along>
    static std::vector<Vector> splineOf(const SpaceCurve& like, const At& at, const Along& along) {
        const auto knotOf = [&](double value) {
            return size_t(std::ranges::lower_bound(like.knots, value) - like.knots.begin());
        };
        const SpaceCurve spline = splineThrough(
            like.knots, [&](double value) { return at(knotOf(value)); },
            [&](double value) { return along(knotOf(value)); });
        std::vector<Vector> poles;
        for (const Vertex& pole : spline.poles)
            poles.push_back({pole.x, pole.y});
        return poles;
    }

    static Vector onCone(const FaceSurface& cone, const Vertex& place) {
        const Vertex off = place - cone.origin, y = space::cross(cone.axis, cone.x);
        const double angle = std::atan2(space::dot(off, y), space::dot(off, cone.x));
        return {cone.middle + std::remainder(angle - cone.middle, 2 * M_PI),
                space::dot(off, cone.axis) / std::cos(cone.slope)};
    }

    void findShells() {
        quantity::Groups shells(made_.faces.size());
        std::vector<int> first(made_.edges.size(), -1);
        for (size_t f = 0; f < made_.faces.size(); ++f)
            for (const auto& loop : made_.faces[f].loops)
                for (const EdgeUse& use : loop) {
                    int& other = first[size_t(use.edge)];
                    if (other >= 0)
                        shells.join(size_t(other), f);
                    other = int(f);
                }
        std::unordered_map<size_t, int> number;
        std::unordered_map<int, int> shellOf; // by group of triangles
        for (size_t f = 0; f < made_.faces.size(); ++f) {
            const auto [shell, isNew] = number.try_emplace(shells.of(f), int(made_.shells.size()));
            if (isNew)
                made_.shells.emplace_back();
            made_.faces[f].shell = shell->second;
            shellOf[group_[size_t(triangleOf_[f])]] = shell->second;
        }
        std::vector<bool> begun(made_.shells.size());
        for (size_t t = 0; t < mesh_.triangles.size(); ++t) {
            const int own = shellOf.at(group_[t]);
            Boundary::Shell& shell = made_.shells[size_t(own)];
            std::array<Vertex, 3> corners;
            for (size_t k = 0; k < 3; ++k)
                corners[k] = mesh_.vertices[size_t(mesh_.triangles[t][k])];
            if (!begun[size_t(own)])
                shell.extent = {corners[0], corners[0]};
            begun[size_t(own)] = true;
            shell.volume += space::dot(corners[0], space::cross(corners[1], corners[2])) / 6;
            for (const Vertex& c : corners) {
                Extent& e = shell.extent;
                e.low = {std::min(e.low.x, c.x), std::min(e.low.y, c.y), std::min(e.low.z, c.z)};
                e.high = {std::max(e.high.x, c.x), std::max(e.high.y, c.y), std::max(e.high.z, c.z)};
            }
        }
    }

    const Mesh& mesh_;
    const Origins& origins_;
    std::vector<TruePlan> plans_;
    std::vector<int> firstOrigin_{};                 ///< by vertex
    std::unordered_map<std::int64_t, int> across_{}; ///< the triangle to the left of a way
    std::vector<Nature> natures_{};
    quantity::Groups groups_;
    std::vector<int> group_{}; ///< by triangle
    std::vector<Seam> seams_{};
    std::unordered_map<std::int64_t, int> seamAt_{};
    std::vector<bool> isVertex_{};
    std::unordered_map<int, int> vertices_{};
    std::vector<std::array<int, 2>> ends_{}; ///< of each edge, vertices of the mesh
    std::vector<int> triangleOf_{};          ///< one of each face
    Boundary made_{};
};

} // namespace

Boundary boundaryOf(std::span<const PanelColumns> parts, std::span<const std::vector<CurvePiece>> curves,
                    Selection selection, const std::stop_token& stop) {
    Origins origins;
    const Mesh mesh = meshOf(parts, selection, stop, &origins);
    std::vector<TruePlan> plans;
    for (size_t i = 0; i < parts.size(); ++i)
        plans.emplace_back(parts[i], i < curves.size() ? curves[i] : std::vector<CurvePiece>());
    // A rim is a circle for both of its sides, or for none.
    const bool anyFaceted = std::ranges::any_of(
        plans, [](const TruePlan& plan) { return plan.kind() == TruePlan::Kind::faceted; });
    for (TruePlan& plan : plans)
        if (anyFaceted && plan.bends())
            plan.makeFaceted();
    return Bounding(mesh, origins, std::move(plans)).made(stop);
}

Boundary boundaryOf(const Mesh& mesh, const std::stop_token& stop) {
    return Bounding(mesh, Origins{}, {}).made(stop);
}

} // namespace bollard::body
