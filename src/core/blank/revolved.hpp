// Sides that a profile sweeps when it is turned about the y axis.
#pragma once
#include "blank/panel.hpp"

namespace bollard::blank {

/// A line in the half plane of radius and y, by its true length from its start; mm. The normal points away
/// from the material.
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

/// How many strips a side of that radius is cut into, for material up to `tallest` mm above it: chords leave
/// the true surface by no more than 0.01 mm, and so do upright walls, which twist by about height * strip / 4
/// over the radius.
int stripsOf(double radius, double tallest);

/// The side that the meridian sweeps; one whose normal points to the axis is seen from within, and has its
/// middle where that faces +z. Its plan is as wide as the circumference at `ownRadius`, the middle facing +z,
/// and goes from the first of the `cuts` along the meridian to the last; triangles end at them.
Panel revolved(std::string_view side, const Meridian& meridian, double ownRadius,
               const std::vector<double>& cuts, int strips);

/// The flat side that closes it at its start (y least) or end, seen from outside; origin at the lower left of
/// a circle of `ownRadius`. `bore`: the side within it, where it is hollow.
Panel endFace(std::string_view side, const Meridian& meridian, double ownRadius, int strips, bool atEnd,
              const Panel* bore = nullptr);

/// What a broken edge is seen from the side: from the end face, `size` within the radius, to the side, `size`
/// (of a chamfer its height) along it; `atEnd` the other way round. The last of its cuts is its length.
struct BrokenEdge {
    Meridian meridian{};
    std::vector<double> cuts{};
};
BrokenEdge brokenEdge(const Edge& edge, double radius, double y, bool atEnd);
/// How far along the side a broken edge reaches, mm, on the grid.
double heightOf(const Edge& edge);

} // namespace bollard::blank
