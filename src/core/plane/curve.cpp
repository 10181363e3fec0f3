#include "plane/curve.hpp"
#include <array>

namespace bollard::plane {
namespace {

constexpr int piecesPerCubic = 8;

struct Node {
    double at, weight;
};
/// Gauss-Legendre, 8 points on [-1, 1].
constexpr std::array gauss{
    Node{0.1834346424956498, 0.3626837833783620}, Node{0.5255324099163290, 0.3137066458778873},
    Node{0.7966664774136267, 0.2223810344533745}, Node{0.9602898564975363, 0.1012285362903763}};

/// The direction of `v`; where it has none, to the right.
Vector heading(Vector v) {
    return v == Vector{} ? Vector{1, 0} : unit(v);
}
Vector leftOf(Vector v) {
    return {-v.y, v.x};
}

} // namespace

Curve::Curve(const Contour& contour, double off) : off_(off) {
    Vector at = contour.start;
    // A contour that was worked out seldom ends exactly where it began; the hair between has a direction and,
    // divided by its length, a curvature, but they are noise.
    constexpr double noise = 1e-10;
    double size = 0;
    mapped(contour, [&](Vector v) {
        size = std::max({size, std::fabs(v.x), std::fabs(v.y)});
        return v;
    });
    const auto add = [&](Vector b, Vector c, Vector d, int pieces) {
        if (std::max({plane::length(d - at), plane::length(b - at), plane::length(c - at)}) <= noise * size)
            return;
        for (int i = 0; i < pieces; ++i)
            addPiece({at, b, c, d, double(i) / pieces, double(i + 1) / pieces, pieces == 1}, 0);
        at = d;
    };
    const auto line = [&](Vector to) { add(at + (1.0 / 3) * (to - at), at + (2.0 / 3) * (to - at), to, 1); };
    for (const Segment& segment : contour.segments) {
        if (segment.kind == Segment::Kind::line)
            line(segment.end);
        else if (segment.kind == Segment::Kind::quadratic)
            add(at + (2.0 / 3) * (segment.first - at),
                segment.end + (2.0 / 3) * (segment.first - segment.end), segment.end, piecesPerCubic);
        else
            add(segment.first, segment.second, segment.end, piecesPerCubic);
    }
    closed_ = !contour.open;
    if (closed_)
        line(contour.start);
    double sum = 0;
    starts_.reserve(pieces_.size() + 1);
    for (const Piece& piece : pieces_) {
        starts_.push_back(sum);
        sum += lengthOf(piece, piece.from, piece.to);
    }
    starts_.push_back(sum);
    closed_ = closed_ && sum > 0;
}

Curve::Curve(const Round& round, double off) : off_(off) {
    if (!(round.radius > 0))
        return;
    round_ = round;
    closed_ = true;
}

double Curve::length() const {
    if (round_)
        return 2 * M_PI * std::fabs(round_->radius + (round_->clockwise ? off_ : -off_));
    return starts_.empty() ? 0 : starts_.back();
}

Curve::Place Curve::onRound(double distance) const {
    const double radius = round_->radius + (round_->clockwise ? off_ : -off_);
    const double way = round_->clockwise ? -1 : 1;
    const double turn = radius == 0 ? 0 : distance / std::fabs(radius);
    const double angle = round_->from + way * std::remainder(turn, 2 * M_PI);
    const Vector out{std::cos(angle), std::sin(angle)};
    return {round_->centre + radius * out, way * leftOf(out)};
}

/// Halves the piece until its length is integrated as well at once as in two halves.
void Curve::addPiece(const Piece& piece, int depth) {
    const double middle = (piece.from + piece.to) / 2;
    const double whole = lengthOf(piece, piece.from, piece.to);
    const double halves = lengthOf(piece, piece.from, middle) + lengthOf(piece, middle, piece.to);
    constexpr double close = 1e-8;
    constexpr int deepest = 14;
    if (depth == deepest || std::fabs(whole - halves) <= close * halves) {
        pieces_.push_back(piece);
        return;
    }
    Piece first = piece, second = piece;
    first.to = second.from = middle;
    addPiece(first, depth + 1);
    addPiece(second, depth + 1);
}

Vector Curve::derivative(const Piece& p, double t) const {
    const double u = 1 - t;
    return 3 * u * u * (p.b - p.a) + 6 * u * t * (p.c - p.b) + 3 * t * t * (p.d - p.c);
}

Vector Curve::alongOn(const Piece& piece, double t) const {
    Vector d = derivative(piece, t);
    if (plane::length(d) <
        1e-12 * plane::length(piece.d - piece.a)) // a handle of no length: look a little inwards
        d = derivative(piece, t < 0.5 ? t + 1e-4 : t - 1e-4);
    return heading(d);
}

Vector Curve::placeOn(const Piece& p, double t) const {
    const double u = 1 - t;
    const Vector on = u * u * u * p.a + 3 * u * u * t * p.b + 3 * u * t * t * p.c + t * t * t * p.d;
    return off_ == 0 ? on : on + off_ * leftOf(alongOn(p, t));
}

double Curve::speed(const Piece& p, double t) const {
    const Vector first = derivative(p, t);
    const double size = plane::length(first);
    if (off_ == 0 || size == 0 || p.line)
        return size;
    const Vector second = 6 * (1 - t) * (p.c - 2.0 * p.b + p.a) + 6 * t * (p.d - 2.0 * p.c + p.b);
    return std::fabs(size - off_ * cross(first, second) / (size * size));
}

double Curve::lengthOf(const Piece& piece, double from, double to) const {
    const double middle = (from + to) / 2, half = (to - from) / 2;
    double sum = 0;
    for (const Node& node : gauss)
        sum += node.weight * (speed(piece, middle - half * node.at) + speed(piece, middle + half * node.at));
    return sum * half;
}

Curve::Place Curve::at(double distance) const {
    if (straight())
        return {{distance, off_}, {1, 0}};
    if (round_)
        return onRound(distance);
    const double whole = length();
    if (closed_) {
        distance = std::fmod(distance, whole);
        if (distance < 0)
            distance += whole;
    }
    if (distance <= 0) {
        const Vector along = alongOn(pieces_.front(), pieces_.front().from);
        return {placeOn(pieces_.front(), pieces_.front().from) + distance * along, along};
    }
    if (distance >= whole) {
        const Vector along = alongOn(pieces_.back(), pieces_.back().to);
        return {placeOn(pieces_.back(), pieces_.back().to) + (distance - whole) * along, along};
    }
    const auto next = std::ranges::upper_bound(starts_, distance);
    const size_t i = std::min(size_t(next - starts_.begin()) - 1, pieces_.size() - 1);
    const Piece& piece = pieces_[i];
    const double wanted = distance - starts_[i], size = starts_[i + 1] - starts_[i];
    double t = piece.from + (piece.to - piece.from) * (size > 0 ? wanted / size : 0);
    // Newton's steps, kept between what is known to be too little and too much.
    double low = piece.from, high = piece.to;
    constexpr int mostSteps = 50;
    for (int step = 0; step < mostSteps; ++step) {
        const double over = lengthOf(piece, piece.from, t) - wanted;
        if (std::fabs(over) < 1e-11 * whole)
            break;
        (over > 0 ? high : low) = t;
        const double rate = speed(piece, t);
        const double tried = rate > 0 ? t - over / rate : low;
        const double to = tried > low && tried < high ? tried : (low + high) / 2;
        const double by = to - t;
        t = to;
        if (std::fabs(by) < 1e-13)
            break;
    }
    return {placeOn(piece, t), alongOn(piece, t)};
}

double Curve::nearest(Vector point) const {
    if (straight())
        return point.x;
    if (round_) {
        const Vector spoke = point - round_->centre;
        const double angle =
            (std::atan2(spoke.y, spoke.x) - round_->from) * (round_->clockwise ? -1 : 1) / (2 * M_PI);
        return (angle - std::floor(angle)) * length();
    }
    // Sampled first, then closed in on: the distance has one valley within a few samples.
    const double whole = length();
    const int samples = std::max(64, int(pieces_.size()) * 4);
    const auto far = [&](double distance) { return plane::length(at(distance).at - point); };
    double best = 0;
    for (int i = 1; i <= samples; ++i)
        if (const double d = whole * i / samples; far(d) < far(best))
            best = d;
    double low = best - whole / samples, high = best + whole / samples;
    if (!closed_) {
        low = std::max(low, 0.0);
        high = std::min(high, whole);
    }
    constexpr int halvings = 40;
    for (int i = 0; i < halvings; ++i) {
        const double third = (high - low) / 3;
        if (far(low + third) < far(high - third))
            high -= third;
        else
            low += third;
    }
    const double found = (low + high) / 2;
    return closed_ ? std::fmod(found + whole, whole) : found;
}

} // namespace bollard::plane
