#include "app/card/misspelt_row.hpp"
#include "app/card/slips.hpp"
#include "app/card/stations.hpp"
#include "app/card/typeface_controls.hpp"
#include "app/card/typeface_list.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrapped_check_box.hpp"
#include "quantity/field.hpp"
#include "setting/fields.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QPushButton>

namespace bollard::app {
namespace {

using Kind = NumberField::Kind;
constexpr int sizeMeasures = 5;

/// The field of the words, which tells what was pasted into it.
class WordsField : public QPlainTextEdit {
  public:
    using QPlainTextEdit::QPlainTextEdit;
    std::function<void(const QString&)> pasted{};

  protected:
    void insertFromMimeData(const QMimeData* source) override {
        QPlainTextEdit::insertFromMimeData(source);
        if (source->hasText())
            pasted(source->text());
    }
};

} // namespace

LetteringStation::LetteringStation(CardEditor& editor, Maker& maker, QWidget* parent)
    : StationBody(editor, parent), maker_(maker) {
    slips_ = new Slips(editor, maker, this);
    wide(slips_);
    connect(slips_, &Slips::artworkFileWanted, this, &LetteringStation::artworkFileWanted);
    connect(slips_, &Slips::wordsWanted, this, [this] {
        // What is typed next stands in the place of what was put there.
        words_->setFocus();
        words_->selectAll();
    });
    connect(&maker_, &Maker::stageDone, this,
            [this] { // only then is it known what the typeface has
                if (isVisible() && shownTypeface() != typefaceControls_->typeface())
                    refresh();
            });
    auto* words = new WordsField(this);
    words->pasted = [this](const QString& text) { emit wordsPasted(text); };
    words_ = words;
    words_->setAccessibleName(tr("Words"));
    words_->setTabChangesFocus(true);
    words_->setFixedHeight(drawing::scaled(54));
    words_->setUndoRedoEnabled(false); // the card's own history undoes typing
    about("words");
    wide(words_);
    connect(words_, &QPlainTextEdit::textChanged, this, [this] {
        const std::string typed = words_->toPlainText().toStdString();
        editor_.editInscription(tr("Typing"), QStringLiteral("words"),
                                [&](card::Inscription& inscription) { inscription.words = typed; });
        if (!typed.empty() && std::isspace(static_cast<unsigned char>(typed.back())))
            editor_.endGesture(); // one step of history a word
    });

    about("spelling");
    wide(new MisspeltRow(editor, spelling_, *words_, this));
    connect(&spelling_, &SpellingChecker::checked, this, &LetteringStation::spellingChecked);

    face_ = elidedButton(QString(), this);
    face_->setObjectName(QStringLiteral("value"));
    about("typeface");
    row(tr("Typeface"), face_);
    connect(face_, &QPushButton::clicked, this, [this] {
        if (typefaces_ && typefaces_->isVisible())
            emit drawerDone(typefaces_);
        else
            openTypefaces();
    });

    const auto style = [this](const QString& label, std::string_view name, double step) {
        return fieldRow(label, quantity::fieldsOf<card::Inscription>(), name, step,
                        ofSelected([](card::Inscription & i) -> auto& { return i; }));
    };
    const PartOf ofStyle = ofSelected(&card::Inscription::style);
    auto* emphasis = new QWidget(this);
    auto* line = new QHBoxLayout(emphasis);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(4);
    const auto toggle = [&](const QString& text,
                            void (*change)(card::Inscription&, const type::Catalogue&, bool)) {
        auto* button = new QPushButton(text, emphasis);
        button->setCheckable(true);
        line->addWidget(button, 1);
        connect(button, &QPushButton::clicked, this, [this, text, change](bool on) {
            if (const auto& catalogue = maker_.catalogue())
                editor_.editInscription(
                    text, {}, [&](card::Inscription& inscription) { change(inscription, *catalogue, on); });
        });
        return button;
    };
    bold_ = toggle(tr("bold"), card::setBold);
    italic_ = toggle(tr("italic"), card::setItalic);
    row(tr("Emphasis"), emphasis);
    emphasis_ = emphasis;
    sizeBy_ = new QComboBox(this);
    for (int i = 0; i < sizeMeasures; ++i)
        sizeBy_->addItem(wording::nameOf(static_cast<setting::SizeBy>(i)));
    about("size");
    row(tr("Size by"), sizeBy_);
    sizeBy_->setAccessibleName(tr("Size by"));
    connect(sizeBy_, &QComboBox::activated, this,
            [this](int by) { changeMeasure(static_cast<setting::SizeBy>(by)); });
    size_ = fieldRow(tr("Size"), setting::sizeFields(), "value", 0.5, ofStyle);
    stroke_ = fieldRow(tr("Line width"), setting::strokeFields(), "width", 0.1, ofStyle);
    stroke_->setToolTip(tr("How wide the lines of a single-line typeface are drawn, or cut when scribed"));
    ends_ = new Choice(tr("Line ends"), {tr("round"), tr("flat"), tr("square")}, this, 3);
    row(tr("Line ends"), ends_);
    connect(ends_, &Choice::picked, this, [this](int ends) {
        editor_.editInscription(tr("Change stroke ends"), {}, [&](card::Inscription& inscription) {
            inscription.style.ends = static_cast<plane::Ends>(ends);
        });
    });
    letterSpace_ = style(tr("Letter space"), "letterSpace", 0.1);
    wordSpace_ = style(tr("Word space"), "wordSpace", 0.1);
    putBeside(wordSpace_, letterSpace_, tr("word"));
    lineSpace_ = style(tr("Line space"), "lineSpace", 0.5);
    align_ = new Choice(tr("Lines"), {tr("left"), tr("centre"), tr("right")}, this, 3);
    about("letterSpace");
    row(tr("Lines"), align_);
    connect(align_, &Choice::picked, this, [this](int align) {
        editor_.editInscription(tr("Align lines"), {}, [&](card::Inscription& inscription) {
            inscription.style.align = static_cast<setting::Align>(align);
        });
    });
    makeOrnament();
    cutsOut_ = new WrappedCheckBox(tr("Cuts out what stands above it in the list"), this);
    wide(cutsOut_);
    connect(cutsOut_, &QCheckBox::clicked, this, [this](bool cuts) {
        editor_.editInscription(tr("Cut out"), {},
                                [&](card::Inscription& inscription) { inscription.cutsOut = cuts; });
    });
    shapeFold_ = fold(tr("Shape of the letters"));
    makeSpelling();
    centreline_ = new WrappedCheckBox(tr("Centreline of this typeface"), this);
    centreline_->setToolTip(tr("The middle lines of its strokes, as a single-line typeface"));
    wide(centreline_);
    connect(centreline_, &QCheckBox::clicked, this, [this](bool centreline) {
        editor_.editInscription(tr("Centreline"), {}, [&](card::Inscription& inscription) {
            inscription.typeface.centreline = centreline;
        });
    });
    width_ = style(tr("Width"), "width", 1);
    slant_ = style(tr("Slant"), "slant", 1);
    weight_ = style(tr("Weight change"), "weight", 0.05);
    weight_->setToolTip(tr("Strokes grown on each side; below 0 they become lighter"));
    style(tr("Dots joined by"), "joint", 0.1)
        ->setToolTip(
            tr("Dots are brought down until they hang together with their letter by so much; 0: they "
               "stay where they are"));
    kerning_ = new WrappedCheckBox(tr("Kerning: pairs closer as the typeface says"), this);
    about("kerning");
    wide(kerning_);
    connect(kerning_, &QCheckBox::clicked, this, [this](bool kerning) {
        editor_.editInscription(tr("Kerning"), {},
                                [&](card::Inscription& inscription) { inscription.style.kerning = kerning; });
    });
    typefaceControls_ = new TypefaceControls(editor, this);
    about("typeface");
    wide(typefaceControls_);
    makeNudges();
}

void LetteringStation::makeSpelling() {
    language_ = new QComboBox(this);
    language_->addItem(tr("not checked"), QString());
    for (const QString& code : spelling_.languages()) {
        const QLocale locale(code);
        const QString name = QLocale::languageToString(locale.language());
        language_->addItem(tr("%1 (%2)").arg(name, code), code);
    }
    about("spelling");
    row(tr("Spelling"), language_);
    language_->setAccessibleName(tr("Language whose spelling is checked"));
    connect(language_, &QComboBox::activated, this, [this](int item) {
        editor_.editInscription(tr("Change spelling"), {}, [&](card::Inscription& inscription) {
            inscription.language = language_->itemData(item).toString().toStdString();
        });
    });
}

void LetteringStation::makeOrnament() {
    const auto field = [this](const QString& label, std::string_view name, double step) {
        return fieldRow(label, quantity::fieldsOf<setting::Ornament>(), name, step,
                        ofSelected(&card::Inscription::ornament));
    };
    around_ = new QComboBox(this);
    about("ornament");
    row(tr("Goes round"), around_);
    around_->setAccessibleName(tr("What the frame goes round"));
    connect(around_, &QComboBox::activated, this, [this](int item) {
        editor_.editInscription(
            tr("Change what the frame goes round"), {}, [&](card::Inscription& inscription) {
                inscription.ornament.around = around_->itemData(item).toString().toStdString();
            });
    });
    frameShape_ = new QComboBox(this);
    for (int i = 0; i < setting::frameShapes; ++i)
        frameShape_->addItem(wording::nameOf(static_cast<setting::FrameShape>(i)));
    row(tr("Shape"), frameShape_);
    frameShape_->setAccessibleName(tr("Shape of the frame"));
    connect(frameShape_, &QComboBox::activated, this, [this](int shape) {
        editor_.editInscription(tr("Change the frame's shape"), {}, [&](card::Inscription& inscription) {
            inscription.ornament.shape = static_cast<setting::FrameShape>(shape);
        });
    });
    backingForm_ = new QComboBox(this);
    for (int i = 0; i < setting::backingForms; ++i)
        backingForm_->addItem(wording::nameOf(static_cast<setting::BackingForm>(i)));
    row(tr("Form"), backingForm_);
    backingForm_->setAccessibleName(tr("Form of the backing"));
    connect(backingForm_, &QComboBox::activated, this, [this](int form) {
        editor_.editInscription(tr("Change the backing's form"), {}, [&](card::Inscription& inscription) {
            inscription.ornament.form = static_cast<setting::BackingForm>(form);
        });
    });
    frameWidth_ = field(tr("Width outside"), "width", 1);
    frameHeight_ = field(tr("Height outside"), "height", 1);
    putBeside(frameHeight_, frameWidth_, tr("height"));
    distance_ = field(tr("Distance"), "distance", 0.5);
    band_ = field(tr("Band width"), "band", 0.2);
    frameCorner_ = field(tr("Corner radius"), "corner", 0.5);
    reach_ = field(tr("Least joint"), "reach", 0.1);
    reach_->setToolTip(tr("So wide at least each loose part is joined to a bar"));
    clear_ = field(tr("Length of posts"), "clear", 0.5);
    clear_->setToolTip(tr("How far the bars stand clear of the side"));
    closes_ = field(tr("Closes gaps"), "closes", 0.5);
    closes_->setToolTip(tr("Holes, and gaps between letters, narrower than this are filled"));
    scale_ = field(tr("Scale"), "scale", 5);
    lineWidth_ = field(tr("Width of lines"), "stroke", 0.1);
}

void LetteringStation::makeNudges() {
    nudgeFold_ = fold(tr("Single letters"));
    nudged_ = softLabel({}, this);
    nudged_->setWordWrap(true);
    about("nudges");
    wide(nudged_);
    const auto field = [this](const QString& label, Kind kind, card::Range range, double step,
                              double setting::Nudge::*member) {
        return number(label, kind, range, step, [this, label, member](double value) {
            editor_.nudge(tr("Nudge letters"), label, [&](setting::Nudge& nudge) { nudge.*member = value; });
        });
    };
    nudgeX_ = field(tr("Along"), Kind::length, card::ranges::position, 0.1, &setting::Nudge::x);
    nudgeY_ = field(tr("Off"), Kind::length, card::ranges::position, 0.1, &setting::Nudge::y);
    putBeside(nudgeY_, nudgeX_, tr("off"));
    nudgeTurn_ = field(tr("Letter turn"), Kind::angle, card::ranges::turn, 1, &setting::Nudge::turn);
    nudgeSize_ = field(tr("Letter size"), Kind::percent, card::ranges::scale, 1, &setting::Nudge::size);
    putBeside(nudgeSize_, nudgeTurn_, tr("size"));
    nudgeSpace_ = field(tr("Space after"), Kind::length, card::ranges::space, 0.1, &setting::Nudge::space);
    clearNudges_ = new QPushButton(tr("Clear all nudges"), this);
    wide(clearNudges_);
    connect(clearNudges_, &QPushButton::clicked, &editor_, &CardEditor::clearNudges);
}

void LetteringStation::makeTypefaces() {
    typefaces_ = new TypefaceList(maker_, this);
    connect(typefaces_, &TypefaceList::previewed, this, &LetteringStation::previewFace);
    connect(typefaces_, &TypefaceList::chosen, this, [this](const type::TypefaceChoice& choice) {
        previewFace(choice);
        emit drawerDone(typefaces_);
    });
    connect(typefaces_, &TypefaceList::abandoned, this, [this] {
        previewFace(faceBefore_);
        emit drawerDone(typefaces_);
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
    emit drawerWanted(tr("Typefaces"), typefaces_, [this] {
        editor_.endGesture();
        face_->setFocus();
    });
    const card::Inscription& inscription = *editor_.inscription();
    const card::Card& card = editor_.card();
    const setting::Filled filled = setting::filled(inscription.words, *card.rows, card.row);
    typefaces_->start(faceBefore_, QString::fromStdString(filled.words), inscription.style,
                      process::limitOf(card::rulesFor(card, &inscription), "strokeWatch").value_or(0));
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
    refreshFields();
    const card::Inscription* inscription = editor_.inscription();
    const bool ornament = inscription && inscription->isOrnament();
    refreshWords(ornament ? nullptr : inscription);
    refreshOrnament(inscription ? inscription->ornament : setting::Ornament{});
    refreshNudges(inscription);
    const bool scribed = isScribed();
    setRowVisible(stroke_, scribed || (!ornament && drawsLines()));
    setRowVisible(ends_, !ornament && (scribed || drawsLines()));
    setRowVisible(weight_, !scribed && !drawsLines());
    setRowVisible(cutsOut_, inscription && editor_.selected() > 0);
    if (!inscription)
        return;
    cutsOut_->setChecked(inscription->cutsOut);
    centreline_->setChecked(inscription->typeface.centreline);
    kerning_->setChecked(inscription->style.kerning);
    typefaceControls_->show(shownTypeface());
    setRowVisible(typefaceControls_, !typefaceControls_->empty());
    if (const auto& catalogue = maker_.catalogue()) {
        const card::Emphasis emphasis = card::emphasisOf(*inscription, *catalogue);
        const auto show = [](QPushButton* button, const QString& name, bool on, bool made) {
            button->setChecked(on);
            button->setText(made ? tr("%1 (made)").arg(name) : name);
            button->setToolTip(made ? tr("The family has no such face; it is made of this one") : QString());
        };
        show(bold_, tr("bold"), emphasis.bold, emphasis.boldMade);
        show(italic_, tr("italic"), emphasis.italic, emphasis.italicMade);
    }
    setRowVisible(centreline_, inscription->typeface.centreline || !drawsLines());
    ends_->choose(int(inscription->style.ends));
}

bool LetteringStation::isScribed() const {
    return editor_.inscription() && editor_.inscription()->working.kind == working::Kind::scribed;
}

std::shared_ptr<const type::Typeface> LetteringStation::shownTypeface() const {
    const auto& flat = maker_.shown().flat;
    const working::PlacedLetters* letters = flat ? flat->lettersOf(editor_.selected()) : nullptr;
    return letters ? letters->setting->typeface : nullptr;
}

bool LetteringStation::drawsLines() const {
    const std::shared_ptr<const type::Typeface> typeface = shownTypeface();
    return typeface && typeface->singleLine();
}

void LetteringStation::refreshWords(const card::Inscription* inscription) {
    const bool ornament = !inscription && editor_.inscription();
    for (QWidget* widget : std::initializer_list<QWidget*>{words_, face_, emphasis_, sizeBy_, size_,
                                                           letterSpace_, wordSpace_, lineSpace_, align_}) {
        widget->setEnabled(inscription != nullptr);
        setRowVisible(widget, !ornament);
    }
    // Of use where there are lines.
    const bool lines = inscription && inscription->words.find('\n') != std::string::npos;
    setRowVisible(lineSpace_, lines);
    setRowVisible(align_, lines);
    setFoldVisible(shapeFold_, !ornament);
    const QString words = inscription ? QString::fromStdString(inscription->words) : QString();
    if (words_->toPlainText() != words) {
        const QSignalBlocker quiet(words_);
        const int at = words_->textCursor().position();
        words_->setPlainText(words);
        QTextCursor cursor = words_->textCursor();
        cursor.setPosition(std::min(at, int(words.size())));
        words_->setTextCursor(cursor);
    }
    setRowVisible(language_, !ornament && language_->count() > 1);
    language_->setEnabled(inscription != nullptr);
    language_->setCurrentIndex(
        inscription ? std::max(0, language_->findData(QString::fromStdString(inscription->language))) : 0);
    if (inscription)
        spelling_.check(inscription->words, inscription->language);
    else
        spelling_.check({}, {});
    words_->setPlaceholderText(inscription ? tr("Words") : tr("Add an inscription first"));
    if (!inscription)
        return;
    face_->setText(wording::nameOf(inscription->typeface));
    face_->setAccessibleName(tr("Typeface: %1").arg(face_->text()));
    const setting::SizeBy by = inscription->style.sizeBy;
    sizeBy_->setCurrentIndex(int(by));
    setRowLabel(size_, wording::nameOf(by));
    align_->choose(int(inscription->style.align));
}

void LetteringStation::refreshOrnament(const setting::Ornament& ornament) {
    using Ornament = setting::OrnamentKind;
    const bool frame = ornament.kind == Ornament::frame, bar = ornament.kind == Ornament::bar;
    const bool border = ornament.kind == Ornament::border, artwork = ornament.kind == Ornament::artwork;
    const bool round = frame && !ornament.around.empty();
    const bool backing = ornament.kind == Ornament::backing;
    const bool strips = backing && setting::isOfStrips(ornament.form);
    const bool links = backing && ornament.form == setting::BackingForm::links;
    const bool bars = strips && !links;
    const int held = backing ? card::inscriptionCalled(editor_.card(), ornament.around) : -1;
    const bool holdsPierced =
        held >= 0 && editor_.card().inscriptions[size_t(held)].working.kind == working::Kind::pierced;
    const bool circle = frame && ornament.shape == setting::FrameShape::circle;
    const std::pair<QWidget*, bool> rows[]{
        {around_, frame || backing},
        {backingForm_, backing},
        {reach_, strips},
        {clear_, backing && ornament.form == setting::BackingForm::pins},
        {closes_, backing && ornament.form == setting::BackingForm::outline},
        {frameShape_, frame},
        {frameWidth_, (frame && !round) || bar},
        {frameHeight_, (frame && !round && !circle) || bar},
        {distance_, border || round || (backing && (!strips || (holdsPierced && !links)))},
        {band_, frame || border || strips},
        {frameCorner_, (frame && ornament.shape == setting::FrameShape::rectangle) || bar ||
                           (backing && ornament.form == setting::BackingForm::plate)},
        {scale_, artwork},
        {lineWidth_, artwork}};
    for (const auto& [widget, visible] : rows)
        setRowVisible(widget, visible);
    setRowLabel(frameWidth_, bar ? tr("Length") : circle ? tr("Diameter outside") : tr("Width outside"));
    setRowLabel(frameHeight_, bar ? tr("Thickness") : tr("Height outside"));
    setRowLabel(around_, backing ? tr("Holds") : tr("Goes round"));
    setRowLabel(band_, links ? tr("Width of links") : bars ? tr("Bar width") : tr("Band width"));
    setRowLabel(reach_, links ? tr("Reaches in") : tr("Least joint"));
    backingForm_->setCurrentIndex(int(ornament.form));
    frameShape_->setCurrentIndex(int(ornament.shape));
    around_->clear();
    around_->addItem(tr("nothing, its own size"), QString());
    const auto& all = editor_.card().inscriptions;
    const std::vector<std::string> ids = card::idsOf(editor_.card());
    for (size_t i = 0; i < all.size(); ++i)
        if (!all[i].isOrnament())
            around_->addItem(wording::nameOf(all[i], 18), QString::fromStdString(ids[i]));
    around_->setCurrentIndex(std::max(0, around_->findData(QString::fromStdString(ornament.around))));
}

void LetteringStation::refreshNudges(const card::Inscription* inscription) {
    const bool words = inscription && !inscription->isOrnament();
    const std::vector<int>& letters = editor_.letters();
    setFoldVisible(nudgeFold_, words);
    for (NumberField* field : {nudgeX_, nudgeY_, nudgeTurn_, nudgeSize_, nudgeSpace_})
        setRowVisible(field, !letters.empty());
    setRowVisible(clearNudges_, words && !inscription->nudges.empty());
    if (!words)
        return;
    const card::Card& card = editor_.card();
    const std::vector<setting::Nudge> nudges = card::nudgesAsMade(card, *inscription);
    const std::u32string all =
        type::codePoints(setting::filled(inscription->words, *card.rows, card.row).words);
    const auto letterAt = [&](int index) {
        return size_t(index) < all.size()
                   ? QString::fromStdString(type::utf8(std::u32string(1, all[size_t(index)])))
                   : QString();
    };
    QStringList chosen, nudged;
    for (const int letter : letters)
        chosen << letterAt(letter);
    for (const setting::Nudge& nudge : nudges)
        nudged << letterAt(nudge.letter);
    nudged_->setText(letters.empty()
                         ? nudged.isEmpty()
                               ? tr("Ctrl and a click on a letter, or Alt and the arrows on the board, "
                                    "choose letters to be nudged.")
                               : tr("Nudged: %1").arg(nudged.join(QLatin1Char(' ')))
                         : tr("Chosen: %1").arg(chosen.join(QLatin1Char(' '))));
    clearNudges_->setText(letters.empty() ? tr("Clear all nudges") : tr("Clear these nudges"));
    if (letters.empty())
        return;
    openFold(nudgeFold_, true);
    const setting::Nudge* found = setting::nudgeOf(nudges, letters.front());
    const setting::Nudge nudge = found ? *found : setting::Nudge{};
    const std::pair<NumberField*, double> fields[]{{nudgeX_, nudge.x},
                                                   {nudgeY_, nudge.y},
                                                   {nudgeTurn_, nudge.turn},
                                                   {nudgeSize_, nudge.size},
                                                   {nudgeSpace_, nudge.space}};
    for (const auto& [field, value] : fields) {
        field->setUnit(editor_.card().unit);
        field->setValue(value);
    }
}

} // namespace bollard::app
