#include "app/card/station.hpp"
#include "app/card/route_card.hpp"
#include "app/controls/looks.hpp"
#include "app/help/topic.hpp"
#include "wording/wording.hpp"
#include <QComboBox>
#include <QCoreApplication>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QRegularExpression>
#include <QResizeEvent>
#include <QScrollArea>
#include <QScrollBar>
#include <QStyle>
#include <QTimer>

namespace bollard::app {
namespace {

/// A line of text that ends in dots where there is no room for all of it.
class ElidedLabel : public QLabel {
  public:
    using QLabel::QLabel;

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setPen(palette().color(QPalette::WindowText));
        painter.drawText(rect(), int(Qt::AlignLeft | Qt::AlignVCenter),
                         fontMetrics().elidedText(text(), Qt::ElideRight, width()));
    }
};

/// As high as the body, or lower where there is no room for it; then it scrolls.
class BodyScroll : public QScrollArea {
  public:
    explicit BodyScroll(QWidget* parent) : QScrollArea(parent) {
        setWidgetResizable(true);
        setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        setFocusPolicy(Qt::NoFocus);
        setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
    }
    QSize sizeHint() const override {
        const QWidget* const body = widget();
        if (!body)
            return QScrollArea::sizeHint();
        // Lines that wrap need more height where there is less width.
        const bool wraps = body->layout() && body->layout()->hasHeightForWidth();
        return {body->sizeHint().width(),
                wraps ? body->heightForWidth(viewport()->width()) : body->sizeHint().height()};
    }
    QSize minimumSizeHint() const override {
        constexpr int least = 60;
        return {0, std::min(least, sizeHint().height())};
    }

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (watched == widget() && event->type() == QEvent::LayoutRequest)
            updateGeometry();
        return QScrollArea::eventFilter(watched, event);
    }
    void resizeEvent(QResizeEvent* event) override {
        QScrollArea::resizeEvent(event);
        if (event->size().width() != event->oldSize().width())
            updateGeometry();
    }
};

} // namespace

StationBody::StationBody(CardEditor& editor, QWidget* parent) : QWidget(parent), editor_(editor) {
    grid_ = new QGridLayout(this);
    grid_->setContentsMargins(14, 2, 12, 12);
    grid_->setHorizontalSpacing(8);
    grid_->setVerticalSpacing(6);
    grid_->setColumnMinimumWidth(0, drawing::scaled(labelWidth));
    grid_->setColumnStretch(1, 1);
    grid_->setColumnStretch(3, 1);
}

NumberField* StationBody::number(const QString& label, NumberField::Kind kind, card::Range range, double step,
                                 const std::function<void(double)>& edited) {
    auto* field = new NumberField(label, kind, range, step, this);
    field->setUnit(editor_.card().unit);
    connect(field, &NumberField::edited, this, edited);
    row(label, field);
    connect(field, &NumberField::refused, this,
            [this, field](const QString& sentence) { showProblem(rowOf(field), sentence); });
    return field;
}

namespace {

double numberAt(const quantity::Field& field, void* part, size_t of) {
    if (const auto* pair = std::get_if<quantity::held::Pair>(&field.holds))
        return *pair->at(part)[of];
    const auto* whole = std::get_if<quantity::held::Whole>(&field.holds);
    return whole ? whole->at(part) : std::get<quantity::held::Number>(field.holds).at(part);
}

void setNumberAt(const quantity::Field& field, void* part, size_t of, double value) {
    if (const auto* pair = std::get_if<quantity::held::Pair>(&field.holds))
        *pair->at(part)[of] = value;
    else if (const auto* whole = std::get_if<quantity::held::Whole>(&field.holds))
        whole->at(part) = int(std::lround(value));
    else
        std::get<quantity::held::Number>(field.holds).at(part) = value;
}

} // namespace

NumberField* StationBody::fieldRow(const QString& label, const quantity::PartFields& fields,
                                   std::string_view name, double step, PartOf part,
                                   std::function<bool()> shown, size_t of) {
    using quantity::Dimension;
    const quantity::Field* const field = fields.find(name);
    const auto kind = field->dimension == Dimension::length    ? NumberField::Kind::length
                      : field->dimension == Dimension::angle   ? NumberField::Kind::angle
                      : field->dimension == Dimension::percent ? NumberField::Kind::percent
                                                               : NumberField::Kind::plain;
    NumberField* const made =
        number(label, kind, field->range, step, [this, label, field, part, of](double value) {
            // One key for each thing that is set, so that what is typed into it at one go is one step back.
            editor_.edit(tr("Change %1").arg(wording::withinSentence(label)),
                         label + QString::number(editor_.selected()), [&](card::Card& card) {
                             if (void* const place = part(card))
                                 setNumberAt(*field, place, of, value);
                         });
        });
    fieldRows_.push_back({made, field, std::move(part), std::move(shown), of});
    return made;
}

