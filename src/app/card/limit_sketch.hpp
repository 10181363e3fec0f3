// What a limit means, drawn small.
#pragma once
#include "process/rule.hpp"
#include <QWidget>

namespace bollard::app {

/// The shape that a limit is of, as narrow (low, thin) as it lets it be, with the tool, nozzle, beam or tip
/// of the process beside it: both to one scale.
class LimitSketch : public QWidget {
  public:
    explicit LimitSketch(QWidget* parent);
    /// `tool`: how wide it is, mm; 0 for none. `cut`: letters are openings, and what is measured between them
    /// is material.
    void show(const process::Rule& rule, double tool, bool cut);
    static constexpr int wide = 34, high = 26;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    process::Rule rule_{};
    double tool_ = 0;
    bool cut_ = false;
};

} // namespace bollard::app
