// Where columns over the plan of a panel stand in space. For the sources of this folder only.
#pragma once
#include "blank/panel.hpp"

namespace bollard::body {

using blank::Panel, space::Vertex;
using plane::Point;

/// Where heights over one point of the plan lie.
class Stand {
  public:
    Stand(const Panel& panel, Point p) : thickness_(plane::toUnits(panel.thickness)), wall_(panel.wall()) {
        front_ = panel.frontRay
                     ? panel.frontRay(p)
                     : blank::Ray{{plane::toMillimetres(p.x), plane::toMillimetres(p.y), 0}, {0, 0, 1}};
        separate_ = bool(panel.backRay);
        if (separate_)
            back_ = panel.backRay(p);
        if (const auto exact = panel.rim.find(p); exact != panel.rim.end())
            front_.foot = exact->second;
    }
    Vertex at(std::int32_t height) const {
        if (fromBack(height))
            return back_.at(plane::toMillimetres(-double(height) - thickness_));
        return front_.at(plane::toMillimetres(height));
    }
    /// The way heights grow there.
    Vertex outwards(std::int32_t height) const { return fromBack(height) ? -1 * back_.along : front_.along; }

  private:
    bool fromBack(std::int32_t height) const { return separate_ && wall_ && height < -thickness_ / 2; }

    blank::Ray front_{}, back_{};
    std::int32_t thickness_;
    bool wall_, separate_ = false;
};

} // namespace bollard::body
