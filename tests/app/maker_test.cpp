#include "../sample_cards.hpp"
#include "app/session/maker.hpp"
#include <QElapsedTimer>

using namespace bollard;
using app::Maker;

namespace {

std::string wordsOf(const Maker& maker) {
    return maker.shown().made.card ? maker.shown().made.card->inscriptions[0].words : "";
}
bool ends(Maker& maker) {
    return QTest::qWaitFor([&] { return maker.catalogue() && !maker.busy(); }, 60000 * BOLLARD_PATIENCE);
}
card::Card page(int letters) {
    card::Card card = samples::plate("");
    for (int i = 0; i < letters; ++i)
        card.inscriptions[0].words += i % 40 == 39 ? '\n' : char('A' + i * 7 % 26);
    card.inscriptions[0].style.size = 4;
    card.blank.width = card.blank.height = 400;
    return card;
}

} // namespace

class MakerTest : public QObject {
    Q_OBJECT
  private slots:
    void theNewestCardIsWhatIsShownInTheEnd() {
        Maker maker;
        for (int i = 0; i < 40; ++i) {
            maker.make(samples::plate("B" + std::to_string(i)), {});
            QTest::qWait(i % 3);
        }
        QVERIFY(ends(maker));
        QCOMPARE(wordsOf(maker), std::string("B39"));
        QVERIFY(maker.shown().made.solid && maker.shown().scene && maker.shown().flat);
    }

    void revisionsNeverGoBack() {
        Maker maker;
        int last = 0;
        bool back = false;
        connect(&maker, &Maker::stageDone, this, [&] {
            back = back || maker.shown().revision < last;
            last = maker.shown().revision;
        });
        for (int i = 0; i < 20; ++i) {
            maker.make(page(300 + i), {});
            QTest::qWait(20);
        }
        QVERIFY(ends(maker));
        QVERIFY(!back && last == 20);
    }

    void someoneWhoTypesWithoutPauseStillSeesLetters() {
        Maker maker;
        QVERIFY(QTest::qWaitFor([&] { return maker.catalogue() != nullptr; }, 60000 * BOLLARD_PATIENCE));
        QSet<int> seen;
        connect(&maker, &Maker::stageDone, this, [&] { seen.insert(maker.shown().revision); });
        for (int i = 0; i < 25; ++i) {
            maker.make(page(600 + i), {});
            QTest::qWait(60);
        }
        QVERIFY2(seen.size() >= 5, qPrintable(QString::number(seen.size())));
        QVERIFY(ends(maker));
    }

    void largeCardsComeInStages() {
        Maker maker;
        bool lettersAlone = false;
        connect(&maker, &Maker::stageDone, this,
                [&] { lettersAlone = lettersAlone || (maker.shown().flat && !maker.shown().made.solid); });
        maker.make(page(800), {});
        QVERIFY(ends(maker));
        QVERIFY(lettersAlone && maker.shown().made.solid);
    }

    void whileTheNewSolidIsMadeTheOldOneStaysToBeLookedAt() {
        Maker maker;
        maker.make(page(800), {});
        QVERIFY(ends(maker));
        const auto scene = maker.shown().scene;
        bool always = true;
        connect(&maker, &Maker::stageDone, this, [&] { always = always && maker.shown().scene; });
        maker.make(page(801), {});
        QVERIFY(ends(maker));
        QVERIFY(always && maker.shown().scene != scene);
    }

    /// The sanitizer build sees what is touched after its end; here the end must come, and soon.
    void aMakerMayGoWhileItWorks() {
        QElapsedTimer clock;
        clock.start();
        for (int i = 0; i < 5; ++i) {
            Maker maker;
            maker.make(page(900), {});
            QTest::qWait(i * 15);
        }
        QVERIFY(clock.elapsed() < 30000);
    }
};
QTEST_MAIN(MakerTest)
#include "maker_test.moc"
