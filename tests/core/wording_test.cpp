#include "../sample_cards.hpp"
#include "wording/plurals.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>
#include <QDirIterator>
#include <QRegularExpression>

using namespace bollard;
using check::Finding, check::FindingKind, check::Severity;

namespace {

Finding finding(FindingKind kind, working::Kind working, Severity severity) {
    Finding f;
    f.kind = kind;
    f.working = working;
    f.severity = severity;
    f.inscription = 0;
    f.measured = 0.17;
    f.limit = 0.2;
    f.count = 1;
    f.subject = "League Spartan";
    f.problem = {quantity::ProblemKind::fontBroken, "gull.ttf"};
    check::FindingPlace place;
    place.text = "B";
    f.places = {place, place};
    return f;
}

/// The class whose function is the last that begins in this part of a source.
QString classIn(const QString& source) {
    static const QRegularExpression member(QStringLiteral("\\n(?:\\S[^\\n]*?\\b)?(\\w+)::~?\\w+\\("));
    QString name;
    for (const auto& match : member.globalMatch(source))
        name = match.captured(1);
    return name;
}

card::Made withFindings(std::vector<Finding> findings, bool complete = true) {
    card::Made made = samples::made(samples::plate("B"));
    auto checked = std::make_shared<card::Checked>();
    checked->findings = std::move(findings);
    checked->complete = complete;
    made.checked = checked;
    return made;
}

} // namespace

class WordingTest : public QObject {
    Q_OBJECT
  private slots:
    void initTestCase() { wording::usePlurals(); }

    void everySentenceThatCountsIsToldForOneAndForMany() {
        // %n in the sources, and what becomes of it.
        int sentences = 0;
        QDirIterator files(QStringLiteral(BOLLARD_SOURCE "/src"), {"*.cpp"}, QDir::Files,
                           QDirIterator::Subdirectories);
        const QRegularExpression counted(QStringLiteral("(\\w*::)?tr\\(\\s*\"([^\"]*%n[^\"]*)\""));
        while (files.hasNext()) {
            QFile file(files.next());
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QString source = QString::fromUtf8(file.readAll());
            for (const auto& match : counted.globalMatch(source)) {
                ++sentences;
                // Classes of the window are their own contexts; other sentences name theirs.
                const QString context =
                    !match.captured(1).isEmpty()
                        ? match.captured(1).chopped(2)
                        : QStringLiteral("bollard::app::") + classIn(source.left(match.capturedStart()));
                for (const int count : {1, 2}) {
                    const QString told = QCoreApplication::translate(
                        context.toUtf8().constData(), match.captured(2).toUtf8().constData(), nullptr, count);
                    QVERIFY2(!told.contains("(s)") && told.contains(QString::number(count)),
                             qPrintable(told));
                }
            }
        }
        QVERIFY(sentences >= 8);
        auto card = samples::plate("B");
        card.blank.holes = {{5, 5, 3}};
        QVERIFY(wording::summaryOf(card.blank, card.unit).endsWith(", 1 hole"));
        card.blank.holes.push_back({9, 5, 3});
        QVERIFY(wording::summaryOf(card.blank, card.unit).endsWith(", 2 holes"));
    }

    void everyProblemSaysWhatAndWhere() {
        QSet<QString> sentences;
        constexpr int kinds = int(quantity::ProblemKind::stopped) + 1;
        for (int kind = 0; kind < kinds; ++kind) {
            const QString sentence =
                wording::sentenceOf({static_cast<quantity::ProblemKind>(kind), "gull.ttf", "because", 12, 3});
            QVERIFY2(sentence.size() > 5 && sentence.endsWith('.'), qPrintable(sentence));
            QVERIFY2(!sentence.contains('%'), qPrintable(sentence));
            sentences.insert(sentence);
        }
        QCOMPARE(sentences.size(), kinds); // no two alike
        QVERIFY(wording::sentenceOf({quantity::ProblemKind::fieldWrong, "blank.width", "1 – 5000", 4})
                    .startsWith("Line 4"));
    }

