#include "../sample_cards.hpp"
#include "window_fixture.hpp"

using namespace bollard;
using namespace bollard::app;

namespace {

bool ends(Session& session) {
    return QTest::qWaitFor([&] { return session.maker.catalogue() && !session.maker.busy(); },
                           60000 * BOLLARD_PATIENCE);
}
std::string wordsMade(const Session& session) {
    const auto& made = session.maker.shown().made;
    return made.card && made.solid && !made.solid->mesh.empty() ? made.card->inscriptions[0].words : "";
}

} // namespace

class SessionTest : public QObject {
    Q_OBJECT
  private slots:
    void whatIsEditedIsMadeAndKeptSafeWithoutAWindow() {
        const QTemporaryDir folder;
        Session session(folder.path());
        session.editor.start(samples::plate("KELPIE"), {});
        session.editor.editInscription("x", {}, [](card::Inscription& i) { i.words = "CORMORANT"; });
        QVERIFY(ends(session));
        QCOMPARE(wordsMade(session), std::string("CORMORANT"));
        QVERIFY(QTest::qWaitFor([&] { return !QDir(folder.path()).entryList(QDir::Files).isEmpty(); }));
        session.editor.history().undo();
        QVERIFY(ends(session));
        QCOMPARE(wordsMade(session), std::string("KELPIE"));
    }

    void anotherWindowFindsTheCardAsTheFirstLeftIt() {
        WindowFixture f;
        f.openSample("berth-14");
        const card::Card before = f.window->editor().card();
        f.window->editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "BERTH 99"; });
        settle(*f.window);
        const auto solid = f.session->maker.shown().made.solid;
        f.window.reset();
        QVERIFY(f.session->editor.card().inscriptions[0].words == "BERTH 99" && f.session->editor.edited());
        f.window = std::make_unique<MainWindow>(*f.session);
        f.window->show();
        settle(*f.window);
        QVERIFY(f.window->editor().card() == f.session->editor.card());
        QVERIFY(f.session->maker.shown().made.solid == solid); // nothing is made twice
        f.window->editor().history().undo();
        QVERIFY(f.window->editor().card() == before);
    }
};

QTEST_MAIN(SessionTest)
#include "session_test.moc"
