// What each kind of working does to the material.
#pragma once
#include "blank/panel.hpp"
#include "working/change.hpp"
#include "working/working.hpp"
#include <span>

namespace bollard::working {

/// Thickness of material that has no other side.
constexpr double endless = 1e9;

/// How far behind the front side of a wall its back lies, mm.
struct Thickness {
    double least = 0;
    double most = 0;
    double from = 0; ///< at x = 0
    double rise = 0; ///< it comes nearer by so much a mm of x

    Thickness(double everywhere) : least(everywhere), most(everywhere), from(everywhere) {}
    explicit Thickness(const blank::Panel& panel);
};

/// The blank, from its front side down. Nothing for an empty region or no thickness.
std::vector<Change> changesOf(const plane::Region& blank, const Thickness& thickness);

/// What letters worked so do to what is there, so thick. Sunk and scribed letters are cut down
/// from however high material stands, pierced ones through all of it. Raised letters reach into the blank by
/// their bedding (never beyond its back), stand on what was cut before them, and are kept whole past the
/// blank's edge; without a blank (thickness 0) they stand from 0.
std::vector<Change> changesOf(const Worked& worked, const Thickness& thickness);

/// The same from behind a wall: its region is as seen from the front, heights count from the back side
/// outwards.
Change fromBehind(Change change, const Thickness& thickness);

/// What the broken edge of a flat wall puts and takes.
std::vector<Change> edgeChanges(const blank::Panel& panel);

/// The blank with its edge, then all that is worked on its front, then what is from behind, whose regions are
/// as seen from the front, in their order.
std::vector<Change> changesOf(const plane::Region& blank, const Thickness& thickness,
                              std::span<const Worked> worked, std::span<const Worked> behind = {},
                              std::vector<Change> edge = {});

} // namespace bollard::working
