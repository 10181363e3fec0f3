// The part at true size on paper: a template to hold against the work.
#pragma once
#include "card/pipeline.hpp"
#include <QPagedPaintDevice>
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

/// The sheets for all sides with letters, and the first. Neighbours share a strip `paperOverlap` mm wide with
/// marks in its corners. `printable`: width and height within the margins, mm.
std::vector<PaperTile> paperTilesOf(const card::Made& made, QSizeF printable);
constexpr double paperOverlap = 10;
constexpr double checkLine = 100; ///< mm, on each sheet

/// Paints all sheets at 1:1, a page each, on whatever page size is set. False when there is nothing to paint.
bool paintPaper(QPagedPaintDevice& device, const card::Made& made, const QString& title);

} // namespace bollard::drawing
