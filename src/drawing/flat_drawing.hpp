// The Flat view as a drawing: blank, letters by their working, what falls out, rulers and dimensions.
#pragma once
#include "card/pipeline.hpp"
#include "check/side_pieces.hpp"
#include "drawing/tokens.hpp"
#include <QPainterPath>
#include <QRectF>
#include <QTransform>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
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

/// How a side is seen: from millimetres on it to pixels, a turned one narrowed.
struct Laid {
    QTransform toPixels{};
    double pixelsPerMm = 4;
};

/// What is laid over the letters.
enum class Overlay {
    none,
    widths, ///< strokes and gaps coloured by how they stand to the limits
    broken, ///< of those only what breaks a limit
    pieces  ///< each separate piece, what falls out, the weakest place of each
};
constexpr int overlays = 4;

/// What is shown besides the part itself.
struct FlatExtras {
    std::string side{};                     ///< of the blank; empty for its first
    int selected = -1;                      ///< inscription whose dimensions are drawn; -1 for none
    std::vector<check::FindingPlace> lit{}; ///< places to point at
    bool litStops = true;                   ///< in the stop colour, else the watch colour
    bool legend = true;
    Overlay overlay = Overlay::none;
    std::optional<QPointF> heldAt{}; ///< pieces: where the blank is held, mm; nothing: by its outer edge
    bool measures = true;            ///< rulers and dimensions
    double text = 1;                 ///< how large their numbers are, 1 for their own size
    std::vector<int> lifted{};       ///< inscriptions that are on their way elsewhere
    QPointF liftedBy{};              ///< how far they are, mm
};

/// Prepared once per result, painted often; may be made off the interface thread.
class FlatDrawing {
  public:
    FlatDrawing() = default;
    /// What `before` has drawn alike is shared with it; null when there is none.
    explicit FlatDrawing(card::Made made, const FlatDrawing* before = nullptr);

    const card::Made& made() const { return made_; }
    bool empty() const { return !made_.lettering; }

    // One side of the blank is shown at a time; a name that the blank lacks, or none, is its first.

    /// Blank and letters, mm; a small box when there is nothing.
    QRectF extent(std::string_view side = {}) const;
    /// The scale that shows the extent in the area with room for rulers and dimensions.
    FlatScale fitted(const QRectF& area, std::string_view side = {}) const;

    /// Paints into `area` (pixels). The painter's state is kept.
    void paint(QPainter& painter, const QRectF& area, const FlatScale& scale, const FlatExtras& extras) const;
    /// Its two layers: the part with rulers and legend, and what follows the pointer and the choice of the
    /// moment: lifted inscriptions, dimensions of the selected one, places to point at. The first draws only
    /// what the painter's clip lets through.
    void paintGround(QPainter& painter, const QRectF& area, const FlatScale& scale,
                     const FlatExtras& extras) const;
    void paintOver(QPainter& painter, const QRectF& area, const FlatScale& scale,
                   const FlatExtras& extras) const;
    /// Where the ground is drawn differently from that of `before` on that side, but for these inscriptions,
    /// mm; nothing when it may be anywhere.
    std::optional<QRectF> changedSince(const FlatDrawing& before, std::string_view side,
                                       const std::vector<int>& except) const;

    /// Only what is laid over the letters of a side, wherever that side is seen.
    void paintOverlay(QPainter& painter, const QRectF& area, const Laid& laid,
                      const FlatExtras& extras) const;

    /// The inscription (number on the card) with letters at a point in mm, the topmost; -1 when there is
    /// none.
    int inscriptionAt(QPointF mm, std::string_view side = {}) const;
    /// The frame of an inscription on its side, mm, lower left first, counter-clockwise; empty when not
    /// shown.
    QPolygonF frameOf(int inscription) const;
    const working::PlacedLetters* lettersOf(int inscription) const;
    /// The separate pieces as that side shows them; worked out when they are first asked for.
    const std::vector<check::SidePiece>& piecesOf(std::string_view side) const;
    /// Whether the inscription lies on that side.
    bool liesOn(int inscription, std::string_view side) const;

  private:
    struct Shape {
        QPainterPath path; ///< mm
        QRectF box;
    };
    enum class Picked { byFrame, byBox, byShape }; ///< what counts as hit
    struct Inscription {
        int number;
        std::string_view side;
        working::Kind kind;
        setting::ReadingSide reading;
        std::shared_ptr<const std::vector<Shape>> shapes;
        Picked picked;
        bool behind = false; ///< a backing, which lies behind the others
    };
    struct Side {
        std::string_view name;
        QPainterPath blank;           ///< with its holes, mm
        QPainterPath mouths{};        ///< of holes that widen towards this side
        QList<QRectF> holes{};        ///< where they are, with their mouths
        double turn = 0;              ///< mm round a side that closes
        double seam = 0;              ///< where it is cut open, mm; from there it is shown
        std::vector<double> facets{}; ///< where facets meet, mm
        blank::Radius radius{};
        bool narrows = false; ///< it is not as far round at every y
    };
    const Side& sideOf(std::string_view name) const;
    void findStock();
    /// The raw piece, what holds it, and the machine's zero with its axes.
    void paintStock(QPainter& painter, const FlatScale& scale) const;
    void paintBlank(QPainter& painter, const FlatScale& scale, const Side& side, bool measures) const;
    /// The seam, quarters, facets and latitudes of a side that goes all the way round.
    void paintRound(QPainter& painter, const FlatScale& scale, const Side& side, bool measures) const;
    /// How wide the selected letters are at their top and bottom, where that differs.
    void paintNarrowing(QPainter& painter, const FlatScale& scale, const Side& side,
                        const working::PlacedLetters& letters, const QRectF& box) const;
    template<class Which>
    void paintLetters(QPainter& painter, const FlatScale& scale, const QRectF& area, const Side& side,
                      Which which) const;
    void paintShapes(QPainter& painter, const FlatScale& scale, const QRectF& visible,
                     const Inscription& inscription) const;
    void paintDropOuts(QPainter& painter, const FlatScale& scale, const Side& side,
                       const FlatExtras& extras) const;
    void paintBlankDimensions(QPainter& painter, const FlatScale& scale, const Side& side) const;
    void paintDimensions(QPainter& painter, const FlatScale& scale, const FlatExtras& extras,
                         const Side& side) const;
    void paintLit(QPainter& painter, const FlatScale& scale, const FlatExtras& extras,
                  const Side& side) const;
    void paintWidths(QPainter& painter, const QRectF& area, const Laid& laid, const Side& side,
                     bool onlyBroken) const;
    void paintPieces(QPainter& painter, const Laid& laid, const Side& side,
                     const std::optional<QPointF>& heldAt) const;
    void paintRulers(QPainter& painter, const QRectF& area, const FlatScale& scale) const;
    void paintLegend(QPainter& painter, const QRectF& area, const Side& side) const;
    std::vector<Shape> shapesOf(const working::PlacedLetters& letters, const Side& side) const;
    /// The shapes of `before`, when they are those of the letters too.
    static std::shared_ptr<const std::vector<Shape>>
    sharedShapes(const FlatDrawing* before, const working::PlacedLetters& letters, const Side& side);

    card::Made made_;
    std::optional<QRectF> stock_{}; ///< mm, on the first side; of cards with operations
    QPointF zero_{};
    std::vector<Side> sides_;
    std::vector<Inscription> inscriptions_;
    mutable std::map<std::string_view, std::vector<check::SidePiece>> pieces_; ///< by side
};

constexpr int rulerSize = 22; ///< pixels

} // namespace bollard::drawing