    void everyFindingTellsWhatWhereAndWhy() {
        const card::Card card = samples::plate("BOB");
        constexpr int kinds = int(FindingKind::outlineMended) + 1;
        for (int kind = 0; kind < kinds; ++kind)
            for (const auto working : {working::Kind::raised, working::Kind::sunk, working::Kind::pierced,
                                       working::Kind::freeStanding})
                for (const auto severity : {Severity::watch, Severity::stop}) {
                    const auto text =
                        wording::textOf(finding(static_cast<FindingKind>(kind), working, severity), card);
                    QVERIFY2(!text.title.isEmpty(), qPrintable(QString::number(kind)));
                    QVERIFY2(text.why.endsWith('.'), qPrintable(text.title));
                    QCOMPARE(text.where, QString("B (2) of “BOB”"));
                    QVERIFY(!text.title.contains('%') && !text.why.contains('%'));
                }
    }

    void manyLettersAreNotAllNamed() {
        const card::Card card = samples::plate("ABCDEFGHIJ");
        Finding f = finding(FindingKind::strokeNarrow, working::Kind::raised, Severity::stop);
        f.places.clear();
        for (const char letter : std::string("ABCDEFGHIJ")) {
            check::FindingPlace place;
            place.text = letter;
            f.places.push_back(place);
        }
        QCOMPARE(wording::textOf(f, card).where, QString("A, B, C, D, E, F and 4 more of “ABCDEFGHIJ”"));
    }

    void measuresAreInTheCardsUnit() {
        card::Card card = samples::plate("B");
        const Finding f = finding(FindingKind::strokeNarrow, working::Kind::raised, Severity::stop);
        QCOMPARE(wording::textOf(f, card).measured, QString("0.17 < 0.20"));
        card.unit = quantity::Unit::inch;
        QCOMPARE(wording::textOf(f, card).measured, QString("0.007 < 0.008"));
    }

    void theVerdictCountsWhatStops() {
        const auto f = [](Severity severity) {
            return finding(FindingKind::strokeNarrow, working::Kind::raised, severity);
        };
        QCOMPARE(wording::verdictOf(card::Made{}), QString("Looking…"));
        QCOMPARE(wording::verdictOf(withFindings({})), QString("Can be made"));
        QCOMPARE(wording::verdictOf(withFindings({f(Severity::note)})), QString("Can be made"));
        QCOMPARE(wording::verdictOf(withFindings({f(Severity::watch)})), QString("Can be made; 1 to watch"));
        QCOMPARE(wording::verdictOf(withFindings({}, false)), QString("Counting pieces…"));
        QCOMPARE(wording::verdictOf(withFindings({f(Severity::stop), f(Severity::watch)}, false)),
                 QString("Cannot be made so yet: 1 stop, 1 to watch"));
    }

    void summariesTellWhatIsSet() {
        card::Card card = samples::plate("B");
        QCOMPARE(wording::summaryOf(card.blank, card.unit), QString("plate 120 × 45 × 4"));
        card.blank.corner = 6;
        card.blank.holes.resize(2);
        QCOMPARE(wording::summaryOf(card.blank, card.unit),
                 QString("plate 120 × 45 × 4, corners 6, 2 holes"));
        setting::TextStyle& style = card.inscriptions[0].style;
        style.size = 14;
        QCOMPARE(wording::letteringSummary(card, 0), QString("League Spartan Bold, capitals 14"));
        style.sizeBy = setting::SizeBy::width;
        style.width = 85;
        style.slant = -10;
        style.weight = 0.15;
        QCOMPARE(wording::letteringSummary(card, 0),
                 QString("League Spartan Bold, 14 wide, width 85 %, slant -10°, weight +0.15"));
        card.inscriptions[0].placing.turn = 90;
        card.inscriptions[0].placing.reading = setting::ReadingSide::throughBack;
        QCOMPARE(wording::placingSummary(card, 0),
                 QString("centre at 60, 22.5, turned 90°, reads through from the back"));
        QVERIFY(!wording::letteringSummary(card, -1).isEmpty() &&
                !wording::placingSummary(card, 7).isEmpty());
        QCOMPARE(
            wording::summaryOf(working::Working{working::Kind::sunk, 1, 0.6, 0}, quantity::Unit::millimetre),
            QString("sunk 0.6"));
    }

