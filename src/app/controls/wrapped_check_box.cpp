#include "app/controls/wrapped_check_box.hpp"
#include <QPainter>
#include <QStyle>
#include <QStyleOptionButton>

namespace bollard::app {
namespace {

constexpr int wraps = int(Qt::TextWordWrap) | int(Qt::TextShowMnemonic);

} // namespace

WrappedCheckBox::WrappedCheckBox(const QString& text, QWidget* parent) : QCheckBox(text, parent) {
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Fixed, QSizePolicy::CheckBox);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

int WrappedCheckBox::beforeText() const {
    QStyleOptionButton option;
    initStyleOption(&option);
    return style()->pixelMetric(QStyle::PM_IndicatorWidth, &option, this) +
           style()->pixelMetric(QStyle::PM_CheckBoxLabelSpacing, &option, this);
}

int WrappedCheckBox::heightForWidth(int width) const {
    const QRect room(0, 0, std::max(1, width - beforeText()), QWIDGETSIZE_MAX);
    return std::max(QCheckBox::sizeHint().height(), fontMetrics().boundingRect(room, wraps, text()).height());
}

QSize WrappedCheckBox::sizeHint() const {
    const QSize whole = QCheckBox::sizeHint();
    return {whole.width(), width() > 0 && isVisible() ? heightForWidth(width()) : whole.height()};
}

QSize WrappedCheckBox::minimumSizeHint() const {
    int widest = 0;
    for (const QString& word : text().split(QLatin1Char(' ')))
        widest = std::max(widest, fontMetrics().horizontalAdvance(word));
    return {beforeText() + widest, QCheckBox::sizeHint().height()};
}

void WrappedCheckBox::resizeEvent(QResizeEvent* event) {
    QCheckBox::resizeEvent(event);
    updateGeometry();
}

void WrappedCheckBox::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    QStyleOptionButton option;
    initStyleOption(&option);
    option.text.clear();
    style()->drawControl(QStyle::CE_CheckBox, &option, &painter, this);
    const QRect room = QStyle::visualRect(layoutDirection(), rect(), rect().adjusted(beforeText(), 0, 0, 0));
    style()->drawItemText(&painter, room,
                          int(QStyle::visualAlignment(layoutDirection(), Qt::AlignLeft)) |
                              int(Qt::AlignVCenter) | wraps,
                          palette(), isEnabled(), text(), QPalette::WindowText);
}

} // namespace bollard::app
