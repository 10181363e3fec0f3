#include "app/card/stations.hpp"
#include "app/card/typeface_list.hpp"
#include "app/controls/looks.hpp"
#include "wording/wording.hpp"
#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QListView>
#include <QPainter>
#include <QPlainTextEdit>
#include <QPushButton>

namespace bollard::app {
namespace {

using Kind = NumberField::Kind;
constexpr int sizeMeasures = 5;

/// One inscription: its words and how they are worked. Up and down go to the neighbours.
class Slip : public QPushButton {
  public:
    Slip(CardEditor& editor, int number, QWidget* parent) : QPushButton(parent), number_(number) {
        const card::Inscription& inscription = editor.card().inscriptions[size_t(number)];
        const QString words = wording::wordsOnOneLine(inscription.words, 20);
        const QString how =
            inscription.hidden ? QObject::tr("hidden") : wording::nameOf(inscription.working.kind);
        setCheckable(true);
        setChecked(number == editor.selected());
        setAccessibleName(QObject::tr("Inscription %1: %2, %3").arg(number + 1).arg(words, how));
        setMinimumHeight(28);
        auto* layout = new QHBoxLayout(this);
        layout->setContentsMargins(10, 0, 8, 0);
        auto* left = new QLabel(words.isEmpty() ? QObject::tr("(no words)") : words, this);
        auto* right = softLabel(how, this);
        if (isChecked()) {
            QFont bold = left->font();
            bold.setWeight(QFont::DemiBold);
            left->setFont(bold);
        }
        left->setAttribute(Qt::WA_TransparentForMouseEvents);
        right->setAttribute(Qt::WA_TransparentForMouseEvents);
        layout->addWidget(left, 1);
        layout->addWidget(right);
        QObject::connect(this, &QPushButton::clicked, &editor, [&editor, number] { editor.select(number); });
    }

  protected:
    void paintEvent(QPaintEvent* event) override {
        QPushButton::paintEvent(event);
        if (!isChecked())
            return;
        QPainter painter(this);
        painter.fillRect(QRect(0, 0, 4, height()), drawing::tokens().tide);
    }

