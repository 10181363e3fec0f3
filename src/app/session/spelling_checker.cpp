#include "app/session/spelling_checker.hpp"
#include "app/session/data_folder.hpp"
#include "files/whole_file.hpp"
#include <QDir>

namespace bollard::app {

SpellingChecker::SpellingChecker(QObject* parent)
    : QObject(parent), dictionaries_(type::installedDictionaries()) {
    pool_.setMaxThreadCount(1);
    if (const auto text = files::readWhole(ownWordsPath().toStdString()))
        ownWords_ = QString::fromStdString(*text).split(QLatin1Char('\n'), Qt::SkipEmptyParts);
}

SpellingChecker::~SpellingChecker() {
    pool_.clear();
    pool_.waitForDone();
}

QString SpellingChecker::ownWordsPath() const {
    return dataFolder() + QStringLiteral("/my-words.txt");
}

QStringList SpellingChecker::languages() const {
    QStringList names;
    for (const type::Dictionary& dictionary : dictionaries_)
        names << QString::fromStdString(dictionary.name);
    return names;
}

void SpellingChecker::check(const std::string& words, const std::string& language) {
    if (words == words_ && language == language_)
        return;
    words_ = words;
    language_ = language;
    const int revision = ++revision_;
    const auto found = std::ranges::find(dictionaries_, language, &type::Dictionary::name);
    if (found == dictionaries_.end()) {
        misspelt_.clear();
        suggestions_.clear();
        emit checked();
        return;
    }
    pool_.start([this, words, revision, dictionary = *found, own = ownWords_] {
        if (revision != revision_)
            return; // typed on meanwhile
        std::unique_ptr<type::Spelling>& spelling = loaded_[dictionary.name];
        if (!spelling) {
            spelling = std::make_unique<type::Spelling>(dictionary);
            for (const QString& word : own)
                spelling->add(word.toStdString());
        }
        const auto misspelt = spelling->misspelt(words);
        QStringList suggestions;
        if (!misspelt.empty())
            for (const std::string& suggestion : spelling->suggestions(misspelt.front().word))
                suggestions << QString::fromStdString(suggestion);
        QMetaObject::invokeMethod(this, [this, misspelt, suggestions, revision] {
            if (revision != revision_)
                return;
            misspelt_ = misspelt;
            suggestions_ = suggestions;
            emit checked();
        });
    });
}

void SpellingChecker::learn(const QString& word) {
    if (ownWords_.contains(word))
        return;
    ownWords_ << word;
    const QString path = ownWordsPath();
    QDir().mkpath(QFileInfo(path).absolutePath());
    // If it cannot be kept it is known for now all the same.
    (void)files::writeWhole(path.toStdString(),
                            (ownWords_.join(QLatin1Char('\n')) + QLatin1Char('\n')).toStdString(),
                            files::IfThere::replace);
    pool_.start([this, word] {
        for (auto& [language, spelling] : loaded_)
            spelling->add(word.toStdString());
    });
    const std::string words = std::exchange(words_, {});
    check(words, language_);
}

} // namespace bollard::app
