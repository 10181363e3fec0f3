// All rows of a card in the window: their pictures and verdicts, sheets, files; the job sheet, and sending.
#include "app/card/stations.hpp"
#include "app/controls/choice.hpp"
#include "app/controls/drawer.hpp"
#include "app/proof/proof_view.hpp"
#include "app/sending/send_panel.hpp"
#include "app/series/series_view.hpp"
#include "app/series/sheet_canvas.hpp"
#include "window_fixture.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QListView>
#include <QProcess>
#include <QPushButton>

using namespace bollard;
using namespace bollard::app;

class SeriesInWindowTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;
    MainWindow& window() { return *f_->window; }
    SeriesView& view() { return window().seriesView(); }

    QPushButton* button(QWidget& within, const QString& text) {
        for (auto* one : within.findChildren<QPushButton*>())
            if (one->text() == text)
                return one;
        return nullptr;
    }
    void openRows(const char* sample) {
        f_->openSample(sample);
        settle(window());
        window().showView(MainWindow::series);
        QTRY_VERIFY_WITH_TIMEOUT(view().rowMaker().complete() && !view().rowMaker().rows().empty(),
                                 60000 * BOLLARD_PATIENCE);
    }

  private slots:
    void init() { f_ = std::make_unique<WindowFixture>(); }
    void cleanup() { f_.reset(); }

    void everyRowIsShownWithItsVerdict() {
        openRows("crew-tags");
        const auto& rows = view().rowMaker().rows();
        QCOMPARE(rows.size(), size_t(30));
        QCOMPARE(view().model().rowCount(), 30);
        QVERIFY(rows[0].name.contains("Ada") && rows[29].name.contains("Dagny"));
        QVERIFY(rows[0].picture.size() == rowPicture * 2 && rows[0].picture != rows[1].picture);
        QVERIFY(!rows[3].verdict.isEmpty() && !rows[3].covered.empty());
        QVERIFY2(view().told().contains("30 rows"), qPrintable(view().told()));
        // Choosing one shows it on the card; opening goes to where it is worked on.
        view().grid().setCurrentIndex(view().model().indexOf(7));
        QCOMPARE(window().editor().card().row, 7);
        emit view().grid().activated(view().grid().currentIndex());
        QVERIFY(window().view() == MainWindow::flat);
        // Another row on the board is no reason to make all anew.
        window().showView(MainWindow::series);
        QVERIFY(view().rowMaker().complete());
        QCOMPARE(view().grid().currentIndex().data().toString(), rows[7].name);
    }

    void theWorstComeFirstWhereThatIsWanted() {
        openRows("crew-tags");
        window().editor().edit({}, {}, [](card::Card& card) {
            card.rows.edit([](setting::Rows& rows) { rows.values[20][0] = "Much too long a name"; });
        });
        QTRY_VERIFY_WITH_TIMEOUT(!view().rowMaker().complete(), 5000);
        QTRY_VERIFY_WITH_TIMEOUT(view().rowMaker().complete(), 60000 * BOLLARD_PATIENCE);
        QVERIFY(view().rowMaker().rows()[20].worst == check::Severity::stop);
        QVERIFY2(view().told().contains("1 that stops"), qPrintable(view().told()));
        view().model().setWorstFirst(true);
        QCOMPARE(view().model().rowAt(view().model().index(0)), 20);
        view().model().setWorstFirst(false);
        QCOMPARE(view().model().rowAt(view().model().index(0)), 0);
        // On sheets it is left out.
        QSignalSpy nested(&view(), &SeriesView::nested);
        view().showSheets(true);
        QTRY_VERIFY_WITH_TIMEOUT(view().nest() != nullptr, 20000 * BOLLARD_PATIENCE);
        size_t parts = 0;
        for (const nest::Sheet& sheet : view().nest()->sheets)
            parts += sheet.places.size();
        QCOMPARE(parts, size_t(29));
        QVERIFY(view().told().contains("left out"));
    }

    void aMendCanBeForOneRowAlone() {
        openRows("crew-tags");
        window().editor().edit({}, {}, [](card::Card& card) {
            card.rows.edit([](setting::Rows& rows) { rows.values[20][0] = "Much too long a name"; });
        });
        window().editor().showRow(20);
        QTRY_VERIFY_WITH_TIMEOUT(!view().rowMaker().complete(), 5000);
        QTRY_VERIFY_WITH_TIMEOUT(view().rowMaker().complete(), 60000 * BOLLARD_PATIENCE);
        QVERIFY(view().rowMaker().rows()[20].worst == check::Severity::stop);
        window().showView(MainWindow::flat);
        settle(window());
        QCheckBox* one = nullptr;
        for (auto* box : window().findings().findChildren<QCheckBox*>())
            one = box;
        QVERIFY(one && one->isVisible());
        QCOMPARE(one->text(), QString("Mends only for row 21"));
        one->setChecked(true);
        const auto stopRow = [&]() -> FindingRow* {
            for (FindingRow* row : window().findings().rows())
                if (row->finding().severity == check::Severity::stop && !row->offers().empty())
                    return row;
            return nullptr;
        };
        QTRY_VERIFY_WITH_TIMEOUT(stopRow(), 30000 * BOLLARD_PATIENCE);
        const card::Card before = window().editor().card();
        window().findings().mendFirst();
        settle(window());
        const card::Card& now = window().editor().card();
        QVERIFY(now.rows->own.contains(20));
        QVERIFY(now.inscriptions == before.inscriptions && now.blank == before.blank);
        QVERIFY(check::worstOf(window().maker().shown().made.checked->findings) != check::Severity::stop);
        // In the grid only that row is made anew.
        int anew = 0;
        connect(&view().rowMaker(), &RowMaker::rowMade, this, [&](int) { ++anew; });
        window().showView(MainWindow::series);
        QTRY_VERIFY_WITH_TIMEOUT(view().rowMaker().complete(), 60000 * BOLLARD_PATIENCE);
        QVERIFY(view().rowMaker().rows()[20].own &&
                view().rowMaker().rows()[20].worst != check::Severity::stop);
        QVERIFY2(anew <= 2, qPrintable(QString::number(anew)));
        button(view(), "Make row 21 like the others")->click();
        QVERIFY(window().editor().card().rows->own.empty());
    }

    void sheetsFollowTheirSettings() {
        openRows("crew-tags");
        view().showSheets(true);
        QTRY_VERIFY_WITH_TIMEOUT(view().nest() != nullptr, 20000 * BOLLARD_PATIENCE);
        QCOMPARE(view().nest()->sheets.size(), size_t(2));
        QVERIFY2(view().told().contains("2 sheets"), qPrintable(view().told()));
        const QImage before = view().sheets().grab().toImage();
        NumberField* width = nullptr;
        for (auto* field : view().findChildren<NumberField*>())
            if (field->accessibleName() == "Sheet width")
                width = field;
        QVERIFY(width);
        width->selectAll();
        QTest::keyClicks(width, "600");
        QTest::keyClick(width, Qt::Key_Return);
        QTRY_COMPARE_WITH_TIMEOUT(view().nest()->sheets.size(), size_t(1), 20000 * BOLLARD_PATIENCE);
        QVERIFY(view().sheets().grab().toImage() != before);
        // The keyboard goes through the parts.
        view().sheets().setFocus();
        view().sheets().choose(4);
        QTest::keyClick(&view().sheets(), Qt::Key_Right);
        QCOMPARE(view().sheets().chosen(), 5);
        QCOMPARE(window().editor().card().row, 5);
    }

    void rowsAndSheetsAreWrittenAndKept() {
        openRows("crew-tags");
        QTemporaryDir folder;
        const auto format = [&](const char* name) {
            for (auto* box : view().findChildren<QComboBox*>())
                if (const int at = box->findText(name); at >= 0)
                    box->setCurrentIndex(at);
        };
        const auto writeNow = [&] {
            QSignalSpy written(&view(), &SeriesView::written);
            view().writeTo(folder.filePath("out"));
            QVERIFY(view().writing());
            QTRY_COMPARE_WITH_TIMEOUT(written.size(), 1, 60000 * BOLLARD_PATIENCE);
        };
        format("SVG");
        writeNow();
        QStringList files = QDir(folder.filePath("out")).entryList({"*.svg"}, QDir::Files);
        QCOMPARE(files.size(), 30);
        QCOMPARE(files[6], QString("07-Greta-deck.svg"));
        const auto said = [&](const QString& words) {
            for (auto* label : view().findChildren<QLabel*>())
                if (label->text().contains(words))
                    return true;
            return false;
        };
        QVERIFY(said("30 made"));
        writeNow();
        QVERIFY(said("30 there already"));
        view().showSheets(true);
        QTRY_VERIFY_WITH_TIMEOUT(view().nest() != nullptr, 20000 * BOLLARD_PATIENCE);
        format("NC");
        writeNow();
        files = QDir(folder.filePath("out")).entryList({"sheet-*.nc"}, QDir::Files);
        QCOMPARE(files, QStringList({"sheet-1.nc", "sheet-2.nc"}));
    }

    void theJobSheetIsWritten() {
        f_->openSample("valve-scribed");
        settle(window());
        QTemporaryDir folder;
        const QString path = folder.filePath("tag-job.pdf");
        emit window().routeCard().jobSheetWanted(path);
        QTRY_VERIFY_WITH_TIMEOUT(QFileInfo(path).size() > 10000, 20000 * BOLLARD_PATIENCE);
        // It is not replaced unasked.
        const QDateTime before = QFileInfo(path).lastModified();
        emit window().routeCard().jobSheetWanted(path);
        QTest::qWait(300);
        QVERIFY(window().notice().isVisible());
        QCOMPARE(QFileInfo(path).lastModified(), before);
    }

    void aProgramIsSentAndWatched() {
        QTemporaryDir folder;
        QProcess standin;
        standin.start(QStringLiteral(BOLLARD_STANDIN), {"--pty", folder.filePath("tty"), "--trace",
                                                        folder.filePath("trace"), "--fault", "slow"});
        QTRY_VERIFY_WITH_TIMEOUT(QFileInfo(folder.filePath("tty")).isSymLink(), 5000);
        f_->openSample("valve-scribed");
        settle(window());
        window().openSending();
        QVERIFY(window().view() == MainWindow::proof);
        SendPanel& panel = window().sendPanel();
        panel.device().setEditText(folder.filePath("tty"));
        std::optional<std::array<double, 3>> at;
        connect(&panel, &SendPanel::moved, this, [&](const auto& place) { at = place ? place : at; });
        QVERIFY(!button(panel, "Hold")->isVisible());
        button(panel, "Send the program")->click();
        QTRY_VERIFY_WITH_TIMEOUT(panel.running(), 20000 * BOLLARD_PATIENCE);
        QTRY_VERIFY_WITH_TIMEOUT(at && std::fabs((*at)[0]) > 1, 20000 * BOLLARD_PATIENCE);
        button(panel, "Hold")->click();
        QVERIFY(button(panel, "Go on"));
        button(panel, "Go on")->click();
        button(panel, "Stop")->click();
        QTRY_VERIFY_WITH_TIMEOUT(!panel.running(), 10000);
        QVERIFY(panel.ended() == send::SendState::stopped);
        QVERIFY2(panel.told().contains("Stopped"), qPrintable(panel.told()));
        standin.terminate();
        QVERIFY(standin.waitForFinished(5000));
        // No device: told in place.
        button(panel, "Send the program")->click();
        QTRY_VERIFY_WITH_TIMEOUT(panel.told().contains("cannot be opened"), 20000 * BOLLARD_PATIENCE);
    }

    void anAirRunComesFirstAndAFaultOffersToGoOn() {
        QTemporaryDir folder;
        QProcess standin;
        standin.start(QStringLiteral(BOLLARD_STANDIN), {"--pty", folder.filePath("tty"), "--trace",
                                                        folder.filePath("trace"), "--fault", "error:200"});
        QTRY_VERIFY_WITH_TIMEOUT(QFileInfo(folder.filePath("tty")).isSymLink(), 5000);
        f_->openSample("valve-scribed");
        settle(window());
        window().openSending();
        SendPanel& panel = window().sendPanel();
        panel.device().setEditText(folder.filePath("tty"));
        for (auto* box : panel.findChildren<QCheckBox*>())
            box->setChecked(true);
        QSignalSpy over(&panel, &SendPanel::over);
        panel.start();
        QTRY_COMPARE_WITH_TIMEOUT(over.size(), 1, 30000 * BOLLARD_PATIENCE);
        QVERIFY(panel.ended() == send::SendState::error);
        QVERIFY2(panel.told().contains("asked for"), qPrintable(panel.told()));
        QFile trace(folder.filePath("trace"));
        QVERIFY(trace.open(QIODevice::ReadOnly));
        const QByteArray text = trace.readAll();
        QCOMPARE(text.count("M30"), 1); // of the air run; the program broke off
        QPushButton* goOn = nullptr;
        for (auto* one : panel.findChildren<QPushButton*>())
            if (one->text().startsWith("Go on from"))
                goOn = one;
        QVERIFY(goOn && !goOn->isHidden());
        goOn->click(); // the error was at one line only
        QTRY_COMPARE_WITH_TIMEOUT(over.size(), 2, 30000 * BOLLARD_PATIENCE);
        QVERIFY2(panel.ended() == send::SendState::done, qPrintable(panel.told()));
        standin.terminate();
        standin.waitForFinished(5000);
    }
};

QTEST_MAIN(SeriesInWindowTest)
#include "series_in_window_test.moc"