  private:
    int number_;
};

} // namespace

Slips::Slips(CardEditor& editor, QWidget* parent) : QWidget(parent), editor_(editor) {
    setAccessibleName(tr("Inscriptions"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 4);
    layout->setSpacing(4);
    list_ = new QVBoxLayout;
    list_->setSpacing(4);
    layout->addLayout(list_);
    auto* row = new QHBoxLayout;
    row->setSpacing(2);
    auto* add = new QPushButton(tr("Add inscription"), this);
    add->setObjectName(QStringLiteral("link"));
    row->addWidget(add, 1);
    connect(add, &QPushButton::clicked, &editor_, &CardEditor::addInscription);
    const auto tool = [&](const char* iconName, const QString& text, auto act) {
        QPushButton* button = iconButton(QString::fromLatin1(iconName), text, this);
        connect(button, &QPushButton::clicked, this, act);
        row->addWidget(button);
        return button;
    };
    copy_ = tool("copy", tr("Copy inscription"), [this] { editor_.copyInscription(); });
    up_ = tool("up", tr("Move inscription up"), [this] { editor_.moveInscription(-1); });
    down_ = tool("down", tr("Move inscription down"), [this] { editor_.moveInscription(1); });
    hide_ = tool("hide", tr("Hide or show inscription"), [this] {
        editor_.editInscription(tr("Hide or show inscription"), {}, [](card::Inscription& inscription) {
            inscription.hidden = !inscription.hidden;
        });
    });
    remove_ = tool("remove", tr("Delete inscription"), [this] { editor_.deleteInscription(); });
    layout->addLayout(row);
}

void Slips::refresh() {
    const bool hadFocus = list_->parentWidget() && isAncestorOf(QWidget::window()->focusWidget()) &&
                          dynamic_cast<Slip*>(QWidget::window()->focusWidget());
    while (QLayoutItem* item = list_->takeAt(0)) {
        item->widget()->hide();
        item->widget()->deleteLater();
        delete item;
    }
    for (int i = 0; i < int(editor_.card().inscriptions.size()); ++i) {
        auto* slip = new Slip(editor_, i, this);
        list_->addWidget(slip);
        if (hadFocus && slip->isChecked())
            slip->setFocus();
    }
    const bool any = editor_.inscription() != nullptr;
    for (QPushButton* button : {copy_, remove_, hide_})
        button->setEnabled(any);
    up_->setEnabled(any && editor_.selected() > 0);
    down_->setEnabled(any && editor_.selected() + 1 < int(editor_.card().inscriptions.size()));
}

LetteringStation::LetteringStation(CardEditor& editor, Maker& maker, QWidget* parent)
    : StationBody(editor, parent), maker_(maker) {
    slips_ = new Slips(editor, this);
    wide(slips_);
    words_ = new QPlainTextEdit(this);
    words_->setAccessibleName(tr("Words"));
    words_->setTabChangesFocus(true);
    words_->setFixedHeight(62);
    words_->setUndoRedoEnabled(false); // the card's own history undoes typing
    wide(words_);
    connect(words_, &QPlainTextEdit::textChanged, this, [this] {
        const std::string typed = words_->toPlainText().toStdString();
        editor_.editInscription(tr("Typing"), QStringLiteral("words"),
                                [&](card::Inscription& inscription) { inscription.words = typed; });
        if (!typed.empty() && std::isspace(static_cast<unsigned char>(typed.back())))
            editor_.endGesture(); // one step of history a word
    });

    face_ = new QPushButton(this);
    face_->setObjectName(QStringLiteral("value"));
    row(tr("Typeface"), face_);
    typefacePlace_ = new QWidget(this);
    (new QVBoxLayout(typefacePlace_))->setContentsMargins(0, 0, 0, 0);
    typefacePlace_->hide();
    wide(typefacePlace_);
    connect(face_, &QPushButton::clicked, this, [this] {
        if (typefacePlace_->isVisible())
            closeTypefaces();
        else
            openTypefaces();
    });

    const auto style = [this](const QString& label, Kind kind, card::Range range, double step,
                              double setting::TextStyle::*member) {
        return number(label, kind, range, step, [this, label, member](double value) {
            editor_.editInscription(
                tr("Change %1").arg(label.toLower()), label,
                [&](card::Inscription& inscription) { inscription.style.*member = value; });
        });
    };
    sizeBy_ = new QComboBox(this);
    for (int i = 0; i < sizeMeasures; ++i)
        sizeBy_->addItem(wording::nameOf(static_cast<setting::SizeBy>(i)));
    row(tr("Size by"), sizeBy_);
    sizeBy_->setAccessibleName(tr("Size by"));
    connect(sizeBy_, &QComboBox::activated, this,
            [this](int by) { changeMeasure(static_cast<setting::SizeBy>(by)); });
    size_ = style(tr("Size"), Kind::length, card::ranges::size, 0.5, &setting::TextStyle::size);
    letterSpace_ =
        style(tr("Letter space"), Kind::length, card::ranges::space, 0.1, &setting::TextStyle::letterSpace);
    wordSpace_ =
        style(tr("Word space"), Kind::length, card::ranges::space, 0.1, &setting::TextStyle::wordSpace);
    lineSpace_ =
        style(tr("Line space"), Kind::length, card::ranges::space, 0.5, &setting::TextStyle::lineSpace);
    width_ = style(tr("Width"), Kind::percent, card::ranges::width, 1, &setting::TextStyle::width);
    slant_ = style(tr("Slant"), Kind::angle, card::ranges::slant, 1, &setting::TextStyle::slant);
    weight_ =
        style(tr("Weight change"), Kind::length, card::ranges::weight, 0.05, &setting::TextStyle::weight);
    weight_->setToolTip(tr("Strokes grown on each side; below 0 they become lighter"));
    align_ = new Choice(tr("Lines"), {tr("left"), tr("centre"), tr("right")}, this);
    row(tr("Lines"), align_);
    connect(align_, &Choice::picked, this, [this](int align) {
        editor_.editInscription(tr("Align lines"), {}, [&](card::Inscription& inscription) {
            inscription.style.align = static_cast<setting::Align>(align);
        });
    });
}

void LetteringStation::makeTypefaces() {
    typefaces_ = new TypefaceList(maker_, typefacePlace_);
    typefacePlace_->layout()->addWidget(typefaces_);
    connect(typefaces_, &TypefaceList::previewed, this, &LetteringStation::previewFace);
    connect(typefaces_, &TypefaceList::chosen, this, [this](const type::TypefaceChoice& choice) {
        previewFace(choice);
        closeTypefaces();
    });
    connect(typefaces_, &TypefaceList::abandoned, this, [this] {
        previewFace(faceBefore_);
        closeTypefaces();
    });
    connect(typefaces_, &TypefaceList::fileWanted, this, &LetteringStation::fontFileWanted);
}

void LetteringStation::openTypefaces() {
    if (!editor_.inscription())
        return;
    faceBefore_ = editor_.inscription()->typeface;
    editor_.beginGesture();
    if (!typefaces_)
        makeTypefaces();
    typefacePlace_->show();
    typefaces_->start(faceBefore_, QString::fromStdString(editor_.inscription()->words));
}

void LetteringStation::closeTypefaces() {
    typefacePlace_->hide();
    editor_.endGesture();
    face_->setFocus();
}

void LetteringStation::previewFace(const type::TypefaceChoice& choice) {
    editor_.editInscription(tr("Choose typeface"), QStringLiteral("typeface"),
                            [&](card::Inscription& inscription) { inscription.typeface = choice; });
}

void LetteringStation::changeMeasure(setting::SizeBy by) {
    const auto& flat = maker_.shown().flat;
    const working::PlacedLetters* letters = flat ? flat->lettersOf(editor_.selected()) : nullptr;
    if (!letters || !editor_.inscription() || editor_.inscription()->style.sizeBy == by)
        return;
    constexpr double exact_mm = 0.001;
    const double measured = std::round(setting::measureOf(*letters->setting, by) / exact_mm) * exact_mm;
    editor_.editInscription(tr("Change the measure of size"), {}, [&](card::Inscription& inscription) {
        inscription.style.sizeBy = by;
        if (card::ranges::size.holds(measured)) // words without ink have no width
            inscription.style.size = measured;
    });
}

void LetteringStation::refresh() {
    slips_->refresh();
    const card::Inscription* inscription = editor_.inscription();
    for (QWidget* widget :
         std::initializer_list<QWidget*>{words_, face_, sizeBy_, size_, width_, slant_, weight_, letterSpace_,
                                         wordSpace_, lineSpace_, align_})
        widget->setEnabled(inscription != nullptr);
    const QString words = inscription ? QString::fromStdString(inscription->words) : QString();
    if (words_->toPlainText() != words) {
        const QSignalBlocker quiet(words_);
        const int at = words_->textCursor().position();
        words_->setPlainText(words);
        QTextCursor cursor = words_->textCursor();
        cursor.setPosition(std::min(at, int(words.size())));
        words_->setTextCursor(cursor);
    }
    words_->setPlaceholderText(inscription ? tr("Words") : tr("Add an inscription first"));
    if (!inscription)
        return;
    face_->setText(wording::nameOf(inscription->typeface));
    face_->setAccessibleName(tr("Typeface: %1").arg(face_->text()));
    const setting::SizeBy by = inscription->style.sizeBy;
    sizeBy_->setCurrentIndex(int(by));
    setRowLabel(size_, wording::nameOf(by));
    const std::pair<NumberField*, double> fields[]{{size_, inscription->style.size},
                                                   {width_, inscription->style.width},
                                                   {slant_, inscription->style.slant},
                                                   {weight_, inscription->style.weight},
                                                   {letterSpace_, inscription->style.letterSpace},
                                                   {wordSpace_, inscription->style.wordSpace},
                                                   {lineSpace_, inscription->style.lineSpace}};
    for (const auto& [field, value] : fields) {
        field->setUnit(editor_.card().unit);
        field->setValue(value);
    }
    align_->choose(int(inscription->style.align));
}

} // namespace bollard::app