QComboBox* StationBody::choiceRow(const QString& label, const QString& accessibleName,
                                  const QString& undoName, const QStringList& names,
                                  const quantity::PartFields& fields, std::string_view name, PartOf part,
                                  std::function<bool()> shown) {
    const quantity::Field* const field = fields.find(name);
    auto* const box = new QComboBox(this);
    row(label, box);
    box->setAccessibleName(accessibleName);
    box->addItems(names);
    connect(box, &QComboBox::activated, this, [this, field, part, undoName](int option) {
        editor_.edit(undoName, {}, [&](card::Card& card) {
            if (void* const place = part(card))
                std::get<quantity::held::Choice>(field->holds).set(place, size_t(option));
        });
    });
    fieldRows_.push_back({box, field, std::move(part), std::move(shown)});
    return box;
}

StationBody::EdgeRows StationBody::edgeRows(const QString& label, const QString& accessibleName,
                                            const QString& undoName, double sizeStep, const PartOf& edge,
                                            const std::function<bool()>& shown) {
    EdgeRows rows{nullptr, edge};
    const quantity::PartFields& fields = quantity::fieldsOf<blank::Edge>();
    QStringList names;
    for (int i = 0; i < blank::edgeKinds; ++i)
        names << wording::nameOf(static_cast<blank::EdgeKind>(i));
    choiceRow(label, accessibleName, undoName, names, fields, "kind", edge, shown);
    rows.size = fieldRow(tr("Edge size"), fields, "size", sizeStep, edge, shown);
    NumberField* const angle = fieldRow(tr("Edge angle"), fields, "angle", 1, edge, shown);
    putBeside(angle, rows.size, tr("angle"));
    return rows;
}

void StationBody::refreshEdge(const EdgeRows& rows) {
    auto& card = const_cast<card::Card&>(editor_.card()); // only read, as in refreshFields()
    if (const auto* const edge = static_cast<const blank::Edge*>(rows.edge(card)))
        setRowLabel(rows.size, edge->kind == blank::EdgeKind::round ? tr("Edge radius") : tr("Edge size"));
}

void StationBody::refreshFields() {
    auto& card = const_cast<card::Card&>(
        editor_.card()); // fields reach into what could be changed; here they only read
    for (const FieldRow& row : fieldRows_) {
        void* const place = row.part(card);
        row.widget->setEnabled(place != nullptr);
        if (!place) {
            if (row.shown)
                setRowVisible(row.widget, row.shown());
            continue;
        }
        if (auto* const number = qobject_cast<NumberField*>(row.widget)) {
            number->setUnit(card.unit);
            number->setValue(numberAt(*row.field, place, row.of));
        } else if (auto* const choice = qobject_cast<QComboBox*>(row.widget)) {
            choice->setCurrentIndex(int(std::get<quantity::held::Choice>(row.field->holds).get(place)));
        }
        setRowVisible(row.widget,
                      (!row.shown || row.shown()) && (!row.field->matters || row.field->matters(place)));
    }
}

void StationBody::row(const QString& label, QWidget* widget) {
    auto* name = softLabel(label, this);
    name->setBuddy(widget);
    name->setWordWrap(true);
    // Over what stands below, so that nothing moves while someone types.
    auto* problem = new QLabel(this);
    problem->setObjectName(QStringLiteral("problem"));
    problem->setWordWrap(true);
    problem->setAutoFillBackground(true);
    problem->setFrameShape(QFrame::Box);
    problem->setMargin(4);
    problem->hide();
    const int at = grid_->rowCount();
    grid_->addWidget(name, at, 0);
    grid_->addWidget(widget, at, 1, 1, columns - 1);
    add(widget, name, problem);
    rows_.back().line = rows_.back().own = at;
    nameRow(rows_.back(), label);
}

