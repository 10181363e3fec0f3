// How a side that goes round comes under the tool: turned by a rotary axis, or followed from above.
#pragma once
#include "blank/blank.hpp"
#include "cut/operation.hpp"
#include "cut/stock.hpp"
#include <cmath>
#include <memory>
#include <optional>

namespace bollard::cut {

/// A round bar of raw material along the blank's axis, mm; y of the blank.
struct RoundStock {
    double radius = 0;
    double from = 0, to = 0;
    double chuckFrom = 0, chuckTo = 0; ///< where the chuck holds it; the same: nowhere

    bool held() const { return chuckTo > chuckFrom; }
    /// How far a tool of that radius at y is within the chuck, mm; below 0 beside it.
    double inChuck(double y, double toolRadius) const;
};

/// Round a blank of that radius and length. What is longer lies where it is told, else at the chuck's end,
/// else half at each end.
RoundStock roundStockOf(const Stock& stock, double radius, double length);

/// Where the machine's zero lies: y of the blank, and height over its axis, mm.
struct RoundZero {
    double y = 0, height = 0;
};
RoundZero roundZeroOf(const Zero& zero, const RoundStock& stock, double blankRadius);

/// A place on the machine: over the axis, at an angle and a height over it where the bar turns; else straight
/// above it. mm and degrees.
struct MachinePlace {
    double across = 0, along = 0, height = 0, angle = 0;
};

class Mounting {
  public:
    /// A side turned about the axis of the blank, of x and y as its plan has them.
    Mounting(const blank::Blank& blank, std::string_view side, const Stock& stock, const Zero& zero,
             bool turns);

    bool turns = false;
    double width = 0;  ///< of the development, mm: once round
    double radius = 0; ///< of the side where it is widest; of facets at their borders
    double length = 0; ///< of the side, along its profile
    double axisLength = 0;
    RoundStock stock{};
    RoundZero zero{};

    /// The side's line outwards at a place of the plan, mm; exact.
    blank::Ray standing(plane::Vector at) const;
    /// Whether it is as wide everywhere.
    bool isBar() const;
    /// How far the stock is from the axis at a place along that, mm: what is told of it, else the side
    /// itself.
    double stockAt(double along) const;
    /// How far from the axis it is there, mm.
    double radiusAt(double y) const;
    /// Which way the plan's x runs round, degrees from where the middle of the plan is on top.
    double angleAt(double x) const;
    /// How far round the side is turned at an angle, mm; 0 where its plan begins, and of what is followed
    /// from above the same across.
    double roundAt(double angle) const { return width / 2 + angle * M_PI / 180 * radius; }
    /// A place as far from others as the tool goes over the side: round it, along, and height over it.
    space::Vertex over(const MachinePlace& place) const;
    /// The tip of a tool `height` mm off the side there (below 0: in it). From above it stands so that
    /// neither a flat nor a ball goes deeper beside its axis. The angle goes on where x does.
    MachinePlace placeOf(plane::Vector at, double height, const Operation& operation) const;
    /// How steep the side is to the table there, as a tool from above finds it, or to the bar's axis, as one
    /// does that turns; degrees, above 90 on the underside.
    double steepnessAt(plane::Vector at) const;
    /// How steep the tool may find it: with flanks that lean it runs into what is beside it.
    static double steepestFor(const Tool& tool);
    /// Of the blank, that the side is the front of.
    const blank::Panel& panel() const { return *panel_; }

  private:
    struct Meridian {
        double r = 0, y = 0, normalR = 1, normalY = 0;
    };
    Meridian meridianAt(double y) const;
    blank::Ray onPanel(plane::Vector at) const;
    std::shared_ptr<const blank::Panel> panel_{};
    std::optional<double> facetTurn_{}; ///< of the facet in the middle, which is on top; nothing: no facets
    std::vector<plane::Vector> own_{};  ///< along the axis, and how far from it; empty: the stock is a bar
};

/// Whether the side goes round the blank's axis, so that it can be mounted: from above with facets too, which
/// an axis that turns under a tool square to it cannot reach.
bool isMountable(const blank::Blank& blank, std::string_view side, bool turns);

} // namespace bollard::cut
