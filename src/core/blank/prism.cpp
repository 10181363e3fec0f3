#include "blank/prism.hpp"
#include "blank/chords.hpp"

namespace bollard::blank {
namespace {

using plane::Point, space::Vertex;

/// A place on the cross-section.
struct On {
    const Stretch* stretch = nullptr;
    double along = 0; // from the foot of its perpendicular
};
On onStretch(const Prism& prism, double x) {
    const double turn = prism.turn();
    x -= x < 0 || x > turn ? std::floor(x / turn) * turn : 0;
    double start = 0;
    for (const Stretch& stretch : prism.stretches) {
        const double end = start + stretch.to - stretch.from;
        if (x <= end || &stretch == &prism.stretches.back())
            return {&stretch, std::clamp(stretch.from + x - start, stretch.from, stretch.to)};
        start = end;
    }
    return {};
}

/// Which way the place lies from the axis.
double angleOf(const On& on) {
    const Stretch& s = *on.stretch;
    return s.angle + (s.arc ? on.along / s.apothem : std::atan2(on.along, s.apothem));
}

/// Straight behind the middle of a facet the bore lies straight; towards its borders it is drawn together.
/// mm.
double straightOf(const Stretch& facet, double bore) {
    constexpr double share = 0.96;
    return bore * facet.half / std::hypot(facet.half, facet.apothem) * share;
}

/// Which way the bore behind it faces.
double angleBehind(const On& on, double bore) {
    const Stretch& s = *on.stretch;
    if (!(s.half > 0))
        return angleOf(on);
    const double straight = straightOf(s, bore), sector = bore * s.half / std::hypot(s.half, s.apothem);
    const double across = std::fabs(on.along);
    const double behind = across <= straight
                              ? across
                              : straight + (across - straight) / (s.half - straight) * (sector - straight);
    return s.angle + std::copysign(std::asin(std::min(1.0, behind / bore)), on.along);
}

/// How far from their ends what stands on stretches leans, mm.
double leaningZone(const Stretch& s, const Rise& rise) {
    const double mitre = std::max(std::fabs(s.leansFrom), std::fabs(s.leansTo));
    return std::clamp(3 * rise.tallest * mitre, 0.02, std::max(0.02, (s.to - s.from) / 4));
}

/// The side's place there, and the way up from it.
Ray outsideAt(const On& on, double y, const Rise& rise) {
    const Stretch& s = *on.stretch;
    const double zone = leaningZone(s, rise);
    const auto share = [&](double away) { return std::clamp(1 - away / zone, 0.0, 1.0); };
    const double lean = s.leansFrom * share(on.along - s.from) + s.leansTo * share(s.to - on.along);
    const double angle = s.arc ? angleOf(on) : s.angle, sine = std::sin(angle), cosine = std::cos(angle);
    const double across = s.arc ? 0 : on.along;
    return {{s.apothem * sine + across * cosine, y, s.apothem * cosine - across * sine},
            {sine + lean * cosine, 0, cosine - lean * sine}};
}

/// Where its strips end, grid units.
std::vector<std::int32_t> stripEnds(const Prism& prism, const Rise& rise) {
    const std::int32_t turn = plane::toUnits(prism.turn());
    std::vector<std::int32_t> u{0, turn};
    double start = 0;
    for (const Stretch& s : prism.stretches) {
        const auto add = [&](double along) {
            const std::int32_t at = plane::toUnits(start + along - s.from);
            if (along >= s.from && along <= s.to && at > 0 && at < turn)
                u.push_back(at);
        };
        add(s.from);
        const double mitre = std::max(std::fabs(s.leansFrom), std::fabs(s.leansTo));
        if (mitre > 0) {
            // Leaning walls twist, by about height * lean / 4 a strip.
            const int parts = std::max(1, int(std::ceil(rise.sloping * mitre / (4 * chord_mm))));
            const double zone = leaningZone(s, rise);
            for (int i = 1; i <= parts; ++i) {
                if (s.leansFrom != 0)
                    add(s.from + zone * i / parts);
                if (s.leansTo != 0)
                    add(s.to - zone * i / parts);
            }
        }
        if (s.half > 0) { // so that the bore's chords are true
            const double within = std::asin(straightOf(s, prism.bore) / prism.bore);
            const int parts = std::max(2, int(std::ceil(stripCount(prism.bore, rise) * within / M_PI)));
            for (int i = 0; i <= parts; ++i)
                add(prism.bore * std::sin(within * (2.0 * i / parts - 1)));
        } else {
            const double radius = s.arc ? s.apothem : prism.bore;
            const double turned = angleOf({&s, s.to}) - angleOf({&s, s.from});
            const int parts = std::max(1, int(std::ceil(stripCount(radius, rise) * turned / (2 * M_PI))));
            for (int i = 1; i < parts; ++i)
                add(s.from + (s.to - s.from) * i / parts);
        }
        start += s.to - s.from;
    }
    std::ranges::sort(u);
    u.erase(std::unique(u.begin(), u.end(), [](auto a, auto b) { return b - a < 2; }), u.end());
    u.back() = turn;
    return u;
}

/// A plan all the way round, cut at some v, mm.
Panel roundPanel(std::string_view side, std::vector<std::int32_t> u, const std::vector<double>& cuts) {
    Panel panel;
    panel.front = side;
    panel.back = {};
    panel.cuts.around = true;
    panel.cuts.u = std::move(u);
    for (const double v : cuts)
        panel.cuts.v.push_back(plane::toUnits(v));
    const Point low{panel.cuts.u.front(), panel.cuts.v.front()},
        high{panel.cuts.u.back(), panel.cuts.v.back()};
    panel.outline = {{{low, {high.x, low.y}, high, {low.x, high.y}}}};
    return panel;
}

/// Rays at the strips' ends, by `rayOf` a ray of the outside (or of the bore) and a place of the plan's v.
template<class RayOf>
std::function<Ray(Point)> raysOf(const std::vector<std::int32_t>& u, std::vector<Ray> atEnds, RayOf rayOf) {
    return onChords(u, [atEnds = std::move(atEnds), rayOf](double v) {
        return [&atEnds, &rayOf, v](int end) { return rayOf(atEnds[size_t(end)], v); };
    });
}

/// On the grid of the end faces, so that corners in a line lie there as they do here.
Vertex snapped(const Vertex& v) {
    return {plane::toMillimetres(plane::toUnits(v.x)), v.y, plane::toMillimetres(plane::toUnits(v.z))};
}

/// What all panels of one ring share.
class Ring {
  public:
    Ring(const Prism& prism, const Rise& rise) : prism_(prism), ends_(stripEnds(prism, rise)) {
        for (size_t i = 0; i < ends_.size(); ++i) {
            const On on = onStretch(prism, i + 1 == ends_.size() ? 0 : plane::toMillimetres(ends_[i]));
            outside_.push_back(outsideAt(on, 0, rise));
            outside_.back().foot = snapped(outside_.back().foot);
            const double angle = angleBehind(on, prism.bore);
            angles_.push_back(angle);
            inside_.push_back({{}, {std::sin(angle), 0, std::cos(angle)}});
        }
        outside_.back() = outside_.front();
        inside_.back() = inside_.front();
    }

