#include "../sample_cards.hpp"
#include "drawing/flat_drawing.hpp"
#include <QPainter>

using namespace bollard;
using drawing::FlatDrawing;

namespace {

/// The drawing in an image of the given size, 5 pixels a millimetre about the blank's middle.
QImage painted(const FlatDrawing& flat, const drawing::FlatScale& scale, QSize size) {
    QImage image(size, QImage::Format_RGB32);
    QPainter painter(&image);
    drawing::FlatExtras plain;
    plain.legend = plain.measures = false;
    flat.paint(painter, QRectF(QPointF(), QSizeF(size)), scale, plain);
    return image;
}

} // namespace

class FlatDrawingTest : public QObject {
    Q_OBJECT
  private slots:
    void theFittedScaleShowsEverything() {
        for (const QSizeF size : {QSizeF(688, 652), QSizeF(300, 900), QSizeF(900, 200)}) {
            const FlatDrawing flat(samples::made(samples::read("berth-14")));
            const QRectF area(QPointF(10, 20), size);
            const auto scale = flat.fitted(area);
            const QRectF shown = scale.transform().mapRect(flat.extent());
            QVERIFY(area.contains(shown));
            const QPointF there(31.5, 7.25);
            QVERIFY((scale.toMm(scale.toPixels(there)) - there).manhattanLength() < 1e-9);
        }
    }

    void anEmptyCardStillHasAnExtent() {
        card::Card card;
        card.blank.kind = blank::Kind::none;
        const FlatDrawing flat(samples::made(card));
        QVERIFY(flat.extent().width() > 0 && flat.extent().height() > 0);
        QCOMPARE(flat.inscriptionAt({0, 0}), -1);
        QVERIFY(flat.frameOf(0).isEmpty() && !flat.lettersOf(0));
    }

    void aPointFindsTheTopmostInscription() {
        card::Card card = samples::plate("I");
        card.inscriptions[0].style.size = 20;
        card.inscriptions.push_back(card.inscriptions[0]);
        const FlatDrawing both(samples::made(card));
        QCOMPARE(both.inscriptionAt({60, 22.5}), 1);
        card.inscriptions[1].hidden = true;
        const FlatDrawing one(samples::made(card));
        QCOMPARE(one.inscriptionAt({60, 22.5}), 0);
        QVERIFY(one.frameOf(1).isEmpty());
        QCOMPARE(one.inscriptionAt({2, 2}), -1);
    }

    void framesAreAsWideAsTheWordsAndTurnWithThem() {
        card::Card card = samples::plate("BERTH");
        const FlatDrawing level(samples::made(card));
        const QPolygonF frame = level.frameOf(0);
        QCOMPARE(frame.size(), 4);
        QVERIFY(std::fabs(frame[3].y() - frame[0].y() - 10) < 0.001); // capitals of 10
        QVERIFY(std::fabs((frame[0].x() + frame[1].x()) / 2 - 60) < 0.001);
        card.inscriptions[0].placing.turn = 90;
        const QRectF turned = FlatDrawing(samples::made(card)).frameOf(0).boundingRect();
        QVERIFY(std::fabs(turned.width() - 10) < 0.001);
        QVERIFY(std::fabs(turned.height() - (frame[1].x() - frame[0].x())) < 0.001);
    }

    void everyWorkingLooksDifferent() {
        const drawing::FlatScale scale{5, {0, 225}};
        QSet<QRgb> colours;
        for (const auto kind : {working::Kind::raised, working::Kind::sunk, working::Kind::freeStanding}) {
            card::Card card = samples::plate("I", kind);
            card.inscriptions[0].style.size = 20;
            if (kind == working::Kind::freeStanding)
                card.blank.kind = blank::Kind::none;
            const FlatDrawing flat(samples::made(card));
            const QImage image = painted(flat, scale, {600, 225});
            const QPoint middle = scale.toPixels({60.7, 22.5}).toPoint();
            colours.insert(image.pixel(middle));
            const QRgb beside = image.pixel(scale.toPixels({20, 22.5}).toPoint());
            QVERIFY(image.pixel(middle) != beside);
        }
        QVERIFY(colours.size() >= 2);
    }

    void aMirroredLetterIsDrawnMirrored() {
        card::Card card = samples::plate("L");
        card.inscriptions[0].style.size = 30;
        const drawing::FlatScale scale{5, {0, 225}};
        const QImage plain = painted(FlatDrawing(samples::made(card)), scale, {600, 225});
        card.inscriptions[0].placing.reading = setting::ReadingSide::impression;
        const QImage mirrored = painted(FlatDrawing(samples::made(card)), scale, {600, 225});
        int different = 0;
        const QImage back = mirrored.mirrored(true, false);
        for (int y = 0; y < 225; ++y)
            for (int x = 0; x < 600; ++x)
                different += std::abs(qGray(plain.pixel(x, y)) - qGray(back.pixel(x, y))) > 120 ? 1 : 0;
        QVERIFY(plain != mirrored);
        QVERIFY2(different < 60, qPrintable(QString::number(different))); // but for the smoothed edges
    }

    void theSharedMatterOfOverlappingLettersIsOneShape() {
        card::Card card = samples::plate("OO");
        card.inscriptions[0].style.size = 20;
        card.inscriptions[0].style.letterSpace = -4;
        card.inscriptions[0].working.kind = working::Kind::sunk;
        const auto made = samples::made(card);
        const auto& letters = made.lettering->inscriptions[0].onSide;
        const plane::Region shared = plane::common(letters[0], letters[1]);
        QVERIFY(!shared.empty());
        const plane::Point at = plane::pointBeside(shared.rings[0], true);
        QCOMPARE(FlatDrawing(made).inscriptionAt({plane::toMillimetres(at.x), plane::toMillimetres(at.y)}),
                 0);
    }
};
QTEST_MAIN(FlatDrawingTest)
#include "flat_drawing_test.moc"
