// How a print lies, and its layers before it is printed.
#include "../sample_cards.hpp"
#include "body/faults.hpp"
#include "body/overhangs.hpp"
#include "card/card_json.hpp"
#include "card/output.hpp"
#include "card/printing.hpp"

using namespace bollard;
using check::FindingKind;

namespace {

bool has(const card::Made& made, FindingKind kind) {
    return std::ranges::count(made.checked->findings, kind, &check::Finding::kind) > 0;
}

card::Card blockOf(const std::string& side, working::Kind kind = working::Kind::raised) {
    card::Card card = samples::plate("I", kind);
    card.blank.kind = blank::Kind::block;
    card.blank.width = 60;
    card.blank.height = 40;
    card.blank.thickness = 25;
    card::Inscription& words = card.inscriptions[0];
    words.side = side;
    words.style.size = 10;
    const plane::Vector size = blank::sizeOf(card.blank, side);
    words.placing.x = size.x / 2;
    words.placing.y = size.y / 2;
    return card;
}

double layersOf(const proof::PrintProof& proof, double (*of)(const proof::Layer&)) {
    double sum = 0;
    for (const proof::Layer& layer : proof.layers)
        sum += of(layer) * (layer.high - layer.low);
    return sum;
}

} // namespace

class LayersTest : public QObject {
    Q_OBJECT
  private slots:
    void aPartLiesOnTheSideThatItIsToldTo_data() {
        QTest::addColumn<QString>("on");
        QTest::addColumn<double>("x");
        QTest::addColumn<double>("y");
        QTest::addColumn<double>("z");
        // The letter, raised by 1.6, stands on the front.
        QTest::newRow("back") << "back" << 60.0 << 40.0 << 26.6;
        QTest::newRow("front") << "front" << 60.0 << 40.0 << 26.6;
        QTest::newRow("left") << "left" << 26.6 << 40.0 << 60.0;
        QTest::newRow("right") << "right" << 26.6 << 40.0 << 60.0;
        QTest::newRow("top") << "top" << 60.0 << 26.6 << 40.0;
        QTest::newRow("start") << "start" << 60.0 << 26.6 << 40.0;
    }
    void aPartLiesOnTheSideThatItIsToldTo() {
        QFETCH(QString, on);
        QFETCH(double, x);
        QFETCH(double, y);
        QFETCH(double, z);
        card::Card card = blockOf("front");
        card.lying.on = on.toStdString();
        for (const double turn : {0.0, 90.0}) {
            card.lying.turn = turn;
            const auto made = samples::made(card);
            const auto pose = card::poseOf(card.lying, *made.solid->panels, made.solid->mesh);
            QVERIFY(pose.has_value());
            const body::Mesh lying = card::posed(made.solid->mesh, *pose);
            const body::Extent extent = body::extentOf(lying);
            QVERIFY(std::fabs(extent.low.x) + std::fabs(extent.low.y) + std::fabs(extent.low.z) < 1e-9);
            QVERIFY(std::fabs(extent.high.x - (turn == 0 ? x : y)) < 1e-9);
            QVERIFY(std::fabs(extent.high.y - (turn == 0 ? y : x)) < 1e-9);
            QVERIFY(std::fabs(extent.high.z - z) < 1e-9);
            QVERIFY(std::fabs(body::volumeOf(lying) - body::volumeOf(made.solid->mesh)) < 1e-6);
            // Its front lies down only when it lies on its front: then nothing but the letter touches the
            // bed.
            double lettersAt = 0;
            const body::Mesh letters = card::posed(made.solid->bodyOf(body::Selection::letters), *pose);
            lettersAt = body::extentOf(letters).low.z;
            QVERIFY((lettersAt < 1e-9) == (on == "front"));
            // The file lies so.
            const auto file = card::outputOf(made, *card::formatOf("a.stl"), "a.stl");
            QVERIFY(bool(file));
            float highest = -1e9f, lowest = 1e9f;
            const std::string& bytes = file->front().bytes;
            for (size_t at = 84; at + 50 <= bytes.size(); at += 50)
                for (size_t k = 0; k < 3; ++k) {
                    float coordinates[3];
                    std::memcpy(coordinates, bytes.data() + at + 12 + 12 * k, sizeof coordinates);
                    highest = std::max(highest, coordinates[2]);
                    lowest = std::min(lowest, coordinates[2]);
                }
            QCOMPARE(lowest, 0.f);
            QVERIFY(std::fabs(highest - z) < 1e-4);
        }
    }