    Panel wall(double from, double to, const Rise& rise, bool joined) const {
        const PlaceAt inside = [band = prism_.band](double y) { return insideOf(band, y); };
        Panel panel = roundPanel("outside", ends_, bandsOf(inside, {from, to}, rise));
        panel.back = "inside";
        panel.countsApart = true;
        panel.thickness = countedApart;
        panel.joined = joined;
        panel.frontRay = raysOf(ends_, outside_, [](Ray ray, double y) {
            ray.foot.y = y;
            return ray;
        });
        panel.backRay =
            raysOf(ends_, inside_, [inside](const Ray& ray, double y) { return around(ray, inside(y)); });
        const double widest = prism_.bore + prism_.band.comfort;
        panel.backRadius = {widest, [inside](double y) { return inside(y).r; }};
        panel.straightBehind = [prism = prism_](double fromX, double toX) {
            const On a = onStretch(prism, fromX), b = onStretch(prism, toX);
            const double straight = straightOf(*a.stretch, prism.bore);
            constexpr double share = 0.25; // of the turn: there is no flat between
            if (a.stretch->arc && b.stretch->arc && toX - fromX < share * prism.turn())
                return true;
            return a.stretch == b.stretch && a.stretch->half > 0 && std::fabs(a.along) <= straight &&
                   std::fabs(b.along) <= straight;
        };
        // What is drawn in the bore, by its length there, lies on the plan strip by strip.
        auto bends = std::make_shared<std::vector<plane::Stretch::Bend>>();
        for (size_t i = 0; i < ends_.size(); ++i) {
            const double angle = i + 1 == ends_.size() ? angles_.front() + 2 * M_PI : angles_[i];
            bends->push_back({widest * (M_PI + angle) * plane::unitsPerMillimetre, double(ends_[i])});
        }
        panel.backStretch.bends = std::move(bends);
        return panel;
    }

