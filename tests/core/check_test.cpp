#include "../sample_cards.hpp"
#include <QTemporaryDir>
#include <set>

using namespace bollard;
using check::FindingKind, check::Severity, working::Kind;

namespace {

std::string looseText(const card::Made& made) {
    std::string text;
    for (const check::DropOut& loose : made.solid->dropOuts.loose) {
        const auto& letters = made.lettering->inscriptions[size_t(loose.inscription)];
        text += letters.setting->letters[size_t(loose.letter)].text;
    }
    return text;
}

} // namespace

class CheckTest : public QObject {
    Q_OBJECT
  private slots:
    void limitsFollowNozzleAndLayer() {
        const auto limit = [](const process::Process& process, Kind kind, const char* name) {
            return process::limitOf(process::rulesOf(process, {kind, 4, false}), name).value_or(0);
        };
        const process::Process process;
        QCOMPARE(limit(process, Kind::raised, "strokeStop"), 0.42);
        QCOMPARE(limit(process, Kind::raised, "strokeWatch"), 0.84);
        QCOMPARE(limit(process, Kind::raised, "gapStop"), 0.2);
        QCOMPARE(limit(process, Kind::sunk, "strokeStop"), 0.2);
        QCOMPARE(limit(process, Kind::sunk, "gapStop"), 0.42);
        QCOMPARE(limit(process, Kind::sunk, "floorStop"), 0.4);
        QCOMPARE(limit(process, Kind::pierced, "neckStop"), 0.84);
        QCOMPARE(limit(process, Kind::raised, "neckStop"), 0.0);
        process::Process own = process;
        own.own["raised.strokeStop"] = 0.6;
        QCOMPARE(limit(own, Kind::raised, "strokeStop"), 0.6);
        QCOMPARE(limit(own, Kind::sunk, "strokeStop"), 0.2);
    }

