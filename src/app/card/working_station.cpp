#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include "quantity/field.hpp"
#include "wording/wording.hpp"
#include <QLabel>
#include <QPushButton>

namespace bollard::app {

WorkingStation::WorkingStation(CardEditor& editor, QWidget* parent) : StationBody(editor, parent) {
    QStringList kinds;
    for (int i = 0; i < working::kinds; ++i)
        kinds << wording::nameOf(static_cast<working::Kind>(i));
    kind_ = new Choice(tr("Working"), kinds, this, 3);
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
    field(tr("Clearance"), "clearance", 0.05)
        ->setToolTip(tr("Room between the inlay and the walls round it, for glue; 0: they are one"));
    told_ = softLabel({}, this);
    told_->setWordWrap(true);
    wide(told_);
}

void WorkingStation::refresh() {
    const card::Inscription* inscription = editor_.inscription();
    kind_->setEnabled(inscription != nullptr);
    refreshFields();
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
