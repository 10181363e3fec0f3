#include "../sample_cards.hpp"
#include "artwork/artwork.hpp"
#include "card/output.hpp"
#include <QGuiApplication>
#include <QTemporaryDir>
#include <random>

using namespace bollard;
using artwork::Drawing;

namespace {

QTemporaryDir& folder() {
    static QTemporaryDir made;
    return made;
}

std::string saved(const std::string& text, const char* name) {
    const std::string path = folder().filePath(QLatin1String(name)).toStdString();
    (void)files::writeWhole(path, text, files::IfThere::replace);
    return path;
}

quantity::Result<Drawing> svg(const std::string& inside,
                              const std::string& head = "width='100mm' height='50mm' viewBox='0 0 100 50'") {
    return artwork::drawingFromSvg(
        "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' " + head + ">" +
            inside + "</svg>",
        "x.svg");
}

double areaOf(const plane::Outline& outline) {
    return plane::areaOf(plane::filled(plane::flattened(outline, 1e4, 20))) * 1e-8;
}

/// A DXF file of these entities.
std::string dxf(const std::string& entities, const std::string& blocks = "", int units = 4) {
    return "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n" + std::to_string(units) + "\n0\nENDSEC\n" +
           (blocks.empty() ? "" : "0\nSECTION\n2\nBLOCKS\n" + blocks + "0\nENDSEC\n") +
           "0\nSECTION\n2\nENTITIES\n" + entities + "0\nENDSEC\n0\nEOF\n";
}
const std::string circleOf5 = "0\nCIRCLE\n8\n0\n10\n20.0\n20\n10.0\n40\n5.0\n";

} // namespace

class ArtworkTest : public QObject {
    Q_OBJECT
  private slots:
    void svgShapesAreAreasInMillimetres() {
        const auto read =
            svg("<rect x='10' y='10' width='20' height='10'/><g transform='translate(50 20) rotate(30) '>"
                "<circle r='5'/></g><path d='M70 10h10v10h-10z M72 12h6v6h-6z' fill-rule='evenodd'/>");
        QVERIFY(read);
        COMPARE_NEAR(read->millimetresPerUnit, 1, 1e-9);
        COMPARE_NEAR(areaOf(read->outline), 200 + 25 * M_PI + 100 - 36, 0.1);
        const plane::Outline placed = artwork::asArtwork(*read, 1);
        plane::Box box;
        for (const plane::Ring& ring : plane::flattened(placed, 1e4, 10))
            box.include(plane::boxOf(ring));
        COMPARE_NEAR(box.low.x + box.high.x, 0, 4); // its middle at the origin
        COMPARE_NEAR((box.high.x - box.low.x) * 1e-4, 70, 0.01);
    }

    void svgUnitsScaleAndUseAndStrokes() {
        const auto inches = svg("<rect width='2' height='1'/>", "width='4in' height='2in' viewBox='0 0 8 4'");
        QVERIFY(inches);
        COMPARE_NEAR(inches->millimetresPerUnit, 12.7, 1e-9);
        const auto plain = svg("<rect width='2' height='1'/>", "width='40' height='20'");
        QVERIFY(plain);
        QCOMPARE(plain->millimetresPerUnit, 0.0); // asked for
        const auto used = svg("<defs><rect id='r' width='4' height='5'/></defs><use xlink:href='#r'/><use "
                              "xlink:href='#r' x='20'/>");
        QVERIFY(used);
        COMPARE_NEAR(areaOf(used->outline), 40, 0.01);
        const auto strokes =
            svg("<path d='M10 10H40' fill='none' stroke='black' stroke-width='2'/>"
                "<path d='M10 30C20 40 30 20 40 30' fill='none' stroke='black' stroke-width='0.1'/>");
        QVERIFY(strokes);
        COMPARE_NEAR(areaOf(strokes->outline), 60, 0.01);
        QCOMPARE(std::ranges::count(strokes->outline.contours, true, &plane::Contour::open), 1);
        const auto texts = svg("<text x='3' y='9'>Quay</text><rect width='3' height='3'/>");
        QVERIFY(texts);
        QCOMPARE(texts->texts, 1);
    }

