#include "app/card/rows_table.hpp"
#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStyle>

namespace bollard::app {

OutputStation::OutputStation(CardEditor& editor, QWidget* parent) : StationBody(editor, parent) {
    struct Format {
        QString text, ending, why;
    };
    for (const Format& format :
         {Format{tr("Write STL…"), QStringLiteral("stl"), tr("One solid, for any printer")},
          Format{tr("Write 3MF…"), QStringLiteral("3mf"),
                 tr("Blank and letters as bodies with colours, in mm")},
          Format{tr("Write SVG…"), QStringLiteral("svg"),
                 tr("Outlines and scribed lines in mm, a group a working")},
          Format{tr("Write DXF…"), QStringLiteral("dxf"), tr("The same with true arcs, a layer a working")},
          Format{tr("Write picture…"), QStringLiteral("png"), tr("The view as it is shown, as PNG")}}) {
        auto* button = new QPushButton(format.text, this);
        button->setAccessibleDescription(format.why);
        wide(button);
        auto* why = softLabel(format.why, this);
        why->setWordWrap(true);
        wide(why);
        connect(button, &QPushButton::clicked, this, [this, format] { emit writeWanted(format.ending); });
    }
    rows_ = new RowsTable(editor, this);
    wide(softLabel(tr("Rows for fields in the words"), this));
    wide(rows_);
    connect(rows_, &RowsTable::tableFileWanted, this, &OutputStation::tableFileWanted);
    numbering_ = new QLineEdit(this);
    numbering_->setPlaceholderText(tr("none"));
    row(tr("Counting field"), numbering_);
    numbering_->setAccessibleName(tr("Field that counts the rows"));
    connect(numbering_, &QLineEdit::editingFinished, this, [this] {
        editor_.edit(tr("Name the counting field"), {}, [this](card::Card& card) {
            card.rows.edit([this](setting::Rows& rows) {
                rows.numbering.field = numbering_->text().trimmed().toStdString();
            });
        });
    });
    const auto counting = [this](const QString& label, card::Range range, int setting::Numbering::*member) {
        return number(label, NumberField::Kind::plain, range, 1, [this, label, member](double value) {
            editor_.edit(tr("Change the numbering"), label, [&](card::Card& card) {
                card.rows.edit(
                    [&](setting::Rows& rows) { rows.numbering.*member = int(std::lround(value)); });
            });
        });
    };
    start_ = counting(tr("Starts at"), card::ranges::numberingStart, &setting::Numbering::start);
    step_ = counting(tr("Steps by"), card::ranges::numberingStart, &setting::Numbering::step);
    digits_ = counting(tr("Digits"), card::ranges::numberingDigits, &setting::Numbering::digits);
    told_ = new QLabel(this);
    told_->setWordWrap(true);
    told_->setAccessibleName(tr("What was written"));
    told_->hide();
    wide(told_);
}

void OutputStation::refresh() {
    rows_->refresh();
    const setting::Numbering& numbering = editor_.card().rows->numbering;
    if (!numbering_->hasFocus() || !numbering_->isModified())
        numbering_->setText(QString::fromStdString(numbering.field));
    start_->setValue(numbering.start);
    step_->setValue(numbering.step);
    digits_->setValue(numbering.digits);
    for (NumberField* field : {start_, step_, digits_})
        setRowVisible(field, !numbering.field.empty());
}

void OutputStation::tell(const QString& text, bool problem) {
    told_->setObjectName(problem ? QStringLiteral("problem") : QString());
    told_->style()->unpolish(told_);
    told_->style()->polish(told_);
    told_->setText(text);
    told_->setVisible(!text.isEmpty());
}

} // namespace bollard::app
