#include "../sample_cards.hpp"
#include "card/output.hpp"
#include "files/stl.hpp"
#include "files/three_mf.hpp"
#include <QDir>
#include <QProcess>
#include <QTemporaryDir>
#include <QXmlStreamReader>
#include <csignal>
#include <sys/stat.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

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
        QVERIFY(samples::write(made, at("x.3mf"), IfThere::refuse));
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
            return samples::bytesOf(samples::made(samples::plate("BUOY")), "3mf", "buoy");
        };
        const auto model = [&](const char* name) {
            if (!files::writeWhole(at(name), bytes(), IfThere::replace))
                qFatal("%s cannot be written", name);
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
        const auto written = samples::write(samples::made(card), at("x.stl"), IfThere::refuse);
        QVERIFY(!written && written.problem().kind == ProblemKind::nothingToMake);
        QVERIFY(!QFile::exists(folder_.filePath("x.stl")));
    }

    void severalFilesAreWrittenTogetherOrNotAtAll() {
        QVERIFY(files::writeWhole(at("old.txt"), "old", IfThere::refuse));
        const std::vector<files::WholeFile> some{
            {at("new.txt"), "1"}, {at("old.txt"), "2"}, {at("no/such/folder.txt"), "3"}};
        const auto failed = files::writeTogether(some, IfThere::replace);
        QVERIFY(!failed && failed.problem().subject == at("no/such/folder.txt"));
        QVERIFY(!QFile::exists(QString::fromStdString(at("new.txt"))));
        QCOMPARE(*files::readWhole(at("old.txt")), std::string("old"));
        // The same path twice: the second one finds the first there, and takes it back.
        QVERIFY(!files::writeTogether(std::vector<files::WholeFile>{{at("x.txt"), "1"}, {at("x.txt"), "2"}},
                                      IfThere::refuse));
        QVERIFY(!QFile::exists(QString::fromStdString(at("x.txt"))));
        QVERIFY(files::writeTogether(
            std::vector<files::WholeFile>{{at("new.txt"), "1"}, {at("old.txt"), "2"}}, IfThere::replace));
        QCOMPARE(*files::readWhole(at("old.txt")), std::string("2"));
        for (const char* name : {"new.txt", "old.txt"})
            QFile::remove(QString::fromStdString(at(name)));
    }

    void linksAreFollowedAndReadOnlyFilesAreAskedFor() {
        QVERIFY(files::writeWhole(at("real.txt"), "1", IfThere::refuse));
        const QString link = folder_.filePath("link.txt"), loose = folder_.filePath("loose.txt");
        QVERIFY(QFile::link("real.txt", link)); // relative, as people make them
        QVERIFY(files::writeWhole(link.toStdString(), "2", IfThere::replace));
        QVERIFY(QFileInfo(link).isSymLink());
        QCOMPARE(*files::readWhole(at("real.txt")), std::string("2"));
        QVERIFY(QFile::link("later.txt", loose));
        QVERIFY(files::writeWhole(loose.toStdString(), "3", IfThere::refuse)); // leads to nothing yet
        QCOMPARE(*files::readWhole(at("later.txt")), std::string("3"));

        QFile real(folder_.filePath("real.txt"));
        QVERIFY(real.setPermissions(QFile::ReadOwner | QFile::ReadGroup));
        const auto kept = files::writeWhole(at("real.txt"), "4", IfThere::replace);
        QVERIFY(!kept && kept.problem().kind == ProblemKind::fileReadOnly);
        QCOMPARE(*files::readWhole(at("real.txt")), std::string("2"));
        QVERIFY(files::writeWhole(at("real.txt"), "5", IfThere::replaceReadOnly));
        QCOMPARE(*files::readWhole(at("real.txt")), std::string("5"));
        QCOMPARE(real.permissions() & QFile::WriteOwner, QFile::Permissions()); // its mode stays
        for (const QString& name : QDir(folder_.path()).entryList(QDir::Files | QDir::System))
            QFile::remove(folder_.filePath(name));
    }

    void longNamesAndManyThreadsAreNoMatter() {
        const std::string longest = at(std::string(251, 'n').c_str());
        QVERIFY(files::writeWhole(longest, "x", IfThere::refuse));
        QVERIFY(files::writeWhole(longest, "y", IfThere::replace));
        QVERIFY(!files::writeWhole(at(std::string(5000, 'n').c_str()), "x", IfThere::refuse));
        QVERIFY(!files::readWhole(at(std::string(5000, 'n').c_str())));
        // New files get what the process gives, whoever writes meanwhile.
        const mode_t before = umask(027);
        std::vector<std::thread> writers;
        for (int i = 0; i < 8; ++i)
            writers.emplace_back([&, i] {
                for (int k = 0; k < 20; ++k)
                    (void)files::writeWhole(at(("t" + std::to_string(i)).c_str()), "x", IfThere::replace);
            });
        for (std::thread& writer : writers)
            writer.join();
        umask(before);
        for (int i = 0; i < 8; ++i) {
            struct stat about {};
            QCOMPARE(stat(at(("t" + std::to_string(i)).c_str()).c_str(), &about), 0);
            QCOMPARE(int(about.st_mode & 0777), 0640);
        }
        for (const QString& name : QDir(folder_.path()).entryList(QDir::Files | QDir::Hidden))
            QFile::remove(folder_.filePath(name));
    }

    void readingEndsOnPipesAndDevices() {
        const std::string pipe = at("pipe");
        QCOMPARE(mkfifo(pipe.c_str(), 0600), 0);
        for (const std::string& path :
             {pipe, std::string("/dev/zero"), std::string("/dev/null"), folder_.path().toStdString()}) {
            const auto read = files::readWhole(path);
            QVERIFY2(!read && read.problem().kind == ProblemKind::fileUnreadable, path.c_str());
            QVERIFY(!type::openTypeface(path));
        }
        QFile::remove(QString::fromStdString(pipe));
    }

    void aKilledWriterLeavesNothingBehind() {
        // Killed again and again while it writes: never a draft, never half a file.
        for (int i = 0; i < 20; ++i) {
            const pid_t child = fork();
            if (child == 0) {
                const std::string bytes(4 << 20, 'x');
                for (;;)
                    (void)files::writeWhole(at("k.bin"), bytes, IfThere::replace);
            }
            std::this_thread::sleep_for(std::chrono::milliseconds(4 + 3 * i));
            kill(child, SIGKILL);
            waitpid(child, nullptr, 0);
            for (const QString& name : QDir(folder_.path()).entryList(QDir::Files | QDir::Hidden)) {
                const bool leftWhileRenamed = name.startsWith(".bollard-draft-"); // between two system calls
                QVERIFY2(name == "k.bin" ||
                             (leftWhileRenamed && QFileInfo(folder_.filePath(name)).size() == 4 << 20),
                         qPrintable(name));
                QFile::remove(folder_.filePath(name));
            }
        }
    }
};
QTEST_GUILESS_MAIN(FilesTest)
#include "files_test.moc"
