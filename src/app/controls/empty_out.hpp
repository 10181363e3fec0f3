// Taking widgets out that may be in use.
#pragma once
#include <QLayout>
#include <QWidget>

namespace bollard::app {

/// Takes a widget out of its layout. It is deleted when the event that is being handled is over, since it may
/// have caused it.
inline void takeOut(QWidget& widget) {
    if (QWidget* holder = widget.parentWidget(); holder && holder->layout())
        holder->layout()->removeWidget(&widget);
    widget.hide();
    widget.setParent(nullptr);
    widget.deleteLater();
}

/// Takes all children out of a widget and its layout. They are deleted when the event that is being handled
/// is over, since one of them may have caused it.
inline void emptyOut(QWidget& holder) {
    if (QLayout* layout = holder.layout())
        while (QLayoutItem* item = layout->takeAt(0))
            delete item;
    for (QWidget* child : holder.findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        takeOut(*child);
}

} // namespace bollard::app
