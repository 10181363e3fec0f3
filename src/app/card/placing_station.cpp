#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrap_layout.hpp"
#include "card/arranging.hpp"
#include "card/lines.hpp"
#include "card/sides.hpp"
#include "quantity/field.hpp"
#include "setting/fields.hpp"
#include "wording/wording.hpp"
#include <QComboBox>
#include <QCoreApplication>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace bollard::app {

using Kind = NumberField::Kind;
using setting::BaselineKind;
constexpr int readingSides = 3, baselineKinds = 5;

PlacingStation::PlacingStation(CardEditor& editor, Maker& maker, QWidget* parent)
    : StationBody(editor, parent), maker_(maker), fitting_(this) {
    makeLine();
    makePlace();
    makeLargest();
    makeArranging();
    makeCurveNumbers();
}

const working::PlacedLetters* PlacingStation::shownLetters() const {
    const auto& flat = maker_.shown().flat;
    return flat ? flat->lettersOf(editor_.selected()) : nullptr;
}

void PlacingStation::editLine(const QString& name, const QString& key,
                              const std::function<void(setting::Baseline&)>& change) {
    editor_.editInscription(name, key, [&](card::Inscription& inscription) { change(inscription.baseline); });
}

void PlacingStation::makeLine() {
    line_ = new QComboBox(this);
    for (int i = 0; i < baselineKinds; ++i)
        line_->addItem(wording::nameOf(static_cast<BaselineKind>(i)));
    about("baseline");
    row(tr("Words run"), line_);
    line_->setAccessibleName(tr("What line the words stand on"));
    connect(line_, &QComboBox::activated, this,
            [this](int kind) { changeLine(static_cast<BaselineKind>(kind)); });
    const auto field = [this](const QString& label, std::string_view name) {
        return fieldRow(
            label, quantity::fieldsOf<setting::Baseline>(), name, 0.5, [this](card::Card& card) -> void* {
                return editor_.inscription() ? &card.inscriptions[size_t(editor_.selected())].baseline
                                             : nullptr;
            });
    };
    const auto choice = [this](const QString& label, const QStringList& options,
                               bool setting::Baseline::*member) {
        auto* made = new Choice(label, options, this, int(options.size()));
        row(label, made);
        connect(made, &Choice::picked, this, [this, label, member](int option) {
            editLine(tr("Change %1").arg(wording::withinSentence(label)), {},
                     [&](setting::Baseline& baseline) { baseline.*member = option == 1; });
        });
        return made;
    };
    radius_ = field(tr("Radius"), "radius");
    reads_ = new Choice(tr("Read at the"), {tr("top"), tr("bottom")}, this, 2);
    row(tr("Read at the"), reads_);
    connect(reads_, &Choice::picked, this, [this](int option) {
        if (const working::PlacedLetters* letters = shownLetters())
            editor_.editInscription(
                tr("Change where words are read"), {}, [&](card::Inscription& inscription) {
                    card::readAtBottom(editor_.card(), inscription, *letters->setting, option == 1);
                });
    });
    circleSide_ = choice(tr("Letters"), {tr("outside"), tr("inside")}, &setting::Baseline::inside);
    makeCurvePoints();
    closed_ = choice(tr("Curve"), {tr("open"), tr("closed")}, &setting::Baseline::closed);
    offset_ = field(tr("Off the line"), "offset");
    slide_ = field(tr("Along the line"), "slide");
    putBeside(slide_, offset_, tr("along"));
    bend_ = choice(tr("Each letter"), {tr("turns"), tr("bends")}, &setting::Baseline::bend);
    bend_->setToolTip(tr("Letters turn as they are, or are bent with the line"));
}

