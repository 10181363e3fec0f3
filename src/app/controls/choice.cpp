#include "app/controls/choice.hpp"
#include <QGridLayout>
#include <QKeyEvent>
#include <QPushButton>

namespace bollard::app {

Choice::Choice(const QString& name, const QStringList& options, QWidget* parent, int columns)
    : QWidget(parent) {
    setAccessibleName(name);
    layout_ = new QGridLayout(this);
    layout_->setContentsMargins(0, 0, 0, 0);
    layout_->setSpacing(0);
    layout_->setSizeConstraint(QLayout::SetNoConstraint); // it is laid out anew where there is less room
    wraps_ = columns > 0;
    most_ = columns > 0 ? columns : int(options.size());
    for (int i = 0; i < int(options.size()); ++i) {
        auto* button = new QPushButton(options[i], this);
        button->setCheckable(true);
        button->setProperty("segment", true);
        button->setAccessibleName(tr("%1: %2").arg(name, options[i]));
        button->setFocusPolicy(Qt::ClickFocus);
        group_.addButton(button, i);
    }
    layOut(most_);
    // Tab comes to the chosen one; the arrows go to the others.
    connect(&group_, &QButtonGroup::idToggled, this, [this](int option, bool chosen) {
        group_.button(option)->setFocusPolicy(chosen ? Qt::StrongFocus : Qt::ClickFocus);
    });
    connect(&group_, &QButtonGroup::idClicked, this, &Choice::picked);
}

void Choice::layOut(int columns) {
    if (columns == columns_)
        return;
    for (int column = 0; column < columns_; ++column)
        layout_->setColumnMinimumWidth(column, 0);
    columns_ = columns;
    const QList<QAbstractButton*> buttons = group_.buttons();
    for (QAbstractButton* button : buttons)
        layout_->removeWidget(button);
    for (int i = 0; i < int(buttons.size()); ++i)
        layout_->addWidget(buttons[i], i / columns, i % columns);
    updateGeometry();
}

/// Of so many columns, each as wide as its widest button.
int Choice::widthOf(int columns) const {
    const QList<QAbstractButton*> buttons = group_.buttons();
    int width = 0;
    for (int column = 0; column < columns; ++column) {
        int widest = 0;
        for (int i = column; i < int(buttons.size()); i += columns)
            widest = std::max(widest, buttons[i]->isHidden() ? 0
                                                             : std::max(buttons[i]->sizeHint().width(),
                                                                        buttons[i]->minimumWidth()));
        width += widest;
    }
    return width;
}

void Choice::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    if (!wraps_)
        return;
    int columns = most_;
    while (columns > 1 && widthOf(columns) > width())
        --columns;
    layOut(columns);
}

QSize Choice::sizeHint() const {
    return {widthOf(most_), layout_->sizeHint().height()};
}

QSize Choice::minimumSizeHint() const {
    return {wraps_ ? widthOf(1) : widthOf(most_), layout_->sizeHint().height()};
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
