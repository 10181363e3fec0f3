#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include <QLabel>
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
          Format{tr("Write picture…"), QStringLiteral("png"), tr("The view as it is shown, as PNG")}}) {
        auto* button = new QPushButton(format.text, this);
        button->setAccessibleDescription(format.why);
        wide(button);
        wide(softLabel(format.why, this));
        connect(button, &QPushButton::clicked, this, [this, format] { emit writeWanted(format.ending); });
    }
    told_ = new QLabel(this);
    told_->setWordWrap(true);
    told_->setAccessibleName(tr("What was written"));
    told_->hide();
    wide(told_);
}

void OutputStation::tell(const QString& text, bool problem) {
    told_->setObjectName(problem ? QStringLiteral("problem") : QString());
    told_->style()->unpolish(told_);
    told_->style()->polish(told_);
    told_->setText(text);
    told_->setVisible(!text.isEmpty());
}

} // namespace bollard::app
