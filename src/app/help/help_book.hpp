// The pages of the help: Markdown files, and what each of their sections is about.
#pragma once
#include <QList>
#include <QString>
#include <QStringList>

namespace bollard::app {

/// From a heading of the second level to the next.
struct HelpSection {
    QString title;
    QStringList topics; ///< what it explains: kinds of findings, fields, stations, parts of the window
    QString text;       ///< Markdown, with its heading
};

struct HelpPage {
    QString file; ///< without its folder
    QString title;
    QList<HelpSection> sections;
    QString text() const; ///< Markdown of all of it
};

/// Where something is said.
struct HelpPlace {
    int page = -1;
    int section = -1; ///< -1: from its top
    bool operator==(const HelpPlace&) const = default;
};

/// A section begins with a comment that names its topics, `<!-- about: words station-lettering -->`.
class HelpBook {
  public:
    /// Reads `folder`/en, each page in `language` ("de") where it is there.
    HelpBook(const QString& folder, const QString& language);

    const QList<HelpPage>& pages() const { return pages_; }
    /// Where the topic is explained; page -1 where it is not.
    HelpPlace placeOf(const QString& topic) const;
    /// Sections that have all the words, those that have them in their title first; all of them for no word.
    QList<HelpPlace> search(const QString& words) const;
    /// The page of that file; -1 where there is none.
    int pageOf(const QString& file) const;
    /// Folder of the language's pages, for their pictures.
    const QString& folder() const { return folder_; }

  private:
    QString folder_;
    QList<HelpPage> pages_;
};

} // namespace bollard::app
