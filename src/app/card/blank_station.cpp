#include "app/card/holes_table.hpp"
#include "app/card/part_panel.hpp"
#include "app/card/profile_editor.hpp"
#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrapped_check_box.hpp"
#include "blank/material.hpp"
#include "blank/ready.hpp"
#include "blank/ring_sizes.hpp"
#include "blank/shape.hpp"
#include "quantity/field.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace bollard::app {

BlankStation::BlankStation(CardEditor& editor, Maker& maker, QWidget* parent)
    : StationBody(editor, parent), maker_(maker) {
    addKinds();
    const auto field = [this](const QString& label, std::string_view name, double step) {
        return fieldRow(label, quantity::fieldsOf<blank::Blank>(), name, step,
                        [](card::Card& card) { return &card.blank; });
    };
    addOutline();
    NumberField* const width = field(tr("Width"), "width", 1);
    putBeside(field(tr("Height"), "height", 1), width, tr("height"));
    field(tr("Corner radius"), "corner", 1);
    NumberField* const diameter = field(tr("Diameter"), "diameter", 1);
    field(tr("Length"), "length", 1);
    field(tr("Bore"), "bore", 0.5);
    putBeside(field(tr("Diameter at the end"), "topDiameter", 1), diameter, tr("end ⌀"));
    addRingSize();
    const quantity::PartFields& fields = quantity::fieldsOf<blank::Blank>();
    const PartOf whole = [](card::Card& card) { return &card.blank; };
    about("ring");
    choiceRow(tr("Inside"), tr("What the inside of the ring looks like"), tr("Change the inside"),
              {tr("flat"), tr("comfort")}, fields, "inside", whole);
    field(tr("Wider by"), "comfort", 0.1);
    NumberField* const flat = field(tr("Flat"), "flat", 0.5);
    putBeside(field(tr("Thickness at the flat"), "flatThickness", 0.1), flat, tr("thick"));
    NumberField* const facets = fieldRow(tr("Facets"), fields, "facets", 1, whole, [this] {
        return editor_.card().blank.kind == blank::Kind::faceted;
    });
    putBeside(field(tr("Across the facets"), "across", 1), facets, tr("across"));
    part_ = new PartPanel(editor_, maker_, this);
    about("part");
    wide(part_);
    connect(part_, &PartPanel::fileWanted, this, &BlankStation::partFileWanted);
    connect(part_, &PartPanel::pointingWanted, this, &BlankStation::pointingWanted);
    choiceRow(tr("Unit of the file"), tr("Unit of files that do not tell one"),
              tr("Change the unit of the file"), {tr("mm"), tr("cm"), tr("m"), tr("inch")}, fields, "unit",
              whole);
    field(tr("Times as large"), "scale", 0.1);
    profile_ = new ProfileEditor(editor_, this);
    about("profile");
    wide(profile_);
    connect(profile_, &ProfileEditor::fileWanted, this, &BlankStation::profileFileWanted);
    field(tr("Wall"), "wall", 0.5);
    // Of a part of the blank that some kinds have.
    const auto partField = [&](const QString& label, std::string_view part, const quantity::PartFields& parts,
                               std::string_view name, auto of) {
        const quantity::Field* own = parts.find(name);
        return fieldRow(label, parts, name, 0.5, of, [this, own, of, all = fields.find(part)] {
            card::Card card;
            card.blank = editor_.card().blank;
            return all->matters(&card.blank) && (!own->matters || own->matters(of(card)));
        });
    };
    const auto holeField = [&](const QString& label, std::string_view name) {
        return partField(label, "axisHole", quantity::fieldsOf<blank::AxisHole>(), name,
                         [](card::Card& card) { return &card.blank.axisHole; });
    };
    const auto earField = [&](const QString& label, std::string_view name) {
        return partField(label, "ear", quantity::fieldsOf<blank::Ear>(), name,
                         [](card::Card& card) { return &card.blank.ear; });
    };
    NumberField* const hole = holeField(tr("Hole along the axis"), "diameter");
    putBeside(holeField(tr("Depth of the hole, 0 for right through"), "depth"), hole, tr("deep"));
    choiceRow(
        tr("Hole from"), tr("Where the hole along the axis opens"), tr("Change the hole"),
        {tr("its start"), tr("its end")}, quantity::fieldsOf<blank::AxisHole>(), "from",
        [](card::Card& card) { return &card.blank.axisHole; },
        [this, all = fields.find("axisHole")] {
            const blank::Blank& b = editor_.card().blank;
            return all->matters(&b) && b.axisHole.diameter > 0 && b.axisHole.depth > 0;
        });
    NumberField* const ear = earField(tr("Ear, its hole"), "hole");
    putBeside(earField(tr("How thick the ear is"), "thickness"), ear, tr("thick"));
    NumberField* const wall = earField(tr("Ear's wall"), "wall");
    wall->setToolTip(tr("How wide the ear is round its hole"));
    choiceRow(
        tr("Ear at"), tr("Which end the ear stands on"), tr("Change the ear"),
        {tr("its end"), tr("its start")}, quantity::fieldsOf<blank::Ear>(), "at",
        [](card::Card& card) { return &card.blank.ear; },
        [this] { return blank::hasEar(editor_.card().blank); });
    field(tr("Centre hole"), "centreHole", 0.5);
    NumberField* const thickness = field(tr("Thickness"), "thickness", 0.2);
    putBeside(field(tr("Thickness at its right"), "endThickness", 0.2), thickness, tr("right"));
    field(tr("Margin"), "margin", 0.5);
    edge_ = edgeRows(
        tr("Edge"), tr("How the edge of the blank is broken"), tr("Change the blank's edge"), 0.2,
        [](card::Card& card) { return &card.blank.edge; },
        [this] { return blank::hasEdge(editor_.card().blank); });
    edgeBoth_ = new WrappedCheckBox(tr("At the back too"), this);
    about("edge");
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
    about("material");
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
    about("holes");
    wide(holes_);
}

