// Machines, tools and dialects: what ships, what a person adds, and what cards take of them.
#include "../cut_cards.hpp"
#include <QTemporaryDir>

using namespace bollard;
using cut::OperationKind, cut::Shop;
using samples::cutCard;

class ShopTest : public QObject {
    Q_OBJECT
  private slots:
    void whatShipsIsWrittenAndReadBack() {
        const Shop& shop = cut::shippedShop();
        QCOMPARE(shop.machines.size(), size_t(2));
        QVERIFY(shop.rack.size() >= 10 && shop.dialects.size() >= 2);
        const auto read = card::shopFromJson(card::jsonOf(shop));
        QVERIFY(bool(read));
        QVERIFY(*read == shop);
    }

    void onesOwnStandInThePlaceOfThoseOfTheirName() {
        QTemporaryDir folder;
        const std::string file = folder.filePath("shop.json").toStdString();
        QVERIFY(*card::shopAtHand(file) == cut::shippedShop()); // there is none yet
        const auto put = [&](const std::string& text) {
            return bool(files::writeWhole(file, text, files::IfThere::replace));
        };
        QVERIFY(put(R"({"shop": 1,
  "rack": [{"tool": {"kind": "flat", "name": "Flat 3", "diameter": 3, "flute": 30, "flutes": 3},
            "feeds": [{"material": "", "feed": 100, "plunge": 50, "speed": 10000},
                      {"material": "oak", "chip": 0.02, "plunge": 50, "speed": 10000, "pass": 0.7}]},
           {"tool": {"kind": "flat", "name": "Long 2", "diameter": 2, "flute": 25}, "feeds": []}],
  "machines": [{"name": "Shed mill", "travel": [200, 100, 50]}],
  "dialects": [{"name": "shed", "ending": "ngc", "lineNumbers": true, "footer": "M5\nM2"}]})"));
        const auto shop = card::shopAtHand(file);
        QVERIFY(bool(shop));
        QCOMPARE(shop->rack.size(), cut::shippedShop().rack.size() + 1);
        QCOMPARE(shop->tool("Flat 3")->tool.flute, 30.0);
        QVERIFY(shop->machine("Shed mill") && shop->machine("Quay router"));
        cut::Operation operation;
        operation.kind = OperationKind::cutOut;
        operation.tool.name = "Flat 3";
        const cut::Operation oak = shop->resolved(operation, "oak");
        QCOMPARE(oak.feed, 0.02 * 3 * 10000); // by the chip
        QCOMPARE(oak.pass, 0.7);
        QCOMPARE(shop->resolved(operation, "brass").feed, 100.0);
        // A tool of one's own, and a dialect of one's own, on a card
        card::Card card = cutCard("OAK", working::Kind::sunk, OperationKind::pocket);
        card.inscriptions[0].style.size = 40;
        card.operations[0].tool = {};
        card.operations[0].tool.name = "Long 2";
        card.machine.dialect = "shed";
        card::Pipeline pipeline(samples::catalogue());
        const auto asked = std::make_shared<const card::Card>(card);
        QVERIFY(samples::finding(pipeline.run(asked, {}), check::FindingKind::dialectUnknown));
        pipeline.useShop(std::make_shared<const Shop>(*shop));
        const card::Made made = pipeline.run(asked, {});
        QVERIFY(!samples::finding(made, check::FindingKind::dialectUnknown));
        QCOMPARE(made.cuttings->front.paths[0].job.operation.tool.flute, 25.0);
        const std::string bytes = samples::bytesOf(made, "nc");
        QVERIFY(bytes.starts_with("N10 ") && bytes.ends_with("M2\n"));
    }

    void aWrongFileIsToldByItsLineAndPath() {
        const auto wrong =
            card::shopFromJson("{\"shop\": 1,\n \"rack\": [{\"tool\": {\"kind\": \"spoon\"}}]}");
        QVERIFY(!wrong);
        QCOMPARE(wrong.problem().subject, std::string("rack[0].tool.kind"));
        QCOMPARE(wrong.problem().line, 2);
        QVERIFY(!card::shopFromJson("{}") && !card::shopFromJson("[1"));
    }

    void theSpindleTheTorchAndTheLastZeroAreHeldAgainstTheCard() {
        card::Card card = cutCard("HELM", working::Kind::carved, OperationKind::carve);
        card.machine = *cut::shippedShop().machine("Quay router");
        card.operations[0].speed = 30000;
        using enum check::FindingKind;
        const auto* fast = samples::finding(samples::made(card), speedBeyond);
        QVERIFY(fast && fast->severity == process::Severity::watch);
        card.operations[0].speed = 3000;
        QVERIFY(samples::finding(samples::made(card), speedBeyond));
        card.operations[0].speed = 12000;
        QVERIFY(!samples::finding(samples::made(card), speedBeyond));
        QVERIFY(!samples::finding(samples::made(card), machineLacks));
        card.machine = *cut::shippedShop().machine("Slip torch table");
        QVERIFY(samples::finding(samples::made(card), machineLacks));
        card.machine = {}; // of which nothing is known
        QVERIFY(!samples::finding(samples::made(card), machineLacks));
        Shop shop = cut::shippedShop();
        shop.keep(cut::LastJob{std::string(card.process.kind.name()), card.zero});
        card::Pipeline pipeline(samples::catalogue());
        pipeline.useShop(std::make_shared<const Shop>(shop));
        QVERIFY(!samples::finding(pipeline.run(std::make_shared<const card::Card>(card), {}), zeroMoved));
        card.zero.place.at = cut::ZeroAt::centre;
        const card::Made moved = pipeline.run(std::make_shared<const card::Card>(card), {});
        const auto* const note = samples::finding(moved, zeroMoved);
        QVERIFY(note && note->severity == process::Severity::note);
    }
};

QTEST_GUILESS_MAIN(ShopTest)
#include "shop_test.moc"
