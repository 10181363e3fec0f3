// Where the plan of a blank's side stands in space.
#pragma once
#include "blank/edge.hpp"
#include "plane/development.hpp"
#include "plane/stretch.hpp"
#include "space/vertex.hpp"
#include <functional>
#include <map>
#include <optional>
#include <span>
#include <string_view>
#include <vector>

namespace bollard::blank {

/// A straight line that stands on a side: material at height h over a point of the plan lies at foot + h *
/// along.
struct Ray {
    space::Vertex foot{};
    space::Vertex along{0, 0, 1}; ///< a unit normal of the side, outwards

    space::Vertex at(double height_mm) const { return foot + height_mm * along; }
};

/// How far the places of a side that is turned about an axis are from that, mm. By that at its widest, its
/// own, drawings count.
struct Radius {
    double own = 0;                          ///< 0: it is not round
    std::function<double(double y_mm)> at{}; ///< never above `own`
};

/// A side that a straight line sweeps about the y axis, as it is before it is cut into strips: a cylinder, a
/// cone or a flat ring.
struct Swept {
    double r = 0, y = 0; ///< mm, at y = 0 of the plan
    double rise = 0;     ///< how r grows a mm of the plan
    double along = 1;    ///< how y does
    double normalR = 1, normalY = 0;
    bool mirrored = false; ///< x of the plan runs the other way round

    /// Which way a place of the plan lies from the axis, radians from +z towards +x; `turn`: how wide the
    /// plan is, mm.
    double angle(double x, double turn) const { return (mirrored ? -1 : 1) * (2 * M_PI * x / turn - M_PI); }
    space::Vertex at(double x, double planY, double turn, double height) const;
};

/// Near a pole letters are not narrowed any further.
constexpr double leastNarrowing = 1e-3;

/// How what is drawn on a side lies on the panel's plan: mirrored, where it is seen from behind, shifted, and
/// stretched.
struct Drawn {
    bool mirrored = false;
    std::int32_t shift = 0; ///< grid units
    plane::Stretch stretch{};

    plane::Region unstretched(const plane::Region& region) const;
    plane::Box unstretched(const plane::Box& box) const;
    plane::Point toPlan(plane::Point p) const {
        return stretch.toPlan(plane::Point{(mirrored ? -p.x : p.x) + shift, p.y});
    }
};

/// What is worked on a blank, mm: how far it goes up or down from a side, and of that what slopes.
struct Rise {
    double tallest = 0;
    double sloping = 0;
    /// Where strips of turned sides end besides, grid units round them, rising within one turn; the plan
    /// begins at the first. Empty: they are even, from 0.
    std::vector<std::int32_t> ends{};
    bool operator==(const Rise&) const = default;
};

/// One plan with a side in front of it and, where it is a wall, a side behind. A panel without a back has no
/// inner end: its neighbours close it, welded corner by corner where their rims have the same places.
struct Panel {
    std::string_view front = "front";
    std::string_view back = "back"; ///< empty: none
    plane::Region outline{};        ///< on the plan
    plane::Cuts cuts{};             ///< where triangles must end; empty where the panel is flat
    double thickness = 0;           ///< mm, of a wall
    Edge edge{};                    ///< of a flat wall, along `edged`; draft: the back is larger
    bool edgeBehind = false;        ///< at the back too
    plane::Region edged{};          ///< the outline without holes
    /// A hole that is wider at the front: its region, by how much all round (mm), at that angle to the side.
    struct Flare {
        plane::Region hole{};
        double size = 0;
        double slope = 45;
        bool operator==(const Flare&) const = default;
    };
    std::vector<Flare> flares{};
    /// A wall's back may lean about the y axis: it lies `backFrom` mm behind the front at x = 0 and comes
    /// nearer by `backRise` mm a mm of x. `thickness` is then its thinnest.
    double backRise = 0, backFrom = 0;
    double thicker = 0; ///< by so much it is thicker in its thickest place
    /// For each point of the plan; null: the point itself, its height along z.
    std::function<Ray(plane::Point)> frontRay{};
    std::function<Ray(plane::Point)>
        backRay{}; ///< height 0 is the back side; null: the front ray at -thickness
    std::optional<Swept> frontSwept{}, backSwept{}; ///< nothing: they are no such sides
    std::map<plane::Point, space::Vertex> rim{}; ///< corners of the outline that a neighbour has too, exactly

    Radius frontRadius{}, backRadius{};
    plane::Stretch backStretch{}; ///< besides that of its radius
    /// Its back lies so far behind its front only in counting: heights above half of it stand on the front,
    /// those below on the back, and what is between them is as thick as the rays tell.
    bool countsApart = false;
    /// Whether what reaches so high (mm; below 0: deep) between two y of the plan stays clear of the rest of
    /// the panel; null: wherever its rays do not meet.
    std::function<bool(double fromY, double toY, double height)> hasRoom{};
    /// Whether the back of a wall lies straight behind its front between two x of the plan, mm, so that cuts
    /// can go through; null: everywhere.
    std::function<bool(double fromX, double toX)> straightBehind{};
    /// It is the same all the way round the y axis, but for its strips.
    bool turned = false;
    /// Whether its neighbours close it along the outline: of panels without a back, and of walls whose rims
    /// are sides too.
    bool joined = false;

    bool wall() const { return !back.empty(); }
    /// Other panels or other ends of it go on past its outline.
    bool goesOn() const { return joined || !wall(); }
};

/// Where a place of the plan stands, on the front or on the back; along is outwards of that side.
Ray standOn(const Panel& panel, bool behind, plane::Point onPlan);

/// How an inscription lies on the panel's plan whose placing, about which it is true, is at (x, y) of the
/// side, mm. Where a side is wider elsewhere letters are true at their placing's y: angle = x / own + (x' -
/// x) / r(y).
Drawn drawnOn(const Panel& panel, bool behind, double x, double y);

/// A place on a side that words can lie on: x and y as drawn there, and how far off it the point lies,
/// outwards; mm.
struct OnSide {
    std::string_view side{};
    double x = 0, y = 0, height = 0;
    space::Vertex outwards{0, 0, 1}; ///< unit normal of the side there
};
/// The nearest side to a point of the part; nothing where there are no panels. O(panels times steps of their
/// search).
std::optional<OnSide> nearestSide(std::span<const Panel> panels, const space::Vertex& point);

} // namespace bollard::blank
