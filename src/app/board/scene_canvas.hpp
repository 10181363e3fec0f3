// A body that is turned, zoomed and cut, drawn off the interface thread.
#pragma once
#include "picture/frame.hpp"
#include <QImage>
#include <QThreadPool>
#include <QTimer>
#include <QWidget>
#include <memory>

namespace bollard::app {

/// Shows frames from the core's renderer: coarse while something moves, sharp when it rests.
class SceneCanvas : public QWidget {
    Q_OBJECT
  public:
    explicit SceneCanvas(QWidget* parent = nullptr);
    ~SceneCanvas() override;

    const picture::View& view() const { return view_; }
    void stand(double turn, double tilt); ///< and fit
    void fit();
    void setSection(std::optional<picture::Section> section);
    const picture::Frame& frame() const { return frame_; }
    bool sharp() const { return sharp_; } ///< the frame shown is the final one of this view

  signals:
    void frameShown();

  protected:
    void setScene(std::shared_ptr<const picture::Scene> scene);
    const std::shared_ptr<const picture::Scene>& scene() const { return scene_; }
    void setView(const picture::View& view); ///< but for its camera
    void look(bool moving);
    /// The frame over the ground.
    void paintFrame(QPainter& painter) const;
    QPointF pixelOf(const space::Vertex& at) const;
    /// The place of the body under a place of the widget.
    std::optional<space::Vertex> placeUnder(QPointF at) const;
    /// Follows a drag by so much: turns, or with `shifts` moves what is in the middle.
    void drag(QPointF by, bool shifts);
    void orbit(double turn, double tilt);
    void zoom(double factor, QPointF around);
    /// How far it may be tilted, degrees.
    void setTilts(double least, double most);

    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override; ///< arrows, plus, minus, Home
    void changeEvent(QEvent* event) override;
    void showEvent(QShowEvent* event) override;

  private:
    void draw(picture::Quality quality);
    void shift(double right, double up);

    std::shared_ptr<const picture::Scene> scene_;
    picture::View view_;
    bool fitted_ = true;
    double leastTilt_ = -180, mostTilt_ = 180;
    picture::Frame frame_;
    picture::Camera frameCamera_;
    QImage image_;
    bool sharp_ = false, drawing_ = false, again_ = false, movingAgain_ = false;
    QTimer rest_;
    QThreadPool pool_;
};

} // namespace bollard::app