int StationBody::room() {
    constexpr int margins = 26, edge = 1, bar = 8;
    return panelWidth(RouteCard::usualWidth) - drawing::scaled(bar) - margins - edge;
}

/// Long labels take two lines, so that fields stand in one column; it is as wide as the longest word of those
/// that are shown.
void StationBody::fitLabels() {
    int widest = drawing::scaled(labelWidth);
    for (const Row& row : rows_)
        if (row.label && !row.isRight && isShown(row))
            widest = std::max(widest, row.needs);
    widest = std::min(widest, room() / 2);
    if (widest == labels_)
        return;
    labels_ = widest;
    grid_->setColumnMinimumWidth(0, widest);
    for (Row& row : rows_)
        if (row.label && !row.isRight)
            row.label->setFixedWidth(widest);
    for (Row& row : rows_)
        if (row.after)
            placeBeside(row);
}

void StationBody::nameRow(Row& row, const QString& label) {
    static const QRegularExpression gaps(QStringLiteral("[\\s–-]+"));
    row.full = label;
    row.needs = 0;
    for (const QString& word : label.split(gaps))
        row.needs = std::max(row.needs, row.label->contentsMargins().left() +
                                            row.label->fontMetrics().horizontalAdvance(word));
    if (!row.isRight) {
        row.label->setText(label);
        row.label->setFixedWidth(labels_);
    }
    fitLabels();
}

void StationBody::wide(QWidget* widget) {
    grid_->addWidget(widget, grid_->rowCount(), 0, 1, columns);
    add(widget, nullptr, nullptr);
}

StationBody::Row& StationBody::rowOf(const QWidget* widget) {
    return *std::ranges::find(rows_, widget, &Row::widget);
}

void StationBody::showProblem(const Row& row, const QString& sentence) {
    row.problem->setText(sentence);
    row.problem->setVisible(!sentence.isEmpty() && isShown(row));
    const QMargins margins = grid_->contentsMargins();
    const int room = width() - margins.left() - margins.right();
    row.problem->setGeometry(margins.left(), row.widget->geometry().bottom() + 2, room,
                             row.problem->heightForWidth(room));
    row.problem->raise();
}

void StationBody::putBeside(QWidget* widget, QWidget* first, const QString& label) {
    Row& own = rowOf(widget);
    own.after = first;
    own.half = label;
    constexpr int least = 46;
    for (QWidget* half : {widget, first})
        half->setMinimumWidth(drawing::scaled(least));
    placeBeside(own);
    fitLabels();
}

/// In the right half of the other's line where that is shown and both have room; else on a line of its own.
void StationBody::placeBeside(Row& row) {
    Row& first = rowOf(row.after);
    constexpr int gap = 8;
    const int half =
        row.label->contentsMargins().left() + row.label->fontMetrics().horizontalAdvance(row.half);
    auto* const number = qobject_cast<NumberField*>(row.widget);
    const auto* const firstNumber = qobject_cast<const NumberField*>(first.widget);
    // What the other measures in, it need not say again.
    const bool sameUnit = number && firstNumber && number->kind() == firstNumber->kind();
    const int least = number ? number->leastWidth(!sameUnit) : row.widget->minimumWidth();
    const int firstLeast = firstNumber ? firstNumber->leastWidth() : first.widget->minimumWidth();
    // Where the other is not there it stands for itself.
    const bool fits = isShown(first) && labels_ + half + 3 * gap + least + firstLeast <= room();
    if (fits == row.isRight && row.label->text() == (fits ? row.half : row.full))
        return;
    row.isRight = fits;
    if (number)
        number->setUnitShown(!fits || !sameUnit);
    row.widget->setMinimumWidth(least);
    first.widget->setMinimumWidth(firstLeast);
    row.line = fits ? first.line : row.own;
    first.beside = fits ? row.widget : nullptr;
    row.label->setText(fits ? row.half : row.full);
    row.label->setWordWrap(!fits);
    row.label->setMinimumWidth(fits ? 0 : labels_);
    row.label->setMaximumWidth(fits ? QWIDGETSIZE_MAX : labels_);
    grid_->removeWidget(row.label);
    grid_->removeWidget(row.widget);
    grid_->removeWidget(first.widget);
    grid_->addWidget(row.label, row.line, fits ? 2 : 0);
    if (fits)
        grid_->addWidget(row.widget, row.line, 3);
    else
        grid_->addWidget(row.widget, row.line, 1, 1, columns - 1);
    grid_->addWidget(first.widget, first.line, 1, 1, fits ? 1 : columns - 1);
    show(row);
}

