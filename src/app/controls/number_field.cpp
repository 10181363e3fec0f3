#include "app/controls/number_field.hpp"
#include "drawing/tokens.hpp"
#include "wording/wording.hpp"
#include <QKeyEvent>
#include <QPainter>
#include <QStyle>
#include <QWheelEvent>

namespace bollard::app {

namespace {

constexpr int edges = 18; // of the style sheet

} // namespace

NumberField::NumberField(const QString& name, Kind kind, card::Range range, double step, QWidget* parent)
    : QLineEdit(parent), kind_(kind), range_(range), step_(step) {
    setAccessibleName(name);
    setLayoutDirection(Qt::LeftToRight); // a number and its unit, in any language
    setMinimumWidth(drawing::scaled(64));
    display(0);
    connect(this, &QLineEdit::textChanged, this, &NumberField::makeRoom);
    connect(this, &QLineEdit::returnPressed, this, [this] {
        take();
        selectAll();
    });
}

double NumberField::unitSize() const {
    return kind_ == Kind::length ? quantity::millimetresIn(unit_) : 1;
}

QString NumberField::suffix() const {
    const auto symbol = quantity::symbolOf(unit_);
    return kind_ == Kind::length    ? QString::fromUtf8(symbol.data(), qsizetype(symbol.size()))
           : kind_ == Kind::angle   ? QStringLiteral("°")
           : kind_ == Kind::percent ? QStringLiteral("%")
                                    : QString();
}

void NumberField::setValue(double value) {
    value_ = value;
    if (!hasFocus() || !isModified())
        display(value);
}

void NumberField::setUnit(quantity::Unit unit) {
    unit_ = unit;
    display(value_);
    makeRoom();
}

/// A number is never cut off: where there is no room for both, its unit goes.
void NumberField::makeRoom() {
    const bool room = fontMetrics().horizontalAdvance(text()) + unitWidth() + edges <= width();
    const int margin = unitShown_ && room ? unitWidth() : 0;
    if (textMargins().right() != margin)
        setTextMargins(0, 0, margin, 0);
}

int NumberField::unitWidth() const {
    return fontMetrics().horizontalAdvance(suffix()) + 6;
}

int NumberField::leastWidth(bool withUnit) const {
    return fontMetrics().horizontalAdvance(QStringLiteral("00.00")) + (withUnit ? unitWidth() : 0) + edges;
}

void NumberField::setUnitShown(bool shown) {
    unitShown_ = shown;
    setMinimumWidth(drawing::scaled(40));
    setUnit(unit_);
}

void NumberField::setMeans(double number, const QString& what) {
    empty_ = number;
    emptyMeans_ = what;
    setPlaceholderText(what);
    display(value_);
}

void NumberField::display(double value) {
    if (value == empty_ && !emptyMeans_.isEmpty()) {
        shown_.clear();
        setText(shown_);
        setModified(false);
        return refuse({});
    }
    shown_ = wording::asWritten(QString::fromStdString(
        kind_ == Kind::length ? quantity::textOfLength(value, unit_) : quantity::textOfNumber(value)));
    setText(shown_);
    setCursorPosition(0);
    setModified(false);
    refuse({});
}

void NumberField::refuse(const QString& sentence) {
    if (refusal_ == sentence)
        return;
    refusal_ = sentence;
    setProperty("refused", !sentence.isEmpty());
    style()->unpolish(this);
    style()->polish(this);
    setToolTip(sentence);
    setAccessibleDescription(sentence);
    emit refused(sentence);
}

void NumberField::take() {
    if (!isModified() || text() == shown_)
        return display(value_);
    const bool emptied = !emptyMeans_.isEmpty() && text().trimmed().isEmpty();
    const std::string typed =
        emptied ? quantity::textOfNumber(empty_) : wording::asRead(text()).toStdString();
    const auto read = kind_ == Kind::length  ? quantity::lengthFromText(typed, unit_)
                      : kind_ == Kind::angle ? quantity::angleFromText(typed)
                                             : quantity::numberFromText(typed);
    if (!read)
        return refuse(wording::sentenceOf(read.problem()));
    if (!range_.holds(*read)) {
        const auto inUnit = [&](double v) { return wording::numberText(v / unitSize(), 3); };
        return refuse(tr("Between %1 and %2 %3.").arg(inUnit(range_.least), inUnit(range_.most), suffix()));
    }
    const bool changed = *read != value_;
    value_ = *read;
    display(value_);
    if (changed)
        emit edited(value_);
}

void NumberField::step(double steps) {
    take();
    // Steps are round numbers of the shown unit: a millimetre-sized step in inches would never be.
    const double inUnit = unitSize() >= 10 ? step_ / 16 : step_;
    const double size = inUnit * unitSize();
    const double next = std::clamp(std::round((value_ + steps * size) / (size / 10)) * (size / 10),
                                   range_.least, range_.most);
    if (next == value_)
        return;
    value_ = next;
    display(value_);
    selectAll();
    emit edited(value_);
}

void NumberField::keyPressEvent(QKeyEvent* event) {
    const double fine = event->modifiers() & Qt::ShiftModifier ? 0.1 : 1;
    switch (event->key()) {
    case Qt::Key_Up:
        return step(fine);
    case Qt::Key_Down:
        return step(-fine);
    case Qt::Key_Escape:
        if (isModified() || !refusal_.isEmpty()) {
            display(value_);
            selectAll();
            return;
        }
        break;
    default:
        break;
    }
    QLineEdit::keyPressEvent(event);
}

void NumberField::wheelEvent(QWheelEvent* event) {
    if (!hasFocus())
        return event->ignore(); // the panel scrolls; a number is never changed by passing over it
    const double fine = event->modifiers() & Qt::ShiftModifier ? 0.1 : 1;
    const QPoint turned = event->angleDelta();
    step((turned.y() != 0 ? turned.y() : turned.x()) > 0 ? fine : -fine);
}

void NumberField::focusOutEvent(QFocusEvent* event) {
    take();
    QLineEdit::focusOutEvent(event);
}

void NumberField::resizeEvent(QResizeEvent* event) {
    QLineEdit::resizeEvent(event);
    makeRoom();
}

void NumberField::paintEvent(QPaintEvent* event) {
    QLineEdit::paintEvent(event);
    if (textMargins().right() == 0)
        return;
    QPainter painter(this);
    painter.setLayoutDirection(Qt::LeftToRight);
    painter.setPen(drawing::tokens().inkSoft);
    painter.drawText(rect().adjusted(0, 0, -7, 0), Qt::AlignRight | Qt::AlignVCenter, suffix());
}

} // namespace bollard::app
