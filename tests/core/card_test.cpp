#include "../random_cards.hpp"
#include "card/json_lines.hpp"
#include "card/ranges.hpp"
#include "card/step.hpp"
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <random>
#include <set>
#include <thread>

using namespace bollard;
using quantity::ProblemKind;

namespace {

const std::string whole = R"({
  "bollard": 1,
  "unit": "in",
  "colour of the shed": "red",
  "blank": {"kind": "plate", "width": 120, "height": 45, "thickness": 4, "corner": 6, "grain": "along",
            "holes": [{"x": 8, "y": 22.5, "diameter": 4, "thread": "M4"}]},
  "inscriptions": [{
    "words": "BERTH 14",
    "typeface": {"family": "League Spartan", "style": "Bold"},
    "size": {"by": "x-height", "value": 14}, "width": 80, "slant": -5, "weight": "0.1 mm",
    "letterSpace": 0, "wordSpace": 0, "lineSpace": 0, "align": "centre",
    "placing": {"anchor": "centre", "x": 60, "y": 22.5, "turn": 0},
    "working": {"kind": "raised", "height": 1.6, "bedding": 0.4},
    "ties": {"width": 2}
  }],
  "process": {"kind": "filament", "nozzle": 0.4, "layer": 0.2, "limits": {"raised.strokeStop": 0.5}}
}
)";

std::string with(const std::string& from, const std::string& to) {
    std::string text = whole;
    text.replace(text.find(from), from.size(), to);
    return text;
}

bool sameJson(const std::string& a, const std::string& b) {
    return QJsonDocument::fromJson(QByteArray::fromStdString(a)) ==
           QJsonDocument::fromJson(QByteArray::fromStdString(b));
}

void eachNumberIn(const QJsonValue& value, const std::function<void(const QJsonValue&)>& visit) {
    if (value.isDouble())
        visit(value);
    for (const QJsonValue& inner : value.toArray())
        eachNumberIn(inner, visit);
    const QJsonObject object = value.toObject();
    for (const QString& name : object.keys())
        eachNumberIn(object.value(name), visit);
}

} // namespace

class CardTest : public QObject {
    Q_OBJECT
  private slots:
    void aCardComesBackAsItWas() {
        const auto card = card::cardFromJson(whole);
        QVERIFY(card);
        QCOMPARE(card->unit, quantity::Unit::inch);
        QCOMPARE(card->blank.holes.size(), size_t(1));
        QCOMPARE(card->inscriptions[0].words, std::string("BERTH 14"));
        const setting::TextStyle style{setting::SizeBy::xHeight, 14, 80, -5, 0.1};
        QVERIFY(card->inscriptions[0].style == style);
        QCOMPARE(process::limitOf(card::rulesFor(*card, &card->inscriptions[0]), "strokeStop").value_or(0),
                 0.5);
        const std::string text = card::jsonOf(*card);
        const auto back = card::cardFromJson(text);
        QVERIFY(back);
        QCOMPARE(card::jsonOf(*back), text);
        QVERIFY(back->blank == card->blank && back->process == card->process);
        QVERIFY(back->inscriptions[0].style == card->inscriptions[0].style);
        QVERIFY(back->inscriptions[0].working == card->inscriptions[0].working);
    }

    void unknownFieldsAreKept() {
        card::Card card = *card::cardFromJson(whole);
        card.inscriptions.insert(card.inscriptions.begin(), card::Inscription{});
        card.blank.width = 99;
        const std::string text = card::jsonOf(card);
        for (const char* kept : {"colour of the shed", "grain", "thread", "ties"})
            QVERIFY2(text.find(kept) != std::string::npos, kept);
        QVERIFY(text.find("ties") > text.find("BERTH"));
    }

