// A picture of a mark or a hand-drawn name becomes an outline: seen while it is set, taken at the size it
// shall have.
#pragma once
#include "app/session/background.hpp"
#include "artwork/trace.hpp"
#include "quantity/quantity.hpp"
#include <QImage>
#include <QPainterPath>
#include <QWidget>

class QCheckBox;
class QLabel;
class QPushButton;
class QSlider;

namespace bollard::app {

class NumberField;
class TracePreview;

class TracePanel : public QWidget {
    Q_OBJECT
  public:
    explicit TracePanel(QWidget* parent = nullptr);

    /// Reads a picture file and shows it traced as the last one was; its ink is to be `width_mm` wide.
    void start(const QString& path, double width_mm, quantity::Unit unit);
    bool tracing() const { return tracing_; }
    /// What was traced last; nothing when there was no ink.
    const artwork::Drawing& drawing() const { return drawing_; }

  signals:
    void changed(); ///< tracing() and drawing()
    void taken(const artwork::Drawing& drawing, double millimetresPerUnit);

  private:
    void trace();
    void show(const quantity::Result<artwork::Drawing>& made);
    double widthOfInk() const; ///< pixels

    QString path_;
    QImage picture_; ///< null until it is read
    artwork::Tracing how_;
    artwork::Drawing drawing_;
    bool tracing_ = false;
    TracePreview* preview_;
    QSlider *threshold_, *smoothing_, *spot_;
    QCheckBox* lightInk_;
    NumberField* width_;
    QLabel* told_;
    QPushButton* take_;
    Background background_;
};

} // namespace bollard::app
