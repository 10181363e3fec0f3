// The Proof view of a print: its layers as they are laid down, one by one.
#pragma once
#include "app/controls/plan_canvas.hpp"
#include "app/proof/layer_body.hpp"
#include "app/session/background.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include "proof/layers.hpp"
#include <QPainterPath>

class QLabel;
class QPushButton;
class QSlider;
class QStackedWidget;

namespace bollard::app {

/// One layer from above: its outer lines as wide as they are printed, what fills them, and what is wrong with
/// it.
class LayerCanvas : public PlanCanvas {
    Q_OBJECT
  public:
    explicit LayerCanvas(QWidget* parent);
    void show(std::shared_ptr<const proof::PrintProof> proof, double line_mm);
    void setLayer(int layer);

  protected:
    void paintEvent(QPaintEvent* event) override;
    QRectF all() const override; ///< all that any layer covers

  private:
    std::shared_ptr<const proof::PrintProof> proof_;
    double line_ = 0;
    int layer_ = -1;
    QRectF all_;
    /// Of the layer, mm.
    struct Paths {
        QPainterPath below, shape, blank, letters, blankLines, letterLines;
    };
    Paths paths_;
};

class LayersView : public QWidget {
    Q_OBJECT
  public:
    LayersView(CardEditor& editor, Maker& maker, QWidget* parent);

    /// Of the card that there is now; null while it is worked out.
    std::shared_ptr<const proof::PrintProof> proof() const { return current_ ? proof_ : nullptr; }
    LayerCanvas& canvas() { return *canvas_; }
    LayerBody& solid() { return *solid_; }
    /// From above, or on the solid as it lies.
    void showSolid(bool solid);
    bool showsSolid() const;
    QSlider& scrubber() { return *scrubber_; }
    QString told() const;
    QString toldOfLayer() const;

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    void prove();
    struct Laid {
        std::shared_ptr<const proof::PrintProof> proof{};
        std::shared_ptr<const picture::Scene> lying{};
        double line = 0; ///< mm
    };
    void take(const Laid& laid, const card::Made& made);
    void go(int layer);
    void stepToTrouble(int by);

    CardEditor& editor_;
    Maker& maker_;
    Background background_;
    LayerCanvas* canvas_;
    LayerBody* solid_;
    QStackedWidget* canvases_;
    QLabel *told_, *place_;
    QSlider* scrubber_;
    QPushButton *before_, *next_, *onSolid_;
    std::shared_ptr<const proof::PrintProof> proof_;
    card::Made asked_;
    bool current_ = false;
};

} // namespace bollard::app
