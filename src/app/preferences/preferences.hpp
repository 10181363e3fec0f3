// What a person prefers in the window, kept in the settings.
#pragma once
#include "drawing/tokens.hpp"
#include <QString>
#include <QStringList>
#include <optional>

namespace bollard::app {

struct Preferences {
    QString language;                  ///< "de"; empty: the system's
    std::optional<drawing::Look> look; ///< none: the desktop's
    int textSize = 0;                  ///< percent, 100 to 200; 0: the desktop's
    int autosave = 0;     ///< a card that has a file is saved so many minutes after a change; 0: never
    QString filesFolder;  ///< where files go; empty: beside the card
    bool openLast = true; ///< the card of last time is opened again
    bool operator==(const Preferences&) const = default;
};

/// What is kept; a value that cannot be is taken as not there.
Preferences preferences();
void keepPreferences(const Preferences& preferences);

/// Languages that the window speaks, "en" first, then those with a file in the folder of translations.
QStringList languagesIn(const QString& folder);
/// Where the translations lie.
QString translationsFolder();

/// Names of looks in settings, in their order.
inline constexpr std::array<const char*, drawing::lookCount> lookNames{"light", "dark", "contrast-light",
                                                                       "contrast-dark"};

} // namespace bollard::app