    /// Along an edge of the outside, whose places tell how far beside it they lie.
    Panel outerEdge(std::string_view side, const BrokenEdge& edge) const {
        Panel panel = roundPanel(side, ends_, edge.cuts);
        panel.frontRay = raysOf(ends_, outside_, [at = edge.meridian.at](const Ray& ray, double v) {
            const Meridian::Place place = at(v);
            const Vertex foot = snapped(ray.foot + place.r * ray.along);
            return Ray{{foot.x, place.y, foot.z},
                       {place.normalR * ray.along.x, place.normalY, place.normalR * ray.along.z}};
        });
        return panel;
    }
    /// A line of the inside, or of an edge there, seen from the axis.
    Panel innerEdge(std::string_view side, PlaceAt at, const std::vector<double>& cuts) const {
        const std::int32_t turn = ends_.back();
        std::vector<std::int32_t> seen;
        for (auto end = ends_.rbegin(); end != ends_.rend(); ++end)
            seen.push_back(turn - *end);
        Panel panel = roundPanel(side, seen, cuts);
        panel.frontRay =
            raysOf(seen, {inside_.rbegin(), inside_.rend()},
                   [at = std::move(at)](const Ray& ray, double v) { return around(ray, at(v)); });
        return panel;
    }

  private:
    static Ray around(const Ray& ray, const Meridian::Place& place) {
        return {snapped({place.r * ray.along.x, place.y, place.r * ray.along.z}),
                {place.normalR * ray.along.x, place.normalY, place.normalR * ray.along.z}};
    }

