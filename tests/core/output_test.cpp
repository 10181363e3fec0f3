#include "../random_cards.hpp"
#include "card/output.hpp"
#include <pugixml.hpp>
#include <set>
#include <sstream>

using namespace bollard;

namespace {

/// The group codes and values of a DXF text; empty when they do not pair.
std::vector<std::pair<int, std::string>> pairsOf(const std::string& dxf) {
    std::vector<std::pair<int, std::string>> pairs;
    std::istringstream in(dxf);
    std::string code, value;
    while (std::getline(in, code)) {
        if (!std::getline(in, value))
            return {};
        pairs.emplace_back(std::stoi(code), value.substr(0, value.find('\r')));
    }
    return pairs;
}

std::string bytesOf(const card::Made& made, const std::string& ending) {
    const auto bytes = card::formatOf("x." + ending)->bytes(made, {"berth", files::DxfCurves::arcs});
    return bytes ? *bytes : std::string();
}

} // namespace

/// Every format, for any card.
class OutputTest : public QObject {
    Q_OBJECT
  private slots:
    void drawingsOfAnyCardAreWellFormed() {
        samples::RandomCards cards(31);
        card::Pipeline pipeline(samples::catalogue());
        for (int i = 0; i < 40; ++i) {
            const card::Card card = cards.next();
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
            const auto layers = card::layersOf(made);
            if (layers.empty())
                continue;
            const std::string svg = bytesOf(made, "svg"), dxf = bytesOf(made, "dxf");
            pugi::xml_document document;
            QVERIFY2(document.load_string(svg.c_str()), qPrintable(QString::number(i)));
            const pugi::xml_node root = document.child("svg");
            QVERIFY(std::string(root.attribute("width").as_string()).ends_with("mm"));
            QCOMPARE(std::distance(root.children("g").begin(), root.children("g").end()),
                     std::ptrdiff_t(layers.size()));
            for (const char* bad : {"nan", "inf"})
                QVERIFY(svg.find(bad) == std::string::npos && dxf.find(bad) == std::string::npos);
            const auto pairs = pairsOf(dxf);
            QVERIFY(!pairs.empty());
            QCOMPARE(pairs.back().second, std::string("EOF"));
            std::set<std::string> used, known;
            for (size_t k = 1; k < pairs.size(); ++k) {
                if (pairs[k].first == 8)
                    used.insert(pairs[k].second);
                if (pairs[k].first == 2 && pairs[k - 1].second == "AcDbLayerTableRecord")
                    known.insert(pairs[k].second);
            }
            for (const files::DrawingLayer& layer : layers)
                QVERIFY2(used.contains(layer.name), layer.name.c_str());
        }
    }

    void solidsOfAnyCardAreWhole() {
        samples::RandomCards cards(77);
        card::Pipeline pipeline(samples::catalogue());
        for (int i = 0; i < 12; ++i) {
            const card::Card card = cards.next();
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
            if (made.solid->mesh.triangles.empty())
                continue;
            const std::string stl = bytesOf(made, "stl");
            QCOMPARE(stl.size(), 84 + 50 * made.solid->mesh.triangles.size()); // binary STL
            QVERIFY(bytesOf(made, "3mf").starts_with("PK"));                   // a zip
        }
    }

    void theSameCardGivesTheSameDrawing() {
        samples::RandomCards cards(8);
        for (int i = 0; i < 6; ++i) {
            const card::Card card = cards.next();
            const auto first = samples::made(card), second = samples::made(card);
            QVERIFY(bytesOf(first, "svg") == bytesOf(second, "svg"));
            QVERIFY(bytesOf(first, "dxf") == bytesOf(second, "dxf"));
        }
    }

    void layersAreTheWorkingsAndTheBlank() {
        const auto made = samples::made(samples::read("berth-14"));
        std::vector<std::string> names;
        for (const files::DrawingLayer& layer : card::layersOf(made))
            names.push_back(layer.name);
        QCOMPARE(names, (std::vector<std::string>{"blank", "raised", "sunk"}));
    }

    void scribedSingleLinesAreOpenLinesToFollow() {
        const auto made = samples::made(samples::read("valve-serial"));
        const auto layers = card::layersOf(made);
        QCOMPARE(layers.back().name, std::string("scribed"));
        QVERIFY(std::ranges::any_of(layers.back().outline.contours, &plane::Contour::open));
    }

    void endingsChooseTheFormat() {
        QCOMPARE(card::formatOf("a/b.STL")->ending, std::string("stl"));
        QCOMPARE(card::formatOf("a/b.c.dxf")->ending, std::string("dxf"));
        QVERIFY(!card::formatOf("a/b.pdf") && !card::formatOf("a/b") && !card::formatOf(""));
        for (const card::OutputFormat& format : card::outputFormats())
            QVERIFY(card::formatOf("x." + format.ending) == &format);
    }
};
QTEST_GUILESS_MAIN(OutputTest)
#include "output_test.moc"
