#include "../random_cards.hpp"
#include "app/session/card_editor.hpp"
#include "card/arranging.hpp"

using namespace bollard;
using namespace bollard::app;

/// Whatever is done to a card can be undone step by step, and done again.
class HistoryTest : public QObject {
    Q_OBJECT

    /// One thing a person might do.
    static void doSomething(CardEditor& editor, samples::RandomCards& random) {
        const int count = int(editor.card().inscriptions.size());
        const auto someone = [&] { return count > 0 ? random.number(count) : -1; };
        switch (random.number(14)) {
        case 0:
            return editor.add("add", {random.inscription()});
        case 1: {
            card::Inscription added;
            added.ornament = random.ornament();
            return editor.add("add", {added});
        }
        case 2:
            return editor.copyInscription();
        case 3:
            return editor.deleteInscription();
        case 4:
            return editor.moveInscription(random.number(3) - 1);
        case 5:
            return editor.select(someone());
        case 6:
            return count > 0 ? editor.toggle(someone()) : void();
        case 7:
            return editor.edit("group", {}, [&](card::Card& card) { card::group(card, editor.chosen()); });
        case 8:
            editor.chooseLetters({random.number(4), random.number(4)});
            return editor.inscription() ? editor.nudge("nudge", {}, [&](setting::Nudge& n) { n.x += 0.5; })
                                        : void();
        case 9:
            return editor.editInscription("words", {}, [&](card::Inscription& i) {
                std::u32string words = type::codePoints(i.words);
                words.insert(size_t(random.number(int(words.size()) + 1)), random.number(2) ? U"Q" : U"{no}");
                i.words = type::utf8(words);
            });
        case 10:
            return editor.edit("rows", {}, [&](card::Card& card) {
                card.rows = setting::Rows{{"no"}, {{"1"}, {std::to_string(random.number(2000))}}, {}};
            });
        case 11:
            return editor.showRow(random.number(3));
        case 12:
            return editor.editChosen("move", {}, [&](card::Inscription& i) { i.placing.x += 1; });
        default:
            return editor.editInscription("all of it", {},
                                          [&](card::Inscription& i) { i = random.inscription(); });
        }
    }

    static void verifySelection(const CardEditor& editor) {
        const int count = int(editor.card().inscriptions.size());
        QVERIFY(editor.selected() >= (count > 0 ? 0 : -1) && editor.selected() < count);
        for (const int number : editor.chosen())
            QVERIFY(number >= 0 && number < count);
        if (count > 0)
            QCOMPARE(editor.chosen().back(), editor.selected());
        QVERIFY(editor.card().row >= 0 && editor.card().row < editor.card().rows->count());
    }

    /// The card as its file has it: which row is shown is no part of it.
    static std::string stateOf(const CardEditor& editor) { return card::jsonOf(editor.card()); }

  private slots:
    void everythingIsUndoneAndDoneAgain() {
        for (unsigned seed = 1; seed <= 12; ++seed) {
            samples::RandomCards random(seed);
            CardEditor editor;
            editor.start(samples::read("berth-14"), {});
            std::vector<std::string> states{stateOf(editor)};
            for (int i = 0; i < 60; ++i) {
                const int before = editor.history().index();
                doSomething(editor, random);
                verifySelection(editor);
                QVERIFY(editor.history().index() <= before + 1);
                if (editor.history().index() == before)
                    QVERIFY2(stateOf(editor) == states.back(),
                             qPrintable(QString::number(seed))); // no step, no change
                else
                    states.push_back(stateOf(editor));
            }
            QCOMPARE(size_t(editor.history().count()), states.size() - 1);
            for (size_t i = states.size() - 1; i-- > 0;) {
                editor.history().undo();
                verifySelection(editor);
                QVERIFY2(stateOf(editor) == states[i],
                         qPrintable(QString("seed %1, step %2").arg(seed).arg(i)));
            }
            QVERIFY(!editor.edited());
            for (size_t i = 1; i < states.size(); ++i) {
                editor.history().redo();
                verifySelection(editor);
                QVERIFY(stateOf(editor) == states[i]);
            }
        }
    }

    void anyCardComesBackFromItsFile() {
        samples::RandomCards random(3);
        for (int i = 0; i < 40; ++i) {
            const card::Card card = random.next();
            const auto again = card::cardFromJson(card::jsonOf(card));
            QVERIFY(again);
            QVERIFY2(card::jsonOf(*again) == card::jsonOf(card), qPrintable(QString::number(i)));
        }
    }
};
QTEST_GUILESS_MAIN(HistoryTest)
#include "history_test.moc"
