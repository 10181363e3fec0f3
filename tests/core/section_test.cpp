// The profile that an upright plane cuts out of a body.
#include "../sample_cards.hpp"
#include "body/section.hpp"
#include <cmath>

using namespace bollard;

namespace {

/// Net of holes, by the even-odd rule: loops within others count against them.
double areaOf(const std::vector<body::SectionLoop>& loops) {
    double area = 0;
    for (const body::SectionLoop& loop : loops)
        for (size_t i = 0; i < loop.size(); ++i) {
            const body::SectionPoint &a = loop[i], &b = loop[(i + 1) % loop.size()];
            area += (a.along * b.z - b.along * a.z) / 2;
        }
    return std::fabs(area);
}
double areaOf(const body::Section& section) {
    return areaOf(section.blank) + areaOf(section.letters);
}

body::Section across(const card::Made& made, const char* side, plane::Vector from, plane::Vector to) {
    return body::sectionOf(made.solid->parts(), side, from, to);
}
bool hasLevel(const body::Section& section, double level) {
    return std::ranges::any_of(section.levels, [&](double l) { return std::fabs(l - level) < 1e-4; });
}

card::Card onRound(blank::Kind kind, const char* side, working::Kind how) {
    card::Card card = samples::plate("I", how);
    card.blank.kind = kind;
    card.blank.diameter = 30;
    card.blank.bore = kind == blank::Kind::ring ? 24 : 22;
    card.blank.length = 40;
    card.blank.width = 40;
    card.blank.thickness = 4;
    card::Inscription& words = card.inscriptions[0];
    words.side = side;
    words.style.size = 10;
    const plane::Vector size = blank::sizeOf(card.blank, side);
    words.placing.x = size.x / 2;
    words.placing.y = size.y / 2;
    return card;
}

} // namespace

class SectionTest : public QObject {
    Q_OBJECT
  private slots:
    void aPlateIsARectangleWithLevels() {
        const auto made = samples::made(samples::plate(""));
        const body::Section section = across(made, "front", {0, 20}, {120, 20});
        QCOMPARE(section.blank.size(), size_t(1));
        QVERIFY(section.letters.empty());
        QVERIFY(std::fabs(areaOf(section) - 120 * 4) < 1e-2);
        QCOMPARE(section.levels, (std::vector<double>{-4, 0}));
        // Askew it is as long as the plate is there; no longer than the line.
        const body::Section askew = across(made, "front", {0, 0}, {45, 45});
        QVERIFY(std::fabs(areaOf(askew) - 45 * std::sqrt(2.0) * 4) < 1e-2);
        const body::Section half = across(made, "front", {30, 20}, {60, 20});
        QVERIFY(std::fabs(areaOf(half) - 30 * 4) < 1e-2);
    }

    void sectionsAddUpToTheVolume() {
        for (const auto kind :
             {working::Kind::raised, working::Kind::sunk, working::Kind::pierced, working::Kind::carved}) {
            const auto made = samples::made(samples::plate("BO8", kind));
            constexpr int slices = 600;
            double volume = 0;
            for (int i = 0; i < slices; ++i) {
                const double y = 45.0 * (i + 0.5) / slices;
                volume += areaOf(across(made, "front", {0, y}, {120, y})) * 45 / slices;
            }
            const double whole = body::volumeOf(made.solid->mesh);
            QVERIFY2(std::fabs(volume - whole) < 3e-4 * whole, qPrintable(QString::number(volume / whole)));
        }
    }

    void floorHeightAndTieAreLevels() {
        card::Card card = samples::plate("I", working::Kind::raised);
        const auto made = samples::made(card);
        QVERIFY(hasLevel(across(made, "front", {0, 22}, {120, 22}), 1.6));
        card.inscriptions[0].working.kind = working::Kind::sunk;
        QVERIFY(hasLevel(across(samples::made(card), "front", {0, 22}, {120, 22}), -0.8));
    }

    void lettersAreShownApartFromTheBlank() {
        card::Card card = samples::plate("I", working::Kind::raised);
        card.inscriptions[0].working.bedding = 0.4;
        const body::Section section = across(samples::made(card), "front", {0, 22}, {120, 22});
        QCOMPARE(section.letters.size(), size_t(1));
        QVERIFY(hasLevel(section, -0.4)); // where they meet
        double low = 1e9, high = -1e9;
        for (const body::SectionPoint& p : section.letters.front()) {
            low = std::min(low, p.z);
            high = std::max(high, p.z);
        }
        QVERIFY(std::fabs(low + 0.4) < 1e-4 && std::fabs(high - 1.6) < 1e-4);
        QVERIFY(std::fabs(areaOf(section.blank) - (120 * 4 - areaOf(section.letters) / 5)) < 1e-2);
    }

