#include "app/card/holes_table.hpp"
#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include "blank/material.hpp"
#include "blank/shape.hpp"
#include "quantity/field.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>

namespace bollard::app {

BlankStation::BlankStation(CardEditor& editor, Maker& maker, QWidget* parent)
    : StationBody(editor, parent), maker_(maker) {
    QStringList kinds;
    for (const blank::Shape& shape : blank::shapes())
        kinds << wording::nameOf(shape.kind);
    kind_ = new Choice(tr("Blank"), kinds, this, 4);
    wide(kind_);
    connect(kind_, &Choice::picked, this, [this](int kind) {
        editor_.edit(tr("Change the blank"), {},
                     [&](card::Card& card) { card.blank.kind = static_cast<blank::Kind>(kind); });
    });
    const auto field = [this](const QString& label, std::string_view name, double step) {
        return fieldRow(label, quantity::fieldsOf<blank::Blank>(), name, step,
                        [](card::Card& card) { return &card.blank; });
    };
    addOutline();
    NumberField* const width = field(tr("Width"), "width", 1);
    putBeside(field(tr("Height"), "height", 1), width, tr("height"));
    field(tr("Corner radius"), "corner", 1);
    NumberField* const diameter = field(tr("Diameter"), "diameter", 1);
    putBeside(field(tr("Length"), "length", 1), diameter, tr("length"));
    field(tr("Bore"), "bore", 0.5);
    field(tr("Centre hole"), "centreHole", 0.5);
    NumberField* const thickness = field(tr("Thickness"), "thickness", 0.2);
    putBeside(field(tr("Thickness at its right"), "endThickness", 0.2), thickness, tr("right"));
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
    material_ = new QComboBox(this);
    material_->setAccessibleName(tr("What the blank is made of"));
    material_->setEditable(true);
    material_->setInsertPolicy(QComboBox::NoInsert);
    material_->lineEdit()->setAccessibleName(material_->accessibleName());
    material_->addItem({});
    for (const blank::Material& material : blank::materials())
        material_->addItem(QString::fromUtf8(material.name.data(), qsizetype(material.name.size())));
    row(tr("Material"), material_);
    const auto setMaterial = [this] {
        const std::string name = material_->currentText().trimmed().toStdString();
        if (name != editor_.card().blank.material)
            editor_.edit(tr("Change the material"), {},
                         [&](card::Card& card) { card.blank.material = name; });
    };
    connect(material_, &QComboBox::activated, this, setMaterial);
    connect(material_->lineEdit(), &QLineEdit::editingFinished, this, setMaterial);
    mass_ = softLabel({}, this);
    mass_->setWordWrap(true);
    wide(mass_);
    connect(&maker_, &Maker::stageDone, this, &BlankStation::showMass);
    holes_ = new HolesTable(editor_, this);
    wide(holes_);
}

void BlankStation::addOutline() {
    QStringList names;
    for (int kind = 0; kind < blank::outlineKinds; ++kind)
        names << wording::nameOf(static_cast<blank::OutlineKind>(kind));
    const PartOf outline = [](card::Card& card) { return &card.blank.outline; };
    const auto isPlate = [this] {
        const blank::Kind kind = editor_.card().blank.kind;
        return kind == blank::Kind::plate || kind == blank::Kind::wedge;
    };
    const quantity::PartFields& fields = quantity::fieldsOf<blank::PlateOutline>();
    choiceRow(tr("Outline"), tr("What the plate looks like from the front"), tr("Change the outline"), names,
              fields, "kind", outline, isPlate);
    const auto field = [&](const QString& label, std::string_view name, double step) {
        const quantity::Field* of = fields.find(name);
        return fieldRow(label, fields, name, step, outline, [this, isPlate, of] {
            return isPlate() && of->matters(&editor_.card().blank.outline);
        });
    };
    field(tr("Corners"), "corners", 1);
    NumberField* const ear = field(tr("Ear"), "ear", 1);
    putBeside(field(tr("Hole in the ear"), "earHole", 0.5), ear, tr("its hole"));
    field(tr("Distance"), "distance", 0.5);
    outlineFile_ = new QPushButton(tr("Outline from SVG or DXF…"), this);
    wide(outlineFile_);
    connect(outlineFile_, &QPushButton::clicked, this, &BlankStation::outlineFileWanted);
}

void BlankStation::refresh() {
    const blank::Blank& blank = editor_.card().blank;
    kind_->choose(int(blank.kind));
    refreshFields();
    refreshEdge(edge_);
    setRowVisible(outlineFile_, (blank.kind == blank::Kind::plate || blank.kind == blank::Kind::wedge) &&
                                    blank.outline.kind == blank::OutlineKind::drawing);
    edgeBoth_->setChecked(blank.edgeBoth);
    const bool broken =
        blank.edge.kind == blank::EdgeKind::chamfer || blank.edge.kind == blank::EdgeKind::round;
    setRowVisible(edgeBoth_, blank::takesHoles(blank) && broken);
    setRowVisible(holes_, blank::takesHoles(blank));
    setRowVisible(material_, blank.kind != blank::Kind::none);
    if (!material_->lineEdit()->hasFocus() || !material_->lineEdit()->isModified())
        material_->setCurrentText(QString::fromStdString(blank.material));
    holes_->refresh();
    showMass();
}

void BlankStation::showMass() {
    const std::string& material = editor_.card().blank.material;
    QString text;
    if (!material.empty() && blank::densityOf(material) == 0)
        text = tr("Its density is not known here, so its mass is not told.");
    else if (const double grams = maker_.shown().mass; grams > 0)
        text = tr("The part weighs %1.").arg(wording::massText(grams));
    mass_->setText(text);
    setRowVisible(mass_, !text.isEmpty());
}

} // namespace bollard::app
