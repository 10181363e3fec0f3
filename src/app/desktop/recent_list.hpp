// The desktop's own list of recent files.
#pragma once
#include <QString>

namespace bollard::app {

/// Puts a file into recently-used.xbel of the person's data folder (Desktop Bookmark Specification,
/// freedesktop.org), where file dialogs and menus of the desktop look. What else the list holds stays; one
/// that cannot be read is left alone. False where it could not be written. From any thread.
bool noteForDesktop(const QString& path, const QString& type);
QString recentListFile();

} // namespace bollard::app
