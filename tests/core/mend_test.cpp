// What clears a finding, is tried before it is offered, and changes nothing else.
#include "../cut_cards.hpp"
#include "card/card_json.hpp"
#include "card/json_text.hpp"
#include "mend/mend.hpp"
#include <nlohmann/json.hpp>

using namespace bollard;
using check::FindingKind;

namespace {

const std::string nowhere;

struct Tried {
    card::Made made;
    std::vector<std::pair<check::Finding, std::vector<mend::Offer>>> offers;
};
Tried tried(const card::Card& card) {
    Tried all;
    card::Pipeline pipeline(samples::catalogue()), trial(samples::catalogue());
    all.made = pipeline.run(std::make_shared<const card::Card>(card), {});
    for (const check::Finding& finding : all.made.checked->findings)
        all.offers.emplace_back(
            finding, mend::offersFor({card, all.made, nowhere}, finding, trial, samples::catalogue().get()));
    return all;
}
card::Card narrow(const std::string& words, double size, double letterSpace = 0) {
    card::Card card = samples::plate(words);
    card.inscriptions[0].style.size = size;
    card.inscriptions[0].style.letterSpace = letterSpace;
    card.inscriptions[0].placing.anchor = setting::Anchor::centre;
    return card;
}
const mend::Offer* offerNamed(const Tried& all, FindingKind kind, std::string_view name) {
    for (const auto& [finding, offers] : all.offers)
        for (const mend::Offer& offer : offers)
            if (finding.kind == kind && offer.mend->name == name)
                return &offer;
    return nullptr;
}

} // namespace

class MendTest : public QObject {
    Q_OBJECT
  private slots:
    void everyOfferClearsItsFindingAndStopsNothing() {
        int offered = 0;
        for (const double size : {2.0, 3.5, 6.0})
            for (const double space : {-0.4, 0.0}) {
                const Tried all = tried(narrow("Gannet quay & Co", size, space));
                for (const auto& [finding, offers] : all.offers)
                    for (const mend::Offer& offer : offers) {
                        ++offered;
                        const auto again = samples::made(offer.card);
                        for (const check::Finding& left : again.checked->findings) {
                            QVERIFY(left.id != finding.id);
                            const bool newStop =
                                left.severity == check::Severity::stop &&
                                std::ranges::none_of(all.made.checked->findings,
                                                     [&](const auto& f) { return f.id == left.id; });
                            QVERIFY2(!newStop, left.id.c_str());
                        }
                        QVERIFY(std::ranges::count(offer.clears, finding.id) == 1);
                        QVERIFY(offer.from.has_value() == offer.to.has_value());
                        QVERIFY(!offer.from || *offer.from != *offer.to);
                    }
            }
        QVERIFY2(offered >= 8, qPrintable(QString::number(offered)));
    }

    void aPrintThatLiesBadlyIsLaidOtherwise() {
        card::Card card = narrow("BOLT", 12);
        card.inscriptions[0].working.height = 0.75; // no whole layers
        card.lying.on = "front";
        auto& filament = card.process.kind.as<process::Filament>();
        filament.bedWidth = 60;
        filament.bedDepth = 130;
        const Tried all = tried(card);
        const mend::Offer* const on = offerNamed(all, FindingKind::overhangSteep, "lieOtherwise");
        QVERIFY(on && on->card.lying.on == "back");
        const mend::Offer* const turned = offerNamed(all, FindingKind::beyondBed, "turnOnBed");
        QVERIFY(turned && turned->card.lying.turn == 90);
        const mend::Offer* const whole = offerNamed(all, FindingKind::layersUneven, "wholeLayers");
        QVERIFY(whole);
        QCOMPARE(whole->card.inscriptions[0].working.height, 0.8);
    }

