// Unsaved work outlives the program: a real process is killed, another one finds its card.
#include "../sample_cards.hpp"
#include "card/card_json.hpp"
#include "window_fixture.hpp"
#include <QLabel>
#include <QProcess>
#include <csignal>

using namespace bollard;
using namespace bollard::app;

class RecoveryTest : public QObject {
    Q_OBJECT
  private slots:
    void aKilledProgramLeavesItsCardToRecover() {
        // This program is its own victim: started again it edits a card, waits for it to be kept, and says
        // so.
        QTemporaryDir folder;
        QProcess victim;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert("BOLLARD_VICTIM", folder.path());
        victim.setProcessEnvironment(environment);
        victim.start(QCoreApplication::applicationFilePath(), QStringList());
        QVERIFY(victim.waitForReadyRead(20000 * BOLLARD_PATIENCE));
        ::kill(pid_t(victim.processId()), SIGKILL);
        victim.waitForFinished();

        CardEditor editor;
        Recovery recovery(editor, folder.path());
        const auto found = recovery.leftOvers();
        QCOMPARE(found.size(), size_t(1));
        const auto card = card::cardFromJson(found[0].card);
        QVERIFY(card);
        QCOMPARE(card->inscriptions[0].words, std::string("KEEP ME"));
        Recovery::discard(found[0]);
        QVERIFY(recovery.leftOvers().empty());
    }

    void theStartPageRecoversIt() {
        WindowFixture f;
        f.openSample("berth-14");
        f.window->editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "ADRIFT"; });
        QVERIFY(f.window->recovery().keepNow());
        const QStringList kept = QDir(f.path("unsaved")).entryList({"*.unsaved"});
        QCOMPARE(kept.size(), 1);
        // As after a crash: the file is there, its owner is not.
        QVERIFY(QFile::copy(f.path("unsaved") + "/" + kept[0], f.path("unsaved") + "/lost.unsaved"));
        WindowFixture next;
        Session session(f.path("unsaved"));
        MainWindow window(session);
        window.show();
        auto* recover = [&]() -> QPushButton* {
            for (auto* button : window.findChildren<QPushButton*>())
                if (button->text().startsWith("Recover"))
                    return button;
            return nullptr;
        }();
        QVERIFY(recover);
        recover->click();
        QCOMPARE(window.editor().inscription()->words, std::string("ADRIFT"));
        QVERIFY(window.editor().edited());
        QVERIFY(!QFile::exists(f.path("unsaved") + "/lost.unsaved"));
    }

    void whatCannotBeReadIsToldAndLeft() {
        QTemporaryDir folder;
        QVERIFY(files::writeWhole(folder.filePath("lost.unsaved").toStdString(), "{ half a ca",
                                  files::IfThere::refuse));
        WindowFixture f;
        Session session(folder.path());
        MainWindow window(session);
        window.show();
        QVERIFY(std::ranges::any_of(window.startPage().findChildren<QLabel*>(), [](const QLabel* label) {
            return label->text().contains("cannot be read") && label->text().contains("lost.unsaved");
        }));
        QVERIFY(QFile::exists(folder.filePath("lost.unsaved")));
    }

    void recoveringWhereNothingCanBeWrittenKeepsTheOnlyCopy() {
        QTemporaryDir folder;
        {
            CardEditor editor;
            Recovery recovery(editor, folder.path());
            editor.startRecovered(samples::plate("ADRIFT"), {});
            QVERIFY(recovery.keepNow());
            const QString kept = QDir(folder.path()).entryList({"*.unsaved"})[0];
            QVERIFY(QFile::rename(folder.filePath(kept), folder.filePath("lost.unsaved")));
        }
        WindowFixture f;
        Session session(folder.path());
        MainWindow window(session);
        window.show();
        // Where this window would keep its card stands a folder: no byte can be written there.
        for (const QString& lock : QDir(folder.path()).entryList({"*.unsaved.lock"}))
            QDir(folder.path()).mkdir(lock.chopped(5));
        for (auto* button : window.findChildren<QPushButton*>())
            if (button->text().startsWith("Recover")) {
                button->click();
                break;
            }
        QCOMPARE(window.editor().inscription()->words, std::string("ADRIFT"));
        QVERIFY(window.notice().text().contains("cannot be kept safe"));
        QVERIFY(QFile::exists(folder.filePath("lost.unsaved")));
    }

    void savingEndsTheKeeping() {
        WindowFixture f;
        f.openSample("berth-14");
        f.window->editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "SAFE"; });
        QVERIFY(f.window->recovery().keepNow());
        QVERIFY(f.window->editor().saveAs(f.path("safe.bollard")));
        QVERIFY(QDir(f.path("unsaved")).entryList({"*.unsaved"}).isEmpty());
    }

    void theRealProgramStartsWithACard() {
        QProcess program;
        QTemporaryDir folder;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert("HOME", folder.path());
        program.setProcessEnvironment(environment);
        program.start(BOLLARD, {QStringLiteral(BOLLARD_SOURCE "/samples/valve-tag.bollard")});
        QVERIFY(program.waitForStarted());
        QVERIFY(!program.waitForFinished(1500)); // it stays
        program.kill();
        program.waitForFinished();
    }
};

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    if (const QString folder = qEnvironmentVariable("BOLLARD_VICTIM"); !folder.isEmpty()) {
        CardEditor editor;
        Recovery recovery(editor, folder);
        editor.start({}, {});
        editor.edit("x", {}, [](card::Card& card) {
            card.inscriptions.emplace_back();
            card.inscriptions[0].words = "KEEP ME";
        });
        // Each edit is kept as it comes: the time of a key press later it is safe.
        QTimer::singleShot(300, &application, [] { fputs("kept\n", stdout), fflush(stdout); });
        return application.exec();
    }
    RecoveryTest test;
    return QTest::qExec(&test, argc, argv);
}
#include "recovery_test.moc"