void PlacingStation::makeCurvePoints() {
    curvePoints_ = new QWidget(this);
    auto* grid = new QGridLayout(curvePoints_);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setSpacing(4);
    const auto button = [&](const QString& text, const QString& name, int line, int column, auto act) {
        auto* made = new QPushButton(text, curvePoints_);
        made->setAccessibleName(name);
        made->setToolTip(name);
        grid->addWidget(made, line, column);
        connect(made, &QPushButton::clicked, this, act);
    };
    const auto step = [this](int by) {
        const auto count = int(editor_.inscription()->baseline.points.size());
        if (count > 0)
            editor_.chooseCurvePoint((std::max(editor_.curvePoint(), by > 0 ? -1 : 0) + by + count) % count);
    };
    button(QStringLiteral("‹"), tr("Point before"), 0, 0, [step] { step(-1); });
    curvePoint_ = softLabel({}, curvePoints_);
    curvePoint_->setAlignment(Qt::AlignCenter);
    grid->addWidget(curvePoint_, 0, 1);
    button(QStringLiteral("›"), tr("Next point"), 0, 2, [step] { step(1); });
    button(tr("Add point"), tr("Add a point after this one"), 1, 0, [this] {
        int added = -1;
        editLine(tr("Add a point"), {}, [&](setting::Baseline& baseline) {
            added = card::addPoint(baseline, std::max(editor_.curvePoint(), 0));
        });
        editor_.chooseCurvePoint(added);
    });
    button(tr("Remove"), tr("Remove this point"), 1, 1, [this] {
        editLine(tr("Remove a point"), {},
                 [&](setting::Baseline& baseline) { card::removePoint(baseline, editor_.curvePoint()); });
        editor_.chooseCurvePoint(-1);
    });
    button(tr("From file…"), tr("Take the line from an SVG or DXF drawing"), 1, 2,
           [this] { emit curveFileWanted(); });
    wide(curvePoints_);
}

void PlacingStation::makeCurveNumbers() {
    pointFold_ = fold(tr("Numbers of the chosen point"));
    pointKind_ = new Choice(tr("Point"), {tr("corner"), tr("smooth")}, this, 2);
    row(tr("Point"), pointKind_);
    connect(pointKind_, &Choice::picked, this, [this](int smooth) {
        editLine(tr("Change a point"), {}, [&](setting::Baseline& baseline) {
            card::smoothPoint(baseline, editor_.curvePoint(), smooth == 1);
        });
    });
    const auto place = [this](const QString& label, double setting::CurvePoint::*member) {
        return number(label, Kind::length, card::ranges::position, 1, [this, label, member](double value) {
            editLine(tr("Move a point"), label, [&](setting::Baseline& baseline) {
                const int point = editor_.curvePoint();
                if (point >= 0 && size_t(point) < baseline.points.size())
                    baseline.points[size_t(point)].*member = value;
            });
        });
    };
    pointX_ = place(tr("Point across"), &setting::CurvePoint::x);
    pointY_ = place(tr("Point up"), &setting::CurvePoint::y);
    putBeside(pointY_, pointX_, tr("up"));
    const std::array<QString, 4> names{tr("Handle before, across"), tr("Handle before, up"),
                                       tr("Handle after, across"), tr("Handle after, up")};
    for (size_t i = 0; i < handles_.size(); ++i)
        handles_[i] = number(names[i], Kind::length, card::ranges::position, 1, [this, i](double value) {
            editLine(tr("Move a handle"), QStringLiteral("handle%1").arg(i),
                     [&](setting::Baseline& baseline) {
                         const int number = editor_.curvePoint();
                         if (number < 0 || size_t(number) >= baseline.points.size())
                             return;
                         const setting::CurvePoint& point = baseline.points[size_t(number)];
                         const bool before = i < 2;
                         plane::Vector handle = before ? point.before : point.after;
                         (i % 2 == 0 ? handle.x : handle.y) = value;
                         card::movePoint(baseline, number,
                                         before ? card::PointPart::before : card::PointPart::after,
                                         plane::Vector{point.x, point.y} + handle);
                     });
        });
    putBeside(handles_[1], handles_[0], tr("up"));
    putBeside(handles_[3], handles_[2], tr("up"));
}

