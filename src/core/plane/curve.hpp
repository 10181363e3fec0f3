// A curve measured along its length: what letters stand on.
#pragma once
#include "plane/outline.hpp"
#include <optional>

namespace bollard::plane {

/// A whole circle that is run along.
struct Round {
    Vector centre{};
    double radius = 0;
    double from = 0; ///< where it begins, radians, counter-clockwise from the right
    bool clockwise = false;
};

/// A contour or a circle with exact distances along it, as it is or moved sideways. All lengths in one unit,
/// that of the contour; distances start at its first point.
class Curve {
  public:
    Curve() = default;
    /// `off`: how far to the left of the contour (seen along it) the curve runs. Where it would turn tighter
    /// than that, its length there still counts. At corners of the contour a curve moved sideways jumps.
    /// Pieces of no length beside the contour's size, as rounding leaves them, are left out.
    explicit Curve(const Contour& contour, double off = 0);
    /// The same of a circle, with no error but that of the numbers; a circle of no size is a straight line.
    explicit Curve(const Round& round, double off = 0);

    /// A straight line from the origin to the right.
    bool straight() const { return pieces_.empty() && !round_; }
    bool closed() const { return closed_; }
    double length() const;

    struct Place {
        Vector at{};
        Vector along{1, 0}; ///< of length 1
    };
    /// The place at a distance along, exact to 1e-7 of the length (of a circle wholly). A closed curve goes
    /// round and round; an open one goes on straight beyond its ends.
    Place at(double distance) const;

    /// The distance along of the curve's point nearest to `point`.
    double nearest(Vector point) const;

  private:
    /// A stretch of a cubic (or line) short enough for its length to be integrated at once.
    struct Piece {
        Vector a, b, c, d;
        double from = 0, to = 1;
        bool line = false;
    };
    Place onRound(double distance) const;
    void addPiece(const Piece& piece, int depth);
    Vector placeOn(const Piece& piece, double t) const;
    Vector derivative(const Piece& piece, double t) const;
    double speed(const Piece& piece, double t) const;
    double lengthOf(const Piece& piece, double from, double to) const;
    Vector alongOn(const Piece& piece, double t) const;

    std::vector<Piece> pieces_;
    std::vector<double> starts_; ///< distance at the start of each piece, and the whole length
    std::optional<Round> round_;
    double off_ = 0;
    bool closed_ = false;
};

} // namespace bollard::plane