    void dxfEntitiesAreJoinedToAreas() {
        const std::string lines = "0\nLINE\n8\n0\n10\n0\n20\n0\n11\n10\n21\n0\n"
                                  "0\nLINE\n8\n0\n10\n10\n20\n8\n11\n0\n21\n8\n"
                                  "0\nARC\n8\n0\n10\n10\n20\n4\n40\n4\n50\n270\n51\n90\n"
                                  "0\nLINE\n8\n0\n10\n0\n20\n8\n11\n0\n21\n0\n";
        const auto slot = artwork::drawingFromFile(saved(dxf(lines), "slot.dxf"));
        QVERIFY(slot);
        QCOMPARE(slot->outline.contours.size(), size_t{1});
        COMPARE_NEAR(areaOf(slot->outline), 80 + 8 * M_PI, 0.02);
        // A polyline with bulges: a disc of two half circles, with a circle as its hole.
        const std::string ring =
            "0\nLWPOLYLINE\n8\n0\n90\n2\n70\n1\n10\n10\n20\n10\n42\n1\n10\n30\n20\n10\n42\n1\n" + circleOf5;
        const auto washer = artwork::drawingFromFile(saved(dxf(ring, "", 1), "ring.dxf"));
        QVERIFY(washer);
        COMPARE_NEAR(washer->millimetresPerUnit, 25.4, 1e-9);
        COMPARE_NEAR(areaOf(washer->outline), 75 * M_PI, 0.05);
        const auto ellipse = artwork::drawingFromFile(
            saved(dxf("0\nELLIPSE\n8\n0\n10\n0\n20\n0\n11\n10\n21\n0\n40\n0.5\n41\n0\n42\n6.283185307\n"),
                  "ellipse.dxf"));
        QVERIFY(ellipse);
        COMPARE_NEAR(areaOf(ellipse->outline), 50 * M_PI, 0.05);
        // One cubic span, open.
        const auto spline = artwork::drawingFromFile(saved(
            dxf("0\nSPLINE\n8\n0\n70\n8\n71\n3\n72\n8\n73\n4\n40\n0\n40\n0\n40\n0\n40\n0\n40\n1\n40\n1\n40\n1"
                "\n40\n1\n"
                "10\n0\n20\n0\n30\n0\n10\n0\n20\n10\n30\n0\n10\n10\n20\n10\n30\n0\n10\n10\n20\n0\n30\n0\n"),
            "spline.dxf"));
        QVERIFY(spline);
        const plane::Segment cubic = spline->outline.contours.front().segments.front();
        COMPARE_NEAR(cubic.first.y, 10, 1e-6);
        COMPARE_NEAR(cubic.second.x, 10, 1e-6);
    }

    void dxfBlocksAreInserted() {
        const std::string block =
            "0\nBLOCK\n8\n0\n2\nDISC\n70\n0\n10\n20\n20\n10\n3\nDISC\n" + circleOf5 + "0\nENDBLK\n8\n0\n";
        const std::string insert = "0\nINSERT\n8\n0\n2\nDISC\n10\n100\n20\n50\n41\n2\n42\n2\n50\n30\n";
        const auto read = artwork::drawingFromFile(saved(dxf(insert, block), "block.dxf"));
        QVERIFY(read);
        COMPARE_NEAR(areaOf(read->outline), 100 * M_PI, 0.1);
        QCOMPARE(artwork::drawingFromFile(saved(dxf("0\nINSERT\n8\n0\n2\nGONE\n10\n0\n20\n0\n"), "gone.dxf"))
                     .problem()
                     .kind,
                 quantity::ProblemKind::artworkEmpty);
    }

    void loosePiecesAreJoinedInWhateverOrderTheyCome() {
        std::mt19937 random(5);
        constexpr int pieces = 9000;
        const auto place = [](int i) { // a gear
            const double angle = 2 * M_PI * (i % pieces) / pieces, radius = 50 + 4 * std::sin(24 * angle);
            return plane::Vector{radius * std::cos(angle), radius * std::sin(angle)};
        };
        std::vector<std::string> lines;
        for (int i = 0; i < pieces; ++i) {
            plane::Vector a = place(i), b = place(i + 1);
            if (random() % 2)
                std::swap(a, b);
            lines.push_back(QString("0\nLINE\n8\n0\n10\n%1\n20\n%2\n11\n%3\n21\n%4\n")
                                .arg(a.x, 0, 'f', 6)
                                .arg(a.y, 0, 'f', 6)
                                .arg(b.x, 0, 'f', 6)
                                .arg(b.y, 0, 'f', 6)
                                .toStdString());
        }
        std::ranges::shuffle(lines, random);
        std::string all = circleOf5;
        for (const std::string& line : lines)
            all += line;
        const auto gear = artwork::drawingFromFile(saved(dxf(all), "gear.dxf"));
        QVERIFY(gear);
        QCOMPARE(gear->outline.contours.size(), size_t{2});
        for (const plane::Contour& contour : gear->outline.contours)
            QVERIFY(!contour.open);
        COMPARE_NEAR(areaOf(gear->outline), M_PI * (2500 + 8 - 25), 1); // the circle is a hole in it
        // In the card only the points that the line needs are kept, and it is the same shape.
        const plane::Outline kept = artwork::asArtwork(*gear, 1);
        size_t segments = 0;
        for (const plane::Contour& contour : kept.contours)
            segments += contour.segments.size();
        QVERIFY2(segments < pieces / 3, qPrintable(QString::number(segments)));
        COMPARE_NEAR(areaOf(kept), areaOf(gear->outline), 0.002 * 2 * M_PI * 60);
    }

