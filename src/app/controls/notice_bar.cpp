#include "app/controls/notice_bar.hpp"
#include "drawing/tokens.hpp"
#include <QAccessible>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>

namespace bollard::app {

NoticeBar::NoticeBar(QWidget* parent) : QFrame(parent) {
    setAccessibleName(tr("Message"));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 8, 12, 8);
    text_ = new QLabel(this);
    text_->setWordWrap(true);
    text_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    layout->addWidget(text_, 1);
    buttons_ = new QHBoxLayout;
    buttons_->setSpacing(6);
    layout->addLayout(buttons_);
    hide();
}

QString NoticeBar::text() const {
    return isVisible() ? text_->text() : QString();
}

void NoticeBar::say(const QString& text, Tone tone, std::vector<Answer> answers) {
    while (QLayoutItem* item = buttons_->takeAt(0)) {
        item->widget()->hide();
        item->widget()->deleteLater();
        delete item;
    }
    tone_ = tone;
    text_->setText(text);
    setAccessibleDescription(text);
    const bool question = !answers.empty();
    if (!question)
        answers.push_back({tr("Close"), {}});
    QPushButton* first = nullptr;
    for (Answer& answer : answers) {
        auto* button = new QPushButton(answer.text, this);
        buttons_->addWidget(button);
        if (!first)
            first = button;
        connect(button, &QPushButton::clicked, this, [this, act = std::move(answer.act)] {
            dismiss();
            if (act)
                act();
        });
    }
    show();
    update();
    QAccessibleEvent alert(text_, QAccessible::Alert);
    QAccessible::updateAccessibility(&alert);
    if (question)
        first->setFocus();
}

void NoticeBar::dismiss() {
    hide();
}

void NoticeBar::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape)
        return dismiss();
    QFrame::keyPressEvent(event);
}

void NoticeBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const drawing::Tokens& t = drawing::tokens();
    painter.fillRect(rect(), t.tideWash);
    painter.fillRect(QRect(0, 0, 4, height()), tone_ == Tone::problem ? t.stop : t.tide);
    painter.setPen(t.line);
    painter.drawLine(0, height() - 1, width(), height() - 1);
}

} // namespace bollard::app
