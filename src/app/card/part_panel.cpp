#include "app/card/part_panel.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "body/find_side.hpp"
#include "drawing/tokens.hpp"
#include "quantity/quantity.hpp"
#include "wording/wording.hpp"
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace bollard::app {
namespace {

using blank::PartSide;

std::string freeName(const std::vector<PartSide>& sides) {
    for (int number = 1;; ++number) {
        const std::string name = QObject::tr("side %1").arg(number).toStdString();
        if (std::ranges::find(sides, name, &PartSide::name) == sides.end())
            return name;
    }
}

} // namespace

PartPanel::PartPanel(CardEditor& editor, Maker& maker, QWidget* parent)
    : QWidget(parent), editor_(editor), maker_(maker), background_(this) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    file_ = elidedButton(QString(), this);
    file_->setObjectName(QStringLiteral("value"));
    layout->addWidget(file_);
    connect(file_, &QPushButton::clicked, this, &PartPanel::fileWanted);
    rows_ = new QWidget(this);
    auto* rows = new QVBoxLayout(rows_);
    rows->setContentsMargins(0, 0, 0, 0);
    rows->setSpacing(4);
    layout->addWidget(rows_);
    point_ = elidedButton(tr("Point at a side"), this);
    point_->setCheckable(true);
    layout->addWidget(point_);
    connect(point_, &QPushButton::clicked, this, &PartPanel::pointingWanted);
    place_ = new QLineEdit(this);
    place_->setPlaceholderText(tr("or type a place on it: x, y, z"));
    place_->setAccessibleName(tr("A place on the side that words are to lie on, x, y and z"));
    layout->addWidget(place_);
    connect(place_, &QLineEdit::returnPressed, this, &PartPanel::addTyped);
    told_ = softLabel({}, this);
    told_->setWordWrap(true);
    layout->addWidget(told_);
    told_->hide();
    connect(&maker_, &Maker::stageDone, this, &PartPanel::refresh);
}

QString PartPanel::told() const {
    return told_->text();
}

void PartPanel::tell(const QString& text, bool problem) {
    told_->setText(problem ? QStringLiteral("<span style='color:%1'>%2</span>")
                                 .arg(drawing::tokens().stop.name(), text.toHtmlEscaped())
                           : text);
    told_->setVisible(!text.isEmpty());
}

void PartPanel::setPointing(bool pointing) {
    point_->setChecked(pointing);
    if (pointing)
        tell(tr("Click the side on the body; Escape leaves."), false);
}

void PartPanel::refresh() {
    const blank::PartFile& part = editor_.card().blank.part;
    file_->setText(part.file.empty() ? tr("Choose the part's file…")
                                     : QFileInfo(QString::fromStdString(part.file)).fileName());
    file_->setAccessibleName(tr("File of the part"));
    const bool there =
        maker_.shown().made.lettering && maker_.shown().made.lettering->part && !part.file.empty();
    point_->setEnabled(there);
    place_->setEnabled(there);
    if (shown_ == part.sides)
        return;
    shown_ = part.sides;
    emptyOut(*rows_);
    for (size_t i = 0; i < shown_.size(); ++i)
        addRow(shown_[i], i);
}

