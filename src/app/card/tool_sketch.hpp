// A tool's profile as it stands in a stroke of the card's own words, to scale.
#pragma once
#include "cut/tool.hpp"
#include "quantity/quantity.hpp"
#include <QWidget>

namespace bollard::app {

class ToolSketch : public QWidget {
    Q_OBJECT
  public:
    explicit ToolSketch(QWidget* parent);
    /// `stroke`: how wide the narrowest is, mm; 0 where it is not known. `depth`: of the cut, mm.
    void show(const cut::Tool& tool, double stroke, double depth, quantity::Unit unit);
    /// The tool goes into the stroke.
    bool fits() const;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    cut::Tool tool_;
    double stroke_ = 0, depth_ = 0;
    quantity::Unit unit_{};
};

} // namespace bollard::app
