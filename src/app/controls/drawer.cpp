#include "app/controls/drawer.hpp"
#include "app/controls/looks.hpp"
#include <QEvent>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QStyle>
#include <QVBoxLayout>

namespace bollard::app {
namespace {

constexpr int widest = 430, narrowest = 320;

} // namespace

Drawer::Drawer(QWidget* beside, QWidget* parent) : QFrame(parent), beside_(beside) {
    setObjectName(QStringLiteral("drawer"));
    setAutoFillBackground(true);
    layout_ = new QVBoxLayout(this);
    layout_->setContentsMargins(16, 12, 16, 16);
    auto* head = new QHBoxLayout;
    title_ = new QLabel(this);
    title_->setObjectName(QStringLiteral("title"));
    head->addWidget(title_, 1);
    QPushButton* close = iconButton(QStringLiteral("remove"), tr("Shut the drawer"), this);
    head->addWidget(close);
    connect(close, &QPushButton::clicked, this, &Drawer::shut);
    layout_->addLayout(head);
    for (QWidget* watched : {parent, beside})
        watched->installEventFilter(this);
    hide();
}

void Drawer::open(const QString& title, QWidget* content, std::function<void()> shutNow) {
    if (content_ != content) {
        shut();
        content->setParent(this);
        layout_->addWidget(content, 1);
        content_ = content;
    }
    onShut_ = std::move(shutNow);
    title_->setText(title);
    setAccessibleName(title);
    place();
    show();
    content->show();
    raise();
    emit widthTaken(width());
}

void Drawer::shut() {
    if (!content_)
        return;
    QWidget* const content = std::exchange(content_, nullptr);
    layout_->removeWidget(content);
    content->hide();
    hide();
    emit widthTaken(0);
    if (const auto tell = std::exchange(onShut_, {}))
        tell();
}

void Drawer::place() {
    const int taken = beside_->isVisible() ? beside_->width() : 0;
    const int room = parentWidget()->width() - taken;
    const QRect there(taken, 0,
                      std::min(room, std::clamp(room * 3 / 5, panelWidth(narrowest), panelWidth(widest))),
                      parentWidget()->height());
    setGeometry(QStyle::visualRect(layoutDirection(), parentWidget()->rect(), there));
}

bool Drawer::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Resize || event->type() == QEvent::Move)
        place();
    return QFrame::eventFilter(watched, event);
}

void Drawer::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape)
        return shut();
    QFrame::keyPressEvent(event);
}

} // namespace bollard::app
