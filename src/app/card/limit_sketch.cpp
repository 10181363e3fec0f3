#include "app/card/limit_sketch.hpp"
#include "drawing/tokens.hpp"
#include <QPainter>
#include <QPainterPath>
#include <cmath>

namespace bollard::app {
namespace {

/// Two shapes, drawn one over the other: what is material, and what is looked at.
struct Shapes {
    QPainterPath material, looked;
    QLineF measured; ///< from side to side of it
};

constexpr double right = LimitSketch::wide - 8, bottom = LimitSketch::high, middle = right / 2,
                 centre = bottom / 2;

QPainterPath box(double left, double top, double toRight, double toBottom) {
    QPainterPath path;
    path.addRect(QRectF(QPointF(left, top), QPointF(toRight, toBottom)));
    return path;
}
QPainterPath disc(QPointF at, double radius) {
    QPainterPath path;
    path.addEllipse(at, radius, radius);
    return path;
}

/// `size`: what is measured, in pixels.
Shapes shapesOf(process::Measured what, double size) {
    using enum process::Measured;
    const double half = size / 2;
    const QLineF across(middle - half, centre, middle + half, centre);
    constexpr double ground = 17; // where the front side lies in a cut through the part
    const QPainterPath plate = box(1, ground, right - 1, bottom - 1);
    switch (what) {
    case stroke:
        return {{}, box(middle - half, 1, middle + half, bottom - 1), across};
    case gap:
        return {
            {}, box(1, 1, middle - half, bottom - 1) | box(middle + half, 1, right - 1, bottom - 1), across};
    case counter:
        return {{},
                disc({middle, centre}, std::min(half + 5, centre - 1)) - disc({middle, centre}, half),
                across};
    case opening: {
        const QPainterPath frame = box(2, 2, right - 2, bottom - 2) - box(6, 6, right - 6, bottom - 6);
        return {{}, frame - box(middle - half, 0, middle + half, centre), across.translated(0, 4 - centre)};
    }
    case neck: {
        const QPainterPath both = disc({4, centre}, 7) | disc({right - 4, centre}, 7);
        return {{},
                both | box(4, centre - half, right - 4, centre + half),
                {middle, centre - half, middle, centre + half}};
    }
    case floor: {
        const QPainterPath block = box(1, 4, right - 1, bottom - 1);
        return {block - box(7, 3, right - 7, bottom - 1 - size),
                {},
                {middle, bottom - 1 - size, middle, bottom - 1}};
    }
    case height:
        return {plate, box(7, ground - size, right - 7, ground), {middle, ground - size, middle, ground}};
    case heightPerStroke:
        return {plate, box(middle - 2.5, 2, middle + 2.5, ground), {middle, 2, middle, ground}};
    case bedding:
        return {
            box(1, 9, right - 1, bottom - 1), box(7, 3, right - 7, 9 + size), {middle, 9, middle, 9 + size}};
    case thickness:
        return {box(1, centre - half, 9, centre + half) |
                    box(right - 9, centre - half, right - 1, centre + half),
                {},
                {5, centre - half, 5, centre + half}};
    case edge: {
        QPainterPath top;
        top.moveTo(3, bottom - 1);
        top.lineTo(3, 5 + size);
        top.lineTo(3 + size, 5);
        top.lineTo(right - 1, 5);
        top.lineTo(right - 1, bottom - 1);
        top.closeSubpath();
        return {{}, top, {3, 5 + size, 3 + size, 5}};
    }
    case draft: {
        QPainterPath wall;
        wall.moveTo(4, bottom - 1);
        wall.lineTo(4 + (bottom - 6) * std::tan(size * 0.0174533), 5);
        wall.lineTo(right - 1, 5);
        wall.lineTo(right - 1, bottom - 1);
        wall.closeSubpath();
        return {{}, wall, {4, bottom - 1, 4 + (bottom - 6) * std::tan(size * 0.0174533), 5}};
    }
    case insideCorner: {
        QPainterPath corner = box(2, 2, right - 2, bottom - 2);
        QPainterPath cleared;
        cleared.addRoundedRect(QRectF(6, 6, right, bottom), size, size);
        return {{}, corner - cleared, {6 + size, 6 + size, 6 + 0.3 * size, 6 + 0.3 * size}};
    }
    }
    return {};
}

} // namespace

LimitSketch::LimitSketch(QWidget* parent) : QWidget(parent) {
    setFixedSize(wide, high);
    setAttribute(Qt::WA_TransparentForMouseEvents);
}

void LimitSketch::show(const process::Rule& rule, double tool, bool cut) {
    rule_ = rule;
    tool_ = tool;
    cut_ = cut;
    update();
}

void LimitSketch::paintEvent(QPaintEvent*) {
    const drawing::Tokens& t = drawing::tokens();
    const bool length =
        rule_.what != process::Measured::draft && rule_.what != process::Measured::heightPerStroke;
    // The larger of the two as large as there is room for.
    constexpr double most = 10, least = 1;
    const double scale = most / std::max({rule_.value, tool_, 1e-6});
    const double size = length ? std::max(rule_.value * scale, least) : rule_.value;
    const Shapes shapes = shapesOf(rule_.what, size);
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(t.materialEdge, 0.8));
    painter.setBrush(t.material);
    painter.drawPath(shapes.material);
    // Of cuts, what lies between letters is the material.
    const bool open = cut_ && shapes.material.isEmpty() && rule_.what != process::Measured::neck;
    if (open) {
        painter.drawRect(QRectF(0.5, 0.5, right - 1, bottom - 1));
        painter.setBrush(t.ground);
    } else {
        painter.setPen(Qt::NoPen);
        painter.setBrush(t.ink);
    }
    painter.drawPath(shapes.looked);
    painter.setPen(QPen(rule_.severity == process::Severity::stop ? t.stop : t.watch, 1.6));
    painter.drawLine(shapes.measured);
    if (tool_ > 0 && length) {
        const double radius = std::max(tool_ * scale, least) / 2;
        painter.setPen(QPen(t.tide, 1));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(QPointF(wide - 1 - radius, bottom - 1.5 - radius), radius, radius);
    }
}

} // namespace bollard::app
