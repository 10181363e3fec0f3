// From the command line: rows laid on sheets, and what goes to the machine with the work.
#include "../sample_cards.hpp"
#include "card/card_json.hpp"
#include "card/output.hpp"
#include "files/stl.hpp"
#include "plane/path_data.hpp"
#include "proof/rs274.hpp"
#include <QCryptographicHash>
#include <QDir>
#include <QImage>
#include <QProcess>
#include <QTemporaryDir>
#include <QXmlStreamReader>
#include <nlohmann/json.hpp>
#include <qrencode.h>

using namespace bollard;
using Json = nlohmann::json;

class SheetsTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> folder_;
    QByteArray out_, err_;

    int run(const QString& program, const QStringList& arguments) {
        QProcess process;
        process.start(program, arguments);
        process.waitForFinished(120000);
        out_ = process.readAllStandardOutput();
        err_ = process.readAllStandardError();
        return process.exitStatus() == QProcess::NormalExit ? process.exitCode() : -1;
    }
    int run(const QStringList& arguments) { return run(QStringLiteral(BOLLARD_CLI), arguments); }
    QString at(const QString& name) const { return folder_->filePath(name); }
    QByteArray bytesOf(const QString& name) const {
        QFile file(at(name));
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    }
    void write(const QString& name, const QByteArray& text) {
        QFile file(at(name));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(text) == text.size());
    }
    static Json tags(int count) {
        Json card = Json::parse(
            R"({"bollard": 1, "blank": {"kind": "plate", "width": 62, "height": 21, "thickness": 3},
            "inscriptions": [{"words": "{name}", "typeface": {"family": "League Spartan", "style": "Bold"},
            "size": {"value": 6}, "working": {"kind": "sunk", "depth": 1},
            "placing": {"anchor": "centre", "x": 31, "y": 10.5}}]})");
        card["rows"] = {{"fields", {"name"}}, {"values", Json::array()}};
        const char* const names[] = {"Ada", "Bo", "Cleo", "Dag", "Edda"};
        for (int i = 0; i < count; ++i)
            card["rows"]["values"].push_back({std::string(names[i % 5]) + std::to_string(i)});
        return card;
    }
    /// Letters of their own, without a blank.
    static Json letters() {
        Json card = Json::parse(R"({"bollard": 1, "blank": {"kind": "none"},
            "inscriptions": [{"words": "{l}", "typeface": {"family": "League Spartan", "style": "Bold"},
            "size": {"by": "capital", "value": 50}, "working": {"kind": "free-standing", "height": 4},
            "placing": {"x": 7, "y": -3}}]})");
        card["rows"] = {{"fields", {"l"}}, {"values", Json::array()}};
        for (int i = 0; i < 30; ++i)
            card["rows"]["values"].push_back({std::string(1, "VLTA7"[i % 5])});
        return card;
    }
    Json told() const { return Json::parse(out_.trimmed().split('\n').last().toStdString()); }
    void save(const Json& card) { write("card.bollard", QByteArray::fromStdString(card.dump())); }

    /// The paths of a drawing's layers, where they lie on its page, y up from its lower left.
    static std::map<QString, std::vector<plane::Contour>> layersIn(const QByteArray& svg, double& width,
                                                                   double& height) {
        std::map<QString, std::vector<plane::Contour>> layers;
        QXmlStreamReader xml(svg);
        QString layer;
        while (!xml.atEnd()) {
            if (xml.readNext() != QXmlStreamReader::StartElement)
                continue;
            if (xml.name() == QLatin1String("svg")) {
                const QStringList box = xml.attributes().value("viewBox").toString().split(' ');
                width = box.value(2).toDouble();
                height = box.value(3).toDouble();
            }
            if (xml.name() == QLatin1String("g"))
                layer = xml.attributes().value("id").toString();
            if (xml.name() == QLatin1String("path"))
                if (const auto path =
                        plane::outlineFromPathData(xml.attributes().value("d").toString().toStdString()))
                    for (const plane::Contour& contour : path->contours)
                        layers[layer].push_back(plane::mapped(contour, [&](plane::Vector v) {
                            return plane::Vector{v.x, height - v.y};
                        }));
        }
        return layers;
    }
    static plane::Region regionOf(const std::vector<plane::Contour>& contours) {
        return plane::filled(plane::flattened({contours}, plane::unitsPerMillimetre, 10));
    }

  private slots:
    void init() { folder_ = std::make_unique<QTemporaryDir>(); }

    void tagsLieApartOnTheirSheets() {
        save(tags(30));
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--as", "svg", "--sheet", "220x200",
                      "--json"}),
                 0);
        const Json json = told();
        QCOMPARE(json["sheets"].size(), size_t(2));
        QCOMPARE(json["made"], 30);
        QCOMPARE(QDir(at("out")).entryList(QDir::Files),
                 QStringList({"series.json", "sheet-1.svg", "sheet-2.svg"}));
        std::vector<int> seen(31);
        for (size_t sheet = 0; sheet < 2; ++sheet) {
            const Json& one = json["sheets"][sheet];
            double width = 0, height = 0;
            const auto layers = layersIn(
                bytesOf("out/" + QString::fromStdString(one["file"].get<std::string>())), width, height);
            QCOMPARE(width, 220.0);
            QCOMPARE(height, 200.0);
            QVERIFY(layers.contains("blank") && layers.contains("sunk") && layers.size() == 2);
            QCOMPARE(layers.at("blank").size(), one["parts"].size());
            std::vector<plane::Region> grown;
            for (const plane::Contour& contour : layers.at("blank")) {
                const plane::Region region = regionOf({contour});
                const plane::Box box = plane::boxOf(region);
                QVERIFY(plane::toMillimetres(box.low.x) > 4.99 && plane::toMillimetres(box.low.y) > 4.99 &&
                        plane::toMillimetres(box.high.x) < 215.01 &&
                        plane::toMillimetres(box.high.y) < 195.01);
                grown.push_back(plane::grown(region, plane::toUnits(1.495)));
            }
            for (size_t i = 0; i < grown.size(); ++i)
                for (size_t k = 0; k < i; ++k)
                    QVERIFY(plane::common(grown[i], grown[k]).empty());
            // Each row's blank begins where it is told.
            for (const Json& part : one["parts"]) {
                ++seen[part["row"].get<size_t>()];
                QVERIFY(std::ranges::any_of(layers.at("blank"), [&](const plane::Contour& contour) {
                    const plane::Box box = plane::boxOf(regionOf({contour}));
                    return std::fabs(plane::toMillimetres(box.low.x) - part["x"].get<double>()) < 1e-3 &&
                           std::fabs(plane::toMillimetres(box.low.y) - part["y"].get<double>()) < 1e-3;
                }));
            }
            const double used = double(one["parts"].size()) * 62 * 21 / (220.0 * 200.0);
            QVERIFY2(std::fabs(one["used"].get<double>() - used) < 1e-4, qPrintable(QString::number(used)));
        }
        QCOMPARE(std::ranges::count(seen, 1), 30);
        // Rows in order from the lower left on.
        QCOMPARE(json["sheets"][0]["parts"][0]["row"], 1);
        QCOMPARE(json["sheets"][0]["parts"][0]["x"], 5.0);
        // Again: all is there.
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--as", "svg", "--sheet", "220x200",
                      "--json"}),
                 0);
        QCOMPARE(told()["kept"], 30);
        // Something else in the way is not replaced.
        write("out/sheet-2.svg", "mine");
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--as", "svg", "--sheet", "220x200",
                      "--json"}),
                 1);
        QCOMPARE(bytesOf("out/sheet-2.svg"), QByteArray("mine"));
        QCOMPARE(told()["failed"], json["sheets"][1]["parts"].size());
    }

    void lettersLieInEachOther() {
        save(letters());
        const auto reachWith = [&](const char* turn) {
            const int code = run({"series", at("card.bollard"), "-o", at(turn), "--as", "dxf", "--sheet",
                                  "250x250", "--turn", turn, "--json"});
            return code == 0 && told()["sheets"].size() == 1 ? told()["sheets"][0]["reach"].get<double>()
                                                             : 1e9;
        };
        const double none = reachWith("none"), half = reachWith("half"), any = reachWith("any");
        // On shelves they take seven rows of five, or six: more than the sheet has.
        QVERIFY2(none < 235 && half <= none + 1 && any < 245,
                 qPrintable(QString("%1 %2 %3").arg(none).arg(half).arg(any)));
    }

    void aSheetIsCutAtOneGo() {
        Json card = tags(6);
        card["process"] = {{"kind", "milling"}};
        card["blank"]["holes"] = Json::array({{{"x", 5}, {"y", 10.5}, {"diameter", 3}}});
        card["operations"] = Json::parse(
            R"([{"kind": "cut-out", "tool": {"kind": "flat", "diameter": 2, "flute": 8}, "feed": 600, "plunge": 200,
                 "speed": 12000, "pass": 1.5, "clearance": 5},
                {"kind": "pocket", "tool": {"kind": "flat", "diameter": 0.5, "flute": 8}, "feed": 500, "plunge": 200,
                 "speed": 12000, "pass": 1, "clearance": 5}])");
        save(card);
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--as", "nc", "--sheet", "150x110",
                      "--accept", "--json"}),
                 0);
        const Json json = told();
        QCOMPARE(json["sheets"].size(), size_t(1));
        const QByteArray text = bytesOf("out/sheet-1.nc");
        const proof::Program program = proof::programFrom(text.toStdString());
        QVERIFY(program.errors.empty() && program.ends);
        // Pockets first, whatever the order on the card; each once.
        const auto pocket = text.indexOf("(pocket"), out = text.indexOf("(cut-out");
        QVERIFY2(pocket > 0 && out > pocket && text.count("(pocket") == 1 && text.count("(cut") == 1,
                 text.left(600).constData());
        space::Vertex low{1e9, 1e9, 1e9}, high{-1e9, -1e9, -1e9};
        int levels = 0;
        for (const proof::Motion& motion : program.motions) {
            if (motion.to.z >= 0)
                continue;
            low = {std::min(low.x, motion.to.x), std::min(low.y, motion.to.y), std::min(low.z, motion.to.z)};
            high = {std::max(high.x, motion.to.x), std::max(high.y, motion.to.y), 0};
            ++levels;
        }
        QVERIFY(levels > 500);
        // Two by three, 5 from the edge; the tool goes 1 beside.
        QVERIFY2(std::fabs(low.x - 4) < 0.02 && std::fabs(low.y - 4) < 0.02 && low.z < -3 + 1e-6,
                 qPrintable(QString("%1 %2 %3").arg(low.x).arg(low.y).arg(low.z)));
        QVERIFY2(high.x < 5 + 2 * 62 + 3 + 1.02 && high.y < 5 + 3 * 21 + 6 + 1.02,
                 qPrintable(QString("%1 %2").arg(high.x).arg(high.y)));
        // A machine that does not reach it is told before.
        card["machine"] = {{"travel", {100, 400, 90}}};
        save(card);
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("small"), "--as", "nc", "--sheet", "150x110",
                      "--accept", "--json"}),
                 1);
        QCOMPARE(told()["failed"], 6);
        QVERIFY(!QFile::exists(at("small/sheet-1.nc")));
    }

    void solidsStandOnABed() {
        save(tags(4));
        QCOMPARE(run({"make", at("card.bollard"), "-o", at("one.stl"), "--accept"}), 0);
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--as", "stl", "--sheet", "140x140",
                      "--accept"}),
                 0);
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--as", "3mf", "--sheet", "140x140",
                      "--accept"}),
                 0);
        const auto one = files::meshFromStl(bytesOf("one.stl").toStdString(), "one"),
                   all = files::meshFromStl(bytesOf("out/sheet-1.stl").toStdString(), "all");
        QVERIFY(bool(one) && bool(all));
        QCOMPARE(body::shellsOf(*all), 4);
        QVERIFY(std::fabs(body::volumeOf(*all) / body::volumeOf(*one) - 4) < 0.02);
        const body::Extent extent = body::extentOf(*all);
        QVERIFY(extent.low.x > 4.9 && extent.high.x < 135.1 && extent.high.y < 135.1);
        QVERIFY(bytesOf("out/sheet-1.3mf").size() > 10000);
    }

    void theSameBytesWhateverTheJobs() {
        save(tags(8));
        for (const char* as : {"dxf", "pdf", "3mf"}) {
            for (const char* jobs : {"1", "4"})
                QCOMPARE(run({"series", at("card.bollard"), "-o", at(jobs), "--as", as, "--sheet", "150x150",
                              "--jobs", jobs, "--turn", "half"}),
                         0);
            const QString file = QString(as) == "pdf" ? "sheets.pdf" : QString("sheet-1.") + as;
            QVERIFY2(!bytesOf("1/" + file).isEmpty() && bytesOf("1/" + file) == bytesOf("4/" + file), as);
        }
    }

    void whatGoesOnNoSheetFails() {
        Json card = tags(3);
        save(card);
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--as", "svg", "--sheet", "60x200",
                      "--json"}),
                 1);
        QCOMPARE(told()["failed"], 3);
        QVERIFY(told()["sheets"].empty());
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--as", "svg", "--sheet", "60x200",
                      "--turn", "quarter", "--json"}),
                 0);
        for (const char* wrong : {"wide", "60", "0x5", "60x-3"})
            QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--sheet", wrong}), 2);
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--as", "png", "--sheet", "90x90"}), 2);
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("out"), "--sheet", "90x90", "--turn", "upside"}),
                 2);
        card["blank"] = {{"kind", "bar"}, {"diameter", 30}, {"length", 60}};
        save(card);
        QCOMPARE(run({"series", at("card.bollard"), "-o", at("bars"), "--as", "dxf", "--sheet", "200x200",
                      "--accept", "--json"}),
                 1);
        QCOMPARE(told()["failed"], 3);
    }

    void aJobSheetTellsWhatTheMachineNeeds() {
        Json card = tags(2);
        card["process"] = {{"kind", "milling"}};
        card["blank"]["material"] = "brass";
        card["operations"] = Json::parse(
            R"([{"kind": "pocket", "tool": {"kind": "flat", "diameter": 0.4, "flute": 0.5}, "feed": 1234, "plunge": 321,
                 "speed": 15432, "pass": 1, "clearance": 5}])");
        card["zero"] = {{"at", "centre"}};
        save(card);
        QCOMPARE(run({"sheet", at("card.bollard"), "-o", at("job.pdf"), "--row", "2", "--accept", "--reason",
                      "tried on scrap"}),
                 0);
        const QByteArray pdf = bytesOf("job.pdf");
        QVERIFY(pdf.startsWith("%PDF") && pdf.contains("/Title"));
        QCOMPARE(run("pdftotext", {"-layout", at("job.pdf"), "-"}), 0);
        const QString text = QString::fromUtf8(out_);
        const QByteArray digest =
            QCryptographicHash::hash(bytesOf("card.bollard"), QCryptographicHash::Sha256).toHex();
        for (const QString& word :
             {QString("Bo1"), QString("62 x 21 mm"), QString("brass"), QString("0.4"), QString("1234"),
              QString("321"), QString("15432"), QString("centre of the stock"), QString("card.bollard"),
              QString::fromLatin1(digest.left(16)), QString("tried on scrap"), QString("min ")})
            QVERIFY2(text.contains(word), qPrintable(word + " in " + text));
        QCOMPARE(run("pdffonts", {at("job.pdf")}), 0);
        const QList<QByteArray> fonts = out_.trimmed().split('\n');
        QVERIFY(fonts.size() > 2);
        for (int i = 2; i < fonts.size(); ++i)
            QVERIFY2(fonts[i].contains(" yes "), fonts[i].constData());
        // A file that is there stays; letter paper is wider.
        QCOMPARE(run({"sheet", at("card.bollard"), "-o", at("job.pdf"), "--accept"}), 3);
        QCOMPARE(bytesOf("job.pdf"), pdf);
        QCOMPARE(run({"sheet", at("card.bollard"), "-o", at("letter.png"), "--paper", "letter", "--accept"}),
                 0);
        const QImage letter(at("letter.png"));
        QVERIFY2(std::fabs(letter.width() / 8.5 - 200) < 1, qPrintable(QString::number(letter.width())));
        // Without --accept what stops keeps it from being written.
        card["inscriptions"][0]["placing"]["x"] = 200;
        save(card);
        QCOMPARE(run({"sheet", at("card.bollard"), "-o", at("other.pdf")}), 1);
        QVERIFY(!QFile::exists(at("other.pdf")));
        QCOMPARE(run({"sheet", at("card.bollard"), "-o", at("other.txt"), "--accept"}), 2);
        QCOMPARE(run({"sheet", at("nothing.bollard"), "-o", at("other.pdf")}), 2);
    }

    void itsCodeHoldsTheCardsNameAndDigest() {
        save(tags(1));
        QCOMPARE(run({"sheet", at("card.bollard"), "-o", at("job.png"), "--accept"}), 0);
        const QImage page = QImage(at("job.png")).convertToFormat(QImage::Format_RGB32);
        const std::string wanted =
            "card " + QCryptographicHash::hash(bytesOf("card.bollard"), QCryptographicHash::Sha256)
                          .toHex()
                          .toStdString();
        QRcode* const code = QRcode_encodeData(
            int(wanted.size()), reinterpret_cast<const unsigned char*>(wanted.data()), 0, QR_ECLEVEL_M);
        QVERIFY(code);
        // In the upper right corner, 32 mm across with four blank modules round it.
        const double perMm = 200 / 25.4, size = 32 * perMm, module = size / (code->width + 8);
        const double left = page.width() - 12 * perMm - size + 4 * module, top = 12 * perMm + 4 * module;
        int wrong = 0;
        for (int y = 0; y < code->width; ++y)
            for (int x = 0; x < code->width; ++x) {
                const bool dark =
                    qGray(page.pixel(int(left + (x + 0.5) * module), int(top + (y + 0.5) * module))) < 128;
                wrong += dark != bool(code->data[y * code->width + x] & 1);
            }
        QVERIFY2(wrong == 0 && module > 3.9, qPrintable(QString("%1 %2").arg(wrong).arg(module)));
        QRcode_free(code);
    }
};

QTEST_GUILESS_MAIN(SheetsTest)
#include "sheets_test.moc"