    void withoutALyingPositionFilesKeepTheCardsCoordinates() {
        const auto made = samples::made(blockOf("front"));
        QVERIFY(!card::poseOf({}, *made.solid->panels, made.solid->mesh));
        card::Card card = blockOf("front");
        QVERIFY(card::jsonOf(card).find("lying") == std::string::npos);
        card.lying.on = "front";
        QVERIFY(card::jsonOf(card).find("\"lying\": \"front\"") != std::string::npos);
        const auto back = card::cardFromJson(card::jsonOf(card));
        QVERIFY(bool(back) && back->lying == card.lying);
        card.lying.turn = 30;
        const auto turned = card::cardFromJson(card::jsonOf(card));
        QVERIFY(bool(turned) && turned->lying == card.lying);
        QVERIFY(!card::cardFromJson(R"({"bollard": 1, "lying": "roof"})"));
    }

    void aSideThatTheBlankLacksIsTold() {
        card::Card card = samples::plate("A");
        card.lying.on = "outside";
        const auto made = samples::made(card);
        QVERIFY(has(made, FindingKind::sideMissing));
        QVERIFY(!card::poseOf(card.lying, *made.solid->panels, made.solid->mesh));
        card.blank.kind = blank::Kind::bar;
        const auto bar = samples::made(card);
        QVERIFY(!has(bar, FindingKind::sideMissing));
        // On the line that faces the front
        const auto pose = card::poseOf(card.lying, *bar.solid->panels, bar.solid->mesh);
        QVERIFY(pose && std::fabs(pose->turned({0, 0, 1}).z + 1) < 1e-9);
    }

    void layersHoldTheVolume() {
        for (const auto kind : {working::Kind::raised, working::Kind::sunk, working::Kind::pierced}) {
            card::Card card = samples::plate("BO8", kind);
            card.process.kind.as<process::Filament>().layer = 0.2;
            const auto made = samples::made(card);
            const proof::PrintProof proof = card::printProofOf(made);
            const double top = kind == working::Kind::raised ? 5.6 : 4;
            QCOMPARE(proof.layers.size(), size_t(std::lround(top / 0.2)));
            const double printed = layersOf(proof, [](const proof::Layer& layer) { return layer.area; });
            const double whole = body::volumeOf(made.solid->mesh);
            QVERIFY2(std::fabs(printed / whole - 1) < 1e-4, qPrintable(QString::number(printed / whole)));
            QVERIFY(proof.stands);
            QVERIFY(proof.largestLost.width < 0.1); // at most the tip where the bowls of the B meet
            // Lines lie side by side: as long as what they fill divided by their width, but for corners.
            QVERIFY(std::fabs(layersOf(proof, [](const proof::Layer& l) { return l.lines * 0.42; }) / whole -
                              1) < 0.05);
        }
    }

    void theFirstLayerMayDiffer() {
        card::Card card = samples::plate("");
        card.process.kind.as<process::Filament>().firstLayer = 0.3;
        const proof::PrintProof proof = card::printProofOf(samples::made(card));
        QCOMPARE(proof.layers[0].high, 0.3);
        QCOMPARE(proof.layers[1].high, 0.5);
        QCOMPARE(proof.layers.size(),
                 size_t(19)); // 0.3 and 18 of 0.2 come to 3.9; a middle at 4.0 is on the top
    }

