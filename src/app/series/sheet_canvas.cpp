#include "app/series/sheet_canvas.hpp"
#include "drawing/paths.hpp"
#include "drawing/tokens.hpp"
#include "wording/wording.hpp"
#include <QFontInfo>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <cmath>

namespace bollard::app {
namespace {

constexpr double between = 0.12; // of a sheet's width, between sheets

QTransform placed(const nest::Place& place, QPointF corner) {
    QTransform transform;
    transform.translate(corner.x() + place.at.x, corner.y() + place.at.y);
    transform.rotate(place.turn);
    return transform;
}

} // namespace

SheetCanvas::SheetCanvas(QWidget* parent) : PlanCanvas(parent) {
    setAccessibleName(tr("Sheets with the parts on them"));
    setAccessibleDescription(tr("Left and right choose a part; plus and minus zoom; Home shows all sheets."));
}

void SheetCanvas::show(std::shared_ptr<const nest::Nest> nest, const nest::Board& board,
                       std::vector<int> rowOf, const std::vector<MadeRow>* rows) {
    nest_ = std::move(nest);
    board_ = board;
    rowOf_ = std::move(rowOf);
    rows_ = rows;
    update();
}

void SheetCanvas::choose(int row) {
    chosen_ = row;
    update();
}

/// As many beside each other as makes it about as wide as the canvas.
QPointF SheetCanvas::cornerOf(size_t sheet) const {
    const size_t count = nest_ ? std::max<size_t>(1, nest_->sheets.size()) : 1;
    const double ratio = double(width()) / std::max(1, height()) * board_.height / board_.width;
    const auto columns = size_t(std::clamp(std::round(std::sqrt(double(count) * ratio)), 1.0, double(count)));
    const double gap = between * board_.width;
    return {double(sheet % columns) * (board_.width + gap), -double(sheet / columns) * (board_.height + gap)};
}

QRectF SheetCanvas::all() const {
    QRectF box(0, 0, board_.width, board_.height);
    if (nest_)
        for (size_t i = 1; i < nest_->sheets.size(); ++i)
            box |= QRectF(cornerOf(i), QSizeF(board_.width, board_.height));
    return box;
}

void SheetCanvas::paintEvent(QPaintEvent*) {
    const drawing::Tokens& t = drawing::tokens();
    QPainter painter(this);
    painter.fillRect(rect(), t.ground);
    painter.setRenderHint(QPainter::Antialiasing);
    if (!nest_ || !rows_)
        return;
    const QPointF origin = onScreen(0, 0);
    QTransform toScreen;
    toScreen.translate(origin.x(), origin.y());
    toScreen.scale(scale(), -scale());
    QFont small = font();
    small.setPixelSize(std::max(1, QFontInfo(font()).pixelSize() * 17 / 20));
    for (size_t i = 0; i < nest_->sheets.size(); ++i) {
        const QPointF corner = cornerOf(i);
        const QRectF sheet = toScreen.mapRect(QRectF(corner, QSizeF(board_.width, board_.height)));
        painter.setPen(QPen(t.line, 1));
        painter.setBrush(t.paper);
        painter.drawRect(sheet);
        const double margin = board_.margin * scale();
        painter.setPen(QPen(t.line, 1, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(sheet.adjusted(margin, margin, -margin, -margin));
        for (const nest::Place& place : nest_->sheets[i].places) {
            const int row = rowOf_[size_t(place.part)];
            if (row >= int(rows_->size()))
                continue;
            const MadeRow& made = (*rows_)[size_t(row)];
            const QTransform transform = placed(place, corner) * toScreen;
            const QPainterPath covered = transform.map(drawing::pathOf(made.covered));
            const bool chosen = row == chosen_;
            painter.fillPath(covered, chosen ? t.tideWash : t.material);
            painter.setPen(QPen(chosen ? t.tide : t.materialEdge, chosen ? 2 : 1));
            painter.setBrush(Qt::NoBrush);
            painter.drawPath(covered);
            painter.setPen(QPen(t.ink, 0.8));
            painter.drawPath(transform.map(made.lines));
            const QRectF box = covered.boundingRect();
            constexpr double roomForNumber = 26;
            if (box.height() > roomForNumber && box.width() > roomForNumber) {
                painter.setFont(small);
                painter.setPen(t.inkSoft);
                painter.drawText(box.adjusted(4, 2, -4, -2), Qt::AlignLeft | Qt::AlignTop,
                                 QString::number(row + 1));
            }
        }
        painter.setFont(font());
        painter.setPen(t.ink);
        painter.drawText(
            QRectF(sheet.left(), sheet.top() - 22, std::max(sheet.width(), 160.0), 18),
            Qt::AlignLeft | Qt::AlignVCenter,
            tr("Sheet %1, %2 % full").arg(i + 1).arg(wording::fixedText(nest_->sheets[i].used * 100, 0)));
    }
}

int SheetCanvas::rowAt(QPointF at) const {
    if (!nest_ || !rows_)
        return -1;
    for (size_t i = 0; i < nest_->sheets.size(); ++i)
        for (const nest::Place& place : nest_->sheets[i].places) {
            const int row = rowOf_[size_t(place.part)];
            if (row < int(rows_->size()) &&
                placed(place, cornerOf(i)).map(drawing::pathOf((*rows_)[size_t(row)].covered)).contains(at))
                return row;
        }
    return -1;
}

void SheetCanvas::mousePressEvent(QMouseEvent* event) {
    setFocus();
    if (const int row = rowAt(onPlan(event->position())); row >= 0) {
        choose(row);
        emit picked(row);
    }
    beginDrag(event->position());
}

void SheetCanvas::keyPressEvent(QKeyEvent* event) {
    const int step = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
    if (step == 0 || !rows_ || rows_->empty())
        return PlanCanvas::keyPressEvent(event);
    const int count = int(rows_->size()), next = std::clamp(chosen_ + step, 0, count - 1);
    choose(next);
    emit picked(next);
}

} // namespace bollard::app