void StationBody::add(QWidget* widget, QLabel* label, QLabel* problem) {
    explain(widget, QLatin1String(topic_));
    if (auto* const box = qobject_cast<QComboBox*>(widget))
        mayShrink(box);
    const bool hiddenByHand = widget->testAttribute(Qt::WA_WState_ExplicitShowHide) && widget->isHidden();
    rows_.push_back({widget, label, problem, int(folds_.size()) - 1, !hiddenByHand});
    if (!folds_.empty())
        show(rows_.back());
}

int StationBody::fold(const QString& title) {
    const int number = int(folds_.size());
    auto* heading = new QPushButton(this);
    heading->setObjectName(QStringLiteral("fold"));
    heading->setProperty("title", title);
    grid_->addWidget(heading, grid_->rowCount(), 0, 1, columns);
    folds_.push_back({heading, true, true});
    openFold(number, false);
    connect(heading, &QPushButton::clicked, this,
            [this, number] { openFold(number, !folds_[size_t(number)].open); });
    return number;
}

void StationBody::openFold(int number, bool open) {
    Fold& fold = folds_[size_t(number)];
    fold.open = open;
    const QString title = fold.heading->property("title").toString();
    fold.heading->setText((open ? QStringLiteral("\u2013 ") : QStringLiteral("+ ")) + title);
    fold.heading->setAccessibleName(open ? tr("%1, open").arg(title) : tr("%1, closed").arg(title));
    for (const Row& row : rows_)
        if (row.fold == number)
            show(row);
}

void StationBody::setFoldVisible(int number, bool visible) {
    folds_[size_t(number)].wanted = visible;
    folds_[size_t(number)].heading->setVisible(visible);
    for (const Row& row : rows_)
        if (row.fold == number)
            show(row);
}

bool StationBody::isShown(const Row& row) const {
    const bool unfolded = row.fold < 0 || (folds_[size_t(row.fold)].open && folds_[size_t(row.fold)].wanted);
    return row.wanted && unfolded;
}

void StationBody::show(const Row& row) {
    const bool shown = isShown(row);
    row.widget->setVisible(shown);
    if (row.label)
        row.label->setVisible(shown);
    if (row.problem && !shown)
        row.problem->hide();
    if (row.label)
        fitLabels();
    for (Row& other : rows_)
        if (other.after == row.widget)
            placeBeside(other);
    // Alone a row has all of its line.
    for (const Row& first : rows_)
        if (first.beside && (first.beside == row.widget || &first == &row)) {
            const bool both = isShown(rowOf(first.beside));
            grid_->removeWidget(first.widget);
            grid_->addWidget(first.widget, first.line, 1, 1, both ? 1 : columns - 1);
        }
}

void StationBody::setRowVisible(QWidget* widget, bool visible) {
    for (Row& row : rows_)
        if (row.widget == widget && row.wanted != visible) {
            row.wanted = visible;
            show(row);
        }
}

void StationBody::setRowLabel(QWidget* widget, const QString& label) {
    for (Row& row : rows_)
        if (row.widget == widget && row.label && row.full != label)
            nameRow(row, label);
    widget->setAccessibleName(label);
}

void StationBody::setShortLabel(QWidget* widget, const QString& label) {
    nameRow(rowOf(widget), label);
}

void StationBody::putBefore(QWidget* picture, QWidget* widget) {
    QLabel* const label = rowOf(widget).label;
    constexpr int between = 6;
    label->setContentsMargins(picture->width() + between, 0, 0, 0);
    label->setMinimumHeight(picture->height());
    picture->setParent(label);
    picture->move(0, 0);
    Row& row = rowOf(widget);
    nameRow(row, row.full);
    if (row.after)
        placeBeside(row);
}

