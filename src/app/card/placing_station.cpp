#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include "card/fit.hpp"
#include "wording/wording.hpp"
#include <QComboBox>
#include <QCoreApplication>
#include <QLabel>
#include <QPointer>
#include <QPushButton>
#include <QThreadPool>

namespace bollard::app {

using Kind = NumberField::Kind;
constexpr int readingSides = 3;

PlacingStation::PlacingStation(CardEditor& editor, Maker& maker, QWidget* parent)
    : StationBody(editor, parent), maker_(maker) {
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
    anchor_->setFixedWidth(120);
    row(tr("Anchor"), anchor_);
    // Another anchor names another point of the words; the words themselves stay where they are.
    connect(anchor_, &Choice::picked, this, [this](int anchor) {
        const auto& flat = maker_.shown().flat;
        const working::PlacedLetters* letters = flat ? flat->lettersOf(editor_.selected()) : nullptr;
        editor_.editInscription(tr("Change anchor"), {}, [&](card::Inscription& inscription) {
            inscription.placing.anchor = static_cast<setting::Anchor>(anchor);
            if (!letters)
                return;
            const plane::Vector at = letters->place.anchorOnSide(inscription.placing.anchor);
            inscription.placing.x = std::round(at.x * 1000) / 1000;
            inscription.placing.y = std::round(at.y * 1000) / 1000;
        });
    });
    const auto field = [this](const QString& label, Kind kind, card::Range range,
                              double setting::Placing::*member) {
        return number(label, kind, range, 1, [this, label, member](double value) {
            editor_.editInscription(tr("Change placing"), label, [&](card::Inscription& inscription) {
                inscription.placing.*member = value;
            });
        });
    };
    x_ = field(tr("Across, x"), Kind::length, card::ranges::position, &setting::Placing::x);
    y_ = field(tr("Up, y"), Kind::length, card::ranges::position, &setting::Placing::y);
    turn_ = field(tr("Turn"), Kind::angle, card::ranges::turn, &setting::Placing::turn);
    reading_ = new QComboBox(this);
    for (int i = 0; i < readingSides; ++i)
        reading_->addItem(wording::nameOf(static_cast<setting::ReadingSide>(i)));
    row(tr("Words read"), reading_);
    reading_->setAccessibleName(tr("From where the words are read"));
    connect(reading_, &QComboBox::activated, this, [this](int side) {
        editor_.editInscription(tr("Change reading side"), {}, [&](card::Inscription& inscription) {
            inscription.placing.reading = static_cast<setting::ReadingSide>(side);
        });
    });
    auto* centre = new QPushButton(tr("Centre on the blank"), this);
    wide(centre);
    connect(centre, &QPushButton::clicked, this, [this] {
        editor_.editInscription(tr("Centre on the blank"), {}, [&](card::Inscription& inscription) {
            const plane::Vector size = blank::sizeOf(editor_.card().blank);
            inscription.placing.anchor = setting::Anchor::centre;
            inscription.placing.x = size.x / 2;
            inscription.placing.y = size.y / 2;
        });
    });
    margin_ = number(tr("Margin"), Kind::length, card::ranges::margin, 0.5, [this](double value) {
        editor_.edit(tr("Change margin"), QStringLiteral("margin"),
                     [&](card::Card& card) { card.blank.margin = value; });
    });
    largest_ = new QPushButton(tr("Largest that fits"), this);
    wide(largest_);
    connect(largest_, &QPushButton::clicked, this, &PlacingStation::fitLargest);
    told_ = softLabel({}, this);
    told_->setWordWrap(true);
    told_->hide();
    wide(told_);
}

void PlacingStation::fitLargest() {
    const auto& flat = maker_.shown().flat;
    const working::PlacedLetters* letters = flat ? flat->lettersOf(editor_.selected()) : nullptr;
    if (!letters || !editor_.inscription())
        return;
    largest_->setEnabled(false);
    const int selected = editor_.selected();
    QThreadPool::globalInstance()->start([guard = QPointer(this), selected,
                                          inscription = *editor_.inscription(), blank = editor_.card().blank,
                                          typeface = letters->setting->typeface] {
        const std::optional<double> size = card::largestThatFits(inscription, blank, blank.margin, typeface);
        QMetaObject::invokeMethod(qApp, [guard, selected, inscription, size] {
            if (guard) // else the window went meanwhile
                guard->takeLargest(selected, inscription, size);
        });
    });
}

void PlacingStation::takeLargest(int selected, const card::Inscription& inscription,
                                 std::optional<double> size) {
    largest_->setEnabled(true);
    told_->show();
    if (!size)
        return told_->setText(
            tr("No size fits here: the anchor lies outside the margin, or there is no blank."));
    if (selected != editor_.selected() || !editor_.inscription() || !(*editor_.inscription() == inscription))
        return told_->setText(tr("The words changed meanwhile; nothing was done."));
    editor_.editInscription(tr("Largest that fits"), {},
                            [&](card::Inscription& changed) { changed.style.size = *size; });
    told_->setText(wording::sizeText(editor_.inscription()->style, editor_.card().unit));
}

void PlacingStation::refresh() {
    const card::Inscription* inscription = editor_.inscription();
    for (QWidget* widget : std::initializer_list<QWidget*>{anchor_, x_, y_, turn_, reading_})
        widget->setEnabled(inscription != nullptr);
    largest_->setEnabled(inscription && editor_.card().blank.kind != blank::Kind::none);
    margin_->setUnit(editor_.card().unit);
    margin_->setValue(editor_.card().blank.margin);
    if (!inscription)
        return;
    anchor_->choose(int(inscription->placing.anchor));
    reading_->setCurrentIndex(int(inscription->placing.reading));
    const std::pair<NumberField*, double> fields[]{
        {x_, inscription->placing.x}, {y_, inscription->placing.y}, {turn_, inscription->placing.turn}};
    for (const auto& [field, value] : fields) {
        field->setUnit(editor_.card().unit);
        field->setValue(value);
    }
}

} // namespace bollard::app
