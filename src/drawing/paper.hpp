// The part at true size on paper: a template to hold against the work.
#pragma once
#include "card/pipeline.hpp"
#include <QPagedPaintDevice>
#include <QPainterPath>
#include <QRectF>
#include <QString>
#include <vector>

namespace bollard::drawing {

/// One sheet of a drawing that is larger than the paper.
struct PaperTile {
    std::string side{};
    QRectF shown{}; ///< of the side, mm, y up: what lies within the sheet's margins
    int row = 0, column = 0;
    int rows = 1, columns = 1;
};

constexpr double paperOverlap = 10; ///< mm that neighbouring sheets share, with marks to lay over each other
constexpr double checkLine = 100;   ///< mm, on each sheet

/// All sides with letters, and the first, as lines at true size.
class Paper {
  public:
    explicit Paper(const card::Made& made);

    /// The sheets it takes. `printable`: width and height within the margins, mm.
    std::vector<PaperTile> tilesOf(QSizeF printable) const;
    /// Paints all sheets, a page each, on whatever page size is set. False when there is nothing to paint.
    bool paint(QPagedPaintDevice& device, const QString& title) const;

  private:
    struct Side {
        std::string name{};
        QPainterPath lines{};
        QRectF box{};
    };
    std::vector<PaperTile> tilesOf(const Side& side, QSizeF room) const;
    std::vector<Side> sides_;
};

} // namespace bollard::drawing
