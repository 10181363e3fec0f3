// Many parts of one card from the command line: their names, what is kept, and what cannot be made.
#include "../sample_cards.hpp"
#include "card/series.hpp"
#include <QDir>
#include <QProcess>
#include <QTemporaryDir>
#include <nlohmann/json.hpp>

using namespace bollard;
using Json = nlohmann::json;

class SeriesTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> folder_;
    QByteArray out_, err_;

    int run(const QStringList& arguments) {
        QProcess program;
        program.start(QStringLiteral(BOLLARD_CLI), arguments);
        program.waitForFinished(60000);
        out_ = program.readAllStandardOutput();
        err_ = program.readAllStandardError();
        return program.exitStatus() == QProcess::NormalExit ? program.exitCode() : -1;
    }
    QString at(const QString& name) const { return folder_->filePath(name); }
    QByteArray bytesOf(const QString& name) {
        QFile file(at(name));
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    }
    void write(const QString& name, const QByteArray& text) {
        QFile file(at(name));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(text) == text.size());
    }
    /// Name tags; names that are too long for them stop.
    QString card(const QStringList& names) {
        Json card = Json::parse(
            R"({"bollard": 1, "blank": {"kind": "plate", "width": 60, "height": 20, "thickness": 3},
            "inscriptions": [{"words": "{name}", "typeface": {"family": "League Spartan", "style": "Bold"},
            "size": {"value": 6}, "placing": {"anchor": "centre", "x": 30, "y": 10}}]})");
        card["rows"] = {{"fields", {"name"}},
                        {"values", Json::array()},
                        {"numbering", {{"field", "no"}, {"start", 1}, {"digits", 3}}}};
        for (const QString& name : names)
            card["rows"]["values"].push_back({name.toStdString()});
        write("tags.bollard", QByteArray::fromStdString(card.dump()));
        return at("tags.bollard");
    }
    Json told() { return Json::parse(out_.trimmed().split('\n').last().toStdString()); }

  private slots:
    void init() { folder_ = std::make_unique<QTemporaryDir>(); }

    void rowsAreCalledByTheirFields() {
        setting::Rows rows;
        rows.fields = {"name", "boat"};
        rows.values.assign(12, {"Anna", "Tern 3"});
        rows.values[1] = {"  Zoë & Co. ", ""};
        rows.values[2] = {"", ""};
        rows.values[3] = {std::string(59, 'a'), "b"};
        QCOMPARE(card::nameOfRow(rows, 0), std::string("01-Anna-Tern-3"));
        QCOMPARE(card::nameOfRow(rows, 1), std::string("02-Zo-Co"));
        QCOMPARE(card::nameOfRow(rows, 2), std::string("03"));
        QCOMPARE(card::nameOfRow(rows, 3), "04-" + std::string(59, 'a'));
        QCOMPARE(card::nameOfRow(rows, 11), std::string("12-Anna-Tern-3"));
    }

    void eachRowIsWhatMakingItWrites() {
        const QString tags = card({"Anna", "Ben", "Cleo"});
        QCOMPARE(run({"series", tags, "-o", at("tags"), "--json", "--jobs", "2"}), 0);
        const Json all = told();
        QCOMPARE(all["made"].get<int>(), 3);
        QCOMPARE(all["rows"][1]["file"].get<std::string>(), std::string("2-Ben.stl"));
        QCOMPARE(all["rows"][1]["fields"]["name"].get<std::string>(), std::string("Ben"));
        QCOMPARE(all["rows"][1]["fields"]["no"].get<std::string>(), std::string("002"));
        QCOMPARE(Json::parse(bytesOf("tags/series.json").toStdString()), all);
        QCOMPARE(QDir(at("tags")).entryList(QDir::Files | QDir::Hidden).size(), 4);
        QCOMPARE(run({"make", tags, "--row", "2", "-o", at("ben.stl")}), 0);
        QCOMPARE(bytesOf("ben.stl"), bytesOf("tags/2-Ben.stl"));
        // Again all are kept, also when nothing tells of them; another file in the way is not touched.
        QCOMPARE(run({"series", tags, "-o", at("tags"), "--json"}), 0);
        QCOMPARE(told()["kept"].get<int>(), 3);
        QVERIFY(QFile::remove(at("tags/series.json")));
        QVERIFY(QFile::remove(at("tags/1-Anna.stl")));
        write("tags/3-Cleo.stl", "something else");
        QCOMPARE(run({"series", tags, "-o", at("tags"), "--json"}), 1);
        const Json mixed = told();
        QCOMPARE(mixed["rows"][0]["state"].get<std::string>(), std::string("made"));
        QCOMPARE(mixed["rows"][1]["state"].get<std::string>(), std::string("kept"));
        QCOMPARE(mixed["rows"][2]["state"].get<std::string>(), std::string("failed"));
        QVERIFY(mixed["rows"][2]["file"].is_null());
        QCOMPARE(bytesOf("tags/3-Cleo.stl"), QByteArray("something else"));
        QCOMPARE(run({"series", tags, "-o", at("tags"), "--force"}), 0);
        QVERIFY(bytesOf("tags/3-Cleo.stl").size() > 1000);
    }

    void whatCannotBeMadeIsToldAndTheRestIsMade() {
        const QString tags = card({"Anna", "A name far too long for so small a tag", "Cleo"});
        QCOMPARE(run({"series", tags, "-o", at("tags")}), 1);
        QVERIFY2(out_.startsWith("2: "), out_);
        QCOMPARE(out_.count('\n'), 1);
        QVERIFY(QFile::exists(at("tags/1-Anna.stl")) && QFile::exists(at("tags/3-Cleo.stl")));
        QCOMPARE(QDir(at("tags")).entryList(QDir::Files).size(), 3);
        QCOMPARE(run({"series", tags, "-o", at("tags"), "--accept", "--json"}), 0);
        QCOMPARE(told()["stopped"].get<int>(), 0);
    }

    void rowsAreTakenInParts() {
        const QString tags = card({"Anna", "Ben", "Cleo"});
        QCOMPARE(run({"series", tags, "-o", at("tags"), "--rows", "2..3"}), 0);
        QVERIFY(!QFile::exists(at("tags/1-Anna.stl")) && QFile::exists(at("tags/2-Ben.stl")));
        QVERIFY(QFile::exists(at("tags/series-2-3.json")));
        for (const char* wrong : {"2..4", "0..1", "3..2", "x", "2"})
            QCOMPARE(run({"series", tags, "-o", at("tags"), "--rows", wrong}), 2);
        write("in-the-way", "x");
        QCOMPARE(run({"series", tags, "-o", at("in-the-way")}), 3);
        QCOMPARE(run({"series", tags, "-o", at("tags"), "--as", "doc"}), 2);
    }

    void aTableTakesThePlaceOfTheCardsRows() {
        const QString tags = card({"Anna"});
        write("crew.csv", "name;boat\r\nDora;Tern\r\nM\xfcller;Gannet\r\n"); // code page 1252
        QCOMPARE(run({"series", tags, "-o", at("tags"), "--table", at("crew.csv"), "--as", "svg", "--json"}),
                 0);
        const Json all = told();
        QCOMPARE(all["rows"].size(), size_t(2));
        QCOMPARE(all["rows"][1]["fields"]["name"].get<std::string>(), std::string("Müller"));
        QVERIFY(QFile::exists(at("tags/1-Dora-Tern.svg")) && QFile::exists(at("tags/2-M-ller-Gannet.svg")));
        QCOMPARE(run({"series", tags, "-o", at("tags"), "--table", at("none.csv")}), 2);
    }

    void aRunThatWasKilledIsGoneOnWith() {
        QStringList names;
        for (int i = 0; i < 60; ++i)
            names << QStringLiteral("Crew %1").arg(i);
        const QString tags = card(names);
        QProcess program;
        program.start(QStringLiteral(BOLLARD_CLI), {"series", tags, "-o", at("tags")});
        QTRY_VERIFY_WITH_TIMEOUT(QDir(at("tags")).entryList({"*.stl"}).size() > 5, 30000);
        program.kill();
        program.waitForFinished();
        const auto before = QDir(at("tags")).entryList({"*.stl"}).size();
        QCOMPARE(run({"series", tags, "-o", at("tags"), "--json"}), 0);
        const Json all = told();
        QVERIFY(all["kept"].get<int>() >= int(before));
        QCOMPARE(all["kept"].get<int>() + all["made"].get<int>(), 60);
        QCOMPARE(QDir(at("tags")).entryList(QDir::Files | QDir::Hidden).size(), 61);
    }

    /// As docs/series.md has it.
    void aQueueSplitsTheWorkAndOneOfItIsKilled() {
        QStringList names;
        for (int i = 0; i < 100; ++i)
            names << QStringLiteral("Crew %1").arg(i);
        const QString tags = card(names);
        QProcess queue;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert("HOME", folder_->path()); // where it keeps what it knows of itself
        queue.setProcessEnvironment(environment);
        const QString each = QStringLiteral("%1 series %2 -o %3 --as stl --rows {}..$(({} + 24))")
                                 .arg(QStringLiteral(BOLLARD_CLI), tags, at("tags"));
        queue.start(
            "/bin/sh",
            {"-c",
             QStringLiteral("seq 1 25 100 | parallel --will-cite --jobs 4 --retries 3 '%1'").arg(each)});
        QTRY_VERIFY_WITH_TIMEOUT(QDir(at("tags")).entryList({"*.stl"}).size() > 3, 30000);
        QProcess killer;
        killer.start("/bin/sh", {"-c", QStringLiteral("pkill -KILL -f 'series %1 .*26..50'").arg(tags)});
        QVERIFY(killer.waitForFinished(5000));
        QVERIFY(queue.waitForFinished(120000));
        QCOMPARE(queue.exitCode(), 0);
        QCOMPARE(QDir(at("tags")).entryList({"*.stl"}).size(), 100);
        QCOMPARE(QDir(at("tags")).entryList({"series-*.json"}),
                 QStringList(
                     {"series-1-25.json", "series-26-50.json", "series-51-75.json", "series-76-100.json"}));
        // The same as at one go.
        QCOMPARE(run({"series", tags, "-o", at("whole"), "--jobs", "2"}), 0);
        for (const QString& file : QDir(at("whole")).entryList({"*.stl"}))
            QCOMPARE(bytesOf("tags/" + file), bytesOf("whole/" + file));
    }
};

QTEST_GUILESS_MAIN(SeriesTest)
#include "series_test.moc"
