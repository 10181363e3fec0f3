#include "cli/command.hpp"
#include <array>
#include <iostream>
#include <nlohmann/json.hpp>

namespace bollard::cli {
namespace {

using Json = nlohmann::ordered_json;

Json placeOf(plane::Vector at) {
    return {{"x", plane::toMillimetres(at.x)}, {"y", plane::toMillimetres(at.y)}};
}

Json boxOf(const plane::Box& box) {
    if (box.empty())
        return nullptr;
    return Json::array({plane::toMillimetres(box.low.x), plane::toMillimetres(box.low.y),
                        plane::toMillimetres(box.high.x), plane::toMillimetres(box.high.y)});
}

/// Each letter where it lies on its side.
Json letters(const card::Made& made) {
    const std::vector<std::string> ids = card::idsOf(*made.card);
    Json all = Json::array();
    for (const working::PlacedLetters& inscription : made.lettering->inscriptions) {
        Json own = Json::array();
        for (size_t i = 0; i < inscription.onSide.size(); ++i) {
            const setting::Letter& letter = inscription.setting->letters[i];
            Json one{{"text", letter.text}, {"glyph", letter.glyph}};
            one.update(placeOf(inscription.place.toSide(plane::vectorOf(letter.at))));
            one["box"] = boxOf(plane::boxOf(inscription.onSide[i]));
            own.push_back(std::move(one));
        }
        all.push_back({{"inscription", ids[size_t(inscription.inscription)]},
                       {"side", inscription.side},
                       {"working", working::nameOf(inscription.working.kind)},
                       {"letters", std::move(own)}});
    }
    return all;
}

/// Every width that was measured.
Json measures(const card::Made& made) {
    const std::vector<std::string> ids = card::idsOf(*made.card);
    constexpr std::array kinds{"stroke", "counter", "opening", "bridge", "gap", "edge", "neck"};
    Json all = Json::array();
    made.checked->measures->readings.forEach([&](const check::Reading& reading) {
        const auto& inscription = made.lettering->inscriptions[size_t(reading.inscription)];
        Json one{{"kind", kinds[size_t(reading.kind)]},
                 {"width", reading.width},
                 {"length", reading.length},
                 {"inscription", ids[size_t(inscription.inscription)]},
                 {"letter", inscription.setting->letters[size_t(reading.letter)].text}};
        one.update(placeOf(reading.at));
        all.push_back(std::move(one));
    });
    return all;
}

/// What stands over each cell of each panel's plan, from the lowest and highest of its points.
Json material(const card::Made& made) {
    Json all = Json::array();
    const auto parts = made.solid->parts();
    for (const body::PanelColumns& part : parts) {
        const working::Columns& columns = part.columns;
        std::vector<double> areas(columns.material.size());
        std::vector<std::vector<std::array<std::int32_t, 4>>> heights(columns.material.size());
        for (const plane::Triangle& triangle : columns.plan.triangles) {
            const auto cell = size_t(triangle.cell);
            const auto at = [&](size_t k) { return columns.plan.points[size_t(triangle.corners[k])]; };
            areas[cell] += double(plane::turn(at(0), at(1), at(2))) / 2;
            heights[cell].resize(columns.material[cell].size(),
                                 {working::farUp, working::farDown, working::farUp, working::farDown});
            for (size_t i = 0; i < columns.material[cell].size(); ++i)
                for (const int corner : triangle.corners) {
                    auto& [lowLeast, lowMost, highLeast, highMost] = heights[cell][i];
                    const std::int32_t low = columns.low(columns.material[cell][i], corner);
                    const std::int32_t high = columns.high(columns.material[cell][i], corner);
                    lowLeast = std::min(lowLeast, low);
                    lowMost = std::max(lowMost, low);
                    highLeast = std::min(highLeast, high);
                    highMost = std::max(highMost, high);
                }
        }
        if (!part.tile)
            all.push_back({{"front", part.panel.front}, {"back", part.panel.back}, {"cells", Json::array()}});
        Json& cells = (part.tile ? all.front() : all.back())["cells"];
        for (size_t cell = 0; cell < columns.material.size(); ++cell) {
            if (columns.material[cell].empty() || areas[cell] <= 0)
                continue;
            Json intervals = Json::array();
            for (size_t i = 0; i < columns.material[cell].size(); ++i) {
                const auto& [lowLeast, lowMost, highLeast, highMost] = heights[cell][i];
                const auto range = [](std::int32_t least, std::int32_t most) {
                    return least <= working::farDown ? Json()
                           : least == most
                               ? Json(plane::toMillimetres(least))
                               : Json::array({plane::toMillimetres(least), plane::toMillimetres(most)});
                };
                const bool letters = columns.material[cell][i].substance == working::Substance::letters;
                intervals.push_back({{"from", range(lowLeast, lowMost)},
                                     {"to", range(highLeast, highMost)},
                                     {"of", letters ? "letters" : "blank"}});
            }
            cells.push_back({{"area", areas[cell] / (plane::unitsPerMillimetre * plane::unitsPerMillimetre)},
                             {"material", std::move(intervals)}});
        }
    }
    return all;
}

int dump(const Arguments& arguments) {
    const Run run(arguments);
    if (run.code != done)
        return run.code;
    if (arguments.step == "material" && run.made.solid->problem)
        return complain(*run.made.solid->problem, arguments.card, stopFinding);
    const Json json = arguments.step == "letters"    ? letters(run.made)
                      : arguments.step == "measures" ? measures(run.made)
                      : arguments.step == "material" ? material(run.made)
                                                     : findingsJson(run)["findings"];
    std::cout << json.dump(2) << "\n";
    return done;
}

} // namespace

Command dumpCommand() {
    return {"dump",
            "Show what a step of the making gave, as JSON. mm; `material` gives heights above the front "
            "side, two where "
            "they slope.",
            {"CARD", "row", "step", "trace"},
            dump};
}

} // namespace bollard::cli