    const Prism& prism_;
    std::vector<std::int32_t> ends_;
    std::vector<Ray> outside_, inside_; // at the strips' ends, y = 0; inside only the way there
    std::vector<double> angles_;        // of the inside
};

} // namespace

double Prism::turn() const {
    double turn = 0;
    for (const Stretch& stretch : stretches)
        turn += stretch.to - stretch.from;
    return turn;
}

double Prism::farthest() const {
    double farthest = 0;
    for (const Stretch& s : stretches)
        farthest =
            std::max(farthest,
                     s.arc ? s.apothem : std::hypot(s.apothem, std::max(std::fabs(s.from), std::fabs(s.to))));
    return farthest;
}

std::vector<Stretch> facetsOf(int facets, double apothem) {
    const double mitre = std::tan(M_PI / facets), half = apothem * mitre;
    std::vector<Stretch> all;
    const int beside = facets / 2; // an even number has one across, which is parted
    for (int k = -beside; k <= beside; ++k) {
        const bool first = facets % 2 == 0 && k == -beside, last = facets % 2 == 0 && k == beside;
        all.push_back({false, 2 * M_PI * k / facets, apothem, first ? 0 : -half, last ? 0 : half,
                       first ? 0 : -mitre, last ? 0 : mitre, half});
    }
    return all;
}

std::vector<Stretch> flattenedCircle(double radius, double width, double apothem) {
    const bool within = std::hypot(apothem, width / 2) <= radius;
    const double half = within ? std::sqrt(std::max(0.0, radius * radius - apothem * apothem)) : width / 2;
    const double far = std::hypot(apothem, half), end = std::atan2(half, apothem);
    const double tangent = within ? end : end + std::acos(std::min(1.0, radius / far));
    const double shoulder = within ? 0 : std::sqrt(std::max(0.0, far * far - radius * radius));
    const double mitre = std::tan(tangent / 2), arc = radius * (M_PI - tangent);
    std::vector<Stretch> all;
    all.push_back({true, -M_PI, radius, 0, arc, 0, within ? mitre : 0, 0});
    if (!within)
        all.push_back({false, -tangent, radius, 0, shoulder, 0, mitre, 0});
    all.push_back({false, 0, apothem, -half, half, -mitre, mitre, half});
    if (!within)
        all.push_back({false, tangent, radius, -shoulder, 0, -mitre, 0, 0});
    all.push_back({true, tangent, radius, 0, arc, within ? -mitre : 0, 0, 0});
    return all;
}

std::vector<double> bordersOf(const Prism& prism) {
    std::vector<double> borders;
    double at = 0;
    for (const Stretch& s : prism.stretches) {
        if (s.leansFrom != 0)
            borders.push_back(at);
        at += s.to - s.from;
    }
    if (!prism.stretches.empty() && prism.stretches.back().leansTo != 0)
        borders.push_back(at);
    return borders;
}

plane::Outline crossSectionOf(const Prism& prism, double inset, bool upwards) {
    const Rise within{inset, 0};
    const std::vector<std::int32_t> ends = stripEnds(prism, within);
    const double middle = prism.farthest();
    plane::Contour contour;
    for (size_t i = 0; i + 1 < ends.size(); ++i) {
        const Ray ray = outsideAt(onStretch(prism, plane::toMillimetres(ends[i])), 0, within);
        const Vertex at = ray.at(-inset);
        const plane::Vector p{middle + at.x, middle + (upwards ? at.z : -at.z)};
        if (i == 0)
            contour.start = p;
        else
            contour.segments.push_back({plane::Segment::Kind::line, {}, {}, p});
    }
    return {{contour}};
}

std::vector<Panel> panelsOf(const Prism& prism, const Rise& worked, bool withEnds) {
    const Band& band = prism.band;
    Rise rise = worked; // edges go in as letters go up
    if (band.edge.kind != EdgeKind::crisp)
        rise.tallest = std::max(rise.tallest, band.edge.size);
    const Ring ring(prism, rise);
    const double length = plane::toMillimetres(plane::toUnits(band.length)), up = heightOf(band.edge);
    const bool isCrisp = band.edge.kind == EdgeKind::crisp;
    if (isCrisp && !withEnds)
        return {ring.wall(0, length, rise, false)};
    const Panel wall = ring.wall(up, length - up, rise, true);
    std::vector<Panel> panels{wall};
    for (const bool atEnd : {false, true}) {
        const std::string_view face = atEnd ? "end" : "start";
        if (isCrisp) {
            panels.push_back(endFace(face, wall, prism.farthest(), atEnd, &wall));
            continue;
        }
        const double at = atEnd ? length : 0;
        const Panel edge = ring.outerEdge(atEnd ? "edge at the end" : "edge at the start",
                                          brokenEdge(band.edge, 0, at, atEnd));
        const double from = atEnd ? length - up : 0, to = atEnd ? length : up;
        const PlaceAt line = [band](double y) { return insideOf(band, y); };
        Panel inside = ring.innerEdge("inside edge", line, bandsOf(line, {from, to}, {}));
        if (band.edgeInside) {
            const BrokenEdge broken = brokenEdge(band.edge, 0, at, atEnd);
            const double bore = insideOf(band, atEnd ? length - up : up).r;
            inside = ring.innerEdge(
                "inside edge",
                [at = broken.meridian.at, bore](double v) {
                    Meridian::Place place = at(v);
                    place.r = bore - place.r;
                    place.normalR = -place.normalR;
                    return place;
                },
                broken.cuts);
        }
        panels.push_back(endFace(face, edge, prism.farthest(), atEnd, &inside));
        panels.push_back(edge);
        panels.push_back(inside);
    }
    return panels;
}

} // namespace bollard::blank
