// The order in which Tab goes through a window.
#pragma once
#include <QList>
#include <QWidget>

namespace bollard::app {

/// Widgets within one that take the focus by Tab and are seen: line by line as one reads, what lies in a
/// panel together. Panels may be made in any order.
QList<QWidget*> inReadingOrder(const QWidget& window);

} // namespace bollard::app
