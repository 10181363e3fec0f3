#include "cut/mounting.hpp"
#include "blank/shape.hpp"
#include <cmath>

namespace bollard::cut {

double RoundStock::inChuck(double y, double toolRadius) const {
    return held() ? std::min(y + toolRadius - chuckFrom, chuckTo - (y - toolRadius)) : -1;
}

RoundStock roundStockOf(const Stock& stock, double radius, double length) {
    RoundStock round;
    round.radius = stock.diameter > 0 ? stock.diameter / 2 : radius;
    const double whole = stock.length > 0 ? stock.length : length + std::max(0.0, stock.before);
    const double surplus = whole - length;
    round.from = stock.before >= 0                    ? -stock.before
                 : stock.chuck.end == ChuckEnd::start ? -surplus
                 : stock.chuck.end == ChuckEnd::end   ? 0
                                                      : -surplus / 2;
    round.to = round.from + whole;
    if (stock.chuck.end == ChuckEnd::start) {
        round.chuckFrom = round.from;
        round.chuckTo = round.from + stock.chuck.reach;
    } else if (stock.chuck.end == ChuckEnd::end) {
        round.chuckFrom = round.to - stock.chuck.reach;
        round.chuckTo = round.to;
    }
    return round;
}

RoundZero roundZeroOf(const Zero& zero, const RoundStock& stock, double blankRadius) {
    RoundZero round;
    switch (zero.place.at) {
    case ZeroAt::point:
        round.y = zero.place.y;
        break;
    case ZeroAt::start:
        round.y = stock.from;
        break;
    case ZeroAt::end:
        round.y = stock.to;
        break;
    default: { // of the nine points of a plan the row
        const int row = int(zero.place.at) / 3;
        round.y = stock.to + (stock.from - stock.to) * row / 2;
    }
    }
    round.height = zero.on == ZeroOn::top      ? stock.radius
                   : zero.on == ZeroOn::bottom ? -stock.radius
                   : zero.on == ZeroOn::part   ? blankRadius
                                               : 0;
    return round;
}

namespace {

/// Facets and flats have no one line that is swept round.
bool isFaceted(const blank::Blank& blank, std::string_view side) {
    return !blank::facetBordersOf(blank, side).empty() || blank.flat != 0;
}

} // namespace

bool isMountable(const blank::Blank& blank, std::string_view side, bool turns) {
    if (side != "outside" || !(blank::turnOf(blank, side) > 0))
        return false;
    return isFaceted(blank, side) ? !turns : blank::radiusOf(blank, side).own > 0;
}

Mounting::Mounting(const blank::Blank& blank, std::string_view side, const Stock& raw, const Zero& at,
                   bool onAxis)
    : turns(onAxis) {
    const blank::Radius round = blank::radiusOf(blank, side);
    radius = round.own;
    width = 2 * M_PI * radius;
    length = blank::sizeOf(blank, side).y;
    std::vector<blank::Panel> panels = blank::shapeOf(blank).panelsOf(blank, {});
    const auto own = std::ranges::find(panels, side, &blank::Panel::front);
    if (own != panels.end()) {
        panel_ = std::make_shared<const blank::Panel>(std::move(*own));
        axisLength = meridianAt(length).y;
    }
    if (panel_ && isFaceted(blank, side)) {
        width = blank::turnOf(blank, side);
        radius = 0;
        constexpr int places = 720;
        for (int i = 0; i <= places; ++i) {
            const blank::Ray ray = onPanel({width * i / places, 0});
            radius = std::max(radius, std::hypot(ray.foot.x, ray.foot.z));
        }
        std::vector<double> borders = blank::facetBordersOf(blank, side);
        const auto next = std::ranges::upper_bound(borders, width / 2);
        const double to = next == borders.end() ? width : *next,
                     from = next == borders.begin() ? 0 : *(next - 1);
        const blank::Ray middle = onPanel({borders.empty() ? width / 2 : (from + to) / 2, 0});
        facetTurn_ = std::atan2(middle.along.x, middle.along.z);
    }
    if (panel_ && raw.diameter <= 0 && !isBar() && !facetTurn_) {
        constexpr int places = 2000;
        for (int i = 0; i <= places; ++i) {
            const Meridian place = meridianAt(length * i / places);
            own_.push_back({place.y, place.r});
        }
        std::ranges::stable_sort(own_, {}, &plane::Vector::x);
    }
    stock = roundStockOf(raw, radius, axisLength);
    zero = roundZeroOf(at, stock, radius);
}

Mounting::Meridian Mounting::meridianAt(double y) const {
    // At the end of a strip it is as the line has it that was swept.
    const blank::Ray ray =
        blank::standOn(*panel_, false, {panel_->cuts.u.front(), plane::toUnits(std::clamp(y, 0.0, length))});
    // Past its ends a bar goes on.
    const double past = y - std::clamp(y, 0.0, length);
    Meridian place{std::hypot(ray.foot.x, ray.foot.z), ray.foot.y + past, 1, ray.along.y};
    const double normalR = std::hypot(ray.along.x, ray.along.z), size = std::hypot(normalR, ray.along.y);
    // Towards the axis where it turns in on itself
    const bool inwards = ray.along.x * ray.foot.x + ray.along.z * ray.foot.z < 0;
    place.normalR = (inwards ? -normalR : normalR) / size;
    place.normalY = ray.along.y / size;
    return place;
}

bool Mounting::isBar() const {
    constexpr double hair = 1e-3; // places are on the grid
    return !facetTurn_ && std::fabs(axisLength - length) < hair && std::fabs(radiusAt(0) - radius) < hair &&
           std::fabs(radiusAt(length) - radius) < hair;
}

double Mounting::stockAt(double along) const {
    if (own_.empty())
        return along >= stock.from && along <= stock.to ? stock.radius : 0;
    const auto next = std::ranges::lower_bound(own_, along, {}, &plane::Vector::x);
    if (next == own_.begin() || next == own_.end())
        return 0;
    const plane::Vector &a = *(next - 1), &b = *next;
    const double share = b.x > a.x ? (along - a.x) / (b.x - a.x) : 0;
    return a.y + share * (b.y - a.y);
}

double Mounting::radiusAt(double y) const {
    return meridianAt(y).r;
}

double Mounting::angleAt(double x) const {
    return (x - width / 2) / radius * 180 / M_PI;
}

/// Of the panel as the blank has it.
blank::Ray Mounting::onPanel(plane::Vector at) const {
    return blank::standOn(*panel_, false,
                          {plane::toUnits(at.x), plane::toUnits(std::clamp(at.y, 0.0, length))});
}

blank::Ray Mounting::standing(plane::Vector at) const {
    if (facetTurn_) {
        const blank::Ray ray = onPanel(at);
        const double s = std::sin(-*facetTurn_), c = std::cos(-*facetTurn_);
        const auto turned = [&](const space::Vertex& v) {
            return space::Vertex{v.x * c + v.z * s, v.y, v.z * c - v.x * s};
        };
        return {turned(ray.foot), turned(ray.along)};
    }
    const Meridian line = meridianAt(at.y);
    const double angle = angleAt(at.x) * M_PI / 180, s = std::sin(angle), c = std::cos(angle);
    return {{line.r * s, line.y, line.r * c}, {line.normalR * s, line.normalY, line.normalR * c}};
}

MachinePlace Mounting::placeOf(plane::Vector at, double height, const Operation& operation) const {
    const Tool& tool = operation.tool;
    const bool ball = tool.kind == ToolKind::ball;
    // How wide the tool is at its lowest: beside its axis it meets what stands higher there.
    const double flat = ball ? 0 : tool.tapers() ? tool.tip / 2 : tool.radius();
    if (turns) {
        const Meridian line = meridianAt(at.y);
        MachinePlace place{0, line.y + height * line.normalY, line.r + height * line.normalR, angleAt(at.x)};
        if (ball) { // its middle a radius off the floor
            place.along += tool.radius() * line.normalY;
            place.height += tool.radius() * (line.normalR - 1);
        } else if (line.normalR > 0) {
            place.height += flat * std::fabs(line.normalY) / line.normalR;
        }
        return place;
    }
    const blank::Ray ray = standing(at);
    space::Vertex tip =
        operation.depthAlong == DepthAlong::z ? ray.foot + space::Vertex{0, 0, height} : ray.at(height);
    if (ball) {
        tip = tip + tool.radius() * ray.along;
        tip.z -= tool.radius();
    } else if (ray.along.z > 0) {
        tip.z += flat * std::hypot(ray.along.x, ray.along.y) / ray.along.z;
    }
    return {tip.x, tip.y, tip.z, 0};
}

space::Vertex Mounting::over(const MachinePlace& place) const {
    return {place.across + roundAt(place.angle), place.along, place.height - radius};
}

double Mounting::steepnessAt(plane::Vector at) const {
    const space::Vertex along = standing(at).along;
    const double up = turns ? meridianAt(at.y).normalR : along.z / space::length(along);
    return std::acos(std::clamp(up, -1.0, 1.0)) * 180 / M_PI;
}

double Mounting::steepestFor(const Tool& tool) {
    constexpr double upright = 90, hair = 1e-6;
    return (tool.tapers() ? upright - tool.angle / 2 : upright) - hair;
}

} // namespace bollard::cut
