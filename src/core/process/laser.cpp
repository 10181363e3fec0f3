#include "process/laser.hpp"
#include "quantity/field.hpp"
#include "quantity/sentence.hpp"
#include <algorithm>

namespace bollard::process {

std::vector<Rule> rulesOf(const Laser& process, const Situation& situation) {
    const double k = process.kerf, t = situation.thickness;
    std::vector<Rule> rules;
    const Pair stays{std::max(2 * k, 0.5 * t), t,
                     QT_TRANSLATE_NOOP("Rules", "So narrow beside the beam that it burns away or breaks."),
                     QT_TRANSLATE_NOOP("Rules", "Narrower than the sheet is thick: it breaks easily.")};
    addWidths(rules, situation, stays,
              {k, 2 * k, QT_TRANSLATE_NOOP("Rules", "Narrower than the beam cuts."),
               QT_TRANSLATE_NOOP("Rules", "Hardly wider than the cut: corners come out round.")});
    addPair(rules, Measured::neck, "neckStop", "neckWatch", stays);
    return rules;
}

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Laser>() {
    using process::Laser;
    static const PartFields fields = std::move(Describing<Laser>()
                                                   .number("kerf", &Laser::kerf, Dimension::length, {0, 20})
                                                   .about("how wide the cut is, mm"));
    return fields;
}
