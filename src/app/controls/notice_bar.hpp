// Messages and questions in place of dialogs: a strip above the board.
#pragma once
#include <QFrame>
#include <functional>

class QHBoxLayout;
class QLabel;

namespace bollard::app {

class NoticeBar : public QFrame {
    Q_OBJECT
  public:
    enum class Tone { plain, problem };
    struct Answer {
        QString text;
        std::function<void()> act; ///< the bar closes first
    };

    explicit NoticeBar(QWidget* parent = nullptr);

    /// Shows the text until it is closed or replaced; the first answer gets the focus.
    void say(const QString& text, Tone tone, std::vector<Answer> answers = {});
    void dismiss();
    QString text() const;

  protected:
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

  private:
    QLabel* text_;
    QHBoxLayout* buttons_;
    Tone tone_ = Tone::plain;
};

} // namespace bollard::app
