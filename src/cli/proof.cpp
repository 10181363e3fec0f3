#include "proof/proof.hpp"
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

int prove(const Arguments& arguments) {
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
        std::cout << all.dump(2) << "\n";
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
    return {"proof",
            "Cut the stock with a written program and hold it against the card. Exit 1 when something is "
            "gouged or cut outside the stock, 2 when the program cannot be understood.",
            {"FILE", "card", "row", "json", "picture", "side", "force"},
            prove,
            true};
}

} // namespace bollard::cli
