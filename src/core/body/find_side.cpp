#include "body/find_side.hpp"
#include "body/probe.hpp"
#include "plane/region.hpp"
#include <cmath>
#include <cstdio>
#include <limits>
#include <set>
#include <unordered_map>
#include <unordered_set>

namespace bollard::body {
namespace {

using blank::FoundSide;
using space::cross, space::dot, space::length;

/// Corners lie so near what they were made from, mm, in files of single precision, and by so much of their
/// size.
constexpr double corner_mm = 2e-3, cornerShare = 1e-5;
/// Faces of something round turn by no more than this from one to the next.
constexpr double mostTurn = M_PI / 5;
constexpr double leastArea_mm2 = 1;

Vertex directed(const Vertex& v) {
    const double size = length(v);
    return size > 0 ? 1 / size * v : v;
}
std::array<double, 3> arrayOf(const Vertex& v) {
    return {v.x, v.y, v.z};
}

/// Where a straight line into a part first meets it: the triangle and the place; -1 for none. O(n).
struct Met {
    int triangle = -1;
    Vertex at{};
};
Met metBy(const Mesh& part, const Vertex& from, const Vertex& way) {
    Met met;
    double nearest = std::numeric_limits<double>::max();
    for (size_t t = 0; t < part.triangles.size(); ++t) {
        const auto& [i, j, k] = part.triangles[t];
        const Vertex a = part.vertices[size_t(i)];
        const Vertex ab = part.vertices[size_t(j)] - a, ac = part.vertices[size_t(k)] - a;
        const Vertex p = cross(way, ac);
        const double size = dot(ab, p);
        if (std::fabs(size) < 1e-15)
            continue;
        const Vertex d = from - a;
        const double u = dot(d, p) / size;
        const Vertex q = cross(d, ab);
        const double v = dot(way, q) / size, along = dot(ac, q) / size;
        if (u < 0 || v < 0 || u + v > 1 || along <= 0 || along >= nearest)
            continue;
        nearest = along;
        met = {int(t), from + along * way};
    }
    return met;
}

/// Neighbours and normals of a part's triangles.
class Faces {
  public:
    explicit Faces(const Mesh& part) : part_(part) {
        std::unordered_map<std::int64_t, int> left;
        left.reserve(part.triangles.size() * 3);
        const auto way = [](int from, int to) { return (std::int64_t(from) << 32) | std::int64_t(to); };
        for (size_t t = 0; t < part.triangles.size(); ++t)
            for (size_t k = 0; k < 3; ++k)
                left[way(part.triangles[t][k], part.triangles[t][(k + 1) % 3])] = int(t);
        for (size_t t = 0; t < part.triangles.size(); ++t) {
            std::array<int, 3>& across = across_.emplace_back();
            for (size_t k = 0; k < 3; ++k) {
                const auto found = left.find(way(part.triangles[t][(k + 1) % 3], part.triangles[t][k]));
                across[k] = found == left.end() ? -1 : found->second;
            }
            const Vertex n = cross(at(int(t), 1) - at(int(t), 0), at(int(t), 2) - at(int(t), 0));
            areas_.push_back(length(n) / 2);
            normals_.push_back(directed(n));
        }
        const Extent extent = extentOf(part);
        size_ = length(extent.high - extent.low);
    }

    const Vertex& at(int triangle, size_t corner) const {
        return part_.vertices[size_t(part_.triangles[size_t(triangle)][corner])];
    }
    const Vertex& normal(int triangle) const { return normals_[size_t(triangle)]; }
    double area(int triangle) const { return areas_[size_t(triangle)]; }
    int across(int triangle, size_t k) const { return across_[size_t(triangle)][k]; }
    double tolerance() const { return corner_mm + cornerShare * size_; }
    const Mesh& part() const { return part_; }

