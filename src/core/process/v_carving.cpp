#include "process/v_carving.hpp"
#include "quantity/field.hpp"
#include "quantity/sentence.hpp"

namespace bollard::process {

std::vector<Rule> rulesOf(const VCarving& process, const Situation& situation) {
    std::vector<Rule> rules;
    addWidths(rules, situation,
              {0, 0.3, "", QT_TRANSLATE_NOOP("Rules", "So thin a land between two cuts may chip out.")},
              {process.tip, 0,
               QT_TRANSLATE_NOOP("Rules", "Narrower than the bit's tip: nothing is cut here."), ""});
    addThrough(rules, situation);
    return rules;
}

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::VCarving>() {
    using process::VCarving;
    static const PartFields fields =
        std::move(Describing<VCarving>()
                      .number("angle", &VCarving::angle, Dimension::angle, {5, 170})
                      .about("between the flanks of the bit, degrees")
                      .number("tip", &VCarving::tip, Dimension::length, {0, 10})
                      .about("how wide the point is, mm"));
    return fields;
}