    void whatIsWrongOnRoundSidesIsMended() {
        card::Card card = samples::plate("MOORING RING OF THE QUAY");
        card.blank.kind = blank::Kind::ring;
        card.blank.bore = 20;
        card.blank.thickness = 2;
        card.blank.width = 10;
        card.blank.margin = 0.5;
        card::Inscription& words = card.inscriptions[0];
        words.typeface = {"League Spartan", "Bold", {}, 0};
        words.placing.anchor = setting::Anchor::centre;
        words.placing.x = 37;
        words.placing.y = 5;
        words.style.size = 5.5;
        words.working.bedding = 0.6;
        const Tried long_ = tried(card);
        const mend::Offer* const once = offerNamed(long_, FindingKind::turnExceeded, "onceRound");
        QVERIFY(once && once->card.inscriptions[0].style.size < 5.5 &&
                once->card.inscriptions[0].style.size > 2);
        // Over the rim
        words.words = "QUAY";
        words.placing.y = 8.5;
        const Tried over = tried(card);
        const mend::Offer* const off = offerNamed(over, FindingKind::outsideBlank, "offTheRim");
        QVERIFY(off && off->card.inscriptions[0].placing.y < 8.5);
        QCOMPARE(off->card.inscriptions[0].style.size, 5.5);
        // Across facets
        card.blank.kind = blank::Kind::faceted;
        card.blank.facets = 8;
        card.blank.across = 26;
        card.blank.length = 10;
        words.placing.y = 5;
        const Tried facets = tried(card);
        const mend::Offer* const given = offerNamed(facets, FindingKind::facetCrossed, "oneByOne");
        QVERIFY(given && given->card.inscriptions[0].giveOut.by == setting::GiveOut::By::letter);
        // Through the middle of a bar
        card.blank.kind = blank::Kind::bar;
        card.blank.diameter = 12;
        card.blank.length = 30;
        words.style.size = 5;
        words.working.kind = working::Kind::sunk;
        words.working.depth = 7;
        const Tried deep = tried(card);
        const mend::Offer* const less = offerNamed(deep, FindingKind::solidFailed, "shallower");
        QVERIFY(less && less->card.inscriptions[0].working.depth < 6);
        words.working.kind = working::Kind::inlaid; // goes in as well
        const Tried inlaid = tried(card);
        const mend::Offer* const flush = offerNamed(inlaid, FindingKind::solidFailed, "shallower");
        QVERIFY(flush && flush->card.inscriptions[0].working.depth < 6);
    }

    void whatIsWrongWithTheCuttingIsMended() {
        using cut::OperationKind, cut::ToolKind, samples::cutCard;
        const auto offered = [](const card::Card& card, FindingKind kind, std::string_view name) {
            const Tried all = tried(card);
            const mend::Offer* const offer = offerNamed(all, kind, name);
            return offer ? std::optional(offer->card) : std::nullopt;
        };
        card::Card card = cutCard("HELM", working::Kind::carved, OperationKind::carve);
        card.operations[0].tool = samples::taper(60, 3);
        const auto narrower = offered(card, FindingKind::strokeNarrow, "anotherTool");
        QVERIFY(narrower && narrower->operations[0].tool.tip < 3);
        QCOMPARE(narrower->operations[0].tool.kind, ToolKind::vBit);
        card.operations[0].tool = samples::taper(60, 0.2);
        card.operations[0].depthCap = 2;
        const auto designed = offered(card, FindingKind::depthTwice, "depthOfWorking");
        QVERIFY(designed && designed->operations[0].depthCap == 0);
        card = cutCard("HELM", working::Kind::sunk, OperationKind::pocket);
        card.inscriptions[0].style.size = 30;
        card.operations[0].tool = samples::tool(ToolKind::flat, 1);
        card.operations[0].tool.flute = 0.8;
        const auto longer = offered(card, FindingKind::deeperThanFlutes, "anotherTool");
        QVERIFY(longer && longer->operations[0].tool.flute > 1.2);
        const auto flatter = offered(card, FindingKind::deeperThanFlutes, "lessDeep");
        QVERIFY(flatter && flatter->operations[0].depth <= 0.8 && flatter->operations[0].depth > 0.7);
        card = cutCard("HELM", working::Kind::pierced, OperationKind::cutOut);
        card.operations[0].of.clear();
        card.operations[0].tool = samples::tool(ToolKind::flat, 1);
        card.stock.margin = 0.5;
        card.stock.thickness = 9;
        const auto wider = offered(card, FindingKind::marginNarrow, "stockMargin");
        QVERIFY(wider && wider->stock.margin >= 1);
        const auto thin = offered(card, FindingKind::stockThicker, "stockAsBlank");
        QVERIFY(thin && thin->stock.thickness == 0);
        card.operations.push_back(card.operations[0]);
        card.operations[1].kind = OperationKind::drill;
        card.blank.holes = {{}};
        card.blank.holes[0].x = card.blank.holes[0].y = 8;
        const auto last = offered(card, FindingKind::looseBefore, "cutOutLast");
        QVERIFY(last && last->operations[1].kind == OperationKind::cutOut);
        card.machine.dialect = "nobody's";
        const auto plain = offered(card, FindingKind::dialectUnknown, "plainDialect");
        QVERIFY(plain && cut::shippedShop().dialect(plain->machine.dialect));
        card.operations[1].speed = 90000;
        const auto slower = offered(card, FindingKind::speedBeyond, "spindleSpeed");
        QVERIFY(slower && slower->operations[1].speed == slower->machine.speedMost);
    }

