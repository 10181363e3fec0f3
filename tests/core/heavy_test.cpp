// Input that asks for more than anyone means: it ends, and can be stopped.
#include "../sample_cards.hpp"
#include "card/fit.hpp"
#include <atomic>
#include <ctime>
#include <thread>

using namespace bollard;

namespace {

double processorSeconds() {
    return double(std::clock()) / CLOCKS_PER_SEC;
}

card::Card withOrnaments(int count, const std::function<setting::Ornament(int)>& ornament) {
    card::Card card = samples::plate("NORTH QUAY");
    for (int i = 0; i < count; ++i) {
        card::Inscription added;
        added.ornament = ornament(i);
        added.placing = {setting::Anchor::centre, 60, 22.5, 0};
        card.inscriptions.push_back(added);
    }
    return card;
}

card::Card nestedCircles() {
    plane::Outline outline;
    for (int i = 1; i <= 400; ++i) {
        const plane::Contour circle = plane::circle({}, 0.5 * i);
        outline.contours.push_back(i % 2 ? circle : plane::reversed(circle));
    }
    return withOrnaments(1, [&](int) {
        setting::Ornament ornament;
        ornament.kind = setting::OrnamentKind::artwork;
        ornament.artwork = outline;
        return ornament;
    });
}

card::Card outlineFrames() {
    return withOrnaments(60, [](int i) {
        setting::Ornament ornament;
        ornament.kind = setting::OrnamentKind::frame;
        ornament.shape = setting::FrameShape::outline;
        ornament.around = "i0";
        ornament.distance = 0.01 * i;
        return ornament;
    });
}

card::Card tinyArc() {
    card::Card card = samples::plate("NORTH QUAY 14");
    card.inscriptions[0].baseline.kind = setting::BaselineKind::arc;
    card.inscriptions[0].baseline.radius = 1e-9;
    card.inscriptions[0].baseline.bend = true;
    return card;
}

card::Card bracesOf(int fields) {
    std::string words;
    for (int i = 0; i < fields; ++i)
        words += "{a}";
    return samples::plate(words);
}
card::Card manyBraces() {
    return bracesOf(6000);
}
card::Card someBraces() {
    return bracesOf(1500);
}

card::Card oneLetterOfFiveMetres() {
    card::Card card = samples::plate("S");
    card.inscriptions[0].style.sizeBy = setting::SizeBy::width;
    card.inscriptions[0].style.size = 5000;
    card.inscriptions[0].baseline.kind = setting::BaselineKind::circle;
    card.inscriptions[0].baseline.radius = 4000;
    card.inscriptions[0].baseline.bend = true;
    return card;
}

card::Card manyHoles() {
    card::Card card = samples::plate("QUAY");
    card.blank.width = card.blank.height = 3200;
    for (int i = 0; i < 20000; ++i)
        card.blank.holes.push_back({20.0 + 10 * (i % 316), 60.0 + 9.9 * (i / 316), 4});
    return card;
}

card::Card manyLetters() {
    card::Card card = samples::plate({});
    card.blank.width = card.blank.height = 2000;
    for (int line = 0; line < 60; ++line)
        card.inscriptions[0].words += "the tide comes in at the north quay and goes out at the south\n";
    return card;
}

} // namespace

/// Stopping takes a fraction of a second; on a machine with other work on it longer, but never as long as
/// making.
constexpr int mostStopping_ms = 5000 * BOLLARD_PATIENCE;

class HeavyTest : public QObject {
    Q_OBJECT
  private slots:
    void muchIsMadeInTheEnd_data() {
        QTest::addColumn<int>("which");
        QTest::newRow("nested circles") << 0;
        QTest::newRow("outline frames") << 1;
        QTest::newRow("an arc of no radius") << 2;
        QTest::newRow("braces") << 3;
        QTest::newRow("a letter of 5 m") << 4;
    }
    void muchIsMadeInTheEnd() {
        QFETCH(int, which);
        if (BOLLARD_PATIENCE > 10)
            QSKIP("hours under the thread sanitizer, and no other threads than elsewhere");
        const card::Card card = std::array{nestedCircles, outlineFrames, tinyArc, someBraces,
                                           oneLetterOfFiveMetres}[size_t(which)]();
        const double before = processorSeconds();
        const auto made = samples::made(card);
        QVERIFY(made.solid && made.checked && made.checked->complete);
        const double took = processorSeconds() - before;
        qInfo("%.1f s of processor time", took);
        QVERIFY2(took < 60 * BOLLARD_PATIENCE, qPrintable(QString::number(took)));
    }

    void everythingThatIsMadeCanBeStopped_data() {
        QTest::addColumn<int>("which");
        QTest::newRow("nested circles") << 0;
        QTest::newRow("outline frames") << 1;
        QTest::newRow("braces") << 2;
        QTest::newRow("holes") << 3;
        QTest::newRow("letters") << 4;
    }
    void everythingThatIsMadeCanBeStopped() {
        QFETCH(int, which);
        const auto card = std::make_shared<const card::Card>(
            std::array{nestedCircles, outlineFrames, manyBraces, manyHoles, manyLetters}[size_t(which)]());
        for (const int after : {5, 60, 300, 1200, 4000}) {
            card::Pipeline pipeline(samples::catalogue());
            std::stop_source stop;
            std::atomic<bool> done = false;
            std::thread worker([&] {
                (void)pipeline.run(card, {}, stop.get_token());
                done = true;
            });
            std::this_thread::sleep_for(std::chrono::milliseconds(after));
            const bool early = done;
            QElapsedTimer timer;
            timer.start();
            stop.request_stop();
            worker.join();
            if (early)
                break;
            qInfo("stopped after %d ms: within %lld ms", after, timer.elapsed());
            QVERIFY2(timer.elapsed() < mostStopping_ms, qPrintable(QString::number(timer.elapsed())));
        }
    }

    void theLargestThatFitsCanBeStopped() {
        const card::Card card = manyLetters();
        std::stop_source stop;
        std::thread worker([&] {
            (void)card::largestThatFits(card, card.inscriptions[0],
                                        samples::typeface("League Spartan", "Bold"), 400, stop.get_token());
        });
        std::this_thread::sleep_for(std::chrono::milliseconds(30));
        QElapsedTimer timer;
        timer.start();
        stop.request_stop();
        worker.join();
        QVERIFY2(timer.elapsed() < mostStopping_ms, qPrintable(QString::number(timer.elapsed())));
    }

    void deepBracketsInANumberAreRefused() {
        const std::string deep = std::string(30000, '(').append("1").append(30000, ')');
        const auto read = quantity::lengthFromText(deep, quantity::Unit::millimetre);
        QVERIFY(!read && read.problem().kind == quantity::ProblemKind::tooDeep);
        QVERIFY(quantity::numberFromText("((((1+2))))"));
    }
};
QTEST_GUILESS_MAIN(HeavyTest)
#include "heavy_test.moc"
