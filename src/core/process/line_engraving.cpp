#include "process/line_engraving.hpp"
#include "quantity/field.hpp"
#include "quantity/sentence.hpp"

namespace bollard::process {

std::vector<Rule> rulesOf(const LineEngraving& process, const Situation& situation) {
    std::vector<Rule> rules;
    addWidths(rules, situation,
              {0, process.tip, "",
               QT_TRANSLATE_NOOP("Rules", "Lines closer than a cut is wide run into each other.")},
              {});
    addThrough(rules, situation);
    return rules;
}

} // namespace bollard::process

template<>
const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::LineEngraving>() {
    using process::LineEngraving;
    static const PartFields fields =
        std::move(Describing<LineEngraving>()
                      .number("tip", &LineEngraving::tip, Dimension::length, {0, 10})
                      .about("how wide the point is, mm"));
    return fields;
}
