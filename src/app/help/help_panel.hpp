// The help: its contents, a search, and a page.
#pragma once
#include "app/help/help_book.hpp"
#include <QWidget>

class QLineEdit;
class QListWidget;
class QPushButton;
class QStackedWidget;
class QTextBrowser;

namespace bollard::app {

class HelpPanel : public QWidget {
    Q_OBJECT
  public:
    HelpPanel(const HelpBook& book, QWidget* parent);

    /// Opens the section about the first of the topics that is explained; the contents where none is.
    void showTopic(const QStringList& topics);
    void show(const HelpPlace& place);
    void showContents();
    /// What is shown; page -1 for the contents.
    const HelpPlace& shown() const { return shown_; }
    QLineEdit& searchField() { return *search_; }
    QListWidget& list() { return *list_; }

  protected:
    void resizeEvent(QResizeEvent* event) override;
    void changeEvent(QEvent* event) override;

  private:
    void fillList();
    void dress(const QString& asked);

    HelpBook book_;
    HelpPlace shown_;
    QPushButton* contents_;
    QLineEdit* search_;
    QStackedWidget* stack_;
    QListWidget* list_;
    QTextBrowser* page_;
};

} // namespace bollard::app
