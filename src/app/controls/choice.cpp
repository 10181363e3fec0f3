#include "app/controls/choice.hpp"
#include <QGridLayout>
#include <QKeyEvent>
#include <QPushButton>

namespace bollard::app {

Choice::Choice(const QString& name, const QStringList& options, QWidget* parent, int columns)
    : QWidget(parent) {
    setAccessibleName(name);
    auto* layout = new QGridLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    const int perRow = columns > 0 ? columns : int(options.size());
    for (int i = 0; i < int(options.size()); ++i) {
        auto* button = new QPushButton(options[i], this);
        button->setCheckable(true);
        button->setProperty("segment", true);
        button->setAccessibleName(tr("%1: %2").arg(name, options[i]));
        button->setFocusPolicy(Qt::ClickFocus);
        group_.addButton(button, i);
        layout->addWidget(button, i / perRow, i % perRow);
    }
    // Tab comes to the chosen one; the arrows go to the others.
    connect(&group_, &QButtonGroup::idToggled, this, [this](int option, bool chosen) {
        group_.button(option)->setFocusPolicy(chosen ? Qt::StrongFocus : Qt::ClickFocus);
    });
    connect(&group_, &QButtonGroup::idClicked, this, &Choice::picked);
}

void Choice::choose(int option) {
    if (QAbstractButton* chosenButton = group_.button(option))
        chosenButton->setChecked(true);
}

void Choice::keyPressEvent(QKeyEvent* event) {
    const int count = int(group_.buttons().size());
    const int by = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? count - 1 : 0;
    if (by == 0 || count == 0)
        return QWidget::keyPressEvent(event);
    const int next = (group_.checkedId() + by) % count;
    group_.button(next)->setFocus();
    group_.button(next)->click();
}

} // namespace bollard::app
