#include "blank/blank.hpp"
#include "blank/shape.hpp"
#include "plane/gap.hpp"
#include "plane/near_boxes.hpp"
#include "quantity/base64.hpp"
#include "quantity/field.hpp"
#include <algorithm>

namespace bollard::blank {
namespace {

constexpr double tolerance = 0.01 * plane::unitsPerMillimetre;

} // namespace

std::vector<std::string_view> sidesOf(const Blank& blank) {
    const Shape& shape = shapeOf(blank);
    std::vector<std::string_view> own;
    if (shape.ownSides)
        own = shape.ownSides(blank);
    return own.empty() ? shape.sides : own;
}

std::string_view sideOf(const Blank& blank, std::string_view side) {
    const Shape& shape = shapeOf(blank);
    const std::vector<std::string_view> own =
        shape.ownSides ? sidesOf(blank) : std::vector<std::string_view>();
    const auto& sides = shape.ownSides ? own : shape.sides;
    if (side.empty())
        return sides.front();
    const auto found = std::ranges::find(sides, side);
    return found == sides.end() ? std::string_view{} : *found;
}

std::string_view sideAcross(const Blank& blank, std::string_view side) {
    const std::string_view own = sideOf(blank, side);
    if (!shapeOf(blank).flatWall || own.empty())
        return {};
    return sideOf(blank, own == "back" ? "front" : "back");
}

plane::Vector sizeOf(const Blank& blank, std::string_view side) {
    return shapeOf(blank).sizeOf(blank, sideOf(blank, side));
}

double depthBehind(const Blank& blank, std::string_view side) {
    return depthBehind(blank, side, 0, sizeOf(blank, side).x);
}

double depthBehind(const Blank& blank, std::string_view side, double fromX, double toX) {
    const auto behind = [&](double x) { return shapeOf(blank).depthBehind(blank, sideOf(blank, side), x); };
    return std::min(behind(fromX), behind(toX)); // of a straight slope
}

double turnOf(const Blank& blank, std::string_view side) {
    const Shape& shape = shapeOf(blank);
    const std::string_view own = sideOf(blank, side);
    const bool closed = shape.isClosed ? shape.isClosed(blank, own)
                                       : std::ranges::find(shape.round, own) != shape.round.end();
    return closed ? sizeOf(blank, side).x : 0;
}

Radius radiusOf(const Blank& blank, std::string_view side) {
    const auto known = shapeOf(blank).radiusOf;
    const std::string_view own = sideOf(blank, side);
    return known && !own.empty() ? known(blank, own) : Radius{};
}

bool isUneven(const Blank& blank, std::string_view side) {
    const Radius radius = radiusOf(blank, side);
    if (!(radius.own > 0))
        return false;
    const double height = sizeOf(blank, side).y;
    constexpr double seen = 1e-3; // mm
    constexpr int places = 8;
    for (int i = 0; i <= places; ++i)
        if (radius.own - radius.at(height * i / places) > seen)
            return true;
    return false;
}

double turnAt(const Blank& blank, std::string_view side, double y) {
    const double turn = turnOf(blank, side);
    const Radius radius = turn > 0 ? radiusOf(blank, side) : Radius{};
    return radius.own > 0 ? turn * radius.at(y) / radius.own : turn;
}

double narrowingAt(const Blank& blank, std::string_view side, double y) {
    const Radius radius = radiusOf(blank, side);
    return radius.own > 0 ? std::max(leastNarrowing, radius.at(y) / radius.own) : 1;
}

std::vector<double> facetBordersOf(const Blank& blank, std::string_view side) {
    const auto known = shapeOf(blank).facetBordersOf;
    return known ? known(blank, sideOf(blank, side)) : std::vector<double>{};
}

bool hasEdge(const Blank& blank) {
    return shapeOf(blank).edgeOf != nullptr;
}

namespace {

/// Solid and turned about an axis: it has ends that something can be put into.
bool isSolidTurned(const Blank& b) {
    return b.kind == Kind::bar || b.kind == Kind::cone || b.kind == Kind::sphere ||
           (b.kind == Kind::turned && !(b.wall > 0));
}

} // namespace

bool hasEar(const Blank& blank) {
    return isSolidTurned(blank) && blank.ear.hole > 0;
}

bool takesHoles(const Blank& blank) {
    return shapeOf(blank).flatWall;
}

Edge edgeOf(const Blank& blank) {
    const auto edge = shapeOf(blank).edgeOf;
    return edge ? edge(blank) : Edge{};
}

Edge wallEdge(const Blank& blank) {
    const plane::Vector size = sizeOf(blank);
    const double thickness = depthBehind(blank);
    const double room = (blank.edgeBoth ? thickness / 2 : thickness) - uprightLeft;
    return fitted(blank.edge, room, std::min(size.x, size.y) / 2, thickness);
}

std::span<const Hole> drilledIn(const Blank& blank) {
    return shapeOf(blank).flatWall ? std::span<const Hole>(blank.holes) : std::span<const Hole>{};
}

std::vector<Hole> holesIn(const Blank& blank, std::string_view side) {
    const auto drilled = drilledIn(blank);
    std::vector<Hole> holes(drilled.begin(), drilled.end());
    if (const auto own = shapeOf(blank).ownHole)
        holes.push_back(own(blank, sideOf(blank, side)));
    std::erase_if(holes, [](const Hole& hole) { return !(hole.diameter > 0); });
    return holes;
}

namespace {

/// From how the front sees it to how the side itself is seen.
plane::Contour seenOn(const Blank& blank, std::string_view side, plane::Contour contour) {
    if (!shapeOf(blank).flatWall || sideOf(blank, side) != "back")
        return contour;
    const double width = sizeOf(blank).x;
    return plane::reversed(plane::mapped(std::move(contour), [&](plane::Vector p) {
        return plane::Vector{width - p.x, p.y};
    }));
}

} // namespace

plane::Outline outlineOf(const Blank& blank, std::string_view side) {
    const plane::Vector size = sizeOf(blank, side);
    if (!(size.x > 0) || !(size.y > 0))
        return {};
    plane::Outline outline = shapeOf(blank).outlineOf(blank, sideOf(blank, side));
    for (plane::Contour& contour : outline.contours)
        contour = seenOn(blank, side, std::move(contour));
    return outline;
}

plane::Outline holesOf(const Blank& blank, std::string_view side) {
    plane::Outline holes;
    for (const Hole& hole : holesIn(blank, side))
        holes.contours.push_back(seenOn(blank, side, contourOf(hole)));
    return holes;
}

plane::Outline mouthsOf(const Blank& blank, std::string_view side) {
    plane::Outline mouths;
    if (sideOf(blank, side) == sidesOf(blank).front())
        for (const Hole& hole : drilledIn(blank))
            if (flareOf(hole) > 0)
                mouths.contours.push_back(mouthOf(hole));
    return mouths;
}

plane::Region wholeRegionOf(const Blank& blank, std::string_view side) {
    return plane::filled(plane::flattened(outlineOf(blank, side), plane::unitsPerMillimetre, tolerance));
}

plane::Region regionOf(const Blank& blank, std::string_view side) {
    const plane::Region whole = wholeRegionOf(blank, side);
    if (whole.empty())
        return whole;
    // Holes that stand alone are boundaries as they are, so that many cost no more than their number.
    const std::vector<plane::Ring> holes =
        plane::flattened(holesOf(blank, side), plane::unitsPerMillimetre, tolerance);
    std::vector<plane::Box> boxes;
    for (const plane::Ring& hole : holes)
        boxes.push_back(plane::boxOf(hole));
    std::vector<bool> meets(holes.size());
    for (const auto& [i, j] : plane::nearBoxes(boxes))
        meets[size_t(i)] = meets[size_t(j)] = true;
    const plane::BoundaryIndex edge(whole);
    std::vector<plane::Ring> crossing, alone;
    for (size_t i = 0; i < holes.size(); ++i) {
        const bool within = !meets[i] && edge.clearOf(boxes[i]) &&
                            edge.lies({{holes[i]}}) == plane::BoundaryIndex::Lies::inside;
        (within ? alone : crossing).push_back(holes[i]);
    }
    plane::Region region = crossing.empty() ? whole : plane::without(whole, plane::filled(crossing));
    for (plane::Ring& hole : alone) {
        std::ranges::reverse(hole);
        region.rings.push_back(std::move(hole));
    }
    return region;
}

plane::Region boundaryOf(const Blank& blank, std::string_view side) {
    plane::Region region = regionOf(blank, side);
    if (const plane::Outline mouths = mouthsOf(blank, side); !mouths.contours.empty())
        region = plane::without(
            region, plane::filled(plane::flattened(mouths, plane::unitsPerMillimetre, tolerance)));
    const std::int32_t turn = plane::toUnits(turnOf(blank, side));
    if (turn == 0 || region.empty())
        return region;
    const plane::Box box = plane::boxOf(region);
    // So far that no words reach the ends, and the grid still holds it.
    const auto beyond = std::int32_t(std::min<std::int64_t>(8 * std::int64_t(turn), plane::gridLimit / 2));
    const std::int32_t left = -beyond, right = turn + beyond;
    const plane::Region strip{
        {{{left, box.low.y}, {right, box.low.y}, {right, box.high.y}, {left, box.high.y}}}};
    // What is missing of it is missed beyond the seam too.
    const plane::Region missing =
        plane::without({{{box.low, {box.high.x, box.low.y}, box.high, {box.low.x, box.high.y}}}}, region);
    if (missing.empty())
        return strip;
    return plane::without(strip, plane::united(std::array{missing, plane::shifted(missing, {turn, 0}),
                                                          plane::shifted(missing, {-turn, 0})}));
}

std::vector<Land> landsOf(const Blank& blank, double below) {
    std::vector<Land> lands;
    std::vector<plane::Region> holes;
    std::vector<plane::Box> boxes;
    for (const Hole& hole : holesIn(blank)) {
        holes.push_back(
            plane::filled(plane::flattened({{mouthOf(hole)}}, plane::unitsPerMillimetre, tolerance)));
        boxes.push_back(plane::boxOf(holes.back()));
    }
    if (holes.empty())
        return lands;
    const plane::BoundaryIndex edge(wholeRegionOf(blank));
    const double reach = below * plane::unitsPerMillimetre;
    const auto add = [&](const plane::Gap& gap) {
        if (!gap.inReach || gap.kind != plane::Gap::Kind::apart)
            return;
        const auto least = std::ranges::min_element(gap.samples, {}, &plane::GapSample::distance);
        if (least == gap.samples.end())
            return;
        const double width = plane::toMillimetres(least->distance);
        if (width > 0 && width < below)
            lands.push_back({(1 / plane::unitsPerMillimetre) * least->at, width});
    };
    for (const plane::Region& hole : holes)
        if (!hole.empty() && edge.lies(hole) == plane::BoundaryIndex::Lies::inside)
            add(edge.gapTo(hole, reach));
    for (const auto& [a, b] : plane::nearBoxes(boxes, plane::toUnits(below)))
        add(plane::gapBetween(holes[size_t(a)], holes[size_t(b)], {}, reach, false));
    return lands;
}

Blank aroundWords(Blank blank, const std::vector<plane::Region>& onFront) {
    if (!blank.followsWords())
        return blank;
    const double distance = blank.outline.distance * plane::unitsPerMillimetre;
    // Farther and back again, so that no notches are left between letters.
    plane::Region around = plane::grown(plane::grown(plane::united(onFront), 2 * distance), -distance);
    std::erase_if(around.rings,
                  [](const plane::Ring& ring) { return plane::areaOf(plane::Region{{ring}}) < 0; });
    if (around.empty())
        return blank;
    blank.outline.path = plane::outlineOf(around);
    const plane::Box box = plane::boxOf(around); // its middle is that of width and height
    blank.width = plane::toMillimetres(double(box.low.x) + box.high.x);
    blank.height = plane::toMillimetres(double(box.low.y) + box.high.y);
    return blank;
}

} // namespace bollard::blank