    /// Those that hang together with the first and belong.
    template<class Belongs> std::vector<int> grown(int first, const Belongs& belongs) const {
        std::vector<int> all{first};
        std::unordered_set<int> seen{first}; // mostly few of many
        for (size_t i = 0; i < all.size(); ++i)
            for (size_t k = 0; k < 3; ++k) {
                const int next = across(all[i], k);
                if (next < 0 || seen.contains(next) || !belongs(all[i], next))
                    continue;
                seen.insert(next);
                all.push_back(next);
            }
        return all;
    }

  private:
    const Mesh& part_;
    std::vector<std::array<int, 3>> across_{};
    std::vector<Vertex> normals_{};
    std::vector<double> areas_{};
    double size_ = 0;
};

std::vector<int> flatAround(const Faces& faces, int first) {
    const Vertex normal = faces.normal(first), on = faces.at(first, 0);
    constexpr double even = 0.02; // slivers have hardly a normal of their own
    return faces.grown(first, [&](int, int next) {
        for (size_t k = 0; k < 3; ++k)
            if (std::fabs(dot(faces.at(next, k) - on, normal)) > faces.tolerance())
                return false;
        return dot(faces.normal(next), normal) > 1 - even;
    });
}

/// The way that a cloud of ways leaves least in, by its covariance: found by turns (Jacobi).
struct Axes {
    std::array<Vertex, 3> ways{};
    std::array<double, 3> sizes{};
};
Axes axesOf(const std::vector<Vertex>& cloud, const std::vector<double>& weights, const Vertex& middle) {
    double m[3][3] = {}, v[3][3] = {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}};
    for (size_t i = 0; i < cloud.size(); ++i) {
        const Vertex d = cloud[i] - middle;
        const double c[3] = {d.x, d.y, d.z};
        for (int a = 0; a < 3; ++a)
            for (int b = 0; b < 3; ++b)
                m[a][b] += weights[i] * c[a] * c[b];
    }
    constexpr int rounds = 40;
    for (int round = 0; round < rounds; ++round)
        for (int p = 0; p < 2; ++p)
            for (int q = p + 1; q < 3; ++q) {
                if (std::fabs(m[p][q]) < 1e-300)
                    continue;
                const double angle = 0.5 * std::atan2(2 * m[p][q], m[q][q] - m[p][p]);
                const double c = std::cos(angle), s = std::sin(angle);
                for (auto& row : m) {
                    const double a = row[p], b = row[q];
                    row[p] = c * a - s * b;
                    row[q] = s * a + c * b;
                }
                for (int k = 0; k < 3; ++k) {
                    const double a = m[p][k], b = m[q][k];
                    m[p][k] = c * a - s * b;
                    m[q][k] = s * a + c * b;
                }
                for (auto& row : v) {
                    const double a = row[p], b = row[q];
                    row[p] = c * a - s * b;
                    row[q] = s * a + c * b;
                }
            }
    std::array<int, 3> order{0, 1, 2};
    std::ranges::sort(order, {}, [&](int k) { return m[k][k]; });
    Axes axes;
    for (size_t i = 0; i < 3; ++i) {
        const int k = order[i];
        axes.ways[i] = {v[0][k], v[1][k], v[2][k]};
        axes.sizes[i] = m[k][k];
    }
    return axes;
}

/// A cylinder or cone: how far from the axis its places are grows by `grows` a mm along it.
struct Round {
    Vertex origin{}, axis{};
    double radius = 0, grows = 0;

