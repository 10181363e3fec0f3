// What is drawn over the letters of the Flat view: selection, handles, waves and measures.
#include "app/board/flat_view.hpp"
#include "drawing/paths.hpp"
#include "wording/wording.hpp"
#include <QPainter>

namespace bollard::app {

void FlatView::paintSelection(QPainter& painter) const {
    const QList<QPointF> places = handles();
    if (places.isEmpty())
        return;
    const drawing::Tokens& t = drawing::tokens();
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(t.tide, 1));
    for (const int number : editor_.chosen())
        if (number != editor_.selected())
            painter.drawPolygon(scale_.transform().map(frameOf(number)));
    painter.drawPolygon(places.data(), 4);
    if (writing())
        return;
    painter.drawLine((places[2] + places[3]) / 2, places[4]);
    painter.setBrush(t.paper);
    painter.setPen(QPen(t.tide, 1.5));
    for (int i = 0; i < 4; ++i) {
        QRectF handle(0, 0, handleSize, handleSize);
        handle.moveCenter(places[i]);
        painter.drawRect(handle);
    }
    painter.drawEllipse(places[4], handleSize / 2 + 0.5, handleSize / 2 + 0.5);
}

void FlatView::paintLine(QPainter& painter) const {
    const working::PlacedLetters* letters = shownLetters();
    const card::Inscription* inscription = editor_.inscription();
    if (!letters || !inscription || inscription->isOrnament())
        return;
    const drawing::Tokens& t = drawing::tokens();
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(t.tide, 1, Qt::DotLine));
    painter.drawPath(scale_.transform().map(linePath(*inscription, *letters)));
    painter.setPen(QPen(t.tide, 1.5));
    for (const LineHandle& handle : bendHandles()) {
        const QPointF at = scale_.toPixels({handle.at.x, handle.at.y});
        const bool chosen = handle.kind == LineHandle::Kind::point && handle.point == editor_.curvePoint();
        painter.setBrush(chosen ? t.tide : t.paper);
        QPolygonF lozenge;
        switch (handle.kind) {
        case LineHandle::Kind::bead:
            painter.setBrush(t.tide);
            painter.drawEllipse(at, handleSize / 2 + 1, handleSize / 2 + 1);
            break;
        case LineHandle::Kind::before:
        case LineHandle::Kind::after:
            painter.drawEllipse(at, handleSize / 2 - 1, handleSize / 2 - 1);
            break;
        default:
            for (const QPointF corner : {QPointF(0, -6), QPointF(6, 0), QPointF(0, 6), QPointF(-6, 0)})
                lozenge << at + corner;
            painter.drawPolygon(lozenge);
        }
    }
}

void FlatView::paintChosenLetters(QPainter& painter) const {
    const working::PlacedLetters* letters = shownLetters();
    if (!letters || editor_.letters().empty())
        return;
    const drawing::Tokens& t = drawing::tokens();
    QColor wash = t.tide;
    wash.setAlphaF(0.35f);
    painter.setPen(QPen(t.tide, 1.5));
    painter.setBrush(wash);
    for (size_t i = 0; i < letters->onSide.size(); ++i)
        if (std::ranges::count(editor_.letters(), letters->setting->letters[i].index) > 0)
            painter.drawPath(scale_.transform().map(drawing::pathOf(letters->onSide[i])));
}

void FlatView::paintMisspelt(QPainter& painter) const {
    const working::PlacedLetters* letters = shownLetters();
    const card::Inscription* inscription = editor_.inscription();
    // Filled-in fields stand elsewhere than in the words as they are typed.
    if (misspelt_.empty() || !letters || !inscription || setting::hasFields(inscription->words))
        return;
    painter.setPen(QPen(drawing::tokens().watch, 1.5));
    painter.setBrush(Qt::NoBrush);
    const double below = 0.16 * setting::measureOf(*letters->setting, setting::SizeBy::capital);
    for (const type::Misspelling& wrong : misspelt_)
        for (const setting::Line& line : letters->setting->lines) {
            const int from = wrong.first - line.first, to = from + wrong.count;
            if (from < 0 || size_t(to) >= line.carets.size())
                continue;
            const double start = std::min(line.carets[size_t(from)], line.carets[size_t(to)]);
            const double end = std::max(line.carets[size_t(from)], line.carets[size_t(to)]);
            constexpr double step = 4, height = 2; // pixels
            const int steps = std::max(2, int((end - start) * scale_.pixelsPerMm / step));
            QPolygonF wave;
            for (int i = 0; i <= steps; ++i) {
                const plane::Curve::Place at = line.at(start + (end - start) * i / steps);
                const double off = below + (i % 2 == 0 ? height : -height) / scale_.pixelsPerMm;
                const plane::Vector point =
                    at.at - off * plane::unitsPerMillimetre * plane::Vector{-at.along.y, at.along.x};
                wave << scale_.toPixels(drawing::pointOf(letters->place.toSide(point)));
            }
            painter.drawPolyline(wave);
        }
}

void FlatView::paintMeasure(QPainter& painter) const {
    if (!measuring_ || measured_.isEmpty())
        return;
    const drawing::Tokens& t = drawing::tokens();
    painter.setPen(QPen(t.tide, 2));
    painter.setBrush(Qt::NoBrush);
    QPointF at = mapFromGlobal(QCursor::pos());
    if (measureLine_ && drag_ == Drag::measure) {
        at = scale_.toPixels(measureLine_->p2());
        painter.drawLine(scale_.toPixels(measureLine_->p1()), at);
    } else if (measurePoint_) {
        at = scale_.toPixels(*measurePoint_);
        const double radius = std::max(3.0, measuredWidth_ / 2 * scale_.pixelsPerMm);
        painter.drawEllipse(at, radius, radius);
    }
    const QFontMetricsF metrics(painter.font());
    QRectF box(at + QPointF(14, -30),
               QSizeF(metrics.horizontalAdvance(measured_) + 12, metrics.height() + 6));
    box.moveRight(std::min(box.right(), width() - 8.0));
    painter.fillRect(box, t.paper);
    painter.setPen(t.ink);
    painter.drawText(box, Qt::AlignCenter, measured_);
}

} // namespace bollard::app
