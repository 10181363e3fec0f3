// Unsaved work is kept beside, and found again after a crash.
#pragma once
#include "app/session/card_editor.hpp"
#include <QLockFile>
#include <QThreadPool>
#include <memory>

namespace bollard::app {

/// A card that an earlier run left unsaved.
struct LeftOver {
    QString file; ///< where it is kept
    QString path; ///< the card's own file; empty when it had none
    QString title;
    std::string card;     ///< JSON
    bool readable = true; ///< false: it is there, but no card can be made of it
};

/// Writes the open card into the user's data folder after each edit, off the interface thread, and removes it
/// again once the card is saved or given up. While one state is being written the newest one waits; a step of
/// history begins only when the one before is kept, or the disk has taken too long for it, so that a crash
/// costs the last step at most. Each running Bollard has its own file, held by a lock.
class Recovery : public QObject {
    Q_OBJECT
  public:
    /// `folder` is made when needed; the default is in the user's data folder.
    explicit Recovery(CardEditor& editor, const QString& folder = defaultFolder(), QObject* parent = nullptr);
    ~Recovery() override; ///< waits for what is being written

    static QString defaultFolder();
    /// Cards left by runs that are no longer there.
    std::vector<LeftOver> leftOvers() const;
    static void discard(const LeftOver& leftOver);
    /// Keeps the open card now, and tells whether it is safe.
    quantity::Result<quantity::Done> keepNow();
    void giveUp(); ///< the open card needs no keeping any more

  signals:
    void failed(const quantity::Problem& problem);

  private:
    void keepSoon();
    void keepBeforeNext();
    void start();

    CardEditor& editor_;
    QString folder_;
    QString file_;
    std::unique_ptr<QLockFile> lock_;
    bool writing_ = false, again_ = false;
    QThreadPool writer_; ///< of one thread: states are written in their order
};

} // namespace bollard::app
