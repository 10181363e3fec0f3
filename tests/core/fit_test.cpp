#include "../random_cards.hpp"
#include "card/fit.hpp"

using namespace bollard;

namespace {

/// How much of the words lies off the blank or within its margin, mm2.
double outside(const card::Card& card) {
    card::Pipeline pipeline(samples::catalogue());
    const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
    const plane::Region blank = plane::filled(plane::flattened(
        blank::outlineOf(card.blank), plane::unitsPerMillimetre, 0.001 * plane::unitsPerMillimetre));
    const plane::Region room = plane::grown(blank, -card.blank.margin * plane::unitsPerMillimetre);
    double area = 0;
    for (const plane::Region& letter : made.lettering->inscriptions[0].onSide)
        area += plane::areaOf(plane::without(letter, room));
    return area / (plane::unitsPerMillimetre * plane::unitsPerMillimetre);
}

/// One inscription of plain words on a plate or disc with room for them.
card::Card wordsSomewhere(samples::RandomCards& random) {
    card::Card card = samples::plate("QUAY 7");
    card::Inscription& words = card.inscriptions[0];
    if (random.number(2)) {
        card.blank = {blank::Kind::disc};
        card.blank.diameter = 100;
        words.placing.x = words.placing.y = 50;
    }
    card.blank.margin = random.between(1, 5);
    card.blank.corner = random.between(0, 10);
    if (random.number(2))
        card.blank.holes.push_back({10, 22, 4});
    words.style.sizeBy = static_cast<setting::SizeBy>(random.number(5));
    words.style.slant = random.between(-10, 20);
    words.style.letterSpace = random.between(0, 1);
    words.placing.turn = random.number(2) ? random.between(-30, 30) : 0;
    words.placing.x += random.between(-4, 4);
    words.baseline.kind = static_cast<setting::BaselineKind>(random.number(3)); // straight, arc, circle
    words.baseline.radius = words.baseline.kind == setting::BaselineKind::circle ? 14 : 60;
    return card;
}

} // namespace

/// The largest that fits, on any blank and any line.
class FitTest : public QObject {
    Q_OBJECT
    std::shared_ptr<const type::Typeface> face_ = samples::typeface("League Spartan", "Bold");

  private slots:
    void whatFitsLiesInsideAndNothingLargerDoes() {
        samples::RandomCards random(12);
        int fitted = 0;
        for (int i = 0; i < 24; ++i) {
            card::Card card = wordsSomewhere(random);
            const auto fit = card::largestThatFits(card, card.inscriptions[0], face_);
            if (!fit)
                continue;
            ++fitted;
            const auto at = [&](double factor) {
                card.inscriptions[0].style.size = fit->size * factor;
                return outside(card);
            };
            const QByteArray told =
                QByteArray::number(i) + " " + QByteArray::fromStdString(card::jsonOf(card));
            QVERIFY2(at(1) < 1e-3, told.left(900));
            if (card.blank.holes.empty()) // else larger letters may go round a hole
                QVERIFY2(at(1.02) > 0, told.left(900));
            COMPARE_NEAR(std::round(fit->size * 100) / 100, fit->size, 1e-9);
        }
        QVERIFY2(fitted > 12, qPrintable(QString::number(fitted)));
    }

    void lettersAreSqueezedNoMoreThanAllowedAndOnlyToBeLarger() {
        samples::RandomCards random(5);
        for (int i = 0; i < 10; ++i) {
            card::Card card = wordsSomewhere(random);
            card.inscriptions[0].baseline.kind = setting::BaselineKind::straight;
            card.inscriptions[0].style.sizeBy = setting::SizeBy::capital;
            const auto plain = card::largestThatFits(card, card.inscriptions[0], face_);
            const auto squeezed = card::largestThatFits(card, card.inscriptions[0], face_, 60);
            QCOMPARE(bool(plain), bool(squeezed));
            if (!plain)
                continue;
            QVERIFY(squeezed->size >= plain->size);
            QVERIFY(squeezed->width >= 60 && squeezed->width <= 100);
            QVERIFY(squeezed->width == 100 || squeezed->size > plain->size);
            card.inscriptions[0].style.size = squeezed->size;
            card.inscriptions[0].style.width = squeezed->width;
            QVERIFY2(outside(card) < 1e-3, qPrintable(QString::number(i)));
        }
    }

    void thereIsNoneWhereNothingFits() {
        card::Card card = samples::plate("QUAY");
        card.inscriptions[0].placing.x = 500; // far off the blank
        QVERIFY(!card::largestThatFits(card, card.inscriptions[0], face_));
        card = samples::plate("QUAY");
        card.blank.margin = 200;
        QVERIFY(!card::largestThatFits(card, card.inscriptions[0], face_));
        QVERIFY(!card::largestThatFits(samples::freeStanding("QUAY"),
                                       samples::freeStanding("QUAY").inscriptions[0], face_));
        card = samples::plate("");
        QVERIFY(!card::largestThatFits(card, card.inscriptions[0], face_));
    }

    void itCanBeStopped() {
        std::stop_source stop;
        stop.request_stop();
        const card::Card card = samples::plate("QUAY");
        QVERIFY(!card::largestThatFits(card, card.inscriptions[0], face_, 100, stop.get_token()));
    }

    void theLargestSizeKeepsOffHolesItWouldCover() {
        card::Card card = samples::plate("I");
        card.inscriptions[0].working.kind = working::Kind::sunk;
        card.blank.holes = {{60, 30, 0.6}};
        const auto typeface = samples::typeface("League Spartan", "Bold");
        const auto fit = card::largestThatFits(card, card.inscriptions[0], typeface);
        QVERIFY(fit);
        card.inscriptions[0].style.size = fit->size;
        const auto made = samples::made(card);
        QVERIFY(!samples::finding(made, check::FindingKind::outsideBlank));
        QVERIFY(fit->size < 20); // without the hole it is twice that
        card.blank.holes.clear();
        QVERIFY(card::largestThatFits(card, card.inscriptions[0], typeface)->size > 30);
    }
};
QTEST_GUILESS_MAIN(FitTest)
#include "fit_test.moc"