void PlacingStation::makePlace() {
    anchor_ = new Choice(tr("Anchor"),
                         {QStringLiteral("↖"), QStringLiteral("↑"), QStringLiteral("↗"), QStringLiteral("←"),
                          QStringLiteral("·"), QStringLiteral("→"), QStringLiteral("↙"), QStringLiteral("↓"),
                          QStringLiteral("↘")},
                         this, 3);
    const QStringList names{tr("top left"),    tr("top"),    tr("top right"),
                            tr("left"),        tr("centre"), tr("right"),
                            tr("bottom left"), tr("bottom"), tr("bottom right")};
    for (int i = 0; i < names.size(); ++i) {
        anchor_->button(i)->setAccessibleName(tr("Anchor: %1").arg(names[i]));
        anchor_->button(i)->setToolTip(tr("Hold the words at their %1").arg(names[i]));
    }
    anchor_->setFixedWidth(drawing::scaled(120));
    about("anchor");
    row(tr("Anchor"), anchor_);
    // Another anchor names another point of the words; the words themselves stay where they are.
    connect(anchor_, &Choice::picked, this, [this](int anchor) {
        const working::PlacedLetters* letters = shownLetters();
        editor_.editInscription(tr("Change anchor"), {}, [&](card::Inscription& inscription) {
            inscription.placing.anchor = static_cast<setting::Anchor>(anchor);
            if (!letters)
                return;
            const plane::Vector at = letters->place.anchorOnSide(inscription.placing.anchor);
            inscription.placing.x = std::round(at.x * 1000) / 1000;
            inscription.placing.y = std::round(at.y * 1000) / 1000;
        });
    });
    const auto field = [this](const QString& label, std::string_view name) {
        return fieldRow(
            label, quantity::fieldsOf<setting::Placing>(), name, 1, [this](card::Card& card) -> void* {
                return editor_.inscription() ? &card.inscriptions[size_t(editor_.selected())].placing
                                             : nullptr;
            });
    };
    x_ = field(tr("Across, x"), "x");
    y_ = field(tr("Up, y"), "y");
    putBeside(y_, x_, tr("up, y"));
    turn_ = field(tr("Turn"), "turn");
    reading_ = new QComboBox(this);
    for (int i = 0; i < readingSides; ++i)
        reading_->addItem(wording::nameOf(static_cast<setting::ReadingSide>(i)));
    about("reading");
    row(tr("Words read"), reading_);
    reading_->setAccessibleName(tr("From where the words are read"));
    connect(reading_, &QComboBox::activated, this, [this](int side) {
        editor_.editInscription(tr("Change reading side"), {}, [&](card::Inscription& inscription) {
            inscription.placing.reading = static_cast<setting::ReadingSide>(side);
        });
    });
    choiceRow(tr("Goes"), tr("Whether letters or words go one by one to facets"),
              tr("Change what goes to each facet"),
              {tr("on in a row"), tr("a letter to each facet"), tr("a word to each facet")},
              quantity::fieldsOf<setting::GiveOut>(), "by", ofSelected(&card::Inscription::giveOut),
              [this] { return goesRound(); });
    choiceRow(tr("Letters"), tr("Whether letters narrow as the side does or keep their shape"),
              tr("Change the shape of letters"), {tr("narrow towards the ends"), tr("keep their shape")},
              quantity::fieldsOf<setting::Placing>(), "shape", ofSelected(&card::Inscription::placing),
              [this] {
                  const card::Inscription* const chosen = editor_.inscription();
                  return chosen && blank::isUneven(editor_.card().blank, chosen->side);
              });
    const quantity::PartFields& givenOut = quantity::fieldsOf<setting::GiveOut>();
    fieldRow(tr("Each turned by"), givenOut, "turn", 15, ofSelected(&card::Inscription::giveOut),
             [this] { return goesRound() && editor_.inscription()->giveOut.by != setting::GiveOut::By::no; });
    fieldRow(
        tr("Parts round"), quantity::fieldsOf<blank::Blank>(), "facets", 1,
        [](card::Card& card) { return &card.blank; },
        [this] {
            return goesRound() && editor_.inscription()->giveOut.by != setting::GiveOut::By::no &&
                   editor_.card().blank.kind != blank::Kind::faceted;
        });
    side_ = new QComboBox(this);
    about("side");
    row(tr("Side"), side_);
    side_->setAccessibleName(tr("Side of the blank that the words lie on"));
    connect(side_, &QComboBox::activated, this, [this](int number) {
        const std::string side = side_->itemData(number).toString().toStdString();
        const plane::Vector size = blank::sizeOf(editor_.card().blank, side);
        editor_.editChosen(tr("Change side"), {}, [&](card::Inscription& inscription) {
            inscription.side = number == 0 ? std::string() : side;
            setting::Placing& placing = inscription.placing;
            const bool there = placing.x >= 0 && placing.y >= 0 && placing.x <= size.x && placing.y <= size.y;
            if (!there && size.x > 0) {
                placing.x = size.x / 2;
                placing.y = size.y / 2;
            }
        });
        editor_.showSide(side);
    });
    centre_ = new QPushButton(tr("Centre on the side"), this);
    wide(centre_);
    connect(centre_, &QPushButton::clicked, this, [this] {
        editor_.editInscription(tr("Centre on the side"), {}, [&](card::Inscription& inscription) {
            const plane::Vector size = blank::sizeOf(editor_.card().blank, inscription.side);
            inscription.placing.anchor = setting::Anchor::centre;
            inscription.placing.x = size.x / 2;
            inscription.placing.y = size.y / 2;
        });
    });
}

