#include "app/board/section_strip.hpp"
#include "drawing/tokens.hpp"
#include "wording/wording.hpp"
#include <QPainter>
#include <QPainterPath>

namespace bollard::app {

SectionStrip::SectionStrip(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Section along the line"));
    setCursor(Qt::PointingHandCursor);
    hide();
}

void SectionStrip::show(const body::Section& section, const QLineF& line, quantity::Unit unit) {
    section_ = section;
    length_ = line.length();
    unit_ = unit;
    QWidget::show();
    update();
}

void SectionStrip::mousePressEvent(QMouseEvent*) {
    hide();
    emit closed();
}

void SectionStrip::paintEvent(QPaintEvent*) {
    const drawing::Tokens& t = drawing::tokens();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), t.paper);
    painter.setPen(t.line);
    painter.drawLine(0, 0, width(), 0);
    QFont small = font();
    small.setPixelSize(drawing::scaled(11));
    painter.setFont(small);
    painter.setPen(t.inkSoft);
    constexpr int edge = 12, heights = 74;
    painter.drawText(edge, 16, tr("Section along the line, to scale; Esc puts it away"));
    double low = 0, high = 0;
    for (const auto* loops : {&section_.blank, &section_.letters})
        for (const body::SectionLoop& loop : *loops)
            for (const body::SectionPoint& point : loop) {
                low = std::min(low, point.z);
                high = std::max(high, point.z);
            }
    if (section_.empty() || !(high > low) || !(length_ > 0)) {
        painter.drawText(rect(), Qt::AlignCenter, tr("The line crosses no material."));
        return;
    }
    const QRectF room = QRectF(rect()).adjusted(edge, 26, -heights, -12);
    const double scale = std::min(room.width() / length_, room.height() / (high - low));
    const double left = room.center().x() - length_ * scale / 2;
    const double foot = room.center().y() + (high + low) / 2 * scale;
    const auto at = [&](const body::SectionPoint& point) {
        return QPointF(left + point.along * scale, foot - point.z * scale);
    };
    const auto pathOf = [&](const std::vector<body::SectionLoop>& loops) {
        QPainterPath path;
        for (const body::SectionLoop& loop : loops) {
            path.moveTo(at(loop.front()));
            for (const body::SectionPoint& point : loop)
                path.lineTo(at(point));
            path.closeSubpath();
        }
        return path;
    };
    // Letters apart from the blank, hatched the other way, so that one sees where they meet.
    const auto draw = [&](const QPainterPath& path, const QColor& fill, const QColor& line,
                          Qt::BrushStyle hatch) {
        painter.setPen(QPen(line, 1.2));
        painter.setBrush(fill);
        painter.drawPath(path);
        painter.setBrush(QBrush(line, hatch));
        painter.drawPath(path);
    };
    painter.save();
    painter.setClipRect(QRectF(left - 0.5, 0, length_ * scale + 1, height()));
    draw(pathOf(section_.blank), t.material, t.materialEdge, Qt::BDiagPattern);
    draw(pathOf(section_.letters), t.letters, t.lettersCut, Qt::FDiagPattern);
    painter.restore();
    // Heights at the right, each clear of the one below it.
    double lowest = height();
    for (const double level : section_.levels) {
        const double y = foot - level * scale;
        painter.setPen(QPen(t.inkSoft, 1, Qt::DotLine));
        painter.drawLine(QPointF(left + length_ * scale, y), QPointF(width() - heights + 4, y));
        const double textAt = std::min(y + 4, lowest - 2);
        painter.setPen(t.ink);
        painter.drawText(QPointF(width() - heights + 8, textAt),
                         (level > 0 ? QStringLiteral("+") : QString()) + wording::lengthText(level, unit_));
        lowest = textAt - 10;
    }
}

} // namespace bollard::app