    void linesAndOrnamentsAreTold() {
        card::Card card = samples::plate("QUAY");
        card::Inscription& words = card.inscriptions[0];
        words.baseline.kind = setting::BaselineKind::circle;
        words.baseline.radius = 30;
        QCOMPARE(wording::placingSummary(card, 0),
                 QString("round a circle of radius 30, centre at 60, 22.5"));
        words.baseline.kind = setting::BaselineKind::edge;
        QCOMPARE(wording::placingSummary(card, 0), QString("along the blank’s edge"));
        words.typeface.centreline = true;
        QVERIFY(wording::letteringSummary(card, 0).startsWith("centreline of League Spartan Bold"));
        card::Inscription ornament;
        ornament.ornament.kind = setting::OrnamentKind::frame;
        card.inscriptions.push_back(ornament);
        QCOMPARE(wording::letteringSummary(card, 1), QString("frame, rectangle, 60 × 30, band 2"));
        card.inscriptions[1].ornament.around = "i0";
        QCOMPARE(wording::letteringSummary(card, 1), QString("frame, rectangle, 3 round the words, band 2"));
        QCOMPARE(wording::placingSummary(card, 1), QString("with its words"));
        card.inscriptions[1].ornament.kind = setting::OrnamentKind::artwork;
        card.inscriptions[1].ornament.source = "buoy.svg";
        QCOMPARE(wording::letteringSummary(card, 1), QString("artwork buoy.svg at 100 %"));
        QCOMPARE(wording::nameOf(card.inscriptions[1]), QString("artwork buoy.svg"));
        QCOMPARE(wording::summaryOf(working::Working{working::Kind::scribed, 1, 0.5, 0},
                                    quantity::Unit::millimetre),
                 QString("scribed 0.5 deep"));
        QCOMPARE(wording::nameOfFeature("smcp"), QString("small capitals"));
        QCOMPARE(wording::nameOfFeature("ss07"), QString("set of forms 07"));
        QCOMPARE(wording::nameOfFeature("xyzw"), QString("xyzw"));
    }

    void everyKindHasANameOfItsOwn() {
        QStringList names;
        for (int i = 0; i < 5; ++i)
            names << wording::nameOf(static_cast<setting::BaselineKind>(i))
                  << wording::nameOf(static_cast<setting::OrnamentKind>(i))
                  << wording::nameOf(static_cast<working::Kind>(i));
        for (int i = 0; i < setting::frameShapes; ++i)
            names << wording::nameOf(static_cast<setting::FrameShape>(i));
        for (const auto kind :
             {check::ReadingKind::stroke, check::ReadingKind::counter, check::ReadingKind::opening,
              check::ReadingKind::bridge, check::ReadingKind::gap, check::ReadingKind::edge})
            names << wording::nameOf(kind);
        QVERIFY(!names.contains(QString()));
        QCOMPARE(names.removeDuplicates(), 0);
    }

    void everyRuleHasALabelAndAReason() {
        for (int i = 0; i < working::kinds; ++i)
            decltype(process::Process::kind)::eachKind([&]<class One>(std::type_identity<One>) {
                const auto kind = static_cast<working::Kind>(i);
                QHash<QString, QString> labels;
                for (const process::Rule& rule : rulesOf(One{}, {kind, 3, true})) {
                    const QString label = wording::nameOf(rule, kind), name = QLatin1String(rule.name.data());
                    QVERIFY2(labels.value(label, name) == name, qPrintable(label));
                    labels[label] = name;
                    QVERIFY2(QString(rule.why).endsWith('.'), qPrintable(label));
                }
            });
    }

