#include "blank/axis_hole.hpp"
#include "quantity/field.hpp"

namespace bollard::blank {

DrilledAlong drilledAlong(const AxisHole& hole, const AxisEnd& start, const AxisEnd& end, double ownRadius,
                          const Strips& strips) {
    DrilledAlong drilled;
    const double radius = hole.diameter / 2, length = end.place.y - start.place.y;
    if (!(radius > 0) || !(length > 0))
        return drilled;
    const bool through = !(hole.depth > 0) || hole.depth >= length;
    drilled.opensAtStart = through || !hole.fromEnd;
    drilled.opensAtEnd = through || hole.fromEnd;
    // In a pole it is as wide as the outside is there, so that their rims are the same.
    const auto placeAt = [&](const AxisEnd& at, bool opens) {
        const bool inPole = opens && at.v > 0 && std::fabs(at.place.r - radius) < 0.01;
        return Meridian::Place{inPole ? at.place.r : radius, at.place.y, -1, 0};
    };
    Meridian::Place from = placeAt(start, drilled.opensAtStart), to = placeAt(end, drilled.opensAtEnd);
    if (!through && hole.fromEnd)
        from = {radius, to.y - hole.depth, -1, 0};
    else if (!through)
        to = {radius, from.y + hole.depth, -1, 0};
    const double deep = plane::toMillimetres(plane::toUnits(to.y - from.y));
    const Meridian wall{
        [from, to, deep](double v) {
            if (v <= 0 || v >= deep)
                return v <= 0 ? from : to;
            const double t = v / deep;
            return Meridian::Place{from.r + t * (to.r - from.r), from.y + t * (to.y - from.y), -1, 0};
        },
        deep};
    drilled.panels.push_back(revolved("hole", wall, ownRadius, {0, deep}, strips, true));
    if (!through) // its floor looks to where it opens
        drilled.panels.push_back(floorOf("floor of the hole", drilled.panels.front(), radius, !hole.fromEnd));
    return drilled;
}

} // namespace bollard::blank

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::AxisHole>() {
    using blank::AxisHole;
    static constexpr std::array ends{Named{false, "start"}, Named{true, "end"}};
    const auto there = [](const AxisHole& hole) { return hole.diameter > 0; };
    static const PartFields fields =
        std::move(Describing<AxisHole>()
                      .number("diameter", &AxisHole::diameter, Dimension::length, ranges::centreHole)
                      .about("mm; 0 for none")
                      .number("depth", &AxisHole::depth, Dimension::length, ranges::centreHole)
                      .when(there)
                      .about("mm from where it opens; 0: right through")
                      .choice("from", &AxisHole::fromEnd, ends)
                      .when(there)
                      .about("where it opens"));
    return fields;
}
