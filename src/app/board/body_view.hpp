// The Body view: the solid, turned, cut and looked through.
#pragma once
#include "app/board/height_handle.hpp"
#include "app/board/scene_canvas.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"

class QCheckBox;
class QLabel;
class QSlider;

namespace bollard::app {

class Choice;
class OverlayChoice;

/// The part, with what lies over it: a handle, findings, the stock.
class BodyCanvas : public SceneCanvas {
    Q_OBJECT
  public:
    BodyCanvas(CardEditor& editor, Maker& maker, QWidget* parent = nullptr);

    void setSeeThrough(bool seeThrough);
    void light(const std::vector<check::FindingPlace>& places, bool stops);
    /// What lies over the letters of the flat side that is turned to the viewer.
    void setOverlay(drawing::Overlay overlay);
    /// A click tells the place on the body that it meets, until it is left. What to click, as it is asked
    /// for; empty: nothing.
    void setPointing(const QString& asked);
    bool pointing() const { return !pointing_.isEmpty(); }
    /// Where the height of the selected inscription can be taken hold of, pixels; nothing where there is
    /// none.
    std::optional<QPointF> heightTip() const;
    /// The section's position for a share of the body's extent along the axis.
    double alongExtent(int axis, double share) const;

  signals:
    void
    pointed(const QString& text); ///< the point under the pointer, in the card's unit; empty over the ground
    void sideOpened();            ///< the side that was pointed at is shown; it is wanted flat
    void placePointedAt(double x, double y, double z); ///< while pointing: mm of the part
    void pointingLeft();

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void leaveEvent(QEvent* event) override;

  private:
    void takeShown();
    space::Vertex placeInSpace(const check::FindingPlace& place) const;
    /// Of the selected inscription: where it is taken hold of.
    std::optional<HeightHandle> handle() const;
    /// The side that the point of the part lies on, and where.
    std::optional<blank::OnSide> sideUnder(const space::Vertex& point) const;
    void paintHandle(QPainter& painter) const;
    void paintStock(QPainter& painter) const;
    void paintOverlay(QPainter& painter) const;
    void setReachTo(double reach_mm);
    void stepReach(double by_mm);

    CardEditor& editor_;
    Maker& maker_;
    std::optional<HeightHandle> dragged_; ///< as it was when it was taken hold of
    QPointF draggedFrom_;
    QPointF last_;
    QString pointing_;
    std::optional<QPointF> pressed_; ///< while pointing, as long as nothing was dragged
    drawing::Overlay overlay_ = drawing::Overlay::none;
    std::vector<check::FindingPlace> lit_;
    bool litStops_ = true;
};

/// The canvas with its row of controls.
class BodyView : public QWidget {
    Q_OBJECT
  public:
    BodyView(CardEditor& editor, Maker& maker, QWidget* parent = nullptr);

    BodyCanvas& canvas() { return *canvas_; }
    OverlayChoice& overlays() { return *overlays_; }
    /// Cuts along x, y or z (0 to 2) at a share of the body's extent; -1 shows it whole.
    void setSection(int axis, double share);

  signals:
    void sideOpened(); ///< the side that was pointed at is shown; it is wanted flat

  private:
    void applySection();
    void keyPressEvent(QKeyEvent* event) override; ///< that the canvas did not take

    BodyCanvas* canvas_;
    OverlayChoice* overlays_;
    Choice* axis_;
    QSlider* section_;
    QLabel* sectionText_;
    QCheckBox* seeThrough_;
    QLabel* point_;
    Maker& maker_;
};

} // namespace bollard::app