    void problemsTellLineAndField_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("kind");
        QTest::addColumn<int>("line");
        QTest::addColumn<QString>("field");
        const auto row = [](const char* name, const std::string& text, ProblemKind kind, int line,
                            const char* field) {
            QTest::newRow(name) << QString::fromStdString(text) << int(kind) << line << QString(field);
        };
        row("not json", with("\"height\": 45,", "\"height\": ,"), ProblemKind::jsonBroken, 5, "");
        row("no card", "{}", ProblemKind::fieldMissing, 1, "bollard");
        row("newer", with("\"bollard\": 1", "\"bollard\": 9"), ProblemKind::cardTooNew, 2, "");
        row("unit", with("\"in\"", "\"ell\""), ProblemKind::fieldWrong, 3, "unit");
        row("range", with("\"thickness\": 4", "\"thickness\": -4"), ProblemKind::fieldWrong, 5,
            "blank.thickness");
        row("hole", with("\"diameter\": 4", "\"diameter\": \"wide\""), ProblemKind::fieldWrong, 6,
            "blank.holes[0].diameter");
        row("size", with("\"value\": 14", "\"value\": 0"), ProblemKind::fieldWrong, 10,
            "inscriptions[0].size.value");
        row("anchor", with("\"anchor\": \"centre\"", "\"anchor\": \"middle\""), ProblemKind::fieldWrong, 12,
            "inscriptions[0].placing.anchor");
        row("words", with("\"words\": \"BERTH 14\"", "\"words\": 14"), ProblemKind::fieldWrong, 8,
            "inscriptions[0].words");
        row("no words", with("\"words\": \"BERTH 14\",", ""), ProblemKind::fieldMissing, 7,
            "inscriptions[0].words");
        row("working", with("\"raised\"", "\"floating\""), ProblemKind::fieldWrong, 13,
            "inscriptions[0].working.kind");
        row("list", with("\"inscriptions\": [{", "\"inscriptions\": 3, \"x\": [{"), ProblemKind::fieldWrong,
            7, "inscriptions");
    }
    void problemsTellLineAndField() {
        QFETCH(QString, text);
        QFETCH(int, kind);
        QFETCH(int, line);
        QFETCH(QString, field);
        const auto card = card::cardFromJson(text.toStdString());
        QVERIFY(!card);
        QCOMPARE(int(card.problem().kind), kind);
        QCOMPARE(card.problem().line, line);
        if (!field.isEmpty())
            QCOMPARE(QString::fromStdString(card.problem().subject), field);
    }

    void lengthsMayBeTextWithAUnit() {
        const auto card = card::cardFromJson(with("\"width\": 120", "\"width\": \"4 3/4 in\""));
        QVERIFY(card);
        QCOMPARE(card->blank.width, 120.65);
    }

    void brokenCardsNeverCrash() {
        std::mt19937 random(17);
        std::uniform_int_distribution<size_t> at(0, whole.size() - 1);
        const std::string signs = "{}[],:\"0-e\\ \n";
        for (int i = 0; i < 3000; ++i) {
            std::string text = whole;
            for (int k = 0; k < 3; ++k)
                text[at(random)] = signs[at(random) % signs.size()];
            const auto card = card::cardFromJson(text);
            if (!card)
                QVERIFY(card.problem().line >= 1);
        }
    }

    void samplesAreGoodCards() {
        for (const char* sample : {"berth-14", "valve-tag", "tidewater"}) {
            const auto text =
                *files::readWhole(samples::source(std::string("samples/") + sample + ".bollard"));
            QVERIFY2(card::cardFromJson(text), sample);
        }
    }

    void onlyWhatChangedIsMadeAnew() {
        card::Pipeline pipeline(samples::catalogue());
        card::Card card = samples::read("berth-14");
        const auto run = [&] { return pipeline.run(std::make_shared<const card::Card>(card), {}); };
        const auto first = run();
        QCOMPARE(pipeline.counts().settings, 2);
        const auto same = run();
        QVERIFY(same.solid == first.solid && same.checked == first.checked);
        QCOMPARE(pipeline.counts().solids, 1);
        card.inscriptions[0].working.height = 2;
        const auto higher = run();
        QCOMPARE(pipeline.counts().settings, 2);
        QCOMPARE(pipeline.counts().measures, 1); // heights change no width
        QCOMPARE(pipeline.counts().solids, 2);
        card.process.kind.as<process::Filament>().nozzle = 0.6;
        run();
        QCOMPARE(pipeline.counts().solids, 2);
        QCOMPARE(pipeline.counts().findings, 3);
        card.inscriptions[1].words = "south quay";
        run();
        QCOMPARE(pipeline.counts().settings, 3);
    }

    void theLastTwentyStatesCostNoMaking() {
        card::Pipeline pipeline(samples::catalogue());
        card::Card card = samples::read("berth-14");
        std::vector<std::pair<card::Card, card::Made>> states;
        for (int i = 0; i < 20; ++i) {
            card.inscriptions[0].words = "BERTH " + std::to_string(i);
            card.inscriptions[1].working.depth = 0.5 + 0.01 * i;
            states.emplace_back(card, pipeline.run(std::make_shared<const card::Card>(card), {}));
        }
        const auto before = pipeline.counts();
        for (auto state = states.rbegin(); state != states.rend(); ++state) { // undo, all of it
            const auto again = pipeline.run(std::make_shared<const card::Card>(state->first), {});
            QVERIFY(again.solid == state->second.solid && again.checked == state->second.checked);
            for (const card::Journal::Entry& entry : pipeline.journal().entries())
                QVERIFY(entry.remembered);
        }
        QCOMPARE(pipeline.counts().settings, before.settings);
        QCOMPARE(pipeline.counts().measures, before.measures);
        QCOMPARE(pipeline.counts().solids, before.solids);
        QCOMPARE(pipeline.counts().findings, before.findings);
    }

    void whatStepsRememberStaysBounded() {
        card::Journal journal;
        card::Step<int, int> step("square", journal);
        int made = 0;
        const auto squareOf = [&](int key, size_t weight) {
            return *step(key, weight, [&] {
                ++made;
                return std::make_shared<const int>(key * key);
            });
        };
        for (int key = 0; key < 100; ++key)
            QCOMPARE(squareOf(key, 10), key * key);
        made = 0;
        squareOf(99, 10);
        squareOf(99 - int(card::Step<int, int>::mostKept) + 1, 10);
        QCOMPARE(made, 0);
        squareOf(0, card::Step<int, int>::mostWeight); // nothing else finds room beside it
        squareOf(99, 10);
        QCOMPARE(made, 2);
    }

    void aRunCanBeStopped() {
        card::Pipeline pipeline(samples::catalogue());
        card::Card card = samples::plate({});
        card.blank.width = card.blank.height = 400;
        card.inscriptions[0].style.size = 4;
        for (int i = 0; i < 40; ++i)
            card.inscriptions[0].words += "mooring ring and float ";
        std::stop_source stop;
        const auto stopped = pipeline.run(std::make_shared<const card::Card>(card), {}, stop.get_token(),
                                          [&](const card::Made&) { stop.request_stop(); });
        QVERIFY(stopped.lettering && !stopped.solid);
        const auto whole_ = pipeline.run(std::make_shared<const card::Card>(card), {});
        QVERIFY(whole_.solid && !whole_.solid->problem && whole_.checked->complete);
        QVERIFY(body::faultsOf(whole_.solid->mesh).none());
    }

    void stagesComeInOrder() {
        card::Pipeline pipeline(samples::catalogue());
        card::Card card = samples::plate(std::string(300, 'H'));
        std::vector<int> seen;
        pipeline.run(std::make_shared<const card::Card>(card), {}, {}, [&](const card::Made& made) {
            seen.push_back((made.lettering ? 1 : 0) + (made.checked ? 1 : 0) + (made.solid ? 1 : 0));
        });
        QCOMPARE(seen, (std::vector<int>{1, 2, 3}));
    }

    void relativeFontFilesStartAtTheCard() {
        card::Card card = samples::plate("H");
        card.inscriptions[0].typeface = {{}, {}, "fonts/Quicksand-Bold.ttf", 0};
        card::Pipeline pipeline(samples::catalogue());
        const auto found = pipeline.run(std::make_shared<const card::Card>(card), BOLLARD_SOURCE);
        QVERIFY(found.lettering->problems.empty());
        const auto lost = pipeline.run(std::make_shared<const card::Card>(card), "/nowhere");
        QCOMPARE(lost.lettering->problems.size(), size_t(1));
    }

    void anUntouchedCardIsWrittenBackAsItWas() {
        const std::string bare = R"({"bollard": 1, "inscriptions": [{"words": "A", "mark": [1, {"x": 2}],
            "placing": {"x": "3/16 in"}, "baseline": {"kind": "circle", "points": []}}]})";
        for (const std::string& text :
             {bare, whole, *files::readWhole(samples::source("samples/berth-14.bollard"))}) {
            const auto card = card::cardFromJson(text);
            QVERIFY(card);
            QVERIFY(sameJson(card::jsonOf(*card), text));
        }
    }

    void onlyTheChosenKindsFieldsAreWritten() {
        card::Card card = samples::plate("A");
        card.blank.kind = blank::Kind::disc;
        card.inscriptions[0].working.kind = working::Kind::pierced;
        const std::string text = card::jsonOf(card);
        for (const char* not_ : {"\"height\"", "\"depth\"", "\"bedding\"", "\"corner\"", "\"kerning\"",
                                 "\"hidden\"", "\"ornament\"", "\"baseline\""})
            QVERIFY2(text.find(not_) == std::string::npos, not_);
        for (const char* there : {"\"diameter\"", "\"centreHole\"", "\"thickness\""})
            QVERIFY2(text.find(there) != std::string::npos, there);
        // What the file had stays, also of a kind that is not chosen any more.
        auto read = card::cardFromJson(whole);
        card::Card changed = *std::move(read);
        changed.blank.kind = blank::Kind::none;
        const std::string kept = card::jsonOf(changed);
        QVERIFY(kept.find("\"corner\": 6") != std::string::npos && kept.find("thread") != std::string::npos);
    }

    void edgesMayBeToldByARadiusAlone() {
        const std::string text = R"({"bollard": 1, "blank": {"kind": "plate", "edge": 1.5}, "inscriptions": [
            {"words": "A", "working": {"kind": "raised", "edge": {"kind": "chamfer", "size": 0.3}, "foot": 0.5}},
            {"words": "B", "working": {"kind": "sunk", "edge": {"kind": "draft", "angle": 3}}},
            {"words": "C", "working": {"kind": "carved", "angle": 90, "depth": 2}}]})";
        const auto card = card::cardFromJson(text);
        QVERIFY(card);
        using working::EdgeKind;
        QVERIFY(card->blank.edge == (blank::Edge{EdgeKind::round, 1.5, 45, 5}));
        QVERIFY(card->inscriptions[0].working.edge == (blank::Edge{EdgeKind::chamfer, 0.3, 45, 5}));
        QVERIFY(card->inscriptions[1].working.edge.kind == EdgeKind::draft);
        QCOMPARE(card->inscriptions[1].working.edge.leaning, 3.0);
        QVERIFY(card->inscriptions[2].working.kind == working::Kind::carved);
        QCOMPARE(card->inscriptions[2].working.angle, 90.0);
        QVERIFY(sameJson(card::jsonOf(*card), text)); // a number stays a number
        card::Card changed = *card;
        changed.blank.edge.kind = EdgeKind::chamfer;
        const auto back = card::cardFromJson(card::jsonOf(changed));
        QVERIFY(back && back->blank.edge == changed.blank.edge);
        const auto wrong = card::cardFromJson(R"({"bollard": 1, "blank": {"edge": -1}, "inscriptions": []})");
        QVERIFY(!wrong && wrong.problem().subject == "blank.edge");
    }

    void framesMayNameWhatTheyGoRound() {
        const auto card = card::cardFromJson(R"({"bollard": 1, "inscriptions": [
            {"words": "A"}, {"id": "quay", "words": "B"},
            {"ornament": {"kind": "frame", "around": "quay"}}]})");
        QVERIFY(card);
        QCOMPARE(card->inscriptions[2].ornament.around, std::string("quay"));
        QVERIFY(card::jsonOf(*card).find("\"around\": \"quay\"") != std::string::npos);
        // By its place: written so as long as it is there.
        auto byPlace = card::cardFromJson(R"({"bollard": 1, "inscriptions": [
            {"words": "A"}, {"words": "B"}, {"ornament": {"kind": "frame", "around": 1}}]})");
        QVERIFY(byPlace && byPlace->inscriptions[2].ornament.around == "i1");
        QVERIFY(card::jsonOf(*byPlace).find("\"around\": 1") != std::string::npos);
        card::Card moved = *byPlace;
        card::moveInscription(moved, 1, 0);
        const auto again = card::cardFromJson(card::jsonOf(moved));
        QVERIFY(again && again->inscriptions[2].ornament.around == again->inscriptions[0].id);
        QCOMPARE(again->inscriptions[0].words, std::string("B"));
        const auto wrong = card::cardFromJson(
            R"({"bollard": 1, "inscriptions": [{"ornament": {"kind": "frame", "around": "pier"}}]})");
        QVERIFY(!wrong && wrong.problem().subject == "inscriptions[0].ornament.around");
    }

    void whatNoCardCanHoldIsRefused() {
        const auto kindOf = [](const std::string& text) {
            const auto card = card::cardFromJson(text);
            return card ? ProblemKind::stopped : card.problem().kind;
        };
        QCOMPARE(kindOf(with("\"thickness\": 4", "\"thickness\": 1e400")), ProblemKind::jsonBroken);
        QCOMPARE(kindOf(with("\"height\": 1.6", "\"height\": -1e999")), ProblemKind::jsonBroken);
        for (const char* open : {"[", "{\"a\":"}) {
            std::string deep = "{\"bollard\": 1, \"x\": ";
            for (int i = 0; i < 100000; ++i)
                deep += open;
            QCOMPARE(kindOf(deep), ProblemKind::jsonBroken);
        }
        const std::string deepNumber = std::string(30000, '(') + "1" + std::string(30000, ')');
        QCOMPARE(kindOf(with("\"0.1 mm\"", "\"" + deepNumber + "\"")), ProblemKind::fieldWrong);
        for (const char* version : {"0", "-3", "18446744073709551615", "4294967297"})
            QVERIFY2(kindOf(with("\"bollard\": 1", std::string("\"bollard\": ") + version)) !=
                         ProblemKind::stopped,
                     version);
    }

    void namesStayWithWhatTheyName() {
        card::Card card;
        for (const char* words : {"A", "B", "C"}) {
            card::Inscription inscription;
            inscription.words = words;
            card::insertInscription(card, 99, inscription);
        }
        QCOMPARE(card::idsOf(card), (std::vector<std::string>{"i0", "i1", "i2"}));
        QVERIFY(card.inscriptions[1].id.empty()); // at the end nothing changes its place
        card.accepted = {
            {"gapNarrow:i1:watch", "", 0.1}, {"strokeNarrow:i2", "", 0.1}, {"pieceLoose", "", 2}};
        card::moveInscription(card, 1, 0);
        QCOMPARE(card::idsOf(card), (std::vector<std::string>{"i1", "i0", "i2"}));
        card::insertInscription(card, 0, card.inscriptions[2]); // a copy is another one
        QCOMPARE(card::idsOf(card), (std::vector<std::string>{"i3", "i1", "i0", "i2"}));
        card::removeInscription(card, 1);
        QCOMPARE(card::idsOf(card), (std::vector<std::string>{"i3", "i0", "i2"}));
        QCOMPARE(card.accepted.size(), size_t(2)); // nothing is left of what let B stand
        const auto back = card::cardFromJson(card::jsonOf(card));
        QVERIFY(back && card::idsOf(*back) == card::idsOf(card));
    }

    void noTwoIdsAreAlike() {
        const auto card = card::cardFromJson(R"({"bollard": 1, "inscriptions": [
            {"words": "A"}, {"words": "B", "id": "i0"}, {"words": "C", "id": "i3"}, {"words": "D"}]})");
        QVERIFY(card);
        const auto ids = card::idsOf(*card);
        QCOMPARE(std::set<std::string>(ids.begin(), ids.end()).size(), ids.size());
        QCOMPARE(ids[1], std::string("i0"));
        QCOMPARE(ids[2], std::string("i3"));
    }

    void everyEditedNumberCanBeSavedAndOpenedAgain() {
        // Every field of the card in turn, pushed out of its range in every way.
        samples::RandomCards cards(23);
        card::Card full = samples::fullCard();
        int fields = 0;
        const auto count = [&](auto&, const quantity::Field&) { ++fields; };
        card::eachNumber(full, count, count);
        QVERIFY(fields > 60);
        const auto asRead = card::cardFromJson(card::jsonOf(full));
        QVERIFY(asRead && card::jsonOf(*asRead) == card::jsonOf(full));
        for (int field = 0; field < fields; ++field)
            for (const double wild : {-1e9, 1e9, std::nan(""), std::numeric_limits<double>::infinity()}) {
                card::Card card = full;
                int at = 0;
                bool outside = false;
                const auto push = [&](auto& number, const quantity::Field& which) {
                    if (at++ != field)
                        return;
                    if constexpr (std::is_same_v<std::decay_t<decltype(number)>, double>)
                        number = wild;
                    else
                        number = wild > 0 ? 2000000000 : -2000000000;
                    outside = !which.range.holds(double(number));
                };
                card::eachNumber(card, push, push);
                QVERIFY(outside || std::isfinite(wild)); // of what was accepted any number may be
                card::keepWithinRanges(card);
                const auto back = card::cardFromJson(card::jsonOf(card));
                QVERIFY2(back, back ? "" : back.problem().subject.c_str());
            }
        // And a file that goes beyond any range is refused: none is left out above.
        const QJsonDocument json = QJsonDocument::fromJson(QByteArray::fromStdString(card::jsonOf(full)));
        int numbers = 0;
        eachNumberIn(json.object(), [&](const QJsonValue&) { ++numbers; });
        QVERIFY2(numbers <= fields + 8,
                 qPrintable(QString("%1 in the file, %2 ranges").arg(numbers).arg(fields)));
    }

    void exceptionsOfAnyStepBecomeAFinding() {
        card::Pipeline pipeline(samples::catalogue());
        const auto card = std::make_shared<const card::Card>(samples::plate("H"));
        int stages = 0;
        const auto made = pipeline.run(card, {}, {}, [&](const card::Made& stage) {
            if (++stages == 1)
                throw std::runtime_error("the slipway is wet");
            QVERIFY(samples::finding(stage, check::FindingKind::stepFailed));
        });
        const auto* failed = samples::finding(made, check::FindingKind::stepFailed);
        QVERIFY(failed && failed->problem.detail == "the slipway is wet" && made.lettering && made.solid);
        QVERIFY(!pipeline.run(card, {}).solid->problem); // and the next run is as good as ever
    }
};
QTEST_GUILESS_MAIN(CardTest)
#include "card_test.moc"
