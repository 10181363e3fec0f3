// The language of the window.
#pragma once
#include <QLocale>
#include <QString>

namespace bollard::wording {

/// Sentences are said in the first of the person's languages that Bollard speaks, from the folder with its
/// *.qm files; else in English. Once, when the application is there. The language, "en" for English.
QString useLanguage(const QLocale& locale, const QString& folder);

} // namespace bollard::wording
