#include "app/controls/plan_canvas.hpp"
#include <QKeyEvent>
#include <QMouseEvent>
#include <algorithm>
#include <cmath>

namespace bollard::app {

PlanCanvas::PlanCanvas(QWidget* parent) : QWidget(parent) {
    setMinimumSize(200, 120);
    setAttribute(Qt::WA_OpaquePaintEvent);
    setAccessibleDescription(tr("Plus and minus zoom; Home shows all of it."));
    setFocusPolicy(Qt::StrongFocus);
}

void PlanCanvas::zoom(double factor, QPointF around) {
    constexpr double least = 1, most = 200;
    const double now = std::clamp(zoom_ * factor, least, most);
    const QPointF middle(width() / 2.0, height() / 2.0), off = around - middle - moved_;
    moved_ += off - (now / zoom_) * off;
    zoom_ = now;
    if (zoom_ == least)
        moved_ = {};
    update();
}

void PlanCanvas::fit() {
    zoom(0, rect().center());
}

double PlanCanvas::scale() const {
    constexpr double room = 36;
    const QRectF shown = all();
    return zoom_ * std::min((width() - 2 * room) / shown.width(), (height() - 2 * room) / shown.height());
}
QPointF PlanCanvas::onScreen(double x, double y) const {
    const QPointF middle = all().center();
    return moved_ +
           QPointF(width() / 2.0 + (x - middle.x()) * scale(), height() / 2.0 - (y - middle.y()) * scale());
}
QPointF PlanCanvas::onPlan(QPointF screen) const {
    const QPointF off = screen - moved_ - QPointF(width() / 2.0, height() / 2.0), middle = all().center();
    return {middle.x() + off.x() / scale(), middle.y() - off.y() / scale()};
}

void PlanCanvas::drag(QPointF to) {
    moved_ += to - last_;
    last_ = to;
    update();
}

void PlanCanvas::wheelEvent(QWheelEvent* event) {
    zoom(std::pow(1.0015, event->angleDelta().y()), event->position());
}
void PlanCanvas::mousePressEvent(QMouseEvent* event) {
    beginDrag(event->position());
}
void PlanCanvas::mouseMoveEvent(QMouseEvent* event) {
    drag(event->position());
}
void PlanCanvas::mouseDoubleClickEvent(QMouseEvent*) {
    fit();
}
void PlanCanvas::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Plus:
        return zoom(1.25, rect().center());
    case Qt::Key_Minus:
        return zoom(0.8, rect().center());
    case Qt::Key_Home:
        return fit();
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace bollard::app
