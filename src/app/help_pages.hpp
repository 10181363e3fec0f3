// Help as pages in a drawer; the first tells the keys.
#pragma once
#include <QWidget>

class QStackedWidget;

namespace bollard::app {

class Choice;

class HelpPages : public QWidget {
    Q_OBJECT
  public:
    explicit HelpPages(QWidget* parent = nullptr);
    void show(int page);

  private:
    QWidget* keysPage();
    QWidget* textPage(const QList<QPair<QString, QString>>& parts);
    Choice* which_;
    QStackedWidget* stack_;
};

} // namespace bollard::app