    void aBarInTheChuckIsHeldAtItsOtherEnd() {
        card::Card card = samples::cutCard("TERN", working::Kind::scribed, cut::OperationKind::scribe);
        card.blank.kind = blank::Kind::bar;
        card.blank.diameter = 30;
        card.blank.length = 60;
        card.stock = {};
        card.stock.diameter = 30;
        card.stock.length = 70;
        card.stock.chuck = {cut::ChuckEnd::start, 30};
        card.machine.axis.letter = cut::AxisLetter::a;
        card.inscriptions[0].style.size = 6;
        card.inscriptions[0].placing = {};
        card.inscriptions[0].placing.x = 47;
        card.inscriptions[0].placing.y = 17;
        const Tried all = tried(card);
        const mend::Offer* const held = offerNamed(all, FindingKind::inChuck, "holdOtherEnd");
        QVERIFY(held && held->card.stock.chuck.end == cut::ChuckEnd::end);
    }

    void aLargerSizeIsNoLargerThanItMustBe() {
        const Tried all = tried(narrow("HULL", 1.5));
        const mend::Offer* offer = offerNamed(all, FindingKind::strokeNarrow, "largerSize");
        QVERIFY(offer);
        card::Card smaller = offer->card;
        smaller.inscriptions[0].style.size -= 0.2;
        const std::string id = offer->clears.front();
        const auto made = samples::made(smaller);
        QVERIFY(std::ranges::any_of(made.checked->findings, [&](const auto& f) {
            return std::ranges::count(offer->clears, f.id) > 0;
        }));
    }

    void letterSpaceIsOfferedForNarrowGaps() {
        const Tried all = tried(narrow("MILL", 8, -1.2));
        const mend::Offer* offer = offerNamed(all, FindingKind::gapNarrow, "letterSpace");
        QVERIFY(offer);
        QVERIFY(offer->to > offer->from);
    }

    void whatWouldLeaveTheBlankIsNotOffered() {
        card::Card card = narrow("BELL ROCK QUAY", 2);
        const double width = setting::measureOf(*samples::made(card).lettering->inscriptions[0].setting,
                                                setting::SizeBy::width);
        card.blank.width = width + 0.1;
        card.blank.margin = 0;
        card.inscriptions[0].placing.x = card.blank.width / 2;
        const Tried all = tried(card);
        QVERIFY(std::ranges::any_of(all.offers,
                                    [](const auto& o) { return o.first.kind == FindingKind::strokeNarrow; }));
        QVERIFY(!offerNamed(all, FindingKind::strokeNarrow, "largerSize"));
    }

    void anAcceptedFindingIsLeftAlone() {
        card::Card card = narrow("HULL", 1.5);
        const auto findings = samples::made(card).checked->findings;
        for (const check::Finding& finding : findings)
            card.accepted.push_back({finding.id, "as agreed", finding.measured});
        for (const auto& [finding, offers] : tried(card).offers)
            QVERIFY(offers.empty());
    }

    void aPatchTurnsTheFileIntoTheMendedCard() {
        using Json = nlohmann::json;
        const Tried all = tried(narrow("HULL", 1.5));
        const mend::Offer* offer = offerNamed(all, FindingKind::strokeNarrow, "largerSize");
        QVERIFY(offer);
        Json file = Json::parse(card::jsonOf(*all.made.card));
        file["ours"] = {{"keep", 7}}; // unknown to Bollard
        auto withOurs = card::cardFromJson(file.dump());
        QVERIFY(withOurs);
        card::Card mended = *withOurs;
        mended.inscriptions[0].style.size = *offer->to;
        const Json patch = Json::parse(mend::patchOf(file.dump(), mended));
        for (const Json& step : patch)
            QVERIFY(step["op"] == "add" || step["op"] == "remove" || step["op"] == "replace");
        const Json patched = file.patch(patch);
        QCOMPARE(patched["ours"]["keep"].get<int>(), 7);
        const auto again = card::cardFromJson(patched.dump());
        QVERIFY(again);
        QCOMPARE(again->inscriptions[0].style.size, *offer->to);
        QCOMPARE(size_t(patch.size()), size_t(1)); // and nothing else is touched
    }

