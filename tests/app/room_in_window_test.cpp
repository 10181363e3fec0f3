#include "../sample_cards.hpp"
#include "app/card/rows_table.hpp"
#include "window_fixture.hpp"
#include <QClipboard>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QTableWidget>

using namespace bollard;
using namespace bollard::app;

/// The first things a person does: add words, type over them, copy, cut and paste.
class RoomInWindowTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;
    MainWindow& window() { return *f_->window; }
    CardEditor& editor() { return f_->window->editor(); }
    QPlainTextEdit& words() { return window().routeCard().letteringBody().words(); }
    size_t count() { return editor().card().inscriptions.size(); }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        f_->openSample("berth-14");
        window().routeCard().open(RouteCard::lettering);
    }

    void newWordsAreTypedOver() {
        const size_t before = count();
        QPushButton* add = f_->button("Add inscription");
        QVERIFY(add);
        add->setFocus();
        QTest::mouseClick(add, Qt::LeftButton);
        QCOMPARE(count(), before + 1);
        QVERIFY(words().hasFocus());
        QTest::keyClicks(&words(), "east pier"); // with a space, which is no press of the link
        QCOMPARE(count(), before + 1);
        QCOMPARE(editor().inscription()->words, std::string("east pier"));
        QTRY_VERIFY(!window().maker().busy());
        for (const auto& finding : window().maker().shown().made.checked->findings)
            QVERIFY(finding.kind != check::FindingKind::outsideBlank);
        while (editor().history().canUndo())
            editor().history().undo();
        QCOMPARE(count(), before);
    }

    void inscriptionsGoThroughTheClipboard() {
        const size_t before = count();
        editor().select(0);
        window().flatView().setFocus();
        QTest::keyClick(&window().flatView(), Qt::Key_C, Qt::ControlModifier);
        QCOMPARE(QApplication::clipboard()->text().toStdString(), editor().inscription()->words);
        QTest::keyClick(&window().flatView(), Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(count(), before + 1);
        QCOMPARE(editor().selected(), int(before));
        QTest::keyClick(&window().flatView(), Qt::Key_X, Qt::ControlModifier);
        QCOMPARE(count(), before);
        // Into another window's card.
        WindowFixture other;
        other.openSample("tidewater");
        const size_t there = other.window->editor().card().inscriptions.size();
        other.window->flatView().setFocus();
        QTest::keyClick(&other.window->flatView(), Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(other.window->editor().card().inscriptions.size(), there + 1);
    }

    void wordsFromAnywhereBecomeAnInscription() {
        const size_t before = count();
        QApplication::clipboard()->setText("west pier\nno landing");
        window().flatView().setFocus();
        QTest::keyClick(&window().flatView(), Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(count(), before + 1);
        QCOMPARE(editor().inscription()->words, std::string("west pier\nno landing"));
        QVERIFY(!window().notice().isVisible());
    }

    void aListOffersToBecomeRows() {
        QApplication::clipboard()->setText("Ada\nBo\nCy\n");
        window().flatView().setFocus();
        QTest::keyClick(&window().flatView(), Qt::Key_V, Qt::ControlModifier);
        QVERIFY(window().notice().isVisible());
        QPushButton* take = f_->button("A row each");
        QVERIFY(take);
        take->click();
        QCOMPARE(editor().card().rows->values.size(), size_t{3});
        QCOMPARE(editor().card().rows->fields, std::vector<std::string>{"name"});
        QCOMPARE(editor().inscription()->words, std::string("{name}"));
    }

    void rowsComeFromASpreadsheet() {
        editor().edit("x", {}, [](card::Card& card) { card.rows = setting::Rows{{"berth"}, {{"1"}}, {}}; });
        QApplication::clipboard()->setText("north\t1\nsouth\t2");
        window().routeCard().open(RouteCard::output);
        QTableWidget& table = window().routeCard().outputBody().rows().table();
        table.setFocus();
        QTest::keyClick(&table, Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(editor().card().rows->values.size(), size_t{2});
        QCOMPARE(editor().card().rows->values[1][1], std::string("2"));
    }

    void savingOverWhatSomeoneElseWroteIsAskedFor() {
        const QString path = f_->path("shared.bollard");
        QVERIFY(editor().saveAs(path));
        QVERIFY(files::writeWhole(path.toStdString(), card::jsonOf(samples::plate("THEIRS")),
                                  files::IfThere::replace));
        editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "MINE"; });
        QTest::keyClick(&window(), Qt::Key_S, Qt::ControlModifier);
        QVERIFY(window().notice().isVisible() && window().notice().text().contains("someone else"));
        QVERIFY(files::readWhole(path.toStdString())->find("THEIRS") != std::string::npos);
        f_->button("Save over it")->click();
        QVERIFY(files::readWhole(path.toStdString())->find("MINE") != std::string::npos);
        QVERIFY(!editor().edited());
    }

    void readOnlyCardsAreAskedFor() {
        const QString path = f_->path("kept.bollard");
        QVERIFY(editor().saveAs(path));
        QVERIFY(QFile(path).setPermissions(QFile::ReadOwner));
        editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "MINE"; });
        QTest::keyClick(&window(), Qt::Key_S, Qt::ControlModifier);
        QVERIFY(window().notice().text().contains("read-only"));
        QVERIFY(files::readWhole(path.toStdString())->find("MINE") == std::string::npos);
        f_->button("Replace it all the same")->click();
        QVERIFY(files::readWhole(path.toStdString())->find("MINE") != std::string::npos);
    }

    void aWindowWithHeavyWorkClosesAtOnce() {
        card::Card card = samples::plate({});
        card.blank.width = card.blank.height = 3000;
        for (int i = 0; i < 30000; ++i)
            card.blank.holes.push_back({20.0 + 10 * (i % 290), 60.0 + 10 * (i / 290), 4});
        editor().start(card, {});
        QTest::qWait(700); // in the middle of it
        QElapsedTimer timer;
        timer.start();
        f_.reset();
        QVERIFY2(timer.elapsed() < 1500, qPrintable(QString::number(timer.elapsed())));
    }
};
QTEST_MAIN(RoomInWindowTest)
#include "room_in_window_test.moc"
