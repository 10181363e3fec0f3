#include "drawing/pictures.hpp"
#include "picture/scene.hpp"
#include <QBuffer>
#include <QPainter>

namespace bollard::drawing {

void paintBare(QPainter& painter, const FlatDrawing& flat, const QRectF& area, QSizeF room) {
    const QRectF extent = flat.extent();
    constexpr double least = 1e-3; // mm
    FlatScale scale;
    scale.pixelsPerMm = std::min((area.width() - 2 * room.width()) / std::max(extent.width(), least),
                                 (area.height() - 2 * room.height()) / std::max(extent.height(), least));
    scale.origin = area.center() - QPointF(extent.center().x(), -extent.center().y()) * scale.pixelsPerMm;
    FlatExtras extras;
    extras.legend = extras.measures = false;
    flat.paint(painter, area, scale, extras);
}

QImage bodyImage(const body::Mesh& mesh, QSize size, std::optional<std::pair<double, double>> turnAndTilt) {
    const picture::Scene scene = picture::sceneOf(mesh);
    picture::View view;
    if (turnAndTilt) {
        view.camera.turn = turnAndTilt->first;
        view.camera.tilt = turnAndTilt->second;
    }
    view.camera =
        picture::fitted(scene.extent, view.camera.turn, view.camera.tilt, size.width(), size.height());
    view.paints = paintsOf(Look::light);
    const picture::Frame frame = picture::frameOf(scene, view, size.width(), size.height());
    QImage image(size, QImage::Format_RGB32);
    std::copy(frame.pixels.begin(), frame.pixels.end(), reinterpret_cast<picture::Pixel*>(image.bits()));
    return image;
}

quantity::Result<std::string> pngOf(const QImage& image) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    if (image.isNull() || !image.save(&buffer, "PNG"))
        return quantity::Problem{quantity::ProblemKind::stepFailed, "png"};
    return bytes.toStdString();
}

} // namespace bollard::drawing