    void eachMatterIsOfferedWhatItIsNamedFor_data() {
        QTest::addColumn<card::Card>("card");
        QTest::addColumn<FindingKind>("kind");
        QTest::addColumn<QString>("mend");
        const auto row = [](const char* name, FindingKind kind, const char* mend, auto change) {
            card::Card card = narrow("BOLLARD", 10);
            change(card, card.inscriptions[0]);
            QTest::newRow(name) << card << kind << QString(mend);
        };
        using card::Card, card::Inscription;
        using working::Kind;
        row("ties", FindingKind::counterLoose, "ties", [](Card& c, Inscription& i) {
            i.working.kind = Kind::pierced;
            c.process.kind = process::Laser{};
            c.blank.thickness = 1;
            i.style.size = 20;
        });
        row("floor", FindingKind::counterLoose, "floor", [](Card&, Inscription& i) {
            i.working.kind = Kind::pierced;
            i.style.size = 20;
        });
        row("shallower", FindingKind::floorThin, "depth", [](Card& c, Inscription& i) {
            i.working.kind = Kind::sunk;
            i.working.depth = c.blank.thickness - 0.1;
        });
        row("thicker", FindingKind::floorThin, "thickerBlank", [](Card& c, Inscription& i) {
            i.working.kind = Kind::sunk;
            i.working.depth = c.blank.thickness - 0.1;
        });
        row("height", FindingKind::heightLow, "height",
            [](Card&, Inscription& i) { i.working.height = 0.1; });
        row("bedding", FindingKind::beddingThin, "bedding",
            [](Card&, Inscription& i) { i.working.bedding = 0; });
        row("inwards", FindingKind::outsideBlank, "inwards",
            [](Card&, Inscription& i) { i.placing.x = 110; });
        row("near the edge", FindingKind::insideMargin, "inwards",
            [](Card& c, Inscription& i) { i.placing.y = c.blank.height - 7; });
        row("land at the edge", FindingKind::gapNarrow, "inwards", [](Card& c, Inscription& i) {
            i.working.kind = Kind::pierced;
            i.words = "HIT";
            i.style.letterSpace = 2;
            i.placing.y = c.blank.height - 5.2;
        });
        row("smaller", FindingKind::outsideBlank, "smallerWords",
            [](Card&, Inscription& i) { i.style.size = 40; });
        row("larger blank", FindingKind::outsideBlank, "largerBlank",
            [](Card&, Inscription& i) { i.style.size = 30; });
        row("another side", FindingKind::sideMissing, "firstSide",
            [](Card&, Inscription& i) { i.side = "outside"; });
        row("reading", FindingKind::readingSide, "readOnPart",
            [](Card&, Inscription& i) { i.placing.reading = setting::ReadingSide::throughBack; });
        row("weight", FindingKind::strokeNarrow, "heavierStrokes", [](Card&, Inscription& i) {
            i.typeface = {"GFS Didot", "Regular", {}, 0};
            i.words = "HULL";
            i.style.size = 6;
            i.style.letterSpace = 1;
        });
        row("lighter", FindingKind::counterLost, "lighterStrokes",
            [](Card&, Inscription& i) { i.style.weight = 2; });
        row("pair", FindingKind::gapNarrow, "pairSpace", [](Card&, Inscription& i) {
            i.words = "HIHI";
            i.style.letterSpace = 1;
            i.nudges = {{1, 0, 0, 0, 100, -2.6, 0}};
        });
        row("deeper", FindingKind::strokeFlat, "depth", [](Card& c, Inscription& i) {
            i.working.kind = Kind::carved;
            i.working.depth = 0.5;
            c.process.kind = process::VCarving{};
        });
        row("edges", FindingKind::edgeSharp, "brokenEdge",
            [](Card& c, Inscription&) { c.process.kind = process::Casting{}; });
        const auto onCleat = [](Card& c, Inscription& i, std::vector<blank::PartSide> sides) {
            c.blank.kind = blank::Kind::file;
            c.blank.part.file = samples::source("samples/horn-cleat.stl");
            c.blank.part.sides = std::move(sides);
            i.side = "base";
        };
        row("sides anew", FindingKind::partProblem, "sidesAnew", [&](Card& c, Inscription& i) {
            onCleat(c, i, {{"base", {30, 10, 6}, 0, {}}});
            c.blank.part.digest = std::string(40, 'a');
            i.style.size = 5;
        });
        row("a side too small", FindingKind::sideUnfound, "withoutSide", [&](Card& c, Inscription& i) {
            onCleat(c, i, {{"base", {3, 1, 0.6}, 0, {}}, {"corner", {4.7, 1.4, 0.3}, 0, {}}});
            c.blank.part.scale = 0.1;
            i.style.size = 0.5;
        });
        row("closing up", FindingKind::letterLoose, "closingUp", [](Card& c, Inscription& i) {
            c.blank.kind = blank::Kind::none;
            i.working.kind = Kind::freeStanding;
            i.style.size = 20;
        });
    }
    void eachMatterIsOfferedWhatItIsNamedFor() {
        QFETCH(card::Card, card);
        QFETCH(FindingKind, kind);
        QFETCH(QString, mend);
        const Tried all = tried(card);
        bool found = false;
        QStringList names;
        for (const auto& [finding, offers] : all.offers) {
            found = found || finding.kind == kind;
            for (const mend::Offer& offer : offers)
                names << QString::fromStdString(finding.id + " " + std::string(offer.mend->name));
        }
        QVERIFY2(found, "the card has the finding");
        const mend::Offer* const offer = offerNamed(all, kind, mend.toStdString());
        QVERIFY2(offer, qPrintable(names.join(", ")));
        QVERIFY(!offer->clears.empty());
    }

