// A row of buttons of which one is chosen.
#pragma once
#include <QButtonGroup>
#include <QStringList>
#include <QWidget>

namespace bollard::app {

class Choice : public QWidget {
    Q_OBJECT
  public:
    /// `name` is the accessible name of the row; rows of `columns` buttons, 0 for one row.
    Choice(const QString& name, const QStringList& options, QWidget* parent = nullptr, int columns = 0);

    int chosen() const { return group_.checkedId(); }
    void choose(int option); ///< shows it; emits nothing
    QAbstractButton* button(int option) const { return group_.button(option); }

  signals:
    void picked(int option);

  protected:
    void keyPressEvent(QKeyEvent* event) override;

  private:
    QButtonGroup group_;
};

} // namespace bollard::app