bool PlacingStation::goesRound() const {
    const card::Inscription* inscription = editor_.inscription();
    return inscription && !inscription->isOrnament() &&
           blank::turnOf(editor_.card().blank, inscription->side) > 0;
}

void PlacingStation::refreshSides(const card::Inscription& inscription) {
    const blank::Blank& blank = editor_.card().blank;
    const auto sides = blank::sidesOf(blank);
    side_->clear();
    for (const std::string_view side : sides)
        side_->addItem(wording::nameOfSide(side), QString::fromUtf8(side.data(), qsizetype(side.size())));
    const std::string_view own = blank::sideOf(blank, inscription.side);
    if (own.empty()) // the blank lacks it
        side_->addItem(wording::nameOfSide(inscription.side), QString::fromStdString(inscription.side));
    side_->setCurrentIndex(own.empty() ? side_->count() - 1
                                       : int(std::ranges::find(sides, own) - sides.begin()));
    setRowVisible(side_, sides.size() > 1 || own.empty());
    setRowVisible(seam_, goesRound());
    setRowVisible(toSides_, sides.size() > 1 && !own.empty());
}

void PlacingStation::makeLargest() {
    about("margin");
    margin_ = number(tr("Margin"), Kind::length, card::ranges::margin, 0.5, [this](double value) {
        editor_.edit(tr("Change margin"), QStringLiteral("margin"),
                     [&](card::Card& card) { card.blank.margin = value; });
    });
    leastWidth_ = new QComboBox(this);
    leastWidth_->addItem(tr("as wide as they are"), card::ranges::width.most);
    for (const int percent : {95, 90, 85, 80, 75, 70, 60, 50})
        leastWidth_->addItem(tr("down to %1 % width").arg(percent), percent);
    about("fit");
    row(tr("Squeezed"), leastWidth_);
    leastWidth_->setAccessibleName(tr("How narrow letters may be made to fit"));
    largest_ = new QPushButton(tr("Largest that fits"), this);
    wide(largest_);
    connect(largest_, &QPushButton::clicked, this, &PlacingStation::fitLargest);
    told_ = softLabel({}, this);
    told_->setWordWrap(true);
    told_->hide();
    wide(told_);
}

