// Checks the spelling of the words off the interface thread.
#pragma once
#include "type/spelling.hpp"
#include <QObject>
#include <QStringList>
#include <QThreadPool>
#include <atomic>
#include <map>
#include <memory>

namespace bollard::app {

class SpellingChecker : public QObject {
    Q_OBJECT
  public:
    explicit SpellingChecker(QObject* parent = nullptr);
    ~SpellingChecker() override;

    /// Codes of the installed languages.
    QStringList languages() const;

    /// Checks words in a language (none: an empty code); the newest request wins.
    void check(const std::string& words, const std::string& language);
    /// A word of the person's own, known in all languages from now on, and kept in the user's data folder.
    void learn(const QString& word);

    const std::vector<type::Misspelling>& misspelt() const { return misspelt_; }
    const QStringList& suggestions() const { return suggestions_; } ///< for the first misspelling

  signals:
    void checked(); ///< misspelt() and suggestions() are new

  private:
    QString ownWordsPath() const;

    std::vector<type::Dictionary> dictionaries_;
    QThreadPool pool_; ///< of one thread, which alone uses `loaded_`
    std::map<std::string, std::unique_ptr<type::Spelling>> loaded_;
    QStringList ownWords_;
    std::string words_, language_;
    std::atomic<int> revision_ = 0;
    std::vector<type::Misspelling> misspelt_;
    QStringList suggestions_;
};

} // namespace bollard::app
