// What is changed of a card for one of its rows alone.
#include "../sample_cards.hpp"
#include "card/own_row.hpp"

using namespace bollard;

namespace {

card::Card tags() {
    card::Card card = samples::read("crew-tags");
    card.row = 4;
    return card;
}

} // namespace

class OwnRowTest : public QObject {
    Q_OBJECT

  private slots:
    void aChangeIsOfItsRowAlone() {
        const card::Card card = tags();
        card::Card smaller = card;
        smaller.inscriptions[0].style.size = 6;
        smaller.blank.corner = 2;
        const card::Card own = card::withOwnRow(card, smaller);
        QVERIFY(own.inscriptions == card.inscriptions && own.blank == card.blank);
        QCOMPARE(own.rows->own.size(), size_t(1));
        for (const int row : {3, 4, 5}) {
            card::Card at = own;
            at.row = row;
            const auto made = card::cardOfRow(std::make_shared<const card::Card>(at));
            QCOMPARE(made->inscriptions[0].style.size, row == 4 ? 6.0 : 8.0);
            QCOMPARE(made->blank.corner, row == 4 ? 2.0 : 6.0);
            QCOMPARE(made->row, row);
        }
        // What is changed for all later reaches it too, but for what it has of its own.
        card::Card later = own;
        later.inscriptions[0].style.size = 9;
        later.inscriptions[1].style.size = 3;
        const auto made = card::cardOfRow(std::make_shared<const card::Card>(later));
        QCOMPARE(made->inscriptions[0].style.size, 6.0);
        QCOMPARE(made->inscriptions[1].style.size, 3.0);
        // Back to what the others are: nothing of its own is left.
        QVERIFY(card::withOwnRow(card, card).rows->own.empty());
    }

    void itIsMadeSoAndSavedSo() {
        card::Card card = tags();
        card::Card smaller = card;
        smaller.inscriptions[0].style.size = 6;
        card = card::withOwnRow(card, smaller);
        const std::string text = card::jsonOf(card);
        const auto read = card::cardFromJson(text);
        QVERIFY2(bool(read), read ? "" : read.problem().subject.c_str());
        QVERIFY(read->rows->own == card.rows->own);
        QCOMPARE(card::jsonOf(*read), text);
        const auto heightOf = [&](int row) {
            card::Card one = *read;
            one.row = row;
            const card::Made made = samples::made(one);
            plane::Box box;
            for (const plane::Region& letter : made.lettering->inscriptions[0].onSide)
                box.include(plane::boxOf(letter));
            return plane::toMillimetres(box.high.y - box.low.y);
        };
        QVERIFY2(heightOf(4) < 0.8 * heightOf(0),
                 qPrintable(QString("%1 %2").arg(heightOf(4)).arg(heightOf(0))));
    }

    void aChangeForAllIsNoCopyOfTheRowsOwn() {
        card::Card card = tags();
        card::Card smaller = card;
        smaller.inscriptions[0].style.size = 6;
        card = card::withOwnRow(card, smaller);
        const card::Card before = *card::cardOfRow(std::make_shared<const card::Card>(card));
        card::Card after = before;
        after.blank.thickness = 6;
        const card::Card all = card::withForAll(card, before, after);
        QCOMPARE(all.blank.thickness, 6.0);
        QCOMPARE(all.inscriptions[0].style.size, 8.0);
        QVERIFY(all.rows->own == card.rows->own);
    }

    void aChangeThatFindsItsPlaceNoMoreIsLeftOut() {
        card::Card card = tags();
        card::Card changed = card;
        changed.inscriptions[1].style.size = 3;
        changed.blank.corner = 2;
        card = card::withOwnRow(card, changed);
        card.inscriptions.pop_back();
        const auto made = card::cardOfRow(std::make_shared<const card::Card>(card));
        QCOMPARE(made->inscriptions.size(), size_t(1));
        QCOMPARE(made->blank.corner, 2.0);
    }

    void rowsTakeTheirChangesAlong() {
        setting::Rows rows;
        rows.fields = {"name"};
        rows.values = {{"a"}, {"b"}, {"c"}, {"d"}};
        rows.own = {{1, "[1]"}, {3, "[3]"}};
        card::removeRow(rows, 0);
        QVERIFY((rows.own == std::map<int, std::string>{{0, "[1]"}, {2, "[3]"}}));
        card::removeRow(rows, 0);
        QVERIFY((rows.own == std::map<int, std::string>{{1, "[3]"}}));
        QCOMPARE(rows.values.size(), size_t(2));
    }

    void wrongChangesAreToldByTheirPlace() {
        const auto problem = [](const char* own) {
            const auto read = card::cardFromJson(
                std::string(R"({"bollard": 1, "rows": {"fields": ["a"], "values": [["x"]], )") +
                "\"own\": " + own + "}}");
            return read ? std::string() : read.problem().subject;
        };
        QCOMPARE(problem(R"({"1": [{"op": "replace", "path": "/blank/width", "value": 3}]})"), std::string());
        QCOMPARE(problem("[]"), std::string("rows.own"));
        QCOMPARE(problem(R"({"0": []})"), std::string("rows.own.0"));
        QCOMPARE(problem(R"({"x": []})"), std::string("rows.own.x"));
        QCOMPARE(problem(R"({"1": [{"op": "replace"}]})"), std::string("rows.own.1"));
        QCOMPARE(problem(R"({"1": "all"})"), std::string("rows.own.1"));
    }
};

QTEST_APPLESS_MAIN(OwnRowTest)
#include "own_row_test.moc"