    void sidesThatBendAreUnrolled_data() {
        QTest::addColumn<int>("kind");
        QTest::addColumn<QString>("side");
        QTest::newRow("bar") << int(blank::Kind::bar) << "outside";
        QTest::newRow("bar, its end") << int(blank::Kind::bar) << "end";
        QTest::newRow("tube") << int(blank::Kind::tube) << "outside";
        QTest::newRow("tube, inside") << int(blank::Kind::tube) << "inside";
        QTest::newRow("ball") << int(blank::Kind::sphere) << "outside";
        QTest::newRow("ring, inside") << int(blank::Kind::ring) << "inside";
        QTest::newRow("block, its top") << int(blank::Kind::block) << "top";
    }
    void sidesThatBendAreUnrolled() {
        QFETCH(int, kind);
        QFETCH(QString, side);
        const QByteArray name = side.toLatin1();
        for (const auto how : {working::Kind::raised, working::Kind::sunk}) {
            card::Card card = onRound(static_cast<blank::Kind>(kind), name, how);
            card.blank.height = 40;
            const plane::Vector size = blank::sizeOf(card.blank, name.data());
            if (card.blank.kind == blank::Kind::block)
                card.inscriptions[0].style.size = 2;
            const auto made = samples::made(card);
            QVERIFY(!made.solid->problem);
            const working::PlacedLetters& letters = made.lettering->inscriptions[0];
            const plane::Box box = plane::boxOf(letters.onSide[0]);
            const double middle = plane::toMillimetres((double(box.low.y) + box.high.y) / 2);
            const body::Section section = across(made, name, {0, middle}, {size.x, middle});
            // The stem of the I: as wide as it is drawn, as high or as deep as it is worked.
            const double width = plane::toMillimetres(double(box.high.x) - box.low.x);
            const bool isRaised = how == working::Kind::raised;
            QVERIFY(hasLevel(section, isRaised ? 1.6 : -0.8));
            if (isRaised)
                QVERIFY(std::fabs(areaOf(section.letters) - width * 2) < 0.02 * width);
            double from = 1e9, to = -1e9;
            for (const auto* loops : {&section.blank, &section.letters})
                for (const body::SectionLoop& loop : *loops)
                    for (const body::SectionPoint& p : loop)
                        if (std::fabs(p.z - (isRaised ? 1.6 : -0.8)) < 1e-4) {
                            from = std::min(from, p.along);
                            to = std::max(to, p.along);
                        }
            QVERIFY2(std::fabs(to - from - width) < 0.01, qPrintable(QString::number(to - from - width)));
            QVERIFY(std::fabs(from - plane::toMillimetres(box.low.x)) < 0.01);
        }
    }

    void wallsAreAsThickAsTheyAre() {
        card::Card card = onRound(blank::Kind::ring, "inside", working::Kind::sunk);
        card.inscriptions.clear();
        const auto made = samples::made(card);
        QVERIFY(std::fabs(areaOf(across(made, "outside", {10, 0}, {10, 40})) - 40 * 4) < 0.01);
        QVERIFY(std::fabs(areaOf(across(made, "inside", {10, 0}, {10, 40})) - 40 * 4) < 0.01);
        // Comfortable: thinner towards its ends, by two thirds of an arc's height less a third in all.
        card.blank.inside = blank::Inside::comfort;
        card.blank.comfort = 0.3;
        const auto bent = samples::made(card);
        for (const char* side : {"outside", "inside"})
            QVERIFY(std::fabs(areaOf(across(bent, side, {10, 0}, {10, 40})) - 40 * (4 - 0.1)) < 40 * 0.01);
        // Across the seam as anywhere
        const double turn = blank::turnOf(card.blank, "outside");
        QVERIFY(std::fabs(areaOf(across(made, "outside", {turn - 5, 20}, {turn + 5, 20})) - 10 * 4) < 0.01);
    }

    void nothingIsCutWhereThereIsNothing() {
        const auto made = samples::made(samples::plate(""));
        QVERIFY(across(made, "front", {0, 100}, {120, 100}).empty());
        QVERIFY(across(made, "front", {5, 5}, {5, 5}).empty());
        QVERIFY(across(made, "left", {0, 5}, {5, 5}).empty());
        QVERIFY(body::sectionOf({}, "front", {0, 0}, {1, 0}).empty());
    }
};

QTEST_GUILESS_MAIN(SectionTest)
#include "section_test.moc"
