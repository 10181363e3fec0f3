#include "app/card/tool_sketch.hpp"
#include "drawing/tokens.hpp"
#include "wording/wording.hpp"
#include <QPainter>
#include <QPainterPath>
#include <cmath>

namespace bollard::app {

ToolSketch::ToolSketch(QWidget* parent) : QWidget(parent) {
    constexpr int high = 104;
    setFixedHeight(high);
}

bool ToolSketch::fits() const {
    return stroke_ <= 0 || tool_.narrowest() <= stroke_;
}

void ToolSketch::show(const cut::Tool& tool, double stroke, double depth, quantity::Unit unit) {
    tool_ = tool;
    stroke_ = stroke;
    depth_ = depth;
    unit_ = unit;
    const QString stands =
        stroke > 0 ? tr("Narrowest stroke %1, tool %2.")
                         .arg(wording::lengthText(stroke, unit), wording::lengthText(tool_.narrowest(), unit))
                   : tr("Tool %1.").arg(wording::lengthText(tool_.narrowest(), unit));
    setAccessibleName(fits() ? stands : tr("%1 It does not go in.").arg(stands));
    setToolTip(accessibleName());
    update();
}

void ToolSketch::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const drawing::Tokens& t = drawing::tokens();
    const double stroke = stroke_ > 0 ? stroke_ : std::max(tool_.narrowest(), 0.5);
    // As deep as it goes in so wide a stroke
    const double spread = tool_.spread(), deepest = tool_.tapers() && spread > 0
                                                        ? std::max(0.0, (stroke - tool_.tip) / 2 / spread)
                                                        : depth_;
    const double deep = tool_.burns() ? depth_ : std::min(depth_ > 0 ? depth_ : deepest, deepest);
    const double across = std::max({1.6 * stroke, 1.6 * tool_.narrowest(), 0.8});
    const double front = height() * 0.55, middle = width() / 2.0;
    const double scale =
        std::min(width() * 0.8 / across, (height() - front - 8) / std::max(deep, across / 4));
    const QRectF material(0, front, width(), height() - front);
    painter.fillRect(material, t.material);
    // The tool, as high as there is room
    QPainterPath profile;
    const double radius = std::max(tool_.radius(), tool_.narrowest() / 2);
    constexpr int steps = 64;
    std::vector<QPointF> right;
    for (int i = 0; i <= steps; ++i) {
        const double off = radius * i / steps, up = tool_.burns() ? 0 : tool_.heightAt(off);
        if (std::isfinite(up))
            right.emplace_back(off, up);
    }
    const double tip = fits() ? front + deep * scale : front; // what does not go in stands on it
    const auto at = [&](double off, double up) { return QPointF(middle + off * scale, tip - up * scale); };
    profile.moveTo(at(0, 0));
    for (const QPointF& p : right)
        profile.lineTo(at(p.x(), p.y()));
    profile.lineTo(QPointF(at(right.back().x(), 0).x(), 0));
    profile.lineTo(QPointF(at(-right.back().x(), 0).x(), 0));
    for (size_t i = right.size(); i-- > 0;)
        profile.lineTo(at(-right[i].x(), right[i].y()));
    profile.closeSubpath();
    if (fits()) { // what it has cut
        painter.save();
        painter.setClipRect(material);
        painter.fillPath(profile, t.field);
        painter.restore();
    }
    QColor body = fits() ? t.tide : t.stop;
    body.setAlphaF(0.22f);
    painter.fillPath(profile, body);
    painter.setPen(QPen(fits() ? t.tide : t.stop, 1.3));
    painter.drawPath(profile);
    painter.setPen(QPen(t.ink, 1));
    painter.drawLine(QPointF(0, front), QPointF(width(), front));
    if (stroke_ > 0) {
        painter.setPen(QPen(t.ink, 1, Qt::DashLine));
        for (const double side : {-0.5, 0.5})
            painter.drawLine(QPointF(middle + side * stroke * scale, front - 9),
                             QPointF(middle + side * stroke * scale, height() - 3.0));
        painter.setPen(t.inkSoft);
        painter.drawText(QRectF(4, 2, width() - 8, 16), Qt::AlignLeft,
                         tr("stroke %1").arg(wording::lengthText(stroke_, unit_)));
    }
    painter.setPen(fits() ? t.inkSoft : t.stop);
    painter.drawText(QRectF(4, 2, width() - 8, 16), Qt::AlignRight,
                     fits() ? (tool_.tapers() ? tr("tip %1") : tr("tool %1"))
                                  .arg(wording::lengthText(tool_.narrowest(), unit_))
                            : tr("tool %1: too wide").arg(wording::lengthText(tool_.narrowest(), unit_)));
}

} // namespace bollard::app
