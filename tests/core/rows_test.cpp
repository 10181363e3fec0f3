#include "../sample_cards.hpp"
#include "files/csv.hpp"
#include "setting/rows.hpp"
#include <random>

using namespace bollard;
using check::FindingKind;

namespace {

setting::Rows berths() {
    return {{"berth", "quay"}, {{"1", "north"}, {"2", "south"}, {"3"}}, {"no", 7, 5, 3}};
}
std::string filled(const std::string& words, int row) {
    return setting::filled(words, berths(), row).words;
}

} // namespace

class RowsTest : public QObject {
    Q_OBJECT
  private slots:
    void fieldsAndNumbersAreFilledIn() {
        QCOMPARE(filled("BERTH {berth}\n{quay} {no}", 0), std::string("BERTH 1\nnorth 007"));
        QCOMPARE(filled("{berth}{berth} {no}", 1), std::string("22 012"));
        QCOMPARE(filled("{berth} {quay}.", 2), std::string("3 .")); // a short row ends empty
        QCOMPARE(setting::filled("{no}", {{}, {}, {"no", 9, 1, 1}}, 0).words, std::string("9"));
    }

    void everyLetterKnowsWhereItComesFrom() {
        const auto made = setting::filled("Ä{quay}}} {no}", berths(), 0); // Änorth} 007
        QCOMPARE(made.words, std::string("Änorth} 007"));
        const std::vector<setting::Origin> expected{{0, 0}, {1, 0}, {1, 1},  {1, 2},  {1, 3}, {1, 4},
                                                    {7, 0}, {9, 0}, {10, 0}, {10, 1}, {10, 2}};
        QVERIFY(made.origins == expected);
        QVERIFY(setting::filled("", berths(), 0).origins.empty());
    }

    void nudgesStayWithTheirLettersFromRowToRow() {
        card::Card card = samples::plate("No {no} {quay}");
        card.rows = setting::Rows{{"quay"}, {{"north"}, {"south"}}, {"no", 9, 1, 1}};
        setting::Nudge quay, second;
        quay.letter = 8; // the first letter of the quay
        quay.y = 2;
        second.letter = 3; // the second figure of the number, where it has one
        second.within = 1;
        second.x = 1;
        card.inscriptions[0].nudges = {second, quay};
        const auto lifted = [&](int row) {
            card.row = row;
            std::string found;
            for (const setting::Nudge& nudge : card::nudgesAsMade(card, card.inscriptions[0]))
                found += std::to_string(nudge.letter) + " ";
            return found;
        };
        QCOMPARE(lifted(0), std::string("5 "));   // No 9 north
        QCOMPARE(lifted(1), std::string("4 6 ")); // No 10 south
        const auto again = card::cardFromJson(card::jsonOf(card));
        QVERIFY(again && again->inscriptions[0].nudges == card.inscriptions[0].nudges);
    }

    void doubledBracesAreBracesAndOthersStay() {
        QCOMPARE(filled("{{berth}} {{{berth}}}", 0), std::string("{berth} {1}"));
        for (const char* words : {"", "{", "}", "a{b", "a}b", "{a\nb}", "{ {"})
            QCOMPARE(filled(words, 0), std::string(words));
        QVERIFY(setting::hasFields("{{") && !setting::hasFields("a{b"));
        QVERIFY(setting::hasFields("{berth}"));
        const auto unknown = setting::filled("{tide} {berth}", berths(), 0);
        QCOMPARE(unknown.words, std::string("{tide} 1"));
        QCOMPARE(unknown.unknown, std::vector<std::string>{"tide"});
    }

    void anyBytesAreFilledWithoutHarm() {
        std::mt19937 random(77);
        const std::string signs = "{}{}ab\n \xC3\xA9";
        for (int i = 0; i < 2000; ++i) {
            std::string words;
            for (auto n = random() % 12; n > 0; --n)
                words += signs[random() % signs.size()];
            const std::string once = filled(words, int(random() % 3));
            QVERIFY(once.size() <= words.size() + 12 * 5);
        }
    }

    void theCardMakesTheRowItIsAskedFor() {
        card::Card card = samples::plate("B {berth}");
        card.rows = berths();
        card::Pipeline pipeline(samples::catalogue());
        for (const int row : {0, 1, 2}) {
            card.row = row;
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
            QCOMPARE(made.lettering->inscriptions[0].setting->letters.back().text, std::to_string(row + 1));
            QVERIFY(!samples::finding(made, FindingKind::fieldUnknown));
        }
        card.inscriptions[0].words = "B {tide}";
        const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
        const auto* unknown = samples::finding(made, FindingKind::fieldUnknown);
        QVERIFY(unknown && unknown->severity == check::Severity::stop && unknown->subject == "tide");
    }

    void rowsComeBackFromTheCardFile() {
        card::Card card = samples::plate("{berth}");
        card.rows = berths();
        const auto back = card::cardFromJson(card::jsonOf(card));
        QVERIFY(back && back->rows == card.rows);
        QVERIFY(card::jsonOf(samples::plate("x")).find("rows") == std::string::npos);
        const auto wrong = card::cardFromJson(R"({"bollard": 1, "rows": {"fields": ["a"],
            "values": [["1"], [2]]}})");
        QVERIFY(!wrong);
        QCOMPARE(wrong.problem().subject, std::string("rows.values[1]"));
        QCOMPARE(wrong.problem().line, 2);
    }

    void tablesInTheCodePageOfSpreadsheetsAreReadToo() {
        const auto table = files::tableFromCsv("name;price\nGr\xF8nholm;3 \x80\n\x93quay\x94;\n");
        QVERIFY(table);
        QCOMPARE((*table)[1][0], std::string("Grønholm"));
        QCOMPARE((*table)[1][1], std::string("3 €"));
        QCOMPARE((*table)[2][0], std::string("“quay”"));
        QCOMPARE((*files::tableFromCsv("Grønholm\n"))[0][0], std::string("Grønholm")); // UTF-8 stays
        card::Card card = samples::plate("{name}");
        card.rows = setting::Rows{{"name"}, {{"\xF8"}}, {}}; // from wherever: a card can always be written
        QVERIFY(card::cardFromJson(card::jsonOf(card)));
    }

    void tablesAreReadAsTheyAreWritten() {
        const auto table =
            files::tableFromCsv("\xEF\xBB\xBFname;note\r\nGull;\"a; \"\"b\"\"\nc\"\r\n\r\nTern;\r\n");
        QVERIFY(table);
        QCOMPARE(*table, (files::Table{{"name", "note"}, {"Gull", "a; \"b\"\nc"}, {"Tern", ""}}));
        QCOMPARE(*files::tableFromCsv("a,b"), (files::Table{{"a", "b"}}));
        QVERIFY(files::tableFromCsv("")->empty());
        const auto open = files::tableFromCsv("a,b\n1,\"two\n3,4\n");
        QVERIFY(!open);
        QCOMPARE(open.problem().line, 2);
    }
};
QTEST_APPLESS_MAIN(RowsTest)
#include "rows_test.moc"