    void theCardIsMendedUntilNothingStops() {
        card::Card card = narrow("BOARD", 24);
        card.inscriptions[0].working.kind = working::Kind::pierced;
        card.process.kind = process::Laser{};
        card.blank.thickness = 1;
        card.inscriptions[0].placing.x = 20; // half of it lies beside the blank
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].working.kind = working::Kind::sunk;
        card.inscriptions[1].working.depth = card.blank.thickness;
        card.inscriptions[1].words = "14";
        card.inscriptions[1].style.size = 12;
        card.inscriptions[1].placing.x = 100;
        card.inscriptions[1].placing.y = 2;
        card::Pipeline pipeline(samples::catalogue()), trial(samples::catalogue());
        const card::Made made = pipeline.run(std::make_shared<const card::Card>(card), {});
        QVERIFY(check::worstOf(made.checked->findings) == check::Severity::stop);
        const mend::Plan plan = mend::planFor({card, made, nowhere}, trial, samples::catalogue().get());
        QStringList left;
        for (const check::Finding& finding : plan.left)
            left << QString::fromStdString(finding.id);
        QVERIFY2(plan.left.empty(), qPrintable(left.join(", ")));
        QVERIFY(plan.steps.size() >= 2);
        const auto again = samples::made(plan.card);
        QVERIFY(check::worstOf(again.checked->findings) != check::Severity::stop);
        QCOMPARE(again.solid->dropOuts.pieces, 1);
    }

    void whatCannotBeMendedIsToldWithWhatWasTried() {
        card::Card card = narrow("\u2603", 10); // a sign that the typeface lacks
        card::Pipeline pipeline(samples::catalogue()), trial(samples::catalogue());
        const card::Made made = pipeline.run(std::make_shared<const card::Card>(card), {});
        const mend::Plan plan = mend::planFor({card, made, nowhere}, trial, samples::catalogue().get());
        QCOMPARE(plan.left.size(), size_t(1));
        QCOMPARE(plan.left.front().kind, FindingKind::characterMissing);
        QVERIFY(plan.tried.contains(plan.left.front().id));
        QVERIFY(plan.card == card);
    }

    void aPatchedTextKeepsItsForm() {
        const std::string text =
            "{\n    \"bollard\": 1,  \"unit\" : \"mm\",\n"
            "    \"ours\": [1.50, 2e1],\n"
            "    \"inscriptions\": [ {\"words\": \"a \\\"b\\\"\", \"size\": {\"value\": 3.0}} ]\n}\n";
        const auto patched = [&](const char* patch) { return card::patchedText(text, patch); };
        QCOMPARE(patched("[]"), text);
        std::string wanted = text;
        wanted.replace(wanted.find("3.0"), 3, "4.5");
        QCOMPARE(patched(R"([{"op":"replace","path":"/inscriptions/0/size/value","value":4.5}])"), wanted);
        wanted = text;
        wanted.insert(wanted.find("3.0") + 3, ", \"by\": \"width\"");
        QCOMPARE(patched(R"([{"op":"add","path":"/inscriptions/0/size/by","value":"width"}])"), wanted);
        wanted = text;
        wanted.erase(wanted.find("1.50, "), 6);
        QCOMPARE(patched(R"([{"op":"remove","path":"/ours/0"}])"), wanted);
        wanted = text;
        wanted.erase(wanted.find("\"ours\""), wanted.find("\"inscriptions\"") - wanted.find("\"ours\""));
        QCOMPARE(patched(R"([{"op":"remove","path":"/ours"}])"), wanted);
        wanted = text;
        wanted.insert(wanted.find(" ]\n}") + 2,
                      ",\n    \"new\": {\n      \"a\": [\n        1\n      ]\n    }");
        QCOMPARE(patched(R"([{"op":"add","path":"/new","value":{"a":[1]}}])"), wanted);
    }
};
QTEST_GUILESS_MAIN(MendTest)
#include "mend_test.moc"