void BlankStation::addKinds() {
    QStringList kinds;
    for (const blank::Shape& shape : blank::shapes())
        kinds << wording::nameOf(shape.kind);
    kind_ = new Choice(tr("Blank"), kinds, this, 4);
    about("station-blank");
    wide(kind_);
    connect(kind_, &Choice::picked, this, [this](int kind) {
        editor_.edit(tr("Change the blank"), {}, [&](card::Card& card) {
            card.blank = blank::asKind(card.blank, static_cast<blank::Kind>(kind));
        });
    });
    ready_ = new QComboBox(this);
    ready_->setAccessibleName(tr("A ready shape to begin from"));
    ready_->addItem(tr("Begin from a ready shape"));
    for (const blank::ReadyBlank& ready : blank::readyBlanks())
        ready_->addItem(wording::nameOf(ready));
    wide(ready_);
    connect(ready_, &QComboBox::activated, this, [this](int place) {
        if (place > 0)
            editor_.edit(tr("Take a ready shape"), {}, [&](card::Card& card) {
                card.blank = blank::readyBlanks()[size_t(place - 1)].make(card.blank);
            });
        ready_->setCurrentIndex(0);
    });
}

void BlankStation::addRingSize() {
    auto* line = new QWidget(this);
    auto* layout = new QHBoxLayout(line);
    layout->setContentsMargins(0, 0, 0, 0);
    ringScale_ = new QComboBox(line);
    mayShrink(ringScale_);
    ringScale_->setAccessibleName(tr("Scale of ring sizes"));
    for (int scale = 0; scale < blank::ringScales; ++scale)
        ringScale_->addItem(wording::nameOf(static_cast<blank::RingScale>(scale)));
    ringScale_->setCurrentIndex(int(blank::RingScale::circumference));
    ringSize_ = new QLineEdit(line);
    ringSize_->setAccessibleName(tr("Ring size"));
    layout->addWidget(ringScale_, 3);
    layout->addWidget(ringSize_, 2);
    about("ring");
    row(tr("Ring size"), line);
    connect(ringScale_, &QComboBox::activated, this, [this] { refreshRingSize(); });
    connect(ringSize_, &QLineEdit::editingFinished, this, [this] {
        if (!ringSize_->isModified())
            return;
        const auto scale = static_cast<blank::RingScale>(ringScale_->currentIndex());
        if (const auto bore = blank::boreOfRingSize(scale, ringSize_->text().toStdString()))
            editor_.edit(tr("Change the ring size"), {}, [&](card::Card& card) { card.blank.bore = *bore; });
        refreshRingSize();
    });
}

void BlankStation::refreshRingSize() {
    const auto scale = static_cast<blank::RingScale>(ringScale_->currentIndex());
    ringSize_->setText(QString::fromStdString(blank::ringSizeText(scale, editor_.card().blank.bore)));
    ringSize_->setModified(false);
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
    about("outline");
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
    using enum blank::Kind;
    edgeBoth_->setText(blank::takesHoles(blank) ? tr("At the back too") : tr("Inside too"));
    setRowVisible(edgeBoth_,
                  (blank::takesHoles(blank) || blank.kind == tube || blank.kind == ring) && broken);
    setRowVisible(ringSize_->parentWidget(), blank.kind == ring);
    refreshRingSize();
    setRowVisible(profile_, blank.kind == turned);
    if (blank.kind == turned)
        profile_->refresh();
    setRowVisible(part_, blank.kind == blank::Kind::file);
    part_->refresh();
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
