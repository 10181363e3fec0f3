#include "process/torch.hpp"
#include "quantity/field.hpp"
#include "quantity/sentence.hpp"
#include <algorithm>

namespace bollard::process {

std::vector<Rule> rulesOf(const Torch& process, const Situation& situation) {
    const double k = process.kerf, t = situation.thickness;
    const double land = std::max(1.5 * k, 0.8 * t), opening = std::max(k, t);
    std::vector<Rule> rules;
    const Pair stays{land, 2 * land, QT_TRANSLATE_NOOP("Rules", "So little beside the flame melts away."),
                     QT_TRANSLATE_NOOP("Rules", "So little beside the flame may warp or be washed out.")};
    addWidths(rules, situation, stays,
              {opening, 1.5 * opening,
               QT_TRANSLATE_NOOP("Rules", "Narrower than the plate is thick, or than the cut: it closes up."),
               QT_TRANSLATE_NOOP("Rules", "So narrow for this plate that its sides come out ragged.")});
    addPair(rules, Measured::neck, "neckStop", "neckWatch", stays);
    if (situation.working == working::Kind::pierced || situation.working == working::Kind::freeStanding) {
        rules.push_back({"thicknessStop", Measured::thickness, Severity::stop, Bound::most, process.thickest,
                         QT_TRANSLATE_NOOP(
                             "Rules", "The torch does not come out at the other side of so thick a plate.")});
        rules.push_back(
            {"thicknessWatch", Measured::thickness, Severity::watch, Bound::least, process.thinnest,
             QT_TRANSLATE_NOOP("Rules", "So thin a plate burns away and warps under the torch.")});
    }
    return rules;
}

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Torch>() {
    using process::Torch;
    static const PartFields fields =
        std::move(Describing<Torch>()
                      .number("kerf", &Torch::kerf, Dimension::length, {0, 20})
                      .about("how wide the cut is, mm")
                      .number("thinnest", &Torch::thinnest, Dimension::length, {0, 1000})
                      .about("the thinnest plate it cuts well, mm")
                      .number("thickest", &Torch::thickest, Dimension::length, {0, 1000})
                      .about("the thickest plate it cuts through, mm"));
    return fields;
}
