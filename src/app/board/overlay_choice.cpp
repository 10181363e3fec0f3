#include "app/board/overlay_choice.hpp"
#include "app/controls/choice.hpp"
#include <QVBoxLayout>

namespace bollard::app {

OverlayChoice::OverlayChoice(QWidget* parent) : QWidget(parent) {
    (new QVBoxLayout(this))->setContentsMargins(0, 0, 0, 0);
    choice_ = new Choice(tr("What is laid over the letters"),
                         {tr("plain"), tr("widths"), tr("too narrow"), tr("pieces")}, this);
    layout()->addWidget(choice_);
    choice_->choose(0);
    connect(choice_, &Choice::picked, this,
            [this](int overlay) { choose(static_cast<drawing::Overlay>(overlay)); });
    adjustSize();
}

void OverlayChoice::choose(drawing::Overlay overlay) {
    choice_->choose(int(overlay));
    if (overlay == overlay_)
        return;
    overlay_ = overlay;
    emit chosen(overlay);
}

bool OverlayChoice::takeKey(int key) {
    using drawing::Overlay;
    if (key == Qt::Key_W)
        choose(overlay_ == Overlay::widths   ? Overlay::broken
               : overlay_ == Overlay::broken ? Overlay::none
                                             : Overlay::widths);
    else if (key == Qt::Key_P)
        choose(overlay_ == Overlay::pieces ? Overlay::none : Overlay::pieces);
    else
        return false;
    return true;
}

} // namespace bollard::app
