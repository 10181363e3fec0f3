#include "app/session/card_editor.hpp"
#include "app/session/data_folder.hpp"
#include "card/arranging.hpp"
#include "card/card_json.hpp"
#include "card/part.hpp"
#include "card/ranges.hpp"
#include "card/travelling.hpp"
#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>

namespace bollard::app {

namespace {

QByteArray shortOf(const std::string& text) {
    return QCryptographicHash::hash({text.data(), qsizetype(text.size())}, QCryptographicHash::Sha256);
}

/// How far below its model a new inscription is put: about a line.
double stagger(const card::Inscription& model) {
    const bool tellsALine =
        model.style.sizeBy != setting::SizeBy::width && model.style.sizeBy != setting::SizeBy::height;
    return tellsALine ? model.style.size * 1.5 : 10;
}

setting::Origin originOf(const setting::Nudge& nudge) {
    return {nudge.letter, nudge.within};
}

} // namespace

/// One step of history: the card before and after, so that nothing can be forgotten; what is the same in both
/// is there once.
class CardEditor::Step : public QUndoCommand {
  public:
    Step(CardEditor& editor, const QString& name, QString key, const card::Card& after, int selectedAfter)
        : QUndoCommand(name), editor_(editor), key_(std::move(key)), before_(editor.kept_),
          after_(after, &editor.kept_), selectedBefore_(editor.selected_), selectedAfter_(selectedAfter) {}

    const QString& key() const { return key_; }
    int id() const override { return key_.isEmpty() ? -1 : 1; }
    void undo() override { editor_.show(before_, selectedBefore_); }
    void redo() override { editor_.show(after_, selectedAfter_); }
    bool mergeWith(const QUndoCommand* next) override {
        const auto* step = static_cast<const Step*>(next);
        if (step->key_ != key_)
            return false;
        after_ = step->after_;
        selectedAfter_ = step->selectedAfter_;
        setObsolete(after_ == before_);
        return true;
    }

