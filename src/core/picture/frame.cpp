#include "picture/frame.hpp"
#include <cmath>
#include <limits>
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

namespace bollard::picture {
namespace {

constexpr float nothing = -std::numeric_limits<float>::infinity();
constexpr int bandRows = 32;

/// The camera as numbers: rows of the turn, then scale and shift.
struct Projection {
    double cosTurn, sinTurn, cosTilt, sinTilt;
    double perMm, centreX, centreY;
    body::Vertex centre;

    Projection(const Camera& camera, int width, int height)
        : cosTurn(std::cos(camera.turn * M_PI / 180)), sinTurn(std::sin(camera.turn * M_PI / 180)),
          cosTilt(std::cos(camera.tilt * M_PI / 180)), sinTilt(std::sin(camera.tilt * M_PI / 180)),
          perMm(1 / camera.mmPerPixel), centreX(width / 2.0), centreY(height / 2.0), centre(camera.centre) {}

    body::Vertex turned(body::Vertex p) const {
        const double right = cosTurn * p.x - sinTurn * p.y, away = sinTurn * p.x + cosTurn * p.y;
        return {right, cosTilt * away + sinTilt * p.z, cosTilt * p.z - sinTilt * away};
    }
    body::Vertex turnedBack(body::Vertex q) const {
        const double away = cosTilt * q.y - sinTilt * q.z;
        return {cosTurn * q.x + sinTurn * away, cosTurn * away - sinTurn * q.x,
                sinTilt * q.y + cosTilt * q.z};
    }
    Point3 operator()(double x, double y, double z) const {
        const body::Vertex q = turned({x - centre.x, y - centre.y, z - centre.z});
        return {float(centreX + q.x * perMm), float(centreY - q.y * perMm), float(q.z)};
    }
    body::Vertex back(double x, double y, double depth) const {
        const body::Vertex p = turnedBack({(x - centreX) / perMm, (centreY - y) / perMm, depth});
        return {p.x + centre.x, p.y + centre.y, p.z + centre.z};
    }
};

Pixel shaded(Pixel colour, float light) {
    const auto part = [&](int shift) {
        const float value = float(colour >> shift & 0xFF) * light;
        return Pixel(std::clamp(int(value + 0.5f), 0, 255)) << shift;
    };
    return 0xFF000000u | part(16) | part(8) | part(0);
}
Pixel mixed(Pixel a, Pixel b, float share) {
    const auto part = [&](int shift) {
        const float value = float(a >> shift & 0xFF) * (1 - share) + float(b >> shift & 0xFF) * share;
        return Pixel(std::clamp(int(value + 0.5f), 0, 255)) << shift;
    };
    return 0xFF000000u | part(16) | part(8) | part(0);
}

/// Two lamps over the eye's shoulders; faces towards the eye are lightest.
float lightOn(const Projection& projection, Point3 normal) {
    const body::Vertex n = projection.turned({normal.x, normal.y, normal.z});
    const double main = std::max(0.0, -0.35 * n.x + 0.55 * n.y + 0.76 * n.z);
    const double fill = std::max(0.0, 0.6 * n.x - 0.1 * n.y + 0.6 * n.z);
    return float(0.5 + 0.44 * main + 0.14 * fill);
}

enum class Which { all, blank, letters };

/// Draws triangles and edges into one frame, bands of rows side by side.
class Raster {
  public:
    Raster(const Scene& scene, const View& view, int width, int height, Which which)
        : scene_(scene), view_(view), which_(which), projection_(view.camera, width, height) {
        frame_.width = width;
        frame_.height = height;
        frame_.pixels.assign(size_t(width) * size_t(height), view.paints.ground);
        frame_.depths.assign(size_t(width) * size_t(height), nothing);
        findSection();
        if (view.section)
            inside_.assign(frame_.pixels.size(), 0);
    }

    Frame draw(const std::stop_token& stop) && {
        project();
        if (stop.stop_requested())
            return {};
        sortIntoBands();
        tbb::parallel_for(size_t{0}, triangleBands_.size(), [&](size_t band) {
            if (stop.stop_requested())
                return;
            for (const int triangle : triangleBands_[band])
                drawTriangle(size_t(triangle), int(band));
            closeSection(int(band));
            for (const int edge : edgeBands_[band])
                drawEdge(scene_.edges[size_t(edge)], int(band));
        });
        return stop.stop_requested() ? Frame{} : std::move(frame_);
    }

