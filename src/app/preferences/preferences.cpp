#include "app/preferences/preferences.hpp"
#include <QDir>
#include <QSettings>

namespace bollard::app {
namespace {

const auto languageKey = QStringLiteral("language"), lookKey = QStringLiteral("look"),
           textKey = QStringLiteral("textSize"), autosaveKey = QStringLiteral("autosave"),
           folderKey = QStringLiteral("files/folder"), lastKey = QStringLiteral("openLast");
constexpr int mostMinutes = 60;

} // namespace

Preferences preferences() {
    const QSettings settings;
    Preferences kept;
    kept.language = settings.value(languageKey).toString();
    const QString look = settings.value(lookKey).toString();
    for (int i = 0; i < drawing::lookCount; ++i)
        if (look == QLatin1String(lookNames[size_t(i)]))
            kept.look = static_cast<drawing::Look>(i);
    const auto within = [&](const QString& key, int least, int most) {
        const int value = settings.value(key).toInt();
        return value >= least && value <= most ? value : 0;
    };
    kept.textSize = within(textKey, int(100 * drawing::smallestText), int(100 * drawing::largestText));
    kept.autosave = within(autosaveKey, 1, mostMinutes);
    kept.filesFolder = settings.value(folderKey).toString();
    kept.openLast = settings.value(lastKey, kept.openLast).toBool();
    return kept;
}

void keepPreferences(const Preferences& preferences) {
    QSettings settings;
    settings.setValue(languageKey, preferences.language);
    settings.setValue(lookKey, preferences.look ? QLatin1String(lookNames[size_t(*preferences.look)])
                                                : QLatin1String("desktop"));
    settings.setValue(textKey, preferences.textSize);
    settings.setValue(autosaveKey, preferences.autosave);
    settings.setValue(folderKey, preferences.filesFolder);
    settings.setValue(lastKey, preferences.openLast);
}

QStringList languagesIn(const QString& folder) {
    QStringList languages{QStringLiteral("en")};
    for (const QString& file :
         QDir(folder).entryList({QStringLiteral("bollard_*.qm")}, QDir::Files, QDir::Name))
        languages << file.section(QLatin1Char('_'), 1).section(QLatin1Char('.'), 0, 0);
    return languages;
}

QString translationsFolder() {
    return drawing::shareFolder() + QStringLiteral("/translations");
}

} // namespace bollard::app