Station::Station(int number, const QString& title, MakeBody makeBody, QWidget* parent)
    : QWidget(parent), number_(number), makeBody_(std::move(makeBody)) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 1);
    layout->setSpacing(0);
    head_ = new QWidget(this);
    head_->setFocusPolicy(Qt::StrongFocus);
    head_->setCursor(Qt::PointingHandCursor);
    head_->installEventFilter(this);
    head_->setAccessibleName(tr("Station %1, %2").arg(number).arg(title));
    auto* grid = new QGridLayout(head_);
    const bool fromRight = layoutDirection() == Qt::RightToLeft;
    grid->setContentsMargins(fromRight ? 12 : drawing::scaled(44), 9, fromRight ? drawing::scaled(44) : 12,
                             9);
    grid->setVerticalSpacing(2);
    title_ = new QLabel(title, head_);
    QFont bold = title_->font();
    bold.setWeight(QFont::DemiBold);
    title_->setFont(bold);
    mark_ = new QLabel(head_);
    mark_->setFont(bold);
    summary_ = new ElidedLabel(head_);
    summary_->setObjectName(QStringLiteral("soft"));
    summary_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    grid->addWidget(title_, 0, 0);
    grid->addWidget(mark_, 0, 1, Qt::AlignRight);
    grid->addWidget(summary_, 1, 0, 1, 2);
    layout->addWidget(head_);
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
}

void Station::setOpen(bool open) {
    open_ = open;
    if (open && !body_) {
        scroll_ = new BodyScroll(this);
        body_ = makeBody_(scroll_);
        scroll_->setWidget(body_);
        connect(body_, &StationBody::drawerWanted, this, &Station::drawerWanted);
        connect(body_, &StationBody::drawerDone, this, &Station::drawerDone);
        layout()->addWidget(scroll_);
    }
    if (scroll_)
        scroll_->setVisible(open);
    if (open)
        body_->refresh();
    head_->setAccessibleDescription(open ? tr("open") : summary_->text());
    update();
}

void Station::setSummary(const QString& summary) {
    summary_->setText(summary);
    summary_->setToolTip(summary);
    if (!open_)
        head_->setAccessibleDescription(summary);
}

QString Station::summary() const {
    return summary_->text();
}

void Station::setMark(int stops, int watches) {
    stops_ = stops;
    watches_ = watches;
    const drawing::Tokens& t = drawing::tokens();
    mark_->setText(stops > 0     ? tr("%1 stop").arg(stops)
                   : watches > 0 ? tr("%1 watch").arg(watches)
                                 : QString());
    QPalette palette = mark_->palette();
    palette.setColor(QPalette::WindowText, stops > 0 ? t.stop : t.watch);
    mark_->setPalette(palette);
    update();
}

void Station::refresh() {
    if (open_ && body_)
        body_->refresh();
}

void Station::focusBody() {
    if (body_) {
        const QList<QWidget*> inside = body_->findChildren<QWidget*>();
        for (QWidget* widget : inside)
            if (widget->focusPolicy() & Qt::TabFocus && widget->isVisibleTo(body_))
                return widget->setFocus(Qt::ShortcutFocusReason);
    }
    focusHead();
}

void Station::focusHead() {
    head_->setFocus(Qt::ShortcutFocusReason);
}

void Station::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const drawing::Tokens& t = drawing::tokens();
    if (open_)
        painter.fillRect(rect(), t.field);
    painter.setPen(t.line);
    painter.drawLine(0, height() - 1, width(), height() - 1);
    const QColor edge = stops_ > 0     ? t.stop
                        : watches_ > 0 ? t.watch
                        : open_        ? t.tide
                                       : QColor(Qt::transparent);
    const auto mirrored = [this](const QRect& there) {
        return QStyle::visualRect(layoutDirection(), rect(), there);
    };
    painter.fillRect(mirrored(QRect(0, 0, 3, height() - 1)), edge);
    const int size = drawing::scaled(19);
    const QRectF box = QRectF(mirrored(QRect(14, 12, size, size))).translated(0.5, 0.5);
    painter.setPen(head_->hasFocus() ? t.tide : open_ ? t.ink : t.inkSoft);
    painter.drawRect(box);
    painter.drawText(box, Qt::AlignCenter, QString::number(number_));
    if (head_->hasFocus())
        painter.drawRect(QRectF(head_->geometry()).adjusted(4.5, 1.5, -1.5, -1.5));
}

bool Station::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::MouseButtonPress)
        emit openWanted();
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Return || key == Qt::Key_Enter || key == Qt::Key_Space) {
            emit openWanted();
            return true;
        }
    }
    if (event->type() == QEvent::FocusIn || event->type() == QEvent::FocusOut)
        update();
    return QWidget::eventFilter(watched, event);
}

} // namespace bollard::app
