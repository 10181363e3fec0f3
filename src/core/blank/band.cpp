#include "blank/band.hpp"
#include <algorithm>

namespace bollard::blank {
namespace {

/// A line of the inside from one y to another, which no words lie on.
Panel insidePiece(const Band& band, double from, double to, const Strips& strips) {
    const Meridian line{[band](double y) { return insideOf(band, y); }, to};
    return revolved("inside edge", line, band.radius, bandsOf(line.at, {from, to}, {}), strips, true);
}

} // namespace

Meridian::Place insideOf(const Band& band, double y) {
    const double bore = band.radius - band.thickness;
    if (!(band.comfort > 0))
        return {bore, y, -1, 0};
    // A circle through the bore in the middle and the wider ends.
    const double half = band.length / 2, up = y - half;
    const double arc = (half * half + band.comfort * band.comfort) / (2 * band.comfort);
    const double fall = std::sqrt(std::max(0.0, arc * arc - up * up));
    return {bore + arc - fall, y, -fall / arc, up / arc};
}

std::vector<Panel> panelsOf(const Band& band, const Rise& rise) {
    const double length = plane::toMillimetres(plane::toUnits(band.length));
    const double up = heightOf(band.edge);
    const Strips strips = stripsOf(band.radius, rise);
    const Meridian line{[r = band.radius](double y) { return Meridian::Place{r, y, 1, 0}; }, length};
    const PlaceAt inside = [band](double y) { return insideOf(band, y); };
    Panel wall = revolved("outside", line, band.radius, bandsOf(inside, {up, length - up}, rise), strips);
    wall.countsApart = band.comfort > 0;
    makeHollow(wall, "inside", inside, band.radius - band.thickness + band.comfort, band.thickness, strips);
    if (band.edge.kind == EdgeKind::crisp)
        return {wall, endFace("start", wall, band.radius, false, &wall),
                endFace("end", wall, band.radius, true, &wall)};
    const BrokenEdge start = brokenEdge(band.edge, band.radius, 0, false),
                     end = brokenEdge(band.edge, band.radius, length, true);
    const Panel startEdge = revolved("edge at the start", start.meridian, band.radius, start.cuts, strips),
                endEdge = revolved("edge at the end", end.meridian, band.radius, end.cuts, strips);
    Panel startInside = insidePiece(band, 0, up, strips),
          endInside = insidePiece(band, length - up, length, strips);
    if (band.edgeInside) {
        const auto broken = [&](double at, bool atEnd) {
            BrokenEdge edge = brokenEdge(band.edge, 0, at, atEnd);
            // Seen from the axis: what is less than the radius there is more than the bore here.
            const double bore = insideOf(band, atEnd ? length - up : up).r;
            edge.meridian.at = [line = edge.meridian.at, bore](double v) {
                Meridian::Place place = line(v);
                place.r = bore - place.r;
                place.normalR = -place.normalR;
                return place;
            };
            return revolved("inside edge", edge.meridian, band.radius, edge.cuts, strips, true);
        };
        startInside = broken(0, false);
        endInside = broken(length, true);
    }
    return {wall,
            startEdge,
            endEdge,
            startInside,
            endInside,
            endFace("start", startEdge, band.radius, false, &startInside),
            endFace("end", endEdge, band.radius, true, &endInside)};
}

} // namespace bollard::blank
