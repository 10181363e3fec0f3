#include "process/milling.hpp"
#include "quantity/field.hpp"
#include "quantity/sentence.hpp"

namespace bollard::process {

std::vector<Rule> rulesOf(const Milling& process, const Situation& situation) {
    std::vector<Rule> rules;
    const double d = process.diameter;
    addWidths(
        rules, situation,
        {0, 0.5 * d, "",
         QT_TRANSLATE_NOOP("Rules", "Less than half the cutter wide: it may break away under the cutter.")},
        {d, 1.15 * d, QT_TRANSLATE_NOOP("Rules", "Narrower than the cutter: it does not fit in."),
         QT_TRANSLATE_NOOP("Rules", "Hardly wider than the cutter, which rubs on both sides at once.")});
    addThrough(rules, situation);
    rules.push_back(
        {"insideCorner", Measured::insideCorner, Severity::note, Bound::least, d / 2,
         QT_TRANSLATE_NOOP("Rules", "The cutter is round: this much is left in corners, at its radius.")});
    return rules;
}

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Milling>() {
    using process::Milling;
    static const PartFields fields =
        std::move(Describing<Milling>()
                      .number("diameter", &Milling::diameter, Dimension::length, {0.05, 100})
                      .about("diameter of the cutter, mm"));
    return fields;
}
