// The Flat view as a drawing: blank, letters by their working, what falls out, rulers and dimensions.
#pragma once
#include "card/pipeline.hpp"
#include "drawing/tokens.hpp"
#include <QPainterPath>
#include <QRectF>
#include <QTransform>
#include <vector>

class QPainter;

namespace bollard::drawing {

/// From millimetres on the side (y up) to pixels.
struct FlatScale {
    double pixelsPerMm = 4;
    QPointF origin{}; ///< pixel of the side's (0, 0)

    QPointF toPixels(QPointF mm) const {
        return {origin.x() + mm.x() * pixelsPerMm, origin.y() - mm.y() * pixelsPerMm};
    }
    QPointF toMm(QPointF px) const {
        return {(px.x() - origin.x()) / pixelsPerMm, (origin.y() - px.y()) / pixelsPerMm};
    }
    QTransform transform() const { return {pixelsPerMm, 0, 0, -pixelsPerMm, origin.x(), origin.y()}; }
};

/// What is shown besides the part itself.
struct FlatExtras {
    int selected = -1;                      ///< inscription whose dimensions are drawn; -1 for none
    std::vector<check::FindingPlace> lit{}; ///< places to point at
    bool litStops = true;                   ///< in the stop colour, else the watch colour
    bool legend = true;
    bool measures = true; ///< rulers and dimensions
};

/// Prepared once per result, painted often; may be made off the interface thread.
class FlatDrawing {
  public:
    FlatDrawing() = default;
    explicit FlatDrawing(card::Made made);

    const card::Made& made() const { return made_; }
    bool empty() const { return !made_.lettering; }

    /// Blank and letters, mm; a small box when there is nothing.
    QRectF extent() const;
    /// The scale that shows the extent in the area with room for rulers and dimensions.
    FlatScale fitted(const QRectF& area) const;

    /// Paints into `area` (pixels). The painter's state is kept.
    void paint(QPainter& painter, const QRectF& area, const FlatScale& scale, const FlatExtras& extras) const;

    /// The inscription (number on the card) with letters at a point in mm, the topmost; -1 when there is
    /// none.
    int inscriptionAt(QPointF mm) const;
    /// The frame of an inscription on the side, mm, lower left first, counter-clockwise; empty when not
    /// shown.
    QPolygonF frameOf(int inscription) const;
    const working::PlacedLetters* lettersOf(int inscription) const;

  private:
    struct Shape {
        QPainterPath path; ///< mm
        QRectF box;
    };
    enum class Picked { byFrame, byBox, byShape }; ///< what counts as hit
    struct Inscription {
        int number;
        working::Kind kind;
        setting::ReadingSide reading;
        std::vector<Shape> shapes;
        Picked picked;
    };
    void paintBlank(QPainter& painter, const FlatScale& scale) const;
    void paintLetters(QPainter& painter, const FlatScale& scale, const QRectF& area) const;
    void paintDropOuts(QPainter& painter, const FlatScale& scale) const;
    void paintDimensions(QPainter& painter, const FlatScale& scale, int selected) const;
    void paintLit(QPainter& painter, const FlatScale& scale, const FlatExtras& extras) const;
    void paintRulers(QPainter& painter, const QRectF& area, const FlatScale& scale) const;
    void paintLegend(QPainter& painter, const QRectF& area) const;
    void addShapes(const working::PlacedLetters& letters);

    card::Made made_;
    QPainterPath blank_; ///< with its holes, mm
    std::vector<Inscription> inscriptions_;
};

constexpr int rulerSize = 22; ///< pixels

} // namespace bollard::drawing
