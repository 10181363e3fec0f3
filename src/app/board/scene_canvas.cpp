#include "app/board/scene_canvas.hpp"
#include "drawing/tokens.hpp"
#include <QEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QWheelEvent>
#include <cmath>

namespace bollard::app {

SceneCanvas::SceneCanvas(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAttribute(Qt::WA_OpaquePaintEvent);
    setMinimumSize(200, 120);
    pool_.setMaxThreadCount(1);
    constexpr int moment = 160; // ms of rest before the sharp frame
    rest_.setSingleShot(true);
    rest_.setInterval(moment);
    connect(&rest_, &QTimer::timeout, this, [this] { draw(picture::Quality::sharp); });
}

SceneCanvas::~SceneCanvas() {
    pool_.waitForDone();
}

void SceneCanvas::setScene(std::shared_ptr<const picture::Scene> scene) {
    scene_ = std::move(scene);
    if (fitted_)
        fit();
    else
        look(true);
}

void SceneCanvas::setView(const picture::View& view) {
    const picture::Camera camera = view_.camera;
    view_ = view;
    view_.camera = camera;
    look(true);
}

void SceneCanvas::stand(double turn, double tilt) {
    view_.camera.turn = turn;
    view_.camera.tilt = tilt;
    fit();
}

void SceneCanvas::fit() {
    fitted_ = true;
    if (scene_)
        view_.camera =
            picture::fitted(scene_->extent, view_.camera.turn, view_.camera.tilt, width(), height(), 36);
    look(true);
}

void SceneCanvas::setSection(std::optional<picture::Section> section) {
    view_.section = section;
    look(true);
}

void SceneCanvas::setTilts(double least, double most) {
    leastTilt_ = least;
    mostTilt_ = most;
}

void SceneCanvas::look(bool moving) {
    sharp_ = false;
    draw(moving ? picture::Quality::coarse : picture::Quality::sharp);
    rest_.start();
}

void SceneCanvas::draw(picture::Quality quality) {
    if (!isVisible() || !scene_)
        return;
    if (drawing_) {
        again_ = true;
        movingAgain_ = quality == picture::Quality::coarse;
        return;
    }
    drawing_ = true;
    const double ratio = devicePixelRatioF();
    picture::View view = view_;
    view.quality = quality;
    view.paints = drawing::paintsOf(drawing::currentLook());
    view.camera.mmPerPixel /= ratio;
    const QSize size = this->size() * ratio;
    pool_.start([this, scene = scene_, view, size, ratio] {
        auto frame =
            std::make_shared<picture::Frame>(picture::frameOf(*scene, view, size.width(), size.height()));
        QMetaObject::invokeMethod(this, [this, frame, view, ratio] {
            frame_ = std::move(*frame);
            frameCamera_ = view.camera;
            image_ = QImage(reinterpret_cast<const uchar*>(frame_.pixels.data()), frame_.width, frame_.height,
                            frame_.width * 4, QImage::Format_RGB32);
            image_.setDevicePixelRatio(ratio);
            drawing_ = false;
            sharp_ = view.quality == picture::Quality::sharp && !again_;
            update();
            emit frameShown();
            if (std::exchange(again_, false))
                draw(movingAgain_ ? picture::Quality::coarse : picture::Quality::sharp);
        });
    });
}

void SceneCanvas::paintFrame(QPainter& painter) const {
    painter.fillRect(rect(), drawing::tokens().ground);
    if (!image_.isNull() && scene_)
        painter.drawImage(0, 0, image_);
}

QPointF SceneCanvas::pixelOf(const space::Vertex& at) const {
    const picture::Point3 there = picture::inPicture(view_.camera, width(), height(), {at.x, at.y, at.z});
    return {there.x, there.y};
}

std::optional<space::Vertex> SceneCanvas::placeUnder(QPointF at) const {
    const double ratio = devicePixelRatioF();
    return picture::pointUnder(frame_, frameCamera_, int(at.x() * ratio), int(at.y() * ratio));
}

void SceneCanvas::drag(QPointF by, bool shifts) {
    if (!shifts)
        return orbit(by.x() * 0.4, -by.y() * 0.4);
    // Against the drag, in the plane of the picture.
    shift(-by.x() * view_.camera.mmPerPixel, by.y() * view_.camera.mmPerPixel);
}

void SceneCanvas::shift(double right, double up) {
    picture::Camera& c = view_.camera;
    const double turn = c.turn * M_PI / 180, tilt = c.tilt * M_PI / 180;
    c.centre.x += std::cos(turn) * right + std::sin(turn) * std::cos(tilt) * up;
    c.centre.y += -std::sin(turn) * right + std::cos(turn) * std::cos(tilt) * up;
    c.centre.z += std::sin(tilt) * up;
    fitted_ = false;
    look(true);
}

void SceneCanvas::zoom(double factor, QPointF around) {
    // The centre moves so that what lies under the pointer stays there.
    picture::Camera& c = view_.camera;
    const double before = c.mmPerPixel;
    c.mmPerPixel = std::clamp(before / factor, 1e-4, 100.0);
    shift((around.x() - width() / 2.0) * (before - c.mmPerPixel),
          (height() / 2.0 - around.y()) * (before - c.mmPerPixel));
}

void SceneCanvas::orbit(double turn, double tilt) {
    view_.camera.turn = std::remainder(view_.camera.turn + turn, 360);
    view_.camera.tilt = std::clamp(view_.camera.tilt + tilt, leastTilt_, mostTilt_);
    look(true);
}

void SceneCanvas::resizeEvent(QResizeEvent*) {
    if (fitted_)
        fit();
    else
        look(true);
}
void SceneCanvas::showEvent(QShowEvent*) {
    if (fitted_)
        fit();
    else
        look(false);
}
void SceneCanvas::changeEvent(QEvent* event) {
    if (event->type() == QEvent::PaletteChange)
        look(false);
    QWidget::changeEvent(event);
}

void SceneCanvas::wheelEvent(QWheelEvent* event) {
    zoom(std::pow(1.0015, event->angleDelta().y()), event->position());
}

void SceneCanvas::keyPressEvent(QKeyEvent* event) {
    constexpr double step = 5; // degrees
    switch (event->key()) {
    case Qt::Key_Left:
        return orbit(-step, 0);
    case Qt::Key_Right:
        return orbit(step, 0);
    case Qt::Key_Up:
        return orbit(0, step);
    case Qt::Key_Down:
        return orbit(0, -step);
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
