// How high a surface lies by how far in from a boundary.
#pragma once
#include "plane/point.hpp"
#include <cstdint>
#include <functional>
#include <memory>
#include <vector>

namespace bollard::working {

/// What heights grow by besides, over each point of the plan; grid units.
using Lift = std::shared_ptr<const std::function<std::int32_t(plane::Point)>>;

/// Straight between its steps, level from the last one on. Grid units; insets ascend from 0.
struct Profile {
    struct Step {
        std::int32_t inset = 0;
        std::int32_t height = 0;
        bool operator==(const Step&) const = default;
    };
    std::vector<Step> steps{{}};
    double tilt = 0; ///< it rises by so much a unit of x besides
    Lift lift{};     ///< null: none

    bool level() const { return steps.size() == 1 && tilt == 0 && !lift; }
    /// From here on it is level.
    std::int32_t reach() const { return steps.back().inset; }
    std::int32_t at(double inset) const; ///< at x = 0, not lifted
    std::int32_t at(double inset, plane::Point p) const;
    bool operator==(const Profile&) const = default;
};

/// No higher than that (mm): where the slope passes it, it goes on level.
Profile cappedAt(const Profile& profile, double height);
/// The same height everywhere. All of these take mm and degrees.
Profile levelAt(double height);
/// A top `height` high whose edge is broken by `size`, measured along the side, at `angle` to it.
Profile chamferedTop(double height, double size, double angle = 45);
/// A top whose edge is rounded with that radius, within `tolerance`.
Profile roundedTop(double height, double radius, double tolerance = 0.01);
/// Walls that lean inwards by `degrees` from upright, up or (height below 0) down to `height`; the outline is
/// true at the side.
Profile draftedTop(double height, double degrees);
/// What a broken edge takes away beside a cut, by the distance from the cut: from `size` * tan(angle) below
/// the side up to it.
Profile chamferedMouth(double size, double angle = 45);
Profile roundedMouth(double radius, double tolerance = 0.01);
/// A fillet beside what stands up, by the distance from it: from `radius` above the side down to it.
Profile filletedFoot(double radius, double tolerance = 0.01);
/// A floor that falls from the outline as a cutter of that included angle leaves it, no deeper than `depth`
/// below the side.
Profile carvedFloor(double depth, double angle);

} // namespace bollard::working
