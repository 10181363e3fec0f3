#include "../sample_cards.hpp"
#include "drawing/output_formats.hpp"
#include "drawing/paper.hpp"
#include <QGuiApplication>
#include <QRegularExpression>

using namespace bollard;

class PaperTest : public QObject {
    Q_OBJECT

    static card::Made board(double width, double height) {
        card::Card card = samples::plate("FLOAT 6");
        card.blank.width = width;
        card.blank.height = height;
        return samples::made(card);
    }

  private slots:
    void sheetsCoverThePartAndShareTheirStrips() {
        const QSizeF printable(190, 277); // A4 within 10 mm
        for (const QSizeF size : {QSizeF(60, 30), QSizeF(190, 263), QSizeF(191, 100), QSizeF(371, 517),
                                  QSizeF(700, 90), QSizeF(1200, 2000)}) {
            const auto tiles = drawing::Paper(board(size.width(), size.height())).tilesOf(printable);
            QVERIFY(!tiles.empty());
            QCOMPARE(int(tiles.size()), tiles[0].rows * tiles[0].columns);
            QRectF all;
            for (const drawing::PaperTile& tile : tiles) {
                all |= tile.shown;
                QVERIFY(std::fabs(tile.shown.width() - 190) < 1e-9); // true size: as large as the paper
                QVERIFY(tile.shown.height() < 277);
                for (const drawing::PaperTile& other : tiles)
                    if (other.row == tile.row && other.column == tile.column + 1)
                        QVERIFY(std::fabs(tile.shown.right() - other.shown.left() - drawing::paperOverlap) <
                                1e-9);
            }
            QVERIFY(all.contains(QRectF(0, 0, size.width(), size.height())));
            // No sheet too many.
            const auto least = [](double length, double room) {
                return length <= room ? 1 : int(std::ceil((length - 10) / (room - 10) - 1e-9));
            };
            QCOMPARE(tiles[0].columns, least(size.width(), 190));
        }
    }

    void theFileHasAPageForEachSheetAndSide() {
        card::Card card = samples::plate("FLOAT 6");
        card.blank.width = 700;
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].side = "back";
        const auto made = samples::made(card);
        const auto bytes = card::outputOf(made, *drawing::formatOf("float.pdf"), "float.pdf");
        QVERIFY(bytes);
        QCOMPARE(bytes->size(), size_t(1));
        QVERIFY(bytes->front().bytes.starts_with("%PDF-"));
        const QByteArray text = QByteArray::fromStdString(bytes->front().bytes);
        const auto pages = text.count("/Type /Page\n");
        // Lying sheets are 277 mm wide within their margins.
        QCOMPARE(int(pages), 2 * 3);
        QVERIFY(text.contains("/Title"));
    }

    void aLineOnPaperIsAsLongAsItSays() {
        const auto bytes = card::outputOf(board(60, 30), *drawing::formatOf("float.pdf"), "float.pdf");
        QVERIFY(bytes);
        const QByteArray file = QByteArray::fromStdString(bytes->front().bytes);
        QByteArray page; // what is painted, unpacked
        for (qsizetype at = file.indexOf("stream\n"); at >= 0 && !page.contains(" cm");
             at = file.indexOf("stream\n", at + 1))
            page =
                qUncompress(QByteArray(4, '\x7f') + file.mid(at + 7, file.indexOf("endstream", at) - at - 7));
        // The check line, and the two scales that are in force there: a page's own unit is 1/72 inch.
        const QRegularExpression line("\\n0 ([0-9.]+) m\\n100 \\1 l\\n");
        const auto found = line.match(QString::fromLatin1(page));
        QVERIFY(found.hasMatch());
        double scale = 1;
        QList<double> scales;
        const QRegularExpression matrix("\\n([0-9.]+) 0 0 -[0-9.]+ [-0-9.]+ [-0-9.]+ cm");
        for (const auto& one : matrix.globalMatch(QString::fromLatin1(page).left(found.capturedStart())))
            scales << one.captured(1).toDouble();
        QVERIFY(scales.size() >= 2);
        scale = scales.first() * scales.last();
        QVERIFY2(std::fabs(scale * drawing::checkLine - 100 / 25.4 * 72) < 0.01,
                 qPrintable(QString::number(scale)));
    }

    void nothingIsRefused() {
        const auto none = samples::made(card::Card{.blank = {.kind = blank::Kind::none}});
        const auto bytes = card::outputOf(none, *drawing::formatOf("none.pdf"), "none.pdf");
        QVERIFY(!bytes && bytes.problem().kind == quantity::ProblemKind::nothingToMake);
        QVERIFY(!drawing::formatOf("part.step2"));
        QVERIFY(drawing::needsGraphics("part.png") && !drawing::needsGraphics("part.stl"));
    }
};
QTEST_MAIN(PaperTest)
#include "paper_test.moc"
