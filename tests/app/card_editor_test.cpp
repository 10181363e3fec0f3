#include "../sample_cards.hpp"
#include "app/session/card_editor.hpp"
#include <QSignalSpy>
#include <QTemporaryDir>

using namespace bollard;
using app::CardEditor;

class CardEditorTest : public QObject {
    Q_OBJECT
    std::unique_ptr<CardEditor> editor_;
    QTemporaryDir folder_;

    void type(const std::string& words) {
        editor_->editInscription("Typing", "words", [&](card::Inscription& i) { i.words = words; });
    }
    const std::string& words() const { return editor_->inscription()->words; }

  private slots:
    void init() {
        editor_ = std::make_unique<CardEditor>();
        card::Card card = samples::plate("QUAY");
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].words = "north";
        editor_->start(card, {});
    }

    void changesOfOneGestureAreOneStep() {
        for (const char* words : {"QUAY 1", "QUAY 14"})
            type(words);
        editor_->endGesture();
        type("QUAY 14 b");
        editor_->history().undo();
        QCOMPARE(words(), std::string("QUAY 14"));
        editor_->history().undo();
        QCOMPARE(words(), std::string("QUAY"));
        QVERIFY(!editor_->history().canUndo());
        editor_->history().redo();
        QCOMPARE(words(), std::string("QUAY 14"));
    }

    void anotherInscriptionIsAnotherStep() {
        type("A");
        editor_->select(1);
        type("B");
        editor_->history().undo();
        QCOMPARE(words(), std::string("north"));
        QCOMPARE(editor_->card().inscriptions[0].words, std::string("A"));
    }

    void aChangeThatChangesNothingIsNoStep() {
        QSignalSpy changed(editor_.get(), &CardEditor::changed);
        type("QUAY");
        QVERIFY(!editor_->history().canUndo() && changed.isEmpty());
        type("X");
        type("QUAY"); // back again within the gesture
        QVERIFY(!editor_->edited());
    }

    void inscriptionsAreAddedCopiedMovedAndDeletedWithTheSelection() {
        editor_->select(0);
        editor_->copyInscription();
        QCOMPARE(editor_->card().inscriptions.size(), size_t(3));
        QCOMPARE(editor_->selected(), 1);
        QVERIFY(editor_->inscription()->placing.y < editor_->card().inscriptions[0].placing.y);
        editor_->moveInscription(1);
        QCOMPARE(editor_->selected(), 2);
        QCOMPARE(editor_->card().inscriptions[1].words, std::string("north"));
        editor_->moveInscription(1); // there is nothing below
        QCOMPARE(editor_->selected(), 2);
        editor_->deleteInscription();
        editor_->deleteInscription();
        editor_->deleteInscription();
        QCOMPARE(editor_->selected(), -1);
        QVERIFY(!editor_->inscription());
        editor_->deleteInscription(); // and nothing happens
        editor_->add("Add", {card::Inscription{}});
        QCOMPARE(editor_->selected(), 0);
        while (editor_->history().canUndo())
            editor_->history().undo();
        QCOMPARE(editor_->card().inscriptions.size(), size_t(2));
    }

    void savingMakesTheCardCleanAndAddsTheEnding() {
        type("BERTH 14");
        QVERIFY(editor_->edited());
        QCOMPARE(editor_->title(), QString("Unnamed card"));
        QVERIFY(editor_->saveAs(folder_.filePath("berth")));
        QCOMPARE(editor_->path(), folder_.filePath("berth.bollard"));
        QCOMPARE(editor_->title(), QString("berth"));
        QVERIFY(!editor_->edited());
        type("BERTH 15");
        QVERIFY(editor_->edited());
        editor_->history().undo();
        QVERIFY(!editor_->edited());
        CardEditor other;
        QVERIFY(other.open(editor_->path()));
        QVERIFY(other.card().inscriptions[0].words == "BERTH 14");
    }

    void whatCannotBeWrittenOrReadChangesNothing() {
        type("BERTH 14");
        QVERIFY(!editor_->saveAs(folder_.filePath("no/such/folder/berth")));
        QVERIFY(editor_->edited() && editor_->path().isEmpty());
        QVERIFY(!editor_->open(folder_.filePath("missing.bollard")));
        QCOMPARE(words(), std::string("BERTH 14"));
        QVERIFY(editor_->history().canUndo());
    }

    void aRecoveredCardCountsAsEditedUntilItIsSaved() {
        editor_->startRecovered(samples::plate("TIDE"), {});
        QVERIFY(editor_->edited() && !editor_->history().canUndo());
        QVERIFY(editor_->saveAs(folder_.filePath("tide")));
        QVERIFY(!editor_->edited());
    }

    void steppingThroughRowsIsNoChangeOfTheCard() {
        editor_->edit("x", {}, [](card::Card& card) {
            card.rows = setting::Rows{{"no"}, {{"1"}, {"2"}, {"3"}}, {}};
        });
        QVERIFY(editor_->saveAs(folder_.filePath("rows")));
        QSignalSpy changed(editor_.get(), &CardEditor::changed);
        editor_->showRow(2);
        QCOMPARE(editor_->card().row, 2);
        editor_->showRow(9);
        QCOMPARE(editor_->card().row, 2);
        QCOMPARE(changed.size(), 1);
        QVERIFY(!editor_->edited());
        type("X");
        editor_->showRow(1);
        editor_->history().undo();
        QCOMPARE(editor_->card().row, 1); // history goes back, the board stays where it is
        editor_->history().undo();        // the rows are gone
        QCOMPARE(editor_->card().row, 0);
    }

    void severalAreChosenAndChangedTogether() {
        QSignalSpy selection(editor_.get(), &CardEditor::selectionChanged);
        editor_->toggle(1);
        QCOMPARE(editor_->chosen(), (std::vector<int>{0, 1}));
        QCOMPARE(editor_->selected(), 1); // the last one
        editor_->editChosen("Bigger", {}, [](card::Inscription& i) { i.style.size = 20; });
        for (const card::Inscription& inscription : editor_->card().inscriptions)
            QCOMPARE(inscription.style.size, 20.0);
        editor_->history().undo(); // one step
        QCOMPARE(editor_->card().inscriptions[0].style.size, 10.0);
        editor_->toggle(1);
        QCOMPARE(editor_->chosen(), std::vector<int>{0});
        editor_->toggle(0); // the last one stays
        QCOMPARE(editor_->chosen(), std::vector<int>{0});
        editor_->toggle(7);
        QCOMPARE(editor_->chosen(), std::vector<int>{0});
        QCOMPARE(selection.size(), 2);
        editor_->toggle(1);
        editor_->deleteInscription();
        QCOMPARE(editor_->chosen(), std::vector<int>{0}); // what is gone is not chosen
    }

    void nudgesGoWithTheirLettersThroughTypingAndUndo() {
        editor_->chooseLetters({3, 1});
        QCOMPARE(editor_->letters(), (std::vector<int>{1, 3}));
        editor_->nudge("Nudge", {}, [](setting::Nudge& nudge) { nudge.y = 1; });
        editor_->nudge("Nudge", {}, [](setting::Nudge& nudge) { nudge.turn = 5; });
        QCOMPARE(editor_->inscription()->nudges.size(), size_t{2});
        type("OLD QUAY");
        QCOMPARE(editor_->inscription()->nudges[0].letter, 5);
        editor_->history().undo();
        QCOMPARE(editor_->inscription()->nudges[0].letter, 1);
        editor_->nudge("Back", {}, [](setting::Nudge& nudge) { nudge.y = nudge.turn = 0; });
        QVERIFY(editor_->inscription()->nudges.empty()); // one that does nothing is none
        editor_->chooseCurvePoint(2);
        editor_->select(1);
        QVERIFY(editor_->letters().empty() && editor_->curvePoint() == -1);
    }

    void whatIsEditedStaysWithinTheFilesRanges() {
        for (int i = 0; i < 30; ++i) // copy after copy, each below the one before
            editor_->editChosen("Move", {},
                                [](card::Inscription& inscription) { inscription.placing.y -= 900; });
        QCOMPARE(editor_->inscription()->placing.y, card::ranges::position.least);
        editor_->chooseLetters({0});
        editor_->nudge("Nudge", {}, [](setting::Nudge& nudge) {
            nudge.turn = 725;
            nudge.size = 0;
        });
        QCOMPARE(editor_->inscription()->nudges[0].turn, 5.0); // twice round is where it was
        QVERIFY(editor_->saveAs(folder_.filePath("far")));
        QVERIFY(CardEditor().open(folder_.filePath("far.bollard")));
    }

    void aFileThatSomeoneElseChangedIsNoticed() {
        QVERIFY(editor_->saveAs(folder_.filePath("shared")));
        QVERIFY(!editor_->changedOnDisk());
        type("MINE");
        QVERIFY(!editor_->changedOnDisk());
        {
            CardEditor other;
            QVERIFY(other.open(folder_.filePath("shared.bollard")));
            QVERIFY(other.openElsewhere() && !editor_->openElsewhere());
            other.editInscription("x", {}, [](card::Inscription& i) { i.words = "THEIRS"; });
            QVERIFY(other.saveAs(other.path()));
        }
        QVERIFY(editor_->changedOnDisk());
        QVERIFY(editor_->saveAs(editor_->path()));
        QVERIFY(!editor_->changedOnDisk());
        QVERIFY(QFile::remove(editor_->path()));
        QVERIFY(editor_->changedOnDisk());
        CardEditor later;
        later.start({}, folder_.filePath("other.bollard"));
        QVERIFY(!later.openElsewhere());
    }

    void whatWouldNotOpenAgainIsNotWritten() {
        const QString path = folder_.filePath("long.bollard");
        QVERIFY(editor_->saveAs(path));
        type(std::string(150'000, 'B'));
        const auto saved = editor_->saveAs(path);
        QVERIFY(!saved && saved.problem().kind == quantity::ProblemKind::tooMany);
        QCOMPARE(saved.problem().detail, std::string("150000 > 100000"));
        QVERIFY(editor_->edited());
        CardEditor other; // the file is as it was
        QVERIFY(other.open(path));
        QCOMPARE(other.inscription()->words, std::string("QUAY"));
    }

    void historyKeepsWhatIsTheSameOnce() {
        card::Card card = samples::plate("QUAY");
        setting::Rows rows{{"name"}, {}, {}};
        for (int i = 0; i < 5000; ++i)
            rows.values.push_back({"a berth with a long name " + std::to_string(i)});
        card.rows = rows;
        for (int i = 0; i < 100; ++i)
            card.inscriptions.push_back(card.inscriptions[0]);
        editor_->start(card, {});
        const auto used = [] {
            QFile status("/proc/self/statm");
            return status.open(QIODevice::ReadOnly) ? status.readAll().split(' ').value(1).toLongLong() * 4096
                                                    : 0;
        };
        const auto edits = [&](int count) {
            for (int i = 0; i < count; ++i)
                editor_->editInscription("x", {},
                                         [&](card::Inscription& words) { words.placing.x += 0.001; });
        };
        edits(200);
        const auto before = used();
        edits(10000);
        // Whole copies of such a card are half a megabyte each; what changes is an inscription of a kilobyte.
        QVERIFY2(used() - before < 60'000'000, qPrintable(QString::number(used() - before)));
        editor_->history().undo();
        QCOMPARE(editor_->card().rows->values.size(), size_t{5000});
    }

    void severalAreTakenOutTogether() {
        editor_->toggle(1);
        editor_->deleteChosen("Cut");
        QVERIFY(editor_->card().inscriptions.empty());
        editor_->history().undo();
        QCOMPARE(editor_->card().inscriptions.size(), size_t{2});
    }
};
QTEST_MAIN(CardEditorTest)
#include "card_editor_test.moc"
