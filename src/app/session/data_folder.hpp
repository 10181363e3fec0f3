// Where a person's own data lie: machines, limits, starting cards, words, unsaved work.
#pragma once
#include <QStandardPaths>
#include <QString>

namespace bollard::app {

/// $XDG_DATA_HOME/Bollard/bollard (XDG Base Directory Specification); need not be there yet.
inline QString dataFolder() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
}

} // namespace bollard::app
