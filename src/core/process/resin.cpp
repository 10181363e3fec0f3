#include "process/resin.hpp"
#include "process/bed_fields.hpp"
#include "quantity/field.hpp"
#include "quantity/sentence.hpp"

namespace bollard::process {

std::vector<Rule> rulesOf(const Resin&, const Situation& situation) {
    std::vector<Rule> rules;
    addWidths(rules, situation,
              {0.25, 0.45,
               QT_TRANSLATE_NOOP("Rules",
                                 "Thinner than resin hardens reliably: it is missing or breaks in cleaning."),
               QT_TRANSLATE_NOOP("Rules", "So thin that it bends or breaks easily in cleaning.")},
              {0.25, 0.45, QT_TRANSLATE_NOOP("Rules", "Narrower than resin drains from: it hardens shut."),
               QT_TRANSLATE_NOOP("Rules", "So narrow that resin may stay in it and harden.")});
    if (!working::cuts(situation.working)) {
        rules.push_back(
            {"heightPerStroke", Measured::heightPerStroke, Severity::watch, Bound::most, 3,
             QT_TRANSLATE_NOOP(
                 "Rules",
                 "More than %1 times as high as the thinnest stroke is wide: it may bend or break off.")});
        addWorn(rules, situation);
    }
    return rules;
}

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Resin>() {
    using process::Resin;
    static const PartFields fields = std::move(
        process::withBed(std::move(Describing<Resin>()
                                       .number("pixel", &Resin::pixel, Dimension::length, {0.005, 1})
                                       .about("how wide one pixel of the light is, mm")
                                       .number("layer", &Resin::layer, Dimension::length, {0.01, 5})
                                       .about("height of a layer, mm"))));
    return fields;
}
