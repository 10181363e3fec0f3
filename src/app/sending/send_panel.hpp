// Sends the card's program to a controller, and watches it.
#pragma once
#include "app/session/background.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include "sending/link.hpp"
#include <QWidget>
#include <array>
#include <optional>

class QCheckBox;
class QComboBox;
class QLabel;
class QProgressBar;
class QPushButton;
class QSpinBox;

namespace bollard::app {

class SendPanel : public QWidget {
    Q_OBJECT
  public:
    SendPanel(CardEditor& editor, Maker& maker, QWidget* parent);

    QComboBox& device() { return *device_; }
    void refresh(); ///< devices and protocols that are there now
    void start(int fromLine = 0);
    void hold();
    void stop();
    bool running() const { return link_ != nullptr; }
    QString told() const;
    int confirmed() const { return link_ ? link_->sender().confirmed() : 0; } ///< lines, while it runs
    /// Of the last program, where it is over.
    std::optional<send::SendState> ended() const { return ended_; }

  signals:
    /// Where the tool is, mm from the machine's zero; nothing: it is not known any more.
    void moved(std::optional<std::array<double, 3>> at);
    void over();

  private:
    void sendBytes(std::vector<std::string> programs, int fromLine);
    void sendNext();
    void showState();
    void finish();
    void say(const QString& text, bool problem);

    CardEditor& editor_;
    Maker& maker_;
    QComboBox *device_, *protocol_;
    QCheckBox* airRun_;
    QLabel *told_, *lines_, *time_;
    QProgressBar* progress_;
    QPushButton *start_, *hold_, *stop_, *goOn_;
    std::vector<send::Protocol> protocols_;
    std::vector<std::string> programs_; ///< that are still to be sent
    int fromLine_ = 0, lastLine_ = 0;
    bool inAir_ = false;
    std::unique_ptr<sending::Link> link_;
    std::optional<send::SendState> ended_;
    Background background_;
};

} // namespace bollard::app
