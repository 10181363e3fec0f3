// What can be laid over the letters of the Flat picture: their widths, or the pieces that the part comes to.
#include "drawing/flat_drawing.hpp"
#include "drawing/paths.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>
#include <QFontMetricsF>
#include <QPainter>
#include <array>

namespace bollard::drawing {

namespace {

struct Overlays {
    Q_DECLARE_TR_FUNCTIONS(Overlays)
};

using check::Reading, check::ReadingKind;

process::Measured measuredBy(ReadingKind kind) {
    switch (kind) {
    case ReadingKind::stroke:
        return process::Measured::stroke;
    case ReadingKind::counter:
        return process::Measured::counter;
    case ReadingKind::opening:
    case ReadingKind::bridge:
        return process::Measured::opening;
    case ReadingKind::gap:
    case ReadingKind::edge:
        return process::Measured::gap;
    case ReadingKind::neck:
        break;
    }
    return process::Measured::neck;
}

/// How a width stands to the limits of its inscription, and how that is drawn: by the weight of its dots
/// first.
enum class Step { stop, watch, near, wide };
struct StepLook {
    double dot; ///< pixels
    float wash; ///< how much of the width's disc is coloured
    QColor Tokens::*colour;
};
constexpr std::array looksOfSteps{StepLook{4.5, 0.75f, &Tokens::stop}, StepLook{3, 0.5f, &Tokens::watch},
                                  StepLook{1.8, 0.3f, &Tokens::tide}, StepLook{1, 0.1f, &Tokens::tide}};

struct Limits {
    double stop = 0, watch = 0;
    Step stepOf(double width) const {
        constexpr double roomy = 2;
        return width < stop            ? Step::stop
               : width < watch         ? Step::watch
               : width < roomy * watch ? Step::near
                                       : Step::wide;
    }
};

/// Above the place, and above what is `taken` already, to which it is added.
void label(QPainter& painter, QPointF at, const QString& text, const QColor& colour, QList<QRectF>& taken) {
    const QFontMetricsF metrics(painter.font());
    QRectF box(0, 0, metrics.horizontalAdvance(text) + 8, metrics.height() + 2);
    box.moveCenter(at + QPointF(0, -box.height()));
    const auto meets = [&](const QRectF& other) { return other.intersects(box); };
    for (int tries = 0; tries < 12 && std::ranges::any_of(taken, meets); ++tries)
        box.translate(0, -box.height() - 2);
    taken.push_back(box);
    painter.setPen(QPen(colour, 1));
    painter.setBrush(tokens().paper);
    painter.drawRect(box);
    painter.drawLine(at, {at.x(), box.bottom()});
    painter.setPen(tokens().ink);
    painter.drawText(box, Qt::AlignCenter, text);
}

} // namespace

void FlatDrawing::paintWidths(QPainter& painter, const QRectF& area, const Laid& laid, const Side& side,
                              bool onlyBroken) const {
    if (!made_.checked || !made_.checked->measures)
        return;
    const auto& inscriptions = made_.lettering->inscriptions;
    // By slot and measure.
    std::vector<std::map<process::Measured, Limits>> limits(inscriptions.size());
    for (size_t slot = 0; slot < inscriptions.size(); ++slot)
        for (const process::Rule& rule :
             card::rulesFor(*made_.card, &made_.card->inscriptions[size_t(inscriptions[slot].inscription)]))
            if (rule.bound == process::Bound::least) {
                Limits& of = limits[slot][rule.what];
                double& value = rule.severity == process::Severity::stop ? of.stop : of.watch;
                value = std::max(value, rule.value);
            }
    struct Dot {
        QPointF at;
        double radius;
    };
    std::array<std::vector<Dot>, looksOfSteps.size()> dots;
    std::map<process::Measured, Reading> least;
    const QRectF seen = area.adjusted(-20, -20, 20, 20);
    made_.checked->measures->readings.forEach([&](const Reading& reading) {
        const auto slot = size_t(reading.inscription);
        if (inscriptions[slot].side != side.name || reading.kind == ReadingKind::edge)
            return;
        const process::Measured what = measuredBy(reading.kind);
        const auto [found, isNew] = least.try_emplace(what, reading);
        if (!isNew && reading.width < found->second.width)
            found->second = reading;
        const Step step = limits[slot][what].stepOf(reading.width);
        if (onlyBroken && step != Step::stop && step != Step::watch)
            return;
        const QPointF at = laid.toPixels.map(pointOf(reading.at));
        if (seen.contains(at))
            dots[size_t(step)].push_back({at, reading.width * laid.pixelsPerMm / 2});
    });
    // The narrowest last, so that it lies on top.
    for (size_t step = dots.size(); step-- > 0;) {
        const StepLook& look = looksOfSteps[step];
        QColor wash = tokens().*look.colour;
        wash.setAlphaF(1);
        QPainterPath discs;
        discs.setFillRule(Qt::WindingFill);
        for (const Dot& dot : dots[step])
            if (dot.radius > look.dot / 2)
                discs.addEllipse(dot.at, dot.radius, dot.radius);
        painter.setOpacity(double(look.wash));
        painter.fillPath(discs, wash);
        painter.setOpacity(1);
        painter.setPen(QPen(tokens().*look.colour, look.dot, Qt::SolidLine, Qt::RoundCap));
        QPolygonF points;
        for (const Dot& dot : dots[step])
            points << dot.at;
        painter.drawPoints(points);
    }
    QList<QRectF> taken;
    for (const auto& [what, reading] : least) {
        const Step step = limits[size_t(reading.inscription)][what].stepOf(reading.width);
        label(painter, laid.toPixels.map(pointOf(reading.at)),
              QStringLiteral("%1 %2").arg(
                  wording::nameOf(what, inscriptions[size_t(reading.inscription)].working.kind),
                  wording::lengthText(reading.width, made_.card->unit)),
              tokens().*looksOfSteps[size_t(step)].colour, taken);
    }
}

const std::vector<check::SidePiece>& FlatDrawing::piecesOf(std::string_view side) const {
    const std::string_view name = sideOf(side).name;
    const auto known = pieces_.find(name);
    if (known != pieces_.end())
        return known->second;
    static const check::Readings none;
    const bool measured = made_.checked && made_.checked->measures;
    return pieces_[name] =
               check::piecesOnSide(made_.card->blank, name, made_.lettering->inscriptions,
                                   measured ? made_.checked->measures->readings : none, sideOf(name).seam);
}

void FlatDrawing::paintPieces(QPainter& painter, const Laid& laid, const Side& side,
                              const std::optional<QPointF>& heldAt) const {
    const Tokens& t = tokens();
    constexpr std::array patterns{Qt::FDiagPattern, Qt::HorPattern,       Qt::BDiagPattern,
                                  Qt::VerPattern,   Qt::DiagCrossPattern, Qt::CrossPattern};
    const std::vector<check::SidePiece>& pieces = piecesOf(side.name);
    const auto isHeld = [&](const check::SidePiece& piece) {
        return heldAt
                   ? plane::contains(piece.shape, {plane::toUnits(heldAt->x()), plane::toUnits(heldAt->y())})
                   : piece.held;
    };
    int number = 0;
    for (const check::SidePiece& piece : pieces) {
        const QPainterPath path = laid.toPixels.map(pathOf(piece.shape));
        const bool held = isHeld(piece);
        const QColor colour = held ? t.tide : t.stop;
        QColor wash = colour;
        wash.setAlphaF(held && number == 0 ? 0.15f : 0.3f);
        painter.fillPath(path, wash);
        painter.setPen(QPen(colour, held ? 1.2 : 2, held ? Qt::SolidLine : Qt::DashLine));
        painter.setBrush(QBrush(colour, patterns[size_t(number) % patterns.size()]));
        painter.drawPath(path);
        ++number;
    }
    if (heldAt) {
        const QPointF at = laid.toPixels.map(*heldAt);
        painter.setPen(QPen(t.ink, 2));
        painter.setBrush(t.paper);
        painter.drawEllipse(at, 6, 6);
        painter.drawLine(at - QPointF(3, 0), at + QPointF(3, 0));
        painter.drawLine(at - QPointF(0, 3), at + QPointF(0, 3));
    }
    number = 0;
    QList<QRectF> taken;
    for (const check::SidePiece& piece : pieces) {
        ++number;
        // Within its widest level stretch, near its middle.
        const plane::Box box = plane::boxOf(piece.shape);
        plane::Point at = plane::pointBeside(piece.shape.rings.front(), true);
        const plane::Point middle{box.low.x / 2 + box.high.x / 2, box.low.y / 2 + box.high.y / 2};
        if (plane::contains(piece.shape, middle))
            at = middle;
        label(painter, laid.toPixels.map(pointOf(plane::vectorOf(at))), QString::number(number),
              isHeld(piece) ? t.tide : t.stop, taken);
        if (piece.neck) {
            const QPointF place = laid.toPixels.map(pointOf(piece.neck->at));
            painter.setPen(QPen(t.watch, 2));
            painter.setBrush(Qt::NoBrush);
            const double radius = std::max(6.0, piece.neck->width * laid.pixelsPerMm * 0.7);
            painter.drawEllipse(place, radius, radius);
            label(painter, place,
                  Overlays::tr("neck %1").arg(wording::lengthText(piece.neck->width, made_.card->unit)),
                  t.watch, taken);
        }
    }
}

void FlatDrawing::paintOverlay(QPainter& painter, const QRectF& area, const Laid& laid,
                               const FlatExtras& extras) const {
    if (empty())
        return;
    const Side& side = sideOf(extras.side);
    switch (extras.overlay) {
    case Overlay::none:
        return;
    case Overlay::widths:
        return paintWidths(painter, area, laid, side, false);
    case Overlay::broken:
        return paintWidths(painter, area, laid, side, true);
    case Overlay::pieces:
        return paintPieces(painter, laid, side, extras.heldAt);
    }
}

} // namespace bollard::drawing