void PlacingStation::makeArranging() {
    arrangeFold_ = fold(tr("Arrange"));
    arrangeTo_ = new QComboBox(this);
    arrangeTo_->addItems({tr("the blank"), tr("the margin"), tr("the one chosen last")});
    row(tr("In line with"), arrangeTo_);
    arrangeTo_->setAccessibleName(tr("What the inscriptions are put in line with"));
    arrangeButtons_ = new QWidget(this);
    auto* flow = new WrapLayout(4, arrangeButtons_);
    const std::array<QString, card::arrangements> names{tr("left"),          tr("centre"),   tr("right"),
                                                        tr("top"),           tr("middle"),   tr("bottom"),
                                                        tr("spread across"), tr("spread up")};
    for (int i = 0; i < card::arrangements; ++i) {
        auto* button = new QPushButton(names[size_t(i)], arrangeButtons_);
        button->setAccessibleName(tr("Arrange: %1").arg(names[size_t(i)]));
        flow->addWidget(button);
        connect(button, &QPushButton::clicked, this,
                [this, i] { arrange(static_cast<card::Arrangement>(i)); });
    }
    wide(arrangeButtons_);
    auto* same = new QPushButton(tr("Same size as the last"), this);
    wide(same);
    connect(same, &QPushButton::clicked, this, [this] {
        editor_.edit(tr("Same size"), {}, [&](card::Card& card) { card::sameSize(card, editor_.chosen()); });
    });
    seam_ = elidedButton(tr("Put the seam across from these words"), this);
    seam_->setToolTip(seam_->text());
    seam_->setObjectName(QStringLiteral("link"));
    about("seam");
    wide(seam_);
    connect(seam_, &QPushButton::clicked, this, [this] {
        const card::Inscription* const words = editor_.inscription();
        const auto extent = words ? card::extentOf(maker_.lettering(), editor_.selected()) : std::nullopt;
        if (!extent)
            return;
        const std::string side = words->side;
        const double middle = (extent->low.x + extent->high.x) / 2;
        editor_.edit(tr("Move the seam"), {}, [&](card::Card& card) {
            card::moveSeam(card, side, middle - blank::turnOf(card.blank, side) / 2);
        });
    });
    toSides_ = elidedButton(tr("Copy this side to the others"), this);
    toSides_->setToolTip(toSides_->text());
    toSides_->setObjectName(QStringLiteral("link"));
    wide(toSides_);
    connect(toSides_, &QPushButton::clicked, this, [this] {
        const std::string side = editor_.side();
        editor_.add(tr("Copy a side to the others"), card::copiesOnOtherSides(editor_.card(), side));
        editor_.showSide(side);
    });
    group_ = new QPushButton(this);
    wide(group_);
    connect(group_, &QPushButton::clicked, this, [this] {
        editor_.edit(group_->text(), {}, [&](card::Card& card) { card::group(card, editor_.chosen()); });
    });
    auto* hint = softLabel(tr("Shift and a click, on the board or a slip, chooses several."), this);
    hint->setWordWrap(true);
    wide(hint);
}

void PlacingStation::changeLine(BaselineKind kind) {
    const working::PlacedLetters* letters = shownLetters();
    if (!letters || !editor_.inscription() || editor_.inscription()->isOrnament())
        return;
    editor_.editInscription(tr("Change the line of the words"), {}, [&](card::Inscription& inscription) {
        card::changeBaseline(editor_.card(), inscription, *letters->setting, kind);
    });
}

void PlacingStation::arrange(card::Arrangement how) {
    if (maker_.busy()) { // where things lie now is known when the letters are made
        const auto again = [this, how, chosen = editor_.chosen()] {
            if (chosen == editor_.chosen())
                arrange(how);
        };
        connect(&maker_, &Maker::busyChanged, this, again, Qt::SingleShotConnection);
        return;
    }
    const auto& lettering = maker_.shown().made.lettering;
    if (!lettering)
        return;
    editor_.edit(tr("Arrange"), {}, [&](card::Card& card) {
        card::arrange(card, *lettering, editor_.chosen(), how,
                      static_cast<card::ArrangeTo>(arrangeTo_->currentIndex()));
    });
}

void PlacingStation::fitLargest() {
    const working::PlacedLetters* letters = shownLetters();
    if (!letters || !editor_.inscription() || editor_.inscription()->isOrnament())
        return;
    largest_->setEnabled(false);
    const int selected = editor_.selected();
    fitting_.start([this, selected, inscription = *editor_.inscription(), card = editor_.card(),
                    typeface = letters->setting->typeface,
                    least = leastWidth_->currentData().toDouble()](const Background::Courier& courier) {
        const std::optional<card::Fit> fit =
            card::largestThatFits(card, inscription, typeface, least, courier.stop());
        courier.post([this, selected, inscription, fit] { takeLargest(selected, inscription, fit); });
    });
}

void PlacingStation::takeLargest(int selected, const card::Inscription& inscription,
                                 std::optional<card::Fit> fit) {
    largest_->setEnabled(true);
    setRowVisible(told_, true);
    if (!fit)
        return told_->setText(
            tr("No size fits here: the anchor lies outside the margin, or there is no blank."));
    if (selected != editor_.selected() || !editor_.inscription() || !(*editor_.inscription() == inscription))
        return told_->setText(tr("The words changed meanwhile; nothing was done."));
    editor_.editInscription(tr("Largest that fits"), {}, [&](card::Inscription& changed) {
        changed.style.size = fit->size;
        changed.style.width = fit->width;
    });
    told_->setText(wording::letteringSummary(editor_.card(), editor_.selected()));
}

