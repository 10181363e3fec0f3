// A field for one exact number: units, arithmetic, steps, and its range told when it refuses.
#pragma once
#include "card/card.hpp"
#include <QLineEdit>

class QLabel;

namespace bollard::app {

class NumberField : public QLineEdit {
    Q_OBJECT
  public:
    enum class Kind { length, angle, percent, plain };

    /// Values are mm, degrees, percent or plain numbers; `name` is the accessible name.
    NumberField(const QString& name, Kind kind, card::Range range, double step, QWidget* parent = nullptr);

    Kind kind() const { return kind_; }
    double value() const { return value_; }
    void setValue(double value);       ///< shows it; emits nothing
    void setUnit(quantity::Unit unit); ///< of lengths
    void setRange(card::Range range) { range_ = range; }
    void setUnitShown(bool shown); ///< off where several fields share a line
    /// Pixels that a number of four digits needs.
    int leastWidth(bool withUnit = true) const;
    /// What a number stands for, shown in its place: "as designed". Emptied, the field is that number.
    void setMeans(double number, const QString& what);
    /// Why the last input was refused; empty when it was taken.
    QString refusal() const { return refusal_; }

  signals:
    void edited(double value);             ///< the person settled on another value
    void refused(const QString& sentence); ///< empty when the refusal is over

  protected:
    void keyPressEvent(QKeyEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    void take();
    void step(double steps);
    void display(double value);
    void refuse(const QString& sentence);
    QString suffix() const;
    double unitSize() const;

    int unitWidth() const;
    void makeRoom();

    Kind kind_;
    card::Range range_;
    double step_;
    double value_ = 0;
    quantity::Unit unit_ = quantity::Unit::millimetre;
    bool unitShown_ = true;
    QString shown_;
    QString refusal_;
    QString emptyMeans_;
    double empty_ = 0;
};

} // namespace bollard::app
