// The open card: its value, its history, its file.
#pragma once
#include "app/session/kept_card.hpp"
#include "files/whole_file.hpp"
#include <QElapsedTimer>
#include <QLockFile>
#include <QObject>
#include <QTimer>
#include <QUndoStack>
#include <functional>
#include <optional>

namespace bollard::app {

/// Every change of the card goes through edit(), so that it can be undone and everyone hears of it.
class CardEditor : public QObject {
    Q_OBJECT
  public:
    explicit CardEditor(QObject* parent = nullptr);

    const card::Card& card() const { return card_; }
    int selected() const { return selected_; } ///< inscription; -1 when there is none
    const card::Inscription* inscription() const;
    void select(int inscription);
    /// All that are chosen, the selected one last; one move or arrangement is for all of them.
    const std::vector<int>& chosen() const { return chosen_; }
    /// Adds an inscription to the chosen ones and selects it, or takes it out.
    void toggle(int inscription);

    /// The side of the blank that is looked at; follows what is selected.
    std::string side() const;
    void showSide(const std::string& side);
    /// What new words say of their side: nothing on the blank's first.
    std::string sideOfNew() const;

    /// Letters of the selected inscription chosen to be nudged: their first code points, rising.
    const std::vector<int>& letters() const { return letters_; }
    void chooseLetters(std::vector<int> letters);
    /// The point of the selected inscription's free curve that is edited; -1 for none.
    int curvePoint() const { return curvePoint_; }
    void chooseCurvePoint(int point);

    /// Shows another row of the card's rows (0 for the first); no change of the card, and no step of history.
    void showRow(int row);

    /// Takes what was found of the sides of the card's part; no change of the card, and no step of history.
    void learn(const blank::PartFile& found);

    using Change = std::function<void(card::Card&)>;
    /// Changes the card, and keeps its numbers within the ranges of its file. `name` is what undo says.
    /// Changes of the same `key` (not empty) run together into one step while nothing else comes between, no
    /// pause of a second, and no endGesture().
    void edit(const QString& name, const QString& key, const Change& change);
    /// The same for the selected inscription; nothing happens when there is none.
    void editInscription(const QString& name, const QString& key,
                         const std::function<void(card::Inscription&)>& change);
    /// The same for all chosen ones and those grouped with them.
    void editChosen(const QString& name, const QString& key,
                    const std::function<void(card::Inscription&)>& change);
    /// Changes the nudges of the chosen letters; a nudge that does nothing is taken away.
    void nudge(const QString& name, const QString& key, const std::function<void(setting::Nudge&)>& change);
    void clearNudges(); ///< of the chosen letters, or all when none is chosen
    /// Until endGesture() no pause parts changes of the same key: a drag may rest.
    void beginGesture();
    void endGesture();

    /// Adds inscriptions after the last one and selects them.
    void add(const QString& name, std::vector<card::Inscription> inscriptions);
    void copyInscription();
    void deleteInscription();
    void deleteChosen(const QString& name); ///< all chosen ones and those grouped with them
    void moveInscription(int by);

    QUndoStack& history() { return history_; }

    /// Whether the open card is that one still, whichever of its rows is shown.
    bool isStill(card::Card card) const;
    /// Makes a mend: as edit(), and what was before it can be looked at again.
    void mend(const QString& name, const card::Card& mended);
    /// The card as it was before the last mend; nothing where there was none since it was opened.
    const std::optional<card::Card>& beforeMend() const { return beforeMend_; }

    // The file.
    QString path() const { return path_; }
    QString folder() const;
    QString
    title() const; ///< the file's name without its ending; before there is one, the name it began with
    bool edited() const { return !history_.isClean() || recovered_; }
    /// Reads a card and makes it the open one; on a problem nothing changes.
    quantity::Result<quantity::Done> open(const QString& path);
    /// Makes the card the open one, with a fresh history; `name` is its title as long as it has no file.
    void start(card::Card card, const QString& path, const QString& name = {});
    /// Tells of the open card as if it had been opened just now: for a new window.
    void tellAll();
    /// Something is open: it has words, a file, or was edited.
    bool anythingOpen() const { return !card_.inscriptions.empty() || !path_.isEmpty() || edited(); }
    /// As start(), for a card that was not saved: it counts as edited.
    void startRecovered(card::Card card, const QString& path);
    /// Writes to `path` (the ending is added) and makes it the card's file.
    quantity::Result<quantity::Done> saveAs(const QString& path,
                                            files::IfThere ifThere = files::IfThere::replace);
    /// Whose typefaces a card that travels takes along when it is written; null for files only.
    void setCatalogue(std::shared_ptr<const type::Catalogue> catalogue) { catalogue_ = std::move(catalogue); }
    /// From now on the card takes its typefaces along, or no more.
    void setTravels(bool travels);
    /// Typefaces that could not be taken along last, and why.
    const std::vector<quantity::Problem>& leftBehind() const { return leftBehind_; }
    /// The card's file is not as it was when it was read or written last: someone else changed it, or took it
    /// away.
    bool changedOnDisk() const;
    /// Another window, of this Bollard or another, has the card's file open.
    bool openElsewhere() const { return !path_.isEmpty() && !hold_; }

  signals:
    void stepBegins(); ///< the next edit is a step of history of its own
    void changed();    ///< the card
    void selectionChanged();
    void sideShown();   ///< another side is looked at
    void fileChanged(); ///< path or edited()
    void restarted();   ///< another card was opened

  private:
    class Step;
    friend class Step;
    void show(const KeptCard& state, int selected);
    void holdFile();
    void takeSelection(int inscription);
    std::vector<setting::Origin> originsOfLetters() const;

    card::Card card_;
    KeptCard kept_; ///< the same, as history has it
    std::optional<card::Card> beforeMend_;
    int selected_ = -1;
    std::string side_;
    std::vector<int> chosen_;
    std::vector<int> letters_;
    int curvePoint_ = -1;
    QUndoStack history_;
    QString path_, name_;
    QByteArray onDisk_; ///< what the file held when it was read or written last, in short
    std::unique_ptr<QLockFile> hold_;
    std::shared_ptr<const type::Catalogue> catalogue_;
    std::vector<quantity::Problem> leftBehind_;
    bool recovered_ = false;
    int gesture_ = 0;
    bool inGesture_ = false;
    QElapsedTimer sinceEdit_;
};

} // namespace bollard::app
