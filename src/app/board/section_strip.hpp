// The true profile along a line that was drawn across the Flat view.
#pragma once
#include "body/section.hpp"
#include "quantity/quantity.hpp"
#include <QLineF>
#include <QWidget>

namespace bollard::app {

/// Lies over the foot of the board: the section to scale, upright as much as along, with its heights.
class SectionStrip : public QWidget {
    Q_OBJECT
  public:
    explicit SectionStrip(QWidget* parent);
    /// `line` in mm on the side.
    void show(const body::Section& section, const QLineF& line, quantity::Unit unit);
    const body::Section& section() const { return section_; }

  signals:
    void closed();

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

  private:
    body::Section section_;
    double length_ = 0; ///< mm
    quantity::Unit unit_ = quantity::Unit::millimetre;
};

} // namespace bollard::app
