// What a view of the board lays over the letters.
#pragma once
#include "drawing/flat_drawing.hpp"
#include <QWidget>

namespace bollard::app {

class Choice;

/// A row of buttons: nothing, widths, only what is too narrow, pieces.
class OverlayChoice : public QWidget {
    Q_OBJECT
  public:
    explicit OverlayChoice(QWidget* parent);
    drawing::Overlay overlay() const { return overlay_; }
    void choose(drawing::Overlay overlay);
    /// W goes through the widths, P shows pieces or not; false for other keys.
    bool takeKey(int key);

  signals:
    void chosen(drawing::Overlay overlay);

  private:
    Choice* choice_;
    drawing::Overlay overlay_ = drawing::Overlay::none;
};

} // namespace bollard::app
