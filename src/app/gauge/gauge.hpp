// The strip of widths: strokes upwards, gaps and counters downwards, with the limits as marks to drag.
#pragma once
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include <QWidget>
#include <optional>

namespace bollard::app {

class Gauge : public QWidget {
    Q_OBJECT
  public:
    Gauge(CardEditor& editor, Maker& maker, QWidget* parent = nullptr);

    using Bar = check::WidthCounts::Bar;
    const std::vector<Bar>& bars() const { return bars_; }
    double barWidth() const { return barWidth_; }       ///< mm
    QPointF markPosition(std::string_view limit) const; ///< pixels, where the mark can be grasped

  signals:
    void lit(const std::vector<check::FindingPlace>& places, bool stops);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent* event) override;

  private:
    void count();
    working::Kind kind() const;
    void readRules();
    /// In force for the selected words; 0 where the process has no such limit.
    double limitNow(std::string_view limit) const;
    QString labelOf(std::string_view limit) const;
    int leftOfBars() const;
    double pixel(double mm) const;
    double millimetre(double pixel) const;
    void lightBar(int bar, bool strokes);

    CardEditor& editor_;
    Maker& maker_;
    std::vector<Bar> bars_;
    double barWidth_ = 0.05, widest_ = 4;
    std::vector<process::Rule> rules_; ///< for the selected words
    std::optional<std::string_view> dragged_;
    int lightBar_ = -1;
};

} // namespace bollard::app
