#include "app/card/stations.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "blank/shape.hpp"
#include "quantity/field.hpp"
#include <QCheckBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace bollard::app {

using Kind = NumberField::Kind;

BlankStation::BlankStation(CardEditor& editor, QWidget* parent) : StationBody(editor, parent) {
    kind_ = new Choice(tr("Blank"), {tr("none"), tr("plate"), tr("disc"), tr("bar")}, this);
    wide(kind_);
    connect(kind_, &Choice::picked, this, [this](int kind) {
        editor_.edit(tr("Change the blank"), {},
                     [&](card::Card& card) { card.blank.kind = static_cast<blank::Kind>(kind); });
    });
    const auto field = [this](const QString& label, std::string_view name, double step) {
        fieldRow(label, quantity::fieldsOf<blank::Blank>(), name, step,
                 [](card::Card& card) { return &card.blank; });
    };
    field(tr("Width"), "width", 1);
    field(tr("Height"), "height", 1);
    field(tr("Corner radius"), "corner", 1);
    field(tr("Diameter"), "diameter", 1);
    field(tr("Length"), "length", 1);
    field(tr("Centre hole"), "centreHole", 0.5);
    field(tr("Thickness"), "thickness", 0.2);
    field(tr("Margin"), "margin", 0.5);
    edge_ = edgeRows(
        tr("Edge"), tr("How the edge of the blank is broken"), tr("Change the blank's edge"), 0.2,
        [](card::Card& card) { return &card.blank.edge; },
        [this] { return blank::hasEdge(editor_.card().blank); });
    edgeBoth_ = new QCheckBox(tr("At the back too"), this);
    wide(edgeBoth_);
    connect(edgeBoth_, &QCheckBox::clicked, this, [this](bool both) {
        editor_.edit(tr("Change where the edge is"), {},
                     [&](card::Card& card) { card.blank.edgeBoth = both; });
    });
    holes_ = new QWidget(this);
    (new QVBoxLayout(holes_))->setContentsMargins(0, 0, 0, 0);
    wide(holes_);
    addHole_ = new QPushButton(tr("Add a round hole"), this);
    addHole_->setObjectName(QStringLiteral("link"));
    wide(addHole_);
    connect(addHole_, &QPushButton::clicked, this, [this] {
        editor_.edit(tr("Add hole"), {}, [](card::Card& card) {
            const plane::Vector size = blank::sizeOf(card.blank);
            const double inset = std::min(8.0, size.x / 4);
            // The second hole goes opposite the first.
            const bool second = card.blank.holes.size() % 2 == 1;
            card.blank.holes.push_back({second ? size.x - inset : inset, size.y / 2, 4});
        });
    });
}

void BlankStation::refresh() {
    const blank::Blank& blank = editor_.card().blank;
    kind_->choose(int(blank.kind));
    refreshFields();
    refreshEdge(edge_);
    edgeBoth_->setChecked(blank.edgeBoth);
    const bool broken =
        blank.edge.kind == blank::EdgeKind::chamfer || blank.edge.kind == blank::EdgeKind::round;
    setRowVisible(edgeBoth_, blank::hasEdge(blank) && broken);
    const bool there = blank::shapeOf(blank).takesHoles;
    addHole_->setVisible(there);
    holes_->setVisible(there);
    rebuildHoles();
}

void BlankStation::rebuildHoles() {
    const auto& holes = editor_.card().blank.holes;
    if (shownHoles_ != holes.size()) {
        emptyOut(*holes_);
        for (size_t i = 0; i < holes.size(); ++i) {
            auto* line = new QWidget(holes_);
            auto* layout = new QHBoxLayout(line);
            layout->setContentsMargins(0, 0, 0, 0);
            layout->setSpacing(4);
            const auto field = [&](const QString& name, card::Range range, double blank::Hole::*member) {
                auto* made =
                    new NumberField(tr("Hole %1, %2").arg(i + 1).arg(name), Kind::length, range, 0.5, line);
                made->setUnitShown(false);
                layout->addWidget(softLabel(name, line));
                layout->addWidget(made, 1);
                connect(made, &NumberField::edited, this, [this, i, member](double value) {
                    editor_.edit(tr("Change hole"), {},
                                 [&](card::Card& card) { card.blank.holes[i].*member = value; });
                });
            };
            field(QStringLiteral("x"), card::ranges::position, &blank::Hole::x);
            field(QStringLiteral("y"), card::ranges::position, &blank::Hole::y);
            field(QStringLiteral("⌀"), card::ranges::holeDiameter, &blank::Hole::diameter);
            QPushButton* remove = iconButton(QStringLiteral("remove"), tr("Remove hole %1").arg(i + 1), line);
            layout->addWidget(remove);
            connect(remove, &QPushButton::clicked, this, [this, i] {
                editor_.edit(tr("Remove hole"), {}, [&](card::Card& card) {
                    card.blank.holes.erase(card.blank.holes.begin() + std::ptrdiff_t(i));
                });
            });
            holes_->layout()->addWidget(line);
            line->show();
        }
        shownHoles_ = holes.size();
    }
    const QList<NumberField*> fields = holes_->findChildren<NumberField*>();
    for (size_t i = 0; i < holes.size() && int(i * 3 + 2) < fields.size(); ++i) {
        const double values[]{holes[i].x, holes[i].y, holes[i].diameter};
        for (size_t k = 0; k < 3; ++k) {
            NumberField* field = fields[int(i * 3 + k)];
            field->setUnit(editor_.card().unit);
            field->setValue(values[k]);
        }
    }
}

} // namespace bollard::app
