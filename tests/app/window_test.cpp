#include "app/card/rows_table.hpp"
#include "body/faults.hpp"
#include "files/stl.hpp"
#include "window_fixture.hpp"
#include <QComboBox>
#include <QLabel>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QTableWidget>
#include <QToolButton>

using namespace bollard;
using namespace bollard::app;

class WindowTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;
    MainWindow& window() { return *f_->window; }
    CardEditor& editor() { return f_->window->editor(); }

  private slots:
    void init() { f_ = std::make_unique<WindowFixture>(); }
    void cleanup() { f_.reset(); }

    void theStartPageOffersSamples() {
        QVERIFY(window().showsStart());
        const auto samples = window().startPage().findChildren<QToolButton*>();
        QCOMPARE(samples.size(), 36);
        samples.first()->click();
        QVERIFY(!window().showsStart());
        QCOMPARE(f_->inscription().words, std::string("BERTH 14"));
        QVERIFY(editor().path().isEmpty()); // a sample is never written over
        QCOMPARE(editor().title(), QString("berth-14"));
    }

    void typingIsSeenFoundAndUndoneByWords() {
        window().newCard();
        settle(window());
        QPlainTextEdit& words = window().routeCard().letteringBody().words();
        words.setFocus();
        words.selectAll();
        QTest::keyClicks(&words, "TIDE BOARD");
        QVERIFY(settle(window()));
        QCOMPARE(f_->inscription().words, std::string("TIDE BOARD"));
        QCOMPARE(window().maker().shown().made.lettering->inscriptions[0].setting->letters.size(), size_t(9));
        QTest::keyClick(&words, Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(f_->inscription().words, std::string("TIDE ")); // a word at a time
        QTest::keyClick(&words, Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(f_->inscription().words, std::string("QUAY 7"));
        QCOMPARE(words.toPlainText(), QString("QUAY 7"));
    }

    void theVerdictFollowsTheWords() {
        window().newCard();
        settle(window());
        QCOMPARE(window().findings().verdict(), QString("Can be made"));
        window().routeCard().letteringBody().words().setPlainText({});
        settle(window());
        QCOMPARE(window().findings().verdict(), QString("No words yet"));
        window().routeCard().letteringBody().words().setPlainText(QString(QChar(0x6F22)));
        settle(window());
        QCOMPARE(window().findings().verdict(), QString("Cannot be made so yet: 1 stop"));
    }

    void stationsOpenByKeyboardAndTellTheTruth() {
        f_->openSample("berth-14");
        for (int i = 0; i < RouteCard::count; ++i) {
            QTest::keyClick(&window(), Qt::Key(Qt::Key_1 + i), Qt::AltModifier);
            QCOMPARE(window().routeCard().openStation(), i);
            QVERIFY(window().routeCard().station(i).body()->isVisible());
            QVERIFY(window().routeCard().isAncestorOf(window().focusWidget()));
        }
        QCOMPARE(window().routeCard().station(RouteCard::working).summary(),
                 QString("raised 1.6, bedded 0.4"));
        editor().editInscription("x", {}, [](card::Inscription& i) {
            i.working = {working::Kind::sunk, 1, 0.6, 0};
        });
        QCOMPARE(window().routeCard().station(RouteCard::working).summary(), QString("sunk 0.6"));
        editor().select(1);
        QCOMPARE(window().routeCard().station(RouteCard::lettering).summary(),
                 QString("Quicksand Bold, capitals 5.5"));
    }

    void changingTheMeasureKeepsTheSize() {
        f_->openSample("berth-14");
        const auto setting = [&] { return window().maker().shown().made.lettering->inscriptions[0].setting; };
        const double scale = setting()->scale;
        auto* by = window().routeCard().letteringBody().findChild<QComboBox*>();
        for (const int measure : {3, 1, 4, 2, 0}) {
            by->setCurrentIndex(measure);
            emit by->activated(measure);
            settle(window());
            QCOMPARE(int(f_->inscription().style.sizeBy), measure);
            QVERIFY(std::fabs(setting()->scale / scale - 1) < 1e-3);
        }
        QVERIFY(std::fabs(f_->inscription().style.size - 14) < 0.005);
    }

    void rowsAreReadSteppedAndEdited() {
        f_->openSample("berth-14");
        const auto shown = [&] {
            settle(window());
            std::string text;
            for (const auto& letter :
                 window().maker().shown().made.lettering->inscriptions[0].setting->letters)
                text += letter.text;
            return text;
        };
        editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "B {berth}"; });
        settle(window());
        QCOMPARE(window().findings().verdict().left(14), QString("Cannot be made"));
        QFile file(f_->path("berths.csv"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("berth,quay\n21,north\n22,\"south");
        file.close();
        window().readTable(file.fileName());
        QVERIFY(window().notice().text().contains("Line 3") && editor().card().rows->fields.empty());
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("berth,quay\n21,north\n22,south\n");
        file.close();
        window().readTable(file.fileName());
        QCOMPARE(shown(), std::string("B21"));
        window().routeCard().open(RouteCard::output);
        QTableWidget& table = window().routeCard().outputBody().rows().table();
        table.setCurrentCell(2, 0);
        QCOMPARE(shown(), std::string("B22"));
        QVERIFY(window().routeCard().station(RouteCard::output).summary().endsWith("row 2 of 2"));
        table.item(2, 0)->setText("23");
        QCOMPARE(shown(), std::string("B23"));
        QTest::keyClick(&window(), Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(shown(), std::string("B22"));
        QCOMPARE(table.item(2, 0)->text(), QString("22"));
        QTest::keyClick(&window(), Qt::Key_F2); // words with fields are written in their station
        QVERIFY(!window().flatView().writing());
        QCOMPARE(window().focusWidget(), &window().routeCard().letteringBody().words());
    }

    void slipsAddCopyReorderHideDelete() {
        f_->openSample("berth-14");
        editor().add("add", {card::Inscription{}});
        QCOMPARE(editor().card().inscriptions.size(), size_t(3));
        QCOMPARE(editor().selected(), 2);
        editor().moveInscription(-1);
        QCOMPARE(editor().selected(), 1);
        QCOMPARE(editor().card().inscriptions[2].words, std::string("north quay"));
        editor().copyInscription();
        QCOMPARE(editor().card().inscriptions.size(), size_t(4));
        editor().deleteInscription();
        editor().deleteInscription();
        while (editor().history().canUndo())
            editor().history().undo();
        QCOMPARE(editor().card().inscriptions.size(), size_t(2));
        QCOMPARE(editor().card().inscriptions[1].words, std::string("north quay"));
    }

    void largestThatFitsFillsTheBlank() {
        window().newCard();
        settle(window());
        window().routeCard().open(RouteCard::placing);
        f_->button("Largest that fits")->click();
        QTRY_VERIFY(f_->inscription().style.size > 20);
        settle(window());
        for (const check::Finding& finding : window().maker().shown().made.checked->findings)
            QVERIFY(finding.kind != check::FindingKind::outsideBlank &&
                    finding.kind != check::FindingKind::insideMargin);
    }

    void aCardIsSavedAndOpenedAgain() {
        f_->openSample("berth-14");
        editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "BERTH 15"; });
        QVERIFY(editor().edited());
        QVERIFY(editor().saveAs(f_->path("berth v1.2")));
        QVERIFY(!editor().edited());
        QVERIFY(QFile::exists(f_->path("berth v1.2.bollard"))); // the ending is added after the dot
        window().newCard();
        window().openCard(f_->path("berth v1.2.bollard"));
        QCOMPARE(f_->inscription().words, std::string("BERTH 15"));
        QCOMPARE(editor().title(), QString("berth v1.2"));
    }

    void aCardThatCannotBeReadChangesNothing() {
        f_->openSample("berth-14");
        QFile broken(f_->path("broken.bollard"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write("{\n \"bollard\": 1,\n \"unit\": \"ell\"\n}\n");
        broken.close();
        window().openCard(broken.fileName());
        QVERIFY(window().notice().text().contains("Line 3"));
        QVERIFY(window().notice().text().contains("unit"));
        QCOMPARE(f_->inscription().words, std::string("BERTH 14"));
    }

    void outputIsWrittenReadBackAndNeverReplacedUnasked() {
        f_->openSample("berth-14");
        window().writeFiles({f_->path("berth.stl")});
        QTRY_VERIFY(QFile::exists(f_->path("berth.stl")));
        const auto read = files::meshFromStl(*files::readWhole(f_->path("berth.stl").toStdString()), "berth");
        QVERIFY(read && body::faultsOf(*read).none());
        QVERIFY(std::fabs(body::volumeOf(*read) - body::volumeOf(window().maker().shown().made.solid->mesh)) <
                0.5);
        QFile::remove(f_->path("berth.stl"));
        QVERIFY(files::writeWhole(f_->path("berth.stl").toStdString(), "mine", files::IfThere::refuse));
        window().writeFiles({f_->path("berth.stl")});
        QVERIFY(window().notice().text().contains("already there"));
        f_->button("Leave it")->click();
        QCOMPARE(*files::readWhole(f_->path("berth.stl").toStdString()), std::string("mine"));
        window().writeFiles({f_->path("berth.stl")});
        f_->button("Replace it")->click();
        QTRY_VERIFY(files::readWhole(f_->path("berth.stl").toStdString())->size() > 1000);
        window().writeFiles({f_->path("berth.png")});
        QTRY_VERIFY(!QImage(f_->path("berth.png")).isNull());
    }

    void aStopFindingIsAskedAboutBeforeWriting() {
        f_->openSample("valve-tag");
        window().writeFiles({f_->path("tag.3mf")});
        QVERIFY(window().notice().text().contains("Cannot be made so yet"));
        f_->button("Go back")->click();
        QVERIFY(!QFile::exists(f_->path("tag.3mf")));
        window().writeFiles({f_->path("tag.3mf")});
        f_->button("Write all the same")->click();
        QTRY_VERIFY(QFile::exists(f_->path("tag.3mf")));
    }

    void leavingAsksAboutUnsavedChanges() {
        f_->openSample("berth-14");
        editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "B"; });
        window().close();
        QVERIFY(window().isVisible());
        f_->button("Stay here")->click();
        QVERIFY(window().isVisible());
        window().close();
        f_->button("Drop them")->click();
        QVERIFY(!window().isVisible());
    }

    void aFontFileIsTakenOrSaysWhyNot() {
        f_->openSample("berth-14");
        window().useFontFile("/usr/share/fonts/opentype/terminus/terminus-normal.otb");
        QVERIFY(window().notice().text().contains("pixel"));
        QMimeData dropped;
        dropped.setUrls({QUrl::fromLocalFile(QStringLiteral(BOLLARD_SOURCE "/fonts/Quicksand-Bold.ttf"))});
        QDragEnterEvent enter(QPoint(5, 5), Qt::CopyAction, &dropped, Qt::LeftButton, {});
        QApplication::sendEvent(&window(), &enter);
        QDropEvent drop(QPointF(5, 5), Qt::CopyAction, &dropped, Qt::LeftButton, {});
        QApplication::sendEvent(&window(), &drop);
        settle(window());
        QVERIFY(f_->inscription().typeface.file.ends_with("Quicksand-Bold.ttf"));
        QCOMPARE(window().maker().shown().made.lettering->inscriptions[0].setting->typeface->family(),
                 std::string("Quicksand"));
    }

    void unitsAreShownNotChanged() {
        f_->openSample("berth-14");
        const blank::Blank before = editor().card().blank;
        auto* unit = window().findChild<QComboBox*>("unit");
        unit->setCurrentIndex(2);
        emit unit->activated(2);
        QVERIFY(editor().card().blank == before);
        QCOMPARE(window().routeCard().station(RouteCard::blank).summary().left(13), QString("plate 4.724 ×"));
    }

    void everythingToBeReachedHasAName() {
        f_->openSample("berth-14");
        for (int i = 0; i < RouteCard::count; ++i)
            window().routeCard().open(i);
        window().showView(MainWindow::body);
        for (QWidget* widget : window().findChildren<QWidget*>()) {
            const bool reachable = widget->focusPolicy() & Qt::TabFocus && widget->isEnabled();
            const auto* named = qobject_cast<QAbstractButton*>(widget);
            const bool popsUp = widget->window() != &window(); // the list of a choice, named by the choice
            if (!reachable || popsUp || widget->objectName().startsWith("qt_"))
                continue;
            QVERIFY2(!widget->accessibleName().isEmpty() || (named && !named->text().isEmpty()),
                     qPrintable(QString(widget->metaObject()->className()) + " in " +
                                widget->parentWidget()->metaObject()->className()));
        }
    }

    void tabReachesTheWholeWindow() {
        f_->openSample("berth-14");
        QSet<QWidget*> reached;
        for (int i = 0; i < 120; ++i) {
            QTest::keyClick(window().focusWidget() ? window().focusWidget() : &window(), Qt::Key_Tab);
            reached.insert(window().focusWidget());
        }
        QVERIFY(reached.contains(&window().flatView()));
        QVERIFY(
            std::ranges::any_of(reached, [&](QWidget* w) { return window().findings().isAncestorOf(w); }));
        QVERIFY(reached.size() > 15);
    }

    void theWindowFitsASmallScreen() {
        f_->openSample("berth-14");
        for (const auto view : {MainWindow::flat, MainWindow::body}) {
            window().showView(view);
            window().resize(1024, 640);
            settle(window());
            QCOMPARE(window().size(), QSize(1024, 640));
            QVERIFY(window().findings().geometry().right() <= 1024);
        }
        QVERIFY(window().flatView().width() > 300 || window().bodyView().width() > 300);
    }

    void bothLooksHaveReadableText() {
        const auto luminance = [](const QColor& c) {
            const auto part = [](double v) {
                return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
            };
            return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
        };
        for (const auto look : {drawing::Look::light, drawing::Look::dark}) {
            const drawing::Tokens& t = drawing::tokensOf(look);
            for (const QColor& ink : {t.ink, t.inkSoft, t.stop, t.watch, t.sound, t.tide}) {
                const double a = luminance(ink), b = luminance(t.paper);
                QVERIFY2((std::max(a, b) + 0.05) / (std::min(a, b) + 0.05) >= 4.0, qPrintable(ink.name()));
            }
        }
    }
};
QTEST_MAIN(WindowTest)
#include "window_test.moc"