    void aProcessIsSummedUp() {
        process::Process process;
        const auto unit = quantity::Unit::millimetre;
        QCOMPARE(wording::summaryOf(process, unit), QString("filament print, nozzle 0.4, layer 0.2"));
        process.kind = process::VCarving{60, 0.1};
        process.worn = true;
        process.own["sunk.strokeStop"] = 1;
        QCOMPARE(wording::summaryOf(process, unit),
                 QString("V-carving, angle of the bit 60°, tip 0.1, worn, own limits"));
        process.name = "Quay shed";
        QVERIFY(wording::summaryOf(process, unit).startsWith("Quay shed, "));
    }

    void wordsAreShortenedToOneLine() {
        QCOMPARE(wording::wordsOnOneLine("BERTH\n14"), QString("BERTH / 14"));
        const QString shortened = wording::wordsOnOneLine(std::string(200, 'x'), 20);
        QVERIFY(shortened.size() <= 20 && shortened.endsWith(QChar(0x2026)));
    }

    void mendsThatWereTriedHaveNamesWithoutNumbers() {
        QCOMPARE(wording::nameOfMend("letterSpace"), QString("letter space …"));
        QCOMPARE(wording::nameOfMend("largerBlank"), QString("blank … wide"));
        QCOMPARE(wording::nameOfMend("inwards"), QString("move inwards"));
        QCOMPARE(wording::nameOfMend("anotherProcess"), QString("process: …"));
        QCOMPARE(wording::namesOfMends({"inwards", "largerSize", "smallerWords", "largerBlank"}),
                 QString("move inwards, size … and blank … wide")); // each once
        for (const mend::Mend& mend : mend::mends()) {
            const QString name = wording::nameOfMend(mend.name);
            QVERIFY2(name.size() > 3 && !name.contains('%') && !name.contains(QChar(0x2192)),
                     qPrintable(name));
        }
    }

    void reasonsFitWhatIsTold() {
        const card::Card card = samples::plate("B");
        Finding f = finding(FindingKind::strokeNarrow, working::Kind::raised, Severity::watch);
        f.measured = 0.83996;
        f.limit = 0.84;
        QCOMPARE(wording::textOf(f, card).measured, QString("0.83996 < 0.84000"));
        f.why = process::rulesOf(process::Process{}, {working::Kind::raised, 4, false})[1].why;
        QVERIFY(wording::textOf(f, card).why.contains("printed line"));
        f.ownLimit = true; // no line of the printer is as wide as that
        QVERIFY(!wording::textOf(f, card).why.contains("line") &&
                wording::textOf(f, card).why.contains("you set"));

        Finding tall = finding(FindingKind::heightTall, working::Kind::raised, Severity::watch);
        tall.whenAbove = true;
        tall.places[0].width = 0.5;
        tall.measured = 5;
        tall.limit = 3; // six times
        for (const process::Rule& rule :
             process::rulesOf(process::Process{}, {working::Kind::raised, 4, false}))
            if (rule.what == process::Measured::heightPerStroke)
                tall.why = rule.why;
        QVERIFY(wording::textOf(tall, card).why.contains("More than 6 times"));

        const Finding stray = finding(FindingKind::pieceLoose, working::Kind::freeStanding, Severity::stop);
        QVERIFY(wording::textOf(stray, card).title.contains("blank"));
        const auto without = wording::textOf(stray, samples::freeStanding("B"));
        QVERIFY(!without.title.contains("blank") && !without.why.contains("blank"));
    }
};
QTEST_GUILESS_MAIN(WordingTest)
#include "wording_test.moc"
