#include "app/help/help_book.hpp"
#include <QDir>
#include <QFile>
#include <QRegularExpression>

namespace bollard::app {
namespace {

HelpPage pageFrom(const QString& file, const QString& text) {
    static const QRegularExpression about(QStringLiteral("^<!-- about: (.*) -->$"));
    HelpPage page{file, {}, {}};
    QStringList topics;
    for (const QString& line : text.split(QLatin1Char('\n'))) {
        if (const auto said = about.match(line); said.hasMatch()) {
            topics = said.captured(1).split(QLatin1Char(' '), Qt::SkipEmptyParts);
            continue;
        }
        if (line.startsWith(QLatin1String("# ")))
            page.title = line.mid(2).trimmed();
        else if (line.startsWith(QLatin1String("## ")))
            page.sections << HelpSection{line.mid(3).trimmed(), std::exchange(topics, {}), line + '\n'};
        else if (!page.sections.isEmpty())
            page.sections.back().text += line + QLatin1Char('\n');
    }
    return page;
}

} // namespace

QString HelpPage::text() const {
    QString all = QStringLiteral("# ") + title + QStringLiteral("\n\n");
    for (const HelpSection& section : sections)
        all += section.text;
    return all;
}

HelpBook::HelpBook(const QString& folder, const QString& language) : folder_(folder + QStringLiteral("/en")) {
    const QDir english(folder_), own(folder + QLatin1Char('/') + language);
    for (const QString& name : english.entryList({QStringLiteral("*.md")}, QDir::Files, QDir::Name)) {
        QFile file(own.exists(name) ? own.filePath(name) : english.filePath(name));
        if (file.open(QIODevice::ReadOnly))
            pages_ << pageFrom(name, QString::fromUtf8(file.readAll()));
    }
}

HelpPlace HelpBook::placeOf(const QString& topic) const {
    for (int page = 0; page < pages_.size(); ++page)
        for (int section = 0; section < pages_[page].sections.size(); ++section)
            if (pages_[page].sections[section].topics.contains(topic))
                return {page, section};
    return {};
}

QList<HelpPlace> HelpBook::search(const QString& words) const {
    const QStringList wanted = words.split(QRegularExpression(QStringLiteral("\\s+")), Qt::SkipEmptyParts);
    const auto hasAll = [&](const QString& text) {
        return std::ranges::all_of(
            wanted, [&](const QString& word) { return text.contains(word, Qt::CaseInsensitive); });
    };
    QList<HelpPlace> titles, texts;
    for (int page = 0; page < pages_.size(); ++page)
        for (int section = 0; section < pages_[page].sections.size(); ++section) {
            const HelpSection& one = pages_[page].sections[section];
            if (hasAll(one.title))
                titles << HelpPlace{page, section};
            else if (hasAll(pages_[page].title + one.text + one.topics.join(QLatin1Char(' '))))
                texts << HelpPlace{page, section};
        }
    return titles + texts;
}

int HelpBook::pageOf(const QString& file) const {
    for (int page = 0; page < pages_.size(); ++page)
        if (pages_[page].file == file)
            return page;
    return -1;
}

} // namespace bollard::app