    void blocksThatAskForTooMuchAreRefused() {
        std::string blocks;
        for (int i = 0; i < 12; ++i) { // each holds the next ten times
            const std::string name = std::to_string(i), next = std::to_string(i + 1);
            blocks += "0\nBLOCK\n8\n0\n2\n" + name + "\n10\n0\n20\n0\n";
            for (int k = 0; k < 10; ++k)
                blocks += "0\nINSERT\n8\n0\n2\n" + next + "\n10\n" + std::to_string(k) + "\n20\n0\n";
            blocks += "0\nENDBLK\n8\n0\n";
        }
        blocks += "0\nBLOCK\n8\n0\n2\n12\n10\n0\n20\n0\n" + circleOf5 + "0\nENDBLK\n8\n0\n";
        const auto read = artwork::drawingFromFile(
            saved(dxf("0\nINSERT\n8\n0\n2\n0\n10\n0\n20\n0\n", blocks), "blocks.dxf"));
        QVERIFY(!read);
        QCOMPARE(read.problem().kind, quantity::ProblemKind::artworkBroken);
        QVERIFY(read.problem().detail.find("million") != std::string::npos);
    }

    void readingCanBeStopped() {
        std::stop_source stop;
        stop.request_stop();
        const auto read = artwork::drawingFromFile(saved(dxf(circleOf5), "stopped.dxf"), stop.get_token());
        QVERIFY(!read);
        QCOMPARE(read.problem().kind, quantity::ProblemKind::stopped);
    }

    void brokenDrawingsAreRefused() {
        QCOMPARE(svg("<rect").problem().kind, quantity::ProblemKind::artworkBroken);
        QVERIFY(svg("\n\n<rect").problem().line >= 1);
        QCOMPARE(svg("<text>Quay</text>").problem().kind, quantity::ProblemKind::artworkEmpty);
        QCOMPARE(artwork::drawingFromFile("/no/such.svg").problem().kind, quantity::ProblemKind::fileMissing);
        QCOMPARE(artwork::drawingFromFile(saved("x", "plan.txt")).problem().kind,
                 quantity::ProblemKind::artworkBroken);
        QCOMPARE(artwork::drawingFromFile(saved("this is no drawing", "no.dxf")).problem().kind,
                 quantity::ProblemKind::artworkBroken);
        std::mt19937 random(8);
        const std::string good = dxf(
            "0\nLWPOLYLINE\n8\n0\n90\n2\n70\n1\n10\n10\n20\n10\n42\n1\n10\n30\n20\n10\n42\n1\n" + circleOf5);
        const std::string page = "<svg xmlns='http://www.w3.org/2000/svg' width='9mm' height='9mm'><path "
                                 "d='M1 1C2 3 4 5 6 7Z'/><g><circle r='3'/></g></svg>";
        for (int i = 0; i < 200; ++i)
            for (const bool isDxf : {true, false}) {
                std::string text = isDxf ? good : page;
                text.resize(random() % text.size());
                for (int k = 0; k < 3 && !text.empty(); ++k)
                    text[random() % text.size()] = static_cast<char>(32 + random() % 90);
                if (isDxf)
                    (void)artwork::drawingFromFile(saved(text, "random.dxf"));
                else
                    (void)artwork::drawingFromSvg(text, "random.svg");
            }
    }

