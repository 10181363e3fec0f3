#include "body/true_plan.hpp"
#include "body/stand.hpp"
#include <cmath>

namespace bollard::body {
namespace {

using plane::CurvePiece, plane::Point, plane::Vector, plane::lineFrom;

constexpr double bucket_mm = 1;
constexpr double onCurve_mm = 2e-4;
/// Where a strip ends points lie on chords, which leave the curve by the tolerance of flattening; more where
/// what is drawn was widened.
constexpr double onChord_mm = 0.0115;
constexpr std::int32_t leanError = 2; // grid units: two roundings

std::int64_t bucketAt(double x, double y) {
    return (std::int64_t(std::floor(x / bucket_mm)) << 32) ^
           (std::int64_t(std::floor(y / bucket_mm)) & 0xffffffff);
}
Vector inMm(Point p) {
    return {plane::toMillimetres(p.x), plane::toMillimetres(p.y)};
}

struct Bounds {
    Vector low, high;
};
Bounds boundsOf(const CurvePiece& piece) {
    std::vector<Vector> points(piece.poles.begin(), piece.poles.end());
    if (piece.kind == CurvePiece::Kind::arc) {
        points.clear();
        constexpr int steps = 16;
        for (int i = 0; i <= steps; ++i)
            points.push_back(piece.at(double(i) / steps));
    }
    Bounds bounds{points[0], points[0]};
    for (const Vector& p : points) {
        bounds.low = {std::min(bounds.low.x, p.x), std::min(bounds.low.y, p.y)};
        bounds.high = {std::max(bounds.high.x, p.x), std::max(bounds.high.y, p.y)};
    }
    // An arc bulges past its places; anything may be found that far off
    const double beside = onChord_mm + (piece.kind == CurvePiece::Kind::arc ? 0.02 * piece.radius : 0);
    return {bounds.low - Vector{beside, beside}, bounds.high + Vector{beside, beside}};
}

CurvePiece shifted(CurvePiece piece, Vector by) {
    for (Vector& pole : piece.poles)
        pole = pole + by;
    piece.centre = piece.centre + by;
    return piece;
}

/// By how much letters are widened at most that are placed where a side is narrow.
double widening(const Panel& panel) {
    double narrowest = panel.frontRadius.own;
    if (!(narrowest > 0) || panel.cuts.v.empty())
        return 1;
    for (const blank::Radius& radius : {panel.frontRadius, panel.backRadius})
        for (const std::int32_t v : {panel.cuts.v.front(), panel.cuts.v.back()})
            if (radius.own > 0)
                narrowest = std::min(narrowest, radius.at(plane::toMillimetres(v)));
    constexpr double most = 4; // farther up a cone nothing is found for certain
    return std::clamp(panel.frontRadius.own / std::max(narrowest, 1e-9), 1.0, most);
}

} // namespace

TruePlan::TruePlan(const PanelColumns& part, std::vector<CurvePiece> curves)
    : panel_(&part.panel), columns_(&part.columns), chord_(onChord_mm * widening(part.panel)) {
    const Panel& panel = *panel_;
    for (const working::Level& level : columns_->levels) {
        int lean = level.slopes() ? -2 : -1;
        if (level.slopes() && panel.backRise != 0) {
            const auto zeroOf = [&](const std::pair<int, std::int32_t>& at) {
                return at.second - panel.backRise * columns_->plan.points[size_t(at.first)].x;
            };
            const double zero = zeroOf(level.byPoint.front());
            if (std::ranges::all_of(level.byPoint, [&](const auto& at) {
                    return std::fabs(zeroOf(at) - zero) <= leanError;
                })) {
                lean = int(leans_.size());
                const double ofBack = -plane::unitsPerMillimetre * panel.backFrom;
                leans_.push_back(plane::toMillimetres(std::fabs(zero - ofBack) <= leanError ? ofBack : zero));
            }
        }
        leanOfLevel_.push_back(lean);
    }
    const bool slopes = std::ranges::count(leanOfLevel_, -2) > 0;
    if (panel.frontRay && !panel.cuts.empty()) {
        const bool swept = panel.turned && panel.frontSwept && (!panel.backRay || panel.backSwept) && !slopes;
        kind_ = swept ? Kind::swept : Kind::faceted;
        if (panel.cuts.around) {
            constexpr size_t sectors = 3;
            for (size_t i = 0; i <= sectors; ++i)
                borders_.push_back(panel.cuts.u[(panel.cuts.u.size() - 1) * i / sectors]);
        }
    } else if (panel.frontRay) {
        constexpr std::int32_t step = 10'000'000; // far, so that directions are exact
        const auto at = [&](std::int32_t x, std::int32_t y) { return panel.frontRay({x, y}).foot; };
        origin_ = at(0, 0);
        right_ = 1 / plane::toMillimetres(step) * (at(step, 0) - origin_);
        up_ = 1 / plane::toMillimetres(step) * (at(0, step) - origin_);
        out_ = panel.frontRay({0, 0}).along;
    }
    for (const CurvePiece& piece : curves)
        addPiece(piece);
}

/// What lies past an end of a plan that closes comes in at the other.
void TruePlan::addPiece(const CurvePiece& piece) {
    pieces_.push_back(piece);
    if (!panel_->cuts.around)
        return;
    const Bounds bounds = boundsOf(piece);
    const double low = plane::toMillimetres(panel_->cuts.u.front()),
                 high = plane::toMillimetres(panel_->cuts.u.back());
    if (bounds.low.x < low)
        pieces_.push_back(shifted(piece, {turn(), 0}));
    if (bounds.high.x > high)
        pieces_.push_back(shifted(piece, {-turn(), 0}));
}

void TruePlan::fillBuckets() {
    for (size_t i = 0; i < pieces_.size(); ++i) {
        const Bounds bounds = boundsOf(pieces_[i]);
        for (double x = std::floor(bounds.low.x / bucket_mm) * bucket_mm; x <= bounds.high.x; x += bucket_mm)
            for (double y = std::floor(bounds.low.y / bucket_mm) * bucket_mm; y <= bounds.high.y;
                 y += bucket_mm)
                buckets_[bucketAt(x + bucket_mm / 2, y + bucket_mm / 2)].push_back(int(i));
    }
}

bool TruePlan::isOnCut(Point p) const {
    return std::ranges::binary_search(panel_->cuts.u, p.x) || std::ranges::binary_search(panel_->cuts.v, p.y);
}

std::vector<TruePlan::Near> TruePlan::piecesAt(int point) const {
    const Point p = columns_->plan.points[size_t(point)];
    const double within = isOnCut(p) ? chord_ : onCurve_mm;
    std::vector<Near> found;
    const auto look = [&](Vector at) {
        const auto bucket = buckets_.find(bucketAt(at.x, at.y));
        if (bucket == buckets_.end())
            return;
        for (const int i : bucket->second) {
            const CurvePiece& piece = pieces_[size_t(i)];
            const double t = piece.nearest(at);
            if (plane::length(piece.at(t) - at) <= within)
                found.push_back({i, t, at});
        }
    };
    look(inMm(p));
    if (!borders_.empty() && p.x == borders_.front())
        look(inMm(p) + Vector{turn(), 0});
    return found;
}

bool TruePlan::hasSlopes(int cell) const {
    return std::ranges::any_of(columns_->material[size_t(cell)], [&](const working::Interval& interval) {
        return leanOfLevel_[size_t(interval.low)] == -2 || leanOfLevel_[size_t(interval.high)] == -2;
    });
}

double TruePlan::xOf(int point, double beside) const {
    const double x = plane::toMillimetres(columns_->plan.points[size_t(point)].x);
    if (borders_.empty() || std::fabs(x - beside) <= turn() / 2)
        return x;
    return x + (beside > x ? turn() : -turn());
}

/// Those along the axes of the plan are one, as far as it goes, in each sector.
int TruePlan::ownLine(int a, int b) {
    const Vector from = exact(a);
    Vector to = exact(b);
    to.x = xOf(b, from.x) + (to.x - plane::toMillimetres(columns_->plan.points[size_t(b)].x));
    const Point p = columns_->plan.points[size_t(a)], q = columns_->plan.points[size_t(b)];
    const auto add = [&](const CurvePiece& line) {
        pieces_.push_back(line);
        return int(pieces_.size()) - 1;
    };
    const bool drawn = ofPoint_[size_t(a)] >= 0 || ofPoint_[size_t(b)] >= 0;
    if (drawn || (p.x != q.x && p.y != q.y))
        return add(lineFrom(from, to));
    const plane::Box box =
        plane::boxOf(panel_->outline.empty() ? plane::Region{{columns_->plan.points}} : panel_->outline);
    const bool level = p.y == q.y;
    const int part = level ? sectorOf(a, b, a) : 0;
    const auto [known, isNew] = lines_.try_emplace({level, level ? p.y : p.x, part}, int(pieces_.size()));
    if (!isNew)
        return known->second;
    if (!level)
        return add(
            lineFrom({from.x, plane::toMillimetres(box.low.y)}, {from.x, plane::toMillimetres(box.high.y)}));
    const Vector ends = borders_.empty()
                            ? Vector{plane::toMillimetres(box.low.x), plane::toMillimetres(box.high.x)}
                            : sector(part);
    return add(lineFrom({ends.x, from.y}, {ends.y, from.y}));
}

void TruePlan::match() {
    const plane::Subdivision& plan = columns_->plan;
    ofPoint_.assign(plan.points.size(), -1);
    isJoint_.assign(plan.points.size(), false);
    if (kind_ == Kind::faceted)
        return;
    fillBuckets();
    std::vector<std::vector<Near>> near(plan.points.size());
    std::vector<bool> looked(plan.points.size());
    std::vector<std::pair<int, int>> own;
    for (const plane::Triangle& triangle : plan.triangles)
        for (int k = 0; k < 3; ++k) {
            const int across = plan.cellAcross(triangle, k);
            if (across == triangle.cell)
                continue;
            const int a = triangle.corners[size_t(k + 1) % 3], b = triangle.corners[size_t(k + 2) % 3];
            if (!ofEdge_.try_emplace(edgeKey(a, b), -1).second)
                continue;
            if (hasSlopes(triangle.cell) || hasSlopes(across)) {
                own.emplace_back(a, b);
                continue;
            }
            for (const int p : {a, b})
                if (!looked[size_t(p)]) {
                    looked[size_t(p)] = true;
                    near[size_t(p)] = piecesAt(p);
                }
            int best = -1;
            double least = chord_;
            for (const Near& first : near[size_t(a)])
                for (const Near& second : near[size_t(b)]) {
                    if (first.piece != second.piece || first.t == second.t)
                        continue;
                    const CurvePiece& piece = pieces_[size_t(first.piece)];
                    const Vector from = piece.at(first.t), to = piece.at(second.t);
                    // As long as the edge, and nowhere far from it.
                    constexpr double alike = 0.5;
                    if (plane::length(to - from) < alike * plane::length(second.at - first.at))
                        continue;
                    const double off = std::max(
                        {plane::length(from - first.at), plane::length(to - second.at),
                         plane::length(0.5 * (first.at + second.at) - piece.at((first.t + second.t) / 2))});
                    if (off < least) {
                        least = off;
                        best = first.piece;
                    }
                }
            ofEdge_[edgeKey(a, b)] = best;
            if (best < 0)
                own.emplace_back(a, b);
            else
                for (const int p : {a, b}) {
                    int& known = ofPoint_[size_t(p)];
                    isJoint_[size_t(p)] = isJoint_[size_t(p)] || (known >= 0 && known != best);
                    known = best;
                }
        }
    for (const auto& [a, b] : own)
        ofEdge_[edgeKey(a, b)] = ownLine(a, b);
}

int TruePlan::pieceOf(int a, int b) const {
    const auto found = ofEdge_.find(edgeKey(a, b));
    return found == ofEdge_.end() ? -1 : found->second;
}

double TruePlan::on(int number, int point) const {
    const CurvePiece& piece = pieces_[size_t(number)];
    const Point p = columns_->plan.points[size_t(point)];
    Vector at = inMm(p);
    double t = piece.nearest(at);
    if (!borders_.empty() && p.x == borders_.front()) {
        const Vector round = at + Vector{turn(), 0};
        const double other = piece.nearest(round);
        if (plane::length(piece.at(other) - round) < plane::length(piece.at(t) - at)) {
            at = round;
            t = other;
        }
    }
    if (std::ranges::binary_search(borders_, p.x) && std::fabs(piece.along(t).x) > 1e-9)
        return piece.whereX(at.x, t);
    if (isJoint_[size_t(point)]) // where pieces meet they meet exactly
        for (const double end : {0.0, 1.0})
            if (plane::length(piece.at(end) - at) <= onCurve_mm)
                return end;
    return t;
}

Vector TruePlan::exact(int point) const {
    const Point p = columns_->plan.points[size_t(point)];
    const int number = ofPoint_[size_t(point)];
    if (number < 0)
        return inMm(p);
    Vector at = pieces_[size_t(number)].at(on(number, point));
    if (std::ranges::binary_search(borders_, p.x))
        at.x = plane::toMillimetres(p.x);
    return at;
}

int TruePlan::sectorOf(int a, int b, int c) const {
    if (borders_.empty())
        return 0;
    const double first = plane::toMillimetres(columns_->plan.points[size_t(a)].x);
    double middle = (first + xOf(b, first) + xOf(c, first)) / 3;
    if (middle < plane::toMillimetres(borders_.front()))
        middle += turn();
    const auto next = std::ranges::upper_bound(borders_, plane::onGrid(middle * plane::unitsPerMillimetre));
    return std::clamp(int(next - borders_.begin()) - 1, 0, int(borders_.size()) - 2);
}

bool TruePlan::onBorder(int a, int b) const {
    const std::int32_t x = columns_->plan.points[size_t(a)].x;
    return x == columns_->plan.points[size_t(b)].x && std::ranges::binary_search(borders_, x);
}

Vector TruePlan::sector(int number) const {
    return {plane::toMillimetres(borders_[size_t(number)]),
            plane::toMillimetres(borders_[size_t(number) + 1])};
}

int TruePlan::leanOf(int level) const {
    return leanOfLevel_[size_t(level)];
}

int TruePlan::leanAt(int point, std::int32_t height) const {
    const double x = plane::toMillimetres(columns_->plan.points[size_t(point)].x);
    for (size_t i = 0; i < leans_.size(); ++i)
        if (std::fabs(plane::unitsPerMillimetre * sloped(x, int(i)) - height) <= leanError)
            return int(i);
    return -1;
}

double TruePlan::sloped(double x, int lean) const {
    return leans_[size_t(lean)] + panel_->backRise * x;
}

bool TruePlan::isBehind(std::int32_t height) const {
    return panel_->backRay && panel_->wall() && height < -plane::toUnits(panel_->thickness) / 2;
}

double TruePlan::heightOf(std::int32_t height) const {
    return plane::toMillimetres(isBehind(height) ? -double(height) - plane::toUnits(panel_->thickness)
                                                 : double(height));
}

Vertex TruePlan::at(Vector place, std::int32_t height, int lean) const {
    if (kind_ == Kind::swept)
        return swept(isBehind(height)).at(place.x, place.y, turn(), heightOf(height));
    const double out = lean >= 0 ? sloped(place.x, lean) : plane::toMillimetres(height);
    return origin_ + place.x * right_ + place.y * up_ + out * out_;
}

} // namespace bollard::body
