#include "process/filament.hpp"
#include "process/bed_fields.hpp"
#include "quantity/field.hpp"
#include "quantity/sentence.hpp"
#include <cmath>

namespace bollard::process {

double lineOf(const Filament& process) {
    return std::round(1.05e6 * process.nozzle) / 1e6; // 0.42 for 0.4, not 0.42000000000000004
}

std::vector<Rule> rulesOf(const Filament& process, const Situation& situation) {
    using working::Kind;
    const double line = lineOf(process);
    const Kind kind = situation.working;
    const bool standing = !working::cuts(kind);
    std::vector<Rule> rules;
    addWidths(rules, situation,
              {line, 2 * line,
               QT_TRANSLATE_NOOP("Rules", "Thinner than one printed line: the printer leaves it out."),
               QT_TRANSLATE_NOOP("Rules", "Less than two printed lines wide: it may print weak or ragged.")},
              {0.5 * process.nozzle, process.nozzle,
               QT_TRANSLATE_NOOP("Rules", "Narrower than half the nozzle: the molten line closes it."),
               QT_TRANSLATE_NOOP("Rules", "Narrower than the nozzle: edges may run into each other.")});
    if (kind == Kind::pierced || kind == Kind::freeStanding)
        addPair(rules, Measured::neck, "neckStop", {},
                {2 * line, 0,
                 QT_TRANSLATE_NOOP(
                     "Rules",
                     "This place alone holds two parts together, and two printed lines do not fit into it."),
                 ""});
    if (working::leavesFloor(kind)) {
        constexpr auto shows = QT_TRANSLATE_NOOP(
            "Rules", "So few layers are left under the letters that the floor shows through or tears.");
        addPair(rules, Measured::floor, "floorStop", "floorWatch",
                {2 * process.layer, 4 * process.layer, shows, shows});
    }
    if (standing) {
        addPair(rules, Measured::height, {}, "heightWatch",
                {0, 2 * process.layer, "",
                 QT_TRANSLATE_NOOP("Rules", "Less than two layers: the letters hardly stand out.")});
        rules.push_back(
            {"heightPerStroke", Measured::heightPerStroke, Severity::watch, Bound::most, 4,
             QT_TRANSLATE_NOOP(
                 "Rules", "More than %1 times as high as the thinnest stroke is wide: it may break off.")});
    }
    if (kind == Kind::raised)
        addPair(rules, Measured::bedding, {}, "beddingWatch",
                {0, process.layer, "",
                 QT_TRANSLATE_NOOP("Rules",
                                   "Letters that reach less than a layer into the blank come off easily.")});
    return rules;
}

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Filament>() {
    using process::Filament;
    static const PartFields fields = std::move(process::withBed(std::move(
        Describing<Filament>()
            .number("nozzle", &Filament::nozzle, Dimension::length, {0.05, 5})
            .about("diameter of the nozzle, mm")
            .number("layer", &Filament::layer, Dimension::length, {0.01, 5})
            .about("height of a layer, mm")
            .number("firstLayer", &Filament::firstLayer, Dimension::length, {0, 5})
            .quiet()
            .about("height of the lowest layer, mm; 0: as the others")
            .number("overhang", &Filament::overhang, Dimension::angle, {0, 90})
            .quiet()
            .about("how far walls may lean out, degrees from upright; checked where the card says how "
                   "it lies")
            .number("speed", &Filament::speed, Dimension::count, {1, 2000})
            .quiet()
            .about("of the nozzle, mm a second"))));
    return fields;
}
