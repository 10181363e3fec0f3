#include "wording/language.hpp"
#include "quantity/quantity.hpp"
#include "wording/plurals.hpp"
#include <QCoreApplication>
#include <QFileInfo>
#include <QLibraryInfo>
#include <QTranslator>
#include <atomic>

namespace bollard::wording {

namespace {

QString current = QStringLiteral("en");
std::atomic<char16_t> decimalSign = u'.'; // told by several threads
thread_local int plain = 0;

} // namespace

QString asWritten(QString number) {
    return plain > 0 ? number : number.replace(QLatin1Char('.'), QChar(decimalSign));
}

QString asRead(QString typed) {
    return typed.replace(QChar(decimalSign), QLatin1Char('.'));
}

QString numberText(double value, int decimals) {
    return asWritten(QString::fromStdString(quantity::roundedText(value, decimals)));
}

QString fixedText(double value, int decimals) {
    return asWritten(QString::number(value, 'f', decimals));
}

PlainNumbers::PlainNumbers() {
    ++plain;
}
PlainNumbers::~PlainNumbers() {
    --plain;
}

QString withinSentence(const QString& title) {
    return current == QLatin1String("de") ? title : title.left(1).toLower() + title.mid(1);
}

QString listOf(const QStringList& things) {
    const bool english = current == QLatin1String("en"); // as Bollard's own sentences are spelt
    return QLocale(english ? QStringLiteral("en_GB") : current).createSeparatedList(things);
}

QString currentLanguage() {
    return current;
}

QString useLanguage(const QLocale& locale, const QString& folder) {
    static QList<QTranslator*> used;
    qDeleteAll(used); // which takes them out of the application
    used.clear();
    const auto install = [](const QString& name, const QString& from) {
        auto* translator = new QTranslator(QCoreApplication::instance());
        if (!translator->load(name, from)) {
            delete translator;
            return false;
        }
        QCoreApplication::installTranslator(translator);
        used << translator;
        return true;
    };
    current = QStringLiteral("en");
    decimalSign = locale.decimalPoint() == QLatin1String(",") ? u',' : u'.';
    for (const QString& wanted : locale.uiLanguages()) {
        const QString language = wanted.section(QLatin1Char('-'), 0, 0);
        if (language == QLatin1String("en") || language == QLatin1String("C"))
            break;
        if (!QFileInfo::exists(folder + QStringLiteral("/bollard_") + language + QStringLiteral(".qm")))
            continue;
        // Buttons of Qt's own dialogs, where they are installed
        install(QStringLiteral("qtbase_") + language, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
        install(QStringLiteral("bollard_") + language, folder);
        current = language;
        return current;
    }
    usePlurals();
    return current;
}

} // namespace bollard::wording
