// A row of buttons of which one is chosen.
#pragma once
#include <QButtonGroup>
#include <QStringList>
#include <QWidget>

class QGridLayout;

namespace bollard::app {

class Choice : public QWidget {
    Q_OBJECT
  public:
    /// `name` is the accessible name of the row; rows of `columns` buttons at most, fewer where their texts
    /// need more room; 0 for one row.
    Choice(const QString& name, const QStringList& options, QWidget* parent = nullptr, int columns = 0);

    int chosen() const { return group_.checkedId(); }
    void choose(int option); ///< shows it; emits nothing
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;
    QAbstractButton* button(int option) const { return group_.button(option); }

  signals:
    void picked(int option);

  protected:
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    void layOut(int columns);
    int widthOf(int columns) const;

    QGridLayout* layout_;
    bool wraps_ = false; ///< there is to be more than one row
    int most_ = 1, columns_ = 0;
    QButtonGroup group_;
};

} // namespace bollard::app
