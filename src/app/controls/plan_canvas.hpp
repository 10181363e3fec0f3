// A picture in mm that is zoomed around the pointer and moved by a drag.
#pragma once
#include <QPointF>
#include <QRectF>
#include <QWidget>

namespace bollard::app {

class PlanCanvas : public QWidget {
    Q_OBJECT
  public:
    explicit PlanCanvas(QWidget* parent);
    /// Where a place lies in it.
    QPointF onScreen(double x, double y) const;
    /// All of it again.
    void fit();

  protected:
    virtual QRectF all() const = 0; ///< what is shown when nothing is zoomed, mm
    QPointF onPlan(QPointF screen) const;
    double scale() const; ///< pixels a mm
    double zoomed() const { return zoom_; }
    QPointF moved() const { return moved_; }
    /// A drag that is not taken elsewhere moves the picture.
    void drag(QPointF to);
    void beginDrag(QPointF at) { last_ = at; }

    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    void zoom(double factor, QPointF around);
    double zoom_ = 1;
    QPointF moved_, last_;
};

} // namespace bollard::app
