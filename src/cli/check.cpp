#include "cli/command.hpp"
#include "wording/wording.hpp"
#include <array>
#include <iostream>
#include <nlohmann/json.hpp>

namespace bollard::cli {
namespace {

using Json = nlohmann::ordered_json;

/// Each tried: with it the finding is gone.
Json mendsOf(const check::Finding& finding, const Run& run, card::Pipeline& trial) {
    Json mends = Json::array();
    for (const mend::Offer& offer :
         mend::offersFor({run.card, run.made, run.folder}, finding, trial, run.faces.get()))
        mends.push_back({{"what", wording::sentenceOf(offer).toStdString()},
                         {"patch", Json::parse(mend::patchOf(run.text, offer.card))},
                         {"clears", offer.clears}});
    return mends;
}

Json jsonOf(const check::Finding& finding, const Run& run, card::Pipeline& trial) {
    const card::Card& card = *run.made.card;
    const wording::FindingText text = wording::textOf(finding, card);
    constexpr std::array names{"note", "watch", "stop"};
    Json json{{"id", finding.id},
              {"kind", check::nameOf(finding.kind)},
              {"severity", names[size_t(finding.severity)]},
              {"what", text.title.toStdString()},
              {"where", text.where.toStdString()},
              {"measured", finding.measured},
              {"limit", finding.limit},
              {"count", finding.count},
              {"reason", text.why.toStdString()},
              {"inscription", finding.inscription >= 0 ? Json(finding.inscription) : Json()},
              {"accepted", finding.accepted},
              {"mends", mendsOf(finding, run, trial)}};
    json["places"] = Json::array();
    for (const check::FindingPlace& place : finding.places)
        json["places"].push_back(
            place.onPart ? Json{{"x", place.onPart->x}, {"y", place.onPart->y}, {"z", place.onPart->z}}
                         : Json{{"text", place.text},
                                {"x", plane::toMillimetres(place.at.x)},
                                {"y", plane::toMillimetres(place.at.y)},
                                {"width", place.width}});
    return json;
}

} // namespace

nlohmann::ordered_json findingsJson(const Run& run) {
    Json list = Json::array();
    card::Pipeline trial(run.faces);
    for (const check::Finding& finding : run.made.checked->findings)
        list.push_back(jsonOf(finding, run, trial));
    return {{"verdict", wording::verdictOf(run.made).toStdString()}, {"findings", list}};
}

namespace {

int checkCard(const Arguments& arguments) {
    const Run run(arguments);
    if (!run.made.checked)
        return run.code;
    const auto& findings = run.made.checked->findings;
    if (arguments.json) {
        std::cout << findingsJson(run).dump() << "\n";
    } else {
        std::cout << wording::verdictOf(run.made).toStdString() << "\n";
        for (const check::Finding& finding : findings)
            std::cout << wording::lineOf(finding, *run.made.card).toStdString() << "\n";
    }
    if (run.code != done)
        return run.code;
    return !arguments.accept && check::worstOf(findings) == check::Severity::stop ? stopFinding : done;
}

} // namespace

Command checkCommand() {
    return {"check",
            "Tell the findings. Exit 0: nothing stops; 1: a stop finding; 2: cannot be read.",
            {"CARD", "row", "json", "accept", "trace"},
            checkCard};
}

} // namespace bollard::cli
