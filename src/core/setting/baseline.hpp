// What letters stand on: a straight line, or a curve with exact distances along it.
#pragma once
#include "plane/curve.hpp"
#include <vector>

namespace bollard::setting {

enum class BaselineKind {
    straight,
    arc,    ///< a part of a circle through the words' middle
    circle, ///< all round a circle
    curve,  ///< a free curve
    edge    ///< along the blank's edge
};

/// A point of a free curve: where it is, and its two handles as they lie from it. mm.
struct CurvePoint {
    double x = 0;
    double y = 0;
    plane::Vector before{}; ///< towards the point before
    plane::Vector after{};  ///< towards the point after
    bool smooth = true;     ///< the handles stay in one line
    bool operator==(const CurvePoint&) const = default;
};

/// Lengths in mm. Fields of other kinds are kept, so that trying another kind and going back loses nothing.
struct Baseline {
    BaselineKind kind = BaselineKind::straight;
    double radius = 40;    ///< arc: heads outwards; below 0 heads towards the centre. circle: above 0
    bool atBottom = false; ///< circle, edge: words read at the bottom, heads towards the middle
    bool inside = false;   ///< circle: letters lie within it
    std::vector<CurvePoint> points{};
    bool closed = false; ///< the free curve comes back to its first point
    double offset = 0;   ///< letters stand so far off, above the line as they are read
    double slide = 0;    ///< words moved along the line in their reading direction
    bool bend = false;   ///< letters bend with the curve instead of turning as they are
    bool operator==(const Baseline&) const = default;
};

/// The free curve of these points.
plane::Contour contourOf(const std::vector<CurvePoint>& points, bool closed);
/// The points of a contour: joints where the direction goes on within a degree are smooth.
std::vector<CurvePoint> pointsOf(const plane::Contour& contour);

/// Where the lines of an inscription run, in the setting's own frame, grid units.
class Track {
  public:
    /// `edge`: the blank's outline in mm, for kind edge. `capital_mm` places letters within a circle.
    Track(const Baseline& baseline, const plane::Outline& edge, double capital_mm);

    bool straight() const { return straight_; }
    /// The curve for a line that stands `above` the first one (mm; below 0 for lines that follow).
    plane::Curve curve(double above_mm) const;
    /// The distance along that curve at which words start (share 0), have their middle (0.5) or end (1).
    double home(const plane::Curve& curve, double share) const;

  private:
    plane::Contour contour_{};
    std::optional<plane::Round> round_{}; ///< instead of the contour
    bool straight_ = true;
    bool openEnds_ = false;
    double off_ = 0;
    double slide_ = 0;
    plane::Vector start_{}; ///< of a closed contour: where words are centred
};

} // namespace bollard::setting
