#include "../sample_cards.hpp"
#include "card/json_lines.hpp"
#include <random>
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
        QCOMPARE(check::limitOf(card->process, working::Kind::raised, check::Limit::strokeStop), 0.5);
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
        card.process.nozzle = 0.6;
        run();
        QCOMPARE(pipeline.counts().solids, 2);
        QCOMPARE(pipeline.counts().findings, 3);
        card.inscriptions[1].words = "south quay";
        run();
        QCOMPARE(pipeline.counts().settings, 3);
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
};
QTEST_GUILESS_MAIN(CardTest)
#include "card_test.moc"
