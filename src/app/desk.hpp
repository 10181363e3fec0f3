// The running program: the open card, its window, and what the desktop and the person want of them.
#pragma once
#include "app/desktop/appearance.hpp"
#include "app/desktop/first_window.hpp"
#include "app/main_window.hpp"
#include "app/preferences/preferences.hpp"

namespace bollard::app {

class Desk : public QObject {
    Q_OBJECT
  public:
    /// `recoveryFolder` as Session has it.
    explicit Desk(const QString& recoveryFolder = {});

    MainWindow& window() { return *window_; }
    Session& session() { return session_; }
    Appearance& appearance() { return appearance_; }

    /// Takes cards of later starts from here on.
    void listen();
    /// Shows the window with the cards; with none, the card of last time where that is preferred and nothing
    /// was left unsaved.
    void start(const QStringList& paths);
    /// The first card opens here, others in windows of their own.
    void open(const QStringList& paths);
    /// Look, size of text and language as they are preferred now, or as the desktop has them. Another size or
    /// language makes the window anew, with all that is open and its history; nothing is interrupted for that
    /// while a program is sent.
    void usePreferences();

  private:
    void makeWindow();
    void makeAnew();

    Session session_;
    Appearance appearance_;
    FirstWindow first_;
    QString language_;
    double textScale_ = 0;
    std::unique_ptr<MainWindow> window_; ///< goes first
};

} // namespace bollard::app
