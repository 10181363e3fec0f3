// Taking widgets out that may be in use.
#pragma once
#include <QLayout>
#include <QWidget>

namespace bollard::app {

/// Takes all children out of a widget and its layout. They are deleted when the event that is being handled
/// is over, since one of them may have caused it.
inline void emptyOut(QWidget& holder) {
    if (QLayout* layout = holder.layout())
        while (QLayoutItem* item = layout->takeAt(0))
            delete item;
    for (QWidget* child : holder.findChildren<QWidget*>(Qt::FindDirectChildrenOnly)) {
        child->hide();
        child->setParent(nullptr);
        child->deleteLater();
    }
}

} // namespace bollard::app