  private:
    /// The section as a plane over the picture: what is kept has cut(x, y, depth) <= 0.
    void findSection() {
        if (!view_.section)
            return;
        const auto along = [&](body::Vertex v) {
            return view_.section->axis == 0 ? v.x : view_.section->axis == 1 ? v.y : v.z;
        };
        const double at = along(projection_.back(0, 0, 0));
        cutX_ = float(along(projection_.back(1, 0, 0)) - at);
        cutY_ = float(along(projection_.back(0, 1, 0)) - at);
        cutDepth_ = float(along(projection_.back(0, 0, 1)) - at);
        cut0_ = float(at - view_.section->at);
        if (cutDepth_ < 0)
            for (float* part : {&cut0_, &cutX_, &cutY_, &cutDepth_})
                *part = -*part;
    }
    bool cutAway(float x, float y, float depth) const {
        return view_.section && cut0_ + cutX_ * x + cutY_ * y + cutDepth_ * depth > 0;
    }

    void project() {
        points_.resize(scene_.vertices.size());
        tbb::parallel_for(tbb::blocked_range<size_t>(0, points_.size(), 8192), [&](const auto& range) {
            for (size_t i = range.begin(); i < range.end(); ++i)
                points_[i] = projection_(scene_.vertices[i].x, scene_.vertices[i].y, scene_.vertices[i].z);
        });
    }

    bool wanted(bool letters) const { return which_ == Which::all || (which_ == Which::letters) == letters; }

