#include "app/controls/wrap_layout.hpp"
#include <QStyle>
#include <QWidget>

namespace bollard::app {

WrapLayout::WrapLayout(int gap, QWidget* parent) : QLayout(parent), gap_(gap) {
    setContentsMargins(0, 0, 0, 0);
}

WrapLayout::~WrapLayout() {
    qDeleteAll(items_);
}

/// As if there was room for one line.
QSize WrapLayout::sizeHint() const {
    QSize size(0, 0);
    for (const QLayoutItem* item : items_)
        if (!item->isEmpty())
            size = {size.width() + item->sizeHint().width() + (size.width() > 0 ? gap_ : 0),
                    std::max(size.height(), item->sizeHint().height())};
    return size;
}

QSize WrapLayout::minimumSize() const {
    QSize size(0, 0);
    for (const QLayoutItem* item : items_)
        if (!item->isEmpty())
            size = size.expandedTo(item->minimumSize());
    return size;
}

void WrapLayout::setGeometry(const QRect& room) {
    QLayout::setGeometry(room);
    placed(room, true);
}

int WrapLayout::placed(const QRect& room, bool really) const {
    const auto direction = parentWidget() ? parentWidget()->layoutDirection() : Qt::LeftToRight;
    int x = room.x(), y = room.y(), high = 0;
    for (QLayoutItem* item : items_) {
        if (item->isEmpty())
            continue;
        const QSize size = item->sizeHint().boundedTo({room.width(), QWIDGETSIZE_MAX});
        if (x > room.x() && x + size.width() > room.x() + room.width()) {
            x = room.x();
            y += high + gap_ / 4;
            high = 0;
        }
        if (really)
            item->setGeometry(QStyle::visualRect(direction, room, {QPoint(x, y), size}));
        x += size.width() + gap_;
        high = std::max(high, size.height());
    }
    return y + high - room.y();
}

} // namespace bollard::app