void PartPanel::addRow(const PartSide& side, size_t number) {
    auto* row = new QWidget(rows_);
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    const QString name = QString::fromStdString(side.name);
    auto* called = new QLineEdit(name, row);
    called->setAccessibleName(tr("Name of side %1").arg(number + 1));
    called->setMaximumWidth(80);
    layout->addWidget(called);
    connect(called, &QLineEdit::editingFinished, this, [this, called, number] {
        const std::string wanted = called->text().trimmed().toStdString(),
                          before = editor_.card().blank.part.sides[number].name;
        const auto& sides = editor_.card().blank.part.sides;
        if (wanted == before)
            return;
        if (wanted.empty() || std::ranges::find(sides, wanted, &PartSide::name) != sides.end()) {
            called->setText(QString::fromStdString(before));
            return tell(tr("Each side needs a name of its own."), true);
        }
        editor_.edit(tr("Name a side"), {}, [&](card::Card& card) {
            card.blank.part.sides[number].name = wanted;
            for (card::Inscription& inscription : card.inscriptions)
                if (inscription.side == before)
                    inscription.side = wanted;
        });
    });
    auto* told = softLabel(wording::foundSideText(side.found, editor_.card().unit), row);
    told->setWordWrap(true);
    layout->addWidget(told, 1);
    const bool flat = side.found.kind == blank::FoundSide::Kind::flat;
    auto* turn = new QPushButton(flat ? QStringLiteral("90°") : QStringLiteral("180°"), row);
    turn->setAccessibleName(tr("Turn what is up on “%1”").arg(name));
    turn->setToolTip(turn->accessibleName());
    layout->addWidget(turn);
    connect(turn, &QPushButton::clicked, this, [this, number, flat] {
        editor_.edit(tr("Turn a side"), {}, [&](card::Card& card) {
            PartSide& own = card.blank.part.sides[number];
            own.turn = std::remainder(own.turn + (flat ? 90 : 180), 360);
            own.found = {}; // it is found again so
        });
    });
    QPushButton* remove = iconButton(QStringLiteral("remove"), tr("Remove the side “%1”").arg(name), row);
    layout->addWidget(remove);
    connect(remove, &QPushButton::clicked, this, [this, number] {
        editor_.edit(tr("Remove a side"), {}, [&](card::Card& card) {
            card.blank.part.sides.erase(card.blank.part.sides.begin() + std::ptrdiff_t(number));
        });
    });
    rows_->layout()->addWidget(row);
    row->show();
}

void PartPanel::addTyped() {
    const QStringList parts = place_->text().split(QLatin1Char(','), Qt::SkipEmptyParts);
    std::array<double, 3> place{};
    for (int i = 0; i < 3; ++i) {
        const auto read =
            i < parts.size() ? quantity::lengthFromText(parts[i].trimmed().toStdString(), editor_.card().unit)
                             : quantity::Result<double>(quantity::Problem{});
        if (!read || parts.size() != 3)
            return tell(tr("Three lengths, parted by commas: x, y, z."), true);
        place[size_t(i)] = *read;
    }
    place_->clear();
    addSideAt({place[0], place[1], place[2]});
}

void PartPanel::addSideAt(const space::Vertex& place) {
    const auto& lettering = maker_.shown().made.lettering;
    if (!lettering || !lettering->part)
        return;
    tell(tr("Looking for the side…"), false);
    background_.start([this, part = lettering->part, place](const Background::Courier& courier) {
        auto found = body::sideAt(*part, {place.x, place.y, place.z}, 0);
        courier.post([this, found = std::move(found), place] { take(found, place); });
    });
}

void PartPanel::take(const quantity::Result<blank::FoundSide>& found, const space::Vertex& place) {
    if (!found)
        return tell(wording::sentenceOf(found.problem()), true);
    const auto& sides = editor_.card().blank.part.sides;
    // What is known already is not another side.
    const auto same = std::ranges::find_if(sides, [&](const PartSide& side) {
        return side.found.kind == found->kind && side.found.origin == found->origin &&
               side.found.outline == found->outline && side.found.radius == found->radius &&
               side.found.length == found->length;
    });
    if (same != sides.end()) {
        editor_.showSide(same->name);
        return tell(tr("That is “%1”.").arg(QString::fromStdString(same->name)), false);
    }
    const std::string name = freeName(sides);
    editor_.edit(tr("Add a side"), {}, [&](card::Card& card) {
        card.blank.part.sides.push_back({name, {place.x, place.y, place.z}, 0, *found});
    });
    editor_.showSide(name);
    tell(tr("“%1”: %2. Words that are written now lie on it.")
             .arg(QString::fromStdString(name), wording::foundSideText(*found, editor_.card().unit)),
         false);
}

} // namespace bollard::app
