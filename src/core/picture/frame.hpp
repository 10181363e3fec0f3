// Pictures of bodies, drawn by the processor with a z-buffer; the same in window, tests and command line.
#pragma once
#include "picture/scene.hpp"
#include <cstdint>
#include <optional>
#include <stop_token>
#include <vector>

namespace bollard::picture {

/// Parallel projection of a part that lies on a table, front side up. Degrees: `turn` turns it on the table,
/// counter-clockwise; `tilt` 0 looks straight down on the front with y up, 90 from the side with z up,
/// 180 at the back.
struct Camera {
    double turn = 18;
    double tilt = 42;
    body::Vertex centre{};   ///< mm, in the middle of the picture
    double mmPerPixel = 0.1; ///< above 0
};

/// Cuts at `at` (mm) along an axis, 0 x, 1 y, 2 z, and takes away the side nearer to the eye.
struct Section {
    int axis = 0;
    double at = 0;
};

using Pixel = std::uint32_t; ///< 0xFFrrggbb

struct Paints {
    Pixel ground = 0xFFEFEBE2;
    Pixel blank = 0xFFE0CDA2;
    Pixel letters = 0xFF2B6A8C;
    Pixel sunk = 0xFFC2A874; ///< floors and walls of what is cut into the blank
    Pixel edge = 0xFF22303C;
    Pixel cut = 0xFFB88A4A; ///< where the section cuts the blank
    Pixel cutLetters = 0xFF6FB3D2;
};

enum class Quality {
    coarse,
    sharp
}; ///< coarse: while moving; sharp: smoothed edges, soft shading in corners

struct View {
    Camera camera{};
    std::optional<Section> section{};
    bool seeThrough = false; ///< the blank can be seen through
    Paints paints{};
    Quality quality = Quality::sharp;
};

struct Frame {
    int width = 0, height = 0;
    std::vector<Pixel> pixels{}; ///< rows from the top
    std::vector<float> depths{}; ///< towards the eye, mm; minus infinity where there is nothing
};

/// Draws the scene; an empty frame when stopped. Widths below 1 are taken as 1.
Frame frameOf(const Scene& scene, const View& view, int width, int height, const std::stop_token& stop = {});

/// The camera turned as given, with the whole extent in a picture of that size and `border` pixels around it.
Camera fitted(const body::Extent& extent, double turn, double tilt, int width, int height, int border = 40);

/// The point of the body under a pixel of the frame; nothing over the ground.
std::optional<body::Vertex> pointUnder(const Frame& frame, const Camera& camera, int x, int y);

/// Where a point of the body is in the picture: x and y in pixels, z towards the eye.
Point3 inPicture(const Camera& camera, int width, int height, const body::Vertex& point);

} // namespace bollard::picture