    void whatIsWrittenIsReadBackTrue_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<bool>("splines");
        QTest::newRow("svg") << "part.svg" << false;
        QTest::newRow("dxf arcs") << "part.dxf" << false;
        QTest::newRow("dxf splines") << "part.dxf" << true;
    }
    void whatIsWrittenIsReadBackTrue() {
        QFETCH(QString, name);
        QFETCH(bool, splines);
        card::Card card = samples::plate("QUAY 8", working::Kind::pierced);
        card.blank.corner = 6;
        card.inscriptions[0].baseline.kind = setting::BaselineKind::arc;
        card.inscriptions[0].baseline.radius = 60;
        const auto made = samples::made(card);
        const std::string path = folder().filePath(name).toStdString();
        QVERIFY(samples::write(made, path, files::IfThere::replace,
                               splines ? files::DxfCurves::splines : files::DxfCurves::arcs));
        const auto read = artwork::drawingFromFile(path);
        QVERIFY(read);
        COMPARE_NEAR(read->millimetresPerUnit, 1, 1e-6);
        double letters = 0, length = 0;
        for (const plane::Region& region : made.lettering->inscriptions[0].onSide) {
            letters += plane::areaOf(region) * 1e-8;
            for (const plane::Ring& ring : region.rings)
                for (size_t i = 0; i < ring.size(); ++i)
                    length += 1e-4 * plane::length(plane::vectorOf(ring[i]) -
                                                   plane::vectorOf(ring[(i + 1) % ring.size()]));
        }
        plane::Outline drawn = read->outline;
        artwork::orientByDepth(drawn); // plate, letters as its holes, counters standing again
        const double expected = plane::areaOf(made.lettering->firstSide) * 1e-8 - letters;
        COMPARE_NEAR(areaOf(drawn), expected, 0.012 * length); // every edge within hundredths
    }

    void drawingsHaveTrueArcsAndLayers() {
        card::Card card = samples::plate("TAG", working::Kind::scribed);
        card.blank = {blank::Kind::disc};
        card.blank.diameter = 60;
        card.inscriptions[0].typeface = {"Bollard Mark", "Regular"};
        card.inscriptions[0].placing = {setting::Anchor::centre, 30, 30, 0};
        const auto made = samples::made(card);
        const auto layers = card::layersOf(made);
        QCOMPARE(layers.size(), size_t{2});
        QCOMPARE(layers[0].name, std::string("blank"));
        QCOMPARE(layers[1].name, std::string("scribed"));
        QVERIFY(std::ranges::all_of(plane::outlineOf(layers[1].stamps).contours,
                                    &plane::Contour::open)); // followed, not cut round
        const QString dxfText = QString::fromStdString(files::dxfOf(layers));
        QVERIFY(dxfText.contains("$INSUNITS") && dxfText.contains("scribed"));
        const qsizetype first = dxfText.indexOf("LWPOLYLINE", dxfText.indexOf("ENTITIES"));
        const QString disc = dxfText.mid(first, dxfText.indexOf("LWPOLYLINE", first + 10) - first);
        const auto bulges = disc.count(QRegularExpression("\\n *42\\r?\\n *-?[0-9]*\\.?[0-9]*[1-9]"));
        QVERIFY2(bulges == 2 || bulges == 3,
                 qPrintable(QString::number(bulges))); // two or three arcs make the disc
        const std::string svgText = files::svgOf(layers, "tag <3>");
        QVERIFY(svgText.find("<title>tag &lt;3&gt;</title>") != std::string::npos);
        QVERIFY(svgText.find("width=\"60.0000mm\"") != std::string::npos);
    }

    void artworkIsWorkedLikeWords() {
        const auto read = svg("<path d='M10 10h30v20h-30z M15 15v10h20v-10z'/>");
        QVERIFY(read);
        card::Card card = samples::plate("");
        card.inscriptions[0].ornament.kind = setting::OrnamentKind::artwork;
        card.inscriptions[0].ornament.artwork = artwork::asArtwork(*read, 1);
        card.inscriptions[0].ornament.scale = 50;
        card.inscriptions[0].working = {working::Kind::pierced};
        const auto made = samples::made(card);
        COMPARE_NEAR(body::volumeOf(made.solid->mesh), 4 * (120 * 45 - 0.25 * (600 - 200)), 0.01);
        QCOMPARE(made.solid->dropOuts.loose.size(), size_t{1}); // its middle falls out
    }
};
QTEST_MAIN(ArtworkTest)
#include "artwork_test.moc"
