#include "wording/language.hpp"
#include "wording/plurals.hpp"
#include <QCoreApplication>
#include <QLibraryInfo>
#include <QTranslator>

namespace bollard::wording {

QString useLanguage(const QLocale& locale, const QString& folder) {
    for (const QString& wanted : locale.uiLanguages()) {
        const QString language = wanted.section(QLatin1Char('-'), 0, 0);
        if (language == QLatin1String("en") || language == QLatin1String("C"))
            break;
        auto* own = new QTranslator(QCoreApplication::instance());
        if (!own->load(folder + QStringLiteral("/bollard_") + language + QStringLiteral(".qm"))) {
            delete own;
            continue;
        }
        auto* qt =
            new QTranslator(QCoreApplication::instance()); // buttons of its dialogs, where it is installed
        if (qt->load(QStringLiteral("qtbase_") + language,
                     QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
            QCoreApplication::installTranslator(qt);
        else
            delete qt;
        QCoreApplication::installTranslator(own);
        return language;
    }
    usePlurals();
    return QStringLiteral("en");
}

} // namespace bollard::wording
