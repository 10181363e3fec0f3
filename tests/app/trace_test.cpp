#include "app/card/trace_panel.hpp"
#include "app/controls/drawer.hpp"
#include "artwork/trace.hpp"
#include "card/card_json.hpp"
#include "plane/region.hpp"
#include "window_fixture.hpp"
#include <QCheckBox>
#include <QPainter>
#include <QSlider>

using namespace bollard;
using namespace bollard::app;

namespace {

/// A ring with a dot beside it, as a scan would have it.
QImage scan(QColor ink = Qt::black, QColor paper = Qt::white) {
    QImage image(600, 400, QImage::Format_RGB32);
    image.fill(paper);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(ink, 60));
    painter.drawEllipse(QPointF(220, 200), 120, 120);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink);
    painter.drawEllipse(QPointF(480, 200), 50, 50);
    painter.drawRect(20, 20, 2, 2); // dust
    return image;
}

double areaOf(const plane::Outline& outline) {
    return plane::areaOf(plane::filled(plane::flattened(outline, 100, 5))) / 1e4;
}

} // namespace

class TraceTest : public QObject {
    Q_OBJECT
  private slots:
    void whatIsTracedHasTheShapeOfTheInk() {
        const auto drawing = artwork::traced(scan(), {});
        QVERIFY(drawing);
        QCOMPARE(drawing->outline.contours.size(), size_t(3)); // the ring's two, the dot; no dust
        const double ring = M_PI * (150 * 150 - 90 * 90), dot = M_PI * 50 * 50;
        QVERIFY2(std::fabs(areaOf(drawing->outline) - ring - dot) < 0.01 * (ring + dot),
                 qPrintable(QString::number(areaOf(drawing->outline))));
        // y grows upwards: both lie in the middle of the picture's height.
        const plane::Box box = plane::boxOf(plane::filled(plane::flattened(drawing->outline, 100, 5)));
        QVERIFY(std::abs(box.low.y - 5000) < 200 && std::abs(box.high.y - 35000) < 200);
        QVERIFY(std::abs(box.low.x - 7000) < 200 && std::abs(box.high.x - 53000) < 200);
    }

    void itsSettingsDoWhatTheySay() {
        artwork::Tracing how;
        how.smallestSpot = 0;
        QCOMPARE(artwork::traced(scan(), how)->outline.contours.size(), size_t(4)); // and the dust
        how = {};
        how.lightInk = true;
        QCOMPARE(artwork::traced(scan(Qt::white, Qt::black), how)->outline.contours.size(), size_t(3));
        how = {};
        how.threshold = 0.2; // a pale pencil is not seen
        const auto pale = artwork::traced(scan(QColor(150, 150, 150)), how);
        QVERIFY(!pale && pale.problem().kind == quantity::ProblemKind::artworkEmpty);
        how.threshold = 0.8;
        QCOMPARE(artwork::traced(scan(QColor(150, 150, 150)), how)->outline.contours.size(), size_t(3));
        how = {};
        how.smoothing = 0; // corners all the way: lines only
        const auto cornered = artwork::traced(scan(), how);
        QVERIFY(cornered);
        for (const plane::Contour& contour : cornered->outline.contours)
            for (const plane::Segment& segment : contour.segments)
                QVERIFY(segment.kind == plane::Segment::Kind::line);
    }

    void whatIsNoPictureIsRefused() {
        const QTemporaryDir folder;
        QVERIFY(!artwork::pictureFromFile("/no/such.png"));
        QFile broken(folder.filePath("broken.png"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write("\x89PNG not at all");
        broken.close();
        const auto read = artwork::pictureFromFile(broken.fileName().toStdString());
        QVERIFY(!read && read.problem().kind == quantity::ProblemKind::artworkBroken);
    }

    void aScannedMarkIsSeenSetAndPutOnTheBlankAtItsSize() {
        WindowFixture f;
        f.openSample("berth-14");
        QVERIFY(scan().save(f.path("mark.png")));
        const size_t before = f.window->editor().card().inscriptions.size();
        f.window->readDrawing(f.path("mark.png"), MainWindow::DrawingUse::artwork);
        auto* panel = f.window->findChild<TracePanel*>();
        QVERIFY(panel && f.window->drawer().holds(panel));
        QTRY_VERIFY(!panel->tracing() && panel->drawing().outline.contours.size() == 3);
        panel->findChild<QCheckBox*>()->click(); // the paper instead of the ink
        QTRY_VERIFY(!panel->tracing() && panel->drawing().outline.contours.size() > 3);
        panel->findChild<QCheckBox*>()->click();
        QTRY_VERIFY(!panel->tracing() && panel->drawing().outline.contours.size() == 3);
        WindowFixture::typeInto(*panel->findChild<NumberField*>(), "30");
        f.button("Put it on the blank")->click();
        settle(*f.window);
        QVERIFY(!f.window->drawer().isVisible());
        QCOMPARE(f.window->editor().card().inscriptions.size(), before + 1);
        const setting::Ornament& ornament = f.inscription().ornament;
        QVERIFY(ornament.kind == setting::OrnamentKind::artwork && ornament.source == "mark.png");
        const plane::Box box = plane::boxOf(plane::filled(plane::flattened(*ornament.artwork, 1000, 5)));
        QVERIFY(std::fabs(double(box.high.x) - box.low.x - 30000) < 30);
        // Kept on the card as outlines: the picture may go.
        const std::string text = card::jsonOf(f.window->editor().card());
        QVERIFY(text.find("mark.png") != std::string::npos && text.find("base64") == std::string::npos);
    }
};
QTEST_MAIN(TraceTest)
#include "trace_test.moc"
