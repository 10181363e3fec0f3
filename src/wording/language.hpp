// The language of the window.
#pragma once
#include <QLocale>
#include <QStringList>

namespace bollard::wording {

/// Sentences are said in the first of the person's languages that Bollard speaks, from the folder with its
/// *.qm files; else in English. When the application is there; used again, the language before gives way, and
/// windows are made anew. The language, "en" for English.
QString useLanguage(const QLocale& locale, const QString& folder);
/// The language used last.
QString currentLanguage();

// Numbers are told with the sign between whole numbers and parts of the locale used last; a point before one
// was.

/// At most so many decimals, without zeros at the end.
QString numberText(double value, int decimals);
/// So many decimals.
QString fixedText(double value, int decimals);
/// A number with a point as the person writes it.
QString asWritten(QString number);
/// What the person typed, with points; what is no sign between whole numbers and parts stays.
QString asRead(QString typed);

/// While it is there, numbers of this thread have a point: for files.
class PlainNumbers {
  public:
    PlainNumbers();
    ~PlainNumbers();
    PlainNumbers(const PlainNumbers&) = delete;
    PlainNumbers& operator=(const PlainNumbers&) = delete;
};

/// Several things within a sentence, as the language lists them: "a, b and c".
QString listOf(const QStringList& things);
/// A title within a sentence: with a small letter, except in languages that write nouns with a large one.
QString withinSentence(const QString& title);

} // namespace bollard::wording