namespace {
namespace ranges = bollard::quantity::ranges;
}

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::Blank>() {
    using blank::Blank, blank::Kind;
    static constexpr std::array kinds{
        Named{Kind::none, "none"},     Named{Kind::plate, "plate"},   Named{Kind::disc, "disc"},
        Named{Kind::wedge, "wedge"},   Named{Kind::bar, "bar"},       Named{Kind::block, "block"},
        Named{Kind::tube, "tube"},     Named{Kind::ring, "ring"},     Named{Kind::cone, "cone"},
        Named{Kind::sphere, "sphere"}, Named{Kind::turned, "turned"}, Named{Kind::faceted, "faceted"},
        Named{Kind::file, "file"}};
    static constexpr std::array insides{Named{blank::Inside::flat, "flat"},
                                        Named{blank::Inside::comfort, "comfort"}};
    const auto oneOf = [](auto... those) {
        return [=](const Blank& b) { return ((b.kind == those) || ...); };
    };
    const auto wedge = oneOf(Kind::wedge), disc = oneOf(Kind::disc), ring = oneOf(Kind::ring),
               cone = oneOf(Kind::cone), turned = oneOf(Kind::turned), faceted = oneOf(Kind::faceted);
    const auto plate = oneOf(Kind::plate, Kind::wedge);
    const auto drillable = [](const Blank& b) { return blank::isSolidTurned(b); };
    const auto facetable =
        oneOf(Kind::faceted, Kind::bar, Kind::tube, Kind::ring, Kind::cone, Kind::sphere, Kind::turned);
    const auto sized = [plate](const Blank& b) {
        return b.kind == Kind::block || (plate(b) && b.outline.kind != blank::OutlineKind::words);
    };
    const auto wide = [sized](const Blank& b) { return sized(b) || b.kind == Kind::ring; };
    const auto cornered = [plate](const Blank& b) {
        using enum blank::OutlineKind;
        const auto kind = b.outline.kind;
        return plate(b) && (kind == rectangle || kind == polygon || kind == tag);
    };
    const auto comfort = [](const Blank& b) {
        return b.kind == Kind::ring && b.inside == blank::Inside::comfort;
    };
    const auto flattened = [](const Blank& b) { return b.kind == Kind::ring && b.flat > 0; };
    const auto bored = oneOf(Kind::tube, Kind::ring, Kind::faceted);
    const auto lengthy = oneOf(Kind::bar, Kind::tube, Kind::cone, Kind::faceted);
    const auto round = oneOf(Kind::disc, Kind::bar, Kind::tube, Kind::cone, Kind::sphere);
    const auto wall = [](const Blank& b) { return blank::takesHoles(b); };
    const auto twoEdges = [](const Blank& b) {
        return blank::takesHoles(b) || b.kind == Kind::tube || b.kind == Kind::ring ||
               b.kind == Kind::faceted;
    };
    const auto thick = [](const Blank& b) {
        return b.kind == Kind::block || b.kind == Kind::ring || blank::takesHoles(b);
    };
    const auto edged = [](const Blank& b) { return blank::hasEdge(b); };
    const auto any = [](const Blank& b) { return b.kind != Kind::none; };
    const auto file = oneOf(Kind::file);
    static constexpr std::array units{Named{blank::PartUnit::mm, "mm"}, Named{blank::PartUnit::cm, "cm"},
                                      Named{blank::PartUnit::m, "m"}, Named{blank::PartUnit::inch, "in"}};
    static const PartFields fields = std::move(
        Describing<Blank>()
            .choice("kind", &Blank::kind, kinds)
            .text("file", [](Blank& b) -> std::string& { return b.part.file; })
            .when(file)
            .about("file: the part, .stl, .3mf, .obj or .step, from the card's folder")
            .text("digest", [](Blank& b) -> std::string& { return b.part.digest; })
            .when(file)
            .quiet()
            .about("file: SHA-1 of the file that its sides were found on")
            .choice(
                "unit", [](auto& b) -> auto& { return b.part.unit; }, units)
            .when(file)
            .about("file: of formats that do not tell")
            .number(
                "scale", [](Blank& b) -> double& { return b.part.scale; }, Dimension::ratio,
                ranges::partScale)
            .when(file)
            .quiet()
            .about("file: times as large")
            .parts(
                "sides", [](auto& b) -> auto& { return b.part.sides; })
            .when(file)
            .about("file: the sides that words can lie on")
            .coded(
                "data", [](const Blank& b) { return base64Of(*b.part.carried); },
                [](Blank& b, const std::string& text) -> std::string {
                    auto bytes = bytesOfBase64(text);
                    if (!bytes)
                        return "base64";
                    b.part.carried = *std::move(bytes);
                    return {};
                })
            .when(file)
            .quiet()
            .asks("base64")
            .usual("empty")
            .about("file: the part's file itself, of a card that travels")
            .part("outline", &Blank::outline)
            .when(plate)
            .quiet()
            .about("plate, wedge: what it looks like from the front")
            .number("width", &Blank::width, Dimension::length, ranges::blankSize)
            .when(wide)
            .about("plate, wedge, block, mm; ring: along its axis")
            .number("height", &Blank::height, Dimension::length, ranges::blankSize)
            .when(sized)
            .about("plate, wedge, block, mm")
            .number("corner", &Blank::corner, Dimension::length, ranges::corner)
            .when(cornered)
            .about("plate, wedge: corner radius, mm; at most half the shorter side is used")
            .number("diameter", &Blank::diameter, Dimension::length, ranges::blankSize)
            .when(round)
            .about("disc, bar, tube, sphere, mm; a disc's lower left is that of the square around it; "
                   "cone: at its start")
            .number("length", &Blank::length, Dimension::length, ranges::blankSize)
            .when(lengthy)
            .about("bar, tube, cone, faceted: along its axis, mm")
            .number("bore", &Blank::bore, Dimension::length, ranges::blankSize)
            .when(bored)
            .about("tube, ring, faceted: diameter of the hollow, mm; no wider than leaves a wall")
            .choice("inside", &Blank::inside, insides)
            .when(ring)
            .about("ring: `comfort`: wider towards its ends, along an arc")
            .number("comfort", &Blank::comfort, Dimension::length, ranges::comfort)
            .when(comfort)
            .quiet()
            .about("ring: by how much the radius of its inside is wider at its ends, mm")
            .number("flat", &Blank::flat, Dimension::length, ranges::centreHole)
            .when(ring)
            .about("ring: how wide a flat its outside has in the middle, mm; 0 for none")
            .number("flatThickness", &Blank::flatThickness, Dimension::length, ranges::thickness)
            .when(flattened)
            .about("ring: how thick it is at its flat, mm")
            .number("topDiameter", &Blank::topDiameter, Dimension::length, ranges::centreHole)
            .when(cone)
            .about("cone: diameter at its end, mm; 0: a point")
            .parts("profile", &Blank::profile)
            .when(turned)
            .about("turned: the points of its profile from its start to its end")
            .number("wall", &Blank::wall, Dimension::length, ranges::wall)
            .when(turned)
            .about("turned: how thick it is, mm; open where it ends wider than that; 0: solid")
            .part("axisHole", &Blank::axisHole)
            .when(drillable)
            .quiet()
            .about("bar, cone, sphere, turned that is solid: a hole along the axis")
            .usual("none")
            .part("ear", &Blank::ear)
            .when(drillable)
            .quiet()
            .about("bar, cone, sphere, turned that is solid: an eye at one of its ends to hang it by")
            .usual("none")
            .number("facets", &Blank::facets, Dimension::count, ranges::corners)
            .when(facetable)
            .quiet()
            .about(
                "faceted: how many sides it has; on smooth ones how many equal parts words are given out to")
            .number("across", &Blank::across, Dimension::length, ranges::blankSize)
            .when(faceted)
            .about("faceted: from a facet to the one across, mm: twice the apothem")
            .number("centreHole", &Blank::centreHole, Dimension::length, ranges::centreHole)
            .when(disc)
            .about("disc: diameter of the hole in its middle, mm; 0 for none")
            .number("thickness", &Blank::thickness, Dimension::length, ranges::thickness)
            .when(thick)
            .about("mm; wedge: at its left; block: from its front to its back; ring: of its wall")
            .number("endThickness", &Blank::endThickness, Dimension::length, ranges::thickness)
            .when(wedge)
            .about("wedge: at its right, where its back comes nearest to its front, mm")
            .text("material", &Blank::material)
            .when(any)
            .quiet()
            .about("what it is made of, as the table of materials names it")
            .number("margin", &Blank::margin, Dimension::length, ranges::margin)
            .when(any)
            .about("how near words may come to edges and holes, mm")
            .part("edge", &Blank::edge)
            .orNumber(blank::takeRadius, ranges::edge)
            .when(edged)
            .quiet()
            .about("of flat ones along the outline, not of holes; with `draft` the back is larger "
                   "than the front. Of a bar, tube, ring or faceted one at both its ends, without draft. A "
                   "number is the "
                   "radius of a round one")
            .flag("edgeBoth", &Blank::edgeBoth)
            .when(twoEdges)
            .quiet()
            .about("the edge is at the back too; of a tube, ring or faceted one inside")
            .parts("holes", &Blank::holes)
            .when(wall)
            .about("holes through the blank"));
    return fields;
}
