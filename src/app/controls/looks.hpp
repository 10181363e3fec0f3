// The look of widgets, made from the token table.
#pragma once
#include "drawing/tokens.hpp"
#include <QIcon>
#include <QString>

class QApplication;
class QComboBox;
class QLabel;
class QPushButton;
class QWidget;

namespace bollard::app {

/// Puts palette and style sheet of the look on the whole application.
void applyLook(QApplication& application, drawing::Look look);

/// Width of a panel beside the board, pixels: grows with the text, but less, so that there is still a board.
int panelWidth(int usual);

/// One of Bollard's own line drawings in the ink of the current look.
QIcon icon(const QString& name);

/// A plain button with an icon; `text` is its accessible name and tool tip.
QPushButton* iconButton(const QString& iconName, const QString& text, QWidget* parent);

/// Lets a box be narrower than its longest option; its tool tip says what it shows.
void mayShrink(QComboBox* box);

/// A button whose text ends in dots where there is no room for all of it; its tool tip tells more.
QPushButton* elidedButton(const QString& text, QWidget* parent);

/// Secondary text.
QLabel* softLabel(const QString& text, QWidget* parent);

} // namespace bollard::app