    /// Two inscriptions of one I each, so far apart.
    static card::Card twoBars(Kind first, Kind second, double apart) {
        card::Card card = samples::plate("I", first);
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].working.kind = second;
        card.inscriptions[0].placing = {setting::Anchor::right, 60, 22.5, 0};
        card.inscriptions[1].placing = {setting::Anchor::left, 60 + apart, 22.5, 0};
        return card;
    }

    void landsAreSeenAsFarAsAnyLimitReaches() {
        card::Card card = twoBars(Kind::pierced, Kind::pierced, 5);
        QVERIFY(!samples::finding(samples::made(card), FindingKind::gapNarrow));
        card.process.kind = process::Torch{1.5}; // in plate of 4 mm: land below 6.4 is to be watched
        const auto made = samples::made(card);
        const check::Finding* const found = samples::finding(made, FindingKind::gapNarrow);
        QVERIFY(found && found->severity == Severity::watch);
        COMPARE_NEAR(found->measured, 5, 0.002);
    }

    void gapsBetweenWorkingsOfAnyTwoSortsAreTold() {
        for (int one = 0; one < working::kinds; ++one)
            for (int other = 0; other < working::kinds; ++other) {
                const auto first = static_cast<Kind>(one), second = static_cast<Kind>(other);
                const auto made = samples::made(twoBars(first, second, 0.15));
                const check::Finding* const found = samples::finding(made, FindingKind::gapNarrow);
                QVERIFY(found);
                COMPARE_NEAR(found->measured, 0.15, 0.002);
                // Between what stands and what is cut it is a matter of both.
                const auto told =
                    std::ranges::count(made.checked->findings, FindingKind::gapNarrow, &check::Finding::kind);
                QCOMPARE(told, working::cuts(first) == working::cuts(second) ? 1 : 2);
            }
    }

    void narrowLandsBesideHolesAreTold() {
        card::Card card = samples::plate("I");
        card.blank.holes = {{5, 5, 4}, {9.3, 5, 4}, {115, 5, 4}};
        const auto made = samples::made(card);
        const check::Finding* const found = samples::finding(made, FindingKind::landNarrow);
        QVERIFY(found && found->severity == Severity::stop && found->places.size() == 1);
        COMPARE_NEAR(found->measured, 0.3, 1e-9);
        QCOMPARE(found->id, std::string("landNarrow"));
        card.blank.holes[1].x = 9.6;
        const auto wider = samples::made(card);
        const check::Finding* const watched = samples::finding(wider, FindingKind::landNarrow);
        QVERIFY(watched && watched->severity == Severity::watch);
    }

    void theBerthSignCanBeMade() {
        const auto made = samples::made(samples::read("berth-14"));
        QCOMPARE(made.solid->dropOuts.pieces, 1);
        QVERIFY(check::worstOf(made.checked->findings) == Severity::watch);
    }

    void countersOfAPiercedTagFallOutByLetter() {
        const auto made = samples::made(samples::read("valve-tag"));
        QCOMPARE(made.solid->dropOuts.pieces, 9);
        QCOMPARE(looseText(made), std::string("BBAAA088"));
        const auto* finding = samples::finding(made, FindingKind::counterLoose);
        QVERIFY(finding && finding->severity == Severity::stop && finding->count == 8);
    }

    void stencilFacesHaveNoDropOuts() {
        card::Card card = samples::plate("BOARD 84690", Kind::pierced);
        card.inscriptions[0].typeface = {"Allerta", "Stencil", {}, 0};
        const auto made = samples::made(card);
        QCOMPARE(made.solid->dropOuts.loose.size(), size_t(0));
        QCOMPARE(made.solid->dropOuts.pieces, 1);
    }

    void lettersOfAFreeStandingWordAreLoose() {
        const auto made = samples::made(samples::freeStanding("TIDE"));
        QCOMPARE(made.solid->dropOuts.pieces, 4);
        QCOMPARE(looseText(made), std::string("TIDE"));
        QCOMPARE(samples::made(samples::freeStanding("T")).solid->dropOuts.loose.size(), size_t(0));
        card::Card joined = samples::freeStanding("TIDE");
        joined.inscriptions[0].style.letterSpace = -3;
        const auto one = samples::made(joined);
        QCOMPARE(one.solid->dropOuts.pieces, 1);
        QCOMPARE(one.solid->dropOuts.loose.size(), size_t(0));
    }

    void aWeakNeckOfAFreeStandingWordIsTold() {
        // Close the letters up until two only just touch.
        card::Card card = samples::freeStanding("OO");
        card.inscriptions[0].style.size = 20;
        const double gap =
            check::narrowest(*samples::made(card).checked->measures, check::ReadingKind::gap)->width;
        card.inscriptions[0].style.letterSpace = -gap - 0.004;
        const auto made = samples::made(card);
        QCOMPARE(made.solid->dropOuts.pieces, 1);
        const auto* finding = samples::finding(made, FindingKind::neckNarrow);
        QVERIFY(finding && finding->measured > 0 && finding->measured < finding->limit);
    }

    void countersAndOpeningsThatFillInAreTold() {
        card::Card card = samples::plate("e");
        card.inscriptions[0].style.size = 2.2;
        const auto made = samples::made(card);
        const auto* counter = samples::finding(made, FindingKind::counterNarrow);
        QVERIFY(counter && counter->places[0].text == "e" && counter->measured < counter->limit);
        const auto* opening = samples::finding(made, FindingKind::openingNarrow);
        QVERIFY(opening && opening->measured < opening->limit);
        card.inscriptions[0].style.size = 30;
        const auto large = samples::made(card);
        QVERIFY(!samples::finding(large, FindingKind::counterNarrow));
        QVERIFY(!samples::finding(large, FindingKind::openingNarrow));
    }

    void aLetterThatCoversAHoleIsOutsideTheBlank() {
        card::Card card = samples::plate("I");
        card.blank.holes = {{60, 22.5, 0.8}}; // narrower than the stroke
        const auto made = samples::made(card);
        const auto* outside = samples::finding(made, FindingKind::outsideBlank);
        QVERIFY(outside && outside->places.size() == 1);
        card.blank.holes[0].x = 70;
        QVERIFY(!samples::finding(samples::made(card), FindingKind::outsideBlank));
    }

    void edgesThatCrossExactlyInCornersAreTold() {
        // A bar with corners on the plate's own edges, and one whose corners touch them from within.
        for (const bool across : {true, false}) {
            card::Card card = samples::plate("");
            setting::Ornament& bar = card.inscriptions[0].ornament;
            bar.kind = setting::OrnamentKind::bar;
            bar.width = bar.height = 10;
            card.inscriptions[0].placing = {setting::Anchor::centre, across ? 0.0 : 5.0, 20, 0};
            if (across)
                card.inscriptions[0].placing.turn = 45; // two corners on the edge, one beyond it
            const auto made = samples::made(card);
            QCOMPARE(samples::finding(made, FindingKind::outsideBlank) != nullptr, across);
        }
    }

    void aSizeThatCannotBeHadIsToldWithWhatWasReached() {
        card::Card card = samples::plate("il");
        setting::TextStyle& style = card.inscriptions[0].style;
        style.sizeBy = setting::SizeBy::width;
        style.size = 1;
        style.weight = -0.4; // strokes vanish long before the words are as narrow
        const auto made = samples::made(card);
        const auto* missed = samples::finding(made, FindingKind::sizeMissed);
        QVERIFY(missed);
        QCOMPARE(missed->limit, 1.0);
        COMPARE_NEAR(missed->measured,
                     setting::measureOf(*made.lettering->inscriptions[0].setting, setting::SizeBy::width),
                     1e-9);
        QVERIFY(missed->measured > 1.001);
        style.size = 60;
        QVERIFY(!samples::finding(samples::made(card), FindingKind::sizeMissed));
        style = {};
        style.weight = 5; // twice that is the height of the capitals
        const auto closed = samples::made(card);
        QVERIFY(samples::finding(closed, FindingKind::weightHeavy));
        QCOMPARE(check::worstOf(closed.checked->findings), check::Severity::stop);
    }

    void lettersBeyondTheGridAreLeftOutAndTold() {
        card::Card card = samples::plate(std::string(100, 'H'));
        card.inscriptions[0].style.size = 5000; // half a kilometre of letters
        const auto made = samples::made(card);
        const auto* beyond = samples::finding(made, FindingKind::beyondGrid);
        QVERIFY(beyond && beyond->severity == check::Severity::stop);
        QVERIFY(beyond->count > 50 && beyond->count < 100);
        QVERIFY(made.solid && !made.solid->problem);
        QVERIFY(body::faultsOf(made.solid->mesh).none());
        for (const body::Vertex& v : made.solid->mesh.vertices)
            QVERIFY(std::fabs(v.x) < 1.1e5 && std::fabs(v.y) < 1.1e5);
        card.inscriptions[0].words = "H";
        card.inscriptions[0].nudges = {{0, 0, 0, 0, 10000}}; // one letter of 500 m
        const auto large = samples::made(card);
        QVERIFY(samples::finding(large, FindingKind::beyondGrid));
    }

    void aFontThatGoesFromMissingToBrokenIsToldAnew() {
        QTemporaryDir folder;
        const std::string path = folder.filePath("face.ttf").toStdString();
        card::Card card = samples::plate("H");
        card.inscriptions[0].typeface = {{}, {}, path};
        card::Pipeline pipeline(samples::catalogue());
        const auto kind = [&] {
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
            return samples::finding(made, FindingKind::typefaceProblem)->problem.kind;
        };
        QCOMPARE(kind(), quantity::ProblemKind::fileMissing);
        QVERIFY(files::writeWhole(path, "no font", files::IfThere::refuse));
        QCOMPARE(kind(), quantity::ProblemKind::fontBroken);
    }

    void idsAndAcceptanceStayWithTheMatter() {
        card::Card card = samples::plate("QUAY");
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[0].placing.y = 33;
        card.inscriptions[1].placing.y = 12;
        card.inscriptions[1].id = "quay";
        for (card::Inscription& inscription : card.inscriptions)
            inscription.style.size = 2;
        const auto idsOf = [](const card::Made& made) {
            std::set<std::string> ids;
            for (const auto& finding : made.checked->findings)
                ids.insert(finding.id);
            return ids;
        };
        const auto made = samples::made(card);
        const auto ids = idsOf(made);
        QCOMPARE(ids.size(), made.checked->findings.size()); // each its own
        QVERIFY(ids.contains("strokeNarrow:i0") && ids.contains("strokeNarrow:quay"));
        card.inscriptions[1].style.size = 2.1; // another measure, the same matter
        QVERIFY(idsOf(samples::made(card)).contains("strokeNarrow:quay"));
        const auto now = samples::made(card);
        for (const auto& some : now.checked->findings)
            card.accepted.push_back({some.id, "as the last ones", some.measured});
        QVERIFY(check::worstOf(samples::made(card).checked->findings) == check::Severity::note);
        card.inscriptions[1].style.size = 1.9; // worse than what was accepted
        QCOMPARE(check::worstOf(samples::made(card).checked->findings), check::Severity::stop);
    }

    void aHoleThatMissesTheBlankIsTold() {
        card::Card card = samples::plate("TIDE");
        card.blank.holes = {{8, 22.5, 4}};
        QVERIFY(!samples::finding(samples::made(card), FindingKind::holeOutside));
        card.blank.holes = {{8, 22.5, 4}, {1, 22.5, 4}, {300, 5, 4}};
        const auto made = samples::made(card);
        const auto* told = samples::finding(made, FindingKind::holeOutside);
        QVERIFY(told);
        QCOMPARE(told->places.size(), size_t{2});
        QVERIFY(body::faultsOf(made.solid->mesh).openEdges == 0);
    }

    void mendedOutlinesAreNotedOnce() {
        card::Card card = samples::plate("ababab");
        card.inscriptions[0].typeface = {"Ecolier_court", "", {}, 0};
        const auto made = samples::made(card);
        const auto* mended = samples::finding(made, FindingKind::outlineMended);
        QVERIFY(mended && mended->severity == Severity::note && mended->count <= 2);
    }

    void looseLettersAreTheStopOfAFreeStandingWord() {
        const auto made = samples::made(samples::freeStanding("TI"));
        const auto* loose = samples::finding(made, FindingKind::letterLoose);
        QVERIFY(loose && loose->severity == Severity::stop);
        QCOMPARE(loose->count, 2);
        QVERIFY(!loose->places[0].shape.empty());
        QVERIFY(!samples::finding(samples::made(samples::plate("TI")), FindingKind::letterLoose));
    }

    void aReadingSideThatTheWorkingDeniesIsTold() {
        card::Card card = samples::plate("TIDE");
        card.inscriptions[0].placing.reading = setting::ReadingSide::impression;
        QVERIFY(!samples::finding(samples::made(card), FindingKind::readingSide));
        card.inscriptions[0].working.kind = working::Kind::pierced;
        const auto pierced = samples::made(card);
        QCOMPARE(samples::finding(pierced, FindingKind::readingSide)->severity, Severity::watch);
        card.inscriptions[0].placing.reading = setting::ReadingSide::throughBack;
        QVERIFY(!samples::finding(samples::made(card), FindingKind::readingSide));
        card.inscriptions[0].working.kind = working::Kind::sunk;
        const auto sunk = samples::made(card);
        QCOMPARE(samples::finding(sunk, FindingKind::readingSide)->severity, Severity::note);
        QVERIFY(sunk.solid && !sunk.solid->problem && body::faultsOf(sunk.solid->mesh).openEdges == 0);
    }

    void whatTheWeightChangeTakesAwayIsTold() {
        card::Card card = samples::plate("IO");
        card.inscriptions[0].style.size = 10;
        const auto plain = samples::made(card);
        QVERIFY(!samples::finding(plain, FindingKind::strokeLost));
        const double stroke = check::narrowest(*plain.checked->measures, check::ReadingKind::stroke)->width;
        card.inscriptions[0].style.weight = -1.2 * stroke;
        const auto made = samples::made(card);
        const auto* lost = samples::finding(made, FindingKind::strokeLost);
        QVERIFY(lost && lost->severity == Severity::stop && lost->measured < lost->limit);
        QCOMPARE(lost->count, 2);
        QVERIFY(!samples::finding(made, FindingKind::characterBlank));
        card.inscriptions[0].style.size = 12;
        card.inscriptions[0].style.weight = 3;
        const auto heavy = samples::made(card);
        const auto* filled = samples::finding(heavy, FindingKind::counterLost);
        QVERIFY(filled && filled->count == 1 && filled->places[0].text == "O");
    }

    void thinStrokesAreFoundAtTheirMeasure() {
        card::Card card = samples::plate("I");
        card.inscriptions[0].style.size = 10;
        const double stroke =
            check::narrowest(*samples::made(card).checked->measures, check::ReadingKind::stroke)->width;
        QVERIFY(!samples::finding(samples::made(card), FindingKind::strokeNarrow));
        card.process.kind.as<process::Filament>().nozzle = stroke / 1.05 / 1.5; // between one and two lines
        const auto watched = samples::made(card);
        QCOMPARE(samples::finding(watched, FindingKind::strokeNarrow)->severity, Severity::watch);
        card.process.kind.as<process::Filament>().nozzle = stroke;
        const auto stopped = samples::made(card);
        const auto* stop = samples::finding(stopped, FindingKind::strokeNarrow);
        QCOMPARE(stop->severity, Severity::stop);
        COMPARE_NEAR(stop->measured, stroke, 1e-9);
        COMPARE_NEAR(stop->limit, stroke * 1.05, 1e-6);
    }

    void gapsBetweenLettersAreExact() {
        card::Card card = samples::plate("II");
        const double gap =
            check::narrowest(*samples::made(card).checked->measures, check::ReadingKind::gap)->width;
        card.inscriptions[0].style.letterSpace = 0.15 - gap;
        const auto made = samples::made(card);
        const auto* finding = samples::finding(made, FindingKind::gapNarrow);
        QVERIFY(finding);
        QCOMPARE(finding->severity, Severity::stop);
        COMPARE_NEAR(finding->measured, 0.15, 0.0003);
    }

    void twoInscriptionsAreMeasuredAgainstEachOther() {
        card::Card card = samples::plate("I");
        card.inscriptions.push_back(card.inscriptions[0]);
        const auto alone = samples::made(samples::plate("I"));
        const auto& letters = alone.lettering->inscriptions[0];
        const double width = plane::toMillimetres(letters.setting->ink.high.x - letters.setting->ink.low.x);
        card.inscriptions[1].placing.x += width + 0.1;
        const auto made = samples::made(card);
        const auto* finding = samples::finding(made, FindingKind::gapNarrow);
        QVERIFY(finding);
        COMPARE_NEAR(finding->measured, 0.1, 0.0003);
    }

    void lettersAreMeasuredWhereTheyAreWidestAndNarrowest() {
        card::Card card = samples::plate("II");
        working::Working& working = card.inscriptions[0].working;
        const double gap =
            check::narrowest(*samples::made(card).checked->measures, check::ReadingKind::gap)->width;
        const auto told = [&](FindingKind kind) {
            const auto made = samples::made(card);
            const auto* const found = samples::finding(made, kind);
            return found ? found->measured : -1;
        };
        QCOMPARE(told(FindingKind::gapNarrow), -1.0);
        working.foot = gap; // feet that meet only fill the valley
        QCOMPARE(told(FindingKind::gapNarrow), -1.0);
        working.foot = 0;
        const double lean = std::atan((gap / 2 - 0.05) / working.height) * 180 / M_PI;
        working.edge = {working::EdgeKind::draft, 1, 45, -lean}; // their tops do
        COMPARE_NEAR(told(FindingKind::gapNarrow), 0.1, 1e-6);
        working.edge.leaning = -lean - 5; // and grow into each other
        COMPARE_NEAR(told(FindingKind::gapNarrow), 0, 1e-9);
        const double stroke =
            check::narrowest(*samples::made(card).checked->measures, check::ReadingKind::stroke)->width;
        working.edge.leaning = std::atan((stroke / 2 - 0.1) / working.height) * 180 / M_PI;
        COMPARE_NEAR(told(FindingKind::strokeNarrow), 0.2, 1e-6); // at the top
        working.kind = Kind::sunk;
        working.edge = {working::EdgeKind::chamfer, gap / 2 - 0.1, 45, 5};
        working.depth = 2.5;
        COMPARE_NEAR(told(FindingKind::gapNarrow), 0.2, 1e-6); // land between the mouths
    }

    void carvedStrokesAreAsDeepAsTheyAreWide() {
        card::Card card = samples::plate("I", Kind::carved);
        working::Working& working = card.inscriptions[0].working;
        working.angle = 60;
        working.depth = 20;
        const double stroke =
            check::narrowest(*samples::made(card).checked->measures, check::ReadingKind::stroke)->width;
        const double deepest = stroke / 2 / std::tan(M_PI / 6);
        card.blank.thickness = deepest + 0.3;
        auto made = samples::made(card);
        const auto* const floor = samples::finding(made, FindingKind::floorThin);
        QVERIFY(floor);
        COMPARE_NEAR(floor->measured, 0.3, 0.01);
        QVERIFY(!samples::finding(made, FindingKind::strokeFlat));
        working.depth = deepest / 2;
        made = samples::made(card);
        QVERIFY(!samples::finding(made, FindingKind::floorThin));
        const auto* const flat = samples::finding(made, FindingKind::strokeFlat);
        QVERIFY(flat && flat->severity == Severity::note);
        COMPARE_NEAR(flat->limit, stroke / 2, 0.01);
    }

    void inlaysAreHeldByTheirFloorAndAreBodiesOfTheirOwn() {
        for (const double clearance : {0.0, 0.15}) {
            card::Card card = samples::plate("BOAK", Kind::inlaid);
            card.inscriptions[0].working.depth = 1;
            card.inscriptions[0].working.clearance = clearance;
            const auto made = samples::made(card);
            for (const FindingKind kind :
                 {FindingKind::letterLoose, FindingKind::counterLoose, FindingKind::pieceLoose})
                QVERIFY(!samples::finding(made, kind));
            const auto parts = made.solid->parts();
            const body::Mesh blank = body::meshOf(parts, body::Selection::blank);
            const body::Mesh letters = body::meshOf(parts, body::Selection::letters);
            QVERIFY(body::faultsOf(blank).none() && body::faultsOf(letters).none());
            // They add up to the whole, and the inlay is as large as its letters.
            COMPARE_NEAR(body::volumeOf(blank) + body::volumeOf(letters), body::volumeOf(made.solid->mesh),
                         1e-6);
            double area = 0;
            for (const plane::Region& letter : made.lettering->inscriptions[0].onSide)
                area += plane::areaOf(letter) / (plane::unitsPerMillimetre * plane::unitsPerMillimetre);
            COMPARE_NEAR(body::volumeOf(letters), area, 1e-6);
        }
    }

    void depthsAndHeightsAreHeldToTheirLimits() {
        card::Card card = samples::plate("H", Kind::sunk);
        card.blank.thickness = 2;
        card.inscriptions[0].working.depth = 1.7;
        auto made = samples::made(card);
        const auto* floor = samples::finding(made, FindingKind::floorThin);
        QVERIFY(floor && floor->severity == Severity::stop);
        COMPARE_NEAR(floor->measured, 0.3, 1e-9);
        card.inscriptions[0].working.depth = 1.4;
        made = samples::made(card);
        QCOMPARE(samples::finding(made, FindingKind::floorThin)->severity, Severity::watch);

        card::Card tall = samples::plate("H");
        tall.inscriptions[0].working.height = 40;
        tall.inscriptions[0].working.bedding = 0.1;
        made = samples::made(tall);
        QVERIFY(samples::finding(made, FindingKind::heightTall));
        QVERIFY(samples::finding(made, FindingKind::beddingThin));
        tall.inscriptions[0].working.height = 0.3;
        made = samples::made(tall);
        QVERIFY(samples::finding(made, FindingKind::heightLow));
    }

    void wordsBeyondTheBlankAreNamed() {
        card::Card card = samples::plate("HARBOUR MASTER");
        auto made = samples::made(card);
        const auto* outside = samples::finding(made, FindingKind::outsideBlank);
        QVERIFY(outside && outside->count >= 2);
        card.inscriptions[0].words = "H";
        card.blank.holes = {{60, 22.5, 3}};
        made = samples::made(card);
        QVERIFY(samples::finding(made, FindingKind::outsideBlank)); // a hole is beyond the blank, too
        card.blank.holes.clear();
        card.inscriptions[0].placing.y = 45 - 5 - 1;
        made = samples::made(card);
        const auto* margin = samples::finding(made, FindingKind::insideMargin);
        QVERIFY(margin);
        COMPARE_NEAR(margin->measured, 1, 0.001);
    }

    void aCutThatPartsThePlateIsTold() {
        card::Card card = samples::plate("I", Kind::pierced);
        card.inscriptions[0].style.size = 60;
        const auto made = samples::made(card);
        QVERIFY(samples::finding(made, FindingKind::pieceLoose));
    }

    void missingTypefacesAndBlanksAreFindingsNotFailures() {
        card::Card card = samples::plate("H");
        card.inscriptions[0].typeface = {"Nowhere Sans", "Regular", {}, 0};
        auto made = samples::made(card);
        QVERIFY(samples::finding(made, FindingKind::typefaceProblem));
        QVERIFY(!made.solid->mesh.empty()); // the plate is made all the same
        card::Card thin = samples::plate("H");
        thin.blank.thickness = 0;
        made = samples::made(thin);
        QVERIFY(samples::finding(made, FindingKind::blankTooThin));
    }

    void hiddenInscriptionsAreLeftOut() {
        card::Card card = samples::plate("H");
        card.inscriptions[0].hidden = true;
        const auto made = samples::made(card);
        QCOMPARE(made.lettering->inscriptions.size(), size_t(0));
        COMPARE_NEAR(body::volumeOf(made.solid->mesh), 120 * 45 * 4, 1e-6);
    }
};
QTEST_GUILESS_MAIN(CheckTest)
#include "check_test.moc"
