#include "files/whole_file.hpp"
#include "window_fixture.hpp"
#include <QDropEvent>
#include <QMimeData>

using namespace bollard;
using namespace bollard::app;

/// Files dropped on the window, or opened, and what is said of them.
class ImportTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowFixture> f_;

    MainWindow& window() { return *f_->window; }
    CardEditor& editor() { return window().editor(); }
    NoticeBar& notice() { return window().notice(); }
    QString saved(const char* name, const QByteArray& bytes) {
        QFile file(f_->path(name));
        if (!file.open(QIODevice::WriteOnly) || file.write(bytes) != bytes.size())
            return {};
        return file.fileName();
    }
    void drop(const QStringList& paths) {
        QMimeData data;
        QList<QUrl> urls;
        for (const QString& path : paths)
            urls << QUrl::fromLocalFile(path);
        data.setUrls(urls);
        const QPoint at(400, 300);
        QDragEnterEvent enter(at, Qt::CopyAction, &data, Qt::LeftButton, {});
        QApplication::sendEvent(&window(), &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent event(at, Qt::CopyAction, &data, Qt::LeftButton, {});
        QApplication::sendEvent(&window(), &event);
        settle(window());
    }

  private slots:
    void init() {
        f_ = std::make_unique<WindowFixture>();
        f_->openSample("berth-14");
    }
    void cleanup() { f_.reset(); }

    void aFontIsGivenToTheWords() {
        drop({QStringLiteral(BOLLARD_SOURCE "/fonts/Quicksand-Bold.ttf")});
        QVERIFY(f_->inscription().typeface.file.ends_with("Quicksand-Bold.ttf"));
        QVERIFY(window().maker().shown().flat->lettersOf(0)->setting->typeface->family() == "Quicksand");
        drop(
            {QStringLiteral(BOLLARD_SOURCE "/fonts/bollard-mark.svg")}); // an SVG file: a font, or a drawing?
        QVERIFY2(f_->inscription().typeface.file.ends_with("bollard-mark.svg"), qPrintable(notice().text()));
        QVERIFY(window().maker().shown().flat->lettersOf(0)->setting->typeface->singleLine());
    }

    void aBrokenFontChangesNothingAndSaysWhy() {
        const type::TypefaceChoice before = f_->inscription().typeface;
        drop({saved("torn.ttf", "no font at all")});
        QVERIFY(f_->inscription().typeface == before);
        QVERIFY2(notice().text().contains("torn.ttf"), qPrintable(notice().text()));
        QVERIFY(notice().isVisible());
    }

    void aDrawingIsAnOrnamentInMillimetres() {
        drop({saved("tally.svg", "<svg xmlns='http://www.w3.org/2000/svg' width='30mm' height='10mm' "
                                 "viewBox='0 0 30 10'><rect width='30' height='10'/></svg>")});
        QTRY_COMPARE(editor().card().inscriptions.size(), size_t{3});
        settle(window());
        QCOMPARE(f_->inscription().ornament.source, std::string("tally.svg"));
        const plane::Box ink = window().maker().shown().flat->lettersOf(2)->setting->ink;
        QVERIFY(std::fabs(plane::toMillimetres(ink.high.x - ink.low.x) - 30) < 0.01);
        editor().history().undo(); // one step
        QCOMPARE(editor().card().inscriptions.size(), size_t{2});
    }

    void drawingsAreTakenOneByOne() {
        const QString one = saved("one.svg", "<svg xmlns='http://www.w3.org/2000/svg'/>"),
                      two = saved("two.dxf", "0\nEOF\n");
        drop({one, two});
        QVERIFY(notice().text().contains("one drawing at a time"));
        QCOMPARE(editor().card().inscriptions.size(), size_t{2});
    }

    void aTableIsTheCardsRows() {
        drop({saved("berths.csv", "berth,quay\n3,east\n4,west\n")});
        QCOMPARE(editor().card().rows->count(), 2);
        QCOMPARE(editor().card().rows->values[1][1], std::string("west"));
        drop({saved("empty.csv", "")});
        QCOMPARE(editor().card().rows->count(), 2);
        QVERIFY(notice().text().contains("empty.csv"));
    }

    void aCardIsOpenedAfterAskingForTheOneThatIsOpen() {
        const auto text = files::readWhole(BOLLARD_SOURCE "/samples/tidewater.bollard");
        const QString path = saved("other.bollard", QByteArray::fromStdString(*text));
        editor().editInscription("x", {}, [](card::Inscription& i) { i.words = "QUAY"; });
        drop({path});
        QVERIFY(notice().text().contains("not saved"));
        QCOMPARE(f_->inscription().words, std::string("QUAY")); // nothing lost yet
        f_->button("Drop them")->click();
        settle(window());
        QCOMPARE(f_->inscription().words, std::string("Tidewater"));
        QCOMPARE(editor().title(), QString("other"));
    }

    void whatIsNoFileOfOursSaysSo() {
        const card::Card before = editor().card();
        drop({saved("notes.txt", "harbour notes")});
        QVERIFY(editor().card() == before);
        QVERIFY2(notice().isVisible() && !notice().text().isEmpty(), qPrintable(notice().text()));
    }

    void noticesAreAnsweredAndClosedByKeyboard() {
        int answered = 0;
        window().notice().say("A question?", NoticeBar::Tone::plain,
                              {{"Yes", [&] { answered = 1; }}, {"No", [&] { answered = 2; }}});
        QVERIFY(f_->button("Yes")->hasFocus());
        QTest::keyClick(f_->button("Yes"), Qt::Key_Tab);
        QVERIFY(f_->button("No")->hasFocus());
        QTest::keyClick(f_->button("No"), Qt::Key_Space);
        QCOMPARE(answered, 2);
        QVERIFY(!notice().isVisible());
        window().notice().say("Only told.", NoticeBar::Tone::problem);
        QTest::keyClick(&notice(), Qt::Key_Escape);
        QVERIFY(!notice().isVisible());
    }
};
QTEST_MAIN(ImportTest)
#include "import_test.moc"