    void strokesThinnerThanALineAreLost() {
        card::Card card = samples::plate("I", working::Kind::raised);
        card.inscriptions[0].style.size = 14;
        const auto stroke = [&](double nozzle) {
            card.process.kind.as<process::Filament>().nozzle = nozzle;
            return card::printProofOf(samples::made(card));
        };
        const auto made = samples::made(card);
        const plane::Box box = plane::boxOf(made.lettering->inscriptions[0].onSide[0]);
        const double width = plane::toMillimetres(double(box.high.x) - box.low.x),
                     height = plane::toMillimetres(double(box.high.y) - box.low.y);
        QVERIFY(stroke(width / 1.05 - 0.02).largestLost.area == 0);
        const proof::PrintProof lost = stroke(width / 1.05 + 0.05);
        QVERIFY(std::fabs(lost.largestLost.area / (width * height) - 1) < 0.01);
        QVERIFY(std::fabs(lost.largestLost.width / width - 1) < 0.2);
        const plane::Vector middle =
            0.5 / plane::unitsPerMillimetre * (plane::vectorOf(box.low) + plane::vectorOf(box.high));
        QVERIFY(plane::length(lost.largestLost.at - middle) < 0.01);
        for (const proof::Layer& layer : lost.layers) // in the layers of the letter, not of the plate
            QCOMPARE(layer.lost.empty(), layer.high < 4.1);
    }

