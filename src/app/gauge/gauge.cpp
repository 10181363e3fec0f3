#include "app/gauge/gauge.hpp"
#include "app/help/topic.hpp"
#include "drawing/tokens.hpp"
#include "wording/wording.hpp"
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <array>
#include <cmath>

namespace bollard::app {
namespace {

constexpr int leastLeft = 84, right = 24, barCount = check::WidthCounts::bars;
constexpr std::string_view strokeStop = "strokeStop", strokeWatch = "strokeWatch", gapStop = "gapStop",
                           gapWatch = "gapWatch";
constexpr std::array marks{strokeStop, strokeWatch, gapStop, gapWatch};

bool isStrokeMark(std::string_view limit) {
    return limit == strokeStop || limit == strokeWatch;
}
bool isStopMark(std::string_view limit) {
    return limit == strokeStop || limit == gapStop;
}

} // namespace

Gauge::Gauge(CardEditor& editor, Maker& maker, QWidget* parent)
    : QWidget(parent), editor_(editor), maker_(maker) {
    setObjectName(QStringLiteral("gauge"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(drawing::scaled(104));
    explain(this, QStringLiteral("gauge"));
    setMouseTracking(true);
    setAccessibleName(tr("Gauge"));
    connect(&maker_, &Maker::stageDone, this, &Gauge::count);
    connect(&editor_, &CardEditor::changed, this, [this] {
        readRules();
        update();
    });
    connect(&editor_, &CardEditor::selectionChanged, this, [this] {
        readRules();
        count();
    });
    readRules();
}

working::Kind Gauge::kind() const {
    return editor_.inscription() ? editor_.inscription()->working.kind : working::Kind::raised;
}

void Gauge::readRules() {
    rules_ = card::rulesFor(editor_.card(), editor_.inscription());
}

double Gauge::limitNow(std::string_view limit) const {
    return process::limitOf(rules_, limit).value_or(0);
}

QString Gauge::labelOf(std::string_view limit) const {
    const auto rule = std::ranges::find(rules_, limit, &process::Rule::name);
    return rule == rules_.end() ? QString() : wording::nameOf(*rule, kind());
}

/// Room for the limits and for most of what is there; the rest is gathered at the right end.
void Gauge::count() {
    bars_.assign(barCount, {});
    const auto& counts = maker_.shown().widths;
    if (counts) {
        const size_t span = check::spanFor(
            std::max({4 * limitNow(strokeWatch), 4 * limitNow(gapWatch), counts->usual * 1.1}));
        widest_ = check::WidthCounts::spans[span];
        barWidth_ = widest_ / barCount;
        bars_.assign(counts->ofSpan[span].begin(), counts->ofSpan[span].end());
    }
    setAccessibleDescription(
        counts && counts->thinnest >= 0
            ? tr("The thinnest stroke is %1 mm wide.").arg(wording::fixedText(counts->thinnest, 2))
            : QString());
    update();
}

/// As wide as the longer of the two names needs.
int Gauge::leftOfBars() const {
    return std::max(leastLeft, 24 + std::max(fontMetrics().horizontalAdvance(tr("strokes")),
                                             fontMetrics().horizontalAdvance(tr("gaps"))));
}

double Gauge::pixel(double mm) const {
    const int left = leftOfBars();
    return left + (width() - left - right) * std::min(mm, widest_) / widest_;
}
double Gauge::millimetre(double pixel) const {
    const int left = leftOfBars();
    return std::clamp((pixel - left) * widest_ / (width() - left - right), 0.0, widest_);
}

QPointF Gauge::markPosition(std::string_view limit) const {
    return {pixel(limitNow(limit)), isStrokeMark(limit) ? 9.0 : height() - 9.0};
}

void Gauge::paintEvent(QPaintEvent* event) {
    QWidget::paintEvent(event);
    QPainter painter(this);
    const drawing::Tokens& t = drawing::tokens();
    painter.fillRect(rect(), t.paper);
    painter.setPen(t.line);
    painter.drawLine(0, 0, width(), 0);
    const int left = leftOfBars();
    const double axis = drawing::scaled(14); // height of its numbers
    const double middle = (height() - axis) / 2 + 3, reach = drawing::scaled(34);
    double tallest = 0;
    for (const Bar& bar : bars_)
        tallest = std::max({tallest, bar.stroke, bar.gap});
    const double each = double(width() - left - right) / barCount;
    // By root, so that a few thin places stay visible beside many sound ones.
    const auto tall = [&](double amount) {
        return amount > 0 ? std::max(3.0, reach * std::sqrt(amount / tallest)) : 0.0;
    };
    const auto colour = [&](double mm, std::string_view stop, std::string_view watch, const QColor& sound) {
        return mm < limitNow(stop) ? t.stop : mm < limitNow(watch) ? t.watch : sound;
    };
    painter.setPen(Qt::NoPen);
    for (int i = 0; i < int(bars_.size()); ++i) {
        const double x = left + each * i, mm = (i + 0.5) * barWidth_;
        const Bar& bar = bars_[size_t(i)];
        painter.setBrush(colour(mm, strokeStop, strokeWatch, t.tide));
        painter.drawRect(QRectF(x + 0.5, middle - tall(bar.stroke), each - 1, tall(bar.stroke)));
        painter.setBrush(colour(mm, gapStop, gapWatch, t.inkSoft));
        painter.drawRect(QRectF(x + 0.5, middle + axis + 1, each - 1, tall(bar.gap)));
    }
    painter.setPen(t.ink);
    painter.drawText(QRectF(14, middle - reach, left - 20, reach - 4), Qt::AlignVCenter, tr("strokes"));
    painter.drawText(QRectF(14, middle + axis + 2, left - 20, reach - 4), Qt::AlignVCenter, tr("gaps"));
    QFont small = painter.font();
    small.setPixelSize(drawing::scaled(11));
    painter.setFont(small);
    painter.setPen(t.inkSoft);
    painter.drawLine(QPointF(left, middle), QPointF(width() - right, middle));
    painter.drawLine(QPointF(left, middle + axis), QPointF(width() - right, middle + axis));
    const int room = 8 * (painter.fontMetrics().horizontalAdvance(QStringLiteral("0.00")) + 8);
    const int each8th = room <= width() - left - right ? 1 : room / 2 <= width() - left - right ? 2 : 4;
    for (int i = 0; i <= 8; i += each8th) {
        const double mm = widest_ * i / 8;
        const QString text = wording::numberText(mm, 2) + (i == 8 ? tr(" mm +") : QString());
        painter.drawText(QRectF(pixel(mm) - 2 * axis, middle, 4 * axis, axis), Qt::AlignCenter, text);
    }
    painter.setRenderHint(QPainter::Antialiasing);
    for (const std::string_view mark : marks) {
        const double limit = limitNow(mark);
        if (limit <= 0 || limit > widest_)
            continue;
        const QPointF at = markPosition(mark);
        const QColor ink = isStopMark(mark) ? t.stop : t.watch;
        const double base = isStrokeMark(mark) ? middle : middle + axis + 1;
        painter.setPen(QPen(ink, 1.2, isStopMark(mark) ? Qt::SolidLine : Qt::DashLine));
        painter.drawLine(at, QPointF(at.x(), base));
        painter.setPen(Qt::NoPen);
        painter.setBrush(ink);
        if (isStopMark(mark))
            painter.drawRect(QRectF(at.x() - 4, at.y() - 4, 8, 8));
        else
            painter.drawPolygon(QPolygonF(
                {at + QPointF(0, -5), at + QPointF(5, 0), at + QPointF(0, 5), at + QPointF(-5, 0)}));
    }
}

void Gauge::mousePressEvent(QMouseEvent* event) {
    dragged_.reset();
    for (const std::string_view mark : marks)
        if (limitNow(mark) > 0 && (markPosition(mark) - event->position()).manhattanLength() < 12)
            dragged_ = mark;
    editor_.beginGesture();
}

void Gauge::mouseMoveEvent(QMouseEvent* event) {
    if (dragged_ && event->buttons() & Qt::LeftButton) {
        const double limit = std::round(millimetre(event->position().x()) * 100) / 100;
        const std::string key = process::keyOf(kind(), *dragged_);
        QToolTip::showText(
            event->globalPosition().toPoint(),
            QStringLiteral("%1 %2 mm").arg(labelOf(*dragged_)).arg(wording::fixedText(limit, 2)), this);
        return editor_.edit(tr("Change a limit"), QStringLiteral("limit"),
                            [&](card::Card& card) { card.process.own[key] = limit; });
    }
    const bool over = event->position().x() >= leftOfBars() && event->position().x() < width() - right;
    const int bar = over ? std::min(int(millimetre(event->position().x()) / barWidth_), barCount - 1) : -1;
    for (const std::string_view mark : marks)
        if (limitNow(mark) > 0 && (markPosition(mark) - event->position()).manhattanLength() < 12)
            QToolTip::showText(
                event->globalPosition().toPoint(),
                QStringLiteral("%1 %2 mm").arg(labelOf(mark)).arg(wording::fixedText(limitNow(mark), 2)),
                this);
    lightBar(bar, event->position().y() < height() / 2.0 + 3);
}

void Gauge::mouseReleaseEvent(QMouseEvent*) {
    dragged_.reset();
    editor_.endGesture();
}

void Gauge::leaveEvent(QEvent*) {
    lightBar(-1, true);
}

void Gauge::lightBar(int bar, bool strokes) {
    const int wanted = bar < 0 ? -1 : bar * 2 + (strokes ? 1 : 0);
    if (wanted == lightBar_)
        return;
    lightBar_ = wanted;
    std::vector<check::FindingPlace> places;
    const auto& checked = maker_.shown().made.checked;
    constexpr size_t most = 200; // rings beyond that only hide the letters
    if (bar >= 0 && checked)
        checked->measures->readings.forEach([&](const check::Reading& reading) {
            const int own = std::min(int(reading.width / barWidth_), barCount - 1);
            const bool counted = reading.length > 0; // necks are places only
            if (own == bar && counted && (reading.kind == check::ReadingKind::stroke) == strokes &&
                places.size() < most)
                places.push_back({reading.at, reading.width, -1, -1, {}, {}});
        });
    const double mm = (bar + 0.5) * barWidth_;
    emit lit(places, mm < limitNow(strokes ? strokeStop : gapStop));
}

} // namespace bollard::app