    /// Twice the signed area in the picture; y grows downwards, so faces towards the eye are negative.
    float facing(const std::array<int, 3>& t) const {
        const Point3 a = points_[size_t(t[0])], b = points_[size_t(t[1])], c = points_[size_t(t[2])];
        return (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
    }

    template<class... Ys> void intoBands(std::vector<std::vector<int>>& bands, int item, Ys... ys) const {
        const int first = std::max(0, int(std::floor(std::min({ys...}))) / bandRows);
        const int last = std::min(int(bands.size()) - 1, int(std::ceil(std::max({ys...}))) / bandRows);
        for (int band = first; band <= last; ++band)
            bands[size_t(band)].push_back(item);
    }

    void sortIntoBands() {
        const auto bands = size_t((frame_.height + bandRows - 1) / bandRows);
        triangleBands_.resize(bands);
        edgeBands_.resize(bands);
        for (size_t t = 0; t < scene_.triangles.size(); ++t) {
            const auto& corners = scene_.triangles[t];
            if (!wanted(scene_.faces[t] == body::Face::letters) || (!view_.section && facing(corners) >= 0))
                continue;
            const float y0 = points_[size_t(corners[0])].y, y1 = points_[size_t(corners[1])].y,
                        y2 = points_[size_t(corners[2])].y;
            if (std::max({y0, y1, y2}) >= 0)
                intoBands(triangleBands_, int(t), y0, y1, y2);
        }
        for (size_t e = 0; e < scene_.edges.size(); ++e) {
            if (!wanted(scene_.edges[e].letters))
                continue;
            const float y0 = points_[size_t(scene_.edges[e].from)].y,
                        y1 = points_[size_t(scene_.edges[e].to)].y;
            if (std::max(y0, y1) >= 0)
                intoBands(edgeBands_, int(e), y0, y1);
        }
    }

    Pixel paintOf(size_t triangle) const {
        const body::Face face = scene_.faces[triangle];
        const bool letters = face == body::Face::letters;
        if (facing(scene_.triangles[triangle]) >= 0) // the inside, seen through the section: the cut face
            return letters ? view_.paints.cutLetters : view_.paints.cut;
        return shaded(letters                   ? view_.paints.letters
                      : face == body::Face::cut ? view_.paints.sunk
                                                : view_.paints.blank,
                      lightOn(projection_, scene_.normals[triangle]));
    }

    void drawTriangle(size_t number, int band) {
        const auto& t = scene_.triangles[number];
        const Point3 a = points_[size_t(t[0])], b = points_[size_t(t[1])], c = points_[size_t(t[2])];
        const float area = facing(t);
        if (area == 0)
            return;
        const float depthX = ((b.z - a.z) * (c.y - a.y) - (c.z - a.z) * (b.y - a.y)) / area;
        const float depthY = ((c.z - a.z) * (b.x - a.x) - (b.z - a.z) * (c.x - a.x)) / area;
        const Pixel paint = paintOf(number);
        const bool isInside = area >= 0;
        const int top = std::max(band * bandRows, int(std::ceil(std::min({a.y, b.y, c.y}) - 0.5f)));
        const int bottom = std::min(std::min((band + 1) * bandRows, frame_.height) - 1,
                                    int(std::floor(std::max({a.y, b.y, c.y}) - 0.5f)));
        for (int row = top; row <= bottom; ++row) {
            const float y = float(row) + 0.5f;
            float left = std::numeric_limits<float>::infinity(), right = -left;
            const auto cross = [&](Point3 p, Point3 q) {
                if ((p.y <= y) == (q.y <= y))
                    return;
                const float x = p.x + (y - p.y) / (q.y - p.y) * (q.x - p.x);
                left = std::min(left, x);
                right = std::max(right, x);
            };
            cross(a, b);
            cross(b, c);
            cross(c, a);
            // Clamped before they become whole numbers: a row that only touches a corner has no ends.
            const float end = float(frame_.width);
            const int from = int(std::clamp(std::ceil(left - 0.5f), 0.0f, end));
            const int to = int(std::clamp(std::ceil(right - 0.5f), 0.0f, end)) - 1;
            const size_t base = size_t(row) * size_t(frame_.width);
            for (int column = from; column <= to; ++column) {
                const float x = float(column) + 0.5f;
                const float depth = a.z + depthX * (x - a.x) + depthY * (y - a.y);
                const size_t at = base + size_t(column);
                if (depth <= frame_.depths[at] || cutAway(x, y, depth))
                    continue;
                frame_.depths[at] = depth;
                frame_.pixels[at] = paint;
                if (!inside_.empty())
                    inside_[at] = isInside;
            }
        }
    }

    /// Where the inside shows, it is the section's plane that is seen.
    void closeSection(int band) {
        constexpr float edgeOn = 1e-6f;
        if (inside_.empty() || std::fabs(cutDepth_) < edgeOn)
            return;
        const int bottom = std::min((band + 1) * bandRows, frame_.height);
        for (int row = band * bandRows; row < bottom; ++row)
            for (int column = 0; column < frame_.width; ++column) {
                const size_t at = size_t(row) * size_t(frame_.width) + size_t(column);
                if (inside_[at])
                    frame_.depths[at] =
                        -(cut0_ + cutX_ * (float(column) + 0.5f) + cutY_ * (float(row) + 0.5f)) / cutDepth_;
            }
    }

    void drawEdge(const body::Crease& edge, int band) {
        const Point3 a = points_[size_t(edge.from)], b = points_[size_t(edge.to)];
        const float reach = std::max(std::fabs(b.x - a.x), std::fabs(b.y - a.y));
        const int steps = std::max(1, int(std::ceil(reach)));
        // In front of the faces it bounds, by about a pixel's slope.
        const auto lift = float(1.5 / projection_.perMm);
        const int top = band * bandRows, bottom = std::min(top + bandRows, frame_.height);
        for (int i = 0; i <= steps; ++i) {
            const float t = float(i) / float(steps);
            const float x = a.x + t * (b.x - a.x), y = a.y + t * (b.y - a.y), depth = a.z + t * (b.z - a.z);
            const int column = int(std::floor(x)), row = int(std::floor(y));
            if (row < top || row >= bottom || column < 0 || column >= frame_.width || cutAway(x, y, depth))
                continue;
            const size_t at = size_t(row) * size_t(frame_.width) + size_t(column);
            // At twice the size a line is two pixels wide, so that it is one when halved.
            const size_t last = view_.quality == Quality::sharp && column + 1 < frame_.width ? at + 1 : at;
            for (size_t pixel = at; pixel <= last; ++pixel)
                if (depth + lift >= frame_.depths[pixel])
                    frame_.pixels[pixel] = mixed(frame_.pixels[pixel], view_.paints.edge, 0.65f);
        }
    }

    const Scene& scene_;
    const View& view_;
    Which which_;
    Projection projection_;
    Frame frame_;
    std::vector<Point3> points_;
    std::vector<std::vector<int>> triangleBands_, edgeBands_;
    std::vector<std::uint8_t> inside_; ///< by pixel; empty without a section
    float cut0_ = 0, cutX_ = 0, cutY_ = 0, cutDepth_ = 0;
};

/// The blank as a veil over the letters.
Frame veiled(Frame letters, const Frame& blank) {
    constexpr float veil = 0.35f;
    for (size_t i = 0; i < letters.pixels.size(); ++i) {
        if (blank.depths[i] == nothing || blank.depths[i] <= letters.depths[i])
            continue;
        letters.pixels[i] = mixed(letters.pixels[i], blank.pixels[i], veil);
        letters.depths[i] = std::max(letters.depths[i], blank.depths[i]);
    }
    return letters;
}

Frame drawn(const Scene& scene, const View& view, int width, int height, const std::stop_token& stop) {
    if (!view.seeThrough)
        return Raster(scene, view, width, height, Which::all).draw(stop);
    Frame letters = Raster(scene, view, width, height, Which::letters).draw(stop);
    const Frame blank = Raster(scene, view, width, height, Which::blank).draw(stop);
    return stop.stop_requested() ? Frame{} : veiled(std::move(letters), blank);
}

/// Halves a frame drawn at twice the size.
Frame halved(const Frame& large) {
    Frame small{large.width / 2, large.height / 2, {}, {}};
    small.pixels.resize(size_t(small.width) * size_t(small.height));
    small.depths.resize(small.pixels.size());
    tbb::parallel_for(0, small.height, [&](int y) {
        for (int x = 0; x < small.width; ++x) {
            const size_t corner = size_t(2 * y) * size_t(large.width) + size_t(2 * x);
            const std::array<size_t, 4> four{corner, corner + 1, corner + size_t(large.width),
                                             corner + size_t(large.width) + 1};
            unsigned red = 2, green = 2, blue = 2;
            float depth = nothing;
            for (const size_t i : four) {
                red += large.pixels[i] >> 16 & 0xFF;
                green += large.pixels[i] >> 8 & 0xFF;
                blue += large.pixels[i] & 0xFF;
                depth = std::max(depth, large.depths[i]);
            }
            const size_t at = size_t(y) * size_t(small.width) + size_t(x);
            small.pixels[at] = 0xFF000000u | (red / 4) << 16 | (green / 4) << 8 | blue / 4;
            small.depths[at] = depth;
        }
    });
    return small;
}

/// How much of its surroundings stands nearer to the eye than each pixel, 0 to 1.
std::vector<float> cornerShade(const Frame& frame, double mmPerPixel) {
    constexpr int rays = 16;
    constexpr float farthest = 14; // pixels
    std::array<std::array<int, 2>, rays> around;
    for (int i = 0; i < rays; ++i) { // a spiral: every direction and every distance
        const double angle = i * 2.399963, radius = 2 + (farthest - 2) * (i + 0.5) / rays;
        around[size_t(i)] = {int(std::lround(radius * std::cos(angle))),
                             int(std::lround(radius * std::sin(angle)))};
    }
    std::vector<float> shade(frame.depths.size(), 0);
    const auto scale = float(mmPerPixel);
    tbb::parallel_for(0, frame.height, [&](int y) {
        for (int x = 0; x < frame.width; ++x) {
            const size_t at = size_t(y) * size_t(frame.width) + size_t(x);
            if (frame.depths[at] == nothing)
                continue;
            float sum = 0;
            for (const auto& [dx, dy] : around) {
                const int u = x + dx, v = y + dy;
                const int w = x - dx, z = y - dy;
                if (std::min({u, v, w, z}) < 0 || std::max(u, w) >= frame.width ||
                    std::max(v, z) >= frame.height)
                    continue;
                // What lies across is subtracted, so that a face merely seen at a slant gives no shade.
                const float here =
                    frame.depths[size_t(v) * size_t(frame.width) + size_t(u)] - frame.depths[at];
                const float across =
                    frame.depths[size_t(z) * size_t(frame.width) + size_t(w)] - frame.depths[at];
                const float rise = here + std::max(across, -here);
                if (rise > 0.5f * scale)
                    sum += std::min(1.0f, rise / (farthest * scale));
            }
            shade[at] = sum / rays;
        }
    });
    return shade;
}

/// Darkens corners and the feet of letters, with the shade blurred within each surface.
void softenCorners(Frame& frame, double mmPerPixel) {
    constexpr int reach = 3;
    constexpr float strength = 0.36f;
    const std::vector<float> shade = cornerShade(frame, mmPerPixel);
    const auto near = float(6 * mmPerPixel);
    tbb::parallel_for(0, frame.height, [&](int y) {
        for (int x = 0; x < frame.width; ++x) {
            const size_t at = size_t(y) * size_t(frame.width) + size_t(x);
            if (frame.depths[at] == nothing)
                continue;
            float sum = 0, count = 0;
            for (int v = std::max(0, y - reach); v <= std::min(frame.height - 1, y + reach); ++v)
                for (int u = std::max(0, x - reach); u <= std::min(frame.width - 1, x + reach); ++u) {
                    const size_t there = size_t(v) * size_t(frame.width) + size_t(u);
                    if (std::fabs(frame.depths[there] - frame.depths[at]) > near)
                        continue;
                    sum += shade[there];
                    ++count;
                }
            if (sum > 0)
                frame.pixels[at] = shaded(frame.pixels[at], 1 - strength * std::min(0.6f, sum / count));
        }
    });
}

} // namespace

Frame frameOf(const Scene& scene, const View& view, int width, int height, const std::stop_token& stop) {
    width = std::max(1, width);
    height = std::max(1, height);
    if (view.quality == Quality::coarse)
        return drawn(scene, view, width, height, stop);
    View fine = view;
    fine.camera.mmPerPixel /= 2;
    const Frame large = drawn(scene, fine, width * 2, height * 2, stop);
    if (large.pixels.empty())
        return {};
    Frame frame = halved(large);
    softenCorners(frame, view.camera.mmPerPixel);
    return frame;
}

Camera fitted(const body::Extent& extent, double turn, double tilt, int width, int height, int border) {
    Camera camera{turn, tilt, {}, 1};
    const body::Vertex low = extent.low, high = extent.high;
    camera.centre = {(low.x + high.x) / 2, (low.y + high.y) / 2, (low.z + high.z) / 2};
    const Projection unit(camera, 0, 0);
    double halfWidth = 0.5, halfHeight = 0.5; // mm; something for an empty body
    for (int corner = 0; corner < 8; ++corner) {
        const Point3 p =
            unit(corner & 1 ? high.x : low.x, corner & 2 ? high.y : low.y, corner & 4 ? high.z : low.z);
        halfWidth = std::max(halfWidth, double(std::fabs(p.x)));
        halfHeight = std::max(halfHeight, double(std::fabs(p.y)));
    }
    camera.mmPerPixel = std::max(2 * halfWidth / std::max(width - 2 * border, 1),
                                 2 * halfHeight / std::max(height - 2 * border, 1));
    return camera;
}

std::optional<body::Vertex> pointUnder(const Frame& frame, const Camera& camera, int x, int y) {
    if (x < 0 || y < 0 || x >= frame.width || y >= frame.height)
        return std::nullopt;
    const float depth = frame.depths[size_t(y) * size_t(frame.width) + size_t(x)];
    if (depth == nothing)
        return std::nullopt;
    return Projection(camera, frame.width, frame.height).back(x + 0.5, y + 0.5, depth);
}

Point3 inPicture(const Camera& camera, int width, int height, const body::Vertex& point) {
    return Projection(camera, width, height)(point.x, point.y, point.z);
}

} // namespace bollard::picture
