// The Body view: the solid, turned, cut and looked through.
#pragma once
#include "app/board/height_handle.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include "picture/frame.hpp"
#include <QImage>
#include <QThreadPool>
#include <QWidget>

class QCheckBox;
class QLabel;
class QSlider;

namespace bollard::app {

class Choice;
class OverlayChoice;

/// Shows frames from the core's renderer, drawn off the interface thread: coarse while something moves, sharp
/// when it rests.
class BodyCanvas : public QWidget {
    Q_OBJECT
  public:
    BodyCanvas(CardEditor& editor, Maker& maker, QWidget* parent = nullptr);
    ~BodyCanvas() override;

    const picture::View& view() const { return view_; }
    void stand(double turn, double tilt); ///< and fit
    void fit();
    void setSection(std::optional<picture::Section> section);
    void setSeeThrough(bool seeThrough);
    void light(const std::vector<check::FindingPlace>& places, bool stops);
    /// What lies over the letters of the flat side that is turned to the viewer.
    void setOverlay(drawing::Overlay overlay);
    const picture::Frame& frame() const { return frame_; }
    /// A click tells the place on the body that it meets, until it is left.
    void setPointing(bool pointing);
    bool pointing() const { return pointing_; }
    /// Where the height of the selected inscription can be taken hold of, pixels; nothing where there is
    /// none.
    std::optional<QPointF> heightTip() const;
    bool sharp() const { return sharp_; } ///< the frame shown is the final one of this view
    /// The section's position for a share of the body's extent along the axis.
    double alongExtent(int axis, double share) const;

  signals:
    void
    pointed(const QString& text); ///< the point under the pointer, in the card's unit; empty over the ground
    void frameShown();
    void sideOpened(); ///< the side that was pointed at is shown; it is wanted flat
    void placePointedAt(double x, double y, double z); ///< while pointing: mm of the part
    void pointingLeft();

  protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void changeEvent(QEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void showEvent(QShowEvent* event) override;

  private:
    void takeShown();
    void look(bool moving);
    void draw(picture::Quality quality);
    void orbit(double turn, double tilt);
    void zoom(double factor, QPointF around);
    /// Of the selected inscription: where it is taken hold of.
    std::optional<HeightHandle> handle() const;
    QPointF pixelOf(const space::Vertex& at) const;
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
    std::shared_ptr<const picture::Scene> scene_;
    picture::View view_;
    bool fitted_ = true;
    QPointF last_;
    bool pointing_ = false;
    std::optional<QPointF> pressed_; ///< while pointing, as long as nothing was dragged
    picture::Frame frame_;
    picture::Camera frameCamera_;
    QImage image_;
    bool sharp_ = false, drawing_ = false, again_ = false, movingAgain_ = false;
    QTimer rest_;
    QThreadPool pool_;
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
