#include "../sample_cards.hpp"
#include "card/output.hpp"
#include "files/stl.hpp"
#include "files/three_mf.hpp"
#include <QDir>
#include <QProcess>
#include <QTemporaryDir>
#include <QXmlStreamReader>

using namespace bollard;
using files::IfThere;
using quantity::ProblemKind;

namespace {

struct ReadBody {
    QString name, colour;
    body::Mesh mesh;
};

/// The bodies of a 3MF file, read with nothing but unzip and an XML reader.
QList<ReadBody> bodiesIn(const QString& path, QString& unit) {
    QProcess unzip;
    unzip.start("unzip", {"-p", path, "3D/3dmodel.model"});
    unzip.waitForFinished();
    QXmlStreamReader xml(unzip.readAllStandardOutput());
    QList<ReadBody> bodies;
    QStringList colours;
    while (!xml.atEnd()) {
        if (xml.readNext() != QXmlStreamReader::StartElement)
            continue;
        const auto a = xml.attributes();
        if (xml.name() == QLatin1String("model"))
            unit = a.value("unit").toString();
        else if (xml.name() == QLatin1String("base"))
            colours << a.value("displaycolor").toString();
        else if (xml.name() == QLatin1String("object"))
            bodies.append({a.value("name").toString(), colours.value(a.value("pindex").toInt()), {}});
        else if (xml.name() == QLatin1String("vertex"))
            bodies.last().mesh.vertices.push_back(
                {a.value("x").toDouble(), a.value("y").toDouble(), a.value("z").toDouble()});
        else if (xml.name() == QLatin1String("triangle"))
            bodies.last().mesh.triangles.push_back(
                {a.value("v1").toInt(), a.value("v2").toInt(), a.value("v3").toInt()});
    }
    return bodies;
}

} // namespace

class FilesTest : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    std::string at(const char* name) const { return folder_.filePath(name).toStdString(); }

  private slots:
    void filesAreWrittenWholeOrNotAtAll() {
        QVERIFY(files::writeWhole(at("a.txt"), "first", IfThere::refuse));
        const auto again = files::writeWhole(at("a.txt"), "second", IfThere::refuse);
        QVERIFY(!again && again.problem().kind == ProblemKind::fileExists);
        QCOMPARE(*files::readWhole(at("a.txt")), std::string("first"));
        QVERIFY(files::writeWhole(at("a.txt"), "third", IfThere::replace));
        QCOMPARE(*files::readWhole(at("a.txt")), std::string("third"));
        const auto nowhere = files::writeWhole(at("no/such/folder.stl"), "x", IfThere::replace);
        QVERIFY(!nowhere && nowhere.problem().kind == ProblemKind::fileUnwritable);
        QCOMPARE(QDir(folder_.path()).entryList(QDir::Files).size(), 1); // no draft left behind
    }

    void aFullDiskLeavesTheOldFile() {
        // /dev/full takes no bytes; the folder itself cannot take a draft either, and both say so.
        const auto full = files::writeWhole("/dev/full", "x", IfThere::refuse);
        QVERIFY(!full);
        const auto unreadable = files::readWhole(folder_.path().toStdString());
        QVERIFY(!unreadable && unreadable.problem().kind == ProblemKind::fileUnreadable);
    }

    void endingsAreAddedWhenMissing() {
        QCOMPARE(files::withEnding("tag", "stl"), std::string("tag.stl"));
        QCOMPARE(files::withEnding("tag.STL", "stl"), std::string("tag.STL"));
        QCOMPARE(files::withEnding("valve v1.2", "3mf"), std::string("valve v1.2.3mf"));
        QVERIFY(card::formatOf("a.stl") && card::formatOf("b.3MF") && !card::formatOf("c.obj") &&
                !card::formatOf("stl"));
    }

    void stlComesBackAsTheSameSolid() {
        for (const char* sample : {"berth-14", "valve-tag", "tidewater"}) {
            const auto made = samples::made(samples::read(sample));
            const auto back = files::meshFromStl(files::stlOf(made.solid->mesh), sample);
            QVERIFY(back);
            QCOMPARE(back->triangles.size(), made.solid->mesh.triangles.size());
            QCOMPARE(back->vertices.size(), made.solid->mesh.vertices.size());
            QVERIFY(body::faultsOf(*back).none()); // still closed after rounding to float and welding
            COMPARE_NEAR(body::volumeOf(*back) / body::volumeOf(made.solid->mesh), 1, 1e-5);
        }
    }

    void brokenStlIsRefused() {
        const std::string whole = files::stlOf(samples::made(samples::plate("I")).solid->mesh);
        for (const size_t keep : {size_t(0), size_t(50), size_t(84), whole.size() - 1})
            QVERIFY(!files::meshFromStl(whole.substr(0, keep), "cut short") || keep == whole.size());
    }

    void threeMfHoldsNamedColouredBodiesInMillimetres() {
        const auto made = samples::made(samples::plate("BUOY"));
        QVERIFY(card::writeOutput(made, *card::formatOf("x.3mf"), at("x.3mf"), IfThere::refuse));
        QString unit;
        const QList<ReadBody> bodies = bodiesIn(folder_.filePath("x.3mf"), unit);
        QCOMPARE(unit, QString("millimeter"));
        QCOMPARE(bodies.size(), 2);
        QCOMPARE(bodies[0].name, QString("plate"));
        QCOMPARE(bodies[1].name, QString("letters"));
        QCOMPARE(bodies[1].colour, QString("#2B6A8CFF"));
        double volume = 0;
        for (const ReadBody& body : bodies) {
            QVERIFY(body::faultsOf(body.mesh).none());
            volume += body::volumeOf(body.mesh);
        }
        COMPARE_NEAR(volume / body::volumeOf(made.solid->mesh), 1, 1e-5); // together they fill the part
    }

    void theSameCardGivesTheSameFile() {
        const auto bytes = [] {
            return *card::formatOf("x.3mf")->bytes(samples::made(samples::plate("BUOY")), {"buoy"});
        };
        const auto model = [&](const char* name) {
            files::writeWhole(at(name), bytes(), IfThere::replace);
            QProcess unzip;
            unzip.start("unzip", {"-p", folder_.filePath(name), "3D/3dmodel.model"});
            unzip.waitForFinished();
            return unzip.readAllStandardOutput();
        };
        QVERIFY(model("one.3mf") == model("two.3mf"));
    }

    void nothingToMakeIsSaid() {
        card::Card card;
        card.blank.kind = blank::Kind::none;
        const auto written =
            card::writeOutput(samples::made(card), *card::formatOf("x.stl"), at("x.stl"), IfThere::refuse);
        QVERIFY(!written && written.problem().kind == ProblemKind::nothingToMake);
        QVERIFY(!QFile::exists(folder_.filePath("x.stl")));
    }
};
QTEST_GUILESS_MAIN(FilesTest)
#include "files_test.moc"
