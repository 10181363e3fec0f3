// Widgets side by side, on as many lines as their texts need.
#pragma once
#include <QLayout>
#include <QList>

namespace bollard::app {

class WrapLayout : public QLayout {
  public:
    explicit WrapLayout(int gap, QWidget* parent = nullptr);
    ~WrapLayout() override;

    void addItem(QLayoutItem* item) override { items_ << item; }
    int count() const override { return int(items_.size()); }
    QLayoutItem* itemAt(int at) const override { return items_.value(at); }
    QLayoutItem* takeAt(int at) override { return at >= 0 && at < count() ? items_.takeAt(at) : nullptr; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return placed({0, 0, width, 0}, false); }
    QSize sizeHint() const override;
    QSize minimumSize() const override;
    void setGeometry(const QRect& room) override;

  private:
    /// Goes through all lines and sets them where `really`; their height.
    int placed(const QRect& room, bool really) const;
    QList<QLayoutItem*> items_;
    int gap_;
};

} // namespace bollard::app