void PlacingStation::refresh() {
    const card::Inscription* inscription = editor_.inscription();
    const bool words = inscription && !inscription->isOrnament();
    const bool withWords = inscription && inscription->ornament.goesWithWords();
    refreshFields();
    for (QWidget* widget : std::initializer_list<QWidget*>{anchor_, x_, y_, turn_, side_, reading_, centre_})
        widget->setEnabled(inscription != nullptr && !withWords);
    line_->setEnabled(words);
    largest_->setEnabled(words && editor_.card().blank.kind != blank::Kind::none);
    margin_->setUnit(editor_.card().unit);
    margin_->setValue(editor_.card().blank.margin);
    const bool several = editor_.chosen().size() > 1;
    group_->setText(card::areGroup(editor_.card(), editor_.chosen()) ? tr("Take the group apart")
                                                                     : tr("Make a group"));
    group_->setEnabled(several);
    arrangeButtons_->setEnabled(inscription != nullptr);
    setFoldVisible(arrangeFold_, inscription != nullptr);
    if (several)
        openFold(arrangeFold_, true);
    refreshLine(words ? *inscription : card::Inscription{});
    if (!inscription)
        return;
    anchor_->choose(int(inscription->placing.anchor));
    reading_->setCurrentIndex(int(inscription->placing.reading));
    refreshSides(*inscription);
}

void PlacingStation::refreshLine(const card::Inscription& inscription) {
    const setting::Baseline& baseline = inscription.baseline;
    const BaselineKind kind = baseline.kind;
    const bool round = kind == BaselineKind::arc || kind == BaselineKind::circle;
    const bool curve = kind == BaselineKind::curve, edge = kind == BaselineKind::edge;
    line_->setCurrentIndex(int(kind));
    setRowVisible(radius_, round);
    setRowVisible(reads_, kind == BaselineKind::circle || edge);
    setRowVisible(circleSide_, kind == BaselineKind::circle);
    for (QWidget* widget : std::initializer_list<QWidget*>{offset_, slide_, bend_})
        setRowVisible(widget, kind != BaselineKind::straight);
    setRowVisible(closed_, curve);
    setRowVisible(curvePoints_, curve);
    setRowVisible(anchor_, !curve && !edge); // a curve has its own origin
    reads_->choose(baseline.atBottom ? 1 : 0);
    circleSide_->choose(baseline.inside ? 1 : 0);
    bend_->choose(baseline.bend ? 1 : 0);
    closed_->choose(baseline.closed ? 1 : 0);
    refreshCurvePoint(baseline);
}

void PlacingStation::refreshCurvePoint(const setting::Baseline& baseline) {
    const int point = editor_.curvePoint();
    const bool chosen =
        baseline.kind == BaselineKind::curve && point >= 0 && size_t(point) < baseline.points.size();
    curvePoint_->setText(chosen ? tr("point %1 of %2").arg(point + 1).arg(baseline.points.size())
                                : tr("%1 points").arg(baseline.points.size()));
    for (QWidget* widget : std::initializer_list<QWidget*>{pointKind_, pointX_, pointY_})
        setRowVisible(widget, chosen);
    for (NumberField* handle : handles_)
        setRowVisible(handle, chosen);
    setFoldVisible(pointFold_, chosen);
    if (!chosen)
        return;
    const setting::CurvePoint& shown = baseline.points[size_t(point)];
    pointKind_->choose(shown.smooth ? 1 : 0);
    const std::pair<NumberField*, double> fields[]{{pointX_, shown.x},
                                                   {pointY_, shown.y},
                                                   {handles_[0], shown.before.x},
                                                   {handles_[1], shown.before.y},
                                                   {handles_[2], shown.after.x},
                                                   {handles_[3], shown.after.y}};
    for (const auto& [field, value] : fields) {
        field->setUnit(editor_.card().unit);
        field->setValue(value);
    }
}

} // namespace bollard::app
