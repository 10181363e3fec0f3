// A check box whose text takes as many lines as it needs.
#pragma once
#include <QCheckBox>

namespace bollard::app {

class WrappedCheckBox : public QCheckBox {
    Q_OBJECT
  public:
    explicit WrappedCheckBox(QWidget* parent = nullptr) : WrappedCheckBox(QString(), parent) {}
    explicit WrappedCheckBox(const QString& text, QWidget* parent = nullptr);

    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

  protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    bool hitButton(const QPoint& at) const override { return rect().contains(at); }

  private:
    int beforeText() const; ///< pixels of the box and the gap after it
};

} // namespace bollard::app
