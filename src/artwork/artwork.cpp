#include "artwork/artwork.hpp"
#include "plane/near_boxes.hpp"
#include "plane/region.hpp"
#include "quantity/read_whole.hpp"
#include <algorithm>
#include <limits>
#include <map>
#include <optional>

namespace bollard::artwork {

using plane::Contour, plane::Outline, plane::Segment, plane::Vector;

namespace {

Vector endOf(const Contour& contour) {
    return contour.segments.empty() ? contour.start : contour.segments.back().end;
}

struct Extent {
    Vector low{std::numeric_limits<double>::max(), std::numeric_limits<double>::max()};
    Vector high{std::numeric_limits<double>::lowest(), std::numeric_limits<double>::lowest()};
    void include(Vector v) {
        low = {std::min(low.x, v.x), std::min(low.y, v.y)};
        high = {std::max(high.x, v.x), std::max(high.y, v.y)};
    }
};

/// Of the points that curves really pass.
Extent extentOf(const Outline& outline) {
    Extent rough, extent;
    for (const Contour& contour : outline.contours) {
        rough.include(contour.start);
        for (const Segment& segment : contour.segments)
            rough.include(segment.end);
    }
    const double size = std::max({rough.high.x - rough.low.x, rough.high.y - rough.low.y, 1e-9});
    const double scale = 1e6 / size;
    for (const plane::Line& line : plane::lines(outline, scale, 20))
        for (const plane::Point p : line)
            extent.include((1 / scale) * plane::vectorOf(p));
    return extent;
}

/// The ends of open contours that are not taken yet, found by where they are.
class LooseEnds {
  public:
    struct End {
        size_t contour;
        bool atEnd; ///< else its start
    };

    LooseEnds(const std::vector<Contour>& contours, double reach)
        : contours_(contours), reach_(reach), taken_(contours.size()) {
        for (size_t i = 0; i < contours.size(); ++i) {
            ends_[cellOf(contours[i].start)].push_back({i, false});
            ends_[cellOf(endOf(contours[i]))].push_back({i, true});
        }
    }

    /// False when it is taken already.
    bool take(size_t contour) {
        const bool was = taken_[contour];
        taken_[contour] = true;
        return !was;
    }

    /// Takes the first contour with an end within reach.
    std::optional<End> takeAt(Vector at) {
        std::optional<End> first;
        const Cell middle = cellOf(at);
        for (const std::int64_t dx : {-1, 0, 1})
            for (const std::int64_t dy : {-1, 0, 1})
                if (const auto found = ends_.find({middle.first + dx, middle.second + dy});
                    found != ends_.end())
                    for (const End& end : found->second)
                        if (!taken_[end.contour] && (!first || end.contour < first->contour) &&
                            plane::length(placeOf(end) - at) <= reach_)
                            first = end;
        if (first)
            taken_[first->contour] = true;
        return first;
    }

  private:
    using Cell = std::pair<std::int64_t, std::int64_t>;

    Cell cellOf(Vector v) const {
        const auto index = [size = std::max(reach_, 1e-9)](double value) {
            constexpr double farthest = 1e15; // whole numbers stay exact
            return std::llround(std::clamp(value / size, -farthest, farthest));
        };
        return {index(v.x), index(v.y)};
    }
    Vector placeOf(const End& end) const {
        return end.atEnd ? endOf(contours_[end.contour]) : contours_[end.contour].start;
    }

