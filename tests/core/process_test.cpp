// Processes: their limits, their place in the card, and what they find.
#include "../sample_cards.hpp"
#include "process/process.hpp"
#include "quantity/field.hpp"
#include <set>

using namespace bollard;
using check::FindingKind, process::Process, working::Kind;

namespace {

template<class Each> void eachProcess(Each each) {
    decltype(Process::kind)::eachKind([&]<class One>(std::type_identity<One>) {
        Process process;
        process.kind = One{};
        each(process);
    });
}

double limit(const Process& process, Kind kind, double thickness, const char* name) {
    return process::limitOf(process::rulesOf(process, {kind, thickness, false}), name).value_or(0);
}

card::Card with(card::Card card, const Process& process) {
    card.process = process;
    return card;
}

Process of(const decltype(Process::kind)& kind, bool worn = false) {
    Process process;
    process.kind = kind;
    process.worn = worn;
    return process;
}

} // namespace

class ProcessTest : public QObject {
    Q_OBJECT
  private slots:
    void limitsAreThoseOfTheTrade_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<int>("working");
        QTest::addColumn<QString>("limit");
        QTest::addColumn<double>("expected");
        const auto row = [](const char* name, Kind kind, const char* limit, double expected) {
            QTest::addRow("%s %s %s", name, working::nameOf(kind).data(), limit)
                << QString(name) << int(kind) << QString(limit) << expected;
        };
        // Plate of 4 mm; nozzle 0.4, layer 0.2, tip 0.2, cutter 2, torch 1.5, laser 0.15.
        row("filament", Kind::raised, "strokeStop", 0.42);
        row("filament", Kind::raised, "gapWatch", 0.4);
        row("filament", Kind::sunk, "floorWatch", 0.8);
        row("filament", Kind::raised, "heightPerStroke", 4);
        row("resin", Kind::raised, "strokeStop", 0.25);
        row("resin", Kind::sunk, "gapWatch", 0.45);
        row("resin", Kind::raised, "heightPerStroke", 3);
        row("casting", Kind::raised, "strokeStop", 0.35);
        row("casting", Kind::raised, "gapWatch", 0.5);
        row("v-carving", Kind::sunk, "strokeStop", 0.2);
        row("v-carving", Kind::sunk, "gapWatch", 0.3);
        row("v-carving", Kind::sunk, "floorStop", 0.001);
        row("line-engraving", Kind::scribed, "gapWatch", 0.2);
        row("line-engraving", Kind::scribed, "floorStop", 0.001);
        row("milling", Kind::sunk, "strokeStop", 2);
        row("milling", Kind::sunk, "strokeWatch", 2.3);
        row("milling", Kind::sunk, "gapWatch", 1);
        row("torch", Kind::pierced, "gapStop", 3.2);
        row("torch", Kind::pierced, "gapWatch", 6.4);
        row("torch", Kind::pierced, "neckStop", 3.2);
        row("torch", Kind::pierced, "strokeStop", 4);
        row("torch", Kind::pierced, "strokeWatch", 6);
        row("torch", Kind::freeStanding, "strokeStop", 3.2);
        row("torch", Kind::pierced, "thicknessStop", 25);
        row("torch", Kind::pierced, "thicknessWatch", 0.5);
        row("milling", Kind::sunk, "insideCorner", 1);
        row("laser", Kind::pierced, "gapStop", 2);
        row("laser", Kind::pierced, "gapWatch", 4);
        row("laser", Kind::pierced, "strokeStop", 0.15);
        row("laser", Kind::pierced, "strokeWatch", 0.3);
    }
    void limitsAreThoseOfTheTrade() {
        QFETCH(QString, name);
        QFETCH(int, working);
        QFETCH(QString, limit);
        QFETCH(double, expected);
        Process process;
        QVERIFY(process.kind.choose(name.toStdString()));
        COMPARE_NEAR(::limit(process, static_cast<Kind>(working), 4, limit.toUtf8().constData()), expected,
                     1e-12);
    }

    void everyProcessComesBackFromItsCard() {
        eachProcess([](Process process) {
            process.worn = true;
            process.name = "shed";
            process.own = {{"raised.strokeStop", 0.6}, {"pierced.neckWatch", 2}};
            const auto& kinds =
                std::get<quantity::held::Kinds>(quantity::fieldsOf<Process>().find("kind")->holds);
            const auto& chosen = kinds.kinds[process.kind.index()];
            quantity::eachNumber(
                chosen.at(&process), chosen.fields(),
                [](double& number, const quantity::Field& field) {
                    number = std::min(number + 1, field.range.most);
                },
                [](int&, const quantity::Field&) {});
            const card::Card card = with(samples::plate("B"), process);
            const auto back = card::cardFromJson(card::jsonOf(card));
            QVERIFY2(back, back ? "" : back.problem().subject.c_str());
            QVERIFY(back->process == process);
            const auto alone = card::processFromJson(card::jsonOf(process));
            QVERIFY(alone && *alone == process);
        });
    }

    void onlyTheChosenKindIsWritten() {
        card::Card card = with(samples::plate("B"), of(process::Torch{2}));
        const std::string text = card::jsonOf(card);
        QVERIFY(text.find("kerf") != std::string::npos && text.find("nozzle") == std::string::npos);
        QVERIFY(text.find("worn") == std::string::npos && text.find("limits") == std::string::npos);
    }

    void anotherKindTakesWhatIsNamedAlike() {
        const auto& kinds =
            std::get<quantity::held::Kinds>(quantity::fieldsOf<Process>().find("kind")->holds);
        const auto choose = [&](Process& process, const char* name) {
            quantity::chooseKind(kinds, &process,
                                 size_t(std::ranges::find(kinds.kinds, std::string_view(name),
                                                          &quantity::held::Kinds::Kind::name) -
                                        kinds.kinds.begin()));
        };
        Process process = of(process::Torch{2.5});
        choose(process, "laser");
        QVERIFY(process.kind.is<process::Laser>());
        QCOMPARE(process.kind.as<process::Laser>().kerf, 2.5);
        choose(process, "filament");
        process.kind.as<process::Filament>().nozzle = 0.8;
        choose(process, "casting");
        choose(process, "filament");
        QCOMPARE(process.kind.as<process::Filament>().nozzle, 0.8); // trying another loses nothing
    }

    void aKindThatIsNotThereIsRefusedWithThoseThatAre() {
        const auto read = card::cardFromJson(
            R"({"bollard": 1, "blank": {}, "inscriptions": [], "process": {"kind": "printing press"}})");
        QVERIFY(!read && read.problem().subject == "process.kind");
        for (const char* kind :
             {"filament", "resin", "casting", "v-carving", "line-engraving", "milling", "torch", "laser"})
            QVERIFY2(read.problem().detail.find(kind) != std::string::npos, kind);
    }

    void limitsByHandHaveAReasonOfTheirOwn() {
        card::Card card = with(samples::plate("B"), of(process::Resin{}));
        card.process.own["raised.strokeStop"] = 50;
        const auto made = samples::made(card);
        const auto* const found = samples::finding(made, FindingKind::strokeNarrow);
        QVERIFY(found && found->ownLimit && std::string(found->why).empty());
        QCOMPARE(found->limit, 50.0);
    }

    void wornThingsHaveLowLetters() {
        for (const bool worn : {false, true})
            for (const auto& kind :
                 {decltype(Process::kind)(process::Casting{}), decltype(Process::kind)(process::Resin{})}) {
                card::Card card = with(samples::plate("B"), of(kind, worn));
                card.inscriptions[0].working.height = 0.7;
                const auto made = samples::made(card);
                const auto* const found = samples::finding(made, FindingKind::heightWorn);
                QCOMPARE(found != nullptr, worn);
                QVERIFY(!found || (found->severity == check::Severity::watch && found->limit == 0.65));
            }
    }

    void aTipWiderThanTheStrokeCutsNothing() {
        card::Card card = with(samples::plate("I", Kind::sunk), of(process::VCarving{60, 0.2}));
        QVERIFY(!samples::finding(samples::made(card), FindingKind::strokeNarrow));
        card.process.kind.as<process::VCarving>().tip = 9;
        const auto made = samples::made(card);
        const auto* const found = samples::finding(made, FindingKind::strokeNarrow);
        QVERIFY(found && found->severity == check::Severity::stop && found->limit == 9);
    }

    void nothingIsCutRightThroughUnasked() {
        for (const auto& kind :
             {decltype(Process::kind)(process::VCarving{}), decltype(Process::kind)(process::LineEngraving{}),
              decltype(Process::kind)(process::Milling{0.1})}) {
            card::Card card = with(samples::plate("I", Kind::sunk), of(kind));
            card.inscriptions[0].working.depth = 3.9;
            QVERIFY(!samples::finding(samples::made(card), FindingKind::floorThin));
            card.inscriptions[0].working.depth = 4;
            const auto made = samples::made(card);
            const auto* const found = samples::finding(made, FindingKind::floorThin);
            QVERIFY(found && found->severity == check::Severity::stop);
        }
    }

    void aTorchAndALaserDifferByPlateAndKerf() {
        card::Card card = with(samples::plate("OAK", Kind::pierced), of(process::Torch{1.5}));
        const auto worst = [](const card::Card& made) {
            const auto all = samples::made(made);
            const auto* const found = samples::finding(all, FindingKind::gapNarrow);
            return found ? int(found->severity) : -1;
        };
        card.inscriptions[0].style.size = 20;
        QCOMPARE(worst(card), int(check::Severity::stop));
        card.blank.thickness = 1;
        card.process = of(process::Laser{0.1});
        QCOMPARE(worst(card), -1);
    }

    void aTorchHasARange() {
        const auto worst = [](double thickness, Kind kind) {
            card::Card card = with(samples::plate("I", kind), of(process::Torch{1.5, 2, 20}));
            card.blank.thickness = thickness;
            const auto made = samples::made(card);
            const auto* const beyond = samples::finding(made, FindingKind::thicknessBeyond);
            const auto* const below = samples::finding(made, FindingKind::thicknessBelow);
            return std::pair(beyond ? int(beyond->severity) : -1, below ? int(below->severity) : -1);
        };
        QCOMPARE(worst(20, Kind::pierced), std::pair(-1, -1));
        QCOMPARE(worst(20.1, Kind::pierced), std::pair(int(check::Severity::stop), -1));
        QCOMPARE(worst(1.9, Kind::pierced), std::pair(-1, int(check::Severity::watch)));
        QCOMPARE(worst(30, Kind::raised), std::pair(-1, -1)); // nothing is cut through
    }

    void aCutterLeavesItsRoundInCorners() {
        card::Card card = with(samples::plate("I", Kind::sunk), of(process::Milling{2}));
        card::Inscription& bar = card.inscriptions[0];
        bar.ornament.kind = setting::OrnamentKind::bar;
        bar.ornament.width = 20;
        bar.ornament.height = 10;
        bar.placing.turn = 30;
        const double corner = 1 - M_PI / 4; // of a cutter of radius 1, square mm
        const auto left = [&] {
            const auto made = samples::made(card);
            const auto* const found = samples::finding(made, FindingKind::cornerRounded);
            return found ? std::pair(found->measured, found->places.size()) : std::pair(0.0, size_t{0});
        };
        COMPARE_NEAR(left().first, 4 * corner, 0.02); // arcs are chords within 5 µm
        QCOMPARE(left().second, size_t{1});
        bar.ornament.corner = 1.1; // it fits
        QCOMPARE(left().second, size_t{0});
        bar.ornament.corner = 0;
        bar.working.kind = Kind::raised; // it goes round outside
        QCOMPARE(left().second, size_t{0});
        bar.ornament.kind = setting::OrnamentKind::none;
        bar.words = "LL";
        bar.style.size = 30;
        COMPARE_NEAR(left().first, 2 * corner, 0.02); // where foot and stem meet
        QCOMPARE(left().second, size_t{2});
        card.process = of(process::Laser{});
        QCOMPARE(left().second, size_t{0});
    }

    void patternsHaveNoSharpEdgesAndLeaningWalls() {
        card::Card card = with(samples::plate("I"), of(process::Casting{}));
        working::Edge& edge = card.inscriptions[0].working.edge;
        const auto told = [&](FindingKind kind) {
            const auto made = samples::made(card);
            const auto* const found = samples::finding(made, kind);
            return found ? found->measured : -1;
        };
        QCOMPARE(told(FindingKind::edgeSharp), 0.0);
        edge = {working::EdgeKind::round, 0.05, 45, 5};
        QCOMPARE(told(FindingKind::edgeSharp), 0.05);
        edge.size = 0.1;
        QCOMPARE(told(FindingKind::edgeSharp), -1.0);
        edge = {working::EdgeKind::draft, 0.05, 45, 1.5};
        QCOMPARE(told(FindingKind::draftLow), 1.5);
        edge.leaning = 2;
        QCOMPARE(told(FindingKind::draftLow), -1.0);
        QCOMPARE(told(FindingKind::edgeSharp), -1.0);
    }

    void bothLimitsOfOneMatterHaveIdsOfTheirOwn() {
        eachProcess([](const Process& process) {
            card::Card card = with(samples::plate("BOAK &", Kind::pierced), process);
            card.inscriptions[0].style.size = 6;
            std::set<std::string> ids;
            const auto made = samples::made(card);
            for (const check::Finding& finding : made.checked->findings)
                QVERIFY2(ids.insert(finding.id).second, finding.id.c_str());
        });
    }
};
QTEST_GUILESS_MAIN(ProcessTest)
#include "process_test.moc"
