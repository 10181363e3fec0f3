// A drawer over the left of the board, beside the route card: for what needs more width than a station has.
#pragma once
#include <QFrame>
#include <functional>

class QLabel;
class QVBoxLayout;

namespace bollard::app {

/// Holds one content at a time. Esc shuts it, unless the content takes the key itself.
class Drawer : public QFrame {
    Q_OBJECT
  public:
    /// Lies over `parent`, from the right edge of `beside` on.
    Drawer(QWidget* beside, QWidget* parent);

    /// Shows the content, which is the drawer's from then on; what was shown is put away. `shut` is called
    /// once when this content is put away.
    void open(const QString& title, QWidget* content, std::function<void()> shut = {});
    void shut();
    bool holds(const QWidget* content) const { return isVisible() && content_ == content; }

  signals:
    void widthTaken(int width); ///< of the board, pixels; 0 when it is shut

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    void place();
    QWidget* beside_;
    QLabel* title_;
    QVBoxLayout* layout_;
    QWidget* content_ = nullptr;
    std::function<void()> onShut_;
};

} // namespace bollard::app
