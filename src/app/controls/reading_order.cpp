#include "app/controls/reading_order.hpp"
#include <algorithm>

namespace bollard::app {
namespace {

void add(const QWidget& holder, QList<QWidget*>& all) {
    QList<QWidget*> children;
    for (QWidget* child : holder.findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        if (child->isVisible() && child->isEnabled() && !child->isWindow())
            children << child;
    std::ranges::stable_sort(children, {}, &QWidget::y);
    const bool fromRight = holder.layoutDirection() == Qt::RightToLeft;
    for (qsizetype line = 0; line < children.size();) {
        // What begins above the middle of the first one of a line stands beside it.
        const int middle = children[line]->geometry().center().y();
        qsizetype end = line + 1;
        while (end < children.size() && children[end]->y() <= middle)
            ++end;
        std::stable_sort(children.begin() + line, children.begin() + end, [&](QWidget* a, QWidget* b) {
            return fromRight ? a->geometry().right() > b->geometry().right() : a->x() < b->x();
        });
        line = end;
    }
    for (QWidget* child : children) {
        if (child->focusPolicy() & Qt::TabFocus && !child->focusProxy())
            all << child;
        add(*child, all);
    }
}

} // namespace

QList<QWidget*> inReadingOrder(const QWidget& window) {
    QList<QWidget*> all;
    add(window, all);
    return all;
}

} // namespace bollard::app
