#include "proof/proof.hpp"
#include "card/printing.hpp"
#include "card/solid.hpp"
#include "cli/command.hpp"
#include "drawing/proof_picture.hpp"
#include <filesystem>
#include <iostream>
#include <nlohmann/json.hpp>

namespace bollard::cli {
namespace {

using Json = nlohmann::ordered_json;

Json extentJson(const proof::Extent& extent) {
    return {
        {"largest", extent.largest}, {"area", extent.area}, {"at", Json::array({extent.at.x, extent.at.y})}};
}

Json placeJson(const proof::LayerPlace& place) {
    return {{"x", place.at.x}, {"y", place.at.y}, {"width", place.width}, {"area", place.area}};
}

Json placesJson(const std::vector<proof::LayerPlace>& places) {
    double area = 0;
    Json all = Json::array();
    for (const proof::LayerPlace& place : places) {
        area += place.area;
        all.push_back(placeJson(place));
    }
    return {{"area", area}, {"places", std::move(all)}};
}

/// The layers of a print of the card.
int provePrint(Arguments arguments) {
    arguments.card = arguments.program;
    const Run run(arguments);
    if (run.code != done)
        return run.code;
    if (!card::layersOf(run.made.card->process)) {
        std::cerr << arguments.card << ", process: nothing is printed by "
                  << run.made.card->process.kind.name() << "; it has to be filament or resin\n";
        return unreadable;
    }
    if (run.made.solid->problem)
        return complain(*run.made.solid->problem, arguments.card, stopFinding);
    const proof::PrintProof proof = card::printProofOf(run.made);
    const double seconds = card::secondsOf(proof, run.made.card->process);
    const double volume = body::volumeOf(run.made.solid->mesh);
    if (arguments.json) {
        Json layers = Json::array();
        for (size_t i = 0; i < proof.layers.size(); ++i) {
            const proof::Layer& layer = proof.layers[i];
            layers.push_back({{"layer", i + 1},
                              {"low", layer.low},
                              {"high", layer.high},
                              {"area", layer.area},
                              {"lines", layer.lines},
                              {"letters", layer.letters},
                              {"between", layer.between},
                              {"showsBoth", layer.showsBoth},
                              {"lost", placesJson(layer.lost)},
                              {"air", placesJson(layer.air)},
                              {"steep", placesJson(layer.steep)}});
        }
        Json changes = Json::array();
        for (const proof::ColourChange& change : proof.changes)
            changes.push_back({{"above", change.above}, {"to", change.toLetters ? "letters" : "blank"}});
        const Json all{{"layers", std::move(layers)},
                       {"colour", {{"oneNozzle", proof.oneNozzle}, {"changes", std::move(changes)}}},
                       {"largestLost", proof.largestLost.area > 0 ? placeJson(proof.largestLost) : Json()},
                       {"volume", volume},
                       {"mass", card::massOf(run.made)},
                       {"lines", proof.lines},
                       {"roughTime", seconds}};
        std::cout << all.dump() << "\n";
    } else {
        const auto number = [](double value) { return quantity::roundedText(value, 2); };
        for (size_t i = 0; i < proof.layers.size(); ++i) {
            const proof::Layer& layer = proof.layers[i];
            std::cout << "layer " << i + 1 << ", up to " << number(layer.high)
                      << " mm: " << number(layer.area) << " mm², lines " << number(layer.lines) << " mm";
            if (!layer.lost.empty())
                std::cout << ", lost " << number(layer.lostArea()) << " mm² in " << layer.lost.size()
                          << " places";
            if (!layer.air.empty())
                std::cout << ", begins in the air in " << layer.air.size() << " places";
            std::cout << "\n";
        }
        if (proof.largestLost.area > 0)
            std::cout << "largest lost " << number(proof.largestLost.area) << " mm², "
                      << number(proof.largestLost.width) << " mm wide, at " << number(proof.largestLost.at.x)
                      << ", " << number(proof.largestLost.at.y) << "\n";
        for (const proof::ColourChange& change : proof.changes)
            std::cout << "with one nozzle change to the " << (change.toLetters ? "letters'" : "blank's")
                      << " colour above " << number(change.above) << " mm\n";
        if (!proof.oneNozzle)
            std::cout << "layers show both colours: two nozzles\n";
        constexpr double aMinute = 60;
        std::cout << "volume " << number(volume) << " mm³, roughly " << number(seconds / aMinute)
                  << " minutes\n";
    }
    return proof.stands ? done : stopFinding;
}

int prove(const Arguments& arguments) {
    if (arguments.print)
        return provePrint(arguments);
    if (arguments.card.empty()) {
        std::cerr << "--card is required: the card that the program is meant to make\n";
        return unreadable;
    }
    const auto program = files::readWhole(arguments.program);
    if (!program)
        return complain(program.problem(), "", unreadable);
    std::error_code unknown;
    if (!arguments.picture.empty() && !arguments.force && std::filesystem::exists(arguments.picture, unknown))
        return complain({quantity::ProblemKind::fileExists, arguments.picture}, "", notWritten);
    const Run run(arguments);
    if (run.code != done)
        return run.code;
    const auto cuttings = card::cuttingsOf(run.made);
    const bool back =
        arguments.side.empty() ? !cuttings->front.cuts() && cuttings->back.cuts() : arguments.side == "back";
    const cut::Cutting& cutting = back ? cuttings->back : cuttings->front;
    const proof::Proof proof = proof::proofOf(*program, cutting);
    Json errors = Json::array();
    for (const proof::LineError& error : proof.program.errors) {
        errors.push_back({{"line", error.line}, {"what", error.what}});
        std::cerr << arguments.program << ", line " << error.line << ": " << error.what << "\n";
    }
    const auto point = [](const space::Vertex& v) { return Json::array({v.x, v.y, v.z}); };
    const Json all{{"gouge", extentJson(proof.gouge)},
                   {"left", extentJson(proof.left)},
                   {"unreachable", extentJson(proof.unreachable)},
                   {"time", proof.seconds},
                   {"cutLength", proof.cutLength},
                   {"rapidLength", proof.rapidLength},
                   {"bounds", {{"low", point(proof.low)}, {"high", point(proof.high)}}},
                   {"rapidsBelowClearance", proof.rapidsBelowClearance},
                   {"outsideStock", proof.outsideStock},
                   {"errors", errors}};
    if (arguments.json) {
        std::cout << all.dump() << "\n";
    } else {
        const auto mm = [](double value) { return quantity::roundedText(value, 3); };
        std::cout << "gouged " << mm(proof.gouge.largest) << " mm, " << mm(proof.gouge.area) << " mm²\n"
                  << "left " << mm(proof.left.largest) << " mm, " << mm(proof.left.area) << " mm²\n"
                  << "out of reach " << mm(proof.unreachable.largest) << " mm, " << mm(proof.unreachable.area)
                  << " mm²\n"
                  << "time " << mm(proof.seconds) << " s, cut " << mm(proof.cutLength) << " mm, air "
                  << mm(proof.rapidLength) << " mm\n";
        if (proof.outsideStock > 0)
            std::cout << proof.outsideStock << " cuts outside the stock\n";
        if (proof.rapidsBelowClearance > 0)
            std::cout << proof.rapidsBelowClearance << " moves through the air below the clearance\n";
    }
    if (!arguments.picture.empty()) {
        const auto bytes = drawing::proofPicture(proof, cutting);
        const auto written = bytes ? files::writeWhole(arguments.picture, *bytes, ifThere(arguments))
                                   : quantity::Result<quantity::Done>(bytes.problem());
        if (!written)
            return complain(written.problem(), "", notWritten);
    }
    if (!proof.program.errors.empty())
        return unreadable;
    return proof.isSound() ? done : stopFinding;
}

} // namespace

Command proofCommand() {
    return {
        "proof",
        "Cut the stock with a written program and hold it against the card; or with --print lay a card's "
        "print out layer by layer. Exit 1 when something is gouged or cut outside the stock, or begins in "
        "the air, 2 when the program cannot be understood.",
        {"FILE", "card", "row", "json", "picture", "side", "force"},
        prove,
        true};
}

} // namespace bollard::cli
