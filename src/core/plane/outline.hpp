// Outlines with true curves, as typefaces and shapes give them.
#pragma once
#include "plane/point.hpp"
#include <utility>
#include <vector>

namespace bollard::plane {

/// One piece of a contour from the end of the piece before it: a line, or a Bezier curve.
struct Segment {
    enum class Kind { line, quadratic, cubic };
    Kind kind = Kind::line;
    Vector first{};  ///< control point of a curve
    Vector second{}; ///< second control point of a cubic
    Vector end{};
    bool operator==(const Segment&) const = default;
};

/// A contour; closed by a straight line where it does not end at its start, unless it is open.
struct Contour {
    Vector start{};
    std::vector<Segment> segments{};
    bool open = false; ///< a line that bounds nothing
    bool operator==(const Contour&) const = default;
};

/// Contours that together bound a shape by the non-zero rule.
struct Outline {
    std::vector<Contour> contours{};
    bool operator==(const Outline&) const = default;
};

/// Every point, handles included, moved as `move` says; a map of straight lines to straight lines keeps
/// curves exact.
template<class Move> Contour mapped(Contour contour, Move move) {
    contour.start = move(contour.start);
    for (Segment& segment : contour.segments)
        for (Vector* v : {&segment.first, &segment.second, &segment.end})
            *v = move(*v);
    return contour;
}
template<class Move> Outline mapped(Outline outline, Move move) {
    for (Contour& contour : outline.contours)
        contour = mapped(std::move(contour), move);
    return outline;
}

/// The same way round the other way.
Contour reversed(const Contour& contour);

/// Adds an arc that starts where the contour ends now, on a circle around `centre`, turning by `sweep`
/// degrees (counter-clockwise when positive; at most once round, nothing for no number). It is made of cubics
/// of at most 30 degrees each; their radius is off by less than 4e-7 of it.
void addArc(Contour& contour, Vector centre, double sweep);

/// A circle of cubic arcs, counter-clockwise from its rightmost point.
Contour circle(Vector centre, double radius);

/// A rectangle with corners rounded by `corner` (clamped to half the shorter side), counter-clockwise.
Contour roundedRectangle(Vector low, Vector high, double corner);

using Ring = std::vector<Point>;

/// The contours times `scale`, on the grid, each as a closed ring without repeated points.
/// No point of a curve is farther than `tolerance` (in grid units) from its chord.
/// Rings of fewer than three points and open contours are left out.
std::vector<Ring> flattened(const Outline& outline, double scale, double tolerance);

/// A chain of points; the first is repeated at the end where it is closed. A single point is a dot.
using Line = std::vector<Point>;

/// All contours, open and closed, as flattened() gives them.
std::vector<Line> lines(const Outline& outline, double scale, double tolerance);

} // namespace bollard::plane
