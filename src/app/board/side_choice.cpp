#include "app/board/side_choice.hpp"
#include "app/controls/choice.hpp"
#include "wording/wording.hpp"
#include <QVBoxLayout>

namespace bollard::app {

SideChoice::SideChoice(CardEditor& editor, QWidget* parent) : QWidget(parent), editor_(editor) {
    (new QVBoxLayout(this))->setContentsMargins(0, 0, 0, 0);
    for (const auto signal : {&CardEditor::changed, &CardEditor::sideShown, &CardEditor::restarted})
        connect(&editor_, signal, this, &SideChoice::refresh);
    refresh();
}

void SideChoice::refresh() {
    const auto there = blank::sidesOf(editor_.card().blank);
    if (!std::ranges::equal(sides_, there)) {
        sides_.assign(there.begin(), there.end());
        delete choice_;
        QStringList names;
        for (const std::string_view side : sides_)
            names << wording::nameOfSide(side);
        choice_ = new Choice(tr("Side of the blank"), names, this);
        layout()->addWidget(choice_);
        connect(choice_, &Choice::picked, this,
                [this](int side) { editor_.showSide(std::string(sides_[size_t(side)])); });
        choice_->show(); // or a board that is shown already gives it no room
        choice_->ensurePolished();
        setVisible(sides_.size() > 1);
        adjustSize();
        emit resized();
    }
    choice_->choose(int(std::ranges::find(sides_, editor_.side()) - sides_.begin()));
}

} // namespace bollard::app
