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

namespace {

/// The same place of the frame before it was mirrored.
Anchor mirroredAnchor(Anchor anchor) {
    return static_cast<Anchor>(int(anchor) + 2 - 2 * (int(anchor) % 3));
}

} // namespace

Placing seenFromBehind(Placing placing, double width_mm) {
    placing.x = width_mm - placing.x;
    placing.turn = -placing.turn;
    placing.anchor = mirroredAnchor(placing.anchor);
    placing.reading = placing.reading == ReadingSide::onPart ? ReadingSide::throughBack : ReadingSide::onPart;
    return placing;
}

Place::Place(const Setting& setting, const Placing& placing)
    : frame_(setting.frame), reading_(placing.reading), shape_(placing.shape),
      anchor_(anchorPoint(frame_, mirrors() ? mirroredAnchor(placing.anchor) : placing.anchor)),
      to_{plane::toUnits(placing.x), plane::toUnits(placing.y)}, turn_(placing.turn),
      cosine_(std::cos(placing.turn * M_PI / 180)), sine_(std::sin(placing.turn * M_PI / 180)) {}

Vector Place::toSide(Vector inSetting) const {
    Vector d = inSetting - plane::vectorOf(anchor_);
    if (mirrors())
        d.x = -d.x;
    return Vector{cosine_ * d.x - sine_ * d.y, sine_ * d.x + cosine_ * d.y} + plane::vectorOf(to_);
}

Vector Place::toSetting(Vector onSide) const {
    const Vector d = onSide - plane::vectorOf(to_);
    const double along = cosine_ * d.x + sine_ * d.y;
    return Vector{mirrors() ? -along : along, cosine_ * d.y - sine_ * d.x} + plane::vectorOf(anchor_);
}

plane::Region Place::onSide(const Letter& letter) const {
    const Vector by = plane::vectorOf(letter.at) - plane::vectorOf(anchor_), to = plane::vectorOf(to_);
    if (!mirrors()) {
        if (turn_ == 0)
            return letter.upright()
                       ? plane::shifted(*letter.region, plane::onGrid(by + to))
                       : plane::turned(*letter.region, letter.turn, plane::onGrid(by + to), letter.zoom);
        if (!letter.upright()) // one turn, so that it is rounded once
            return plane::turned(*letter.region, letter.turn + turn_,
                                 plane::onGrid(toSide(plane::vectorOf(letter.at))), letter.zoom);
        return plane::turned(plane::shifted(*letter.region, plane::onGrid(by)), turn_, to_);
    }
    const plane::Region seen = plane::mirrored(shapeOf(letter));
    const Vector anchor{double(anchor_.x), -double(anchor_.y)};
    return turn_ == 0 ? plane::shifted(seen, plane::onGrid(anchor + to))
                      : plane::turned(plane::shifted(seen, plane::onGrid(anchor)), turn_, to_);
}

Vector Place::anchorOnSide(Anchor anchor) const {
    const Vector at =
        toSide(plane::vectorOf(anchorPoint(frame_, mirrors() ? mirroredAnchor(anchor) : anchor)));
    return {plane::toMillimetres(at.x), plane::toMillimetres(at.y)};
}

std::array<Vector, 4> frameOnSide(const Setting& setting, const Place& place) {
    const bool straightWords = setting.typeface && setting.baseline == BaselineKind::straight;
    const plane::Box& box = straightWords || setting.ink.empty() ? setting.frame : setting.ink;
    Vector low = plane::vectorOf(box.low), high = plane::vectorOf(box.high);
    if (place.mirrors())
        std::swap(low.x, high.x);
    return {place.toSide(low), place.toSide({high.x, low.y}), place.toSide(high),
            place.toSide({low.x, high.y})};
}

} // namespace bollard::setting
