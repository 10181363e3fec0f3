// The strip of widths: strokes upwards, gaps and counters downwards, with the limits as marks to drag.
#pragma once
#include "app/document/card_editor.hpp"
#include "app/document/maker.hpp"
#include <QWidget>
#include <optional>

namespace bollard::app {

class Gauge : public QWidget {
    Q_OBJECT
  public:
    Gauge(CardEditor& editor, Maker& maker, QWidget* parent = nullptr);

    struct Bar {
        double stroke = 0, gap = 0; ///< mm of letter that wide
    };
    const std::vector<Bar>& bars() const { return bars_; }
    double barWidth() const { return barWidth_; }   ///< mm
    QPointF markPosition(check::Limit limit) const; ///< pixels, where the mark can be grasped

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
    double limitNow(check::Limit limit) const;
    double pixel(double mm) const;
    double millimetre(double pixel) const;
    void lightBar(int bar, bool strokes);

    CardEditor& editor_;
    Maker& maker_;
    std::vector<Bar> bars_;
    double barWidth_ = 0.05, widest_ = 4;
    std::optional<check::Limit> dragged_;
    int lightBar_ = -1;
};

} // namespace bollard::app
