// Thousands of random edits, undone to the start: the same card, and no more memory than before.
#include "app/session/card_editor.hpp"
#include "card/arranging.hpp"
#include "card/card_json.hpp"
#include "card/pipeline.hpp"
#include "sample_cards.hpp"
#include <QtTest>
#include <fstream>
#include <malloc.h>
#include <random>

using namespace bollard;
using namespace bollard::app;

namespace {

class Random {
  public:
    explicit Random(unsigned seed) : engine_(seed) {}
    int below(int count) { return int(engine_() % unsigned(count)); }
    double within(double least, double most) {
        return std::round(1000 * (least + (most - least) * double(engine_()) / double(engine_.max()))) / 1000;
    }

  private:
    std::mt19937 engine_;
};

std::string someWords(Random& random) {
    static const std::array words{"BERTH",  "QUAY 7",   "Osprey", "north\nquay",
                                  "{name}", "VALVE 08", "tern",   ""};
    return words[size_t(random.below(int(words.size())))];
}

/// One of all that can be done to a card; what cannot be done now does nothing.
void editSomehow(CardEditor& editor, Random& random) {
    const int count = int(editor.card().inscriptions.size());
    if (count > 0 && random.below(3) == 0)
        editor.select(random.below(count));
    const QString name = QStringLiteral("x"), key = random.below(4) == 0 ? QStringLiteral("same") : QString();
    const auto inscription = [&](auto change) { editor.editInscription(name, key, change); };
    constexpr int mostInscriptions = 12;
    switch (random.below(20)) {
    case 0:
        return inscription([&](card::Inscription& one) { one.words = someWords(random); });
    case 1:
        return inscription([&](card::Inscription& one) { one.style.size = random.within(2, 30); });
    case 2:
        return inscription([&](card::Inscription& one) { one.placing.x = random.within(-20, 140); });
    case 3:
        return inscription([&](card::Inscription& one) { one.placing.y = random.within(-20, 80); });
    case 4:
        return inscription([&](card::Inscription& one) { one.placing.turn = random.within(-180, 180); });
    case 5:
        return inscription([&](card::Inscription& one) {
            one.working.kind = static_cast<working::Kind>(random.below(int(working::Kind::inlaid) + 1));
        });
    case 6:
        return inscription([&](card::Inscription& one) { one.style.weight = random.within(-0.3, 0.6); });
    case 7:
        return inscription([&](card::Inscription& one) { one.style.letterSpace = random.within(-0.5, 2); });
    case 8:
        return inscription([&](card::Inscription& one) { one.hidden = !one.hidden; });
    case 9:
        return editor.edit(name, key, [&](card::Card& card) { card.blank.width = random.within(20, 300); });
    case 10:
        return editor.edit(name, key, [&](card::Card& card) { card.blank.thickness = random.within(1, 12); });
    case 11:
        return editor.edit(name, {}, [&](card::Card& card) {
            card.blank.holes.push_back({random.within(5, 80), random.within(5, 40)});
            if (card.blank.holes.size() > 6)
                card.blank.holes.clear();
        });
    case 12:
        return editor.edit(name, key, [&](card::Card& card) {
            card.process.own["raised.strokeStop"] = random.within(0, 2);
        });
    case 13:
        return editor.edit(name, {}, [&](card::Card& card) {
            card.rows.edit([&](setting::Rows& rows) {
                rows.fields = {"name"};
                rows.values.push_back({someWords(random)});
                if (rows.values.size() > 8)
                    rows.values.clear();
            });
        });
    case 14:
        if (count < mostInscriptions) {
            card::Inscription one;
            one.words = someWords(random);
            editor.add(name, {one});
        }
        return;
    case 15:
        return count < mostInscriptions ? editor.copyInscription() : void();
    case 16:
        return count > 2 ? editor.deleteInscription() : void();
    case 17:
        return editor.moveInscription(random.below(2) == 0 ? -1 : 1);
    case 18:
        for (int times = random.below(3); times > 0 && editor.history().canUndo(); --times)
            editor.history().undo();
        return;
    default:
        return inscription([&](card::Inscription& one) {
            one.baseline.kind = static_cast<setting::BaselineKind>(random.below(3));
        });
    }
}

/// Of this program now, kB.
long memory() {
    malloc_trim(0);
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with("VmRSS:"))
            return std::atol(line.c_str() + 6);
    return 0;
}

void undoAll(CardEditor& editor) {
    while (editor.history().canUndo())
        editor.history().undo();
}

} // namespace

class SoakTest : public QObject {
    Q_OBJECT

  private slots:
    void tenThousandEditsUndoneGiveTheSameCardAndMemoryStays() {
        CardEditor editor;
        QVERIFY(editor.open(QStringLiteral(BOLLARD_SOURCE "/samples/berth-14.bollard")));
        const std::string start = card::jsonOf(editor.card());
        constexpr int edits = 10000, cycles = 4;
        std::vector<long> after;
        int steps = 0;
        for (int cycle = 0; cycle < cycles; ++cycle) {
            Random random{unsigned(cycle % 2)}; // the same work again
            for (int i = 0; i < edits; ++i)
                editSomehow(editor, random);
            const std::string end = card::jsonOf(editor.card());
            QVERIFY(end != start);
            steps = editor.history().count();
            undoAll(editor);
            QCOMPARE(card::jsonOf(editor.card()), start);
            while (editor.history().canRedo())
                editor.history().redo();
            QCOMPARE(card::jsonOf(editor.card()), end);
            undoAll(editor);
            QCOMPARE(card::jsonOf(editor.card()), start);
            editor.history().clear();
            after.push_back(memory());
        }
        QVERIFY2(steps > edits / 2, qPrintable(QString::number(steps)));
        qInfo("%d steps of history; %ld kB after the first two rounds, %ld kB after two more", steps,
              after[1], after[3]);
#if !defined(__SANITIZE_ADDRESS__) && !defined(__SANITIZE_THREAD__)
        QVERIFY2(after[3] < after[1] * 105 / 100,
                 qPrintable(QStringLiteral("%1 kB, then %2").arg(after[1]).arg(after[3])));
#endif
    }

    void partsMadeBetweenEditsTakeNoMoreMemoryEither() {
        const int rounds = qEnvironmentVariableIntValue("BOLLARD_ROUNDS");
        const int parts = rounds > 0 ? rounds : 150;
        card::Pipeline pipeline(samples::catalogue());
        CardEditor editor;
        QVERIFY(editor.open(QStringLiteral(BOLLARD_SOURCE "/samples/berth-14.bollard")));
        std::vector<long> after;
        for (int half = 0; half < 3; ++half) {
            Random random(5);
            for (int i = 0; i < parts; ++i) {
                for (int j = 0; j < 4; ++j)
                    editSomehow(editor, random);
                const card::Made made = pipeline.run(std::make_shared<const card::Card>(editor.card()),
                                                     editor.folder().toStdString());
                QVERIFY(made.checked);
            }
            undoAll(editor);
            editor.history().clear();
            after.push_back(memory());
        }
        qInfo("%ld, %ld, %ld kB", after[0], after[1], after[2]);
#if !defined(__SANITIZE_ADDRESS__) && !defined(__SANITIZE_THREAD__)
        QVERIFY2(after[2] < after[1] * 110 / 100,
                 qPrintable(QStringLiteral("%1 kB, then %2").arg(after[1]).arg(after[2])));
#endif
    }
};

QTEST_GUILESS_MAIN(SoakTest)
#include "soak_test.moc"
