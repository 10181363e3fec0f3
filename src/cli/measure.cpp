#include "body/faults.hpp"
#include "card/solid.hpp"
#include "cli/command.hpp"
#include <iostream>
#include <nlohmann/json.hpp>

namespace bollard::cli {
namespace {

using Json = nlohmann::ordered_json;

Json smallest(const check::Measures& measures, check::ReadingKind kind) {
    const check::Reading* reading = check::narrowest(measures, kind);
    return {{"smallest", reading ? Json(reading->width) : Json()}};
}

/// The narrowest place that alone holds two parts together.
Json neckOf(const card::Made& made) {
    Json neck{{"smallest", nullptr}, {"x", nullptr}, {"y", nullptr}};
    const auto note = [&](double width, plane::Vector at) {
        if (neck["smallest"].is_null() || width < neck["smallest"].get<double>())
            neck = {
                {"smallest", width}, {"x", plane::toMillimetres(at.x)}, {"y", plane::toMillimetres(at.y)}};
    };
    // Between pierced letters, their parts and the edge, whatever is narrowest holds what is on both sides of
    // it.
    using Kind = check::ReadingKind;
    for (const check::Reading& reading : made.checked->measures->extremes) {
        const auto& letters = made.lettering->inscriptions[size_t(reading.inscription)];
        const bool land =
            reading.kind == Kind::bridge || reading.kind == Kind::gap || reading.kind == Kind::edge;
        if (reading.kind == Kind::neck || (land && letters.working.kind == working::Kind::pierced))
            note(reading.width, reading.at);
    }
    return neck;
}

/// Each side that words can lie on: how large it is, how far round, and what lies there.
Json sidesOf(const card::Made& made) {
    Json sides = Json::array();
    const blank::Blank& blank = made.card->blank;
    const double square = plane::unitsPerMillimetre * plane::unitsPerMillimetre;
    for (const std::string_view name : blank::sidesOf(blank)) {
        const plane::Vector size = blank::sizeOf(blank, name);
        const double turn = blank::turnOf(blank, name);
        plane::Box box;
        double area = 0;
        int letters = 0;
        for (const working::PlacedLetters& placed : made.lettering->inscriptions)
            for (const plane::Region& letter : placed.onSide)
                if (placed.side == name && !letter.empty()) {
                    box.include(plane::boxOf(letter));
                    area += plane::areaOf(letter);
                    ++letters;
                }
        const auto narrowestOn = [&](check::ReadingKind kind) {
            Json least;
            for (const check::Reading& reading : made.checked->measures->extremes)
                if (reading.kind == kind &&
                    made.lettering->inscriptions[size_t(reading.inscription)].side == name &&
                    (least.is_null() || reading.width < least.get<double>()))
                    least = reading.width;
            return Json{{"smallest", least}};
        };
        const auto extent = [&](std::int32_t low, std::int32_t high) {
            return box.empty() ? 0.0 : plane::toMillimetres(double(high) - low);
        };
        sides.push_back({{"side", name},
                         {"width", size.x},
                         {"height", size.y},
                         {"turn", turn > 0 ? Json(turn) : Json()},
                         {"behind", blank::depthBehind(blank, name)},
                         {"letters",
                          {{"count", letters},
                           {"width", extent(box.low.x, box.high.x)},
                           {"height", extent(box.low.y, box.high.y)},
                           {"area", area / square}}},
                         {"stroke", narrowestOn(check::ReadingKind::stroke)},
                         {"gap", narrowestOn(check::ReadingKind::gap)}});
    }
    return sides;
}

int measure(const Arguments& arguments) {
    const Run run(arguments);
    if (run.code != done)
        return run.code;
    const card::Solid& solid = *run.made.solid;
    if (solid.problem)
        return complain(*solid.problem, arguments.card, stopFinding);
    Json loose = Json::array();
    for (const check::DropOut& dropOut : solid.dropOuts.loose) {
        const auto& letters = run.made.lettering->inscriptions[size_t(dropOut.inscription)];
        const setting::Letter& letter = letters.setting->letters[size_t(dropOut.letter)];
        loose.push_back({{"kind", dropOut.kind == check::DropOut::Kind::counter ? "counter" : "letter"},
                         {"text", letter.text},
                         {"inscription", letters.inscription},
                         {"index", letter.index}});
    }
    plane::Box box;
    double area = 0;
    for (const working::Worked& worked : working::workedOf(run.made.lettering->inscriptions)) {
        box.include(plane::boxOf(worked.region));
        area += plane::areaOf(worked.region);
    }
    const auto extent = [&](std::int32_t low, std::int32_t high) {
        return box.empty() ? 0.0 : plane::toMillimetres(double(high) - low);
    };
    const check::Measures& measures = *run.made.checked->measures;
    const double mass = card::massOf(run.made); // g
    std::cout << Json{{"pieces", solid.dropOuts.pieces},
                      {"loose", loose},
                      {"stroke", smallest(measures, check::ReadingKind::stroke)},
                      {"gap", smallest(measures, check::ReadingKind::gap)},
                      {"counter", smallest(measures, check::ReadingKind::counter)},
                      {"neck", neckOf(run.made)},
                      {"letters",
                       {{"width", extent(box.low.x, box.high.x)},
                        {"height", extent(box.low.y, box.high.y)},
                        {"area", area / (plane::unitsPerMillimetre * plane::unitsPerMillimetre)}}},
                      {"sides", sidesOf(run.made)},
                      {"mass", mass > 0 ? Json(mass) : Json()},
                      {"body",
                       {{"volume", body::volumeOf(solid.mesh)},
                        {"triangles", solid.mesh.triangles.size()},
                        {"vertices", solid.mesh.vertices.size()},
                        {"closed", !solid.mesh.empty() && body::faultsOf(solid.mesh).none()}}}}
                     .dump(2)
              << "\n";
    return done;
}

} // namespace

Command measureCommand() {
    return {"measure",
            "Tell pieces, widths and the solid's numbers as JSON, which is how it always answers.",
            {"CARD", "row", "json", "trace"},
            measure};
}

} // namespace bollard::cli