  private:
    CardEditor& editor_;
    QString key_;
    KeptCard before_, after_;
    int selectedBefore_, selectedAfter_;
};

CardEditor::CardEditor(QObject* parent) : QObject(parent) {
    constexpr int mostSteps = 20000; // what states have in common is there once
    history_.setUndoLimit(mostSteps);
    connect(&history_, &QUndoStack::cleanChanged, this, &CardEditor::fileChanged);
    sinceEdit_.start();
}

const card::Inscription* CardEditor::inscription() const {
    const bool there = selected_ >= 0 && size_t(selected_) < card_.inscriptions.size();
    return there ? &card_.inscriptions[size_t(selected_)] : nullptr;
}

void CardEditor::select(int inscription) {
    const int last = int(card_.inscriptions.size()) - 1;
    const int wanted = std::clamp(inscription, -1, last);
    if (wanted == selected_ && chosen_.size() <= 1)
        return;
    takeSelection(wanted);
    endGesture();
    emit selectionChanged();
}

std::string CardEditor::side() const {
    const std::string_view there = blank::sideOf(card_.blank, side_);
    return std::string(there.empty() ? blank::sidesOf(card_.blank).front() : there);
}

std::string CardEditor::sideOfNew() const {
    return side() == blank::sidesOf(card_.blank).front() ? std::string() : side();
}

void CardEditor::showSide(const std::string& side) {
    const std::string before = this->side();
    side_ = side;
    if (this->side() != before)
        emit sideShown();
}

void CardEditor::toggle(int inscription) {
    if (inscription < 0 || size_t(inscription) >= card_.inscriptions.size())
        return;
    std::vector<int> chosen = chosen_;
    if (std::erase(chosen, inscription) == 0)
        chosen.push_back(inscription);
    if (chosen.empty())
        return;
    takeSelection(chosen.back());
    chosen_ = std::move(chosen);
    endGesture();
    emit selectionChanged();
}

void CardEditor::takeSelection(int inscription) {
    selected_ = inscription;
    chosen_.clear();
    if (inscription >= 0)
        chosen_.push_back(inscription);
    letters_.clear();
    curvePoint_ = -1;
    if (this->inscription() && !blank::sideOf(card_.blank, this->inscription()->side).empty())
        showSide(this->inscription()->side);
}

void CardEditor::chooseLetters(std::vector<int> letters) {
    std::ranges::sort(letters);
    if (letters == letters_)
        return;
    letters_ = std::move(letters);
    endGesture();
    emit selectionChanged();
}

void CardEditor::chooseCurvePoint(int point) {
    if (point == curvePoint_)
        return;
    curvePoint_ = point;
    emit selectionChanged();
}

void CardEditor::beginGesture() {
    ++gesture_;
    inGesture_ = true;
}

void CardEditor::endGesture() {
    ++gesture_;
    inGesture_ = false;
}

void CardEditor::edit(const QString& name, const QString& key, const Change& change) {
    card::Card after = card_;
    change(after);
    card::keepWithinRanges(after);
    if (after == card_)
        return;
    constexpr qint64 pause = 1000; // ms
    if (sinceEdit_.restart() > pause && !inGesture_)
        ++gesture_;
    const QString whole = key.isEmpty() ? key : key + QString::number(gesture_);
    const auto* before = static_cast<const Step*>(history_.command(history_.index() - 1));
    if (whole.isEmpty() || !before || before->key() != whole)
        emit stepBegins();
    const int last = int(after.inscriptions.size()) - 1;
    const int selectedAfter = std::clamp(selected_, last >= 0 ? 0 : -1, last);
    history_.push(new Step(*this, name, whole, after, selectedAfter));
}

void CardEditor::editInscription(const QString& name, const QString& key,
                                 const std::function<void(card::Inscription&)>& change) {
    if (!inscription())
        return;
    edit(name, key.isEmpty() ? key : key + QString::number(selected_) + QLatin1Char('/'),
         [&](card::Card& card) {
             card::Inscription& inscription = card.inscriptions[size_t(selected_)];
             const std::string words = inscription.words;
             change(inscription);
             inscription.nudges = setting::followed(std::move(inscription.nudges), words, inscription.words);
             inscription.ties.own =
                 setting::followed(std::move(inscription.ties.own), words, inscription.words);
         });
}

void CardEditor::editChosen(const QString& name, const QString& key,
                            const std::function<void(card::Inscription&)>& change) {
    if (!inscription())
        return;
    edit(name, key.isEmpty() ? key : key + QString::number(selected_) + QLatin1Char('/'),
         [&](card::Card& card) {
             for (const int number : card::withGroups(card, chosen_))
                 change(card.inscriptions[size_t(number)]);
         });
}

void CardEditor::nudge(const QString& name, const QString& key,
                       const std::function<void(setting::Nudge&)>& change) {
    editInscription(name, key, [&](card::Inscription& inscription) {
        for (const setting::Origin& at : originsOfLetters()) {
            auto found = std::ranges::find(inscription.nudges, at, originOf);
            if (found == inscription.nudges.end()) {
                setting::Nudge& added = inscription.nudges.emplace_back();
                added.letter = at.letter;
                added.within = at.within;
                found = inscription.nudges.end() - 1;
            }
            change(*found);
        }
        std::erase_if(inscription.nudges, [](const setting::Nudge& nudge) { return nudge.none(); });
        std::ranges::sort(inscription.nudges, {}, originOf);
    });
}

void CardEditor::clearNudges() {
    editInscription(tr("Clear nudges"), {}, [&](card::Inscription& inscription) {
        if (letters_.empty())
            inscription.nudges.clear();
        for (const setting::Origin& at : originsOfLetters())
            std::erase_if(inscription.nudges,
                          [&](const setting::Nudge& nudge) { return originOf(nudge) == at; });
    });
}

std::vector<setting::Origin> CardEditor::originsOfLetters() const {
    const auto origins = setting::filled(inscription()->words, *card_.rows, card_.row).origins;
    std::vector<setting::Origin> chosen;
    for (const int letter : letters_)
        if (size_t(letter) < origins.size())
            chosen.push_back(origins[size_t(letter)]);
    return chosen;
}

void CardEditor::show(const KeptCard& state, int selected) {
    const bool otherSelection = selected != selected_;
    const int row = card_.row; // a step back in history is no step to another row
    kept_ = state;
    card_ = state.card();
    card_.row = std::clamp(row, 0, card_.rows->count() - 1);
    const auto gone = [&](int number) { return size_t(number) >= card_.inscriptions.size(); };
    if (otherSelection || std::ranges::any_of(chosen_, gone))
        takeSelection(selected);
    emit changed();
    if (otherSelection)
        emit selectionChanged();
}

void CardEditor::showRow(int row) {
    const int there = std::clamp(row, 0, card_.rows->count() - 1);
    if (there == card_.row)
        return;
    card_.row = there;
    endGesture();
    chooseLetters({}); // other letters stand in their places
    emit changed();
}

void CardEditor::learn(const blank::PartFile& found) {
    blank::PartFile& own = card_.blank.part;
    const auto asAsked = [](blank::PartFile part) {
        part.digest.clear();
        for (blank::PartSide& side : part.sides)
            side.found = {};
        return part;
    };
    const bool another = !own.digest.empty() && own.digest != found.digest; // which is told, not taken
    if (own == found || another || !(asAsked(own) == asAsked(found)))
        return;
    own = found;
    kept_ = KeptCard(card_, &kept_);
    emit changed();
}

void CardEditor::add(const QString& name, std::vector<card::Inscription> inscriptions) {
    if (inscriptions.empty())
        return;
    const int first = int(card_.inscriptions.size()), count = int(inscriptions.size());
    edit(name, {},
         [&](card::Card& card) { std::ranges::move(inscriptions, std::back_inserter(card.inscriptions)); });
    select(first);
    for (int i = 1; i < count; ++i)
        toggle(first + i);
}

void CardEditor::copyInscription() {
    if (!inscription())
        return;
    edit(tr("Copy inscription"), {}, [&](card::Card& card) {
        card::Inscription copy = *inscription();
        copy.placing.y -= stagger(copy);
        card::insertInscription(card, selected_ + 1, std::move(copy));
    });
    select(selected_ + 1);
}

void CardEditor::deleteInscription() {
    if (inscription())
        edit(tr("Delete inscription"), {},
             [&](card::Card& card) { card::removeInscription(card, selected_); });
}

void CardEditor::deleteChosen(const QString& name) {
    edit(name, {}, [&](card::Card& card) {
        std::vector<int> going = card::withGroups(card, chosen_);
        std::ranges::sort(going, std::ranges::greater{});
        for (const int number : going)
            card::removeInscription(card, number);
    });
}

void CardEditor::moveInscription(int by) {
    const int to = selected_ + by;
    if (!inscription() || to < 0 || to >= int(card_.inscriptions.size()))
        return;
    edit(tr("Reorder inscriptions"), {},
         [&](card::Card& card) { card::moveInscription(card, selected_, to); });
    select(to);
}

QString CardEditor::folder() const {
    return path_.isEmpty() ? QString() : QFileInfo(path_).absolutePath();
}

QString CardEditor::title() const {
    if (!path_.isEmpty())
        return QFileInfo(path_).completeBaseName();
    return name_.isEmpty() ? tr("Unnamed card") : name_;
}

quantity::Result<quantity::Done> CardEditor::open(const QString& path) {
    const auto text = files::readWhole(path.toStdString());
    if (!text)
        return text.problem();
    auto card = card::cardFromJson(*text);
    if (!card)
        return card.problem();
    start(*std::move(card), QFileInfo(path).absoluteFilePath());
    onDisk_ = shortOf(*text);
    return quantity::Done{};
}

void CardEditor::start(card::Card card, const QString& path, const QString& name) {
    history_.clear();
    beforeMend_.reset();
    recovered_ = false;
    path_ = path;
    name_ = name;
    onDisk_.clear();
    holdFile();
    card_ = std::move(card);
    kept_ = KeptCard(card_);
    takeSelection(card_.inscriptions.empty() ? -1 : 0);
    tellAll();
}

void CardEditor::tellAll() {
    emit restarted();
    emit changed();
    emit selectionChanged();
    emit fileChanged();
}

void CardEditor::startRecovered(card::Card card, const QString& path) {
    start(std::move(card), path);
    if (const auto text = files::readWhole(path.toStdString()))
        onDisk_ = shortOf(*text);
    recovered_ = true;
    emit fileChanged();
}

bool CardEditor::changedOnDisk() const {
    if (onDisk_.isEmpty())
        return false;
    const auto text = files::readWhole(path_.toStdString());
    return !text || shortOf(*text) != onDisk_;
}

/// A lock beside the user's data tells other windows that this file is open; it goes with the program.
void CardEditor::holdFile() {
    hold_.reset();
    if (path_.isEmpty())
        return;
    const QString real = QFileInfo(path_).canonicalFilePath();
    const QString folder = dataFolder() + QStringLiteral("/open");
    QDir().mkpath(folder);
    const QByteArray name = shortOf((real.isEmpty() ? path_ : real).toStdString());
    auto hold = std::make_unique<QLockFile>(folder + QLatin1Char('/') + QString::fromLatin1(name.toHex()) +
                                            QStringLiteral(".lock"));
    hold->setStaleLockTime(0);
    if (hold->tryLock(0) || hold->error() != QLockFile::LockFailedError) // without a folder nobody knows
        hold_ = std::move(hold);
}

bool CardEditor::isStill(card::Card card) const {
    card.row = card_.row;
    return card == card_;
}

void CardEditor::mend(const QString& name, const card::Card& mended) {
    const card::Card before = card_;
    edit(name, {}, [&](card::Card& card) {
        const int row = card.row;
        card = mended;
        card.row = row;
    });
    if (!isStill(before))
        beforeMend_ = before;
}

void CardEditor::setTravels(bool travels) {
    edit(travels ? tr("typefaces taken along") : tr("typefaces left behind"), {}, [&](card::Card& card) {
        card.travels = travels;
        leftBehind_ = card::takeAlong(card, catalogue_.get(), folder().toStdString());
    });
}

quantity::Result<quantity::Done> CardEditor::saveAs(const QString& path, files::IfThere ifThere) {
    const std::string whole = files::withEnding(path.toStdString(), "bollard");
    card::Card whatIsWritten = card_;
    const QString to = QFileInfo(QString::fromStdString(whole)).absolutePath();
    std::string& part = whatIsWritten.blank.part.file; // is found from there too
    part = card::partPathFrom(part, folder().toStdString(), to.toStdString());
    leftBehind_ = card::takeAlong(whatIsWritten, catalogue_.get(), folder().toStdString());
    const std::string text = card::jsonOf(whatIsWritten);
    if (const auto again = card::cardFromJson(text);
        !again) // more than a card may hold: it would not open again
        return again.problem();
    const auto written = files::writeWhole(whole, text, ifThere);
    if (!written)
        return written;
    onDisk_ = shortOf(text);
    const QString before = path_;
    path_ = QFileInfo(QString::fromStdString(whole)).absoluteFilePath();
    if (path_ != before)
        holdFile();
    if (card_.blank.part.file != whatIsWritten.blank.part.file) {
        card_.blank.part.file = whatIsWritten.blank.part.file;
        kept_ = KeptCard(card_, &kept_);
        emit changed();
    }
    recovered_ = false;
    history_.setClean();
    emit fileChanged();
    return written;
}

} // namespace bollard::app
