// Sides that a profile sweeps when it is turned about the y axis.
#pragma once
#include "blank/panel.hpp"

namespace bollard::blank {

/// A line in the half plane of radius and y, by its true length from its start; mm. The normal points away
/// from the material; at a corner it is longer, so that what stands on both sides of it is even.
struct Meridian {
    struct Place {
        double r = 0;
        double y = 0;
        double normalR = 1;
        double normalY = 0;
    };
    std::function<Place(double v)> at{};
    double length = 0;
};
using PlaceAt = std::function<Meridian::Place(double v)>;

/// How far chords leave the true surface, mm. Where a side bends both ways each has half of it.
constexpr double chord_mm = 0.01;

/// How many strips a side of that radius is cut into: chords leave the true surface by no more than the
/// tolerance (mm) as far as anything rises, and slopes, which are twisted by about height * strip / 4 over
/// the radius, by no more than 0.01 mm.
int stripCount(double radius, const Rise& rise, double tolerance = chord_mm);

/// The strips of all sides that are turned together, round the largest of their radii.
struct Strips {
    std::vector<std::int32_t> ends{};        ///< on the plan, grid units; the last is the first again
    std::vector<plane::Vector> directions{}; ///< x and z away from the axis at each end, as long as 1

    /// As the plan of a hollow has them.
    Strips mirrored() const;
};
Strips stripsOf(double radius, const Rise& rise, double tolerance = chord_mm);
/// The same along a meridian: where to cut it between its borders, which it is cut at.
std::vector<double> bandsOf(const PlaceAt& placeAt, const std::vector<double>& borders, const Rise& rise,
                            double tolerance = chord_mm);

/// The side that the meridian sweeps. Its plan is as wide as the circumference at `ownRadius`, the middle
/// facing +z, and goes from the first of the `cuts` along the meridian to the last; triangles end at them.
/// One of a hollow runs the other way round.
Panel revolved(std::string_view side, const Meridian& meridian, double ownRadius,
               const std::vector<double>& cuts, const Strips& strips, bool ofHollow = false);

/// Makes it a wall with another side within it, where the same places of the plan lie; its ends are left to
/// other panels. Where its back does not lie straight behind its front it has to count apart.
void makeHollow(Panel& panel, std::string_view side, PlaceAt inside, double ownRadius, double thickness,
                const Strips& strips);

/// The flat side that closes it at its start (y least) or end, seen from outside; origin at the lower left of
/// a circle of `ownRadius`. `bore`: the wall's back, or the panel, that it reaches to within.
Panel endFace(std::string_view side, const Panel& around, double ownRadius, bool atEnd,
              const Panel* bore = nullptr);

/// The floor of a hollow at its start or end, seen from within it.
Panel floorOf(std::string_view side, const Panel& hollow, double ownRadius, bool atEnd);

/// What a broken edge is seen from the side: from the end face, `size` within the radius, to the side, `size`
/// (of a chamfer its height) along it; `atEnd` the other way round. The last of its cuts is its length.
struct BrokenEdge {
    Meridian meridian{};
    std::vector<double> cuts{};
};
BrokenEdge brokenEdge(const Edge& edge, double radius, double y, bool atEnd);
/// The same of a side that leans or bends towards its end face: along it from `along` on, mm from its end,
/// and over the face from `across`.
struct EdgeReach {
    double along = 0;
    double across = 0;
};
/// A chamfer: its height along the side, its size over the face; round: as far as a circle of that radius
/// touches a straight side. 0 for crisp ones.
EdgeReach reachOf(const Edge& edge, const Meridian& outside, bool atEnd);
BrokenEdge brokenEdge(const Edge& edge, const Meridian& outside, bool atEnd);
/// How far along the side a broken edge reaches, mm, on the grid.
double heightOf(const Edge& edge);

} // namespace bollard::blank
