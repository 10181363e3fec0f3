// Pictures of a card without rulers and dimensions, and what files they become.
#pragma once
#include "body/mesh.hpp"
#include "drawing/flat_drawing.hpp"
#include "picture/frame.hpp"
#include <QImage>

namespace bollard::drawing {

/// The first side alone, as large as it goes with that much room round it, pixels.
void paintBare(QPainter& painter, const FlatDrawing& flat, const QRectF& area, QSizeF room);

/// The body in the light look, from where the camera of a view stands by itself or from a turn and tilt in
/// degrees.
QImage bodyImage(const body::Mesh& mesh, QSize size,
                 std::optional<std::pair<double, double>> turnAndTilt = {});

/// The bytes of a PNG file; stepFailed for an image without pixels.
quantity::Result<std::string> pngOf(const QImage& image);

} // namespace bollard::drawing
