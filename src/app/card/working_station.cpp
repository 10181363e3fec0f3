#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrapped_check_box.hpp"
#include "mend/mend.hpp"
#include "quantity/field.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>

namespace bollard::app {

WorkingStation::WorkingStation(CardEditor& editor, QWidget* parent) : StationBody(editor, parent) {
    QStringList kinds;
    for (int i = 0; i < working::kinds; ++i)
        kinds << wording::nameOf(static_cast<working::Kind>(i));
    kind_ = new Choice(tr("Working"), kinds, this, 3);
    about("working");
    wide(kind_);
    connect(kind_, &Choice::picked, this, [this](int kind) {
        editor_.editInscription(tr("Change working"), {}, [&](card::Inscription& inscription) {
            inscription.working.kind = static_cast<working::Kind>(kind);
        });
    });
    const auto field = [this](const QString& label, std::string_view name, double step) {
        return fieldRow(label, quantity::fieldsOf<working::Working>(), name, step,
                        ofSelected(&card::Inscription::working));
    };
    NumberField* const height = field(tr("Height"), "height", 0.2);
    putBeside(field(tr("Bedding"), "bedding", 0.2), height, tr("bedding"));
    NumberField* const depth = field(tr("Depth"), "depth", 0.2);
    putBeside(field(tr("Angle of the V"), "angle", 5), depth, tr("angle"));
    edge_ =
        edgeRows(tr("Edges"), tr("How the edges of the letters are broken"), tr("Change edges"), 0.1,
                 ofSelected([](card::Inscription & i) -> auto& { return i.working.edge; }), [this] {
                     return editor_.inscription() && working::hasEdge(editor_.inscription()->working.kind);
                 });
    NumberField* const foot = field(tr("Foot"), "foot", 0.1);
    foot->setToolTip(tr("Radius of the fillet where letters meet the blank"));
    NumberField* const colour = field(tr("Colour from"), "colourFrom", 0.2);
    putBeside(colour, foot, tr("colour"));
    colour->setToolTip(
        tr("Up to this height letters are of the blank's colour; 0: all of them have their own"));
    choiceRow(tr("Tops"), tr("Whether tops follow the side or lie flat"), tr("Change tops"),
              {tr("as high everywhere"), tr("flat, each letter in one plane")},
              quantity::fieldsOf<working::Working>(), "tops", ofSelected(&card::Inscription::working),
              [this] {
                  const card::Inscription* const chosen = editor_.inscription();
                  return chosen && working::rowOf(chosen->working.kind).has(working::Uses::tops) &&
                         blank::turnOf(editor_.card().blank, chosen->side) > 0;
              });
    field(tr("Clearance"), "clearance", 0.05)
        ->setToolTip(tr("Room between the inlay and the walls round it, for glue; 0: they are one"));
    addTies();
    const auto& counters = quantity::fieldsOf<working::Counters>();
    const PartOf ofCounters = ofSelected(&card::Inscription::counters);
    const auto words = [this] { return editor_.inscription() && !editor_.inscription()->isOrnament(); };
    about("counters");
    choiceRow(tr("Counters"), tr("What becomes of counters"), tr("Change what becomes of counters"),
              {tr("kept"), tr("lowered"), tr("cut through"), tr("dropped")}, counters, "kind", ofCounters,
              words);
    fieldRow(tr("Lowered by"), counters, "depth", 0.2, ofCounters, [this, words] {
        return words() && editor_.inscription()->counters.kind == working::CounterKind::lowered;
    });
    told_ = softLabel({}, this);
    told_->setWordWrap(true);
    wide(told_);
}

/// What holds what pierced letters enclose.
void WorkingStation::addTies() {
    using working::Ties, working::TieKind;
    const auto tied = [this] {
        return editor_.inscription() && editor_.inscription()->working.kind == working::Kind::pierced;
    };
    held_ = new QComboBox(this);
    held_->addItems({tr("nothing"), tr("ties"), tr("ties put by hand")});
    held_->setAccessibleName(tr("What holds counters"));
    about("ties");
    row(tr("Held by"), held_);
    connect(held_, &QComboBox::activated, this, [this](int kind) {
        editor_.editInscription(tr("Change what holds counters"), {}, [&](card::Inscription& inscription) {
            const bool first = inscription.ties == Ties{};
            inscription.ties.kind = static_cast<TieKind>(kind);
            if (first && kind != int(TieKind::none))
                inscription.ties.width = mend::tieWidthFor(editor_.card(), inscription,
                                                           card::rulesFor(editor_.card(), &inscription));
        });
    });
    const PartOf ties = ofSelected(&card::Inscription::ties);
    const auto& fields = quantity::fieldsOf<Ties>();
    const auto shown = [this, tied](auto matters) {
        return [this, tied, matters] {
            return tied() && editor_.inscription()->ties.kind != TieKind::none &&
                   matters(editor_.inscription()->ties);
        };
    };
    const auto any = shown([](const Ties&) { return true; });
    const auto automatic = shown([](const Ties& t) { return t.kind == TieKind::automatic; });
    fieldRow(tr("Width of ties"), fields, "width", 0.1, ties, any);
    choiceRow(tr("Each counter"), tr("How many ties a counter gets"), tr("Change the number of ties"),
              {tr("as needed"), tr("one"), tr("two")}, fields, "count", ties, automatic);
    choiceRow(tr("Direction"), tr("Which way ties run"), tr("Change the direction of ties"),
              {tr("as the letter stands"), tr("upright"), tr("level"), tr("at an angle")}, fields,
              "direction", ties, automatic);
    fieldRow(tr("Angle of ties"), fields, "angle", 5, ties, shown([](const Ties& t) {
                 return t.kind == TieKind::automatic && t.direction == working::TieDirection::angle;
             }));
    choiceRow(tr("Depth"), tr("How deep ties are"), tr("Change the depth of ties"),
              {tr("through the whole thickness"), tr("at the back"), tr("in the middle")}, fields, "depth",
              ties, any);
    fieldRow(tr("Thickness of ties"), fields, "thickness", 0.2, ties,
             shown([](const Ties& t) { return t.depth != working::TieDepth::through; }));
    tapered_ = new WrappedCheckBox(tr("Wider at both ends"), this);
    wide(tapered_);
    connect(tapered_, &QCheckBox::clicked, this, [this](bool on) {
        editor_.editInscription(tr("Change the shape of ties"), {},
                                [on](card::Inscription& inscription) { inscription.ties.tapered = on; });
    });
}

void WorkingStation::refresh() {
    const card::Inscription* inscription = editor_.inscription();
    kind_->setEnabled(inscription != nullptr);
    refreshFields();
    const bool pierced = inscription && inscription->working.kind == working::Kind::pierced;
    setRowVisible(held_, pierced);
    setRowVisible(tapered_, pierced && inscription->ties.kind != working::TieKind::none);
    if (pierced) {
        held_->setCurrentIndex(int(inscription->ties.kind));
        tapered_->setChecked(inscription->ties.tapered);
    }
    if (!inscription)
        return told_->setText(tr("There are no words to work yet."));
    const working::Working& working = inscription->working;
    kind_->choose(int(working.kind));
    refreshEdge(edge_);
    QString told = wording::sentenceOf(working.kind);
    if (working.kind == working::Kind::sunk || working.kind == working::Kind::scribed) {
        const double floor = blank::depthBehind(editor_.card().blank, inscription->side) - working.depth;
        if (floor > 0)
            told += QLatin1Char(' ') +
                    tr("%1 are left under it.").arg(wording::lengthText(floor, editor_.card().unit));
    }
    told_->setText(told);
}

} // namespace bollard::app
