#include "artwork/artwork.hpp"
#include "plane/region.hpp"
#include <algorithm>
#include <fstream>
#include <limits>
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

} // namespace

quantity::Result<Drawing> drawingFromFile(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    if (!in)
        return quantity::Problem{quantity::ProblemKind::fileMissing, path};
    std::string ending = path.substr(std::min(path.find_last_of('.') + 1, path.size()));
    std::ranges::transform(ending, ending.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    if (ending == "svg")
        return drawingFromSvg({std::istreambuf_iterator<char>(in), {}}, path);
    if (ending == "dxf")
        return drawingFromDxf(path);
    return quantity::Problem{quantity::ProblemKind::artworkBroken, path, "neither .svg nor .dxf"};
}

Outline asArtwork(const Drawing& drawing, double millimetresPerUnit) {
    const Extent extent = extentOf(drawing.outline);
    const Vector middle = 0.5 * (extent.low + extent.high);
    return plane::mapped(drawing.outline, [&](Vector v) {
        constexpr double step = 1e-5; // what path data in the card keeps
        const Vector mm = millimetresPerUnit * (v - middle);
        return Vector{std::round(mm.x / step) * step, std::round(mm.y / step) * step};
    });
}

Outline joined(const Outline& outline, double reach) {
    Outline result;
    std::vector<Contour> loose;
    for (const Contour& contour : outline.contours)
        (contour.open ? loose : result.contours).push_back(contour);
    const auto near = [&](Vector a, Vector b) { return plane::length(a - b) <= reach; };
    std::vector<bool> used(loose.size());
    for (size_t i = 0; i < loose.size(); ++i) {
        if (used[i])
            continue;
        used[i] = true;
        Contour chain = loose[i];
        // Onwards from the end, then from the start by turning the chain round.
        for (int way = 0; way < 2; ++way) {
            for (bool grew = true; grew && !near(endOf(chain), chain.start);) {
                grew = false;
                for (size_t j = 0; j < loose.size() && !grew; ++j) {
                    if (used[j])
                        continue;
                    const bool forth = near(loose[j].start, endOf(chain)),
                               back = near(endOf(loose[j]), endOf(chain));
                    if (!forth && !back)
                        continue;
                    const Contour next = forth ? loose[j] : plane::reversed(loose[j]);
                    chain.segments.insert(chain.segments.end(), next.segments.begin(), next.segments.end());
                    used[j] = grew = true;
                }
            }
            if (way == 0)
                chain = plane::reversed(chain);
        }
        chain = plane::reversed(chain); // the way it was drawn
        if (chain.segments.size() > 1 && near(endOf(chain), chain.start)) {
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
    struct Closed {
        size_t contour;
        plane::Ring ring;
    };
    std::vector<Closed> closed;
    for (size_t i = 0; i < outline.contours.size(); ++i) {
        const Contour& contour = outline.contours[i];
        const Outline moved{{plane::mapped(contour, [&](Vector v) { return v - extent.low; })}};
        const auto rings = plane::flattened(moved, scale, 100);
        if (!contour.open && !rings.empty())
            closed.push_back({i, rings.front()});
    }
    for (const Closed& one : closed) {
        int depth = 0;
        for (const Closed& other : closed)
            depth += &other != &one && plane::contains({{other.ring}}, one.ring.front()) ? 1 : 0;
        const bool runsLeft = plane::areaOf(one.ring) > 0, wanted = depth % 2 == 0;
        if (runsLeft != wanted)
            outline.contours[one.contour] = plane::reversed(outline.contours[one.contour]);
    }
}

} // namespace bollard::artwork
