#include "drawing/paper.hpp"
#include "blank/blank.hpp"
#include "card/output.hpp"
#include "drawing/paths.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>
#include <QPainter>
#include <cmath>

namespace bollard::drawing {
namespace {

class Sheets {
    Q_DECLARE_TR_FUNCTIONS(Sheets)
};

constexpr double foot = 14; // mm at the bottom of each sheet, for the check line and what the sheet is
constexpr double hair = 0.18, line = 0.25; // mm

/// How many sheets it takes, one beside another, so that all but the first add what they do not share.
int sheetsFor(double length, double room) {
    return length <= room ? 1 : 1 + int(std::ceil((length - room) / (room - paperOverlap) - 1e-9));
}

void mark(QPainter& painter, QPointF at) {
    constexpr double arm = 4;
    painter.drawLine(at - QPointF(arm, 0), at + QPointF(arm, 0));
    painter.drawLine(at - QPointF(0, arm), at + QPointF(0, arm));
    painter.drawEllipse(at, arm / 2, arm / 2);
}

/// Crosses in the middles of the strips that neighbours have too.
void paintMarks(QPainter& painter, const PaperTile& tile) {
    const QRectF& box = tile.shown;
    const double in = paperOverlap / 2;
    painter.setPen(QPen(Qt::black, hair));
    painter.setBrush(Qt::NoBrush);
    const auto upright = [&](double x) {
        for (const double y : {box.top() + box.height() / 4, box.bottom() - box.height() / 4})
            mark(painter, {x, y});
    };
    const auto flat = [&](double y) {
        for (const double x : {box.left() + box.width() / 4, box.right() - box.width() / 4})
            mark(painter, {x, y});
    };
    if (tile.column > 0)
        upright(box.left() + in);
    if (tile.column + 1 < tile.columns)
        upright(box.right() - in);
    if (tile.row > 0)
        flat(box.bottom() - in); // y grows upwards: what is above
    if (tile.row + 1 < tile.rows)
        flat(box.top() + in);
}

void paintFoot(QPainter& painter, QRectF room, const QString& text) {
    painter.setPen(QPen(Qt::black, line));
    const QPointF from(room.left(), room.bottom() - 3), to = from + QPointF(checkLine, 0);
    if (room.width() >= checkLine) {
        painter.drawLine(from, to);
        for (const QPointF end : {from, to})
            painter.drawLine(end - QPointF(0, 2), end + QPointF(0, 2));
    }
    QFont font(painter.font());
    font.setPixelSize(3);
    painter.setFont(font);
    painter.drawText(QRectF(room.left(), room.bottom() - 11, room.width(), 6),
                     Qt::AlignLeft | Qt::AlignVCenter,
                     room.width() >= checkLine ? Sheets::tr("This line is 100 mm long. %1").arg(text) : text);
}

} // namespace

Paper::Paper(const card::Made& made) {
    for (const std::string_view name : blank::sidesOf(made.card->blank)) {
        Side side{std::string(name), {}, {}};
        for (const files::DrawingLayer& layer : card::layersOf(made, name))
            side.lines.addPath(pathOf(plane::outlineOf(layer.stamps)));
        side.box = side.lines.boundingRect();
        if (!side.box.isEmpty())
            sides_.push_back(std::move(side));
    }
}

std::vector<PaperTile> Paper::tilesOf(const Side& side, QSizeF room) const {
    std::vector<PaperTile> tiles;
    const int columns = sheetsFor(side.box.width(), room.width()),
              rows = sheetsFor(side.box.height(), room.height());
    const double wide = room.width() + (columns - 1) * (room.width() - paperOverlap),
                 high = room.height() + (rows - 1) * (room.height() - paperOverlap);
    const QPointF low = side.box.center() - QPointF(wide, high) / 2;
    for (int row = 0; row < rows; ++row)
        for (int column = 0; column < columns; ++column)
            tiles.push_back({side.name,
                             QRectF(low.x() + column * (room.width() - paperOverlap),
                                    low.y() + (rows - 1 - row) * (room.height() - paperOverlap), room.width(),
                                    room.height()),
                             row, column, rows, columns});
    return tiles;
}

std::vector<PaperTile> Paper::tilesOf(QSizeF printable) const {
    std::vector<PaperTile> tiles;
    for (const Side& side : sides_)
        std::ranges::move(tilesOf(side, {printable.width(), printable.height() - foot}),
                          std::back_inserter(tiles));
    return tiles;
}

bool Paper::paint(QPagedPaintDevice& device, const QString& title) const {
    const QSizeF printable = device.pageLayout().paintRect(QPageLayout::Millimeter).size();
    QPainter painter;
    for (const PaperTile& tile : tilesOf(printable)) {
        if (painter.isActive())
            device.newPage();
        else
            painter.begin(&device);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.save();
        const double perMm = device.logicalDpiX() / 25.4;
        painter.scale(perMm, perMm);
        painter.save();
        painter.setClipRect(QRectF(QPointF(), tile.shown.size()));
        painter.translate(-tile.shown.left(), tile.shown.bottom());
        painter.scale(1, -1);
        painter.setPen(QPen(Qt::black, line));
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(std::ranges::find(sides_, tile.side, &Side::name)->lines);
        paintMarks(painter, tile);
        painter.restore();
        QString text =
            sides_.size() == 1 ? title : Sheets::tr("%1, %2").arg(title, wording::nameOfSide(tile.side));
        if (tile.rows * tile.columns > 1)
            text = Sheets::tr("%1. Row %2 of %3, sheet %4 of %5; crosses lie over each other.")
                       .arg(text)
                       .arg(tile.row + 1)
                       .arg(tile.rows)
                       .arg(tile.column + 1)
                       .arg(tile.columns);
        paintFoot(painter, QRectF(QPointF(), printable), text);
        painter.restore();
    }
    return painter.isActive();
}

} // namespace bollard::drawing
