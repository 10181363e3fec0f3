#include "app/proof/layer_body.hpp"
#include "drawing/tokens.hpp"
#include <QMouseEvent>
#include <QPainter>
#include <cmath>

namespace bollard::app {

LayerBody::LayerBody(QWidget* parent) : SceneCanvas(parent) {
    setAccessibleName(tr("Proof: the print up to one layer, on the solid"));
    setAccessibleDescription(tr("Arrow keys turn it; plus and minus zoom; Home fits."));
    constexpr double steepest = 85; // from below nothing would be left to see
    setTilts(0, steepest);
}

void LayerBody::show(std::shared_ptr<const proof::PrintProof> proof,
                     std::shared_ptr<const picture::Scene> scene) {
    proof_ = std::move(proof);
    layer_ = -1;
    setScene(std::move(scene));
}

void LayerBody::setLayer(int layer) {
    if (!proof_ || layer < 0 || layer >= int(proof_->layers.size()) || layer == layer_)
        return;
    layer_ = layer;
    const proof::Layer& own = proof_->layers[size_t(layer)];
    setSection(picture::Section{2, (own.low + own.high) / 2});
}

void LayerBody::ring(QPainter& painter, const std::vector<proof::LayerPlace>& places, double height,
                     const QColor& colour) const {
    painter.setPen(QPen(colour, 2));
    painter.setBrush(Qt::NoBrush);
    for (const proof::LayerPlace& place : places) {
        const double radius = std::max(9.0, std::sqrt(place.area) / view().camera.mmPerPixel);
        painter.drawEllipse(pixelOf({place.at.x, place.at.y, height}), radius, radius);
    }
}

void LayerBody::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    paintFrame(painter);
    const drawing::Tokens& t = drawing::tokens();
    if (!proof_ || layer_ < 0)
        return;
    painter.setRenderHint(QPainter::Antialiasing);
    const proof::Layer& layer = proof_->layers[size_t(layer_)];
    // The layer's own edge, as it lies on what is below it.
    painter.setPen(QPen(t.ink, 1.2));
    const double height = (layer.low + layer.high) / 2;
    for (const plane::Ring& edge : layer.shape.rings) {
        QPolygonF corners;
        for (const plane::Point& p : edge)
            corners << pixelOf({plane::toMillimetres(p.x), plane::toMillimetres(p.y), height});
        painter.drawPolygon(corners);
    }
    ring(painter, layer.steep, height, t.watch);
    ring(painter, layer.lost, height, t.watch);
    ring(painter, layer.air, height, t.stop);
    if (hasFocus()) {
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(t.tide);
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void LayerBody::mousePressEvent(QMouseEvent* event) {
    last_ = event->position();
}

void LayerBody::mouseMoveEvent(QMouseEvent* event) {
    const QPointF by = event->position() - last_;
    last_ = event->position();
    if (event->buttons() != Qt::NoButton)
        drag(by, event->buttons() != Qt::LeftButton || event->modifiers() & Qt::ShiftModifier);
}

} // namespace bollard::app