    double off(const Vertex& place) const {
        const Vertex d = place - origin;
        const double up = dot(d, axis);
        const double far = length(d - up * axis);
        return (far - radius - grows * up) / std::sqrt(1 + grows * grows);
    }
};

/// Solves a few linear equations, each row with what it comes to; nothing where they do not tell.
template<size_t Count>
std::optional<std::array<double, Count>> solved(std::array<std::array<double, Count + 1>, Count> rows) {
    constexpr double nothing = 1e-12;
    for (size_t a = 0; a < Count; ++a) {
        size_t best = a;
        for (size_t b = a + 1; b < Count; ++b)
            if (std::fabs(rows[b][a]) > std::fabs(rows[best][a]))
                best = b;
        std::swap(rows[a], rows[best]);
        if (!(std::fabs(rows[a][a]) > nothing))
            return std::nullopt;
        for (size_t b = 0; b < Count; ++b) {
            const double share = b == a ? 0 : rows[b][a] / rows[a][a];
            for (size_t c = a; c <= Count && b != a; ++c)
                rows[b][c] -= share * rows[a][c];
        }
    }
    std::array<double, Count> found{};
    for (size_t a = 0; a < Count; ++a)
        found[a] = rows[a][Count] / rows[a][a];
    return found;
}

/// The circle through places seen along an axis, its radius growing along it: with (p - a)² + (q - b)² =
/// (r + g h)², by least squares in a, b, r² - a² - b² and, where it grows, r.
template<size_t Count>
std::optional<Round> fittedBy(const std::vector<Vertex>& places, const Vertex& axis, double grows) {
    const Vertex aside = std::fabs(axis.x) < 0.6 ? Vertex{1, 0, 0} : Vertex{0, 1, 0};
    const Vertex x = directed(cross(axis, aside)), y = cross(axis, x);
    Vertex base{};
    for (const Vertex& place : places)
        base = base + 1.0 / double(places.size()) * place;
    std::array<std::array<double, Count + 1>, Count> rows{};
    for (const Vertex& place : places) {
        const Vertex d = place - base;
        const double p = dot(d, x), q = dot(d, y), h = dot(d, axis);
        const std::array<double, 4> all{2 * p, 2 * q, 1, 2 * grows * h};
        const double right = p * p + q * q - grows * grows * h * h;
        for (size_t a = 0; a < Count; ++a) {
            for (size_t b = 0; b < Count; ++b)
                rows[a][b] += all[a] * all[b];
            rows[a][Count] += all[a] * right;
        }
    }
    const auto found = solved<Count>(rows);
    if (!found)
        return std::nullopt;
    const double a = (*found)[0], b = (*found)[1];
    Round round{base + a * x + b * y, axis, 0, grows};
    if constexpr (Count == 4)
        round.radius = (*found)[3];
    else
        round.radius = std::sqrt(std::max(0.0, (*found)[2] + a * a + b * b));
    return round.radius > 0 ? std::optional(round) : std::nullopt;
}

/// Facets lean a little less than the cone that their corners lie on: how it grows is found by turns with
/// where it lies.
std::optional<Round> fitted(const std::vector<Vertex>& places, const Vertex& axis, double grows) {
    if (grows == 0)
        return fittedBy<3>(places, axis, 0);
    std::optional<Round> round;
    constexpr int rounds = 6;
    for (int i = 0; i < rounds; ++i) {
        round = fittedBy<4>(places, axis, grows);
        if (!round)
            break;
        double n = 0, h = 0, far = 0, hh = 0, hFar = 0;
        for (const Vertex& place : places) {
            const Vertex d = place - round->origin;
            const double up = dot(d, axis), away = length(d - up * axis);
            n += 1;
            h += up;
            far += away;
            hh += up * up;
            hFar += up * away;
        }
        const double spread = n * hh - h * h;
        if (!(spread > 0))
            break;
        grows = (n * hFar - h * far) / spread;
    }
    return round;
}

double worst(const Round& round, const std::vector<Vertex>& places) {
    double most = 0;
    for (const Vertex& place : places)
        most = std::max(most, std::fabs(round.off(place)));
    return most;
}

/// Nearer to the places by least squares, as far as it goes: facets' normals only tell roughly how it lies.
Round refined(Round round, const std::vector<Vertex>& places, bool cone) {
    const auto changed = [&](const Round& from, const std::array<double, 6>& by) {
        const Vertex aside = std::fabs(from.axis.x) < 0.6 ? Vertex{1, 0, 0} : Vertex{0, 1, 0};
        const Vertex x = directed(cross(from.axis, aside)), y = cross(from.axis, x);
        Round to = from;
        to.origin = from.origin + by[0] * x + by[1] * y;
        to.axis = directed(from.axis + by[2] * x + by[3] * y);
        to.radius += by[4];
        to.grows += by[5];
        return to;
    };
    double before = worst(round, places);
    constexpr int rounds = 8;
    for (int i = 0; i < rounds; ++i) {
        constexpr double step = 1e-6;
        std::array<Round, 6> moved;
        for (size_t k = 0; k < moved.size(); ++k) {
            std::array<double, 6> by{};
            by[k] = step;
            moved[k] = changed(round, by);
        }
        const auto solve = [&]<size_t Count>(std::integral_constant<size_t, Count>) {
            std::array<std::array<double, Count + 1>, Count> rows{};
            for (const Vertex& place : places) {
                const double off = round.off(place);
                std::array<double, Count> slope;
                for (size_t k = 0; k < Count; ++k)
                    slope[k] = (moved[k].off(place) - off) / step;
                for (size_t a = 0; a < Count; ++a) {
                    for (size_t b = 0; b < Count; ++b)
                        rows[a][b] += slope[a] * slope[b];
                    rows[a][Count] -= slope[a] * off;
                }
            }
            std::array<double, 6> by{};
            if (const auto found = solved<Count>(rows))
                std::ranges::copy(*found, by.begin());
            return by;
        };
        const Round next = changed(round, cone ? solve(std::integral_constant<size_t, 6>())
                                               : solve(std::integral_constant<size_t, 5>()));
        const double now = worst(next, places);
        if (!(now < before))
            break;
        before = now;
        round = next;
    }
    return round;
}

/// What fits the corners of some faces best, by their normals, which all lean alike against its axis.
std::optional<Round> roundThrough(const Faces& faces, const std::vector<int>& triangles) {
    std::vector<Vertex> normals, places;
    std::vector<double> areas;
    Vertex middle{};
    double all = 0;
    for (const int t : triangles) {
        normals.push_back(faces.normal(t));
        areas.push_back(faces.area(t));
        middle = middle + faces.area(t) * faces.normal(t);
        all += faces.area(t);
        for (size_t k = 0; k < 3; ++k)
            places.push_back(faces.at(t, k));
    }
    middle = 1 / all * middle;
    std::optional<Round> best;
    // Round their middle for a cone; round nothing for a cylinder.
    for (const bool cone : {false, true}) {
        const Axes axes = axesOf(normals, areas, cone ? middle : Vertex{});
        if (!(axes.sizes[1] > 1e-12 * all)) // they hardly turn
            continue;
        const Vertex axis = directed(axes.ways[0]);
        const double leans = cone ? dot(middle, axis) : 0;
        const double grows = cone && std::fabs(leans) < 0.999 ? std::tan(std::asin(leans)) : 0;
        for (const double sign : {-1.0, 1.0}) { // the normals of a hollow lean the other way
            const auto roughly = fitted(places, axis, sign * grows);
            if (roughly) {
                const Round round = refined(*roughly, places, cone);
                if (!best || worst(round, places) < worst(*best, places))
                    best = round;
            }
            if (!cone)
                break;
        }
        if (best && worst(*best, places) <= faces.tolerance()) // the simplest that fits
            break;
    }
    return best;
}

/// The faces of the cylinder or cone that one is part of; nothing where there is none.
struct RoundFaces {
    Round round{};
    std::vector<int> faces{};
    double error = 0;
};
std::optional<RoundFaces> roundAround(const Faces& faces, int first, double& off) {
    const auto smooth = [&](int a, int b) {
        return dot(faces.normal(a), faces.normal(b)) > std::cos(mostTurn);
    };
    // The strip itself and those beside it; then more, as they fit.
    std::vector<int> seed;
    const std::vector<int> strip = flatAround(faces, first);
    seed = strip;
    // So far round that they tell how it lies, also where strips are narrow.
    constexpr int rings = 2, mostRings = 12;
    constexpr double enough = M_PI / 6;
    constexpr size_t many = 1000;
    const auto turnsBy = [&] {
        double least = 1;
        for (const int t : seed)
            least = std::min(least, dot(faces.normal(t), faces.normal(first)));
        return std::acos(std::clamp(least, -1.0, 1.0));
    };
    for (int ring = 0; ring < rings || (ring < mostRings && seed.size() < many && turnsBy() < enough);
         ++ring) {
        std::vector<int> more;
        for (const int t : seed)
            for (size_t k = 0; k < 3; ++k)
                if (const int next = faces.across(t, k); next >= 0 && smooth(t, next))
                    for (const int beside : flatAround(faces, next))
                        more.push_back(beside);
        const size_t before = seed.size();
        seed.insert(seed.end(), more.begin(), more.end());
        std::ranges::sort(seed);
        seed.erase(std::unique(seed.begin(), seed.end()), seed.end());
        if (seed.size() == before)
            break;
    }
    std::optional<RoundFaces> best;
    // Not all that lies beside it belongs to it: without one neighbour, and with all.
    const auto attempt = [&](const std::vector<int>& some) {
        auto round = roundThrough(faces, some);
        if (!round)
            return;
        std::vector<Vertex> places;
        for (const int t : strip)
            for (size_t k = 0; k < 3; ++k)
                places.push_back(faces.at(t, k));
        const double own = worst(*round, places);
        off = std::min(off, own);
        if (own > faces.tolerance())
            return;
        const auto fits = [&](int a, int b) {
            if (!smooth(a, b))
                return false;
            for (size_t k = 0; k < 3; ++k)
                if (std::fabs(round->off(faces.at(b, k))) > faces.tolerance())
                    return false;
            return true;
        };
        std::vector<int> all = faces.grown(first, fits);
        if (const auto finer = roundThrough(faces, all)) { // by all of them
            round = finer;
            all = faces.grown(first, fits);
        }
        double turned = 0;
        places.clear();
        for (const int t : all) {
            turned =
                std::max(turned, std::acos(std::clamp(dot(faces.normal(t), faces.normal(first)), -1.0, 1.0)));
            for (size_t k = 0; k < 3; ++k)
                places.push_back(faces.at(t, k));
        }
        constexpr double leastTurn = M_PI / 18;
        const double error = worst(*round, places);
        if (turned > leastTurn && error <= 2 * faces.tolerance() &&
            (!best || all.size() > best->faces.size()))
            best = RoundFaces{*round, all, error};
    };
    attempt(seed);
    // A strip and what goes on beyond one of its sides
    std::vector<std::vector<int>> beside;
    for (const int t : strip)
        for (size_t k = 0; k < 3; ++k) {
            const int next = faces.across(t, k);
            constexpr size_t most = 8;
            const bool known = std::ranges::any_of(beside, [&](const std::vector<int>& other) {
                return std::ranges::find(other, next) != other.end();
            });
            if (next >= 0 && smooth(t, next) && !known && beside.size() < most &&
                std::ranges::find(strip, next) == strip.end())
                beside.push_back(flatAround(faces, next));
        }
    constexpr size_t plenty = 12; // by chance a few fit something
    for (size_t i = 0; i < beside.size(); ++i)
        for (size_t j = i; j < beside.size(); ++j) {
            if (best && best->faces.size() > plenty)
                return best;
            std::vector<int> some = strip;
            some.insert(some.end(), beside[i].begin(), beside[i].end());
            some.insert(some.end(), beside[j].begin(), beside[j].end());
            std::ranges::sort(some);
            some.erase(std::unique(some.begin(), some.end()), some.end());
            attempt(some);
        }
    return best;
}

/// Whether what lies beside some faces goes on from them smoothly, and in as small faces as they are: then
/// they are only a band of something that bends both ways. What is larger is a flat that touches them, or
/// something else that they run into.
bool isBand(const Faces& faces, const std::vector<int>& side) {
    std::vector<int> own = side;
    std::ranges::sort(own);
    const auto isOwn = [&](int t) { return std::ranges::binary_search(own, t); };
    double area = 0, around = 0;
    size_t strips = 0;
    std::set<int> seen, beside;
    for (const int t : own) {
        area += faces.area(t);
        if (seen.contains(t))
            continue;
        ++strips;
        for (const int more : flatAround(faces, t))
            seen.insert(more);
    }
    constexpr double alike = 4, narrow = 0.5; // rounded edges are narrower than what they border
    const double ofStrip = area / double(strips);
    for (const int t : own)
        for (size_t k = 0; k < 3; ++k) {
            const int next = faces.across(t, k);
            if (next < 0 || isOwn(next) || beside.contains(next) ||
                dot(faces.normal(t), faces.normal(next)) <= std::cos(mostTurn))
                continue;
            double patch = 0;
            const std::vector<int> flat = flatAround(faces, next);
            for (const int more : flat)
                patch += faces.area(more);
            beside.insert(flat.begin(), flat.end());
            if (patch < alike * ofStrip)
                around += patch;
        }
    return around > narrow * area;
}

/// Straight into the part from just below some of its faces: how far it is to the other side, in its thinnest
/// place.
double depthBehind(const Faces& faces, const std::vector<int>& side) {
    constexpr size_t most = 24;
    double least = std::numeric_limits<double>::max();
    for (size_t i = 0; i < side.size(); i += std::max<size_t>(1, side.size() / most)) {
        const int t = side[i];
        const Vertex middle = 1.0 / 3 * (faces.at(t, 0) + faces.at(t, 1) + faces.at(t, 2)),
                     way = -1 * faces.normal(t);
        const Vertex from = middle + 10 * faces.tolerance() * way;
        if (const Met met = metBy(faces.part(), from, way); met.triangle >= 0)
            least = std::min(least, length(met.at - middle));
    }
    return least == std::numeric_limits<double>::max() ? 0 : least;
}

/// What is up on a face: the part's z as far as the face rises, else its y.
Vertex upOn(const Vertex& normal, double turn) {
    constexpr double lies = 0.9;
    const Vertex wanted = std::fabs(normal.z) > lies ? Vertex{0, 1, 0} : Vertex{0, 0, 1};
    const Vertex up = directed(wanted - dot(wanted, normal) * normal);
    const double a = turn * M_PI / 180;
    return std::cos(a) * up + std::sin(a) * cross(normal, up);
}

FoundSide flatSide(const Faces& faces, const std::vector<int>& side, double turn) {
    Vertex normal{};
    for (const int t : side)
        normal = normal + faces.area(t) * faces.normal(t);
    normal = directed(normal);
    const Vertex up = upOn(normal, turn), right = cross(up, normal);
    std::unordered_map<int, bool> within;
    for (const int t : side)
        within[t] = true;
    // Its border, way by way.
    std::unordered_multimap<int, int> next;
    for (const int t : side)
        for (size_t k = 0; k < 3; ++k)
            if (!within.contains(faces.across(t, k)))
                next.emplace(faces.part().triangles[size_t(t)][k],
                             faces.part().triangles[size_t(t)][(k + 1) % 3]);
    const Vertex base = faces.at(side.front(), 0);
    plane::Vector low{std::numeric_limits<double>::max(), std::numeric_limits<double>::max()};
    std::vector<std::vector<plane::Vector>> loops;
    while (!next.empty()) {
        std::vector<plane::Vector>& loop = loops.emplace_back();
        for (auto way = next.begin(); way != next.end();) {
            const Vertex d = faces.part().vertices[size_t(way->first)] - base;
            loop.push_back({dot(d, right), dot(d, up)});
            low = {std::min(low.x, loop.back().x), std::min(low.y, loop.back().y)};
            const int to = way->second;
            next.erase(way);
            way = next.find(to);
        }
    }
    FoundSide found;
    found.kind = FoundSide::Kind::flat;
    found.facing = arrayOf(right);
    found.up = arrayOf(up);
    found.origin = arrayOf(base + low.x * right + low.y * up);
    plane::Outline outline;
    for (const auto& loop : loops) {
        if (loop.size() < 3)
            continue;
        plane::Contour& contour = outline.contours.emplace_back();
        contour.start = loop.front() - low;
        for (size_t i = 1; i < loop.size(); ++i)
            contour.segments.push_back({plane::Segment::Kind::line, {}, {}, loop[i] - low});
    }
    found.outline = std::move(outline);
    for (const int t : side)
        for (size_t k = 0; k < 3; ++k)
            found.error = std::max(found.error, std::fabs(dot(faces.at(t, k) - base, normal)));
    return found;
}

/// What of a round side is there, unrolled: empty where all of it is, and nothing else of the part joins it.
plane::Outline thereOf(const Faces& faces, const std::vector<int>& triangles, const FoundSide& side) {
    const auto vertex = [](const std::array<double, 3>& v) { return Vertex{v[0], v[1], v[2]}; };
    const Vertex facing = vertex(side.facing), up = vertex(side.up), origin = vertex(side.origin),
                 right = cross(up, facing);
    const double inwards = side.hollow ? -1 : 1, slant = side.slant() / side.length;
    const double width = side.widest() * side.arc * M_PI / 180, turn = side.widest() * 2 * M_PI;
    std::vector<plane::Ring> rings;
    for (const int t : triangles) {
        std::array<plane::Vector, 3> corners;
        for (size_t k = 0; k < 3; ++k) {
            const Vertex d = faces.at(t, k) - origin;
            const double x = side.widest() * std::atan2(dot(d, right), inwards * dot(d, facing)) + width / 2;
            corners[k] = {x, slant * dot(d, up)};
            if (k > 0) // the shorter way from the first
                corners[k].x -= turn * std::round((x - corners[0].x) / turn);
        }
        const auto [least, most] = std::minmax({corners[0].x, corners[1].x, corners[2].x});
        for (const double by : {0.0, turn, -turn}) {
            if (by != 0 && (!side.closed() || most + by < 0 || least + by > width))
                continue; // across the seam it is on both ends
            plane::Ring& ring = rings.emplace_back();
            for (const plane::Vector& corner : corners)
                ring.push_back(
                    plane::onGrid(plane::unitsPerMillimetre * plane::Vector{corner.x + by, corner.y}));
        }
    }
    const plane::Point end = plane::onGrid(plane::unitsPerMillimetre * plane::Vector{width, side.slant()});
    const plane::Region whole{{{{0, 0}, {end.x, 0}, end, {0, end.y}}}};
    const plane::Region there = plane::common(whole, plane::filled(rings));
    constexpr double nothing = 0.05; // mm²
    const double missing =
        plane::areaOf(plane::without(whole, there)) / (plane::unitsPerMillimetre * plane::unitsPerMillimetre);
    return missing > nothing ? plane::outlineOf(there) : plane::Outline{};
}

FoundSide roundSide(const Faces& faces, const RoundFaces& of, const Vertex& place, double turn) {
    Round round = of.round;
    // Upwards as a person sees it, or turned over.
    const Vertex& a = round.axis;
    const double most = std::fabs(a.z) > 0.9 ? a.z : std::fabs(a.y) >= std::fabs(a.x) ? a.y : a.x;
    const bool over = std::fabs(std::remainder(turn, 360.0)) > 90;
    if ((most < 0) != over) {
        round.axis = -1 * round.axis;
        round.grows = -round.grows;
    }
    double low = std::numeric_limits<double>::max(), high = -low;
    const Vertex off = place - round.origin;
    const Vertex away = directed(off - dot(off, round.axis) * round.axis), aside = cross(round.axis, away);
    std::vector<double> angles;
    double facing = 0;
    for (const int t : of.faces) {
        Vertex middle{};
        for (size_t k = 0; k < 3; ++k) {
            const Vertex d = faces.at(t, k) - round.origin;
            low = std::min(low, dot(d, round.axis));
            high = std::max(high, dot(d, round.axis));
            angles.push_back(std::atan2(dot(d, aside), dot(d, away)));
            middle = middle + d;
        }
        facing += faces.area(t) * dot(faces.normal(t), middle - dot(middle, round.axis) * round.axis);
    }
    // Where nothing of it lies: the widest gap round it.
    std::ranges::sort(angles);
    double gap = angles.front() + 2 * M_PI - angles.back(), end = angles.back(), begin = angles.front();
    for (size_t i = 0; i + 1 < angles.size(); ++i)
        if (angles[i + 1] - angles[i] > gap) {
            gap = angles[i + 1] - angles[i];
            end = angles[i];
            begin = angles[i + 1];
        }
    FoundSide found;
    found.kind = round.grows == 0 ? FoundSide::Kind::cylinder : FoundSide::Kind::cone;
    found.hollow = facing < 0;
    const bool closed = gap < mostTurn + 1e-6;
    double arc = closed ? 2 * M_PI : end - begin;
    while (arc <= 0)
        arc += 2 * M_PI;
    const double middle = closed ? 0 : begin + arc / 2;
    const Vertex towards = std::cos(middle) * away + std::sin(middle) * aside;
    found.arc = closed ? 360 : arc * 180 / M_PI;
    found.facing = arrayOf(found.hollow ? -1 * towards : towards);
    found.up = arrayOf(round.axis);
    found.origin = arrayOf(round.origin + low * round.axis);
    found.length = high - low;
    found.radius = std::max(0.0, round.radius + round.grows * low);
    found.endRadius = std::max(0.0, round.radius + round.grows * high);
    if (found.kind == FoundSide::Kind::cylinder)
        found.endRadius = found.radius;
    found.error = of.error;
    if (found.length > 0)
        found.outline = thereOf(faces, of.faces, found);
    return found;
}

} // namespace

