// Unsaved work is kept beside, and found again after a crash.
#pragma once
#include "app/document/card_editor.hpp"
#include <QLockFile>
#include <memory>

namespace bollard::app {

/// A card that an earlier run left unsaved.
struct LeftOver {
    QString file; ///< where it is kept
    QString path; ///< the card's own file; empty when it had none
    QString title;
    std::string card; ///< JSON
};

/// Writes the open card into the user's data folder two seconds after an edit, and removes it again once the
/// card is saved or given up. Each running Bollard has its own file, held by a lock.
class Recovery : public QObject {
    Q_OBJECT
  public:
    /// `folder` is made when needed; the default is in the user's data folder.
    explicit Recovery(CardEditor& editor, const QString& folder = defaultFolder(), QObject* parent = nullptr);
    ~Recovery() override;

    static QString defaultFolder();
    /// Cards left by runs that are no longer there.
    std::vector<LeftOver> leftOvers() const;
    static void discard(const LeftOver& leftOver);
    void keepNow(); ///< without waiting
    void giveUp();  ///< the open card needs no keeping any more

  signals:
    void failed(const quantity::Problem& problem);

  private:
    CardEditor& editor_;
    QString folder_;
    QString file_;
    std::unique_ptr<QLockFile> lock_;
    QTimer timer_;
};

} // namespace bollard::app
