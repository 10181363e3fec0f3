// Three steps on a sample: words, a finding and its mend, files.
#pragma once
#include <QFrame>

class QLabel;
class QPushButton;

namespace bollard::app {

class MainWindow;

/// A slip over the window's board that says what to do, with a frame round what it speaks of. The step is
/// over when it was done, or when it is passed over; it can be left any time.
class FirstSteps : public QFrame {
    Q_OBJECT
  public:
    static constexpr int count = 3;
    explicit FirstSteps(MainWindow& window);

    void start(); ///< opens the sample
    void leave();
    int step() const { return step_; } ///< from 0; `count` when all are done

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    void show(int step);
    void place();
    void look(); ///< whether the step was done
    QWidget* spokenOf() const;

    MainWindow& window_;
    int step_ = -1;
    QString words_; ///< as they were when the step began
    QLabel *title_, *told_;
    QPushButton *next_, *leave_;
    QWidget* frame_;
};

} // namespace bollard::app
