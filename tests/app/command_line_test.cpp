#include "../sample_cards.hpp"
#include "files/stl.hpp"
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>
#include <nlohmann/json.hpp>

using namespace bollard;
using Json = nlohmann::json;

class CommandLineTest : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    QByteArray out_, err_;

    int run(const QStringList& arguments) {
        QProcess program;
        program.start(QStringLiteral(BOLLARD_CLI), arguments);
        program.waitForFinished();
        out_ = program.readAllStandardOutput();
        err_ = program.readAllStandardError();
        return program.exitStatus() == QProcess::NormalExit ? program.exitCode() : -1;
    }
    static QString sample(const char* name) {
        return QStringLiteral(BOLLARD_SOURCE "/samples/%1.bollard").arg(QLatin1String(name));
    }
    QString at(const char* name) const { return folder_.filePath(QLatin1String(name)); }
    QString card(const std::string& text) {
        if (!files::writeWhole(at("card.bollard").toStdString(), text, files::IfThere::replace))
            qFatal("the card cannot be written");
        return at("card.bollard");
    }

  private slots:
    void drawingsAreWritten() {
        QCOMPARE(run({"drawing", sample("transom"), "-o", at("transom.svg")}), 0);
        QCOMPARE(run({"drawing", sample("transom"), "-o", at("transom.dxf"), "--curves", "splines"}), 0);
        QVERIFY(QFile(at("transom.svg")).size() > 2000 && QFile(at("transom.dxf")).size() > 2000);
        QVERIFY(run({"drawing", sample("transom"), "-o", at("transom.svg")}) != 0); // it is there
        QVERIFY(run({"drawing", sample("transom"), "-o", at("transom.stl")}) != 0);
        QVERIFY(err_.contains(".dxf"));
    }

    void singleLineTypefacesAreListed() {
        QCOMPARE(run({"typefaces", "--single-line"}), 0);
        QVERIFY(out_.contains("Bollard Mark Regular\nBollard Wake Regular\nHershey"));
        QVERIFY(!out_.contains("DejaVu"));
    }

    void theDocumentationOfTheCardIsWhatTheProgramTells() {
        QCOMPARE(run({"format"}), 0);
        QVERIFY(out_.contains("| torch: how wide the cut is, mm |"));
        QFile kept(QStringLiteral(BOLLARD_SOURCE "/docs/card-format.md"));
        QVERIFY(kept.open(QIODevice::ReadOnly));
        const QByteArray file = kept.readAll();
        for (const QByteArray& line : out_.split('\n'))
            QVERIFY2(file.contains(line), line.constData()); // the first line that is not there
        QVERIFY2(file == out_, "bollard-cli format > docs/card-format.md");
    }

    void aPrintIsProvedLayerByLayer() {
        QCOMPARE(run({"proof", sample("berth-14"), "--print"}), 0);
        QVERIFY(out_.startsWith("layer 1, up to 0.2 mm"));
        QCOMPARE(run({"proof", sample("berth-14"), "--print", "--json"}), 0);
        const QJsonObject told = QJsonDocument::fromJson(out_).object();
        QCOMPARE(told["layers"].toArray().size(), 28); // 4 and 1.6 of letters, by 0.2
        const QJsonObject top = told["layers"].toArray().last().toObject();
        QVERIFY(top["area"].toDouble() > 100 && top["lines"].toDouble() > top["area"].toDouble());
        QVERIFY(std::fabs(top["letters"].toDouble() / top["area"].toDouble() - 1) < 1e-3);
        QVERIFY(top["lost"].toObject().contains("places") && top["air"].toObject().contains("area"));
        QVERIFY(told["largestLost"].toObject()["width"].toDouble() < 0.1);
        QVERIFY(told["roughTime"].toDouble() > 1000);
        // Lying on its letters, which are of two heights, some begin in the air.
        const auto lying = [&](const char* on) {
            nlohmann::json words{{"words", "A"}, {"placing", {{"x", 30}, {"y", 20}}}}, lower = words;
            lower["placing"]["x"] = 60;
            lower["working"] = {{"kind", "raised"}, {"height", 0.8}};
            const nlohmann::json all{{"bollard", 1}, {"lying", on}, {"inscriptions", {words, lower}}};
            return card(all.dump());
        };
        QCOMPARE(run({"proof", lying("front"), "--print"}), 1);
        QVERIFY(out_.contains("begins in the air in 1 places"));
        QCOMPARE(run({"proof", lying("back"), "--print"}), 0);
        QCOMPARE(run({"check", lying("roof")}), 2);
        QVERIFY(err_.contains("lying") && err_.contains("front"));
        // Nothing to print, and no card that a program is meant to make
        QCOMPARE(run({"proof", sample("valve-scribed"), "--print"}), 2);
        QCOMPARE(run({"proof", sample("berth-14")}), 2);
        QVERIFY(err_.contains("--card"));
    }

    void programsAreWrittenAndProved() {
        QCOMPARE(run({"make", sample("valve-scribed"), "-o", at("tag.nc")}), 0);
        QVERIFY(run({"make", sample("valve-scribed"), "-o", at("tag.nc")}) == 3); // it is there
        QFile file(at("tag.nc"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray good = file.readAll();
        QVERIFY(good.contains("G17 G21 G90 G40 G49 G94") && good.contains("M30"));
        const QStringList prove{"proof", at("tag.nc"), "--card", sample("valve-scribed"), "--json"};
        QCOMPARE(run(prove + QStringList{"--picture", at("tag.png")}), 0);
        QVERIFY(QFile(at("tag.png")).size() > 2000);
        const Json proof = Json::parse(out_.toStdString());
        QVERIFY(proof["gouge"]["largest"] < 0.01 && proof["left"]["largest"] < 0.01);
        QVERIFY(proof["time"] > 10 && proof["cutLength"] > 100 && proof["rapidsBelowClearance"] == 0);
        QVERIFY(proof["outsideStock"] == 0 && proof["errors"].empty());
        QVERIFY(proof["bounds"]["low"][2] < 0 && proof["bounds"]["high"][2] == 5);
        // The zero is in the middle of the stock.
        QVERIFY(proof["bounds"]["low"][0] < 0 && proof["bounds"]["high"][0] > 0);
        const auto damaged = [&](const QByteArray& before, const QByteArray& after) {
            QByteArray bad = good;
            bad.replace(bad.indexOf(before), before.size(), after);
            if (!files::writeWhole(at("tag.nc").toStdString(), bad.toStdString(), files::IfThere::replace))
                qFatal("the program cannot be written");
            return run(prove);
        };
        QCOMPARE(damaged("Z-0.2", "Z-0.9"), 1);
        QCOMPARE(damaged("G0 Z5", "G0 Z5\nG87 X1"), 2);
        QVERIFY(err_.contains("G87") && err_.contains("line"));
        QCOMPARE(damaged("M30", ""), 2);
        QCOMPARE(run({"proof", at("no.nc"), "--card", sample("valve-scribed")}), 2);
        QCOMPARE(run({"drawing", sample("berth-monogram"), "--cuts", "--accept", "-o", at("cuts.dxf")}), 0);
        QFile cuts(at("cuts.dxf"));
        QVERIFY(cuts.open(QIODevice::ReadOnly));
        QVERIFY(cuts.readAll().contains("cut-out-lead"));
    }

    void aShopOfOnesOwnIsUsedAndTold() {
        qputenv("XDG_DATA_HOME", folder_.path().toUtf8());
        QVERIFY(QDir(folder_.path()).mkpath("Bollard/bollard"));
        const auto put = [&](const char* text) {
            return bool(files::writeWhole(at("Bollard/bollard/shop.json").toStdString(), text,
                                          files::IfThere::replace));
        };
        QVERIFY(run({"make", sample("valve-scribed"), "-o", at("tag.shed")}) == 2); // nobody knows it
        QVERIFY(put(R"({"shop": 1, "dialects": [{"name": "shed", "ending": "shed", "footer": "M5\nM2"}]})"));
        QCOMPARE(run({"shop"}), 0);
        QVERIFY(Json::parse(out_.toStdString())["dialects"].size() == 3);
        QFile card(sample("valve-scribed"));
        QVERIFY(card.open(QIODevice::ReadOnly));
        Json own = Json::parse(card.readAll().toStdString());
        own["machine"]["dialect"] = "shed";
        QVERIFY(
            bool(files::writeWhole(at("own.bollard").toStdString(), own.dump(), files::IfThere::replace)));
        QCOMPARE(run({"make", at("own.bollard"), "-o", at("tag.shed")}), 0);
        QFile written(at("tag.shed"));
        QVERIFY(written.open(QIODevice::ReadOnly));
        QVERIFY(written.readAll().endsWith("M2\n"));
        QVERIFY(put(R"({"shop": 1, "rack": 5})"));
        QCOMPARE(run({"check", sample("valve-scribed")}), 2);
        QVERIFY(err_.contains("rack"));
        qunsetenv("XDG_DATA_HOME");
    }

    void theBackIsWrittenBesideAndProvedByItself() {
        QVERIFY(bool(files::writeWhole(at("both.bollard").toStdString(), R"({"bollard": 1,
 "blank": {"kind": "plate", "width": 60, "height": 30, "thickness": 6},
 "inscriptions": [
  {"words": "BOW", "typeface": {"family": "League Spartan", "style": "Bold"}, "size": {"by": "capital", "value": 10},
   "placing": {"anchor": "centre", "x": 30, "y": 15}, "working": {"kind": "carved", "depth": 1}},
  {"words": "AFT", "side": "back", "typeface": {"family": "League Spartan", "style": "Bold"},
   "size": {"by": "capital", "value": 10}, "placing": {"anchor": "centre", "x": 30, "y": 15},
   "working": {"kind": "sunk", "depth": 1}}],
 "operations": [{"kind": "v-carve", "of": [0]},
                {"kind": "pocket", "of": [1], "back": true, "tool": {"kind": "flat", "diameter": 1}}]})",
                                       files::IfThere::replace)));
        QCOMPARE(run({"make", at("both.bollard"), "-o", at("both.nc")}), 0);
        QVERIFY(QFile::exists(at("both.nc")) && QFile::exists(at("both-back.nc")));
        QCOMPARE(run({"proof", at("both.nc"), "--card", at("both.bollard")}), 0);
        QCOMPARE(run({"proof", at("both-back.nc"), "--card", at("both.bollard"), "--side", "back"}), 0);
        QCOMPARE(run({"proof", at("both-back.nc"), "--card", at("both.bollard")}),
                 1); // it is not the front's
    }

    void everySampleIsCheckedDrawnAndPictured() {
        for (const QString& file : QDir(QStringLiteral(BOLLARD_SOURCE "/samples")).entryList({"*.bollard"})) {
            const QString path = QStringLiteral(BOLLARD_SOURCE "/samples/") + file;
            QVERIFY2(run({"check", path}) <= 1, qPrintable(file));
            QVERIFY(out_.startsWith("Can be made") || out_.startsWith("Cannot be made"));
            QCOMPARE(run({"measure", path}), 0);
            QVERIFY2(!Json::parse(out_.toStdString(), nullptr, false).is_discarded(), qPrintable(file));
            QCOMPARE(run({"drawing", path, "-o", at("any.dxf"), "--force", "--accept"}), 0);
            QCOMPARE(run({"picture", path, "-o", at("any.png"), "--size", "320x200", "--force"}), 0);
        }
    }

    void whatIsWrongIsToldInOneLineAndNothingIsWritten() {
        const auto refused = [&](const QStringList& arguments, const char* told) {
            const bool failed = run(arguments) != 0;
            return failed && err_.contains(told) && err_.trimmed().count('\n') <= 2;
        };
        QVERIFY2(refused({"check", "/no/such.bollard"}, "/no/such.bollard"), err_);
        QVERIFY2(refused({"check", card("{")}, "good JSON"), err_);
        QVERIFY2(refused({"check", card("{\"bollard\": 99}")}, "99"), err_);
        QVERIFY2(refused({"check", card("{\"bollard\": 1, \"inscriptions\": [{\"words\": 7}]}")},
                         "inscriptions[0].words” must be text in quotes"),
                 err_);
        QVERIFY2(refused({"drawing", sample("transom"), "-o", "/no/such/folder/x.svg"}, "/no/such/folder"),
                 err_);
        QVERIFY2(refused({"drawing", sample("transom"), "-o", at("x.svg"), "--curves", "wavy"}, "wavy"),
                 err_);
        QVERIFY2(refused({"make", sample("transom")}, "--output"), err_);
        QVERIFY2(refused({"make", sample("valve-serial"), "-o", at("x.stl"), "--row", "9"}, "9"), err_);
        QVERIFY2(refused({"picture", sample("transom"), "-o", at("x.png"), "--size", "huge"}, "WIDTHxHEIGHT"),
                 err_);
        QVERIFY(!QFile::exists(at("x.svg")) && !QFile::exists(at("x.stl")) && !QFile::exists(at("x.png")));
    }

    void everyCommandHasHelp() {
        for (const char* command : {"make", "check", "measure", "picture", "typefaces", "drawing"}) {
            QCOMPARE(run({command, "--help"}), 0);
            QVERIFY(out_.contains(command) || !out_.isEmpty());
        }
        QVERIFY(run({}) != 0);
    }

    void makeWritesBothFormatsAndNeverReplaces() {
        QCOMPARE(run({"make", sample("berth-14"), "-o", at("a.stl"), "-o", at("a.3mf")}), 0);
        const auto mesh = files::meshFromStl(*files::readWhole(at("a.stl").toStdString()), "a");
        QVERIFY(mesh && body::faultsOf(*mesh).none());
        QVERIFY(run({"make", sample("berth-14"), "-o", at("a.stl")}) != 0);
        QVERIFY(err_.contains("already there"));
        QCOMPARE(run({"make", sample("berth-14"), "-o", at("a.stl"), "--force"}), 0);
        QVERIFY(run({"make", sample("berth-14"), "-o", at("a.obj")}) != 0);
        QVERIFY(err_.contains(".stl"));
    }

    void everyStepCanBeSeen() {
        for (const char* step : {"letters", "measures", "material", "findings"}) {
            QCOMPARE(run({"dump", sample("fender-pin"), "--step", step}), 0);
            QVERIFY2(Json::parse(out_.toStdString()).is_array(), step);
        }
        QCOMPARE(run({"dump", sample("fender-pin"), "--step", "material"}), 0);
        const Json panels = Json::parse(out_.toStdString());
        QCOMPARE(panels.size(), size_t(3));
        double area = 0;
        for (const Json& cell : panels[1]["cells"])
            area += cell["area"].get<double>();
        QVERIFY(std::fabs(area - M_PI * 16 * 16) < 1);
        QCOMPARE(run({"check", sample("berth-14"), "--trace"}), 0);
        for (const char* step : {"letters ", "measures ", "solid ", "findings "})
            QVERIFY2(err_.contains(step), step);
        QVERIFY(run({"dump", sample("berth-14"), "--step", "soup"}) == 2);
    }

    void mendsOfFindingsClearThemWhenTheyArePatchedIn() {
        const std::string before = R"({"bollard": 1, "ours": 5, "inscriptions": [{"words": "HULL 9",
            "size": {"value": 1.8}, "placing": {"anchor": "centre", "x": 60, "y": 20}}]})";
        QCOMPARE(run({"check", card(before), "--json"}), 1);
        const Json findings = Json::parse(out_.toStdString())["findings"];
        int mends = 0;
        for (const Json& finding : findings)
            for (const Json& mend : finding["mends"]) {
                ++mends;
                QVERIFY(!mend["what"].get<std::string>().empty());
                const Json after = Json::parse(before).patch(mend["patch"]);
                QCOMPARE(after["ours"].get<int>(), 5);
                run({"check", card(after.dump()), "--json"});
                for (const Json& left : Json::parse(out_.toStdString())["findings"])
                    for (const Json& id : mend["clears"])
                        QVERIFY(left["id"] != id);
            }
        QVERIFY(mends >= 2);
    }

    void makeRefusesWhatCannotBeMade() {
        QCOMPARE(run({"make", sample("valve-tag"), "-o", at("v.stl")}), 1);
        QVERIFY(err_.contains("Counters fall out"));
        QVERIFY(!QFile::exists(at("v.stl")));
        QCOMPARE(run({"make", sample("valve-tag"), "-o", at("v.stl"), "--accept"}), 0);
    }

    void checkTellsByItsExitCode() {
        QCOMPARE(run({"check", sample("berth-14")}), 0);
        QCOMPARE(run({"check", sample("valve-tag")}), 1);
        QCOMPARE(run({"check", sample("valve-tag"), "--json"}), 1);
        const Json json = Json::parse(out_.toStdString());
        QCOMPARE(json["findings"][0]["severity"].get<std::string>(), std::string("stop"));
        QCOMPARE(json["findings"][0]["places"].size(), size_t(8));
        QCOMPARE(run({"check", at("nowhere.bollard")}), 2);
        QVERIFY(err_.contains("nowhere.bollard"));
        QCOMPARE(run({"check", card("{\n\"bollard\": 1,\n\"unit\": 4}")}), 2);
        QVERIFY(err_.contains("Line 3") && err_.contains("unit"));
        QCOMPARE(
            run({"check",
                 card(
                     R"({"bollard": 1, "inscriptions": [{"words": "A", "typeface": {"family": "No Such Face"}}]})")}),
            2);
        QVERIFY(err_.contains("No Such Face"));
    }

    void measureTellsTheNumbersOfThePart() {
        QCOMPARE(run({"measure", sample("valve-tag")}), 0);
        const Json json = Json::parse(out_.toStdString());
        QCOMPARE(json["pieces"].get<int>(), 9);
        QCOMPARE(json["loose"].size(), size_t(8));
        QCOMPARE(json["loose"][0]["kind"].get<std::string>(), std::string("counter"));
        QCOMPARE(json["loose"][0]["text"].get<std::string>(), std::string("B"));
        QCOMPARE(json["loose"][5]["index"].get<int>(), 14);
        QVERIFY(json["body"]["closed"].get<bool>());
        const auto made = samples::made(samples::read("valve-tag"));
        COMPARE_NEAR(json["body"]["volume"].get<double>(), body::volumeOf(made.solid->mesh),
                     1e-6); // the window's own pipeline
        const double plate = M_PI * 25 * 25 - M_PI * 4;
        COMPARE_NEAR(json["body"]["volume"].get<double>() / 2, plate - json["letters"]["area"].get<double>(),
                     0.002 * plate);
    }

    void aBareCardTakesItsDefaults() {
        QCOMPARE(run({"measure", card(R"({"bollard": 1})")}), 0);
        const Json json = Json::parse(out_.toStdString());
        COMPARE_NEAR(json["body"]["volume"].get<double>(), 120 * 45 * 3, 1e-6);
        QVERIFY(json["stroke"]["smallest"].is_null());
    }

    void aRowIsChosenByItsNumber() {
        const QString rows = card(R"({"bollard": 1, "inscriptions": [{"words": "{n}",
            "placing": {"x": 60, "y": 20}}], "rows": {"fields": ["n"], "values": [["I"], ["III"]]}})");
        QCOMPARE(run({"measure", rows}), 0);
        const auto width = [&] { return Json::parse(out_.toStdString())["letters"]["width"].get<double>(); };
        const double one = width();
        QCOMPARE(run({"measure", rows, "--row", "2"}), 0);
        QVERIFY(width() > 2 * one);
        QCOMPARE(run({"check", rows, "--row", "3"}), 2);
    }

    void picturesAreDrawnWithoutADisplay() {
        for (const char* view : {"flat", "body"}) {
            QCOMPARE(
                run({"picture", sample("berth-14"), "--view", view, "-o", at(view), "--size", "640x400"}), 0);
            QFile png(at(view) + ".png");
            QVERIFY(png.open(QIODevice::ReadOnly));
            const QByteArray bytes = png.readAll();
            QVERIFY(bytes.startsWith("\x89PNG") && bytes.size() > 5000);
            QCOMPARE(bytes.mid(16, 8), QByteArray::fromHex("0000028000000190"));
        }
        QVERIFY(run({"picture", sample("berth-14"), "-o", at("x"), "--size", "wide"}) != 0);
    }

    void aBodyIsDrawnFromADirection() {
        QList<QByteArray> all;
        for (const char* from : {"front", "back", "start", "end", "left", "30,60", "1,-1,2"}) {
            QCOMPARE(
                run({"picture", sample("fender-pin"), "--from", from, "-o", at(from), "--size", "320x200"}),
                0);
            QFile png(at(from) + ".png");
            QVERIFY(png.open(QIODevice::ReadOnly));
            all.push_back(png.readAll());
            QVERIFY(all.count(all.back()) == 1); // each another picture
        }
        QCOMPARE(run({"picture", sample("fender-pin"), "--from", "aside", "-o", at("x")}), 2);
    }

    void eachSideIsMeasured() {
        QCOMPARE(run({"measure", sample("key-ring")}), 0);
        const Json sides = Json::parse(out_.toStdString())["sides"];
        QCOMPARE(sides.size(), size_t(2));
        QCOMPARE(sides[0]["side"].get<std::string>(), std::string("outside"));
        QCOMPARE(sides[1]["side"].get<std::string>(), std::string("inside"));
        QVERIFY(std::fabs(sides[0]["turn"].get<double>() - 10 * 30 * std::tan(M_PI / 10)) < 1e-6);
        QVERIFY(std::fabs(sides[1]["turn"].get<double>() - M_PI * 22) < 1e-6);
        QCOMPARE(sides[0]["letters"]["count"].get<int>(), 9);
        QVERIFY(sides[1]["stroke"]["smallest"].get<double>() > 0);
        QCOMPARE(run({"measure", sample("berth-14")}), 0);
        QVERIFY(Json::parse(out_.toStdString())["sides"][0]["turn"].is_null());
    }

    void typefacesAreListed() {
        QCOMPARE(run({"typefaces", "--json"}), 0);
        const Json json = Json::parse(out_.toStdString());
        QVERIFY(std::ranges::any_of(json, [](const Json& face) {
            return face["family"] == "Leckerli One" && face["shipped"] == true;
        }));
    }

    void exitCodesTellWhatIsWrong() {
        const QString good = sample("berth-14");
        for (const QStringList& wrong : {QStringList{},
                                         {"moor"},
                                         {"make"},
                                         {"make", good},
                                         {"check", good, "--loud"},
                                         {"check", good, "--row", "x"},
                                         {"make", good, "-o", at("x.pdfx")},
                                         {"picture", good, "-o", at("x"), "--size", "wide"},
                                         {"check", QString(5000, 'n')},
                                         {"check", "/dev/zero"},
                                         {"check", folder_.path()}})
            QVERIFY2(run(wrong) == 2, qPrintable(wrong.join(' ')));
        QCOMPARE(run({"make", good, "-o", at("no/such/folder.stl")}), 3);
        QCOMPARE(run({"make", good, "-o", QString(5000, 'n') + ".stl"}), 3);
    }

    void endingsAreAddedAndSeveralFilesComeTogetherOrNotAtAll() {
        const QString good = sample("berth-14");
        QCOMPARE(run({"make", good, "-o", at("part v1.2")}), 0);
        QVERIFY(QFile::exists(at("part v1.2.stl")));
        QCOMPARE(run({"make", good, "-o", at("one.stl"), "-o", at("no/such/two.3mf")}), 3);
        QVERIFY(!QFile::exists(at("one.stl")));
        QVERIFY(err_.contains("two.3mf"));
    }

    void drawingsRefuseLikeSolids() {
        QCOMPARE(run({"drawing", sample("valve-tag"), "-o", at("tag.dxf")}), 1);
        QVERIFY(!QFile::exists(at("tag.dxf")) && err_.contains("--accept"));
        QCOMPARE(run({"make", sample("valve-tag"), "-o", at("tag.svg")}), 1);
        QCOMPARE(run({"drawing", sample("valve-tag"), "-o", at("tag.dxf"), "--accept"}), 0);
    }

    void findingsInJsonHaveTheirFixedMembers() {
        QCOMPARE(run({"check", sample("valve-tag"), "--json"}), 1);
        const Json finding = Json::parse(out_.toStdString())["findings"][0];
        for (const char* member : {"id", "kind", "severity", "what", "where", "measured", "limit", "places",
                                   "inscription", "accepted", "mends"})
            QVERIFY2(finding.contains(member), member);
        QCOMPARE(finding["kind"].get<std::string>(), std::string("counterLoose"));
        QCOMPARE(finding["id"].get<std::string>(), std::string("counterLoose:i0"));
        Json text = Json::parse(*files::readWhole(sample("valve-tag").toStdString()));
        text["accepted"] = {
            {{"id", finding["id"]}, {"reason", "they are meant to"}, {"measured", finding["measured"]}}};
        QCOMPARE(run({"check", card(text.dump()), "--json"}), 0);
        QVERIFY(Json::parse(out_.toStdString())["findings"][0]["accepted"].get<bool>());
        QCOMPARE(run({"make", card(text.dump()), "-o", at("accepted.stl")}), 0);
        QCOMPARE(run({"measure", sample("valve-tag")}), 0);
        QVERIFY(Json::parse(out_.toStdString())["neck"].contains("smallest"));
    }

    void aDrawingNeedsNoTemporaryFolder() {
        QProcess program;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert("TMPDIR", "/proc"); // nothing can be written there
        program.setProcessEnvironment(environment);
        program.start(QStringLiteral(BOLLARD_CLI), {"drawing", sample("transom"), "-o", at("t.dxf")});
        program.waitForFinished();
        QCOMPARE(program.exitCode(), 0);
        QVERIFY(files::readWhole(at("t.dxf").toStdString())->find("\nEOF") != std::string::npos);
    }

    void aCardIsMendedInItsOwnForm() {
        const std::string text =
            "{ \"bollard\": 1,\n\t\"ours\": {\"keep\": [1.50, 2]},\n"
            "\t\"blank\": {\"kind\": \"plate\", \"width\": 120, \"height\": 45, \"thickness\": 1},\n"
            "\t\"inscriptions\": [\n"
            "\t\t{\"words\": \"BOARD\", \"size\": {\"by\": \"capital\", \"value\": 20.0},\n"
            "\t\t \"placing\": {\"anchor\": \"centre\", \"x\": 60, \"y\": 22.5}, \"working\": {\"kind\": "
            "\"pierced\"}}\n"
            "\t],\n\t\"process\": {\"kind\": \"laser\", \"kerf\": 0.15} }\n";
        const QString path = card(text);
        QCOMPARE(run({"check", path}), 1);
        QCOMPARE(run({"mend", path, "--all", "-o", at("mended")}), 0);
        QVERIFY(out_.contains("ties"));
        const std::string mended = *files::readWhole(at("mended.bollard").toStdString());
        // Only what is new differs: with the ties taken out the text is as it was.
        const size_t from = mended.find(",\n\t\t \"ties\"");
        QVERIFY2(from != std::string::npos, mended.c_str());
        std::string without = mended;
        without.erase(from, mended.find('}', from) + 1 - from);
        QCOMPARE(without, text);
        QCOMPARE(run({"check", at("mended.bollard")}), 0);
        QCOMPARE(run({"mend", path, "--all", "-o", at("mended.bollard")}), 3); // it is there
        QCOMPARE(run({"mend", at("mended.bollard"), "--all", "-o", at("again.bollard")}), 0);
        QCOMPARE(*files::readWhole(at("again.bollard").toStdString()), mended);
    }

    void oneFindingIsMendedByItsId() {
        const QString path = sample("valve-tag");
        QCOMPARE(run({"check", path, "--json"}), 1);
        const Json told = Json::parse(out_.toStdString());
        const Json& finding = told["findings"][0];
        QCOMPARE(finding["id"].get<std::string>(), std::string("counterLoose:i0"));
        QVERIFY(finding["mends"].size() >= 2);
        for (int with = 1; with <= int(finding["mends"].size()); ++with) {
            QCOMPARE(run({"mend", path, "--finding", "counterLoose:i0", "--with", QString::number(with), "-o",
                          at("one.bollard"), "--force"}),
                     0);
            // It is what the patch makes of the file.
            const Json file = Json::parse(*files::readWhole(path.toStdString()));
            const Json written = Json::parse(*files::readWhole(at("one.bollard").toStdString()));
            QVERIFY(file.patch(finding["mends"][size_t(with) - 1]["patch"]) == written);
        }
        QCOMPARE(run({"mend", path, "--finding", "counterLoose:i0", "--with", "9", "-o", at("no.bollard")}),
                 2);
        QCOMPARE(run({"mend", path, "--finding", "counterLoose:i7", "-o", at("no.bollard")}), 2);
        QVERIFY(err_.contains("counterLoose:i0")); // those that there are
        QVERIFY(run({"mend", path, "-o", at("no.bollard")}) == 2);
        QVERIFY(!QFile::exists(at("no.bollard")));
    }

    void whatCannotBeMendedIsToldAndNothingIsWritten() {
        const QString path = card(R"({"bollard": 1, "inscriptions": [{"words": "\u2603"}]})");
        QCOMPARE(run({"mend", path, "--all", "-o", at("snow.bollard")}), 1);
        QVERIFY(err_.contains("nothing was written"));
        QVERIFY(!QFile::exists(at("snow.bollard")));
    }
};
QTEST_GUILESS_MAIN(CommandLineTest)
#include "command_line_test.moc"