    void whatBeginsInTheAirIsTold() {
        // Lying on its front a raised letter is on the bed, and the block round it begins in the air.
        card::Card card = blockOf("front");
        for (const char* on : {"back", "front"}) {
            card.lying.on = on;
            const auto made = samples::made(card);
            const bool upside = std::string(on) == "front";
            QCOMPARE(has(made, FindingKind::overhangSteep), upside);
            const proof::PrintProof proof = card::printProofOf(made);
            QCOMPARE(std::ranges::any_of(proof.layers, [](const auto& l) { return !l.steep.empty(); }),
                     upside);
            QVERIFY(proof.stands);
        }
        // A lower letter beside it begins in the air.
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].placing.x += 15;
        card.inscriptions[1].working.height = 0.8;
        const auto made = samples::made(card);
        const auto air =
            std::ranges::find(made.checked->findings, FindingKind::beginsInAir, &check::Finding::kind);
        QVERIFY(air != made.checked->findings.end());
        QCOMPARE(air->count, 1);
        const proof::PrintProof proof = card::printProofOf(made);
        QVERIFY(!proof.stands);
        for (const proof::Layer& layer : proof.layers) // 1.6 less 0.8 above the bed
            QCOMPARE(layer.air.size(), size_t(std::fabs(layer.low - 0.8) < 1e-9 ? 1 : 0));
        // Standing upright its letters hang out, but nothing begins in the air.
        card.lying.on = "bottom";
        const auto standing = samples::made(card);
        QVERIFY(has(standing, FindingKind::overhangSteep));
        QVERIFY(!has(standing, FindingKind::beginsInAir));
        card::Card sunk = blockOf("front", working::Kind::sunk);
        sunk.lying.on = "back";
        QVERIFY(!has(samples::made(sunk), FindingKind::beginsInAir));
        QVERIFY(!has(samples::made(sunk), FindingKind::overhangSteep));
    }

    void overhangsAreMeasuredByTheirAngle() {
        card::Card cone;
        cone.blank.kind = blank::Kind::cone;
        cone.blank.diameter = 20;
        cone.blank.topDiameter = 60;
        cone.blank.length = 20; // leans out by 45 degrees
        const auto made = samples::made(cone);
        const auto pose = card::poseOf({"start", 0}, *made.solid->panels, made.solid->mesh);
        const body::Mesh lying = card::posed(made.solid->mesh, *pose);
        QVERIFY(body::overhangsOf(lying, 46).steep == 0);
        const double side = M_PI * (10 + 30) * std::hypot(20, 20);
        QVERIFY(std::fabs(body::overhangsOf(lying, 44).steep / side - 1) < 0.01);
        QVERIFY(body::overhangsOf(lying, 44).inTheAir.empty());
    }

    void twoMaterialsHaveAWallBetweenThem() {
        card::Card card = samples::plate("I", working::Kind::inlaid);
        card.inscriptions[0].working.depth = 0.8;
        const auto made = samples::made(card);
        const proof::PrintProof proof = card::printProofOf(made);
        const plane::Box box = plane::boxOf(made.lettering->inscriptions[0].onSide[0]);
        const double width = plane::toMillimetres(double(box.high.x) - box.low.x),
                     height = plane::toMillimetres(double(box.high.y) - box.low.y);
        card.inscriptions[0].working.kind = working::Kind::raised;
        for (const proof::Layer& layer : card::printProofOf(samples::made(card)).layers)
            if (layer.low > 4) // where there are letters only
                QVERIFY(layer.letters > 0 && layer.between < 1e-3);
        for (const proof::Layer& layer : proof.layers) {
            const bool inlaid = layer.low > 3.1; // 4 less 0.8
            QVERIFY(std::fabs(layer.letters - (inlaid ? width * height : 0)) < 1e-3 * width * height);
            QVERIFY(std::fabs(layer.between - (inlaid ? 2 * (width + height) : 0)) < 0.02);
        }
    }

    void oneNozzleChangesItsColourBetweenLayers() {
        using Changes = std::vector<proof::ColourChange>;
        card::Card card = samples::plate("BUOY 7");
        card.blank.thickness = 2;
        working::Working& working = card.inscriptions[0].working;
        working.height = 0.8;
        working.bedding = 0.4;
        // Raised letters reach into the plate, where they are not seen.
        const auto up = card::printProofOf(samples::made(card));
        QVERIFY(up.oneNozzle);
        QCOMPARE(up.changes, (Changes{{2, true}}));
        QVERIFY(std::ranges::any_of(up.layers, [](const proof::Layer& layer) {
            return layer.letters > 0 && layer.letters < layer.area && !layer.showsBoth;
        }));
        // On their tops they come first.
        card.lying.on = "front";
        const auto down = card::printProofOf(samples::made(card));
        QVERIFY(down.oneNozzle);
        QCOMPARE(down.changes, (Changes{{0.8, false}}));
        // Flush ones share their layers with the plate.
        working.kind = working::Kind::inlaid;
        working.depth = 0.6;
        for (const char* on : {"front", "back"}) {
            card.lying.on = on;
            const auto flush = card::printProofOf(samples::made(card));
            QVERIFY(!flush.oneNozzle);
            QVERIFY(flush.changes.empty());
            QCOMPARE(std::ranges::count(flush.layers, true, &proof::Layer::showsBoth), 1); // at the face
        }
        // One material does for what is only sunk.
        working.kind = working::Kind::sunk;
        const auto sunk = card::printProofOf(samples::made(card));
        QVERIFY(sunk.oneNozzle && sunk.changes.empty());
    }

    void nothingToMakeIsNotToldToLieWrong() {
        card::Card card = samples::plate("");
        card.blank.kind = blank::Kind::none;
        card.lying.on = "front";
        QVERIFY(!has(samples::made(card), FindingKind::sideMissing));
    }

    void aPartLargerThanTheBedIsTold() {
        card::Card card = blockOf("front");
        auto& filament = card.process.kind.as<process::Filament>();
        filament.bedWidth = 50;
        filament.bedDepth = 70;
        QVERIFY(has(samples::made(card), FindingKind::beyondBed)); // 60 wide
        card.lying = {"back", 90};
        QVERIFY(!has(samples::made(card), FindingKind::beyondBed));
        filament.bedHeight = 20;
        QVERIFY(has(samples::made(card), FindingKind::beyondBed)); // 26.6 high
        // Resin has a bed too.
        card.process.kind = process::Resin{};
        QVERIFY(!has(samples::made(card), FindingKind::beyondBed));
        card.process.kind.as<process::Resin>().bedHeight = 20;
        QVERIFY(has(samples::made(card), FindingKind::beyondBed));
    }

    void heightsThatAreNoWholeLayersAreTold() {
        card::Card card = blockOf("front");
        card.inscriptions[0].working.height = 0.7;
        QVERIFY(!has(samples::made(card), FindingKind::layersUneven)); // it is not said how it lies
        card.lying.on = "back";
        QVERIFY(has(samples::made(card), FindingKind::layersUneven));
        card.inscriptions[0].working.height = 0.8;
        QVERIFY(!has(samples::made(card), FindingKind::layersUneven));
        card.inscriptions[0].working.height = 0.7;
        card.lying.on = "bottom"; // then it is not in layers
        QVERIFY(!has(samples::made(card), FindingKind::layersUneven));
    }

    void lettersThatLoseALayerAreTold() {
        card::Card card = blockOf("front");
        card.lying.on = "back";
        const auto& filament = card.process.kind.as<process::Filament>();
        const auto missing = [&]() -> std::optional<check::Finding> {
            const card::Made made = samples::made(card);
            for (const check::Finding& finding : made.checked->findings)
                if (finding.kind == FindingKind::layerMissing)
                    return finding;
            return std::nullopt;
        };
        QVERIFY(!missing());
        // No layer has its middle in letters of less than half a layer.
        card.inscriptions[0].working.height = 0.45 * filament.layer;
        const auto none = missing();
        QVERIFY(none && none->severity == check::Severity::stop && none->count == 0);
        QCOMPARE(none->limit, filament.layer);
        card.inscriptions[0].working.height = none->limit;
        QVERIFY(!missing());
        // Face down a thick first layer takes all that is sunk by less than half of it.
        card.lying.on = "front";
        card.inscriptions[0].working.kind = working::Kind::sunk;
        card.process.kind.as<process::Filament>().firstLayer = 3 * filament.layer;
        card.inscriptions[0].working.depth = 2 * filament.layer;
        const auto one = missing();
        QVERIFY(one && one->severity == check::Severity::watch && one->count == 1);
        card.inscriptions[0].working.depth = one->limit;
        QVERIFY(!missing());
    }

    void aPrintLiesOnAFaceThatIsPointedAt() {
        card::Card card = blockOf("front");
        const card::Made made = samples::made(card);
        const body::Extent extent = body::extentOf(made.solid->mesh);
        const space::Vertex middle = 0.5 * (extent.low + extent.high);
        // What a name says is called so.
        QCOMPARE(card::lyingOnFaceAt({extent.low.x, middle.y, middle.z}, made.solid->mesh).on,
                 std::string("left"));
        QCOMPARE(card::lyingOnFaceAt({middle.x, middle.y, extent.low.z}, made.solid->mesh).on,
                 std::string("back"));
        // A facet of a bar of six leans; it comes to lie level on the bed.
        card.inscriptions.clear();
        card.blank.kind = blank::Kind::faceted;
        card.blank.facets = 6;
        card.blank.across = 30;
        card.blank.bore = 10;
        card.blank.length = 40;
        const card::Made six = samples::made(card);
        const double a = M_PI / 3;
        const space::Vertex facet{15 * std::sin(a), 20, 15 * std::cos(a)};
        card.lying = card::lyingOnFaceAt(facet, six.solid->mesh);
        QCOMPARE(card.lying.on, std::string("face"));
        const auto pose = card::poseOf(card.lying, *six.solid->panels, six.solid->mesh);
        QVERIFY(bool(pose));
        QVERIFY2(std::fabs(pose->at(facet).z) < 1e-3, qPrintable(QString::number(pose->at(facet).z)));
        const auto read = card::cardFromJson(card::jsonOf(card));
        QVERIFY(read && read->lying == card.lying);
        QVERIFY(!has(samples::made(*read), FindingKind::sideMissing));
    }
};

QTEST_GUILESS_MAIN(LayersTest)
#include "layers_test.moc"
