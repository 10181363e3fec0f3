// The look of widgets, made from the token table.
#pragma once
#include "drawing/tokens.hpp"
#include <QIcon>
#include <QString>

class QApplication;
class QLabel;
class QPushButton;
class QWidget;

namespace bollard::app {

/// Puts palette and style sheet of the look on the whole application.
void applyLook(QApplication& application, drawing::Look look);

/// One of Bollard's own line drawings in the ink of the current look.
QIcon icon(const QString& name);

/// A plain button with an icon; `text` is its accessible name and tool tip.
QPushButton* iconButton(const QString& iconName, const QString& text, QWidget* parent);

/// Secondary text.
QLabel* softLabel(const QString& text, QWidget* parent);

} // namespace bollard::app
