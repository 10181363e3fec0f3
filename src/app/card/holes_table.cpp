#include "app/card/holes_table.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/number_field.hpp"
#include "wording/wording.hpp"
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace bollard::app {
namespace {

const quantity::PartFields& fields() {
    return quantity::fieldsOf<blank::Hole>();
}

double& numberAt(const quantity::Field& field, blank::Hole& hole) {
    return std::get<quantity::held::Number>(field.holds).at(&hole);
}

} // namespace

HolesTable::HolesTable(CardEditor& editor, QWidget* parent) : QWidget(parent), editor_(editor) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    rows_ = new QWidget(this);
    (new QVBoxLayout(rows_))->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(rows_);
    add_ = new QPushButton(tr("Add a hole"), this);
    add_->setObjectName(QStringLiteral("link"));
    layout->addWidget(add_);
    connect(add_, &QPushButton::clicked, this, [this] {
        editor_.edit(tr("Add hole"), {}, [](card::Card& card) {
            const plane::Vector size = blank::sizeOf(card.blank);
            const double inset = std::min(8.0, size.x / 4);
            // The second hole is like the first, and goes opposite it.
            const bool second = card.blank.holes.size() % 2 == 1;
            blank::Hole hole = second ? card.blank.holes.back() : blank::Hole{inset, size.y / 2};
            if (second)
                hole.x = size.x - hole.x;
            card.blank.holes.push_back(hole);
        });
    });
}

void HolesTable::refresh() {
    const auto& holes = editor_.card().blank.holes;
    if (shown_.size() != holes.size())
        rebuild(holes.size());
    for (size_t i = 0; i < holes.size(); ++i) {
        blank::Hole hole = holes[i];
        shown_[i].kind->setCurrentIndex(int(hole.kind));
        for (const auto& [number, field] : shown_[i].numbers) {
            number->setUnit(editor_.card().unit);
            number->setValue(numberAt(*field, hole));
            number->parentWidget()->setVisible(!field->matters || field->matters(&hole));
        }
    }
}

void HolesTable::rebuild(size_t count) {
    emptyOut(*rows_);
    shown_.clear();
    for (size_t i = 0; i < count; ++i)
        addRow(i);
}

void HolesTable::addRow(size_t number) {
    Row row;
    const auto line = [&] {
        auto* made = new QWidget(rows_);
        auto* layout = new QHBoxLayout(made);
        layout->setContentsMargins(0, 0, 0, 0);
        layout->setSpacing(4);
        rows_->layout()->addWidget(made);
        made->show();
        return layout;
    };
    const auto field = [&](QHBoxLayout* into, const QString& label, const QString& full,
                           std::string_view name, double step) {
        const quantity::Field* const of = fields().find(name);
        const bool angle = of->dimension == quantity::Dimension::angle;
        auto* group = new QWidget(this);
        auto* layout = new QHBoxLayout(group);
        layout->setContentsMargins(0, 0, 0, 0);
        layout->setSpacing(4);
        auto* made = new NumberField(tr("Hole %1, %2").arg(number + 1).arg(full),
                                     angle ? NumberField::Kind::angle : NumberField::Kind::length, of->range,
                                     step, group);
        made->setUnitShown(angle);
        layout->addWidget(softLabel(label, group));
        layout->addWidget(made, 1);
        into->addWidget(group, 1);
        row.numbers.emplace_back(made, of);
        connect(made, &NumberField::edited, this, [this, number, of](double value) {
            editor_.edit(tr("Change hole"), {},
                         [&](card::Card& card) { numberAt(*of, card.blank.holes[number]) = value; });
        });
    };
    QHBoxLayout* where = line();
    field(where, QStringLiteral("x"), QStringLiteral("x"), "x", 0.5);
    field(where, QStringLiteral("y"), QStringLiteral("y"), "y", 0.5);
    field(where, QStringLiteral("⌀"), QStringLiteral("⌀"), "diameter", 0.5);
    QPushButton* remove = iconButton(QStringLiteral("remove"), tr("Remove hole %1").arg(number + 1), this);
    where->addWidget(remove);
    connect(remove, &QPushButton::clicked, this, [this, number] {
        editor_.edit(tr("Remove hole"), {}, [&](card::Card& card) {
            card.blank.holes.erase(card.blank.holes.begin() + std::ptrdiff_t(number));
        });
    });
    QHBoxLayout* what = line();
    row.kind = new QComboBox(this);
    row.kind->setAccessibleName(tr("Hole %1, its kind").arg(number + 1));
    for (int kind = 0; kind < blank::holeKinds; ++kind)
        row.kind->addItem(wording::nameOf(static_cast<blank::HoleKind>(kind)));
    what->addWidget(row.kind, 1);
    connect(row.kind, &QComboBox::activated, this, [this, number](int kind) {
        editor_.edit(tr("Change the kind of hole"), {}, [&](card::Card& card) {
            card.blank.holes[number].kind = static_cast<blank::HoleKind>(kind);
        });
    });
    field(what, tr("long"), tr("length"), "length", 0.5);
    field(what, tr("turned"), tr("turn"), "turn", 15);
    field(what, tr("head ⌀"), tr("head"), "head", 0.5);
    field(what, tr("cone"), tr("angle of its cone"), "angle", 5);
    shown_.push_back(std::move(row));
}

} // namespace bollard::app
