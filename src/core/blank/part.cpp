#include "blank/part.hpp"
#include "plane/path_data.hpp"
#include "quantity/field.hpp"

namespace bollard::blank {

double millimetresOf(PartUnit unit) {
    switch (unit) {
    case PartUnit::mm:
        return 1;
    case PartUnit::cm:
        return 10;
    case PartUnit::m:
        return 1000;
    case PartUnit::inch:
        break;
    }
    return 25.4;
}

} // namespace bollard::blank

namespace {
namespace ranges = bollard::quantity::ranges;
}

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::FoundSide>() {
    using bollard::blank::FoundSide;
    using enum FoundSide::Kind;
    static constexpr std::array kinds{Named{none, "none"}, Named{flat, "flat"}, Named{cylinder, "cylinder"},
                                      Named{cone, "cone"}};
    const auto found = [](const FoundSide& s) { return s.kind != none; };
    const auto isRound = [](const FoundSide& s) { return s.kind == cylinder || s.kind == cone; };
    constexpr int decimals = 6;
    static const PartFields fields = std::move(
        Describing<FoundSide>()
            .choice("kind", &FoundSide::kind, kinds)
            .triple("origin", &FoundSide::origin, Dimension::length, ranges::position)
            .when(found)
            .about("flat: its lower left; round: on its axis, where it begins; mm of the part")
            .triple("facing", &FoundSide::facing, Dimension::ratio, ranges::direction)
            .when(found)
            .about("flat: which way x runs; round: which way it faces in its middle")
            .triple("up", &FoundSide::up, Dimension::ratio, ranges::direction)
            .when(found)
            .about("which way y runs; round: along its axis")
            .coded(
                "outline", [](const FoundSide& s) { return plane::pathDataOf(*s.outline, decimals); },
                [](FoundSide& s, const std::string& data) -> std::string {
                    return plane::readOnCard(data, [&](plane::Outline read) { s.outline = std::move(read); });
                })
            .when(found)
            .about("SVG path data, y up, mm from the lower left of the side, with its holes; of round ones "
                   "empty where nothing else of the part joins it")
            .usual("empty")
            .number("radius", &FoundSide::radius, Dimension::length, ranges::profile)
            .when(isRound)
            .about("round: where it begins, mm")
            .number("endRadius", &FoundSide::endRadius, Dimension::length, ranges::profile)
            .when(isRound)
            .about("round: at its other end, mm")
            .number("length", &FoundSide::length, Dimension::length, ranges::profile)
            .when(isRound)
            .about("round: along its axis, mm")
            .number("arc", &FoundSide::arc, Dimension::angle, ranges::arc)
            .when(isRound)
            .about("round: how far round it goes, degrees")
            .flag("hollow", &FoundSide::hollow)
            .when(isRound)
            .about("round: it faces its axis")
            .number("depth", &FoundSide::depth, Dimension::length, ranges::position)
            .when(found)
            .about("how thick the part is behind it, in its thinnest place, mm")
            .number("error", &FoundSide::error, Dimension::length, ranges::position)
            .when(found)
            .about("how far the part's corners lie off it at most, mm"));
    return fields;
}

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::blank::PartSide>() {
    using bollard::blank::FoundSide, bollard::blank::PartSide;
    static const PartFields fields = std::move(
        Describing<PartSide>()
            .text("name", &PartSide::name)
            .about("what inscriptions call it as their `side`")
            .triple("at", &PartSide::at, Dimension::length, ranges::position)
            .about("a place on it, [x, y, z] of the part, mm")
            .number("turn", &PartSide::turn, Dimension::angle, ranges::turn)
            .quiet()
            .about("of what is up on it, degrees, counter-clockwise; of round ones 180 turns it over")
            .part("found", &PartSide::found)
            .quiet()
            .about("what was found there; where it is not told it is looked for in the file"));
    return fields;
}
