// The profile of a turned blank: drawn by its points, and the same as numbers.
#pragma once
#include "app/session/card_editor.hpp"
#include "blank/profile.hpp"
#include <QWidget>

class QCheckBox;
class QPushButton;

namespace bollard::app {

class NumberField;

/// The shape as it stands, its axis upright; points are dragged, put in by a double click on the line, or
/// moved and taken away by the keys.
class ProfileCanvas : public QWidget {
    Q_OBJECT
  public:
    ProfileCanvas(CardEditor& editor, QWidget* parent);
    int chosen() const { return chosen_; }
    void choose(int point);
    /// Where a point of the profile is drawn, pixels.
    QPointF pixelOf(const blank::ProfilePoint& point) const;

  signals:
    void picked(int point);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    struct Scale {
        double pixelsPerMm = 1;
        QPointF foot{}; ///< pixel of the axis at y = 0
    };
    Scale scale() const;
    blank::ProfilePoint pointAt(QPointF pixel) const;
    int nearTo(QPointF pixel) const;
    void change(const QString& name, const QString& key,
                const std::function<void(std::vector<blank::ProfilePoint>&)>& change);

    CardEditor& editor_;
    int chosen_ = -1;
    bool dragging_ = false;
    Scale held_{}; ///< while a point is dragged
};

class ProfileEditor : public QWidget {
    Q_OBJECT
  public:
    ProfileEditor(CardEditor& editor, QWidget* parent);
    void refresh();

  signals:
    void fileWanted();

  private:
    struct Row {
        NumberField *r = nullptr, *y = nullptr;
        QCheckBox* smooth = nullptr;
    };
    void rebuild(size_t count);

    CardEditor& editor_;
    ProfileCanvas* canvas_;
    QWidget* rows_;
    std::vector<Row> shown_;
};

} // namespace bollard::app
