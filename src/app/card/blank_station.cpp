#include "app/card/stations.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace bollard::app {

using Kind = NumberField::Kind;

BlankStation::BlankStation(CardEditor& editor, QWidget* parent) : StationBody(editor, parent) {
    kind_ = new Choice(tr("Blank"), {tr("none"), tr("plate"), tr("disc")}, this);
    wide(kind_);
    connect(kind_, &Choice::picked, this, [this](int kind) {
        editor_.edit(tr("Change the blank"), {},
                     [&](card::Card& card) { card.blank.kind = static_cast<blank::Kind>(kind); });
    });
    const auto field = [this](const QString& label, card::Range range, double step,
                              double blank::Blank::*member) {
        return number(label, Kind::length, range, step, [this, label, member](double value) {
            editor_.edit(tr("Change %1").arg(label.toLower()), label,
                         [&](card::Card& card) { card.blank.*member = value; });
        });
    };
    width_ = field(tr("Width"), card::ranges::blankSize, 1, &blank::Blank::width);
    height_ = field(tr("Height"), card::ranges::blankSize, 1, &blank::Blank::height);
    corner_ = field(tr("Corner radius"), card::ranges::corner, 1, &blank::Blank::corner);
    diameter_ = field(tr("Diameter"), card::ranges::blankSize, 1, &blank::Blank::diameter);
    centreHole_ = field(tr("Centre hole"), card::ranges::centreHole, 0.5, &blank::Blank::centreHole);
    thickness_ = field(tr("Thickness"), card::ranges::thickness, 0.2, &blank::Blank::thickness);
    margin_ = field(tr("Margin"), card::ranges::margin, 0.5, &blank::Blank::margin);
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
    const bool plate = blank.kind == blank::Kind::plate, disc = blank.kind == blank::Kind::disc;
    const std::tuple<NumberField*, double, bool> fields[]{
        {width_, blank.width, plate},          {height_, blank.height, plate},
        {corner_, blank.corner, plate},        {diameter_, blank.diameter, disc},
        {centreHole_, blank.centreHole, disc}, {thickness_, blank.thickness, plate || disc},
        {margin_, blank.margin, plate || disc}};
    for (const auto& [field, value, visible] : fields) {
        field->setUnit(editor_.card().unit);
        field->setValue(value);
        setRowVisible(field, visible);
    }
    addHole_->setVisible(plate || disc);
    holes_->setVisible(plate || disc);
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
