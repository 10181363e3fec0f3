#include "setting/placing.hpp"

namespace bollard::setting {

using plane::Point, plane::Vector;

Point anchorPoint(const plane::Box& frame, Anchor anchor) {
    const int column = int(anchor) % 3, row = int(anchor) / 3;
    const auto along = [](std::int32_t low, std::int32_t high, int thirds) {
        return thirds == 0 ? low : thirds == 2 ? high : std::int32_t((std::int64_t(low) + high) / 2);
    };
    return {along(frame.low.x, frame.high.x, column), along(frame.low.y, frame.high.y, 2 - row)};
}

Place::Place(const Setting& setting, const Placing& placing)
    : anchor_(anchorPoint(setting.frame, placing.anchor)), to_{plane::toUnits(placing.x),
                                                               plane::toUnits(placing.y)},
      turn_(placing.turn), cosine_(std::cos(placing.turn * M_PI / 180)),
      sine_(std::sin(placing.turn * M_PI / 180)) {}

Vector Place::toSide(Vector inSetting) const {
    const Vector d = inSetting - plane::vectorOf(anchor_);
    return Vector{cosine_ * d.x - sine_ * d.y, sine_ * d.x + cosine_ * d.y} + plane::vectorOf(to_);
}

Vector Place::toSetting(Vector onSide) const {
    const Vector d = onSide - plane::vectorOf(to_);
    return Vector{cosine_ * d.x + sine_ * d.y, cosine_ * d.y - sine_ * d.x} + plane::vectorOf(anchor_);
}

plane::Region Place::onSide(const Letter& letter) const {
    const Point by = letter.at - anchor_;
    if (turn_ == 0)
        return plane::shifted(*letter.region, by + to_);
    return plane::turned(plane::shifted(*letter.region, by), turn_, to_);
}

std::array<Vector, 4> frameOnSide(const Setting& setting, const Place& place) {
    const Vector low = plane::vectorOf(setting.frame.low), high = plane::vectorOf(setting.frame.high);
    return {place.toSide(low), place.toSide({high.x, low.y}), place.toSide(high),
            place.toSide({low.x, high.y})};
}

} // namespace bollard::setting
