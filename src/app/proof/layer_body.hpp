// The layers of a print on the solid, as it lies on the bed: all up to one of them.
#pragma once
#include "app/board/scene_canvas.hpp"
#include "proof/layers.hpp"

namespace bollard::app {

class LayerBody : public SceneCanvas {
    Q_OBJECT
  public:
    explicit LayerBody(QWidget* parent);
    /// `scene`: of the part as it lies.
    void show(std::shared_ptr<const proof::PrintProof> proof, std::shared_ptr<const picture::Scene> scene);
    void setLayer(int layer);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;

  private:
    void ring(QPainter& painter, const std::vector<proof::LayerPlace>& places, double height,
              const QColor& colour) const;
    std::shared_ptr<const proof::PrintProof> proof_;
    int layer_ = -1;
    QPointF last_;
};

} // namespace bollard::app