    const std::vector<Contour>& contours_;
    double reach_;
    std::vector<bool> taken_;
    std::map<Cell, std::vector<End>> ends_;
};

} // namespace

quantity::Result<Drawing> drawingFromFile(const std::string& path, std::stop_token stop) {
    auto text = quantity::readWhole(path);
    if (!text)
        return text.problem();
    std::string ending = path.substr(std::min(path.find_last_of('.') + 1, path.size()));
    std::ranges::transform(ending, ending.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    if (ending == "svg")
        return drawingFromSvg(*text, path, std::move(stop));
    if (ending == "dxf")
        return drawingFromDxf(*text, path, std::move(stop));
    return quantity::Problem{quantity::ProblemKind::artworkBroken, path, "neither .svg nor .dxf"};
}

namespace {

/// Which of the points a chain needs to pass within `tolerance` of all of them (D. Douglas and T. Peucker,
/// "Algorithms for the reduction of the number of points", 1973). The first and the last always.
std::vector<bool> needed(const std::vector<Vector>& points, double tolerance) {
    std::vector<bool> kept(points.size());
    kept.front() = kept.back() = true;
    std::vector<std::pair<size_t, size_t>> open{{0, points.size() - 1}};
    while (!open.empty()) {
        const auto [first, last] = open.back();
        open.pop_back();
        double far = tolerance;
        size_t farthest = first;
        for (size_t i = first + 1; i < last; ++i) {
            if (const double off = plane::distanceToSegment(points[i], points[first], points[last]);
                off > far) {
                far = off;
                farthest = i;
            }
        }
        if (farthest == first)
            continue;
        kept[farthest] = true;
        open.push_back({first, farthest});
        open.push_back({farthest, last});
    }
    return kept;
}

/// Drawings may be made of many thousand tiny lines; those that say nothing new are left out.
Contour thinned(const Contour& contour, double tolerance) {
    Contour result{contour.start, {}, contour.open};
    for (size_t i = 0; i < contour.segments.size();) {
        if (contour.segments[i].kind != Segment::Kind::line) {
            result.segments.push_back(contour.segments[i++]);
            continue;
        }
        std::vector<Vector> points{endOf(result)};
        for (; i < contour.segments.size() && contour.segments[i].kind == Segment::Kind::line; ++i)
            points.push_back(contour.segments[i].end);
        const std::vector<bool> kept = needed(points, tolerance);
        for (size_t k = 1; k < points.size(); ++k)
            if (kept[k])
                result.segments.push_back({Segment::Kind::line, {}, {}, points[k]});
    }
    return result;
}

} // namespace

Outline asArtwork(const Drawing& drawing, double millimetresPerUnit) {
    const Extent extent = extentOf(drawing.outline);
    const Vector middle = 0.5 * (extent.low + extent.high);
    Outline artwork = plane::mapped(drawing.outline, [&](Vector v) {
        constexpr double step = 1e-5; // what path data in the card keeps
        const Vector mm = millimetresPerUnit * (v - middle);
        return Vector{std::round(mm.x / step) * step, std::round(mm.y / step) * step};
    });
    constexpr double tolerance = 0.002;
    for (Contour& contour : artwork.contours)
        contour = thinned(contour, tolerance);
    return artwork;
}

Outline joined(const Outline& outline, double reach) {
    Outline result;
    std::vector<Contour> loose;
    for (const Contour& contour : outline.contours)
        (contour.open ? loose : result.contours).push_back(contour);
    LooseEnds ends(loose, reach);
    for (size_t i = 0; i < loose.size(); ++i) {
        if (!ends.take(i))
            continue;
        Contour chain = loose[i];
        const auto comesBack = [&] {
            return chain.segments.size() > 1 && plane::length(endOf(chain) - chain.start) <= reach;
        };
        // Onwards from the end, then from the start by turning the chain round.
        for (int way = 0; way < 2; ++way) {
            while (!comesBack()) {
                const auto next = ends.takeAt(endOf(chain));
                if (!next)
                    break;
                const Contour piece =
                    next->atEnd ? plane::reversed(loose[next->contour]) : loose[next->contour];
                chain.segments.insert(chain.segments.end(), piece.segments.begin(), piece.segments.end());
            }
            chain = plane::reversed(chain); // the second time: the way it was drawn
        }
        if (comesBack()) {
            chain.open = false;
            chain.segments.back().end = chain.start;
        }
        result.contours.push_back(std::move(chain));
    }
    return result;
}

void orientByDepth(Outline& outline) {
    const Extent extent = extentOf(outline);
    const double scale = 1e7 / std::max({extent.high.x - extent.low.x, extent.high.y - extent.low.y, 1e-9});
    std::vector<size_t> contours;
    std::vector<plane::Ring> rings;
    std::vector<plane::Box> boxes;
    for (size_t i = 0; i < outline.contours.size(); ++i) {
        const Contour& contour = outline.contours[i];
        const Outline moved{{plane::mapped(contour, [&](Vector v) { return v - extent.low; })}};
        std::vector<plane::Ring> flat = plane::flattened(moved, scale, 100);
        if (contour.open || flat.empty())
            continue;
        contours.push_back(i);
        boxes.push_back(plane::boxOf(flat.front()));
        rings.push_back(std::move(flat.front()));
    }
    std::vector<int> depths(rings.size());
    const auto count = [&](size_t inner, size_t outer) {
        const plane::Box &in = boxes[inner], &out = boxes[outer];
        if (in.low.x >= out.low.x && in.low.y >= out.low.y && in.high.x <= out.high.x &&
            in.high.y <= out.high.y)
            depths[inner] += plane::contains({{rings[outer]}}, rings[inner].front()) ? 1 : 0;
    };
    for (const auto& [first, second] : plane::nearBoxes(boxes)) {
        count(size_t(first), size_t(second));
        count(size_t(second), size_t(first));
    }
    for (size_t k = 0; k < rings.size(); ++k) {
        const bool runsLeft = plane::areaOf(rings[k]) > 0, wanted = depths[k] % 2 == 0;
        if (runsLeft != wanted)
            outline.contours[contours[k]] = plane::reversed(outline.contours[contours[k]]);
    }
}

} // namespace bollard::artwork