quantity::Result<FoundSide> sideAt(const Mesh& part, const std::array<double, 3>& place, double turn) {
    const Vertex at{place[0], place[1], place[2]};
    const int first = nearestTriangle(part, at);
    if (first < 0)
        return quantity::Problem{quantity::ProblemKind::partEmpty};
    const Faces faces(part);
    const std::vector<int> flat = flatAround(faces, first);
    double flatArea = 0;
    for (const int t : flat)
        flatArea += faces.area(t);
    double off = std::numeric_limits<double>::max();
    const auto round = roundAround(faces, first, off);
    double roundArea = 0;
    for (const int t : round ? round->faces : std::vector<int>())
        roundArea += faces.area(t);
    // A wide flat beside something round is no strip of it: several strips are.
    constexpr double strips = 1.8;
    FoundSide found;
    const auto bent = [&] {
        char text[32];
        std::snprintf(text, sizeof text, "%.3g", off == std::numeric_limits<double>::max() ? 0 : off);
        return quantity::Problem{quantity::ProblemKind::sideBent, {}, text};
    };
    if (round && roundArea > strips * flatArea) {
        if (isBand(faces, round->faces))
            return bent();
        found = roundSide(faces, *round, at, turn);
        found.depth = depthBehind(faces, round->faces);
    } else {
        // A flat of a few triangles that goes on smoothly is part of something that bends.
        constexpr size_t few = 4;
        if (flat.size() <= few && isBand(faces, flat))
            return bent();
        found = flatSide(faces, flat, turn);
        found.depth = depthBehind(faces, flat);
    }
    if (std::max(flatArea, roundArea) < leastArea_mm2)
        return quantity::Problem{quantity::ProblemKind::sideSmall};
    return found;
}

} // namespace bollard::body
