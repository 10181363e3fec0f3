// What stands below a proof: what it comes to, the way through it step by step, and where one is.
#pragma once
#include <QWidget>

class QHBoxLayout;
class QLabel;
class QPushButton;
class QSlider;

namespace bollard::app {

class ProofStrip : public QWidget {
    Q_OBJECT
  public:
    /// The accessible names of a step back, a step on, and the slider.
    ProofStrip(const QString& back, const QString& on, const QString& scrubber, QWidget* parent);

    QLabel& told() { return *told_; }
    QLabel& place() { return *place_; }
    QSlider& scrubber() { return *scrubber_; }
    /// Beside the slider, or before the steps.
    void add(QPushButton* button);
    void addBefore(QPushButton* button);

  private:
    QLabel *told_, *place_;
    QHBoxLayout* row_;
    QSlider* scrubber_;
    int before_ = 0;
};

} // namespace bollard::app
